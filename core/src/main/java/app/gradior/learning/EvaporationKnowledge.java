package app.gradior.learning;

import app.gradior.plan.Knowledge;
import app.gradior.pot.Activity;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Interval;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;

/**
 * What a kitchen has learnt of how its pots lose water, from boil-off tests and finished batches.
 *
 * <p>ln k = μ of the kitchen + what it calls this activity + the pot + the ring + the sauce + the day. The parts are normal
 * with mean 0; what one batch tells of its pot is thus told, in part, of others. How far days differ is learnt too. The
 * standard deviations are estimates; together they give the prior of the model, 0.45.
 */
public final class EvaporationKnowledge {
    /** The kitchen's own: altitude, hood, what it calls a simmer. With one activity the two below are one part of 0.25. */
    private static final double KITCHEN_SD = 0.20;

    private static final double ACTIVITY_SD = 0.15;
    private static final double POT_SD = 0.30;
    private static final double RING_SD = 0.15;
    private static final double SAUCE_SD = 0.08;

    /** One day and another (0.10), one pot on one ring (0.05), heat that was misjudged (0.0017 in variance): together. */
    private static final double DAY_VARIANCE = 0.12 * 0.12;

    /** One reading may be wrong by so much in shape, whatever it weighs. */
    private static final double SHAPE_SD = 0.03;

    static final int PASSES = 4;

    /** Called fast or slow only beyond so many standard deviations of what is known of it alone. */
    private static final double SURE_SDS = Interval.Z_80;

    private static final double SURE_SHARE_OF_PRIOR = 2.0 / 3;

    private static final double[] ONES = {1, 1, 1, 1};

    private final List<Source> sources;
    private final Predicate<Object> measured;
    private final double widening;
    private final int passes;
    private volatile Fitted fitted;

    /** A pot on a ring at an activity; pots and rings by whatever identifies them. */
    public record PotRingActivity(Object pot, Object ring, Activity activity) {
        private static final Object NO_RING = new UUID(0, 0);

        /** @param ring null if it was not said */
        public static PotRingActivity of(Object pot, UUID ring, Activity activity) {
            return new PotRingActivity(pot, ring == null ? NO_RING : ring, activity);
        }
    }

    /**
     * Something learnt.
     *
     * @param sauce what identifies the sauce; null for plain water
     * @param lnK ln k as it was found
     * @param logSd how far it may be off, over 0
     */
    public record Source(Object id, PotRingActivity place, Object sauce, double lnK, double logSd) {
        /** @throws IllegalArgumentException if the spread is not over 0 or a figure is not finite */
        public Source {
            if (!(logSd > 0) || !Double.isFinite(logSd) || !Double.isFinite(lnK)) {
                throw new IllegalArgumentException("a source needs a finite ln k and a spread over 0");
            }
        }

        /**
         * What a posterior adds to the prior it began with: stored with that prior it would count it again with every batch.
         *
         * @return empty if it learnt nothing, or hardly anything
         */
        public static Optional<Source> ofPosterior(
                Object id,
                PotRingActivity place,
                Object sauce,
                double lnK,
                double logSd,
                double priorLnK,
                double priorLogSd) {
            double precision = 1 / (logSd * logSd) - 1 / (priorLogSd * priorLogSd);
            if (!(precision > 1)) {
                return Optional.empty();
            }
            double mean = (lnK / (logSd * logSd) - priorLnK / (priorLogSd * priorLogSd)) / precision;
            return Optional.of(new Source(id, place, sauce, mean, Math.sqrt(1 / precision + SHAPE_SD * SHAPE_SD)));
        }

        double variance() {
            return logSd * logSd;
        }
    }

    /**
     * What is known of a place.
     *
     * @param k with its range, which is as wide as it must be to hold in four of five
     * @param logSd standard deviation of ln k as claimed, before it was made wider or narrower
     * @param widening what it was multiplied by
     */
    public record Known(Interval k, double lnK, double logSd, double widening) {
        static Known of(double lnK, double variance, double widening) {
            double sd = Math.sqrt(Math.max(1e-6, variance));
            return new Known(Interval.logNormal(Math.exp(lnK), widening * sd), lnK, sd, widening);
        }

