package app.gradior.plan;

import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.food.StarchKind.Bearing;
import app.gradior.plan.Route.Kind;
import app.gradior.plan.Route.Outcome;
import app.gradior.plan.Route.Remark;
import app.gradior.quantity.Energy;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import java.util.EnumSet;
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
        REDUCE,
        REDUCE_THEN_SLURRY,
        SLURRY,
        BLEND;

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
        DARKER,
        FRESH,
        DULLED,
        SMOOTH,
        CLEAR,
        CLOUDY,
        GELS_COLD,
        STAYS_LOOSE,
        WEEPS_FROZEN,
        FREEZES_WELL,
        ACID_THINS,
        BOIL_THINS,
        SLIMY_WITH_DAIRY,
        COOK_OUT;

        /** More powder than this share of the sauce dulls it: a cooks' rule of thumb. */
        private static final double DULLING_POWDER = 0.035;

        private static final double STRONGER = 1.15;
        private static final double GELS_FROM_SETBACK = 1.5;

        /** What is to be said of what a route ends with. */
        static Set<Remark> of(Mixture end, double strength, Optional<Slurry> slurry, boolean toBeFrozen) {
            Set<Remark> remarks = EnumSet.noneOf(Remark.class);
            remarks.add(strength > STRONGER ? DARKER : FRESH);
            if (slurry.isEmpty()) {
                if (toBeFrozen && !end.hasSwollenStarch()) {
                    remarks.add(FREEZES_WELL);
                }
                return remarks;
            }
            StarchKind kind = slurry.get().kind();
            if (slurry.get().powder().kilograms() > DULLING_POWDER * end.mass().kilograms()) {
                remarks.add(DULLED);
            }
            remarks.add(kind.look() == StarchKind.Look.CLEAR ? CLEAR : CLOUDY);
            remarks.add(kind.setback() >= GELS_FROM_SETBACK ? GELS_COLD : STAYS_LOOSE);
            if (toBeFrozen) {
                remarks.add(kind.freezing() == Bearing.GOOD ? FREEZES_WELL : WEEPS_FROZEN);
            }
            if (!StarchChoice.standsAcid(kind, end)) {
                remarks.add(ACID_THINS);
            }
            if (kind.longBoil() == Bearing.POOR) {
                remarks.add(BOIL_THINS);
            }
            if (StarchChoice.slimes(kind, end)) {
                remarks.add(SLIMY_WITH_DAIRY);
            }
            if (kind.cookOutMinutes() > 0) {
                remarks.add(COOK_OUT);
            }
            return remarks;
        }
    }
}
