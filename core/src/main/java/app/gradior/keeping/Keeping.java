package app.gradior.keeping;

import app.gradior.food.Allergen;
import app.gradior.food.Component;
import app.gradior.food.Ingredient;
import app.gradior.quantity.Mass;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.ToIntFunction;

/**
 * How long a sauce usually keeps, and why.
 *
 * @param rules all that apply, at least one
 * @param manners what it does cold and frozen, by what thickens it
 * @param contains what a label has to name
 * @param allergensKnown whether that is all: a food of one's own may not say what it contains
 * @param honey whether it has honey in it, which is not for babies
 * @param alcohol what is left of it
 */
public record Keeping(
        Set<KeepingRule> rules,
        Set<ColdManner> manners,
        Set<Allergen> contains,
        boolean allergensKnown,
        boolean honey,
        Mass alcohol) {
    /** Less than so much of a sauce is a trace. */
    private static final double TRACE = 0.001;

    private static final int AFTER_THAWING_DAYS = 2;

    /** @throws IllegalArgumentException if no rule is given */
    public Keeping {
        if (rules.isEmpty()) {
            throw new IllegalArgumentException("a keeping needs a rule");
        }
        rules = Set.copyOf(rules);
        manners = Set.copyOf(manners);
        contains = Set.copyOf(contains);
    }

    /** @param unstated whether a food in it does not say what it contains */
    public static Keeping of(Contents contents, boolean unstated) {
        Set<Allergen> contains = EnumSet.noneOf(Allergen.class);
        contains.addAll(contents.end().allergens());
        contents.foods().forEach(p -> contains.addAll(p.food().allergens()));
        Mass alcohol = contents.end().mass(Component.ETHANOL);
        return new Keeping(
                KeepingRule.of(contents),
                ColdManner.of(contents),
                contains,
                !unstated,
                contents.foods().stream()
                        .map(Contents.Portion::food)
                        .map(Ingredient::key)
                        .anyMatch("honey"::equals),
                contents.end().isEmpty()
                                || alcohol.grams() / contents.end().mass().grams() < TRACE
                        ? Mass.ZERO
                        : alcohol);
    }

    /** Of several that were mixed: each rule of each counts, so the shorter one does. */
    public static Keeping mixed(Collection<Keeping> all) {
        Set<KeepingRule> rules = EnumSet.noneOf(KeepingRule.class);
        Set<ColdManner> manners = EnumSet.noneOf(ColdManner.class);
        Set<Allergen> contains = EnumSet.noneOf(Allergen.class);
        Mass alcohol = Mass.ZERO;
        for (Keeping one : all) {
            rules.addAll(one.rules);
            manners.addAll(one.manners);
            contains.addAll(one.contains);
            alcohol = alcohol.plus(one.alcohol);
        }
        return new Keeping(
                rules,
                manners,
                contains,
                all.stream().allMatch(Keeping::allergensKnown),
                all.stream().anyMatch(Keeping::honey),
                alcohol);
    }

    private KeepingRule shortest(ToIntFunction<KeepingRule> of) {
        return rules.stream()
                .min(Comparator.comparingInt(of).thenComparing(Comparator.naturalOrder()))
                .orElseThrow();
    }

    /** The rule that counts while it is closed. */
    public KeepingRule reason() {
        return shortest(KeepingRule::closedDays);
    }

    /** Days in the fridge from the day it was made, closed. */
    public int closedDays() {
        return reason().closedDays();
    }

    /** Days in the fridge from opening on; never past the closed ones. */
    public int openedDays() {
        return shortest(KeepingRule::openedDays).openedDays();
    }

    /** Months in the freezer; empty where one of its rules has none. */
    public OptionalInt frozenMonths() {
        return rules.stream().anyMatch(rule -> rule.frozenMonths().isEmpty())
                ? OptionalInt.empty()
                : rules.stream()
                        .mapToInt(rule -> rule.frozenMonths().getAsInt())
                        .min();
    }

    /** Days in the fridge once thawed: two, or fewer where it keeps no longer anyway. */
    public int thawedDays() {
        return Math.min(AFTER_THAWING_DAYS, closedDays());
    }
}
