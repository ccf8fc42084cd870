package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.measure.FoodNames.Found;
import app.gradior.measure.FoodNames.Measured;
import app.gradior.measure.ReadLine.Heading;
import app.gradior.measure.ReadLine.Remark;
import app.gradior.measure.ReadLine.Serves;
import app.gradior.measure.ReadLine.Several;
import app.gradior.measure.ReadLine.Unclear;
import app.gradior.measure.ReadLine.Understood;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads ingredient lines as cooks write them, by the grammar of this package, with a kitchen's foods and habits. */
public final class LineGrammar {
    /** What one line may bring: more than any home pot holds. */
    private static final Mass MAX = Mass.ofKilograms(300);

    /** Of pinches, splashes and the like. */
    private static final double MAX_VAGUE = 1000;

    private static final int LONGEST_LINE = 400;

    /** A line with more amounts than this behind its food is none that a cook wrote. */
    private static final int MAX_AMOUNTS = 4;

    private static final Set<KitchenUnit> SPOONS = EnumSet.of(
            KitchenUnit.TEASPOON,
            KitchenUnit.DESSERTSPOON,
            KitchenUnit.TABLESPOON,
            KitchenUnit.METRIC_TEASPOON,
            KitchenUnit.METRIC_TABLESPOON);

    private static final Set<String> JOINS = Set.of("with", "in", "and", "plus", "+", "&");

    private static final Set<String> SERVES = Set.of("serves", "makes", "yields", "serving", "servings", "yield");

    private static final LineGrammar SHIPPED = new LineGrammar(new FoodNames(IngredientTable.shipped()), Habits.NONE);

    private final FoodNames names;
    private final Habits habits;

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
            return Optional.of(several(
                    typed,
                    List.of(capital(words.plain(2)) + " of " + whole, capital(words.plain(0)) + " of " + whole)));
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

    private static String capital(String word) {
        return word.isEmpty() ? word : word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
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
        Optional<ReadLine> two = two(typed, words, "");
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
        return vague(
                typed,
                amount,
                found.get(),
                food,
                measure == null ? "unsaid" : measure.word(),
                one,
                1,
                new Accounting(words).rest(found.get(), food, names));
    }

    /** "Salt and pepper", "pinch of salt and pepper, to taste": several foods on one line, each with its usual amount. */
    private Optional<ReadLine> two(String typed, Words words, String amount) {
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
                if (FoodWords.of(one).isBlank() || !isFood(FoodWords.of(one))) {
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
            List<Understood> read = readQuietly(line).foods();
            each &= !read.isEmpty();
            foods.addAll(read);
        }
        if (!each) {
            return new Unclear(typed, LineProblem.Plain.SEVERAL_THINGS, List.of(), List.of(String.join("\n", lines)));
        }
        return new Several(typed, foods, Accounting.ofSeveral(LineFrame.body(Words.of(typed)), foods));
    }

