package app.gradior.web.evening;

import app.gradior.evening.Alternative;
import app.gradior.evening.Clash;
import app.gradior.evening.Evening;
import app.gradior.evening.EveningSolver;
import app.gradior.evening.Execution;
import app.gradior.evening.Job;
import app.gradior.evening.Obstacle;
import app.gradior.evening.Schedule;
import app.gradior.evening.TaskKind;
import app.gradior.web.kitchen.Secrets;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.concurrent.DelegatingSecurityContextRunnable;
import org.springframework.stereotype.Component;

/**
 * Finds schedules: a plain one at once, the best one beside what the application does, on one core. What was found is kept
 * with its evening, so that neither a restart nor another node looks for it again.
 */
@Component
class EveningDesk {
    private static final Logger LOG = LoggerFactory.getLogger(EveningDesk.class);
    private static final long BEST_MS = 3000;
    private static final long FIX_MS = 500;
    private static final int FIXES = 3;
    private static final int CLASHES = 3;
    private static final int WAITING = 100;
    private static final int RUNS = 200;
    private static final int TOLD = 4;

    /** What takes as long as hands are slow or fast. */
    private static final Set<TaskKind> PACED = EnumSet.of(TaskKind.GATHER, TaskKind.PREPARE);

    /** The mark of a schedule that was made while the evening goes on. */
    private static final String LIVE = "live ";

    /** A task that has not begun so long after its time is late. */
    private static final int LATE = 3 * Evening.TICKS;

    /** What is seen moves no more often than this. */
    private static final Duration AT_REST = Duration.ofMinutes(1);

    /** Of dishes that are late by less nobody speaks. */
    private static final int WORTH_A_FIX = 5 * Evening.TICKS;

    private final Evenings evenings;
    private final EveningPlanner planner;
    private final Changes changes;
    private final Cache<Evening, Work> works = Caffeine.newBuilder()
            .maximumSize(300)
            .expireAfterAccess(Duration.ofHours(12))
            .build();
    /** Of each evening, what it is the schedule of that is looked for. */
    private final Map<UUID, String> wanted = new ConcurrentHashMap<>();

    private final ThreadPoolExecutor solver =
            new ThreadPoolExecutor(1, 1, 1, TimeUnit.MINUTES, new ArrayBlockingQueue<>(WAITING), task -> {
                Thread thread = new Thread(task, "evenings");
                thread.setDaemon(true);
                return thread;
            });

    EveningDesk(Evenings evenings, EveningPlanner planner, Changes changes) {
        this.evenings = evenings;
        this.planner = planner;
        this.changes = changes;
    }

    @PreDestroy
    void stop() {
        solver.shutdownNow();
    }

    /** What is known so far of one evening. */
    private static final class Work {
        private volatile Optional<Schedule> best = Optional.empty();
        private volatile boolean solved;
        private volatile boolean told;
        private volatile double holds;
        private volatile List<Clash> clashes = List.of();
        private volatile List<Obstacle> obstacles = List.of();
        private volatile List<Alternative.Effect<Changes.Change>> fixes = List.of();
    }

    /**
     * What there is to see.
     *
     * @param working whether a better one is still looked for
     * @param holds the part of such evenings that are on time; 0 where that is not known
     */
    record Seen(
            EveningProblem problem,
            Optional<Schedule> schedule,
            boolean working,
            List<Clash> clashes,
            List<Obstacle> obstacles,
            List<Alternative.Effect<Changes.Change>> fixes,
            double holds) {}

    Seen look(UUID kitchen, Evenings.Kept kept) {
        EveningProblem plan = planner.problem(kitchen, kept.body());
        return kept.startedAt().isPresent() && kept.schedule().isPresent()
                ? live(kitchen, kept, plan)
                : planned(kitchen, kept, plan);
    }

