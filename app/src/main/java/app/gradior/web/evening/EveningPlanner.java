package app.gradior.web.evening;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.evening.Evening;
import app.gradior.evening.Evening.Ref;
import app.gradior.evening.Job;
import app.gradior.evening.JobLine;
import app.gradior.evening.Pace;
import app.gradior.evening.SauceTasks;
import app.gradior.evening.Schedule;
import app.gradior.evening.Task;
import app.gradior.evening.TaskKind;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.sauce.Scaling;
import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.food.Foods;
import app.gradior.web.planning.PlanField;
import app.gradior.web.planning.PlanForm;
import app.gradior.web.planning.Planning;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** Makes a schedulable evening of what was put together: sauces by their plans, other jobs by their lines. */
@Component
class EveningPlanner {
    /** Nobody begins earlier than this before the last course. */
    private static final Duration LONGEST = Duration.ofHours(12);

    /** A kitchen that says nothing of its stove has as many. */
    private static final int USUAL_RINGS = 4;

    /** A ring that is about as strong and as large as the planned one does as well. */
    private static final double AS_STRONG = 0.75;

    private static final int AS_LARGE_MM = 80;

    private final Planning planning;
    private final SauceService sauces;
    private final Pots pots;
    private final Rings rings;
    private final BatchService cooks;
    private final Evenings evenings;
    private final SauceReader reader;
    private final Foods foods;

    EveningPlanner(
            Planning planning,
            SauceService sauces,
            Pots pots,
            Rings rings,
            BatchService cooks,
            Evenings evenings,
            SauceReader reader,
            Foods foods) {
        this.planning = planning;
        this.sauces = sauces;
        this.pots = pots;
        this.rings = rings;
        this.cooks = cooks;
        this.evenings = evenings;
        this.reader = reader;
        this.foods = foods;
    }

    /** What a job is called, by its sauce or its line. */
    String name(UUID kitchen, EveningBody.Entry entry) {
        return entry.ofSauce()
                .flatMap(id -> sauces.find(kitchen, id).map(sauce -> EveningText.part(sauce.name(), entry.share())))
                .orElseGet(() -> entry.sauce() != null
                        ? EveningText.A_SAUCE
                        : Optional.of(JobLine.read(entry.line()).name())
                                .filter(name -> !name.isEmpty())
                                .orElse(entry.line()));
    }

    /** As it is put together, with nothing begun. */
    EveningProblem problem(UUID kitchen, EveningBody body) {
        return problem(kitchen, body, body.lastServed().minus(LONGEST));
    }

    /** The same with ticks from a moment that another evening's count from. */
    EveningProblem problem(UUID kitchen, EveningBody body, Instant origin) {
        List<KitchenRing> on = rings.all(kitchen);
        int count = on.isEmpty() ? USUAL_RINGS : on.size();
        List<Job> jobs = new ArrayList<>();
        List<EveningProblem.Part> parts = new ArrayList<>();
        List<EveningProblem.Missing> missing = new ArrayList<>();
        Pace pace = evenings.pace(kitchen);
        for (EveningBody.Entry entry : body.jobs()) {
            if (entry.sauce() == null) {
                line(entry, count, jobs, parts, missing);
            } else {
                sauce(kitchen, entry, pace, on, count, jobs, parts, missing);
            }
        }
        Evening evening = Evening.of(
                0,
                body.courses().stream()
                        .map(course -> EveningProblem.tick(origin, course.at()))
                        .toList(),
                jobs,
                body.cooks().stream().map(cook -> person(cook, origin)).toList(),
                count,
                body.shelves());
        Map<Ref, Integer> pinned = new HashMap<>();
        EveningProblem problem = new EveningProblem(evening, origin, parts, missing, on, Map.of());
        Map<Integer, Integer> places = problem.places();
        for (EveningBody.Pin pin : body.pins()) {
            Integer job = places.get(pin.job());
            if (job != null && pin.task() < jobs.get(job).tasks().size()) {
                pinned.put(new Ref(job, pin.task()), EveningProblem.tick(origin, pin.at()));
            }
        }
        ZoneId zone = evenings.zone(kitchen);
        for (int j = 0; j < parts.size(); j++) {
            int job = j;
            parts.get(j).line().flatMap(JobLine::startsAt).ifPresent(hour -> {
                Instant at = EveningText.onTheDayOf(hour, body.lastServed(), zone);
                pinned.putIfAbsent(new Ref(job, 0), EveningProblem.tick(origin, at));
            });
        }
        return new EveningProblem(evening.pinned(pinned), origin, parts, missing, on, Map.of());
    }

