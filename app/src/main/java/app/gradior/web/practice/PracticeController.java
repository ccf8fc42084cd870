package app.gradior.web.practice;

import app.gradior.plan.Use;
import app.gradior.practice.Exercise;
import app.gradior.practice.Lesson;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.Pots;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.text.UnitFormat;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ThreadLocalRandom;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The lessons, one's eye, and beginning a run. */
@Controller
@RequestMapping("/practice")
class PracticeController {
    private static final long MOST_SEED = 999_999;
    private static final int NEW_SEEDS = 1000;

    /** The ring of the first lesson stands there as it begins: only the eye is asked. */
    private static final int EYE_DIAL = 7;

    private final PracticePages pages;
    private final Runs runs;
    private final Exercises exercises;
    private final SauceService sauces;
    private final Pots pots;

    PracticeController(PracticePages pages, Runs runs, Exercises exercises, SauceService sauces, Pots pots) {
        this.pages = pages;
        this.runs = runs;
        this.exercises = exercises;
        this.sauces = sauces;
        this.pots = pots;
    }

    @GetMapping
    String lessons(@InKitchen UUID kitchen, Model model) {
        return lessons(kitchen, new FieldErrors(), null, null, model);
    }

    private String lessons(UUID kitchen, FieldErrors wrong, UUID sauce, UUID pot, Model model) {
        model.addAttribute("lessons", pages.lessons(kitchen));
        model.addAttribute("today", runs.seedOfToday());
        model.addAttribute("sauces", sauces.latest(kitchen, 60));
        model.addAttribute("pots", pots.all(kitchen));
        model.addAttribute("uses", Use.values());
        model.addAttribute("wrong", wrong);
        model.addAttribute("sauce", sauce);
        model.addAttribute("pot", pot);
        return "practice/lessons";
    }

    /**
     * A lesson before it begins.
     *
     * @param pot the number of its pot; any where none is said
     */
    @GetMapping("/lessons/{key}")
    String lesson(@PathVariable String key, @RequestParam(required = false) String pot, UnitFormat say, Model model) {
        Lesson lesson = Lesson.ofKey(key).orElseThrow(() -> new NotFound("lesson"));
        return lesson(lesson, pot == null ? "" : pot, new FieldErrors(), say, model);
    }

    private static String lesson(Lesson lesson, String seed, FieldErrors wrong, UnitFormat say, Model model) {
        model.addAttribute("lesson", lesson);
        model.addAttribute("number", lesson.ordinal() + 1);
        model.addAttribute("title", PracticeText.title(lesson));
        model.addAttribute("task", PracticeText.task(lesson));
        model.addAttribute("lookFor", PracticeText.lookFor(lesson));
        model.addAttribute("advice", PracticeText.advice(lesson, say));
        model.addAttribute("stations", lesson.exercise().pots());
        model.addAttribute("seed", seed);
        model.addAttribute("wrong", wrong);
        return "practice/lesson";
    }

    /**
     * Begins a lesson.
     *
     * @param form the id the run gets
     * @param seed the pot's number; a new one where none is said
     */
    @PostMapping("/lessons/{key}")
    String begin(
            @InKitchen UUID kitchen,
            @PathVariable String key,
            @RequestParam UUID form,
            @RequestParam(defaultValue = "") String seed,
            @RequestParam(defaultValue = "0") int pan,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        Lesson lesson = Lesson.ofKey(key).orElseThrow(() -> new NotFound("lesson"));
        Exercise exercise = lesson.exercise();
        FieldErrors wrong = new FieldErrors();
        Optional<Long> number = seed.isBlank() ? Optional.of(anySeed()) : seed(seed, wrong);
        if (pan < 0 || pan >= exercise.pots().get(0).pans().size()) {
            wrong.say("pan", PracticeText.PAN);
        }
        if (wrong.any()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return lesson(lesson, seed, wrong, say, model);
        }
        List<Integer> pans = exercise.pots().size() == 1
                ? List.of(pan)
                : Collections.nCopies(exercise.pots().size(), 0);
        List<StoredStep> first = exercise.guesses() > 0 ? List.of(new StoredStep(0, 0, "heat", EYE_DIAL)) : List.of();
        runs.begin(kitchen, form, RunSetup.of(lesson, pans), number.orElseThrow(), first);
        return "redirect:/practice/runs/" + form;
    }

    private static long anySeed() {
        return 1 + ThreadLocalRandom.current().nextInt(NEW_SEEDS - 1);
    }

    private static Optional<Long> seed(String typed, FieldErrors wrong) {
        String digits = typed.strip();
        if (digits.matches("\\d{1,6}") && Long.parseLong(digits) <= MOST_SEED) {
            return Optional.of(Long.valueOf(digits));
        }
        wrong.say("seed", PracticeText.SEED);
        return Optional.empty();
    }

    /**
     * Begins a run on one's own sauce.
     *
     * @param form the id the run gets
     */
    @PostMapping("/own")
    String own(
            @InKitchen UUID kitchen,
            @RequestParam UUID form,
            @RequestParam(required = false) UUID sauce,
            @RequestParam(required = false) UUID pot,
            @RequestParam(defaultValue = "TOSS") Use use,
            Model model,
            HttpServletResponse response) {
        FieldErrors wrong = new FieldErrors();
        Optional<Sauce> of = Optional.ofNullable(sauce).flatMap(id -> sauces.find(kitchen, id));
        Optional<KitchenPot> in = Optional.ofNullable(pot).flatMap(id -> pots.find(kitchen, id));
        if (of.isEmpty()) {
            wrong.say("sauce", PracticeText.CHOOSE_A_SAUCE);
        }
        if (in.isEmpty()) {
            wrong.say("pot", PracticeText.CHOOSE_A_POT);
        }
        if (of.isPresent() && in.isPresent()) {
            exercises.obstacle(kitchen, of.get(), in.get()).ifPresent(why -> wrong.say("sauce", why));
        }
        if (wrong.any()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return lessons(kitchen, wrong, sauce, pot, model);
        }
        RunSetup setup = new RunSetup(null, List.of(0), sauce, of.get().version(), pot, use);
        runs.begin(kitchen, form, setup, anySeed(), List.of());
        return "redirect:/practice/runs/" + form;
    }
}
