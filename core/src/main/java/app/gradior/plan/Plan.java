package app.gradior.plan;

import app.gradior.pot.Conditions;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import java.time.Duration;
import java.util.Optional;
import java.util.Set;

/**
 * How a sauce gets to its target by reducing alone.
 *
 * @param asMixed in the pot as put together, before it is cooked
 * @param from as it begins to simmer: fallen apart, starch swollen
 * @param at the sauce at its target
 * @param heatUp time to the simmer from room temperature; empty if the ring can't bring it there
 * @param minutes from the simmer to the target
 * @param yieldGrams what is left at the target; a range where a thickness is aimed at, since thickness is an estimate
 */
public record Plan(
        Target target,
        Conditions conditions,
        Snapshot asMixed,
        Snapshot from,
        Snapshot at,
        Optional<Duration> heatUp,
        Interval minutes,
        Interval yieldGrams,
        Set<Caution> cautions) {

    /** Water, alcohol and acid to drive off. */
    public Mass toDriveOff() {
        return from.mass().minus(at.mass());
    }
}
