package app.gradior.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.food.Allergen;
import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.keeping.Contents.Portion;
import app.gradior.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How long a sauce keeps comes of what is in it: each rule on its side of its bound, the shortest of all, with a reason. */
class KeepingTest {
    private static final IngredientTable TABLE = IngredientTable.shipped();

    private static Portion portion(String key, double grams, boolean heated) {
        Ingredient food = TABLE.find(key).orElseThrow(() -> new AssertionError(key));
        return new Portion(food, Mass.ofGrams(grams), heated);
    }

    private static Contents of(Portion... portions) {
        Mixture end = Mixture.EMPTY;
        for (Portion p : portions) {
            end = end.plus(p.food().of(p.mass()));
        }
        return new Contents(end, List.of(portions));
    }

    /** Foods as "key grams" joined by +, a * where one went in raw at the end. */
    private static Contents contents(String written) {
        List<Portion> portions = new ArrayList<>();
        for (String one : written.split("\\+")) {
            String[] parts = one.strip().split(" ");
            portions.add(portion(parts[0], Double.parseDouble(parts[1].replace("*", "")), !one.contains("*")));
        }
        return of(portions.toArray(Portion[]::new));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "chicken-stock 500 + heavy-cream 100,            DAIRY,       3, 3, 1",
        "chicken-stock 500 + egg-yolk 40*,               EGG_LIAISON, 0, 0, -",
        "whole-milk 500 + egg-yolk 80,                   EGG_COOKED,  2, 1, -",
        "fish-stock 500,                                 FISH_STOCK,  2, 2, 2",
        "beef-stock 500 + dry-red-wine 200,              MEAT_STOCK,  3, 3, 3",
        "water 500 + corn-starch 20,                     STARCH,      4, 3, 2",
        "olive-oil 200 + garlic 30,                      GARLIC_OIL,  4, 3, 4",
        "roasted-red-pepper 400 + water 100,             FRESH_PUREE, 4, 3, 6",
        "canned-chopped-tomatoes 400,                    TOMATO,      5, 4, 4",
        "plum 300 + white-sugar 200 + cider-vinegar 60,  FRUIT_SWEET, 10, 7, 6",
        "plum 300 + white-sugar 200,                     FRUIT_SWEET, 10, 7, 8",
        "water 100 + cider-vinegar 200 + white-sugar 90, SHARP,       14, 10, 6",
        "water 100 + fine-salt 10,                       SALTY,       21, 14, 6",
        "water 100 + white-sugar 400,                    SYRUP,       30, 21, 8",
        "water 500,                                      NOT_KNOWN,   3, 3, -"
    })
    void eachKindKeepsAsItIsUsuallyKept(String written, KeepingRule reason, int closed, int opened, String frozen) {
        Keeping keeping = Keeping.of(contents(written), false);
        assertThat(keeping.rules()).as("rules").contains(reason);
        assertThat(keeping.reason()).isEqualTo(reason);
        assertThat(keeping.closedDays()).isEqualTo(closed);
        assertThat(keeping.openedDays()).isEqualTo(opened);
        assertThat(
                        keeping.frozenMonths().isPresent()
                                ? "" + keeping.frozenMonths().getAsInt()
                                : "-")
                .isEqualTo(frozen);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        // A pat of butter is none of the dairy; a twentieth of it all is.
        "water 960 + unsalted-butter 40,       DAIRY,       false",
        "water 900 + unsalted-butter 100,      DAIRY,       true",
        // One percent of starch.
        "water 1000 + corn-starch 10,          STARCH,      false",
        "water 1000 + corn-starch 13,          STARCH,      true",
        // A dash of fish sauce seasons, a twentieth of the pot does not.
        "water 980 + fish-sauce 20,            FISH_STOCK,  false",
        "water 900 + fish-sauce 100,           FISH_STOCK,  true",
        // Four tenths of oil.
        "garlic 70 + olive-oil 30,             GARLIC_OIL,  false",
        "garlic 50 + olive-oil 50,             GARLIC_OIL,  true",
        "water 50 + olive-oil 50,              GARLIC_OIL,  false",
        // Herbs that go in raw at the end.
        "cider-vinegar 500 + parsley 5,        FRESH_PUREE, false",
        "cider-vinegar 500 + parsley 5*,       FRESH_PUREE, true",
        // Six grams of salt in a hundred of water.
        "water 100 + fine-salt 5.5,            SALTY,       false",
        "water 100 + fine-salt 6.5,            SALTY,       true",
        "chicken-stock 100 + fine-salt 20,     SALTY,       false",
        "water 100 + white-sugar 150,          SYRUP,       false",
        "water 100 + white-sugar 260,          SYRUP,       true"
    })
    void eachRuleHoldsOnItsSideOfItsBoundOnly(String written, KeepingRule rule, boolean applies) {
        assertThat(Keeping.of(contents(written), false).rules().contains(rule)).isEqualTo(applies);
    }

    @Test
    void whatIsVerySharpCountsBesideNothingElse() {
        Keeping sharp = Keeping.of(contents("distilled-white-vinegar 300 + white-sugar 300 + fine-salt 10"), false);
        assertThat(sharp.reason()).isEqualTo(KeepingRule.VERY_SHARP);
        assertThat(sharp.closedDays()).isEqualTo(60);
        Keeping fruity =
                Keeping.of(contents("distilled-white-vinegar 300 + white-sugar 300 + fine-salt 10 + plum 300"), false);
        assertThat(fruity.closedDays()).isLessThanOrEqualTo(14);
    }

    @Test
    void everyFoodWithEveryOtherHasAnAnswerWithAReason() {
        List<Ingredient> all = List.copyOf(TABLE.all());
        for (Ingredient one : all) {
            for (Ingredient other : all) {
                Keeping keeping = Keeping.of(
                        of(new Portion(one, Mass.ofGrams(100), true), new Portion(other, Mass.ofGrams(60), true)),
                        false);
                assertThat(keeping.rules()).isNotEmpty();
                assertThat(keeping.reason().closedDays()).isEqualTo(keeping.closedDays());
                assertThat(keeping.contains()).containsAll(one.allergens()).containsAll(other.allergens());
            }
        }
    }

    @Test
    void mixingNeverKeepsLongerThanWhatWasMixed() {
        List<Ingredient> all = List.copyOf(TABLE.all());
        Random random = new Random(11);
        for (int i = 0; i < 500; i++) {
            Keeping one =
                    Keeping.of(of(new Portion(all.get(random.nextInt(all.size())), Mass.ofGrams(100), true)), false);
            Keeping other = Keeping.of(
                    of(new Portion(all.get(random.nextInt(all.size())), Mass.ofGrams(100), random.nextBoolean())),
                    random.nextBoolean());
            Keeping mixed = Keeping.mixed(List.of(one, other));
            assertThat(mixed.closedDays()).isEqualTo(Math.min(one.closedDays(), other.closedDays()));
            assertThat(mixed.openedDays()).isEqualTo(Math.min(one.openedDays(), other.openedDays()));
            assertThat(mixed.frozenMonths().orElse(0))
                    .isLessThanOrEqualTo(Math.min(
                            one.frozenMonths().orElse(0), other.frozenMonths().orElse(0)));
            assertThat(mixed.allergensKnown()).isEqualTo(other.allergensKnown());
        }
    }

    @Test
    void whatALabelNamesIsNamed() {
        Keeping keeping = Keeping.of(contents("whole-milk 300 + honey 30 + dry-red-wine 200 + celery 50"), true);
        assertThat(keeping.contains()).contains(Allergen.MILK, Allergen.CELERY);
        assertThat(keeping.allergensKnown()).isFalse();
        assertThat(keeping.honey()).isTrue();
        assertThat(keeping.alcohol().grams()).isGreaterThan(15);
        assertThat(Keeping.of(contents("water 500"), false).alcohol()).isEqualTo(Mass.ZERO);
    }

    /** An egg that only the mixture knows of counts as raw: nobody can say that it was heated. */
    @Test
    void whatCannotBeKnownIsTakenForTheWorse() {
        Mixture end = TABLE.find("egg-yolk").orElseThrow().of(Mass.ofGrams(30));
        assertThat(Keeping.of(new Contents(end, List.of()), false).reason()).isEqualTo(KeepingRule.EGG_LIAISON);
    }

    @Test
    void acidityIsToldToTheMildSide() {
        assertThat(contents("canned-chopped-tomatoes 400").ph()).isBetween(4.1, 4.8);
        assertThat(contents("carrot 400").ph()).isGreaterThan(4.6);
        assertThat(contents("plum 400").ph()).isBetween(3.2, 4.2);
        assertThat(contents("water 400").ph()).isGreaterThan(6);
    }

    @Test
    void whatThickensSaysWhatItDoesCold() {
        assertThat(Keeping.of(contents("water 500 + corn-starch 20"), false).manners())
                .isEqualTo(Set.of(ColdManner.GRAIN_STARCH));
        assertThat(Keeping.of(contents("water 500 + waxy-corn-starch 20"), false)
                        .manners())
                .containsExactly(ColdManner.WAXY_STARCH);
        assertThat(Keeping.of(contents("heavy-cream 500"), false).manners()).contains(ColdManner.CREAM);
        assertThat(Keeping.of(contents("water 500 + gelatin-powder 10"), false).manners())
                .contains(ColdManner.GELATIN);
        assertThat(Keeping.of(contents("roasted-red-pepper 500"), false).manners())
                .contains(ColdManner.PUREE);
    }
}
