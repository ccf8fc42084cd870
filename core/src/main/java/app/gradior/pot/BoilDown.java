package app.gradior.pot;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.quantity.Bounds;
import app.gradior.quantity.Mass;
import app.gradior.quantity.MassFlow;
import app.gradior.quantity.Share;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import java.util.function.ToDoubleFunction;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketedUnivariateSolver;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.events.Action;
import org.hipparchus.ode.events.AdaptableInterval;
import org.hipparchus.ode.events.ODEEventDetector;
import org.hipparchus.ode.events.ODEEventHandler;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;
import org.hipparchus.ode.sampling.StepNormalizer;
import org.hipparchus.ode.sampling.StepNormalizerBounds;

/**
 * A sauce losing water under unchanging conditions, as an ordinary differential equation in the share x of its water that
 * is left: dx/dt = −k·loss(x)/W0. Ethanol and acetic acid follow from x. Solved with Dormand–Prince 5(4); a stop
 * condition is an event of the integration. What simmers is cooked: its pieces have fallen apart, its starch has swollen
 * as far as the heat lets it.
 */
public final class BoilDown {
    /** No sauce is watched longer than this. */
    public static final Duration HORIZON = Duration.ofHours(48);

    /** A few milligrams of water are gone within a thousandth of a second. */
    private static final double MIN_STEP_S = 1e-12;

    /** Less water than this is none: what is so dry neither boils nor reduces. */
    private static final double MIN_WATER_KG = 1e-6;

    private static final double MAX_STEP_S = 1800;
    private static final double TOLERANCE = 1e-8;
    private static final int MAX_EVALUATIONS = 20_000;

    /** Share of the water at which the sauce counts as dry; the equation crawls toward zero and never gets there. */
    private static final double DRY = 1e-4;

    private final Mixture start;
    private final Evaporation evaporation;
    private final ThicknessFactor thickness;
    private final double k;
    private final double water;
    private final double ethanolExponent;

    /**
     * @param raw what is in the pot when it reaches its activity
     * @param k how fast this pot evaporates against the model, 0.01 to 100, 1 where nothing is known
     * @throws IllegalArgumentException if the mixture is empty or k is out of range
     */
    public BoilDown(Mixture raw, Evaporation evaporation, ThicknessFactor thickness, double k) {
        if (raw.isEmpty()) {
            throw new IllegalArgumentException("an empty pot can't be boiled down");
        }
        this.evaporation = evaporation;
        this.start = raw.cookedAt(evaporation.stoveTemperature(raw));
        this.thickness = thickness;
        this.k = Bounds.check("k", k, 0.01, 100);
        this.water = start.mass(Component.WATER).kilograms();
        this.ethanolExponent = evaporation.ethanolExponent();
    }

    /** What is in the pot as it begins to simmer. */
    public Mixture start() {
        return start;
    }

    public Evaporation evaporation() {
        return evaporation;
    }

    public ThicknessFactor thickness() {
        return thickness;
    }

    /** The mixture with a share of its first water left, as if that had taken no time. */
    public Mixture at(Share waterLeft) {
        return start.evaporatedTo(waterLeft, ethanolExponent);
    }

    /** The mixture with a share of its first water left after so long: starch is worn, and alcohol has left meanwhile. */
    public Mixture at(Share waterLeft, double minutes) {
        return worn(at(waterLeft), minutes);
    }

    /** What time takes of it beside water; the same one where that is nothing. */
    public Mixture worn(Mixture mixture, double minutes) {
        double ethanol = start.mass(Component.ETHANOL).kilograms();
        return (ethanol == 0
                        ? mixture
                        : mixture.withEthanolAtMost(Mass.ofKilograms(ethanol * Retention.ofAlcohol(minutes))))
                .boiledFor(minutes);
    }

    /** Minutes for the whole of its first water, at a pace of it; infinite where none leaves. */
    public double minutesPerShare(Evaporation.Pace pace) {
        return water / (k * pace.loss().kilogramsPerSecond()) / 60;
    }

    private boolean boils() {
        return water > MIN_WATER_KG;
    }

    private double slope(double x) {
        if (x <= 0) {
            return 0;
        }
        Mixture mixture = at(Share.of(Math.min(1, x)));
        return -k * evaporation.waterLoss(mixture, thickness).kilogramsPerSecond() / water;
    }

    /**
     * What is in the pot after a time.
     *
     * @throws IllegalArgumentException if the time is negative or beyond {@link #HORIZON}
     */
    public Mixture after(Duration time) {
        return at(waterLeftAfter(time), time.toMillis() / 60_000.0);
    }

    /** The share of the first water left after a time. */
    public Share waterLeftAfter(Duration time) {
        double seconds = Bounds.check("time in s", time.toNanos() / 1e9, 0, HORIZON.toSeconds());
        if (seconds < 1e-3 || !boils()) {
            return Share.ALL;
        }
        DormandPrince54Integrator integrator = integrator();
        integrator.addEventDetector(new Crossing((at, x) -> x - DRY));
        ODEStateAndDerivative end = integrator.integrate(equation(), new ODEState(0, new double[] {1}), seconds);
        return Share.of(Math.max(0, Math.min(1, end.getPrimaryState()[0])));
    }

