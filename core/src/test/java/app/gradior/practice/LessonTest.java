package app.gradior.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import app.gradior.food.StarchKind;
import app.gradior.practice.Attempt.Deed;
import app.gradior.practice.Attempt.Step;
import app.gradior.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every lesson can be done, is passed by its own advice, and can't be passed by a clock. */
class LessonTest {
    private static final int SEEDS = 200;
    private static final int SOME = 9;

    static Stream<Lesson> cooked() {
        return Stream.of(Lesson.values()).filter(lesson -> lesson.exercise().guesses() == 0);
    }

    @Test
    void thereAreTwelveAndMoreWithKeysOfTheirOwn() {
        assertThat(Lesson.values()).hasSizeGreaterThanOrEqualTo(12);
        assertThat(Stream.of(Lesson.values()).map(Lesson::key)).doesNotHaveDuplicates();
        assertThat(Lesson.values())
                .allSatisfy(lesson -> assertThat(Lesson.ofKey(lesson.key())).contains(lesson));
        assertThat(Lesson.ofKey("no lesson")).isEmpty();
    }

    /** Hints go as one gets on, and never come back. */
    @Test
    void hintsFade() {
        assertThat(Stream.of(Lesson.values()).map(Lesson::hints)).isSorted();
    }

    @ParameterizedTest
    @EnumSource
    void whatIsInItFitsItsPansAndHasSomeWeight(Lesson lesson) {
        assertThat(lesson.exercise().pots()).allSatisfy(station -> {
            assertThat(station.mixture().mass().grams()).isBetween(400.0, 1500.0);
            assertThat(station.pans())
                    .allSatisfy(pan -> assertThat(pan.overflowsWith(app.gradior.physics.ChoiOkos.volume(
                                    station.mixture(), app.gradior.quantity.Celsius.of(95))))
                            .isFalse());
        });
        assertThat(lesson.exercise()).isSameAs(lesson.exercise());
    }

    @Test
    void whoKnowsTheTruthScoresNinetyFiveAndWhoGoesByTheClockUnderSixty() {
        List<Lesson> lessons = cooked().toList();
        double clock = 0;
        for (int seed = 1; seed <= SEEDS; seed++) {
            Lesson lesson = lessons.get(seed % lessons.size());
            List<BestWalk> best = Players.best(lesson.exercise(), seed);
            assertThat(Score.of(Players.perfect(lesson.exercise(), best, seed), best)
                            .points())
                    .as("%s, seed %d", lesson, seed)
                    .isGreaterThanOrEqualTo(95);
            clock += Score.of(Players.byTheClock(lesson.exercise(), seed), best).points();
        }
        assertThat(clock / SEEDS).isLessThan(60);
    }

    @ParameterizedTest
    @MethodSource("cooked")
    void itIsPassedByItsOwnAdviceInMostPots(Lesson lesson) {
        int passed = 0;
        for (int seed = 1; seed <= SOME; seed++) {
            Attempt advised = Players.advised(lesson.exercise(), lesson.advice(), seed);
            assertThat(advised.over()).isTrue();
            passed += Score.of(advised, Players.best(lesson.exercise(), seed)).passed() ? 1 : 0;
        }
        assertThat(passed).isGreaterThanOrEqualTo(2 * SOME / 3);
    }

    /** In the first lesson the eye alone counts. */
    @Test
    void whoReadsTheSpoonRightPassesAndWhoGuessesTheMiddleDoesNot() {
        Exercise exercise = Lesson.READ_THE_SPOON.exercise();
        Attempt right = Attempt.of(exercise, List.of(0), 5).with(new Step(0, 0, new Deed.Did(new Act.Heat(9))));
        Attempt same = right;
        for (int i = 1; i <= exercise.guesses(); i++) {
            double at = 300 * i;
            double grade = right.pot(0, at).grade();
            right = right.with(new Step(at, 0, new Deed.Guessed(grade + 0.2)));
            same = same.with(new Step(at, 0, new Deed.Guessed(4)));
        }
        right = right.with(new Step(2000, 0, new Deed.Did(new Act.Off())));
        same = same.with(new Step(2000, 0, new Deed.Did(new Act.Off())));

        assertThat(Score.of(right, List.of()).points()).isGreaterThan(95);
        assertThat(Score.of(same, List.of()).passed()).isFalse();
        assertThat(right.guesses()).hasSize(exercise.guesses());
    }

    @Test
    void aScoreIsOfWhatIsOverOnly() {
        Attempt begun = Attempt.of(Lesson.TAKE_IT_OFF.exercise(), List.of(0), 1);
        assertThatIllegalArgumentException().isThrownBy(() -> Score.of(begun, List.of()));
        Attempt two = Attempt.of(Lesson.TWO_POTS.exercise(), List.of(0, 0), 1)
                .with(new Step(10, 0, new Deed.Did(new Act.Off())));
        assertThat(two.over()).isFalse();
        assertThat(two.with(new Step(20, 1, new Deed.Did(new Act.Off()))).over())
                .isTrue();
    }

