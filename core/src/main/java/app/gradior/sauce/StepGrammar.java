package app.gradior.sauce;

import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.MeasuredAmount;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import app.gradior.pot.Lid;
import app.gradior.quantity.Density;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.sauce.StepClause.Way;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Reads lines that say what to do, by the grammar of this package. */
final class StepGrammar {
    /** Shares of water lost while vegetables soften or brown: estimates, weighed before and after. */
    static final Share SWEATED = Share.of(0.2);

    static final Share BROWNED = Share.of(0.4);

    /** What a household sieve holds back of solids and of liquid, fine cloth, and a coarse sieve or food mill. */
    private static final Operation.Strain SIEVE = new Operation.Strain(Share.of(0.6), Share.of(0.05));

    private static final Operation.Strain FINE = new Operation.Strain(Share.of(0.9), Share.of(0.08));
    private static final Operation.Strain COARSE = new Operation.Strain(Share.of(0.35), Share.of(0.03));

    private final NamedFoods foods;
    private final ReductionReader reductions;
    private final UnreadAmounts unread;

    StepGrammar(LineGrammar grammar, Habits habits) {
        this.foods = new NamedFoods(grammar);
        this.reductions = new ReductionReader(habits.measures());
        this.unread = new UnreadAmounts(habits.measures());
    }

    /** The clauses of a line; empty if it does not begin with a verb. */
    Optional<List<StepClause>> read(String typed) {
        Words words = Words.of(typed);
        boolean offHeat = isOffHeat(words, 0);
        if (!offHeat && StepVerb.at(words, StepVerb.skipHow(words, 0)).isEmpty()) {
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
            if (ReductionReader.lidOf(clause).isPresent()) {
                lid = ReductionReader.lidOf(clause);
            }
            if (!clause.isEmpty()) {
                StepClause doing =
                        under(asHard(clause(clause.from(StepVerb.skipHow(clause, 0)), clause, finishing), clause), lid);
                // What a thing is sweated, simmered or blended with goes in before.
                Optional<StepClause> before =
                        doing instanceof StepClause.Does && hasAmount(UnreadAmounts.withoutTarget(clause))
                                ? Optional.of(goesIn(Way.ADD, UnreadAmounts.withoutTarget(clause)))
                                : Optional.empty();
                before.ifPresent(doings::add);
                doings.add(doing);
                unread.in(clause, before.orElse(doing), doing instanceof StepClause.Does)
                        .ifPresent(doings::add);
            }
            from = end;
        }
        return Optional.of(doings);
    }

