package app.gradior.physics;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;

/**
 * How much sugar and salt the water of a mixture can hold. What is beyond is crystals: solids, and no syrup.
 *
 * <p>Sucrose: 66.7, 70.0, 74.2, 78.4 and 83.0 g in 100 g of solution at 20, 40, 60, 80 and 100 °C (sugar technologists'
 * handbooks), straight between and beyond. Where more than a third of the sugars are simple ones they hold each other in
 * solution: up to {@value #MIXED_HOLDS_MORE} points more, an estimate from what syrups of glucose and fructose hold. Salt:
 * 26.4 % of the brine, nearly whatever its temperature.
 */
public final class Solubility {
    private static final double[] SUCROSE_PERCENT = {66.7, 70.0, 74.2, 78.4, 83.0};
    private static final double FIRST_C = 20;
    private static final double STEP_K = 20;
    private static final double ALWAYS_HELD = 1.7;
    private static final double MAX_PERCENT = 95;
    private static final double MIXED_FROM = 1 / 3.0;
    private static final double MIXED_HOLDS_MORE = 14;
    private static final double SALT_SHARE_OF_BRINE = 0.264;

    private Solubility() {}

    /** Sugar that is there as crystals. */
    public static Mass sugarCrystals(Mixture mixture, Celsius temperature) {
        // Nearly every sauce is far from it: a syrup of 63 % holds its sugar even in a freezer.
        if (mixture.sugars().kilograms() < ALWAYS_HELD * mixture.freeWater().kilograms()) {
            return Mass.ZERO;
        }
        double water = mixture.freeWater().kilograms()
                + mixture.mass(Component.ETHANOL).kilograms();
        double held =
                perSolvent(sugarPercent(mixture.simpleShareOfSugars().value(), temperature.degrees()) / 100) * water;
        return Mass.ofKilograms(Math.max(0, mixture.sugars().kilograms() - held));
    }

    /** Salt that is there as crystals. */
    public static Mass saltCrystals(Mixture mixture) {
        double held = perSolvent(SALT_SHARE_OF_BRINE) * mixture.freeWater().kilograms();
        return Mass.ofKilograms(Math.max(0, mixture.mass(Component.SALT).kilograms() - held));
    }

    private static double perSolvent(double shareOfSolution) {
        return shareOfSolution / (1 - shareOfSolution);
    }

    private static double sugarPercent(double simpleShare, double t) {
        double steps = (t - FIRST_C) / STEP_K;
        int at = Math.max(0, Math.min(SUCROSE_PERCENT.length - 2, (int) Math.floor(steps)));
        double sucrose = SUCROSE_PERCENT[at] + (steps - at) * (SUCROSE_PERCENT[at + 1] - SUCROSE_PERCENT[at]);
        double mixed = Math.max(0, simpleShare - MIXED_FROM) / (1 - MIXED_FROM);
        return Math.min(MAX_PERCENT, sucrose + MIXED_HOLDS_MORE * mixed);
    }
}
