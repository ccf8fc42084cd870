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
     * @param amount how much, and where in the line it says so
     * @param assumption what was taken for granted in reading it, in a sentence; empty if nothing was
     * @param doubts what it leaves open
     */
    record Understood(
            String typed,
            Amount amount,
            Ingredient ingredient,
            Mass mass,
            Optional<String> assumption,
            List<Doubt> doubts)
            implements ReadLine {
        public Understood {
            doubts = List.copyOf(doubts);
        }

        /** Whether something is open that the kitchen has not settled. */
        public boolean doubtful() {
            return doubts.stream().anyMatch(d -> !d.settled());
        }
    }

    /** A line that groups those after it, such as "For the slurry:". */
    record Heading(String typed, String words) implements ReadLine {}

    /** A line for the cook's own eyes: it begins with {@code #}. */
    record Remark(String typed) implements ReadLine {}

    /** How many it is for: "Serves 8", "Makes 3 jars". */
    record Serves(String typed, double count, String what) implements ReadLine {}

    /**
     * A line that can't be counted as it stands.
     *
     * @param problem what is missing and what to do, in a sentence
     * @param guesses foods it might mean, the likest first
     * @param rewrites lines that could stand in its place
     */
    record Unclear(String typed, String problem, List<Ingredient> guesses, List<String> rewrites) implements ReadLine {}
}
