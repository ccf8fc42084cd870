package app.gradior.web.journal;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.plan.StoveWork;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Energy;
import app.gradior.web.batch.BatchSummary;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Batches side by side, with their weights laid over each other; in units of a drawing {@value #WIDTH} by {@value #HEIGHT}.
 *
 * @param minuteTicks of its lower edge
 * @param gramTicks of its left edge
 */
public record Comparison(List<One> all, List<Tick> minuteTicks, List<Tick> gramTicks) {
    static final double WIDTH = 640;
    static final double HEIGHT = 240;
    private static final double LEFT = 56;
    private static final double BOTTOM = 210;
    private static final double TOP = 12;
    private static final int TICKS = 6;

    /** A mark of the drawing's edge. */
    public record Tick(double value, double at) {}

    /** One of them. */
    public record One(BatchSummary batch, Climb climb, Energy energy, double wentIn, String path, int number) {}

    private record Point(double minutes, double grams) {}

    /** A batch with its cook, to be compared. */
    record Of(BatchSummary batch, Cook cook) {}

    static Comparison of(List<Of> batches) {
        List<List<Point>> curves = batches.stream().map(b -> points(b.cook())).toList();
        double longest = curves.stream()
                .flatMap(List::stream)
                .mapToDouble(Point::minutes)
                .max()
                .orElse(1);
        double most = curves.stream()
                .flatMap(List::stream)
                .mapToDouble(Point::grams)
                .max()
                .orElse(1);
        List<One> all = new ArrayList<>();
        for (int i = 0; i < batches.size(); i++) {
            Cook cook = batches.get(i).cook();
            StringBuilder path = new StringBuilder();
            for (Point point : curves.get(i)) {
                path.append(String.format(
                        Locale.ROOT,
                        "%s%.1f %.1f",
                        path.isEmpty() ? "M" : " L",
                        x(point.minutes(), longest),
                        y(point.grams(), most)));
            }
            CookEvent.Started started = cook.started();
            all.add(new One(
                    batches.get(i).batch(),
                    Climb.of(batches.get(i).batch()).orElse(null),
                    StoveWork.of(
                            started.mixture(),
                            cook.sauceAt(cook.finished().orElseThrow().at()).mixture(),
                            new Evaporation(started.conditions())),
                    started.mixture().mass().grams(),
                    path.toString(),
                    i + 1));
        }
        return new Comparison(all, ticks(longest, true), ticks(most, false));
    }

    private static List<Tick> ticks(double most, boolean across) {
        double step = Math.max(1, niceStep(most / TICKS));
        List<Tick> ticks = new ArrayList<>();
        for (double value = 0; value <= most; value += step) {
            ticks.add(new Tick(value, across ? x(value, most) : y(value, most)));
        }
        return ticks;
    }

    private static double niceStep(double raw) {
        double power = Math.pow(10, Math.floor(Math.log10(Math.max(1e-6, raw))));
        double part = raw / power;
        return power * (part <= 1 ? 1 : part <= 2 ? 2 : part <= 5 ? 5 : 10);
    }

    private static double x(double minutes, double longest) {
        return LEFT + (WIDTH - LEFT - 12) * minutes / longest;
    }

    private static double y(double grams, double most) {
        return BOTTOM - (BOTTOM - TOP) * grams / most;
    }

    private static List<Point> points(Cook cook) {
        Instant start = cook.started().at();
        List<Point> points = new ArrayList<>();
        points.add(new Point(0, cook.started().mixture().mass().grams()));
        for (Cook.ReadingResult result : cook.results()) {
            if (result.reading() instanceof CookEvent.Weighed weighed && !result.questioned()) {
                points.add(new Point(minutes(start, weighed.at()), weighed.net().grams()));
            }
        }
        CookEvent.Finished finished = cook.finished().orElseThrow();
        points.add(new Point(
                minutes(start, finished.at()),
                finished.yield()
                        .map(m -> m.grams())
                        .orElseGet(() -> cook.sauceAt(finished.at()).mass().grams())));
        return points;
    }

    private static double minutes(Instant from, Instant to) {
        return Duration.between(from, to).toMillis() / 60_000.0;
    }
}
