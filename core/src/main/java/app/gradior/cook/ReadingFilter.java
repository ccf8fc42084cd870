package app.gradior.cook;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.thickness.PlateSpread;
import app.gradior.thickness.Rheology;
import app.gradior.thickness.SpoonCoat;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.Optional;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.ClassicalRungeKuttaIntegrator;
import org.hipparchus.ode.nonstiff.FixedStepRungeKuttaIntegrator;

/**
 * Corrects the estimate of a cook by its readings: an extended Kalman filter over water, ln k and ln of the thickness
 * factor. Between readings the water follows the evaporation equation; since that is W' = −k·u(W) with u free of time, its
 * sensitivities are known without integrating them: ∂W/∂W0 = u(W)/u(W0), ∂W/∂ln k = −k·u(W)·t. A reading is a single number, so
 * that a correction needs no inverse of a matrix: x + P·h·(z − h(x))/s with s = hᵀ·P·h + σ².
 */
final class ReadingFilter {
    /** Random walk of ln k: a flame creeps, a lid shifts. Standard deviation after ten minutes. */
    private static final double LN_K_WALK_PER_TEN_MINUTES = 0.008;

    static final double LN_K_WALK_VARIANCE_PER_S = LN_K_WALK_PER_TEN_MINUTES * LN_K_WALK_PER_TEN_MINUTES / 600;

    /** A kitchen scale is trusted to 2 g or half a per cent. */
    private static final double SCALE_SD_KG = 0.002;

    private static final double SCALE_SD_SHARE = 0.005;
    private static final double DIP_SD_M = 0.002;
    private static final double JUG_SD_SHARE = 0.03;
    private static final double THERMOMETER_SD_K = 0.5;

    /** Beyond so many standard deviations a reading is questioned, not used. */
    private static final double QUESTIONED_SDS = 4;

    /** By so much the variances grow each time a reading that is right is still too far off. */
    private static final double DOUBT = 4;

    private static final int MAX_DOUBTS = 12;

    private static final double LONGEST_STEP_S = 120;
    private static final int MAX_STEPS = 400;

    /** Over so short a time the pace hardly changes: the second order is as good as the fourth. */
    private static final double SHORT_STEP_S = 30;

    private ReadingFilter() {}

    /** What a reading came to. */
    record Outcome(Estimate estimate, boolean questioned, double expected, double measured) {}

    /** The estimate after a time without readings. */
    static Estimate predict(Estimate from, Optional<Evaporation> heated, double seconds) {
        if (seconds <= 0) {
            return from;
        }
        double walk = LN_K_WALK_VARIANCE_PER_S * seconds;
        if (heated.isEmpty()) {
            return from.with(from.covariance().plusSds(0, Math.sqrt(walk), 0));
        }
        double k = from.k();
        Loss loss = new Loss(from, heated.get());
        double before = loss.at(from.water());
        double after = loss.after(k, seconds);
        double pace = loss.last.loss().kilogramsPerSecond();
        double byLnK = -k * seconds * pace;
        Covariance.Gradient water =
                new Covariance.Gradient(before == 0 ? 1 : pace / before, byLnK, byLnK * loss.last.perLnThickness());
        return new Estimate(
                from.reference().boiledFor(seconds / 60),
                after,
                from.lnK(),
                from.lnThickness(),
                from.covariance().carriedOn(water, walk));
    }

    /** The estimate corrected by a reading of so much, expected by a model of the state. */
    static Outcome correct(Estimate at, Observation observation, boolean trusted) {
        double expected = observation.expectation().of(at.mixture(), at.thickness());
        Covariance.Gradient slope = slope(at, expected, observation.expectation());
        double variance = at.covariance().variance(slope) + observation.sd() * observation.sd();
        double off = observation.value() - expected;
        if (!trusted && Math.abs(off) > QUESTIONED_SDS * Math.sqrt(variance)) {
            return new Outcome(at, true, expected, observation.value());
        }
        Covariance.Gradient gain = at.covariance().gain(slope, variance);
        Estimate corrected = new Estimate(
                at.reference(),
                at.water() + gain.water() * off,
                at.lnK() + gain.lnK() * off,
                at.lnThickness() + gain.lnThickness() * off,
                at.covariance().corrected(slope, variance));
        return new Outcome(corrected, false, expected, observation.value());
    }

    /** How what is expected answers to the state. */
    private static Covariance.Gradient slope(Estimate at, double expected, Expectation expectation) {
        double water = at.water();
        double dWater = Math.max(1e-6, 1e-4 * water);
        double dLn = 1e-4;
        double wetter = expectation.of(at.mixtureWith(water + dWater), at.thickness());
        double dryer = expectation.of(at.mixtureWith(water - dWater), at.thickness());
        double thicker = expectation.of(at.mixture(), ThicknessFactor.ofLogarithm(at.lnThickness() + dLn));
        double span = water + dWater - Math.max(0, water - dWater);
        return new Covariance.Gradient((wetter - dryer) / span, 0, (thicker - expected) / dLn);
    }

