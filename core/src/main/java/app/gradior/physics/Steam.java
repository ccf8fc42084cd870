package app.gradior.physics;

import app.gradior.quantity.Celsius;
import app.gradior.quantity.Pressure;

/** Properties of water as it turns to vapour. */
public final class Steam {
    private static final double CRITICAL_K = 647.1;
    private static final double LATENT_AT_100_J_PER_KG = 2_256_500;
    private static final double BOILING_K = 373.15;

    /** Fishtine (1963) for 0.57 < T_b/T_c < 0.71: 0.740·T_b/T_c − 0.116, with water's 373.15/647.1. */
    private static final double WATSON_EXPONENT = 0.740 * BOILING_K / CRITICAL_K - 0.116;

    private Steam() {}

    /** Vapour pressure over pure water, Buck (1996): 611.21·exp((18.678 − T/234.5)·T/(257.14 + T)) Pa, T in °C. */
    public static Pressure vapourPressure(Celsius temperature) {
        return new Pressure(vapourPressurePa(temperature.degrees()));
    }

    static double vapourPressurePa(double t) {
        return 611.21 * Math.exp((18.678 - t / 234.5) * t / (257.14 + t));
    }

    /** d ln p/dT of the same equation, per kelvin. */
    static double logSlope(double t) {
        double below = 257.14 + t;
        return ((18.678 - 2 * t / 234.5) * below - (18.678 - t / 234.5) * t) / (below * below);
    }

    /**
     * Where pure water has a vapour pressure: the inverse of {@link #vapourPressure}, in closed form.
     *
     * @throws IllegalArgumentException if that is outside the range of {@link Celsius}
     */
    public static Celsius saturation(Pressure pressure) {
        // (18.678 − t/234.5)·t = y·(257.14 + t) is a quadratic in t; its lesser root is the physical one.
        double y = Math.log(pressure.pascals() / 611.21);
        double b = 18.678 - y;
        double a = 1 / 234.5;
        double t = (b - Math.sqrt(b * b - 4 * a * y * 257.14)) / (2 * a);
        return Celsius.of(t);
    }

    /**
     * Latent heat of evaporation, Watson (1943): 2256.5 kJ/kg·((647.1 − T)/(647.1 − 373.15))^0.311, T in K. Watson's own
     * exponent of 0.38 is a mean over organic liquids and misses the steam table by 0.8 % at 60 °C; with Fishtine's for
     * water it is within 0.2 % from 50 to 110 °C.
     *
     * @return J/kg
     */
    public static LatentHeat latentHeat(Celsius temperature) {
        return new LatentHeat(LATENT_AT_100_J_PER_KG
                * Math.pow((CRITICAL_K - temperature.kelvin()) / (CRITICAL_K - BOILING_K), WATSON_EXPONENT));
    }

    /** Heat that turns a kilogram of water to vapour at its temperature. */
    public record LatentHeat(double joulesPerKilogram) {}
}
