package app.gradior.practice;

import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.pot.Pot;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;

/** What a cook does to a pot. */
public sealed interface Act {
    /**
     * Turns the ring.
     *
     * @param dial 0, off, to {@value SimulatedPot#MAX_DIAL}, all that the ring has
     */
    record Heat(int dial) implements Act {
        /** @throws IllegalArgumentException if there is no such step */
        public Heat {
            if (dial < 0 || dial > SimulatedPot.MAX_DIAL) {
                throw new IllegalArgumentException("dial " + dial);
            }
        }
    }

    /** Brings it up on all that the ring has, and keeps it moving so. */
    record Keep(Activity activity) implements Act {}

    /** It is as hot as it is kept: somebody has seen it. */
    record Arrive() implements Act {}

    record Cover(Lid lid) implements Act {}

    /** Once around, down to the base. */
    record Stir() implements Act {}

    /** Something goes in, as warm as the room. */
    record Add(Mixture mixture) implements Act {}

    record Water(Mass mass) implements Act {}

    /** A slurry of cold water. */
    record Slurry(StarchKind starch, Mass powder, Mass water) implements Act {
        /** Water by weight of powder, where nobody says it. */
        private static final double WATER = 2;

        /** In twice its weight of water. */
        public Slurry(StarchKind starch, Mass powder) {
            this(starch, powder, powder.times(WATER));
        }
    }

    record Blend() implements Act {}

    /** Through a sieve, that holds so much of what is solid and of all else. */
    record Strain(Share solidsHeld, Share liquidHeld) implements Act {}

    /** Into another pot. */
    record Move(Pot pot) implements Act {}

    /** Takes the pot off: nothing happens to it any more but that it cools. */
    record Off() implements Act {}
}