    /** Minutes that a task takes at the usual pace, where it is a sauce's handwork that the pace changes. */
    Optional<Double> usual(UUID kitchen, Evenings.Kept kept, int job, int task) {
        EveningProblem plan = planner.problem(kitchen, kept.body());
        double pace = evenings.pace(kitchen).factor();
        return Optional.ofNullable(plan.places().get(job))
                .filter(place -> plan.jobs().get(place).sauce() != null)
                .map(place -> plan.evening().jobs().get(place).tasks())
                .filter(tasks ->
                        task < tasks.size() && PACED.contains(tasks.get(task).kind()))
                .map(tasks -> tasks.get(task).minutes(0).middle() / pace);
    }

    /** Which jobs a schedule that people go by is of, in its order: what is added or taken out later moves their places. */
    static String liveMark(EveningProblem problem) {
        return LIVE
                + problem.jobs().stream()
                        .map(part -> String.valueOf(part.entry().id()))
                        .collect(Collectors.joining(","));
    }

    /** The schedule that people go by, with what of it is still there in its places of now. */
    private static Schedule inPlace(Evenings.Kept kept, EveningProblem plan) {
        return inPlace(kept.schedule().orElseThrow(), kept.scheduleOf(), plan);
    }

    private static Schedule inPlace(Schedule seen, String mark, EveningProblem plan) {
        if (fits(seen, plan) && liveMark(plan).equals(mark)) {
            return seen;
        }
        Map<Integer, Integer> places = plan.places();
        String[] ids = mark != null && mark.startsWith(LIVE)
                ? mark.substring(LIVE.length()).split(",")
                : new String[0];
        List<Schedule.Placed> tasks = new ArrayList<>();
        List<Integer> rings = new ArrayList<>(Collections.nCopies(plan.jobs().size(), -1));
        for (Schedule.Placed placed : seen.tasks()) {
            int was = placed.ref().job();
            boolean known = was < ids.length && ids[was].matches("\\d{1,6}");
            Integer now = known ? places.get(Integer.valueOf(ids[was])) : null;
            if (now != null
                    && placed.ref().task()
                            < plan.evening().jobs().get(now).tasks().size()) {
                tasks.add(new Schedule.Placed(
                        new Evening.Ref(now, placed.ref().task()), placed.start(), placed.end(), placed.slow()));
                int ring = seen.rings().get(was);
                rings.set(now, ring < plan.evening().rings() ? ring : -1);
            }
        }
        return new Schedule(tasks, rings, plan.evening().courses(), seen.cost(), false);
    }

    /** Whether a schedule is of the jobs and the rings that there are. */
    private static boolean fits(Schedule schedule, EveningProblem problem) {
        Evening evening = problem.evening();
        if (schedule.served().size() != evening.courses().size()
                || schedule.rings().size() != evening.jobs().size()) {
            return false;
        }
        int tasks = 0;
        for (int j = 0; j < evening.jobs().size(); j++) {
            Job job = evening.jobs().get(j);
            tasks += job.tasks().size();
            int ring = schedule.rings().get(j);
            if (job.usesRing() && (ring < 0 || ring >= evening.rings())) {
                return false;
            }
        }
        return schedule.tasks().size() == tasks
                && schedule.tasks().stream()
                        .allMatch(placed -> placed.ref().job() < evening.jobs().size()
                                && placed.ref().task()
                                        < evening.jobs()
                                                .get(placed.ref().job())
                                                .tasks()
                                                .size());
    }

    private Seen planned(UUID kitchen, Evenings.Kept kept, EveningProblem plan) {
        EveningProblem problem = plan;
        Work work = work(kitchen, kept, problem);
        int now = plan.tick(evenings.now());
        if (work.best.filter(s -> s.begins(plan.evening()) < now).isPresent()
                && now
                        < plan.evening().courses().stream()
                                .mapToInt(c -> c)
                                .max()
                                .orElse(0)) {
            // It is too late for that one: from the last five minutes on.
            int from = now - now % (5 * Evening.TICKS);
            problem = new EveningProblem(
                    plan.evening().from(from), plan.origin(), plan.jobs(), plan.missing(), plan.rings(), plan.due());
            work = work(kitchen, kept, problem);
        }
        return new Seen(problem, work.best, !work.told, work.clashes, work.obstacles, work.fixes, work.holds);
    }

