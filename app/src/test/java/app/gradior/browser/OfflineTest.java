package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Into the cellar with the phone: what was open opens again, what is entered waits, and nobody sees what another one saw. */
@ExtendWith(RunningApplication.class)
class OfflineTest {
    private static final String KEPT =
            "caches.open('gradior-pages-1').then(c => c.keys()).then(k => k.map(r => r.url).join(' '))";

    /** The same person in a browser that keeps pages. */
    private static Page keeping(Page of, String address) {
        Page page = Browsers.page(390, 844, RunningApplication.address(), ServiceWorkerPolicy.ALLOW);
        page.context().addCookies(of.context().cookies());
        of.close();
        page.navigate(address);
        return page;
    }

    /** Opened once more, so that what keeps pages has seen it. */
    private static void keep(Page page) {
        page.evaluate("() => navigator.serviceWorker.ready.then(() => true)");
        page.waitForCondition(() -> (Boolean) page.evaluate("() => !!navigator.serviceWorker.controller"));
        page.reload();
    }

    @Test
    void aCookIsThereAfterAReloadWithoutANetworkAndWhatIsEnteredArrivesLater() {
        Page started = CookPages.started("cellar", 390, 844, "use=GLAZE&route=reduce");
        String cook = started.url();
        Page page = keeping(started, cook);
        keep(page);
        page.keyboard().press("b");
        assertThat(page.locator(".log summary")).containsText("(1)");
        page.waitForCondition(() -> ((String) page.evaluate(KEPT)).contains("/cooks/"));
        page.navigate("/");
        page.navigate(cook);

        page.context().setOffline(true);
        page.reload();

        assertThat(page.locator("h1")).containsText("Plum sauce");
        assertThat(page.locator(".log summary")).containsText("(1)");
        page.keyboard().press(" ");
        assertThat(page.locator("#banner")).containsText("1 entry waits");
        page.reload();
        assertThat(page.locator("#banner")).containsText("1 entry waits");
        // The stove as it was; what was never open says so.
        page.navigate("/");
        assertThat(page.locator(".kept-page"))
                .hasText(Pattern.compile("No connection\\. This is as it was at \\d\\d:\\d\\d\\."));
        page.navigate("/journal");
        assertThat(page.locator("h1")).hasText("No connection");
        page.locator("text=To the stove").click();
        assertThat(page.locator(".kept-page")).isVisible();

        page.context().setOffline(false);
        page.navigate(cook);
        assertThat(page.locator("#banner")).isHidden();
        assertThat(page.locator(".log summary")).containsText("(2)");
        page.navigate("/");
        assertThat(page.locator(".kept-page")).hasCount(0);
    }

    @Test
    void whoSignsOutLeavesNothingToSee() {
        Page page = keeping(Kitchens.open("leaver", 1280, 800), "/");
        keep(page);
        page.waitForCondition(() -> !((String) page.evaluate(KEPT)).isEmpty());

        page.locator("form[action$=signout] button").click();

        page.waitForCondition(() -> ((String) page.evaluate(KEPT)).isEmpty());
        page.context().setOffline(true);
        page.navigate("/");
        assertThat(page.locator("h1")).hasText("No connection");
    }

    @Test
    void itCanBeInstalled() {
        Page page = Kitchens.open("installer", 390, 844);
        var manifest = page.request().get("/manifest.json");
        assertThat(manifest.ok()).isTrue();
        assertThat(manifest.text()).contains("\"start_url\": \"/\"", "\"display\": \"standalone\"");
        for (String icon : new String[] {"/icon-192.png", "/icon-512.png", "/favicon.svg", "/offline.html", "/sw.js"}) {
            assertThat(page.request().get(icon).ok()).as(icon).isTrue();
        }
    }
}
