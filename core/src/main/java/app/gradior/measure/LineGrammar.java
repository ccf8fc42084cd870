package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.measure.FoodNames.Found;
import app.gradior.measure.FoodNames.Measured;
import app.gradior.measure.ReadLine.Heading;
import app.gradior.measure.ReadLine.Remark;
import app.gradior.measure.ReadLine.Serves;
import app.gradior.measure.ReadLine.Unclear;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/** Reads ingredient lines as cooks write them, by the grammar of this package, with a kitchen's foods and habits. */
public final class LineGrammar {
    /** What one line may bring: more than any home pot holds. */
    static final Mass MAX = Mass.ofKilograms(300);

    /** Of pinches, splashes and the like. */
    private static final double MAX_VAGUE = 1000;

    private static final int LONGEST_LINE = 400;

    private static final int LONGEST_PART = 200;

    /** A line with more amounts than this behind its food is none that a cook wrote. */
    private static final int MAX_AMOUNTS = 4;

    private static final Set<KitchenUnit> SPOONS = EnumSet.of(
            KitchenUnit.TEASPOON,
            KitchenUnit.DESSERTSPOON,
            KitchenUnit.TABLESPOON,
            KitchenUnit.METRIC_TEASPOON,
            KitchenUnit.METRIC_TABLESPOON);

    private static final Set<String> SERVES = Set.of("serves", "makes", "yields", "serving", "servings", "yield");

    private static final LineGrammar SHIPPED = new LineGrammar(new FoodNames(IngredientTable.shipped()), Habits.NONE);

    private final FoodNames names;
    private final Habits habits;
    private final SeveralFoods several = new SeveralFoods(this);
    private final LineDoubts doubts = new LineDoubts(this);

    private LineGrammar(FoodNames names, Habits habits) {
        this.names = names;
        this.habits = habits;
    }

    /** The grammar over the table that ships with the product. */
    public static LineGrammar shipped() {
        return SHIPPED;
    }

    /** This grammar with foods of a kitchen's own, and its habits. */
    public LineGrammar with(Collection<Ingredient> own, Habits other) {
        return new LineGrammar(names.with(own), other);
    }

    public FoodNames names() {
        return names;
    }

    Habits habits() {
        return habits;
    }

    Measures measures() {
        return habits.measures();
    }

    /** Reads a part of a line by itself; one that is too long to be a line is a remark. */
    ReadLine readQuietly(String line) {
        return line.length() < LONGEST_PART ? read(line) : new Remark(line);
    }

    /** Reads a text line by line; blank lines say nothing. */
    public List<ReadLine> readAll(String text) {
        return text.lines().filter(line -> !line.isBlank()).map(this::read).toList();
    }

    /** Reads a line that is not blank. */
    public ReadLine read(String typed) {
        if (typed.length() > LONGEST_LINE) {
            return unclear(typed, LineProblem.Plain.TOO_LONG);
        }
        String line = typed.strip();
        if (line.startsWith("#")) {
            return new Remark(typed);
        }
        if (line.endsWith(":")) {
            return new Heading(typed, line.substring(0, line.length() - 1).strip());
        }
        Words whole = Words.of(typed);
        int remark = LineFrame.remarkFrom(whole);
        Words words = LineFrame.body(whole);
        if (words.isEmpty()) {
            return new Remark(typed);
        }
        ReadLine read = read(typed, words);
        List<LinePart> before = Accounting.remark(whole.until(remark - words.size()));
        List<LinePart> behind = Accounting.remark(whole.from(remark));
        return read.between(before, behind);
    }

    private ReadLine read(String typed, Words words) {
        Optional<ReadLine> serves = serves(typed, words);
        if (serves.isPresent()) {
            return serves.get();
        }
        Optional<AmountReader> amount = AmountReader.at(words, 0, habits.measures());
        if (amount.isPresent()) {
            return counted(
                    typed, words, 0, amount.get(), words.from(amount.get().next()));
        }
        return amountInside(typed, words).or(() -> amountBehind(typed, words)).orElseGet(() -> unsaid(typed, words));
    }

    private static Optional<ReadLine> serves(String typed, Words words) {
        if (!SERVES.contains(words.plain(0))) {
            return Optional.empty();
        }
        for (int i = 1; i < Math.min(4, words.size()); i++) {
            var count = Quantities.at(words, i);
            if (count.isPresent() && count.get().middle() > 0 && count.get().middle() <= 10_000) {
                String what = words.from(i + count.get().words()).typed();
                return Optional.of(new Serves(typed, count.get().middle(), what.isEmpty() ? "servings" : what));
            }
        }
        return Optional.empty();
    }

