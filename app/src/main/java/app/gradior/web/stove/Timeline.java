package app.gradior.web.stove;

import app.gradior.web.live.CookView;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * The next two hours: what is on the heat, until when, and when hands are wanted.
 *
 * @param ticks moments of the clock, for the axis
 */
record Timeline(List<Row> rows, List<Tick> ticks) {
    private static final double HOURS = 2;
    private static final double WIDTH = 100;
    private static final int TICK_MINUTES = 30;

    /** A moment on the axis. */
    public record Tick(Instant at, double x) {}

    /**
     * A cook: heating up, then reducing; the end with its range; when to stir. All as per cent of the two hours.
     */
    public record Row(
            String name, double heatTo, double to, double low, double high, String words, List<Double> stirs) {}

    static Timeline of(List<CookView> running, Instant now) {
        List<Row> rows = new ArrayList<>();
        for (CookView view : running) {
            double heat = view.getForecast().heatingUp().toMillis() / 60_000.0;
            double end = view.getMinutesLeft().map(m -> m.middle()).orElse(HOURS * 60);
            double low = view.getMinutesLeft().map(m -> m.low()).orElse(end);
            double high = view.getMinutesLeft().map(m -> m.high()).orElse(end);
            List<Double> stirs = new ArrayList<>();
            for (double t = view.getForecast().stirEveryMinutes();
                    t < Math.min(end, HOURS * 60);
                    t += view.getForecast().stirEveryMinutes()) {
                stirs.add(x(t));
            }
            rows.add(new Row(
                    view.getRow().sauceName(),
                    x(heat),
                    x(end),
                    x(low),
                    x(high),
                    StoveText.onTheHeat(view.getRow().sauceName(), end, low, high),
                    stirs));
        }
        List<Tick> ticks = new ArrayList<>();
        long step = Duration.ofMinutes(TICK_MINUTES).toSeconds();
        Instant tick = Instant.ofEpochSecond(now.truncatedTo(ChronoUnit.MINUTES).getEpochSecond() / step * step + step);
        while (Duration.between(now, tick).toMinutes() < HOURS * 60) {
            ticks.add(new Tick(tick, x(Duration.between(now, tick).toSeconds() / 60.0)));
            tick = tick.plusSeconds(step);
        }
        return new Timeline(rows, ticks);
    }

    private static double x(double minutes) {
        return Math.max(0, Math.min(WIDTH, WIDTH * minutes / (HOURS * 60)));
    }
}
