package app.gradior.thickness;

import app.gradior.quantity.Bounds;

/**
 * The thickness number: 2·log10(η / 1 mPa·s). Water is 0, single cream about 2, a coat on the spoon about 4.7, ketchup
 * about 6.5, jam over 7; half a grade is about the least difference a mouth notices.
 *
 * @param value −6 to 106
 */
public record Grade(double value) implements Comparable<Grade> {
    /** @throws IllegalArgumentException if the grade is NaN or out of range */
    public Grade {
        Bounds.check("grade", value, -6, 106);
    }

    public static Grade of(double value) {
        return new Grade(value);
    }

    public static Grade of(Viscosity viscosity) {
        return new Grade(2 * Math.log10(viscosity.millipascalSeconds()));
    }

    public Viscosity viscosity() {
        return Viscosity.ofMillipascalSeconds(Math.pow(10, value / 2));
    }

    @Override
    public int compareTo(Grade other) {
        return Double.compare(value, other.value);
    }
}
