package app.gradior.quantity;

/**
 * Mass by volume.
 *
 * @param kilogramsPerCubicMetre 10 to 5000 kg/m³: from dried leaves, loosely filled, to more than salt
 */
public record Density(double kilogramsPerCubicMetre) {
    /** @throws IllegalArgumentException if the density is NaN or outside 10 to 5000 kg/m³ */
    public Density {
        Bounds.check("density in kg/m³", kilogramsPerCubicMetre, 10, 5000);
    }

    public static Density ofGramsPerMillilitre(double value) {
        return new Density(value * 1000);
    }

    public double gramsPerMillilitre() {
        return kilogramsPerCubicMetre / 1000;
    }
}
