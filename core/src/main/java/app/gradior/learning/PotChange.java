package app.gradior.learning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * That a pot boils off otherwise than before, so that it may be another pot under its name.
 *
 * @param since the first batch of which it is so
 * @param lnRatio how much faster it is, ln
 * @param logOdds ln of the odds that it changed, over those that it did not, without any prior
 */
public record PotChange(EvaporationKnowledge.Source since, double lnRatio, double logOdds) {
    /** Of two pots, each with its own: 2·0.30². */
    private static final double CHANGE_VARIANCE = 0.18;

    /** Odds of 20 to 1. */
    private static final double ASK_FROM = 3;

    private static final int FEWEST = 2;
    private static final int MOST = 4;
    private static final int FEWEST_BEFORE = 2;

    /**
     * Whether a pot seems to be another one lately.
     *
     * @param all of the kitchen, in the order of their times
     * @param pot the key of the pot
     */
    public static Optional<PotChange> of(List<EvaporationKnowledge.Source> all, Object pot) {
        List<EvaporationKnowledge.Source> own =
                all.stream().filter(s -> s.place().pot().equals(pot)).toList();
        Optional<PotChange> best = Optional.empty();
        for (int m = FEWEST; m <= Math.min(MOST, own.size() - FEWEST_BEFORE); m++) {
            List<EvaporationKnowledge.Source> last = own.subList(own.size() - m, own.size());
            Optional<PotChange> change = change(all, last);
            if (change.isPresent()
                    && change.get().logOdds() >= best.map(PotChange::logOdds).orElse(ASK_FROM)) {
                best = change;
            }
        }
        return best;
    }

    private static Optional<PotChange> change(
            List<EvaporationKnowledge.Source> all, List<EvaporationKnowledge.Source> last) {
        List<EvaporationKnowledge.Source> others = new ArrayList<>(all);
        others.removeAll(last);
        EvaporationKnowledge without = new EvaporationKnowledge(others);
        double sum = 0;
        double noise = 0;
        double sign = 0;
        for (EvaporationKnowledge.Source source : last) {
            double expected = without.mean(source);
            double z = without.surprise(source, expected);
            if (Math.abs(z) < 1 || sign * z < 0) {
                return Optional.empty();
            }
            sign = Math.signum(z);
            sum += source.lnK() - expected;
            noise += without.ofADay() + source.variance();
        }
        int m = last.size();
        double mean = sum / m;
        double before = without.varianceOfMean(last) + noise / (m * m);
        double odds = -0.5 * Math.log(1 + CHANGE_VARIANCE / before)
                + 0.5 * mean * mean * (1 / before - 1 / (before + CHANGE_VARIANCE));
        return Optional.of(new PotChange(last.get(0), mean, odds));
    }
}
