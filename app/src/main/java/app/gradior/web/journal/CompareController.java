package app.gradior.web.journal;

import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.sauce.Difference;
import app.gradior.web.sauce.SauceService;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Batches side by side. */
@Controller
class CompareController {
    /** More than these are not told apart in one drawing. */
    private static final int MOST = 4;

    private final BatchSummaries batches;
    private final BatchService cooks;
    private final SauceService sauces;

    CompareController(BatchSummaries batches, BatchService cooks, SauceService sauces) {
        this.batches = batches;
        this.cooks = cooks;
        this.sauces = sauces;
    }

    /** The lines of one batch's version against those of the first. */
    record Lines(int number, Difference difference) {}

    /** @param b the batches' ids, the first of them what the others are compared with */
    @GetMapping("/journal/compare")
    String compare(@InKitchen UUID kitchen, @RequestParam(required = false) List<UUID> b, Model model) {
        List<UUID> wanted =
                b == null ? List.of() : b.stream().distinct().limit(MOST).toList();
        List<BatchSummary> found = batches.some(kitchen, wanted);
        model.addAttribute("left", b == null ? 0 : b.stream().distinct().count() - wanted.size());
        if (found.size() < 2) {
            model.addAttribute("comparison", null);
            return "journal/compare";
        }
        model.addAttribute(
                "comparison",
                Comparison.of(found.stream()
                        .map(batch -> new Comparison.Of(
                                batch, cooks.find(kitchen, batch.id()).cook()))
                        .toList()));
        String first = text(kitchen, found.get(0));
        List<Lines> lines = new ArrayList<>();
        for (int i = 1; i < found.size(); i++) {
            lines.add(new Lines(i + 1, Difference.of(first, text(kitchen, found.get(i)))));
        }
        model.addAttribute("lines", lines);
        return "journal/compare";
    }

    private String text(UUID kitchen, BatchSummary batch) {
        return sauces.version(kitchen, batch.sauceId(), batch.sauceVersion())
                .map(version -> version.text())
                .orElse("");
    }
}