    private Work work(UUID kitchen, Evenings.Kept kept, EveningProblem problem) {
        Work known = works.getIfPresent(problem.evening());
        if (known != null) {
            return known;
        }
        Work work = new Work();
        String mark = mark(problem.evening());
        if (mark.equals(kept.scheduleOf()) && kept.schedule().isPresent()) {
            work.best = kept.schedule();
            work.solved = true;
        } else {
            work.best = EveningSolver.atOnce(problem.evening());
        }
        works.put(problem.evening(), work);
        wanted.put(kept.id(), mark);
        try {
            solver.execute(new DelegatingSecurityContextRunnable(() -> solve(kitchen, kept, problem, work, mark)));
        } catch (RejectedExecutionException full) {
            works.invalidate(problem.evening());
            LOG.warn("{} evenings wait for a schedule already", WAITING);
        }
        return work;
    }

    private static String mark(Evening evening) {
        return Secrets.hash(evening.toString());
    }

    private void solve(UUID kitchen, Evenings.Kept kept, EveningProblem problem, Work work, String mark) {
        try {
            // Somebody has changed the evening since: nobody will look at this one.
            BooleanSupplier over = () -> !mark.equals(wanted.getOrDefault(kept.id(), mark));
            if (!work.solved) {
                Optional<Schedule> best = EveningSolver.solve(
                        problem.evening(), BEST_MS, better -> work.best = Optional.of(better), over);
                if (over.getAsBoolean()) {
                    works.invalidate(problem.evening());
                    return;
                }
                work.best = best;
                work.solved = true;
                work.best.ifPresent(found -> evenings.scheduled(kitchen, kept.id(), found, mark));
            }
            work.best.ifPresent(best -> work.holds = Execution.onTime(problem.evening(), best, RUNS, 1));
            help(kitchen, kept, problem, work);
        } catch (RuntimeException e) {
            LOG.warn("an evening was not scheduled", e);
        } finally {
            wanted.remove(kept.id(), mark);
            work.told = true;
        }
    }

    private void help(UUID kitchen, Evenings.Kept kept, EveningProblem problem, Work work) {
        work.clashes = Clash.of(problem.evening(), CLASHES);
        boolean late = work.best.filter(s -> s.cost().late() == 0).isEmpty();
        if (late) {
            work.obstacles = Obstacle.of(problem.evening(), work.best, FIX_MS);
        }
        if (late || !work.clashes.isEmpty() || !problem.evening().pinned().isEmpty()) {
            work.fixes = fixes(
                    kitchen, kept, problem, work.best, work.clashes, change -> planned(kitchen, kept, problem, change));
        }
    }

    private Optional<Alternative<Changes.Change>> planned(
            UUID kitchen, Evenings.Kept kept, EveningProblem problem, Changes.Change change) {
        EveningProblem other = planner.problem(kitchen, changes.made(kept.body(), change), problem.origin());
        return other.missing().size() > problem.missing().size()
                ? Optional.empty()
                : Optional.of(new Alternative<>(
                        change, other.evening().from(problem.evening().earliest())));
    }

