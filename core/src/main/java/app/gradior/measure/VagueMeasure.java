package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.quantity.Mass;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Measures that mean what the hand means. Each has a first guess, after the spoons some makers sell for them (a pinch is
 * a sixteenth of a teaspoon, a dash an eighth) and after weighing; every kitchen may put its own figure in its place.
 */
enum VagueMeasure {
    PINCH(0.31, 0, "pinch", "pinches"),
    DASH(0.62, 0, "dash", "dashes"),
    DROP(0.05, 0, "drop"),
    SPLASH(15, 0, "splash", "splashes", "slosh", "sloshes"),
    GLUG(30, 0, "glug"),
    DRIZZLE(10, 0, "drizzle", "trickle"),
    SQUEEZE(8, 0, "squeeze", "squirt"),
    DOLLOP(30, 0, "dollop", "blob"),
    HANDFUL(100, 0, "handful", "fistful"),
    SPRINKLE(1, 0, "sprinkle", "sprinkling", "dusting", "scattering"),
    KNOB(0, 15, "knob", "nut"),
    PAT(0, 5, "pat"),
    GRIND(0, 0.1, "grind", "grinding", "twist", "turn", "crack"),
    GRATING(0, 0.1, "grating", "scrape", "scraping"),
    SPOONFUL(15, 0, "spoon", "spoonful"),
    LADLE(120, 0, "ladle", "ladleful"),
    GLASS(150, 0, "glass", "glasses", "glassful"),
    MUG(250, 0, "mug", "mugful"),
    SHOT(30, 0, "shot"),
    LITTLE(5, 0, "little", "bit", "touch", "hint", "tad", "smidgen", "smidge", "lick"),
    SOME(15, 0, "some"),
    TASTE(1, 0, "to taste");

    private static final Map<String, VagueMeasure> BY_WORD = new HashMap<>();

    static {
        for (VagueMeasure measure : values()) {
            for (String word : measure.words) {
                BY_WORD.put(word, measure);
                BY_WORD.put(word + "s", measure);
            }
        }
    }

    /** Leaves lie loose in the hand: weighed, a large handful of picked herbs. */
    private static final double HANDFUL_OF_LEAVES = 12;

    private final double millilitres;
    private final double grams;
    private final String[] words;

    VagueMeasure(double millilitres, double grams, String... words) {
        this.millilitres = millilitres;
        this.grams = grams;
        this.words = words;
    }

    static Optional<VagueMeasure> of(String word) {
        return Optional.ofNullable(BY_WORD.get(word));
    }

    /** How it is called on the screens and remembered. */
    String word() {
        return words[0];
    }

    /** The first guess for a food. */
    Mass guess(Ingredient ingredient) {
        if (this == TASTE || this == LITTLE || this == SOME) {
            return Mass.ofGrams(ofNothingSaid(ingredient));
        }
        if (this == HANDFUL && ingredient.group().equals("herb")) {
            return Mass.ofGrams(HANDFUL_OF_LEAVES);
        }
        if (this == KNOB
                && ingredient.piece().filter(p -> p.name().contains("thumb")).isPresent()) {
            return ingredient.piece().get().mass();
        }
        if (this == DASH && !isStrong(ingredient)) {
            return Mass.ofGrams(2.5 * ingredient.density().gramsPerMillilitre());
        }
        return Mass.ofGrams(
                grams > 0 ? grams : millilitres * ingredient.density().gramsPerMillilitre());
    }

    /** Where not even a word says how much: by what kind of food it is. */
    private double ofNothingSaid(Ingredient ingredient) {
        double scale = this == SOME ? 2 : 1;
        return scale
                * switch (ingredient.group()) {
                    case "spice" -> 0.5;
                    case "herb" -> 2;
                    case "seasoning" -> ingredient.key().contains("salt") ? 2 : 5;
                    case "fat", "liquid", "juice", "wine-spirit" -> 15;
                    default -> 5;
                };
    }

    private static boolean isStrong(Ingredient ingredient) {
        return ingredient.group().equals("spice") || ingredient.group().equals("seasoning");
    }
}
