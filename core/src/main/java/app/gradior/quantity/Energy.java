package app.gradior.quantity;

/**
 * Energy: from the stove, or to be had from eating.
 *
 * @param joules 0 to 1 TJ
 */
public record Energy(double joules) {
    private static final double JOULES_PER_KILOCALORIE = 4184;
    private static final double JOULES_PER_KILOWATT_HOUR = 3.6e6;

    /** @throws IllegalArgumentException if the energy is NaN, negative or over 1 TJ */
    public Energy {
        Bounds.check("energy in J", joules, 0, 1e12);
    }

    public static Energy ofKilocalories(double kilocalories) {
        return new Energy(kilocalories * JOULES_PER_KILOCALORIE);
    }

    public double kilocalories() {
        return joules / JOULES_PER_KILOCALORIE;
    }

    public double kilowattHours() {
        return joules / JOULES_PER_KILOWATT_HOUR;
    }
}
