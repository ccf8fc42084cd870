package app.gradior.thickness;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.quantity.Celsius;

/**
 * The viscosity of the liquid between the solids: a sugar solution (Génotelle 1978 for sucrose) with fat droplets in it
 * (Maron and Pierce 1956, with droplets that pack to 0.74).
 */
final class Serum {
    /** Simple sugars are runnier than sucrose at the same Brix: their share takes off this part of it. */
    private static final double SIMPLE_RUNNIER = 0.04;

    /** The equation is fitted to 75 % Brix; beyond this it is held, since it would run away. */
    private static final double HIGHEST_BRIX = 0.95;

    private static final double SUCROSE_G_PER_MOL = 342.3;
    private static final double WATER_G_PER_MOL = 18.015;
    private static final double LN_10 = Math.log(10);
    private static final double PACKED_FAT = 0.74;
    private static final double HIGHEST_FAT = 0.70;

    private Serum() {}

    /** mPa·s, with fat droplets. */
    static double viscosity(Mixture mixture, Celsius temperature) {
        double brix = mixture.brix().value()
                * (1 - SIMPLE_RUNNIER * mixture.simpleShareOfSugars().value());
        double fat = Math.min(HIGHEST_FAT, ChoiOkos.fatVolumeFraction(mixture));
        double droplets = fat == 0 ? 1 : Math.pow(1 - fat / PACKED_FAT, -1.85);
        return genotelle(brix, temperature.degrees()) * droplets;
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
