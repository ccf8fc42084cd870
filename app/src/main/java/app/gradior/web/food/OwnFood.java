package app.gradior.web.food;

import app.gradior.food.Allergen;
import app.gradior.food.Component;
import app.gradior.food.Composition;
import app.gradior.food.Ingredient;
import app.gradior.food.Mixture;
import app.gradior.food.Texture;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.quantity.Density;
import app.gradior.quantity.Mass;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A food of a kitchen's own, as it is kept and exchanged: by its label, or as a mix of other foods.
 *
 * @param key its own, or that of the table food it corrects
 * @param label what 100 g hold; null if it is a mix
 * @param mix the lines it is mixed from; null if it is by its label
 * @param gramsPerMl as measured by the spoon or cup
 * @param pieceG what one weighs, null if it is not counted
 * @param source where the figures are from, in the cook's words
 */
public record OwnFood(
        String key,
        String name,
        List<String> aliases,
        Label label,
        String mix,
        double gramsPerMl,
        Double pieceG,
        Set<String> allergens,
        String source) {
    /** Pulp in tomato-solids equivalents to a gram of fibre: the estimate the table uses. */
    private static final double BODY_OF_FIBRE = 4;

    /** Of the sugars of a label, the part taken to be glucose and fructose. */
    private static final double SIMPLE_OF_SUGARS = 0.5;

    public OwnFood {
        aliases = aliases == null ? List.of() : List.copyOf(aliases);
        allergens = allergens == null ? Set.of() : Set.copyOf(allergens);
    }

    /**
     * Grams in 100 g, as labels say it; carbohydrate without fibre.
     *
     * @param body null to have it estimated from the fibre
     * @param smooth whether it comes without pieces
     */
    public record Label(
            double fat,
            double carbohydrate,
            double sugars,
            double fibre,
            double protein,
            double salt,
            double acid,
            double alcohol,
            Double body,
            boolean smooth) {
        double sum() {
            return fat + carbohydrate + fibre + protein + salt + acid + alcohol;
        }

        static Label of(Composition composition) {
            Mixture m = composition.perKilogram();
            double sugars = per100(m.sugars());
            double starch = per100(m, Component.STARCH) + per100(m, Component.DEXTRINS);
            return new Label(
                    per100(m, Component.FAT),
                    sugars + starch,
                    sugars,
                    per100(m, Component.FIBRE),
                    per100(m.protein()),
                    per100(m, Component.SALT),
                    per100(m, Component.ACETIC_ACID) + per100(m, Component.OTHER_ACIDS),
                    per100(m, Component.ETHANOL),
                    m.body().grams() / 10,
                    m.lockedBody().grams() < 1e-9);
        }

        private static double per100(Mixture mixture, Component component) {
            return per100(mixture.mass(component));
        }

        private static double per100(Mass inKilogram) {
            return Math.round(inKilogram.grams() * 10) / 100.0;
        }
    }

    /**
     * The food as the product computes with it.
     *
     * @param base the table food that it corrects, if it does
     * @throws IllegalArgumentException if its figures can't be, with what is wrong
     */
    Ingredient ingredient(Optional<Ingredient> base, LineGrammar grammar) {
        Set<Allergen> named = allergens.stream().map(Allergen::ofKey).collect(Collectors.toSet());
        Composition composition = label == null ? mixed(grammar) : labelled(base, named);
        boolean hasBody = composition.perKilogram().body().grams() > 0;
        Set<Allergen> all = new TreeSet<>(named);
        all.addAll(composition.perKilogram().allergens());
        return new Ingredient(
                key,
                name,
                aliases,
                base.map(Ingredient::group).orElse("own"),
                composition,
                label == null ? Optional.empty() : base.flatMap(Ingredient::starch),
                Density.ofGramsPerMillilitre(gramsPerMl),
                pieceG == null
                        ? base.flatMap(Ingredient::piece)
                        : Optional.of(new Ingredient.Piece(
                                base.flatMap(Ingredient::piece)
                                        .map(Ingredient.Piece::name)
                                        .orElse("piece"),
                                Mass.ofGrams(pieceG))),
                base.flatMap(Ingredient::pack),
                base.map(Ingredient::ph).orElse(OptionalDouble.empty()),
                Set.copyOf(all),
                base.map(Ingredient::cautions).orElse(Set.of()),
                source,
                hasBody ? Ingredient.BodySource.ESTIMATED : Ingredient.BodySource.NONE,
                gels(composition.perKilogram()) ? Ingredient.BodySource.ESTIMATED : Ingredient.BodySource.NONE);
    }

    private static boolean gels(Mixture mixture) {
        return mixture.gelatin().grams() > 0 || mixture.pectin().value() > 0;
    }

    private Composition labelled(Optional<Ingredient> base, Set<Allergen> named) {
        double water = 100 - label.sum();
        double body = label.body() == null ? BODY_OF_FIBRE * label.fibre() : label.body();
        boolean vinegar = base.filter(b -> b.group().equals("vinegar")).isPresent();
        return new Composition.Per100Grams(
                        water,
                        label.alcohol(),
                        vinegar ? label.acid() : 0,
                        vinegar ? 0 : label.acid(),
                        label.sugars(),
                        SIMPLE_OF_SUGARS,
                        label.carbohydrate() - label.sugars(),
                        base.flatMap(Ingredient::starch).orElse(null),
                        label.fibre(),
                        label.protein(),
                        label.fat(),
                        label.salt(),
                        0,
                        body,
                        label.smooth() ? Texture.SMOOTH : Texture.CHUNKY,
                        base.flatMap(Ingredient::starch).isEmpty() && label.smooth() && label.fibre() == 0,
                        // No label says it: as much of the protein, and of the fibre, as in the food it is like.
                        label.protein() * shareOf(base, Mixture::gelatin, Mixture::protein),
                        label.fibre()
                                * shareOf(base, m -> m.mass().times(m.pectin().value()), m -> m.mass(Component.FIBRE)))
                .composition(named);
    }

    private static double shareOf(
            Optional<Ingredient> base, Function<Mixture, Mass> part, Function<Mixture, Mass> whole) {
        return base.map(b -> b.composition().perKilogram())
                .filter(m -> whole.apply(m).grams() > 0)
                .map(m -> Math.min(1, part.apply(m).grams() / whole.apply(m).grams()))
                .orElse(0.0);
    }

    private Composition mixed(LineGrammar grammar) {
        Mixture mixture = Mixture.EMPTY;
        for (ReadLine line : grammar.readAll(mix)) {
            mixture = mixture.plus(line.mixture());
            if (line.foods().isEmpty()) {
                throw new IllegalArgumentException(
                        FoodText.notUnderstood(line.typed().strip()));
            }
        }
        if (mixture.isEmpty()) {
            throw new IllegalArgumentException(FoodText.MIXED_FROM);
        }
        return Composition.of(mixture);
    }
}
