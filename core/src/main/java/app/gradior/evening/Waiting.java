package app.gradior.evening;

/**
 * How a job bears to stand when it is done.
 *
 * @param limit minutes that it may
 * @param cost how much a minute of it is to be avoided: pasta 10, egg 8, cream 5, a pan sauce 3, starch or a roast beyond
 *     its rest 2, a reduced glaze 1, stock 0.2 (estimates)
 * @param onRing whether it stands on its ring, kept warm
 */
public record Waiting(double limit, double cost, boolean onRing) {
    /** Drained and served: every minute is one too many. */
    public static final Waiting AT_ONCE = new Waiting(2, 10, false);

    public static final Waiting EGG = new Waiting(5, 8, true);
    public static final Waiting CREAM = new Waiting(10, 5, true);
    public static final Waiting PAN_SAUCE = new Waiting(30, 3, true);
    public static final Waiting STARCH = new Waiting(30, 2, true);
    public static final Waiting REDUCED = new Waiting(60, 1, true);
    public static final Waiting STOCK = new Waiting(60, 0.2, true);

    /** Vegetables, under a lid beside the stove. */
    public static final Waiting COVERED = new Waiting(15, 3, false);

    /** A roast that has rested, under foil. */
    public static final Waiting RESTED = new Waiting(20, 2, false);

    /** What is eaten cold stands as long as it likes. */
    public static final Waiting ANY_TIME = new Waiting(8 * 60, 0, false);

    /** @throws IllegalArgumentException if one is negative */
    public Waiting {
        if (!(limit >= 0 && cost >= 0)) {
            throw new IllegalArgumentException("waiting of " + limit + " min at " + cost);
        }
    }

    public Waiting upTo(double minutes) {
        return new Waiting(minutes, cost, onRing);
    }
}
