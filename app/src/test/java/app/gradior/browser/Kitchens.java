package app.gradior.browser;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.assertj.core.api.Assertions;

/** What browser tests do over and over: open a kitchen, press a button, look for faults. */
final class Kitchens {
    /** A recipe as it is published, with two things in it that are asked. */
    static final String PUBLISHED = """
            Port and peppercorn sauce

            Serves 4

            Ingredients
            40 g unsalted butter
            2 shallots, finely chopped
            200 ml ruby port
            400 ml beef stock
            100 ml double cream
            1 tsp honey
            4 sirloin steaks

            Method
            1. Sear the steaks for 2 minutes on each side.
            2. Melt half the butter in the same pan and soften the shallots for 5 minutes.
            3. Pour in the port and boil until reduced by two thirds, about 6-8 minutes.
            4. Add the stock and simmer until slightly thickened.
            5. Stir in the cream and simmer until it coats the back of a spoon, 3 minutes. Off the heat, whisk in the rest of the butter.
            6. Spoon over the steaks.
            """;

    private Kitchens() {}

    /** A page of a wide screen in a new kitchen of this name. */
    static Page open(String name, int width, int height) {
        return TestKitchen.called(name).page(width, height);
    }

    static Page signIn(String name, int width, int height) {
        Page page = Browsers.page(width, height, RunningApplication.address());
        page.navigate("/signin");
        page.fill("#username", name);
        page.fill("#password", "three long words");
        button(page, "Sign in").click();
        page.waitForURL(RunningApplication.address() + "/");
        return page;
    }

    /** Keeps a casserole of 24 cm that weighs 2 kg. */
    static void measurePot(Page page) {
        page.navigate("/pots/new");
        page.fill("#name", "24 cm casserole");
        page.fill("#baseCm", "24");
        page.fill("#rimCm", "24");
        page.fill("#wallCm", "12");
        page.fill("#tareG", "2000");
        button(page, "Save this pot").click();
        page.waitForURL("**/pots");
    }

    static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .first();
    }

    static void assertNoSeriousFaults(Page page) {
        AxeRunOptions onlyFaults = new AxeRunOptions();
        onlyFaults.setResultTypes(List.of("violations"));
        // Its other mode is for frames within frames, and puts what it found together on a page of its own.
        List<Rule> faults = new AxeBuilder(page)
                .options(onlyFaults).setLegacyMode(true).analyze().getViolations().stream()
                        .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                        .toList();
        Assertions.assertThat(faults)
                .extracting(rule -> rule.getId() + ": " + rule.getNodes().get(0).getHtml())
                .isEmpty();
    }

    static void assertFitsAcross(Page page) {
        Assertions.assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                .isTrue();
    }
}