    /** "Juice of 2 lemons", "zest of an orange": the count stands inside. */
    private Optional<ReadLine> amountInside(String typed, Words words) {
        int of = words.plain(1).equals("of") ? 1 : words.plain(3).equals("of") ? 3 : -1;
        if (of < 0) {
            return Optional.empty();
        }
        Optional<AmountReader> inside = AmountReader.at(words, of + 1, habits.measures());
        if (inside.isEmpty() || inside.get().measured()) {
            return Optional.empty();
        }
        Words rest = words.from(inside.get().next());
        if (of == 3 && (words.plain(1).equals("and") || words.plain(1).equals("&"))) {
            String whole = words.from(4).typed();
            return Optional.of(several.bothOf(typed, whole, words.plain(0), words.plain(2)));
        }
        String food = FoodWords.of(rest) + " " + words.plain(of - 1);
        return Optional.of(weighed(typed, words, of + 1, inside.get(), food, rest));
    }

    /**
     * Where an amount that begins at a word ends: measured, counted in figures, or vague.
     *
     * @return the first word after it; empty if none begins there
     */
    public OptionalInt amountEnd(Words words, int at) {
        Optional<AmountReader> amount = AmountReader.at(words, at, habits.measures());
        boolean figure = at < words.size() && Character.isDigit(words.get(at).charAt(0));
        return amount.filter(a -> a.measured() || a.few().isPresent() || figure)
                .map(a -> OptionalInt.of(a.next()))
                .orElseGet(OptionalInt::empty);
    }

    /** "Butter, a knob", "plums - 400 g", "salt to taste", "chicken stock 500 ml". */
    private Optional<ReadLine> amountBehind(String typed, Words words) {
        int depth = 0;
        int tried = 0;
        for (int i = 1; i < words.size() && tried < MAX_AMOUNTS; i++) {
            depth += words.get(i).equals("(") ? 1 : words.get(i).equals(")") ? -1 : 0;
            boolean parted = Set.of(",", ":", "-").contains(words.get(i - 1));
            Optional<AmountReader> amount = depth > 0 ? Optional.empty() : AmountReader.at(words, i, habits.measures());
            if (amount.isPresent() && (parted || amount.get().measured())) {
                int end = parted ? i - 1 : i;
                Words before = words.until(end);
                tried++;
                if (!parted && !names.knows(FoodWords.of(before))) {
                    continue;
                }
                return Optional.of(counted(typed, words, i, amount.get(), before));
            }
        }
        return Optional.empty();
    }

    /** A food with no amount: one of it if it is counted, a taste of what seasons; else the cook has to say. */
    private ReadLine unsaid(String typed, Words words) {
        String food = FoodWords.of(words);
        Optional<ReadLine> two = several.two(typed, words, "");
        if (two.isPresent()) {
            return two.get();
        }
        Optional<Found> found = names.find(food, Measured.OTHER, habits);
        if (found.isEmpty() || !found.get().unexplained().isEmpty()) {
            return new Unclear(typed, LineProblem.Plain.NEITHER_AMOUNT_NOR_FOOD, names.like(food, 3), List.of());
        }
        Ingredient ingredient = found.get().ingredient();
        boolean seasons = Set.of("spice", "herb", "seasoning").contains(ingredient.group());
        if (!seasons && ingredient.piece().isEmpty()) {
            return new Unclear(typed, new LineProblem.HowMuch(ingredient), List.of(ingredient), List.of());
        }
        Amount amount =
                new Amount(Amount.Kind.UNSAID, words.start(0), words.start(0), words.start(0), 1, 1, Optional.empty());
        VagueMeasure measure = seasons ? VagueMeasure.TASTE : null;
        Mass one = measure == null ? ingredient.piece().get().mass() : measure.guess(ingredient);
        return doubts.vague(
                typed,
                amount,
                found.get(),
                food,
                measure == null ? "unsaid" : measure.word(),
                one,
                1,
                new Accounting(words).rest(found.get(), food, names));
    }