    private static Evening.Person person(EveningBody.Cook cook, Instant origin) {
        boolean away = cook.awayFrom() != null
                && cook.awayTo() != null
                && cook.awayFrom().isBefore(cook.awayTo());
        return new Evening.Person(
                cook.name(),
                away
                        ? List.of(new Evening.Window(
                                EveningProblem.tick(origin, cook.awayFrom()),
                                EveningProblem.tick(origin, cook.awayTo())))
                        : List.of());
    }

    private static void line(
            EveningBody.Entry entry,
            int rings,
            List<Job> jobs,
            List<EveningProblem.Part> parts,
            List<EveningProblem.Missing> missing) {
        JobLine read = JobLine.read(entry.line());
        if (!read.complete()) {
            missing.add(new EveningProblem.Missing(
                    entry, read.name().isEmpty() ? entry.line() : read.name(), EveningText.problems(read)));
            return;
        }
        jobs.add(read.job(
                String.valueOf(entry.id()),
                entry.course(),
                IntStream.range(0, rings).boxed().toList()));
        parts.add(new EveningProblem.Part(entry, read.name(), null, null, "", Optional.of(read), null));
    }

    private void sauce(
            UUID kitchen,
            EveningBody.Entry entry,
            Pace pace,
            List<KitchenRing> on,
            int count,
            List<Job> jobs,
            List<EveningProblem.Part> parts,
            List<EveningProblem.Missing> missing) {
        Optional<Sauce> sauce = sauces.find(kitchen, entry.sauce()).map(whole -> part(kitchen, whole, entry.share()));
        if (sauce.isEmpty()) {
            missing.add(new EveningProblem.Missing(entry, EveningText.A_SAUCE, EveningText.SAUCE_GONE));
            return;
        }
        PlanForm form = withAPotThatIsThere(kitchen, PlanForm.of(entry.plan()));
        Planning.PlanAttempt attempt = inItsOwnPot(
                kitchen,
                sauce.get(),
                form,
                jobs.stream().flatMap(job -> job.pot().stream()).toList());
        Optional<Planning.FeasiblePlan> possible =
                attempt.possible().filter(p -> p.chosen().outcome().isPresent());
        if (possible.isEmpty()) {
            missing.add(new EveningProblem.Missing(
                    entry, sauce.get().name(), attempt.read().obstacle().orElse(EveningText.SETTLE_ITS_PLAN)));
            return;
        }
        Planning.FeasiblePlan plan = possible.get();
        Celsius served = plan.request().goal().served();
        SauceTasks.Cooked cooked = entry.ahead()
                ? SauceTasks.reheated(plan.chosen().outcome().orElseThrow().end(), plan.chosen(), served)
                : SauceTasks.of(
                        attempt.read().written().foods().toList(),
                        attempt.read().made(),
                        plan.routes(),
                        plan.chosen(),
                        new Evaporation(plan.conditions()).heatUp(plan.planner().sauce(), Celsius.ROOM),
                        served,
                        pace.factor());
        jobs.add(new Job(
                String.valueOf(entry.id()),
                sauce.get().name(),
                entry.course(),
                cooked.tasks(),
                cooked.waiting(),
                entry.ahead() ? Optional.empty() : Optional.of(plan.pot().name()),
                fitting(on, plan.ring(), form.says(PlanField.RING), count),
                false));
        parts.add(new EveningProblem.Part(
                entry,
                sauce.get().name(),
                sauce.get().id(),
                plan.pot().id(),
                plan.pot().name(),
                Optional.empty(),
                null));
    }

    /**
     * The sauce of an entry as it is put on. A part of one has lines of its own in the workshop, so that its cook tells what
     * goes into its pot: one sauce for both halves.
     *
     * @return empty if it is not there any more
     */
    Optional<Sauce> toCook(UUID kitchen, UUID evening, EveningBody.Entry entry) {
        Optional<Sauce> whole = entry.ofSauce().flatMap(id -> sauces.find(kitchen, id));
        if (whole.isEmpty() || entry.share() == 1) {
            return whole;
        }
        Sauce part = part(kitchen, whole.get(), entry.share());
        Sauce draft = sauces.draft(
                new UUID(evening.getMostSignificantBits(), part.id().getLeastSignificantBits()),
                part.name(),
                part.text());
        if (sauces.deletedName(kitchen, draft.id()).isPresent()) {
            sauces.undelete(kitchen, draft.id());
        } else {
            sauces.addOnce(kitchen, draft);
        }
        return sauces.find(kitchen, draft.id());
    }

