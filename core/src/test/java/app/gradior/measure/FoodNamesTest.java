package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.measure.FoodNames.Found;
import app.gradior.measure.FoodNames.Measured;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FoodNamesTest {
    private final FoodNames names = LineGrammar.shipped().names();

    private Found find(String words, Measured how) {
        return names.find(words, how, Habits.NONE).orElseThrow();
    }

    @Test
    void everyFoodIsFoundByItsOwnName() {
        assertThat(IngredientTable.shipped().all())
                .allSatisfy(food -> assertThat(find(food.name(), Measured.OTHER).unexplained())
                        .as(food.name())
                        .isEmpty());
    }

    @ParameterizedTest(name = "{0} by {1}")
    @CsvSource({
        "pepper, COUNT, red-bell-pepper",
        "pepper, OTHER, black-pepper",
        "ginger, OTHER, ginger-fresh",
        "cinnamon, COUNT, cinnamon-stick",
        "cinnamon, SPOON, cinnamon-ground",
        "thyme, SPOON, dried-thyme",
        "thyme, COUNT, thyme",
        "clove, COUNT, garlic",
        "cloves, SPOON, cloves",
    })
    void theMeasureTellsWhichOfOneNameIsMeant(String words, Measured how, String key) {
        assertThat(find(words, how).ingredient().key()).isEqualTo(key);
    }

    @Test
    void whatSeveralFoodsAreCalledStaysOpenUntilTheKitchenSays() {
        Found open = find("stock", Measured.OTHER);
        assertThat(open.certain()).isFalse();
        assertThat(open.others()).extracting(Ingredient::key).contains("vegetable-stock", "beef-stock");

        Habits ours = new Habits(Measures.US, Map.of(), Map.of("stock", "beef-stock"));
        Found settled = names.find("stock", Measured.OTHER, ours).orElseThrow();
        assertThat(settled.ingredient().key()).isEqualTo("beef-stock");
        assertThat(settled.settled()).isTrue();
        assertThat(find("beef stock", Measured.OTHER).certain()).isTrue();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "blackcurants, blackcurrants",
        "sherry vinigar, sherry-vinegar",
        "vegatable stock, vegetable-stock",
        "brocolli, ",
        "sgar, ",
    })
    void aSlipIsForgivenWhereTheNameIsLongEnough(String words, String key) {
        Optional<Found> found = names.find(words, Measured.OTHER, Habits.NONE);

        if (key == null) {
            assertThat(found.filter(Found::certain)).isEmpty();
        } else {
            assertThat(found.orElseThrow().ingredient().key()).isEqualTo(key);
            assertThat(found.get().certain()).isFalse();
        }
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "leaves, leaf",
        "tomatoes, tomato",
        "Berries, berry",
        "crème, creme",
        "asparagus, asparagus",
        "dishes, dish"
    })
    void wordsAreComparedInTheSingularWithoutAccents(String word, String normalised) {
        assertThat(NameWords.normalised(word)).containsExactly(normalised);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"plum, plum", "cornflour, corn-starch", "double cream, heavy-cream", "parmesan, hard-grating-cheese"})
    void searchFindsByNameAndAlias(String words, String key) {
        assertThat(names.like(words, 3)).extracting(Ingredient::key).contains(key);
        assertThat(names.like(words, 3)).hasSizeLessThanOrEqualTo(3);
        assertThat(names.like("", 3)).isEmpty();
    }
}
