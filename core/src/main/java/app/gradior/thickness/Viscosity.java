package app.gradior.thickness;

import app.gradior.quantity.Bounds;

/**
 * Apparent viscosity, at the shear rate {@value Rheology#MOUTH_SHEAR_RATE} s⁻¹ unless said otherwise.
 *
 * @param pascalSeconds 1 µPa·s to 10^50 Pa·s: cooled syrups set like glass
 */
public record Viscosity(double pascalSeconds) implements Comparable<Viscosity> {
    /** @throws IllegalArgumentException if the viscosity is NaN or out of range */
    public Viscosity {
        Bounds.check("viscosity in Pa·s", pascalSeconds, 1e-6, 1e50);
    }

    public static Viscosity ofMillipascalSeconds(double value) {
        return new Viscosity(value / 1000);
    }

    public double millipascalSeconds() {
        return pascalSeconds * 1000;
    }

    @Override
    public int compareTo(Viscosity other) {
        return Double.compare(pascalSeconds, other.pascalSeconds);
    }
}