    /** A sauce of which only a part is made in a pot: its lines in amounts of that part. */
    private Sauce part(UUID kitchen, Sauce whole, double share) {
        if (share == 1) {
            return whole;
        }
        Scaling scaling = new Scaling(share, true, foods.language(kitchen).habits());
        String text = scaling.lines(whole.text(), reader.read(kitchen, whole).written()).stream()
                .map(Scaling.Line::after)
                .collect(Collectors.joining("\n"));
        return new Sauce(whole.id(), whole.version(), EveningText.part(whole.name(), share), text, whole.savedAt());
    }

    /** A pot that was taken out of the kitchen since is as if none had been chosen. */
    private PlanForm withAPotThatIsThere(UUID kitchen, PlanForm form) {
        boolean there =
                form.pot().filter(pot -> pots.find(kitchen, pot).isPresent()).isPresent();
        return there ? form : form.with(PlanField.POT, null);
    }

    /** A sauce of which no pot is said takes one that no other sauce has, if there is one. */
    private Planning.PlanAttempt inItsOwnPot(UUID kitchen, Sauce sauce, PlanForm form, List<String> taken) {
        Planning.PlanAttempt usual = planning.plan(kitchen, sauce, form);
        boolean free = usual.possible()
                .filter(plan -> !taken.contains(plan.pot().name()))
                .isPresent();
        if (free || form.says(PlanField.POT)) {
            return usual;
        }
        return usual.pots().stream()
                .filter(pot -> !taken.contains(pot.name()))
                .map(pot -> planning.plan(kitchen, sauce, form.with(PlanField.POT, pot.id())))
                .filter(attempt -> attempt.possible().isPresent())
                .findFirst()
                .orElse(usual);
    }

    /** The ring of the plan, and those that are like it where nobody chose one. */
    private static List<Integer> fitting(
            List<KitchenRing> on, Optional<KitchenRing> planned, boolean chosen, int count) {
        if (planned.isEmpty()) {
            return IntStream.range(0, count).boxed().toList();
        }
        List<Integer> fit = new ArrayList<>();
        for (int i = 0; i < on.size(); i++) {
            KitchenRing ring = on.get(i);
            boolean same = ring.id().equals(planned.get().id());
            boolean like = ring.watts() >= AS_STRONG * planned.get().watts()
                    && Math.abs(ring.sizeMm() - planned.get().sizeMm()) <= AS_LARGE_MM;
            if (same) {
                fit.add(0, i);
            } else if (like && !chosen) {
                fit.add(i);
            }
        }
        return fit;
    }

    /**
     * As it is by now: what has begun is fixed, what is under way lasts as long as it looks now, nothing else begins before
     * this minute.
     *
     * @param seen the schedule that people go by
     */
    EveningProblem live(
            UUID kitchen, EveningProblem plan, List<Evenings.Happened> happened, Schedule seen, Instant now) {
        Map<Integer, Integer> places = plan.places();
        Map<Ref, Integer> begun = new HashMap<>();
        Map<Ref, Integer> ended = new HashMap<>();
        Map<Integer, UUID> cookOf = new HashMap<>();
        for (Evenings.Happened h : happened) {
            int tick = plan.tick(h.at());
            if (h.event() instanceof EveningEvent.Begun event && places.containsKey(event.job())) {
                begun.put(new Ref(places.get(event.job()), event.task()), tick);
            } else if (h.event() instanceof EveningEvent.Done event && places.containsKey(event.job())) {
                ended.put(new Ref(places.get(event.job()), event.task()), tick);
            } else if (h.event() instanceof EveningEvent.Cooks event && places.containsKey(event.job())) {
                cookOf.put(places.get(event.job()), event.cook());
            }
        }
        int tick = plan.tick(now);
        List<Job> jobs = new ArrayList<>(plan.evening().jobs());
        List<EveningProblem.Part> parts = new ArrayList<>(plan.jobs());
        cookOf.forEach((job, cook) -> {
            cooked(kitchen, cook, job, jobs.get(job), plan, begun, ended, now);
            EveningProblem.Part part = parts.get(job);
            parts.set(
                    job,
                    new EveningProblem.Part(
                            part.entry(), part.name(), part.sauce(), part.potId(), part.pot(), part.line(), cook));
        });
        Map<Ref, Integer> due = new HashMap<>();
        for (int j = 0; j < jobs.size(); j++) {
            Job planned = jobs.get(j);
            jobs.set(j, asItIs(j, planned, seen, begun, ended, tick));
            for (int t = 0; t < planned.tasks().size(); t++) {
                Ref ref = new Ref(j, t);
                if (begun.containsKey(ref) && !ended.containsKey(ref)) {
                    double minutes = planned.tasks().get(t).minutes(0).middle();
                    due.put(ref, begun.get(ref) + (int) Math.round(minutes * Evening.TICKS));
                }
            }
        }
        // What was put at an hour that is over begins when it can.
        Map<Ref, Integer> pinned = new HashMap<>(plan.evening().pinned());
        pinned.values().removeIf(at -> at < tick);
        Evening evening = plan.evening().with(jobs).from(tick).pinned(pinned).begun(begun, Optional.of(seen));
        return new EveningProblem(evening, plan.origin(), parts, plan.missing(), plan.rings(), due);
    }

