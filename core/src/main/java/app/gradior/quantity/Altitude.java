package app.gradior.quantity;

/**
 * Height of a kitchen above the sea.
 *
 * @param metres −430 (the lowest shore) to 6000 m (above the highest town)
 */
public record Altitude(double metres) {
    public static final Altitude SEA_LEVEL = new Altitude(0);

    /** @throws IllegalArgumentException if the altitude is NaN or outside −430 to 6000 m */
    public Altitude {
        Bounds.check("altitude in m", metres, -430, 6000);
    }

    public static Altitude ofMetres(double metres) {
        return new Altitude(metres);
    }
}
