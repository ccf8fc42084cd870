package app.gradior.recipe;

import app.gradior.measure.LinePart;
import app.gradior.measure.NameWords;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** Finds which lines of a recipe a word of its method means: "the shallots", "stock", "cornflour". */
final class LineNames {
    private static final int LONGEST_NAME = 5;

    /** Words that name no food by themselves, though names end in them. */
    private static final Set<String> WEAK =
            Set.of(("sauce powder juice leaf seed mixture extract fresh whole ground dried black white red green "
                            + "yellow sweet hot pure light dark brown large small medium plain unsalted salted raw can tin "
                            + "canned stick piece flake heavy double single dry low full fat chopped sliced crushed finely "
                            + "grated minced diced of a the and or in to for with cold warm boiling sea fine extra virgin style "
                            + "good quality pan pot cup spoon bowl bag pack jar bottle block pinch dash handful taste salad mix "
                            + "blend base sour free range all purpose head bunch sprig stalk thick thin soft hard ripe new old "
                            + "day wild no not baby long short round top one")
                    .split(" "));

    /** What several foods are called by the last part of their names. */
    private static final Set<String> KINDS = Set.of("berry", "cheese", "nut", "chilli");

    private static final int WHOLE_NAME = 5;
    private static final int END_OF_NAME = 4;
    private static final int OTHER_NAME = 3;
    private static final int END_OF_OTHER = 2;
    private static final int PART_OF_NAME = 1;

    /**
     * A word or more of a clause that means lines.
     *
     * @param from the first word of the clause, and the word after the last
     * @param lines those that answer to it best, in their order
     */
    record Hit(int from, int to, List<Integer> lines, List<String> name) {}

    /** How well each line answers to a name, by the name's normalised words. */
    private final Map<String, Map<Integer, Integer>> byName = new HashMap<>();

    LineNames(List<RecipeLine> lines) {
        for (RecipeLine line : lines) {
            if (line.read() instanceof ReadLine.Heading) {
                continue;
            }
            if (line.read().foods().isEmpty()) {
                learnTyped(plainName(line.text()), line);
            }
            for (ReadLine.Understood food : line.read().foods()) {
                learnTyped(typedName(food), line);
                learnOther(NameWords.normalised(food.ingredient().name().replaceAll("\\(.*?\\)", "")), line);
                food.ingredient().aliases().forEach(alias -> learnOther(NameWords.normalised(alias), line));
            }
        }
    }

    private void learnTyped(List<String> typed, RecipeLine line) {
        if (typed.isEmpty()) {
            return;
        }
        learn(typed, WHOLE_NAME, line);
        for (int i = 1; i < typed.size(); i++) {
            learnUnlessWeak(typed.subList(i, typed.size()), END_OF_NAME, line);
            learnUnlessWeak(typed.subList(0, i), PART_OF_NAME, line);
        }
        for (String word : typed) {
            learnUnlessWeak(List.of(word), PART_OF_NAME, line);
        }
        String last = typed.get(typed.size() - 1);
        for (String kind : KINDS) {
            if (last.endsWith(kind) || line.has(food -> food.key().contains(kind))) {
                learn(List.of(kind), END_OF_OTHER, line);
            }
        }
    }

    private void learnOther(List<String> name, RecipeLine line) {
        if (name.isEmpty()) {
            return;
        }
        learn(name, OTHER_NAME, line);
        for (int i = 1; i < name.size(); i++) {
            learnUnlessWeak(name.subList(i, name.size()), END_OF_OTHER, line);
        }
    }

    private void learnUnlessWeak(List<String> name, int score, RecipeLine line) {
        boolean weak = name.stream().allMatch(WEAK::contains);
        // "The chicken" is none of the chicken stock.
        boolean beside = score == PART_OF_NAME && name.size() == 1 && AsideWords.isNoun(name.get(0));
        if (!weak && !beside) {
            learn(name, score, line);
        }
    }

    private void learn(List<String> name, int score, RecipeLine line) {
        byName.computeIfAbsent(String.join(" ", name), k -> new TreeMap<>()).merge(line.index(), score, Math::max);
    }

    /** The words of a line that were taken for its food. */
    private static List<String> typedName(ReadLine.Understood food) {
        List<String> words = new ArrayList<>();
        for (LinePart part : food.parts()) {
            boolean name = part.kind() == LinePart.Kind.FOOD || part.kind() == LinePart.Kind.UNREAD;
            if (name && part.end() <= food.typed().length()) {
                words.addAll(NameWords.normalised(food.typed().substring(part.start(), part.end())));
            }
        }
        return words.isEmpty() ? NameWords.normalised(food.ingredient().name().replaceAll("\\(.*?\\)", "")) : words;
    }

    /** The name in a line that was not read: its words before a comma or a bracket. */
    private static List<String> plainName(String text) {
        String first = text.split("[,(]", 2)[0];
        List<String> words = new ArrayList<>();
        for (String word : NameWords.normalised(first)) {
            if (word.chars().allMatch(Character::isLetter) && word.length() > 2 && !WEAK.contains(word)) {
                words.add(word);
            }
        }
        return words;
    }

    /** All that a clause names, from left to right. */
    List<Hit> in(Words clause) {
        List<String> tokens = new ArrayList<>();
        List<Integer> at = new ArrayList<>();
        for (int i = 0; i < clause.size(); i++) {
            for (String word : NameWords.normalised(clause.get(i))) {
                tokens.add(word);
                at.add(i);
            }
        }
        List<Hit> hits = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            for (int length = Math.min(LONGEST_NAME, tokens.size() - i); length > 0; length--) {
                List<String> name = tokens.subList(i, i + length);
                List<Integer> lines = lines(name);
                if (!lines.isEmpty()) {
                    hits.add(new Hit(at.get(i), at.get(i + length - 1) + 1, lines, List.copyOf(name)));
                    i += length - 1;
                    break;
                }
            }
        }
        return hits;
    }

    private List<Integer> lines(List<String> name) {
        Map<Integer, Integer> scores = byName.getOrDefault(String.join(" ", name), Map.of());
        int best = scores.values().stream().max(Integer::compare).orElse(0);
        return scores.entrySet().stream()
                .filter(e -> e.getValue() == best)
                .map(Map.Entry::getKey)
                .toList();
    }
}
