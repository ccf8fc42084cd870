package app.gradior.sauce;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.sauce.Scaling.Mind;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScalingTest {
    private static WrittenSauce read(String text) {
        return WrittenSauce.read(text, LineGrammar.shipped(), Habits.NONE);
    }

    private static Scaling.Line scaled(String line, double factor, boolean exact) {
        return new Scaling(factor, exact, Habits.NONE).lines(line, read(line)).get(0);
    }

    @ParameterizedTest(name = "{1} × {0}")
    @CsvSource(delimiter = '|', textBlock = """
                    400 g plums                       | 2    | 800 g plums
                    400 g plums, stoned               | 1.33 | 530 g plums, stoned
                    ½ tsp smoked paprika              | 3    | 1½ tsp smoked paprika
                    1 tbsp soy sauce                  | 2    | 2 tbsp soy sauce
                    2 tbsp soy sauce                  | 3    | ⅓ cup soy sauce
                    1 cup water                       | 3    | 3 cups water
                    2 cups water                      | 0.5  | 1 cup water
                    ¼ cup honey                       | 0.5  | 2 tbsp honey
                    1 tsp Dijon mustard               | 3    | 1 tbsp Dijon mustard
                    3 cloves garlic, finely chopped   | 2    | 6 cloves garlic, finely chopped
                    1 onion                           | 1.5  | 1½ onion
                    2–3 tbsp honey                    | 2    | ⅓ cup honey
                    200–300 g plums                   | 2    | 400–600 g plums
                    juice of 1 lemon                  | 2    | juice of 2 lemon
                    2 x 400 g cans chopped tomatoes   | 2    | 4 x 400 g cans chopped tomatoes
                    butter, a knob                    | 2    | butter, 30 g
                    a splash of cider vinegar         | 2    | 30 g cider vinegar
                    1 lb 4 oz plums                   | 2    | 1130 g plums
                    salt to taste                     | 2    | salt to taste
                    Reduce to 600 g                   | 2    | Reduce to 1200 g
                    Sweat in 15 g butter until soft   | 2    | Sweat in 30 g butter until soft
                    Simmer 10 min                     | 2    | Simmer 10 min
                    Serves 4                          | 2    | Serves 8
                    For the slurry:                   | 2    | For the slurry:
                    # twice is too much               | 2    | # twice is too much
                    """)
    void changesTheNumbersOnly(String line, double factor, String scaled) {
        assertThat(scaled(line, factor, false).after()).isEqualTo(scaled);
    }

    @Test
    void writesTheExactAmountWhenAsked() {
        assertThat(scaled("400 g plums", 1.333, true).after()).isEqualTo("533.2 g plums");
        assertThat(scaled("1 tbsp honey", 1.25, true).after()).isEqualTo("1.25 tbsp honey");
    }

    @Test
    void scalesTheSauceItself() {
        String text = "600 g plums\n100 ml water\n90 g light brown sugar\n2 shallots\n1 tbsp rice vinegar";
        String twice = new Scaling(2, true, Habits.NONE)
                .lines(text, read(text)).stream().map(Scaling.Line::after).collect(Collectors.joining("\n"));

        assertThat(read(twice).all().mass().grams())
                .isCloseTo(2 * read(text).all().mass().grams(), within(0.01));
    }

    @Test
    void saysWhereScalingMisleads() {
        assertThat(scaled("½ tsp cayenne", 2, false).minds()).contains(Mind.SEASONING);
        assertThat(scaled("½ tsp fine salt", 2, false).minds()).contains(Mind.SEASONING);
        assertThat(scaled("½ tsp fine salt", 1.2, false).minds()).doesNotContain(Mind.SEASONING);
        assertThat(scaled("1 onion", 1.2, false).minds()).contains(Mind.ROUNDED);
        assertThat(scaled("salt to taste", 2, false).minds()).contains(Mind.BY_TASTE);
        assertThat(scaled("Simmer 10 min", 2, false).minds()).containsExactly(Mind.TIME);
    }

    @Test
    void refusesFactorsNoKitchenHas() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Scaling(0, false, Habits.NONE));
        assertThatIllegalArgumentException().isThrownBy(() -> new Scaling(Double.NaN, false, Habits.NONE));
    }
}
