package app.gradior.sauce;

import app.gradior.measure.Amount;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/** Finds the foods that a clause names with their amounts. */
final class NamedFoods {
    private static final Set<String> STOPS =
            Set.of("until", "till", "over", "on", "stirring", "while", "so", "without", "at", "but", ",");

    /** Words between the things that go in. */
    private static final Set<String> LINKS = Set.of(
            "roux",
            "beurre",
            "manié",
            "manie",
            "from",
            "using",
            "in",
            "into",
            "with",
            "the",
            "over",
            "down",
            "and",
            "of",
            ",",
            ":",
            "(",
            ")",
            "to",
            "mixed",
            "stirred",
            "dissolved",
            "plus",
            "&",
            "+",
            "together",
            "slurry",
            "a",
            "an",
            "by",
            "whisked",
            "then",
            "-",
            ".");

    private final LineGrammar grammar;

    NamedFoods(LineGrammar grammar) {
        this.grammar = grammar;
    }

    /**
     * The foods a clause names with their amounts: in brackets, behind a colon, with <em>with, of, in</em> or <em>into</em>
     * between them, the amount before its food or behind it.
     */
    List<ReadLine.Understood> in(Words clause) {
        List<ReadLine.Understood> foods = new ArrayList<>();
        int end = endOfNamed(clause);
        int from = skipLinks(clause, 1);
        List<Integer> starts = amounts(clause, from, end);
        if (starts.isEmpty()) {
            String words = clause.until(end).from(from).typed();
            if (!words.isBlank()) {
                food(words, foods);
            }
            return foods;
        }
        int boundary = from;
        for (int k = 0; k < starts.size(); k++) {
            int start = starts.get(k);
            int next = k + 1 < starts.size() ? starts.get(k + 1) : end;
            int amountEnd = Math.min(next, grammar.amountEnd(clause, start).orElse(start + 1));
            int stop = next;
            while (stop > amountEnd && LINKS.contains(clause.plain(stop - 1))) {
                stop--;
            }
            String behind = clause.until(stop)
                    .from(amountEnd)
                    .typed()
                    .replaceAll("[()]", " ")
                    .strip();
            String before = clause.until(start)
                    .from(skipLinks(clause, boundary))
                    .typed()
                    .replaceAll("[()]", " ")
                    .strip();
            int had = foods.size();
            if (!behind.isEmpty()) {
                food(
                        clause.until(stop)
                                .from(start)
                                .typed()
                                .replaceAll("[()]", " ")
                                .strip(),
                        foods);
            }
            if (foods.size() == had && !before.isEmpty()) {
                food(clause.until(amountEnd).from(start).typed() + " " + before, foods);
            }
            boundary = stop;
        }
        return foods;
    }

    private static int skipLinks(Words clause, int at) {
        int i = at;
        while (i < clause.size() && LINKS.contains(clause.plain(i)) && !isArticleOfAmount(clause, i)) {
            i++;
        }
        return i;
    }

    /** "a cup of": the article belongs to the amount. */
    private static boolean isArticleOfAmount(Words clause, int at) {
        return Set.of("a", "an").contains(clause.plain(at))
                && LineGrammar.shipped().amountEnd(clause, at).isPresent();
    }

    private int endOfNamed(Words clause) {
        // "Pour over 200 ml boiling water"
        int end = Set.of("over", "on").contains(clause.plain(1)) ? 2 : 1;
        int depth = 0;
        while (end < clause.size()) {
            depth += clause.get(end).equals("(") ? 1 : clause.get(end).equals(")") ? -1 : 0;
            boolean stops =
                    STOPS.contains(clause.plain(end)) && !clause.plain(end).equals(",");
            if (depth <= 0 && (stops || timeAt(clause, end))) {
                break;
            }
            end++;
        }
        return end;
    }

    private List<Integer> amounts(Words clause, int from, int end) {
        List<Integer> starts = new ArrayList<>();
        for (int i = from; i < end; i++) {
            OptionalInt stop = grammar.amountEnd(clause, i);
            if (stop.isPresent()
                    && stop.getAsInt() <= end
                    && StepWords.time(clause, i, i + 1).isEmpty()) {
                starts.add(i);
                i = Math.max(i, stop.getAsInt() - 1);
            }
        }
        return starts;
    }

    private void food(String words, List<ReadLine.Understood> foods) {
        ReadLine read = grammar.read(words);
        if (read instanceof ReadLine.Understood understood
                && understood.amount().kind() != Amount.Kind.UNSAID) {
            foods.add(understood);
        } else if (read instanceof ReadLine.Unclear unclear
                && !unclear.rewrites().isEmpty()) {
            unclear.rewrites()
                    .get(0)
                    .lines()
                    .filter(line -> !line.equals(words))
                    .forEach(line -> food(line, foods));
        }
    }

    private static boolean timeAt(Words words, int at) {
        return words.plain(at).equals("for")
                && StepWords.time(words, at + 1, at + 2).isPresent();
    }
}
