package app.gradior.plan;

import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import java.util.Optional;

/** Why reducing does not lead to a target, and what would. */
public sealed interface OutOfReach {
    /**
     * More is wanted than there is.
     *
     * @param times how many times the sauce would have to be made
     */
    record MoreThanThereIs(Mass have, Volume haveVolume, double times) implements OutOfReach {}

    /**
     * It is thicker than wanted before it starts.
     *
     * @param now its grade at the serving temperature, or at the stove
     * @param water what would thin it back; empty if no water would do, as for a Brix it is over already
     */
    record ThickerAlready(Grade now, Optional<Mass> water) implements OutOfReach {}

    /** Less is wanted than what is not water. */
    record LessThanIsDry(Mass min) implements OutOfReach {}

    /**
     * Even almost dry it is not so thick.
     *
     * @param thickest the grade with hardly any water left, at the serving temperature
     * @param left what would be left then
     */
    record NeverSoThick(Grade thickest, Mass left) implements OutOfReach {}

    /** It would take more than two days. */
    record TooSlow() implements OutOfReach {}
}
