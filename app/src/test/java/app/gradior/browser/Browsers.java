package app.gradior.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Debian's Chromium without a window, one for the JVM. */
public final class Browsers {
    private static Browser browser;

    private Browsers() {}

    static synchronized Browser browser() {
        if (browser == null) {
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--disable-quic",
                                    "--no-first-run",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync")));
        }
        return browser;
    }

    /** Closes what a test opened: a cook page that stays open goes on asking. */
    public static synchronized void closePages() {
        if (browser != null) {
            List.copyOf(browser.contexts()).forEach(BrowserContext::close);
        }
    }

    /** A browser of its own, with no cookies; it keeps no pages, so that what is tested is what the server says. */
    public static Page page(int width, int height, String address) {
        return page(width, height, address, ServiceWorkerPolicy.BLOCK);
    }

    /** A browser of its own, with or without what keeps pages for where there is no network. */
    static Page page(int width, int height, String address, ServiceWorkerPolicy keeps) {
        BrowserContext context = browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        .setBaseURL(address)
                        .setServiceWorkers(keeps)
                        .setTimezoneId("UTC"));
        Page page = context.newPage();
        // A machine that has much else to do is slow and not wrong.
        page.setDefaultTimeout(30_000);
        PlaywrightAssertions.setDefaultAssertionTimeout(15_000);
        return page;
    }
}
