package app.gradior.sauce;

import app.gradior.measure.Amount;
import app.gradior.measure.Assumption;
import app.gradior.measure.CookRounding;
import app.gradior.measure.CookRounding.Said;
import app.gradior.measure.Habits;
import app.gradior.measure.KitchenUnit;
import app.gradior.measure.MeasuredAmount;
import app.gradior.measure.Measures;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import app.gradior.quantity.Bounds;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Writes a sauce anew, more or less of it: only the numbers change, all other words stay. */
public final class Scaling {
    /** Beyond this, salt and spices are better added by taste than by the sum. */
    private static final double CAREFUL_FROM = 1.5;

    /** A rounding that moves a line by more than this is said. */
    private static final double NOTABLE = 0.05;

    private static final Set<String> SPELT_OUT = Set.of(
            "cup",
            "tablespoon",
            "teaspoon",
            "dessertspoon",
            "pint",
            "quart",
            "ounce",
            "pound",
            "gram",
            "litre",
            "liter",
            "millilitre",
            "milliliter",
            "kilogram");

    private final Habits habits;
    private final double factor;
    private final boolean exact;

    /**
     * @param factor 0.01 to 100
     * @param exact whether amounts stand as they come out instead of as cooks measure them
     * @throws IllegalArgumentException if the factor is outside its bounds
     */
    public Scaling(double factor, boolean exact, Habits habits) {
        this.factor = Bounds.check("scaling factor", factor, 0.01, 100);
        this.exact = exact;
        this.habits = habits;
    }

    /** What to mind about a scaled line. */
    public enum Mind {
        /** Salt and spices rarely go up or down in step. */
        SEASONING,
        /** The rounding moves it by more than a twentieth. */
        ROUNDED,
        /** It says no amount, and stays as it is. */
        BY_TASTE,
        /** It says how long: time follows the pot, not the amount. */
        TIME
    }

    /**
     * A line before and after.
     *
     * @param exactly the amount as it comes out, unrounded; empty if the line has none
     */
    public record Line(String before, String after, Optional<String> exactly, Set<Mind> minds) {
        public Line {
            minds = Set.copyOf(minds);
        }

        public boolean changed() {
            return !before.equals(after);
        }
    }

    /** All lines of a text, blank ones included. */
    public List<Line> lines(String text, WrittenSauce sauce) {
        List<Line> lines = text.lines()
                .map(line -> new Line(line, line, Optional.empty(), Set.of()))
                .collect(Collectors.toCollection(ArrayList::new));
        for (SauceLine line : sauce.lines()) {
            lines.set(
                    line.number(), line instanceof SauceLine.Step ? step(line.typed()) : food((SauceLine.OfFood) line));
        }
        return List.copyOf(lines);
    }

    /** One line of foods, however it was read. */
    public String line(ReadLine read) {
        return food(new SauceLine.OfFood(0, 0, read)).after();
    }

    private Line food(SauceLine.OfFood line) {
        if (line.read() instanceof ReadLine.Understood understood) {
            return understood(understood);
        }
        if (line.read() instanceof ReadLine.Several several) {
            List<Line> each = several.foods().stream().map(this::understood).toList();
            if (each.stream().noneMatch(Line::changed)) {
                return new Line(line.typed(), line.typed(), Optional.empty(), Set.of(Mind.BY_TASTE));
            }
            return new Line(
                    line.typed(),
                    each.stream().map(Line::after).collect(Collectors.joining("\n")),
                    Optional.of(
                            each.stream().flatMap(one -> one.exactly().stream()).collect(Collectors.joining(", "))),
                    each.stream().flatMap(one -> one.minds().stream()).collect(Collectors.toSet()));
        }
        if (line.read() instanceof ReadLine.Serves serves) {
            String count = CookRounding.exactly(serves.count() * factor);
            String first = serves.typed().strip().split("\\s+")[0];
            String what = serves.typed().contains(serves.what()) ? " " + serves.what() : "";
            return new Line(line.typed(), first + " " + count + what, Optional.of(count), Set.of());
        }
        return new Line(line.typed(), line.typed(), Optional.empty(), Set.of());
    }