    /**
     * When a condition is first met.
     *
     * @param shortfall what is still missing, positive before, zero at the moment, negative after; continuous
     * @return empty if it is not met before the sauce is dry or within {@link #HORIZON}; at once if it is met already
     */
    public Optional<Moment> until(ToDoubleFunction<Mixture> shortfall) {
        if (shortfall.applyAsDouble(start) <= 0) {
            return Optional.of(new Moment(Duration.ZERO, Share.ALL, start));
        }
        if (!boils()) {
            return Optional.empty();
        }
        DormandPrince54Integrator integrator = integrator();
        Crossing met = new Crossing((t, x) -> shortfall.applyAsDouble(at(Share.of(x), t / 60)));
        integrator.addEventDetector(met);
        integrator.addEventDetector(new Crossing((at, x) -> x - DRY));
        ODEStateAndDerivative end =
                integrator.integrate(equation(), new ODEState(0, new double[] {1}), HORIZON.toSeconds());
        if (!met.occurred) {
            return Optional.empty();
        }
        Share left = Share.of(Math.max(0, Math.min(1, end.getPrimaryState()[0])));
        return Optional.of(
                new Moment(Duration.ofNanos(Math.round(end.getTime() * 1e9)), left, at(left, end.getTime() / 60)));
    }

    /**
     * The walk at equal steps of time from its start to an end, both included.
     *
     * @param end over zero, up to {@link #HORIZON}
     * @param steps 1 to 2000
     */
    public List<Sample> samples(Duration end, int steps) {
        double seconds = Bounds.check("end in s", end.toMillis() / 1e3, 1e-3, HORIZON.toSeconds());
        Bounds.check("steps", steps, 1, 2000);
        List<Sample> samples = new ArrayList<>();
        if (!boils()) {
            samples.add(sample(0, 1));
            samples.add(sample(seconds, 1));
            return samples;
        }
        DormandPrince54Integrator integrator = integrator();
        integrator.addStepHandler(new StepNormalizer(
                seconds / steps,
                (state, last) -> samples.add(sample(state.getTime(), state.getPrimaryState()[0])),
                StepNormalizerBounds.BOTH));
        integrator.addEventDetector(new Crossing((at, x) -> x - DRY));
        integrator.integrate(equation(), new ODEState(0, new double[] {1}), seconds);
        // Once dry it stays as it is.
        while (samples.size() <= steps) {
            samples.add(sample(seconds * samples.size() / steps, DRY));
        }
        return samples;
    }

    private Sample sample(double seconds, double x) {
        Share left = Share.of(Math.max(0, Math.min(1, x)));
        Mixture mixture = at(left);
        Evaporation.Pace pace = evaporation.pace(mixture, thickness);
        MassFlow loss = new MassFlow(k * pace.loss().kilogramsPerSecond() * mixture.lossPerWater(ethanolExponent));
        return new Sample(seconds, at(left, seconds / 60), loss, pace.perLnThickness());
    }

    /**
     * The sauce at a time of the walk, and how fast it loses weight then.
     *
     * @param perLnThickness how the loss answers to the sauce being thicker than thought, as {@link Evaporation.Pace} has it
     */
    public record Sample(double seconds, Mixture mixture, MassFlow loss, double perLnThickness) {}

    /** A moment of the walk. */
    public record Moment(Duration after, Share waterLeft, Mixture mixture) {}

    private OrdinaryDifferentialEquation equation() {
        return new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 1;
            }

            @Override
            public double[] computeDerivatives(double t, double[] x) {
                return new double[] {slope(x[0])};
            }
        };
    }

    private static DormandPrince54Integrator integrator() {
        DormandPrince54Integrator integrator =
                new DormandPrince54Integrator(MIN_STEP_S, MAX_STEP_S, TOLERANCE, TOLERANCE);
        integrator.setMaxEvaluations(MAX_EVALUATIONS);
        return integrator;
    }

    /** Stops the integration where a function of the share of water falls through zero. */
    private static final class Crossing implements ODEEventDetector {
        private final DoubleBinaryOperator function;
        private boolean occurred;

        /** @param function of the seconds and the share of water left */
        Crossing(DoubleBinaryOperator function) {
            this.function = function;
        }

        @Override
        public AdaptableInterval getMaxCheckInterval() {
            return AdaptableInterval.of(MAX_STEP_S);
        }

        @Override
        public int getMaxIterationCount() {
            return 100;
        }

        @Override
        public BracketedUnivariateSolver<UnivariateFunction> getSolver() {
            return new BracketingNthOrderBrentSolver(1e-9, 1e-6, 1e-12, 5);
        }

        @Override
        public ODEEventHandler getHandler() {
            return (state, detector, increasing) -> {
                occurred = true;
                return Action.STOP;
            };
        }

        @Override
        public double g(ODEStateAndDerivative state) {
            return function.applyAsDouble(state.getTime(), Math.max(0, Math.min(1, state.getPrimaryState()[0])));
        }
    }
}
