package app.gradior.cook;

import static app.gradior.cook.SimulatedCook.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.StarchKind;
import app.gradior.plan.Goal;
import app.gradior.plan.Snapshot;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class GuidanceTest {
    private static final Target TO_400 = new Target.Weight(Mass.ofGrams(400));

    private final SimulatedCook simulated = new SimulatedCook(1, new Random(11), TO_400);

    private Guidance at(double minute) {
        return at(minute, Guidance.Aim.of(TO_400));
    }

    private Guidance at(double minute, Guidance.Aim aim) {
        Cook cook = simulated.cook();
        Forecast planned = Cook.of(List.of(cook.started())).forecast(SimulatedCook.START);
        return Guidance.of(cook, aim, cook.forecast(minute(minute)), planned);
    }

    private Instant minute(double minute) {
        return simulated.minute(minute);
    }

    @Test
    void itComesOffALittleBeforeItsTargetSinceItGoesOnSteaming() {
        Guidance guidance = at(10);
        double left = guidance.forecast().minutesLeft().orElseThrow().middle();
        double until = Duration.between(guidance.now(), guidance.takeOffAt().orElseThrow())
                        .toMillis()
                / 60_000.0;

        assertThat(guidance.carryOver().grams()).isBetween(1.0, 40.0);
        assertThat(left - until)
                .isCloseTo(
                        guidance.carryOver().grams()
                                / guidance.forecast().loss().gramsPerMinute(),
                        within(0.01));
    }

    @Test
    void aWeighingIsAskedForWhereItWouldTellMuchAndNotSoonAfterAReading() {
        assertThat(at(8).ifWeighed()).isPresent();
        simulated.weighAt(8);
        assertThat(at(9).ifWeighed()).isEmpty();
    }

    @Test
    void itIsStirredFromWhenItWasStirredLast() {
        simulated.events.add(new CookEvent.Stirred(id(), minute(9)));
        Guidance guidance = at(10);

        assertThat(guidance.stirDue()).isEqualTo(minute(9).plus(Duration.ofMinutes(guidance.stirEveryMinutes())));
    }

    @Test
    void whatNobodyHasHeardOfForHoursAfterItsEndIsForgotten() {
        assertThat(at(60).forgotten()).isFalse();
        assertThat(at(60 * 6).forgotten()).isTrue();
        simulated.weighAt(60 * 5);
        assertThat(at(60 * 6).forgotten()).isFalse();
    }

    @Test
    void aSlurryIsStillToPourUntilNearlyAllOfItIsIn() {
        Guidance.Aim aim = new Guidance.Aim(
                Goal.of(Use.GLAZE, Celsius.SERVED_WARM), Optional.of(Mass.ofGrams(10)), Optional.of(Grade.of(5.5)));

        assertThat(at(10, aim).slurryToPour()).isTrue();
        assertThat(at(10, aim).atTheTable()).isEqualTo(Grade.of(5.5));
        simulated.events.add(
                new CookEvent.SlurryPoured(id(), minute(10), StarchKind.CORN, Mass.ofGrams(9.8), Mass.ofGrams(20)));
        assertThat(at(11, aim).slurryToPour()).isFalse();
        assertThat(at(11, aim).atTheTable()).isNotEqualTo(Grade.of(5.5));
    }

    @Test
    void whatTheTongueSaidIsATroubleUntilSomethingGoesIn() {
        simulated.events.add(new CookEvent.Tasted(id(), minute(10), CookEvent.Flavour.SALT, 2));
        assertThat(at(11).troubles()).contains(Rescue.Trouble.TOO_SALTY);
        assertThat(Guidance.tasted(simulated.cook(), CookEvent.Flavour.SALT)).isEqualTo(2);

        simulated.events.add(new CookEvent.Tasted(id(), minute(11), CookEvent.Flavour.SALT, -1));
        assertThat(at(12).troubles()).contains(Rescue.Trouble.FLAT).doesNotContain(Rescue.Trouble.TOO_SALTY);
    }

    @Test
    void whatIsReadyAfterItIsWantedCallsForLessWaiting() {
        double left = at(10).forecast().minutesLeft().orElseThrow().middle();
        simulated.events.add(
                new CookEvent.Wanted(id(), minute(10), minute(10).plusSeconds(Math.round(60 * (left - 8)))));
        Guidance guidance = at(10);

        assertThat(guidance.minutesAfterWanted().orElseThrow()).isCloseTo(8, within(0.05));
        assertThat(guidance.troubles()).contains(Rescue.Trouble.TOO_THIN);
    }

    @Test
    void twoHandsThatDisagreeAtOnceAreToldForAWhile() {
        simulated.events.add(new CookEvent.LidChanged(id(), minute(10), Lid.OFF));
        simulated.events.add(new CookEvent.LidChanged(id(), minute(10.1), Lid.AJAR));
        assertThat(at(11).twoHands()).isPresent();
        assertThat(at(15).twoHands()).isEmpty();

        simulated.events.add(new CookEvent.HeatChanged(id(), minute(16), Activity.SIMMER));
        simulated.events.add(new CookEvent.HeatChanged(id(), minute(16.2), Activity.SIMMER));
        assertThat(at(16.5).twoHands()).isEmpty();
    }

    private Guidance with(CookEvent event, double minute) {
        simulated.events.add(event);
        return at(minute);
    }

    private CookEvent.Tasted tasted(CookEvent.Flavour flavour, int level) {
        return new CookEvent.Tasted(id(), minute(10), flavour, level);
    }

    @Test
    void aFlavourThatIsMissingIsFlatOnlyWhereItLifts() {
        assertThat(with(tasted(CookEvent.Flavour.SWEET, -2), 11).troubles()).doesNotContain(Rescue.Trouble.FLAT);
        assertThat(with(tasted(CookEvent.Flavour.HOT, -2), 11).troubles()).doesNotContain(Rescue.Trouble.FLAT);
        assertThat(with(tasted(CookEvent.Flavour.SHARP, -1), 11).troubles()).contains(Rescue.Trouble.FLAT);
        assertThat(with(tasted(CookEvent.Flavour.SHARP, 0), 11).troubles())
                .doesNotContain(Rescue.Trouble.FLAT, Rescue.Trouble.TOO_SHARP);
        assertThat(with(tasted(CookEvent.Flavour.HOT, 1), 11).troubles()).contains(Rescue.Trouble.TOO_HOT);
        assertThat(with(tasted(CookEvent.Flavour.SWEET, 1), 11).troubles()).contains(Rescue.Trouble.TOO_SWEET);
    }

    @Test
    void whatWentInIsTastedAnewAndOneFlavourSaysNothingOfAnother() {
        simulated.events.add(tasted(CookEvent.Flavour.SALT, 2));
        assertThat(Guidance.tasted(simulated.cook(), CookEvent.Flavour.SWEET)).isZero();
        simulated.events.add(new CookEvent.Stirred(id(), minute(10.5)));
        assertThat(Guidance.tasted(simulated.cook(), CookEvent.Flavour.SALT)).isEqualTo(2);
        simulated.events.add(new CookEvent.Added(id(), minute(11), Mixtures.of("water", 50)));
        assertThat(Guidance.tasted(simulated.cook(), CookEvent.Flavour.SALT)).isZero();
    }

    /** The pot loses half of what was planned: it was planned for less than half an hour. */
    private Guidance slow(double minute, Optional<Mass> starch) {
        SimulatedCook slow = new SimulatedCook(0.45, new Random(3), TO_400);
        slow.weighAt(6).weighAt(12).weighAt(18);
        Cook cook = slow.cook();
        Forecast planned = Cook.of(List.of(cook.started())).forecast(SimulatedCook.START);
        Goal glaze = Goal.of(Use.GLAZE, Celsius.SERVED_WARM);
        return Guidance.of(
                cook, new Guidance.Aim(glaze, starch, Optional.empty()), cook.forecast(slow.minute(minute)), planned);
    }

    @Test
    void whatTakesMuchLongerThanPlannedMayBeThickenedUnlessASlurryIsComingAnyway() {
        assertThat(slow(19, Optional.empty()).troubles()).contains(Rescue.Trouble.TOO_THIN);
        assertThat(slow(19, Optional.of(Mass.ofGrams(8))).troubles()).doesNotContain(Rescue.Trouble.TOO_THIN);
        assertThat(at(10).troubles()).doesNotContain(Rescue.Trouble.TOO_THIN);
    }

    @Test
    void withLittleLeftThereIsNoTimeToSave() {
        Guidance early = slow(19, Optional.empty());
        double left = early.forecast().minutesLeft().orElseThrow().middle();

        assertThat(slow(19 + left - 3, Optional.empty()).troubles()).doesNotContain(Rescue.Trouble.TOO_THIN);
        assertThat(slow(19 + left - 7, Optional.empty()).troubles()).contains(Rescue.Trouble.TOO_THIN);
    }

    @Test
    void whatIsReadyInTimeCallsForNothing() {
        double left = at(10).forecast().minutesLeft().orElseThrow().middle();
        Guidance inTime =
                with(new CookEvent.Wanted(id(), minute(10), minute(10).plusSeconds(Math.round(60 * (left - 1)))), 10);

        assertThat(inTime.minutesAfterWanted().orElseThrow()).isCloseTo(1, within(0.05));
        assertThat(inTime.troubles()).doesNotContain(Rescue.Trouble.TOO_THIN);
    }

    @Test
    void whatIsNearlyDoneIsNotHurriedHoweverLateItIs() {
        double left = at(10).forecast().minutesLeft().orElseThrow().middle();
        Guidance done = with(new CookEvent.Wanted(id(), minute(10), minute(12)), 10 + left - 1);

        assertThat(done.minutesAfterWanted().orElseThrow()).isGreaterThan(5);
        assertThat(done.troubles()).doesNotContain(Rescue.Trouble.TOO_THIN);
    }

    @Test
    void aWeighingIsNotAskedForBeforeItSimmersNorWhereTheRangeIsNarrow() {
        assertThat(at(-2).ifWeighed()).isEmpty();
        assertThat(at(8).ifWeighed().orElseThrow().width())
                .isLessThan(0.75 * at(8).forecast().minutesLeft().orElseThrow().width());
        simulated.weighAt(8);
        assertThat(at(11.9).ifWeighed()).isEmpty();
        simulated.weighAt(14);
        double left = at(14).forecast().minutesLeft().orElseThrow().middle();
        Guidance end = at(14 + left - 1);
        assertThat(end.forecast().minutesLeft().orElseThrow().width()).isLessThan(3);
        assertThat(end.ifWeighed()).isEmpty();
    }

    @Test
    void whatItTellsOfTheEndIsWhatIsLostAfterwards() {
        Guidance guidance = at(10);
        Snapshot end = guidance.forecast().atTarget().orElseThrow();

        assertThat(guidance.carryOver())
                .isEqualTo(
                        CarryOver.of(end.mixture(), end.stove(), guidance.goal().served()));
        assertThat(guidance.atTheTable())
                .isEqualTo(Thickness.grade(
                        end.mixture(),
                        guidance.goal().served(),
                        ThicknessFactor.of(simulated.cook().thickness().middle())));
        assertThat(with(new CookEvent.HeatSwitched(id(), minute(10), false), 11).takeOffAt())
                .isEmpty();
    }

    @Test
    void anAimIsWhatItsTargetSays() {
        assertThat(Guidance.Aim.of(new Target.ForUse(Use.TOSS, Celsius.of(50))).goal())
                .isEqualTo(Goal.of(Use.TOSS, Celsius.of(50)));
        assertThat(Guidance.Aim.of(new Target.AtGrade(Grade.of(4), Celsius.of(20)))
                        .goal())
                .isEqualTo(Goal.of(Grade.of(4), Celsius.of(20)));
        assertThat(Guidance.Aim.of(TO_400).goal()).isEqualTo(Goal.of(Use.GLAZE, Celsius.SERVED_WARM));
    }

    @Test
    void twoHandsDisagreeOnTheHeatAsWell() {
        simulated.events.add(new CookEvent.HeatChanged(id(), minute(10), Activity.SIMMER));
        simulated.events.add(new CookEvent.HeatChanged(id(), minute(10.2), Activity.LIVELY_SIMMER));
        assertThat(at(11).twoHands().orElseThrow().late().at()).isEqualTo(minute(10.2));

        simulated.events.add(new CookEvent.LidChanged(id(), minute(20), Lid.OFF));
        simulated.events.add(new CookEvent.LidChanged(id(), minute(20.2), Lid.OFF));
        assertThat(at(21).twoHands()).isEmpty();
        simulated.events.add(new CookEvent.LidChanged(id(), minute(20.8), Lid.AJAR));
        assertThat(at(21).twoHands()).as("more than half a minute apart").isEmpty();
        simulated.events.add(new CookEvent.HeatChanged(id(), minute(20.9), Activity.SIMMER));
        assertThat(at(21).twoHands()).as("heat and lid").isEmpty();
    }

    @Test
    void aCookIsForgottenThreeHoursAfterItsEnd() {
        Forecast planned = Cook.of(List.of(simulated.cook().started())).forecast(SimulatedCook.START);
        double longest = planned.minutesLeft().orElseThrow().high() - 6;

        assertThat(at(longest + 179).forgotten()).isFalse();
        assertThat(at(longest + 181).forgotten()).isTrue();
    }
}
