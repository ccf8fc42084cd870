package app.gradior.web.practice;

import app.gradior.practice.Attempt;
import app.gradior.practice.Instrument;
import app.gradior.practice.Lesson;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.SiteAddress;
import app.gradior.web.text.UnitFormat;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A run: the pot, what is done to it, and how it was. */
@Controller
@RequestMapping("/practice/runs/{id}")
class RunController {
    private final Runs runs;
    private final PracticePages pages;
    private final SiteAddress site;

    RunController(Runs runs, PracticePages pages, SiteAddress site) {
        this.runs = runs;
        this.pages = pages;
        this.site = site;
    }

    @GetMapping
    String run(@InKitchen UUID kitchen, @PathVariable UUID id, UnitFormat say, Model model) {
        Runs.Kept run = runs.get(kitchen, id);
        Optional<Lesson> lesson = run.setup().ofLesson();
        model.addAttribute("run", run);
        model.addAttribute("title", pages.title(run));
        model.addAttribute("lesson", lesson.orElse(null));
        model.addAttribute("number", lesson.map(l -> l.ordinal() + 1).orElse(null));
        model.addAttribute(
                "task",
                lesson.map(PracticeText::task)
                        .orElseGet(() -> PracticeText.own(run.setup().use())));
        model.addAttribute("lookFor", lesson.map(PracticeText::lookFor).orElse(""));
        model.addAttribute("hints", PracticePages.hints(run));
        model.addAttribute("exercise", run.attempt().exercise());
        model.addAttribute("looks", PracticePages.looks());
        model.addAttribute("marks", PracticePages.marks());
        for (Instrument instrument : Instrument.values()) {
            model.addAttribute(instrument.name().toLowerCase(Locale.ROOT), instrument);
        }
        if (run.over()) {
            model.addAttribute("result", pages.result(run, say));
            model.addAttribute(
                    "next",
                    lesson.filter(l -> l.ordinal() + 1 < Lesson.values().length)
                            .map(l -> Lesson.values()[l.ordinal() + 1])
                            .orElse(null));
            model.addAttribute(
                    "challenge",
                    lesson.map(l -> site.link("/practice/lessons/" + l.key() + "?pot="
                                    + run.attempt().seed()))
                            .orElse(null));
            return "practice/result";
        }
        return "practice/run";
    }

    /** How it goes on from a moment. */
    @GetMapping("/ahead")
    ResponseEntity<RunState> ahead(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0") double from,
            UnitFormat say) {
        double at = Double.isFinite(from) ? Math.max(0, Math.min(from, Attempt.LONGEST_S)) : 0;
        return ResponseEntity.ok(pages.state(runs.get(kitchen, id), at, true, say));
    }

    /**
     * Takes a step in.
     *
     * @param number how many steps there were before it
     */
    @PostMapping("/steps")
    ResponseEntity<Object> step(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam int number,
            @RequestParam double seconds,
            @RequestParam int pot,
            @RequestParam String kind,
            @RequestParam(defaultValue = "0") double value,
            UnitFormat say) {
        try {
            StoredStep step = new StoredStep(seconds, pot, kind, value);
            Runs.Kept run = runs.take(kitchen, id, number, step);
            return ResponseEntity.ok(pages.state(run, seconds, false, say));
        } catch (Runs.Refused refused) {
            return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).body(Map.of("wrong", refused.getMessage()));
        }
    }

    /** Keeps where the clock is, for one who leaves. */
    @PostMapping("/clock")
    ResponseEntity<Void> clock(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam double seconds) {
        runs.clockAt(kitchen, id, seconds);
        return ResponseEntity.noContent().build();
    }
}
