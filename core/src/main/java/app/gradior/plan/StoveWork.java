package app.gradior.plan;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.physics.Steam;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Energy;

/**
 * What a stove uses: the heat to bring the sauce from room temperature to its activity, m·c_p·ΔT, and to evaporate what
 * leaves, Δm·λ, over the ring's efficiency. The warming of the pot itself and of the kitchen are left out, so it is the
 * least that is needed; an estimate.
 */
public final class StoveWork {
    private StoveWork() {}

    /** From a sauce at room temperature to what is left of it. */
    public static Energy of(Mixture from, Mixture to, Evaporation evaporation) {
        Celsius hot = evaporation.stoveTemperature(from);
        Celsius halfWay = Celsius.of((Celsius.ROOM.degrees() + hot.degrees()) / 2);
        double warming = from.mass().kilograms()
                * ChoiOkos.specificHeat(from, halfWay).joulesPerKilogramKelvin()
                * Math.max(0, hot.degrees() - Celsius.ROOM.degrees());
        double leaves = Math.max(0, from.mass().kilograms() - to.mass().kilograms())
                * Steam.latentHeat(hot).joulesPerKilogram();
        double efficiency = evaporation.conditions().ring().kind().efficiency();
        return new Energy((warming + leaves) / efficiency);
    }
}
