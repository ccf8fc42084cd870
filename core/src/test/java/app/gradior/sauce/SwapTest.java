package app.gradior.sauce;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.quantity.Celsius;
import app.gradior.sauce.Swap.Keep;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import org.junit.jupiter.api.Test;

class SwapTest {
    private static final LineGrammar GRAMMAR = LineGrammar.shipped();

    private static ReadLine.Understood line(String typed) {
        return (ReadLine.Understood) GRAMMAR.read(typed);
    }

    private static Ingredient food(String key) {
        return IngredientTable.shipped().get(key);
    }

    private static double warm(Mixture mixture) {
        return Thickness.grade(mixture.cookedAt(Celsius.of(100)), Celsius.SERVED_WARM, ThicknessFactor.ONE)
                .value();
    }

    @Test
    void keepsTheWeight() {
        Swap swap = Swap.of(line("100 g caster sugar"), food("honey"), Keep.WEIGHT, Mixture.EMPTY, GRAMMAR)
                .orElseThrow();

        assertThat(swap.mass().grams()).isCloseTo(100, within(1e-9));
        assertThat(swap.line()).isEqualTo("100 g honey");
    }

    @Test
    void keepsTheAcid() {
        Swap swap = Swap.of(line("15 g sherry vinegar"), food("rice-vinegar"), Keep.ACID, Mixture.EMPTY, GRAMMAR)
                .orElseThrow();

        assertThat(swap.mass().grams()).isCloseTo(15 * 7 / 4.2, within(0.3));
    }

    @Test
    void keepsTheThicknessWithAnotherStarch() {
        Mixture stock = Mixtures.of("chicken-stock", 500);
        Swap swap = Swap.of(line("18 g corn starch"), food("potato-starch"), Keep.THICKENING, stock, GRAMMAR)
                .orElseThrow();

        assertThat(swap.mass().grams()).isBetween(11.0, 15.0);
        assertThat(warm(stock.plus(food("potato-starch").of(swap.mass()))))
                .isCloseTo(warm(stock.plus(Mixtures.of("corn-starch", 18))), within(1e-4));
    }

    @Test
    void saysSoWhereNothingKeepsIt() {
        assertThat(Swap.of(line("15 g sherry vinegar"), food("water"), Keep.ACID, Mixture.EMPTY, GRAMMAR))
                .isEmpty();
        assertThat(Swap.of(
                        line("18 g corn starch"),
                        food("water"),
                        Keep.THICKENING,
                        Mixtures.of("chicken-stock", 500),
                        GRAMMAR))
                .isEmpty();
    }

    @Test
    void writesEveryFoodSoThatItIsReadBack() {
        assertThat(IngredientTable.shipped().all()).allSatisfy(food -> {
            Swap swap = Swap.of(line("100 g water"), food, Keep.WEIGHT, Mixture.EMPTY, GRAMMAR)
                    .orElseThrow();
            assertThat(line(swap.line()).ingredient()).isEqualTo(food);
        });
    }
}
