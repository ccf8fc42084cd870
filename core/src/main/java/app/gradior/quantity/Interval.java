package app.gradior.quantity;

/**
 * An estimate with the range that holds the truth four times out of five. The unit is the owner's to say.
 *
 * @param low the 10 % quantile
 * @param middle the median
 * @param high the 90 % quantile
 */
public record Interval(double low, double middle, double high) {
    /** Standard normal quantile at 0.9: the half width of an 80 % range in standard deviations. */
    public static final double Z_80 = 1.2815515655446004;

    /** @throws IllegalArgumentException if the three are not in rising order or NaN */
    public Interval {
        if (!(low <= middle && middle <= high)) {
            throw new IllegalArgumentException(
                    "a range must rise from low to high but was " + low + ", " + middle + ", " + high);
        }
    }

    /**
     * The range of a quantity whose logarithm is normal.
     *
     * @param median over 0
     * @param logStandardDeviation standard deviation of the natural logarithm, 0 or more
     */
    public static Interval logNormal(double median, double logStandardDeviation) {
        double factor = Math.exp(Z_80 * logStandardDeviation);
        return new Interval(median / factor, median, median * factor);
    }

    /**
     * The range of a normal quantity.
     *
     * @param standardDeviation 0 or more, in the unit of the mean
     */
    public static Interval normal(double mean, double standardDeviation) {
        return new Interval(mean - Z_80 * standardDeviation, mean, mean + Z_80 * standardDeviation);
    }

    public Interval plus(double shift) {
        return new Interval(low + shift, middle + shift, high + shift);
    }

    public Interval times(double positiveFactor) {
        return new Interval(low * positiveFactor, middle * positiveFactor, high * positiveFactor);
    }

    public boolean contains(double value) {
        return value >= low && value <= high;
    }

    public double width() {
        return high - low;
    }
}
