package app.gradior.browser;

import static app.gradior.browser.Kitchens.assertFitsAcross;
import static app.gradior.browser.Kitchens.assertNoSeriousFaults;
import static app.gradior.browser.Kitchens.button;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.gradior.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The workshop as a cook uses it: by keyboard, by press, on a phone. */
@ExtendWith(RunningApplication.class)
class WorkshopTest {
    private static Locator line(Page page, int number) {
        return page.locator(".line-row .line-text").nth(number);
    }

    private static Locator row(Page page, int number) {
        return page.locator(".line-row").nth(number);
    }

    private static void write(Page page, String... lines) {
        line(page, 0).click();
        for (String line : lines) {
            page.keyboard().type(line);
            page.keyboard().press("Enter");
        }
    }

    private static String text(Page page) {
        return (String) page.evaluate("document.getElementById('text').value");
    }

    @Test
    void aSauceIsWrittenByKeyboardAloneAndUnderstoodBesideItsLines() {
        Page page = Kitchens.open("writer", 1280, 800);
        page.navigate("/sauces/new");
        page.locator("#name").fill("Glaze <b>bold</b> & sharp");
        write(
                page,
                "Sweat in 15 g butter",
                "2 shallots, chopped",
                "Pour in, reduce by half",
                "150 ml port",
                "a splash of cider vinegar");

        assertThat(row(page, 1).locator(".figure")).hasText("≈ 60 g");
        assertThat(row(page, 2).locator(".figure")).containsText("→");
        assertThat(row(page, 4).locator(".figure")).hasText("≈ 15 g?");
        assertThat(page.locator("#stage")).containsText("Pour in, reduce by half");

        line(page, 4).click();
        page.keyboard().press("Alt+2");
        assertThat(row(page, 4).locator(".figure")).hasText("≈ 5 g");
        page.keyboard().press("Alt+ArrowUp");
        assertThat(line(page, 3)).hasValue("a splash of cider vinegar");
        page.keyboard().press("Control+z");
        assertThat(line(page, 4)).hasValue("a splash of cider vinegar");
        line(page, 2).click();
        page.keyboard().press("Alt+Shift+ArrowUp");
        assertThat(line(page, 0)).hasValue("Pour in, reduce by half");
        page.keyboard().press("Control+z");

        line(page, 1).click();
        page.keyboard().press("Home");
        page.keyboard().press("Backspace");
        assertThat(line(page, 0)).hasValue("Sweat in 15 g butter2 shallots, chopped");
        page.keyboard().press("Control+z");
        assertThat(line(page, 1)).hasValue("2 shallots, chopped");
        assertNoSeriousFaults(page);

        page.keyboard().press("Control+s");
        page.waitForURL("**/sauces/*-*");
        assertThat(page.locator("#name")).hasValue("Glaze <b>bold</b> & sharp");
        assertThat(line(page, 4)).hasValue("a splash of cider vinegar");
        assertThat(row(page, 4).locator(".figure")).hasText("≈ 5 g");
    }

    @Test
    void whatIsNotUnderstoodIsMarkedWithChoices() {
        Page page = Kitchens.open("typist", 1280, 800);
        page.navigate("/sauces/new");
        write(page, "400 g blackcurants", "500 ml stock", "-1 g salt", "200 ml double cream, zork", "5 g moonbeams");

        assertThat(page.locator(".line-row.open")).hasCount(5);
        assertThat(row(page, 0)).containsText("“blackcurant” is");
        line(page, 1).click();
        row(page, 1).getByText("Vegetable stock").click();
        assertThat(row(page, 1)).not().hasClass(Pattern.compile(".*\\bopen\\b.*"));
        assertThat(row(page, 2)).containsText("more than zero");
        assertThat(row(page, 3).locator(".unread-words i")).hasText("zork");
        assertThat(row(page, 3)).containsText("“zork” is not understood and not counted");
        line(page, 3).click();
        page.keyboard().press("Alt+1");
        assertThat(line(page, 3)).hasValue("200 ml double cream # zork");
        assertThat(row(page, 3).locator(".unread-words i")).hasCount(0);
        assertThat(row(page, 4)).containsText("not a food known here");

        button(page, "Save").click();
        assertThat(page.locator("#name-wrong")).containsText("Give the sauce a name.");
        assertThat(line(page, 0)).hasValue("400 g blackcurants");
    }

