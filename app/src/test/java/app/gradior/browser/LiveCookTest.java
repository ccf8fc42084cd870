package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.thickness.SpoonCoat;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;

/** The cook page at the stove: a reduction and a slurry cook, the network gone in the middle, two devices at once. */
@ExtendWith(RunningApplication.class)
class LiveCookTest {
    /** By the stream, that is; without it a page asks every twenty seconds. */
    private static final LocatorAssertions.ContainsTextOptions SOON =
            new LocatorAssertions.ContainsTextOptions().setTimeout(10_000);

    private static void weigh(Page page, double net) {
        CookPages.open(page, "w", "#weigh");
        page.fill("#weight", String.valueOf(Math.round(2000 + net)));
        page.keyboard().press("Enter");
        assertThat(page.locator("#weigh")).isHidden();
    }

    @Test
    void aReductionIsCookedOneKeyAReadingWithTheNetworkGoneInTheMiddle() {
        Page page = CookPages.started("reducer", 1280, 800, "use=GLAZE&route=reduce");
        assertThat((Integer) page.evaluate("document.documentElement.scrollHeight"))
                .isLessThanOrEqualTo(800);
        Kitchens.assertNoSeriousFaults(page);
        CookPages.pass(5);
        page.reload();
        page.keyboard().press("b");
        assertThat(page.locator(".log summary")).containsText("(1)");
        page.locator(".log summary").click();
        page.locator(".entries [data-amend=simmers]").click();
        page.fill("#when-ago", "1");
        page.keyboard().press("Enter");
        assertThat(page.locator("#when")).isHidden();
        assertThat(page.locator(".entries li")).hasCount(1);
        page.locator(".log summary").click();
        CookPages.pass(8);
        weigh(page, 810);
        assertThat(page.locator("#news")).containsText("810 g weighed");

        CookPages.open(page, "d", "#dip");
        page.fill("#depth", "500");
        page.keyboard().press("Enter");
        assertThat(page.locator("#dip .wrong")).containsText("from 0 to the pot's 120 mm");
        assertThat(page.locator("#depth")).hasValue("500");
        page.fill("#depth", "16");
        page.keyboard().press("Enter");
        assertThat(page.locator("#news")).containsText("16 mm deep");
        assertThat(page.locator("#dip")).isHidden();
        CookPages.open(page, "s", "#spoon");
        page.keyboard().press("3");
        assertThat(page.locator("#news")).containsText("coats, a drawn line fills");
        assertThat(page.locator("#spoon")).isHidden();

        page.context().setOffline(true);
        CookPages.open(page, "t", "#temp");
        page.fill("#degrees", "99.5");
        page.keyboard().press("Enter");
        assertThat(page.locator("#banner")).containsText("1 entry waits");
        assertThat(page.locator("#temp")).isHidden();
        CookPages.open(page, "l", "#lid");
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

        CookPages.open(page, "+", "#add");
        page.fill("#line", "100 ml water");
        page.keyboard().press("Enter");
        assertThat(page.locator(".entries")).containsText("added 100 ml water (100 g)");
        assertThat(page.locator("#add")).isHidden();
        CookPages.open(page, "+", "#add");
        page.fill("#line", "a whatnot");
        page.keyboard().press("Enter");
        assertThat(page.locator("#add .wrong")).containsText("is not understood");
        page.keyboard().press("Escape");
        assertThat(page.locator("#add")).isHidden();

        CookPages.open(page, "r", "#rescue");
        assertThat(page.locator("#rescue-in")).containsText("Slurry now:");
        page.locator(".rescues button", new Page.LocatorOptions().setHasText("too sharp"))
                .click();
        assertThat(page.locator("#rescue-in tbody tr")).hasCount(2);
        Kitchens.assertNoSeriousFaults(page);
        page.keyboard().press("Escape");
        assertThat(page.locator("#rescue")).isHidden();

        // A step is not done after all, and then it is; the row of spoons is drawn from what stands outside it.
        Locator step = page.locator(".todo .tick-box").first();
        assertThat(step).hasAttribute("aria-checked", "true");
        step.press("Enter");
        assertThat(step).hasAttribute("aria-checked", "false");
        step.click();
        assertThat(step).hasAttribute("aria-checked", "true");
        assertThat((Boolean) page.evaluate("[...document.querySelectorAll('.spoons use')]"
                        + ".every((use) => document.querySelector(use.getAttribute('href'))?.querySelector('.coat'))"))
                .isTrue();
        assertThat(page.locator(".spoons use")).hasCount(SpoonCoat.values().length);
    }

