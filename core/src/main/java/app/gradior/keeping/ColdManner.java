package app.gradior.keeping;

import app.gradior.food.Allergen;
import app.gradior.food.Component;
import app.gradior.food.StarchKind;
import java.util.EnumSet;
import java.util.Set;

/** What a sauce does in the fridge and in the freezer, by what thickens it. */
public enum ColdManner {
    GRAIN_STARCH,
    POTATO_STARCH,
    ROOT_STARCH,
    WAXY_STARCH,
    PECTIN,
    GELATIN,
    CREAM,
    PUREE,
    GUM;

    /** Under so much of a sauce nothing is seen of it. */
    private static final double SEEN = 0.003;

    static Set<ColdManner> of(Contents contents) {
        Set<ColdManner> manners = EnumSet.noneOf(ColdManner.class);
        for (Contents.Portion portion : contents.foods()) {
            if (portion.isOf("thickener")) {
                portion.food().starch().ifPresent(kind -> manners.add(of(kind)));
            }
            if (portion.food().key().equals("xanthan-gum")) {
                manners.add(GUM);
            }
        }
        double grams = contents.end().mass().grams();
        if (grams > 0) {
            if (contents.end().gelatin().grams() / grams > SEEN) {
                manners.add(GELATIN);
            }
            if (contents.end().pectin().value() > SEEN) {
                manners.add(PECTIN);
            }
            boolean rich = contents.end().share(Component.FAT).value() > 0.08;
            if (rich && (contents.hasDairy() || contents.hasEgg())
                    || contents.foods().stream().anyMatch(p -> p.isOf("dairy") && p.has(Allergen.MILK))) {
                manners.add(CREAM);
            }
            if (contents.end().share(Component.FIBRE).value() > 0.01) {
                manners.add(PUREE);
            }
        }
        return manners;
    }

    private static ColdManner of(StarchKind kind) {
        return switch (kind) {
            case POTATO -> POTATO_STARCH;
            case TAPIOCA, ARROWROOT -> ROOT_STARCH;
            case WAXY_CORN, GLUTINOUS_RICE_FLOUR -> WAXY_STARCH;
            default -> GRAIN_STARCH;
        };
    }
}
