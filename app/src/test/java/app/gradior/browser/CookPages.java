package app.gradior.browser;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Duration;

/** What tests of the cook page do over and over: put a sauce on, let time pass, press a key. */
final class CookPages {
    private static final String LINES = "600 g plums\n250 ml water\n60 g caster sugar\n1 tbsp cider vinegar";

    /** A sauce of plums on the heat, as these choices plan it. */
    static Page started(String name, int width, int height, String choices) {
        return started(name, LINES, width, height, choices);
    }

    /** A sauce of these lines on the heat. */
    static Page started(String name, String lines, int width, int height, String choices) {
        Page page = planned(name, lines, width, height, choices);
        page.locator("#start").click();
        page.waitForURL("**/cooks/*");
        return page;
    }

    /** The plan of a sauce of these lines, in a new kitchen with a casserole that weighs 2 kg. */
    static Page planned(String name, String lines, int width, int height, String choices) {
        TestKitchen kitchen = TestKitchen.called(name);
        kitchen.casserole();
        Page page = kitchen.signedIn(width, height);
        page.navigate("/sauces/" + kitchen.sauce("Plum sauce", lines).id() + "/plan?" + choices);
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