    private Line understood(ReadLine.Understood line) {
        Amount amount = line.amount();
        String typed = line.typed();
        String grams = CookRounding.exactly(line.mass().grams() * factor) + " g";
        boolean spice = line.ingredient().group().equals("spice")
                || line.ingredient().key().endsWith("salt")
                || line.ingredient().cautions().contains("chilli-heat");
        Set<Mind> minds = new java.util.HashSet<>();
        if (spice && (factor > CAREFUL_FROM || factor < 1 / CAREFUL_FROM)) {
            minds.add(Mind.SEASONING);
        }
        String after;
        double rounded = 1;
        switch (amount.kind()) {
            case MEASURED -> {
                KitchenUnit unit = amount.unit().orElseThrow();
                Said said = said(amount.middle() * factor, unit);
                rounded = said.unit().grams(said.count(), line.ingredient().density())
                        / (unit.grams(amount.middle(), line.ingredient().density()) * factor);
                after = typed.substring(0, amount.start())
                        + measured(typed, amount, said)
                        + typed.substring(amount.end());
            }
            case COUNTED -> {
                String number =
                        amount.isRange() ? pieces(amount.low()) + "–" + pieces(amount.high()) : pieces(amount.middle());
                rounded = exact
                        ? 1
                        : CookRounding.pieces(amount.middle() * factor).count() / (amount.middle() * factor);
                after = typed.substring(0, amount.start()) + number + typed.substring(amount.numberEnd());
            }
            case COMPOSED, VAGUE -> {
                if (amount.kind() == Amount.Kind.VAGUE
                        && line.assumptions().stream().anyMatch(Assumption::isToTaste)) {
                    minds.add(Mind.BY_TASTE);
                    return new Line(typed, typed, Optional.empty(), minds);
                }
                Said said = said(line.mass().grams() * factor, KitchenUnit.GRAM);
                rounded = said.unit() == KitchenUnit.GRAM
                        ? said.count() / (line.mass().grams() * factor)
                        : 1;
                String rest = typed.substring(amount.end());
                after = typed.substring(0, amount.start())
                        + said.number() + " " + said.unit().word()
                        + (rest.isEmpty() || Character.isWhitespace(rest.charAt(0)) || rest.startsWith(",") ? "" : " ")
                        + rest.replaceFirst("^\\s+of\\s+", " ");
            }
            default -> {
                minds.add(Mind.BY_TASTE);
                return new Line(typed, typed, Optional.empty(), minds);
            }
        }
        if (Math.abs(rounded - 1) > NOTABLE) {
            minds.add(Mind.ROUNDED);
        }
        return new Line(typed, after, Optional.of(grams), minds);
    }

    private Said said(double count, KitchenUnit unit) {
        return exact ? new Said(count, CookRounding.exactly(count), unit) : CookRounding.measured(count, unit);
    }

    private String pieces(double count) {
        return exact
                ? CookRounding.exactly(count * factor)
                : CookRounding.pieces(count * factor).number();
    }

    /** The amount anew: in the words it had, if its unit is the same. */
    private String measured(String typed, Amount amount, Said said) {
        KitchenUnit unit = amount.unit().orElseThrow();
        String number = amount.isRange() && said.unit() == unit
                ? said(amount.low() * factor, unit).number() + "–"
                        + said(amount.high() * factor, unit).number()
                : said.number();
        if (said.unit() != unit) {
            return number + " " + plural(said.unit().word(), said.count());
        }
        String words = typed.substring(amount.numberEnd(), amount.end());
        if (words.chars().anyMatch(Character::isDigit)) {
            // "40g/1½oz" says the same twice: the second figure would not follow.
            return number + " " + plural(unit.word(), said.count());
        }
        return number + plural(words, said.count());
    }

    /** "1 cup" and "2 cups"; short units have no plural. */
    private static String plural(String unit, double count) {
        String bare = unit.strip().toLowerCase(Locale.ROOT);
        String single = bare.endsWith("s") ? bare.substring(0, bare.length() - 1) : bare;
        if (!SPELT_OUT.contains(single)) {
            return unit;
        }
        boolean isPlural = bare.endsWith("s");
        if (count > 1 && !isPlural) {
            return unit.stripTrailing() + "s";
        }
        return count <= 1 && isPlural
                ? unit.stripTrailing().substring(0, unit.stripTrailing().length() - 1)
                : unit;
    }

    /** In a step every amount of something follows; times, parts and degrees stay. */
    private Line step(String typed) {
        Words words = Words.of(typed);
        StringBuilder after = new StringBuilder();
        int copied = 0;
        boolean changed = false;
        Measures measures = habits.measures();
        for (int i = 0; i < words.size(); i++) {
            Optional<MeasuredAmount> amount = MeasuredAmount.at(words, i, measures);
            if (amount.isPresent()) {
                Said said = said(amount.get().count() * factor, amount.get().unit());
                after.append(typed, copied, words.start(i))
                        .append(said.number())
                        .append(' ')
                        .append(plural(said.unit().word(), said.count()));
                i += amount.get().words() - 1;
                copied = words.end(i);
                changed = true;
            }
        }
        after.append(typed.substring(copied));
        boolean time = typed.matches("(?i).*\\b(min|mins|minutes?|hours?|h)\\b.*");
        return new Line(
                typed, changed ? after.toString() : typed, Optional.empty(), time ? Set.of(Mind.TIME) : Set.of());
    }
}
