package app.gradior.recipe;

import app.gradior.measure.Ambiguity;
import app.gradior.measure.Assumption;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import app.gradior.plan.Knowledge;
import app.gradior.plan.OutOfReach;
import app.gradior.quantity.Interval;
import app.gradior.recipe.PublishedRecipe.Passage;
import app.gradior.recipe.ReadRecipe.Doubt;
import app.gradior.recipe.ReadRecipe.Question;
import app.gradior.recipe.ReadRecipe.Sentence;
import app.gradior.recipe.RecipeLine.Role;
import app.gradior.recipe.RecipeStep.Added;
import app.gradior.recipe.RecipeStep.Kind;
import app.gradior.sauce.StagedSauce;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Reads the method of a recipe sentence by sentence and follows what is in the pot, in the bowl and beside them. */
final class MethodReader {
    private static final int MAX_SENTENCES = 150;
    private static final double WHOLE = 0.999;

    /** Of less than this it hardly matters which food it is, g. */
    private static final double TELLS = 5;

    private final PublishedRecipe recipe;
    private final LineLedger ledger;
    private final PotOperations pot;
    private final MixingBowl bowl;
    private final BesideTheSauce beside;
    private final GoesIn goesIn;
    private final List<Sentence> sentences = new ArrayList<>();
    private final List<RecipeStep> steps = new ArrayList<>();

    /** Sentences that mix what a later one pours in, or that change how another cooks. */
    private final Set<Integer> told = new HashSet<>();

    /** What waits in a pan of its own while another is used. */
    private final List<RecipeStep> waiting = new ArrayList<>();

    private boolean offHeat;

    MethodReader(PublishedRecipe recipe, LineGrammar grammar, Habits habits) {
        this.recipe = recipe;
        List<RecipeLine> lines = new RecipeLines(grammar).of(recipe.ingredients());
        if (lines.isEmpty()) {
            onlyInTheMethod(recipe, grammar, lines);
        }
        this.ledger = new LineLedger(lines, grammar);
        this.pot = new PotOperations(habits, steps, ledger.questions(), told);
        this.bowl = new MixingBowl(ledger, pot);
        this.beside = new BesideTheSauce(ledger);
        this.goesIn = new GoesIn(ledger);
    }

    ReadRecipe read() {
        for (RecipeLine line : ledger.lines()) {
            if (line.role() == Role.UNREAD) {
                ledger.ask(Doubt.LINE_NOT_UNDERSTOOD, line.text(), line);
            } else if (line.foods().stream().anyMatch(MethodReader::isGuessed)) {
                ledger.ask(Doubt.LINE_GUESSED, line.text(), line);
            }
        }
        cutToClauses();
        for (int i = 0; i < ledger.clauses(); i++) {
            ledger.at(i);
            act(ledger.clause(i));
        }
        List<Sentence> judged = sentences.stream()
                .map(s -> new Sentence(s.index(), s.title(), s.text(), !does(s)))
                .toList();
        settleWhatIsLeft();
        if (sentences.isEmpty()) {
            ledger.questions().add(new Question(Doubt.NO_METHOD, recipe.name(), Optional.empty(), Optional.empty()));
        }
        if (steps.stream().allMatch(step -> step.adds().isEmpty())) {
            ledger.questions()
                    .add(new Question(Doubt.NOTHING_GOES_IN, recipe.name(), Optional.empty(), Optional.empty()));
        }
        List<RecipeLine> lines = ledger.lines().stream()
                .map(line -> beside.hasUsed(line) && ledger.left(line) > WHOLE ? line.as(Role.ASIDE) : line)
                .toList();
        List<RecipeStep> sized = new SizedSteps(steps).forTheSauce();
        outOfReach(sized);
        return new ReadRecipe(recipe, lines, judged, sized, ledger.questions());
    }

    private boolean does(Sentence sentence) {
        return told.contains(sentence.index()) || steps.stream().anyMatch(step -> step.sentence() == sentence.index());
    }

    /** Reductions that what is in the pot can't come to. */
    private void outOfReach(List<RecipeStep> sized) {
        List<Optional<StagedSauce.Result>> results = ReadRecipe.run(sized, UsualPot.CONDITIONS, Knowledge.NONE);
        for (int i = 0; i < sized.size(); i++) {
            Optional<OutOfReach> missed = results.get(i).flatMap(StagedSauce.Result::missed);
            Optional<Interval> claim = sized.get(i).claim();
            if (missed.filter(OutOfReach.ThickerAlready.class::isInstance).isPresent() && claim.isPresent()) {
                // It is as thick as that before: what is left of the sentence is its time.
                sized.set(i, sized.get(i).simmering(claim.get()));
            } else if (missed.isPresent()) {
                ledger.questions()
                        .add(new Question(
                                Doubt.OUT_OF_REACH,
                                sized.get(i).text(),
                                Optional.empty(),
                                Optional.of(sized.get(i).sentence())));
            }
        }
    }

