package app.gradior.thickness;

import app.gradior.food.Mixture;
import app.gradior.quantity.Celsius;

/**
 * What sets as a sauce cools: gelatin and pectin, each as what it adds to the viscosity, mPa·s at 50 s⁻¹ (a gel that is
 * stirred up), and how it stands when it is left alone. All figures are estimates from what cooks and jam makers find.
 */
public final class Gel {
    private static final double GELATIN_AT_ONE_PERCENT = 400;
    private static final double GELATIN_SET_C = 10;
    private static final double GELATIN_MELTS_C = 30;

    /** g in 100 g of water beyond which it is a plate of gelatin. */
    private static final double MAX_GELATIN = 100;

    private static final double PECTIN_AT_HALF_PERCENT = 1200;
    private static final double PECTIN_SETS_FROM_C = 70;
    private static final double PECTIN_SET_C = 25;
    private static final double MIN_PECTIN_PERCENT = 0.2;
    private static final double ENOUGH_PECTIN_PERCENT = 0.3;
    private static final double MIN_ACID_PERCENT = 0.1;
    private static final double ENOUGH_ACID_PERCENT = 0.3;

    private Gel() {}

    /** How it stands when it was left to cool. */
    public enum Set {
        NOT,
        /** Trembles, and slides off the spoon. */
        LOOSELY,
        LIKE_JELLY,
        RUBBERY
    }

    /** mPa·s that the gels add at a temperature. */
    static double strength(Mixture mixture, Celsius temperature) {
        return gelatin(mixture, temperature) + pectin(mixture, temperature);
    }

    /** 400·c² mPa·s, c in g per 100 g of water, fully set at 10 °C, none above 30 °C. */
    private static double gelatin(Mixture mixture, Celsius temperature) {
        double c = Math.min(MAX_GELATIN, mixture.gelatinPerWater());
        double set = (GELATIN_MELTS_C - temperature.degrees()) / (GELATIN_MELTS_C - GELATIN_SET_C);
        return c == 0 ? 0 : GELATIN_AT_ONE_PERCENT * c * c * clamp(set);
    }

    /** 1200·(p/0.5 %)²·g mPa·s where there are sugar and acid enough; it sets below 70 °C. */
    private static double pectin(Mixture mixture, Celsius temperature) {
        double p = mixture.pectin().percent();
        if (p <= MIN_PECTIN_PERCENT || temperature.degrees() >= PECTIN_SETS_FROM_C) {
            return 0;
        }
        double cooled = clamp((PECTIN_SETS_FROM_C - temperature.degrees()) / (PECTIN_SETS_FROM_C - PECTIN_SET_C));
        double enough = clamp((p - MIN_PECTIN_PERCENT) / (ENOUGH_PECTIN_PERCENT - MIN_PECTIN_PERCENT));
        double sour =
                clamp((mixture.acidShare().percent() - MIN_ACID_PERCENT) / (ENOUGH_ACID_PERCENT - MIN_ACID_PERCENT));
        double part = p / 0.5;
        return PECTIN_AT_HALF_PERCENT * part * part * sweet(mixture.brix().percent()) * enough * sour * cooled * cooled;
    }

    /** None to 45 Brix, 0.15 at 50, all at 65. */
    private static double sweet(double brix) {
        return brix <= 50 ? 0.15 * clamp((brix - 45) / 5) : 0.15 + 0.85 * clamp((brix - 50) / 15);
    }

    private static double clamp(double value) {
        return Math.max(0, Math.min(1, value));
    }

    /** How the sauce stands, left alone at a temperature: by the gelatin that would be as strong. */
    public static Set of(Mixture mixture, Celsius temperature) {
        double asGelatin = Math.sqrt(strength(mixture, temperature) / GELATIN_AT_ONE_PERCENT);
        if (asGelatin < 0.7) {
            return Set.NOT;
        }
        return asGelatin < 1.5 ? Set.LOOSELY : asGelatin < 4 ? Set.LIKE_JELLY : Set.RUBBERY;
    }
}
