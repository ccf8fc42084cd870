package app.gradior.web.evening;

import app.gradior.evening.Clash;
import app.gradior.plan.Route;
import app.gradior.pot.Activity;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.Pots;
import app.gradior.web.planning.PlanField;
import app.gradior.web.planning.PlanForm;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What could be done otherwise on an evening, each in one press. */
@Component
class Changes {
    /** More than this are not tried: each takes up to half a second. */
    private static final int MOST = 9;

    private static final int POTS = 2;

    private static final Set<Kind> NEEDS_A_JOB = EnumSet.of(Kind.POT, Kind.ROUTE, Kind.HOTTER, Kind.AHEAD);

    private final Pots pots;

    Changes(Pots pots) {
        this.pots = pots;
    }

    /** The kinds there are. */
    enum Kind {
        POT,
        ROUTE,
        HOTTER,
        AHEAD,
        PERSON,
        LATER,
        UNPIN
    }

    /**
     * One thing done otherwise.
     *
     * @param job the number of the job it is done to; 0 where it is none
     * @param value a pot's id, a route's key, minutes; empty where nothing is to be said
     */
    record Change(Kind kind, int job, String value) {}

    /** What may help where jobs are in each other's way, or late. */
    List<Change> worthTrying(UUID kitchen, EveningBody body, EveningProblem problem, List<Clash> clashes) {
        Set<Change> found = new LinkedHashSet<>();
        Set<Integer> jobs = new LinkedHashSet<>();
        clashes.forEach(clash -> {
            jobs.add(clash.one());
            jobs.add(clash.other());
        });
        if (jobs.isEmpty()) {
            for (int j = 0; j < problem.jobs().size(); j++) {
                jobs.add(j);
            }
        }
        List<KitchenPot> all = pots.all(kitchen);
        for (int j : jobs) {
            EveningProblem.Part part = problem.jobs().get(j);
            int id = part.entry().id();
            if (part.sauce() == null || part.entry().ahead()) {
                continue;
            }
            boolean pot =
                    clashes.stream().anyMatch(c -> c.over() == Clash.Over.POT && (c.one() == j || c.other() == j));
            if (pot) {
                all.stream()
                        .filter(other -> !other.name().equals(part.pot()))
                        .limit(POTS)
                        .forEach(other ->
                                found.add(new Change(Kind.POT, id, other.id().toString())));
            }
            String route = part.entry().plan().getOrDefault(PlanField.ROUTE.key(), "");
            if (!route.equals(Route.Kind.SLURRY.key())) {
                found.add(new Change(Kind.ROUTE, id, Route.Kind.SLURRY.key()));
            }
            if (part.cook() == null) {
                found.add(new Change(Kind.HOTTER, id, ""));
                found.add(new Change(Kind.AHEAD, id, ""));
            }
        }
        List<Change> most = new ArrayList<>();
        if (!body.pins().isEmpty()) {
            most.add(new Change(Kind.UNPIN, 0, ""));
        }
        if (body.cooks().size() < EveningBody.MAX_COOKS) {
            most.add(new Change(Kind.PERSON, 0, ""));
        }
        most.add(new Change(Kind.LATER, 0, "15"));
        found.stream().limit(MOST - most.size()).forEach(most::add);
        return most;
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
                yield body.courses(body.courses().stream()
                        .map(c -> new EveningBody.Course(c.name(), c.at().plus(Duration.ofMinutes(minutes))))
                        .toList());
            }
        };
    }

    private static Map<String, String> with(EveningBody.Entry entry, PlanField field, String value) {
        Map<String, String> plan = new HashMap<>(entry.plan());
        plan.putAll(PlanForm.EMPTY.with(field, value).filled());
        return plan;
    }
}
