package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The plan board and the starch bench in the browser: drag, keys, routes, pins, phone. */
@ExtendWith(RunningApplication.class)
class BoardTest {
    private static void open(Page page, String sauce, String query) {
        page.navigate("/sauces");
        page.locator("a.name", new Page.LocatorOptions().setHasText(sauce)).click();
        page.waitForURL("**/sauces/*-*");
        page.navigate(page.url() + "/plan?" + query);
        assertThat(page.locator("#board .handle")).hasCount(1);
    }

    private static Page demo(int width, int height) {
        Page page = Browsers.page(width, height, RunningApplication.address());
        page.navigate("/signin");
        Kitchens.button(page, "Try the demo kitchen").click();
        page.waitForURL(RunningApplication.address() + "/");
        return page;
    }

    private static void answered(Page page, Runnable what) {
        page.waitForResponse(r -> r.url().contains("/plan?") && r.ok(), what);
        assertThat(page.locator("#outcome:not([aria-busy])")).hasCount(1);
    }

    @Test
    void theHandleIsMovedByKeysAndByMouseAndTheRoutesFollow() {
        Page page = demo(1280, 800);
        open(page, "Plum and star anise dip", "use=GLAZE&route=reduce-then-slurry");
        Locator grip = page.locator("#board .grip");
        String before = grip.getAttribute("aria-valuetext");
        assertThat(before).contains("lift").contains("arrowroot");
        Kitchens.assertNoSeriousFaults(page);

        grip.focus();
        answered(page, () -> page.keyboard().press("PageDown"));
        String thinner = grip.getAttribute("aria-valuetext");
        assertThat(powder(thinner)).isGreaterThan(powder(before));
        assertThat(page.locator(".route.taken h3")).containsText("Reduce, then slurry");
        assertThat(grip).isFocused();

        drag(page, grab(page, grip), 120);
        String dragged = grip.getAttribute("aria-valuetext");
        assertThat(powder(dragged)).isLessThan(powder(thinner));
        answered(page, () -> page.mouse().up());
        assertThat(page.url()).contains("at=").contains("route=reduce-then-slurry");
        String taken = page.locator(".route.taken").innerText();
        page.reload();
        assertThat(page.locator(".route.taken").innerText()).isEqualTo(taken);
    }

    @Test
    void theOtherSystemIsReadAtThePointerAndAtTheFocus() {
        Page page = demo(1280, 800);
        Locator tip = page.locator("#other-units");
        open(page, "Plum and star anise dip", "use=GLAZE");
        page.locator("#board text", new Page.LocatorOptions().setHasText(Pattern.compile("^400 g$")))
                .hover();
        assertThat(tip).isVisible();
        assertThat(tip).hasText("14.1 oz");
        page.keyboard().press("Escape");
        assertThat(tip).isHidden();

        page.navigate("/pots");
        page.locator("main a", new Page.LocatorOptions().setHasText("24 cm casserole"))
                .first()
                .focus();
        assertThat(tip).hasText("9.45 in");
        page.locator("h1").hover();
        assertThat(tip).isHidden();
    }

    @Test
    void anAnswerThatComesLateTakesNoHandleOutOfAHand() {
        Page page = demo(1280, 800);
        open(page, "Plum and star anise dip", "use=GLAZE&route=reduce-then-slurry");
        Locator grip = page.locator("#board .grip");
        AtomicReference<Route> asked = new AtomicReference<>();
        page.route("**/plan?**", asked::set);
        grip.focus();
        page.keyboard().press("PageDown");
        page.waitForCondition(() -> asked.get() != null);
        BoundingBox at = grab(page, grip);
        drag(page, at, 60);
        page.unroute("**/plan?**");
        page.waitForResponse("**/plan?**", () -> asked.get().resume());
        page.waitForTimeout(300);
        String held = grip.getAttribute("aria-valuetext");
        drag(page, at, 120);
        String further = grip.getAttribute("aria-valuetext");
        assertThat(powder(further)).isLessThan(powder(held));

        answered(page, () -> page.mouse().up());
        assertThat(grip.getAttribute("aria-valuetext")).isEqualTo(further);
    }

    /** Presses the mouse on the handle; it is moved from there. */
    private static BoundingBox grab(Page page, Locator grip) {
        BoundingBox at = grip.boundingBox();
        drag(page, at, 0);
        page.mouse().down();
        return at;
    }

    private static void drag(Page page, BoundingBox from, double right) {
        page.mouse().move(from.x + from.width / 2 + right, from.y + from.height / 2);
    }

    private static double powder(String words) {
        var matcher = Pattern.compile("lift ([0-9.]+) g").matcher(words);
        assertThat(matcher.find()).as(words).isTrue();
        return Double.parseDouble(matcher.group(1));
    }

