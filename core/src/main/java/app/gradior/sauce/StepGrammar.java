package app.gradior.sauce;

import app.gradior.measure.Amount;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.MeasuredAmount;
import app.gradior.measure.Quantities;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Density;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.sauce.StepClause.Way;
import app.gradior.thickness.Grade;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/** Reads lines that say what to do, by the grammar of this package. */
final class StepGrammar {
    /** Shares of water lost while vegetables soften or brown: estimates, weighed before and after. */
    private static final Share SWEATED = Share.of(0.2);

    private static final Share BROWNED = Share.of(0.4);

    /** What a household sieve holds back of solids and of liquid, fine cloth, and a coarse sieve or food mill. */
    private static final Operation.Strain SIEVE = new Operation.Strain(Share.of(0.6), Share.of(0.05));

    private static final Operation.Strain FINE = new Operation.Strain(Share.of(0.9), Share.of(0.08));
    private static final Operation.Strain COARSE = new Operation.Strain(Share.of(0.35), Share.of(0.03));

    /** What a step may leave: as much as a line may bring. */
    private static final double MAX_GRAMS = 300_000;

    private enum Verb {
        ADD("add", "put", "tip", "melt", "combine", "return"),
        /** Something goes in only where "in" follows. */
        INTO("pour", "stir", "whisk", "fold", "beat", "mix", "drop", "swirl", "mount", "emulsify", "knead", "dissolve"),
        DEGLAZE("deglaze"),
        SWEAT("sweat", "soften"),
        FRY("fry", "sauté", "saute", "sear", "brown", "toast"),
        HEAT("bring", "heat"),
        SIMMER("simmer", "cook", "poach", "boil", "bubble"),
        REDUCE("reduce"),
        SLURRY("slurry", "thicken"),
        ROUX("roux", "beurre"),
        MAKE("make"),
        BLEND("blend", "purée", "puree", "whizz", "blitz", "liquidise", "liquidize", "pulse", "process"),
        STRAIN("strain", "sieve", "pass", "mill"),
        /** Through a sieve, if one is named. */
        PUSH("push", "rub", "press", "force", "work"),
        /** What is let do something does it. */
        LET("let", "leave", "allow"),
        SEASON("season", "adjust", "correct"),
        FINISH("finish"),
        COOL("cool", "chill", "refrigerate"),
        SAY(
                "skim",
                "taste",
                "serve",
                "set",
                "infuse",
                "steep",
                "rest",
                "keep",
                "remove",
                "discard",
                "take",
                "cover",
                "uncover",
                "turn",
                "lower",
                "raise",
                "increase",
                "decrease",
                "switch",
                "check",
                "scrape",
                "transfer",
                "wipe",
                "label",
                "brush",
                "garnish",
                "wait",
                "repeat",
                "once",
                "when",
                "meanwhile",
                "drain",
                "lift",
                "mash");

        private static final Map<String, Verb> BY_WORD = new HashMap<>();

        static {
            for (Verb verb : values()) {
                for (String word : verb.words) {
                    BY_WORD.put(word, verb);
                }
            }
        }

        private final String[] words;

        Verb(String... words) {
            this.words = words;
        }
    }

    /** Verbs that are also how a food is described: "brown sugar", "cool water". */
    private static final Set<String> ALSO_DESCRIBES =
            Set.of("brown", "cool", "toast", "mix", "beat", "drop", "set", "rest", "press", "work", "process");

    /** Words that say how, before the verb they belong to: "gently simmer", "low simmer". */
    private static final Set<String> HOW = Set.of(
            "gently",
            "slowly",
            "quickly",
            "low",
            "rapidly",
            "briskly",
            "lightly",
            "carefully",
            "now",
            "finally",
            "next",
            "again",
            "then",
            "barely",
            "bare",
            "immediately",
            "vigorously",
            "just",
            "lastly");

    private static final Set<String> AFTER_A_VERB = Set.of(
            "in",
            "with",
            "through",
            "the",
            "it",
            "them",
            "until",
            "till",
            "for",
            "gently",
            "well",
            "all",
            "to",
            "down",
            "everything",
            "completely",
            "overnight",
            "off",
            "on",
            "aside",
            "lightly",
            "quickly",
            "slowly",
            ",",
            "and",
            "then",
            "");