    /**
     * The estimate corrected by a reading that is known to be right: what was believed is doubted, more and more, until
     * the reading is no surprise any more.
     *
     * @return questioned only if no doubt about the state explains it
     */
    static Outcome believe(Estimate at, Observation observation) {
        Estimate doubted = at;
        Outcome outcome = correct(doubted, observation, false);
        for (int i = 0; outcome.questioned() && i < MAX_DOUBTS; i++) {
            doubted = doubted.with(doubted.covariance().times(DOUBT));
            outcome = correct(doubted, observation, false);
        }
        return outcome;
    }

    /** A reading as the filter sees it: a number, how sure it is, and what the state lets expect. */
    record Observation(double value, double sd, Expectation expectation) {
        static Observation weight(Mass net) {
            double kg = net.kilograms();
            return new Observation(
                    kg,
                    Math.max(SCALE_SD_KG, SCALE_SD_SHARE * kg),
                    (m, t) -> m.mass().kilograms());
        }

        static Observation depth(double metres, Evaporation evaporation) {
            return new Observation(
                    metres,
                    DIP_SD_M,
                    (m, t) -> evaporation
                            .conditions()
                            .pot()
                            .depthOf(ChoiOkos.volume(m, evaporation.stoveTemperature(m)))
                            .metres());
        }

        static Observation volume(double litres, Evaporation evaporation) {
            return new Observation(
                    litres,
                    JUG_SD_SHARE * litres,
                    (m, t) ->
                            ChoiOkos.volume(m, evaporation.stoveTemperature(m)).litres());
        }

        static Observation spoon(SpoonCoat look, Celsius at, double sd) {
            return new Observation(
                    look.grade().value(),
                    sd,
                    (m, t) -> Thickness.grade(m, at, t).value());
        }

        /** Empty if no sauce with this serum could have spread so. */
        static Optional<Observation> plate(CookEvent.PlateSpreadRead reading, Mixture mixture) {
            Rheology flow = Thickness.of(mixture, reading.temperature());
            return PlateSpread.grade(reading.diameter(), flow.serum(), ChoiOkos.density(mixture, reading.temperature()))
                    .map(grade -> new Observation(
                            grade.value(),
                            PlateSpread.SD_GRADES,
                            (m, t) ->
                                    Thickness.grade(m, reading.temperature(), t).value()));
        }

        static Observation boiling(Celsius read, Evaporation evaporation) {
            return new Observation(
                    read.degrees(),
                    THERMOMETER_SD_K,
                    (m, t) -> evaporation.stoveTemperature(m).degrees());
        }
    }

    /** What a reading should show for a mixture of this thickness factor. */
    @FunctionalInterface
    interface Expectation {
        double of(Mixture mixture, ThicknessFactor thickness);
    }

    /** Water leaving at k = 1 as a function of the water there is. */
    private static final class Loss implements OrdinaryDifferentialEquation {
        private final Estimate from;
        private final Evaporation evaporation;
        private double asked = Double.NaN;
        private Evaporation.Pace last;

        Loss(Estimate from, Evaporation evaporation) {
            this.from = from;
            this.evaporation = evaporation;
        }

        /** The pace at one amount of water is asked for by the integrator and by the sensitivities. */
        double at(double waterKg) {
            if (waterKg != asked) {
                asked = waterKg;
                last = evaporation.pace(from.mixtureWith(waterKg), from.thickness());
            }
            return last.loss().kilogramsPerSecond();
        }

        /** The water that is left, with the pace at its end as the last one asked for. */
        double after(double k, double seconds) {
            double water = from.water();
            if (seconds <= SHORT_STEP_S) {
                // Heun's rule: of second order, and what it asks at the end is what the sensitivities want.
                double first = at(water);
                double reached = Math.max(0, water - k * seconds * first);
                return Math.max(0, water - k * seconds * (first + at(reached)) / 2);
            }
            int steps = (int) Math.min(MAX_STEPS, Math.ceil(seconds / LONGEST_STEP_S));
            double step = k * seconds / steps;
            FixedStepRungeKuttaIntegrator rungeKutta = new ClassicalRungeKuttaIntegrator(step);
            double[] state = {water};
            for (int i = 0; i < steps; i++) {
                state = rungeKutta.singleStep(this, i * step, state, (i + 1) * step);
            }
            double left = Math.max(0, state[0]);
            at(left);
            return left;
        }

        @Override
        public int getDimension() {
            return 1;
        }

        @Override
        public double[] computeDerivatives(double t, double[] water) {
            return new double[] {-at(water[0])};
        }
    }
}