    /** "1 tbsp corn starch in 2 tbsp water", "1 stock cube made up to 500 ml": a second amount on the line. */
    private Optional<ReadLine> withMore(String typed, Words rest) {
        for (int i = 1; i + 1 < rest.size(); i++) {
            boolean madeUp = rest.plain(i).equals("to") && rest.plain(i - 1).equals("up");
            if (!madeUp && !JOINS.contains(rest.plain(i))) {
                continue;
            }
            Optional<AmountReader> second = AmountReader.at(rest, i + 1, habits.measures());
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

    /** Words between a food and what it is stirred into. */
    private static final Set<String> TURNED_INTO =
            Set.of("mixed", "dissolved", "made", "up", "slaked", "stirred", "whisked", "blended", "together", "(", ",");

    /**
     * A food that a text names.
     *
     * @param words as the text has it
     * @param keys the foods it may mean
     */
    public record NamedFood(String words, List<String> keys) {}

    /** The foods that a text names, in order; words that tell no food are passed over. */
    public List<NamedFood> namesIn(String text) {
        Words words = Words.of(text);
        List<NamedFood> named = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            for (int length = Math.min(MAX_NAME_WORDS, words.size() - i); length > 0; length--) {
                String name = words.until(i + length).from(i).typed();
                if (names.isName(name)) {
                    names.find(name, Measured.OTHER, habits)
                            .ifPresent(found -> named.add(new NamedFood(
                                    name,
                                    Stream.concat(Stream.of(found.ingredient()), found.others().stream())
                                            .map(Ingredient::key)
                                            .toList())));
                    i += length - 1;
                    break;
                }
            }
        }
        return named;
    }

    private static final int MAX_NAME_WORDS = 4;

    private boolean isFood(String words) {
        return names.find(words, Measured.OTHER, habits)
                .filter(f -> f.unexplained().isEmpty())
                .isPresent();
    }

    private ReadLine counted(String typed, Words words, int from, AmountReader amount, Words rest) {
        if (!(amount.quantity().low() > 0)) {
            return unclear(typed, LineProblem.Plain.NOTHING_GOES_IN);
        }
        Optional<ReadLine> withMore = withMore(typed, rest);
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
        Optional<ReadLine> peelAndJuice = amount.measured() ? Optional.empty() : peelAndJuice(typed, words, from, rest);
        if (peelAndJuice.isPresent()) {
            return peelAndJuice.get();
        }
        Optional<Found> found = alternatives(rest, food, amount).or(() -> names.find(food, how(amount), habits));
        if (found.isEmpty()) {
            return new Unclear(typed, new LineProblem.UnknownFood(food.strip()), names.like(food, 3), List.of());
        }
        if (amount.vague().isPresent() || amount.few().isPresent()) {
            Optional<ReadLine> two = two(typed, rest, typed.substring(words.start(from), words.end(amount.next() - 1)));
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
            return understood(
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
            return vague(
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
            return askedAt(typed, words, unread.getAsInt());
        }
        Optional<Double> grams =
                Weighing.grams(amount, found.get(), FoodNames.normalised(food), habits.measures(), assumptions);
        Optional<Double> stated = behind.stated(ingredient);
        boolean guessed = amount.unit().isEmpty() && amount.size().isEmpty();
        if (guessed && stated.isPresent()) {
            // A weight that is stated beats one that is guessed.
            grams = stated;
            assumptions.clear();
        }
        Optional<ReadLine> disagree = disagree(typed, words, from, amount, ingredient, grams, stated, rest);
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
            return vague(
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
        return understood(
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

    /** "1 orange, zest only", "2 lemons, zest and juice": a part of the fruit is meant, or two. */
    private Optional<ReadLine> peelAndJuice(String typed, Words words, int from, Words rest) {
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
        boolean known = parts.stream().allMatch(part -> isFood(fruit + " " + part));
        return known
                ? Optional.of(several(
                        typed,
                        parts.stream()
                                .map(part -> capital(part) + " of " + whole)
                                .toList()))
                : Optional.empty();
    }

    /** "plus 2 tbsp for serving" */
    private static final Set<String> FOR_LATER = Set.of("for", "to", "as", "extra", "more");

    /** The line with the part that is not accounted for set apart, if both can stand by themselves. */
    private ReadLine askedAt(String typed, Words words, int at) {
        int cut = at;
        while (cut > 0 && Set.of(",", "and", "&", "plus", "+", "(", "about").contains(words.plain(cut - 1))) {
            cut--;
        }
        String first = typed.substring(0, cut > 0 ? words.end(cut - 1) : 0).strip();
        String second = words.from(at).typed();
        boolean both = !first.isBlank()
                && readQuietly(first) instanceof Understood
                && readQuietly(second) instanceof Understood;
        boolean joined = Set.of("and", "&", "plus", "+").contains(words.plain(at - 1));
        if (both && (joined || areDifferent(readQuietly(first), readQuietly(second)))) {
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

    private ReadLine readQuietly(String line) {
        return line.length() < 200 ? read(line) : new Remark(line);
    }

    /** Two figures of one amount that differ by more than a fifth: which is meant is asked. */
    private Optional<ReadLine> disagree(
            String typed,
            Words words,
            int from,
            AmountReader amount,
            Ingredient food,
            Optional<Double> grams,
            Optional<Double> stated,
            Words rest) {
        if (amount.unit().isEmpty() || !amount.more().isEmpty()) {
            return Optional.empty();
        }
        double said = amount.unit().get().grams(amount.quantity().middle() * amount.form(), food.density());
        double again = amount.sameAgain().stream()
                .mapToDouble(part -> part.grams(food.density()))
                .sum();
        double other = again > 0 ? again : stated.orElse(said);
        boolean fluid = amount.unit().get() == KitchenUnit.OUNCE
                || amount.sameAgain().stream().anyMatch(part -> part.unit() == KitchenUnit.OUNCE);
        double max = fluid ? 1.3 : MAX_DISAGREEMENT;
        if (!(said > 0 && other > 0) || Math.max(said, other) / Math.min(said, other) <= max) {
            return Optional.empty();
        }
        if (Math.max(said, other) > MAX.grams()) {
            return Optional.of(unclear(typed, LineProblem.Plain.MORE_THAN_A_POT_HOLDS));
        }
        String what = rest.typed().replaceAll("\\([^)]*\\)", "").strip();
        return Optional.of(new Unclear(
                typed,
                new LineProblem.AmountsDiffer(Mass.ofGrams(said), Mass.ofGrams(other)),
                List.of(),
                List.of(Weighing.plain(other) + " g " + what, Weighing.plain(said) + " g " + what)));
    }

    /** The same amount in cups and in grams may differ so much: cups are filled as they are filled. */
    private static final double MAX_DISAGREEMENT = 1.2;

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

    private ReadLine vague(
            String typed,
            Amount amount,
            Found found,
            String food,
            String measure,
            Mass weight,
            double count,
            List<LinePart> parts) {
        Mass guess = Weighing.round(weight.grams());
        Optional<Mass> habit = habits.amount(measure, found.ingredient().key());
        Mass one = habit.orElse(guess);
        double grams = guess.grams();
        List<Mass> choices = Stream.of(grams / 3, grams * 2 / 3, grams * 2)
                .map(Weighing::round)
                .filter(choice -> Math.abs(choice.grams() - one.grams()) > 1e-9)
                .toList();
        return understood(
                typed,
                amount,
                found,
                food,
                one.times(count),
                new ArrayList<>(List.of(new Assumption.VagueIs(measure, one))),
                List.of(new Ambiguity.HowMuch(measure, one, choices, habit.isPresent())),
                parts);
    }

    private ReadLine understood(
            String typed,
            Amount amount,
            Found found,
            String food,
            Mass mass,
            List<Assumption> assumptions,
            List<Ambiguity> doubts,
            List<LinePart> parts) {
        List<Ambiguity> all = new ArrayList<>(doubts);
        if (!found.certain() || found.settled()) {
            List<Ingredient> choices = new ArrayList<>();
            choices.add(found.ingredient());
            choices.addAll(found.others());
            if (!found.unexplained().isEmpty()) {
                assumptions.add(new Assumption.ReadAs(found.ingredient()));
                names.like(food, 3).stream()
                        .filter(other -> !choices.contains(other) && choices.size() < 3)
                        .forEach(choices::add);
            }
            all.add(new Ambiguity.WhichFood(String.join(" ", FoodNames.normalised(food)), choices, found.settled()));
        }
        notUnderstood(typed, found, food, parts).ifPresent(all::add);
        return new Understood(typed, amount, found.ingredient(), mass, assumptions, all, parts);
    }

    /** What of the line nothing accounts for, unless which food it is asks after it already. */
    private Optional<Ambiguity> notUnderstood(String typed, Found found, String food, List<LinePart> parts) {
        List<String> asked = found.unexplained().isEmpty() ? List.of() : List.of(food.split(" "));
        List<LinePart> unread = parts.stream()
                .filter(part -> part.kind() == LinePart.Kind.UNREAD)
                .filter(part -> !asked.containsAll(Words.of(typed.substring(part.start(), part.end()))))
                .toList();
        if (unread.isEmpty()) {
            return Optional.empty();
        }
        String words = unread.stream()
                .map(part -> typed.substring(part.start(), part.end()))
                .collect(Collectors.joining(", "));
        LinePart first = unread.get(0);
        String before =
                typed.substring(0, first.start()).replaceAll("[\\s,;(:-]+$", "").strip();
        boolean opened = typed.substring(0, first.start()).stripTrailing().endsWith("(");
        String from = opened
                ? typed.substring(first.start()).replaceFirst("\\)", "").strip()
                : typed.substring(first.start()).strip();
        List<String> rewrites = new ArrayList<>();
        boolean foods = unread.stream().allMatch(part -> names.isName(typed.substring(part.start(), part.end())));
        if (!before.isEmpty() && foods && readQuietly(before) instanceof Understood) {
            rewrites.add(before + "\n" + from.replaceAll("[()]", " ").strip());
        }
        if (!before.isEmpty()) {
            rewrites.add(before + " # " + from);
        }
        return Optional.of(new Ambiguity.NotUnderstood(words, rewrites));
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
