package app.gradior.web.device;

import app.gradior.cook.Cook;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.practice.Act;
import app.gradior.practice.CookedPot;
import app.gradior.practice.SimulatedPot;
import app.gradior.practice.Truth;
import app.gradior.quantity.Mass;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;

/** A pot that a stand-in of a device stands under, or in. */
@FunctionalInterface
public interface StandInPot {
    /** As it is at a moment. */
    SimulatedPot at(Instant now);

    /**
     * The pot of a cook.
     *
     * @param told the cook as it is told so far
     * @param k how fast it loses water against the model
     */
    static StandInPot of(Supplier<Cook> told, double k) {
        CookedPot pot = new CookedPot(k);
        return now -> pot.at(told.get(), now);
    }

    /** Water in a pot that boils already, as for a boil-off test. */
    static StandInPot ofWater(Mass water, Conditions conditions, Instant start, double k) {
        Mixture mixture = IngredientTable.shipped().get("water").of(water);
        SimulatedPot boils = SimulatedPot.of(new SimulatedPot.Setup(
                        mixture,
                        new Evaporation(conditions).stoveTemperature(mixture),
                        conditions,
                        new Truth(k, ThicknessFactor.ONE),
                        SimulatedPot.Foaming.of(mixture)))
                .after(new Act.Keep(conditions.activity()));
        // It goes on from where it was last asked: from its beginning it would take longer each time.
        AtomicReference<SimulatedPot> last = new AtomicReference<>(boils);
        return now -> {
            double seconds = Math.max(0, Duration.between(start, now).toMillis() / 1000.0);
            return last.updateAndGet(then -> (then.seconds() > seconds ? boils : then).at(seconds));
        };
    }
}
