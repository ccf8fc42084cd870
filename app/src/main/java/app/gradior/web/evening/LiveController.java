package app.gradior.web.evening;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.live.CookStarts;
import app.gradior.web.planning.PlanField;
import app.gradior.web.planning.PlanForm;
import app.gradior.web.planning.Planning;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.Sauce;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** An evening under way: what is begun and done, and sauces put on from it. */
@Controller
@RequestMapping("/evenings/{id}")
class LiveController {
    private static final Duration SLACK = Duration.ofMinutes(2);

    private final Evenings evenings;
    private final EveningDesk desk;
    private final EveningPlanner planner;
    private final Planning planning;
    private final CookStarts starts;

    LiveController(Evenings evenings, EveningDesk desk, EveningPlanner planner, Planning planning, CookStarts starts) {
        this.evenings = evenings;
        this.desk = desk;
        this.planner = planner;
        this.planning = planning;
        this.starts = starts;
    }

    private static String back(UUID id) {
        return "redirect:/evenings/" + id;
    }

    @PostMapping("/start")
    String start(@InKitchen UUID kitchen, @PathVariable UUID id, RedirectAttributes said) {
        Evenings.Kept kept = evenings.get(kitchen, id);
        EveningDesk.Seen seen = desk.look(kitchen, kept);
        if (seen.schedule().isEmpty()) {
            said.addFlashAttribute("said", EveningText.NO_SCHEDULE);
            return back(id);
        }
        // What people saw is what they go by from here on.
        if (kept.startedAt().isEmpty()) {
            evenings.scheduled(kitchen, id, seen.schedule().get(), EveningDesk.liveMark(seen.problem()));
        }
        evenings.goesOn(kitchen, id, true, false);
        said.addFlashAttribute("said", EveningText.STARTED);
        return back(id);
    }

    @PostMapping("/finish")
    String finish(@InKitchen UUID kitchen, @PathVariable UUID id) {
        evenings.goesOn(kitchen, id, true, true);
        return back(id);
    }

    /** Goes on with one that was finished, or was begun by mistake. */
    @PostMapping("/reopen")
    String reopen(@InKitchen UUID kitchen, @PathVariable UUID id) {
        Evenings.Kept kept = evenings.get(kitchen, id);
        evenings.goesOn(kitchen, id, kept.finishedAt().isPresent(), false);
        return back(id);
    }

    /**
     * Notes that a task was begun or is done.
     *
     * @param event the id it is sent under
     * @param at when; now where that is not said
     */
    @PostMapping("/events")
    String happened(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam UUID event,
            @RequestParam String kind,
            @RequestParam int job,
            @RequestParam int task,
            @RequestParam(required = false) Instant at,
            RedirectAttributes said) {
        Evenings.Kept kept = evenings.get(kitchen, id);
        if (kept.body().job(job).isEmpty() || task < 0 || task > 40) {
            throw new NotFound("job");
        }
        Instant now = evenings.now();
        boolean sane = at != null && !at.isAfter(now.plus(SLACK)) && at.isAfter(now.minus(Duration.ofHours(12)));
        try {
            Instant when = sane ? at : now;
            evenings.append(
                    kitchen,
                    id,
                    event,
                    when,
                    kind.equals("done") ? done(kitchen, kept, job, task, when) : new EveningEvent.Begun(job, task));
        } catch (Evenings.Refused full) {
            said.addFlashAttribute("said", full.getMessage());
        }
        return back(id) + "#now";
    }

    /** That a task is done, with how long it took where it was a sauce's handwork and its beginning was noted. */
    private EveningEvent.Done done(UUID kitchen, Evenings.Kept kept, int job, int task, Instant when) {
        return evenings.happened(kitchen, kept.id()).stream()
                .filter(h ->
                        h.event() instanceof EveningEvent.Begun begun && begun.job() == job && begun.task() == task)
                .reduce((a, b) -> b)
                .flatMap(begun -> desk.usual(kitchen, kept, job, task)
                        .map(usual -> new EveningEvent.Done(
                                job, task, Duration.between(begun.at(), when).toMillis() / 60_000.0, usual)))
                .orElseGet(() -> new EveningEvent.Done(job, task));
    }

    /** Takes back the last thing that was noted of a task. */
    @PostMapping("/undo")
    String undo(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam UUID event,
            @RequestParam int job,
            @RequestParam int task) {
        evenings.get(kitchen, id);
        Evenings.Happened last = null;
        for (Evenings.Happened h : evenings.happened(kitchen, id)) {
            boolean same = h.event() instanceof EveningEvent.Begun begun && begun.job() == job && begun.task() == task
                    || h.event() instanceof EveningEvent.Done done && done.job() == job && done.task() == task;
            last = same ? h : last;
        }
        if (last != null) {
            evenings.append(kitchen, id, event, evenings.now(), new EveningEvent.Undone(last.id()));
        }
        return back(id) + "#now";
    }

    /**
     * Puts a sauce on as the evening plans it.
     *
     * @param cook the id that the cook gets
     */
    @PostMapping("/jobs/{job}/cook")
    String cook(@InKitchen UUID kitchen, @PathVariable UUID id, @PathVariable int job, @RequestParam UUID cook) {
        EveningBody.Entry entry = evenings.get(kitchen, id).body().job(job).orElseThrow(() -> new NotFound("job"));
        Sauce sauce = planner.toCook(kitchen, id, entry).orElseThrow(() -> new NotFound("sauce"));
        // In the pot that the schedule has for it, which nobody may have chosen.
        UUID pot = desk.look(kitchen, evenings.get(kitchen, id)).problem().jobs().stream()
                .filter(part -> part.entry().id() == job)
                .map(EveningProblem.Part::potId)
                .findFirst()
                .orElse(null);
        PlanForm form = PlanForm.of(entry.plan());
        Planning.PlanAttempt planned =
                planning.plan(kitchen, sauce, pot == null ? form : form.with(PlanField.POT, pot));
        if (planned.possible().isEmpty()) {
            return "redirect:/sauces/" + sauce.id() + "/plan";
        }
        starts.start(kitchen, cook, UUID.randomUUID(), planned);
        evenings.append(kitchen, id, UUID.randomUUID(), evenings.now(), new EveningEvent.Cooks(job, cook));
        return "redirect:/cooks/" + cook;
    }
}
