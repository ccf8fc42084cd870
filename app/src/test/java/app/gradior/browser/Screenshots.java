package app.gradior.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;

/** Takes the pictures in docs/screenshots from a running demo: {@code Screenshots ADDRESS FOLDER}. */
final class Screenshots {
    private final String address;
    private final Path folder;

    private Screenshots(String address, Path folder) {
        this.address = address;
        this.folder = folder;
    }

    public static void main(String[] arguments) {
        Screenshots screenshots = new Screenshots(arguments[0], Path.of(arguments[1]));
        screenshots.all(Browsers.page(1280, 800, arguments[0]), "");
        screenshots.all(Browsers.page(390, 844, arguments[0]), "-phone");
        System.exit(0);
    }

    private void all(Page page, String suffix) {
        page.navigate("/signin");
        shoot(page, "signin" + suffix);
        page.locator("text=Try the demo kitchen").click();
        page.waitForURL(address + "/");
        // Hints are for the first time; the pictures show what is there every day.
        page.evaluate(
                "['stove', 'plan', 'cook'].forEach((hint) => localStorage.setItem('gradior.hint.' + hint, 'seen'))");
        page.reload();
        shoot(page, "stove" + suffix);
        page.navigate("/pots");
        shoot(page, "pots" + suffix);
        page.locator(".pots .said a", new Page.LocatorOptions().setHasText("24 cm casserole"))
                .click();
        shoot(page, "pot" + suffix);
        page.navigate("/devices");
        shoot(page, "devices" + suffix);
        page.navigate("/sauces");
        page.locator("a.name", new Page.LocatorOptions().setHasText("Blackcurrant"))
                .click();
        shoot(page, "sauce" + suffix);
        String sauce = page.url();
        page.navigate("/sauces/import");
        page.locator("#pasted").fill(Kitchens.PUBLISHED);
        page.locator("#import button[type=submit]").last().click();
        page.locator(".method li[data-index='2']").hover();
        shoot(page, "import" + suffix);
        page.navigate(sauce);
        page.navigate(page.url() + "/plan?use=GLAZE&least=2&leastUnit=jars&jarMl=200");
        shoot(page, "plan" + suffix);
        page.locator("#keep").click();
        page.waitForURL("**/plans/*");
        shoot(page, "sheet" + suffix);
        page.navigate("/quick");
        shoot(page, "quick" + suffix);
        page.navigate("/");
        Locator running = page.locator(".place a[href*=cooks]").first();
        running.click();
        page.waitForURL("**/cooks/**");
        shoot(page, "cook" + suffix);
        page.locator(".actions [data-open=rescue]").click();
        shoot(page, "rescue" + suffix);
        page.navigate("/shelf");
        page.locator(".rack a").nth(1).click();
        page.evaluate("scrollTo(0, 0)");
        shoot(page, "shelf" + suffix);
        page.navigate("/evenings");
        page.locator("main .list a.name").first().click();
        // Until the best plan is found.
        page.waitForTimeout(10_000);
        shoot(page, "evening" + suffix);
        page.navigate("/practice/lessons/hot-and-cold");
        page.fill("#seed", "318");
        page.locator("button:has-text('Begin')").click();
        page.locator("main[data-ready=true]").waitFor();
        page.locator("#dial").fill("6");
        page.locator("[data-do=faster]").click();
        page.locator("[data-do=faster]").click();
        // Some fourteen minutes of the pot's.
        page.waitForTimeout(28_000);
        page.locator("[data-act=stir]").click();
        page.locator("[data-act=spoon]").click();
        page.waitForTimeout(3000);
        page.locator("[data-do=close]").click();
        page.waitForTimeout(1500);
        shoot(page, "practice" + suffix);
        page.navigate("/journal");
        shoot(page, "journal" + suffix);
        page.locator(".batches a.name").first().click();
        shoot(page, "batch" + suffix);
        page.navigate("/journal?q=plum");
        page.locator(".batches a", new Page.LocatorOptions().setHasText("story"))
                .first()
                .click();
        shoot(page, "story" + suffix);
    }

    private void shoot(Page page, String name) {
        page.waitForTimeout(400);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
