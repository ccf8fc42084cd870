package app.gradior.recipe;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * A recipe as it was published.
 *
 * @param name empty if it has none
 * @param yield how many it serves or how much it makes, as it says so
 * @param ingredients its lines in their order; one that ends in a colon heads those behind it
 * @param method its passages in their order; empty if it tells none
 * @param description what it says of itself
 * @param source where it stands, if it says so
 * @param takes the time that it claims in all
 */
public record PublishedRecipe(
        String name,
        Optional<String> yield,
        List<String> ingredients,
        List<Passage> method,
        Optional<String> description,
        Optional<String> source,
        Optional<Duration> takes) {
    public PublishedRecipe {
        ingredients = List.copyOf(ingredients);
        method = List.copyOf(method);
    }

    /**
     * A paragraph or a step.
     *
     * @param title of the part it belongs to: "For the sauce"
     */
    public record Passage(Optional<String> title, String text) {}
}
