package app.gradior.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads how many from the words of a line: 2, 1.5, 1,5, ½, 1/2, 1 1/2, 1½, 2–3, a, half. */
public final class Quantities {
    private static final Map<Character, Double> GLYPHS = Map.ofEntries(
            Map.entry('½', 0.5),
            Map.entry('⅓', 1 / 3.0),
            Map.entry('⅔', 2 / 3.0),
            Map.entry('¼', 0.25),
            Map.entry('¾', 0.75),
            Map.entry('⅕', 0.2),
            Map.entry('⅖', 0.4),
            Map.entry('⅗', 0.6),
            Map.entry('⅘', 0.8),
            Map.entry('⅙', 1 / 6.0),
            Map.entry('⅚', 5 / 6.0),
            Map.entry('⅛', 0.125),
            Map.entry('⅜', 0.375),
            Map.entry('⅝', 0.625),
            Map.entry('⅞', 0.875));

    private static final Map<String, Double> WORDS = Map.ofEntries(
            Map.entry("a", 1.0),
            Map.entry("an", 1.0),
            Map.entry("one", 1.0),
            Map.entry("another", 1.0),
            Map.entry("two", 2.0),
            Map.entry("three", 3.0),
            Map.entry("four", 4.0),
            Map.entry("five", 5.0),
            Map.entry("six", 6.0),
            Map.entry("seven", 7.0),
            Map.entry("nine", 9.0),
            Map.entry("twelve", 12.0),
            Map.entry("eight", 8.0),
            Map.entry("ten", 10.0),
            Map.entry("dozen", 12.0),
            Map.entry("half", 0.5),
            Map.entry("halves", 0.5),
            Map.entry("third", 1 / 3.0),
            Map.entry("thirds", 1 / 3.0),
            Map.entry("quarter", 0.25),
            Map.entry("quarters", 0.25),
            Map.entry("fifth", 0.2),
            Map.entry("fifths", 0.2),
            Map.entry("tenth", 0.1),
            Map.entry("tenths", 0.1),
            Map.entry("eighth", 0.125),
            Map.entry("eighths", 0.125));

    /** Parts of one: they follow a number or an "and a". */
    private static boolean isPart(String word) {
        Double value = WORDS.get(word.toLowerCase(java.util.Locale.ROOT));
        return value != null && value < 1;
    }

    /** What a word such as half or thirds says of a whole; empty if it is none of them. */
    public static OptionalDouble part(String word) {
        return isPart(word)
                ? OptionalDouble.of(WORDS.get(word.toLowerCase(java.util.Locale.ROOT)))
                : OptionalDouble.empty();
    }

    /** What "and a half", "and 1/2" or "and three quarters" at a word adds; empty if it is none of them. */
    static Optional<Quantity> andPart(List<String> words, int at) {
        if (at + 1 >= words.size()
                || !(words.get(at).equalsIgnoreCase("and") || words.get(at).equals("&"))) {
            return Optional.empty();
        }
        boolean article = words.get(at + 1).equalsIgnoreCase("a");
        if (article && (at + 2 >= words.size() || !isPart(words.get(at + 2)))) {
            return Optional.empty();
        }
        Optional<Quantity> part = article
                ? Optional.of(new Quantity(WORDS.get(words.get(at + 2).toLowerCase(java.util.Locale.ROOT)), 2))
                : simple(words, at + 1);
        return part.filter(q -> q.low() < 1).map(q -> new Quantity(q.low(), q.words() + 1));
    }

    private Quantities() {}

    /**
     * How many, and what of it was read.
     *
     * @param low the number, or the lower end of a range
     * @param high the number, or the upper end of a range
     * @param words how many words it took
     */
    public record Quantity(double low, double high, int words) {
        Quantity(double value, int words) {
            this(value, value, words);
        }

        public double middle() {
            return (low + high) / 2;
        }
    }

    /** The quantity that begins at a word; empty if none does. */
    public static Optional<Quantity> at(List<String> words, int from) {
        Optional<Quantity> first = simple(words, from);
        if (first.isEmpty()) {
            return first;
        }
        int next = from + first.get().words();
        Optional<Quantity> more = isWhole(first.get().low()) ? andPart(words, next) : Optional.empty();
        if (more.isPresent()) {
            return Optional.of(new Quantity(
                    first.get().low() + more.get().low(),
                    first.get().words() + more.get().words()));
        }
        if (next + 1 < words.size() && isRangeMark(words.get(next))) {
            Optional<Quantity> second = simple(words, next + 1);
            int taken = first.get().words() + 1 + second.map(Quantity::words).orElse(0);
            if (second.isPresent() && second.get().low() > first.get().low()) {
                return Optional.of(new Quantity(first.get().low(), second.get().low(), taken));
            }
            // "1-1/2 cups", as typewriters had it, is one and a half.
            if (second.isPresent()
                    && words.get(next).equals("-")
                    && isFraction(words.get(next + 1))
                    && isWhole(first.get().low())) {
                return Optional.of(new Quantity(first.get().low() + second.get().low(), taken));
            }
        }
        return first;
    }

