package app.gradior.learning;

import app.gradior.plan.Knowledge;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a kitchen has learnt of how thick its sauces are against the model, how its people read a spoon, and what each of
 * them calls thick enough; all in grades.
 *
 * <p>A look shows f + β, a plate f, a verdict f − π: f of a version of a sauce, β of a reader, π of a person's wish for a
 * use. A version's f is joined to that of the one before it, the closer the more alike what thickens them is.
 */
public final class ThicknessKnowledge {
    /** ln of viscosity in one grade. */
    public static final double LN_PER_GRADE = Math.log(10) / 2;

    /** 0.5 in ln. */
    private static final double SAUCE_SD = 0.5 / LN_PER_GRADE;

    private static final double READER_SD = 0.35;
    private static final double WISH_SD = 0.40;

    /** What is a batch's own, shared by its readings: 0.12 in ln. */
    private static final double BATCH_SD = 0.12 / LN_PER_GRADE;

    private static final double BATCH_VARIANCE = BATCH_SD * BATCH_SD;
    /** 0.25 in ln, for versions that share nothing of what thickens them. */
    private static final double JOINED_SD = 0.25 / LN_PER_GRADE;

    private static final double SAME_SD = 0.02;

    /** A plate is asked for while a reader's bias is less sure than this. */
    private static final double UNSURE_BIAS = 0.15;

    static final int PASSES = 4;

    /** What a reading is of. */
    public enum Kind {
        LOOK,
        PLATE,
        VERDICT
    }

    /**
     * What a reading of a batch said beyond the model.
     *
     * @param person who read; null where it does not count
     * @param use what the verdict was for; null for other kinds
     * @param y grades beyond the model
     * @param v its variance, over 0
     */
    public record Reading(Kind kind, Object person, Object use, double y, double v) {
        /** @throws IllegalArgumentException if the variance is not over 0 or a figure is not finite */
        public Reading {
            if (!(v > 0) || !Double.isFinite(y) || !Double.isFinite(v)) {
                throw new IllegalArgumentException("a reading needs a finite figure and a variance over 0");
            }
        }
    }

    /** The readings of one batch, which share what was its own. */
    public record Batch(Object id, Object sauce, int version, List<Reading> readings) {}

    /**
     * Versions of a sauce that batches were made of, in order, each but the first with how far it is from the one before.
     *
     * @param distances 0 (thickened alike) to 1; one less than versions
     */
    public record Versions(List<Integer> numbers, List<Double> distances) {
        /** @throws IllegalArgumentException if there are not as many distances as steps between versions */
        public Versions {
            if (numbers.isEmpty() || distances.size() != numbers.size() - 1) {
                throw new IllegalArgumentException(numbers.size() + " versions but " + distances.size() + " distances");
            }
        }
    }

    /**
     * Something learnt in grades.
     *
     * @param sd as claimed
     */
    public record Known(double mean, double sd) {}

    private final Map<Object, Versions> versions;
    private final double widening;
    private final Map<Object, Integer> block = new HashMap<>();
    private final Map<Of, Integer> index = new LinkedHashMap<>();
    private final BlockFit fit;

    private record Of(boolean wish, Object person, Object use) {}

    /**
     * @param batches in any order
     * @param versions of each sauce that has a batch
     * @param kept how often ranges of thickness held
     */
    public ThicknessKnowledge(List<Batch> batches, Map<?, Versions> versions, RangeKeeping kept) {
        this(batches, versions, kept.widening(), PASSES);
    }

    ThicknessKnowledge(List<Batch> batches, Map<?, Versions> versions, double widening, int passes) {
        this.versions = Map.copyOf(versions);
        this.widening = widening;
        List<double[][]> priors = new ArrayList<>();
        List<BlockFit.Batch> rows = new ArrayList<>();
        for (Batch batch : batches) {
            Versions of = this.versions.get(batch.sauce());
            int at = block.computeIfAbsent(batch.sauce(), sauce -> {
                priors.add(prior(of));
                return priors.size() - 1;
            });
            int unknown = of.numbers().indexOf(batch.version());
            rows.add(new BlockFit.Batch(
                    at, batch.readings().stream().map(r -> row(unknown, r)).toList()));
        }
        double[] precisions = index.keySet().stream()
                .mapToDouble(of -> 1 / (of.wish() ? WISH_SD * WISH_SD : READER_SD * READER_SD))
                .toArray();
        fit = BlockFit.of(new BlockFit.Problem(precisions, priors, rows, 0, BATCH_VARIANCE), passes);
    }

