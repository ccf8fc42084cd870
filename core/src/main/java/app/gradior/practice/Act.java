package app.gradior.practice;

import app.gradior.food.StarchKind;
import app.gradior.quantity.Mass;

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

    record Lid(boolean on) implements Act {}

    /** Once around, down to the base. */
    record Stir() implements Act {}

    record Water(Mass mass) implements Act {}

    /** A slurry of so much powder in twice its weight of cold water. */
    record Slurry(StarchKind starch, Mass powder) implements Act {
        /** Water by weight of powder. */
        public static final double WATER = 2;
    }

    record Blend() implements Act {}

    /** Takes the pot off: nothing happens to it any more but that it cools. */
    record Off() implements Act {}
}
