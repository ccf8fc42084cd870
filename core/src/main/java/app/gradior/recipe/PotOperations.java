package app.gradior.recipe;

import app.gradior.food.Ingredient;
import app.gradior.food.Mixture;
import app.gradior.measure.Habits;
import app.gradior.measure.Words;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Roux;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Mass;
import app.gradior.recipe.ReadRecipe.Doubt;
import app.gradior.recipe.ReadRecipe.Question;
import app.gradior.recipe.RecipeStep.Added;
import app.gradior.recipe.RecipeStep.Kind;
import app.gradior.sauce.ClauseReader;
import app.gradior.sauce.Operation;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What happens in the pot, clause by clause. */
final class PotOperations {
    /** Less liquid than this wets a pan and simmers nothing. */
    private static final double WET_GRAMS = 20;

    private static final double FRUIT_GRAMS = 50;

    /** What is left of a liquid that is boiled away until nearly dry: an estimate. */
    private static final double NEARLY_DRY = 0.1;

    /** A starch that is stirred into what simmers has swollen after so long. */
    private static final Duration SWELLS = Duration.ofMinutes(1);

    private static final Set<String> FLOURS = Set.of("wheat-flour", "rice-flour", "glutinous-rice-flour");

    private final ClauseReader reader;
    private final List<RecipeStep> steps;
    private final List<Question> questions;
    private final Set<Integer> told;
    private Optional<Activity> nextActivity = Optional.empty();
    private Optional<Lid> nextLid = Optional.empty();

    /** @param told takes the sentences that change how another's step is cooked */
    PotOperations(Habits habits, List<RecipeStep> steps, List<Question> questions, Set<Integer> told) {
        this.reader = new ClauseReader(habits.measures());
        this.steps = steps;
        this.questions = questions;
        this.told = told;
    }

    static boolean thickens(Ingredient food) {
        return food.group().equals("thickener") && food.starch().isPresent();
    }

    static boolean isLiquid(Ingredient food) {
        return Set.of("liquid", "juice", "wine-spirit", "vinegar").contains(food.group())
                || food.group().equals("tomato")
                        && !food.key().contains("paste")
                        && !food.key().contains("sun-dried")
                || food.group().equals("dairy") && !food.key().contains("cheese")
                || food.group().equals("seasoning") && food.key().endsWith("sauce");
    }

    /** Whether there is something in the pot that can simmer. */
    boolean isWet() {
        double liquid = 0;
        double fruit = 0;
        boolean fat = false;
        for (RecipeStep step : steps) {
            for (Added added : step.adds()) {
                if (added.line().has(PotOperations::isLiquid)) {
                    liquid += added.mass().grams();
                } else if (added.line()
                        .has(food -> food.group().equals("fruit") || food.key().equals("fresh-tomato"))) {
                    fruit += added.mass().grams();
                }
                fat |= added.line().has(food -> food.group().equals("fat"));
            }
        }
        // Fruit in fat is fried; by itself it gives its juice.
        return liquid > WET_GRAMS || fruit > FRUIT_GRAMS && !fat;
    }

    boolean isEmpty() {
        return steps.stream().allMatch(step -> step.adds().isEmpty());
    }

    private boolean hasBesideFat() {
        return steps.stream()
                .flatMap(step -> step.adds().stream())
                .anyMatch(added -> !added.line()
                        .is(food -> food.group().equals("sweetener")
                                || food.group().equals("fat")
                                || food.key().endsWith("salt")));
    }

    /** Whether a slurry went in last: then it is that which thickens, and nothing has to boil away. */
    private boolean thickenedByStarch() {
        for (int i = steps.size() - 1; i >= 0; i--) {
            if (steps.get(i).kind().putsIn()) {
                return steps.get(i).kind() == Kind.SLURRY;
            }
        }
        return false;
    }

    private boolean hasStarch() {
        return steps.stream().anyMatch(step -> step.starch().grams() > 0);
    }

    private void step(MethodClause clause, Kind kind, List<Added> adds, Operation does) {
        steps.add(new RecipeStep(
                clause.typed(), clause.sentence(), kind, adds, Optional.ofNullable(does), Optional.empty()));
    }

    private void ask(Doubt doubt, MethodClause clause) {
        questions.add(new Question(doubt, clause.typed(), Optional.empty(), Optional.of(clause.sentence())));
    }

