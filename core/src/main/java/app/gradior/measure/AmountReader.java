package app.gradior.measure;

import app.gradior.measure.Quantities.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Reads an amount that begins at a word of a line: see the grammar of the package. It only ever moves forward. */
final class AmountReader {
    private static final double THUMB_CM = 5;

    private final Words words;
    private final UnitReader units;
    private int at;

    private Quantity quantity = new Quantity(1, 0);
    private int numberWords;
    private double form = 1;
    private Optional<KitchenUnit> unit = Optional.empty();
    private Optional<UnitReader.Part> size = Optional.empty();
    private Optional<UnitReader.Part> exactly = Optional.empty();
    private final List<UnitReader.Part> more = new ArrayList<>();
    private OptionalDouble centimetres = OptionalDouble.empty();
    private Optional<VagueMeasure> vague = Optional.empty();
    private Optional<String> few = Optional.empty();
    private final List<UnitReader.Part> sameAgain = new ArrayList<>();
    private int usedBracket = -1;

    private AmountReader(Words words, Measures measures, int from) {
        this.words = words;
        this.units = new UnitReader(words, measures);
        this.at = from;
    }

    /** The amount that begins at a word; empty if none does. */
    static Optional<AmountReader> at(Words words, int from, Measures measures) {
        AmountReader reader = new AmountReader(words, measures, from);
        return reader.read() ? Optional.of(reader) : Optional.empty();
    }

    private boolean read() {
        while (AmountWords.ABOUT.contains(words.plain(at))) {
            at++;
        }
        if (at >= words.size()) {
            return false;
        }
        if (readVague() || readThumb()) {
            return true;
        }
        readFormBefore();
        Optional<Quantity> number = Quantities.at(words, at);
        if (number.isEmpty() && !beginsWithUnit()) {
            return false;
        }
        quantity = number.orElse(new Quantity(1, 0));
        at += quantity.words();
        numberWords = at;
        readSize();
        readForm();
        Optional<UnitReader.Part> found = units.unitAt(at);
        if (size.isEmpty() && found.isPresent()) {
            unit = Optional.of(found.get().unit());
            at += (int) found.get().count();
            // "a cup and a half"
            Quantities.andPart(words, at)
                    .filter(q -> units.unitAt(at + q.words()).isEmpty())
                    .ifPresent(part -> {
                        quantity = new Quantity(
                                quantity.low() + part.low(), quantity.high() + part.high(), quantity.words());
                        at += part.words();
                    });
            readForm();
            readBracket();
            readAlternative();
            readMore();
        } else if (size.isEmpty() && AmountWords.CENTIMETRES.containsKey(words.plain(skipDash()))) {
            at = skipDash();
            centimetres = OptionalDouble.of(AmountWords.CENTIMETRES.get(words.plain(at)));
            at++;
        }
        skip("of");
        return true;
    }

    /** "scant 1/3 cup", "a heaping tablespoon": how full it is stands before the number. */
    private void readFormBefore() {
        int next = at + (words.plain(at).equals("a") && AmountWords.FORMS.containsKey(words.plain(at + 1)) ? 1 : 0);
        if (AmountWords.FORMS.containsKey(words.plain(next))
                && (units.unitAt(next + 1).isPresent()
                        || Quantities.at(words, next + 1)
                                .filter(q -> units.unitAt(next + 1 + q.words()).isPresent())
                                .isPresent())) {
            form *= AmountWords.FORMS.get(words.plain(next));
            at = next + 1;
        }
    }

    /** "Tablespoon honey", "cup of sugar": one of it; a unit of a letter or two is more likely something else. */
    private boolean beginsWithUnit() {
        return words.plain(at).length() > 2
                && at + 1 < words.size()
                && units.unitAt(at).isPresent();
    }

