package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.measure.Quantities.Quantity;
import app.gradior.measure.ReadLine.Heading;
import app.gradior.measure.ReadLine.Unclear;
import app.gradior.measure.ReadLine.Understood;
import app.gradior.quantity.Mass;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Reads ingredient lines as cooks write them:
 *
 * <pre>
 * line     = heading | [quantity [unit]] food {note}
 * heading  = words ":"
 * quantity = number | range | "a" | "half"      2, 1.5, 1,5, ½, 1/2, 1 1/2, 1½, 2–3
 * unit     = g, kg, ml, l, oz, lb, fl oz, cup, tbsp, tsp, metric cup …, or the food's own piece or pack
 * note     = "," words | "(" words ")"
 * </pre>
 *
 * A size in brackets after a count multiplies it: "2 (400 g) cans". One pass over the words; no pattern runs away.
 */
public final class LineGrammar {
    /** What one line may bring: more than any home pot holds. */
    private static final Mass MOST = Mass.ofKilograms(300);

    private static final int LONGEST_LINE = 400;

    private static final LineGrammar SHIPPED = new LineGrammar(IngredientTable.shipped());

    private final FoodNames names;

    public LineGrammar(IngredientTable table) {
        this.names = new FoodNames(table);
    }

    /** The grammar over the table that ships with the product. */
    public static LineGrammar shipped() {
        return SHIPPED;
    }

    /** Reads a text line by line; blank lines say nothing. */
    public List<ReadLine> readAll(String text) {
        return text.lines().filter(line -> !line.isBlank()).map(this::read).toList();
    }

    public ReadLine read(String typed) {
        if (typed.length() > LONGEST_LINE) {
            return new Unclear(
                    typed, "This line is very long: write one ingredient to a line, up to 400 letters.", List.of());
        }
        String line = typed.strip();
        if (line.endsWith(":")) {
            return new Heading(typed, line.substring(0, line.length() - 1).strip());
        }
        List<String> words = words(line);
        Optional<Quantity> quantity = Quantities.at(words, 0);
        if (quantity.isEmpty()) {
            return withoutQuantity(typed, words);
        }
        return counted(typed, quantity.get(), words.subList(quantity.get().words(), words.size()));
    }

    private ReadLine withoutQuantity(String typed, List<String> words) {
        // "Juice of 2 lemons", "zest of an orange": the count stands inside.
        if (words.size() > 2 && words.get(1).equalsIgnoreCase("of")) {
            Optional<Quantity> inside = Quantities.at(words, 2);
            if (inside.isPresent()) {
                List<String> rest =
                        new ArrayList<>(words.subList(2 + inside.get().words(), words.size()));
                rest.add(firstNote(rest), words.get(0));
                return counted(typed, inside.get(), rest);
            }
        }
        String food = foodWords(words);
        return names.find(food)
                .map(found -> (ReadLine) new Unclear(
                        typed,
                        "How much " + words(found.ingredient().name()).get(0).toLowerCase(java.util.Locale.ROOT)
                                + "? Begin the line with an amount, such as 100 g or 2 tbsp.",
                        List.of(found.ingredient())))
                .orElseGet(() -> new Unclear(
                        typed,
                        "Begin the line with an amount and name a food, such as 100 g onion.",
                        names.like(food)));
    }

    private ReadLine counted(String typed, Quantity quantity, List<String> words) {
        if (!(quantity.value() > 0)) {
            return new Unclear(typed, "The amount must be more than nought: write how much goes in.", List.of());
        }
        int at = 0;
        double size = 1;
        Optional<KitchenUnit> unit = Optional.empty();
        if (!words.isEmpty() && words.get(0).equals("(")) {
            int close = words.indexOf(")");
            Optional<Sized> sized = close < 0 ? Optional.empty() : sized(words.subList(1, close));
            if (sized.isPresent()) {
                size = sized.get().count();
                unit = Optional.of(sized.get().unit());
                at = close + 1;
            }
        }
        if (unit.isEmpty()) {
            Optional<Sized> sized = unitAt(words, 0);
            if (sized.isPresent()) {
                unit = Optional.of(sized.get().unit());
                at = (int) sized.get().count();
            }
        }
        String food = foodWords(words.subList(at, words.size()));
        if (food.isBlank()) {
            return new Unclear(typed, "Of what? Name the food after the amount.", List.of());
        }
        Optional<FoodNames.Found> found = names.find(food);
        if (found.isEmpty()) {
            return new Unclear(
                    typed,
                    "“" + food.strip() + "” is not a food known here: try another name for it.",
                    names.like(food));
        }
        return weighed(typed, quantity, size, unit, found.get());
    }

