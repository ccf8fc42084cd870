package app.gradior.pot;

import app.gradior.quantity.Share;

/**
 * How much of the vapour a lid lets out. Estimates: a mesh screen keeps back what it drips back, about a seventh; a lid set
 * ajar leaves a slit of a twentieth of the surface, but vapour is driven out through it, so that nearly half gets away; under a
 * closed lid only what lifts its rim does.
 *
 * @param open 1 with no lid
 */
public record Lid(Share open) {
    public static final Lid OFF = new Lid(Share.of(1));
    public static final Lid SPLATTER_SCREEN = new Lid(Share.of(0.85));
    public static final Lid AJAR = new Lid(Share.of(0.45));
    public static final Lid ON = new Lid(Share.of(0.08));

    /**
     * A lid somewhere between.
     *
     * @throws IllegalArgumentException if the share is outside 0 to 1
     */
    public static Lid of(double open) {
        return new Lid(Share.of(open));
    }
}