    private static final Set<String> STOPS =
            Set.of("until", "till", "over", "on", "stirring", "while", "so", "without", "at", "but", ",");

    private final LineGrammar grammar;
    private final Habits habits;

    StepGrammar(LineGrammar grammar, Habits habits) {
        this.grammar = grammar;
        this.habits = habits;
    }

    /** The clauses of a line; empty if it does not begin with a verb. */
    Optional<List<StepClause>> read(String typed) {
        Words words = Words.of(typed);
        boolean offHeat = isOffHeat(words, 0);
        if (!offHeat && verbAt(words, skipHow(words, 0)).isEmpty()) {
            return Optional.empty();
        }
        List<StepClause> doings = new ArrayList<>();
        Optional<Lid> lid = Optional.empty();
        boolean finishing = false;
        int from = 0;
        while (from < words.size()) {
            int end = from + 1;
            while (end < words.size() && !beginsClause(words, end)) {
                end++;
            }
            Words clause = words.until(end).from(skipJoins(words, from));
            finishing |=
                    isOffHeat(clause, 0) || StepWords.mentions(clause, "off") && StepWords.mentions(clause, "heat");
            if (lidOf(clause).isPresent()) {
                lid = lidOf(clause);
            }
            if (!clause.isEmpty()) {
                StepClause doing =
                        under(asHard(clause(clause.from(skipHow(clause, 0)), clause, finishing), clause), lid);
                // What a thing is sweated, simmered or blended with goes in before.
                Optional<StepClause> before = doing instanceof StepClause.Does && hasAmount(withoutTarget(clause))
                        ? Optional.of(goesIn(Way.ADD, withoutTarget(clause)))
                        : Optional.empty();
                before.ifPresent(doings::add);
                doings.add(doing);
                unread(clause, before.orElse(doing), doing instanceof StepClause.Does)
                        .ifPresent(doings::add);
            }
            from = end;
        }
        return Optional.of(doings);
    }

    /** "Gradually", "constantly": such words say how, whatever they are. */
    private static boolean isHow(String word) {
        return word.endsWith("ly") && word.length() > 4;
    }

    private static int skipHow(Words words, int at) {
        int i = at;
        while (i + 1 < words.size() && (HOW.contains(words.plain(i)) || isHow(words.plain(i)))) {
            i++;
        }
        return verbAt(words, i).isPresent() ? i : at;
    }

    /** How hard it is to be reduced, if the clause says so. */
    private static StepClause asHard(StepClause doing, Words clause) {
        return doing instanceof StepClause.Does does && does.operation() instanceof Operation.Reduce reduce
                ? new StepClause.Does(new Operation.Reduce(reduce.target(), activity(clause), lidOf(clause)))
                : doing;
    }

    /** What a lid that was put on or taken off in an earlier clause means for a simmer that says nothing of it. */
    private static StepClause under(StepClause doing, Optional<Lid> lid) {
        if (doing instanceof StepClause.Does does
                && does.operation() instanceof Operation.Reduce reduce
                && reduce.lid().isEmpty()) {
            return new StepClause.Does(new Operation.Reduce(reduce.target(), reduce.activity(), lid));
        }
        return doing instanceof StepClause.Does does
                        && does.operation() instanceof Operation.SimmerFor simmer
                        && simmer.lid().isEmpty()
                        && !simmer.time().isZero()
                ? new StepClause.Does(new Operation.SimmerFor(simmer.time(), simmer.activity(), lid))
                : doing;
    }

    /** How covered it is, if the clause says so. */
    private static Optional<Lid> lidOf(Words clause) {
        boolean cover = mentionsAny(clause, "covered", "cover", "lid");
        boolean partly = mentionsAny(
                clause, "ajar", "partially", "partly", "half", "half-covered", "askew", "vented", "cracked", "tilted");
        if (partly && (cover || mentionsAny(clause, "ajar", "vented", "askew"))) {
            return Optional.of(Lid.AJAR);
        }
        if (mentionsAny(clause, "screen", "splatter")) {
            return Optional.of(Lid.SPLATTER_SCREEN);
        }
        boolean off = mentionsAny(clause, "uncovered", "uncover", "lidless")
                || cover && mentionsAny(clause, "off", "remove", "without", "no", "take", "lift");
        return off ? Optional.of(Lid.OFF) : cover ? Optional.of(Lid.ON) : Optional.empty();
    }

