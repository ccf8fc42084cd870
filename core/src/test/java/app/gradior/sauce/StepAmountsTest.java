package app.gradior.sauce;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a step says goes in does go in, wherever in it the amount stands; what is not understood is asked. */
class StepAmountsTest {
    private static final Pattern AMOUNT = Pattern.compile("(30|16|120|½|\\b1|\\b2|50) (g|tbsp|ml|cup|oz)\\b");

    private static WrittenSauce read(String step) {
        return WrittenSauce.read("800 ml water\n" + step, LineGrammar.shipped(), Habits.NONE);
    }

    private static SauceLine.Step step(String typed) {
        return (SauceLine.Step) read(typed).lines().get(1);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    Slurry: 1 tbsp corn starch in 2 tbsp water                      | 37.6
                    stir in the slurry (16 g corn starch and 30 g water)             | 46
                    whisk in 30 g cold butter                                        | 30
                    add another cup of water                                         | 236.6
                    Whisk 2 tbsp corn starch into 60 ml cold water and pour in       | 76
                    Mix 10 g corn starch with 20 g water, stir into the sauce        | 30
                    Add the wine (150 ml) and reduce by half                         | 149.1
                    Deglaze with 100 ml white wine                                   | 99.4
                    Mount with 30 g butter                                           | 30
                    Swirl in 20 g butter                                             | 20
                    Let down with 50 ml water                                        | 50
                    Fold in 2 tbsp cream                                             | 29.3
                    Stir in 1 tsp salt and 2 tbsp honey                              | 47.9
                    Thicken with 2 tsp corn starch mixed with 1 tbsp water           | 20.1
                    Thicken with 15 g corn starch and 30 g water                     | 45
                    Add 200 ml cream, 30 g butter and 1 tsp salt                     | 233.9
                    Finish with a knob of butter                                     | 15
                    Off the heat, whisk in 40 g butter                               | 40
                    Sweat in 15 g butter until soft                                  | 15
                    """)
    void itsAmountsGoIntoThePot(String typed, double grams) {
        assertThat(read(typed).all().mass().grams() - 800).isCloseTo(grams, within(0.6));
        assertThat(step(typed).doings()).noneMatch(StepClause.UnreadableStep.class::isInstance);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    Cover and simmer 10 minutes                     | PT10M   | SIMMER       | 0.08
                    Simmer, partially covered, for 20 min           | PT20M   | SIMMER       | 0.45
                    Simmer with the lid ajar 8 to 10 min            | PT9M    | SIMMER       | 0.45
                    Uncover and simmer for half an hour             | PT30M   | SIMMER       | 1
                    Simmer under a splatter screen 1 h 15           | PT1H15M | SIMMER       | 0.85
                    Simmer without a lid 5 min                      | PT5M    | SIMMER       | 1
                    Low simmer for a couple of minutes              | PT2M    | BARE_SIMMER  |
                    Gently simmer 10 min                            | PT10M   | BARE_SIMMER  |
                    Let it bubble for 5 minutes                     | PT5M    | SIMMER       |
                    Boil rapidly for a few minutes                  | PT3M    | ROLLING_BOIL |
                    Simmer on the lowest heat for 1 hour            | PT1H    | BARE_SIMMER  |
                    """)
    void itsTimeHeatAndLidAreRead(String typed, String time, String activity, Double open) {
        Operation.SimmerFor simmer = step(typed).doings().stream()
                .filter(StepClause.Does.class::isInstance)
                .map(doing -> (Operation.SimmerFor) ((StepClause.Does) doing).operation())
                .findFirst()
                .orElseThrow();

        assertThat(simmer.time()).hasToString(time);
        assertThat(simmer.activity())
                .hasValueSatisfying(a -> assertThat(a.name()).isEqualTo(activity));
        if (open == null) {
            assertThat(simmer.lid()).isEmpty();
        } else {
            assertThat(simmer.lid())
                    .hasValueSatisfying(lid -> assertThat(lid.open().value()).isEqualTo(open));
        }
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    Boil rapidly until syrupy             | SYRUP
                    Reduce until it coats a spoon         | TOSS
                    Simmer until about a cup is left      | 2.3658823649999998E-4
                    Simmer until thick as cream           | 3.5
                    Cook down to 300 ml                   | 3.0E-4
                    Let it reduce by half                 | 0.5
                    """)
    void untilWhenIsRead(String typed, String target) {
        assertThat(step(typed).doings())
                .singleElement()
                .isInstanceOfSatisfying(
                        StepClause.Does.class,
                        does -> assertThat(does.operation())
                                .isInstanceOfSatisfying(
                                        Operation.Reduce.class,
                                        reduce -> assertThat(reduce.target().toString())
                                                .contains(target)));
    }

    static Stream<String> madeUpSteps() {
        Random random = new Random(11);
        List<String> verbs =
                List.of("Stir in", "Add", "Whisk in", "Slurry:", "Mix", "Pour in", "Thicken with", "Finish with");
        List<String> amounts = List.of("30 g", "2 tbsp", "120 ml", "1 cup", "16 g", "½ cup", "2 oz", "another 50 ml");
        List<String> foods =
                List.of("corn starch", "water", "butter", "cream", "honey", "zorblatt", "the sauce", "red wine");
        List<String> links =
                List.of(" and ", " in ", " with ", " into ", ", ", " (", " mixed with ", " plus ", " over ");
        return IntStream.range(0, 2000).mapToObj(i -> {
            StringBuilder step = new StringBuilder(pick(verbs, random));
            int parts = 1 + random.nextInt(3);
            for (int k = 0; k < parts; k++) {
                step.append(k == 0 ? " " : pick(links, random))
                        .append(pick(amounts, random))
                        .append(random.nextInt(8) == 0 ? "" : " " + pick(foods, random));
            }
            return step.toString();
        });
    }

    private static String pick(List<String> from, Random random) {
        return from.get(random.nextInt(from.size()));
    }

    /** Whatever is put together: each amount is in the pot, or the step is marked. */
    @ParameterizedTest
    @MethodSource("madeUpSteps")
    void noAmountOfAStepIsDropped(String typed) {
        WrittenSauce sauce = read(typed);
        if (!(sauce.lines().get(1) instanceof SauceLine.Step step)) {
            return;
        }
        boolean asked = step.doings().stream().anyMatch(StepClause.UnreadableStep.class::isInstance);
        long named = step.doings().stream()
                .filter(StepClause.GoesIn.class::isInstance)
                .flatMap(doing -> ((StepClause.GoesIn) doing).named().stream())
                .mapToLong(food -> AMOUNT.matcher(food.typed()).results().count())
                .sum();
        long said = AMOUNT.matcher(typed).results().count();
        assertThat(asked || named >= said).as(step.doings().toString()).isTrue();
    }
}