    void put(MethodClause clause, List<Added> in, MethodVerb verb, boolean finishes) {
        boolean wet = isWet();
        boolean liquid = in.stream().anyMatch(added -> added.line().has(PotOperations::isLiquid));
        boolean starch = in.stream().anyMatch(added -> added.line().has(PotOperations::thickens));
        boolean flour = in.stream().anyMatch(added -> added.line().has(food -> FLOURS.contains(food.key())));
        boolean salt = in.stream()
                .allMatch(added -> added.line()
                        .is(food -> food.key().endsWith("salt")
                                || Set.of("black-pepper", "white-pepper").contains(food.key())));
        boolean butter =
                in.stream().allMatch(added -> added.line().is(food -> food.key().endsWith("butter")));
        boolean pan = steps.stream().anyMatch(step -> !step.adds().isEmpty());
        if (flour && !wet && !liquid) {
            step(clause, Kind.ROUX, in, new Operation.Thicken(Mixture.EMPTY, browning(clause.words())));
        } else if (starch && (wet || liquid)) {
            step(clause, Kind.SLURRY, in, null);
        } else if (wet && (finishes || butter && mounts(clause))) {
            step(clause, Kind.FINISH, in, null);
        } else if (salt) {
            step(clause, Kind.SEASON, in, null);
        } else if (verb == MethodVerb.DEGLAZE || liquid && pan && !wet && scrapes(clause)) {
            step(clause, Kind.DEGLAZE, in, null);
        } else {
            step(clause, Kind.ADD, in, null);
        }
    }

    /** Butter that is whisked in at the end thickens by itself, and is not cooked. */
    private static boolean mounts(MethodClause clause) {
        String verb = clause.words().plain(MethodVerb.skipHow(clause.words(), 0));
        return Set.of("whisk", "swirl", "beat", "mount", "monter").contains(verb)
                || clause.mentions(
                        "swirl", "mount", "cold", "knob", "knobs", "pieces", "cubes", "glossy", "emulsified", "gloss");
    }

    private static boolean scrapes(MethodClause clause) {
        return clause.mentions("scrape", "scraping", "deglaze", "scraped", "loosen");
    }

    private static Roux.Browning browning(Words words) {
        if (MethodClause.mentions(words, "dark", "chocolate", "mahogany")) {
            return Roux.Browning.DARK;
        }
        return MethodClause.mentions(words, "brown", "nutty", "browned", "hazelnut", "toasted", "golden-brown")
                ? Roux.Browning.BROWN
                : Roux.Browning.BLOND;
    }

    /** What was mixed apart goes in. */
    void pour(MethodClause clause, List<Added> bowl, String mixed, boolean kneaded, boolean offHeat) {
        boolean starch = bowl.stream().anyMatch(added -> added.line().has(PotOperations::thickens));
        boolean liquid = bowl.stream().anyMatch(added -> added.line().has(PotOperations::isLiquid));
        boolean fat = bowl.stream()
                .anyMatch(added -> added.line().has(food -> food.group().equals("fat")));
        String text = mixed.isEmpty() ? clause.typed() : mixed;
        boolean dry = starch && !liquid && !isWet();
        Kind kind = starch && fat && (kneaded || !liquid) || dry
                ? Kind.ROUX
                : starch ? Kind.SLURRY : offHeat ? Kind.FINISH : Kind.ADD;
        steps.add(new RecipeStep(
                text,
                clause.sentence(),
                kind,
                bowl,
                kind == Kind.ROUX
                        ? Optional.of(
                                new Operation.Thicken(Mixture.EMPTY, dry ? Roux.Browning.BLOND : Roux.Browning.RAW))
                        : Optional.empty(),
                Optional.empty()));
    }

    void season(MethodClause clause, List<Added> in) {
        step(clause, Kind.SEASON, in, null);
    }

    void blend(MethodClause clause) {
        if (hasBesideFat()) {
            step(clause, Kind.BLEND, List.of(), new Operation.Blend());
        }
    }

    void strain(MethodClause clause) {
        step(clause, Kind.STRAIN, List.of(), ClauseReader.strain(clause.typed()));
    }

    void cool(MethodClause clause) {
        if (!steps.isEmpty() && steps.get(steps.size() - 1).kind() == Kind.COOL) {
            steps.remove(steps.size() - 1);
        }
        step(clause, Kind.COOL, List.of(), new Operation.Cool(ClauseReader.coolTo(clause.typed())));
    }

