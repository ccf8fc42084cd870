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
    private static final double MOST_FLOUR_SHARE = 0.25;

    private static final double FINE_KG = 1e-5;

    /** How dark it is cooked, with what is left of the flour's thickening: estimates from how much more cooks take. */
    public enum Browning {
        WHITE("white roux", 1),
        BLOND("blond roux", 1),
        BROWN("brown roux", 0.65),
        DARK("dark roux", 0.4),
        /** Beurre manié: raw, kneaded with butter. */
        RAW("flour kneaded with butter", 1);

        private final String label;
        private final Share thickening;

        Browning(String label, double thickening) {
            this.label = label;
            this.thickening = Share.of(thickening);
        }

        public String label() {
            return label;
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

    /**
     * The roux that brings a sauce to a grade.
     *
     * @return empty where it is as thick already, or where no amount that makes sense would do
     */
    public static Optional<Roux> forGrade(
            Mixture sauce, Browning browning, Grade wanted, Celsius served, ThicknessFactor thickness) {
        Mixture perKilogram = cooked(
                Slurry.powder(StarchKind.WHEAT_FLOUR)
                        .of(Mass.ofKilograms(1))
                        .plus(IngredientTable.shipped().get("unsalted-butter").of(Mass.ofKilograms(1))),
                browning);
        double most = MOST_FLOUR_SHARE * sauce.mass().kilograms();
        if (Thickness.grade(sauce, served, thickness).compareTo(wanted) >= 0) {
            return Optional.empty();
        }
        var found = Solver.rising(
                kg -> grade(sauce, perKilogram, kg, served, thickness).value() - wanted.value(), 0, most, FINE_KG);
        return found.isEmpty()
                ? Optional.empty()
                : Optional.of(new Roux(
                        browning,
                        Mass.ofKilograms(found.getAsDouble()),
                        Mass.ofKilograms(found.getAsDouble()),
                        grade(sauce, perKilogram, found.getAsDouble(), served, thickness)));
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
