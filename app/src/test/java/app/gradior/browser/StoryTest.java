package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The journal in the browser: judged by phone, compared by keys, told as a story. */
@ExtendWith(RunningApplication.class)
class StoryTest {
    private static Page demo(int width, int height) {
        Page page = Browsers.page(width, height, RunningApplication.address());
        page.navigate("/signin");
        Kitchens.button(page, "Try the demo kitchen").click();
        page.waitForURL(RunningApplication.address() + "/");
        return page;
    }

    @Test
    void theNextDaysVerdictTakesTwoPressesOnAPhone() {
        Page page = demo(390, 844);
        Locator ask = page.locator(".next-day").first();
        assertThat(ask).containsText("How is it today?");
        ask.getByText("a little thick").click();
        page.waitForURL("**/journal/*#verdict");
        Kitchens.button(page, "yes, with changes").click();
        assertThat(page.locator("#verdict button[aria-pressed=true]")).hasCount(2);
        assertThat(page.locator("#verdict details")).hasAttribute("open", Pattern.compile(".*"));
        Kitchens.assertFitsAcross(page);
        Kitchens.assertNoSeriousFaults(page);
        page.navigate("/");
        assertThat(page.locator(".next-day")).hasCount(0);
        page.navigate("/journal");
        Kitchens.assertFitsAcross(page);
        page.locator(".batches a", new Page.LocatorOptions().setHasText("story"))
                .first()
                .click();
        Kitchens.assertFitsAcross(page);
    }

    @Test
    void aStoryIsReadAndItsNextVersionIsMadeInOnePress() {
        Page page = demo(1280, 800);
        page.navigate("/journal?q=plum");
        page.locator(".batches a", new Page.LocatorOptions().setHasText("story"))
                .first()
                .click();
        assertThat(page.locator(".climbs .stove-dot")).hasCount(3);
        Kitchens.assertNoSeriousFaults(page);
        Kitchens.button(page, "Make version 2 with it").click();
        page.waitForURL("**/plan?since=1&*");
        assertThat(page.locator("#use")).hasValue("DIP");
        assertThat(page.locator(".changed ins").first()).containsText("# Stop at");
        assertThat(page.locator("#board .handle")).hasCount(1);
        Kitchens.assertNoSeriousFaults(page);
        page.getByText("Both versions side by side").click();
        assertThat(page.locator(".difference")).containsText("# Stop at");
    }

    @Test
    void batchesAreComparedByKeysAlone() {
        Page page = demo(1280, 800);
        page.navigate("/journal?q=plum");
        Locator ticks = page.locator(".batches input[type=checkbox]");
        for (int i = 0; i < 2; i++) {
            ticks.nth(i).focus();
            page.keyboard().press("Space");
        }
        Kitchens.button(page, "Compare the ticked").press("Enter");
        assertThat(page.locator(".laid .curve")).hasCount(2);
        assertThat(page.locator("table")).containsText("kWh");
        page.navigate("/journal/forecasts");
        assertThat(page.locator(".dots a").first()).isVisible();
        Kitchens.assertNoSeriousFaults(page);
    }
}