    @Test
    void aSlurryIsPouredInThirdsOnAPhoneAndTheSauceEndsAsThickAsPlanned() {
        Page page = CookPages.started(
                "thickener", 390, 844, "use=GLAZE&least=700&starch=arrowroot&route=reduce-then-slurry");
        assertThat((Integer) page.evaluate("document.documentElement.scrollHeight"))
                .isLessThanOrEqualTo(844);
        Kitchens.assertFitsAcross(page);
        Kitchens.assertNoSeriousFaults(page);
        CookPages.pass(5);
        page.reload();
        page.locator(".simmers button").click();
        assertThat(page.locator(".simmers")).hasCount(0);
        CookPages.pass(14);
        page.reload();
        double stop = CookPages.number(page.locator(".todo")
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
        double before = CookPages.number(page.locator("#grade"));
        for (int third = 1; third <= 3; third++) {
            page.locator(".actions [data-open=add]").click();
            Kitchens.button(page, "A third is in").click();
            assertThat(page.locator("#add")).isHidden();
        }
        assertThat(CookPages.number(page.locator("#grade"))).isGreaterThan(before + 0.5);
        assertThat(page.locator(".log")).containsText("(5)");
        page.locator(".actions [data-open=off]").click();
        page.fill("#yield", "775");
        page.selectOption("#look", "LINE_STAYS");
        page.fill("#jars", "lots");
        Kitchens.button(page, "Finish and save").click();
        assertThat(page.locator("#off .wrong")).containsText("2 × 250");
        page.fill("#jars", "2 × 300");
        page.fill("#left-over", "40");
        page.fill("#headspace", "20");
        assertThat(page.locator("#label")).hasValue(java.util.regex.Pattern.compile("Plum sauce, .*Keep at 4 °C"));
        page.fill("#label", "Plum sauce for Sunday");
        page.setInputFiles(
                "#photo", new FilePayload("notes.jpg", "image/jpeg", "no picture".getBytes(StandardCharsets.UTF_8)));
        Kitchens.button(page, "Finish and save").click();
        assertThat(page.locator("#off .wrong")).containsText("no picture this can read");
        page.setInputFiles("#photo", new FilePayload("sauce.png", "image/png", picture()));
        Kitchens.button(page, "Finish and save").click();
        page.waitForURL("**/journal/*");
        assertThat(page.locator("main")).containsText("2 jars of 300 ml, 20 mm free, 40 ml left over");
        assertThat(page.locator("#label-text")).hasText("Plum sauce for Sunday");
        assertThat((Boolean) page.evaluate("document.querySelector('img.photo').decode().then(() => true)"))
                .isTrue();
        Kitchens.assertFitsAcross(page);
        Kitchens.assertNoSeriousFaults(page);
        assertThat(page.locator("main")).containsText("775 g");
    }

    @Test
    void twoDevicesSeeEachOtherAtOnceAndTimersAgree() {
        Page one = CookPages.started("two-hands", 1280, 800, "use=GLAZE&route=reduce");
        Page two = Kitchens.signIn("two-hands", 390, 844);
        two.navigate(one.url());
        CookPages.open(one, "m", "#timer");
        one.fill("#minutes", "5");
        one.fill("#for-what", "taste it");
        one.keyboard().press("Enter");
        assertThat(one.locator(".timers li")).containsText("taste it");
        assertThat(two.locator(".timers li")).containsText("taste it", SOON);
        CookPages.open(one, "h", "#heat");
        one.locator("#heat button[value=ROLLING_BOIL]").click();
        two.locator(".actions [data-open=heat]").click();
        two.locator("#heat button[value=BARE_SIMMER]").click();
        assertThat(one.locator(".told")).containsText("Two entries at the same time");
        assertThat(two.locator(".told")).containsText("Both are kept");

        CookPages.pass(6);
        two.reload();
        assertThat(two.locator(".timers li")).hasClass(java.util.regex.Pattern.compile("ringing"));
        assertThat(two.locator(".timers .clock-words")).containsText("+");
        two.locator(".timers button").click();
        assertThat(one.locator(".timers li")).hasCount(0);

        CookPages.pass(60 * 9);
        one.reload();
        assertThat(one.locator(".asked")).containsText("What happened to it?");
        Kitchens.button(one, "Give up and save it to the journal").click();
        one.waitForURL("**/journal/*");
        two.waitForURL("**/journal/*");
    }

    @Test
    void twoNodesOnOneDatabaseTellEachOther() {
        Page one = CookPages.started("two-nodes", 1280, 800, "use=GLAZE&route=reduce");
        String path = one.url().substring(RunningApplication.address().length());
        try (ConfigurableApplicationContext other = RunningApplication.node()) {
            // A cookie knows of no port: who is signed in at one node is so at the other.
            Page two = one.context().newPage();
            two.navigate(RunningApplication.address(other) + path);
            assertThat(two.locator("h1")).hasText("Plum sauce");
            // Streams have begun before anything happens.
            two.waitForResponse(r -> r.url().contains("/stream"), two::reload);

            CookPages.open(one, "l", "#lid");
            one.locator("#lid button[value=ajar]").click();
            assertThat(two.locator(".log summary")).containsText("(1)", SOON);
            two.bringToFront();
            CookPages.open(two, "h", "#heat");
            two.locator("#heat button[value=BARE_SIMMER]").click();
            assertThat(one.locator(".log summary")).containsText("(2)", SOON);

            one.navigate("/sauces");
            String sauce = one.locator("a.name, strong a, a")
                    .filter(new Locator.FilterOptions().setHasText("Plum sauce"))
                    .first()
                    .getAttribute("href");
            String before = onTheScale(two, RunningApplication.address(other) + sauce);
            one.navigate("/pots");
            one.locator(".pots a").first().click();
            one.fill("#tareG", "1700");
            Kitchens.button(one, "Save this pot").click();
            one.waitForURL("**/pots");
            assertThat(onTheScale(two, RunningApplication.address(other) + sauce))
                    .isNotEqualTo(before);
            two.close();
        }
    }

    /** What scale and pot show where reducing stops, as a board has it. */
    private static String onTheScale(Page page, String sauce) {
        page.navigate(sauce + "/plan?use=GLAZE");
        return page.locator(".look-row figcaption")
                .filter(new Locator.FilterOptions().setHasText("on the scale"))
                .textContent();
    }

    @Test
    void whatWaitsIsSentFromAnyPage() {
        Page page = CookPages.started("wanderer", 390, 844, "use=GLAZE&route=reduce");
        String cook = page.url();
        CookPages.pass(1);
        page.route("**/events", Route::abort);
        page.locator(".actions [data-open=spoon]").click();
        page.locator("#spoon button[value=THIN_VEIL]").click();
        assertThat(page.locator("#banner")).containsText("1 entry waits");
        page.navigate("/sauces");
        assertThat(page.locator(".banner")).containsText("the server is out of reach");
        page.unroute("**/events");
        assertThat(page.locator(".banner")).containsText("Sent what waited on this device: 1 entry", SOON);

        page.navigate(cook);
        assertThat(page.locator(".log summary")).containsText("(1)");
        page.navigate("/sauces");
        assertThat(page.locator(".banner")).hasCount(0);
    }

    /** A picture as a phone takes it: larger than it is kept. */
    private static byte[] picture() {
        BufferedImage image = new BufferedImage(2400, 1800, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** Its field has the focus until the next frame; a cook with wet hands does not wait for that. */
    @Test
    void aKeyPressedAsADialogClosesIsNotLost() {
        Page page = CookPages.started("quick-hands", 1280, 800, "use=GLAZE&route=reduce");
        CookPages.open(page, "w", "#weigh");
        page.evaluate("""
                () => {
                  document.getElementById('weigh').close();
                  document.getElementById('weight').dispatchEvent(new KeyboardEvent('keydown', { key: 'd', bubbles: true }));
                }""");
        assertThat(page.locator("#dip")).isVisible();
    }
}
