package app.gradior.web.journal;

import app.gradior.thickness.SpoonCoat;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.text.Names;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.stream.DoubleStream;

/**
 * The batches of a sauce beside each other, each as its climb from the stove to the table to the fridge; in units of a
 * drawing {@value #WIDTH} wide and {@value #HEIGHT} high.
 *
 * @param ticks grades
 * @param looks what is seen, each at the middle of its grades
 * @param climbs from the first to the last; behind them what is planned, if anything is
 * @param band what was wanted of the last of them that wanted a thickness; null if none did
 */
public record StoryDrawing(List<Tick> ticks, List<Look> looks, List<Column> climbs, Band band) {
    static final double WIDTH = 880;
    static final double HEIGHT = 470;
    private static final double LEFT = 74;
    private static final double RIGHT = 800;
    private static final double TOP = 16;
    private static final double BOTTOM = 450;
    private static final double WIDEST_COLUMN = 150;
    private static final double LEAST_SPAN = 3;

    /** A word has no room in fewer grades. */
    private static final double LEAST_ROOM = 0.3;

    /** A line of the scale. */
    public record Tick(int grade, double y) {}

    /** What is seen at some height of the scale. */
    public record Look(double y, String look) {}

    /**
     * A batch, drawn.
     *
     * @param servedY at the height of how thick it was when it was eaten
     */
    public record Column(
            double x,
            double half,
            double stoveY,
            double warmY,
            double coldY,
            double servedY,
            double served,
            String miss) {
        public String path() {
            return String.format(
                    Locale.ROOT,
                    "M%.1f %.1f C%.1f %.1f %.1f %.1f %.1f %.1f C%.1f %.1f %.1f %.1f %.1f %.1f",
                    x - half,
                    stoveY,
                    x - half / 2,
                    stoveY,
                    x - half / 2,
                    warmY,
                    x,
                    warmY,
                    x + half / 2,
                    warmY,
                    x + half / 2,
                    coldY,
                    x + half,
                    coldY);
        }

        public double coldX() {
            return x + half;
        }

        public double stoveX() {
            return x - half;
        }
    }

    /** What was wanted. */
    public record Band(double top, double height, boolean cold, double low, double high) {}

    /** Three grades of what is planned next: at the stove, on the table, from the fridge. */
    record Next(double stove, double warm, double cold) {}

    /** @param batches the oldest first, each with its grades */
    static StoryDrawing of(List<BatchSummary> batches, Next next) {
        List<Double> grades = new ArrayList<>();
        BatchSummary wanting = null;
        for (BatchSummary batch : batches) {
            Collections.addAll(grades, batch.stoveGrade(), batch.warmGrade(), batch.coldGrade());
            wanting = batch.wantedLow() == null ? wanting : batch;
        }
        if (wanting != null) {
            Collections.addAll(grades, wanting.wantedLow(), wanting.wantedHigh());
        }
        if (next != null) {
            Collections.addAll(grades, next.stove(), next.warm(), next.cold());
        }
        DoubleStream all = grades.stream().mapToDouble(g -> g);
        double low = Math.max(0, Math.floor(all.min().orElse(2) - 0.2));
        double high = Math.max(
                low + LEAST_SPAN,
                Math.ceil(grades.stream().mapToDouble(g -> g).max().orElse(6) + 0.2));
        Scale scale = new Scale(low, high);
        List<Tick> ticks = new ArrayList<>();
        for (int grade = (int) low; grade <= high; grade++) {
            ticks.add(new Tick(grade, scale.y(grade)));
        }
        List<Look> looks = new ArrayList<>();
        for (SpoonCoat look : SpoonCoat.values()) {
            double from = Math.max(low, look.from());
            double to = Math.min(high, look.to());
            if (to - from >= LEAST_ROOM) {
                looks.add(new Look(scale.y((from + to) / 2) + 4, Names.look(look)));
            }
        }
        int columns = batches.size() + (next == null ? 0 : 1);
        double width = Math.min(WIDEST_COLUMN, (RIGHT - LEFT) / Math.max(1, columns));
        List<Column> climbs = new ArrayList<>();
        for (BatchSummary batch : batches) {
            double x = LEFT + width * (climbs.size() + 0.5);
            double served = batch.servedGrade().orElseThrow();
            double missed = batch.missed().orElse(0.0);
            climbs.add(new Column(
                    x,
                    width * 0.3,
                    scale.y(batch.stoveGrade()),
                    scale.y(batch.warmGrade()),
                    scale.y(batch.coldGrade()),
                    scale.y(served),
                    served,
                    missed > 0.05 ? "▲ " : missed < -0.05 ? "▼ " : ""));
        }
        if (next != null) {
            double x = LEFT + width * (climbs.size() + 0.5);
            climbs.add(new Column(
                    x,
                    width * 0.3,
                    scale.y(next.stove()),
                    scale.y(next.warm()),
                    scale.y(next.cold()),
                    scale.y(next.warm()),
                    next.warm(),
                    ""));
        }
        Band band = wanting == null
                ? null
                : new Band(
                        scale.y(wanting.wantedHigh()),
                        scale.y(wanting.wantedLow()) - scale.y(wanting.wantedHigh()),
                        wanting.wantedCold(),
                        wanting.wantedLow(),
                        wanting.wantedHigh());
        return new StoryDrawing(ticks, looks, climbs, band);
    }

    private record Scale(double low, double high) {
        double y(double grade) {
            double part = (Math.max(low, Math.min(high, grade)) - low) / (high - low);
            return Math.round(10 * (BOTTOM - part * (BOTTOM - TOP))) / 10.0;
        }
    }
}
