package app.gradior.web.sauce;

import app.gradior.pot.Pot;
import app.gradior.quantity.Volume;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.PotDrawing;
import java.util.Comparator;
import java.util.List;

/**
 * How a sauce stands in a pot at its most.
 *
 * @param level how high it stands, mm from the base
 * @param scale px to a mm, the same for all pots of a drawing
 */
record PotFit(String name, PotDrawing drawing, double level, State state, double scale) {
    /** Beyond a scale that fits five pots side by side they would be too large to take in. */
    private static final double WIDTH_PX = 330;

    private static final double GAP_MM = 24;
    private static final int MAX_DRAWN = 5;

    enum State {
        FITS("fits"),
        BOILS_OVER(SauceText.MAY_BOIL_OVER),
        TOO_SMALL(SauceText.TOO_SMALL);

        private final String words;

        State(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** The few pots whose size comes nearest to what the sauce wants, in their order. */
    static List<PotFit> of(Volume max, List<KitchenPot> kept) {
        List<KitchenPot> nearest = kept.stream()
                .sorted(Comparator.comparingDouble(
                        pot -> Math.abs(Math.log(pot.pot().workingCapacity().litres() / Math.max(0.05, max.litres())))))
                .limit(MAX_DRAWN)
                .toList();
        List<KitchenPot> pots = kept.stream().filter(nearest::contains).toList();
        double all = pots.stream()
                .mapToDouble(p -> Math.max(p.rimMm(), p.baseMm()) + GAP_MM)
                .sum();
        double scale = Math.min(0.42, WIDTH_PX / Math.max(1, all));
        return pots.stream().map(pot -> of(max, pot, scale)).toList();
    }

    private static PotFit of(Volume max, KitchenPot kept, double scale) {
        Pot pot = kept.pot();
        State state = pot.overflowsWith(max) ? State.TOO_SMALL : pot.holds(max) ? State.FITS : State.BOILS_OVER;
        return new PotFit(kept.name(), PotDrawing.of(pot), pot.depthOf(max).millimetres(), state, scale);
    }

    public String words() {
        return state.words();
    }

    /** The sauce in the pot, as a path: it follows the wall. */
    public String filled() {
        double base = widthAt(0);
        double top = widthAt(level);
        double wall = drawing.height();
        return String.format(
                java.util.Locale.ROOT,
                "M%.1f %.1f L%.1f %.1f L%.1f %.1f L%.1f %.1f Z",
                -base,
                wall,
                -top,
                wall - level,
                top,
                wall - level,
                base,
                wall);
    }

    private double widthAt(double height) {
        // The outline begins at the rim on the left: M-rim 0 L-base wall.
        String[] points = drawing.outline().split("[ML ]+");
        double rim = -Double.parseDouble(points[1]);
        double base = -Double.parseDouble(points[3]);
        return base + (rim - base) * height / drawing.height();
    }
}