    private static boolean mentionsAny(Words clause, String... words) {
        for (String word : words) {
            if (StepWords.mentions(clause, word)) {
                return true;
            }
        }
        return false;
    }

    /** The words of a step up to where one says how far it is to go: what is named behind is only compared with. */
    static String beforeTarget(String typed) {
        return String.join(" ", withoutTarget(Words.of(typed)));
    }

    /** A clause up to where it says how far it is to go: "to 300 ml", "by half", "until a cup is left", "leaving 200 g". */
    private static Words withoutTarget(Words clause) {
        for (int i = 1; i < clause.size(); i++) {
            boolean range = clause.plain(i).equals("to")
                    && Character.isDigit(clause.get(i - 1).charAt(0));
            if (!range
                    && Set.of("to", "by", "until", "till", "leaving", "leave", "leaves")
                            .contains(clause.plain(i))) {
                return clause.until(i);
            }
        }
        return clause;
    }

    /** An amount of something that the clause names and that went nowhere: it is asked, never dropped. */
    private Optional<StepClause> unread(Words all, StepClause doing, boolean does) {
        if (doing instanceof StepClause.UnreadableStep) {
            return Optional.empty();
        }
        Words clause = does ? withoutTarget(all) : all;
        List<ReadLine.Understood> named = doing instanceof StepClause.GoesIn goesIn ? goesIn.named() : List.of();
        int amounts = 0;
        int first = -1;
        for (int i = 1; i < clause.size(); i++) {
            Optional<MeasuredAmount> amount = MeasuredAmount.at(clause, i, habits.measures());
            if (amount.isPresent()
                    && (Character.isDigit(clause.get(i).charAt(0))
                            || !clause.plain(i).startsWith("a"))) {
                amounts++;
                first = first < 0 ? i : first;
                i += amount.get().words() - 1;
            }
        }
        int counted = named.stream().mapToInt(StepGrammar::amountsIn).sum();
        Optional<String> bare = does && named.isEmpty() ? bareNumber(clause) : Optional.empty();
        if (bare.isPresent()) {
            return Optional.of(new StepClause.UnreadableStep(
                    all.typed(), "“" + bare.get() + "” of what? Say its unit too, such as 10 min, 80 °C or 200 g."));
        }
        return amounts <= counted
                ? Optional.empty()
                : Optional.of(
                        new StepClause.UnreadableStep(
                                clause.typed(),
                                "“" + clause.from(first).typed()
                                        + "” is not all understood, so not all of it is counted: write each food with its amount on a line under the step."));
    }

    /** A number that is no time, no temperature and no share: "simmer 10". */
    private static Optional<String> bareNumber(Words clause) {
        for (int i = 1; i < clause.size(); i++) {
            Optional<Quantities.Quantity> number =
                    Character.isDigit(clause.get(i).charAt(0)) ? Quantities.at(clause, i) : Optional.empty();
            if (number.isEmpty()) {
                continue;
            }
            int next = i + number.get().words();
            Optional<StepWords.Timed> timed = StepWords.timeAt(clause, i);
            if (timed.isPresent()) {
                i = timed.get().end() - 1;
                continue;
            }
            boolean told = TELLS.contains(clause.plain(next))
                    || Set.of("mark", "grade", "no", "number", "level", "setting")
                            .contains(clause.plain(i - 1));
            if (!told) {
                return Optional.of(clause.get(i));
            }
            i = next;
        }
        return Optional.empty();
    }

    /** Words that say what a number in a step is of. */
    private static final Set<String> TELLS = Set.of(
            "°", "°c", "°f", "c", "f", "degrees", "%", "percent", "times", "x", "cm", "mm", "inch", "inches", "brix",
            "seconds", "second", "sec", "secs", "s", "min", "mins", "minute", "minutes", "h", "hr", "hrs", "hour",
            "hours", "batches", "watts", "w");

