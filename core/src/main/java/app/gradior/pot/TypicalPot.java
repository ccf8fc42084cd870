package app.gradior.pot;

import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;

/**
 * A pot as many kitchens have it, in the sizes of metric shops and of US shops: rounded inner measures of what is sold, each
 * with the weight such a pot has. Good for a plan until the real one is measured.
 */
public enum TypicalPot {
    SMALL_SAUCEPAN(pot(15, 16, 8, 900), pot(14, 15, 8.9, 900)),
    SAUCEPAN(pot(19, 20, 11, 1300), pot(18.5, 19.5, 11, 1300)),
    SAUTE_PAN(pot(23, 24, 6.5, 1400), pot(24, 25, 6.5, 1500)),
    WIDE_SAUTE_PAN(pot(27, 28, 7, 1800), pot(29, 30, 7, 2000)),
    CASSEROLE(pot(23, 24, 11, 4000), pot(24, 25, 11, 4500)),
    LARGE_CASSEROLE(pot(27, 28, 12, 5500), pot(28, 29.5, 12, 6000)),
    WOK(pot(13, 32, 9, 1500), pot(14, 35, 9.5, 1700)),
    STOCKPOT(pot(24, 24, 20, 1900), pot(24, 24, 19, 1900));

    private final Pot metric;
    private final Pot us;

    TypicalPot(Pot metric, Pot us) {
        this.metric = metric;
        this.us = us;
    }

    private static Pot pot(double base, double rim, double wall, double tare) {
        return new Pot(
                Length.ofCentimetres(base),
                Length.ofCentimetres(rim),
                Length.ofCentimetres(wall),
                Material.STEEL,
                Mass.ofGrams(tare));
    }

    /** As it is sold by centimetres and litres. */
    public Pot metric() {
        return metric;
    }

    /** As it is sold by inches and quarts. */
    public Pot us() {
        return us;
    }
}
