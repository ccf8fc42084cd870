package app.gradior.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.plan.Goal;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.practice.Attempt.Deed;
import app.gradior.practice.Attempt.Step;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Power;
import app.gradior.quantity.Share;
import app.gradior.sauce.WrittenSauce;
import app.gradior.thickness.Grade;
import app.gradior.thickness.ThicknessFactor;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How far a pot is from what it is to come to, and how somebody gets it there who knows its truth. */
class TaskTest {
    private static SimulatedPot pot(String text, double degrees, Truth truth) {
        return SimulatedPot.of(new SimulatedPot.Setup(
                WrittenSauce.read(text, LineGrammar.shipped(), Habits.NONE).all(),
                Celsius.of(degrees),
                new Conditions(
                        Pot.straight(
                                Length.ofMillimetres(240), Length.ofMillimetres(90), Material.STEEL, Mass.ofGrams(900)),
                        new Ring(Ring.Kind.INDUCTION, Power.ofWatts(2200)),
                        Activity.SIMMER,
                        Lid.OFF,
                        Room.USUAL),
                truth,
                new SimulatedPot.Foaming(0.1)));
    }

    private static Task thick(double grade, Celsius served) {
        return new Task.Thick(Goal.of(Grade.of(grade), served));
    }

    @Test
    void whatIsEatenColdIsFurtherOnThanWhatIsEatenHot() {
        SimulatedPot pot = pot("700 g plum, chopped\n180 g sugar", 98, Truth.AS_THOUGHT);
        double hot = thick(5, Celsius.of(80)).off(pot);
        double warm = thick(5, Celsius.SERVED_WARM).off(pot);
        double cold = thick(5, Celsius.FRIDGE).off(pot);
        assertThat(warm).isGreaterThan(hot);
        assertThat(cold).isGreaterThan(warm);
    }

    /** Steam that still leaves on the way to the plate counts. */
    @Test
    void whatCarriesOverIsInIt() {
        Task task = thick(5, Celsius.SERVED_WARM);
        SimulatedPot hot = pot("800 g passata", 99, Truth.AS_THOUGHT);
        SimulatedPot warm = pot("800 g passata", 60, Truth.AS_THOUGHT);
        assertThat(task.served(hot, Celsius.SERVED_WARM).mass().grams())
                .isLessThan(hot.mixture().mass().grams() - 5);
        assertThat(task.served(warm, Celsius.SERVED_WARM)).isEqualTo(warm.mixture());
        assertThat(task.off(hot)).isGreaterThan(task.off(warm));
        assertThat(task.served(hot)).isEqualTo(Celsius.SERVED_WARM);
    }

    @ParameterizedTest
    @CsvSource({"1.6", "0.7"})
    void theTruthOfASauceCounts(double factor) {
        Task task = thick(5, Celsius.SERVED_WARM);
        double usual = task.off(pot("800 g passata", 60, Truth.AS_THOUGHT));
        double own = task.off(pot("800 g passata", 60, new Truth(1, ThicknessFactor.of(factor))));
        assertThat(own - usual).isEqualTo(2 * Math.log10(factor), within(0.1));
    }

    @Test
    void aPartIsOfWhatWentIn() {
        SimulatedPot pot = pot("1 l beef stock", 20, Truth.AS_THOUGHT);
        double whole = pot.mixture().mass().grams();
        assertThat(new Task.Part(Share.of(0.5)).off(pot)).isEqualTo(-1, within(1e-9));
        assertThat(new Task.Part(Share.ALL).off(pot)).isZero();
        SimulatedPot down = pot.after(new Act.Keep(Activity.ROLLING_BOIL)).at(1500);
        double left = down.mixture().mass().grams() / whole;
        assertThat(new Task.Part(Share.of(0.5)).off(down)).isEqualTo(1 - left / 0.5, within(1e-9));
    }

