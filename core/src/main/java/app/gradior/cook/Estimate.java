package app.gradior.cook;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.thickness.ThicknessFactor;

/**
 * What is believed of a cook at a moment: the water in the pot, ln k of its evaporation and ln of its thickness factor,
 * jointly normal.
 *
 * @param reference a mixture that differs from the one in the pot by its water only
 * @param water kg
 */
record Estimate(Mixture reference, double water, double lnK, double lnThickness, Covariance covariance) {
    Estimate {
        water = Math.max(0, water);
    }

    /** The mixture believed to be in the pot. */
    Mixture mixture() {
        return mixtureWith(water);
    }

    Mixture mixtureWith(double waterKg) {
        return reference.wateredTo(Mass.ofKilograms(Math.max(0, waterKg)));
    }

    double k() {
        return Math.max(0.05, Math.min(20, Math.exp(lnK)));
    }

    ThicknessFactor thickness() {
        return ThicknessFactor.ofLogarithm(lnThickness);
    }

    Estimate with(Covariance other) {
        return new Estimate(reference, water, lnK, lnThickness, other);
    }

    /** The same where any amount may be in the pot, and what there is tells nothing of how it came to be. */
    Estimate ofAnyAmount() {
        return with(covariance.withWaterSd(mixture().mass().kilograms()));
    }

    /** With another mixture in the pot, whose water is off by so much more, kg. */
    Estimate remixed(Mixture other, double waterSd) {
        return new Estimate(
                other, other.mass(Component.WATER).kilograms(), lnK, lnThickness, covariance.plusSds(waterSd, 0, 0));
    }

    /** Weight of the sauce in grams. */
    Interval grams() {
        Mixture mixture = mixture();
        double perWater = mixture.mass(Component.WATER).kilograms() == 0 ? 1 : mixture.lossPerWater();
        return Interval.normal(mixture.mass().grams(), 1000 * perWater * covariance.waterSd());
    }

    /** Water leaving at this moment at k = 1, kg/s. */
    double unitLoss(Evaporation evaporation) {
        return evaporation.waterLoss(mixture(), thickness()).kilogramsPerSecond();
    }
}
