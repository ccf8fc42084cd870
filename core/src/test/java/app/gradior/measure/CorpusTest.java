package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.measure.ReadLine.Understood;
import app.gradior.quantity.Mass;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines as cooks write them, each with the food and the grams that a cook would say it means. */
class CorpusTest {
    private final LineGrammar grammar = LineGrammar.shipped();

    record Sample(String line, String food, String grams, String open) {}

    static Stream<Sample> corpus() throws Exception {
        try (Reader reader = new InputStreamReader(
                CorpusTest.class.getResourceAsStream("/measure-corpus.csv"), StandardCharsets.UTF_8)) {
            List<CSVRecord> rows = CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(reader)
                    .getRecords();
            return rows.stream().map(r -> new Sample(r.get("line"), r.get("food"), r.get("grams"), r.get("open")));
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("corpus")
    void readsTheLineOrSaysThatItCannot(Sample sample) {
        ReadLine read = grammar.read(sample.line());

        assertThat(read.typed()).isEqualTo(sample.line());
        if (sample.food().equals("unclear")) {
            assertThat(read).isInstanceOf(ReadLine.Unclear.class);
            return;
        }
        String[] foods = sample.food().split("\\+");
        String[] grams = sample.grams().split("\\+");
        assertThat(read.foods()).extracting(u -> u.ingredient().key()).containsExactly(foods);
        for (int i = 0; i < foods.length; i++) {
            double expected = Double.parseDouble(grams[i]);
            assertThat(read.foods().get(i).mass().grams()).isCloseTo(expected, within(0.005 * expected + 0.01));
        }
        assertThat(read.foods().stream()
                        .map(CorpusTest::open)
                        .filter(open -> !open.isEmpty())
                        .collect(Collectors.joining("+")))
                .isEqualTo(sample.open());
    }

    private static String open(Understood line) {
        return line.doubts().stream()
                .map(doubt -> doubt instanceof Ambiguity.HowMuch
                        ? "amount"
                        : doubt instanceof Ambiguity.NotUnderstood ? "words" : "food")
                .collect(Collectors.joining("+"));
    }

    @Test
    void understandsNearlyEveryLineWholly() throws Exception {
        List<Sample> corpus = corpus().toList();
        long understood = corpus.stream()
                .filter(s -> !grammar.read(s.line()).foods().isEmpty())
                .count();

        assertThat(corpus).hasSizeGreaterThanOrEqualTo(300);
        assertThat((double) understood / corpus.size()).isGreaterThanOrEqualTo(0.97);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    Serves 8            | 8   | servings
                    serves 4–6          | 5   | servings
                    Makes 3 jars        | 3   | jars
                    Makes about 500 ml  | 500 | ml
                    """)
    void readsWhatItIsFor(String line, double count, String what) {
        assertThat(grammar.read(line)).isInstanceOfSatisfying(ReadLine.Serves.class, s -> {
            assertThat(s.count()).isEqualTo(count);
            assertThat(s.what()).isEqualTo(what);
        });
    }

    @Test
    void keepsRemarksOutOfThePot() {
        assertThat(grammar.read("# 200 g plums would be better")).isInstanceOf(ReadLine.Remark.class);
    }

    @Test
    void countsByTheKitchensHabits() {
        Habits habits = new Habits(
                Measures.METRIC,
                Map.of(new Habits.VagueUse("splash", "cider-vinegar"), Mass.ofGrams(8)),
                Map.of("stock", "vegetable-stock"));
        LineGrammar ours = grammar.with(List.of(), habits);

        assertThat(grams(ours, "a splash of cider vinegar")).isEqualTo(8);
        assertThat(grams(ours, "a splash of sherry vinegar")).isEqualTo(15);
        assertThat(grams(ours, "1 cup water")).isEqualTo(250);
        assertThat(grams(ours, "1 US cup water")).isCloseTo(236.6, within(0.1));
        assertThat(ours.read("2 dl hot stock")).isInstanceOfSatisfying(Understood.class, u -> {
            assertThat(u.ingredient().key()).isEqualTo("vegetable-stock");
            assertThat(u.doubtful()).isFalse();
            assertThat(u.doubts()).hasSize(1);
        });
    }

    private static double grams(LineGrammar grammar, String line) {
        return ((Understood) grammar.read(line)).mass().grams();
    }

    @Test
    void knowsTheKitchensOwnFoodsFirst() {
        Ingredient plum = IngredientTable.shipped().get("plum");
        Ingredient paste = new Ingredient(
                "own-harissa",
                "Harissa, ours",
                List.of("harissa", "passata"),
                "own",
                plum.composition(),
                Optional.empty(),
                plum.density(),
                Optional.empty(),
                Optional.empty(),
                plum.ph(),
                plum.allergens(),
                plum.cautions(),
                "our label",
                Ingredient.BodySource.ESTIMATED,
                Ingredient.BodySource.NONE);
        LineGrammar ours = grammar.with(List.of(paste), Habits.NONE);

        assertThat(((Understood) ours.read("10 g harissa")).ingredient()).isEqualTo(paste);
        assertThat(((Understood) ours.read("10 g passata")).ingredient()).isEqualTo(paste);
        assertThat(((Understood) grammar.read("10 g passata")).ingredient().key())
                .isEqualTo("passata");
    }

    @ParameterizedTest
    @ValueSource(strings = {"chiken stock", "roast peper", "bulsamic"})
    void findsFoodsThroughTypingMistakes(String typed) {
        assertThat(grammar.names().like(typed, 5)).isNotEmpty();
    }

    /** Ten thousand characters in one text, cut into lines anywhere. */
    @Test
    void readsTenThousandCharactersOfAnything() {
        long seed = 7;
        Random random = new Random(seed);
        String[] scraps = {
            "1",
            "½",
            "/",
            "-",
            "–",
            ",",
            "(",
            ")",
            "x",
            " ",
            "a ",
            "few ",
            "splash ",
            "of ",
            "cup ",
            "plum ",
            "stock ",
            "or ",
            "and ",
            "plus ",
            "\n",
            "\t",
            "é",
            "𝒳",
            "\u0301",
            "salt ",
            "to taste ",
            "2",
            ".",
            ":",
            "#",
            "juice "
        };
        for (int round = 0; round < 30; round++) {
            StringBuilder text = new StringBuilder();
            while (text.length() < 10_000) {
                text.append(scraps[random.nextInt(scraps.length)]);
            }
            assertThat(grammar.readAll(text.toString()))
                    .as("round %d of seed %d", round, seed)
                    .isNotEmpty();
        }
    }
}
