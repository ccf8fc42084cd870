package app.gradior.recipe;

import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.plan.Target;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.recipe.RecipeStep.Added;
import app.gradior.recipe.RecipeStep.Kind;
import app.gradior.sauce.Operation;
import app.gradior.sauce.Scaling;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A recipe as the text of a sauce: each step on a line of its own with what goes in under it, in the words that the grammar
 * of steps reads back as the same operations.
 */
public final class StagedText {

    private static final double WHOLE = 0.999;

    /** So near a rounded measure comes to what it stands for. */
    private static final double EVEN = 0.015;

    /**
     * A line of the text.
     *
     * @param text as it stands there
     * @param steps the steps of the recipe that it tells; none for a food
     * @param line the line of the ingredients that it brings
     * @param sentences the sentences of the method that it was made of
     */
    public record Line(String text, List<Integer> steps, Optional<Integer> line, List<Integer> sentences) {}

    private final ReadRecipe recipe;
    private final LineGrammar grammar;
    private final Habits habits;
    private final List<Line> lines = new ArrayList<>();

    private StagedText(ReadRecipe recipe, LineGrammar grammar, Habits habits) {
        this.recipe = recipe;
        this.grammar = grammar;
        this.habits = habits;
    }

    /** The lines of the text in their order. */
    public static List<Line> of(ReadRecipe recipe, LineGrammar grammar, Habits habits) {
        StagedText text = new StagedText(recipe, grammar, habits);
        text.write();
        return List.copyOf(text.lines);
    }

    /** The whole text. */
    public static String text(List<Line> lines) {
        return String.join("\n", lines.stream().map(Line::text).toList());
    }

    private void write() {
        recipe.published().yield().map(StagedText::yieldLine).ifPresent(this::plain);
        List<RecipeStep> steps = recipe.steps();
        int i = 0;
        while (i < steps.size()) {
            int end = i + 1;
            boolean adding = steps.get(i).kind() == Kind.ADD;
            // Adding one thing after another is one stage, until something is done.
            while (end < steps.size() && adding && steps.get(end).kind() == Kind.ADD) {
                end++;
            }
            while (end < steps.size() && !steps.get(end).kind().putsIn()) {
                end++;
            }
            stage(i, end);
            i = end;
        }
        recipe.lines().stream()
                .filter(line -> line.role() == RecipeLine.Role.UNREAD)
                .forEach(line -> lines.add(new Line(line.text(), List.of(), Optional.of(line.index()), List.of())));
        recipe.lines().stream()
                .filter(line -> line.role() == RecipeLine.Role.ASIDE)
                .forEach(line -> plain("# " + line.text()));
    }

    private void plain(String text) {
        lines.add(new Line(text, List.of(), Optional.empty(), List.of()));
    }

    private static String yieldLine(String yield) {
        String lower = yield.toLowerCase(Locale.ROOT);
        return lower.startsWith("serves") || lower.startsWith("makes") ? yield : "Serves " + yield;
    }

    private void stage(int from, int to) {
        List<String> words = new ArrayList<>();
        List<Integer> told = new ArrayList<>();
        List<Integer> sentences = new ArrayList<>();
        List<Added> adds = new ArrayList<>();
        for (int i = from; i < to; i++) {
            RecipeStep step = recipe.steps().get(i);
            told.add(i);
            if (!sentences.contains(step.sentence())) {
                sentences.add(step.sentence());
            }
            adds.addAll(step.adds());
            if (step.kind() != Kind.ADD || i == from) {
                words.add(words(step));
            }
        }
        if (adds.isEmpty() && recipe.steps().get(from).kind() == Kind.SEASON && words.size() == 1) {
            return;
        }
        String typed = String.join(", ", words);
        lines.add(new Line(
                typed.substring(0, 1).toUpperCase(Locale.ROOT) + typed.substring(1),
                told,
                Optional.empty(),
                sentences));
        for (Added added : adds) {
            boolean said = recipe.questions().stream()
                    .noneMatch(q -> q.doubt() == ReadRecipe.Doubt.LINE_NOT_IN_METHOD
                            && q.line().filter(i -> i == added.line().index()).isPresent());
            lines.add(
                    new Line(food(added), List.of(), Optional.of(added.line().index()), said ? sentences : List.of()));
        }
    }

    /** The line, or its part in the measures of cooks where these come out even, else to the gram. */
    private String food(Added added) {
        double part = added.part().value();
        String text = added.line().text().strip();
        if (part > WHOLE) {
            return text;
        }
        String written = "";
        for (boolean exact : new boolean[] {false, true}) {
            written = new Scaling(Math.max(0.01, part), exact, habits)
                    .line(added.line().read())
                    .replaceAll("\\s*\\([^)]*\\d[^)]*\\)", "")
                    .replaceAll("(?i),?\\s*\\bdivided\\b", "")
                    .strip();
            double read = grammar.read(written).foods().stream()
                    .mapToDouble(food -> food.mass().grams())
                    .sum();
            if (Math.abs(read - added.mass().grams()) <= EVEN * added.mass().grams()) {
                return written;
            }
        }
        return written;
    }

