package app.gradior.learning;

import app.gradior.quantity.Interval;
import java.util.List;

/**
 * What a kitchen means by a measure that books give only about: learnt from what it weighed.
 *
 * @param usual what it usually is, in the unit of the book's figure
 * @param next the range of the next one used
 */
public record HouseholdMeasure(double usual, Interval next) {
    private static final int ENOUGH_FOR_SPREAD = 3;
    private static final double PRIOR_WEIGHINGS = 6;
    private static final double MOST = 6.25;
    private static final double HUBER = 1.5;
    private static final int PASSES = 8;

    /** How far kitchens differ (τ) and how far one differs from time to time (σ), in ln; estimates. */
    public enum Manner {
        LEVEL(0.08, 0.06),
        HEAPED(0.20, 0.15),
        GROWN(0.22, 0.25),
        BY_HAND(0.50, 0.35);

        private final double tau;
        private final double sigma;

        Manner(double tau, double sigma) {
            this.tau = tau;
            this.sigma = sigma;
        }
    }

    /**
     * A weighing of some at once.
     *
     * @param weighed over 0
     * @param count how many, over 0
     */
    public record Weighing(double weighed, double count) {
        /** @throws IllegalArgumentException if a figure is not over 0 */
        public Weighing {
            if (!(weighed > 0) || !(count > 0)) {
                throw new IllegalArgumentException("a weighing needs figures over 0");
            }
        }
    }

    /** @param book what books say of one, over 0 */
    public static HouseholdMeasure of(double book, Manner manner, List<Weighing> weighings) {
        double prior = 1 / (manner.tau * manner.tau);
        double own = manner.sigma * manner.sigma;
        double variance = own;
        double theta = Math.log(book);
        double precision = prior;
        for (int pass = 0; pass < PASSES; pass++) {
            double spread = pass == 0 ? manner.tau * manner.tau : 1 / precision;
            double pulled = prior * Math.log(book);
            double nextPrecision = prior;
            double learnt = PRIOR_WEIGHINGS * own;
            for (Weighing weighing : weighings) {
                double value = Math.log(weighing.weighed() / weighing.count());
                double off = Math.abs(value - theta);
                double limit = HUBER * Math.sqrt(variance + spread);
                double weight = Math.min(1, limit / Math.max(off, 1e-12))
                        * (manner == Manner.BY_HAND ? 1 : weighing.count())
                        / variance;
                pulled += weight * value;
                nextPrecision += weight;
            }
            theta = pulled / nextPrecision;
            precision = nextPrecision;
            for (Weighing weighing : weighings) {
                double off = Math.log(weighing.weighed() / weighing.count()) - theta;
                learnt += Math.min(off * off + 1 / precision, MOST * own);
            }
            if (weighings.size() >= ENOUGH_FOR_SPREAD) {
                variance = learnt / (PRIOR_WEIGHINGS + weighings.size());
            }
        }
        return new HouseholdMeasure(
                Math.exp(theta), Interval.logNormal(Math.exp(theta), Math.sqrt(1 / precision + variance)));
    }
}