    /** How hard or how covered the next is to simmer. */
    void hint(MethodClause clause) {
        told.add(clause.sentence());
        if (clause.mentions("low", "lower", "lowest", "medium-low", "gentle", "down", "reduce", "simmer")) {
            nextActivity = Optional.of(
                    clause.mentions("low", "lowest", "medium-low", "gentle", "gently")
                            ? Activity.BARE_SIMMER
                            : Activity.SIMMER);
        } else if (clause.mentions("high", "highest")) {
            nextActivity = Optional.of(Activity.ROLLING_BOIL);
        }
        ClauseReader.lid(clause.typed()).ifPresent(lid -> nextLid = Optional.of(lid));
    }

    /** "Half cover with a lid and …", "over a low heat, …": what is said before the verb holds for it. */
    void leadHint(MethodClause clause) {
        ClauseReader.lid(clause.lead().typed()).ifPresent(lid -> nextLid = Optional.of(lid));
        if (clause.leads("low", "gentle", "lowest", "medium-low")) {
            nextActivity = Optional.of(Activity.BARE_SIMMER);
        }
    }

    /** A condition before a clause: until then it boils. */
    void until(String condition, MethodClause clause) {
        Optional<Target> target = reader.until(condition);
        if (target.isPresent()) {
            reduce(clause, condition, target.get());
        } else if (isNearlyDry(Words.of(condition))) {
            nearlyDry(clause, condition);
        }
    }

    /** Something is cooked: fried or softened where it is dry, simmered or boiled down where it is wet. */
    void cook(MethodClause clause, MethodVerb verb) {
        if (verb == MethodVerb.REDUCE
                && clause.mentions("heat", "flame", "temperature", "low", "simmer")
                && reader.target(clause.typed()).isEmpty()) {
            hint(clause);
            return;
        }
        if (isWet()) {
            simmer(clause, verb);
        } else {
            fry(clause, verb);
        }
    }

    private void fry(MethodClause clause, MethodVerb verb) {
        RecipeStep last = steps.isEmpty() ? null : steps.get(steps.size() - 1);
        if (last != null && last.kind() == Kind.ROUX) {
            told.add(clause.sentence());
            steps.set(steps.size() - 1, last.with(new Operation.Thicken(Mixture.EMPTY, browning(clause.words()))));
            return;
        }
        if (verb == MethodVerb.HEAT || verb == MethodVerb.THICKEN || !hasBesideFat()) {
            told.add(clause.sentence());
            return;
        }
        String word = clause.words().plain(MethodVerb.skipHow(clause.words(), 0));
        boolean browned = clause.mentions(
                        "brown",
                        "browned",
                        "golden",
                        "caramelised",
                        "caramelized",
                        "colour",
                        "colored",
                        "coloured",
                        "crisp",
                        "deep",
                        "dark")
                || Set.of("brown", "sear", "caramelise", "caramelize", "toast").contains(word);
        boolean pale = clause.mentions("without", "before", "not")
                && clause.mentions("colour", "color", "colouring", "coloring", "browning", "brown", "browned");
        boolean gentle = clause.mentions(
                "soft",
                "softened",
                "soften",
                "softens",
                "translucent",
                "tender",
                "wilted",
                "gently",
                "sweat",
                "limp",
                "low",
                "medium-low");
        boolean sweats =
                pale || gentle && !browned || verb == MethodVerb.SWEAT || verb == MethodVerb.SIMMER && !browned;
        step(clause, sweats ? Kind.SWEAT : Kind.FRY, List.of(), sweats ? ClauseReader.SWEAT : ClauseReader.FRY);
    }

    private void simmer(MethodClause clause, MethodVerb verb) {
        String text = clause.typed();
        boolean reduces = verb == MethodVerb.REDUCE || clause.mentions("reduce", "reducing", "down");
        Optional<Target> target = reduces ? reader.target(text) : reader.until(text);
        boolean yolks = steps.stream()
                .flatMap(step -> step.adds().stream())
                .anyMatch(added -> added.line().has(food -> food.key().equals("egg-yolk")));
        boolean thickness = target.filter(t -> t.gradeServed().isPresent() || t.isThickness())
                .isPresent();
        if (yolks && thickness) {
            // Yolks set by heat: nothing of it is boiled away, and how far is the cook's to see.
            ask(Doubt.HOW_FAR, clause);
            step(clause, Kind.SIMMER, List.of(), new Operation.SimmerFor(Duration.ZERO));
            return;
        }
        if (thickness && thickenedByStarch()) {
            simmer(clause, ClauseReader.time(text).orElse(SWELLS));
            return;
        }
        if (target.isPresent()) {
            reduce(clause, text, target.get());
            return;
        }
        Words words = clause.words();
        if (isNearlyDry(words)) {
            nearlyDry(clause, text);
            return;
        }
        Optional<Duration> time = ClauseReader.time(text);
        if (time.isPresent()) {
            simmer(clause, time.get());
            return;
        }
        boolean thick = clause.mentions("thick", "thickened", "thickens", "thicken", "thicker", "coats", "glossy");
        boolean less = clause.mentions("reduced", "reduces", "concentrated", "reduce") || verb == MethodVerb.REDUCE;
        if (thick && hasStarch()) {
            simmer(clause, SWELLS);
        } else if (thick || less) {
            ask(Doubt.HOW_FAR, clause);
            simmer(clause, Duration.ZERO);
        } else if (clause.mentions(
                "tender", "soft", "softened", "cooked", "mushy", "pulpy", "broken", "collapsed", "burst")) {
            ask(Doubt.HOW_LONG, clause);
            simmer(clause, Duration.ZERO);
        } else {
            simmer(clause, Duration.ZERO);
        }
    }

