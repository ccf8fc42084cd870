package app.gradior.web.evening;

import app.gradior.evening.Alternative;
import app.gradior.evening.Clash;
import app.gradior.evening.Evening;
import app.gradior.evening.Hands;
import app.gradior.evening.Schedule;
import app.gradior.evening.Signal;
import app.gradior.evening.Task;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.keeping.SauceKeeping;
import app.gradior.web.planning.PlanForm;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Makes an evening's page of what is known of it. */
@Component
class EveningPages {
    /** What moved is told for so long. */
    private static final Duration TOLD_FOR = Duration.ofMinutes(10);

    /** Minutes, or a minute's worth of waiting. */
    private static final double WORTH = 5;

    private final EveningDesk desk;
    private final EveningPlanner planner;
    private final Evenings evenings;
    private final SauceService sauces;
    private final SauceKeeping keeping;
    private final Pots pots;
    private final Rings rings;

    EveningPages(
            EveningDesk desk,
            EveningPlanner planner,
            Evenings evenings,
            SauceService sauces,
            SauceKeeping keeping,
            Pots pots,
            Rings rings) {
        this.desk = desk;
        this.planner = planner;
        this.evenings = evenings;
        this.sauces = sauces;
        this.keeping = keeping;
        this.pots = pots;
        this.rings = rings;
    }

    EveningPage page(UUID kitchen, Evenings.Kept kept, UnitFormat say) {
        EveningDesk.Seen seen = desk.look(kitchen, kept);
        EveningProblem problem = seen.problem();
        List<Evenings.Happened> happened = evenings.happened(kitchen, kept.id());
        List<EveningPage.Item> items = seen.schedule()
                .map(schedule -> items(kept, problem, schedule, happened, say))
                .orElse(List.of());
        Optional<Schedule> schedule =
                seen.schedule().filter(s -> !problem.evening().jobs().isEmpty());
        Optional<EveningPage.Item> next =
                items.stream().filter(item -> item.state().isEmpty()).findFirst();
        List<EveningPage.Item> running =
                kept.live() ? items.stream().filter(EveningPage.Item::begun).toList() : List.of();
        List<String> names =
                problem.jobs().stream().map(EveningProblem.Part::name).toList();
        boolean late = schedule.filter(s -> s.cost().late() == 0).isEmpty() || kept.live();
        return new EveningPage(
                lead(kept, problem, schedule, items, next, running, say),
                about(problem),
                schedule.filter(s -> kept.startedAt().isEmpty())
                        .map(s -> EveningText.quality(seen.working(), s.proved(), seen.holds() == 0, seen.holds()))
                        .orElse(""),
                served(kept, problem, schedule, say),
                schedule.map(s -> EveningDrawing.of(problem, s, items, say)),
                items,
                next,
                running,
                ready(kitchen, kept, problem, schedule, say),
                seen.clashes().stream().map(clash -> clash(problem, clash, say)).toList(),
                seen.fixes().stream()
                        .filter(effect -> helps(effect, late))
                        .map(effect -> new EveningPage.Fix(
                                change(kitchen, kept, effect.what()), EveningText.effect(effect), effect.what()))
                        .toList(),
                seen.obstacles().stream()
                        .map(obstacle -> EveningText.obstacle(obstacle, names))
                        .toList(),
                moved(kitchen, kept, happened),
                problem.jobs().stream().anyMatch(part -> part.sauce() != null)
                        ? EveningText.pace(evenings.pace(kitchen))
                        : "",
                seen.working());
    }

    /** Where all is on time, only what spares waiting or lets one begin clearly later is worth a word. */
    private static boolean helps(Alternative.Effect<?> effect, boolean late) {
        boolean own = effect.what() instanceof Changes.Change change && change.kind() == Changes.Kind.UNPIN;
        return own || late || effect.late() < 0.5 && (effect.waits() <= -WORTH || effect.begins() >= WORTH);
    }

    private static String lead(
            Evenings.Kept kept,
            EveningProblem problem,
            Optional<Schedule> schedule,
            List<EveningPage.Item> items,
            Optional<EveningPage.Item> next,
            List<EveningPage.Item> running,
            UnitFormat say) {
        if (problem.jobs().isEmpty()) {
            return EveningText.NOTHING_YET;
        }
        if (schedule.isEmpty()) {
            return EveningText.NO_SCHEDULE;
        }
        int last = schedule.get().served().stream().mapToInt(i -> i).max().orElse(0);
        String served = say.clock(problem.at(last));
        if (kept.startedAt().isPresent()) {
            return next.map(item -> EveningText.next(item.what(), item.clock()))
                    .orElseGet(() -> running.isEmpty()
                            ? EveningText.allDone(served)
                            : EveningText.now(running.get(0).what()));
        }
        int wanted = problem.evening().courses().stream().mapToInt(i -> i).max().orElse(0);
        if (schedule.get().cost().late() > 0) {
            return EveningText.lateLead(served, say.clock(problem.at(wanted)));
        }
        EveningPage.Item first = items.get(0);
        return EveningText.lead(
                problem.jobs().get(first.ref().job()).name(),
                first.clock(),
                served,
                problem.evening().people().size() == 1);
    }

