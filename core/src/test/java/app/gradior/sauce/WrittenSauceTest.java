package app.gradior.sauce;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.Component;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.sauce.StepClause.GoesIn;
import app.gradior.sauce.StepClause.Way;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WrittenSauceTest {
    private static final String GLAZE = """
            # from the allotment
            Serves 8
            Sweat in 15 g butter until soft
            2 shallots, finely chopped
            8 juniper berries, crushed

            Pour in, reduce by half
            150 ml port
            Add, bring to a simmer
            400 g blackcurrants
            300 g chicken stock
            Blend, sieve leaving 60 g behind
            Reduce to a glaze
            Off the heat, stir in 10 g butter
            """;

    private static final Conditions SIMMER = new Conditions(
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.ENAMEL, Mass.ofGrams(2100)),
            Ring.USUAL,
            Activity.SIMMER,
            Lid.OFF,
            Room.USUAL);

    private static WrittenSauce read(String text) {
        return WrittenSauce.read(text, LineGrammar.shipped(), Habits.NONE);
    }

    private static Operation only(String line) {
        List<Operation> operations = read(line).stages().get(0).operations();
        assertThat(operations).hasSize(1);
        return operations.get(0);
    }

    @Test
    void partsATextIntoStages() {
        WrittenSauce sauce = read(GLAZE);

        assertThat(sauce.stages())
                .extracting(s -> s.title().orElse("-"))
                .containsExactly(
                        "Sweat in 15 g butter until soft",
                        "Pour in, reduce by half",
                        "Add, bring to a simmer",
                        "Blend, sieve leaving 60 g behind",
                        "Reduce to a glaze",
                        "Off the heat, stir in 10 g butter");
        assertThat(sauce.stages()).extracting(s -> s.foods().size()).containsExactly(2, 1, 2, 0, 0, 0);
        assertThat(sauce.serves()).hasValueSatisfying(s -> assertThat(s.count()).isEqualTo(8));
        assertThat(sauce.lines())
                .extracting(SauceLine::number)
                .containsExactly(0, 1, 2, 3, 4, 6, 7, 8, 9, 10, 11, 12, 13);
    }

    @Test
    void makesItStageByStage() {
        WrittenSauce.Made made = read(GLAZE).make(SIMMER, Knowledge.NONE);

        List<WrittenSauce.Outcome> outcomes = made.outcomes();
        double sweated = outcomes.get(0).after().mass().grams();
        assertThat(sweated).isBetween(60.0, 75.8);
        assertThat(outcomes.get(1).after().mass().grams()).isCloseTo((sweated + 153.3) / 2, within(0.5));
        assertThat(outcomes.get(2).after().mass().grams())
                .isCloseTo(outcomes.get(1).after().mass().grams() + 700, within(0.01));
        assertThat(outcomes.get(3).after().mass().grams())
                .isCloseTo(outcomes.get(2).after().mass().grams() - 60, within(0.01));
        assertThat(outcomes.get(3).after().lockedBody().grams()).isCloseTo(0, within(1e-9));
        assertThat(outcomes.get(4).minutes().middle()).isPositive();
        assertThat(made.end().mass().grams())
                .isCloseTo(outcomes.get(4).after().mass().grams() + 10, within(0.01));
        assertThat(outcomes.get(5).temperature()).isLessThan(outcomes.get(4).temperature());
    }

    @Test
    void plansTheReductionThatDecides() {
        WrittenSauce.Made made = read(GLAZE).make(SIMMER, Knowledge.NONE);

        assertThat(made.finalReduction()).hasValueSatisfying(last -> {
            assertThat(last.reduce().target()).isEqualTo(new Target.ForUse(Use.GLAZE, Celsius.SERVED_WARM));
            assertThat(last.from()).isEqualTo(made.outcomes().get(3).after());
        });
        assertThat(made.toPlan()).isEqualTo(made.outcomes().get(3).after());

        WrittenSauce.Made plain =
                read("200 g water\nReduce by half\nAdd\n100 g honey").make(SIMMER, Knowledge.NONE);
        assertThat(plain.finalReduction()).isEmpty();
        assertThat(plain.toPlan()).isEqualTo(plain.end());
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    Reduce by half                 | 0.5    | WEIGHT
                    Reduce by a third              | 0.6667 | WEIGHT
                    Reduce to a third              | 0.3333 | WEIGHT
                    Reduce by two thirds           | 0.3333 | WEIGHT
                    reduce by ⅓                    | 0.6667 | WEIGHT
                    Reduce by 40 %                 | 0.6    | WEIGHT
                    Reduce to 40% by volume        | 0.4    | VOLUME
                    Boil, reduce by half by depth  | 0.5    | DEPTH
                    Simmer down to a quarter       | 0.25   | WEIGHT
                    """)
    void tellsByFromTo(String line, double kept, Target.Basis basis) {
        Operation last = read(line).stages().get(0).operations().stream()
                .reduce((a, b) -> b)
                .orElseThrow();

        assertThat(last)
                .isInstanceOfSatisfying(
                        Operation.Reduce.class,
                        r -> assertThat(r.target()).isInstanceOfSatisfying(Target.Reduced.class, t -> {
                            assertThat(t.kept().value()).isCloseTo(kept, within(1e-3));
                            assertThat(t.basis()).isEqualTo(basis);
                        }));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    Reduce to 600 g          | Weight[mass=Mass[kilograms=0.6]]
                    Reduce to 1 metric cup   | Yield[volume=Volume[cubicMetres=2.5E-4]]
                    Reduce to a syrup        | ForUse[use=SYRUP, served=Celsius[degrees=60.0]]
                    Reduce until it coats a spoon | ForUse[use=TOSS, served=Celsius[degrees=60.0]]
                    Reduce to grade 5.5      | AtGrade[grade=Grade[value=5.5], served=Celsius[degrees=60.0]]
                    Reduce to 65 % Brix      | AtBrix[brix=Share[value=0.65]]
                    """)
    void readsWhereToStop(String line, String target) {
        assertThat(((Operation.Reduce) only(line)).target()).hasToString(target);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    Simmer for 10 minutes           | 600   | SIMMER        |
                    Boil hard 5 min                 | 300   | ROLLING_BOIL  |
                    Simmer gently 1 h 30 min        | 5400  | BARE_SIMMER   |
                    Cook half an hour               | 1800  |               |
                    Simmer covered for 10–12 min    | 660   | SIMMER        | 0.08
                    Simmer 20 min with the lid ajar | 1200  | SIMMER        | 0.45
                    Bring to a boil                 | 0     |               |
                    """)
    void readsTimesAndLids(String line, long seconds, Activity activity, Double open) {
        assertThat(only(line)).isInstanceOfSatisfying(Operation.SimmerFor.class, s -> {
            assertThat(s.time()).isEqualTo(Duration.ofSeconds(seconds));
            assertThat(s.activity()).isEqualTo(Optional.ofNullable(activity));
            assertThat(s.lid().map(lid -> lid.open().value())).isEqualTo(Optional.ofNullable(open));
        });
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    Add 20 g butter                          | ADD
                    Whisk in 20 g butter                     | ADD
                    Deglaze with 100 ml white wine           | DEGLAZE
                    Season with ½ tsp fine salt              | SEASON
                    Take off the heat, swirl in 20 g butter  | FINISH
                    Finish with 20 g cold butter             | FINISH
                    Pour in the slurry                       | SLURRY
                    """)
    void readsWhatGoesInAndHow(String line, Way way) {
        SauceLine.Step step =
                (SauceLine.Step) read(line + "\n5 g honey").lines().get(0);

        assertThat(step.doings().stream().filter(GoesIn.class::isInstance).map(d -> ((GoesIn) d).way()))
                .contains(way);
        assertThat(read(line + "\n5 g honey").all().mass().grams()).isGreaterThan(4.9);
    }

    @Test
    void readsSeveralFoodsInAStep() {
        WrittenSauce sauce = read("Sweat in 10 g butter and 1 tbsp olive oil until soft\n1 onion");

        assertThat(sauce.all().mass().grams()).isCloseTo(10 + 13.5 + 110, within(0.2));
        assertThat(sauce.stages().get(0).operations()).hasSize(2);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Reduce",
                "Reduce until thick",
                "Reduce by 200 g",
                "Simmer until soft",
                "Reduce to 0 g",
                "Reduce by 100 %"
            })
    void asksWhereItCannotCompute(String line) {
        assertThat(((SauceLine.Step) read(line).lines().get(0)).doings())
                .anySatisfy(d -> assertThat(d).isInstanceOf(StepClause.UnreadableStep.class));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Stir now and then", "Taste", "Remove the bay leaf", "Cover and leave for 5 min"})
    void keepsWhatChangesNothing(String line) {
        assertThat(read(line).stages().get(0).operations()).isEmpty();
        assertThat(read(line).lines().get(0)).isInstanceOf(SauceLine.Step.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"brown sugar, 50 g", "cool water, 50 ml", "50 g brown sugar"})
    void takesNoFoodForAStep(String line) {
        assertThat(read(line).lines().get(0)).isInstanceOf(SauceLine.OfFood.class);
        assertThat(read(line).all().mass().grams()).isCloseTo(50, within(0.1));
    }

    @Test
    void putsASlurryUnderItsHeadingInHot() {
        WrittenSauce.Made made =
                read("500 ml chicken stock\nBring to the boil\nFor the slurry:\n18 g corn starch\n36 g water")
                        .make(SIMMER, Knowledge.NONE);

        assertThat(made.end().hasRawStarch()).isFalse();
        assertThat(made.end().mass(Component.STARCH).grams()).isGreaterThan(14);
    }

    @Test
    void survivesAnyText() {
        long seed = 11;
        Random random = new Random(seed);
        String[] scraps = {
            "reduce ",
            "by ",
            "to ",
            "half ",
            "1/3 ",
            "200 g ",
            "plums ",
            ", ",
            "then ",
            "\n",
            "simmer ",
            "10 min ",
            "sieve ",
            "leaving ",
            "a ",
            "glaze ",
            "finish ",
            "with ",
            "butter ",
            "off the heat ",
            "0 ",
            "-5 ",
            "%",
            "cool ",
            "to "
        };
        for (int round = 0; round < 300; round++) {
            StringBuilder text = new StringBuilder();
            for (int i = 0; i < 60; i++) {
                text.append(scraps[random.nextInt(scraps.length)]);
            }
            WrittenSauce sauce = read(text.toString());
            WrittenSauce.Made made = sauce.make(SIMMER, Knowledge.NONE);
            assertThat(made.outcomes())
                    .as("round %d of seed %d", round, seed)
                    .hasSize(sauce.stages().size());
            assertThat(made.end().mass()).isLessThanOrEqualTo(sauce.all().mass().plus(Mass.ofGrams(1e-6)));
        }
    }
}
