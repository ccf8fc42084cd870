package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** An evening by keys alone and on a phone. */
@ExtendWith(RunningApplication.class)
class EveningPageTest {
    /** A new evening of a kitchen with one sauce, a day ahead. */
    private static Page evening(int width, int height) {
        TestKitchen own = TestKitchen.of("host");
        own.casserole();
        own.sauce("Plum sauce", "600 g plums\n200 ml water\nReduce to pouring");
        Page page = own.page(width, height);
        page.navigate("/evenings");
        page.fill("#called", "Dinner for six");
        page.locator("main form button:has-text('Plan it')").click();
        page.waitForURL(Pattern.compile(".*/evenings/[0-9a-f-]{36}$"));
        return page;
    }

    private static void add(Page page, String line) {
        page.fill("#line", line);
        page.keyboard().press("Enter");
        assertThat(page.locator(".ready summary b").last()).hasText(line.split(" \\d")[0]);
    }

    private static void settled(Page page) {
        page.locator("h1").click();
        assertThat(page.locator("#live"))
                .hasAttribute("data-working", "false", new LocatorAssertions.HasAttributeOptions().setTimeout(30_000));
    }

    @Test
    void anEveningIsPutTogetherAndMovedByKeysAlone() {
        Page page = evening(1280, 800);
        Kitchens.assertNoSeriousFaults(page);
        page.locator("h1").click();
        page.keyboard().press("n");
        assertThat(page.locator("#sauce")).isFocused();
        page.locator("#sauce").selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Plum sauce"));
        page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        assertThat(page.locator(".ready summary b")).hasText("Plum sauce");
        page.locator("h1").click();
        page.keyboard().press("j");
        assertThat(page.locator("#line")).isFocused();
        add(page, "salad 10 hands, any time");
        settled(page);
        Kitchens.assertNoSeriousFaults(page);

        Locator salad = page.locator("a.bar[aria-label^='make the salad']").first();
        String before = salad.getAttribute("aria-label");
        salad.focus();
        page.keyboard().press("ArrowLeft");

        assertThat(page.locator("a.bar[aria-label^='make the salad']").first())
                .not()
                .hasAttribute("aria-label", before, new LocatorAssertions.HasAttributeOptions().setTimeout(10_000));
        assertThat(page.locator(".tasks li:has-text('make the salad')")).containsText("put there by you");
        page.locator("button:has-text('Start the evening')").press("Enter");
        assertThat(page.locator("#now")).containsText("Next: ");
        page.locator(".tasks button[aria-label^='Begun: make the salad']").press("Enter");
        assertThat(page.locator(".timers")).containsText("make the salad");
        page.locator(".tasks button[aria-label='Undo: make the salad']").press("Enter");
        assertThat(page.locator(".timers")).hasCount(0);
        Kitchens.assertNoSeriousFaults(page);
    }

    @Test
    void onAPhoneTheListComesFirstAndNothingIsCutOff() {
        Page page = evening(390, 844);
        add(page, "potatoes 25 ring, drain");
        settled(page);

        Kitchens.assertFitsAcross(page);
        Kitchens.assertNoSeriousFaults(page);
        double list = page.locator(".evening-list").boundingBox().y;
        assertThat(list).isLessThan(page.locator(".evening-draw").boundingBox().y);
        page.locator("details:has-text('Who cooks') > summary").last().click();
        Kitchens.assertFitsAcross(page);
    }

    @Test
    void aTaskThatIsDraggedTakesTheRestWithIt() {
        Page page = evening(1280, 800);
        add(page, "stew 40 ring");
        add(page, "salad 10 hands, any time");
        settled(page);
        Locator salad = page.locator("a.bar[aria-label^='make the salad']").first();
        String before = salad.getAttribute("aria-label");
        salad.scrollIntoViewIfNeeded();
        var box = salad.boundingBox();

        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse()
                .move(
                        box.x + box.width / 2 - 120,
                        box.y + box.height / 2,
                        new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
        page.mouse().up();

        assertThat(page.locator("a.bar[aria-label^='make the salad']").first())
                .not()
                .hasAttribute("aria-label", before, new LocatorAssertions.HasAttributeOptions().setTimeout(10_000));
        assertThat(page.locator(".tasks li:has-text('make the salad')")).containsText("put there by you");
    }
}
