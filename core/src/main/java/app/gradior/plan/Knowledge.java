package app.gradior.plan;

import app.gradior.pot.Evaporation;
import app.gradior.quantity.Bounds;
import app.gradior.thickness.ThicknessFactor;

/**
 * What is known beyond the model: how this pot evaporates, how this sauce thickens.
 *
 * @param k evaporation against the model's, 0.05 to 20
 * @param logSdOfK standard deviation of ln k, 0 to 2
 * @param thickness the sauce's own multiplier
 * @param logSdOfThickness standard deviation of its logarithm, 0 to 2
 */
public record Knowledge(double k, double logSdOfK, ThicknessFactor thickness, double logSdOfThickness) {
    /** Nothing but the model. */
    public static final Knowledge NONE =
            new Knowledge(1, Evaporation.PRIOR_LOG_SD, ThicknessFactor.ONE, ThicknessFactor.PRIOR_LOG_SD);

    /**
     * Pans sold as of one size differ by some 5 % in width, so by some 10 % in the surface that loses water; an estimate.
     */
    static final double LOG_SD_OF_UNMEASURED = 0.10;

    /** @throws IllegalArgumentException if a figure is outside its bounds */
    public Knowledge {
        Bounds.check("k", k, 0.05, 20);
        Bounds.check("standard deviation of ln k", logSdOfK, 0, 2);
        Bounds.check("standard deviation of the ln of the thickness factor", logSdOfThickness, 0, 2);
    }

    /** The same of a pot whose size was told and not measured: its minutes are less sure. */
    public Knowledge ofUnmeasuredPot() {
        return new Knowledge(k, Math.hypot(logSdOfK, LOG_SD_OF_UNMEASURED), thickness, logSdOfThickness);
    }

    /** With the pot calibrated on its ring. */
    public Knowledge calibrated(double measuredK) {
        return new Knowledge(measuredK, Evaporation.CALIBRATED_LOG_SD, thickness, logSdOfThickness);
    }
}
