package app.gradior.plan;

import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Liquid that thins a sauce back to a grade.
 *
 * @param liquid how much to add
 * @param after the sauce with it
 */
public record ThinBack(Mass liquid, Mixture after) {
    /** More than this many times the sauce is another sauce. */
    private static final double MAX_TIMES = 20;

    /** What asking for it comes to. */
    public sealed interface Answer {
        record Found(ThinBack back) implements Answer {}

        /** The liquid is itself too thick, or far too much of it would be needed: the nearest it comes. */
        record NotByThis(Grade nearest) implements Answer {}

        default Optional<ThinBack> found() {
            return this instanceof Found found ? Optional.of(found.back()) : Optional.empty();
        }
    }

    /** Thinning with water. */
    public static Optional<ThinBack> water(Mixture sauce, Grade wanted, Celsius served, ThicknessFactor thickness) {
        Mixture water = IngredientTable.shipped().get("water").of(Mass.ofKilograms(1));
        return with(water, sauce, wanted, served, thickness).found();
    }

    /**
     * Thinning with any liquid.
     *
     * @param liquid some of it; only its make-up counts
     * @return none of it if the sauce is thin enough
     */
    public static Answer with(Mixture liquid, Mixture sauce, Grade wanted, Celsius served, ThicknessFactor thickness) {
        Mixture perKilogram = liquid.times(1 / liquid.mass().kilograms());
        double tooThick = Thickness.grade(sauce, served, thickness).value() - wanted.value();
        if (tooThick <= 0) {
            return new Answer.Found(new ThinBack(Mass.ZERO, sauce));
        }
        double max = MAX_TIMES * sauce.mass().kilograms();
        OptionalDouble kilograms = Solver.rising(
                kg -> wanted.value()
                        - Thickness.grade(sauce.plus(perKilogram.times(kg)), served, thickness)
                                .value(),
                0,
                max,
                1e-9 * max);
        if (kilograms.isEmpty()) {
            return new Answer.NotByThis(Thickness.grade(sauce.plus(perKilogram.times(max)), served, thickness));
        }
        Mass added = Mass.ofKilograms(kilograms.getAsDouble());
        return new Answer.Found(new ThinBack(added, sauce.plus(perKilogram.times(added.kilograms()))));
    }
}
