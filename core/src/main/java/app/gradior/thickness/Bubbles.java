package app.gradior.thickness;

/**
 * How bubbles look at a simmer, which tells a cook how thick it is: the thicker, the larger and slower. The bounds are
 * estimates, set beside the looks of a spoon.
 */
public enum Bubbles {
    SMALL_AND_QUICK("small, quick bubbles", 3.0),
    LARGER("larger, slower bubbles", 4.2),
    CRATERS("slow bubbles that leave craters", 5.2),
    PLOPPING("heavy, plopping bubbles", Double.POSITIVE_INFINITY);

    private final String words;
    private final double to;

    Bubbles(String words, double to) {
        this.words = words;
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

    public String words() {
        return words;
    }
}
