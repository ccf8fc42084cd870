package app.gradior.plan;

import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.Optional;

/**
 * Flour that fat keeps apart, so that it thickens without lumps: cooked in butter before the liquid goes in, or kneaded
 * with it and whisked in at the end. Browning takes from its thickening.
 *
 * @param flour as bought
 * @param butter as much as there is flour
 * @param grade of the sauce with it, at the serving temperature
 */
public record Roux(Browning browning, Mass flour, Mass butter, Grade grade) {
    /** More flour than this share of the sauce makes paste. */
    private static final double MAX_FLOUR_SHARE = 0.25;

    private static final double FINE_KG = 1e-5;

    /** How dark it is cooked, with what is left of the flour's thickening: estimates from how much more cooks take. */
    public enum Browning {
        WHITE(1),
        BLOND(1),
        BROWN(0.65),
        DARK(0.4),
        /** Beurre manié: raw, kneaded with butter. */
        RAW(1);

        private final Share thickening;

        Browning(double thickening) {
            this.thickening = Share.of(thickening);
        }

        /** What is left of the thickening of its flour. */
        public Share thickening() {
            return thickening;
        }
    }

    /** What its foods are once it is cooked: their starch is raw still, and thickens so much less. */
    public static Mixture cooked(Mixture foods, Browning browning) {
        return foods.browned(browning.thickening());
    }

    /** What asking for a roux comes to. */
    public sealed interface Answer {
        record Found(Roux roux) implements Answer {}

        /** The sauce is as thick as that without any. */
        record NoneNeeded(Grade now) implements Answer {}

        /** No amount that makes sense gives it; the most that does comes to this. */
        record NotEnough(Grade reached) implements Answer {}

        default Optional<Roux> found() {
            return this instanceof Found found ? Optional.of(found.roux()) : Optional.empty();
        }
    }

    /** The roux that brings a sauce to a grade. */
    public static Answer forGrade(
            Mixture sauce, Browning browning, Grade wanted, Celsius served, ThicknessFactor thickness) {
        Mixture perKilogram = cooked(
                Slurry.powder(StarchKind.WHEAT_FLOUR)
                        .of(Mass.ofKilograms(1))
                        .plus(IngredientTable.shipped().get("unsalted-butter").of(Mass.ofKilograms(1))),
                browning);
        double max = MAX_FLOUR_SHARE * sauce.mass().kilograms();
        Grade now = Thickness.grade(sauce, served, thickness);
        if (now.compareTo(wanted) >= 0) {
            return new Answer.NoneNeeded(now);
        }
        var found = Solver.rising(
                kg -> grade(sauce, perKilogram, kg, served, thickness).value() - wanted.value(), 0, max, FINE_KG);
        if (found.isEmpty()) {
            return new Answer.NotEnough(grade(sauce, perKilogram, max, served, thickness));
        }
        Mass flour = Mass.ofKilograms(found.getAsDouble());
        return new Answer.Found(
                new Roux(browning, flour, flour, grade(sauce, perKilogram, flour.kilograms(), served, thickness)));
    }

    private static Grade grade(
            Mixture sauce, Mixture perKilogram, double flourKg, Celsius served, ThicknessFactor thickness) {
        Mixture after = sauce.plus(perKilogram.times(flourKg)).cookedAt(StarchKind.WHEAT_FLOUR.thickensFullyAt());
        return Thickness.grade(after, served, thickness);
    }

    /** The flour in level teaspoons of 5 ml. */
    public double levelTeaspoons() {
        return flour.grams() / StarchKind.WHEAT_FLOUR.gramsPerMillilitre() / 5;
    }
}
