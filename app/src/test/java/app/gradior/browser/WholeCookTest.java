package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.RunningApplication;
import app.gradior.thickness.Grade;
import app.gradior.thickness.SpoonCoat;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Whole cooks, from the plan into the journal, weighed by a simulated scale under a pot that loses water slower than the
 * model says, with the network gone in the middle.
 */
@ExtendWith(RunningApplication.class)
class WholeCookTest {
    private static final double PACE = 0.8;
    private static final double TARE = 2000;

    /** The glaze's band, and what the readings leave open of it. */
    private static final double GLAZE_LOW = 4.2;

    private static final double GLAZE_HIGH = 6.0;

    private Page page;
    private String shownBefore = "";

    private void putOn(String name, int width, int height, String choices) {
        page = CookPages.started(name + "-" + width, width, height, choices);
        String cook = page.url();
        page.navigate("/devices");
        page.selectOption("#kind", "SCALE");
        page.fill("#noise", "0");
        page.fill("#dropOuts", "0");
        page.fill("#k", String.valueOf(PACE));
        Kitchens.button(page, "Start it").click();
        assertThat(page.locator("[role=status]")).containsText("sends a value each second");
        page.navigate(cook);
    }

    /** Takes what the scale says at this moment into a field, and gives it in g. */
    private double take(String dialog, String field) {
        page.locator(".actions [data-open=" + dialog + "]").click();
        Locator offered = page.locator("#" + dialog + " .lives button");
        assertThat(offered).containsText("from the simulated scale");
        assertThat(offered).not().hasText(shownBefore);
        // Read and pressed in one breath: the scale sends a new value each second.
        shownBefore = (String)
                offered.evaluate("button => { const said = button.textContent; button.click(); return said; }");
        double shown = Double.parseDouble(page.inputValue(field));
        // A half may be rounded either way.
        assertThat(CookPages.number(shownBefore)).isCloseTo(shown, within(0.51));
        return shown;
    }

    private double weigh() {
        double shown = take("weigh", "#weight");
        int entries = (int) CookPages.number(page.locator(".log summary"));
        Kitchens.button(page, "Weighed").click();
        assertThat(page.locator("#weigh")).isHidden();
        // The forecast on the page follows it only then.
        assertThat(page.locator(".log summary")).containsText("(" + (entries + 1) + ")");
        return shown - TARE;
    }

    private double range() {
        return Double.parseDouble(page.locator("#range").getAttribute("data-width"));
    }

    private boolean reached() {
        return page.locator("#left").textContent().strip().startsWith("now");
    }

    /** Weighs now and then, nearer together toward the end, until it is where reducing stops. */
    private void reduce() {
        CookPages.pass(5);
        page.reload();
        page.locator(".simmers button").click();
        assertThat(page.locator(".simmers")).hasCount(0);
        double first = range();
        CookPages.pass(8);
        weigh();
        assertThat(page.locator("#news")).containsText("g a minute, not");
        withoutNetwork();
        for (int i = 0; i < 7 && !reached(); i++) {
            double left = CookPages.number(page.locator("#left"));
            CookPages.pass(Math.max(1.5, 0.8 * left));
            weigh();
        }
        assertThat(reached()).isTrue();
        assertThat(range()).isLessThan(first / 3);
    }

    /** What was seen while the server was out of reach is sent, in its order, when it is back. */
    private void withoutNetwork() {
        // The spoon shows what the sauce is.
        SpoonCoat look = SpoonCoat.of(Grade.of(CookPages.number(page.locator("#grade"))));
        page.context().setOffline(true);
        page.locator(".actions [data-open=spoon]").click();
        page.locator("#spoon button[value=" + look + "]").click();
        assertThat(page.locator("#banner")).containsText("1 entry waits");
        page.locator("#stir button").click();
        assertThat(page.locator("#banner")).containsText("2 entries wait");
        page.context().setOffline(false);
        assertThat(page.locator("#banner")).isHidden();
        assertThat(page.locator(".log summary")).containsText("(4)");
    }

    private double atTheTable() {
        return CookPages.number(page.locator("#grade + .then"));
    }

    private void takeOff() {
        CookPages.pass(1);
        double shown = take("off", "#yield");
        page.locator("#off input[name=pot]").check();
        Kitchens.button(page, "Finish and save").click();
        page.waitForURL("**/journal/*");
        assertThat(page.locator(".states [data-name=yield]").last()).containsText(Math.round(shown - TARE) + " g");
        assertThat(page.locator(".news")).containsText("slower than usual");
        Kitchens.assertFitsAcross(page);
    }

    @ParameterizedTest
    @CsvSource({"1280, 800", "390, 844"})
    void aReductionIsWeighedToItsEnd(int width, int height) {
        putOn("whole-reduction", width, height, "use=GLAZE&route=reduce");
        assertThat((Integer) page.evaluate("document.documentElement.scrollHeight"))
                .isLessThanOrEqualTo(height);
        reduce();

        assertThat(atTheTable()).isBetween(GLAZE_LOW, GLAZE_HIGH);
        takeOff();
    }

    @ParameterizedTest
    @CsvSource({"1280, 800", "390, 844"})
    void aSlurryFinishesWhatReducingBegan(int width, int height) {
        putOn("whole-slurry", width, height, "use=GLAZE&least=650&starch=arrowroot&route=reduce-then-slurry");
        reduce();
        double before = CookPages.number(page.locator("#grade"));
        double there = CookPages.number(page.locator("#grams"));
        for (int third = 0; third < 3; third++) {
            page.locator(".actions [data-open=add]").click();
            Kitchens.button(page, "A third is in").click();
            assertThat(page.locator("#add")).isHidden();
        }
        assertThat(CookPages.number(page.locator("#grade"))).isGreaterThan(before + 0.5);
        CookPages.pass(0.5);
        assertThat(weigh()).isGreaterThan(there + 10);

        assertThat(atTheTable()).isBetween(GLAZE_LOW, GLAZE_HIGH);
        takeOff();
    }
}