        /** For planning with a sauce of which nothing more is known. */
        public Knowledge knowledge() {
            return Knowledge.NONE.withK(lnK, logSd, widening);
        }
    }

    /** Whether a pot or ring is fast or slow by itself. */
    public enum Pace {
        NOT_SURE,
        FASTER,
        SLOWER
    }

    /** Of pots that were all measured, with ranges as they are. */
    public EvaporationKnowledge(List<Source> sources) {
        this(sources, pot -> true, RangeKeeping.NONE);
    }

    /**
     * @param sources in any order
     * @param measured which pots were measured: of others not even the surface is sure, until they were weighed
     * @param kept how often ranges of minutes held
     */
    public EvaporationKnowledge(List<Source> sources, Predicate<Object> measured, RangeKeeping kept) {
        this(sources, measured, kept.widening(), PASSES);
    }

    EvaporationKnowledge(List<Source> sources, Predicate<Object> measured, double widening, int passes) {
        this.sources = List.copyOf(sources);
        this.measured = measured;
        this.widening = widening;
        this.passes = passes;
    }

    /** What is known of a place with a sauce that nothing is known of. */
    public Known about(PotRingActivity place) {
        return about(place, null);
    }

    /** @param sauce what identifies it; null for one that nothing is known of */
    public Known about(PotRingActivity place, Object sauce) {
        Fitted fit = fitted();
        return Known.of(fit.mean(place, sauce), fit.variance(place, sauce) + fit.fit.ofADay(), widening);
    }

    /** What would be known if the place were tested once more: the mean stays, the test's precision comes to it. */
    public Known afterTest(PotRingActivity place) {
        Fitted fit = fitted();
        double day = fit.fit.ofADay();
        double now = fit.variance(place, null);
        double test = Evaporation.CALIBRATED_LOG_SD * Evaporation.CALIBRATED_LOG_SD;
        return Known.of(fit.mean(place, null), now * (test + day) / (now + test + day) + day, widening);
    }

    /** Whether a pot is fast or slow by itself: said only where it is told apart from all else. */
    public Pace paceOfPot(Object pot) {
        return ownPace(new Of(What.POT, pot));
    }

    /** Whether a ring is. */
    public Pace paceOfRing(Object ring) {
        return ownPace(new Of(What.RING, ring));
    }

    private Pace ownPace(Of unknown) {
        Fitted fit = fitted();
        Integer index = fit.index.get(unknown);
        if (index == null) {
            return Pace.NOT_SURE;
        }
        double mean = fit.fit.mean(BlockFit.NO_BLOCK, 0, new int[] {index}, ONES);
        double sd = Math.sqrt(fit.fit.variance(BlockFit.NO_BLOCK, 0, new int[] {index}, ONES));
        boolean sure = Math.abs(mean) > SURE_SDS * sd && sd < SURE_SHARE_OF_PRIOR * fit.priorSd.get(index);
        return !sure ? Pace.NOT_SURE : mean > 0 ? Pace.FASTER : Pace.SLOWER;
    }

    /** Standard deviation of ln k from day to day, as this kitchen's batches show it. */
    public double dayLogSd() {
        return Math.sqrt(fitted().fit.ofADay());
    }

    /** How far what a source found is from what all others would forecast of it, in standard deviations. */
    double surprise(Source source, double lnK) {
        Fitted fit = fitted();
        return (source.lnK() - lnK)
                / Math.sqrt(fit.variance(source.place(), source.sauce()) + fit.fit.ofADay() + source.variance());
    }

    double mean(Source source) {
        return fitted().mean(source.place(), source.sauce());
    }

    double ofADay() {
        return fitted().fit.ofADay();
    }

