package app.gradior.web.planning;

import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.sauce.Difference;
import app.gradior.web.sauce.JarStock;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What stands around a plan: kept plans, batches to meet again, jars that are left, what a new version changed. */
@Component
class PlanSurroundings {
    /** So many of the latest batches are offered to be met again. */
    private static final int BATCHES_TO_MEET = 20;

    private final PlanService plans;
    private final BatchSummaries batches;
    private final SauceService book;
    private final JarStock stock;

    PlanSurroundings(PlanService plans, BatchSummaries batches, SauceService book, JarStock stock) {
        this.plans = plans;
        this.batches = batches;
        this.book = book;
        this.stock = stock;
    }

    /** @param since the version that the sauce was made another one of just now; null if it was not */
    void add(UUID kitchen, Sauce sauce, Integer since, Model model) {
        model.addAttribute("batches", batches.latest(kitchen, BATCHES_TO_MEET));
        model.addAttribute("kept", plans.ofSauce(kitchen, sauce.id()));
        model.addAttribute("left", stock.of(kitchen, List.of(sauce.id())).get(sauce.id()));
        if (since != null) {
            book.version(kitchen, sauce.id(), since)
                    .ifPresent(before -> model.addAttribute("difference", Difference.of(before.text(), sauce.text())));
            model.addAttribute("since", since);
        }
    }
}
