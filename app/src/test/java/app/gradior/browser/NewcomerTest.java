package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Page;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The first ten minutes of somebody who has never been here. */
@ExtendWith(RunningApplication.class)
class NewcomerTest {
    private static Page frontPage(int width, int height) {
        Page page = Browsers.page(width, height, RunningApplication.address());
        page.navigate("/");
        return page;
    }

    @Test
    void anAnswerTakesTwoBlanksAndIsInTheAddress() {
        Page page = frontPage(390, 844);
        String before = page.locator("#minutes").textContent();
        page.waitForResponse(r -> r.url().contains("amount=2"), () -> page.fill("#amount", "2 l"));
        page.waitForResponse(r -> r.url().contains("pan=28"), () -> page.fill("#pan", "28 cm"));
        assertThat(page.locator("#minutes")).not().hasText(before);
        String minutes = page.locator("#minutes").textContent();
        page.reload();
        assertThat(page.locator("#minutes")).hasText(minutes);
        assertThat(page.locator("#amount")).hasValue("2 l");
        Kitchens.assertNoSeriousFaults(page);
        Kitchens.assertFitsAcross(page);
    }

    @Test
    void anAnswerThatDoesNotComeIsSaidAndNothingTypedIsLost() {
        Page page = frontPage(1280, 800);
        page.route("**/quick?**", com.microsoft.playwright.Route::abort);
        page.fill("#amount", "3 l");
        assertThat(page.locator("#answers-place [role=alert]")).containsText("The server does not answer");
        assertThat(page.locator("#amount")).hasValue("3 l");
        page.unroute("**/quick?**");
        page.fill("#amount", "2 l");
        assertThat(page.locator("#minutes")).isVisible();
    }

    @Test
    void theBlanksAreFilledByKeysAloneAndAnotherPanIsOnePressAway() {
        Page page = frontPage(1280, 800);
        page.focus("#amount");
        page.keyboard().press("Control+a");
        page.waitForResponse(r -> r.url().contains("800"), () -> page.keyboard().type("800 ml"));
        page.keyboard().press("Enter");
        assertThat(page).hasURL(java.util.regex.Pattern.compile(".*amount=800\\+ml.*"));
        assertThat(page.locator("#answers-place:not([aria-busy])")).hasCount(1);
        page.waitForResponse(
                r -> r.url().contains("pan=28"),
                () -> page.locator("a[data-ask]").first().press("Enter"));
        assertThat(page.locator("#pan")).hasValue("28 cm");
        page.locator("h1").first().evaluate("document.activeElement.blur()");
        page.keyboard().press("3");
        assertThat(page.locator("#needs")).containsText("Too thick");
        Kitchens.assertNoSeriousFaults(page);
    }

    @Test
    void signUpLeadsToAStarterSauceOnTheHeat() {
        Page page = frontPage(1280, 800);
        page.click("text=Create an account");
        page.fill("#kitchen", "A new kitchen");
        page.fill("#name", "newcomer-" + UUID.randomUUID());
        page.fill("#password", "three long words");
        page.locator(".pot-ticks label").nth(2).locator("input").check();
        Kitchens.assertNoSeriousFaults(page);
        Kitchens.button(page, "Create account").click();
        page.waitForURL("**/sauces/starters");
        Kitchens.assertNoSeriousFaults(page);
        page.locator("[aria-label='Plan Weeknight tomato sauce']").click();
        page.waitForURL("**/plan");
        assertThat(page.locator("#pot option:checked")).hasText("Sauté pan, 24 cm");
        assertThat(page.locator(".learnt")).containsText("typical, not measured");
        Kitchens.button(page, "Put it on and start").click();
        page.waitForURL("**/cooks/*");
        assertThat(page.locator(".cook-head")).containsText("size not measured");
    }

