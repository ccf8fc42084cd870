package app.gradior.web.equipment;

import app.gradior.pot.Pot;
import app.gradior.quantity.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A pot in section, in millimetres of the pot: x from its axis, y down from the rim.
 *
 * @param width of its widest part
 * @param outline the inner wall as an SVG path
 * @param marks lines at rounded volumes
 * @param workingY where the working limit lies
 */
public record PotDrawing(
        double width, double height, double baseMm, double rimMm, String outline, List<Mark> marks, double workingY) {
    private static final double LABEL_MM = 12;
    private static final double QUARTER_LITRE_ML = 250;

    /** A volume mark on the wall. */
    public record Mark(String label, double y, double halfWidth) {}

    private static final int MAX_MARKS = 200;

    /** Metric: a mark every quarter of a litre. */
    public static PotDrawing of(Pot pot) {
        return of(pot, QUARTER_LITRE_ML);
    }

    /** With a mark for every so many millilitres: a quarter of a litre, or a cup. */
    public static PotDrawing of(Pot pot, double step) {
        double base = pot.base().millimetres() / 2;
        double rim = pot.rim().millimetres() / 2;
        double wall = pot.wall().millimetres();
        String outline =
                String.format(Locale.ROOT, "M%.1f 0 L%.1f %.1f L%.1f %.1f L%.1f 0", -rim, -base, wall, base, wall, rim);
        List<Mark> marks = new ArrayList<>();
        double capacity = pot.capacity().millilitres();
        int each = labelled(capacity / step, wall);
        for (int i = 1; i * step < capacity && i <= MAX_MARKS; i++) {
            double depth = pot.depthOf(Volume.ofMillilitres(i * step)).millimetres();
            marks.add(new Mark(i % each == 0 ? label(i, step) : "", wall - depth, base + (rim - base) * depth / wall));
        }
        double working = wall - pot.depthOf(pot.workingCapacity()).millimetres();
        return new PotDrawing(2 * Math.max(base, rim), wall, 2 * base, 2 * rim, outline, marks, working);
    }

    /** Every how many marks there is room for a number. */
    private static int labelled(double count, double wall) {
        for (int each : new int[] {1, 2, 4, 8, 20, 40}) {
            if (count / each * LABEL_MM <= wall) {
                return each;
            }
        }
        return 100;
    }

    private static String label(int marks, double step) {
        if (step != QUARTER_LITRE_ML) {
            return marks + (marks == 1 ? " cup" : " cups");
        }
        double ml = marks * step;
        return ml < 1000
                ? Math.round(ml) + " ml"
                : (ml % 1000 == 0 ? String.valueOf(Math.round(ml / 1000)) : ml / 1000) + " l";
    }
}
