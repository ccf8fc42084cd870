package app.gradior.web.live;

import app.gradior.pot.Pot;

/**
 * The lower part of a pot in section with the sauce in it, drawn deeper than it is where the sauce stands low, so that a
 * millimetre can be seen. Lengths in mm across, to a tenth; y runs down to the base at 0.
 *
 * @param times how many times deeper than wide it is drawn
 * @param half half of the width at the top of what is drawn
 * @param top where what is drawn begins
 * @param now where the sauce stands
 * @param from where it stood at the start
 * @param stop where it is to stop; null if it does not get there
 */
public record DeepPot(double times, double half, double baseHalf, double top, double now, double from, Double stop) {
    private static final double DEEPEST = 4;

    /** What is drawn is about so high against its width. */
    private static final double HEIGHT = 0.55;

    /** Above the sauce at the start as much again as this part of it is drawn. */
    private static final double ABOVE = 0.45;

    static DeepPot of(Pot pot, double nowMm, double fromMm, Double stopMm) {
        double wall = pot.wall().millimetres();
        double shown = Math.min(wall, Math.max(Math.max(fromMm, nowMm) * (1 + ABOVE), 12));
        double base = pot.base().millimetres() / 2;
        double half = base + (pot.rim().millimetres() / 2 - base) * shown / wall;
        double times = Math.max(1, Math.min(DEEPEST, Math.round(HEIGHT * 2 * half / shown)));
        return new DeepPot(
                times,
                tenth(half),
                tenth(base),
                tenth(-shown * times),
                tenth(-nowMm * times),
                tenth(-fromMm * times),
                stopMm == null ? null : tenth(-stopMm * times));
    }

    private double halfAt(double y) {
        return baseHalf + (half - baseHalf) * y / top;
    }

    public String box() {
        return tenth(-half - 28) + " " + tenth(top - 8) + " " + tenth(2 * half + 56) + " " + tenth(-top + 16);
    }

    /** Both of them, a little under the top of what is drawn. */
    public String ears() {
        return ear(-half, -1) + " " + ear(half, 1);
    }

    /** @param out which way it stands out, -1 or 1 */
    private String ear(double edge, int out) {
        String bend = " a8 8 0 0 " + (out > 0 ? 1 : 0) + " ";
        return "M" + edge + " " + tenth(top + 14) + " h" + 10 * out + bend + 8 * out + " 8 v10" + bend + -8 * out
                + " 8 h" + -10 * out;
    }

    public String wall() {
        return side("M", half, top) + base() + side(" L", -half, top);
    }

    public String sauce() {
        double at = Math.max(now, top);
        return side("M", halfAt(at), at) + base() + side(" L", -halfAt(at), at) + " Z";
    }

    private String base() {
        return side(" L", baseHalf, 0) + " H" + tenth(baseHalf);
    }

    /** To a point so far left of the middle. */
    private static String side(String how, double left, double y) {
        return how + tenth(-left) + " " + tenth(y);
    }

    private static double tenth(double millimetres) {
        return Math.round(millimetres * 10) / 10.0;
    }
}
