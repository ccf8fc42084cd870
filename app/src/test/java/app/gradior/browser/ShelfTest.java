package app.gradior.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The shelf by keys and on a phone: a jar is opened, its label leads to it, and it is judged on the next day. */
@ExtendWith(RunningApplication.class)
class ShelfTest {
    private static Page demo(int width, int height) {
        Page page = Browsers.page(width, height, RunningApplication.address());
        page.navigate("/quick");
        page.locator("header button:has-text('Demo kitchen')").click();
        page.waitForURL(RunningApplication.address() + "/");
        return page;
    }

    @Test
    void aJarIsChosenAndOpenedByKeysAlone() {
        Page page = demo(1280, 800);
        page.navigate("/shelf");
        Kitchens.assertNoSeriousFaults(page);
        Locator stock = page.locator(".rack a[aria-label^='Beef stock']").first();
        stock.focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#jar h2")).hasText("Beef stock and port reduction");
        Kitchens.assertNoSeriousFaults(page);
        page.keyboard().press("o");
        assertThat(page.locator("#jar .list")).containsText("opened");
        page.locator("#jar button[aria-label='Undo: opened']").press("Enter");
        assertThat(page.locator("#jar .excluded")).containsText("opened");
        page.keyboard().press("x");
        assertThat(page.locator("#jar > .state")).hasText("finished");
    }

    @Test
    void aLabelLeadsAPhoneToItsJarAndItsVerdict() {
        Page page = demo(390, 844);
        page.navigate("/shelf");
        Kitchens.assertFitsAcross(page);
        page.locator(".rack a[aria-label^='Beef stock']").first().click();
        page.getByText("Its label").click();
        assertThat(page.locator(".sheet-preview text").first()).containsText("Beef stock");
        Kitchens.assertFitsAcross(page);
        Kitchens.assertNoSeriousFaults(page);
        String id = page.locator("input[name=jar]").inputValue();
        page.navigate("/shelf?jar=" + id + "#jar");
        Kitchens.assertFitsAcross(page);
        page.locator("#jar .five button:has-text('right')").click();
        page.waitForURL("**/journal/*");
        assertThat(page.locator("#verdict button[aria-pressed=true]").first()).hasText("right");
    }
}
