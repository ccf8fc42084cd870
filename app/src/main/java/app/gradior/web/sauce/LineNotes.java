package app.gradior.web.sauce;

import app.gradior.food.Component;
import app.gradior.food.Ingredient;
import app.gradior.food.Mixture;
import app.gradior.measure.Ambiguity;
import app.gradior.measure.Assumption;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.LinePart;
import app.gradior.measure.LineProblem;
import app.gradior.measure.ReadLine;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.sauce.Operation;
import app.gradior.sauce.SauceLine;
import app.gradior.sauce.StagedSauce;
import app.gradior.sauce.StepClause;
import app.gradior.sauce.WrittenSauce.Outcome;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import app.gradior.web.text.PlanText;
import app.gradior.web.text.UnitFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Says beside each line how it was understood. */
class LineNotes {
    private final UnitFormat say;
    private final PlanText words;
    private final ProblemText problems;
    private final AssumptionText assumptions;

    LineNotes(UnitFormat say) {
        this.say = say;
        this.words = new PlanText(say);
        this.problems = new ProblemText(say);
        this.assumptions = new AssumptionText(say);
    }

    /**
     * What stands beside and under a line.
     *
     * @param kind food, step, heading, remark, serves, unclear
     * @param figure what stands at its end, such as 60 g
     * @param detail what stands under it
     * @param open whether the cook should look at it
     * @param marks where in the line words are that nothing accounts for, as start-end pairs
     */
    record Note(
            int line,
            int stage,
            String typed,
            String kind,
            String figure,
            String detail,
            boolean open,
            List<Question> questions,
            List<Weighable> weighables,
            String marks) {}

    /**
     * A measure of a line that can be weighed, to be known better.
     *
     * @param of what it is taken to weigh, in g
     */
    record Weighable(String measure, String food, String of) {}

    /** A question with its answers; {@code own} if another weight can be typed. */
    record Question(String words, boolean settled, boolean own, String measure, String food, List<Answer> answers) {}

    /**
     * An answer that one press gives.
     *
     * @param rewrite what stands in the line's place then, if it is that
     */
    record Answer(String label, boolean chosen, String food, String grams, String words, String rewrite) {}

    List<Note> of(ReadSauce sauce) {
        List<Note> notes = new ArrayList<>();
        List<Outcome> outcomes = sauce.made().outcomes();
        for (SauceLine line : sauce.lines()) {
            notes.add(
                    line instanceof SauceLine.Step step
                            ? step(step, outcomes.get(step.stage()))
                            : food((SauceLine.OfFood) line, outcomes.get(line.stage())));
        }
        return notes;
    }

    private Note food(SauceLine.OfFood line, Outcome outcome) {
        ReadLine read = line.read();
        if (!read.foods().isEmpty()) {
            return understood(line, read);
        }
        if (read instanceof ReadLine.Unclear unclear) {
            List<Answer> answers = new ArrayList<>();
            unclear.rewrites()
                    .forEach(r -> answers.add(new Answer(r.replace("\n", " / "), false, null, null, null, r)));
            return new Note(
                    line.number(),
                    line.stage(),
                    line.typed().strip(),
                    "unclear",
                    "?",
                    problems.of(unclear.problem()),
                    true,
                    answers.isEmpty() && unclear.guesses().isEmpty()
                            ? List.of()
                            : List.of(new Question(
                                    answers.isEmpty() ? "Perhaps" : SauceText.MAKE_IT,
                                    false,
                                    false,
                                    null,
                                    null,
                                    answers.isEmpty() ? foods(unclear.guesses(), unclear) : answers)),
                    List.of(),
                    "");
        }
        if (read instanceof ReadLine.Heading) {
            return plain(line, "heading", after(outcome));
        }
        return plain(line, read instanceof ReadLine.Serves ? "serves" : "remark", "");
    }

    /** Foods an unknown name may mean: choosing one is remembered for that name. */
    private static List<Answer> foods(List<Ingredient> guesses, ReadLine.Unclear unclear) {
        Optional<String> name = unclear.problem() instanceof LineProblem.UnknownFood unknown
                ? Optional.of(Habits.wordsOf(unknown.words()))
                : Optional.empty();
        return guesses.stream()
                .map(g -> new Answer(g.name(), false, name.isPresent() ? g.key() : null, null, name.orElse(null), null))
                .toList();
    }

    private static Note plain(SauceLine line, String kind, String figure) {
        return new Note(
                line.number(), line.stage(), line.typed().strip(), kind, figure, "", false, List.of(), List.of(), "");
    }

