package app.gradior.web.practice;

import app.gradior.practice.Attempt;
import app.gradior.practice.Attempt.Deed;
import app.gradior.practice.BestWalk;
import app.gradior.practice.Exercise;
import app.gradior.practice.Instrument;
import app.gradior.practice.Lesson;
import app.gradior.practice.Score;
import app.gradior.practice.SimulatedPot;
import app.gradior.practice.Task;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Rheology;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.learning.Eyes;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What the pages of practice show. */
@Component
class PracticePages {
    private static final double FIRST_ASKED = 0.3;
    private static final double LONGEST_WAIT_S = 3 * 3600;
    private static final double ASK_EVERY = 4;

    private final Runs runs;
    private final Eyes eyes;

    PracticePages(Runs runs, Eyes eyes) {
        this.runs = runs;
        this.eyes = eyes;
    }

    /**
     * A lesson in the list.
     *
     * @param best the best score; empty where there is none
     */
    record Listed(
            Lesson lesson, int number, String title, String task, Optional<Long> best, boolean passed, int runs) {}

    /** The looks with the grades from which on they show, as JSON. */
    static String looks() {
        record Look(Double from, String name) {}
        return new JsonMapper()
                .writeValueAsString(Arrays.stream(SpoonCoat.values())
                        .map(look -> new Look(Double.isInfinite(look.from()) ? null : look.from(), Names.of(look)))
                        .toList());
    }

    /** A look on the scale on which one says how thick it is: where it begins, and its middle. */
    record Mark(double from, double at, String label) {}

    private static final double THINNEST = 1;
    private static final double THICKEST = 7.5;
    private static final double SCALE_LEFT = 8;
    private static final double SCALE_WIDTH = 252;

    static List<Mark> marks() {
        return Arrays.stream(SpoonCoat.values())
                .map(look -> {
                    double from = Math.max(THINNEST, look.from());
                    double to = Math.min(THICKEST, look.to());
                    return new Mark(onScale(from), onScale((from + to) / 2), PracticeText.shortly(look));
                })
                .toList();
    }

    private static double onScale(double grade) {
        return SCALE_LEFT + (grade - THINNEST) / (THICKEST - THINNEST) * SCALE_WIDTH;
    }

    List<Listed> lessons(UUID kitchen) {
        Map<String, PracticeMapper.Best> best = runs.best(kitchen);
        return IntStream.range(0, Lesson.values().length)
                .mapToObj(i -> {
                    Lesson lesson = Lesson.values()[i];
                    Optional<PracticeMapper.Best> mine = Optional.ofNullable(best.get(lesson.key()));
                    return new Listed(
                            lesson,
                            i + 1,
                            PracticeText.title(lesson),
                            PracticeText.task(lesson),
                            mine.map(b -> Math.round(b.best())),
                            mine.filter(b -> b.best() >= Score.PASS).isPresent(),
                            mine.map(PracticeMapper.Best::runs).orElse(0));
                })
                .toList();
    }

    /** What a run is called. */
    String title(Runs.Kept run) {
        return run.setup()
                .ofLesson()
                .map(PracticeText::title)
                .orElseGet(() -> run.attempt().exercise().pots().get(0).name());
    }

    /** Whether so much is told on the way. */
    static Lesson.Hints hints(Runs.Kept run) {
        return run.setup().ofLesson().map(Lesson::hints).orElse(Lesson.Hints.SOME);
    }

    /** The state of a run, from a moment on. */
    RunState state(Runs.Kept run, double from, boolean all, UnitFormat say) {
        Attempt attempt = run.attempt();
        double now = Math.max(from, run.clock());
        List<RunState.PotState> pots = IntStream.range(
                        0, attempt.exercise().pots().size())
                .mapToObj(pot -> pot(attempt, pot, now))
                .toList();
        int last = attempt.steps().size() - 1;
        int asked = attempt.asked();
        Optional<Attempt.Reading> reading =
                last >= 0 && attempt.steps().get(last).deed() instanceof Deed.Looked
                        ? Optional.of(attempt.reading(last))
                        : Optional.empty();
        return new RunState(
                attempt.steps().size(),
                now,
                run.over(),
                asks(attempt, now),
                asked,
                last < 0 ? "" : said(run, last, say),
                reading.map(Attempt.Reading::value).orElse(0.0),
                reading.filter(r -> r.instrument() == Instrument.PLATE)
                        .map(r -> cold(attempt, last))
                        .orElse(null),
                last < 0 ? "" : look(run, last),
                attempt.looks(),
                all ? seen(run, say) : List.of(),
                Track.NAMES,
                pots);
    }

