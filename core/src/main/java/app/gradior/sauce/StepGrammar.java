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
import app.gradior.sauce.Doing.Way;
import app.gradior.thickness.Grade;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
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

    private enum Verb {
        ADD("add", "put", "tip", "melt", "combine", "return"),
        /** Something goes in only where "in" follows. */
        INTO("pour", "stir", "whisk", "fold", "beat", "mix", "drop", "swirl"),
        DEGLAZE("deglaze"),
        SWEAT("sweat", "soften"),
        FRY("fry", "sauté", "saute", "sear", "brown", "toast"),
        HEAT("bring", "heat"),
        SIMMER("simmer", "cook", "poach", "infuse", "steep", "boil", "bubble"),
        REDUCE("reduce"),
        SLURRY("slurry", "thicken"),
        BLEND("blend", "purée", "puree", "whizz", "blitz", "liquidise", "liquidize"),
        STRAIN("strain", "sieve", "pass"),
        SEASON("season"),
        FINISH("finish"),
        COOL("cool", "chill", "refrigerate"),
        SAY(
                "skim",
                "taste",
                "serve",
                "set",
                "leave",
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
                "check",
                "adjust",
                "scrape",
                "transfer",
                "wipe",
                "label",
                "brush",
                "garnish",
                "let",
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
            Set.of("brown", "cool", "toast", "mix", "beat", "drop", "set", "rest");

    private static final Set<String> AFTER_A_VERB = Set.of(
            "in",
            "with",
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
    Optional<List<Doing>> read(String typed) {
        Words words = Words.of(typed);
        boolean offHeat = isOffHeat(words, 0);
        if (!offHeat && verbAt(words, 0).isEmpty()) {
            return Optional.empty();
        }
        List<Doing> doings = new ArrayList<>();
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
            if (!clause.isEmpty()) {
                // What a thing is sweated or browned in goes in before.
                boolean inFat = verbAt(clause, 0)
                        .filter(v -> v == Verb.SWEAT || v == Verb.FRY)
                        .isPresent();
                if (inFat && hasAmount(clause)) {
                    doings.add(goesIn(Way.ADD, clause));
                }
                doings.add(clause(clause, finishing));
            }
            from = end;
        }
        return Optional.of(doings);
    }

    private static boolean isOffHeat(Words words, int at) {
        return words.plain(at).equals("off")
                && (words.plain(at + 1).equals("heat") || words.plain(at + 2).equals("heat"));
    }

    private boolean beginsClause(Words words, int at) {
        int next = skipJoins(words, at);
        return next > at && (verbAt(words, next).isPresent() || isOffHeat(words, next));
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
        if (verb == null || ALSO_DESCRIBES.contains(word) && !AFTER_A_VERB.contains(words.plain(at + 1))) {
            return Optional.empty();
        }
        // "Heat: low" or "Reduce 500 ml stock" is read; "heat, 2 tbsp" of nothing is not a food either.
        return Optional.of(verb);
    }

    private Doing clause(Words clause, boolean finishing) {
        Optional<Verb> found = verbAt(clause, 0);
        if (found.isEmpty()) {
            return new Doing.Said(clause.typed());
        }
        Verb verb = found.get();
        return switch (verb) {
            case ADD -> goesIn(finishing ? Way.FINISH : Way.ADD, clause);
            case INTO ->
                Set.of("in", "into", "over", "through").contains(clause.plain(1)) || hasAmount(clause)
                        ? goesIn(
                                finishing ? Way.FINISH : StepWords.mentions(clause, "slurry") ? Way.SLURRY : Way.ADD,
                                clause)
                        : new Doing.Said(clause.typed());
            case DEGLAZE -> goesIn(Way.DEGLAZE, clause);
            case SLURRY -> goesIn(Way.SLURRY, clause);
            case SEASON -> goesIn(Way.SEASON, clause);
            case FINISH -> goesIn(Way.FINISH, clause);
            case SWEAT, FRY ->
                new Doing.Does(verb == Verb.SWEAT ? new Operation.Sweat(SWEATED) : new Operation.Fry(BROWNED));
            case HEAT -> hasAmount(clause) ? goesIn(Way.ADD, clause) : boils(clause, Duration.ZERO);
            case SIMMER -> clause.plain(1).equals("down") ? reduces(clause) : simmers(clause);
            case REDUCE -> reduces(clause);
            case BLEND -> new Doing.Does(new Operation.Blend());
            case STRAIN -> new Doing.Does(strains(clause));
            case COOL -> new Doing.Does(new Operation.Cool(StepWords.coolTo(clause)));
            case SAY -> new Doing.Said(clause.typed());
        };
    }

    private boolean hasAmount(Words clause) {
        return !named(clause).isEmpty();
    }

    private Doing goesIn(Way way, Words clause) {
        return new Doing.GoesIn(way, named(clause));
    }

    /** The foods a clause names with their amounts. */
    private List<ReadLine.Understood> named(Words clause) {
        int from = 1;
        while (Set.of("in", "into", "with", "the", "over", "down").contains(clause.plain(from))) {
            from++;
        }
        int end = from;
        while (end < clause.size() && !STOPS.contains(clause.plain(end)) && !timeAt(clause, end)) {
            end++;
        }
        List<ReadLine.Understood> foods = new ArrayList<>();
        String words = clause.until(end).from(from).typed();
        if (!words.isBlank()) {
            food(words, foods);
        }
        return foods;
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

    private Doing simmers(Words clause) {
        Optional<Duration> time = StepWords.time(clause, 1, clause.size());
        boolean open = time.isEmpty() && (StepWords.mentions(clause, "until") || StepWords.mentions(clause, "till"));
        return open
                ? new Doing.Puzzle(clause.typed(), "For how long? Say a time too, such as simmer 10 min.")
                : boils(clause, time.orElse(Duration.ZERO));
    }

    private static Doing boils(Words clause, Duration time) {
        Optional<Activity> activity = StepWords.mentions(clause, "bare")
                        || StepWords.mentions(clause, "barely")
                        || StepWords.mentions(clause, "gently")
                ? Optional.of(Activity.BARE_SIMMER)
                : StepWords.mentions(clause, "lively")
                        ? Optional.of(Activity.LIVELY_SIMMER)
                        : clause.plain(0).equals("boil")
                                        || StepWords.mentions(clause, "hard")
                                        || StepWords.mentions(clause, "rolling")
                                ? Optional.of(Activity.ROLLING_BOIL)
                                : clause.plain(0).equals("simmer") ? Optional.of(Activity.SIMMER) : Optional.empty();
        Optional<Lid> lid = StepWords.mentions(clause, "ajar")
                ? Optional.of(Lid.AJAR)
                : StepWords.mentions(clause, "uncovered")
                        ? Optional.of(Lid.OFF)
                        : StepWords.mentions(clause, "covered") || StepWords.mentions(clause, "lid")
                                ? Optional.of(Lid.ON)
                                : Optional.empty();
        return new Doing.Does(new Operation.SimmerFor(time, time.isZero() ? Optional.empty() : activity, lid));
    }

    private Doing reduces(Words clause) {
        Optional<Duration> time = StepWords.time(clause, 1, clause.size());
        for (int i = 1; i < clause.size(); i++) {
            String word = clause.plain(i);
            boolean by = word.equals("by");
            if (by || word.equals("to")) {
                Optional<Doing> doing = by ? reducesBy(clause, i + 1) : reducesTo(clause, i + 1);
                if (doing.isPresent()) {
                    return doing.get();
                }
            }
        }
        Optional<Use> use = StepWords.use(clause, 1);
        if (use.isPresent()) {
            return reduce(new Target.ForUse(use.get(), Celsius.SERVED_WARM));
        }
        return time.isPresent()
                ? boils(clause, time.get())
                : new Doing.Puzzle(
                        clause.typed(),
                        "How far? Say by half, by a third, to 600 g, to 400 ml, or to a glaze, pouring, toss, dip or spread.");
    }

    private Optional<Doing> reducesBy(Words clause, int at) {
        if (amount(clause, at).isPresent()) {
            return Optional.of(new Doing.Puzzle(
                    clause.typed(), "Say what is to be left: reduce to 600 g, or reduce by a part such as by half."));
        }
        return StepWords.part(clause, at).stream()
                .mapToObj(part -> fraction(clause, 1 - part))
                .findFirst();
    }

    private Optional<Doing> reducesTo(Words clause, int at) {
        Optional<MeasuredAmount> amount = amount(clause, at);
        if (amount.isPresent()) {
            double count = amount.get().count();
            if (!(count > 0) || count > 300_000) {
                return Optional.of(new Doing.Puzzle(clause.typed(), "Say an amount that a pot can hold."));
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
                            : new Doing.Puzzle(clause.typed(), "A grade lies between 0 and 9."));
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

    private static Doing fraction(Words clause, double kept) {
        if (!(kept > 0 && kept < 1)) {
            return new Doing.Puzzle(
                    clause.typed(), "Say a part between nothing and all, such as by half or by a third.");
        }
        Target.Basis basis = StepWords.mentions(clause, "volume")
                ? Target.Basis.VOLUME
                : StepWords.mentions(clause, "depth") ? Target.Basis.DEPTH : Target.Basis.WEIGHT;
        return reduce(new Target.Reduced(Share.of(kept), basis));
    }

    private static Doing reduce(Target target) {
        return new Doing.Does(new Operation.Reduce(target));
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
                        && left.get().count() < 1e6) {
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
