package app.gradior.food;

import app.gradior.quantity.Energy;

/** What a mixture is worth as food, by the general factors of food labels. */
public final class Nutrition {
    private static final double KCAL_PER_G_CARBOHYDRATE_OR_PROTEIN = 4;

    private static final double KCAL_PER_G_FAT = 9;

    private static final double KCAL_PER_G_ETHANOL = 7;

    private Nutrition() {}

    /** Energy to be had from eating it all: 4, 9 and 7 kcal/g. */
    public static Energy energy(Mixture mixture) {
        double carbohydrate = mixture.sugars().grams()
                + mixture.mass(Component.DEXTRINS).grams()
                + mixture.mass(Component.STARCH).grams();
        return Energy.ofKilocalories(KCAL_PER_G_CARBOHYDRATE_OR_PROTEIN
                        * (carbohydrate + mixture.protein().grams())
                + KCAL_PER_G_FAT * mixture.mass(Component.FAT).grams()
                + KCAL_PER_G_ETHANOL * mixture.mass(Component.ETHANOL).grams());
    }
}
