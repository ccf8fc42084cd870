package app.gradior.web.journal;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.Forecast;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.live.CookView;
import app.gradior.web.live.CookViews;
import app.gradior.web.platform.Picture;
import app.gradior.web.text.UnitFormat;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The journal: finished batches, forecast and result. */
@Controller
@RequestMapping("/journal")
class JournalController {
    private static final int PAGE = 15;

    private final BatchService cooks;
    private final BatchSummaries batches;
    private final CookViews views;
    private final BatchPages pages;

    JournalController(BatchService cooks, BatchSummaries batches, CookViews views, BatchPages pages) {
        this.cooks = cooks;
        this.batches = batches;
        this.views = views;
        this.pages = pages;
    }

    /**
     * A batch with what was forecast at its start.
     *
     * @param planned the forecast as the pot went on
     * @param tookMinutes from the start to when it came off
     */
    record Batch(CookView view, Forecast planned, double tookMinutes) {
        static Batch of(CookView view) {
            Cook cook = view.getCook();
            Forecast planned =
                    Cook.of(List.of(cook.started())).forecast(cook.started().at());
            CookEvent.Finished finished = cook.finished().orElseThrow();
            double took = Duration.between(cook.started().at(), finished.at()).toMillis() / 60_000.0;
            return new Batch(view, view.planned(), took);
        }

        /** What the forecast missed, in a sentence that names what to change next time. */
        public Optional<String> lesson() {
            if (!view.getCook().yieldExplained()) {
                return Optional.of(JournalText.NOTHING_LEARNT);
            }
            return planned.minutesLeft().map(forecast -> {
                double k = view.getCook().k().middle();
                String pace = JournalText.pace(k);
                boolean within = forecast.contains(tookMinutes);
                return JournalText.lesson(pace, within);
            });
        }
    }

    /** A batch in the list, with its drawing if its summary has one. */
    record Listed(BatchSummary batch, Climb climb) {
        static Listed of(BatchSummary batch) {
            return new Listed(batch, Climb.of(batch).orElse(null));
        }
    }

    /** @param before the last batch of the page before: what came off earlier follows */
    @GetMapping
    String all(
            @InKitchen UUID kitchen,
            JournalForm form,
            @RequestParam(required = false) UUID before,
            UnitFormat say,
            Model model) {
        List<BatchSummary> page = batches.search(
                kitchen,
                form.filter(say.preference().zone()),
                before == null ? null : cooks.finished(kitchen, before),
                PAGE + 1);
        model.addAttribute("batches", page.stream().limit(PAGE).map(Listed::of).toList());
        model.addAttribute("earlier", page.size() > PAGE ? page.get(PAGE - 1).id() : null);
        model.addAttribute("first", before == null);
        model.addAttribute("form", form);
        model.addAttribute("problems", form.problems());
        pages.filters(kitchen, model);
        return "journal/journal";
    }

    @GetMapping("/{id}")
    String batch(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(value = "photo", defaultValue = "") String photo,
            UnitFormat say,
            Model model) {
        cooks.finished(kitchen, id);
        BatchService.StoredCook kept = cooks.find(kitchen, id);
        Batch batch = Batch.of(views.of(kept, say));
        model.addAttribute("batch", batch);
        model.addAttribute("chart", pages.chart(batch.view()));
        pages.present(kitchen, kept.row(), model);
        model.addAttribute("photoWrong", photo.equals("wrong") ? Picture.UNREADABLE : null);
        return "journal/batch";
    }
}