    /**
     * What helps most; where nothing brings it in time, also what it would take to leave something out.
     *
     * @param made the evening with a change, where it can be made
     */
    private List<Alternative.Effect<Changes.Change>> fixes(
            UUID kitchen,
            Evenings.Kept kept,
            EveningProblem problem,
            Optional<Schedule> now,
            List<Clash> clashes,
            Function<Changes.Change, Optional<Alternative<Changes.Change>>> made) {
        List<Long> late = now.map(schedule -> late(problem, schedule)).orElse(List.of());
        List<Alternative.Effect<Changes.Change>> best =
                best(problem, now, changes.worthTrying(kitchen, kept.body(), problem, clashes, late), made, FIXES);
        boolean inTime = best.stream().anyMatch(effect -> effect.late() < 1);
        if (inTime) {
            return best;
        }
        List<Alternative.Effect<Changes.Change>> all = new ArrayList<>(best);
        all.addAll(best(problem, now, Changes.lastResort(problem), made, 1));
        return all;
    }

    private static List<Alternative.Effect<Changes.Change>> best(
            EveningProblem problem,
            Optional<Schedule> now,
            List<Changes.Change> worth,
            Function<Changes.Change, Optional<Alternative<Changes.Change>>> made,
            int most) {
        return Alternative.best(
                problem.evening(),
                now,
                worth.stream().flatMap(change -> made.apply(change).stream()).toList(),
                FIX_MS,
                most);
    }

    private Seen live(UUID kitchen, Evenings.Kept kept, EveningProblem plan) {
        Schedule seen = inPlace(kept, plan);
        Instant now = evenings.now();
        EveningProblem problem = planner.live(kitchen, plan, evenings.happened(kitchen, kept.id()), seen, now);
        boolean whole = fits(seen, plan);
        Schedule asItIs = whole ? asItIs(problem, seen) : seen;
        boolean rested = kept.scheduledAt() == null
                || Duration.between(kept.scheduledAt(), now).compareTo(AT_REST) >= 0;
        Schedule shown = asItIs;
        // What was put in or taken out is planned at once; what only runs late, once a minute.
        if (!whole || kept.live() && rested && drifted(problem.evening(), asItIs)) {
            Optional<Schedule> anew = EveningSolver.solve(problem.evening(), FIX_MS, s -> {});
            if (anew.isEmpty() && !whole) {
                return new Seen(problem, Optional.empty(), false, List.of(), List.of(), List.of(), 0);
            }
            if (anew.isPresent()) {
                shown = anew.get();
                evenings.scheduled(kitchen, kept.id(), shown, liveMark(problem));
                tell(kitchen, kept, problem, asItIs, shown);
            }
        }
        List<Alternative.Effect<Changes.Change>> fixes = List.of();
        boolean working = false;
        if (kept.live() && shown.cost().late() > WORTH_A_FIX) {
            Work work = lateWork(kitchen, kept, problem, shown);
            fixes = work.fixes;
            working = !work.told;
        }
        return new Seen(problem, Optional.of(shown), working, List.of(), List.of(), fixes, 0);
    }

    /** Notes what moved of what has not begun: each job once, those that moved most first. */
    private void tell(UUID kitchen, Evenings.Kept kept, EveningProblem problem, Schedule before, Schedule after) {
        List<EveningEvent.Moved.Shift> shifts = new ArrayList<>();
        for (int j = 0; j < problem.jobs().size(); j++) {
            int most = 0;
            for (Schedule.Placed placed : after.tasks()) {
                if (placed.ref().job() == j && !problem.evening().begun().containsKey(placed.ref())) {
                    int moved = placed.start()
                            - before.find(placed.ref())
                                    .map(Schedule.Placed::start)
                                    .orElse(placed.start());
                    most = Math.abs(moved) > Math.abs(most) ? moved : most;
                }
            }
            if (Math.abs(most) >= Evening.TICKS) {
                shifts.add(new EveningEvent.Moved.Shift(
                        problem.jobs().get(j).entry().id(), Math.round(most / (double) Evening.TICKS)));
            }
        }
        shifts.sort((a, b) -> Long.compare(Math.abs(b.minutes()), Math.abs(a.minutes())));
        if (!shifts.isEmpty()) {
            evenings.append(
                    kitchen,
                    kept.id(),
                    UUID.randomUUID(),
                    evenings.now(),
                    new EveningEvent.Moved(shifts.stream().limit(TOLD).toList()));
        }
    }

