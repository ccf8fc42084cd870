package app.gradior.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.RandomMixtures;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class MixtureTest {
    static LongStream seeds() {
        return RandomMixtures.seeds(300);
    }

    private static double sumOfComponents(Mixture mixture) {
        double sum = 0;
        for (Component component : Component.values()) {
            sum += mixture.mass(component).grams();
        }
        return sum;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void massIsNeverMade(long seed) {
        Random random = new Random(seed);
        Mixture one = RandomMixtures.sauce(random);
        Mixture two = RandomMixtures.sauce(random);
        Mixture both = one.plus(two);
        Share left = Share.of(random.nextDouble());
        Mixture boiled = both.evaporatedTo(left);
        Mixture strained = boiled.strained(Share.of(random.nextDouble()), Share.of(random.nextDouble() * 0.2));

        assertThat(sumOfComponents(both))
                .isCloseTo(one.mass().grams() + two.mass().grams(), within(1e-6));
        assertThat(boiled.mass()).isLessThanOrEqualTo(both.mass());
        for (Component kept : Component.values()) {
            if (kept != Component.WATER && kept != Component.ETHANOL && kept != Component.ACETIC_ACID) {
                assertThat(boiled.mass(kept)).isEqualTo(both.mass(kept));
            }
        }
        assertThat(strained.mass()).isLessThanOrEqualTo(boiled.mass());
        assertThat(both.blended().cookedAt(Mixtures.BOILING).mass()).isEqualTo(both.mass());
        assertThat(both.times(0.5).plus(both.times(0.5)).mass().grams())
                .isCloseTo(both.mass().grams(), within(1e-6));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void evaporatingToAWeightGivesThatWeight(long seed) {
        Random random = new Random(seed);
        Mixture sauce = RandomMixtures.sauce(random);
        double min = sauce.dry().grams();
        double wanted = min + (sauce.mass().grams() - min) * random.nextDouble();

        assertThat(sauce.evaporatedTo(Mass.ofGrams(wanted)).mass().grams()).isCloseTo(wanted, within(1e-6));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aMixtureTakenApartGoesTogetherAgain(long seed) {
        Mixture sauce = RandomMixtures.sauce(new Random(seed));

        assertThat(Mixture.of(sauce.parts())).isEqualTo(sauce).hasSameHashCodeAs(sauce);
    }

    @Test
    void everyIngredientIsWholeAndWeighsWhatItWeighs() {
        for (Ingredient ingredient : IngredientTable.shipped().all()) {
            assertThat(sumOfComponents(ingredient.of(Mass.ofGrams(100))))
                    .as(ingredient.key())
                    .isCloseTo(100, within(1e-9));
            assertThat(ingredient.source()).as(ingredient.key()).isNotBlank();
            boolean hasBody = ingredient.of(Mass.ofGrams(100)).body().grams() > 0;
            assertThat(ingredient.bodySource() == Ingredient.BodySource.NONE)
                    .as("%s says that it has no body", ingredient.key())
                    .isEqualTo(!hasBody);
        }
    }

    @Test
    void halvingASyrupDoublesItsSugarAndLeavesItsMass() {
        Mixture half = Mixtures.sucrose(30, 1000).evaporatedTo(Mass.ofGrams(500));

        assertThat(half.brix().percent()).isCloseTo(60, within(1e-9));
        assertThat(half.sugars().grams()).isCloseTo(300, within(1e-9));
    }

    @Test
    void reducingVinegarMakesItSourerWithLessAcid() {
        Mixture vinegar = Mixtures.of("cider-vinegar", 100);
        Mixture half = vinegar.evaporatedTo(Mass.ofGrams(50));

        assertThat(half.mass(Component.ACETIC_ACID)).isLessThan(vinegar.mass(Component.ACETIC_ACID));
        assertThat(half.acidShare()).isGreaterThan(vinegar.acidShare());
    }

    @Test
    void halvingWineLeavesSomeAlcoholButLittle() {
        Mixture wine = Mixtures.of("dry-red-wine", 200);
        double left =
                wine.evaporatedTo(Mass.ofGrams(100)).mass(Component.ETHANOL).grams()
                        / wine.mass(Component.ETHANOL).grams();

        assertThat(left).isBetween(0.02, 0.12);
    }

    @Test
    void starchSwellsWhenItIsHotEnoughAndStaysSwollen() {
        Mixture cold = Mixtures.of("water", 240).plus(Mixtures.of("corn-starch", 8));

        assertThat(cold.hasRawStarch()).isTrue();
        assertThat(cold.cookedAt(Celsius.of(61)).hasSwollenStarch()).isFalse();
        assertThat(cold.cookedAt(Celsius.of(90)).swollen(StarchKind.CORN).value())
                .isBetween(0.8 * 8 / 248, 0.99 * 8 / 248);
        Mixture boiled = cold.cookedAt(Mixtures.BOILING);
        assertThat(boiled.hasRawStarch()).isFalse();
        assertThat(boiled.cookedAt(Celsius.of(20)).swollen(StarchKind.CORN).percent())
                .isCloseTo(100 * 8 / 248.0, within(1e-3));
        assertThat(boiled.powder(StarchKind.CORN).grams()).isCloseTo(8, within(1e-9));
    }

    @Test
    void blendingReleasesWhatSimmeringLeftLocked() {
        Mixture plums = Mixtures.of("plum", 500);
        Mixture simmered = plums.cookedAt(Mixtures.BOILING);

        assertThat(simmered.releasedBody()).isGreaterThan(plums.releasedBody());
        assertThat(simmered.lockedBody().grams())
                .isCloseTo(0.3 * simmered.body().grams(), within(1e-9));
        assertThat(simmered.blended().lockedBody()).isEqualTo(Mass.ZERO);
        assertThat(simmered.blended().releasedBody()).isGreaterThan(simmered.releasedBody());
    }

    @Test
    void aSieveHoldsSolidsBackAndCostsYield() {
        Mixture sauce = Mixtures.of("raspberries", 300).plus(Mixtures.of("water", 100));
        Mixture strained = sauce.strained(Share.of(0.5), Share.of(0.1));

        assertThat(strained.mass(Component.FIBRE).grams())
                .isCloseTo(0.5 * sauce.mass(Component.FIBRE).grams(), within(1e-9));
        assertThat(strained.mass(Component.WATER).grams())
                .isCloseTo(0.9 * sauce.mass(Component.WATER).grams(), within(1e-9));
    }

    @Test
    void energyGoesByTheFactorsOfLabels() {
        assertThat(Nutrition.energy(Mixtures.of("white-sugar", 100)).kilocalories())
                .isCloseTo(400, within(2.0));
        assertThat(Nutrition.energy(Mixtures.of("olive-oil", 100)).kilocalories())
                .isCloseTo(900, within(2.0));
        assertThat(Nutrition.energy(Mixtures.of("brandy", 100)).kilocalories()).isCloseTo(233, within(5.0));
    }

    @Test
    void allergensOfAllThatWentInAreNamed() {
        assertThat(Mixtures.of("soy-sauce", 10)
                        .plus(Mixtures.of("unsalted-butter", 10))
                        .allergens())
                .containsExactlyInAnyOrder(Allergen.SOYA, Allergen.GLUTEN, Allergen.MILK);
    }

    /** What a refractometer reads: soy sauce some 35, a brine of 20 % some 22, a stock not quite its dry matter. */
    @Test
    void peptidesAndSaltBendLightMoreThanSugarDoes() {
        assertThat(Mixtures.of("soy-sauce", 100).brix().percent()).isBetween(31.0, 38.0);
        assertThat(Mixtures.of("fish-sauce", 100).brix().percent()).isBetween(31.0, 40.0);
        assertThat(Mixtures.of("water", 80)
                        .plus(Mixtures.of("fine-salt", 20))
                        .brix()
                        .percent())
                .isCloseTo(22.3, within(0.5));
        assertThat(Mixtures.of("heavy-cream", 100).mass(Component.PEPTIDES).grams())
                .isZero();
    }

    @Test
    void whatIsDissolvedOfTheProteinFeedsAsAllProteinDoes() {
        assertThat(Mixtures.of("soy-sauce", 100).protein().grams()).isCloseTo(7.7, within(0.1));
        assertThat(Nutrition.energy(Mixtures.of("soy-sauce", 100)).kilocalories())
                .isBetween(50.0, 75.0);
    }

    @Test
    void dextrinsOfASyrupAreDissolvedAndNoThickener() {
        assertThat(Mixtures.of("glucose-syrup", 100).brix().percent()).isBetween(79.0, 82.0);
    }

    @Test
    void plainWaterCanBeToppedUpAndBoiledOff() {
        Mixture wine = Mixtures.of("dry-red-wine", 100);
        Mixture wetter = wine.wateredTo(Mass.ofGrams(120));

        assertThat(wetter.mass(Component.WATER).grams()).isCloseTo(120, within(1e-9));
        assertThat(wetter.mass(Component.ETHANOL)).isEqualTo(wine.mass(Component.ETHANOL));
        assertThat(wine.wateredTo(Mass.ofGrams(20)).mass(Component.ETHANOL)).isLessThan(wine.mass(Component.ETHANOL));
    }

    @Test
    void theImpossibleIsRefusedByName() {
        Mixture sauce = Mixtures.sucrose(50, 100);

        assertThatIllegalArgumentException()
                .isThrownBy(() -> sauce.evaporatedTo(Mass.ofGrams(120)))
                .withMessageContaining("weight after evaporation");
        assertThatIllegalArgumentException().isThrownBy(() -> sauce.evaporatedTo(Mass.ofGrams(40)));
        assertThatIllegalArgumentException().isThrownBy(() -> sauce.times(-1)).withMessageContaining("factor");
        assertThatIllegalArgumentException().isThrownBy(() -> sauce.times(Double.NaN));
    }

    @Test
    void anAnalysisThatDoesNotAddUpIsRefused() {
        Composition.Per100Grams half =
                new Composition.Per100Grams(40, 0, 0, 0, 10, 0, 0, null, 0, 0, 0, 0, 0, 0, Texture.SMOOTH, true, 0, 0);

        assertThatIllegalArgumentException()
                .isThrownBy(() -> half.composition(java.util.Set.of()))
                .withMessageContaining("50");
    }
}
