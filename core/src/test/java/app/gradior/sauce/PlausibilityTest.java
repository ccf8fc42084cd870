package app.gradior.sauce;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.measure.Ambiguity.Implausible;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine.Understood;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What no household's sauce has is asked about, with the likeliest reading first; it is never changed or refused. */
class PlausibilityTest {
    private static final String REST = "400 g plums\n300 ml water\n80 g brown sugar\n1 onion\n";

    private static List<Understood> foods(String text) {
        return WrittenSauce.read(text, LineGrammar.shipped(), Habits.NONE)
                .foods()
                .toList();
    }

    private static Understood last(String line) {
        List<Understood> foods = foods(REST + line);
        return foods.get(foods.size() - 1);
    }

    private static Optional<Implausible> doubt(Understood food) {
        return food.doubts().stream()
                .filter(Implausible.class::isInstance)
                .map(Implausible.class::cast)
                .findFirst();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    400 400 g cans tomatoes   | MANY_PACKS             | 1 400 g cans tomatoes
                    12 cans chopped tomatoes  | MANY_PACKS             | 1 cans chopped tomatoes
                    20 kg water               | HEAVY                  | 2 kg water
                    7 l stock                 | HEAVY                  | 0.7 l stock
                    4.5 kg plums              | FAR_MORE_THAN_THE_REST | 0.45 kg plums
                    5 tbsp ground cumin       | MUCH_SPICE             | 5 tsp ground cumin
                    100 g salt                | MUCH_SALT              | 10 g salt
                    """)
    void whatNoHouseholdTakesIsAsked(String line, Implausible.Why why, String likely) {
        Understood food = last(line);

        assertThat(doubt(food)).hasValueSatisfying(doubt -> {
            assertThat(doubt.why()).isEqualTo(why);
            assertThat(doubt.settled()).isFalse();
            assertThat(doubt.rewrites().get(0)).isEqualTo(likely);
        });
        assertThat(food.typed()).isEqualTo(line);
    }

    @ParameterizedTest
    @ValueSource(strings = {"2 (400 g) cans tomatoes", "1 kg plums", "1 tsp ground cumin", "10 g salt", "2 l stock"})
    void whatCooksDoTakeIsNot(String line) {
        assertThat(doubt(last(line))).isEmpty();
    }

    @Test
    void aLineSaysThatItIsMeantSo() {
        String answered = doubt(last("100 g salt")).orElseThrow().rewrites().get(1);

        assertThat(answered).isEqualTo("100 g salt (as written)");
        assertThat(doubt(last(answered)))
                .hasValueSatisfying(d -> assertThat(d.settled()).isTrue());
        assertThat(last(answered).doubtful()).isFalse();
    }

    @Test
    void whatIsSeasonedToTasteFollowsTheSauce() {
        List<Understood> small = foods("400 g plums\nsalt and pepper");
        List<Understood> large = foods("4 kg plums\nsalt and pepper");

        assertThat(small.get(1).mass().grams()).isCloseTo(2, within(0.01));
        assertThat(large.get(1).mass().grams()).isCloseTo(20, within(0.01));
        assertThat(large.get(2).mass().grams()).isCloseTo(5, within(0.01));
        assertThat(large.get(1).doubtful()).isTrue();
    }

    @Test
    void aStepThatSeasonsTakesTheUsualAmounts() {
        WrittenSauce sauce = WrittenSauce.read(
                "800 g plums\nSimmer 10 min\nSeason with salt and pepper", LineGrammar.shipped(), Habits.NONE);

        assertThat(sauce.all().mass().grams()).isCloseTo(805, within(0.01));
    }

    @Test
    void aStepThatNamesWhatNothingBringsIsAsked() {
        WrittenSauce sauce = WrittenSauce.read(
                "800 g plums\nStir in the butter\nReduce the plums by half", LineGrammar.shipped(), Habits.NONE);

        assertThat(sauce.lines().get(1))
                .isInstanceOfSatisfying(
                        SauceLine.Step.class,
                        step -> assertThat(step.isUnread()).isTrue());
        assertThat(sauce.lines().get(2))
                .isInstanceOfSatisfying(
                        SauceLine.Step.class,
                        step -> assertThat(step.isUnread()).isFalse());
    }

    @Test
    void aStepThatSaysHowHardAndHowCoveredKeepsIt() {
        WrittenSauce.Made made = WrittenSauce.read(
                        "800 g plums\n200 ml water\nBoil rapidly with the lid ajar until syrupy",
                        LineGrammar.shipped(),
                        Habits.NONE)
                .unmade();

        assertThat(made.outcomes().get(1).stage().operations().get(0))
                .isInstanceOfSatisfying(Operation.Reduce.class, reduce -> {
                    assertThat(reduce.activity())
                            .hasValueSatisfying(a -> assertThat(a.name()).isEqualTo("ROLLING_BOIL"));
                    assertThat(reduce.lid()).isPresent();
                });
    }
}
