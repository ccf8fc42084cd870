package app.gradior.cook;

import static app.gradior.cook.SimulatedCook.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.StarchKind;
import app.gradior.plan.Goal;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Grade;
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
}
