package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The path a cook walks, from opening a kitchen to the journal, with the server restarted in the middle. */
@ExtendWith(RunningApplication.class)
class WholeWalkTest {
    private static final String LINES = "600 g plums\n200 ml water\n100 g caster sugar";

    @Test
    void aCookGoesFromTypedLinesToAJournalEntryThroughARestart() {
        Page page = Browsers.page(1280, 800, RunningApplication.address());
        openKitchen(page, "walker");
        Kitchens.measurePot(page);
        writeSauce(page);

        planTo(page, "600");
        Locator board = page.locator(".board");
        assertThat(board).containsText("600 g");
        assertThat(board.locator(".looks")).containsText("mm");
        assertThat(board.locator("svg .handle")).hasCount(1);
        Kitchens.assertNoSeriousFaults(page);

        Kitchens.button(page, "Put it on and start").click();
        page.waitForURL("**/cooks/*");
        String cook = page.url().substring(page.url().indexOf("/cooks/"));
        assertThat(page.locator("#range")).containsText("between");
        double doubtAtFirst = width(page);

        RunningApplication.clock().pass(Duration.ofMinutes(5));
        page.reload();
        page.keyboard().press("b");
        assertThat(page.locator(".entries")).containsText("it simmers");
        RunningApplication.clock().pass(Duration.ofMinutes(10));
        weigh(page, "2780");
        assertThat(page.locator("#news")).containsText("780 g weighed");
        assertThat(width(page)).isLessThan(doubtAtFirst);
        assertThat(page.locator("#left")).containsText("min");
        Kitchens.assertNoSeriousFaults(page);

        RunningApplication.restart();

        Page elsewhere = Browsers.page(390, 844, RunningApplication.address());
        signIn(elsewhere, "walker");
        elsewhere.navigate(cook);
        assertThat(elsewhere.locator(".entries")).containsText("780 g weighed");
        RunningApplication.clock().pass(Duration.ofMinutes(8));
        weigh(elsewhere, "2690");
        assertThat(elsewhere.locator("#news")).containsText("690 g weighed");

        elsewhere.locator("[data-open=lid]").click();
        elsewhere.locator("#lid button[value=ajar]").click();
        assertThat(elsewhere.locator(".entries")).containsText("lid ajar");
        elsewhere.locator("[data-open=heat]").click();
        elsewhere.locator("#heat button[value=ROLLING_BOIL]").click();
        assertThat(elsewhere.locator(".entries")).containsText("heat to a rolling boil");

        RunningApplication.clock().pass(Duration.ofMinutes(7));
        elsewhere.locator(".actions [data-open=off]").click();
        elsewhere.fill("#yield", "604");
        elsewhere.fill("#jars", "2 x 250");
        elsewhere.selectOption("#look", "RUNS_CLEAR");
        Kitchens.button(elsewhere, "Finish and save").click();
        elsewhere.waitForURL("**/journal/*");
        assertThat(elsewhere.locator("main")).containsText("604 g");
        assertThat(elsewhere.locator("main")).containsText("runs clear");
        assertThat(elsewhere.locator("main")).containsText("2 jars of 250 ml");
        assertThat(elsewhere.locator("#chart .dot")).hasCount(4);
        Kitchens.assertNoSeriousFaults(elsewhere);

        elsewhere.navigate("/journal");
        assertThat(elsewhere.locator(".batches")).containsText("Plum sauce");
        elsewhere.navigate(cook);
        elsewhere.waitForURL("**/journal/*");
    }

    @Test
    void aReadingThatCannotBeIsRefusedBesideItsFieldAndNothingIsLost() {
        Page page = CookPages.started("refused", LINES, 1280, 800, "aim=yield&amount=600");

        weigh(page, "5000");
        assertThat(page.locator("#refused")).containsText("more than the 900 g that went in");
        assertThat(page.locator("#weight")).hasValue("5000");
        weigh(page, "1500");
        assertThat(page.locator("#refused")).containsText("The empty pot alone weighs 2000 g");
        weigh(page, "a lot");
        assertThat(page.locator("#refused")).containsText("plain number");
        weigh(page, "-3");
        assertThat(page.locator("#refused")).containsText("more than zero");
        assertThat(page.locator(".entries li")).hasCount(1);
        assertThat(page.locator(".entries")).containsText("It went on the heat.");
    }

    @Test
    void aMisreadWeightIsQuestionedAndCanBeUndoneOrSaidToBeRight() {
        Page page = CookPages.started("misread", LINES, 1280, 800, "aim=yield&amount=600");
        page.keyboard().press("b");
        assertThat(page.locator(".entries")).containsText("it simmers");
        RunningApplication.clock().pass(Duration.ofMinutes(6));
        weigh(page, "2815");
        assertThat(page.locator("#news")).containsText("815 g weighed");
        RunningApplication.clock().pass(Duration.ofMinutes(2));

        weigh(page, "2179");
        assertThat(page.locator("#news")).containsText("does not fit");
        assertThat(page.locator("#grams")).containsText("78");

        assertThat(page.locator(".told")).containsText("It is right");
        assertThat(page.locator(".told")).containsText("Mistyped: weigh it again");
        page.locator(".log summary").click();
        assertThat(page.locator("#chart .dot")).hasCount(3);
        assertThat(page.locator("#chart .dot.doubted")).hasCount(1);
        page.locator(".entries .questioned button[aria-label^=Undo]").click();
        assertThat(page.locator(".entries .questioned")).hasCount(0);
        assertThat(page.locator("#chart .dot")).hasCount(2);
        assertThat(page.locator("#news")).containsText("815 g weighed");

        page.locator(".log summary").click();
        weigh(page, "2179");
        assertThat(page.locator("#news")).containsText("does not fit");
        page.locator(".log summary").click();
        page.locator(".entries .questioned button[form=confirm-entry]").click();
        assertThat(page.locator(".entries .questioned")).hasCount(0);
        assertThat(page.locator("#chart .dot.doubted")).hasCount(0);
        assertThat(page.locator("#grams")).containsText("180 g");
    }

