package app.gradior.thickness;

import app.gradior.quantity.Bounds;

/**
 * What a sauce's own thickening is of the model's: the learnt multiplier on η − μ. One until a test tells more.
 *
 * @param value 0.001 to 1000
 */
public record ThicknessFactor(double value) {
    public static final ThicknessFactor ONE = new ThicknessFactor(1);

    /** Standard deviation of its logarithm before any test. */
    public static final double PRIOR_LOG_SD = 0.5;

    /** @throws IllegalArgumentException if the factor is NaN or out of range */
    public ThicknessFactor {
        Bounds.check("thickness factor", value, 0.001, 1000);
    }

    public static ThicknessFactor of(double value) {
        return new ThicknessFactor(value);
    }

    /** The factor with this logarithm, held within the range. */
    public static ThicknessFactor ofLogarithm(double ln) {
        return new ThicknessFactor(Math.max(0.001, Math.min(1000, Math.exp(ln))));
    }
}
