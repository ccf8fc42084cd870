package app.gradior.learning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What the weights of one batch say of ln k, without anything that was known before: a robust mean of what each says.
 *
 * @param lnK of the batch
 * @param variance of it, over 0
 */
record PaceEvidence(double lnK, double variance) {
    private static final double HUBER = 1.5;
    private static final double PRIOR_VARIANCE = 0.45 * 0.45;
    private static final int PASSES = 10;

    /** What the readings' claimed noise weighs against how they scatter. */
    private static final double SCATTER_PRIOR = 4;

    /** One reading: the ln k at which the model shows it, and the variance of that. */
    record Said(double lnK, double variance) {}

    /**
     * The evidence of some readings together.
     *
     * @param filling variance that what went in may be off by, for all of them alike; 0 if the start was weighed
     * @return empty if there are none
     */
    static Optional<PaceEvidence> of(List<Said> said, double filling) {
        if (said.isEmpty()) {
            return Optional.empty();
        }
        double mean = median(said);
        double[] weights = new double[said.size()];
        for (int pass = 0; pass < PASSES; pass++) {
            double precision = 1 / PRIOR_VARIANCE;
            double pulled = 0;
            for (int i = 0; i < weights.length; i++) {
                Said one = said.get(i);
                double limit = HUBER * Math.sqrt(one.variance());
                double off = Math.abs(one.lnK() - mean);
                weights[i] = (off <= limit ? 1 : limit / off) / one.variance();
                precision += weights[i];
                pulled += weights[i] * one.lnK();
            }
            mean = pulled / precision;
        }
        double total = 0;
        double pulled = 0;
        for (int i = 0; i < weights.length; i++) {
            total += weights[i];
            pulled += weights[i] * said.get(i).lnK();
        }
        double lnK = pulled / total;
        double scatter = 0;
        for (int i = 0; i < weights.length; i++) {
            double off = said.get(i).lnK() - lnK;
            scatter += weights[i] * off * off;
        }
        double wider = Math.max(1, (SCATTER_PRIOR + scatter) / (SCATTER_PRIOR - 1 + weights.length));
        return Optional.of(new PaceEvidence(lnK, wider / total + filling));
    }

    /** The weighted median, with the prior as one more. */
    private static double median(List<Said> said) {
        List<Said> all = new ArrayList<>(said);
        all.add(new Said(0, PRIOR_VARIANCE));
        all.sort(Comparator.comparingDouble(Said::lnK));
        double half = all.stream().mapToDouble(s -> 1 / s.variance()).sum() / 2;
        double sum = 0;
        for (Said one : all) {
            sum += 1 / one.variance();
            if (sum >= half) {
                return one.lnK();
            }
        }
        return all.get(all.size() - 1).lnK();
    }
}
