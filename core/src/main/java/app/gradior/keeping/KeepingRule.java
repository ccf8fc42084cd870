package app.gradior.keeping;

import java.util.EnumSet;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;

/**
 * How long home kitchens usually keep what is so, after the general advice of food-safety authorities; those for fruit with
 * sugar, salt, syrup and strong vinegar are our own careful estimates. Days count in a fridge of 4 °C or less, months at
 * −18 °C; these are for quality: frozen it stays safe.
 */
public enum KeepingRule {
    EGG_LIAISON(0, 0, 0, Contents::hasRawEgg),
    EGG_COOKED(2, 1, 0, c -> c.hasEgg() && !c.hasRawEgg()),
    FISH_STOCK(2, 2, 2, Contents::hasFish),
    DAIRY(3, 3, 1, Contents::hasDairy),
    MEAT_STOCK(3, 3, 3, Contents::hasStock),
    STARCH(4, 3, 2, Contents::isStarched),
    GARLIC_OIL(4, 4, 4, Contents::isInOil),
    FRESH_PUREE(4, 3, 6, Contents::isFresh),
    TOMATO(5, 4, 4, Contents::hasTomato),
    FRUIT_SWEET(10, 7, 8, Contents::isSweetFruit),
    SHARP(14, 10, 6, Contents::isSharp),
    SALTY(21, 14, 6, Contents::isSalty),
    SYRUP(30, 21, 8, Contents::isSyrup),
    VERY_SHARP(60, 30, 8, Contents::isVerySharp),
    /** None of the others fits. */
    NOT_KNOWN(3, 3, 0, c -> false);

    private static final Set<KeepingRule> NEVER_UNCHILLED =
            EnumSet.of(EGG_LIAISON, EGG_COOKED, FISH_STOCK, DAIRY, MEAT_STOCK, STARCH, GARLIC_OIL, FRESH_PUREE);

    private final int closedDays;
    private final int openedDays;
    private final int frozenMonths;
    private final Predicate<Contents> condition;

    KeepingRule(int closedDays, int openedDays, int frozenMonths, Predicate<Contents> condition) {
        this.closedDays = closedDays;
        this.openedDays = openedDays;
        this.frozenMonths = frozenMonths;
        this.condition = condition;
    }

    /** Days in the fridge, closed; 0 is the day it was made. */
    public int closedDays() {
        return closedDays;
    }

    /** Days in the fridge from opening on. */
    public int openedDays() {
        return openedDays;
    }

    /** Months in the freezer; empty where it is not to be frozen, or nothing is known. */
    public OptionalInt frozenMonths() {
        return frozenMonths == 0 ? OptionalInt.empty() : OptionalInt.of(frozenMonths);
    }

    /** Whether what is so is named as not for a shelf at room temperature by any home means. */
    public boolean neverUnchilled() {
        return NEVER_UNCHILLED.contains(this);
    }

    boolean applies(Contents contents) {
        return condition.test(contents);
    }

    /** All that apply; {@link #NOT_KNOWN} alone where none does. What is very sharp counts only beside what is sharp. */
    static Set<KeepingRule> of(Contents contents) {
        EnumSet<KeepingRule> rules = EnumSet.noneOf(KeepingRule.class);
        for (KeepingRule rule : values()) {
            if (rule.applies(contents)) {
                rules.add(rule);
            }
        }
        if (rules.contains(VERY_SHARP)) {
            EnumSet<KeepingRule> others = EnumSet.copyOf(rules);
            others.removeAll(EnumSet.of(VERY_SHARP, SHARP));
            if (others.isEmpty()) {
                rules.remove(SHARP);
            } else {
                rules.remove(VERY_SHARP);
            }
        }
        if (rules.isEmpty()) {
            // Its acid makes no fruit keep shorter than it does without.
            return EnumSet.of(contents.hasProduce() ? FRESH_PUREE : NOT_KNOWN);
        }
        return rules;
    }
}