    /** "a good splash of", "2 pinches of", "to taste", "a few". */
    private boolean readVague() {
        int i = at;
        if (words.plain(i).equals("to")
                        && (words.plain(i + 1).equals("taste")
                                || words.plain(i + 1).equals("season"))
                || words.plain(i).equals("as")
                        && (words.plain(i + 1).equals("needed")
                                || words.plain(i + 1).equals("required"))
                || words.plain(i).equals("if") && words.plain(i + 1).equals("needed")) {
            return vague(VagueMeasure.TASTE, i + 2, i + 2);
        }
        if (words.plain(i).equals("for") && words.plain(i + 1).equals("frying")) {
            return vague(VagueMeasure.SOME, i + 2, i + 2);
        }
        Optional<Quantity> count = Quantities.at(words, i);
        i += count.map(Quantity::words).orElse(0);
        double made = 1;
        int few = 0;
        while (AmountWords.SIZES.containsKey(words.plain(i))
                || AmountWords.FEW.containsKey(words.plain(i))
                || words.plain(i).equals("just")) {
            made *= AmountWords.SIZES.getOrDefault(words.plain(i), 1.0);
            few = Math.max(few, AmountWords.FEW.getOrDefault(words.plain(i), 0));
            i++;
            if (few > 0 && words.plain(i).equals("of")) {
                i++;
            }
        }
        Optional<VagueMeasure> measure = VagueMeasure.of(words.plain(i));
        if (few > 0) {
            quantity = new Quantity(few, 0);
            this.few = Optional.of(
                    "a " + words.plain(at + count.map(Quantity::words).orElse(0)));
            if (measure.isEmpty()) {
                numberWords = i;
                at = i;
                readForm();
                units.unitAt(at).ifPresent(u -> {
                    unit = Optional.of(u.unit());
                    at += (int) u.count();
                });
                skip("of");
                return true;
            }
        } else if (measure.isPresent()) {
            quantity = count.orElse(new Quantity(1, 0));
        }
        // "1 glass jar", "a little gem": a vague word counts only where something follows or nothing else was said.
        if (measure.isEmpty() || i + 1 >= words.size() && i == 0) {
            return false;
        }
        form = made;
        return vague(measure.get(), i, i + 1);
    }

    private boolean vague(VagueMeasure measure, int numberEnd, int end) {
        vague = Optional.of(measure);
        numberWords = numberEnd;
        at = end;
        skip("of");
        return true;
    }

    /** "A thumb of ginger", "thumb-sized piece of". */
    private boolean readThumb() {
        int i = at + (words.plain(at).equals("a") ? 1 : 0);
        if (!words.plain(i).equals("thumb-sized")
                && !(words.plain(i).equals("thumb") && words.plain(i + 1).equals("of"))) {
            return false;
        }
        centimetres = OptionalDouble.of(THUMB_CM);
        quantity = new Quantity(1, 0);
        numberWords = i;
        at = i + 1;
        skip("piece");
        skip("of");
        return true;
    }

    /** A size that multiplies: "(400 g)", "x 400 g", "14-oz" before a can. */
    private void readSize() {
        // "1 can (28 oz / 794 g) tomatoes": what one holds stands behind its name.
        if (FoodNames.isPack(words.plain(at)) && words.plain(at + 1).equals("(")) {
            int from = at + 2;
            while (AmountWords.ABOUT.contains(words.plain(from))) {
                from++;
            }
            size = units.part(from);
            usedBracket = size.isPresent() ? at + 1 : -1;
            return;
        }
        if (words.plain(at).equals("(")) {
            Optional<UnitReader.Part> inside = units.part(at + 1);
            int close = closing(at);
            if (inside.isPresent() && close > 0) {
                size = inside;
                at = close + 1;
            }
            return;
        }
        boolean times = words.plain(at).equals("x");
        int from = times ? at + 1 : at;
        Optional<UnitReader.Part> next = units.part(from);
        if (next.isPresent()) {
            size = next;
            at = from + units.partWords(from);
        }
    }

    private void readForm() {
        while (AmountWords.FORMS.containsKey(words.plain(at)) && at + 1 < words.size()) {
            // "2 large onions": the size of a piece stays with the food, "2 heaped tbsp" belongs to the amount.
            if (unit.isEmpty() && units.unitAt(at + 1).isEmpty()) {
                return;
            }
            form *= AmountWords.FORMS.get(words.plain(at));
            at++;
        }
    }

