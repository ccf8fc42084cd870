package app.gradior.measure;

import app.gradior.quantity.Mass;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a kitchen means by words that others may mean otherwise.
 *
 * @param measures whose cups and spoons
 * @param amounts what a vague measure of a food weighs here
 * @param foods the key of the food that some words mean here
 */
public record Habits(Measures measures, Map<VagueUse, Mass> amounts, Map<String, String> foods) {
    public static final Habits NONE = new Habits(Measures.US, Map.of(), Map.of());

    public Habits {
        amounts = Map.copyOf(amounts);
        foods = Map.copyOf(foods);
    }

    /** A vague measure of a food, such as a splash of sherry vinegar. */
    public record VagueUse(String measure, String food) {}

    /** Words as habits know them: small, in the singular, without marks. */
    public static String wordsOf(String food) {
        return String.join(" ", NameWords.normalised(food));
    }

    Optional<Mass> amount(String measure, String food) {
        return Optional.ofNullable(amounts.get(new VagueUse(measure, food)));
    }

    Optional<String> food(List<String> words) {
        return Optional.ofNullable(foods.get(String.join(" ", words)));
    }
}