    @Test
    void whatAFewGramsMeanIsTypedAndRemembered() {
        Page page = Kitchens.open("own-splash", 1280, 800);
        page.navigate("/sauces/new");
        write(page, "a splash of cider vinegar");
        Locator own = row(page, 0).locator(".own-grams");
        own.fill("a lot");
        own.press("Enter");
        // The server says what is wrong with it, a moment later.
        page.waitForCondition(() -> ((String) own.evaluate("f => f.validationMessage")).contains("in grams"));
        own.fill("9");
        own.press("Enter");
        assertThat(row(page, 0).locator(".figure")).hasText("≈ 9 g");
        page.navigate("/sauces/new");
        write(page, "a splash of cider vinegar");
        assertThat(row(page, 0).locator(".figure")).hasText("≈ 9 g");
    }

    @Test
    void aSauceIsScaledSwappedComparedAndTakenBack() {
        Page page = Kitchens.open("scaler", 1280, 800);
        page.navigate("/sauces/new");
        page.locator("#name").fill("Gravy");
        write(page, "Serves 4", "500 ml vegetable stock", "18 g corn starch", "½ tsp cayenne");
        page.keyboard().press("Control+s");
        page.waitForURL("**/sauces/*-*");
        String address = page.url();

        page.keyboard().press("Alt+s");
        page.locator("#scale input[name=servings]").fill("8");
        assertThat(page.locator("#scaled")).containsText("2 times");
        assertThat(page.locator("#scaled")).containsText("add half, then taste");
        page.locator("#scale input[name=servings]").fill("none");
        assertThat(page.locator("#scaled .wrong")).containsText("Give a number");
        assertThat(page.locator("#scale-take")).isDisabled();
        page.locator("#scale input[name=have]").fill("250");
        assertThat(page.locator("#scaled")).containsText("0.5 times");
        page.locator("#scale input[name=servings]").fill("8");
        assertThat(page.locator("#scaled")).containsText("1000 ml vegetable stock");
        page.locator("#scale-take").click();
        assertThat(line(page, 0)).hasValue("Serves 8");
        assertThat(line(page, 1)).hasValue("1000 ml vegetable stock");

        line(page, 2).click();
        page.keyboard().press("Alt+w");
        page.locator("#swapped button[data-food=potato-starch]").click();
        assertThat(page.locator("#swapped")).containsText("g potato starch");
        assertThat(page.locator("#swapped tr", new Page.LocatorOptions().setHasText("grade")))
                .containsText("none");
        assertNoSeriousFaults(page);
        page.locator("#swap-take").click();
        org.assertj.core.api.Assertions.assertThat(text(page))
                .contains("g potato starch")
                .doesNotContain("corn");
        page.keyboard().press("Control+s");
        assertThat(page.locator(".under-title")).containsText("version 2");

        page.locator(".under-title a").click();
        assertThat(page.locator(".difference .changed, .difference .new")).not().hasCount(0);
        assertThat(page.locator(".preview")).containsText("weight");
        assertNoSeriousFaults(page);
        button(page, "Go back to version 1").click();
        page.waitForURL(address);
        assertThat(page.locator(".under-title")).containsText("version 3");
        assertThat(line(page, 2)).hasValue("18 g corn starch");

        page.getByText("Picture, copies, files").click();
        button(page, "Make a copy").click();
        assertThat(page.locator("#name")).hasValue("Gravy, another");
        page.getByText("Picture, copies, files").click();
        button(page, "Delete it").click();
        assertThat(page.locator(".news")).containsText("“Gravy, another” is deleted.");
        assertThat(page.locator(".list li")).hasCount(1);
        button(page, "Undo").click();
        assertThat(page.locator("#name")).hasValue("Gravy, another");
        page.getByText("Picture, copies, files").click();
        button(page, "Archive").click();
        assertThat(page.locator(".list li")).hasCount(1);
        assertThat(page.locator("main")).containsText("1 archived");
    }

