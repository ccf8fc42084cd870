package app.gradior.web.pots;

import app.gradior.learning.EvaporationKnowledge;
import app.gradior.quantity.Interval;
import app.gradior.web.batch.BatchSummary;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;

/**
 * How fast a pot boiled off, batch after batch, drawn against what is known of it now: the faster the higher, in a box of
 * 640 by 180.
 *
 * @param low where the range begins that the next batch is expected in, from the top
 * @param high where it ends
 * @param usual where the model's own pace is
 */
record PaceDrawing(List<Dot> dots, double low, double high, double usual) {
    static final double WIDTH = 640;
    static final double HEIGHT = 180;
    private static final double MARGIN = 16;

    /** The drawing goes as far as what is on it, but no closer than this: small differences are to look small. */
    private static final double NEAREST = Math.log(1.4);

    /**
     * A batch.
     *
     * @param top end of its range, from the top
     * @param bottom the other end
     * @param words what it says
     */
    record Dot(UUID batch, double x, double y, double top, double bottom, boolean excluded, String words) {}

    /** @param batches the latest first, each telling something */
    static PaceDrawing of(List<BatchSummary> batches, EvaporationKnowledge.Known known) {
        double low = Math.log(known.k().low());
        double high = Math.log(known.k().high());
        double farthest = Math.max(NEAREST, Math.max(Math.abs(low), Math.abs(high)));
        for (BatchSummary batch : batches) {
            farthest = Math.max(farthest, Math.abs(batch.learntLnK()) + range(batch));
        }
        List<Dot> dots = new ArrayList<>();
        double step = WIDTH / (batches.size() + 1);
        for (int i = 0; i < batches.size(); i++) {
            BatchSummary batch = batches.get(batches.size() - 1 - i);
            dots.add(new Dot(
                    batch.id(),
                    step * (i + 1),
                    y(batch.learntLnK(), farthest),
                    y(batch.learntLnK() + range(batch), farthest),
                    y(batch.learntLnK() - range(batch), farthest),
                    batch.excluded(),
                    batch.sauceName() + String.format(Locale.ROOT, ": %.2f", Math.exp(batch.learntLnK()))));
        }
        return new PaceDrawing(dots, y(low, farthest), y(high, farthest), y(0, farthest));
    }

    private static double range(BatchSummary batch) {
        return Interval.Z_80 * batch.learntLogSd();
    }

    private static double y(double lnK, double farthest) {
        return Math.round(10 * (HEIGHT / 2 - lnK / farthest * (HEIGHT / 2 - MARGIN))) / 10.0;
    }
}
