package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.quantity.Mass;
import java.util.List;

/** What a line leaves open. The line is counted by the guess; the cook may choose otherwise, and is then remembered. */
public sealed interface Doubt {
    /** Whether the kitchen has said what it means by this. */
    boolean settled();

    /**
     * How much a vague measure is.
     *
     * @param measure its word, such as splash
     * @param one what one of it is taken to weigh
     * @param choices other weights that may be meant
     */
    record HowMuch(String measure, Mass one, List<Mass> choices, boolean settled) implements Doubt {}

    /**
     * Which food is meant.
     *
     * @param words the words as typed
     * @param choices foods that may be meant, the guess first
     */
    record WhichFood(String words, List<Ingredient> choices, boolean settled) implements Doubt {}
}