    private static String about(EveningProblem problem) {
        int sauces =
                (int) problem.jobs().stream().filter(p -> p.sauce() != null).count();
        return EveningText.amount(
                sauces,
                problem.jobs().size() - sauces,
                problem.evening().rings(),
                problem.evening().people().size());
    }

    private static List<EveningPage.Served> served(
            Evenings.Kept kept, EveningProblem problem, Optional<Schedule> schedule, UnitFormat say) {
        List<EveningPage.Served> served = new ArrayList<>();
        for (int c = 0; c < kept.body().courses().size(); c++) {
            int course = c;
            Instant at = schedule.map(s -> problem.at(s.served().get(course)))
                    .orElse(kept.body().courses().get(c).at());
            String name = kept.body().courses().get(c).name();
            served.add(new EveningPage.Served(
                    kept.body().courses().size() == 1 ? "" : EveningText.course(name, c), say.clock(at), at));
        }
        return served;
    }

    private static List<EveningPage.Item> items(
            Evenings.Kept kept,
            EveningProblem problem,
            Schedule schedule,
            List<Evenings.Happened> happened,
            UnitFormat say) {
        Evening evening = problem.evening();
        Map<Integer, Integer> places = problem.places();
        Set<Evening.Ref> done = new HashSet<>();
        for (Evenings.Happened h : happened) {
            if (h.event() instanceof EveningEvent.Done event && places.containsKey(event.job())) {
                done.add(new Evening.Ref(places.get(event.job()), event.task()));
            }
        }
        Map<Evening.Ref, Signal> signals = new HashMap<>();
        for (int j = 0; j < evening.jobs().size(); j++) {
            Signal.of(evening, schedule, j).ifPresent(signal -> signals.put(signal.task(), signal));
        }
        int[] free = new int[evening.people().size()];
        List<EveningPage.Item> items = new ArrayList<>();
        for (Schedule.Placed placed : schedule.tasks()) {
            Task task = evening.task(placed.ref());
            EveningProblem.Part part = problem.jobs().get(placed.ref().job());
            int cook = cook(evening, task, placed, free);
            boolean over = done.contains(placed.ref())
                    || evening.begun()
                            .containsKey(new Evening.Ref(
                                    placed.ref().job(), placed.ref().task() + 1))
                    || part.cook() != null
                            && evening.begun().containsKey(placed.ref())
                            && placed.end() <= evening.earliest();
            String state = over ? "done" : evening.begun().containsKey(placed.ref()) ? "begun" : "";
            Signal signal = signals.get(placed.ref());
            int ends = over ? placed.end() : problem.due().getOrDefault(placed.ref(), placed.end());
            items.add(new EveningPage.Item(
                    placed.ref(),
                    part.entry().id(),
                    EveningText.of(task, part.name()),
                    task.words().isEmpty() ? shortly(part) : task.words(),
                    say.clock(problem.at(placed.start())),
                    say.clock(problem.at(ends)),
                    problem.at(placed.start()),
                    problem.at(ends),
                    cook,
                    evening.people().size() > 1 && cook >= 0
                            ? evening.people().get(cook).name()
                            : "",
                    state,
                    where(problem, schedule, placed, task),
                    signal == null || kept.finishedAt().isPresent()
                            ? ""
                            : EveningText.of(
                                    evening.task(signal.after()),
                                    problem.jobs().get(signal.after().job()).name()),
                    evening.pinned().containsKey(placed.ref())));
        }
        return items;
    }

    /** What a drawing has room for: of a sauce's name what kind of sauce it is. */
    private static String shortly(EveningProblem.Part part) {
        return part.sauce() == null
                ? part.name()
                : part.name().substring(part.name().lastIndexOf(' ') + 1);
    }

    /** Who does a task: whoever is free first; nobody for what wants none. */
    private static int cook(Evening evening, Task task, Schedule.Placed placed, int[] free) {
        if (task.hands() instanceof Hands.Unattended) {
            return -1;
        }
        int who = 0;
        for (int i = 1; i < free.length; i++) {
            boolean away = evening.people().get(i).away().stream()
                    .anyMatch(w -> w.from() < placed.end() && placed.start() < w.to());
            if (!away && free[i] < free[who]) {
                who = i;
            }
        }
        if (task.hands().active()) {
            free[who] = placed.end();
        }
        return who;
    }

