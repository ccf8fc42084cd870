package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Finds the food that a cook's words mean. */
public final class FoodNames {
    private static final int LONGEST_NAME_WORDS = 6;

    /** Under this share of common letter pairs two names are not alike. */
    private static final double LEAST_LIKENESS = 0.35;

    /** Words that say how a food is cut, kept or chosen, and change neither which food it is nor its weight. */
    private static final Set<String> BY_THE_WAY = Set.of(
            "a",
            "an",
            "the",
            "of",
            "and",
            "or",
            "in",
            "with",
            "some",
            "fresh",
            "freshly",
            "finely",
            "roughly",
            "coarsely",
            "chopped",
            "sliced",
            "diced",
            "minced",
            "grated",
            "crushed",
            "peeled",
            "large",
            "medium",
            "small",
            "big",
            "ripe",
            "ground",
            "good",
            "quality",
            "cold",
            "hot",
            "warm",
            "boiling",
            "whole",
            "level",
            "heaped",
            "packed",
            "loosely",
            "lightly",
            "firmly",
            "drained",
            "rinsed",
            "dried",
            "raw",
            "frozen",
            "thawed",
            "plain",
            "melted",
            "softened",
            "toasted",
            "smooth",
            "clear",
            "thick",
            "thin",
            "extra",
            "dry",
            "light",
            "dark",
            "organic",
            "soft",
            "homemade",
            "shop",
            "bought",
            "pitted",
            "stoned",
            "seedless",
            "trimmed",
            "washed",
            "halved",
            "quartered",
            "torn",
            "picked",
            "strong",
            "weak",
            "unsalted",
            "salted",
            "piece",
            "each",
            "about",
            "plus",
            "sweet");

    private final Map<String, Ingredient> byName = new HashMap<>();
    private final Map<String, Set<String>> pairsOfNames = new HashMap<>();

    public FoodNames(IngredientTable table) {
        for (Ingredient ingredient : table.all()) {
            String name = ingredient.name();
            learn(name, ingredient);
            int cut = name.indexOf(',') >= 0 ? name.indexOf(',') : name.indexOf('(');
            if (cut > 0) {
                learn(name.substring(0, cut), ingredient);
            }
        }
        for (Ingredient ingredient : table.all()) {
            ingredient.aliases().forEach(alias -> learn(alias, ingredient));
        }
        byName.keySet().forEach(name -> pairsOfNames.put(name, pairs(name)));
    }

    private void learn(String name, Ingredient ingredient) {
        byName.putIfAbsent(String.join(" ", normalised(name)), ingredient);
    }

    /**
     * A food found in a line.
     *
     * @param unit the piece or pack the line counts it in, if one of its own is named
     * @param unexplained words that the food does not account for
     */
    record Found(Ingredient ingredient, Optional<Ingredient.Piece> unit, List<String> unexplained) {}

    /** The food that accounts for most of the words, by the longest name; empty if no name is among them. */
    Optional<Found> find(String words) {
        List<String> tokens = normalised(words);
        Found best = null;
        int bestLength = 0;
        for (int from = 0; from < tokens.size(); from++) {
            StringBuilder name = new StringBuilder();
            for (int length = 1; length <= LONGEST_NAME_WORDS && from + length <= tokens.size(); length++) {
                name.append(length == 1 ? "" : " ").append(tokens.get(from + length - 1));
                Ingredient ingredient = byName.get(name.toString());
                if (ingredient == null) {
                    continue;
                }
                Found found = account(ingredient, tokens, from, length);
                boolean better = best == null
                        || found.unexplained().size() < best.unexplained().size()
                        || found.unexplained().size() == best.unexplained().size() && length > bestLength;
                if (better) {
                    best = found;
                    bestLength = length;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static Found account(Ingredient ingredient, List<String> tokens, int from, int length) {
        Optional<Ingredient.Piece> unit = Optional.empty();
        Set<String> pieceWords = unitWords(ingredient.piece());
        Set<String> packWords = unitWords(ingredient.pack());
        List<String> unexplained = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            String token = tokens.get(i);
            if (i >= from && i < from + length) {
                continue;
            }
            if (pieceWords.contains(token)) {
                unit = ingredient.piece();
            } else if (packWords.contains(token) || packWords.contains("can") && token.equals("tin")) {
                unit = unit.isPresent() ? unit : ingredient.pack();
            } else if (!BY_THE_WAY.contains(token)) {
                unexplained.add(token);
            }
        }
        return new Found(ingredient, unit, unexplained);
    }

    private static Set<String> unitWords(Optional<Ingredient.Piece> piece) {
        Set<String> words = new HashSet<>();
        piece.ifPresent(p -> words.addAll(normalised(p.name())));
        words.removeAll(BY_THE_WAY);
        return words;
    }

    /** Up to three foods whose names look most like the words, the likest first. */
    public List<Ingredient> like(String words) {
        Set<String> pairs = pairs(String.join(" ", normalised(words)));
        if (pairs.isEmpty()) {
            return List.of();
        }
        Map<Ingredient, Double> likeness = new HashMap<>();
        byName.forEach((name, ingredient) -> {
            Set<String> others = pairsOfNames.get(name);
            double mostLike = 2.0 * Math.min(pairs.size(), others.size()) / (pairs.size() + others.size());
            if (mostLike < LEAST_LIKENESS) {
                return;
            }
            long common = pairs.stream().filter(others::contains).count();
            double dice = 2.0 * common / (pairs.size() + others.size());
            if (dice >= LEAST_LIKENESS) {
                likeness.merge(ingredient, dice, Math::max);
            }
        });
        return likeness.entrySet().stream()
                .sorted(Map.Entry.<Ingredient, Double>comparingByValue()
                        .reversed()
                        .thenComparing(e -> e.getKey().key(), Comparator.naturalOrder()))
                .limit(3)
                .map(Map.Entry::getKey)
                .toList();
    }

    private static Set<String> pairs(String text) {
        Set<String> pairs = new HashSet<>();
        String padded = " " + text + " ";
        for (int i = 0; i + 1 < padded.length() && i < 80; i++) {
            pairs.add(padded.substring(i, i + 2));
        }
        return pairs;
    }

    /** Small letters without accents, words in the singular, nothing but words. */
    static List<String> normalised(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFD).toLowerCase(Locale.ROOT);
        List<String> words = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        for (int i = 0; i <= plain.length(); i++) {
            char c = i < plain.length() ? plain.charAt(i) : ' ';
            if (Character.isLetterOrDigit(c)) {
                word.append(c);
            } else if (Character.getType(c) != Character.NON_SPACING_MARK && c != '\'' && c != '’' && !word.isEmpty()) {
                words.add(singular(word.toString()));
                word.setLength(0);
            }
        }
        return words;
    }

    private static String singular(String word) {
        if (word.length() < 4 || !word.endsWith("s") || word.endsWith("ss") || word.endsWith("us")) {
            return word;
        }
        if (word.endsWith("ies")) {
            return word.substring(0, word.length() - 3) + "y";
        }
        if (word.endsWith("oes") || word.endsWith("ches") || word.endsWith("shes") || word.endsWith("ves")) {
            String stem = word.substring(0, word.length() - 2);
            return word.endsWith("ves") ? word.substring(0, word.length() - 1) : stem;
        }
        return word.substring(0, word.length() - 1);
    }
}