    private Note understood(SauceLine line, ReadLine read) {
        List<ReadLine.Understood> foods = read.foods();
        List<Question> questions = new ArrayList<>();
        List<String> figures = new ArrayList<>();
        List<String> assumed = new ArrayList<>();
        for (ReadLine.Understood food : foods) {
            food.doubts().forEach(doubt -> question(doubt, food).ifPresent(questions::add));
            figures.add((food.assumptions().isEmpty() ? "" : "≈ ") + say.grams(food.mass()));
            if (!food.assumptions().isEmpty() && food.doubts().isEmpty()) {
                assumed.add(assumptions.of(food.assumptions()));
            }
        }
        boolean open = foods.stream().anyMatch(ReadLine.Understood::doubtful);
        return new Note(
                line.number(),
                line.stage(),
                line.typed().strip(),
                read instanceof ReadLine.Several ? "several" : "food",
                String.join(" + ", figures) + (open ? "?" : ""),
                String.join("; ", assumed),
                open,
                questions,
                foods.stream().flatMap(this::weighable).toList(),
                marks(read));
    }

    /** What hand or garden made, and books only tell about. */
    private Stream<Weighable> weighable(ReadLine.Understood food) {
        return food.assumptions().stream()
                .flatMap(assumption -> assumption instanceof Assumption.Weighs weighs
                        ? weighs.piece().stream()
                        : assumption instanceof Assumption.VagueIs vague
                                        && LineGrammar.book(vague.measure(), food.ingredient())
                                                .isPresent()
                                        && !vague.isToTaste()
                                ? Stream.of(vague.measure())
                                : Stream.empty())
                .map(measure -> new Weighable(
                        measure, food.ingredient().key(), say.exact(food.mass().grams())));
    }

    private static String marks(ReadLine read) {
        return read.parts().stream()
                .filter(part -> part.kind() == LinePart.Kind.UNREAD)
                .map(part -> part.start() + "-" + part.end())
                .collect(Collectors.joining(" "));
    }

    private Optional<Question> question(Ambiguity doubt, ReadLine.Understood food) {
        if (doubt instanceof Ambiguity.HowMuch howMuch) {
            return Optional.of(howMuch(howMuch, food.ingredient()));
        }
        if (doubt instanceof Ambiguity.WhichFood whichFood) {
            return Optional.of(whichFood(whichFood));
        }
        if (doubt instanceof Ambiguity.NotUnderstood unread) {
            return Optional.of(rewriting(SauceText.notUnderstood(unread.words()), unread.rewrites()));
        }
        Ambiguity.Implausible implausible = (Ambiguity.Implausible) doubt;
        return implausible.settled()
                ? Optional.empty()
                : Optional.of(
                        rewriting(strikes(implausible, food) + " " + SauceText.DID_YOU_MEAN, implausible.rewrites()));
    }

    private static Question rewriting(String words, List<String> rewrites) {
        return new Question(
                words,
                false,
                false,
                null,
                null,
                rewrites.stream()
                        .map(r -> new Answer(r.replace("\n", " / "), false, null, null, null, r))
                        .toList());
    }

    private String strikes(Ambiguity.Implausible doubt, ReadLine.Understood food) {
        return switch (doubt.why()) {
            case MANY_PACKS -> SauceText.inAll(say.grams(food.mass()));
            case HEAVY -> SauceText.A_LOT;
            case FAR_MORE_THAN_THE_REST -> SauceText.FAR_MORE;
            case MUCH_SPICE -> SauceText.veryStrong(say.percent(doubt.share().orElseThrow()));
            case MUCH_SALT -> SauceText.verySalty(say.percent(doubt.share().orElseThrow()));
        };
    }

    private Question howMuch(Ambiguity.HowMuch doubt, Ingredient food) {
        List<Answer> answers = new ArrayList<>();
        answers.add(answer(doubt.one(), food, true));
        doubt.choices().forEach(choice -> answers.add(answer(choice, food, false)));
        String measure = doubt.measure().equals("unsaid") ? "one" : doubt.measure();
        String one = measure.startsWith("a ")
                        || measure.equals(SauceText.TO_TASTE)
                        || measure.equals("one")
                        || measure.equals("some")
                ? "“" + measure + "”"
                : "a " + measure;
        String of = doubt.measure().equals(SauceText.TO_TASTE)
                ? food.name().replaceAll("[,(].*", "").strip().toLowerCase(Locale.ROOT) + " "
                : "";
        return new Question(SauceText.hereMeans(of + one), doubt.settled(), true, doubt.measure(), food.key(), answers);
    }

