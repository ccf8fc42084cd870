package app.gradior.web.sauce;

import app.gradior.food.Component;
import app.gradior.food.Ingredient;
import app.gradior.food.Mixture;
import app.gradior.measure.Doubt;
import app.gradior.measure.ReadLine;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.sauce.Doing;
import app.gradior.sauce.Operation;
import app.gradior.sauce.SauceLine;
import app.gradior.sauce.StagedSauce;
import app.gradior.sauce.WrittenSauce.Outcome;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import app.gradior.web.PlanWords;
import app.gradior.web.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Says beside each line how it was understood. */
@org.springframework.stereotype.Component
class LineNotes {
    private final Wording say;
    private final PlanWords words;

    LineNotes(Wording say, PlanWords words) {
        this.say = say;
        this.words = words;
    }

    /**
     * What stands beside and under a line.
     *
     * @param kind food, step, heading, remark, serves, unclear
     * @param figure what stands at its end, such as 60 g
     * @param detail what stands under it
     * @param open whether the cook should look at it
     */
    record Note(
            int line, int stage, String kind, String figure, String detail, boolean open, List<Question> questions) {}

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
        if (read instanceof ReadLine.Understood understood) {
            return understood(line, understood);
        }
        if (read instanceof ReadLine.Unclear unclear) {
            List<Answer> answers = new ArrayList<>();
            unclear.rewrites()
                    .forEach(r -> answers.add(new Answer(r.replace("\n", " / "), false, null, null, null, r)));
            return new Note(
                    line.number(),
                    line.stage(),
                    "unclear",
                    "?",
                    unclear.problem(),
                    true,
                    answers.isEmpty() && unclear.guesses().isEmpty()
                            ? List.of()
                            : List.of(new Question(
                                    answers.isEmpty() ? "Perhaps" : "Make it",
                                    false,
                                    false,
                                    null,
                                    null,
                                    answers.isEmpty() ? foods(unclear.guesses(), unclear) : answers)));
        }
        if (read instanceof ReadLine.Heading) {
            return plain(line, "heading", after(outcome));
        }
        return plain(line, read instanceof ReadLine.Serves ? "serves" : "remark", "");
    }

    /** Foods an unknown name may mean: choosing one is remembered for that name. */
    private static List<Answer> foods(List<Ingredient> guesses, ReadLine.Unclear unclear) {
        boolean named = unclear.problem().startsWith("“");
        String name = named ? unclear.problem().substring(1, unclear.problem().indexOf('”')) : "";
        return guesses.stream()
                .map(g -> new Answer(
                        g.name(),
                        false,
                        named ? g.key() : null,
                        null,
                        named ? app.gradior.measure.Habits.wordsOf(name) : null,
                        null))
                .toList();
    }

    private static Note plain(SauceLine line, String kind, String figure) {
        return new Note(line.number(), line.stage(), kind, figure, "", false, List.of());
    }

    private Note understood(SauceLine line, ReadLine.Understood read) {
        List<Question> questions = new ArrayList<>();
        for (Doubt doubt : read.doubts()) {
            questions.add(
                    doubt instanceof Doubt.HowMuch howMuch
                            ? howMuch(howMuch, read.ingredient())
                            : whichFood((Doubt.WhichFood) doubt));
        }
        String grams = say.grams(read.mass());
        return new Note(
                line.number(),
                line.stage(),
                "food",
                (read.assumption().isPresent() ? "≈ " : "") + grams + (read.doubtful() ? "?" : ""),
                read.doubts().isEmpty() ? read.assumption().orElse("") : "",
                read.doubtful(),
                questions);
    }

    private Question howMuch(Doubt.HowMuch doubt, Ingredient food) {
        List<Answer> answers = new ArrayList<>();
        answers.add(answer(doubt.one(), food, true));
        doubt.choices().forEach(choice -> answers.add(answer(choice, food, false)));
        String measure = doubt.measure().equals("unsaid") ? "one" : doubt.measure();
        String one = measure.startsWith("a ")
                        || measure.equals("to taste")
                        || measure.equals("one")
                        || measure.equals("some")
                ? "“" + measure + "”"
                : "a " + measure;
        return new Question(one + " here means", doubt.settled(), true, doubt.measure(), food.key(), answers);
    }

    private Answer answer(Mass mass, Ingredient food, boolean chosen) {
        return new Answer(say.grams(mass), chosen, food.key(), say.exact(mass.grams()), null, null);
    }

    private static Question whichFood(Doubt.WhichFood doubt) {
        List<Answer> answers = new ArrayList<>();
        for (Ingredient choice : doubt.choices()) {
            answers.add(new Answer(choice.name(), answers.isEmpty(), choice.key(), null, doubt.words(), null));
        }
        return new Question("“" + doubt.words() + "” is", doubt.settled(), false, null, null, answers);
    }

    private Note step(SauceLine.Step line, Outcome outcome) {
        Optional<String> puzzle = line.doings().stream()
                .filter(Doing.Puzzle.class::isInstance)
                .map(d -> ((Doing.Puzzle) d).problem())
                .findFirst();
        Optional<String> missed = outcome.results().stream()
                .flatMap(r -> r.missed().stream())
                .map(words::sentence)
                .findFirst();
        String detail = puzzle.or(() -> missed).orElse("");
        return new Note(line.number(), line.stage(), "step", figure(outcome), detail, !detail.isEmpty(), List.of());
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
                    parts.add("about " + say.minutes(result.minutes().middle()));
                }
                alcohol(before, result.after()).ifPresent(parts::add);
            } else if (operation instanceof Operation.Strain || operation instanceof Operation.StrainLeaving) {
                double left = before.mass().grams() - result.after().mass().grams();
                parts.add("leaves about " + say.about(left) + " behind");
            } else if (operation instanceof Operation.Sweat || operation instanceof Operation.Fry) {
                parts.add("loses about "
                        + say.about(
                                before.mass().grams() - result.after().mass().grams()));
            } else if (operation instanceof Operation.Blend && !before.isEmpty()) {
                double thicker = warm(result.after()) - warm(before);
                parts.add(thicker > 0.05 ? "thicker by " + say.number(thicker, 1) + " grade" : "no thicker");
            } else if (operation instanceof Operation.Cool cool && cool.to().degrees() < 100) {
                parts.add("to " + say.degrees(cool.to().degrees()));
            }
            before = result.after();
        }
        return parts.isEmpty() ? after(outcome) : String.join(" · ", parts);
    }

    private String after(Outcome outcome) {
        return outcome.after().isEmpty() || outcome.results().isEmpty()
                ? ""
                : say.about(outcome.after().mass().grams()) + " in the pot · grade "
                        + say.number(warm(outcome.after()), 1);
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