    private static int amountsIn(ReadLine.Understood food) {
        Words words = Words.of(food.typed());
        int amounts = 0;
        for (int i = 0; i < words.size(); i++) {
            Optional<MeasuredAmount> amount = MeasuredAmount.at(words, i, Habits.NONE.measures());
            if (amount.isPresent()) {
                amounts++;
                i += amount.get().words() - 1;
            }
        }
        return amounts;
    }

    private static boolean isOffHeat(Words words, int at) {
        return words.plain(at).equals("off")
                && (words.plain(at + 1).equals("heat") || words.plain(at + 2).equals("heat"));
    }

    private boolean beginsClause(Words words, int at) {
        int next = skipJoins(words, at);
        return next > at && (verbAt(words, skipHow(words, next)).isPresent() || isOffHeat(words, next));
    }

    private static int skipJoins(Words words, int at) {
        int i = at;
        while (Set.of(",", "and", "then", "&", ".", "+", "-").contains(words.plain(i))) {
            i++;
        }
        return i;
    }

    private static Optional<Verb> verbAt(Words words, int at) {
        String word = words.plain(at).replace(".", "");
        Verb verb = Verb.BY_WORD.get(word);
        boolean figureNext = !words.plain(at + 1).isEmpty()
                && Character.isDigit(words.plain(at + 1).charAt(0));
        if (verb == null
                || ALSO_DESCRIBES.contains(word) && !figureNext && !AFTER_A_VERB.contains(words.plain(at + 1))) {
            return Optional.empty();
        }
        // "Heat: low" or "Reduce 500 ml stock" is read; "heat, 2 tbsp" of nothing is not a food either.
        return Optional.of(verb);
    }

    /** @param all the clause with the words that say how, before its verb */
    private StepClause clause(Words clause, Words all, boolean finishing) {
        Optional<Verb> found = verbAt(clause, 0);
        if (found.isEmpty()) {
            return new StepClause.Said(clause.typed());
        }
        Verb verb = found.get();
        return switch (verb) {
            case ADD -> goesIn(finishing ? Way.FINISH : Way.ADD, clause);
            case INTO ->
                Set.of("in", "into", "over", "through", "with").contains(clause.plain(1)) || hasAmount(clause)
                        ? goesIn(
                                roux(clause).isPresent()
                                        ? roux(clause).get()
                                        : finishing
                                                ? Way.FINISH
                                                : StepWords.mentions(clause, "slurry") ? Way.SLURRY : Way.ADD,
                                clause)
                        : new StepClause.Said(clause.typed());
            case DEGLAZE -> goesIn(Way.DEGLAZE, clause);
            case SLURRY -> goesIn(roux(clause).orElse(Way.SLURRY), clause);
            case ROUX -> goesIn(roux(clause).orElse(Way.ROUX), clause);
            case MAKE ->
                roux(clause).isPresent()
                        ? goesIn(roux(clause).get(), clause)
                        : StepWords.mentions(clause, "slurry")
                                ? goesIn(Way.SLURRY, clause)
                                : new StepClause.Said(clause.typed());
            case SEASON -> goesIn(Way.SEASON, clause);
            case FINISH -> goesIn(Way.FINISH, clause);
            case SWEAT, FRY ->
                new StepClause.Does(verb == Verb.SWEAT ? new Operation.Sweat(SWEATED) : new Operation.Fry(BROWNED));
            case HEAT -> hasAmount(clause) ? goesIn(Way.ADD, clause) : boils(all, Duration.ZERO);
            case SIMMER -> clause.plain(1).equals("down") ? reduces(clause) : simmers(all);
            case REDUCE -> reduces(clause);
            case BLEND -> new StepClause.Does(new Operation.Blend());
            case STRAIN -> new StepClause.Does(strains(clause));
            case PUSH ->
                mentionsAny(clause, "sieve", "strainer", "mill", "cloth", "chinois", "muslin", "colander")
                        ? new StepClause.Does(strains(clause))
                        : new StepClause.Said(clause.typed());
            case LET -> lets(clause, finishing);
            case COOL -> new StepClause.Does(new Operation.Cool(StepWords.coolTo(clause)));
            // "Once it has reduced by half, …": until then it boils.
            case SAY ->
                Set.of("once", "when").contains(clause.plain(0))
                        ? until(clause).orElseGet(() -> new StepClause.Said(clause.typed()))
                        : new StepClause.Said(clause.typed());
        };
    }