    /** How the sauce of a step flows on the plate. */
    private static RunState.Cold cold(Attempt attempt, int step) {
        Attempt.Step at = attempt.steps().get(step);
        Rheology flow = attempt.pot(at.pot(), at.seconds()).flowAt(Attempt.PLATE);
        return new RunState.Cold(flow.apparent().pascalSeconds(), flow.yieldStress());
    }

    private static List<RunState.Seen> seen(Runs.Kept run, UnitFormat say) {
        List<RunState.Seen> seen = new ArrayList<>();
        for (int i = 0; i < run.steps().size(); i++) {
            if (run.attempt().steps().get(i).deed() instanceof Deed.Looked) {
                StoredStep step = run.steps().get(i);
                seen.add(new RunState.Seen(step.kind(), step.seconds(), said(run, i, say)));
            }
        }
        return seen;
    }

    private static RunState.PotState pot(Attempt attempt, int pot, double now) {
        SimulatedPot then = attempt.pot(pot, now);
        Exercise.Station station = attempt.exercise().pots().get(pot);
        return new RunState.PotState(
                station.name(),
                then.dial(),
                then.lidOn(),
                then.isOff(),
                then.setup().conditions().pot().rim().millimetres(),
                then.setup().conditions().pot().wall().millimetres(),
                String.format("#%06x", station.appearance().rgb()),
                station.appearance().pieces(),
                station.appearance().pulp(),
                then.setup().foaming().value(),
                attempt.seed() + pot,
                Track.of(then));
    }

    /** When one is asked next: at grades that lie evenly between where it stands and what it is to come to. */
    private static double asks(Attempt attempt, double now) {
        int guesses = attempt.exercise().guesses();
        int made = attempt.asked();
        if (guesses == 0 || made >= guesses) {
            return -1;
        }
        double from = attempt.begun(0).grade();
        double to = ((Task.Thick) attempt.exercise().pots().get(0).task())
                .goal()
                .aim()
                .value();
        double wanted = from + (to - from) * (made + FIRST_ASKED) / guesses;
        SimulatedPot pot = attempt.pot(0, now);
        while ((pot.grade() < wanted || pot.activity().isEmpty()) && pot.seconds() < now + LONGEST_WAIT_S) {
            pot = pot.at(pot.seconds() + ASK_EVERY);
        }
        return pot.seconds() < now + LONGEST_WAIT_S ? pot.seconds() : -1;
    }

    private static String said(Runs.Kept run, int step, UnitFormat say) {
        Deed deed = run.attempt().steps().get(step).deed();
        if (deed instanceof Deed.Guessed) {
            List<Attempt.Guess> guesses = run.attempt().guesses();
            Grade truth = Grade.of(guesses.get(guesses.size() - 1).truth());
            return hints(run) == Lesson.Hints.ALL ? say.gradeAndLook(truth) : "";
        }
        if (!(deed instanceof Deed.Looked)) {
            return "";
        }
        Attempt.Reading reading = run.attempt().reading(step);
        return switch (reading.instrument()) {
            case SPOON -> hints(run) == Lesson.Hints.ALL ? Names.of(reading.look()) : "";
            case PLATE -> say.width(reading.value());
            case SCALE -> say.grams(Mass.ofGrams(reading.value()));
            case PROBE -> say.degrees(reading.value());
        };
    }

    /** The look of the spoon, for those who can't see the drawing. */
    private static String look(Runs.Kept run, int step) {
        return run.attempt().steps().get(step).deed() instanceof Deed.Looked looked
                        && looked.instrument() == Instrument.SPOON
                ? Names.of(run.attempt().reading(step).look())
                : "";
    }

    /**
     * How it was.
     *
     * @param truths what was true of each pot
     * @param came what each pot came to
     * @param parts what the points are made of
     */
    record Result(
            Score score,
            long points,
            List<String> truths,
            List<String> came,
            List<Part> parts,
            List<String> wrong,
            String better,
            List<ScoreDrawing> drawings,
            List<Guessed> guesses) {}

