package app.gradior.web.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.Component;
import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.measure.LineGrammar;
import app.gradior.quantity.Mass;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.validation.BeanPropertyBindingResult;
import org.springframework.validation.Errors;

/** A food from its label: what the figures mean, and which can't be. */
class FoodFormTest {
    private static FoodForm label(
            String fat,
            String carbohydrate,
            String withFibre,
            String sugars,
            String fibre,
            String salt,
            String saltUnit) {
        return new FoodForm(
                "Paste",
                "pasta, harissa",
                "label",
                fat,
                carbohydrate,
                withFibre,
                sugars,
                fibre,
                "2",
                salt,
                saltUnit,
                "1",
                "",
                "",
                "on",
                null,
                "1,1",
                "",
                Set.of("celery", "nonsense"),
                "");
    }

    private static Mixture kilogram(FoodForm form) {
        Errors errors = new BeanPropertyBindingResult(form, "form");
        OwnFood food = form.food(null, errors);
        assertThat(errors.getAllErrors()).isEmpty();
        return food.ingredient(Optional.empty(), LineGrammar.shipped()).of(Mass.ofKilograms(1));
    }

    private static Errors wrong(FoodForm form) {
        Errors errors = new BeanPropertyBindingResult(form, "form");
        assertThat(form.food(null, errors)).isNull();
        return errors;
    }

    @Test
    void whatIsLeftOfAHundredGramsIsWater() {
        Mixture food = kilogram(label("10", "20", null, "12", "3", "1,5", "g"));

        assertThat(food.mass(Component.FAT).grams()).isCloseTo(100, within(1e-6));
        assertThat(food.sugars().grams()).isCloseTo(120, within(1e-6));
        assertThat(food.mass(Component.STARCH).grams()).isCloseTo(80, within(1e-6));
        assertThat(food.mass(Component.SALT).grams()).isCloseTo(15, within(1e-6));
        assertThat(food.mass(Component.WATER).grams()).isCloseTo(1000 - 100 - 200 - 30 - 20 - 15 - 10, within(1e-6));
        assertThat(food.mass().grams()).isCloseTo(1000, within(1e-6));
        assertThat(food.allergens()).hasSize(1);
    }

    @Test
    void sodiumIsTwoAndAHalfTimesAsMuchSalt() {
        assertThat(kilogram(label("0", "0", null, "0", "0", "600", "mg"))
                        .mass(Component.SALT)
                        .grams())
                .isCloseTo(15, within(1e-6));
    }

    @Test
    void fibreMayBeCountedWithinTheCarbohydrate() {
        Mixture food = kilogram(label("0", "20", "on", "12", "3", "0", "g"));

        assertThat(food.mass(Component.STARCH).grams()).isCloseTo(50, within(1e-6));
        assertThat(food.mass(Component.FIBRE).grams()).isCloseTo(30, within(1e-6));
    }

    @Test
    void alcoholIsGivenByVolume() {
        FoodForm wine = new FoodForm(
                "Our wine",
                "",
                "label",
                "",
                "3",
                null,
                "1",
                "",
                "",
                "",
                "g",
                "0.6",
                "12.5",
                "",
                "on",
                "",
                "0.99",
                "",
                Set.of("sulphites"),
                "the bottle");
        assertThat(kilogram(wine).mass(Component.ETHANOL).grams()).isCloseTo(12.5 * 0.789 / 0.99 * 10, within(1e-6));
    }

    @ParameterizedTest(name = "{0} {1} {2}: {3}")
    @CsvSource({
        "60, 50, 0, fat, add up to 1",
        "0, 5, 9, sugars, can't be more",
        "many, 5, 1, fat, plain number",
        "-1, 5, 1, fat, plain number",
        "NaN, 5, 1, fat, plain number",
    })
    void whatCannotBeIsSaidBesideItsField(String fat, String carbohydrate, String sugars, String field, String words) {
        Errors errors = wrong(label(fat, carbohydrate, null, sugars, "0", "0", "g"));

        assertThat(errors.getFieldErrors(field))
                .singleElement()
                .satisfies(e -> assertThat(e.getDefaultMessage()).contains(words));
    }

    @Test
    void aMixIsMadeOfFoodsKnownHere() {
        FoodForm mix = new FoodForm(
                "Base",
                "",
                "mix",
                "",
                "",
                null,
                "",
                "",
                "",
                "",
                "g",
                "",
                "",
                "",
                null,
                "100 g tomato paste\n100 g water",
                "1",
                "",
                null,
                "");
        Ingredient food = mix.food(null, new BeanPropertyBindingResult(mix, "form"))
                .ingredient(Optional.empty(), LineGrammar.shipped());
        Ingredient paste = IngredientTable.shipped().get("tomato-paste");

        assertThat(food.of(Mass.ofGrams(200)).body().grams())
                .isCloseTo(paste.of(Mass.ofGrams(100)).body().grams(), within(1e-6));
    }

    @Test
    void aTableFoodIsShownAsItsLabelAndComesBackTheSame() {
        Ingredient cream = IngredientTable.shipped().get("heavy-cream");
        OwnFood own = new OwnFood(
                cream.key(),
                cream.name(),
                cream.aliases(),
                OwnFood.Label.of(cream.composition()),
                null,
                cream.density().gramsPerMillilitre(),
                null,
                Set.of("milk"),
                "x");
        FoodForm form = FoodForm.of(own);
        OwnFood back = form.food(cream.key(), new BeanPropertyBindingResult(form, "form"));

        assertThat(back).isEqualTo(own);
        Mixture then =
                back.ingredient(Optional.of(cream), LineGrammar.shipped()).of(Mass.ofGrams(100));
        assertThat(then.mass(Component.FAT).grams())
                .isCloseTo(cream.of(Mass.ofGrams(100)).mass(Component.FAT).grams(), within(0.01));
    }
}
