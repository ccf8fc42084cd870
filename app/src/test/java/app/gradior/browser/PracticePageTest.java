package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Practice by keys, by touch, without motion, and as smooth as it is to be. */
@ExtendWith(RunningApplication.class)
class PracticePageTest {
    /** No slower than the eye wants, in ms a frame. */
    private static final double SMOOTH = 16;

    private static Page begin(Page page, String lesson) {
        page.navigate("/practice/lessons/" + lesson);
        page.fill("#seed", "318");
        page.locator("button:has-text('Begin')").click();
        page.waitForURL(Pattern.compile(".*/practice/runs/[0-9a-f-]{36}$"));
        assertThat(page.locator("main[data-ready=true]")).hasCount(1);
        return page;
    }

    @Test
    void aLessonIsPlayedToItsScoreByKeysAlone() {
        Page page = TestKitchen.of("keys").page(1280, 800);
        page.navigate("/practice/lessons/pan-and-time");
        Kitchens.assertNoSeriousFaults(page);
        begin(page, "take-it-off");
        Kitchens.assertNoSeriousFaults(page);
        page.locator("h1").click();
        for (int i = 0; i < 6; i++) {
            page.keyboard().press("ArrowRight");
        }
        assertThat(page.locator("#dial-word")).hasText("6");
        page.keyboard().press(".");
        page.keyboard().press(".");
        assertThat(page.locator("#speed")).hasText("30 times faster than life");
        page.waitForFunction("() => parseInt(document.querySelector('#clock').textContent) >= 3 "
                + "&& document.querySelector('#clock').textContent.endsWith('min')");
        page.keyboard().press(" ");
        assertThat(page.locator("#stirred")).hasText(Pattern.compile("\\d+ s ago"));
        page.keyboard().press("s");
        assertThat(page.locator("#closeup")).isVisible();
        assertThat(page.locator("#log b").first()).not().isEmpty();
        assertThat(page.locator("#spoken")).containsText("On the spoon: ");
        page.keyboard().press("Escape");
        assertThat(page.locator("#closeup")).isHidden();
        page.keyboard().press("l");
        assertThat(page.locator("[data-act=lid]")).hasAttribute("aria-pressed", "true");
        page.locator("#grade").focus();
        page.keyboard().press("ArrowRight");
        page.locator("h1").click();
        page.keyboard().press("g");
        assertThat(page.locator("#told")).containsText("You said: ");
        page.keyboard().press("k");
        assertThat(page.locator("[data-do=pause]")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("f");

        assertThat(page.locator(".points")).containsText("of 100");
        Kitchens.assertNoSeriousFaults(page);
        page.navigate("/practice");
        Kitchens.assertNoSeriousFaults(page);
        assertThat(page.locator(".lessons .best:has-text('not tried')")).hasCount(14);
    }

    @Test
    void onAPhoneItIsPlayedByTouchAndIsSmooth() {
        Page page = begin(TestKitchen.of("touch").page(390, 844), "hot-and-cold");
        Kitchens.assertFitsAcross(page);
        page.locator("#dial").fill("7");
        assertThat(page.locator("#dial-word")).hasText("7");
        page.locator("[data-do=faster]").click();
        page.locator("[data-act=plate]").click();
        assertThat(page.locator("#closeup p")).hasText(Pattern.compile("[\\d.]+ cm"), eightSeconds());
        page.locator("[data-do=close]").click();
        assertThat(page.locator("#log b")).hasText(Pattern.compile("[\\d.]+ cm"));
        var pot = page.locator("#pot").boundingBox();
        page.mouse().move(pot.x + pot.width * 0.45, pot.y + pot.height * 0.4);
        page.mouse().down();
        page.mouse().move(pot.x + pot.width * 0.6, pot.y + pot.height * 0.5);
        page.mouse().up();
        assertThat(page.locator("#stirred")).hasText(Pattern.compile("\\d+ s ago"));
        assertThat(page.locator("main")).hasAttribute("data-frame", Pattern.compile("[\\d.]+"), fifteenSeconds());
        assertThat(Double.parseDouble(page.locator("main").getAttribute("data-frame")))
                .isLessThanOrEqualTo(SMOOTH);
        page.locator("[data-act=off]").click();
        assertThat(page.locator(".points")).containsText("of 100");
        Kitchens.assertFitsAcross(page);
    }

    private static com.microsoft.playwright.assertions.LocatorAssertions.HasTextOptions eightSeconds() {
        return new com.microsoft.playwright.assertions.LocatorAssertions.HasTextOptions().setTimeout(9_000);
    }

    private static com.microsoft.playwright.assertions.LocatorAssertions.HasAttributeOptions fifteenSeconds() {
        return new com.microsoft.playwright.assertions.LocatorAssertions.HasAttributeOptions().setTimeout(15_000);
    }

    @Test
    void withoutMotionTheSameIsSaidInSentences() {
        Page page = TestKitchen.of("still").page(1280, 800);
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        begin(page, "take-it-off");
        assertThat(page.locator("#pot")).hasAttribute("aria-label", "The surface lies still.");
        page.locator("#dial").fill("9");
        page.locator("[data-do=faster]").click();
        page.locator("[data-do=faster]").click();
        assertThat(page.locator("#say"))
                .hasText(
                        Pattern.compile(".*bubbles.*|.*domes.*", Pattern.CASE_INSENSITIVE),
                        new com.microsoft.playwright.assertions.LocatorAssertions.HasTextOptions().setTimeout(20_000));
        assertThat(page.locator("main")).not().hasAttribute("data-frame", Pattern.compile(".*"));
    }

    @Test
    void twoPotsGoOnAtOnceAndOneAfterTheOtherIsInFront() {
        Page page = begin(TestKitchen.of("two").page(1280, 800), "two-pots");
        page.locator("#dial").fill("6");
        assertThat(page.locator("#other")).containsText("Wine sauce");
        page.locator("h1").click();
        page.keyboard().press("o");
        assertThat(page.locator("#other")).containsText("Tomato sauce");
        assertThat(page.locator("#dial-word")).hasText("off");
        page.keyboard().press("f");
        assertThat(page.locator("#other")).containsText("Wine sauce, off");
        assertThat(page.locator("#dial-word")).hasText("6");
        page.keyboard().press("f");
        assertThat(page.locator("svg.walk")).hasCount(2);
    }
}
