package app.gradior.quantity;

/**
 * An amount of matter.
 *
 * @param kilograms 0 to {@value #MAX_KG} kg: a thousandfold of what a home stove carries, so that a slip of the units shows
 */
public record Mass(double kilograms) implements Comparable<Mass> {
    private static final double MAX_KG = 10_000;

    public static final Mass ZERO = new Mass(0);

    /** @throws IllegalArgumentException if the mass is NaN, negative or over {@value #MAX_KG} kg */
    public Mass {
        Bounds.check("mass in kg", kilograms, 0, MAX_KG);
    }

    public static Mass ofGrams(double grams) {
        return new Mass(grams / 1000);
    }

    public static Mass ofKilograms(double kilograms) {
        return new Mass(kilograms);
    }

    public double grams() {
        return kilograms * 1000;
    }

    public Mass plus(Mass other) {
        return new Mass(kilograms + other.kilograms);
    }

    /** @throws IllegalArgumentException if the other mass is the greater one */
    public Mass minus(Mass other) {
        return new Mass(kilograms - other.kilograms);
    }

    public Mass times(double factor) {
        return new Mass(kilograms * factor);
    }

    /** The volume this mass takes at a density. */
    public Volume at(Density density) {
        return new Volume(kilograms / density.kilogramsPerCubicMetre());
    }

    @Override
    public int compareTo(Mass other) {
        return Double.compare(kilograms, other.kilograms);
    }
}
