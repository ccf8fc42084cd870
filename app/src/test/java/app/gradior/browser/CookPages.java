package app.gradior.browser;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Duration;

/** What tests of the cook page do over and over: put a sauce on, let time pass, press a key. */
final class CookPages {
    private static final String LINES = "600 g plums\n250 ml water\n60 g caster sugar\n1 tbsp cider vinegar";

    static Page started(String name, int width, int height, String choices) {
        Page page = Kitchens.open(name, width, height);
        Kitchens.measurePot(page);
        page.navigate("/sauces/new");
        page.fill("#name", "Plum sauce");
        if ("false".equals(page.locator("#as-text").getAttribute("aria-pressed"))) {
            page.locator("#as-text").click();
        }
        page.fill("#text", LINES);
        Kitchens.button(page, "Save").click();
        page.waitForURL("**/sauces/*-*");
        page.navigate(page.url() + "/plan?" + choices);
        page.locator("#start").click();
        page.waitForURL("**/cooks/*");
        return page;
    }

    static void pass(double minutes) {
        RunningApplication.clock().pass(Duration.ofMillis(Math.round(minutes * 60_000)));
    }

    /** Opens what a key opens. */
    static void open(Page page, String key, String dialog) {
        page.keyboard().press(key);
        page.locator(dialog).waitFor();
    }

    static double number(Locator locator) {
        return number(locator.textContent());
    }

    static double number(String text) {
        return Double.parseDouble(text.replaceAll("[^0-9.]", ""));
    }

    private CookPages() {}
}
