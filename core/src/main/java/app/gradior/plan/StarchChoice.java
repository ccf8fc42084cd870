package app.gradior.plan;

import app.gradior.food.Allergen;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.food.StarchKind.Bearing;

/**
 * Which starch suits a sauce, by stated rules: one that stands freezing if it is to be frozen, one that bears acid if it is
 * sour, none that turns slimy in dairy; else the one that is in every kitchen.
 */
public record StarchChoice(StarchKind kind, Reason reason) {
    /** Sourer than this, by weight, and a starch that bears acid badly thins as it stands; an estimate. */
    static final double SOUR_ACID_SHARE = 0.008;

    /** Why this one. */
    public enum Reason {
        FREEZES,
        BEARS_ACID,
        USUAL
    }

    /** The starch for a sauce. */
    public static StarchChoice of(Mixture sauce, boolean toBeFrozen) {
        boolean dairy = sauce.allergens().contains(Allergen.MILK);
        if (toBeFrozen) {
            return new StarchChoice(sour(sauce) ? StarchKind.WAXY_CORN : StarchKind.TAPIOCA, Reason.FREEZES);
        }
        if (sour(sauce)) {
            return new StarchChoice(dairy ? StarchKind.WAXY_CORN : StarchKind.ARROWROOT, Reason.BEARS_ACID);
        }
        return new StarchChoice(StarchKind.CORN, Reason.USUAL);
    }

    static boolean sour(Mixture sauce) {
        return sauce.acidShare().value() > SOUR_ACID_SHARE;
    }

    static boolean standsAcid(StarchKind kind, Mixture sauce) {
        return !sour(sauce) || kind.acid() != Bearing.POOR;
    }

    static boolean slimes(StarchKind kind, Mixture sauce) {
        return kind == StarchKind.ARROWROOT && sauce.allergens().contains(Allergen.MILK);
    }
}