    @Test
    void choicesRedrawPinsStayAndARouteIsTakenToTheStove() {
        Page page = demo(1280, 800);
        open(page, "Roast red pepper sauce", "use=TOSS");
        page.locator("#pin").click();
        assertThat(page.locator("#pins section")).hasCount(1);
        answered(page, () -> page.selectOption("#use", "DIP"));
        assertThat(page.locator("#board .band")).hasCount(1);
        assertThat(page.locator("#board .pinned")).hasCount(1);
        page.locator("h1").click();
        page.keyboard().press("p");
        assertThat(page.locator("#pins section")).hasCount(2);
        assertThat(page.locator("#pins")).containsText("reducing");
        page.locator("#pins button").first().click();
        assertThat(page.locator("#pins section")).hasCount(1);
        answered(page, () -> page.locator("#use").selectOption("GRADE"));
        assertThat(page.locator("#grade")).isVisible();
        answered(page, () -> {
            page.fill("#grade", "99");
            page.locator("#grade").blur();
        });
        assertThat(page.locator("#grade-wrong")).containsText("between 0.5 and 8");
        answered(page, () -> {
            page.fill("#grade", "5");
            page.locator("#grade").blur();
        });
        assertThat(page.locator("#grade-wrong")).isEmpty();
        answered(page, () -> page.locator("input[type=radio][value=slurry]").click());
        assertThat(page.locator("#says")).containsText("Thicken it as it is");

        page.locator("#keep").click();
        page.waitForURL("**/plans/*");
        assertThat(page.locator(".sheet")).containsText("after 3 of 3");
        Kitchens.assertNoSeriousFaults(page);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
        assertThat(page.locator(".shelf")).isHidden();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.SCREEN));
    }

    @Test
    void theBoardIsReadableOnAPhone() {
        Page page = demo(390, 844);
        open(page, "Blackcurrant and juniper glaze", "use=GLAZE&least=2&leastUnit=jars");
        Kitchens.assertFitsAcross(page);
        Kitchens.assertNoSeriousFaults(page);
        assertThat(page.locator("#board.narrow")).hasCount(1);
        double height = ((Number)
                        page.evaluate("document.querySelector('#board .at-handle .b').getBoundingClientRect().height"))
                .doubleValue();
        assertThat(height).isGreaterThan(11);
    }

    /** Texts of a drawing that lie over each other or leave it. */
    private static final String COLLISIONS = """
            [...document.querySelectorAll('svg.chart, svg.hob, svg.pan-section')].flatMap((svg) => {
              const edge = svg.getBoundingClientRect();
              const texts = [...svg.querySelectorAll('text')]
                .map((node) => ({ words: node.textContent.trim(), box: node.getBoundingClientRect() }))
                .filter((text) => text.words && text.box.width > 0);
              const out = texts.filter(({ box }) => box.left < edge.left - 1 || box.right > edge.right + 1
                || box.top < edge.top - 1 || box.bottom > edge.bottom + 1).map((text) => 'out: ' + text.words);
              const hit = texts.flatMap((a, i) => texts.slice(i + 1)
                .filter((b) => Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left) > 1
                  && Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top) > 3)
                .map((b) => a.words + ' / ' + b.words));
              return [...out, ...hit];
            })""";

    @ParameterizedTest
    @CsvSource({"1280, 800", "390, 844"})
    void noWordsOfADrawingMeetOrLeaveIt(int width, int height) {
        Page page = demo(width, height);
        List<String> drawings = new ArrayList<>(List.of("/", "/quick"));
        page.navigate("/sauces");
        page.locator(".sauces a.act").all().forEach(link -> drawings.add(link.getAttribute("href")));
        page.navigate("/");
        drawings.add(page.locator(".place a[href*=cooks]").getAttribute("href"));
        org.assertj.core.api.Assertions.assertThat(drawings).hasSize(11);
        for (String drawing : drawings) {
            page.navigate(drawing);
            if (drawing.contains("/plan")) {
                assertThat(page.locator("#board .handle")).hasCount(1);
            }
            org.assertj.core.api.Assertions.assertThat((List<?>) page.evaluate(COLLISIONS))
                    .as(drawing)
                    .isEmpty();
        }
    }

    @Test
    void starchesAreComparedWhileTheyAreAsked() {
        Page page = demo(1280, 800);
        page.navigate("/quick?ask=thicken");
        assertThat(page.locator(".bench-table tbody tr")).hasCount(8);
        page.locator("summary").first().click();
        page.waitForResponse(r -> r.url().contains("there=30"), () -> page.fill("#there", "30"));
        assertThat(page.locator("#answers-place")).containsText("Too thick: thin it with");
        page.waitForResponse(r -> r.url().contains("amount=something"), () -> page.fill("#amount", "something"));
        assertThat(page.locator("#amount-wrong")).containsText("Give an amount with its unit");
        assertThat(page.locator("#amount")).hasValue("something");
        page.navigate("/quick?ask=thicken");
        assertThat(page.locator("#curves path")).hasCount(2);
        Kitchens.assertNoSeriousFaults(page);
    }
}