    /** What a job's cook tells: when its reduction began, and when it will be over. */
    private void cooked(
            UUID kitchen,
            UUID id,
            int j,
            Job job,
            EveningProblem plan,
            Map<Ref, Integer> begun,
            Map<Ref, Integer> ended,
            Instant now) {
        BatchService.StoredCook stored = cooks.find(kitchen, id);
        Cook cook = stored.cook();
        int from = reducing(job);
        int to = from;
        while (to < job.tasks().size() && job.tasks().get(to).kind() == TaskKind.REDUCE) {
            to++;
        }
        if (from == to) {
            return;
        }
        Instant start = cook.started().at();
        Instant end = cook.finished()
                .map(CookEvent::at)
                .orElseGet(() -> cook.forecast(now)
                        .minutesLeft()
                        .map(left -> now.plusMillis(Math.round(left.middle() * 60_000)))
                        .orElse(now.plusSeconds(60)));
        int first = plan.tick(start);
        int last = Math.max(first + (to - from), plan.tick(end));
        for (int t = from; t < to; t++) {
            int at = first + (last - first) * (t - from) / (to - from);
            int until = first + (last - first) * (t - from + 1) / (to - from);
            // What of it is still to come has not begun; its end is the forecast's all the same.
            if (at <= plan.tick(now)) {
                begun.putIfAbsent(new Ref(j, t), at);
                ended.put(new Ref(j, t), until);
            }
        }
    }

    /** The first of the tasks in which a plan's cook boils it down. */
    private static int reducing(Job job) {
        int at = job.tasks().size();
        for (int t = job.tasks().size() - 1; t >= 0; t--) {
            if (job.tasks().get(t).kind() == TaskKind.REDUCE) {
                at = t;
            } else if (at < job.tasks().size()) {
                break;
            }
        }
        return at;
    }

    private static Job asItIs(
            int j, Job job, Schedule seen, Map<Ref, Integer> begun, Map<Ref, Integer> ended, int now) {
        List<Task> tasks = new ArrayList<>(job.tasks());
        int lastBegun = -1;
        for (int t = 0; t < tasks.size(); t++) {
            if (begun.containsKey(new Ref(j, t)) || ended.containsKey(new Ref(j, t))) {
                lastBegun = t;
            }
        }
        // What comes before something that has begun is over, whether anybody said so or not.
        for (int t = lastBegun; t >= 0; t--) {
            Ref ref = new Ref(j, t);
            Integer end = ended.get(ref);
            if (end == null && t < lastBegun) {
                end = begun.get(new Ref(j, t + 1));
            }
            if (!begun.containsKey(ref)) {
                int planned = seen.find(ref).map(Schedule.Placed::start).orElse(now);
                begun.put(ref, Math.min(planned, (end == null ? now : end) - 1));
            }
            int start = begun.get(ref);
            double minutes = tasks.get(t).minutes(0).middle();
            double lasts;
            if (end != null) {
                lasts = Math.max(1, end - start) / (double) Evening.TICKS;
            } else {
                // It goes on for as long as it was to, or for this minute at least.
                lasts = Math.max(minutes, (now - start) / (double) Evening.TICKS + 1);
            }
            Interval was = tasks.get(t).minutes(0);
            boolean over = end != null && end <= now;
            tasks.set(
                    t,
                    tasks.get(t)
                            .lasting(
                                    over
                                            ? new Interval(lasts, lasts, lasts)
                                            : new Interval(
                                                    Math.min(was.low(), lasts), lasts, Math.max(was.high(), lasts))));
        }
        Job with = job.with(tasks);
        boolean onRing = lastBegun >= 0
                && tasks.subList(0, lastBegun + 1).stream()
                        .anyMatch(task -> task.station().onRing());
        int ring = seen.rings().size() > j ? seen.rings().get(j) : -1;
        return onRing && ring >= 0 ? with.in(with.pot(), List.of(ring)) : with;
    }
}
