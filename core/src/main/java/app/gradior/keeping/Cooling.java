package app.gradior.keeping;

import app.gradior.quantity.Bounds;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Length;
import java.time.Duration;

/**
 * How fast a vessel of sauce cools, by lumped cooling with the resistance inside:
 * τ = ρ·c·r²/k · (1/(2·Bi) + 1/5.78), Bi = h·r/k, r = 2·V/A with both ends counted (a long cylinder's first eigenvalue);
 * T(t) = T_s + (T₀ − T_s)·e^(−t/τ). The transfer coefficients are estimates, so a time is told with ±30 %.
 *
 * @param radius what its surface makes of its volume: 2·V/A, 5 mm to 50 cm
 * @param turnsOver whether it is so thin that it moves as it cools
 */
public record Cooling(Length radius, boolean turnsOver) {
    /** Hot food is to be through this within {@link #FIRST}, and under {@link #COLD} within {@link #SECOND} more. */
    public static final Celsius WARM = Celsius.of(21);

    public static final Celsius COLD = Celsius.of(5);
    public static final Duration FIRST = Duration.ofHours(2);
    public static final Duration SECOND = Duration.ofHours(4);

    /** In a room hotter than this it is to be in the fridge within one hour in place of two. */
    public static final Celsius HOT_ROOM = Celsius.of(32);

    /** ρ·c of a sauce, J/(m³·K). */
    private static final double HEAT_CAPACITY = 3.9e6;

    /** Of a thick sauce that stands still, W/(m·K). */
    private static final double CONDUCTIVITY = 0.5;

    private static final double TURNED_OVER = 3;
    private static final double EIGENVALUE_SQUARED = 5.78;
    private static final double DOUBT = 0.3;

    /** Where a vessel stands to cool: how cold that is, and how well it takes the heat, W/(m²·K). */
    public enum Bath {
        AIR(20, 10),
        FRIDGE(4, 8),
        COLD_WATER(12, 100),
        ICE_BATH(1, 150);

        private final Celsius surroundings;
        private final double transfer;

        Bath(double surroundings, double transfer) {
            this.surroundings = Celsius.of(surroundings);
            this.transfer = transfer;
        }
    }

    /** @throws IllegalArgumentException if the radius is out of its bounds */
    public Cooling {
        Bounds.check("radius of what cools in m", radius.metres(), 0.005, 0.5);
    }

    /** Of a straight vessel. */
    public static Cooling of(Length across, Length deep, boolean turnsOver) {
        double radius = across.metres() / 2;
        // 2·V/A of a cylinder with both its ends.
        return new Cooling(
                Length.ofMillimetres(1000 * Math.max(0.005, radius * deep.metres() / (radius + deep.metres()))),
                turnsOver);
    }

    /** The time in which what is left of the difference falls to 1/e. */
    public Duration timeConstant(Bath bath) {
        double conductivity = turnsOver ? TURNED_OVER * CONDUCTIVITY : CONDUCTIVITY;
        double r = radius.metres();
        double biot = bath.transfer * r / conductivity;
        double seconds = HEAT_CAPACITY * r * r / conductivity * (1 / (2 * biot) + 1 / EIGENVALUE_SQUARED);
        return Duration.ofMillis(Math.round(1000 * seconds));
    }

    /**
     * Minutes until it is as cold as this, with ±30 %.
     *
     * @throws IllegalArgumentException if the bath never gets it there
     */
    public Interval minutes(Celsius from, Celsius to, Bath bath) {
        double left = to.degrees() - bath.surroundings.degrees();
        if (left <= 0) {
            throw new IllegalArgumentException(bath + " is not colder than " + to.degrees() + " °C");
        }
        double over = from.degrees() - bath.surroundings.degrees();
        double minutes = over <= left ? 0 : timeConstant(bath).toMillis() / 60_000.0 * Math.log(over / left);
        return new Interval(minutes * (1 - DOUBT), minutes, minutes * (1 + DOUBT));
    }

    /** How hot it is after a time. */
    public Celsius after(Celsius from, Bath bath, Duration time) {
        double surroundings = bath.surroundings.degrees();
        double part = Math.exp(-(double) time.toMillis() / timeConstant(bath).toMillis());
        return Celsius.of(surroundings + (from.degrees() - surroundings) * part);
    }
}
