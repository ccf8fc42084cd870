package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.Ingredient;
import app.gradior.quantity.Mass;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LineGrammarTest {
    private final LineGrammar grammar = LineGrammar.shipped();

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    400 g blackcurrants                  | blackcurrants  | 400
                    0.5 kg plums                         | plum           | 500
                    500ml chicken stock                  | chicken-stock  | 500
                    1/2 l water                          | water          | 500
                    ½ cup water                          | water          | 118.3
                    1 1/2 cups cider vinegar             | cider-vinegar  | 358.4
                    1½ cups cider vinegar                | cider-vinegar  | 358.4
                    2 tbsp honey                         | honey          | 42
                    2 metric tbsp honey                  | honey          | 42.6
                    1 metric cup water                   | water          | 250
                    1 tsp fine salt                      | fine-salt      | 5.91
                    4 oz unsalted butter                 | unsalted-butter| 113.4
                    1 lb mushrooms, sliced               | mushrooms-fresh| 453.6
                    8 fl oz dry white wine               | dry-white-wine | 234.7
                    2 cloves garlic                      | garlic         | 8
                    3 cloves garlic, finely chopped      | garlic         | 12
                    2 shallots, finely chopped           | shallot        | 60
                    1 medium onion                       | yellow-onion   | 110
                    1 can chopped tomatoes               | canned-chopped-tomatoes | 400
                    2 (400 g) cans chopped tomatoes      | canned-chopped-tomatoes | 800
                    juice of 1 lemon                     | lemon-juice    | 45
                    Juice of 2 lemons, strained          | lemon-juice    | 90
                    zest of 1 lemon                      | lemon-zest     | 6
                    2–3 tbsp honey                       | honey          | 52.5
                    1,5 kg tomatoes                      | fresh-tomato   | 1500
                    1,500 g tomatoes                     | fresh-tomato   | 1500
                    ⅓ cup packed brown sugar             | light-brown-sugar | 73.3
                    a stick of butter                    | unsalted-butter| 113
                    half a lemon juice                   | lemon-juice    | 22.5
                    200 g crème fraîche (full fat)       | creme-fraiche  | 200
                    1 T soy sauce                        | soy-sauce      | 17.4
                    1 t soy sauce                        | soy-sauce      | 5.8
                    1 c. stock concentrate               | stock-concentrate | 283.9
                    """)
    void readsWhatCooksWrite(String line, String key, double grams) {
        ReadLine read = grammar.read(line);

        assertThat(read).isInstanceOfSatisfying(ReadLine.Understood.class, u -> {
            assertThat(u.ingredient().key()).isEqualTo(key);
            assertThat(u.mass().grams()).isCloseTo(grams, within(grams * 0.005 + 0.01));
            assertThat(u.typed()).isEqualTo(line);
        });
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    -5 g salt             | NOTHING_GOES_IN
                    0 g salt              | NOTHING_GOES_IN
                    10000 kg water        | MORE_THAN_A_POT_HOLDS
                    20000 kg / 2 tbsp honey | MORE_THAN_A_POT_HOLDS
                    30 g / 20000 kg honey | MORE_THAN_A_POT_HOLDS
                    30 g / 2 tbsp honey   | AmountsDiffer[
                    5 g moonbeams         | UnknownFood[words=moonbeams]
                    chicken stock         | HowMuch[
                    the moon              | NEITHER_AMOUNT_NOR_FOOD
                    200 g                 | NO_FOOD
                    3 chicken stock       | NotInPieces[
                    gloop                 | NEITHER_AMOUNT_NOR_FOOD
                    """)
    void marksWhatIsMissing(String line, String problem) {
        assertThat(grammar.read(line)).isInstanceOfSatisfying(ReadLine.Unclear.class, u -> {
            assertThat(u.problem().toString()).startsWith(problem);
            assertThat(u.typed()).isEqualTo(line);
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"2 / 0.0001 g ) a splash of lemon", "1 / 2 g x", "1 or 2 g ) honey", "/ 30 g honey"})
    void anAmountThatBeginsALineTwiceIsReadOrAsked(String line) {
        assertThat(grammar.read(line).typed()).isEqualTo(line);
    }

    @Test
    void offersFoodsThatLookLikeAMistypedOne() {
        assertThat(grammar.read("100 g blakcurents"))
                .isInstanceOfSatisfying(
                        ReadLine.Unclear.class,
                        u -> assertThat(u.guesses()).extracting(Ingredient::key).contains("blackcurrants"));
    }

    @Test
    void saysWhatItTookForGranted() {
        assertThat(grammar.read("2 shallots"))
                .isInstanceOfSatisfying(
                        ReadLine.Understood.class,
                        u -> assertThat(u.assumptions())
                                .containsExactly(
                                        new Assumption.Weighs("1 shallot", Mass.ofGrams(30), Optional.of("shallot"))));
        assertThat(grammar.read("200 g blackcurrants"))
                .isInstanceOfSatisfying(
                        ReadLine.Understood.class,
                        u -> assertThat(u.assumptions()).isEmpty());
    }

    @Test
    void whatAPieceWeighsHereIsTakenForEachSizeOfItAndForNoPack() {
        LineGrammar ours = grammar.with(
                List.of(),
                new Habits(
                        Measures.US,
                        Map.of(
                                new Habits.VagueUse("shallot", "shallot"), Mass.ofGrams(44),
                                new Habits.VagueUse("shallot", "onion"), Mass.ofGrams(1)),
                        Map.of()));
        assertThat(ours.read("2 shallots").foods().get(0).mass().grams()).isCloseTo(88, within(1e-9));
        double large = grammar.read("1 large shallot").foods().get(0).mass().grams() / 30;
        assertThat(ours.read("1 large shallot").foods().get(0).mass().grams()).isCloseTo(44 * large, within(1e-9));
        assertThat(ours.read("1 onion").foods().get(0).mass())
                .isEqualTo(grammar.read("1 onion").foods().get(0).mass());
        Ingredient shallot = ours.read("2 shallots").foods().get(0).ingredient();
        assertThat(LineGrammar.book("shallot", shallot)).hasValue(new LineGrammar.BookMeasure(Mass.ofGrams(30), true));
        assertThat(LineGrammar.book("splash", shallot))
                .hasValueSatisfying(book -> assertThat(book.grown()).isFalse());
        assertThat(LineGrammar.book("barrel", shallot)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"For the slurry:", "  To finish :"})
    void keepsHeadings(String line) {
        assertThat(grammar.read(line)).isInstanceOf(ReadLine.Heading.class);
    }

    @Test
    void dropsNoLine() {
        assertThat(grammar.readAll("For the base:\n\n200 g water\nmoon\n3 plums\n"))
                .extracting(ReadLine::typed)
                .containsExactly("For the base:", "200 g water", "moon", "3 plums");
    }

    @Test
    void survivesAnyTextInLinearTime() {
        long seed = 20261124;
        Random random = new Random(seed);
        String alphabet = "0123456789½⅓/.,-–()gkl ml cup tbsp soy sauce of a to é\u00a0\t:;'’";
        Assertions.assertTimeout(
                Duration.ofSeconds(20),
                () -> {
                    for (int i = 0; i < 2000; i++) {
                        StringBuilder text = new StringBuilder();
                        int length = random.nextInt(400);
                        for (int j = 0; j < length; j++) {
                            text.append(alphabet.charAt(random.nextInt(alphabet.length())));
                        }
                        assertThat(grammar.read(text.toString()).typed()).isEqualTo(text.toString());
                    }
                },
                "seed " + seed);
    }
}