    /** Whether it is flour in fat, and how dark. */
    private static Optional<Way> roux(Words clause) {
        if (mentionsAny(clause, "manié", "manie", "kneaded")) {
            return Optional.of(Way.KNEADED);
        }
        if (!StepWords.mentions(clause, "roux")) {
            return Optional.empty();
        }
        if (mentionsAny(clause, "dark", "chocolate", "black")) {
            return Optional.of(Way.DARK_ROUX);
        }
        return Optional.of(mentionsAny(clause, "brown", "nutty", "hazelnut") ? Way.BROWN_ROUX : Way.ROUX);
    }

    /** "Let it bubble for 5 minutes", "leave to cool", "let down with 50 ml water". */
    private StepClause lets(Words clause, boolean finishing) {
        if (clause.plain(1).equals("down")) {
            return goesIn(finishing ? Way.FINISH : Way.ADD, clause);
        }
        for (int i = 1; i < Math.min(6, clause.size()); i++) {
            Optional<Verb> does = verbAt(clause, i);
            if (does.filter(v -> v == Verb.SIMMER || v == Verb.REDUCE || v == Verb.COOL)
                    .isPresent()) {
                return clause(clause.from(i), clause.from(i), finishing);
            }
        }
        return new StepClause.Said(clause.typed());
    }

    private boolean hasAmount(Words clause) {
        return !named(clause).isEmpty();
    }

    private StepClause goesIn(Way way, Words clause) {
        List<ReadLine.Understood> named = named(clause);
        boolean slurry = named.stream()
                        .anyMatch(food -> food.ingredient().group().equals("thickener")
                                && food.ingredient().starch().isPresent())
                && named.stream().anyMatch(food -> food.ingredient().key().equals("water"));
        return new StepClause.GoesIn(way == Way.ADD && slurry ? Way.SLURRY : way, named);
    }

