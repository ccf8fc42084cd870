package app.gradior.thickness;

import static app.gradior.PublishedTable.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.PublishedTable;
import app.gradior.RandomMixtures;
import app.gradior.food.Component;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.util.Locale;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What thickens a sauce beside sugar, body and starch, what sets, and where nothing can be told. */
class SecondEditionTest {
    private static double grade(Mixture mixture, double celsius) {
        return Thickness.grade(mixture, Celsius.of(celsius), ThicknessFactor.ONE)
                .value();
    }

    private static double millipascalSeconds(Mixture mixture, double celsius) {
        return Thickness.of(mixture, Celsius.of(celsius)).apparent().millipascalSeconds();
    }

    static LongStream seeds() {
        return RandomMixtures.seeds(300);
    }

    static Stream<CSVRecord> starches() {
        return PublishedTable.read("starch-swelling.csv").rows().stream();
    }

    @ParameterizedTest
    @MethodSource("starches")
    void starchThickensFromItsGelatinisationOn(CSVRecord row) {
        StarchKind kind = StarchKind.ofKey(row.get("kind").replace(' ', '-').toLowerCase(Locale.ROOT))
                .orElseThrow();

        assertThat(kind.swollenAt(Celsius.of(number(row, "onset_c")))).isZero();
        assertThat(kind.swollenAt(Celsius.of(number(row, "end_c")))).isCloseTo(0.5, within(0.01));
        assertThat(kind.swollenAt(Celsius.of(number(row, "full_c")))).isCloseTo(1, within(0.01));
    }

    @Test
    void halfOfTheFinalThicknessIsThereAtTheEndOfGelatinisation() {
        Mixture raw = Mixtures.of("water", 240).plus(Mixtures.of("corn-starch", 8));
        double water = Serum.water(Celsius.of(60));
        double half = millipascalSeconds(raw.cookedAt(Celsius.of(74)), 60) - water;
        double all = millipascalSeconds(raw.cookedAt(Celsius.of(95)), 60) - water;

        assertThat(half / all).isCloseTo(0.5, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"CORN, 0.90", "POTATO, 0.50", "WAXY_CORN, 0.95"})
    void longBoilingWearsAStarchByItsKind(StarchKind kind, double left) {
        assertThat(kind.leftAfterBoiling(20, Share.NONE)).isCloseTo(left, within(0.001));
        Mixture sauce = Mixtures.of("water", 240)
                .plus(Mixtures.of(kind.key().endsWith("starch") ? kind.key() : kind.key() + "-starch", 8))
                .cookedAt(Mixtures.BOILING);
        double before = millipascalSeconds(sauce, 60) - Serum.water(Celsius.of(60));
        double after = millipascalSeconds(sauce.boiledFor(20), 60) - Serum.water(Celsius.of(60));

        assertThat(after / before).isCloseTo(left, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"6.7, 2, 3", "20, 20, 45"})
    void gelatinThickensAHotStock(double percent, double from, double to) {
        Mixture stock = gelatin(percent);

        assertThat(millipascalSeconds(stock, 60)).isBetween(from, to);
    }