    @Test
    void sweetnessIsCountedInDegrees() {
        SimulatedPot syrup = pot("500 g sugar\n500 ml water", 20, Truth.AS_THOUGHT);
        assertThat(new Task.Sweet(Share.ofPercent(65)).off(syrup)).isEqualTo(-15, within(0.5));
        assertThat(new Task.Sweet(Share.ofPercent(65)).served(syrup)).isEqualTo(syrup.temperature());
    }

    static Stream<Task> tasks() {
        return Stream.of(thick(4, Celsius.SERVED_WARM), new Task.Part(Share.of(0.5)), new Task.Sweet(Share.of(0.6)));
    }

    @Test
    void whatIsFreeIsLessThanWhatIsHopeless() {
        assertThat(tasks())
                .allSatisfy(task -> assertThat(task.free()).isPositive().isLessThan(task.hopeless()));
    }

    /** The steps of a best walk are its walk: done again, they lead to the same pot. */
    @ParameterizedTest
    @EnumSource
    void aBestWalkIsWalkedByItsSteps(Lesson lesson) {
        Exercise exercise = lesson.exercise();
        for (int pot = 0; pot < exercise.pots().size(); pot++) {
            BestWalk walk = BestWalk.of(exercise, pot, Truth.of(9));
            SimulatedPot now = exercise.pots().get(pot).begin(walk.pan(), Truth.of(9));
            for (Step step : walk.steps()) {
                now = now.at(step.seconds()).after(((Deed.Did) step.deed()).act());
            }
            assertThat(now.mixture()).isEqualTo(walk.end().mixture());
            assertThat(walk.steps().get(walk.steps().size() - 1).deed()).isEqualTo(new Deed.Did(new Act.Off()));
            assertThat(walk.end().isOff()).isTrue();
            assertThat(walk.end().wrong(Mishap.CAUGHT)).isLessThan(0.2);
        }
    }

    @Test
    void theBestWalkTakesThePanThatIsInTime() {
        Exercise exercise = Lesson.PAN_AND_TIME.exercise();
        BestWalk slow = BestWalk.of(exercise, 0, new Truth(0.7, ThicknessFactor.ONE));
        assertThat(exercise.pots().get(0).pans().get(slow.pan()).rim().millimetres())
                .isGreaterThan(200);
        assertThat(slow.end().seconds())
                .isLessThan(exercise.pots().get(0).within().orElseThrow().toSeconds());
    }

    @Test
    void aHarderBoilIsNotBetterWhereItSplits() {
        Exercise exercise = Lesson.CREAM.exercise();
        BestWalk walk = BestWalk.of(exercise, 0, Truth.of(3));
        assertThat(walk.end().wrong(Mishap.SPLIT)).isZero();
        assertThat(walk.end().wrong(Mishap.BOILED_OVER)).isZero();
    }

    @Test
    void stepsOfTheRingAreActivities() {
        assertThat(SimulatedPot.activityOf(0)).isEmpty();
        List<Activity> all = java.util.stream.IntStream.rangeClosed(1, SimulatedPot.MAX_DIAL)
                .mapToObj(dial -> SimulatedPot.activityOf(dial).orElseThrow())
                .toList();
        assertThat(all).isSorted().contains(Activity.values());
    }

    @Test
    void anAttemptIsAsItWasWhateverIsDoneLater() {
        Attempt begun =
                Attempt.of(Lesson.ALONE.exercise(), List.of(0), 2).with(new Step(0, 0, new Deed.Did(new Act.Heat(9))));
        Attempt later = begun.with(new Step(600, 0, new Deed.Did(new Act.Heat(2))));
        assertThat(later.pot(0, 500).mixture()).isEqualTo(begun.pot(0, 500).mixture());
        assertThat(later.pot(0, 1200).mixture().mass().grams())
                .isGreaterThan(begun.pot(0, 1200).mixture().mass().grams());
        assertThat(begun.looks()).isZero();
        assertThat(begun.ended(0)).isEmpty();
        // Nobody practises longer than this.
        assertThat(begun.pot(0, 1e9).seconds()).isLessThanOrEqualTo(Attempt.LONGEST_S);
    }
}
