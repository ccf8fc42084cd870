package app.gradior.recipe;

import app.gradior.measure.LinePart;
import app.gradior.measure.NameWords;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

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

    /** One line with the names it goes by, in normalised words. */
    private record Named(RecipeLine line, List<String> typed, List<List<String>> others) {}

    /**
     * A word or more of a clause that means lines.
     *
     * @param from the first word of the clause, and the word after the last
     * @param lines those that answer to it best, in their order
     */
    record Hit(int from, int to, List<Integer> lines, List<String> name) {}

    private final List<Named> all = new ArrayList<>();

    LineNames(List<RecipeLine> lines) {
        for (RecipeLine line : lines) {
            if (line.read() instanceof ReadLine.Heading) {
                continue;
            }
            if (line.read().foods().isEmpty()) {
                all.add(new Named(line, plainName(line.text()), List.of()));
            }
            for (ReadLine.Understood food : line.read().foods()) {
                List<List<String>> others = new ArrayList<>();
                others.add(NameWords.normalised(food.ingredient().name().replaceAll("\\(.*?\\)", "")));
                food.ingredient().aliases().forEach(alias -> others.add(NameWords.normalised(alias)));
                all.add(new Named(line, typedName(food), others));
            }
        }
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
        String first = text.split("[,(]")[0];
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
        int best = 0;
        List<Integer> lines = new ArrayList<>();
        for (Named named : all) {
            int score = score(name, named);
            if (score > best) {
                best = score;
                lines.clear();
            }
            if (score > 0 && score == best && !lines.contains(named.line().index())) {
                lines.add(named.line().index());
            }
        }
        return lines;
    }

    private static int score(List<String> name, Named named) {
        boolean weak = name.stream().allMatch(WEAK::contains);
        if (name.equals(named.typed())) {
            return 5;
        }
        if (!weak && endsIn(named.typed(), name)) {
            return 4;
        }
        if (named.others().contains(name)) {
            return 3;
        }
        if (!weak && named.others().stream().anyMatch(other -> endsIn(other, name))) {
            return 2;
        }
        String last =
                named.typed().isEmpty() ? "" : named.typed().get(named.typed().size() - 1);
        boolean kind =
                name.size() == 1 && Set.of("berry", "cheese", "nut", "chilli").contains(name.get(0));
        if (kind
                && (last.endsWith(name.get(0))
                        || named.line().has(food -> food.key().contains(name.get(0))))) {
            return 2;
        }
        boolean within = name.size() == 1
                && !weak
                && !AsideWords.isNoun(name.get(0))
                && named.typed().contains(name.get(0));
        boolean begins = name.size() > 1
                && !weak
                && named.typed().size() >= name.size()
                && named.typed().subList(0, name.size()).equals(name);
        return within || begins ? 1 : 0;
    }

    private static boolean endsIn(List<String> all, List<String> end) {
        return all.size() >= end.size()
                && all.subList(all.size() - end.size(), all.size()).equals(end);
    }
}
