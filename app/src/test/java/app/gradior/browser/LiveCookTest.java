package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The cook page at the stove: a reduction and a slurry cook, the network gone in the middle, two devices at once. */
@ExtendWith(RunningApplication.class)
class LiveCookTest {
    private static final String LINES = "600 g plums\n250 ml water\n60 g caster sugar\n1 tbsp cider vinegar";

    private static Page started(String name, int width, int height, String choices) {
        Page page = Kitchens.open(name, width, height);
        page.navigate("/pots/new");
        page.fill("#name", "24 cm casserole");
        page.fill("#baseCm", "24");
        page.fill("#rimCm", "24");
        page.fill("#wallCm", "12");
        page.fill("#tareG", "2000");
        Kitchens.button(page, "Keep this pot").click();
        page.waitForURL("**/pots");
        page.navigate("/sauces/new");
        page.fill("#name", "Plum sauce");
        if ("false".equals(page.locator("#as-text").getAttribute("aria-pressed"))) {
            page.locator("#as-text").click();
        }
        page.fill("#text", LINES);
        Kitchens.button(page, "Keep it").click();
        page.waitForURL("**/sauces/*-*");
        page.navigate(page.url() + "/plan?" + choices);
        page.locator("#start").click();
        page.waitForURL("**/cooks/*");
        return page;
    }

    private static void pass(double minutes) {
        RunningApplication.clock().pass(Duration.ofMillis(Math.round(minutes * 60_000)));
    }

    /** Opens what a key opens. On a busy machine a key may fall between two frames of a closing dialog: it is pressed again. */
    private static void open(Page page, String key, String dialog) {
        page.keyboard().press(key);
        try {
            page.locator(dialog).waitFor(new Locator.WaitForOptions().setTimeout(2500));
        } catch (TimeoutError lost) {
            page.keyboard().press(key);
            page.locator(dialog).waitFor();
        }
    }

    private static void weigh(Page page, double net) {
        open(page, "w", "#weigh");
        page.fill("#weight", String.valueOf(Math.round(2000 + net)));
        page.keyboard().press("Enter");
        assertThat(page.locator("#weigh")).isHidden();
    }

    private static double number(Locator locator) {
        return Double.parseDouble(locator.textContent().replaceAll("[^0-9.]", ""));
    }

    @Test
    void aReductionIsCookedOneKeyAReadingWithTheNetworkGoneInTheMiddle() {
        Page page = started("reducer", 1280, 800, "use=GLAZE&route=reduce");
        assertThat((Integer) page.evaluate("document.documentElement.scrollHeight"))
                .isLessThanOrEqualTo(800);
        Kitchens.assertNoSeriousFaults(page);
        pass(5);
        page.reload();
        page.keyboard().press("b");
        assertThat(page.locator(".log summary")).containsText("(1)");
        pass(8);
        weigh(page, 810);
        assertThat(page.locator("#news")).containsText("810 g weighed");

        open(page, "d", "#dip");
        page.fill("#depth", "500");
        page.keyboard().press("Enter");
        assertThat(page.locator("#dip .wrong")).containsText("from 0 to the pot's 120 mm");
        assertThat(page.locator("#depth")).hasValue("500");
        page.fill("#depth", "16");
        page.keyboard().press("Enter");
        assertThat(page.locator("#news")).containsText("16 mm deep");
        assertThat(page.locator("#dip")).isHidden();
        open(page, "s", "#spoon");
        page.keyboard().press("3");
        assertThat(page.locator("#news")).containsText("coats, a drawn line fills");
        assertThat(page.locator("#spoon")).isHidden();

        page.context().setOffline(true);
        open(page, "t", "#temp");
        page.fill("#degrees", "99.5");
        page.keyboard().press("Enter");
        assertThat(page.locator("#banner")).containsText("1 entry waits");
        assertThat(page.locator("#temp")).isHidden();
        open(page, "l", "#lid");
        page.locator("#lid button[value=ajar]").click();
        assertThat(page.locator("#banner")).containsText("2 entries wait");
        assertThat(page.locator("#stir .clock-words")).not().hasText("–");
        page.context().setOffline(false);
        assertThat(page.locator("#banner")).isHidden();
        page.locator(".log summary").click();
        assertThat(page.locator(".entries")).containsText("lid ajar");
        assertThat(page.locator(".entries")).containsText("100 °C read");
        assertThat(page.locator(".entries li")).hasCount(6);

        page.locator(".entries [data-amend=dipped]").click();
        page.fill("#depth", "17");
        page.keyboard().press("Enter");
        assertThat(page.locator(".entries")).containsText("17 mm deep");
        assertThat(page.locator(".entries")).not().containsText("16 mm deep");
        assertThat(page.locator("#dip")).isHidden();

        open(page, "+", "#add");
        page.fill("#line", "100 ml water");
        page.keyboard().press("Enter");
        assertThat(page.locator(".entries")).containsText("added 100 ml water (100 g)");
        assertThat(page.locator("#add")).isHidden();
        open(page, "+", "#add");
        page.fill("#line", "a whatnot");
        page.keyboard().press("Enter");
        assertThat(page.locator("#add .wrong")).containsText("is not understood");
        page.keyboard().press("Escape");
        assertThat(page.locator("#add")).isHidden();

        open(page, "r", "#rescue");
        assertThat(page.locator("#rescue-in")).containsText("Slurry now:");
        page.locator(".rescues button", new Page.LocatorOptions().setHasText("too sharp"))
                .click();
        assertThat(page.locator("#rescue-in tbody tr")).hasCount(2);
        Kitchens.assertNoSeriousFaults(page);
        page.keyboard().press("Escape");
    }