    private static boolean isWhole(double value) {
        return value >= 1 && value == Math.rint(value);
    }

    private static boolean isRangeMark(String word) {
        return word.equals("-") || word.equals("to") || word.equals("or");
    }

    private static Optional<Quantity> simple(List<String> words, int from) {
        if (from >= words.size()) {
            return Optional.empty();
        }
        String word = words.get(from);
        Double named = WORDS.get(word.toLowerCase(java.util.Locale.ROOT));
        if (named != null) {
            // "half a", "a dozen", "half a dozen", "a quarter of a": words that together say one number.
            double product = named;
            int taken = 1;
            while (from + taken < words.size()) {
                int next = from + taken;
                boolean of = words.get(next).equalsIgnoreCase("of") && product < 1 && next + 1 < words.size();
                Double further = WORDS.get(words.get(of ? next + 1 : next).toLowerCase(java.util.Locale.ROOT));
                if (further == null) {
                    break;
                }
                product *= further;
                taken += of ? 2 : 1;
            }
            // "a 5 cm piece", "a 400 g can": the article says nothing.
            if (taken == 1
                    && word.toLowerCase(java.util.Locale.ROOT).startsWith("a")
                    && from + 1 < words.size()
                    && number(words.get(from + 1)).isPresent()) {
                return simple(words, from + 1).map(q -> new Quantity(q.low(), q.words() + 1));
            }
            if (taken > 1) {
                return Optional.of(new Quantity(product, taken));
            }
            return Optional.of(new Quantity(named, 1));
        }
        Optional<Double> whole = number(word);
        if (whole.isEmpty()) {
            return Optional.empty();
        }
        // "3 dozen"
        if (from + 1 < words.size() && words.get(from + 1).equalsIgnoreCase("dozen")) {
            return Optional.of(new Quantity(12 * whole.get(), 2));
        }
        // "2 thirds of a cup"
        if (from + 1 < words.size()
                && isWhole(whole.get())
                && words.get(from + 1).endsWith("s")
                && isPart(words.get(from + 1))) {
            double part = whole.get() * WORDS.get(words.get(from + 1).toLowerCase(java.util.Locale.ROOT));
            boolean ofA = from + 3 < words.size()
                    && words.get(from + 2).equalsIgnoreCase("of")
                    && words.get(from + 3).equalsIgnoreCase("a");
            return Optional.of(new Quantity(part, ofA ? 4 : 2));
        }
        if (from + 1 < words.size() && isWhole(whole.get()) && !isFraction(word)) {
            String second = words.get(from + 1);
            Optional<Double> fraction = isFraction(second) ? number(second) : Optional.empty();
            if (fraction.isPresent() && fraction.get() < 1) {
                return Optional.of(new Quantity(whole.get() + fraction.get(), 2));
            }
        }
        return Optional.of(new Quantity(whole.get(), 1));
    }

    private static boolean isFraction(String word) {
        return word.indexOf('/') > 0 || word.length() == 1 && GLYPHS.containsKey(word.charAt(0));
    }

    /** The number a single word stands for: decimal point or comma, a fraction, a glyph, digits followed by a glyph. */
    private static Optional<Double> number(String word) {
        if (word.isEmpty()) {
            return Optional.empty();
        }
        Double glyph = GLYPHS.get(word.charAt(word.length() - 1));
        if (glyph != null) {
            String whole = word.substring(0, word.length() - 1);
            return whole.isEmpty() ? Optional.of(glyph) : decimal(whole).map(n -> n + glyph);
        }
        int slash = word.indexOf('/');
        if (slash > 0) {
            Optional<Double> above = decimal(word.substring(0, slash));
            Optional<Double> below = decimal(word.substring(slash + 1));
            return above.isPresent() && below.isPresent() && below.get() != 0
                    ? Optional.of(above.get() / below.get())
                    : Optional.empty();
        }
        return decimal(word);
    }

    private static Optional<Double> decimal(String word) {
        boolean digits = false;
        for (int i = 0; i < word.length(); i++) {
            char c = word.charAt(i);
            if (c >= '0' && c <= '9') {
                digits = true;
            } else if (c != '.' && c != ',' && !(c == '-' && i == 0)) {
                return Optional.empty();
            }
        }
        if (!digits || word.length() > 15) {
            return Optional.empty();
        }
        String plain = isThousands(word) ? word.replace(",", "") : word.replace(',', '.');
        try {
            return Optional.of(Double.parseDouble(plain));
        } catch (NumberFormatException several) {
            return Optional.empty();
        }
    }

    /** 1,500 is fifteen hundred; 1,5 is one and a half. */
    private static boolean isThousands(String word) {
        int comma = word.indexOf(',');
        return comma > 0 && word.length() - comma == 4 && word.indexOf('.') < 0 && word.charAt(0) != '0';
    }
}