    /** The same evening as it is by now, with a change. */
    private Optional<Alternative<Changes.Change>> underWay(
            UUID kitchen, Evenings.Kept kept, EveningProblem problem, Schedule shown, Changes.Change change) {
        EveningProblem other = planner.problem(kitchen, changes.made(kept.body(), change), problem.origin());
        if (other.missing().size() > problem.missing().size()) {
            return Optional.empty();
        }
        Schedule there = inPlace(shown, liveMark(problem), other);
        List<Evenings.Happened> happened = evenings.happened(kitchen, kept.id());
        return Optional.of(new Alternative<>(
                change,
                planner.live(kitchen, other, happened, there, evenings.now()).evening()));
    }

    /** By how many minutes each course is served after its hour. */
    private static List<Long> late(EveningProblem problem, Schedule schedule) {
        List<Integer> courses = problem.evening().courses();
        return IntStream.range(0, courses.size())
                .mapToObj(c -> Math.round((schedule.served().get(c) - courses.get(c)) / (double) Evening.TICKS))
                .toList();
    }

    /** What helps where dishes are late, looked for beside. */
    private Work lateWork(UUID kitchen, Evenings.Kept kept, EveningProblem problem, Schedule shown) {
        int fiveMinutes = problem.evening().earliest() - problem.evening().earliest() % (5 * Evening.TICKS);
        Evening key = problem.evening().from(fiveMinutes);
        Work known = works.getIfPresent(key);
        if (known != null) {
            return known;
        }
        Work work = new Work();
        work.best = Optional.of(shown);
        works.put(key, work);
        try {
            solver.execute(new DelegatingSecurityContextRunnable(() -> {
                try {
                    work.fixes = fixes(
                            kitchen,
                            kept,
                            problem,
                            Optional.of(shown),
                            List.of(),
                            change -> underWay(kitchen, kept, problem, shown, change));
                } catch (RuntimeException e) {
                    LOG.warn("nothing was found that helps an evening", e);
                } finally {
                    work.told = true;
                }
            }));
        } catch (RejectedExecutionException full) {
            works.invalidate(key);
        }
        return work;
    }

    /** The schedule that people go by, with what has begun where it is and what lasts as long as it looks. */
    private static Schedule asItIs(EveningProblem problem, Schedule seen) {
        List<Schedule.Placed> tasks = new ArrayList<>();
        for (Schedule.Placed placed : seen.tasks()) {
            Integer begun = problem.evening().begun().get(placed.ref());
            int ring = Math.max(0, seen.rings().get(placed.ref().job()));
            tasks.add(
                    begun == null
                            ? placed
                            : new Schedule.Placed(
                                    placed.ref(),
                                    begun,
                                    begun
                                            + Math.max(1, (int) Math.round(Evening.TICKS
                                                    * problem.evening()
                                                            .task(placed.ref())
                                                            .minutes(ring)
                                                            .middle())),
                                    false));
        }
        return new Schedule(tasks, seen.rings(), seen.served(), seen.cost(), seen.proved());
    }

    /** Whether something is late to begin, or will be ready after its course is served. */
    private static boolean drifted(Evening evening, Schedule schedule) {
        for (Schedule.Placed placed : schedule.tasks()) {
            boolean begun = evening.begun().containsKey(placed.ref());
            if (!begun && placed.start() < evening.earliest() - LATE) {
                return true;
            }
            boolean next = placed.ref().task() > 0 && !begun;
            if (next) {
                Schedule.Placed before =
                        schedule.at(placed.ref().job(), placed.ref().task() - 1);
                if (evening.begun().containsKey(before.ref()) && before.end() > placed.start() + LATE) {
                    return true;
                }
            }
            int course = evening.jobs().get(placed.ref().job()).course();
            if (placed.end() > schedule.served().get(course)) {
                return true;
            }
        }
        return false;
    }
}