    /** Words that were not read, or a food that is only like the one that was typed; how much a dash is, nobody asks here. */
    private static boolean isGuessed(ReadLine.Understood food) {
        return food.doubts().stream().anyMatch(doubt -> !doubt.settled() && doubt instanceof Ambiguity.NotUnderstood)
                || food.assumptions().stream().anyMatch(Assumption.ReadAs.class::isInstance)
                || food.mass().grams() >= TELLS && food.doubts().stream().anyMatch(MethodReader::isOfAnotherKind);
    }

    /** "2 cloves": as much garlic, or as much spice. */
    private static boolean isOfAnotherKind(Ambiguity doubt) {
        return doubt instanceof Ambiguity.WhichFood which
                && !which.settled()
                && which.choices().size() > 1
                && !which.choices().get(0).group().equals(which.choices().get(1).group());
    }

    private void cutToClauses() {
        List<MethodClause> clauses = new ArrayList<>();
        for (Passage passage : recipe.method()) {
            for (String text : Sentences.of(passage.text())) {
                int index = sentences.size();
                if (index < MAX_SENTENCES) {
                    sentences.add(new Sentence(index, passage.title(), text, false));
                    clauses.addAll(MethodClause.of(index, text));
                } else if (index == MAX_SENTENCES) {
                    // A book: what is told from here on is not followed, and said so.
                    sentences.add(new Sentence(index, passage.title(), text, false));
                    ledger.questions()
                            .add(new Question(
                                    Doubt.SENTENCE_NOT_UNDERSTOOD, text, Optional.empty(), Optional.of(index)));
                }
            }
        }
        ledger.follow(clauses);
    }

    /** Without a list of ingredients the amounts of the method are the lines. */
    private static void onlyInTheMethod(PublishedRecipe recipe, LineGrammar grammar, List<RecipeLine> lines) {
        for (Passage passage : recipe.method()) {
            for (String sentence : Sentences.of(passage.text())) {
                for (Portion.Amount amount : Portion.own(grammar, Words.of(sentence), Set.of())) {
                    boolean known = lines.stream()
                            .anyMatch(line ->
                                    line.has(i -> i.key().equals(amount.food().key())));
                    if (!known) {
                        lines.add(new RecipeLine(
                                lines.size(),
                                amount.text(),
                                Optional.empty(),
                                grammar.read(amount.text()),
                                Role.FROM_THE_METHOD));
                    }
                }
            }
        }
    }

    private void act(MethodClause clause) {
        Optional<MethodVerb> verb = clause.verb();
        lead(clause);
        if (beside.dependsOn(clause)) {
            beside.setAside(clause);
            return;
        }
        another(clause);
        if (verb.isEmpty()) {
            unspoken(clause);
            return;
        }
        if (beside.isAside(clause, verb.get(), pot)) {
            setAside(clause);
            return;
        }
        switch (verb.get()) {
            case SERVE, OVEN -> {
                setAside(clause);
                beside.goAway();
            }
            case SAY -> say(clause);
            case OFF -> off(clause);
            case COOL -> {
                if (!keeps(clause) && pot.isWet()) {
                    pot.cool(clause);
                }
            }
            case STRAIN -> {
                boolean sieve = clause.mentions(
                        "sieve", "strainer", "mill", "cloth", "chinois", "muslin", "colander", "cheesecloth");
                String word = clause.words().plain(MethodVerb.skipHow(clause.words(), 0));
                if (pot.isWet() && (sieve || Set.of("strain", "sieve", "filter").contains(word))) {
                    bowl.pour(clause, offHeat);
                    pot.strain(clause);
                }
            }
            case LET -> let(clause);
            default -> cook(clause, verb.get());
        }
    }

    /** What stands before the first verb: a condition that says how far, or where the next happens. */
    private void lead(MethodClause clause) {
        if (clause.lead().isEmpty()) {
            return;
        }
        if (clause.leads("heat", "fire") && clause.leads("off")
                || clause.leads("heat") && clause.leads("away", "remove", "from")) {
            offHeat = true;
        }
        pot.leadHint(clause);
        boolean condition = clause.leads("once", "when", "after", "as", "until");
        if (condition && pot.isWet() && !beside.isAway()) {
            pot.until("until " + clause.lead().typed(), clause);
        }
    }

    private void setAside(MethodClause clause) {
        beside.setAside(clause);
        if (clause.verb().filter(v -> v == MethodVerb.SERVE).isPresent()) {
            bowl.pour(clause, offHeat);
        }
    }

