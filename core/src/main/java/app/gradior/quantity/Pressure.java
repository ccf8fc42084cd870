package app.gradior.quantity;

/**
 * A pressure of air or vapour.
 *
 * @param pascals 0 to 2 MPa
 */
public record Pressure(double pascals) {
    /** @throws IllegalArgumentException if the pressure is NaN or outside 0 to 2 MPa */
    public Pressure {
        Bounds.check("pressure in Pa", pascals, 0, 2e6);
    }

    public double kilopascals() {
        return pascals / 1000;
    }
}
