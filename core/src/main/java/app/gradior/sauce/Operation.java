package app.gradior.sauce;

import app.gradior.food.Mixture;
import app.gradior.plan.Roux;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.time.Duration;
import java.util.Optional;

/** What is done to a sauce at one stage. */
public sealed interface Operation {
    /** Something goes in. */
    record Add(Mixture mixture) implements Operation {}

    /** Cooked gently in fat until soft. */
    record Sweat(Share waterLost) implements Operation {}

    /** Cooked hard in fat until brown. */
    record Fry(Share waterLost) implements Operation {}

    /** Liquid goes in and what sticks is scraped up. */
    record Deglaze(Mixture liquid) implements Operation {}

    /**
     * Boiled down to a target; fractions are of what is in the pan at that moment.
     *
     * @param activity how hard, if it is said
     * @param lid how covered, if it is said
     */
    record Reduce(Target target, Optional<Activity> activity, Optional<Lid> lid) implements Operation {
        public Reduce(Target target) {
            this(target, Optional.empty(), Optional.empty());
        }
    }

    /**
     * Kept at the boil or the simmer for a time; no time at all brings it there.
     *
     * @param activity how hard, if it is said
     * @param lid how covered, if it is said
     */
    record SimmerFor(Duration time, Optional<Activity> activity, Optional<Lid> lid) implements Operation {
        /** @throws IllegalArgumentException if the time is negative or over two days */
        public SimmerFor {
            if (time.isNegative() || time.compareTo(Duration.ofHours(48)) > 0) {
                throw new IllegalArgumentException("a simmer lasts 0 to 48 h but was " + time);
            }
        }

        public SimmerFor(Duration time) {
            this(time, Optional.empty(), Optional.empty());
        }
    }

    /** Starch stirred into cold water, poured in. */
    record PourSlurry(Mixture slurry) implements Operation {}

    /** Flour cooked in fat, or kneaded with it: it goes in without lumps. */
    record Thicken(Mixture foods, Roux.Browning browning) implements Operation {}

    record Blend() implements Operation {}

    /** Through a sieve, with these shares left behind. */
    record Strain(Share solidsHeld, Share liquidHeld) implements Operation {}

    /** Through a sieve until so much is left behind; of the solids it holds the more, of the liquid what clings to them. */
    record StrainLeaving(Mass left) implements Operation {}

    /** Seasoned at the simmer. */
    record Season(Mixture mixture) implements Operation {}

    /** Stirred in off the heat: what goes in now is not cooked. */
    record FinishOffHeat(Mixture mixture) implements Operation {}

    /** Left to cool. */
    record Cool(Celsius to) implements Operation {}
}
