package app.gradior.plan;

import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.quantity.Bounds;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A starch slurry that lifts a sauce to a grade: found by the same function that forecasts the sauce, so that the slurry
 * poured gives the grade asked.
 *
 * @param powder starch as bought
 * @param water the cold water it is stirred into
 * @param after the sauce with all of it, swollen
 * @param thirds the grade at the serving temperature after each third poured
 */
public record Slurry(StarchKind kind, Mass powder, Mass water, Mixture after, List<Grade> thirds) {
    /** More starch than this share of the sauce makes glue, and the model is not meant for it. */
    private static final double MAX_POWDER_SHARE = 0.25;

    private static final double TEASPOON_ML = 5;

    /** Good to a hundredth of a gram: finer than any spoon, and all that a curve of many points needs. */
    private static final double FINE_KG = 1e-5;

    /** Looked up once: the table is long. */
    private static final Map<StarchKind, Ingredient> POWDERS = new EnumMap<>(
            Arrays.stream(StarchKind.values()).collect(Collectors.toMap(Function.identity(), Slurry::find)));

    /** What asking for a slurry comes to. */
    public sealed interface Answer {
        record Found(Slurry slurry) implements Answer {}

        /** The sauce is as thick as that without any. */
        record NoneNeeded(Grade now) implements Answer {}

        /** No amount that makes sense gives it; the nearest is given. */
        record NotEnough(Slurry nearest, Grade reached) implements Answer {}
    }

    /**
     * The slurry for a grade.
     *
     * @param waterPerPowder cold water by weight of starch, 0.3 to 20
     * @param served where the grade is judged
     */
    public static Answer forGrade(
            Mixture sauce,
            StarchKind kind,
            double waterPerPowder,
            Grade wanted,
            Celsius served,
            ThicknessFactor thickness) {
        Bounds.check("water by weight of starch", waterPerPowder, 0.3, 20);
        Pour pour = new Pour(sauce, kind, waterPerPowder, served, thickness);
        Grade now = pour.grade(0);
        if (now.compareTo(wanted) >= 0) {
            return new Answer.NoneNeeded(now);
        }
        double max = MAX_POWDER_SHARE * sauce.mass().kilograms();
        OptionalDouble powder =
                Solver.rising(kg -> pour.grade(kg).value() - wanted.value(), 0, max, 1e-9 * max + 1e-12);
        if (powder.isEmpty()) {
            return new Answer.NotEnough(pour.slurry(max), pour.grade(max));
        }
        return new Answer.Found(pour.slurry(powder.getAsDouble()));
    }

    /**
     * Only how much powder, to a hundredth of a gram, for curves of many points.
     *
     * @return zero if none is needed; empty if no amount that makes sense is enough
     */
    public static OptionalDouble powderKilograms(
            Mixture sauce,
            StarchKind kind,
            double waterPerPowder,
            Grade wanted,
            Celsius served,
            ThicknessFactor thickness) {
        Pour pour = new Pour(sauce, kind, waterPerPowder, served, thickness);
        if (pour.grade(0).compareTo(wanted) >= 0) {
            return OptionalDouble.of(0);
        }
        double max = MAX_POWDER_SHARE * sauce.mass().kilograms();
        return Solver.rising(kg -> pour.grade(kg).value() - wanted.value(), 0, max, FINE_KG);
    }

    /**
     * So much of a slurry in a sauce at the boil.
     *
     * @param after the sauce with it, swollen
     */
    public record Poured(Mass powder, Mass water, Mixture after) {}

    /** Pours a slurry of so much powder, whatever grade it gives. */
    public static Poured pour(Mixture sauce, StarchKind kind, Mass powder, double waterPerPowder) {
        Mixture slurry = Pour.perKilogram(kind, waterPerPowder).times(powder.kilograms());
        return new Poured(
                powder, powder.times(waterPerPowder), sauce.plus(slurry).cookedAt(kind.thickensFullyAt()));
    }

    /** What so much starch gives: the reverse question. */
    public static Slurry of(
            Mixture sauce,
            StarchKind kind,
            Mass powder,
            double waterPerPowder,
            Celsius served,
            ThicknessFactor thickness) {
        Bounds.check("water by weight of starch", waterPerPowder, 0.3, 20);
        return new Pour(sauce, kind, waterPerPowder, served, thickness).slurry(powder.kilograms());
    }

    /** The powder in level teaspoons of 5 ml. */
    public double levelTeaspoons() {
        return powder.grams() / kind.gramsPerMillilitre() / TEASPOON_ML;
    }

    /** The ingredient that is a starch of this kind. */
    public static Ingredient powder(StarchKind kind) {
        return POWDERS.get(kind);
    }

    private static Ingredient find(StarchKind kind) {
        return IngredientTable.shipped().all().stream()
                .filter(i -> i.starch().filter(kind::equals).isPresent())
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no ingredient is " + kind.key()));
    }

    /** Everything that stays the same while the amount is sought. */
    private record Pour(
            Mixture sauce,
            StarchKind kind,
            double waterPerPowder,
            Mixture slurryPerKilogram,
            Celsius served,
            ThicknessFactor thickness) {
        private static final Ingredient WATER = IngredientTable.shipped().get("water");

        Pour(Mixture sauce, StarchKind kind, double waterPerPowder, Celsius served, ThicknessFactor thickness) {
            this(sauce, kind, waterPerPowder, perKilogram(kind, waterPerPowder), served, thickness);
        }

        /** What a kilogram of powder and its water are made of. */
        static Mixture perKilogram(StarchKind kind, double waterPerPowder) {
            return powder(kind).of(Mass.ofKilograms(1)).plus(WATER.of(Mass.ofKilograms(waterPerPowder)));
        }

        Mixture after(double powderKg) {
            return sauce.plus(slurryPerKilogram.times(powderKg)).cookedAt(kind.thickensFullyAt());
        }

        Grade grade(double powderKg) {
            return Thickness.grade(after(powderKg), served, thickness);
        }

        Slurry slurry(double powderKg) {
            List<Grade> thirds = IntStream.rangeClosed(1, 3)
                    .mapToObj(third -> grade(powderKg * third / 3))
                    .toList();
            return new Slurry(
                    kind,
                    Mass.ofKilograms(powderKg),
                    Mass.ofKilograms(powderKg * waterPerPowder),
                    after(powderKg),
                    thirds);
        }
    }
}
