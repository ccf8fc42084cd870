package app.gradior.food;

/** How far the solids of a sauce are broken up, and so how much of their body thickens it. */
public enum Texture {
    /** In pieces, as cut. */
    CHUNKY(0.35),
    /** Fallen apart in simmering. */
    BROKEN_DOWN(0.7),
    /** Blended, milled or bought as a purée. */
    SMOOTH(1);

    static final int COUNT = values().length;

    private final double released;

    Texture(double released) {
        this.released = released;
    }

    /** The share of the body that thickens. An estimate. */
    public double released() {
        return released;
    }
}
