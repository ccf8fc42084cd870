package app.gradior.measure;

import app.gradior.quantity.Density;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Units cooks measure with. US spoons and cups are the customary ones (NIST Handbook 44: 1 US fl oz = 29.5735 ml); metric
 * spoons hold 5, 15 and 250 ml; imperial pints and fluid ounces have to be named as such.
 */
public enum KitchenUnit {
    MILLIGRAM(1e-3, 0, "mg", "milligram"),
    GRAM(1, 0, "g", "gr", "gm", "gram", "gramme"),
    KILOGRAM(1000, 0, "kg", "kilo", "kilogram", "kilogramme"),
    OUNCE(28.349523125, 0, "oz", "ounce"),
    POUND(453.59237, 0, "lb", "pound"),
    MILLILITRE(0, 1, "ml", "millilitre", "milliliter", "cc"),
    CENTILITRE(0, 10, "cl", "centilitre", "centiliter"),
    DECILITRE(0, 100, "dl", "decilitre", "deciliter"),
    LITRE(0, 1000, "l", "litre", "liter", "ltr"),
    TEASPOON(0, 4.92892159375, "tsp", "teaspoon", "t"),
    TABLESPOON(0, 14.78676478125, "tbsp", "tablespoon", "tbs", "tbl", "T"),
    FLUID_OUNCE(0, 29.5735295625, "fl oz", "fluid ounce", "floz"),
    CUP(0, 236.5882365, "cup", "c"),
    PINT(0, 473.176473, "pt", "pint"),
    QUART(0, 946.352946, "qt", "quart"),
    METRIC_TEASPOON(0, 5, "metric tsp", "metric teaspoon"),
    METRIC_TABLESPOON(0, 15, "metric tbsp", "metric tablespoon"),
    METRIC_CUP(0, 250, "metric cup"),
    IMPERIAL_FLUID_OUNCE(0, 28.4130625, "imperial fl oz", "imperial fluid ounce"),
    IMPERIAL_PINT(0, 568.26125, "imperial pint");

    private static final Map<String, KitchenUnit> BY_WORD = new HashMap<>();

    static {
        for (KitchenUnit unit : values()) {
            for (String word : unit.words) {
                BY_WORD.put(word, unit);
            }
        }
    }

    private final double grams;
    private final double millilitres;
    private final String[] words;

    KitchenUnit(double grams, double millilitres, String... words) {
        this.grams = grams;
        this.millilitres = millilitres;
        this.words = words;
    }

    /**
     * The unit of a word, singular or plural, with or without a full stop. A lone capital T is a tablespoon, a lone small
     * one a teaspoon, as old cards write them.
     */
    public static Optional<KitchenUnit> of(String word) {
        String bare = word.endsWith(".") ? word.substring(0, word.length() - 1) : word;
        KitchenUnit exact = BY_WORD.get(bare);
        if (exact != null) {
            return Optional.of(exact);
        }
        String lower = bare.toLowerCase(Locale.ROOT);
        KitchenUnit unit = BY_WORD.get(lower);
        if (unit == null && lower.length() > 2 && lower.endsWith("s")) {
            unit = BY_WORD.get(lower.substring(0, lower.length() - 1));
        }
        return Optional.ofNullable(unit);
    }

    public boolean isVolume() {
        return millilitres > 0;
    }

    /** How a cook writes it. */
    public String word() {
        return words[0];
    }

    /** The mass of so many of this unit of something. */
    public Mass mass(double count, Density density) {
        return isVolume() ? volume(count).at(density) : Mass.ofGrams(count * grams);
    }

    /**
     * The volume of so many of this unit.
     *
     * @throws IllegalStateException if it is a unit of weight
     */
    public Volume volume(double count) {
        if (!isVolume()) {
            throw new IllegalStateException(this + " is no unit of volume");
        }
        return Volume.ofMillilitres(count * millilitres);
    }
}
