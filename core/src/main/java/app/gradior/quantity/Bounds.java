package app.gradior.quantity;

/** Refuses impossible numbers with a message that names the value and the bound. */
public final class Bounds {
    private Bounds() {}

    /**
     * Checks a number against a closed interval.
     *
     * @param what the quantity with its unit, e.g. {@code "mass in kg"}
     * @param value the number to check
     * @param low least value allowed
     * @param high greatest value allowed
     * @return the value, unchanged
     * @throws IllegalArgumentException if the value is NaN or lies outside the bounds
     */
    public static double check(String what, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            throw new IllegalArgumentException(what + " must be between " + low + " and " + high + " but was " + value);
        }
        return value;
    }
}
