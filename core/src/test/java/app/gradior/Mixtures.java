package app.gradior;

import app.gradior.food.Component;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.food.Texture;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;

/** Mixtures that tests need again and again. */
public final class Mixtures {
    public static final Celsius BOILING = Celsius.of(100);

    private Mixtures() {}

    public static Mixture of(String key, double grams) {
        return IngredientTable.shipped().get(key).of(Mass.ofGrams(grams));
    }

    /** A sucrose solution of so many grams. */
    public static Mixture sucrose(double brixPercent, double grams) {
        return new Mixture.Builder()
                .with(Component.SUCROSE, Mass.ofGrams(grams * brixPercent / 100))
                .with(Component.WATER, Mass.ofGrams(grams * (1 - brixPercent / 100)))
                .build();
    }

    /** A purée whose serum is water, with so much body in 100 g. */
    public static Mixture puree(double bodyPercent, double grams) {
        return new Mixture.Builder()
                .with(Component.FIBRE, Mass.ofGrams(grams * bodyPercent / 100))
                .with(Component.WATER, Mass.ofGrams(grams * (1 - bodyPercent / 100)))
                .withBody(Texture.SMOOTH, Mass.ofGrams(grams * bodyPercent / 100))
                .build();
    }
}