    /** Variance of the mean of what some places show, each without its day. */
    double varianceOfMean(List<Source> of) {
        Fitted fit = fitted();
        Map<Integer, Double> weights = new LinkedHashMap<>();
        double unknown = 0;
        Object sauce = of.get(0).sauce();
        boolean oneSauce = sauce != null && of.stream().allMatch(s -> sauce.equals(s.sauce()));
        for (Source source : of) {
            for (Of key : keys(source.place())) {
                Integer index = fit.index.get(key);
                if (index == null) {
                    unknown += prior(key);
                } else {
                    weights.merge(index, 1.0 / of.size(), Double::sum);
                }
            }
        }
        int[] indices = weights.keySet().stream().mapToInt(i -> i).toArray();
        double[] coefficients = weights.values().stream().mapToDouble(c -> c).toArray();
        Integer block = oneSauce ? fit.blocks.get(sauce) : null;
        double own = block == null ? SAUCE_SD * SAUCE_SD / (oneSauce ? 1 : of.size()) : 0;
        return fit.fit.variance(block == null ? BlockFit.NO_BLOCK : block, 0, indices, coefficients) + unknown + own;
    }

    private static Of[] keys(PotRingActivity place) {
        return new Of[] {
            Of.KITCHEN,
            new Of(What.ACTIVITY, place.activity()),
            new Of(What.POT, place.pot()),
            new Of(What.RING, place.ring())
        };
    }

    private enum What {
        KITCHEN,
        ACTIVITY,
        POT,
        RING
    }

    /** What a shared unknown is of. */
    private record Of(What what, Object which) {
        static final Of KITCHEN = new Of(What.KITCHEN, "");
    }

    private double prior(Of unknown) {
        return switch (unknown.what()) {
            case KITCHEN -> KITCHEN_SD * KITCHEN_SD;
            case ACTIVITY -> ACTIVITY_SD * ACTIVITY_SD;
            case RING -> RING_SD * RING_SD;
            case POT ->
                POT_SD * POT_SD
                        + (measured.test(unknown.which())
                                ? 0
                                : Knowledge.LOG_SD_OF_UNMEASURED * Knowledge.LOG_SD_OF_UNMEASURED);
        };
    }

    /** The unknowns by what they are of, and their solution. */
    private final class Fitted {
        final Map<Of, Integer> index = new HashMap<>();
        final Map<Object, Integer> blocks = new HashMap<>();
        final List<Double> priorSd = new ArrayList<>();
        final BlockFit fit;

        Fitted() {
            List<BlockFit.Batch> batches = new ArrayList<>(sources.size());
            List<double[][]> priors = new ArrayList<>();
            for (Source source : sources) {
                int[] shown = Arrays.stream(keys(source.place()))
                        .mapToInt(this::shared)
                        .toArray();
                int block = source.sauce() == null
                        ? BlockFit.NO_BLOCK
                        : blocks.computeIfAbsent(source.sauce(), s -> {
                            priors.add(new double[][] {{1 / (SAUCE_SD * SAUCE_SD)}});
                            return priors.size() - 1;
                        });
                batches.add(new BlockFit.Batch(
                        block, List.of(new BlockFit.Row(0, shown, ONES, source.lnK(), source.variance()))));
            }
            double[] precisions =
                    priorSd.stream().mapToDouble(sd -> 1 / (sd * sd)).toArray();
            fit = BlockFit.of(new BlockFit.Problem(precisions, priors, batches, DAY_VARIANCE, 0), passes);
        }

        private int shared(Of unknown) {
            return index.computeIfAbsent(unknown, key -> {
                priorSd.add(Math.sqrt(prior(key)));
                return priorSd.size() - 1;
            });
        }

        double mean(PotRingActivity place, Object sauce) {
            Integer block = sauce == null ? null : blocks.get(sauce);
            int[] known = known(place);
            return fit.mean(block == null ? BlockFit.NO_BLOCK : block, 0, known, ONES);
        }

        double variance(PotRingActivity place, Object sauce) {
            Integer block = sauce == null ? null : blocks.get(sauce);
            double variance = fit.variance(block == null ? BlockFit.NO_BLOCK : block, 0, known(place), ONES);
            for (Of key : keys(place)) {
                variance += index.containsKey(key) ? 0 : prior(key);
            }
            return variance + (block == null ? SAUCE_SD * SAUCE_SD : 0);
        }

        private int[] known(PotRingActivity place) {
            return Arrays.stream(keys(place))
                    .filter(index::containsKey)
                    .mapToInt(index::get)
                    .toArray();
        }
    }

    private Fitted fitted() {
        Fitted known = fitted;
        if (known == null) {
            known = new Fitted();
            fitted = known;
        }
        return known;
    }
}
