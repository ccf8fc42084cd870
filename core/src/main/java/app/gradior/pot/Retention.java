package app.gradior.pot;

/**
 * The most of its alcohol that a dish keeps after simmering so long, whatever its lid: the retention factors of the US
 * food composition tables (stirred in and simmered), straight in the logarithm between them and beyond.
 */
public final class Retention {
    private static final double[] MINUTES = {0, 15, 30, 60, 90, 120, 150};
    private static final double[] LEFT = {1, 0.40, 0.35, 0.25, 0.20, 0.10, 0.05};

    private Retention() {}

    /**
     * The share of the alcohol that is left.
     *
     * @param minutes 0 or more
     */
    public static double ofAlcohol(double minutes) {
        int at = 0;
        while (at < MINUTES.length - 2 && minutes > MINUTES[at + 1]) {
            at++;
        }
        double part = (minutes - MINUTES[at]) / (MINUTES[at + 1] - MINUTES[at]);
        return Math.exp(Math.log(LEFT[at]) + part * (Math.log(LEFT[at + 1]) - Math.log(LEFT[at])));
    }
}