    private static String where(EveningProblem problem, Schedule schedule, Schedule.Placed placed, Task task) {
        if (!task.station().onRing()) {
            return task.station() instanceof app.gradior.evening.Station.InOven ? "oven" : "";
        }
        int ring = schedule.rings().get(placed.ref().job());
        return ring < problem.rings().size() ? problem.rings().get(ring).name() : EveningText.ringName(ring);
    }

    private List<EveningPage.Ready> ready(
            UUID kitchen, Evenings.Kept kept, EveningProblem problem, Optional<Schedule> schedule, UnitFormat say) {
        List<EveningPage.Ready> all = new ArrayList<>();
        Map<Integer, Integer> places = problem.places();
        for (EveningBody.Entry entry : kept.body().jobs()) {
            Integer place = places.get(entry.id());
            if (place == null) {
                problem.missing().stream()
                        .filter(m -> m.entry().id() == entry.id())
                        .findFirst()
                        .ifPresent(m -> all.add(new EveningPage.Ready(
                                entry, m.name(), "", "", m.why(), "", query(entry), null, false)));
                continue;
            }
            EveningProblem.Part part = problem.jobs().get(place);
            all.add(new EveningPage.Ready(
                    entry,
                    part.name(),
                    where(problem, schedule, place, part, say),
                    part.line().map(EveningText::assumed).orElse(""),
                    "",
                    keeps(kitchen, entry),
                    query(entry),
                    part.cook(),
                    kept.live() && part.sauce() != null && !entry.ahead() && part.cook() == null));
        }
        return all;
    }

    private static String where(
            EveningProblem problem, Optional<Schedule> schedule, int place, EveningProblem.Part part, UnitFormat say) {
        if (schedule.isEmpty()) {
            return part.pot();
        }
        int first = schedule.get().tasks().stream()
                .filter(p -> p.ref().job() == place)
                .mapToInt(Schedule.Placed::start)
                .min()
                .orElse(0);
        double minutes = (schedule.get().done(place) - first) / (double) Evening.TICKS;
        int ring = schedule.get().rings().get(place);
        String on = !problem.evening().jobs().get(place).usesRing()
                ? ""
                : (ring < problem.rings().size() ? problem.rings().get(ring).name() : EveningText.ringName(ring))
                        + " · ";
        return on + say.minutes(minutes) + (part.pot().isEmpty() ? "" : " · " + part.pot());
    }

    /** How long it keeps, where it may be made ahead. */
    private String keeps(UUID kitchen, EveningBody.Entry entry) {
        return entry.ofSauce()
                .flatMap(id -> sauces.find(kitchen, id))
                .map(sauce -> keeping.of(kitchen, sauce))
                .filter(keeps -> keeps.closedDays() > 0)
                .map(keeps -> EveningText.ahead(keeps.closedDays(), Names.of(keeps.reason())))
                .orElse("");
    }

    private static String query(EveningBody.Entry entry) {
        return PlanForm.of(entry.plan()).query();
    }

    private static String clash(EveningProblem problem, Clash clash, UnitFormat say) {
        return EveningText.clash(
                clash,
                problem.jobs().get(clash.one()).name(),
                problem.jobs().get(clash.other()).name(),
                problem.evening().jobs().get(clash.one()).pot().orElse(""),
                say.clock(problem.at(clash.at())));
    }

    private String change(UUID kitchen, Evenings.Kept kept, Changes.Change change) {
        String job = kept.body()
                .job(change.job())
                .map(entry -> planner.name(kitchen, entry))
                .orElse("");
        return switch (change.kind()) {
            case POT, SPLIT ->
                EveningText.change(
                        change,
                        job,
                        pots.find(kitchen, UUID.fromString(change.value()))
                                .map(KitchenPot::name)
                                .orElse(""));
            case RING ->
                EveningText.change(
                        change,
                        job,
                        rings.all(kitchen).stream()
                                .filter(ring -> ring.id().toString().equals(change.value()))
                                .map(KitchenRing::name)
                                .findFirst()
                                .orElse(""));
            case COURSE -> {
                int course = Changes.OneLater.of(change.value()).course();
                yield EveningText.change(
                        change,
                        EveningText.course(kept.body().courses().get(course).name(), course),
                        "");
            }
            default -> EveningText.change(change, job, "");
        };
    }

    private String moved(UUID kitchen, Evenings.Kept kept, List<Evenings.Happened> happened) {
        Instant from = evenings.now().minus(TOLD_FOR);
        for (int i = happened.size() - 1; i >= 0; i--) {
            Evenings.Happened h = happened.get(i);
            if (h.event() instanceof EveningEvent.Moved moved && h.at().isAfter(from)) {
                List<String> moves = moved.shifts().stream()
                        .flatMap(shift -> kept.body().job(shift.job()).stream()
                                .map(entry -> EveningText.moved(planner.name(kitchen, entry), shift.minutes())))
                        .toList();
                return moves.isEmpty() ? "" : EveningText.allMoved(moves);
            }
        }
        return "";
    }
}