    @Test
    void whoChoosesAPasswordCanSeeItAndIsToldHowHardItIsToGuess() {
        Page page = frontPage(390, 844);
        page.navigate("/signup");
        page.fill("#kitchen", "Rosewood");
        page.fill("#name", "Robin");
        page.fill("#password", "rosewood12");
        assertThat(page.locator(".strength")).containsText("little more than your name or your kitchen's");
        page.fill("#password", "beetle copper umbrella ninth");
        assertThat(page.locator(".strength")).containsText("Very hard to guess.");
        assertThat(page.locator(".strength .full")).hasCount(4);
        page.locator(".show-password").click();
        assertThat(page.locator("#password")).hasAttribute("type", "text");
        Kitchens.assertNoSeriousFaults(page);
        Kitchens.assertFitsAcross(page);
        page.locator(".show-password").click();
        assertThat(page.locator("#password")).hasAttribute("type", "password");
        page.fill("#password", "");
        assertThat(page.locator(".strength")).isEmpty();
    }

    @Test
    void aKitchenIsOpenedAndASauceAddedByKeysAlone() {
        Page page = frontPage(1280, 800);
        page.locator("a[href='/signup']").first().press("Enter");
        page.waitForURL("**/signup");
        page.locator("#kitchen").focus();
        page.keyboard().type("A kitchen by keys");
        page.keyboard().press("Tab");
        page.keyboard().type("keys-" + UUID.randomUUID());
        page.keyboard().press("Tab");
        page.keyboard().type("three long words");
        page.keyboard().press("Tab");
        page.keyboard().press("Space");
        assertThat(page.locator("#password")).hasAttribute("type", "text");
        page.keyboard().press("Tab");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("input[name=units][value=US]")).isChecked();
        page.keyboard().press("Enter");
        page.waitForURL("**/sauces/starters");
        assertThat(page.locator("#tomato-sauce .starter-lines")).containsText("28 oz canned chopped tomatoes");
        page.locator("[aria-label='Add Weeknight tomato sauce']").press("Enter");
        assertThat(page.locator("#tomato-sauce")).containsText("In your sauces");
        page.waitForLoadState();
        page.keyboard().press("?");
        assertThat(page.locator("#help-sheet")).containsText("A line that starts with a verb");
        Kitchens.assertNoSeriousFaults(page);
        page.keyboard().press("Escape");
        assertThat(page.locator("#help-sheet")).isHidden();
    }

    @Test
    void aHintIsShownUntilItIsDismissed() {
        Page page = Kitchens.open("hinted", 1280, 800);
        assertThat(page.locator("[data-hint=stove]")).isVisible();
        Kitchens.button(page, "Got it").click();
        assertThat(page.locator("[data-hint=stove]")).isHidden();
        page.reload();
        assertThat(page.locator(".hob")).isVisible();
        assertThat(page.locator("[data-hint=stove]")).isHidden();
    }

    @Test
    void aPastedRecipeIsPlannedInAPanOfAPlainSizeAndItsPotIsAskedWhenItIsWeighed() {
        Page page = Kitchens.open("paster", 1280, 800);
        page.navigate("/sauces/new");
        page.locator("#name").fill("Plums");
        page.locator(".line-text").first().click();
        page.keyboard().type("900 g canned chopped tomatoes");
        page.keyboard().press("Control+s");
        page.waitForURL("**/sauces/*-*");
        page.navigate(page.url() + "/plan");
        assertThat(page.locator("#pot option:checked")).hasText("another size");
        page.waitForResponse(r -> r.url().contains("width=11"), () -> {
            page.fill("#width", "11 in");
            page.locator("#width").blur();
        });
        assertThat(page.locator("#board .handle")).hasCount(1);
        Kitchens.button(page, "Put it on and start").click();
        page.waitForURL("**/cooks/*");
        CookPages.open(page, "w", "#weigh");
        page.fill("#weight", "2300");
        Kitchens.button(page, "Weighed").click();
        assertThat(page.locator("#weigh .wrong")).containsText("What does the empty pot weigh?");
        page.fill("#tare", "1400");
        Kitchens.button(page, "Weighed").click();
        assertThat(page.locator(".entries")).containsText("900 g");
        CookPages.open(page, "w", "#weigh");
        assertThat(page.locator("#tare")).hasValue("1400");
    }
}