    /** A sentence without a verb of the kitchen: a remark, unless it alone names what is still to go in. */
    private void unspoken(MethodClause clause) {
        boolean opens = ledger.named(clause.words()).stream()
                .flatMap(hit -> hit.lines().stream())
                .map(ledger::line)
                .anyMatch(line -> ledger.left(line) > WHOLE && !ledger.comesAgain(line));
        if (opens && !beside.isAway()) {
            askSentence(clause);
        }
    }

    private void say(MethodClause clause) {
        String word = clause.words().plain(MethodVerb.skipHow(clause.words(), 0));
        if (Set.of("taste").contains(word) && clause.mentions("season", "seasoning", "salt")) {
            cook(clause, MethodVerb.SEASON);
        } else if (bringsWater(clause)
                || !Portion.own(ledger.grammar(), clause.beforeStop(), Set.of()).isEmpty()) {
            // An amount of something that goes nowhere is asked, never dropped.
            askSentence(clause);
        } else if (Set.of("lower", "raise", "increase", "decrease", "cover", "uncover")
                .contains(word)) {
            pot.hint(clause);
        }
    }

    private void askSentence(MethodClause clause) {
        ledger.ask(Doubt.SENTENCE_NOT_UNDERSTOOD, clause.typed(), clause);
    }

    /** Water that goes in without an amount: "fill the can halfway with water". */
    private boolean bringsWater(MethodClause clause) {
        boolean listed = ledger.lines().stream()
                .anyMatch(line -> line.has(food -> food.key().equals("water")));
        return clause.mentions("water")
                && !listed
                && !clause.mentions("ice", "cold", "salted", "rinse", "under", "bath", "pasta", "cooking");
    }

    private void off(MethodClause clause) {
        if (clause.mentions("lid", "cover")) {
            pot.hint(clause);
        } else if (clause.mentions("heat", "stove", "hob", "burner", "flame")) {
            boolean down = clause.mentions("down", "low", "up", "medium", "high", "lowest")
                    && !clause.mentions("off", "remove");
            if (down) {
                pot.hint(clause);
            } else {
                offHeat = true;
            }
        }
    }

    private static boolean keeps(MethodClause clause) {
        return clause.mentions(
                "store",
                "container",
                "airtight",
                "days",
                "week",
                "weeks",
                "month",
                "months",
                "jar",
                "jars",
                "up",
                "overnight");
    }

    /** "Let it bubble for 5 minutes", "leave to cool", "continue to simmer". */
    private void let(MethodClause clause) {
        Words words = clause.words();
        for (int i = MethodVerb.skipHow(words, 0) + 1; i < Math.min(words.size(), 8); i++) {
            String word = words.plain(i);
            Optional<MethodVerb> inner = MethodVerb.at(words, i).or(() -> gerund(word));
            if (inner.filter(v -> v == MethodVerb.SIMMER
                            || v == MethodVerb.REDUCE
                            || v == MethodVerb.COOL
                            || v == MethodVerb.FRY
                            || v == MethodVerb.SWEAT
                            || v == MethodVerb.HEAT && !word.equals("warm")
                            || v == MethodVerb.PUT
                            || v == MethodVerb.THICKEN)
                    .isPresent()) {
                if (inner.get() == MethodVerb.COOL) {
                    if (pot.isWet() && !keeps(clause)) {
                        pot.cool(clause);
                    }
                } else {
                    cook(clause, inner.get());
                }
                return;
            }
        }
        if (clause.mentions("thickens", "thickened", "thick", "reduced", "reduces") && pot.isWet()) {
            cook(clause, MethodVerb.SIMMER);
        }
    }

    private static Optional<MethodVerb> gerund(String word) {
        if (!word.endsWith("ing") || word.length() < 6) {
            return Optional.empty();
        }
        String stem = word.substring(0, word.length() - 3);
        return MethodVerb.at(Words.of(stem), 0)
                .or(() -> MethodVerb.at(Words.of(stem + "e"), 0))
                .or(() -> MethodVerb.at(Words.of(stem.substring(0, stem.length() - 1)), 0));
    }

    /** "In another pan": what is in the first waits, if it can go into the second later as it went into the first. */
    private void another(MethodClause clause) {
        boolean reduced = steps.stream().anyMatch(step -> step.kind() == Kind.REDUCE || step.kind() == Kind.STRAIN);
        boolean pan = isAnotherPan(clause.words()) || isAnotherPan(clause.lead());
        if (pan && !beside.isAway() && !reduced && waiting.isEmpty() && pot.isWet()) {
            waiting.addAll(steps);
            steps.clear();
            offHeat = false;
        }
    }