    /**
     * What books say one of a measure is of a food: a vague one such as "splash", or a piece of it such as "medium onion".
     * Empty for a measure that is neither.
     */
    public static Optional<BookMeasure> book(String measure, Ingredient food) {
        return VagueMeasure.of(measure)
                .filter(vague -> vague.word().equals(measure))
                .map(vague -> new BookMeasure(vague.guess(food), false))
                .or(() -> food.piece()
                        .filter(piece -> piece.name().equals(measure))
                        .map(piece -> new BookMeasure(piece.mass(), true)));
    }

    /**
     * What books say of a measure.
     *
     * @param grown whether it is as it grew; if not, it is by hand
     */
    public record BookMeasure(Mass mass, boolean grown) {}

    /** Whether words name a food and nothing else. */
    boolean isFood(String words) {
        return names.find(words, Measured.OTHER, habits)
                .filter(f -> f.unexplained().isEmpty())
                .isPresent();
    }

    private ReadLine counted(String typed, Words words, int from, AmountReader amount, Words rest) {
        if (!(amount.quantity().low() > 0)) {
            return unclear(typed, LineProblem.Plain.NOTHING_GOES_IN);
        }
        Optional<ReadLine> withMore = several.stirredInto(typed, rest);
        if (withMore.isPresent()) {
            return withMore.get();
        }
        String food = FoodWords.of(rest);
        if (food.isBlank()) {
            return unclear(typed, LineProblem.Plain.NO_FOOD);
        }
        return weighed(typed, words, from, amount, food, rest);
    }

    private ReadLine weighed(String typed, Words words, int from, AmountReader amount, String food, Words rest) {
        Optional<ReadLine> peelAndJuice =
                amount.measured() ? Optional.empty() : several.partsOfAFruit(typed, words, from, rest);
        if (peelAndJuice.isPresent()) {
            return peelAndJuice.get();
        }
        Optional<Found> found = alternatives(rest, food, amount).or(() -> names.find(food, how(amount), habits));
        if (found.isEmpty()) {
            return new Unclear(typed, new LineProblem.UnknownFood(food.strip()), names.like(food, 3), List.of());
        }
        if (amount.vague().isPresent() || amount.few().isPresent()) {
            Optional<ReadLine> two =
                    several.two(typed, rest, typed.substring(words.start(from), words.end(amount.next() - 1)));
            if (two.isPresent()) {
                return two.get();
            }
        }
        Ingredient ingredient = found.get().ingredient();
        AmountsBehind behind = new AmountsBehind(words, amount, habits.measures());
        List<Assumption> assumptions = new ArrayList<>();
        Optional<Double> weight = behind.stated(ingredient);
        if (amount.vague().isPresent() && weight.filter(w -> w > MAX.grams()).isPresent()) {
            return unclear(typed, LineProblem.Plain.MORE_THAN_A_POT_HOLDS);
        }
        if (amount.vague().isPresent() && weight.isPresent()) {
            return doubts.understood(
                    typed,
                    said(Amount.Kind.COMPOSED, words, from, amount),
                    found.get(),
                    food,
                    Mass.ofGrams(weight.get()),
                    assumptions,
                    List.of(),
                    parts(words, from, amount, behind, found.get(), food));
        }
        if (amount.vague().isPresent()) {
            VagueMeasure measure = amount.vague().get();
            double count = amount.quantity().middle() * amount.form();
            if (!(count <= MAX_VAGUE)) {
                return unclear(typed, LineProblem.Plain.TOO_MANY_TO_COUNT);
            }
            return doubts.vague(
                    typed,
                    said(Amount.Kind.VAGUE, words, from, amount),
                    found.get(),
                    food,
                    measure.word(),
                    measure.guess(ingredient),
                    count,
                    parts(words, from, amount, behind, found.get(), food));
        }
        // Nothing is taken by dropping a number: the line is asked.
        OptionalInt unread = behind.unread();
        if (unread.isPresent()) {
            return several.apartAt(typed, words, unread.getAsInt());
        }
        Optional<Double> grams = Weighing.grams(amount, found.get(), NameWords.normalised(food), habits, assumptions);
        Optional<Double> stated = behind.stated(ingredient);
        boolean guessed = amount.unit().isEmpty() && amount.size().isEmpty();
        if (guessed && stated.isPresent()) {
            // A weight that is stated beats one that is guessed.
            grams = stated;
            assumptions.clear();
        }
        Optional<ReadLine> disagree =
                doubts.amountsThatDiffer(typed, words, from, amount, ingredient, grams, stated, rest);
        if (disagree.isPresent()) {
            return disagree.get();
        }
        if (grams.isEmpty()) {
            return new Unclear(typed, new LineProblem.NotInPieces(ingredient), List.of(ingredient), List.of());
        }
        if (!(grams.get() >= 0)) {
            return unclear(typed, LineProblem.Plain.LESS_THAN_NOTHING);
        }
        if (!(grams.get() <= MAX.grams())) {
            return unclear(typed, LineProblem.Plain.MORE_THAN_A_POT_HOLDS);
        }
        if (amount.few().isPresent()) {
            return doubts.vague(
                    typed,
                    said(Amount.Kind.VAGUE, words, from, amount),
                    found.get(),
                    food,
                    amount.few().get(),
                    Mass.ofGrams(grams.get()),
                    1,
                    parts(words, from, amount, behind, found.get(), food));
        }
        double drained = behind.drained(found.get());
        if (drained < 1) {
            grams = grams.map(g -> g * drained);
            assumptions.add(new Assumption.Drained(Share.of(drained)));
        }
        boolean ranges = amount.quantity().high() > amount.quantity().low();
        if (ranges && !(guessed && stated.isPresent())) {
            assumptions.add(Assumption.Plain.MIDDLE_OF_THE_RANGE);
        }
        boolean composed = guessed && stated.isPresent()
                || !amount.more().isEmpty()
                || amount.exactly().isPresent()
                || amount.centimetres().isPresent();
        Amount.Kind kind = composed
                ? Amount.Kind.COMPOSED
                : amount.unit().isPresent() ? Amount.Kind.MEASURED : Amount.Kind.COUNTED;
        return doubts.understood(
                typed,
                said(kind, words, from, amount),
                found.get(),
                food,
                Mass.ofGrams(grams.get()),
                assumptions,
                List.of(),
                parts(words, from, amount, behind, found.get(), food));
    }