    /**
     * The foods a clause names with their amounts: in brackets, behind a colon, with <em>with, of, in</em> or <em>into</em>
     * between them, the amount before its food or behind it.
     */
    private List<ReadLine.Understood> named(Words clause) {
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

    private StepClause simmers(Words clause) {
        Optional<Duration> time = StepWords.time(clause, 1, clause.size());
        Optional<StepClause> until = until(clause).or(() -> time.isPresent() ? Optional.empty() : boilsTo(clause));
        if (until.isPresent()) {
            return until.get();
        }
        boolean open = time.isEmpty() && (StepWords.mentions(clause, "until") || StepWords.mentions(clause, "till"));
        return open
                ? new StepClause.UnreadableStep(clause.typed(), "For how long? Say a time too, such as simmer 10 min.")
                : boils(clause, time.orElse(Duration.ZERO));
    }

    private static StepClause boils(Words clause, Duration time) {
        Optional<Activity> activity = activity(clause);
        Optional<Lid> lid = lidOf(clause);
        return new StepClause.Does(new Operation.SimmerFor(time, time.isZero() ? Optional.empty() : activity, lid));
    }

    private static Optional<Activity> activity(Words clause) {
        if (mentionsAny(clause, "bare", "barely", "gently", "gentle", "low", "lowest", "slowly", "slow")) {
            return Optional.of(Activity.BARE_SIMMER);
        }
        if (mentionsAny(clause, "lively", "brisk", "briskly", "strong")) {
            return Optional.of(Activity.LIVELY_SIMMER);
        }
        if (mentionsAny(clause, "hard", "rolling", "rapid", "rapidly", "vigorously", "vigorous", "fast", "boil")) {
            return Optional.of(Activity.ROLLING_BOIL);
        }
        return mentionsAny(clause, "simmer", "bubble") ? Optional.of(Activity.SIMMER) : Optional.empty();
    }

    /** "Until about a cup is left", "until syrupy", "until thick as cream". */
    private Optional<StepClause> until(Words clause) {
        for (int i = 0; i < clause.size(); i++) {
            if (Set.of("until", "till").contains(clause.plain(i))
                    || i == 0 && Set.of("once", "when").contains(clause.plain(i))) {
                for (int k = i + 1; k < clause.size(); k++) {
                    Optional<MeasuredAmount> amount = amount(clause, k);
                    if (amount.isPresent() && mentionsAny(clause, "left", "remains", "remain", "remaining")) {
                        return reducesTo(clause, k);
                    }
                }
                for (int k = i + 1; k < clause.size(); k++) {
                    if (Set.of("reduced", "reduce", "reduces", "down", "boiled").contains(clause.plain(k))
                            && Set.of("by", "to").contains(clause.plain(k + 1))) {
                        Optional<StepClause> reduced =
                                clause.plain(k + 1).equals("by") ? reducesBy(clause, k + 2) : reducesTo(clause, k + 2);
                        if (reduced.isPresent()) {
                            return reduced;
                        }
                    }
                }
                return StepWords.use(clause, i)
                        .map(use -> reduce(new Target.ForUse(use, Celsius.SERVED_WARM)))
                        .or(() -> StepWords.thickAs(clause)
                                .map(grade -> reduce(new Target.AtGrade(grade, Celsius.SERVED_WARM))));
            }
        }
        return Optional.empty();
    }

    /** "Boil to 105 °C": above where water boils it is the sugar that makes it so hot. */
    private static Optional<StepClause> boilsTo(Words clause) {
        for (int i = 1; i < clause.size(); i++) {
            Optional<Quantities.Quantity> number =
                    clause.plain(i - 1).matches("to|at|reaches") ? Quantities.at(clause, i) : Optional.empty();
            if (number.isEmpty()) {
                continue;
            }
            int unit = i + number.get().words();
            String scale = clause.plain(unit).replace("°", "").replace("degrees", "");
            String named = scale.isEmpty() ? clause.plain(unit + 1) : scale;
            boolean degrees = clause.plain(unit).startsWith("°")
                    || clause.plain(unit).equals("degrees")
                    || Set.of("c", "f").contains(scale);
            double celsius = named.startsWith("f")
                    ? (number.get().middle() - 32) / 1.8
                    : number.get().middle();
            if (degrees && celsius > HOTTER_THAN_WATER_C && celsius < MAX_BOILING_C) {
                return Optional.of(reduce(new Target.AtBoilingPoint(Celsius.of(celsius))));
            }
        }
        return Optional.empty();
    }

    private static final double HOTTER_THAN_WATER_C = 100.2;
    private static final double MAX_BOILING_C = 150;

    private StepClause reduces(Words clause) {
        if (mentionsAny(clause, "heat", "flame", "temperature") && !StepWords.mentions(clause, "over")) {
            return new StepClause.Said(clause.typed());
        }
        Optional<Duration> time = StepWords.time(clause, 1, clause.size());
        for (int i = 1; i < clause.size(); i++) {
            String word = clause.plain(i);
            boolean by = word.equals("by");
            if (by || word.equals("to")) {
                Optional<StepClause> doing = by ? reducesBy(clause, i + 1) : reducesTo(clause, i + 1);
                if (doing.isPresent()) {
                    return doing.get();
                }
            }
        }
        Optional<StepClause> until = until(clause);
        if (until.isPresent()) {
            return until.get();
        }
        Optional<Use> use = StepWords.use(clause, 1);
        if (use.isPresent()) {
            return reduce(new Target.ForUse(use.get(), Celsius.SERVED_WARM));
        }
        return time.isPresent()
                ? boils(clause, time.get())
                : new StepClause.UnreadableStep(
                        clause.typed(),
                        "How far? Say by half, by a third, to 600 g, to 400 ml, or to a glaze, pouring, toss, dip or spread.");
    }

    private Optional<StepClause> reducesBy(Words clause, int at) {
        if (amount(clause, at).isPresent()) {
            return Optional.of(new StepClause.UnreadableStep(
                    clause.typed(), "Say what is to be left: reduce to 600 g, or reduce by a part such as by half."));
        }
        return StepWords.part(clause, at).stream()
                .mapToObj(part -> fraction(clause, 1 - part))
                .findFirst();
    }

    private Optional<StepClause> reducesTo(Words clause, int at) {
        Optional<MeasuredAmount> amount = amount(clause, at);
        if (amount.isPresent()) {
            double count = amount.get().count();
            double grams = amount.get().unit().grams(count, Density.ofGramsPerMillilitre(1));
            if (!(grams > 0) || grams > MAX_GRAMS) {
                return Optional.of(new StepClause.UnreadableStep(clause.typed(), "Say an amount that a pot can hold."));
            }
            return Optional.of(reduce(
                    amount.get().unit().isVolume()
                            ? new Target.Yield(amount.get().unit().volume(count))
                            : new Target.Weight(amount.get().unit().mass(count, Density.ofGramsPerMillilitre(1)))));
        }
        int next = Set.of("a", "an", "the").contains(clause.plain(at)) ? at + 1 : at;
        Optional<Quantities.Quantity> number =
                Quantities.at(clause, clause.plain(at).equals("grade") ? at + 1 : at);
        if (clause.plain(at).equals("grade") && number.isPresent()) {
            double grade = number.get().middle();
            return Optional.of(
                    grade >= 0 && grade <= 9
                            ? reduce(new Target.AtGrade(Grade.of(grade), Celsius.SERVED_WARM))
                            : new StepClause.UnreadableStep(clause.typed(), "A grade lies between 0 and 9."));
        }
        if (number.isPresent()
                && StepWords.mentions(clause, "brix")
                && number.get().middle() > 0
                && number.get().middle() < 95) {
            return Optional.of(
                    reduce(new Target.AtBrix(Share.ofPercent(number.get().middle()))));
        }
        OptionalDouble part = StepWords.part(clause, at);
        if (part.isPresent()) {
            return Optional.of(fraction(clause, part.getAsDouble()));
        }
        return StepWords.use(clause, next).map(use -> reduce(new Target.ForUse(use, Celsius.SERVED_WARM)));
    }

    private static StepClause fraction(Words clause, double kept) {
        if (!(kept > 0 && kept < 1)) {
            return new StepClause.UnreadableStep(
                    clause.typed(), "Say a part between nothing and all, such as by half or by a third.");
        }
        Target.Basis basis = StepWords.mentions(clause, "volume")
                ? Target.Basis.VOLUME
                : StepWords.mentions(clause, "depth") ? Target.Basis.DEPTH : Target.Basis.WEIGHT;
        return reduce(new Target.Reduced(Share.of(kept), basis));
    }

    private static StepClause reduce(Target target) {
        return new StepClause.Does(new Operation.Reduce(target));
    }

    private Optional<MeasuredAmount> amount(Words words, int at) {
        int from = Set.of("about", "around", "roughly", "~").contains(words.plain(at)) ? at + 1 : at;
        return MeasuredAmount.at(words, from, habits.measures());
    }

    private static Operation strains(Words clause) {
        for (int i = 1; i < clause.size(); i++) {
            if (Set.of("leaving", "leave", "leaves").contains(clause.plain(i))) {
                Optional<MeasuredAmount> left = MeasuredAmount.at(clause, i + 1, Habits.NONE.measures());
                if (left.isPresent()
                        && !left.get().unit().isVolume()
                        && left.get().count() > 0
                        && left.get().unit().grams(left.get().count(), Density.ofGramsPerMillilitre(1)) < MAX_GRAMS) {
                    return new Operation.StrainLeaving(Mass.ofGrams(left.get()
                            .unit()
                            .mass(left.get().count(), Density.ofGramsPerMillilitre(1))
                            .grams()));
                }
            }
        }
        if (StepWords.mentions(clause, "fine")
                || StepWords.mentions(clause, "cloth")
                || StepWords.mentions(clause, "muslin")) {
            return FINE;
        }
        return StepWords.mentions(clause, "coarse") || StepWords.mentions(clause, "mill") ? COARSE : SIEVE;
    }
}