    private record Sized(double count, KitchenUnit unit) {}

    private static Optional<Sized> sized(List<String> words) {
        return Quantities.at(words, 0).flatMap(q -> unitAt(words, q.words()).map(u -> new Sized(q.value(), u.unit())));
    }

    /** The unit that begins at a word, with the number of words it takes. */
    private static Optional<Sized> unitAt(List<String> words, int from) {
        for (int length = Math.min(3, words.size() - from); length >= 1; length--) {
            String name = String.join(" ", words.subList(from, from + length));
            Optional<KitchenUnit> unit = KitchenUnit.of(name);
            if (unit.isPresent()) {
                return Optional.of(new Sized(length, unit.get()));
            }
        }
        return Optional.empty();
    }

    private static ReadLine weighed(
            String typed, Quantity quantity, double size, Optional<KitchenUnit> unit, FoodNames.Found found) {
        Ingredient ingredient = found.ingredient();
        double grams;
        List<String> assumptions = new ArrayList<>();
        if (unit.isPresent()) {
            grams = unit.get().mass(1, ingredient.density()).grams() * quantity.value() * size;
        } else {
            Optional<Ingredient.Piece> piece = found.unit().or(ingredient::piece);
            if (piece.isEmpty()) {
                return new Unclear(
                        typed,
                        "How much is that? " + ingredient.name()
                                + " is not counted in pieces here: give grams, ml or spoons.",
                        List.of(ingredient));
            }
            grams = quantity.value() * piece.get().mass().grams();
            assumptions.add("1 " + piece.get().name() + " taken as "
                    + plain(piece.get().mass().grams()) + " g");
        }
        if (quantity.range()) {
            assumptions.add("the middle of the range");
        }
        if (!found.unexplained().isEmpty()) {
            assumptions.add("read as " + ingredient.name());
        }
        if (!(grams <= MOST.grams())) {
            return new Unclear(typed, "That is more than 300 kg: check the amount and its unit.", List.of(ingredient));
        }
        return new Understood(
                typed,
                ingredient,
                Mass.ofGrams(grams),
                assumptions.isEmpty() ? Optional.empty() : Optional.of(String.join("; ", assumptions)));
    }

    /** A number without needless digits. */
    private static String plain(double value) {
        return BigDecimal.valueOf(value)
                .round(new MathContext(3))
                .stripTrailingZeros()
                .toPlainString();
    }

    /** The words up to the first note, bracketed ones left out. */
    private static String foodWords(List<String> words) {
        StringBuilder food = new StringBuilder();
        int depth = 0;
        for (String word : words) {
            if (word.equals("(")) {
                depth++;
            } else if (word.equals(")")) {
                depth = Math.max(0, depth - 1);
            } else if (word.equals(",") && depth == 0) {
                break;
            } else if (depth == 0) {
                food.append(food.isEmpty() ? "" : " ").append(word);
            }
        }
        return food.toString();
    }

    private static int firstNote(List<String> words) {
        for (int i = 0; i < words.size(); i++) {
            if (words.get(i).equals(",") || words.get(i).equals("(")) {
                return i;
            }
        }
        return words.size();
    }

    /** Splits at blanks, keeps brackets and commas as words of their own, and parts "500ml" and "2–3". */
    private static List<String> words(String line) {
        List<String> words = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        for (int i = 0; i < line.length(); i++) {
            char c = line.charAt(i);
            char next = i + 1 < line.length() ? line.charAt(i + 1) : ' ';
            boolean numeric = !word.isEmpty() && isNumeric(word.charAt(word.length() - 1));
            if (Character.isWhitespace(c) || c == '\u00a0') {
                flush(words, word);
            } else if (c == '(' || c == ')' || c == ';' || c == ',' && !(numeric && Character.isDigit(next))) {
                flush(words, word);
                words.add(c == ';' ? "," : String.valueOf(c));
            } else if (c == '–' || c == '—' || c == '-' && numeric && isNumeric(next)) {
                flush(words, word);
                words.add("-");
            } else if (c == '⁄') {
                word.append('/');
            } else if (numeric && Character.isLetter(c)) {
                flush(words, word);
                word.append(c);
            } else {
                word.append(c == '−' ? '-' : c);
            }
        }
        flush(words, word);
        return words;
    }

    private static boolean isNumeric(char c) {
        return Character.isDigit(c) || Character.getType(c) == Character.OTHER_NUMBER;
    }

    private static void flush(List<String> words, StringBuilder word) {
        if (!word.isEmpty()) {
            words.add(word.toString());
            word.setLength(0);
        }
    }
}
