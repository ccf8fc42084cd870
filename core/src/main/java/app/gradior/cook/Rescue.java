package app.gradior.cook;

import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.plan.Caution;
import app.gradior.plan.Correction;
import app.gradior.plan.Goal;
import app.gradior.plan.Limit;
import app.gradior.plan.Slurry;
import app.gradior.plan.SlurryRatio;
import app.gradior.plan.Snapshot;
import app.gradior.plan.StarchChoice;
import app.gradior.plan.ThinBack;
import app.gradior.pot.Activity;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What to do when a cook goes another way: computed from the mixture as it is believed to be, by the same functions as a
 * plan. The sauce is brought to its goal, or a taste a step nearer to what was wanted.
 *
 * @param mixture what is in the pot
 * @param goal how thick it is to be when eaten
 */
public record Rescue(Mixture mixture, Goal goal, ThicknessFactor thickness) {
    /** By how much of it one step of a taste is off: a little, and far; estimates, since tongues differ. */
    private static final double[] STEPS = {0.15, 0.30};

    /** Beyond this over its goal it is called too thick: what a mouth just notices. */
    private static final double NOTICED = 0.5;

    private static final SlurryRatio SCHOOL = new SlurryRatio.ByWeight(2);

    /** What can go wrong. */
    public enum Trouble {
        TOO_THIN,
        TOO_THICK,
        TOO_SALTY,
        TOO_SHARP,
        TOO_SWEET,
        TOO_HOT,
        FLAT,
        LUMPY,
        CATCHING,
        SPLIT,
        BOILED_OVER,
        STARCH_RAW
    }

    /**
     * Something to add.
     *
     * @param what the food, as it is called
     * @param after the sauce with it
     * @param served its grade when eaten then
     */
    public record Remedy(String what, Mass mass, Mixture after, Grade served) {}

    /** Starch that brings it to its goal now. */
    public Optional<Slurry> slurry() {
        StarchKind kind = StarchChoice.of(mixture, false).kind();
        return Slurry.forGrade(mixture, kind, SCHOOL.waterPerPowder(kind), goal.aim(), goal.served(), thickness)
                        instanceof Slurry.Answer.Found found
                ? Optional.of(found.slurry())
                : Optional.empty();
    }

    /** Liquids that thin it back to its goal, each by itself. */
    public List<Remedy> thinner() {
        List<Remedy> remedies = new ArrayList<>();
        for (String key : List.of("water", "chicken-stock", "vegetable-stock")) {
            Ingredient liquid = IngredientTable.shipped().get(key);
            ThinBack.with(liquid.of(Mass.ofKilograms(1)), mixture, goal.aim(), goal.served(), thickness)
                    .found()
                    .filter(back -> back.liquid().kilograms() > 0)
                    .ifPresent(back -> remedies.add(remedy(liquid, back.liquid(), back.after())));
        }
        return remedies;
    }

    /**
     * What changes a taste by a step.
     *
     * @param level −2 to 2 as tasted: what is too little is brought up, what is too much is brought down
     */
    public List<Remedy> taste(CookEvent.Flavour flavour, int level) {
        if (level == 0 || flavour == CookEvent.Flavour.HOT) {
            return List.of();
        }
        Correction.Taste taste = switch (flavour) {
            case SALT -> Correction.Taste.SALT;
            case SHARP -> Correction.Taste.ACID;
            case SWEET, HOT -> Correction.Taste.SUGAR;
        };
        double off = STEPS[Math.abs(level) - 1];
        double now = taste.of(mixture).value();
        double wanted = level > 0 ? now * (1 - off) : Math.max(now * (1 + off), min(taste) * Math.abs(level));
        List<Remedy> remedies = new ArrayList<>();
        for (String key : level > 0 ? List.of("water", "vegetable-stock") : bringing(taste)) {
            Ingredient food = IngredientTable.shipped().get(key);
            if (Correction.bring(mixture, taste, Share.of(Math.min(1, wanted)), food.of(Mass.ofKilograms(1)))
                            instanceof Correction.Answer.Add add
                    && add.addition().kilograms() > 0) {
                remedies.add(remedy(food, add.addition(), add.after()));
            }
        }
        return remedies;
    }

    /** A step that can be tasted where there was nothing before. */
    private static double min(Correction.Taste taste) {
        return switch (taste) {
            case SALT -> 0.003;
            case SUGAR -> 0.02;
            case ACID -> 0.002;
        };
    }

    private static List<String> bringing(Correction.Taste taste) {
        return switch (taste) {
            case SALT -> List.of("fine-salt", "soy-sauce");
            case SUGAR -> List.of("caster-sugar", "honey");
            case ACID -> List.of("lemon-juice", "cider-vinegar");
        };
    }

    private Remedy remedy(Ingredient food, Mass mass, Mixture after) {
        return new Remedy(food.name(), mass, after, Thickness.grade(after, goal.served(), thickness));
    }

    /**
     * What the numbers themselves call for now; the most pressing first.
     *
     * @param activity how it moves; empty if it is off the heat
     */
    public List<Trouble> called(Snapshot now, Optional<Activity> activity) {
        List<Trouble> troubles = new ArrayList<>();
        double served = Thickness.grade(mixture, goal.served(), thickness).value();
        if (served > goal.high().value() + NOTICED) {
            troubles.add(Trouble.TOO_THICK);
        }
        if (activity.filter(a -> Caution.catches(now, a)).isPresent()) {
            troubles.add(Trouble.CATCHING);
        }
        if (Limit.SALT.passed(now)) {
            troubles.add(Trouble.TOO_SALTY);
        }
        return troubles;
    }
}