    private static Mixture gelatin(double percent) {
        return new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(100))
                .with(Component.PROTEIN, Mass.ofGrams(percent))
                .withGelatin(Mass.ofGrams(percent))
                .build();
    }

    @ParameterizedTest
    @CsvSource({"0.3, NOT", "1, LOOSELY", "2, LIKE_JELLY", "5, RUBBERY"})
    void aStockWithGelatinSetsInTheFridge(double percent, Gel.Set set) {
        assertThat(Gel.of(gelatin(percent), Celsius.FRIDGE)).isEqualTo(set);
        assertThat(Gel.of(gelatin(percent), Celsius.of(40))).isEqualTo(Gel.Set.NOT);
    }

    @Test
    void aHomemadeStockReducedToATenthSetsAndAVegetableStockDoesNot() {
        Mixture bones = Mixtures.of("veal-stock-unsalted", 1000).evaporatedTo(Mass.ofGrams(100));
        Mixture vegetables = Mixtures.of("vegetable-stock", 1000).evaporatedTo(Mass.ofGrams(100));

        assertThat(Gel.of(bones, Celsius.FRIDGE)).isEqualTo(Gel.Set.RUBBERY);
        assertThat(Gel.of(vegetables, Celsius.FRIDGE)).isEqualTo(Gel.Set.NOT);
        assertThat(grade(bones, 20)).isGreaterThan(grade(bones, 60) + 1);
    }

    @Test
    void cranberriesBoiledWithSugarStandWhenTheyAreCold() {
        Mixture sauce = Mixtures.of("cranberries", 340)
                .plus(Mixtures.of("white-sugar", 200))
                .plus(Mixtures.of("water", 240))
                .cookedAt(Mixtures.BOILING)
                .evaporatedTo(Mass.ofGrams(400));

        assertThat(Gel.of(sauce, Celsius.FRIDGE)).isGreaterThanOrEqualTo(Gel.Set.LIKE_JELLY);
        assertThat(grade(sauce, 5)).isGreaterThan(grade(sauce, 90) + 1);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void waterNeverThickensAnything(long seed) {
        Mixture sauce = RandomMixtures.sauce(new Random(seed));
        for (double celsius : new double[] {5, 20, 60, 95}) {
            double before = grade(sauce, celsius);
            assertThat(grade(sauce.plus(Mixtures.of("water", 50)), celsius))
                    .as("at %s °C", celsius)
                    .isLessThanOrEqualTo(before + 1e-9);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void boiledDownItOnlyGetsThickerHotAndCold(long seed) {
        Mixture sauce = RandomMixtures.sauce(new Random(seed));
        for (double celsius : new double[] {5, 20, 60, 98}) {
            double before = Double.NEGATIVE_INFINITY;
            for (int left = 40; left > 0; left--) {
                Mixture reduced = sauce.evaporatedTo(Share.of(left / 40.0));
                if (Outside.of(reduced).isPresent()) {
                    break;
                }
                double now = grade(reduced, celsius);
                assertThat(now).as("at %s °C, %d left", celsius, left).isGreaterThanOrEqualTo(before - 1e-9);
                before = now;
            }
        }
    }

    @Test
    void fatNeverThinsAStarchSauce() {
        Mixture sauce =
                Mixtures.of("water", 240).plus(Mixtures.of("corn-starch", 8)).cookedAt(Mixtures.BOILING);
        double before = grade(sauce, 60);
        for (double fat = 10; fat < 700; fat += 10) {
            double now = grade(sauce.plus(Mixtures.of("neutral-oil", fat)), 60);
            assertThat(now).as("%s g", fat).isGreaterThanOrEqualTo(before);
            before = now;
        }
        assertThat(grade(sauce.plus(Mixtures.of("unsalted-butter", 124)), 60)).isGreaterThan(grade(sauce, 60));
    }

    @Test
    void crystalsThickenAsSolidsAndNotAsSyrup() {
        assertThat(grade(Mixtures.sucrose(75, 100), 20)).isBetween(grade(Mixtures.sucrose(66, 100), 20), 6.0);
        assertThat(grade(Mixtures.sucrose(75, 100), 100)).isGreaterThan(grade(Mixtures.sucrose(70, 100), 100));
    }

    @Test
    void saltHardlyThickens() {
        Mixture brine = new Mixture.Builder()
                .with(Component.SALT, Mass.ofGrams(20))
                .with(Component.WATER, Mass.ofGrams(80))
                .build();

        assertThat(millipascalSeconds(brine, 20)).isBetween(1.0, 1.3);
    }

    @Test
    void piecesFillAndBlendingStillThickens() {
        Mixture liquid = Mixtures.of("water", 300);
        Mixture chunks = liquid.plus(Mixtures.of("plum", 300)).cookedAt(Mixtures.BOILING);

        assertThat(Filler.factor(chunks, Celsius.of(60))).isGreaterThan(1.1);
        assertThat(Filler.factor(chunks.blended(), Celsius.of(60))).isEqualTo(1);
        assertThat(grade(chunks.blended(), 60)).isGreaterThan(grade(chunks, 60));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "mayonnaise, 22, 4.0",
        "dijon-mustard, 22, 3.0",
        "yellow-mustard, 22, 2.5",
        "oyster-sauce, 22, 1.4",
        "hoisin-sauce, 22, 3.0",
        "fermented-chili-paste, 22, 4.0",
        "balsamic-glaze, 22, 1.0",
        "glucose-syrup, 60, 2.0"
    })
    void condimentsAreAsThickAsTheyAreBought(String key, double celsius, double pascalSeconds) {
        assertThat(millipascalSeconds(Mixtures.of(key, 100), celsius) / 1000)
                .isCloseTo(pascalSeconds, within(0.1 * pascalSeconds));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "white-sugar, TOO_DRY",
        "wheat-flour, TOO_DRY",
        "olive-oil, OILY",
        "unsalted-butter, OILY",
        "peanut-butter, TOO_DRY"
    })
    void whatIsNoSauceHasNoGrade(String key, Outside why) {
        assertThat(Thickness.gradeResult(Mixtures.of(key, 100), Celsius.SERVED_WARM, ThicknessFactor.ONE))
                .isEqualTo(new Thickness.GradeResult.Not(why));
        assertThat(grade(Mixtures.of(key, 100), 60)).isLessThanOrEqualTo(9);
    }

    @Test
    void everyFoodOfTheTableSaysWhereItsFiguresAreFrom() {
        IngredientTable.shipped().all().forEach(food -> {
            Mixture mixture = food.of(Mass.ofGrams(100));
            boolean gels = mixture.gelatin().grams() > 0 || mixture.pectin().value() > 0;
            assertThat(food.gelSource().name()).as(food.key()).isEqualTo(gels ? "ESTIMATED" : "NONE");
            assertThat(food.bodySource().name().equals("NONE"))
                    .as(food.key())
                    .isEqualTo(mixture.body().grams() == 0);
            assertThat(mixture.gelatin().grams())
                    .as(food.key())
                    .isLessThanOrEqualTo(mixture.mass(Component.PROTEIN).grams() + 1e-9);
        });
    }
}