    /** What each word of a line was taken for. */
    private List<LinePart> parts(
            Words words, int from, AmountReader amount, AmountsBehind behind, Found found, String food) {
        Accounting accounting = new Accounting(words).amount(from, amount);
        for (AmountsBehind.Behind one : behind.all()) {
            accounting.mark(one.from(), one.end(), behind.isStated(one) ? LinePart.Kind.SIZE : LinePart.Kind.REMARK);
        }
        return accounting.rest(found, food, names);
    }

    private static Amount said(Amount.Kind kind, Words words, int from, AmountReader amount) {
        return new Amount(
                kind,
                words.start(from),
                words.end(amount.numberWords() - 1),
                Math.max(words.end(amount.next() - 1), words.start(from)),
                amount.quantity().low(),
                amount.quantity().high(),
                amount.unit());
    }

    /** "Lemon or lime juice", "plums or damsons": the first is counted, the other is a choice. */
    private Optional<Found> alternatives(Words rest, String food, AmountReader amount) {
        int or = -1;
        for (int i = 0; i < rest.size() && or < 0; i++) {
            or = rest.plain(i).equals("or") || rest.plain(i).equals("/") ? i : -1;
        }
        if (or <= 0 || !food.contains(rest.get(or))) {
            return Optional.empty();
        }
        String first = FoodWords.of(rest.until(or));
        String second = FoodWords.of(rest.from(or + 1));
        String head = second.substring(second.lastIndexOf(' ') + 1);
        Optional<Found> withHead = names.find(first + " " + head, how(amount), habits)
                .filter(f -> f.unexplained().isEmpty());
        Optional<Found> guess = withHead.or(() -> names.find(first, how(amount), habits));
        Optional<Found> other = names.find(second, how(amount), habits);
        if (guess.isEmpty() || other.isEmpty()) {
            return guess.or(() -> other);
        }
        List<Ingredient> others = new ArrayList<>(guess.get().others());
        others.add(0, other.get().ingredient());
        others.remove(guess.get().ingredient());
        Found g = guess.get();
        return Optional.of(new Found(g.ingredient(), g.unit(), g.named(), g.unexplained(), others, g.settled()));
    }

    private static Measured how(AmountReader amount) {
        if (amount.unit().filter(SPOONS::contains).isPresent()) {
            return Measured.SPOON;
        }
        return amount.measured() ? Measured.OTHER : Measured.COUNT;
    }

    private static ReadLine unclear(String typed, LineProblem problem) {
        return new Unclear(typed, problem, List.of(), List.of());
    }
}
