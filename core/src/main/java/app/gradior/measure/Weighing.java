package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.measure.FoodNames.Found;
import app.gradior.measure.UnitReader.Part;
import app.gradior.quantity.Mass;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What an amount of a food weighs. */
final class Weighing {
    /** Foods that pour: an ounce of them is a fluid one. */
    private static final Set<String> POURED = Set.of("liquid", "juice", "wine-spirit", "vinegar");

    private static final Set<String> POURED_TOO =
            Set.of("heavy-cream", "single-cream", "whole-milk", "buttermilk", "coconut-milk", "evaporated-milk");

    /** Grams to a centimetre of what is bought by the length: trimmed pieces, weighed. */
    private static final Map<String, Double> GRAMS_PER_CM =
            Map.of("ginger-fresh", 5.0, "cinnamon-stick", 0.4, "lemongrass", 0.9, "turmeric", 3.0, "leek", 6.0);

    /** What a large or a small one is against the usual one. */
    private static final Map<String, Double> SIZES = Map.of("large", 1.4, "big", 1.4, "small", 0.65, "baby", 0.5);

    private Weighing() {}

    /** The grams of a measured or counted amount; empty if the food is not counted so. */
    static Optional<Double> grams(
            AmountReader amount, Found found, List<String> said, Habits habits, List<Assumption> assumptions) {
        Measures measures = habits.measures();
        Ingredient ingredient = found.ingredient();
        double count = amount.quantity().middle();
        if (amount.exactly().isPresent()) {
            return Optional.of(amount.exactly().get().grams(ingredient.density()));
        }
        if (amount.size().isPresent()) {
            return Optional.of(count
                    * poured(amount.size().get(), ingredient, measures, assumptions)
                            .grams(ingredient.density()));
        }
        if (amount.unit().isPresent()) {
            double grams = poured(
                            new Part(count * amount.form(), amount.unit().get()), ingredient, measures, assumptions)
                    .grams(ingredient.density());
            for (Part part : amount.more()) {
                grams += poured(part, ingredient, measures, assumptions).grams(ingredient.density());
            }
            return Optional.of(grams);
        }
        if (amount.centimetres().isPresent()) {
            Double perCentimetre = GRAMS_PER_CM.get(ingredient.key());
            if (perCentimetre == null) {
                return Optional.empty();
            }
            assumptions.add(new Assumption.Weighs("1 cm", Mass.ofGrams(perCentimetre), Optional.empty()));
            return Optional.of(count * amount.centimetres().getAsDouble() * perCentimetre);
        }
        return found.unit().or(ingredient::piece).map(piece -> {
            String size = SIZES.keySet().stream()
                    .filter(word -> said.contains(word) && !piece.name().contains(word))
                    .findFirst()
                    .orElse("");
            // A pack holds what stands on it; a piece weighs what it weighs here.
            Optional<Mass> here =
                    ingredient.piece().filter(piece::equals).flatMap(p -> habits.amount(p.name(), ingredient.key()));
            double usual = here.orElse(piece.mass()).grams();
            double one = usual * SIZES.getOrDefault(size, 1.0);
            String name = piece.name().contains(" 1 ")
                    ? piece.name()
                    : "1 " + (size + " " + piece.name().replace("medium ", "")).strip();
            assumptions.add(new Assumption.Weighs(
                    name,
                    Mass.ofGrams(one),
                    ingredient.piece().filter(piece::equals).map(Ingredient.Piece::name)));
            return count * one;
        });
    }

    private static Part poured(Part part, Ingredient ingredient, Measures measures, List<Assumption> assumptions) {
        boolean pours = POURED.contains(ingredient.group()) || POURED_TOO.contains(ingredient.key());
        if (part.unit() != KitchenUnit.OUNCE || !pours) {
            return part;
        }
        assumptions.add(Assumption.Plain.FLUID_OUNCES);
        return new Part(part.count(), KitchenUnit.FLUID_OUNCE.in(measures));
    }

    /** A number without needless digits. */
    static String plain(double value) {
        return BigDecimal.valueOf(value)
                .round(new MathContext(3))
                .stripTrailingZeros()
                .toPlainString();
    }

    /** As a cook would say a weight that is guessed anyway: two figures from ten grams on, one below. */
    static Mass round(double grams) {
        return Mass.ofGrams(BigDecimal.valueOf(grams)
                .round(new MathContext(grams >= 10 ? 2 : 1))
                .doubleValue());
    }
}
