package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.IngredientTable;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AmountsBehindTest {
    private static AmountsBehind behind(String line) {
        Words words = Words.of(line);
        return new AmountsBehind(words, AmountReader.at(words, 0, Measures.US).orElseThrow(), Measures.US);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    1 onion (200 g)                  | 200
                    1 onion, about 150 g             | 150
                    2 onions (150 g each)            | 300
                    1 onion - 180 g                  | 180
                    1 lb onions (1 lb 2 oz)          | 510.3
                    """)
    void aWeightStatedBehindTheFoodIsFound(String line, double grams) {
        Optional<Double> stated = behind(line).stated(IngredientTable.shipped().get("onion-powder"));

        assertThat(stated).hasValueSatisfying(g -> assertThat(g).isCloseTo(grams, within(0.5)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    1 onion, cut in 2 cm dice
                    500 ml stock made with 1 cube
                    2 tbsp butter plus 1 tbsp for serving
                    1 onion (2 medium)
                    1 onion (200 g)
                    """)
    void aNumberThatSaysSomethingElseIsNoQuestion(String line) {
        assertThat(behind(line).unread()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    1 onion (200 g), 2 carrots
                    1 onion and 150 g carrots
                    100 g sugar 3 lemons
                    """)
    void aNumberThatBelongsToNothingIsAsked(String line) {
        OptionalInt unread = behind(line).unread();

        assertThat(unread).isPresent();
        assertThat(Words.of(line).get(unread.getAsInt())).matches("\\d+");
    }
}
