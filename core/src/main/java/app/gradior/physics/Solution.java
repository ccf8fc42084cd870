package app.gradior.physics;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Pressure;
import app.gradior.quantity.Share;

/**
 * The serum of a sauce as a solution: how freely its water evaporates and where it boils. Norrish (1966):
 * a_w = x_w·exp(−K·x_s²), x by moles, with K the mole-weighted mean of 6.47 for sucrose-like and 2.25 for simple sugars.
 * Salt counts as 1.86 moles of particles per mole in x_w's denominator only. Ethanol is left out: it leaves long before
 * it matters, and while it is there it boils a little lower than said here.
 */
public final class Solution {
    private static final double WATER_G_PER_MOL = 18.015;
    private static final double SUCROSE_G_PER_MOL = 342.3;
    private static final double SIMPLE_G_PER_MOL = 180.16;
    private static final double SALT_G_PER_MOL = 58.44;
    private static final double SALT_PARTICLES = 1.86;
    private static final double NORRISH_SUCROSE = 6.47;
    private static final double NORRISH_SIMPLE = 2.25;
    private static final double PRESSURE_AT_HIGHEST = Steam.vapourPressurePa(160);

    private Solution() {}

    /** Water activity; 1 where nothing is dissolved, 0 where there is no water. */
    public static Share waterActivity(Mixture mixture) {
        double water = mixture.mass(Component.WATER).grams() / WATER_G_PER_MOL;
        double sucrose = mixture.mass(Component.SUCROSE).grams() / SUCROSE_G_PER_MOL;
        double simple = mixture.mass(Component.SIMPLE_SUGARS).grams() / SIMPLE_G_PER_MOL;
        double salt = SALT_PARTICLES * mixture.mass(Component.SALT).grams() / SALT_G_PER_MOL;
        if (water == 0) {
            return mixture.isEmpty() ? Share.ALL : Share.NONE;
        }
        double sugars = sucrose + simple;
        if (sugars == 0) {
            return Share.of(water / (water + salt));
        }
        double k = (NORRISH_SUCROSE * sucrose + NORRISH_SIMPLE * simple) / sugars;
        double sugarFraction = sugars / (water + sugars + salt);
        return Share.of(water / (water + sugars + salt) * Math.exp(-k * sugarFraction * sugarFraction));
    }

    /**
     * Where the mixture boils freely: a_w·p_sat(T) = air pressure. With almost no water left there is no such
     * temperature below that of caramel; then the upper bound of {@link Celsius} is given.
     */
    public static Celsius boilingPoint(Mixture mixture, Pressure air) {
        return boilingPoint(waterActivity(mixture), air);
    }

    /** The same for a solution whose water activity is known. */
    public static Celsius boilingPoint(Share waterActivity, Pressure air) {
        double activity = waterActivity.value();
        if (activity * PRESSURE_AT_HIGHEST <= air.pascals()) {
            return Celsius.of(160);
        }
        return Steam.saturation(new Pressure(air.pascals() / activity));
    }
}
