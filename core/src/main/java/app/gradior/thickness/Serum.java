package app.gradior.thickness;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.physics.Solubility;
import app.gradior.quantity.Celsius;

/**
 * The viscosity of the liquid between the solids: what is dissolved as a sugar solution (Génotelle 1978 for sucrose), with
 * gelatin and with fat droplets in it (Maron and Pierce 1956, with droplets that pack to 0.74).
 */
final class Serum {
    /** Simple sugars are runnier than sucrose at the same Brix: their share takes off this part of it. */
    private static final double SIMPLE_RUNNIER = 0.04;

    /** Salt makes a solution heavier, and hardly thicker: it counts for so much of its weight. Estimate. */
    private static final double SALT_COUNTS = 0.3;

    private static final double OTHER_COUNTS = 0.5;

    /** The equation is fitted to 75 % Brix; beyond this it is held, since it would run away. */
    private static final double HIGHEST_BRIX = 0.95;

    private static final double SUCROSE_G_PER_MOL = 342.3;
    private static final double WATER_G_PER_MOL = 18.015;
    private static final double LN_10 = Math.log(10);
    private static final double PACKED_FAT = 0.74;
    private static final double HIGHEST_FAT = 0.70;

    /** Gelatin in hot water: 1 + v·e^(0.4 v), v = 0.30 for each g in 100 g of water. Estimate: 6.7 % gives 2.5 mPa·s at 60 °C. */
    private static final double GELATIN_PER_GRAM = 0.30;

    private static final double MAX_GELATIN = 40;

    private Serum() {}

    /** mPa·s, with fat droplets. */
    static double viscosity(Mixture mixture, Celsius temperature) {
        double fat = Math.min(HIGHEST_FAT, ChoiOkos.fatVolumeFraction(mixture));
        double droplets = fat == 0 ? 1 : Math.pow(1 - fat / PACKED_FAT, -1.85);
        return genotelle(dissolved(mixture, temperature), temperature.degrees()) * gelatin(mixture) * droplets;
    }

    /** What is dissolved, as the sucrose that makes as thick a solution; what crystallises is none of it. */
    private static double dissolved(Mixture mixture, Celsius temperature) {
        double sugars = mixture.sugars().kilograms()
                - Solubility.sugarCrystals(mixture, temperature).kilograms();
        double salt = mixture.mass(Component.SALT).kilograms()
                - Solubility.saltCrystals(mixture).kilograms();
        double solids = sugars
                + mixture.mass(Component.DEXTRINS).kilograms()
                + SALT_COUNTS * salt
                + mixture.mass(Component.ACETIC_ACID).kilograms()
                + mixture.mass(Component.OTHER_ACIDS).kilograms()
                + OTHER_COUNTS * mixture.mass(Component.DISSOLVED_OTHER).kilograms();
        double solvent = mixture.freeWater().kilograms()
                + mixture.mass(Component.ETHANOL).kilograms();
        double brix = solids + solvent == 0 ? 0 : solids / (solids + solvent);
        return brix * (1 - SIMPLE_RUNNIER * mixture.simpleShareOfSugars().value());
    }

    private static double gelatin(Mixture mixture) {
        double v = GELATIN_PER_GRAM * Math.min(MAX_GELATIN, mixture.gelatinPerWater());
        return v == 0 ? 1 : 1 + v * Math.exp(0.4 * v);
    }

    /** mPa·s of plain water by the same equation. */
    static double water(Celsius temperature) {
        return genotelle(0, temperature.degrees());
    }

    /** log10 μ = 22.46x − 0.114 + ((30 − T)/(91 + T))·(1.1 + 43.1·x^1.25), x the mole fraction of sucrose, T in °C. */
    private static double genotelle(double brix, double t) {
        double b = Math.min(HIGHEST_BRIX, brix);
        double sucrose = b / SUCROSE_G_PER_MOL;
        double x = sucrose / (sucrose + (1 - b) / WATER_G_PER_MOL);
        double toThePower = x * Math.sqrt(Math.sqrt(x));
        return Math.exp(LN_10 * (22.46 * x - 0.114 + (30 - t) / (91 + t) * (1.1 + 43.1 * toThePower)));
    }
}