    /**
     * "1 cup (130 g)": a weight in brackets is the better figure where a volume stands before it; any other measure says the
     * same again. "1 tbsp (heaped)": how full it is.
     */
    private void readBracket() {
        int close = words.plain(at).equals("(") ? closing(at) : -1;
        if (close < 0) {
            return;
        }
        int from = at + 1;
        if (close == from + 1 && AmountWords.FORMS.containsKey(words.plain(from))) {
            form *= AmountWords.FORMS.get(words.plain(from));
            at = close + 1;
            return;
        }
        while (AmountWords.ABOUT.contains(words.plain(from))) {
            from++;
        }
        List<UnitReader.Part> inside = new ArrayList<>();
        while (from < close && units.part(from).isPresent()) {
            inside.add(units.part(from).get());
            from += units.partWords(from);
        }
        if (inside.isEmpty()) {
            return;
        }
        sameAgain.addAll(inside);
        boolean weighed = inside.size() == 1 && !inside.get(0).unit().isVolume();
        if (weighed && unit.get().isVolume()) {
            exactly = Optional.of(inside.get(0));
        }
        at = close + 1;
    }

    /** "500 g/1 lb 2 oz plums": the same again in other units. */
    private void readAlternative() {
        if (words.plain(at).equals("/") && units.part(at + 1).isPresent()) {
            at++;
            do {
                sameAgain.add(units.part(at).get());
                at += units.partWords(at);
            } while (units.part(at).isPresent());
        }
    }

    /** "1 cup plus 2 tbsp", "1 lb 4 oz". */
    private void readMore() {
        while (true) {
            boolean joined = Set.of("plus", "and", "+", "&").contains(words.plain(at));
            int from = joined ? at + 1 : at;
            Optional<UnitReader.Part> next = units.part(from);
            if (next.isEmpty()) {
                return;
            }
            // "1 lb 4 oz" is a sum; "1 cup 240 g" says the same twice.
            boolean again =
                    !joined && unit.get().isVolume() != next.get().unit().isVolume();
            (again ? sameAgain : more).add(next.get());
            if (again && !next.get().unit().isVolume()) {
                exactly = next;
            }
            at = from + units.partWords(from);
        }
    }

    private int closing(int open) {
        for (int i = open + 1; i < words.size(); i++) {
            if (words.get(i).equals(")")) {
                return i;
            }
        }
        return -1;
    }

    private int skipDash() {
        return words.plain(at).equals("-") ? at + 1 : at;
    }

    private void skip(String word) {
        if (words.plain(at).equals(word)) {
            at++;
        }
    }

    /** Whether a word of the amount is one that was read: a number, a unit, or what joins them. */
    boolean isRead(int index) {
        String word = words.plain(index);
        boolean joins = AmountWords.JOINS.contains(word);
        boolean measure = VagueMeasure.of(word).isPresent()
                || AmountWords.FEW.containsKey(word)
                || AmountWords.ABOUT.contains(word)
                || AmountWords.CENTIMETRES.containsKey(word)
                || word.startsWith("thumb")
                || AmountWords.isForm(word);
        boolean unit = false;
        for (int from = Math.max(0, index - 2); from <= index && !unit; from++) {
            unit = units.unitAt(from).filter(u -> u.count() > 0).isPresent()
                    && from + (int) units.unitAt(from).get().count() > index;
        }
        return joins || measure || unit || Quantities.at(words, index).isPresent();
    }

    /** The first word after the amount. */
    int next() {
        return at;
    }

    int numberWords() {
        return numberWords;
    }

    Quantity quantity() {
        return quantity;
    }

    double form() {
        return form;
    }

    Optional<KitchenUnit> unit() {
        return unit;
    }

    Optional<UnitReader.Part> size() {
        return size;
    }

    Optional<UnitReader.Part> exactly() {
        return exactly;
    }

    List<UnitReader.Part> more() {
        return more;
    }

    /** The bracket behind the amount that it has used already; −1 for none. */
    int usedBracket() {
        return usedBracket;
    }

    /** What it says once more in another unit. */
    List<UnitReader.Part> sameAgain() {
        return sameAgain;
    }

    OptionalDouble centimetres() {
        return centimetres;
    }

    Optional<VagueMeasure> vague() {
        return vague;
    }

    Optional<String> few() {
        return few;
    }

    /** Whether it says a unit or a measure, and not only a number. */
    boolean measured() {
        return unit.isPresent() || vague.isPresent() || size.isPresent() || centimetres.isPresent();
    }
}
