package app.gradior.web.pot;

import app.gradior.pot.Pot;
import app.gradior.quantity.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A pot in section, in millimetres of the pot: x from its axis, y down from the rim.
 *
 * @param outline the inner wall as an SVG path
 * @param marks lines at rounded volumes
 * @param workingY where the working limit lies
 */
public record PotDrawing(double width, double height, String outline, List<Mark> marks, double workingY) {
    private static final double LABEL_MM = 12;

    /** A volume mark on the wall. */
    public record Mark(String label, double y, double halfWidth) {}

    public static PotDrawing of(Pot pot) {
        double base = pot.base().millimetres() / 2;
        double rim = pot.rim().millimetres() / 2;
        double wall = pot.wall().millimetres();
        String outline =
                String.format(Locale.ROOT, "M%.1f 0 L%.1f %.1f L%.1f %.1f L%.1f 0", -rim, -base, wall, base, wall, rim);
        List<Mark> marks = new ArrayList<>();
        double step = step(pot.capacity().millilitres(), wall);
        for (double ml = step; ml < pot.capacity().millilitres(); ml += step) {
            double depth = pot.depthOf(Volume.ofMillilitres(ml)).millimetres();
            String label = ml < 1000
                    ? Math.round(ml) + " ml"
                    : (ml % 1000 == 0 ? String.valueOf(Math.round(ml / 1000)) : ml / 1000) + " l";
            marks.add(new Mark(label, wall - depth, base + (rim - base) * depth / wall));
        }
        double working = wall - pot.depthOf(pot.workingCapacity()).millimetres();
        return new PotDrawing(2 * Math.max(base, rim), wall, outline, marks, working);
    }

    /** Steps a cook can read, as many as have room for their numbers. */
    private static double step(double capacity, double wall) {
        for (double step : new double[] {100, 250, 500, 1000, 2500, 5000, 10_000, 25_000}) {
            if (capacity / step * LABEL_MM <= wall) {
                return step;
            }
        }
        return 100_000;
    }
}
