package app.gradior.quick;

import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Something that cooks put into a pan, told by the foods that it is made of. The shares of mixed ones are usual kitchen
 * proportions, rounded; what a food is made of comes from the shipped table.
 */
public enum Liquid {
    BEEF_STOCK(new Part("beef-stock", "beef stock", 1)),
    CHICKEN_STOCK(new Part("chicken-stock", "chicken stock", 1)),
    UNSALTED_STOCK(new Part("chicken-stock-unsalted", "unsalted chicken stock", 1)),
    BONE_STOCK(new Part("veal-stock-unsalted", "unsalted brown stock", 1)),
    VEGETABLE_STOCK(new Part("vegetable-stock", "vegetable stock", 1)),
    GRAVY_BASE(
            new Part("beef-stock", "beef stock", 0.94),
            new Part("unsalted-butter", "butter", 0.03),
            new Part("wheat-flour", "plain flour", 0.03)),
    CRUSHED_TOMATOES(new Part("canned-chopped-tomatoes", "canned chopped tomatoes", 1)),
    PASSATA(new Part("passata", "passata", 1)),
    RED_WINE(new Part("dry-red-wine", "red wine", 1)),
    WHITE_WINE(new Part("dry-white-wine", "white wine", 1)),
    STOCK_AND_WINE(new Part("beef-stock", "beef stock", 0.7), new Part("dry-red-wine", "red wine", 0.3)),
    BEER(new Part("lager", "lager", 1)),
    CIDER(new Part("dry-cider", "dry cider", 1)),
    VINEGAR_AND_SUGAR(0.35, new Part("cider-vinegar", "cider vinegar", 1)),
    BALSAMIC_VINEGAR(new Part("balsamic-vinegar", "balsamic vinegar", 1)),
    CREAM(new Part("heavy-cream", "double cream", 1)),
    MILK(new Part("whole-milk", "whole milk", 1)),
    COCONUT_MILK(new Part("coconut-milk", "coconut milk", 1)),
    APPLE_JUICE(0, new Part("apple-juice", "apple juice", 1)),
    ORANGE_JUICE(0, new Part("orange-juice", "orange juice", 1)),
    BERRIES_AND_SUGAR(0.2, new Part("raspberries", "raspberries", 0.9), new Part("water", "water", 0.1)),
    SOY_AND_SUGAR(
            0.2,
            new Part("soy-sauce", "soy sauce", 0.4),
            new Part("mirin", "mirin", 0.4),
            new Part("water", "water", 0.2)),
    WATER(new Part("water", "water", 1));

    private static final Part SUGAR = new Part("white-sugar", "sugar", 1);

    private final List<Part> parts;
    private final Optional<Share> sugar;

    /**
     * A food in it.
     *
     * @param words what a cook calls it in a line
     * @param share by weight of all but the sugar stirred in
     */
    private record Part(String food, String words, double share) {}

    /** A food of a sauce with its weight. */
    public record Line(String food, String words, Mass mass) {}

    Liquid(Part... parts) {
        this.parts = List.of(parts);
        this.sugar = Optional.empty();
    }

    Liquid(double sugar, Part... parts) {
        this.parts = List.of(parts);
        this.sugar = Optional.of(Share.of(sugar));
    }

    /** What it is called in addresses. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<Liquid> ofKey(String key) {
        return Arrays.stream(values()).filter(l -> l.key().equals(key)).findFirst();
    }

    /** The usual share of sugar stirred into it, by weight; empty where cooks stir in none. */
    public Optional<Share> sugar() {
        return sugar;
    }

    /**
     * So much of it as lines of a sauce.
     *
     * @param stirredIn the share of sugar, by weight of the whole, under 0.9
     */
    public List<Line> lines(Mass mass, Share stirredIn) {
        if (stirredIn.value() >= 0.9) {
            throw new IllegalArgumentException("sugar is under 0.9 of it but was " + stirredIn.value());
        }
        Mass rest = mass.times(1 - stirredIn.value());
        List<Line> lines = new ArrayList<>();
        parts.forEach(part -> lines.add(new Line(part.food(), part.words(), rest.times(part.share()))));
        if (stirredIn.value() > 0) {
            lines.add(new Line(SUGAR.food(), SUGAR.words(), mass.times(stirredIn.value())));
        }
        return List.copyOf(lines);
    }

    /** So much of it by weight, cold. */
    public Mixture of(Mass mass, Share stirredIn) {
        return lines(mass, stirredIn).stream()
                .map(line -> IngredientTable.shipped().get(line.food()).of(line.mass()))
                .reduce(Mixture.EMPTY, Mixture::plus);
    }

    /** What so much by volume weighs at room temperature. */
    public Mass weighing(Volume volume, Share stirredIn) {
        Mixture kilogram = of(Mass.ofKilograms(1), stirredIn);
        return Mass.ofKilograms(
                volume.litres() / ChoiOkos.volume(kilogram, Celsius.ROOM).litres());
    }
}
