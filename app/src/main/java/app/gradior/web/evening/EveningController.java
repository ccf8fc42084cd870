package app.gradior.web.evening;

import app.gradior.evening.JobLine;
import app.gradior.plan.Route;
import app.gradior.web.equipment.Pots;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.text.UnitFormat;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** One evening: what is to be ready, who cooks, when. */
@Controller
@RequestMapping("/evenings/{id}")
class EveningController {
    private static final String VIEW = "evening/evening";

    /** Sauces to choose from, the latest first; others by their name. */
    private static final int OFFERED = 40;

    /** The fields of a sauce's plan that can be chosen here. */
    private static final List<String> CHOSEN = List.of("pot", "ring", "route", "use");

    private final Evenings evenings;
    private final EveningPages pages;
    private final Changes changes;
    private final SauceService sauces;
    private final Pots pots;

    EveningController(Evenings evenings, EveningPages pages, Changes changes, SauceService sauces, Pots pots) {
        this.evenings = evenings;
        this.pages = pages;
        this.changes = changes;
        this.sauces = sauces;
        this.pots = pots;
    }

    @GetMapping
    String show(@InKitchen UUID kitchen, @PathVariable UUID id, UnitFormat say, Model model) {
        return show(kitchen, id, new FieldErrors(), "", say, model);
    }

    private String show(UUID kitchen, UUID id, FieldErrors wrong, String line, UnitFormat say, Model model) {
        Evenings.Kept kept = evenings.get(kitchen, id);
        model.addAttribute("evening", kept);
        model.addAttribute("page", pages.page(kitchen, kept, say));
        List<Sauce> offered = sauces.latest(kitchen, OFFERED + 1);
        model.addAttribute("sauces", offered.stream().limit(OFFERED).toList());
        model.addAttribute("more", offered.size() > OFFERED);
        model.addAttribute("pots", pots.all(kitchen));
        model.addAttribute("routes", Route.Kind.values());
        model.addAttribute("lines", evenings.lines(kitchen));
        model.addAttribute("line", line);
        model.addAttribute("wrong", wrong);
        return VIEW;
    }

    /** The part of the page that changes by itself. */
    @GetMapping("/board")
    String board(@InKitchen UUID kitchen, @PathVariable UUID id, UnitFormat say, Model model) {
        Evenings.Kept kept = evenings.get(kitchen, id);
        model.addAttribute("evening", kept);
        model.addAttribute("page", pages.page(kitchen, kept, say));
        return "evening/board :: board";
    }

    private static String back(UUID id) {
        return "redirect:/evenings/" + id;
    }

    private String refused(
            UUID kitchen,
            UUID id,
            FieldErrors wrong,
            String line,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(kitchen, id, wrong, line, say, model);
    }

    @PostMapping("/settings")
    String settle(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            EveningForm form,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        FieldErrors wrong = new FieldErrors();
        Evenings.Kept kept = evenings.get(kitchen, id);
        String name = form.name(wrong);
        Optional<Instant> served = form.served(evenings.now(), say.preference().zone(), wrong);
        List<EveningBody.Cook> cooks = form.people(kept.body().cooks(), wrong);
        int shelves = form.shelfCount(wrong);
        if (wrong.any() || served.isEmpty()) {
            return refused(kitchen, id, wrong, "", say, model, response);
        }
        evenings.rename(kitchen, id, name);
        evenings.change(kitchen, id, body -> {
            List<EveningBody.Course> courses = new ArrayList<>(body.courses());
            int last = courses.size() - 1;
            courses.set(last, new EveningBody.Course(courses.get(last).name(), served.get()));
            return body.courses(courses).cooks(cooks, shelves);
        });
        return back(id);
    }

