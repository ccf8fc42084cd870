package app.gradior.web.journal;

import app.gradior.learning.RangeKeeping;
import app.gradior.quantity.Interval;
import app.gradior.web.batch.ToldBatch;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.learning.PotLearning;
import app.gradior.web.learning.SauceLearning;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Whether the ranges that a kitchen was given held. */
@Controller
class ForecastsController {
    /** The latest that are drawn. */
    private static final int DRAWN = 40;

    private static final double WIDTH = 640;
    private static final double MIDDLE = 90;
    private static final double PER_SD = 26;
    private static final double FARTHEST = 3;

    private final PotLearning pots;
    private final SauceLearning sauces;

    ForecastsController(PotLearning pots, SauceLearning sauces) {
        this.pots = pots;
        this.sauces = sauces;
    }

    /** A batch against its range: above the middle it took longer than forecast. */
    record Dot(UUID batch, double x, double y, boolean held) {}

    @GetMapping("/journal/forecasts")
    String forecasts(@InKitchen UUID kitchen, Model model) {
        RangeKeeping minutes = pots.knowledge(kitchen).kept();
        RangeKeeping thickness = sauces.knowledge(kitchen).kept();
        List<ToldBatch> latest = latest(pots.batches(kitchen));
        double step = WIDTH / (DRAWN + 1);
        model.addAttribute(
                "dots",
                IntStream.range(0, latest.size())
                        .mapToObj(i -> dot(latest.get(i), step * (i + 1)))
                        .toList());
        model.addAttribute("half", PER_SD * Interval.Z_80);
        model.addAttribute("minutes", minutes);
        model.addAttribute("thickness", thickness);
        RangeKeeping left = sauces.knowledge(kitchen).left();
        model.addAttribute("leftWords", JournalText.left(left));
        model.addAttribute("minutesWords", JournalText.held(minutes));
        model.addAttribute("thicknessWords", JournalText.held(thickness));
        return "journal/forecasts";
    }

    /** Looked for from the end: there may be thousands. */
    private static List<ToldBatch> latest(List<ToldBatch> batches) {
        Deque<ToldBatch> latest = new ArrayDeque<>();
        for (int i = batches.size() - 1; i >= 0 && latest.size() < DRAWN; i--) {
            ToldBatch batch = batches.get(i);
            if (batch.zPace() != null && !batch.excluded()) {
                latest.addFirst(batch);
            }
        }
        return List.copyOf(latest);
    }

    private static Dot dot(ToldBatch batch, double x) {
        double z = Math.max(-FARTHEST, Math.min(FARTHEST, batch.zPace()));
        // A pot that boils off faster than thought takes fewer minutes.
        return new Dot(batch.id(), x, MIDDLE + PER_SD * z, Math.abs(batch.zPace()) <= Interval.Z_80);
    }
}