    private BlockFit.Row row(int unknown, Reading reading) {
        return switch (reading.kind()) {
            case PLATE -> new BlockFit.Row(unknown, new int[0], new double[0], reading.y(), reading.v());
            case LOOK ->
                new BlockFit.Row(
                        unknown,
                        new int[] {shared(new Of(false, reading.person(), null))},
                        new double[] {1},
                        reading.y(),
                        reading.v());
            case VERDICT ->
                new BlockFit.Row(
                        unknown,
                        new int[] {shared(new Of(true, reading.person(), reading.use()))},
                        new double[] {-1},
                        reading.y(),
                        reading.v());
        };
    }

    private int shared(Of of) {
        return index.computeIfAbsent(of, o -> index.size());
    }

    private static double[][] prior(Versions versions) {
        int size = versions.numbers().size();
        double[][] precision = new double[size][size];
        precision[0][0] = 1 / (SAUCE_SD * SAUCE_SD);
        for (int i = 1; i < size; i++) {
            double joined = 1 / changed(versions.distances().get(i - 1));
            precision[i][i] += joined;
            precision[i - 1][i - 1] += joined;
            precision[i][i - 1] -= joined;
            precision[i - 1][i] -= joined;
        }
        return precision;
    }

    private static double changed(double distance) {
        return JOINED_SD * distance * JOINED_SD * distance + SAME_SD * SAME_SD;
    }

    /** A sauce's own thickness in a version that has batches; nothing but the prior if the sauce has none. */
    public Known of(Object sauce, int version) {
        Integer at = block.get(sauce);
        if (at == null) {
            return new Known(0, Math.hypot(SAUCE_SD, BATCH_SD));
        }
        int unknown = versions.get(sauce).numbers().indexOf(version);
        if (unknown < 0) {
            throw new IllegalArgumentException("version " + version + " has no batches");
        }
        return known(at, unknown, new int[0], new double[0], BATCH_VARIANCE);
    }

    /**
     * A sauce's own thickness in a version that has no batch yet.
     *
     * @param before the version with batches it comes from
     * @param distance how far what thickens it is from that, 0 to 1
     */
    public Known ofNew(Object sauce, int before, double distance) {
        Known known = of(sauce, before);
        return block.containsKey(sauce)
                ? new Known(known.mean(), Math.hypot(known.sd(), Math.sqrt(changed(distance))))
                : known;
    }

    /** The versions of a sauce that have batches, in order; empty if none. */
    public List<Integer> versions(Object sauce) {
        return block.containsKey(sauce) ? versions.get(sauce).numbers() : List.of();
    }

    /** How much thicker a person reads a spoon than it is. */
    public Known bias(Object person) {
        return shared(new Of(false, person, null), READER_SD);
    }

    /** How much thicker than the book a person wants a sauce for a use. */
    public Known wish(Object person, Object use) {
        return shared(new Of(true, person, use), WISH_SD);
    }

    /** Whether a plate would tell most: what a person reads off a spoon and the sauce's own thickness are not told apart. */
    public boolean plateWouldTell(Object person) {
        return bias(person).sd() > UNSURE_BIAS;
    }

    private Known shared(Of of, double prior) {
        Integer at = index.get(of);
        return at == null ? new Known(0, prior) : known(BlockFit.NO_BLOCK, 0, new int[] {at}, new double[] {1}, 0);
    }

    private Known known(int at, int unknown, int[] indices, double[] coefficients, double more) {
        return new Known(
                fit.mean(at, unknown, indices, coefficients),
                Math.sqrt(fit.variance(at, unknown, indices, coefficients) + more));
    }

    /** For planning: what is known of the pot, with what is known of the sauce. */
    public Knowledge with(Knowledge ofPot, Known sauce) {
        return ofPot.withThickness(sauce.mean() * LN_PER_GRADE, sauce.sd() * LN_PER_GRADE, widening);
    }

    /** What claimed ranges of thickness are multiplied by. */
    public double widening() {
        return widening;
    }
}
