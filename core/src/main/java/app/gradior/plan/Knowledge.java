package app.gradior.plan;

import app.gradior.pot.Evaporation;
import app.gradior.quantity.Bounds;
import app.gradior.thickness.ThicknessFactor;

/**
 * What is known beyond the model: how this pot evaporates, how this sauce thickens.
 *
 * @param k evaporation against the model's, 0.05 to 20
 * @param logSdOfK standard deviation of ln k, 0 to 2, as ranges are given with it
 * @param thickness the sauce's own multiplier
 * @param logSdOfThickness standard deviation of its logarithm, 0 to 2, as ranges are given with it
 * @param widened by how much the two were made wider or narrower than they were claimed; null for not at all
 */
public record Knowledge(
        double k, double logSdOfK, ThicknessFactor thickness, double logSdOfThickness, Widening widened) {
    /** Nothing but the model. */
    public static final Knowledge NONE =
            new Knowledge(1, Evaporation.PRIOR_LOG_SD, ThicknessFactor.ONE, ThicknessFactor.PRIOR_LOG_SD);

    /**
     * Pans sold as of one size differ by some 5 % in width, so by some 10 % in the surface that loses water; an estimate.
     */
    public static final double LOG_SD_OF_UNMEASURED = 0.10;

    /**
     * What claimed standard deviations were multiplied by, so that ranges hold as often as they say.
     *
     * @param ofK over 0
     * @param ofThickness over 0
     */
    public record Widening(double ofK, double ofThickness) {
        public static final Widening NONE = new Widening(1, 1);

        /** @throws IllegalArgumentException if a factor is not within 0.1 to 10 */
        public Widening {
            Bounds.check("widening of minutes", ofK, 0.1, 10);
            Bounds.check("widening of thickness", ofThickness, 0.1, 10);
        }
    }

    /** @throws IllegalArgumentException if a figure is outside its bounds */
    public Knowledge {
        Bounds.check("k", k, 0.05, 20);
        Bounds.check("standard deviation of ln k", logSdOfK, 0, 2);
        Bounds.check("standard deviation of the ln of the thickness factor", logSdOfThickness, 0, 2);
        widened = widened == null ? Widening.NONE : widened;
    }

    /** With ranges as they were claimed. */
    public Knowledge(double k, double logSdOfK, ThicknessFactor thickness, double logSdOfThickness) {
        this(k, logSdOfK, thickness, logSdOfThickness, Widening.NONE);
    }

    /** The same of a pot whose size was told and not measured: its minutes are less sure. */
    public Knowledge ofUnmeasuredPot() {
        return new Knowledge(k, Math.hypot(logSdOfK, LOG_SD_OF_UNMEASURED), thickness, logSdOfThickness, widened);
    }

    /** With the pot calibrated on its ring. */
    public Knowledge calibrated(double measuredK) {
        return new Knowledge(measuredK, Evaporation.CALIBRATED_LOG_SD, thickness, logSdOfThickness);
    }

    /**
     * With what a kitchen has learnt of its pot; all held within what can be.
     *
     * @param logSd as claimed
     * @param widening what it is to be multiplied by
     */
    public Knowledge withK(double lnK, double logSd, double widening) {
        return new Knowledge(
                Math.max(0.05, Math.min(20, Math.exp(lnK))),
                Math.min(2, widening * logSd),
                thickness,
                logSdOfThickness,
                new Widening(widening, widened.ofThickness()));
    }

    /** The same with what it has learnt of its sauce. */
    public Knowledge withThickness(double lnFactor, double logSd, double widening) {
        return new Knowledge(
                k,
                logSdOfK,
                ThicknessFactor.ofLogarithm(lnFactor),
                Math.min(2, widening * logSd),
                new Widening(widened.ofK(), widening));
    }

    /** The same sauce in another pot. */
    public Knowledge ofPot(Knowledge other) {
        return new Knowledge(
                other.k,
                other.logSdOfK,
                thickness,
                logSdOfThickness,
                new Widening(other.widened.ofK(), widened.ofThickness()));
    }

    /** Standard deviation of ln k as claimed. */
    public double claimedLogSdOfK() {
        return logSdOfK / widened.ofK();
    }

    /** Standard deviation of the ln of the thickness factor as claimed. */
    public double claimedLogSdOfThickness() {
        return logSdOfThickness / widened.ofThickness();
    }
}
