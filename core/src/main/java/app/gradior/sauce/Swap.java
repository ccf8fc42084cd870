package app.gradior.sauce;

import app.gradior.food.Component;
import app.gradior.food.Ingredient;
import app.gradior.food.Mixture;
import app.gradior.measure.CookRounding;
import app.gradior.measure.KitchenUnit;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/**
 * One food in place of another.
 *
 * @param line the line as it would be written
 * @param mass how much of the new food
 */
public record Swap(String line, Ingredient food, Mass mass) {
    private static final Celsius BOILED = Celsius.of(100);

    /** A swap that needs more of the new food than this many times the whole sauce makes no sense. */
    private static final double MAX_OF_SAUCE = 3;

    /** What is to stay the same. */
    public enum Keep {
        WEIGHT(m -> m.mass().kilograms()),
        THICKENING(m -> 0),
        ACID(m -> m.acidShare().value() * m.mass().kilograms()),
        SUGAR(m -> m.sugars().kilograms()),
        SALT(m -> m.mass(Component.SALT).kilograms()),
        FAT(m -> m.mass(Component.FAT).kilograms()),
        ALCOHOL(m -> m.mass(Component.ETHANOL).kilograms());

        private final ToDoubleFunction<Mixture> of;

        Keep(ToDoubleFunction<Mixture> of) {
            this.of = of;
        }
    }

    /**
     * The swap of a line's food for another.
     *
     * @param others everything else that goes into the sauce
     * @return empty if no amount of the new food keeps what is to be kept
     */
    public static Optional<Swap> of(
            ReadLine.Understood line, Ingredient food, Keep keep, Mixture others, LineGrammar grammar) {
        Optional<Mass> mass =
                keep == Keep.THICKENING ? thickeningEqually(line, food, others) : inProportion(line, food, keep);
        return mass.map(m -> new Swap(written(food, m, grammar), food, m));
    }

    private static Optional<Mass> inProportion(ReadLine.Understood line, Ingredient food, Keep keep) {
        double had = keep.of.applyAsDouble(line.ingredient().of(line.mass()));
        double has = keep.of.applyAsDouble(food.of(line.mass()));
        return had > 0 && has > 0 && had / has < 1000 ? Optional.of(line.mass().times(had / has)) : Optional.empty();
    }

    /** As much as makes the sauce, boiled up and served warm, as thick as it was. */
    private static Optional<Mass> thickeningEqually(ReadLine.Understood line, Ingredient food, Mixture others) {
        double wanted = grade(others.plus(line.ingredient().of(line.mass())));
        double low = 0;
        double high =
                MAX_OF_SAUCE * Math.max(others.mass().kilograms(), line.mass().kilograms());
        if (!others.isEmpty() && grade(others) >= wanted
                || grade(others.plus(food.of(Mass.ofKilograms(high)))) < wanted) {
            return Optional.empty();
        }
        // The least amount that does: grades need not rise all the way, since a food can also water a sauce down.
        double step = 1e-5;
        while (step < high && grade(others.plus(food.of(Mass.ofKilograms(step)))) < wanted) {
            low = step;
            step *= 1.5;
        }
        high = Math.min(step, high);
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            boolean enough = grade(others.plus(food.of(Mass.ofKilograms(middle)))) >= wanted;
            low = enough ? low : middle;
            high = enough ? middle : high;
        }
        return Optional.of(Mass.ofKilograms(high));
    }

    private static double grade(Mixture mixture) {
        return Thickness.grade(mixture.cookedAt(BOILED), Celsius.SERVED_WARM, ThicknessFactor.ONE)
                .value();
    }

    /** The new line, by a name of the food that is read back as this very food. */
    private static String written(Ingredient food, Mass mass, LineGrammar grammar) {
        String amount = CookRounding.measured(mass.grams(), KitchenUnit.GRAM).number() + " g ";
        String whole = food.name().toLowerCase(Locale.ROOT);
        int cut = Math.max(whole.indexOf(','), whole.indexOf(" ("));
        Stream<String> names = Stream.concat(
                Stream.of(cut > 0 ? whole.substring(0, cut) : whole),
                Stream.concat(food.aliases().stream(), Stream.of(whole.replaceAll("[,()]", " "))));
        return names.map(name -> amount + name)
                .filter(line -> grammar.read(line) instanceof ReadLine.Understood u
                        && u.ingredient().equals(food)
                        && !u.doubtful())
                .findFirst()
                .orElse(amount + whole);
    }
}
