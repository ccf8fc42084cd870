package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** What a cook entered is kept until it is taken, whatever the server says to it and whoever signs in meanwhile. */
@ExtendWith(RunningApplication.class)
class OutboxTest {
    private static void weigh(Page page, String grams) {
        CookPages.open(page, "w", "#weigh");
        page.fill("#weight", grams);
        page.keyboard().press("Enter");
    }

    @Test
    void whatIsRefusedStaysWithItsReasonUntilItIsMended() {
        Page page = CookPages.started("mender", 1280, 800, "use=GLAZE&route=reduce");
        CookPages.pass(12);
        page.reload();
        weigh(page, "9000");
        assertThat(page.locator("#weigh .wrong")).containsText("more than the");

        // Closed without being put right, it is not lost: it stands above the page, also after a reload.
        page.locator("#weigh [data-close]").click();
        assertThat(page.locator("#refused-entries")).containsText("Not taken: weighed 9000");
        page.reload();
        assertThat(page.locator("#refused-entries")).containsText("Is the lid or the spoon on the scale too");
        Kitchens.assertNoSeriousFaults(page);
        weigh(page, "8000");
        page.locator("#weigh [data-close]").click();
        // Another page shows it too, and lets it be sent again or discarded.
        page.navigate("/sauces");
        Kitchens.button(page, "Send again: weighed 8000").click();
        assertThat(page.locator(".refused-entries")).containsText("weighed 8000");
        Kitchens.button(page, "Discard: weighed 8000").click();
        assertThat(page.locator(".refused-entries li")).hasCount(1);
        page.goBack();

        Kitchens.button(page, "Change: weighed 9000").click();
        assertThat(page.locator("#weight")).hasValue("9000");
        page.fill("#weight", "2800");
        page.keyboard().press("Enter");
        assertThat(page.locator("#weigh")).isHidden();
        assertThat(page.locator("#refused-entries")).isHidden();
        assertThat(page.locator("#news")).containsText("800 g weighed");
    }

    @Test
    void whatIsPutRightWhereItWasRefusedLeavesNothingBehind() {
        Page page = CookPages.started("corrector", 390, 844, "use=GLAZE&route=reduce");
        CookPages.pass(12);
        page.reload();
        page.locator(".actions [data-open=weigh]").click();
        page.fill("#weight", "9000");
        page.keyboard().press("Enter");
        assertThat(page.locator("#weigh .wrong")).isVisible();
        page.fill("#weight", "2800");
        page.keyboard().press("Enter");
        assertThat(page.locator("#weigh")).isHidden();
        page.reload();
        assertThat(page.locator("#refused-entries")).isHidden();
    }

    @Test
    void whatOnePersonEnteredIsNeverSentAsAnother(JdbcTemplate database) {
        Page page = CookPages.started("first-hand", 1280, 800, "use=GLAZE&route=reduce");
        String cook = page.url().replaceAll(".*/cooks/", "").replaceAll("[^0-9a-f-].*", "");
        CookPages.pass(12);
        page.reload();
        page.context().route("**/events", Route::abort);
        weigh(page, "2790");
        assertThat(page.locator("#banner")).containsText("1 entry waits");

        // Somebody else signs in on the same device, in another tab: the open page sends nothing as theirs.
        Page tab = page.context().newPage();
        tab.navigate("/signin");
        tab.evaluate(
                "fetch('/signout', { method: 'POST', headers: { [document.querySelector('meta[name=_csrf_header]').content]: "
                        + "document.querySelector('meta[name=_csrf]').content } })");
        tab.navigate("/signup");
        tab.fill("#kitchen", "Another kitchen");
        tab.fill("#name", "second-hand");
        tab.fill("#password", "three long words");
        Kitchens.button(tab, "Create account").click();
        tab.waitForURL("**/sauces/starters");
        page.context().unroute("**/events");
        assertThat(page.locator("#banner")).containsText("somebody else is signed in now");
        assertThat(tab.locator(".banner")).containsText("1 entry of somebody else waits");
        assertThat(entries(database, cook)).isEmpty();

        // Once the first is back, it is sent.
        tab.navigate("/kitchen");
        Kitchens.button(tab, "Sign out").click();
        tab.waitForURL("**/signin?out");
        tab.fill("#username", "first-hand");
        tab.fill("#password", "three long words");
        Kitchens.button(tab, "Sign in").click();
        tab.waitForURL(RunningApplication.address() + "/");
        page.bringToFront();
        page.reload();
        assertThat(page.locator("#news")).containsText("790 g weighed");
        assertThat(entries(database, cook)).containsExactly("weighed");
    }

    private static List<String> entries(JdbcTemplate database, String cook) {
        return database.queryForList(
                "select kind from cook_event where cook_id = ? and kind <> 'started'", String.class, cook);
    }

    /** Pages let nothing be evaluated, so it is asked from outside until it is so. */
    private static void waitFor(Page page, String condition) {
        page.waitForCondition(() -> Boolean.TRUE.equals(page.evaluate(condition)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "<!doctype html><title>Welcome to this network</title><p>Sign in to go on.</p>"})
    void whatSomebodyInBetweenAnswersDoesNotTakeAnEntry(String answered, JdbcTemplate database) {
        Page page = CookPages.started("in-between-" + answered.length(), 1280, 800, "use=GLAZE&route=reduce");
        String cook = page.url().replaceAll(".*/cooks/", "").replaceAll("[^0-9a-f-].*", "");
        CookPages.pass(12);
        page.reload();
        page.context()
                .route(
                        "**/events",
                        route -> route.fulfill(
                                new Route.FulfillOptions().setStatus(200).setBody(answered)));
        weigh(page, "2790");
        assertThat(page.locator("#banner")).containsText("1 entry waits");
        assertThat(entries(database, cook)).isEmpty();

        page.context().unroute("**/events");
        page.reload();
        assertThat(page.locator("#news")).containsText("790 g weighed");
        assertThat(entries(database, cook)).containsExactly("weighed");
    }

    @Test
    void aWrongClockOfTheDeviceSpoilsNoTime(JdbcTemplate database) {
        Page page = CookPages.started("time-traveller", 1280, 800, "use=GLAZE&route=reduce");
        String cook = page.url().replaceAll(".*/cooks/", "").replaceAll("[^0-9a-f-].*", "");
        CookPages.pass(12);
        page.reload();
        String offset = "Number(localStorage.getItem('gradior.clock'))";
        waitFor(page, offset + " !== 0");
        page.context().route("**/events", Route::abort);
        weigh(page, "2790");
        assertThat(page.locator("#banner")).containsText("1 entry waits");
        // While it waits the device's clock is set back by a day and a half.
        page.evaluate("(() => { const real = Date.now; Date.now = () => real() - 36 * 3600e3; })()");
        waitFor(
                page,
                "Math.abs(" + offset + " + Date.now() - "
                        + RunningApplication.clock().instant().toEpochMilli() + ") < 120000");
        page.context().unroute("**/events");
        assertThat(page.locator("#news")).containsText("790 g weighed");

        String late = database.queryForObject(
                "select timestampdiff(second, e.at, ?) from cook_event e where cook_id = ? and kind = 'weighed'",
                String.class,
                java.sql.Timestamp.from(RunningApplication.clock().instant()),
                cook);
        assertThat(Math.abs(Long.parseLong(late))).isLessThan(60);
    }
}
