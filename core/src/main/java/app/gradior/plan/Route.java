package app.gradior.plan;

import app.gradior.food.Mixture;
import app.gradior.quantity.Energy;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * One way from a sauce to what is wanted of it.
 *
 * @param outcome what it comes to; empty if it does not lead there
 * @param missed why it does not, if it does not
 */
public record Route(Kind kind, Optional<Outcome> outcome, Optional<OutOfReach> missed) {

    /** The ways there are. */
    public enum Kind {
        REDUCE("Reduce only"),
        REDUCE_THEN_SLURRY("Reduce, then slurry"),
        SLURRY("Slurry only"),
        BLEND("Blend, then reduce");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        public String key() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * What a route comes to.
     *
     * @param stop the sauce as it stands at the stove when reducing ends, before any slurry
     * @param end what there is when all is done
     * @param served its grade when eaten
     * @param minutes of reducing, from the simmer
     * @param handsOn minutes of these and of the slurry or the blending that want hands
     * @param yieldGrams what is left; a range where a thickness decides it
     * @param volume of what is left, at room temperature
     * @param slurry what is poured, if anything
     * @param roux flour and butter that would thicken it as much as the slurry, if there is one
     * @param powderGrams the powder, with the range that the sauce's own thickness leaves
     * @param enough whether it leaves as much as is wanted
     * @param suits whether it is as thick as is wanted
     * @param strength how many times as strong it tastes as it did to begin with, by weight
     * @param energy what the stove uses from room temperature on
     */
    public record Outcome(
            Snapshot stop,
            Mixture end,
            Grade served,
            Interval minutes,
            double handsOn,
            Interval yieldGrams,
            Volume volume,
            Optional<Slurry> slurry,
            Optional<Roux> roux,
            Optional<Interval> powderGrams,
            boolean enough,
            boolean suits,
            double strength,
            Energy energy,
            Set<Caution> cautions,
            Set<Remark> remarks) {
        /** Minutes that want no hands, so that something else can be done. */
        public double unattended() {
            return Math.max(0, minutes.middle() - handsOn);
        }
    }

    /** What to know of the sauce that a route makes. */
    public enum Remark {
        DARKER("darker, and tastes of itself"),
        FRESH("keeps its fresh taste and colour"),
        DULLED("much starch: paler and duller in taste"),
        SMOOTH("smooth and opaque"),
        CLEAR("stays clear"),
        CLOUDY("turns cloudy"),
        GELS_COLD("sets firm in the fridge"),
        STAYS_LOOSE("stays loose when cold"),
        WEEPS_FROZEN("weeps when thawed"),
        FREEZES_WELL("freezes well"),
        ACID_THINS("this much acid thins this starch as it stands: pour it last"),
        BOIL_THINS("boiling on thins this starch: a short minute, no more"),
        SLIMY_WITH_DAIRY("turns slimy with dairy: take another starch"),
        COOK_OUT("simmer ten minutes more, until the raw taste is gone");

        private final String words;

        Remark(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
