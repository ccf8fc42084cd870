package app.gradior.measure;

import java.util.Set;

/** Which words of a line name its food: those up to the first note. */
final class FoodWords {
    /** Words that end the food: what follows says what it is for. */
    private static final Set<String> FOOD_ENDS = Set.of(
            "for", "until", "per", "such", "e.g", "eg", "then", "divided", "made", "mixed", "dissolved", "slaked");

    private FoodWords() {}

    /** The words up to the first note, bracketed ones and marks left out. */
    static String of(Words words) {
        StringBuilder food = new StringBuilder();
        int depth = 0;
        for (int i = 0; i < words.size(); i++) {
            String word = words.get(i);
            if (word.equals("(")) {
                depth++;
            } else if (word.equals(")")) {
                depth = Math.max(0, depth - 1);
            } else if (depth == 0 && !food.isEmpty() && end(words, i)) {
                break;
            } else if (depth == 0 && word.length() + food.length() > 0 && Character.isLetterOrDigit(word.charAt(0))) {
                food.append(food.isEmpty() ? "" : " ").append(word);
            }
        }
        return food.toString();
    }

    /** Whether a word is no part of a food that began before it. */
    static boolean end(Words words, int i) {
        String word = words.plain(i);
        return word.equals(",")
                || word.equals(":")
                || word.equals("-")
                || FOOD_ENDS.contains(word)
                || word.equals("to")
                        && Set.of("serve", "taste", "finish", "season", "garnish")
                                .contains(words.plain(i + 1))
                || word.equals("plus") && words.plain(i + 1).equals("extra");
    }
}