    private Answer answer(Mass mass, Ingredient food, boolean chosen) {
        return new Answer(say.grams(mass), chosen, food.key(), say.exact(mass.grams()), null, null);
    }

    private static Question whichFood(Ambiguity.WhichFood doubt) {
        List<Answer> answers = new ArrayList<>();
        for (Ingredient choice : doubt.choices()) {
            answers.add(new Answer(choice.name(), answers.isEmpty(), choice.key(), null, doubt.words(), null));
        }
        return new Question(SauceText.isWhich(doubt.words()), doubt.settled(), false, null, null, answers);
    }

    private Note step(SauceLine.Step line, Outcome outcome) {
        Optional<String> puzzle = line.doings().stream()
                .filter(StepClause.UnreadableStep.class::isInstance)
                .map(d -> problems.of(((StepClause.UnreadableStep) d).problem()))
                .findFirst();
        Optional<String> missed = outcome.results().stream()
                .flatMap(r -> r.missed().stream())
                .map(words::sentence)
                .findFirst();
        List<ReadLine.Understood> foods = line.foods().toList();
        Optional<String> strikes = foods.stream()
                .flatMap(food -> food.doubts().stream()
                        .filter(Ambiguity.Implausible.class::isInstance)
                        .filter(doubt -> !doubt.settled())
                        .map(doubt -> food.typed().strip() + ": " + strikes((Ambiguity.Implausible) doubt, food)))
                .findFirst();
        String asked = puzzle.or(() -> missed).or(() -> strikes).orElse("");
        String goesIn = foods.stream()
                .map(food -> say.grams(food.mass()) + " "
                        + food.ingredient()
                                .name()
                                .replaceAll("[,(].*", "")
                                .strip()
                                .toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
        String detail = asked.isEmpty() && !goesIn.isEmpty() ? SauceText.goesIn(goesIn) : asked;
        return new Note(
                line.number(),
                line.stage(),
                line.typed().strip(),
                "step",
                figure(outcome),
                detail,
                !asked.isEmpty(),
                List.of(),
                List.of(),
                "");
    }

    /** What a stage comes to, in a few words. */
    private String figure(Outcome outcome) {
        Mixture before = outcome.before();
        List<String> parts = new ArrayList<>();
        for (StagedSauce.Result result : outcome.results()) {
            Operation operation = result.operation();
            boolean boils = operation instanceof Operation.Reduce
                    || operation instanceof Operation.SimmerFor simmer
                            && !simmer.time().isZero();
            if (boils && !before.isEmpty() && result.missed().isEmpty()) {
                parts.add(say.about(before.mass().grams()) + " → "
                        + say.about(result.after().mass().grams()));
                if (result.minutes().middle() > 0) {
                    parts.add(SauceText.about(say.minutes(result.minutes().middle())));
                }
                alcohol(before, result.after()).ifPresent(parts::add);
            } else if (operation instanceof Operation.Strain || operation instanceof Operation.StrainLeaving) {
                double left = before.mass().grams() - result.after().mass().grams();
                parts.add(SauceText.leavesBehind(say.about(left)));
            } else if (operation instanceof Operation.Sweat || operation instanceof Operation.Fry) {
                parts.add(SauceText.loses(
                        say.about(before.mass().grams() - result.after().mass().grams())));
            } else if (operation instanceof Operation.Blend && !before.isEmpty()) {
                double thicker = warm(result.after()) - warm(before);
                parts.add(thicker > 0.05 ? SauceText.thicker(say.number(thicker, 1)) : SauceText.NO_THICKER);
            } else if (operation instanceof Operation.Cool cool && cool.to().degrees() < 100) {
                parts.add(SauceText.to(say.degrees(cool.to().degrees())));
            }
            before = result.after();
        }
        return parts.isEmpty() ? after(outcome) : String.join(" · ", parts);
    }

    private String after(Outcome outcome) {
        return outcome.after().isEmpty() || outcome.results().isEmpty()
                ? ""
                : SauceText.inThePot(say.about(outcome.after().mass().grams()), say.number(warm(outcome.after()), 1));
    }

    private Optional<String> alcohol(Mixture before, Mixture after) {
        double had = before.mass(Component.ETHANOL).grams();
        return had < 1
                ? Optional.empty()
                : Optional.of(String.format(
                        Locale.ROOT,
                        "alcohol %s → %s",
                        say.grams(had),
                        say.grams(after.mass(Component.ETHANOL).grams())));
    }

    private static double warm(Mixture mixture) {
        return Thickness.grade(mixture, Celsius.SERVED_WARM, ThicknessFactor.ONE)
                .value();
    }
}