    /** One more course, before the last. */
    @PostMapping("/courses")
    String course(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String course,
            @RequestParam(defaultValue = "") String courseTime,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        FieldErrors wrong = new FieldErrors();
        Optional<LocalTime> hour = EveningForm.hour(courseTime.strip());
        if (hour.isEmpty()) {
            wrong.say("courseTime", EveningText.HOUR);
        }
        if (course.strip().length() > 40) {
            wrong.say("course", EveningText.NAME);
        }
        if (evenings.get(kitchen, id).body().courses().size() >= EveningBody.MAX_COURSES) {
            wrong.say("course", EveningText.TOO_MANY_COURSES);
        }
        if (wrong.any()) {
            return refused(kitchen, id, wrong, "", say, model, response);
        }
        evenings.change(
                kitchen,
                id,
                body -> body.plus(new EveningBody.Course(
                        course.strip(),
                        EveningText.onTheDayOf(
                                hour.get(), body.lastServed(), say.preference().zone()))));
        return back(id);
    }

    /** Says when somebody is not there; both hours empty for somebody who is. */
    @PostMapping("/away")
    String away(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam int who,
            @RequestParam(defaultValue = "") String awayFrom,
            @RequestParam(defaultValue = "") String awayTo,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        Optional<LocalTime> from = EveningForm.hour(awayFrom.strip());
        Optional<LocalTime> to = EveningForm.hour(awayTo.strip());
        ZoneId zone = say.preference().zone();
        boolean there = awayFrom.isBlank() && awayTo.isBlank();
        if (!there && (from.isEmpty() || to.isEmpty() || !from.get().isBefore(to.get()))) {
            FieldErrors wrong = new FieldErrors();
            wrong.say("awayFrom", EveningText.AWAY);
            return refused(kitchen, id, wrong, "", say, model, response);
        }
        evenings.change(kitchen, id, body -> {
            if (who < 0 || who >= body.cooks().size()) {
                return body;
            }
            List<EveningBody.Cook> cooks = new ArrayList<>(body.cooks());
            cooks.set(
                    who,
                    new EveningBody.Cook(
                            cooks.get(who).name(),
                            there ? null : EveningText.onTheDayOf(from.get(), body.lastServed(), zone),
                            there ? null : EveningText.onTheDayOf(to.get(), body.lastServed(), zone)));
            return body.cooks(cooks, body.shelves());
        });
        return back(id);
    }

    @PostMapping("/courses/remove")
    String removeCourse(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam int place) {
        evenings.change(
                kitchen,
                id,
                body -> body.courses().size() < 2
                                || place < 0
                                || place >= body.courses().size()
                        ? body
                        : body.withoutCourse(place));
        return back(id);
    }

    @PostMapping("/sauces")
    String addSauce(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(required = false) UUID sauce,
            @RequestParam(defaultValue = "") String byName,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        FieldErrors wrong = new FieldErrors();
        Optional<Sauce> found = sauce != null ? sauces.find(kitchen, sauce) : named(kitchen, byName.strip());
        if (found.isEmpty()) {
            wrong.say("sauce", EveningText.CHOOSE_A_SAUCE);
        }
        full(kitchen, id, "sauce", wrong);
        if (wrong.any()) {
            return refused(kitchen, id, wrong, "", say, model, response);
        }
        evenings.change(
                kitchen,
                id,
                body -> body.plus(new EveningBody.Entry(
                        0, found.get().id(), Map.of(), false, "", body.courses().size() - 1)));
        return back(id);
    }

    /** The one whose name begins so, where there is only one or it is the whole name. */
    private Optional<Sauce> named(UUID kitchen, String name) {
        if (name.isEmpty() || name.length() > 120) {
            return Optional.empty();
        }
        List<Sauce> found = sauces.byName(kitchen, name, null, 20);
        return found.stream()
                .filter(one -> one.name().equalsIgnoreCase(name))
                .findFirst()
                .or(() -> found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty());
    }

    private void full(UUID kitchen, UUID id, String field, FieldErrors wrong) {
        if (evenings.get(kitchen, id).body().jobs().size() >= EveningBody.MAX_JOBS) {
            wrong.say(field, EveningText.TOO_MANY_JOBS);
        }
    }

