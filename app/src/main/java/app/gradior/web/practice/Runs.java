package app.gradior.web.practice;

import app.gradior.practice.Attempt;
import app.gradior.practice.BestWalk;
import app.gradior.practice.Exercise;
import app.gradior.practice.Score;
import app.gradior.web.kitchen.CurrentKitchen;
import app.gradior.web.learning.Eyes;
import app.gradior.web.platform.NotFound;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Runs of practice: each is what was done at which second, and a seed; the pots follow from that. */
@Service
class Runs {
    /** Nobody does more than this to a pot. */
    private static final int MAX_STEPS = 800;

    private static final TypeReference<List<StoredStep>> STEPS = new TypeReference<>() {};

    private final PracticeMapper mapper;
    private final Exercises exercises;
    private final Eyes eyes;
    private final Clock clock;
    private final JsonMapper json = new JsonMapper();
    private final Cache<UUID, List<BestWalk>> walks =
            Caffeine.newBuilder().maximumSize(200).build();

    Runs(PracticeMapper mapper, Exercises exercises, Eyes eyes, Clock clock) {
        this.mapper = mapper;
        this.exercises = exercises;
        this.eyes = eyes;
        this.clock = clock;
    }

    /**
     * A run as it is kept.
     *
     * @param clock where the pot's clock was last, seconds
     * @param points empty while it goes on
     */
    record Kept(
            UUID id,
            RunSetup setup,
            List<StoredStep> steps,
            Attempt attempt,
            double clock,
            Instant begunAt,
            Optional<Double> points) {
        public boolean over() {
            return points.isPresent();
        }
    }

    /** What can't be, in a sentence that says what to do. */
    static class Refused extends RuntimeException {
        private static final long serialVersionUID = 1;

        Refused(String message) {
            super(message);
        }
    }

    private static String person() {
        return CurrentKitchen.person().orElse("");
    }

    /** The same pot for everybody on a day, wherever they are. */
    long seedOfToday() {
        return LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).toEpochDay();
    }

    /** Begins a run; sent again under the same id, it is begun once. */
    @Transactional
    public UUID begin(UUID kitchen, UUID id, RunSetup setup, long seed, List<StoredStep> first) {
        if (mapper.find(kitchen, id).isEmpty()) {
            mapper.insert(
                    kitchen,
                    id,
                    person(),
                    json.writeValueAsString(setup),
                    setup.key(),
                    seed,
                    json.writeValueAsString(first),
                    clock.instant());
        }
        return id;
    }

    Kept get(UUID kitchen, UUID id) {
        return mapper.find(kitchen, id).map(row -> read(kitchen, row)).orElseThrow(() -> new NotFound("practice"));
    }

    private Kept read(UUID kitchen, PracticeMapper.Row row) {
        RunSetup setup = json.readValue(row.exercise(), RunSetup.class);
        List<StoredStep> steps = json.readValue(row.steps(), STEPS);
        Exercise exercise = exercises.of(kitchen, setup);
        Attempt attempt = new Attempt(
                exercise,
                setup.pans(),
                row.seed(),
                steps.stream()
                        .flatMap(step -> step.read(exercise.starch()).stream())
                        .toList());
        return new Kept(
                row.id(), setup, steps, attempt, row.clockS(), row.begunAt(), Optional.ofNullable(row.points()));
    }

    /**
     * Takes a step in; sent again under its number, it is taken once.
     *
     * @param number how many steps there were before it
     * @throws Refused if it can't be
     */
    @Transactional
    public Kept take(UUID kitchen, UUID id, int number, StoredStep step) {
        Kept kept = mapper.lock(kitchen, id).map(row -> read(kitchen, row)).orElseThrow(() -> new NotFound("practice"));
        if (kept.over() || number < kept.steps().size()) {
            return kept;
        }
        Exercise exercise = kept.attempt().exercise();
        boolean known = step.pot() >= 0 && step.pot() < exercise.pots().size();
        double last =
                kept.steps().stream().mapToDouble(StoredStep::seconds).max().orElse(0);
        boolean inOrder =
                number == kept.steps().size() && step.seconds() >= last && step.seconds() <= Attempt.LONGEST_S;
        Optional<Attempt.Step> read = known && inOrder ? step.read(exercise.starch()) : Optional.empty();
        if (read.isEmpty() || kept.steps().size() >= MAX_STEPS) {
            throw new Refused(PracticeText.NOT_TAKEN);
        }
        List<StoredStep> steps = new ArrayList<>(kept.steps());
        steps.add(step);
        Attempt then = kept.attempt().with(read.get());
        if (read.get().deed() instanceof Attempt.Deed.Guessed guess) {
            eyes.guessed(
                    kitchen,
                    id,
                    guess.grade(),
                    then.pot(step.pot(), step.seconds()).grade());
        }
        Optional<Double> points =
                then.over() ? Optional.of(Score.of(then, walks(id, then)).points()) : Optional.empty();
        mapper.change(
                kitchen,
                id,
                json.writeValueAsString(steps),
                step.seconds(),
                points.isPresent() ? clock.instant() : null,
                points.orElse(null));
        return new Kept(id, kept.setup(), steps, then, step.seconds(), kept.begunAt(), points);
    }

    /** Keeps where the pot's clock is, so that somebody who comes back goes on from there. */
    @Transactional
    public boolean clockAt(UUID kitchen, UUID id, double seconds) {
        Kept kept = mapper.lock(kitchen, id).map(row -> read(kitchen, row)).orElseThrow(() -> new NotFound("practice"));
        if (!kept.over() && seconds >= kept.clock() && seconds <= Attempt.LONGEST_S) {
            mapper.change(kitchen, id, json.writeValueAsString(kept.steps()), seconds, null, null);
            return true;
        }
        return false;
    }

    /** The best walk of each pot of a run. */
    List<BestWalk> walks(UUID id, Attempt attempt) {
        return walks.get(
                id,
                key -> IntStream.range(0, attempt.exercise().pots().size())
                        .mapToObj(pot -> BestWalk.of(attempt.exercise(), pot, attempt.truth(pot)))
                        .toList());
    }

    /** The best of each lesson, by the one who asks. */
    Map<String, PracticeMapper.Best> best(UUID kitchen) {
        return mapper.best(kitchen, person()).stream()
                .collect(Collectors.toMap(PracticeMapper.Best::lesson, Function.identity()));
    }
}
