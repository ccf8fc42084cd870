package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.util.List;
import java.util.Optional;

/** What a line leaves open. The line is counted by the guess; the cook may choose otherwise, and is then remembered. */
public sealed interface Ambiguity {
    /** Whether the kitchen has said what it means by this. */
    boolean settled();

    /**
     * How much a vague measure is.
     *
     * @param measure its word, such as splash
     * @param one what one of it is taken to weigh
     * @param choices other weights that may be meant
     */
    record HowMuch(String measure, Mass one, List<Mass> choices, boolean settled) implements Ambiguity {
        /** Where nothing says how much, it is as much as a sauce of this weight usually takes. */
        private static final Mass USUAL_SAUCE = Mass.ofGrams(400);

        private static final double MIN = 0.25;
        private static final double MAX = 20;

        boolean followsTheSauce() {
            return measure.equals(VagueMeasure.TASTE.word());
        }

        HowMuch forSauceOf(Mass rest) {
            double times = Math.max(MIN, Math.min(MAX, rest.grams() / USUAL_SAUCE.grams()));
            return new HowMuch(
                    measure,
                    Weighing.round(one.grams() * times),
                    choices.stream()
                            .map(choice -> Weighing.round(choice.grams() * times))
                            .filter(choice -> !choice.equals(Weighing.round(one.grams() * times)))
                            .distinct()
                            .toList(),
                    settled);
        }
    }

    /**
     * Which food is meant.
     *
     * @param words the words as typed
     * @param choices foods that may be meant, the guess first
     */
    record WhichFood(String words, List<Ingredient> choices, boolean settled) implements Ambiguity {}

    /**
     * Words that nothing accounts for: they bring nothing into the pot.
     *
     * @param words as typed
     * @param rewrites lines that could stand in its place, the likeliest first
     */
    record NotUnderstood(String words, List<String> rewrites) implements Ambiguity {
        @Override
        public boolean settled() {
            return false;
        }
    }

    /**
     * More than a sauce of a household usually has in it.
     *
     * @param share what it would be of the whole, where that is what strikes
     * @param rewrites lines that may be meant, the likeliest first
     * @param settled whether the line says that it is meant as it is written
     */
    record Implausible(Why why, Optional<Share> share, List<String> rewrites, boolean settled) implements Ambiguity {
        /** What strikes. */
        public enum Why {
            MANY_PACKS,
            HEAVY,
            FAR_MORE_THAN_THE_REST,
            MUCH_SPICE,
            MUCH_SALT
        }
    }
}
