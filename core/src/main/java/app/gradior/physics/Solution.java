package app.gradior.physics;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Pressure;
import app.gradior.quantity.Share;

/**
 * The serum of a sauce as a solution: how freely its water evaporates and where it boils.
 *
 * <p>Sugars by Norrish (1966), a_w = x_w·exp(−K·x_s²), x by moles, K the mole-weighted mean of {@value #NORRISH_SUCROSE}
 * for sucrose-like and {@value #NORRISH_SIMPLE} for simple sugars; the former is refitted to the boiling points of sucrose
 * solutions up to 80 %, where Norrish's own 6.47 runs ahead. Salt by Pitzer and Mayorga (1973) at 25 °C, up to a saturated
 * brine. The two multiply (Ross 1975). Ethanol lowers the boiling point while it is there: modified Raoult's law with van
 * Laar's coefficients for ethanol and water (1.6798 and 0.9227, Gmehling and Onken) and Antoine's equation.
 */
public final class Solution {
    private static final double WATER_G_PER_MOL = 18.0153;
    private static final double SUCROSE_G_PER_MOL = 342.3;
    private static final double SIMPLE_G_PER_MOL = 180.16;
    private static final double SALT_G_PER_MOL = 58.44;
    private static final double ETHANOL_G_PER_MOL = 46.07;
    private static final double NORRISH_SUCROSE = 5.0;
    private static final double NORRISH_SIMPLE = 2.25;

    /** mol of salt in a kilogram of water at 26.4 % of the brine. */
    private static final double SATURATED_MOLALITY = 6.14;

    private static final double VAN_LAAR_ETHANOL = 1.6798;
    private static final double VAN_LAAR_WATER = 0.9227;
    private static final double MIN_ETHANOL_MOLE_FRACTION = 1e-5;
    private static final double PASCALS_PER_MMHG = 133.322;
    private static final double ANTOINE_A = 8.20417;
    private static final double ANTOINE_B = 1642.89;
    private static final double ANTOINE_C = 230.3;
    private static final double LN_10 = Math.log(10);

    private static final double PRESSURE_AT_HIGHEST = Steam.vapourPressurePa(160);

    private Solution() {}

    /** Water activity; 1 where nothing is dissolved, 0 where there is no water. Ethanol is left out: see {@link #boilingPoint}. */
    public static Share waterActivity(Mixture mixture) {
        double grams = mixture.mass(Component.WATER).grams();
        if (grams == 0) {
            return mixture.isEmpty() ? Share.ALL : Share.NONE;
        }
        double water = grams / WATER_G_PER_MOL;
        double sucrose = mixture.mass(Component.SUCROSE).grams() / SUCROSE_G_PER_MOL;
        double simple = mixture.mass(Component.SIMPLE_SUGARS).grams() / SIMPLE_G_PER_MOL;
        double sugars = sucrose + simple;
        double activity = 1;
        if (sugars > 0) {
            double k = (NORRISH_SUCROSE * sucrose + NORRISH_SIMPLE * simple) / sugars;
            double fraction = sugars / (water + sugars);
            activity = (1 - fraction) * Math.exp(-k * fraction * fraction);
        }
        double salt = mixture.mass(Component.SALT).grams() / SALT_G_PER_MOL;
        return Share.of(salt == 0 ? activity : activity * brine(1000 * salt / grams));
    }

    /** Water activity of a solution of so much salt, mol/kg of water: exp(−2·m·φ·M_w). */
    private static double brine(double molality) {
        double m = Math.min(SATURATED_MOLALITY, molality);
        double root = Math.sqrt(m);
        double osmotic =
                1 - 0.3915 * root / (1 + 1.2 * root) + m * (0.0765 + 0.2664 * Math.exp(-2 * root)) + m * m * 0.00127;
        return Math.exp(-2 * m * osmotic * WATER_G_PER_MOL / 1000);
    }

    /**
     * Where the mixture boils freely: its water's and its ethanol's vapour together reach the air pressure. With almost no
     * water left there is no such temperature below that of caramel; then the upper bound of {@link Celsius} is given.
     */
    public static Celsius boilingPoint(Mixture mixture, Pressure air) {
        return boilingPoint(mixture, waterActivity(mixture), air);
    }

    /**
     * The same where its water activity is known already.
     *
     * @param activity {@link #waterActivity} of the mixture
     */
    public static Celsius boilingPoint(Mixture mixture, Share activity, Pressure air) {
        Celsius dry = boilingPoint(activity, air);
        double ethanol = mixture.mass(Component.ETHANOL).grams() / ETHANOL_G_PER_MOL;
        double water = mixture.mass(Component.WATER).grams() / WATER_G_PER_MOL;
        double x = ethanol / (ethanol + water);
        return ethanol == 0 || x < MIN_ETHANOL_MOLE_FRACTION ? dry : withEthanol(x, activity.value(), dry, air);
    }

    /** The same for a solution whose water activity is known, without ethanol. */
    public static Celsius boilingPoint(Share waterActivity, Pressure air) {
        double activity = waterActivity.value();
        if (activity * PRESSURE_AT_HIGHEST <= air.pascals()) {
            return Celsius.of(160);
        }
        return Steam.saturation(new Pressure(air.pascals() / activity));
    }

    /**
     * Newton from above on a smooth, rising function of the temperature. Ethanol only lowers where it boils: where so little of
     * both is left that it would be beyond the upper bound, that bound stands.
     */
    private static Celsius withEthanol(double x, double activity, Celsius dry, Pressure air) {
        double w = 1 - x;
        double mixed = VAN_LAAR_ETHANOL * x + VAN_LAAR_WATER * w;
        double ofEthanol = x * Math.exp(VAN_LAAR_ETHANOL * Math.pow(VAN_LAAR_WATER * w / mixed, 2));
        double ofWater = activity * w * Math.exp(VAN_LAAR_WATER * Math.pow(VAN_LAAR_ETHANOL * x / mixed, 2));
        double t = dry.degrees();
        for (int i = 0; i < 30; i++) {
            double above = ANTOINE_C + t;
            double ethanol = ofEthanol * PASCALS_PER_MMHG * Math.exp(LN_10 * (ANTOINE_A - ANTOINE_B / above));
            double vapour = ofWater * Steam.vapourPressurePa(t);
            double excess = ethanol + vapour - air.pascals();
            // From above it never goes under the root: it is there, or so little evaporates that the bound stands.
            if (excess <= 0) {
                break;
            }
            double slope = ethanol * LN_10 * ANTOINE_B / (above * above) + vapour * Steam.logSlope(t);
            double step = excess / slope;
            t -= step;
            if (Math.abs(step) < 1e-5) {
                break;
            }
        }
        return Celsius.of(t);
    }
}