    /** How hard it is to be reduced, if the clause says so. */
    private static StepClause asHard(StepClause doing, Words clause) {
        return doing instanceof StepClause.Does does && does.operation() instanceof Operation.Reduce reduce
                ? new StepClause.Does(new Operation.Reduce(
                        reduce.target(), ReductionReader.activity(clause), ReductionReader.lidOf(clause)))
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

    /** The words of a step up to where one says how far it is to go: what is named behind is only compared with. */
    static String beforeTarget(String typed) {
        return String.join(" ", UnreadAmounts.withoutTarget(Words.of(typed)));
    }

    private static boolean isOffHeat(Words words, int at) {
        return words.plain(at).equals("off")
                && (words.plain(at + 1).equals("heat") || words.plain(at + 2).equals("heat"));
    }

    private boolean beginsClause(Words words, int at) {
        int next = skipJoins(words, at);
        return next > at && (StepVerb.at(words, StepVerb.skipHow(words, next)).isPresent() || isOffHeat(words, next));
    }

    private static int skipJoins(Words words, int at) {
        int i = at;
        while (Set.of(",", "and", "then", "&", ".", "+", "-").contains(words.plain(i))) {
            i++;
        }
        return i;
    }

    /** @param all the clause with the words that say how, before its verb */
    private StepClause clause(Words clause, Words all, boolean finishing) {
        Optional<StepVerb> found = StepVerb.at(clause, 0);
        if (found.isEmpty()) {
            return new StepClause.Said(clause.typed());
        }
        StepVerb verb = found.get();
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
                new StepClause.Does(verb == StepVerb.SWEAT ? new Operation.Sweat(SWEATED) : new Operation.Fry(BROWNED));
            case HEAT -> hasAmount(clause) ? goesIn(Way.ADD, clause) : ReductionReader.boils(all, Duration.ZERO);
            case SIMMER -> clause.plain(1).equals("down") ? reductions.reduces(clause) : reductions.simmers(all);
            case REDUCE -> reductions.reduces(clause);
            case BLEND -> new StepClause.Does(new Operation.Blend());
            case STRAIN -> new StepClause.Does(strains(clause));
            case PUSH ->
                StepWords.mentionsAny(clause, "sieve", "strainer", "mill", "cloth", "chinois", "muslin", "colander")
                        ? new StepClause.Does(strains(clause))
                        : new StepClause.Said(clause.typed());
            case LET -> lets(clause, finishing);
            case COOL -> new StepClause.Does(new Operation.Cool(StepWords.coolTo(clause)));
            // "Once it has reduced by half, …": until then it boils.
            case SAY ->
                Set.of("once", "when").contains(clause.plain(0))
                        ? reductions.until(clause).orElseGet(() -> new StepClause.Said(clause.typed()))
                        : new StepClause.Said(clause.typed());
        };
    }

    /** Whether it is flour in fat, and how dark. */
    private static Optional<Way> roux(Words clause) {
        if (StepWords.mentionsAny(clause, "manié", "manie", "kneaded")) {
            return Optional.of(Way.KNEADED);
        }
        if (!StepWords.mentions(clause, "roux")) {
            return Optional.empty();
        }
        if (StepWords.mentionsAny(clause, "dark", "chocolate", "black")) {
            return Optional.of(Way.DARK_ROUX);
        }
        return Optional.of(StepWords.mentionsAny(clause, "brown", "nutty", "hazelnut") ? Way.BROWN_ROUX : Way.ROUX);
    }

    /** "Let it bubble for 5 minutes", "leave to cool", "let down with 50 ml water". */
    private StepClause lets(Words clause, boolean finishing) {
        if (clause.plain(1).equals("down")) {
            return goesIn(finishing ? Way.FINISH : Way.ADD, clause);
        }
        for (int i = 1; i < Math.min(6, clause.size()); i++) {
            Optional<StepVerb> does = StepVerb.at(clause, i);
            if (does.filter(v -> v == StepVerb.SIMMER || v == StepVerb.REDUCE || v == StepVerb.COOL)
                    .isPresent()) {
                return clause(clause.from(i), clause.from(i), finishing);
            }
        }
        return new StepClause.Said(clause.typed());
    }

    private boolean hasAmount(Words clause) {
        return !foods.in(clause).isEmpty();
    }

    private StepClause goesIn(Way way, Words clause) {
        List<ReadLine.Understood> named = foods.in(clause);
        boolean slurry = named.stream()
                        .anyMatch(food -> food.ingredient().group().equals("thickener")
                                && food.ingredient().starch().isPresent())
                && named.stream().anyMatch(food -> food.ingredient().key().equals("water"));
        return new StepClause.GoesIn(way == Way.ADD && slurry ? Way.SLURRY : way, named);
    }

    static Operation strains(Words clause) {
        for (int i = 1; i < clause.size(); i++) {
            if (Set.of("leaving", "leave", "leaves").contains(clause.plain(i))) {
                Optional<MeasuredAmount> left = MeasuredAmount.at(clause, i + 1, Habits.NONE.measures());
                if (left.isPresent()
                        && !left.get().unit().isVolume()
                        && left.get().count() > 0
                        && left.get().unit().grams(left.get().count(), Density.ofGramsPerMillilitre(1))
                                < ReductionReader.MAX_GRAMS) {
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