    @PostMapping("/jobs")
    String addJob(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String line,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        FieldErrors wrong = new FieldErrors();
        String typed = line.strip();
        JobLine read = JobLine.read(typed);
        if (!read.complete()) {
            wrong.say("line", EveningText.problems(read));
        }
        full(kitchen, id, "line", wrong);
        if (wrong.any()) {
            return refused(kitchen, id, wrong, typed, say, model, response);
        }
        evenings.change(
                kitchen,
                id,
                body -> body.plus(new EveningBody.Entry(
                        0, null, Map.of(), false, typed, body.courses().size() - 1)));
        evenings.remember(kitchen, typed);
        return back(id);
    }

    /** Changes what one thing is: a sauce by its choices, another job by its line. */
    @PostMapping("/jobs/{job}")
    String changeJob(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @PathVariable int job,
            @RequestParam Map<String, String> fields,
            RedirectAttributes said) {
        EveningBody.Entry entry = evenings.get(kitchen, id).body().job(job).orElseThrow(() -> new NotFound("job"));
        String line = fields.getOrDefault("line", "").strip();
        if (entry.sauce() == null && !JobLine.read(line).complete()) {
            said.addFlashAttribute("wrongJob", String.valueOf(job));
            said.addFlashAttribute("wrongJobWhy", EveningText.problems(JobLine.read(line)));
            said.addFlashAttribute("wrongJobLine", line);
            return back(id) + "#job-" + job;
        }
        evenings.change(
                kitchen,
                id,
                body -> body.job(job)
                        .map(e -> {
                            EveningBody.Entry changed = e;
                            if (e.sauce() == null) {
                                changed = e.typed(line);
                            } else {
                                Map<String, String> plan = new HashMap<>(e.plan());
                                CHOSEN.forEach(field -> {
                                    String value = fields.getOrDefault(field, "");
                                    if (value.isBlank() || value.length() > 60) {
                                        plan.remove(field);
                                    } else {
                                        plan.put(field, value);
                                    }
                                });
                                changed = e.planned(plan).ahead(fields.containsKey("ahead"));
                            }
                            String course = fields.getOrDefault("course", "");
                            if (course.matches("[0-3]")
                                    && Integer.parseInt(course) < body.courses().size()) {
                                changed = changed.at(Integer.parseInt(course));
                            }
                            return body.with(changed);
                        })
                        .orElse(body));
        return back(id);
    }

    @PostMapping("/jobs/{job}/remove")
    String removeJob(@InKitchen UUID kitchen, @PathVariable UUID id, @PathVariable int job) {
        evenings.change(kitchen, id, body -> body.without(job));
        return back(id);
    }

    /** Puts a task at an hour, moves it by some minutes, or gives it back to the schedule. */
    @PostMapping("/pin")
    String pin(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam int job,
            @RequestParam int task,
            @RequestParam(required = false) Instant at,
            @RequestParam(defaultValue = "0") int by) {
        Instant to = at == null || Math.abs(by) > 600 ? null : at.plusSeconds(60L * by);
        evenings.change(
                kitchen,
                id,
                body -> body.job(job).isEmpty() || task < 0 || task > 40 || tooFar(to, body)
                        ? body
                        : body.pinned(job, task, to));
        return back(id) + "#t-" + job + "-" + task;
    }

    private static boolean tooFar(Instant at, EveningBody body) {
        return at != null
                && (at.isAfter(body.lastServed())
                        || at.isBefore(body.lastServed().minusSeconds(12 * 3600)));
    }

    /** Does one thing otherwise. */
    @PostMapping("/change")
    String otherwise(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam Changes.Kind kind,
            @RequestParam(defaultValue = "0") int job,
            @RequestParam(defaultValue = "") String value) {
        evenings.change(kitchen, id, body -> changes.made(body, new Changes.Change(kind, job, value)));
        return back(id);
    }

    @PostMapping("/remove")
    String remove(@InKitchen UUID kitchen, @PathVariable UUID id) {
        evenings.remove(kitchen, id);
        return "redirect:/evenings";
    }

    @PostMapping("/lines/forget")
    String forget(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam(defaultValue = "") String line) {
        evenings.forget(kitchen, line);
        return back(id);
    }
}
