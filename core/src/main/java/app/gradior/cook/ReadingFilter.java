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
import org.hipparchus.filtering.kalman.Measurement;
import org.hipparchus.filtering.kalman.ProcessEstimate;
import org.hipparchus.filtering.kalman.extended.ExtendedKalmanFilter;
import org.hipparchus.filtering.kalman.extended.NonLinearEvolution;
import org.hipparchus.filtering.kalman.extended.NonLinearProcess;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposer;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.ClassicalRungeKuttaIntegrator;
import org.hipparchus.ode.nonstiff.FixedStepRungeKuttaIntegrator;

/**
 * Corrects the estimate of a cook by its readings: an extended Kalman filter over water, ln k and ln of the thickness
 * factor. Between readings the water follows the evaporation equation; since that is W' = −k·u(W) with u free of time, its
 * sensitivities are known without integrating them: ∂W/∂W0 = u(W)/u(W0), ∂W/∂ln k = −k·u(W)·t.
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
        return step(from, heated, seconds, null, false).estimate();
    }

    /** The estimate corrected by a reading of so much, expected by a model of the state. */
    static Outcome correct(Estimate at, Observation observation, boolean trusted) {
        return step(at, Optional.empty(), 0, observation, trusted);
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
            doubted = new Estimate(
                    doubted.reference(), doubted.mean(), doubted.covariance().scalarMultiply(DOUBT));
            outcome = correct(doubted, observation, false);
        }
        return outcome;
    }

    /** Time passes and then something is read: {@link #predict} and {@link #correct} in one. */
    static Outcome predictAndCorrect(
            Estimate from, Optional<Evaporation> heated, double seconds, Observation observation) {
        return step(from, seconds > 0 ? heated : Optional.empty(), Math.max(0, seconds), observation, false);
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

        static Observation spoon(SpoonCoat look, Celsius at) {
            return new Observation(
                    look.grade().value(),
                    SpoonCoat.SD_GRADES,
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

    private static Outcome step(
            Estimate from, Optional<Evaporation> heated, double seconds, Observation observation, boolean trusted) {
        Process process = new Process(from, heated, seconds, trusted);
        ExtendedKalmanFilter<Reading> filter = new ExtendedKalmanFilter<>(
                new CholeskyDecomposer(1e-15, 1e-30), process, new ProcessEstimate(0, from.mean(), from.covariance()));
        ProcessEstimate after = filter.estimationStep(new Reading(seconds, observation));
        Mixture reference = heated.isPresent() ? from.reference().boiledFor(seconds / 60) : from.reference();
        Estimate estimate = new Estimate(reference, bounded(after.getState()), after.getCovariance());
        return new Outcome(
                estimate, process.questioned, process.expected, observation == null ? Double.NaN : observation.value());
    }

    private static RealVector bounded(RealVector state) {
        RealVector bounded = state.copy();
        bounded.setEntry(Estimate.WATER, Math.max(0, state.getEntry(Estimate.WATER)));
        return bounded;
    }

    /** One reading, or the passing of time when there is no observation. */
    private record Reading(double time, Observation observation) implements Measurement {
        @Override
        public double getTime() {
            return time;
        }

        @Override
        public RealVector getValue() {
            return new ArrayRealVector(new double[] {observation == null ? 0 : observation.value()}, false);
        }

        @Override
        public RealMatrix getCovariance() {
            double sd = observation == null ? 1 : observation.sd();
            return new Array2DRowRealMatrix(new double[][] {{sd * sd}}, false);
        }
    }

    private static final class Process implements NonLinearProcess<Reading> {
        private final Estimate from;
        private final Optional<Evaporation> heated;
        private final double seconds;
        private final boolean trusted;
        private boolean questioned;
        private double expected = Double.NaN;

        Process(Estimate from, Optional<Evaporation> heated, double seconds, boolean trusted) {
            this.from = from;
            this.heated = heated;
            this.seconds = seconds;
            this.trusted = trusted;
        }

        @Override
        public NonLinearEvolution getEvolution(double previousTime, RealVector previous, Reading reading) {
            RealMatrix transition = MatrixUtils.createRealIdentityMatrix(Estimate.SIZE);
            RealMatrix noise = new Array2DRowRealMatrix(Estimate.SIZE, Estimate.SIZE);
            noise.setEntry(Estimate.LN_K, Estimate.LN_K, LN_K_WALK_VARIANCE_PER_S * seconds);
            RealVector state = heated.isPresent() ? evolved(previous, heated.get(), transition) : previous;
            RealMatrix jacobian = reading.observation() == null
                    ? new Array2DRowRealMatrix(1, Estimate.SIZE)
                    : jacobian(state, reading.observation().expectation());
            return new NonLinearEvolution(reading.getTime(), state, transition, noise, jacobian);
        }

        /** Integrates the water and writes its sensitivities into the transition matrix. */
        private RealVector evolved(RealVector previous, Evaporation evaporation, RealMatrix transition) {
            double k = from.k();
            double water = previous.getEntry(Estimate.WATER);
            ThicknessFactor thickness = from.thickness();
            Loss loss = new Loss(evaporation, thickness);
            double before = loss.at(water);
            double after = loss.after(water, k * seconds);
            Evaporation.Pace then = loss.last;
            double pace = then.loss().kilogramsPerSecond();
            transition.setEntry(Estimate.WATER, Estimate.WATER, before == 0 ? 1 : pace / before);
            transition.setEntry(Estimate.WATER, Estimate.LN_K, -k * seconds * pace);
            double slope = pace * then.perLnThickness();
            transition.setEntry(Estimate.WATER, Estimate.LN_THICKNESS, -k * seconds * slope);
            RealVector state = previous.copy();
            state.setEntry(Estimate.WATER, after);
            return state;
        }

        /** Water leaving at k = 1 as a function of the water there is. */
        private final class Loss implements OrdinaryDifferentialEquation {
            private final Evaporation evaporation;
            private final ThicknessFactor thickness;
            private double asked = Double.NaN;
            private Evaporation.Pace last;

            Loss(Evaporation evaporation, ThicknessFactor thickness) {
                this.evaporation = evaporation;
                this.thickness = thickness;
            }

            /** The pace at one amount of water is asked for by the integrator and by the sensitivities. */
            double at(double waterKg) {
                if (waterKg != asked) {
                    asked = waterKg;
                    last = evaporation.pace(from.mixtureWith(waterKg), thickness);
                }
                return last.loss().kilogramsPerSecond();
            }

            /**
             * The water that is left, with the pace at its end as the last one asked for.
             *
             * @param unitSeconds time at k = 1
             */
            double after(double water, double unitSeconds) {
                if (seconds <= SHORT_STEP_S) {
                    // Heun's rule: of second order, and what it asks at the end is what the sensitivities want.
                    double first = at(water);
                    double reached = Math.max(0, water - unitSeconds * first);
                    return Math.max(0, water - unitSeconds * (first + at(reached)) / 2);
                }
                int steps = (int) Math.min(MAX_STEPS, Math.ceil(seconds / LONGEST_STEP_S));
                double step = unitSeconds / steps;
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

        private RealMatrix jacobian(RealVector state, Expectation expectation) {
            double water = state.getEntry(Estimate.WATER);
            ThicknessFactor thickness = ThicknessFactor.ofLogarithm(state.getEntry(Estimate.LN_THICKNESS));
            double dWater = Math.max(1e-6, 1e-4 * water);
            double dLn = 1e-4;
            Mixture believed = from.mixtureWith(water);
            expected = expectation.of(believed, thickness);
            double wetter = expectation.of(from.mixtureWith(water + dWater), thickness);
            double dryer = expectation.of(from.mixtureWith(water - dWater), thickness);
            double thicker =
                    expectation.of(believed, ThicknessFactor.ofLogarithm(state.getEntry(Estimate.LN_THICKNESS) + dLn));
            double span = water + dWater - Math.max(0, water - dWater);
            return new Array2DRowRealMatrix(
                    new double[][] {{(wetter - dryer) / span, 0, (thicker - expected) / dLn}}, false);
        }

        @Override
        public RealVector getInnovation(
                Reading reading, NonLinearEvolution evolution, RealMatrix innovationCovariance) {
            if (reading.observation() == null) {
                return null;
            }
            double innovation = reading.observation().value() - expected;
            double sd = Math.sqrt(innovationCovariance.getEntry(0, 0));
            if (!trusted && Math.abs(innovation) > QUESTIONED_SDS * sd) {
                questioned = true;
                return null;
            }
            return new ArrayRealVector(new double[] {innovation}, false);
        }
    }
}
