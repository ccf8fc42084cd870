package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.measure.FoodNames.Measured;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * A food that a text names.
 *
 * @param words as the text has it
 * @param keys the foods it may mean
 */
public record NamedFood(String words, List<String> keys) {
    private static final int MAX_NAME_WORDS = 4;

    /** The foods that a text names, in order; words that tell no food are passed over. */
    public static List<NamedFood> in(String text, LineGrammar grammar) {
        Words words = Words.of(text);
        List<NamedFood> named = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            for (int length = Math.min(MAX_NAME_WORDS, words.size() - i); length > 0; length--) {
                String name = words.until(i + length).from(i).typed();
                if (grammar.names().isName(name)) {
                    grammar.names()
                            .find(name, Measured.OTHER, grammar.habits())
                            .ifPresent(found -> named.add(new NamedFood(
                                    name,
                                    Stream.concat(Stream.of(found.ingredient()), found.others().stream())
                                            .map(Ingredient::key)
                                            .toList())));
                    i += length - 1;
                    break;
                }
            }
        }
        return named;
    }
}
