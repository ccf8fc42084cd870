package app.gradior.food;

import app.gradior.quantity.Bounds;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;

/**
 * What leaves a mixture as steam, and in what measure: water, ethanol faster and acetic acid more slowly than the water they are
 * in.
 *
 * @param all weight of the whole mixture, kg, as are the others
 */
record Volatiles(double water, double ethanol, double acetic, double all) {
    /** What sums of a few dozen doubles may be off, as a share: a weight so little out of reach is meant to be the end of it. */
    private static final double ROUNDING = 1e-9;

    /** Relative volatility of ethanol over an open simmering dish; fits the published retention factors. */
    static final double ETHANOL_EXPONENT = 5;

    /** Acetic acid leaves more slowly than the water it is in. */
    private static final double ACETIC_EXPONENT = 0.7;

    private static double leaving(double now, double waterLeft, double exponent) {
        return now == 0 ? 0 : now * Math.pow(waterLeft, exponent);
    }

    /** Ethanol that is left, kg, when so much of the water is. */
    double ethanolAt(double waterLeft, double exponent) {
        return leaving(ethanol, waterLeft, exponent);
    }

    /** Acetic acid that is left, kg. */
    double aceticAt(double waterLeft) {
        return leaving(acetic, waterLeft, ACETIC_EXPONENT);
    }

    private double at(double share) {
        return water * share + ethanolAt(share, ETHANOL_EXPONENT) + aceticAt(share);
    }

    private double slopeAt(double share) {
        return water
                + ethanol * ETHANOL_EXPONENT * Math.pow(share, ETHANOL_EXPONENT - 1)
                + acetic * ACETIC_EXPONENT * Math.pow(share, ACETIC_EXPONENT - 1);
    }

    /** Weight with all of the water gone, kg. */
    double dry() {
        return Math.max(0, all - at(1));
    }

    /** How much the whole loses for each kilogram of water lost: 1 or more. */
    double lossPerWater(double ethanolExponent) {
        return water == 0 ? 1 : 1 + (ethanol * ethanolExponent + acetic * ACETIC_EXPONENT) / water;
    }

    /**
     * The share of the present water that is left when the whole weighs so much.
     *
     * @param weight from {@link #dry()} to the whole
     * @throws IllegalArgumentException if the weight can't be reached by evaporation
     */
    Share waterLeftAt(Mass weight) {
        double dry = dry();
        double rounding = ROUNDING * all;
        // Out of reach by no more than a rounding is the end itself.
        Bounds.check("weight after evaporation in kg", weight.kilograms(), dry - rounding, all + rounding);
        double lost = Math.max(0, Math.min(all - dry, all - weight.kilograms()));
        if (lost == 0) {
            return Share.ALL;
        }
        // Newton with a bisection guard on a rising, smooth function of the share.
        double low = 0;
        double high = 1;
        double share = Math.max(0, 1 - lost / Math.max(at(1), Double.MIN_NORMAL));
        for (int i = 0; i < 100 && high - low > 1e-15; i++) {
            double excess = at(share) - (at(1) - lost);
            if (Math.abs(excess) <= 1e-15 * all) {
                break;
            }
            if (excess > 0) {
                high = share;
            } else {
                low = share;
            }
            double next = share - excess / Math.max(slopeAt(share), Double.MIN_NORMAL);
            share = next > low && next < high ? next : (low + high) / 2;
        }
        return Share.of(Math.max(0, Math.min(1, share)));
    }
}
