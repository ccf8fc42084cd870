package app.gradior.recipe;

import app.gradior.food.Ingredient;
import app.gradior.measure.Ambiguity;
import app.gradior.measure.Assumption;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import app.gradior.plan.Knowledge;
import app.gradior.quantity.Share;
import app.gradior.recipe.PublishedRecipe.Passage;
import app.gradior.recipe.ReadRecipe.Doubt;
import app.gradior.recipe.ReadRecipe.Question;
import app.gradior.recipe.ReadRecipe.Sentence;
import app.gradior.recipe.RecipeLine.Role;
import app.gradior.recipe.RecipeStep.Added;
import app.gradior.recipe.RecipeStep.Kind;
import app.gradior.sauce.StagedSauce;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Reads the method of a recipe sentence by sentence and follows what is in the pot, in the bowl and beside them. */
final class MethodReader {
    private static final int MAX_SENTENCES = 150;
    private static final double ALL_OF_IT = 0.999;

    private final PublishedRecipe recipe;
    private final LineGrammar grammar;
    private final Habits habits;
    private final List<RecipeLine> lines;
    private final LineNames names;
    private final List<MethodClause> clauses = new ArrayList<>();
    private final List<Sentence> sentences = new ArrayList<>();
    private final List<RecipeStep> steps = new ArrayList<>();
    private final List<Question> questions = new ArrayList<>();
    private final Map<Integer, Double> left = new HashMap<>();
    private final Set<Integer> usedAside = new HashSet<>();
    /** Which clauses name a line, as indices of {@link #clauses}. */
    private final Map<Integer, List<Integer>> namedIn = new HashMap<>();

    private final PotOperations pot;

    /** Sentences that mix what a later one pours in, or that change how another cooks. */
    private final Set<Integer> told = new HashSet<>();

    private final List<Added> bowl = new ArrayList<>();
    private String bowlText = "";
    private boolean kneaded;
    private boolean aside;
    private int asideSince = -1;
    private int conditionalIn = -1;

    /** What waits in a pan of its own while another is used. */
    private final List<RecipeStep> waiting = new ArrayList<>();

    private boolean offHeat;
    private int at;

    MethodReader(PublishedRecipe recipe, LineGrammar grammar, Habits habits) {
        this.recipe = recipe;
        this.grammar = grammar;
        this.habits = habits;
        this.lines = new RecipeLines(grammar).of(recipe.ingredients());
        if (lines.isEmpty()) {
            onlyInTheMethod();
        }
        this.names = new LineNames(lines);
        this.pot = new PotOperations(habits, steps, questions, told);
    }

    ReadRecipe read() {
        for (RecipeLine line : lines) {
            if (line.role() == Role.UNREAD) {
                questions.add(new Question(
                        Doubt.LINE_NOT_UNDERSTOOD, line.text(), Optional.of(line.index()), Optional.empty()));
            } else if (line.isOfTheSauce()) {
                left.put(line.index(), 1.0);
                if (line.foods().stream().anyMatch(MethodReader::isGuessed)) {
                    ask(Doubt.LINE_GUESSED, line.text(), line);
                }
            }
        }
        cutToClauses();
        List<Integer> silent = new ArrayList<>();
        int before = -1;
        for (at = 0; at < clauses.size(); at++) {
            MethodClause clause = clauses.get(at);
            if (clause.sentence() != before) {
                before = clause.sentence();
            }
            act(clause);
        }
        for (Sentence sentence : sentences) {
            boolean does = told.contains(sentence.index())
                    || steps.stream().anyMatch(step -> step.sentence() == sentence.index());
            if (!does) {
                silent.add(sentence.index());
            }
        }
        settleWhatIsLeft();
        if (sentences.isEmpty()) {
            questions.add(new Question(Doubt.NO_METHOD, recipe.name(), Optional.empty(), Optional.empty()));
        }
        List<Sentence> told = sentences.stream()
                .map(s -> new Sentence(s.index(), s.title(), s.text(), silent.contains(s.index())))
                .toList();
        List<RecipeLine> roles = lines.stream()
                .map(line -> usedAside.contains(line.index()) && left.getOrDefault(line.index(), 0.0) > ALL_OF_IT
                        ? line.as(Role.ASIDE)
                        : line)
                .toList();
        List<RecipeStep> sized = new SizedSteps(steps).forTheSauce();
        outOfReach(sized);
        return new ReadRecipe(recipe, roles, told, sized, questions);
    }

