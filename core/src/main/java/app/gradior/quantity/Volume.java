package app.gradior.quantity;

/**
 * A volume of sauce, or of a pot.
 *
 * @param cubicMetres 0 to {@value #MAX_M3} m³
 */
public record Volume(double cubicMetres) implements Comparable<Volume> {
    private static final double MAX_M3 = 20;

    public static final Volume ZERO = new Volume(0);

    /** @throws IllegalArgumentException if the volume is NaN, negative or over {@value #MAX_M3} m³ */
    public Volume {
        Bounds.check("volume in m³", cubicMetres, 0, MAX_M3);
    }

    public static Volume ofLitres(double litres) {
        return new Volume(litres / 1e3);
    }

    public static Volume ofMillilitres(double millilitres) {
        return new Volume(millilitres / 1e6);
    }

    public double millilitres() {
        return cubicMetres * 1e6;
    }

    public double litres() {
        return cubicMetres * 1e3;
    }

    public Volume times(double factor) {
        return new Volume(cubicMetres * factor);
    }

    /** The mass of this volume at a density. */
    public Mass at(Density density) {
        return new Mass(cubicMetres * density.kilogramsPerCubicMetre());
    }

    @Override
    public int compareTo(Volume other) {
        return Double.compare(cubicMetres, other.cubicMetres);
    }
}
