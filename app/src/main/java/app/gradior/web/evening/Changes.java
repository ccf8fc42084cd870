package app.gradior.web.evening;

import app.gradior.evening.Clash;
import app.gradior.plan.Route;
import app.gradior.pot.Activity;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.planning.PlanField;
import app.gradior.web.planning.PlanForm;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** What could be done otherwise on an evening, each in one press. */
@Component
class Changes {
    /** More than this are not tried: each takes up to half a second. */
    private static final int MOST = 14;

    /** Between the place of a course and its minutes. */
    private static final String BY = "/";

    private static final long LEAST_LATER = 15;
    private static final long LATEST = 120;
    private static final double HALF = 0.5;

    private static final int POTS = 2;

    private static final Set<Kind> NEEDS_A_JOB =
            EnumSet.of(Kind.POT, Kind.ROUTE, Kind.HOTTER, Kind.AHEAD, Kind.RING, Kind.SPLIT, Kind.LESS);

    private final Pots pots;
    private final Rings rings;

    Changes(Pots pots, Rings rings) {
        this.pots = pots;
        this.rings = rings;
    }

    /** The kinds there are. */
    enum Kind {
        POT,
        ROUTE,
        HOTTER,
        AHEAD,
        PERSON,
        LATER,
        COURSE,
        RING,
        SPLIT,
        LESS,
        UNPIN
    }

    /**
     * One thing done otherwise.
     *
     * @param job the number of the job it is done to; 0 where it is none
     * @param value the id of a pot or a ring, a route's key, minutes, a course and its minutes; empty where nothing is to be
     *     said
     */
    record Change(Kind kind, int job, String value) {}

    /**
     * What may help where jobs are in each other's way, or late.
     *
     * @param late minutes by which each course is late as it is planned; empty where there is no plan
     */
    List<Change> worthTrying(
            UUID kitchen, EveningBody body, EveningProblem problem, List<Clash> clashes, List<Long> late) {
        List<Change> most = new ArrayList<>();
        if (!body.pins().isEmpty()) {
            most.add(new Change(Kind.UNPIN, 0, ""));
        }
        if (body.cooks().size() < EveningBody.MAX_COOKS) {
            most.add(new Change(Kind.PERSON, 0, ""));
        }
        courses(body, late).forEach(most::add);
        // The first thing for every job, then the second for every job: none is left out for the sake of another.
        List<List<Change>> byJob = jobs(problem, clashes).stream()
                .map(j -> ofJob(kitchen, body, problem, clashes, j))
                .toList();
        for (int i = 0; most.size() < MOST && i < MOST; i++) {
            for (List<Change> changes : byJob) {
                if (i < changes.size() && most.size() < MOST) {
                    most.add(changes.get(i));
                }
            }
        }
        return most;
    }

    /** What would be left out, if nothing else brings it in time: anything that is not on the stove yet. */
    static List<Change> lastResort(EveningProblem problem) {
        return problem.jobs().size() < 2
                ? List.of()
                : problem.jobs().stream()
                        .filter(part -> part.cook() == null)
                        .map(part -> new Change(Kind.LESS, part.entry().id(), ""))
                        .toList();
    }

    /** The places of the jobs that are in each other's way; of all, where none is. */
    private static Set<Integer> jobs(EveningProblem problem, List<Clash> clashes) {
        Set<Integer> jobs = new LinkedHashSet<>();
        clashes.forEach(clash -> {
            jobs.add(clash.one());
            jobs.add(clash.other());
        });
        if (jobs.isEmpty()) {
            IntStream.range(0, problem.jobs().size()).forEach(jobs::add);
        }
        return jobs;
    }

    /** Everything later by as much as it is late; of several courses, one that is late alone, if the next can wait. */
    private static List<Change> courses(EveningBody body, List<Long> late) {
        List<Change> changes = new ArrayList<>();
        long most = late.stream().mapToLong(l -> l).max().orElse(0);
        changes.add(new Change(Kind.LATER, 0, String.valueOf(inFives(most))));
        List<EveningBody.Course> courses = body.courses();
        for (int c = 0; courses.size() > 1 && c < late.size() && c < courses.size(); c++) {
            long by = inFives(late.get(c));
            Instant then = courses.get(c).at().plus(Duration.ofMinutes(by));
            boolean before =
                    c + 1 == courses.size() || then.isBefore(courses.get(c + 1).at());
            if (late.get(c) > 0 && before) {
                changes.add(new Change(Kind.COURSE, 0, c + BY + by));
            }
        }
        return changes;
    }

    private static long inFives(long minutes) {
        return Math.min(LATEST, Math.max(LEAST_LATER, (minutes + 4) / 5 * 5));
    }

    /** What could be done otherwise with one job, what helps most often first. */
    private List<Change> ofJob(UUID kitchen, EveningBody body, EveningProblem problem, List<Clash> clashes, int j) {
        EveningProblem.Part part = problem.jobs().get(j);
        EveningBody.Entry entry = part.entry();
        List<Change> found = new ArrayList<>();
        boolean clashing =
                clashes.stream().anyMatch(c -> c.over() == Clash.Over.POT && (c.one() == j || c.other() == j));
        if (part.sauce() != null && !entry.ahead()) {
            List<KitchenPot> others = pots.all(kitchen).stream()
                    .filter(other -> !other.name().equals(part.pot()))
                    .toList();
            if (clashing) {
                others.stream().limit(POTS).forEach(other -> found.add(pot(entry, other)));
            }
            String route = entry.plan().getOrDefault(PlanField.ROUTE.key(), "");
            if (!route.equals(Route.Kind.SLURRY.key())) {
                found.add(new Change(Kind.ROUTE, entry.id(), Route.Kind.SLURRY.key()));
            }
            if (part.cook() == null) {
                found.add(new Change(Kind.HOTTER, entry.id(), ""));
                found.add(new Change(Kind.AHEAD, entry.id(), ""));
                wider(kitchen, part, others).ifPresent(other -> found.add(pot(entry, other)));
                second(body, problem, others).ifPresent(other -> {
                    if (entry.share() == 1) {
                        found.add(new Change(Kind.SPLIT, entry.id(), other.id().toString()));
                    }
                });
                stronger(kitchen, entry)
                        .ifPresent(ring -> found.add(
                                new Change(Kind.RING, entry.id(), ring.id().toString())));
            }
        }
        return found.stream().distinct().toList();
    }