    /** Reductions that what is in the pot can't come to. */
    private void outOfReach(List<RecipeStep> sized) {
        List<Optional<StagedSauce.Result>> results = ReadRecipe.run(sized, UsualPot.CONDITIONS, Knowledge.NONE);
        for (int i = 0; i < sized.size(); i++) {
            if (results.get(i).flatMap(StagedSauce.Result::missed).isPresent()) {
                questions.add(new Question(
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
                || food.assumptions().stream().anyMatch(Assumption.ReadAs.class::isInstance);
    }

    private void cutToClauses() {
        for (Passage passage : recipe.method()) {
            for (String text : Sentences.of(passage.text())) {
                if (sentences.size() < MAX_SENTENCES) {
                    int index = sentences.size();
                    sentences.add(new Sentence(index, passage.title(), text, false));
                    clauses.addAll(MethodClause.of(index, text));
                }
            }
        }
        for (int i = 0; i < clauses.size(); i++) {
            for (LineNames.Hit hit : names.in(clauses.get(i).beforeStop())) {
                for (int line : hit.lines()) {
                    namedIn.computeIfAbsent(line, k -> new ArrayList<>()).add(i);
                }
            }
        }
    }

    /** Without a list of ingredients the amounts of the method are the lines. */
    private void onlyInTheMethod() {
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

    private RecipeLine line(int index) {
        return lines.get(index);
    }

    private void ask(Doubt doubt, String about, RecipeLine line) {
        questions.add(new Question(doubt, about, Optional.of(line.index()), Optional.empty()));
    }

    private void act(MethodClause clause) {
        Optional<MethodVerb> verb = clause.verb();
        lead(clause);
        if (isOnCondition(clause)) {
            // "If it is too thick, …" holds to the end of the sentence, "… if needed" for its clause.
            conditionalIn = clause.leads("if") ? clause.sentence() : -1;
            setAside(clause);
            return;
        }
        if (conditionalIn == clause.sentence()) {
            setAside(clause);
            return;
        }
        another(clause);
        if (verb.isEmpty()) {
            unspoken(clause);
            return;
        }
        if (isAside(clause, verb.get())) {
            setAside(clause);
            return;
        }
        switch (verb.get()) {
            case SERVE, OVEN -> {
                setAside(clause);
                aside = true;
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
                    pourBowl(clause);
                    pot.strain(clause);
                }
            }
            case LET -> let(clause);
            default -> cook(clause, verb.get());
        }
    }

    /** "If it is too thick, add a splash of water": nobody knows yet whether it will be. */
    private static boolean isOnCondition(MethodClause clause) {
        String typed = clause.typed().toLowerCase(Locale.ROOT);
        if (typed.matches(
                        ".*\\bif (it is |it's )?(needed|necessary|desired|required|liked|you (like|wish|want|prefer)|too|the sauce)\\b.*")
                || typed.matches(".*\\b(as needed|optional)\\b.*")) {
            return true;
        }
        return (clause.leads("if") || clause.words().plain(0).equals("if"))
                && clause.leads(
                        "thick",
                        "thin",
                        "needed",
                        "necessary",
                        "like",
                        "prefer",
                        "too",
                        "wish",
                        "want",
                        "desired",
                        "not",
                        "looks",
                        "seems",
                        "becomes",
                        "gets",
                        "making");
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
        if (condition && pot.isWet() && !aside) {
            pot.until("until " + clause.lead().typed(), clause);
        }
    }

    /** A sentence without a verb of the kitchen: a remark, unless it names what is still to go in. */
    private void unspoken(MethodClause clause) {
        boolean opens = names.in(clause.words()).stream()
                .flatMap(hit -> hit.lines().stream())
                .anyMatch(line -> left.getOrDefault(line, 0.0) > ALL_OF_IT);
        if (opens && !aside && namedLaterOnly(clause)) {
            questions.add(new Question(
                    Doubt.SENTENCE_NOT_UNDERSTOOD, clause.typed(), Optional.empty(), Optional.of(clause.sentence())));
        }
    }

    private boolean namedLaterOnly(MethodClause clause) {
        return names.in(clause.words()).stream()
                .flatMap(hit -> hit.lines().stream())
                .anyMatch(line -> left.getOrDefault(line, 0.0) > ALL_OF_IT
                        && namedIn.getOrDefault(line, List.of()).stream().noneMatch(other -> other > at));
    }

    private boolean isAside(MethodClause clause, MethodVerb verb) {
        Words words = clause.beforeStop();
        // The verb itself may be such a word: "toast the spices".
        int behind = MethodVerb.skipHow(words, 0) + 1;
        int object = AsideWords.first(words.from(behind));
        object = object < 0 ? object : object + behind;
        List<LineNames.Hit> hits = names.in(words);
        boolean sameSentence = asideSince == clause.sentence();
        int sauce = hits.stream()
                .filter(hit -> hit.lines().stream().anyMatch(l -> line(l).isOfTheSauce()))
                // "Score the duck and season with salt": what any food is seasoned and fried with is not the sauce's
                // yet.
                .filter(hit -> !(aside && sameSentence && hit.lines().stream().allMatch(l -> isPlain(line(l)))))
                .mapToInt(LineNames.Hit::from)
                .findFirst()
                .orElse(Integer.MAX_VALUE);
        int beside = hits.stream()
                .filter(hit -> hit.lines().stream().allMatch(l -> line(l).role() == Role.ASIDE))
                .mapToInt(LineNames.Hit::from)
                .findFirst()
                .orElse(Integer.MAX_VALUE);
        object = Math.min(object < 0 ? Integer.MAX_VALUE : object, beside);
        boolean sauceNamed = sauce < Integer.MAX_VALUE
                || clause.mentions(
                        "sauce", "gravy", "saucepan", "liquid", "juices", "glaze", "marinade", "dressing", "reduction");
        if (object < Integer.MAX_VALUE && object < sauce) {
            boolean intoTheSauce = pot.isWet()
                    && (verb == MethodVerb.PUT || verb == MethodVerb.SAY || verb == MethodVerb.OFF)
                    && !clause.mentions("plate", "platter", "oven");
            aside = !intoTheSauce;
            asideSince = clause.sentence();
            return true;
        }
        if (clause.typed()
                .toLowerCase(Locale.ROOT)
                .matches(".*\\b(salted water|(pot|pan|saucepan|kettle) of ([a-z-]+ ){0,3}water)\\b.*")) {
            aside = true;
            asideSince = clause.sentence();
            return true;
        }
        if (sauceNamed || clause.leads("sauce", "gravy", "pan", "saucepan")) {
            aside = false;
        }
        if (aside
                && clause.mentions("pan", "saucepan", "skillet", "pot")
                && verb != MethodVerb.OFF
                && !clause.mentions("from")) {
            aside = false;
        }
        return aside && verb != MethodVerb.DEGLAZE;
    }

    private static boolean isPlain(RecipeLine line) {
        return line.is(food -> food.group().equals("fat") || isSeasoning(food, "salt") || isSeasoning(food, "pepper"));
    }

    /** What only goes with what is beside the sauce is not of the sauce. */
    private void setAside(MethodClause clause) {
        for (LineNames.Hit hit : names.in(clause.beforeStop())) {
            hit.lines().forEach(usedAside::add);
        }
        if (clause.verb().filter(v -> v == MethodVerb.SERVE).isPresent()) {
            pourBowl(clause);
        }
    }

    private void say(MethodClause clause) {
        String word = clause.words().plain(MethodVerb.skipHow(clause.words(), 0));
        if (Set.of("taste").contains(word) && clause.mentions("season", "seasoning", "salt")) {
            cook(clause, MethodVerb.SEASON);
        } else if (!Portion.own(grammar, clause.beforeStop(), Set.of()).isEmpty()) {
            // An amount of something that goes nowhere is asked, never dropped.
            questions.add(new Question(
                    Doubt.SENTENCE_NOT_UNDERSTOOD, clause.typed(), Optional.empty(), Optional.of(clause.sentence())));
        } else if (Set.of("lower", "raise", "increase", "decrease", "cover", "uncover")
                .contains(word)) {
            pot.hint(clause);
        }
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
        if (pan && !aside && !reduced && waiting.isEmpty() && pot.isWet()) {
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
        boolean named = names.in(clause.beforeStop()).stream()
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
        List<Added> in = goesIn(clause, verb);
        boolean mixes = verb == MethodVerb.PUT || verb == MethodVerb.LIQUIDISE || verb == MethodVerb.THICKEN;
        if (mixes && isForTheBowl(clause, in)) {
            bowl.addAll(in);
            told.add(clause.sentence());
            bowlText = clause.typed();
            kneaded |= clause.mentions("knead", "kneaded", "manié", "manie");
            return;
        }
        if (pours(clause, verb, in)) {
            pourBowl(clause);
        }
        if (verb == MethodVerb.SEASON) {
            pot.season(clause, in.isEmpty() ? toTaste(clause) : in);
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
        boolean bare = in.isEmpty() && bowl.isEmpty();
        switch (verb) {
            case LIQUIDISE -> pot.blend(clause);
            case SWEAT, FRY, SIMMER, REDUCE, HEAT, THICKEN -> {
                if (!bowl.isEmpty() && !pot.isWet()) {
                    pourBowl(clause);
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

    private List<Added> toTaste(MethodClause clause) {
        List<Added> in = new ArrayList<>();
        for (String food : List.of("salt", "pepper")) {
            boolean said = clause.mentions(food) || food.equals("salt") && clause.mentions("salt");
            boolean listed = lines.stream().anyMatch(line -> line.has(i -> isSeasoning(i, food)));
            if (said && !listed) {
                in.add(new Added(bring(food + ", to taste"), Share.ALL));
            }
        }
        if (!clause.mentions("salt", "pepper") && in.isEmpty()) {
            for (RecipeLine line : lines) {
                boolean plain = line.is(i -> isSeasoning(i, "salt") || isSeasoning(i, "pepper"));
                if (plain && left.getOrDefault(line.index(), 0.0) > 0 && !namedLater(line)) {
                    in.add(take(line, left.get(line.index())));
                }
            }
        }
        return in;
    }

    private static boolean isSeasoning(Ingredient ingredient, String word) {
        return word.equals("salt")
                ? Set.of("fine-salt", "coarse-flake-salt").contains(ingredient.key())
                : Set.of("black-pepper", "white-pepper").contains(ingredient.key());
    }

    /** A food that only the method names, as a line of its own. */
    private RecipeLine bring(String text) {
        RecipeLine line =
                new RecipeLine(lines.size(), text, Optional.empty(), grammar.read(text), Role.FROM_THE_METHOD);
        lines.add(line);
        left.put(line.index(), 0.0);
        return line;
    }

    private Added take(RecipeLine line, double part) {
        double there = left.getOrDefault(line.index(), 0.0);
        double taken = Math.min(part, there);
        double rest = there - taken;
        left.put(line.index(), rest < 1e-6 ? 0 : rest);
        return new Added(line, Share.of(taken));
    }

    private boolean namedLater(RecipeLine line) {
        return namedIn.getOrDefault(line.index(), List.of()).stream().anyMatch(clause -> clause > at && putsIn(clause));
    }

    private boolean putsIn(int clause) {
        return clauses.get(clause)
                .verb()
                .filter(v -> v != MethodVerb.SAY && v != MethodVerb.OFF && v != MethodVerb.STRAIN)
                .isPresent();
    }

    /** What a clause puts in: lines it names in whole or in part, all that are left, amounts of its own. */
    private List<Added> goesIn(MethodClause clause, MethodVerb verb) {
        Words words = clause.beforeStop();
        List<Added> in = new ArrayList<>();
        Set<Integer> amountsUsed = new HashSet<>();
        for (LineNames.Hit hit : names.in(words)) {
            one(clause, verb, words, hit, amountsUsed, in);
        }
        all(clause, words, in);
        own(clause, words, amountsUsed, in);
        return in;
    }

    private void one(
            MethodClause clause,
            MethodVerb verb,
            Words words,
            LineNames.Hit hit,
            Set<Integer> amountsUsed,
            List<Added> in) {
        if (isExcepted(words, hit.from())) {
            return;
        }
        List<RecipeLine> open = hit.lines().stream()
                .map(this::line)
                .filter(RecipeLine::isOfTheSauce)
                .filter(line -> left.getOrDefault(line.index(), 0.0) > 0)
                .filter(line -> in.stream().noneMatch(added -> added.line().index() == line.index()))
                .toList();
        if (open.isEmpty()) {
            // The amount, if one stands here, is of what is in the pot already.
            Portion.amountBefore(grammar, words, hit).ifPresent(amount -> {
                amountsUsed.add(amount.at());
                more(clause, hit, amount, in);
            });
            return;
        }
        RecipeLine line = verb == MethodVerb.SEASON
                ? open.stream()
                        .filter(l -> l.has(i -> i.group().equals("spice") || isSeasoning(i, "salt")))
                        .findFirst()
                        .orElse(open.get(0))
                : open.get(0);
        boolean several = open.stream().map(RecipeLine::food).distinct().count() > 1;
        if (several && Portion.isPlural(words, hit)) {
            for (RecipeLine each : open) {
                in.add(take(each, left.get(each.index())));
            }
            return;
        }
        if (several && verb != MethodVerb.SEASON) {
            questions.add(new Question(
                    Doubt.WHICH_LINE,
                    String.join(" ", hit.name()),
                    Optional.of(line.index()),
                    Optional.of(clause.sentence())));
        }
        Portion.Part part = Portion.before(words, hit.from());
        Optional<Portion.Amount> amount =
                part == Portion.Part.UNSURE ? Optional.empty() : Portion.amountBefore(grammar, words, hit);
        if (amount.isPresent()) {
            amountsUsed.add(amount.get().at());
            double share =
                    amount.get().mass().grams() / Math.max(1e-9, line.mass().grams());
            double there = left.get(line.index());
            if (share > there * 1.15 + 0.02) {
                questions.add(new Question(
                        Doubt.MORE_THAN_LISTED,
                        words.until(hit.to()).from(amount.get().at()).typed(),
                        Optional.of(line.index()),
                        Optional.of(clause.sentence())));
            }
            in.add(take(line, Math.abs(share - there) < 0.12 * there ? there : share));
            return;
        }
        if (part == Portion.Part.UNSURE) {
            questions.add(new Question(
                    Doubt.HOW_MUCH_OF_IT,
                    words.until(hit.to()).from(Math.max(0, hit.from() - 3)).typed(),
                    Optional.of(line.index()),
                    Optional.of(clause.sentence())));
        }
        double there = left.get(line.index());
        double share = part.of(there);
        boolean divided = line.text().toLowerCase(Locale.ROOT).matches(".*\\bdivided\\b.*");
        if (part == Portion.Part.ALL && divided && there > ALL_OF_IT && namedLater(line)) {
            long uses = namedIn.get(line.index()).stream()
                    .filter(c -> c >= at && putsIn(c))
                    .distinct()
                    .count();
            share = 1.0 / Math.max(1, uses);
            questions.add(new Question(
                    Doubt.HOW_MUCH_OF_IT, line.text(), Optional.of(line.index()), Optional.of(clause.sentence())));
        }
        in.add(take(line, share));
    }

    /** More of a food that is in already: with an amount it is more than was listed. */
    private void more(MethodClause clause, LineNames.Hit hit, Portion.Amount amount, List<Added> in) {
        RecipeLine first = line(hit.lines().get(0));
        if (!first.isOfTheSauce() || first.has(i -> i.key().equals("water"))) {
            in.add(new Added(bring(amount.text()), Share.ALL));
            return;
        }
        if (first.role() == Role.FROM_THE_METHOD || left.getOrDefault(first.index(), 0.0) <= 0) {
            questions.add(new Question(
                    Doubt.MORE_THAN_LISTED, amount.text(), Optional.of(first.index()), Optional.of(clause.sentence())));
            in.add(new Added(bring(amount.text()), Share.ALL));
        }
    }

    private static boolean isExcepted(Words words, int at) {
        for (int i = 0; i < at; i++) {
            boolean but =
                    words.plain(i).equals("but") && (words.plain(i - 1).matches("all|everything|ingredients|anything"));
            if (words.plain(i).matches("except|excluding|without|minus|besides") || but) {
                return true;
            }
        }
        return false;
    }

    /** "All the ingredients", "the rest", "the sauce ingredients", "the spices". */
    private void all(MethodClause clause, Words words, List<Added> in) {
        Optional<LineGroups.Group> group = LineGroups.in(words, lines);
        if (group.isEmpty()) {
            return;
        }
        Set<Integer> excepted = new HashSet<>();
        names.in(words).stream()
                .filter(hit -> isExcepted(words, hit.from()))
                .forEach(hit -> excepted.addAll(hit.lines()));
        for (RecipeLine line : List.copyOf(lines)) {
            boolean there = left.getOrDefault(line.index(), 0.0) > 0 && line.isOfTheSauce();
            boolean already = in.stream().anyMatch(added -> added.line().index() == line.index());
            if (there
                    && !already
                    && group.get().holds(line)
                    && !excepted.contains(line.index())
                    && !namedLaterApart(line)) {
                in.add(take(line, left.get(line.index())));
            }
        }
    }

    /** Named by itself further on, it goes in there and not with all the others. */
    private boolean namedLaterApart(RecipeLine line) {
        return namedIn.getOrDefault(line.index(), List.of()).stream()
                .anyMatch(clause -> clause > at
                        && clauses.get(clause)
                                .verb()
                                .filter(v -> v == MethodVerb.PUT
                                        || v == MethodVerb.FINISH
                                        || v == MethodVerb.THICKEN
                                        || v == MethodVerb.SERVE
                                        || v == MethodVerb.SEASON
                                        || v == MethodVerb.DEGLAZE)
                                .isPresent()
                        && LineGroups.in(clauses.get(clause).beforeStop(), lines)
                                .isEmpty());
    }

    /** Amounts of what no line lists: "2 tbsp water", "a splash of vinegar". */
    private void own(MethodClause clause, Words words, Set<Integer> amountsUsed, List<Added> in) {
        for (Portion.Amount amount : Portion.own(grammar, words, amountsUsed)) {
            boolean named = in.stream()
                    .anyMatch(added ->
                            added.line().has(i -> i.key().equals(amount.food().key()))
                                    && added.line().role() != Role.FROM_THE_METHOD);
            boolean pasta =
                    words.typed().toLowerCase(Locale.ROOT).matches(".*\\b(pasta|cooking|pan of|pot of|bowl of|ice) .*")
                            && amount.food().key().equals("water");
            if (!named && !pasta) {
                in.add(new Added(bring(amount.text()), Share.ALL));
            }
        }
    }

    /** Whether it is mixed apart from the pot. */
    private boolean isForTheBowl(MethodClause clause, List<Added> in) {
        if (in.isEmpty()) {
            return false;
        }
        boolean bowlNamed = clause.mentions(
                        "bowl", "jug", "ramekin", "pitcher", "shaker", "dish", "separately", "blender", "processor")
                || clause.leads("bowl", "jug", "ramekin", "pitcher", "shaker", "dish", "blender", "processor")
                || (clause.mentions("cup", "glass", "jar") || clause.leads("cup", "glass", "jar"))
                        && (clause.leads("in", "into") || clause.mentions("small", "measuring"));
        boolean panNamed = clause.mentions("pan", "saucepan", "pot", "skillet", "sauce", "casserole", "wok")
                || clause.leads("pan", "saucepan", "pot", "skillet", "casserole", "wok");
        boolean liquidiser = clause.mentions("blender", "processor") || clause.leads("blender", "processor");
        if (liquidiser && clause.verb().filter(v -> v == MethodVerb.LIQUIDISE).isPresent()) {
            return false;
        }
        boolean starch = in.stream().anyMatch(added -> added.line().has(PotOperations::thickens));
        boolean flourInFat =
                in.stream().anyMatch(added -> added.line().has(i -> i.group().equals("fat")))
                        && clause.mentions("paste", "knead", "mash", "beurre", "together");
        boolean liquid = in.stream().anyMatch(added -> added.line().has(PotOperations::isLiquid));
        boolean slurried =
                starch && in.size() > 1 && (liquid || flourInFat) && in.size() <= 3 && !clause.mentions("into")
                        || starch && clause.mentions("slurry", "paste");
        String second = clause.words().plain(MethodVerb.skipHow(clause.words(), 0) + 1);
        boolean intoThePot = Set.of("in", "into", "over", "through").contains(second);
        slurried &= !intoThePot;
        boolean goesOn = sameSentence(at + 1);
        return !panNamed
                && (bowlNamed
                        || slurried && (pot.isWet() || goesOn || flourInFat || clause.mentions("slurry", "paste")));
    }

    private boolean sameSentence(int other) {
        return other < clauses.size()
                && clauses.get(other).sentence() == clauses.get(at).sentence();
    }

    /** Whether what was mixed apart goes in by a clause. */
    private boolean pours(MethodClause clause, MethodVerb verb, List<Added> in) {
        if (bowl.isEmpty()) {
            return false;
        }
        boolean names = bowl.stream()
                .anyMatch(added -> this.names.in(clause.beforeStop()).stream()
                        .anyMatch(hit -> hit.lines().contains(added.line().index())));
        boolean pronoun = clause.mentions(
                "mixture",
                "slurry",
                "paste",
                "it",
                "this",
                "mix",
                "contents",
                "sauce",
                "everything",
                "liquid",
                "marinade",
                "manié",
                "manie",
                "roux");
        boolean puts = verb == MethodVerb.PUT || verb == MethodVerb.THICKEN || verb == MethodVerb.FINISH;
        return puts && (names || pronoun || in.isEmpty() && !clause.mentions("heat"))
                || verb != MethodVerb.PUT && !pot.isWet();
    }

    private void pourBowl(MethodClause clause) {
        if (!bowl.isEmpty()) {
            pot.pour(clause, List.copyOf(bowl), bowlText, kneaded, offHeat);
            bowl.clear();
            kneaded = false;
        }
    }

    /** What no sentence has put in: it goes in first, and is asked; seasonings go in at the end. */
    private void settleWhatIsLeft() {
        MethodClause last = clauses.isEmpty()
                ? new MethodClause(0, Words.of(""), Words.of(""), Optional.empty(), true)
                : clauses.get(clauses.size() - 1);
        pourBowl(last);
        steps.addAll(0, waiting);
        waiting.clear();
        List<Added> first = new ArrayList<>();
        List<Added> seasons = new ArrayList<>();
        for (RecipeLine line : List.copyOf(lines)) {
            double there = left.getOrDefault(line.index(), 0.0);
            boolean wholly = there > ALL_OF_IT;
            if (there <= 0 || wholly && usedAside.contains(line.index())) {
                continue;
            }
            boolean taste = line.is(i -> isSeasoning(i, "salt") || isSeasoning(i, "pepper"))
                    || line.foods().stream().allMatch(ReadLine.Understood::followsTheSauce);
            if (!sentences.isEmpty()) {
                ask(wholly ? Doubt.LINE_NOT_IN_METHOD : Doubt.HOW_MUCH_OF_IT, line.text(), line);
            }
            (taste ? seasons : first).add(take(line, there));
        }
        pot.first(first);
        if (!seasons.isEmpty()) {
            pot.season(last, seasons);
        }
    }
}