    /** Points for something, of so many. */
    record Part(String what, long points, long of) {}

    record Guessed(String when, String thought, String was) {}

    Result result(Runs.Kept run, UnitFormat say) {
        Attempt attempt = run.attempt();
        List<BestWalk> best = runs.walks(run.id(), attempt);
        Score score = Score.of(attempt, best);
        List<Exercise.Station> pots = attempt.exercise().pots();
        List<Task> tasks = pots.stream().map(Exercise.Station::task).toList();
        boolean guesses = attempt.exercise().guesses() > 0;
        List<String> came = new ArrayList<>();
        List<String> truths = new ArrayList<>();
        List<ScoreDrawing> drawings = new ArrayList<>();
        for (int pot = 0; pot < pots.size(); pot++) {
            if (!guesses) {
                came.add(pots.get(pot).name() + ": "
                        + PracticeText.off(tasks.get(pot), score.off().get(pot)));
            }
            truths.add(PracticeText.truth(attempt.truth(pot)));
            drawings.add(ScoreDrawing.of(attempt, pot, best.get(pot)));
        }
        return new Result(
                score,
                Math.round(score.points()),
                truths,
                came,
                parts(score, guesses),
                score.wrong().entrySet().stream()
                        .filter(e -> e.getValue() > 0.05)
                        .map(e -> Names.of(e.getKey()))
                        .sorted()
                        .toList(),
                PracticeText.better(score, tasks, guesses),
                drawings,
                attempt.guesses().stream()
                        .map(guess -> new Guessed(
                                PracticeText.when(guess.seconds()),
                                say.gradeAndLook(Grade.of(guess.guessed())),
                                say.gradeAndLook(Grade.of(guess.truth()))))
                        .toList());
    }

    private static List<Part> parts(Score score, boolean guesses) {
        if (guesses) {
            return List.of(new Part(PracticeText.GUESSES, Math.round(score.points()), 100));
        }
        return List.of(
                new Part(PracticeText.TARGET, Math.round(score.target()), 55),
                new Part(PracticeText.YIELD, Math.round(score.yield()), 10),
                new Part(PracticeText.TIME, Math.round(score.time()), 10),
                new Part(PracticeText.LOOKS, Math.round(score.looks()), 10),
                new Part(PracticeText.CLEAN, Math.round(score.clean()), 15));
    }

    /**
     * How an eye gets better.
     *
     * @param error mean error of the last guesses; empty where there are none
     * @param byLook mean error at each look
     * @param measured how well it tells, in grades; empty while too little is known
     * @param weighs whether real readings are weighed by it
     */
    record Eye(
            Optional<String> error,
            List<ByLook> byLook,
            Optional<EyeDrawing> drawing,
            int guesses,
            Optional<Double> measured,
            boolean weighs) {}

    /** @param error mean error in grades; empty where it was never asked */
    record ByLook(String look, Optional<Double> error, double lean, int guesses) {}

    private static final int LAST = 20;

    Eye eye(UUID kitchen) {
        List<Eyes.Guess> all = eyes.guesses(kitchen);
        List<ByLook> byLook = new ArrayList<>();
        for (SpoonCoat look : SpoonCoat.values()) {
            List<Eyes.Guess> of = all.stream()
                    .filter(guess -> look.shows(Grade.of(guess.truth())))
                    .toList();
            byLook.add(new ByLook(
                    Names.of(look),
                    of.isEmpty()
                            ? Optional.empty()
                            : Optional.of(of.stream()
                                    .mapToDouble(g -> g.error())
                                    .average()
                                    .orElse(0)),
                    of.stream()
                            .mapToDouble(g -> g.guessed() - g.truth())
                            .average()
                            .orElse(0),
                    of.size()));
        }
        List<Eyes.Guess> last = all.subList(Math.max(0, all.size() - LAST), all.size());
        double error = last.stream().mapToDouble(g -> g.error()).average().orElse(0);
        return new Eye(
                last.isEmpty() ? Optional.empty() : Optional.of(PracticeText.eye(error, last.size())),
                byLook,
                all.size() < 2 ? Optional.empty() : Optional.of(EyeDrawing.of(all)),
                all.size(),
                eyes.measured(kitchen),
                eyes.weighs(kitchen));
    }
}
