package app.gradior.web.quick;

import app.gradior.pot.Pot;
import java.util.Locale;

/**
 * A pan in section with the level it begins at and the one to stop at, to scale in a drawing of 620 by 360.
 *
 * @param left where the inside begins
 * @param width of the inside
 * @param top where the rim lies
 * @param base where the inside of the base lies
 * @param now where the level is at the start
 * @param stop where it is at the end
 */
record PanDrawing(double left, double width, double top, double base, double now, double stop) {
    private static final double ROOM_WIDTH = 360;
    private static final double ROOM_HEIGHT = 230;
    private static final double MIDDLE = 330;
    private static final double BASE = 300;

    /** Labels of one line never come nearer than this. */
    private static final double LINE = 20;

    static PanDrawing of(Pot pot, double nowMm, double stopMm) {
        double scale = Math.min(
                ROOM_WIDTH / pot.rim().millimetres(), ROOM_HEIGHT / pot.wall().millimetres());
        double width = pot.rim().millimetres() * scale;
        return new PanDrawing(
                MIDDLE - width / 2,
                width,
                BASE - pot.wall().millimetres() * scale,
                BASE,
                BASE - nowMm * scale,
                BASE - stopMm * scale);
    }

    /** The part of the drawing that is shown: nothing above the rim. */
    public String box() {
        double from = Math.max(0, Math.min(top, nowLabel() - LINE) - 12);
        return String.format(Locale.ROOT, "0 %.0f 620 %.0f", from, 340 - from);
    }

    /** Where what is said of the level at the start stands: over its line. */
    public double nowLabel() {
        return now - 7;
    }

    /** Where what is said of the level to stop at stands: under its line, clear of the other. */
    public double stopLabel() {
        return Math.max(stop + 18, nowLabel() + LINE);
    }

    /** The inside of the wall. */
    public String wall() {
        return String.format(
                Locale.ROOT,
                "M%.1f %.1fV%.1fq0 10 10 10H%.1fq10 0 10 -10V%.1f",
                left,
                top,
                base - 10,
                left + width - 10,
                top);
    }

    /** What is under a level. */
    public String below(double level) {
        double round = Math.min(10, base - level);
        return String.format(
                Locale.ROOT,
                "M%.1f %.1fH%.1fV%.1fq0 %.1f -10 %.1fH%.1fq-10 0 -10 -%.1fz",
                left + 1,
                level,
                left + width - 1,
                base - round,
                round,
                round,
                left + 11,
                round);
    }

    public String stopBelow() {
        return below(stop);
    }

    public String nowBelow() {
        return below(now);
    }
}
