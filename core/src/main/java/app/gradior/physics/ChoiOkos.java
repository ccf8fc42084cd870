package app.gradior.physics;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Density;
import app.gradior.quantity.Volume;
import java.util.Arrays;

/**
 * Density and specific heat of a food from its make-up, Choi and Okos (1986), T in °C, valid −40…150 °C. Specific volumes
 * and specific heats add by mass; cells and bubbles are not counted, so raw pieces take more room than said here.
 * Sugars, acids and starch count as carbohydrate, salt as ash, the rest as carbohydrate. Ethanol and acetic acid, which
 * the source lacks, take handbook values (CRC, 20 °C, with linear expansion).
 */
public final class ChoiOkos {
    /** Asked for once: values() copies. */
    private static final Component[] COMPONENTS = Component.values();

    private ChoiOkos() {}

    /** m³/kg at 20 °C: what is asked at every look at a viscosity. */
    private static final double[] SPECIFIC_VOLUME_AT_20_C = Arrays.stream(COMPONENTS)
            .mapToDouble(component -> 1 / density(component, 20))
            .toArray();

    /** @throws IllegalArgumentException if the mixture is empty */
    public static Density density(Mixture mixture, Celsius temperature) {
        requireSome(mixture);
        return new Density(mixture.mass().kilograms() / cubicMetres(mixture, temperature.degrees()));
    }

    /** The volume of the whole; none if it is empty. */
    public static Volume volume(Mixture mixture, Celsius temperature) {
        return new Volume(cubicMetres(mixture, temperature.degrees()));
    }

    /** Fat's share of the volume that is not starch, at 20 °C: droplets barely change size with temperature. */
    public static double fatVolumeFraction(Mixture mixture) {
        double share = mixture.fatShareBesideStarch().value();
        double fat = share / (925.59 - 0.41757 * 20);
        return share == 0 ? 0 : fat / (fat + (1 - share) / restDensity(mixture));
    }

    private static double restDensity(Mixture mixture) {
        double kilograms = 0;
        double volume = 0;
        for (Component component : COMPONENTS) {
            if (component != Component.FAT && component != Component.STARCH) {
                double part = mixture.mass(component).kilograms();
                kilograms += part;
                volume += part * SPECIFIC_VOLUME_AT_20_C[component.ordinal()];
            }
        }
        return kilograms == 0 ? 1000 : kilograms / volume;
    }

    private static double cubicMetres(Mixture mixture, double t) {
        double volume = 0;
        for (Component component : COMPONENTS) {
            double part = mixture.mass(component).kilograms();
            if (part > 0) {
                volume += part / density(component, t);
            }
        }
        return volume;
    }

    /**
     * Heat that warms a kilogram by a kelvin.
     *
     * @throws IllegalArgumentException if the mixture is empty
     */
    public static SpecificHeat specificHeat(Mixture mixture, Celsius temperature) {
        requireSome(mixture);
        double t = temperature.degrees();
        double sum = 0;
        for (Component component : COMPONENTS) {
            sum += mixture.mass(component).kilograms() * specificHeat(component, t);
        }
        return new SpecificHeat(1000 * sum / mixture.mass().kilograms());
    }

    /** Heat that warms a kilogram by a kelvin. */
    public record SpecificHeat(double joulesPerKilogramKelvin) {}

    private static double density(Component component, double t) {
        return switch (component) {
            case WATER -> 997.18 + 0.0031439 * t - 0.0037574 * t * t;
            case PROTEIN, PEPTIDES -> 1329.9 - 0.5184 * t;
            case FAT -> 925.59 - 0.41757 * t;
            case FIBRE -> 1311.5 - 0.36589 * t;
            case SALT -> 2423.8 - 0.28063 * t;
            case ETHANOL -> 806.2 - 0.86 * t;
            case ACETIC_ACID -> 1071.5 - 1.1 * t;
            case OTHER_ACIDS, SUCROSE, SIMPLE_SUGARS, DEXTRINS, STARCH, DISSOLVED_OTHER, SOLID_OTHER ->
                1599.1 - 0.31046 * t;
        };
    }

    private static double specificHeat(Component component, double t) {
        return switch (component) {
            case WATER -> 4.1762 - 9.0864e-5 * t + 5.4731e-6 * t * t;
            case PROTEIN, PEPTIDES -> 2.0082 + 1.2089e-3 * t - 1.3129e-6 * t * t;
            case FAT -> 1.9842 + 1.4733e-3 * t - 4.8008e-6 * t * t;
            case FIBRE -> 1.8459 + 1.8306e-3 * t - 4.6509e-6 * t * t;
            case SALT -> 1.0926 + 1.8896e-3 * t - 3.6817e-6 * t * t;
            case ETHANOL -> 2.44;
            case ACETIC_ACID -> 2.05;
            case OTHER_ACIDS, SUCROSE, SIMPLE_SUGARS, DEXTRINS, STARCH, DISSOLVED_OTHER, SOLID_OTHER ->
                1.5488 + 1.9625e-3 * t - 5.9399e-6 * t * t;
        };
    }

    private static void requireSome(Mixture mixture) {
        if (mixture.isEmpty()) {
            throw new IllegalArgumentException("an empty mixture has no density or specific heat");
        }
    }
}
