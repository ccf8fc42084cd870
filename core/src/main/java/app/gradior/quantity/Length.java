package app.gradior.quantity;

/**
 * A length on a pot, a spoon handle or a plate.
 *
 * @param metres 0 to {@value #MAX_M} m
 */
public record Length(double metres) implements Comparable<Length> {
    private static final double MAX_M = 10;

    /** @throws IllegalArgumentException if the length is NaN, negative or over {@value #MAX_M} m */
    public Length {
        Bounds.check("length in m", metres, 0, MAX_M);
    }

    public static Length ofMillimetres(double millimetres) {
        return new Length(millimetres / 1000);
    }

    public static Length ofCentimetres(double centimetres) {
        return new Length(centimetres / 100);
    }

    public double millimetres() {
        return metres * 1000;
    }

    public double centimetres() {
        return metres * 100;
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(metres, other.metres);
    }
}