    private static boolean isAnotherPan(Words words) {
        for (int i = 0; i < words.size(); i++) {
            boolean other = Set.of("another", "separate", "second", "different", "other")
                    .contains(words.plain(i));
            for (int k = i + 1; other && k < i + 4; k++) {
                if (words.plain(k).replaceAll("[.!?]+$", "").matches("pan|saucepan|pot|skillet|casserole")) {
                    return true;
                }
            }
        }
        return false;
    }

    /** What waits goes in where a clause names it. */
    private void joinWaiting(MethodClause clause, MethodVerb verb) {
        if (waiting.isEmpty()) {
            return;
        }
        Set<Integer> held = new HashSet<>();
        waiting.forEach(
                step -> step.adds().forEach(added -> held.add(added.line().index())));
        boolean named = ledger.named(clause).stream()
                .anyMatch(hit -> hit.lines().stream().anyMatch(held::contains));
        boolean meant = clause.mentions("mixture", "liquid", "sauce", "infusion", "contents", "infused");
        if (verb == MethodVerb.PUT && (named || meant)) {
            steps.addAll(waiting);
            waiting.clear();
            told.add(clause.sentence());
        }
    }

    private void cook(MethodClause clause, MethodVerb verb) {
        joinWaiting(clause, verb);
        List<Added> in = goesIn.of(clause, verb);
        if (ledger.named(clause).stream()
                .flatMap(hit -> hit.lines().stream())
                .anyMatch(line -> ledger.line(line).role() == Role.UNREAD)) {
            // It puts in what is asked already.
            told.add(clause.sentence());
        }
        boolean mixes = verb == MethodVerb.PUT || verb == MethodVerb.LIQUIDISE || verb == MethodVerb.THICKEN;
        if (mixes && bowl.isFor(clause, in)) {
            bowl.mix(clause, in);
            told.add(clause.sentence());
            return;
        }
        if (bowl.pours(clause, verb, in)) {
            bowl.pour(clause, offHeat);
        }
        if (verb == MethodVerb.SEASON) {
            pot.season(clause, in.isEmpty() ? goesIn.toTaste(clause) : in);
            return;
        }
        boolean away = clause.mentions("heat") && clause.mentions("off", "away");
        boolean finishes =
                verb == MethodVerb.FINISH || away || offHeat && verb != MethodVerb.SIMMER && verb != MethodVerb.REDUCE;
        if (!in.isEmpty()) {
            pot.put(clause, in, verb, finishes);
        }
        if (clause.mentions("heat", "hob", "stove") && !clause.mentions("off", "away", "remove") && in.isEmpty()) {
            offHeat = false;
        }
        if (in.isEmpty() && verb == MethodVerb.PUT && bringsWater(clause)) {
            askSentence(clause);
        }
        boolean bare = in.isEmpty() && bowl.isEmpty();
        switch (verb) {
            case LIQUIDISE -> pot.blend(clause);
            case SWEAT, FRY, SIMMER, REDUCE, HEAT, THICKEN -> {
                if (!bowl.isEmpty() && !pot.isWet()) {
                    bowl.pour(clause, offHeat);
                }
                if (verb != MethodVerb.HEAT || pot.isWet()) {
                    offHeat &= verb == MethodVerb.HEAT && bare;
                }
                pot.cook(clause, verb);
            }
            default -> pot.stir(clause);
        }
        if (clause.mentions("heat", "hob", "stove") && (clause.mentions("off") || clause.mentions("remove"))) {
            offHeat = true;
        }
    }

    /** What no sentence has put in: it goes in first, and is asked; seasonings go in at the end. */
    private void settleWhatIsLeft() {
        MethodClause last = ledger.clauses() == 0
                ? new MethodClause(0, Words.of(""), Words.of(""), Optional.empty(), true)
                : ledger.clause(ledger.clauses() - 1);
        bowl.pour(last, offHeat);
        steps.addAll(0, waiting);
        waiting.clear();
        List<Added> first = new ArrayList<>();
        List<Added> seasons = new ArrayList<>();
        for (RecipeLine line : List.copyOf(ledger.lines())) {
            double there = ledger.left(line);
            boolean wholly = there > WHOLE;
            if (there <= 0 || wholly && beside.hasUsed(line)) {
                continue;
            }
            boolean taste = line.is(i -> LineLedger.isSeasoning(i, "salt") || LineLedger.isSeasoning(i, "pepper"))
                    || line.foods().stream().allMatch(ReadLine.Understood::followsTheSauce);
            if (!sentences.isEmpty()) {
                ledger.ask(wholly ? Doubt.LINE_NOT_IN_METHOD : Doubt.HOW_MUCH_OF_IT, line.text(), line);
            }
            (taste ? seasons : first).add(ledger.take(line, there));
        }
        pot.first(first);
        if (!seasons.isEmpty()) {
            pot.season(last, seasons);
        }
    }
}
