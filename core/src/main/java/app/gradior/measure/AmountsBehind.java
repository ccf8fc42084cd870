package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.measure.FoodNames.Found;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * The numbers that stand on a line behind the amount it begins with: a weight stated, what is kept for later, what it was cut or
 * made into, or one that nothing accounts for.
 */
final class AmountsBehind {
    /** Behind these an amount says what is kept for later or bought as well, not what goes in now. */
    private static final Set<String> BESIDES = Set.of("plus", "extra", "more", "additional");

    /** Words behind a number that make it no amount: how it is cut, how strong it is, what it costs. */
    private static final Set<String> NO_AMOUNT = Set.of(
            "cm", "mm", "inch", "inches", "in", "\"", "%", "percent", "min", "mins", "minutes", "minute", "hours",
            "hour", "h", "seconds", "degrees", "°", "°c", "°f", "c", "f", "x", "ways", "kinds", "years", "year", "per",
            "dollars", "weeks", "days", "day", "times");

    /** What is left of a pack when its liquid is poured off: typical labels, 240 g of 400 g. */
    private static final double DRAINED = 0.6;

    private final Words words;
    private final AmountReader amount;
    private final Measures measures;
    private final List<Behind> all;

    AmountsBehind(Words words, AmountReader amount, Measures measures) {
        this.words = words;
        this.amount = amount;
        this.measures = measures;
        this.all = all(words, amount, measures);
    }

    /** An amount that stands behind the food, in words of the line: "30 g", "2 lb 3 oz". */
    record Behind(int from, int end, List<UnitReader.Part> parts, boolean each) {}

    List<Behind> all() {
        return all;
    }

    /** Every amount behind the one that the line begins with. */
    private static List<Behind> all(Words words, AmountReader amount, Measures measures) {
        List<Behind> all = new ArrayList<>();
        for (int i = amount.next(); i < words.size(); i++) {
            if (i == amount.usedBracket()) {
                while (i < words.size() && !words.get(i).equals(")")) {
                    i++;
                }
                continue;
            }
            Optional<MeasuredAmount> measured = MeasuredAmount.at(words, i, measures);
            if (measured.isPresent() && !Character.isLetter(words.get(i).charAt(0))) {
                int end = i;
                List<UnitReader.Part> parts = new ArrayList<>();
                for (var next = measured; next.isPresent(); next = MeasuredAmount.at(words, end, measures)) {
                    parts.add(new UnitReader.Part(next.get().count(), next.get().unit()));
                    end += next.get().words();
                }
                boolean each = Set.of("each", "apiece").contains(words.plain(end))
                        || words.plain(i - 1).equals("each");
                all.add(new Behind(i, end, parts, each));
                i = end - 1;
            }
        }
        return all;
    }

    /** The weight, or the volume, that is stated behind the food: "(about 30 g)", ", 150 g", "(30 g each)". */
    Optional<Double> stated(Ingredient food) {
        return all.stream()
                .filter(b -> isStated(b))
                .findFirst()
                .map(b -> b.parts().stream()
                                .mapToDouble(part -> part.grams(food.density()))
                                .sum()
                        * (b.each() ? amount.quantity().middle() : 1));
    }

    boolean isStated(Behind behind) {
        // "(1 cup/227 g)": the same once more.
        boolean again = Set.of("/", "or").contains(words.plain(behind.from() - 1))
                && behind.from() >= 3
                && MeasuredAmount.at(words, behind.from() - 3, measures)
                        .filter(m -> behind.from() - 3 + m.words() == behind.from() - 1)
                        .isPresent();
        if (again) {
            return true;
        }
        String before = words.plain(behind.from() - 1);
        String beforeThat = words.plain(behind.from() - 2);
        boolean opened = Set.of("(", ",", "-", "each").contains(before)
                || Set.of("about", "approx", "approximately", "around", "roughly", "ca", "~", "weighing")
                                .contains(before)
                        && Set.of("(", ",", "-", "each", "").contains(beforeThat);
        String after = words.plain(behind.end());
        return opened
                && Set.of("", ")", ",", "/", "-", "each", "apiece", "total", "in", "weight", "drained")
                        .contains(after);
    }

    /**
     * A number behind the food that nothing accounts for: "1 onion (200 g), 2 carrots". Nothing is taken by dropping one.
     *
     * @return the word it begins with
     */
    OptionalInt unread() {
        for (int i = amount.next(); i < words.size(); i++) {
            int at = i;
            if (at == amount.usedBracket()) {
                while (i < words.size() && !words.get(i).equals(")")) {
                    i++;
                }
                continue;
            }
            Optional<Behind> measured = all.stream().filter(b -> b.from() == at).findFirst();
            if (measured.isPresent()) {
                i = measured.get().end() - 1;
                if (isStated(measured.get()) || isBesides(at)) {
                    continue;
                }
                return OptionalInt.of(at);
            }
            boolean digit = Character.isDigit(words.get(i).charAt(0))
                    || Character.getType(words.get(i).charAt(0)) == Character.OTHER_NUMBER;
            Optional<Quantities.Quantity> number = digit ? Quantities.at(words, i) : Optional.empty();
            if (number.isPresent()) {
                int end = i + number.get().words();
                int behindDash = words.plain(end).equals("-") ? end + 1 : end;
                boolean told = NO_AMOUNT.contains(words.plain(behindDash))
                        || Set.of("made", "type", "no", "into", "size", "grade", "$", "£", "€")
                                .contains(words.plain(i - 1))
                        || isBesides(i)
                        || isOfCubes(i)
                        || words.plain(i).matches("0+");
                if (!told && !isPiecesInBracket(i)) {
                    return OptionalInt.of(i);
                }
                i = end - 1;
            }
        }
        return OptionalInt.empty();
    }

    /** "(1 stick)", "(2 medium)", "(made with 1 cube)": the same again, counted. */
    private boolean isPiecesInBracket(int at) {
        for (int i = at - 1; i >= 0; i--) {
            if (words.get(i).equals("(")) {
                return true;
            }
            if (words.get(i).equals(")") || words.get(i).equals(",")) {
                return false;
            }
        }
        return false;
    }

    /** "500 ml stock made with 1 cube": what it was made of is in it already. */
    private boolean isOfCubes(int at) {
        boolean from = Set.of("with", "from", "of", "using").contains(words.plain(at - 1));
        return from
                && (words.plain(at + 1).startsWith("cube")
                        || words.plain(at + 2).startsWith("cube"));
    }

    private boolean isBesides(int at) {
        for (int i = amount.next(); i < at; i++) {
            if (BESIDES.contains(words.plain(i))) {
                for (int k = at; k < words.size(); k++) {
                    if (Set.of("for", "to", "as").contains(words.plain(k))) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** The share of a pack that stays when the line says it is drained; one where that is no question. */
    double drained(Found found) {
        boolean says = false;
        for (int i = 0; i < words.size(); i++) {
            says |= words.plain(i).equals("drained") && !words.plain(i - 1).equals("not");
        }
        boolean known = found.ingredient().name().contains("drained")
                || found.ingredient()
                                .pack()
                                .filter(p -> p.name().contains("drained"))
                                .isPresent()
                        && amount.size().isEmpty();
        boolean packed = amount.size().isPresent()
                || found.unit().equals(found.ingredient().pack())
                        && found.unit().isPresent();
        return says && packed && !known ? DRAINED : 1;
    }
}
