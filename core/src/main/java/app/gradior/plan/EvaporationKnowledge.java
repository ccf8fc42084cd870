package app.gradior.plan;

import app.gradior.pot.Activity;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Interval;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * What a kitchen has learnt of how its pots lose water, from boil-off tests and finished batches.
 *
 * <p>ln k of a pot on a ring at an activity is taken as a sum of independent normal parts: of the kitchen (its air, its
 * eye for activities), of the pot, of the activity, and of the three together. What one place tells is thus told, in part,
 * of the others. The parts' standard deviations are estimates; together they give the prior of the model, 0.45.
 */
public final class EvaporationKnowledge {
    private static final double KITCHEN_SD = 0.28;
    private static final double POT_SD = 0.18;
    private static final double ACTIVITY_SD = 0.25;
    private static final double PLACE_SD = 0.17;

    /** From so many finished batches and tests on a kitchen's own spread counts. */
    private static final int ENOUGH_SOURCES = 5;

    /** No two pots are more alike than this. */
    private static final double MIN_SPREAD = 0.1;

    private final List<Source> sources;
    private final Predicate<Object> measured;
    private volatile DecompositionSolver solver;

    /** A pot on a ring at an activity; pots and rings by whatever identifies them. */
    public record PotRingActivity(Object pot, Object ring, Activity activity) {
        private static final Object NO_RING = new UUID(0, 0);

        /** @param ring null if it was not said */
        public static PotRingActivity of(UUID pot, UUID ring, Activity activity) {
            return new PotRingActivity(pot, ring == null ? NO_RING : ring, activity);
        }
    }

    /**
     * Something learnt.
     *
     * @param lnK ln k as it was found
     * @param logSd how far it may be off, over 0
     */
    public record Source(Object id, PotRingActivity place, double lnK, double logSd) {
        /** @throws IllegalArgumentException if the spread is not over 0 or a figure is not finite */
        public Source {
            if (!(logSd > 0) || !Double.isFinite(logSd) || !Double.isFinite(lnK)) {
                throw new IllegalArgumentException("a source needs a finite ln k and a spread over 0");
            }
        }

        /**
         * What a posterior adds to the prior it began with.
         *
         * @return empty if it learnt nothing, or hardly anything
         */
        public static Optional<Source> ofPosterior(
                Object id,
                PotRingActivity place,
                double lnK,
                double logSd,
                double priorLnK,
                double priorLogSd,
                double spread) {
            double precision = 1 / (logSd * logSd) - 1 / (priorLogSd * priorLogSd);
            if (!(precision > 1)) {
                return Optional.empty();
            }
            double mean = (lnK / (logSd * logSd) - priorLnK / (priorLogSd * priorLogSd)) / precision;
            return Optional.of(new Source(id, place, mean, Math.sqrt(1 / precision + spread * spread)));
        }
    }

    /**
     * What is known of a place.
     *
     * @param k with its range
     * @param logSd standard deviation of ln k
     */
    public record Known(Interval k, double lnK, double logSd) {
        /** For planning with the model's own thickness. */
        public Knowledge knowledge() {
            return new Knowledge(
                    Math.max(0.05, Math.min(20, Math.exp(lnK))),
                    logSd,
                    Knowledge.NONE.thickness(),
                    Knowledge.NONE.logSdOfThickness());
        }
    }

    /** Of pots that were all measured. */
    public EvaporationKnowledge(List<Source> sources) {
        this(sources, pot -> true);
    }

    /** @param measured which pots were measured: of others not even the surface is sure, until they were weighed */
    public EvaporationKnowledge(List<Source> sources, Predicate<Object> measured) {
        this.sources = List.copyOf(sources);
        this.measured = measured;
    }

    /**
     * What is known of a place. Of a pot that was never weighed a kitchen with batches enough knows as much as they scatter:
     * its own spread stands in the place of the general one.
     */
    public Known about(PotRingActivity place) {
        Known known = fromAll(place);
        boolean weighed = sources.stream().anyMatch(s -> s.place().pot().equals(place.pot()));
        return weighed || sources.size() < ENOUGH_SOURCES
                ? known
                : known(known.lnK(), square(ownSpread()) + unmeasured(place.pot()));
    }

    private double ownSpread() {
        double mean = sources.stream().mapToDouble(Source::lnK).average().orElse(0);
        double squares =
                sources.stream().mapToDouble(s -> square(s.lnK() - mean)).sum();
        double sd = Math.sqrt(squares / (sources.size() - 1));
        return Math.max(MIN_SPREAD, Math.min(Evaporation.PRIOR_LOG_SD, sd));
    }

    /** What would be known if the place were tested once more: the mean stays, the precisions add up. */
    public Known afterTest(PotRingActivity place) {
        Known now = about(place);
        double test = square(Evaporation.CALIBRATED_LOG_SD);
        double variance = square(now.logSd());
        return known(now.lnK(), variance * test / (variance + test));
    }

    private Known fromAll(PotRingActivity place) {
        double prior = covariance(place, place);
        if (sources.isEmpty()) {
            return known(0, prior);
        }
        RealVector with = new ArrayRealVector(sources.size());
        RealVector found = new ArrayRealVector(sources.size());
        for (int i = 0; i < sources.size(); i++) {
            with.setEntry(i, covariance(place, sources.get(i).place()));
            found.setEntry(i, sources.get(i).lnK());
        }
        RealVector weights = solver().solve(with);
        return known(weights.dotProduct(found), prior - weights.dotProduct(with));
    }

    /** Taken apart once: every place asks it. */
    private DecompositionSolver solver() {
        DecompositionSolver known = solver;
        if (known == null) {
            int n = sources.size();
            RealMatrix matrix = new Array2DRowRealMatrix(n, n);
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    matrix.setEntry(
                            i,
                            j,
                            covariance(sources.get(i).place(), sources.get(j).place()));
                }
                matrix.addToEntry(i, i, square(sources.get(i).logSd()));
            }
            known = new CholeskyDecomposition(matrix).getSolver();
            solver = known;
        }
        return known;
    }

    private static Known known(double mean, double variance) {
        double sd = Math.sqrt(Math.max(1e-6, variance));
        return new Known(Interval.logNormal(Math.exp(mean), sd), mean, sd);
    }

    private double covariance(PotRingActivity a, PotRingActivity b) {
        boolean pot = a.pot().equals(b.pot());
        boolean activity = a.activity() == b.activity();
        return square(KITCHEN_SD)
                + (pot ? square(POT_SD) + unmeasured(a.pot()) : 0)
                + (activity ? square(ACTIVITY_SD) : 0)
                + (pot && activity && a.ring().equals(b.ring()) ? square(PLACE_SD) : 0);
    }

    private double unmeasured(Object pot) {
        return measured.test(pot) ? 0 : square(Knowledge.LOG_SD_OF_UNMEASURED);
    }

    private static double square(double value) {
        return value * value;
    }
}
