package app.gradior.measure;

import app.gradior.measure.ReadLine.Several;
import app.gradior.measure.ReadLine.Unclear;
import app.gradior.measure.ReadLine.Understood;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Takes a line that brings several foods apart into lines of one food each, and reads these. */
final class SeveralFoods {
    private static final Set<String> JOINS = Set.of("with", "in", "and", "plus", "+", "&");

    /** Words between a food and what it is stirred into. */
    private static final Set<String> TURNED_INTO =
            Set.of("mixed", "dissolved", "made", "up", "slaked", "stirred", "whisked", "blended", "together", "(", ",");

    /** "plus 2 tbsp for serving" */
    private static final Set<String> FOR_LATER = Set.of("for", "to", "as", "extra", "more");

    private final LineGrammar grammar;

    SeveralFoods(LineGrammar grammar) {
        this.grammar = grammar;
    }

    /** "Zest and juice of 2 lemons": what is counted, and the two that are made of it. */
    ReadLine bothOf(String typed, String whole, String first, String second) {
        return several(typed, List.of(capital(second) + " of " + whole, capital(first) + " of " + whole));
    }

    /** "Salt and pepper", "pinch of salt and pepper, to taste": several foods on one line, each with its usual amount. */
    Optional<ReadLine> two(String typed, Words words, String amount) {
        int end = 0;
        while (end < words.size()
                && !(FoodWords.end(words, end) && !words.plain(end).equals(","))) {
            end++;
        }
        List<String> lines = new ArrayList<>();
        int from = 0;
        for (int i = 0; i <= end; i++) {
            boolean joins = i < end && Set.of("and", "&", "+", ",", "plus").contains(words.plain(i));
            if (!joins && i < end) {
                continue;
            }
            Words one = words.until(i).from(from);
            if (!one.isEmpty()) {
                if (FoodWords.of(one).isBlank() || !grammar.isFood(FoodWords.of(one))) {
                    return Optional.empty();
                }
                lines.add((amount + " " + one.typed()).strip());
            }
            from = i + 1;
        }
        return lines.size() > 1 ? Optional.of(several(typed, lines)) : Optional.empty();
    }

    /** The line as several lines of one food each; if one of these can't be read, they are offered. */
    private ReadLine several(String typed, List<String> lines) {
        List<Understood> foods = new ArrayList<>();
        boolean each = true;
        for (String line : lines) {
            List<Understood> read = grammar.readQuietly(line).foods();
            each &= !read.isEmpty();
            foods.addAll(read);
        }
        if (!each) {
            return new Unclear(typed, LineProblem.Plain.SEVERAL_THINGS, List.of(), List.of(String.join("\n", lines)));
        }
        return new Several(typed, foods, Accounting.ofSeveral(LineFrame.body(Words.of(typed)), foods));
    }

    /** "1 tbsp corn starch in 2 tbsp water", "1 stock cube made up to 500 ml": a second amount on the line. */
    Optional<ReadLine> stirredInto(String typed, Words rest) {
        for (int i = 1; i + 1 < rest.size(); i++) {
            boolean madeUp = rest.plain(i).equals("to") && rest.plain(i - 1).equals("up");
            if (!madeUp && !JOINS.contains(rest.plain(i))) {
                continue;
            }
            Optional<AmountReader> second = AmountReader.at(rest, i + 1, grammar.measures());
            if (second.isEmpty()
                    || !second.get().measured()
                    || second.get().centimetres().isPresent()) {
                continue;
            }
            int next = second.get().next();
            boolean ofNothing = next >= rest.size() || rest.get(next).equals(")");
            if (ofNothing && !madeUp || !ofNothing && FOR_LATER.contains(rest.plain(next))) {
                continue;
            }
            int end = i;
            while (end > 1 && TURNED_INTO.contains(rest.plain(end - 1))) {
                end--;
            }
            String first = typed.substring(0, rest.end(end - 1)).strip();
            String more = rest.from(i + 1).typed() + (ofNothing ? " water" : "");
            return Optional.of(
                    several(typed, List.of(first, more.replaceAll("[()]", " ").strip())));
        }
        return Optional.empty();
    }

    /** "1 orange, zest only", "2 lemons, zest and juice": a part of the fruit is meant, or two. */
    Optional<ReadLine> partsOfAFruit(String typed, Words words, int from, Words rest) {
        int comma = 0;
        while (comma < rest.size() && !Set.of(",", "(").contains(rest.plain(comma))) {
            comma++;
        }
        List<String> parts = new ArrayList<>();
        for (int i = comma + 1; i < rest.size() && !rest.plain(i).equals(")"); i++) {
            String word = rest.plain(i);
            if (Set.of("zest", "juice", "rind").contains(word)) {
                parts.add(word.equals("rind") ? "zest" : word);
            } else if (!Set.of("and", "&", "only", "the", "finely", "grated", "of")
                    .contains(word)) {
                return Optional.empty();
            }
        }
        if (parts.isEmpty() || comma == 0) {
            return Optional.empty();
        }
        String whole = typed.substring(words.start(from), rest.end(comma - 1));
        String fruit = FoodWords.of(rest.until(comma));
        boolean known = parts.stream().allMatch(part -> grammar.isFood(fruit + " " + part));
        return known
                ? Optional.of(several(
                        typed,
                        parts.stream()
                                .map(part -> capital(part) + " of " + whole)
                                .toList()))
                : Optional.empty();
    }

    /** The line with the part that is not accounted for set apart, if both can stand by themselves. */
    ReadLine apartAt(String typed, Words words, int at) {
        int cut = at;
        while (cut > 0 && Set.of(",", "and", "&", "plus", "+", "(", "about").contains(words.plain(cut - 1))) {
            cut--;
        }
        String first = typed.substring(0, cut > 0 ? words.end(cut - 1) : 0).strip();
        String second = words.from(at).typed();
        boolean both = !first.isBlank()
                && grammar.readQuietly(first) instanceof Understood
                && grammar.readQuietly(second) instanceof Understood;
        boolean joined = Set.of("and", "&", "plus", "+").contains(words.plain(at - 1));
        if (both && (joined || areDifferent(grammar.readQuietly(first), grammar.readQuietly(second)))) {
            return several(typed, List.of(first, second));
        }
        return new Unclear(
                typed,
                new LineProblem.NotAccountedFor(second),
                List.of(),
                both ? List.of(first + "\n" + second) : first.isBlank() ? List.of() : List.of(first));
    }

    /** Two lines of which no word is open, of two foods. */
    private static boolean areDifferent(ReadLine first, ReadLine second) {
        return first instanceof Understood one
                && second instanceof Understood other
                && !one.doubtful()
                && !other.doubtful()
                && !one.ingredient().key().equals(other.ingredient().key());
    }

    private static String capital(String word) {
        return word.isEmpty() ? word : word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }
}
