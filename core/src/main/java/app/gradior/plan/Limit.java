package app.gradior.plan;

import java.util.function.ToDoubleFunction;

/**
 * Where a sauce that is reduced begins to be too much of something, or where its spirit has gone; by weight of the sauce,
 * or in Brix where it is a syrup.
 * Where tongues differ these are the usual seasoning of sauces, rounded: a mark to mind, no bound.
 */
public enum Limit {
    SALT(0.015, true, s -> s.salt().value()),
    SUGAR(0.5, true, s -> s.sugar().value()),
    ACID(0.03, true, s -> s.acid().value()),
    ALCOHOL(0.005, false, s -> s.alcohol().value()),
    /** From here on a syrup is hard when it is cold. */
    SETS_HARD(0.76, true, s -> s.syrup().value()),
    CANDY(0.80, true, s -> s.syrup().value());

    private final double share;
    private final boolean rising;
    private final ToDoubleFunction<Snapshot> of;

    Limit(double share, boolean rising, ToDoubleFunction<Snapshot> of) {
        this.share = share;
        this.rising = rising;
        this.of = of;
    }

    /** The share of the sauce, 0 to 1. */
    public double share() {
        return share;
    }

    /** Whether it is passed by having more; alcohol is passed by having less. */
    public boolean rising() {
        return rising;
    }

    public boolean passed(Snapshot at) {
        return rising ? of.applyAsDouble(at) > share : of.applyAsDouble(at) < share;
    }
}
