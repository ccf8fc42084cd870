package app.gradior.thickness;

/**
 * How bubbles look at a simmer, which tells a cook how thick it is: the thicker, the larger and slower. The bounds are
 * estimates, set beside the looks of a spoon.
 */
public enum Bubbles {
    SMALL_AND_QUICK(3.0),
    LARGER(4.2),
    CRATERS(5.2),
    PLOPPING(Double.POSITIVE_INFINITY);

    private final double to;

    Bubbles(double to) {
        this.to = to;
    }

    /** The bubbles of a sauce of this grade at the stove. */
    public static Bubbles of(Grade atStove) {
        for (Bubbles bubbles : values()) {
            if (atStove.value() < bubbles.to) {
                return bubbles;
            }
        }
        return PLOPPING;
    }
}
