package app.gradior.recipe;

import app.gradior.food.Ingredient;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.LinePart;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import app.gradior.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/** How much of a line a clause means: half of it, the rest, 2 tbsp of it. */
final class Portion {
    private static final int REACH = 6;
    private static final Set<String> PARTS_WORDS =
            Set.of((", and with in into then to over until for ( ) & plus on at from or").split(" "));

    /** What a number may be of that is no food. */
    private static final Set<String> OF_NO_FOOD = Set.of(
            ("minute minutes min mins hour hours hr hrs h second seconds sec secs s cm mm inch inches day days week weeks "
                            + "month months people times degrees side sides batches more jars")
                    .split(" "));

    /** What a word before a food makes of it. */
    enum Part {
        ALL(1),
        HALF(0.5),
        THIRD(1.0 / 3),
        TWO_THIRDS(2.0 / 3),
        QUARTER(0.25),
        THREE_QUARTERS(0.75),
        REST(1),
        /** "Some", "most", "a little": half, until the cook says otherwise. */
        UNSURE(0.5);

        private final double whole;

        Part(double whole) {
            this.whole = whole;
        }

        /** As a share of the whole line, where so much is left. */
        double of(double left) {
            return this == ALL || this == REST ? left : this == UNSURE ? left * whole : Math.min(left, whole);
        }
    }

    /**
     * An amount that a clause says itself.
     *
     * @param at the word that it begins at
     */
    record Amount(int at, String text, Mass mass, Ingredient food) {}

    private Portion() {}

    static Part before(Words words, int name) {
        for (int i = name - 1; i >= Math.max(0, name - REACH); i--) {
            String word = words.plain(i);
            if (PARTS_WORDS.contains(word)) {
                return Part.ALL;
            }
            String previous = words.plain(i - 1);
            switch (word) {
                case "remaining", "rest", "reserved", "other", "leftover", "last", "remainder" -> {
                    return Part.REST;
                }
                case "half", "½", "1/2" -> {
                    return Set.of("other", "remaining", "second", "reserved").contains(previous)
                            ? Part.REST
                            : Part.HALF;
                }
                case "third", "⅓", "1/3" -> {
                    return Part.THIRD;
                }
                case "thirds", "⅔", "2/3", "two-thirds" -> {
                    return Part.TWO_THIRDS;
                }
                case "quarter", "¼", "1/4", "fourth" -> {
                    return Part.QUARTER;
                }
                case "quarters", "¾", "3/4", "three-quarters" -> {
                    return Part.THREE_QUARTERS;
                }
                case "some", "most", "little", "few", "bit", "part" -> {
                    return Part.UNSURE;
                }
                default -> {
                    // The article, or how it is cut.
                }
            }
        }
        return Part.ALL;
    }

    /** "The onions", "both stocks": all that answer to it. */
    static boolean isPlural(Words words, LineNames.Hit hit) {
        String last = words.plain(hit.to() - 1).replaceAll("[.!?]+$", "");
        boolean both = false;
        for (int i = Math.max(0, hit.from() - 3); i < hit.from(); i++) {
            both |= Set.of("both", "all", "two", "three").contains(words.plain(i));
        }
        return both || last.endsWith("s") && !last.endsWith("ss");
    }

    /** The amount that stands before a name and belongs to it. */
    static Optional<Amount> amountBefore(LineGrammar grammar, Words words, LineNames.Hit hit) {
        for (int i = Math.max(behindVerb(words), hit.from() - REACH); i < hit.from(); i++) {
            OptionalInt end = grammar.amountEnd(words, i);
            if (end.isEmpty() || end.getAsInt() > hit.from() || parted(words, end.getAsInt(), hit.from())) {
                continue;
            }
            if (isFraction(words, i, end.getAsInt())) {
                return Optional.empty();
            }
            String text = words.until(end.getAsInt()).from(i).typed() + " "
                    + words.until(hit.to()).from(hit.from()).typed();
            Optional<Amount> amount = read(grammar, text, i);
            if (amount.isPresent()) {
                return amount;
            }
        }
        return Optional.empty();
    }

    /** "Sprinkle flour over it": the verb is no amount. */
    private static int behindVerb(Words words) {
        int verb = MethodVerb.skipHow(words, 0);
        return MethodVerb.at(words, verb).isPresent() ? verb + 1 : 0;
    }

    /** "1/3 of the butter": a part, and no amount. */
    private static boolean isFraction(Words words, int from, int end) {
        String number = words.plain(from);
        return (number.matches("\\d+/\\d+") || "½⅓⅔¼¾".contains(number))
                && end - from <= 2
                && (words.plain(from + 1).equals("of") || words.plain(from + 1).equals("the"));
    }

    private static boolean parted(Words words, int from, int to) {
        for (int i = from; i < to; i++) {
            if (PARTS_WORDS.contains(words.plain(i))) {
                return true;
            }
        }
        return false;
    }

    private static Optional<Amount> read(LineGrammar grammar, String text, int at) {
        String line = text.replaceAll("[.!?]+$", "")
                .replaceAll("(?i)\\b(the|of the)\\b", "")
                .replaceAll("\\s+", " ")
                .strip();
        ReadLine read = grammar.read(line);
        return read instanceof ReadLine.Understood understood
                        && understood.parts().stream().noneMatch(p -> p.kind() == LinePart.Kind.UNREAD)
                        && understood.amount().kind() != app.gradior.measure.Amount.Kind.UNSAID
                ? Optional.of(new Amount(at, line, understood.mass(), understood.ingredient()))
                : Optional.empty();
    }

    /** Amounts of a clause that belong to none of its names. */
    static List<Amount> own(LineGrammar grammar, Words words, Set<Integer> used) {
        List<Amount> own = new ArrayList<>();
        for (int i = behindVerb(words); i < words.size(); i++) {
            OptionalInt end = grammar.amountEnd(words, i);
            if (end.isEmpty()) {
                continue;
            }
            if (OF_NO_FOOD.contains(words.plain(end.getAsInt()).replaceAll("[.!?]+$", ""))) {
                continue;
            }
            int stop = end.getAsInt();
            while (stop < words.size()
                    && !PARTS_WORDS.contains(words.plain(stop))
                    && grammar.amountEnd(words, stop).isEmpty()) {
                stop++;
            }
            if (!used.contains(i)) {
                for (int to = stop; to > end.getAsInt(); to--) {
                    Optional<Amount> amount =
                            read(grammar, words.until(to).from(i).typed(), i);
                    if (amount.isPresent()) {
                        own.add(amount.get());
                        break;
                    }
                }
            }
            i = Math.max(i, end.getAsInt() - 1);
        }
        return own;
    }
}