    /** "Stir for 2 minutes", "whisk until it thickens": what is stirred over the heat cooks. */
    void stir(MethodClause clause) {
        if (isWet() && clause.mentions("boil", "simmer") && clause.mentions("return")) {
            simmer(clause, MethodVerb.SIMMER);
            return;
        }
        boolean timed = ClauseReader.time(clause.typed()).isPresent();
        boolean until = reader.until(clause.typed()).isPresent();
        boolean thickens = clause.mentions("thickens", "thickened", "thick") && hasStarch();
        if (isWet() && (timed || until || thickens)) {
            simmer(clause, MethodVerb.SIMMER);
        } else if (!isWet() && timed) {
            fry(clause, MethodVerb.SIMMER);
        }
    }

    private void simmer(MethodClause clause, Duration time) {
        Optional<Activity> activity = time.isZero()
                ? Optional.empty()
                : ClauseReader.activity(clause.typed()).or(() -> nextActivity);
        Optional<Lid> lid = ClauseReader.lid(clause.typed()).or(() -> time.isZero() ? Optional.empty() : nextLid);
        if (!time.isZero()) {
            nextActivity = Optional.empty();
        }
        step(clause, Kind.SIMMER, List.of(), new Operation.SimmerFor(time, activity, lid));
    }

    private void reduce(MethodClause clause, String text, Target target) {
        Optional<Activity> activity = ClauseReader.activity(text).or(() -> nextActivity);
        nextActivity = Optional.empty();
        steps.add(new RecipeStep(
                clause.typed(),
                clause.sentence(),
                Kind.REDUCE,
                List.of(),
                Optional.of(new Operation.Reduce(target, activity, ClauseReader.lid(text))),
                ClauseReader.claim(text)));
    }

    private static boolean isNearlyDry(Words words) {
        boolean gone = MethodClause.mentions(words, "evaporated", "evaporates", "gone", "disappeared", "absorbed");
        boolean dry = MethodClause.mentions(words, "dry")
                && MethodClause.mentions(words, "nearly", "almost", "until", "pan", "reduce");
        return gone || dry;
    }

    /** Until what was poured in last is nearly gone. */
    private void nearlyDry(MethodClause clause, String text) {
        double liquid = 0;
        for (int i = steps.size() - 1; i >= 0 && liquid == 0; i--) {
            liquid = steps.get(i).adds().stream()
                    .filter(added -> added.line().has(PotOperations::isLiquid))
                    .mapToDouble(added -> added.mass().grams())
                    .sum();
        }
        List<Mixture> after = ReadRecipe.after(new ArrayList<>(steps), UsualPot.CONDITIONS, Knowledge.NONE);
        double now = after.isEmpty() ? 0 : after.get(after.size() - 1).mass().grams();
        double rest = now - (1 - NEARLY_DRY) * liquid;
        if (liquid > 0 && rest > 0 && rest < now) {
            reduce(clause, text, new Target.Weight(Mass.ofGrams(Math.max(rest, 0.05 * now))));
        }
    }

    /** What no sentence puts in goes in first of all. */
    void first(List<Added> adds) {
        if (adds.isEmpty()) {
            return;
        }
        if (!steps.isEmpty() && steps.get(0).kind() == Kind.ADD) {
            RecipeStep old = steps.get(0);
            List<Added> all = new ArrayList<>(old.adds());
            all.addAll(adds);
            steps.set(0, new RecipeStep(old.text(), old.sentence(), old.kind(), all, old.does(), old.claim()));
        } else {
            steps.add(0, new RecipeStep("", 0, Kind.ADD, adds, Optional.empty(), Optional.empty()));
        }
    }
}
