package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.quantity.Mass;
import java.util.List;
import java.util.Optional;

/** A line of a sauce as it was read. What was typed is kept word for word. */
public sealed interface ReadLine {
    String typed();

    /**
     * A line that was understood.
     *
     * @param assumption what was taken for granted in reading it, in a sentence; empty if nothing was
     */
    record Understood(String typed, Ingredient ingredient, Mass mass, Optional<String> assumption)
            implements ReadLine {}

    /** A line that groups those after it, such as "For the slurry:". */
    record Heading(String typed, String words) implements ReadLine {}

    /**
     * A line that can't be counted as it stands.
     *
     * @param problem what is missing and what to do, in a sentence
     * @param guesses foods it might mean, the likest first
     */
    record Unclear(String typed, String problem, List<Ingredient> guesses) implements ReadLine {}
}
