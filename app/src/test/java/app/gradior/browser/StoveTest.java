package app.gradior.browser;

import static app.gradior.browser.Kitchens.assertFitsAcross;
import static app.gradior.browser.Kitchens.assertNoSeriousFaults;
import static app.gradior.browser.Kitchens.button;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The stove, its rings, the pots on them, and what is learnt of them, as a cook meets them. */
@ExtendWith(RunningApplication.class)
class StoveTest {
    private static void measurePot(Page page, String name) {
        page.navigate("/pots/new");
        page.fill("#name", name);
        page.fill("#baseCm", "24");
        page.fill("#wallCm", "12");
        page.fill("#tareG", "2000");
        button(page, "Save this pot").click();
        page.waitForURL("**/pots");
    }

    @Test
    void anEmptyKitchenIsLedToItsFirstCookWhichThenStandsOnItsRing() {
        Page page = Kitchens.open("newcomer", 1280, 800);
        assertThat(page.locator(".first li")).hasCount(3);
        assertThat(page.locator(".first .done-step")).hasCount(0);
        assertNoSeriousFaults(page);
        measurePot(page, "Casserole");
        page.navigate("/sauces/new");
        page.locator("#name").fill("Plums");
        page.locator(".line-text").first().click();
        page.keyboard().type("600 g plums");
        page.keyboard().press("Enter");
        page.keyboard().type("200 ml water");
        page.keyboard().press("Control+s");
        page.waitForURL("**/sauces/*-*");
        page.navigate("/");
        assertThat(page.locator(".first .done-step")).hasCount(2);

        page.keyboard().press("3");
        assertThat(page.locator("h1")).containsText("What goes on the");
        page.locator("a.name").click();
        String ring = page.locator("#ring option:checked").textContent();
        // What the page draws says that it listens by now.
        assertThat(page.locator("#board .handle")).hasCount(1);
        page.selectOption("#aim", "yield");
        page.locator("#choices input[name=amount]").fill("500");
        page.waitForResponse(
                r -> r.url().contains("amount=500"),
                () -> page.locator("#choices input[name=amount]").blur());
        button(page, "Put it on and start").click();
        page.waitForURL("**/cooks/*");
        page.navigate("/");

        assertThat(page.locator(".hob .pan")).hasCount(1);
        assertThat(page.locator(".first")).hasCount(0);
        Locator place = page.locator(".place:has(.pan)");
        org.assertj.core.api.Assertions.assertThat(ring).startsWith(place.getAttribute("data-name"));
        org.assertj.core.api.Assertions.assertThat(place.locator(".pan").getAttribute("r"))
                .isEqualTo("120.0");
        assertThat(place).containsText("coming to the simmer");
        assertThat(page.locator(".strip .busy")).hasCount(1);
        assertNoSeriousFaults(page);

        // What happens on another device is seen without reloading.
        Page other = Kitchens.signIn("newcomer", 390, 844);
        other.locator(".place a[href*=cooks]").click();
        other.waitForURL("**/cooks/*");
        button(other, "It simmers now").click();
        assertThat(other.locator(".entries")).containsText("it simmers");
        assertThat(place)
                .containsText(
                        "weigh it when you pass",
                        new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                                .setTimeout(9000));
        other.navigate("/");
        assertFitsAcross(other);
        assertNoSeriousFaults(other);
    }

    @Test
    void ringsAreArrangedByKeysAndByDragging() {
        Page page = Kitchens.open("arranger", 1280, 800);
        button(page, "arrange the rings").click();
        Locator ring = page.locator(".place").first();
        double before = Double.parseDouble(ring.getAttribute("data-x"));
        ring.focus();
        page.waitForResponse(
                r -> r.url().contains("/place"), () -> page.keyboard().press("ArrowRight"));
        page.waitForResponse(
                r -> r.url().contains("/place"), () -> page.keyboard().press("ArrowRight"));
        ring.locator(".ring").first().hover();
        page.mouse().down();
        page.mouse().move(640, 300);
        page.waitForResponse(r -> r.url().contains("/place"), () -> page.mouse().up());
        button(page, "done arranging").click();
        page.reload();
        double after =
                Double.parseDouble(page.locator(".place[data-name='back left']").getAttribute("data-x"));
        org.assertj.core.api.Assertions.assertThat(after).isGreaterThan(before + 10);
        assertNoSeriousFaults(page);
    }

    @Test
    void aBoilOffTestIsGuidedByTheClockAndASimulatedScale() {
        Page page = Browsers.page(390, 844, RunningApplication.address());
        page.navigate("/signin");
        button(page, "Try the demo kitchen").click();
        page.waitForURL(RunningApplication.address() + "/");
        page.navigate("/devices");
        page.selectOption(
                "#under",
                new com.microsoft.playwright.options.SelectOption()
                        .setLabel("a litre of water simmering in the 18 cm saucepan"));
        page.fill("#noise", "0");
        page.fill("#dropOuts", "0");
        page.fill("#k", "0.8");
        button(page, "Start it").click();
        assertThat(page.locator("[data-device]").first()).containsText("1980 g");
        assertFitsAcross(page);
        assertNoSeriousFaults(page);

        page.navigate("/pots");
        page.locator(".pots a", new Page.LocatorOptions().setHasText("18 cm saucepan"))
                .click();
        page.locator("text=Test it: ten minutes").click();
        page.locator("[data-feed=SCALE] button").click();
        assertThat(page.locator("#weight")).hasValue("1980");
        assertNoSeriousFaults(page);
        button(page, "Save and continue").click();
        button(page, "Lid off: start the clock").click();
        assertThat(page.locator("#clock")).isVisible();
        RunningApplication.clock().pass(Duration.ofMinutes(10));
        page.reload();
        button(page, "Off the heat: stop the clock").click();
        assertThat(page.locator("main")).containsText("It boiled for 10.0 min");
        page.locator("[data-feed=SCALE] button").click();
        button(page, "Weighed").click();
        assertThat(page.locator(".say")).containsText("0.8");
        assertThat(page.locator(".facts")).containsText("known now");
        assertNoSeriousFaults(page);
        assertFitsAcross(page);

        page.navigate("/devices");
        button(page, "Remove simulated scale").click();
        assertThat(page.locator("[data-device]")).hasCount(0);
    }

    @Test
    void theKitchenIsSharedByALink() {
        Page page = Kitchens.open("host", 1280, 800);
        page.locator(".far a").click();
        button(page, "Invite a person").click();
        String link = page.locator("#link").inputValue();
        assertNoSeriousFaults(page);
        Page guest = Browsers.page(390, 844, RunningApplication.address());
        guest.navigate(link);
        guest.fill("#name", "guest-of-host");
        guest.fill("#password", "three long words");
        assertNoSeriousFaults(guest);
        button(guest, "Join").click();
        guest.waitForURL(RunningApplication.address() + "/");
        assertThat(guest.locator(".far")).containsText("Kitchen of host");
        page.reload();
        assertThat(page.locator("#people")).containsText("guest-of-host");
        page.fill("#name", "House of host");
        button(page, "Save").click();
        assertThat(page.locator(".far")).containsText("House of host");
    }
}