    @Test
    void aSlurryIsPouredInThirdsOnAPhoneAndTheSauceEndsAsThickAsPlanned() {
        Page page = started("thickener", 390, 844, "use=GLAZE&least=700&starch=arrowroot&route=reduce-then-slurry");
        assertThat((Integer) page.evaluate("document.documentElement.scrollHeight"))
                .isLessThanOrEqualTo(844);
        Kitchens.assertFitsAcross(page);
        Kitchens.assertNoSeriousFaults(page);
        pass(5);
        page.reload();
        page.locator(".simmers button").click();
        assertThat(page.locator(".simmers")).hasCount(0);
        pass(14);
        page.reload();
        double stop = number(page.locator(".todo")
                .getByText("g", new Locator.GetByTextOptions().setExact(false))
                .first());
        assertThat(stop).isPositive();
        page.locator(".actions [data-open=weigh]").click();
        for (String digit : "2735".split("")) {
            page.locator("#weigh .keypad button", new Page.LocatorOptions().setHasText(digit))
                    .click();
        }
        assertThat(page.locator("#weight")).hasValue("2735");
        Kitchens.button(page, "Weighed").click();
        assertThat(page.locator("#news")).containsText("735 g weighed");
        double before = number(page.locator("#grade"));
        for (int third = 1; third <= 3; third++) {
            page.locator(".actions [data-open=add]").click();
            Kitchens.button(page, "A third is in").click();
            assertThat(page.locator("#add")).isHidden();
        }
        assertThat(number(page.locator("#grade"))).isGreaterThan(before + 0.5);
        assertThat(page.locator(".log")).containsText("(5)");
        page.locator(".actions [data-open=off]").click();
        page.fill("#yield", "775");
        page.selectOption("#look", "LINE_STAYS");
        page.fill("#jars", "lots");
        Kitchens.button(page, "Off, into the journal").click();
        assertThat(page.locator("#off .wrong")).containsText("2 × 250");
        page.fill("#jars", "2 × 300");
        page.fill("#left-over", "40");
        Kitchens.button(page, "Off, into the journal").click();
        page.waitForURL("**/journal/*");
        assertThat(page.locator("main")).containsText("2 jars of 300 ml, 40 ml left over");
        assertThat(page.locator("main")).containsText("775 g");
    }

    @Test
    void twoDevicesSeeEachOtherAtOnceAndTimersAgree() {
        Page one = started("two-hands", 1280, 800, "use=GLAZE&route=reduce");
        Page two = Kitchens.signIn("two-hands", 390, 844);
        two.navigate(one.url());
        open(one, "m", "#timer");
        one.fill("#minutes", "5");
        one.fill("#for-what", "taste it");
        one.keyboard().press("Enter");
        assertThat(one.locator(".timers li")).containsText("taste it");
        assertThat(two.locator(".timers li"))
                .containsText(
                        "taste it",
                        new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                                .setTimeout(4000));
        open(one, "h", "#heat");
        one.locator("#heat button[value=ROLLING_BOIL]").click();
        two.locator(".actions [data-open=heat]").click();
        two.locator("#heat button[value=BARE_SIMMER]").click();
        assertThat(one.locator(".told")).containsText("Two hands at once");
        assertThat(two.locator(".told")).containsText("Both are kept");

        pass(6);
        two.reload();
        assertThat(two.locator(".timers li")).hasClass(java.util.regex.Pattern.compile("ringing"));
        assertThat(two.locator(".timers .clock-words")).containsText("+");
        two.locator(".timers button").click();
        assertThat(one.locator(".timers li")).hasCount(0);

        pass(60 * 9);
        one.reload();
        assertThat(one.locator(".asked")).containsText("What became of it?");
        Kitchens.button(one, "Give it up, into the journal").click();
        one.waitForURL("**/journal/*");
        two.waitForURL("**/journal/*");
    }
}
