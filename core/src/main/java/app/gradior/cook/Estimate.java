package app.gradior.cook;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.thickness.ThicknessFactor;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * What is believed of a cook at a moment: the water in the pot, ln k of its evaporation and ln of its thickness factor,
 * jointly normal.
 *
 * @param reference a mixture that differs from the one in the pot by its water only
 */
record Estimate(Mixture reference, RealVector mean, RealMatrix covariance) {
    static final int WATER = 0;
    static final int LN_K = 1;
    static final int LN_THICKNESS = 2;
    static final int SIZE = 3;

    /** The mixture believed to be in the pot. */
    Mixture mixture() {
        return mixtureWith(mean.getEntry(WATER));
    }

    Mixture mixtureWith(double waterKg) {
        return reference.wateredTo(Mass.ofKilograms(Math.max(0, waterKg)));
    }

    double k() {
        return Math.max(0.05, Math.min(20, Math.exp(mean.getEntry(LN_K))));
    }

    ThicknessFactor thickness() {
        return ThicknessFactor.ofLogarithm(mean.getEntry(LN_THICKNESS));
    }

    /** The same where any amount may be in the pot, and what there is tells nothing of how it came to be. */
    Estimate ofAnyAmount() {
        RealMatrix alone = covariance.copy();
        for (int i = 0; i < SIZE; i++) {
            alone.setEntry(WATER, i, 0);
            alone.setEntry(i, WATER, 0);
        }
        double all = mixture().mass().kilograms();
        alone.setEntry(WATER, WATER, all * all);
        return new Estimate(reference, mean, alone);
    }

    double sd(int which) {
        return Math.sqrt(Math.max(0, covariance.getEntry(which, which)));
    }

    /** Weight of the sauce in grams. */
    Interval grams() {
        Mixture mixture = mixture();
        double perWater = mixture.mass(Component.WATER).kilograms() == 0 ? 1 : mixture.lossPerWater();
        return Interval.normal(mixture.mass().grams(), 1000 * perWater * sd(WATER));
    }

    /** Water leaving at this moment at k = 1, kg/s. */
    double unitLoss(Evaporation evaporation) {
        return evaporation.waterLoss(mixture(), thickness()).kilogramsPerSecond();
    }
}
