package app.gradior.cook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.plan.Target;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Grade;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

/** The ranges, which come from derivatives, beside draws of what may be in the pot. */
class ProjectionTest {
    private static final Evaporation SIMMER = new Evaporation(SimulatedCook.SIMMER);
    private static final Mixture SAUCE = Mixtures.of("blackcurrants", 400).plus(Mixtures.of("chicken-stock", 300));
    private static final Target THICK = new Target.AtGrade(Grade.of(5), Celsius.SERVED_WARM);
    private static final Target LIGHT = new Target.Weight(Mass.ofGrams(450));
    private static final double WALK = 0.008 * 0.008 / 600;

    private static final double SD_WATER = 0.012;
    private static final double SD_K = 0.09;
    private static final double SD_THICKNESS = 0.2;

    /** Whoever lost less than thought has the slower pot: the two are off together. */
    private static final double CORRELATION = 0.7;

    private static final Covariance DOUBT = new Covariance(
            SD_WATER * SD_WATER, CORRELATION * SD_WATER * SD_K, 0, SD_K * SD_K, 0, SD_THICKNESS * SD_THICKNESS);

    private static Estimate estimate(Covariance covariance) {
        return new Estimate(SAUCE, SAUCE.mass(Component.WATER).kilograms(), Math.log(0.9), 0.1, covariance);
    }

    private static Projection projection(Covariance covariance, Target target) {
        return new Projection(estimate(covariance), SIMMER, target, SAUCE, true, 4);
    }

    /** One pot of those that there may be. */
    private static BoilDown drawn(Random random) {
        Estimate middle = estimate(DOUBT);
        double a = random.nextGaussian();
        double b = CORRELATION * a + Math.sqrt(1 - CORRELATION * CORRELATION) * random.nextGaussian();
        return new BoilDown(
                middle.mixtureWith(middle.water() + SD_WATER * a),
                SIMMER,
                ThicknessFactor.ofLogarithm(middle.lnThickness() + SD_THICKNESS * random.nextGaussian()),
                middle.k() * Math.exp(SD_K * b));
    }

    private static double sd(double[] values) {
        double mean = Arrays.stream(values).average().orElseThrow();
        return Math.sqrt(
                DoubleStream.of(values).map(v -> (v - mean) * (v - mean)).sum() / (values.length - 1));
    }

    private static double logSd(Interval minutes) {
        return Math.log((minutes.high() - 4) / (minutes.middle() - 4)) / Interval.Z_80;
    }

    private static double drawnLogSd(Target target) {
        Random random = new Random(7);
        return sd(DoubleStream.generate(() -> {
                    BoilDown pot = drawn(random);
                    return Math.log(pot.until(target.shortfall(SAUCE, SIMMER, pot.thickness()))
                            .orElseThrow()
                            .after()
                            .toMillis());
                })
                .limit(1500)
                .toArray());
    }

    @Test
    void theTimeLeftSpreadsAsTheDrawsDo() {
        for (Target target : List.of(THICK, LIGHT)) {
            Interval minutes = projection(DOUBT, target).minutesLeft().orElseThrow();

            assertThat(logSd(minutes)).as(target.toString()).isCloseTo(drawnLogSd(target), within(0.013));
        }
    }

    @Test
    void theWeightAheadSpreadsAsTheDrawsDo() {
        List<Forecast.PathPoint> path = projection(DOUBT, LIGHT).path();
        Forecast.PathPoint end = path.get(path.size() - 1);
        Duration until = Duration.ofMillis(Math.round((end.minutes() - 4) * 60_000));
        Random random = new Random(8);
        double[] grams = DoubleStream.generate(
                        () -> drawn(random).after(until).mass().grams())
                .limit(1500)
                .toArray();

        assertThat(end.grams().width() / 2 / Interval.Z_80).isCloseTo(sd(grams), within(0.06 * sd(grams)));
        assertThat(path.get(0).minutes()).isEqualTo(4);
        assertThat(path.get(0).grams().width() / 2 / Interval.Z_80).isCloseTo(SD_WATER * 1000, within(1e-6));
    }

    /** With nothing to doubt, the walk of ln k on the way is all there is: a third of its variance at the end. */
    @Test
    void aPotThatIsKnownExactlyStillWalks() {
        Interval minutes =
                projection(Covariance.ofSds(0, 0, 0), LIGHT).minutesLeft().orElseThrow();
        double seconds = (minutes.middle() - 4) * 60;
        assertThat(logSd(minutes)).isCloseTo(Math.sqrt(WALK * seconds / 3), within(1e-6));

        List<Forecast.PathPoint> path =
                projection(Covariance.ofSds(0, 0, 0), LIGHT).path();
        Forecast.PathPoint end = path.get(path.size() - 1);
        double t = end.minutes() - 4;
        BoilDown boil = new BoilDown(SAUCE, SIMMER, ThicknessFactor.ofLogarithm(0.1), 0.9);
        double pace = boil.samples(Duration.ofMillis(Math.round(t * 60_000)), 1)
                .get(1)
                .loss()
                .gramsPerMinute();
        assertThat(end.grams().width() / 2 / Interval.Z_80)
                .isCloseTo(pace * t * Math.sqrt(WALK * t * 60 / 3), within(0.02));
    }

    @Test
    void whatIsThereAlreadyTakesNoTimeAndIsNoLongerDoubted() {
        Interval none = projection(DOUBT, new Target.Weight(Mass.ofGrams(900)))
                .minutesLeft()
                .orElseThrow();

        assertThat(none).isEqualTo(new Interval(4, 4, 4));
        assertThat(new Projection(estimate(DOUBT), SIMMER, LIGHT, SAUCE, false, 0).minutesLeft())
                .isEmpty();
    }
}
