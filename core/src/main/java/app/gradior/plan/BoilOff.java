package app.gradior.plan;

import app.gradior.food.Component;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Bounds;
import app.gradior.quantity.Mass;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.util.Optional;

/**
 * A boil-off test: a pot of water weighed, kept at an activity for a time, weighed again.
 *
 * @param k evaporation against the model's, 0.05 to 20
 * @param logSd standard deviation of ln k that the test leaves
 */
public record BoilOff(double k, double logSd) {
    /** A kitchen scale under a pot reads to about two grams. */
    private static final double WEIGHING_SD_G = 2;

    /** The start and the end are called a few seconds early or late. */
    private static final double TIMING_SD_S = 5;

    /** How far two tests of one pot on one mark of the dial differ, in ln k: the flame, the draught, the eye. Estimate. */
    private static final double REPEATABILITY = 0.13;

    /** @throws IllegalArgumentException if a figure is outside its bounds */
    public BoilOff {
        Bounds.check("k", k, 0.05, 20);
        Bounds.check("standard deviation of ln k", logSd, 0, 2);
    }

    /**
     * What a test tells. The loss is proportional to k at every moment, so that k is the time the model needs for the same
     * loss over the time it took.
     *
     * @param before water at the start
     * @param after water at the end
     * @return empty if nothing was lost, or more than any pot loses: then something was misread
     */
    public static Optional<BoilOff> of(Conditions conditions, Mass before, Mass after, Duration time) {
        double lost = before.grams() - after.grams();
        double seconds = time.toMillis() / 1000.0;
        if (!(lost > 0) || !(seconds > 0) || after.grams() <= 0) {
            return Optional.empty();
        }
        Mixture water = IngredientTable.shipped().get("water").of(before);
        BoilDown model = new BoilDown(water, new Evaporation(conditions), ThicknessFactor.ONE, 1);
        return model.until(m -> m.mass(Component.WATER).kilograms() - after.kilograms())
                .map(moment -> moment.after().toMillis() / 1000.0 / seconds)
                .filter(k -> k >= 0.05 && k <= 20)
                .map(k -> new BoilOff(
                        k,
                        Math.sqrt(square(REPEATABILITY)
                                + 2 * square(WEIGHING_SD_G / lost)
                                + 2 * square(TIMING_SD_S / seconds))));
    }

    private static double square(double value) {
        return value * value;
    }
}