    private static String words(RecipeStep step) {
        return switch (step.kind()) {
            case ADD -> "add";
            case DEGLAZE -> "deglaze";
            case SLURRY -> "slurry";
            case SEASON -> "season";
            case FINISH -> "off the heat, stir in";
            case SWEAT -> "sweat";
            case FRY -> "fry";
            case BLEND -> "blend";
            case ROUX ->
                switch (step.browning()) {
                    case BROWN -> "brown roux";
                    case DARK -> "dark roux";
                    case RAW -> "beurre manié";
                    default -> "roux";
                };
            case STRAIN -> sieve(step.does().orElseThrow());
            case COOL -> cool(((Operation.Cool) step.does().orElseThrow()).to());
            case SIMMER -> simmer((Operation.SimmerFor) step.does().orElseThrow());
            case REDUCE -> reduce((Operation.Reduce) step.does().orElseThrow(), step.claim());
        };
    }

    private static String sieve(Operation operation) {
        if (operation instanceof Operation.StrainLeaving leaving) {
            return "sieve leaving " + StepNames.number(leaving.left().grams()) + " g";
        }
        String fineness = StepNames.fineness((Operation.Strain) operation);
        return fineness.isEmpty() ? "sieve" : "sieve " + fineness;
    }

    private static String cool(Celsius to) {
        if (to.equals(Celsius.ROOM)) {
            return "cool";
        }
        return to.equals(Celsius.FRIDGE) ? "chill" : "cool to " + StepNames.number(to.degrees()) + " °C";
    }

    private static String simmer(Operation.SimmerFor simmer) {
        if (simmer.time().isZero()) {
            return "bring to a boil" + lid(simmer.lid());
        }
        String how = simmer.activity()
                .map(activity -> switch (activity) {
                    case STEAMING, BARE_SIMMER -> "simmer gently ";
                    case SIMMER -> "simmer ";
                    case LIVELY_SIMMER -> "simmer briskly ";
                    case ROLLING_BOIL -> "boil hard ";
                })
                .orElse("cook ");
        return how + time(simmer.time()) + lid(simmer.lid());
    }

    private static String time(Duration time) {
        long seconds = time.toSeconds();
        if (seconds % 60 != 0) {
            return seconds + " seconds";
        }
        long minutes = seconds / 60;
        String rest = minutes % 60 == 0 ? "" : " " + minutes % 60 + " min";
        return minutes < 60 ? minutes + " min" : minutes / 60 + " h" + rest;
    }

    private static String lid(Optional<Lid> lid) {
        if (lid.isEmpty()) {
            return "";
        }
        if (lid.get().equals(Lid.ON)) {
            return " covered";
        }
        if (lid.get().equals(Lid.AJAR)) {
            return " with the lid ajar";
        }
        return lid.get().equals(Lid.OFF) ? " uncovered" : " under a splatter screen";
    }

    private static String reduce(Operation.Reduce reduce, Optional<Interval> claim) {
        String how = reduce.activity()
                .map(activity -> switch (activity) {
                    case STEAMING, BARE_SIMMER -> " at a bare simmer";
                    case SIMMER -> " at a simmer";
                    case LIVELY_SIMMER -> " at a lively simmer";
                    case ROLLING_BOIL -> " at a boil";
                })
                .orElse("");
        String said = claim.map(c -> ", about " + minutes(c)).orElse("");
        return target(reduce.target()) + how + lid(reduce.lid()) + said;
    }

    private static String minutes(Interval claim) {
        String low = StepNames.number(claim.low());
        String high = StepNames.number(claim.high());
        return (low.equals(high) ? low : low + "–" + high) + " min";
    }

    private static String target(Target target) {
        if (target instanceof Target.Weight weight) {
            return "reduce to " + StepNames.number(weight.mass().grams()) + " g";
        }
        if (target instanceof Target.Yield yield) {
            return "reduce to " + StepNames.number(yield.volume().millilitres()) + " ml";
        }
        if (target instanceof Target.Reduced reduced) {
            String basis = StepNames.basis(reduced.basis());
            return "reduce by " + StepNames.part(reduced.kept().rest().value()) + basis;
        }
        if (target instanceof Target.ForUse use) {
            return "reduce to " + use.use().key();
        }
        if (target instanceof Target.AtGrade grade) {
            return "reduce to grade " + StepNames.number(grade.grade().value());
        }
        return target instanceof Target.AtBrix brix
                ? "reduce to " + StepNames.number(brix.brix().percent()) + " Brix"
                : "boil to "
                        + StepNames.number(
                                ((Target.AtBoilingPoint) target).boils().degrees()) + " °C";
    }
}