    private static Change pot(EveningBody.Entry entry, KitchenPot other) {
        return new Change(Kind.POT, entry.id(), other.id().toString());
    }

    /** The widest of the other pots, if it is wider than the one it has: more boils off there. */
    private Optional<KitchenPot> wider(UUID kitchen, EveningProblem.Part part, List<KitchenPot> others) {
        double has = pots.find(kitchen, part.potId()).map(KitchenPot::rimMm).orElse(Double.MAX_VALUE);
        return others.stream().filter(other -> other.rimMm() > has).max(Comparator.comparingDouble(KitchenPot::rimMm));
    }

    /** A pot that nothing else is cooked in, for the other half of a sauce. */
    private static Optional<KitchenPot> second(EveningBody body, EveningProblem problem, List<KitchenPot> others) {
        Set<String> taken =
                problem.jobs().stream().map(EveningProblem.Part::pot).collect(Collectors.toSet());
        boolean room =
                body.jobs().size() < EveningBody.MAX_JOBS && problem.evening().rings() > 1;
        return others.stream()
                .filter(other -> room && !taken.contains(other.name()))
                .max(Comparator.comparingDouble(KitchenPot::rimMm));
    }

    /** The strongest ring, where another one is chosen. */
    private Optional<KitchenRing> stronger(UUID kitchen, EveningBody.Entry entry) {
        String chosen = entry.plan().getOrDefault(PlanField.RING.key(), "");
        return rings.all(kitchen).stream()
                .max(Comparator.comparingDouble(KitchenRing::watts))
                .filter(ring -> !ring.id().toString().equals(chosen));
    }

    /** An evening with one thing done otherwise; as it was where that can't be. */
    EveningBody made(EveningBody body, Change change) {
        EveningBody.Entry entry = body.job(change.job()).orElse(null);
        if (entry == null && NEEDS_A_JOB.contains(change.kind())) {
            return body;
        }
        return switch (change.kind()) {
            case POT -> body.with(entry.planned(with(entry, PlanField.POT, change.value())));
            case ROUTE -> body.with(entry.planned(with(entry, PlanField.ROUTE, change.value())));
            case HOTTER -> body.with(entry.planned(with(entry, PlanField.ACTIVITY, Activity.ROLLING_BOIL.name())));
            case AHEAD -> body.with(entry.ahead(true));
            case RING -> body.with(entry.planned(with(entry, PlanField.RING, change.value())));
            case SPLIT -> split(body, entry, change.value());
            case LESS -> body.without(entry.id());
            case UNPIN -> body.unpinned();
            case PERSON -> {
                List<EveningBody.Cook> cooks = new ArrayList<>(body.cooks());
                if (cooks.size() < EveningBody.MAX_COOKS) {
                    cooks.add(new EveningBody.Cook(EveningText.helper(cooks.size()), null, null));
                }
                yield body.cooks(cooks, body.shelves());
            }
            case LATER -> {
                long minutes = change.value().matches("\\d{1,3}") ? Long.parseLong(change.value()) : 0;
                yield body.courses(
                        body.courses().stream().map(c -> later(c, minutes)).toList());
            }
            case COURSE -> {
                List<EveningBody.Course> courses = new ArrayList<>(body.courses());
                OneLater one = OneLater.of(change.value());
                if (one.course() < courses.size()) {
                    courses.set(one.course(), later(courses.get(one.course()), one.minutes()));
                }
                yield body.courses(courses);
            }
        };
    }

    /** One course, by its place, served so many minutes later; none for what is no such thing. */
    record OneLater(int course, long minutes) {
        static OneLater of(String value) {
            if (!value.matches("\\d" + BY + "\\d{1,3}")) {
                return new OneLater(0, 0);
            }
            String[] both = value.split(BY);
            return new OneLater(Integer.parseInt(both[0]), Long.parseLong(both[1]));
        }
    }

    private static EveningBody.Course later(EveningBody.Course course, long minutes) {
        return new EveningBody.Course(course.name(), course.at().plus(Duration.ofMinutes(minutes)));
    }

    /** Half of a sauce in its own pot, the other half beside it. */
    private static EveningBody split(EveningBody body, EveningBody.Entry entry, String pot) {
        if (entry.share() < 1 || body.jobs().size() >= EveningBody.MAX_JOBS) {
            return body;
        }
        EveningBody.Entry half = entry.part(HALF);
        return body.with(half).plus(half.planned(with(entry, PlanField.POT, pot)));
    }

    private static Map<String, String> with(EveningBody.Entry entry, PlanField field, String value) {
        Map<String, String> plan = new HashMap<>(entry.plan());
        plan.putAll(PlanForm.EMPTY.with(field, value).filled());
        return plan;
    }
}
