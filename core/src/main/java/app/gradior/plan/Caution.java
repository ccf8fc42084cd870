package app.gradior.plan;

import app.gradior.food.Allergen;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.physics.Solubility;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Ring;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Gel;
import app.gradior.thickness.Outside;
import java.util.EnumSet;
import java.util.Set;

/** What to mind, where it applies. Short, and no substitute for local rules and tested recipes. */
public enum Caution {
    POT_OVERFLOWS,
    POT_TOO_FULL,
    ACID_IN_BARE_METAL,
    SPIRIT_NEAR_FLAME,
    ALCOHOL_REMAINS,
    CATCHES,
    HOT_SUGAR,
    EGG_SPLITS,
    MAY_SPLIT,
    WILL_SPLIT,
    WILL_GRAIN,
    SETS_LIKE_JELLY,
    OUTSIDE,
    RING_TOO_WEAK,
    KEEP_COLD;

    private static final double SOUR_ACID_SHARE = 0.004;
    private static final double STRONG_ETHANOL_SHARE = 0.15;
    private static final double LEFT_ETHANOL_SHARE = 0.0005;
    private static final double YOLK_SPLITS_C = 85;
    private static final double MAY_SPLIT_FAT = 0.60;
    private static final double WILL_SPLIT_FAT = 0.70;

    /** A little more than is held stays in solution for days. */
    private static final double GRAINS_SHARE = 0.03;

    private static final double CATCHING_GRADE = 4.5;
    private static final double CATCHING_BRIX = 0.60;

    /** What to mind on the way from one state to another. */
    static Set<Caution> of(Snapshot from, Snapshot to, Conditions conditions, boolean limitedByPower) {
        Set<Caution> cautions = EnumSet.of(KEEP_COLD);
        Mixture start = from.mixture();
        Volume hot = ChoiOkos.volume(start, from.stove());
        if (conditions.pot().overflowsWith(hot)) {
            cautions.add(POT_OVERFLOWS);
        } else if (!conditions.pot().holds(hot)) {
            cautions.add(POT_TOO_FULL);
        }
        if (conditions.pot().material().reactsWithAcid() && to.acid().value() > SOUR_ACID_SHARE) {
            cautions.add(ACID_IN_BARE_METAL);
        }
        if (from.alcohol().value() > STRONG_ETHANOL_SHARE && conditions.ring().kind() == Ring.Kind.GAS) {
            cautions.add(SPIRIT_NEAR_FLAME);
        }
        if (start.mass(Component.ETHANOL).kilograms() > 0 && to.alcohol().value() > LEFT_ETHANOL_SHARE) {
            cautions.add(ALCOHOL_REMAINS);
        }
        if (catches(to, conditions.activity())) {
            cautions.add(CATCHES);
        }
        if (to.brix().value() > CATCHING_BRIX) {
            cautions.add(HOT_SUGAR);
        }
        if (to.mixture().allergens().contains(Allergen.EGG) && to.stove().degrees() > YOLK_SPLITS_C) {
            cautions.add(EGG_SPLITS);
        }
        double fat = ChoiOkos.fatVolumeFraction(to.mixture());
        if (fat > MAY_SPLIT_FAT) {
            cautions.add(fat > WILL_SPLIT_FAT ? WILL_SPLIT : MAY_SPLIT);
        }
        Mixture end = to.mixture();
        if (Solubility.sugarCrystals(end, Celsius.ROOM).kilograms()
                        > GRAINS_SHARE * end.mass().kilograms()
                || Solubility.saltCrystals(end).kilograms() > 0) {
            cautions.add(WILL_GRAIN);
        }
        if (to.tomorrow().compareTo(Gel.Set.LIKE_JELLY) >= 0) {
            cautions.add(SETS_LIKE_JELLY);
        }
        if (Outside.of(end).isPresent()) {
            cautions.add(OUTSIDE);
        }
        if (limitedByPower) {
            cautions.add(RING_TOO_WEAK);
        }
        return cautions;
    }

    /** Whether it catches on the base at this activity: thick or sugary, at a simmer or more. */
    public static boolean catches(Snapshot at, Activity activity) {
        boolean simmersOrMore = activity.compareTo(Activity.SIMMER) >= 0;
        return simmersOrMore
                && (at.atStove().value() > CATCHING_GRADE || at.brix().value() > CATCHING_BRIX);
    }

    /** How often to stir, in minutes: 8 when thin, down to 1 when thick or sugary. */
    public static int stirEveryMinutes(Snapshot at) {
        double byGrade = 8 - 7 * (at.atStove().value() - 3) / 2.5;
        double byBrix = 8 - 7 * (at.brix().value() - 0.35) / 0.35;
        return (int) Math.round(Math.max(1, Math.min(8, Math.min(byGrade, byBrix))));
    }
}