    @Test
    void whatWentWrongCostsAndEachLookTooMany() {
        Exercise exercise = Lesson.SLURRY_IN_THIRDS.exercise();
        List<BestWalk> best = Players.best(exercise, 3);
        Attempt perfect = Players.perfect(exercise, best, 3);
        Attempt nosy = perfect;
        for (int i = 0; i < exercise.looks() + 3; i++) {
            nosy = nosy.with(new Step(1, 0, new Deed.Looked(Instrument.SPOON)));
        }
        assertThat(Score.of(nosy, best).looks()).isEqualTo(Score.LOOKS - 6);
        List<Step> lumpy = new ArrayList<>(perfect.steps());
        lumpy.removeIf(step -> step.deed().equals(new Deed.Did(new Act.Stir())));
        Score score = Score.of(new Attempt(exercise, perfect.pan(), 3, lumpy), best);
        assertThat(score.wrong()).containsKey(Mishap.LUMPS);
        assertThat(score.points()).isLessThan(80);
    }

    @Test
    void tooSaltyAndTooLateAreWrongToo() {
        Exercise salt = Lesson.MIND_THE_SALT.exercise();
        Attempt reduced = Attempt.of(salt, List.of(0), 4)
                .with(new Step(0, 0, new Deed.Did(new Act.Heat(9))))
                .with(new Step(3000, 0, new Deed.Did(new Act.Off())));
        assertThat(Score.of(reduced, Players.best(salt, 4)).wrong()).containsKey(Mishap.TOO_SALTY);
        Exercise soon = Lesson.PAN_AND_TIME.exercise();
        Attempt late = Attempt.of(soon, List.of(0), 4)
                .with(new Step(0, 0, new Deed.Did(new Act.Heat(4))))
                .with(new Step(3600, 0, new Deed.Did(new Act.Off())));
        assertThat(Score.of(late, Players.best(soon, 4)).wrong()).containsKey(Mishap.TOO_LATE);
    }

    @ParameterizedTest
    @EnumSource
    void readingsAreTheSameEachTimeAndNearTheTruth(Instrument instrument) {
        Attempt attempt = Attempt.of(Lesson.ALONE.exercise(), List.of(0), 11)
                .with(new Step(0, 0, new Deed.Did(new Act.Heat(7))))
                .with(new Step(900, 0, new Deed.Looked(instrument)));
        Attempt.Reading reading = attempt.reading(1);
        assertThat(attempt.reading(1)).isEqualTo(reading);
        SimulatedPot pot = attempt.pot(0, 900);
        switch (instrument) {
            case SPOON -> assertThat(Math.abs(reading.value() - pot.grade())).isLessThan(0.4);
            case PLATE -> assertThat(reading.value()).isBetween(30.0, 200.0);
            case SCALE ->
                assertThat(Math.abs(reading.value() - pot.mixture().mass().grams()))
                        .isLessThan(8);
            case PROBE ->
                assertThat(Math.abs(reading.value() - pot.temperature().degrees()))
                        .isLessThan(2);
        }
    }

    @Test
    void truthsAreSpreadAndTheSameForASeed() {
        List<Double> ks = new ArrayList<>();
        for (long seed = 0; seed < 400; seed++) {
            assertThat(Truth.of(seed)).isEqualTo(Truth.of(seed));
            ks.add(Truth.of(seed).k());
        }
        assertThat(ks).allMatch(k -> k > 0.5 && k < 2);
        assertThat(ks.stream().mapToDouble(Math::log).average().orElseThrow()).isBetween(-0.05, 0.05);
        assertThat(ks.stream().filter(k -> k < 0.8).count()).isGreaterThan(80);
    }

    @Test
    void thereIsNoExerciseWithoutAPotOrWithTooMany() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Exercise(List.of(), java.util.Set.of(), 1, Optional.empty(), 0));
        Exercise.Station one = Lesson.TAKE_IT_OFF.exercise().pots().get(0);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Exercise(List.of(one, one, one), java.util.Set.of(), 1, Optional.empty(), 0));
    }

    @Test
    void theBestWalkPoursInThirdsAndEndsCookedOut() {
        BestWalk walk = Players.best(Lesson.COOK_IT_OUT.exercise(), 2).get(0);
        assertThat(walk.steps())
                .filteredOn(step -> step.deed() instanceof Deed.Did did && did.act() instanceof Act.Slurry)
                .hasSize(3);
        assertThat(walk.end().wrong(Mishap.RAW_STARCH)).isZero();
        assertThat(new Act.Slurry(StarchKind.CORN, Mass.ofGrams(3)).powder().grams())
                .isEqualTo(3, org.assertj.core.api.Assertions.within(1e-9));
    }
}