    @Test
    void whatIsOutOfReachIsSaidWithWhatWouldDo() {
        Page page = CookPages.planned("reach", LINES, 1280, 800, "");
        // What the page draws says that it listens by now.
        assertThat(page.locator("#board .handle")).hasCount(1);

        planTo(page, "1200");
        assertThat(page.locator(".say.past")).containsText("Make 1.3");
        assertThat(page.locator("#start")).hasCount(0);
        planTo(page, "0");
        assertThat(page.locator("#outcome .wrong")).containsText("more than zero");
        planTo(page, "plenty");
        assertThat(page.locator("#outcome .wrong")).containsText("plain number");

        page.selectOption("#aim", "thick");
        page.selectOption("#choices select[name=use]", "POUR");
        page.fill("#choices input[name=served]", "200");
        page.locator("#choices input[name=served]").blur();
        assertThat(page.locator("#outcome .wrong")).containsText("between 0 and 95");
    }

    @Test
    void theDemoKitchenIsOnePressAwayAndFree() {
        Page page = Browsers.page(390, 844, RunningApplication.address());
        page.navigate("/signin");
        Kitchens.assertNoSeriousFaults(page);
        Kitchens.button(page, "Try the demo kitchen").click();
        page.waitForURL(RunningApplication.address() + "/");
        assertThat(page.locator(".hob .pan")).hasCount(1);
        Kitchens.assertNoSeriousFaults(page);
        page.navigate("/sauces");
        assertThat(page.locator(".list li")).hasCount(8);
        assertThat(page.locator(".list .mind")).hasCount(0);
        Kitchens.assertNoSeriousFaults(page);
        page.locator(".list a.name").first().click();
        assertThat(page.locator("#understood .facts")).isVisible();
        assertThat(page.locator(".line-row .figure").nth(2)).not().isEmpty();
        Kitchens.assertNoSeriousFaults(page);
        page.navigate("/pots");
        assertThat(page.locator(".pots li")).hasCount(3);
        Kitchens.assertNoSeriousFaults(page);
        assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                .isTrue();
        page.navigate("/journal");
        assertThat(page.locator(".batches > li")).hasCount(12);
        Kitchens.assertNoSeriousFaults(page);
    }

    private static void openKitchen(Page page, String name) {
        page.navigate("/signup");
        page.fill("#kitchen", "Kitchen of " + name);
        page.fill("#name", name);
        page.fill("#password", "three long words");
        Kitchens.button(page, "Create account").click();
        page.waitForURL("**/sauces/starters");
    }

    private static void signIn(Page page, String name) {
        page.navigate("/signin");
        page.fill("#username", name);
        page.fill("#password", "three long words");
        Kitchens.button(page, "Sign in").click();
        page.waitForURL(RunningApplication.address() + "/");
    }

    private static void writeSauce(Page page) {
        page.navigate("/sauces/new");
        page.fill("#name", "Plum sauce");
        typeText(page, LINES);
        Kitchens.button(page, "Save").click();
        page.waitForURL("**/sauces/*-*");
        Kitchens.button(page, "Save and plan").click();
        page.waitForURL("**/plan");
        // What the page draws says that it listens by now.
        assertThat(page.locator("#board .handle")).hasCount(1);
    }

    private static void typeText(Page page, String text) {
        if ("false".equals(page.locator("#as-text").getAttribute("aria-pressed"))) {
            page.locator("#as-text").click();
        }
        page.fill("#text", text);
    }

    private static void planTo(Page page, String grams) {
        page.selectOption("#aim", "yield");
        page.fill("#choices input[name=amount]", grams);
        page.waitForResponse(
                r -> r.url().contains("amount=" + grams),
                () -> page.locator("#choices input[name=amount]").blur());
    }

    private static void weigh(Page page, String grams) {
        if (!page.locator("#weigh").isVisible()) {
            page.locator(".actions [data-open=weigh]").click();
        }
        page.fill("#weight", grams);
        page.waitForResponse(
                r -> r.url().endsWith("/events"),
                () -> Kitchens.button(page, "Weighed").click());
        // It closes when the answer has been read, or says what is wrong: the next press must not meet it on its way.
        page.locator("#weigh:not([open]), #refused")
                .first()
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
    }

    private static double width(Page page) {
        return Double.parseDouble(page.locator("#range").getAttribute("data-width"));
    }
}