    @Test
    void linesArePastedDraggedAndReadOnAPhone() {
        Page page = Kitchens.open("phone", 390, 844);
        page.navigate("/sauces/new");
        line(page, 0).click();
        page.evaluate("""
                () => {
                  const data = new DataTransfer();
                  data.setData('text/plain', '200 g plums\\n100 ml water\\nReduce by a third');
                  const paste = new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true });
                  document.activeElement.dispatchEvent(paste);
                }""");
        assertThat(line(page, 2)).hasValue("Reduce by a third");
        assertThat(row(page, 2).locator(".figure")).containsText("→");
        row(page, 1).locator(".grip").hover();
        page.mouse().down();
        row(page, 0).locator(".line-text").hover();
        page.mouse().up();
        assertThat(line(page, 0)).hasValue("100 ml water");
        page.locator("[data-step^='Off the heat']").click();
        assertThat(page.locator(".line-row .line-text").nth(1)).hasValue("Off the heat, stir in");
        assertFitsAcross(page);
        assertNoSeriousFaults(page);
    }

    @Test
    void theSecondOfTwoWhoSaveSeesBoth() {
        Page page = Kitchens.open("pair", 1280, 800);
        page.navigate("/sauces/new");
        page.locator("#name").fill("Shared");
        write(page, "200 g plums", "100 ml water");
        page.keyboard().press("Control+s");
        page.waitForURL("**/sauces/*-*");
        Page other = Kitchens.signIn("pair", 390, 844);
        other.navigate(page.url());
        line(other, 1).fill("150 ml water");
        button(other, "Save").click();
        assertThat(other.locator(".under-title")).containsText("version 2");

        line(page, 0).fill("300 g plums");
        page.keyboard().press("Control+s");
        assertThat(page.locator(".theirs")).containsText("Another person saved this sauce as version 2");
        assertThat(page.locator(".theirs .difference")).containsText("150 ml water");
        assertThat(line(page, 0)).hasValue("300 g plums");
        page.keyboard().press("Control+s");
        assertThat(page.locator(".under-title")).containsText("version 3");
    }

    @Test
    void ownFoodsAndPicturesAndFilesComeIn() {
        Page page = Kitchens.open("larder", 1280, 800);
        page.navigate("/foods/new");
        page.locator("#f-name").fill("Harissa");
        page.locator("#f-carbohydrate").fill("5");
        page.locator("#f-sugars").fill("9");
        page.locator("#f-fibre").fill("3");
        page.locator("#f-salt").fill("2.4");
        button(page, "Save this food").click();
        assertThat(page.locator("#w-sugars")).containsText("can't be more");
        assertThat(page.locator("#f-salt")).hasValue("2.4");
        page.locator("#f-carbohydrate").fill("9");
        button(page, "Save this food").click();
        assertThat(page.locator(".list")).containsText("Harissa");
        page.locator("#q").fill("harisa");
        assertThat(page.locator("#found .list li").first()).containsText("Harissa");
        assertNoSeriousFaults(page);

        page.navigate("/sauces/import");
        page.locator("#pasted").fill("""
                <html><script type="application/ld+json">{"@graph":[{"@type":["Recipe"],"name":"Dip &amp; glaze",
                "recipeYield":"4","recipeIngredient":["20 g harissa","&frac12; cup water"],
                "recipeInstructions":"Stir <b>well</b>."}]}</script></html>""");
        button(page, "Import").click();
        assertThat(page.locator("#name")).hasValue("Dip & glaze");
        assertThat(line(page, 2)).hasValue("20 g harissa");
        assertThat(row(page, 3).locator(".figure")).hasText("118 g");
        assertThat(page.locator("#proposal .method")).containsText("Stir well.");
        page.keyboard().press("Control+s");
        page.waitForURL("**/sauces/*-*");

        page.getByText("Picture, copies, files").click();
        page.setInputFiles(
                "#photo", new FilePayload("a.png", "image/png", "not a picture".getBytes(StandardCharsets.UTF_8)));
        button(page, "Save the picture").click();
        page.getByText("Picture, copies, files").click();
        assertThat(page.locator(".more .wrong")).containsText("no picture");
        page.setInputFiles("#photo", new FilePayload("b.png", "image/png", page.screenshot()));
        button(page, "Save the picture").click();
        page.getByText("Picture, copies, files").click();
        assertThat(page.locator(".photo")).isVisible();
        assertNoSeriousFaults(page);
    }

