package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.net.ServerSocket;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;

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
    void theForecastGoesOnAlongWhatTheServerSentLast() {
        Page started = CookPages.started("alone", 390, 844, "use=GLAZE&route=reduce");
        String cook = started.url();
        CookPages.pass(5);
        started.reload();
        started.locator(".simmers button").click();
        assertThat(started.locator(".simmers")).hasCount(0);
        Page page = keeping(started, "/");
        page.context().clock().install();
        page.navigate(cook);
        keep(page);
        page.locator("#left .unit").waitFor();
        double left = CookPages.number(page.locator("#left"));
        double grams = CookPages.number(page.locator("#grams"));
        double grade = CookPages.number(page.locator("#grade"));

        page.context().setOffline(true);
        page.clock().runFor("06:00");

        assertThat(page.locator(".cook[data-alone]")).hasCount(1);
        assertThat(page.locator("#range")).containsText("worked out on this device");
        assertThat(CookPages.number(page.locator("#left"))).isBetween(left - 8, left - 5);
        assertThat(CookPages.number(page.locator("#grams"))).isLessThan(grams - 5);
        assertThat(CookPages.number(page.locator("#grade"))).isGreaterThanOrEqualTo(grade);

        // What is weighed here moves it, before the server knows.
        double there = CookPages.number(page.locator("#grams"));
        CookPages.open(page, "w", "#weigh");
        page.fill("#weight", String.valueOf(Math.round(there + 40)));
        page.locator("#weigh input[name=pot]").uncheck();
        Kitchens.button(page, "Weighed").click();
        assertThat(page.locator("#banner")).containsText("1 entry waits");
        double before = CookPages.number(page.locator("#left"));
        page.clock().runFor("00:06");
        assertThat(CookPages.number(page.locator("#grams"))).isBetween(there + 25, there + 41);
        assertThat(CookPages.number(page.locator("#left"))).isGreaterThan(before);

        page.context().setOffline(false);
        page.clock().runFor("00:30");
        assertThat(page.locator("#banner")).isHidden();
        assertThat(page.locator(".cook[data-alone]")).hasCount(0);
    }

    @Test
    void theCurveIsFollowedAndNothingBeyondItIsSaid() {
        Page page = Kitchens.open("curve", 390, 844);
        Object said = page.evaluate("""
                async () => {
                  const { at, when, standing, curve } = await import('/js/ahead.js');
                  const sent = [[10, 800], [20, 700], [30, 620]].map(([minutes, grams]) => [minutes, grams - 10, grams, grams + 10, 3]);
                  const ahead = curve(sent);
                  const drawing = { ahead: sent, start: '2026-11-24T18:00:00Z', now: 10, cross: 28, targetWords: 'glaze', tare: 2000,
                    left: { low: 14, middle: 18, high: 22 } };
                  const now = Date.parse(drawing.start) + 15 * 60000;
                  const entry = (body) => [{ body, made: now }];
                  const left = (made) => made && [made.left.middle, made.grams];
                  return JSON.stringify([at(ahead, 25).grams, at(ahead, 99).grams, when(ahead, 660), when(ahead, 810), when(ahead, 10),
                    left(standing(drawing, now, [])), left(standing(drawing, now, entry('kind=weighed&value=700'))),
                    left(standing(drawing, now, entry('kind=weighed&value=2700&pot=true'))),
                    left(standing(drawing, now, entry('kind=stirred'))), left(standing(drawing, now, entry('kind=lid&choice=on'))),
                    left(standing(drawing, now, entry('kind=weighed&value=heavy'))), left(standing({ ...drawing, ahead: [] }, now, []))]);
                }""");
        assertThat(said).isEqualTo("[660,620,25,9,null,[13,750],[8,700],[8,700],[13,750],null,null,null]");
    }

    @Test
    void aNewVersionTakesOverAndWhatWaitsIsSentToIt() throws Exception {
        Page started = CookPages.started("newer", 390, 844, "use=GLAZE&route=reduce");
        String path = started.url().substring(RunningApplication.address().length());
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Page page;
        try (ConfigurableApplicationContext older =
                RunningApplication.node("--server.port=" + port, "--gradior.files=older")) {
            page = keeping(started, RunningApplication.address(older) + path);
            keep(page);
            assertThat(page.locator("script[src^='/files/older/js/cook.js']")).hasCount(1);
        }
        page.keyboard().press(" ");
        assertThat(page.locator("#banner")).containsText("1 entry waits");
        try (ConfigurableApplicationContext newer =
                RunningApplication.node("--server.port=" + port, "--gradior.files=newer")) {
            assertThat(page.locator("#banner")).isHidden();
            assertThat(page.locator(".log summary")).containsText("(1)");
            page.reload();
            assertThat(page.locator("script[src^='/files/newer/js/cook.js']")).hasCount(1);
            page.waitForCondition(() -> (Boolean) page.evaluate("() => caches.has('gradior-files-newer')"));
            assertThat(page.request()
                            .get(RunningApplication.address(newer) + "/files/newer/js/cook.js")
                            .headers()
                            .get("cache-control"))
                    .contains("immutable");
            assertThat(page.request()
                            .get(RunningApplication.address(newer) + "/files/older/js/cook.js")
                            .headers()
                            .get("cache-control"))
                    .isEqualTo("no-store");
            assertThat(page.request()
                            .get(RunningApplication.address(newer) + "/files/newer/webjars/d3/dist/d3.min.js")
                            .ok())
                    .isTrue();
        }
        // The cook of the newer one is there without it.
        page.reload();
        assertThat(page.locator("h1")).containsText("Plum sauce");
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
