package app.gradior.keeping;

import app.gradior.food.Allergen;
import app.gradior.food.Component;
import app.gradior.food.Ingredient;
import app.gradior.food.Mixture;
import app.gradior.physics.Solution;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.sauce.Operation;
import app.gradior.sauce.StagedSauce;
import app.gradior.sauce.WrittenSauce;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * What a sauce is made of, as its keeping asks for it.
 *
 * @param end the sauce as it is kept
 * @param foods what went in
 */
public record Contents(Mixture end, List<Portion> foods) {
    private static final Set<Allergen> OF_THE_SEA = Set.of(Allergen.FISH, Allergen.CRUSTACEANS, Allergen.MOLLUSCS);
    private static final Set<String> PRODUCE = Set.of("fruit", "vegetable", "herb", "juice");

    /** So much of a condiment is no condiment any more; of a vegetable, more than a seasoning. Estimates. */
    private static final double MORE_THAN_SEASONING = 0.05;

    /**
     * A food that went in.
     *
     * @param heated whether it was heated to 72 °C or more after it went in
     */
    public record Portion(Ingredient food, Mass mass, boolean heated) {
        boolean isOf(String group) {
            return food.group().equals(group);
        }

        boolean has(Allergen allergen) {
            return food.allergens().contains(allergen);
        }
    }

    /** Set and safe: what was heated to this, right through. */
    private static final Celsius HEATED_THROUGH = Celsius.of(72);

    public Contents {
        foods = List.copyOf(foods);
    }

    /**
     * Of a sauce as it is made.
     *
     * @param end as it is kept
     * @param cookedIn the stage, from 0, that it was on the heat in at least; −1 if that is not known
     */
    public static Contents of(WrittenSauce.Made made, Mixture end, int cookedIn) {
        List<WrittenSauce.Outcome> outcomes = made.outcomes();
        int heatedUntil = cookedIn;
        for (int i = 0; i < outcomes.size(); i++) {
            if (outcomes.get(i).results().stream().anyMatch(Contents::heats)) {
                heatedUntil = Math.max(heatedUntil, i);
            }
        }
        List<Portion> portions = new ArrayList<>();
        for (int i = 0; i < outcomes.size(); i++) {
            // What is stirred in off the heat is heated only by what comes after.
            boolean offTheHeat =
                    outcomes.get(i).results().stream().anyMatch(r -> r.operation() instanceof Operation.FinishOffHeat);
            boolean heated = offTheHeat ? i < heatedUntil : i <= heatedUntil;
            outcomes.get(i)
                    .stage()
                    .foods()
                    .forEach(food -> portions.add(new Portion(food.ingredient(), food.mass(), heated)));
        }
        return new Contents(end, portions);
    }

    private static boolean heats(StagedSauce.Result result) {
        Operation operation = result.operation();
        boolean hot = operation instanceof Operation.Reduce
                || operation instanceof Operation.SimmerFor
                || operation instanceof Operation.Fry
                || operation instanceof Operation.Sweat
                || operation instanceof Operation.PourSlurry
                || operation instanceof Operation.Thicken
                || operation instanceof Operation.Season;
        return hot && result.temperature().compareTo(HEATED_THROUGH) >= 0;
    }

    /** The part of what went in that is so. */
    private double share(Predicate<Portion> so) {
        double all = foods.stream().mapToDouble(p -> p.mass().grams()).sum();
        return all == 0
                ? 0
                : foods.stream().filter(so).mapToDouble(p -> p.mass().grams()).sum() / all;
    }

    private boolean any(Predicate<Portion> so) {
        return foods.stream().anyMatch(so);
    }

    /** A part by weight of the water in it; everything where there is none. */
    private double ofWater(double grams) {
        double water = end.mass(Component.WATER).grams();
        return water > 0 ? grams / water : grams > 0 ? 1 : 0;
    }

    private double acidOfWater() {
        return ofWater(end.mass(Component.ACETIC_ACID).grams()
                + end.mass(Component.OTHER_ACIDS).grams());
    }

    /**
     * About how sour it is: pH = 4.0 − 1.3·log₁₀(acid in % of the water), an estimate that errs to the mild side, fitted by
     * eye to carrot, tomato, plum and lemon. Nothing hangs on it but shortening.
     */
    public double ph() {
        double percent = 100 * acidOfWater();
        return percent <= 0.01 ? 6.6 : Math.max(2.5, Math.min(6.6, 4.0 - 1.3 * Math.log10(percent)));
    }

    /** Egg that is not set, whether by its food or by what the mixture is known to hold. */
    boolean hasRawEgg() {
        return any(p -> p.has(Allergen.EGG) && !p.heated()) || hasEgg() && !any(p -> p.has(Allergen.EGG));
    }

    boolean hasEgg() {
        return end.allergens().contains(Allergen.EGG) || any(p -> p.has(Allergen.EGG));
    }

    boolean hasFish() {
        return any(p -> !p.isOf("seasoning") && p.food().allergens().stream().anyMatch(OF_THE_SEA::contains))
                || share(p -> p.food().allergens().stream().anyMatch(OF_THE_SEA::contains)) > MORE_THAN_SEASONING;
    }

    boolean hasDairy() {
        return any(p -> p.has(Allergen.MILK) && !p.isOf("fat"))
                || share(p -> p.has(Allergen.MILK)) > MORE_THAN_SEASONING
                || end.allergens().contains(Allergen.MILK) && !any(p -> p.has(Allergen.MILK));
    }

    boolean hasStock() {
        return any(p -> p.isOf("meat")
                || p.food().key().contains("stock")
                || p.food().key().equals("demi-glace")
                || p.food().key().equals("bacon-fat"));
    }

    boolean isStarched() {
        return end.share(Component.STARCH).value() > 0.01;
    }

    boolean isInOil() {
        boolean oily = share(p -> p.isOf("fat") && !p.has(Allergen.MILK)) > 0.4;
        return oily
                && any(p -> p.isOf("herb")
                        || p.food().key().contains("garlic")
                        || p.food().key().contains("chil")
                        || p.food().key().contains("jalapeno")
                        || p.food().key().contains("mushroom"));
    }

    boolean hasProduce() {
        return share(p -> PRODUCE.contains(p.food().group()) || p.food().key().startsWith("coconut"))
                > MORE_THAN_SEASONING;
    }

    /** Fruit or vegetable with too little acid of its own; or something of them that went in at the end, raw. */
    boolean isFresh() {
        return hasProduce() && ph() > 4.2
                || any(p -> !p.heated() && PRODUCE.contains(p.food().group()));
    }

    boolean hasTomato() {
        return share(p -> p.isOf("tomato")) > MORE_THAN_SEASONING;
    }

    boolean isSweetFruit() {
        return share(p -> p.isOf("fruit") || p.isOf("juice")) > MORE_THAN_SEASONING
                && end.sugarShare().value() > 0.25;
    }

    boolean isSharp() {
        return acidOfWater() > 0.015 && end.sugarShare().value() > 0.15;
    }

    boolean isSalty() {
        return ofWater(end.mass(Component.SALT).grams()) > 0.06
                && !hasDairy()
                && !hasEgg()
                && !isStarched()
                && !hasStock();
    }

    boolean isSyrup() {
        return activity().value() < 0.85;
    }

    boolean isVerySharp() {
        return acidOfWater() > 0.03 && activity().value() < 0.93;
    }

    private Share activity() {
        return Solution.waterActivity(end);
    }
}