    @ParameterizedTest
    @CsvSource({"1280,800", "390,844"})
    void aPublishedRecipeIsPlannedInUnderTenActions(int width, int height) {
        Page page = Kitchens.open("importer-" + width, width, height);
        Kitchens.measurePot(page);
        page.navigate("/sauces/import");
        page.locator("#pasted").fill(Kitchens.PUBLISHED);
        button(page, "Import").click();

        assertThat(page.locator("#name")).hasValue("Port and peppercorn sauce");
        assertThat(page.locator("#to-check")).hasText("2 things to check");
        // Its presses are there with the script that lights up what belongs together.
        assertThat(page.locator(".fixes button").first()).isVisible();
        assertThat(page.locator(".method .aside").first()).containsText("Sear the steaks");
        page.locator(".method li[data-index='1']").focus();
        assertThat(page.locator(".line-row.lit")).hasCount(3);
        line(page, 2).focus();
        assertThat(page.locator(".method li.lit")).containsText("Melt half the butter");
        page.locator(".doubts").getByText("By half").click();
        assertThat(page.locator(".line-row", new Page.LocatorOptions().setHas(page.locator(".lit"))))
                .hasCount(0);
        page.locator(".doubts").getByText("That's right").click();
        assertThat(page.locator("#to-check")).hasText("All checked");
        assertThat(page.locator("textarea[data-read]")).hasValue(Pattern.compile("bring to a boil, reduce by half"));
        assertNoSeriousFaults(page);
        Kitchens.assertFitsAcross(page);

        button(page, "Save and plan").click();
        page.waitForURL("**/plan**");
        assertThat(page.locator("#claim")).containsText("The recipe says 3 min");
    }

    @Test
    void aDroppedFileIsTakenInAndALineMovesToAnotherStep() {
        Page page = Kitchens.open("dropper", 1280, 800);
        page.navigate("/sauces/import");
        page.evaluate(
                "text => { const data = new DataTransfer(); data.items.add(new File([text], 'sauce.txt', {type: 'text/plain'}));"
                        + " dispatchEvent(new DragEvent('drop', {dataTransfer: data, bubbles: true, cancelable: true})); }",
                Kitchens.PUBLISHED);
        assertThat(page.locator("#name")).hasValue("Port and peppercorn sauce");

        assertThat(line(page, 3)).hasValue("1 tsp honey");
        line(page, 3).focus();
        page.keyboard().press("Alt+ArrowDown");
        page.keyboard().press("Alt+ArrowDown");
        assertThat(line(page, 5)).hasValue("1 tsp honey");
        page.keyboard().press("Control+s");
        page.waitForURL("**/sauces/*-*");
        assertThat(page.locator("textarea[data-read]")).hasValue(Pattern.compile("two thirds[^\\n]*\\n1 tsp honey"));
        page.getByText("The recipe as it was published").click();
        assertThat(page.locator(".as-published")).containsText("Sear the steaks");
    }
}
