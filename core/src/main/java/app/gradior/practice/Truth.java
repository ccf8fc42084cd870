package app.gradior.practice;

import app.gradior.pot.Evaporation;
import app.gradior.thickness.ThicknessFactor;
import java.util.Random;

/**
 * What nobody knows of a pot: how fast it loses water and how thick its sauce is against the model.
 *
 * @param k 1 as the model has it
 */
public record Truth(double k, ThicknessFactor thickness) {
    /** As the model has it. */
    public static final Truth AS_THOUGHT = new Truth(1, ThicknessFactor.ONE);

    /** Pots and sauces farther out than this are left to real kitchens. */
    private static final double BOUND_SDS = 1.5;

    /** Seeds one after another would draw alike: multiplied so, they do not. */
    private static final long SCATTER = 0x9E3779B97F4A7C15L;

    /** Drawn by a seed: as far from the model as pots and sauces are that nobody has measured. */
    public static Truth of(long seed) {
        Random random = new Random(seed * SCATTER);
        return new Truth(
                Math.exp(Evaporation.PRIOR_LOG_SD * bounded(random)),
                ThicknessFactor.of(Math.exp(ThicknessFactor.PRIOR_LOG_SD * bounded(random))));
    }

    private static double bounded(Random random) {
        double z = random.nextGaussian();
        while (Math.abs(z) > BOUND_SDS) {
            z = random.nextGaussian();
        }
        return z;
    }
}
