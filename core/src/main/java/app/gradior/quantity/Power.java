package app.gradior.quantity;

/**
 * The power of a ring, or what reaches the pot of it.
 *
 * @param watts 0 to 20 kW
 */
public record Power(double watts) {
    /** @throws IllegalArgumentException if the power is NaN or outside 0 to 20 kW */
    public Power {
        Bounds.check("power in W", watts, 0, 20_000);
    }

    public static Power ofWatts(double watts) {
        return new Power(watts);
    }
}
