package app.gradior.cook;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.physics.Steam;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;

/**
 * What a sauce still loses after it came off the heat: steam takes part of the heat that leaves as it cools to where it is
 * eaten, Δm = s·m·c_p·ΔT/λ. How much of that heat goes as steam, s, is an estimate: a half in an open pot.
 */
public final class CarryOver {
    private static final double AS_STEAM = 0.5;

    private CarryOver() {}

    /** The weight that goes on the way from one temperature to a lower one; zero if there is no water or no way. */
    public static Mass of(Mixture mixture, Celsius from, Celsius to) {
        double cooling = from.degrees() - to.degrees();
        if (cooling <= 0 || mixture.isEmpty()) {
            return Mass.ZERO;
        }
        Celsius halfWay = Celsius.of((from.degrees() + to.degrees()) / 2);
        double heat = mixture.mass().kilograms()
                * ChoiOkos.specificHeat(mixture, halfWay).joulesPerKilogramKelvin()
                * cooling;
        double kilograms = AS_STEAM * heat / Steam.latentHeat(halfWay).joulesPerKilogram();
        double water = mixture.mass().kilograms() - mixture.dry().kilograms();
        return Mass.ofKilograms(Math.min(kilograms, water / 2));
    }
}
