package app.gradior.web.sauce;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.web.SignedIn;
import java.awt.Color;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningApplication.class)
class SauceListTest {
    private static SauceReader reader() {
        return RunningApplication.context().getBean(SauceReader.class);
    }

    private static Color colour(TestKitchen kitchen, String text) {
        Sauce sauce = kitchen.sauce("Some sauce", text);
        return Color.decode(SauceColour.of(reader().read(kitchen.id(), sauce)));
    }

    @Test
    void aSauceHasTheColourOfWhatGoesIn() {
        TestKitchen kitchen = TestKitchen.of("painter");
        Color tomato = colour(kitchen, "400 g passata");
        Color cream = colour(kitchen, "400 ml double cream");
        Color berries = colour(kitchen, "400 g blackcurrants");
        assertThat(tomato.getRed()).isGreaterThan(tomato.getGreen() + 80);
        assertThat(cream.getRed() + cream.getGreen() + cream.getBlue()).isGreaterThan(600);
        assertThat(berries.getRed() + berries.getGreen() + berries.getBlue()).isLessThan(200);
        Color pink = colour(kitchen, "400 g passata\n200 ml double cream");
        assertThat(pink.getGreen()).isBetween(tomato.getGreen() + 1, cream.getGreen() - 1);
    }

    @Test
    void aSauceOfNothingThatHasAColourIsDrawnPlain() {
        TestKitchen kitchen = TestKitchen.of("plain");
        assertThat(colour(kitchen, "400 g water")).isEqualTo(Color.decode("#c9955c"));
        assertThat(colour(kitchen, "what nobody knows")).isEqualTo(Color.decode("#c9955c"));
    }

    @Test
    void aListIsSortedByNamePageByPage() {
        TestKitchen kitchen = TestKitchen.of("sorter");
        IntStream.range(0, 45).forEach(i -> kitchen.sauce("Sauce " + (char) ('a' + i % 26) + i, "400 g passata"));
        SignedIn cook = kitchen.http();
        Document page = Jsoup.parse(cook.get("/sauces?sort=name").body());
        List<String> names =
                new java.util.ArrayList<>(page.select(".sauces a.name").eachText());
        while (!page.select("a[rel=next]").isEmpty()) {
            page = Jsoup.parse(cook.get(page.select("a[rel=next]").attr("href")).body());
            names.addAll(page.select(".sauces a.name").eachText());
        }
        assertThat(names).hasSize(45).doesNotHaveDuplicates().isSorted();
        assertThat(page.select(".sorts [aria-current]").text()).isEqualTo("name");
    }

    @Test
    void aListSaysWhenEachSauceWasMadeLastAndHowItCameOut() {
        SignedIn visitor = SignedIn.visitor(RunningApplication.address(), "looker");
        visitor.post("/demo", "");
        Document page = Jsoup.parse(visitor.get("/sauces").body());
        Map<String, String> made = page.select(".sauces li").stream()
                .collect(java.util.stream.Collectors.toMap(
                        li -> li.select("a.name").text(),
                        li -> li.select(".came-out").text()));
        assertThat(made.get("Plum and star anise dip")).contains("made", "min", " g", "coats");
        assertThat(made.get("Lemon and ginger pouring sauce")).isEqualTo("not made yet");
        assertThat(page.select(".own-spoon svg"))
                .hasSize(8)
                .allSatisfy(spoon -> assertThat(spoon.attr("color")).matches("#[0-9a-f]{6}"));
        assertThat(page.select(".what .small").eachText()).anyMatch(words -> words.startsWith("for: glaze"));
    }

    @ParameterizedTest
    @CsvSource({"METRIC, 600 ml unsalted brown stock", "US, 2 1/2 cups unsalted brown stock"})
    void startersAreWrittenInTheUnitsOfTheKitchen(String units, String line) {
        assertThat(Starters.of("red-wine-jus", units.equals("US")).orElseThrow().text())
                .contains(line);
        assertThat(Starters.of("no-such-sauce", units.equals("US"))).isEmpty();
        assertThat(Starters.all(units.equals("US")))
                .allSatisfy(starter -> assertThat(starter.thickens()).endsWith("."));
    }
}
