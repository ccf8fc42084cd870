package app.gradior.measure;

import app.gradior.quantity.Density;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * Units cooks measure with. US spoons and cups are the customary ones (NIST Handbook 44: 1 US fl oz = 29.5735 ml); metric
 * spoons hold 5, 15 and 250 ml; imperial pints and fluid ounces have to be named as such.
 */
public enum KitchenUnit {
    MILLIGRAM(1e-3, 0, "mg", "milligram"),
    GRAM(1, 0, "g", "gr", "grm", "gm", "gms", "gram", "gramme"),
    KILOGRAM(1000, 0, "kg", "kilo", "kilogram", "kilogramme", "kgs"),
    OUNCE(28.349523125, 0, "oz", "ounce"),
    POUND(453.59237, 0, "lb", "pound", "lbs"),
    MILLILITRE(0, 1, "ml", "millilitre", "milliliter", "mil", "cc"),
    CENTILITRE(0, 10, "cl", "centilitre", "centiliter"),
    DECILITRE(0, 100, "dl", "decilitre", "deciliter"),
    LITRE(0, 1000, "l", "litre", "liter", "ltr"),
    TEASPOON(0, 4.92892159375, "tsp", "teaspoon", "teaspoonful", "tspn", "teasp", "t"),
    DESSERTSPOON(0, 10, "dsp", "dessertspoon", "dessertspoonful"),
    TABLESPOON(
            0,
            14.78676478125,
            "tbsp",
            "tablespoon",
            "tablespoonful",
            "tbs",
            "tbl",
            "tblsp",
            "tbps",
            "tbspn",
            "tbsn",
            "tabs",
            "T"),
    FLUID_OUNCE(0, 29.5735295625, "fl oz", "fluid ounce", "floz", "fluid oz"),
    CUP(0, 236.5882365, "cup", "cupful", "c"),
    PINT(0, 473.176473, "pt", "pint"),
    QUART(0, 946.352946, "qt", "quart"),
    GALLON(0, 3785.411784, "gal", "gallon"),
    US_TEASPOON(0, 4.92892159375, "US tsp", "us teaspoon", "us tsp"),
    US_TABLESPOON(0, 14.78676478125, "US tbsp", "us tablespoon", "us tbsp"),
    US_FLUID_OUNCE(0, 29.5735295625, "US fl oz", "us fl oz", "us fluid ounce"),
    US_CUP(0, 236.5882365, "US cup", "us cup"),
    US_PINT(0, 473.176473, "US pint", "us pint"),
    METRIC_TEASPOON(0, 5, "metric tsp", "metric teaspoon"),
    METRIC_TABLESPOON(0, 15, "metric tbsp", "metric tablespoon"),
    METRIC_CUP(0, 250, "metric cup"),
    IMPERIAL_FLUID_OUNCE(0, 28.4130625, "imperial fl oz", "imperial fluid ounce"),
    IMPERIAL_CUP(0, 284.130625, "imperial cup"),
    IMPERIAL_PINT(0, 568.26125, "imperial pint");

    private static final Map<String, KitchenUnit> BY_WORD = new HashMap<>();

    static {
        for (KitchenUnit unit : values()) {
            for (String word : unit.words) {
                BY_WORD.put(word, unit);
            }
        }
    }

    private static final LevenshteinDistance SLIPS = new LevenshteinDistance(2);

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
        String bare = word.replace(".", "");
        KitchenUnit exact = BY_WORD.get(bare);
        if (exact != null) {
            return Optional.of(exact);
        }
        String lower = bare.toLowerCase(Locale.ROOT);
        KitchenUnit unit = BY_WORD.get(lower);
        if (unit == null && lower.length() > 2 && lower.endsWith("s")) {
            unit = BY_WORD.get(lower.substring(0, lower.length() - 1));
        }
        return Optional.ofNullable(unit).or(() -> misspelt(lower));
    }

    /** The two long ones are mistyped more often than not; nothing else that cooks write is so near to them. */
    private static Optional<KitchenUnit> misspelt(String word) {
        if (word.length() < 6 || word.length() > 13) {
            return Optional.empty();
        }
        for (KitchenUnit unit : new KitchenUnit[] {TABLESPOON, TEASPOON}) {
            int slips = SLIPS.apply(unit.words[1] + (word.endsWith("s") ? "s" : ""), word);
            if (slips >= 0) {
                return Optional.of(unit);
            }
        }
        return Optional.empty();
    }

    /** The unit a kitchen of these measures means by it; one that is named in full stays as it is. */
    public KitchenUnit in(Measures measures) {
        if (measures == Measures.US) {
            return this;
        }
        boolean imperial = measures == Measures.IMPERIAL;
        return switch (this) {
            case TEASPOON -> METRIC_TEASPOON;
            case TABLESPOON -> METRIC_TABLESPOON;
            case CUP -> imperial ? IMPERIAL_CUP : METRIC_CUP;
            case FLUID_OUNCE -> imperial ? IMPERIAL_FLUID_OUNCE : this;
            case PINT -> imperial ? IMPERIAL_PINT : this;
            default -> this;
        };
    }

    public boolean isVolume() {
        return millilitres > 0;
    }

    /** How a cook writes it. */
    public String word() {
        return words[0];
    }

    /** The grams of so many of this unit of something, however many: no pot need hold them. */
    public double grams(double count, Density density) {
        return isVolume() ? count * millilitres * density.gramsPerMillilitre() : count * grams;
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
