package app.gradior.quantity;

/**
 * A temperature of a sauce or a kitchen.
 *
 * @param degrees {@value #MIN} to {@value #MAX} °C: from a sauce about to freeze to a syrup about to caramelise
 */
public record Celsius(double degrees) implements Comparable<Celsius> {
    private static final double MIN = -5;
    private static final double MAX = 160;
    private static final double ZERO_CELSIUS_IN_KELVIN = 273.15;

    /** Where "served warm" is judged unless the cook says otherwise. */
    public static final Celsius SERVED_WARM = new Celsius(60);

    public static final Celsius ROOM = new Celsius(20);

    public static final Celsius FRIDGE = new Celsius(5);

    /** @throws IllegalArgumentException if the temperature is NaN or outside {@value #MIN} to {@value #MAX} °C */
    public Celsius {
        Bounds.check("temperature in °C", degrees, MIN, MAX);
    }

    public static Celsius of(double degrees) {
        return new Celsius(degrees);
    }

    public double kelvin() {
        return degrees + ZERO_CELSIUS_IN_KELVIN;
    }

    /** A temperature lower by so many degrees, held at the lowest one that is possible. */
    public Celsius minus(double kelvins) {
        return new Celsius(Math.max(MIN, degrees - kelvins));
    }

    @Override
    public int compareTo(Celsius other) {
        return Double.compare(degrees, other.degrees);
    }
}
