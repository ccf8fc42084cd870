package app.gradior;

import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.quantity.Mass;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;

/** Random sauces of the ingredient table; the seed of each is its name in a failing test. */
public final class RandomMixtures {
    private static final List<Ingredient> ALL =
            List.copyOf(IngredientTable.shipped().all());

    private RandomMixtures() {}

    /** Seeds of so many cases; fewer where gradior.seeds says so, as mutation testing does for the sake of its time. */
    public static LongStream seeds(int count) {
        return LongStream.rangeClosed(1, Math.min(count, Integer.getInteger("gradior.seeds", count)))
                .map(i -> i * 7919);
    }

    /** Two to seven foods and always some water, so that there is something to boil off. */
    public static Mixture sauce(Random random) {
        Mixture mixture = Mixtures.of("water", 50 + random.nextInt(800));
        int foods = 2 + random.nextInt(6);
        for (int i = 0; i < foods; i++) {
            Ingredient food = ALL.get(random.nextInt(ALL.size()));
            double max =
                    food.density().gramsPerMillilitre() < 0.6 || food.starch().isPresent() ? 30 : 400;
            mixture = mixture.plus(food.of(Mass.ofGrams(1 + random.nextDouble() * max)));
        }
        return mixture.cookedAt(Mixtures.BOILING);
    }
}
