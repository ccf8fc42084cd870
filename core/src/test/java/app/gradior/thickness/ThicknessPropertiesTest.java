package app.gradior.thickness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.RandomMixtures;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Density;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class ThicknessPropertiesTest {
    private static final double ROUNDING = 1e-9;

    static LongStream seeds() {
        return RandomMixtures.seeds(400);
    }

    private static double grade(Mixture mixture, double celsius) {
        return Thickness.of(mixture, Celsius.of(celsius)).grade().value();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreWaterOffIsNeverThinner(long seed) {
        Random random = new Random(seed);
        Mixture sauce = RandomMixtures.sauce(random);
        double t = 5 + random.nextInt(100);
        double before = grade(sauce, t);
        for (double left = 0.9; left > 0.1; left -= 0.1) {
            double after = grade(sauce.evaporatedTo(Share.of(left)), t);
            assertThat(after)
                    .as("seed %d at %s °C with %s of the water", seed, t, left)
                    .isGreaterThanOrEqualTo(before - ROUNDING);
            before = after;
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"sugar", "pulp", "starch", "all"})
    void moreWaterOffIsNeverThinnerWithOneThickenerOrAll(String what) {
        Mixture sugar = Mixtures.sucrose(30, 500);
        Mixture pulp = Mixtures.puree(8, 500);
        Mixture starch =
                Mixtures.of("water", 500).plus(Mixtures.of("corn-starch", 10)).cookedAt(Mixtures.BOILING);
        Mixture sauce = switch (what) {
            case "sugar" -> sugar;
            case "pulp" -> pulp;
            case "starch" -> starch;
            default -> sugar.plus(sugar).plus(pulp).plus(starch);
        };
        for (double t : new double[] {5, 20, 60, 100}) {
            double before = grade(sauce, t);
            for (double left = 0.98; left > 0.05; left -= 0.02) {
                double after = grade(sauce.evaporatedTo(Share.of(left)), t);
                assertThat(after)
                        .as("%s of the water left at %s °C", left, t)
                        .isGreaterThanOrEqualTo(before - ROUNDING);
                before = after;
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void warmerIsNeverThicker(long seed) {
        Mixture sauce = RandomMixtures.sauce(new Random(seed));
        double before = grade(sauce, 0);
        for (int t = 5; t <= 130; t += 5) {
            double after = grade(sauce, t);
            assertThat(after).as("seed %d at %d °C", seed, t).isLessThanOrEqualTo(before + ROUNDING);
            before = after;
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreStarchIsNeverThinner(long seed) {
        Random random = new Random(seed);
        Mixture sauce = RandomMixtures.sauce(random);
        StarchKind kind = StarchKind.values()[random.nextInt(StarchKind.values().length)];
        Mixture pinch = IngredientTable.shipped().all().stream()
                .filter(i -> i.starch().filter(kind::equals).isPresent())
                .findFirst()
                .orElseThrow()
                .of(Mass.ofGrams(0.05 + random.nextDouble() * 10));
        double before = grade(sauce, 60);
        for (int i = 0; i < 8; i++) {
            sauce = sauce.plus(pinch).cookedAt(Mixtures.BOILING);
            double after = grade(sauce, 60);
            assertThat(after).as("seed %d, pinch %d of %s", seed, i, kind).isGreaterThanOrEqualTo(before - ROUNDING);
            before = after;
        }
    }

    @ParameterizedTest
    @EnumSource(StarchKind.class)
    void rawStarchThickensNothing(StarchKind kind) {
        Mixture raw =
                Mixtures.of("water", 240).plus(Mixtures.of(kind.key().equals("corn") ? "corn-starch" : key(kind), 8));

        assertThat(grade(raw, 60)).isLessThan(0.4);
        assertThat(grade(raw.cookedAt(Mixtures.BOILING), 60)).isGreaterThan(2);
    }

    private static String key(StarchKind kind) {
        return IngredientTable.shipped().all().stream()
                .filter(i -> i.starch().filter(kind::equals).isPresent())
                .findFirst()
                .orElseThrow()
                .key();
    }

    @Test
    void twiceAsMuchFlourDoesWhatCornStarchDoes() {
        Mixture corn =
                Mixtures.of("water", 240).plus(Mixtures.of("corn-starch", 8)).cookedAt(Mixtures.BOILING);
        Mixture flour =
                Mixtures.of("water", 240).plus(Mixtures.of("wheat-flour", 16)).cookedAt(Mixtures.BOILING);

        assertThat(grade(corn, 60)).isBetween(4.4, 5.3);
        assertThat(grade(flour, 60)).isCloseTo(grade(corn, 60), within(0.3));
    }

    @Test
    void cornSetsWhenColdAndWaxyCornStaysLoose() {
        Mixture corn =
                Mixtures.of("water", 240).plus(Mixtures.of("corn-starch", 8)).cookedAt(Mixtures.BOILING);
        Mixture waxy = Mixtures.of("water", 240)
                .plus(Mixtures.of("waxy-corn-starch", 8))
                .cookedAt(Mixtures.BOILING);

        assertThat(grade(corn, 20) - grade(corn, 60)).isGreaterThan(grade(waxy, 20) - grade(waxy, 60) + 0.4);
        assertThat(grade(corn, 40) - grade(corn, 60))
                .isCloseTo(2 * Math.log10(1.4 * Math.exp(1534 * (1 / 313.15 - 1 / 333.15))), within(0.02));
    }

    @Test
    void sugarTakesWaterFromStarch() {
        Mixture plain =
                Mixtures.of("water", 240).plus(Mixtures.of("corn-starch", 8)).cookedAt(Mixtures.BOILING);
        Mixture sweet =
                Mixtures.sucrose(60, 240).plus(Mixtures.of("corn-starch", 8)).cookedAt(Mixtures.BOILING);
        Mixture syrup = Mixtures.sucrose(60, 240);

        double byStarchPlain = Thickness.sources(plain, Celsius.of(60)).starch();
        double byStarchSweet = Thickness.sources(sweet, Celsius.of(60)).starch()
                / Math.sqrt(Thickness.of(syrup, Celsius.of(60)).serum().millipascalSeconds() / 0.467);
        assertThat(byStarchSweet).isLessThan(0.5 * byStarchPlain);
    }

    @Test
    void sourcesAddUpToTheThickness() {
        Mixture mixed = Mixtures.puree(8, 300)
                .plus(Mixtures.sucrose(40, 200))
                .plus(Mixtures.of("corn-starch", 10))
                .cookedAt(Mixtures.BOILING);
        Thickness.Sources sources = Thickness.sources(mixed, Celsius.of(60));
        double water =
                Thickness.of(Mixtures.of("water", 1), Celsius.of(60)).apparent().millipascalSeconds();

        assertThat(sources.serum() + sources.body() + sources.starch() + water)
                .isCloseTo(Thickness.of(mixed, Celsius.of(60)).apparent().millipascalSeconds(), within(1e-6));
        assertThat(sources.body()).isPositive();
        assertThat(sources.starch()).isPositive();
    }

    @Test
    void theFactorOfASauceMultipliesWhatThickensItBeyondItsSerum() {
        Mixture puree = Mixtures.puree(10, 100);
        Rheology plain = Thickness.of(puree, Celsius.of(60));
        Rheology doubled = Thickness.of(puree, Celsius.of(60), ThicknessFactor.of(2));

        assertThat(doubled.apparent().pascalSeconds() - doubled.serum().pascalSeconds())
                .isCloseTo(2 * (plain.apparent().pascalSeconds() - plain.serum().pascalSeconds()), within(1e-12));
    }

    @Test
    void creamIsThickerTheFatterItIs() {
        assertThat(grade(Mixtures.of("heavy-cream", 100), 20))
                .isGreaterThan(grade(Mixtures.of("single-cream", 100), 20) + 0.5);
    }

    @Test
    void aSyrupFlowsAsOneAndAPureeThinsWhenStirred() {
        Rheology syrup = Thickness.of(Mixtures.sucrose(65, 100), Celsius.of(20));
        Rheology puree = Thickness.of(Mixtures.puree(20, 100), Celsius.of(20));

        assertThat(syrup.flowBehaviourIndex()).isCloseTo(1, within(1e-9));
        assertThat(syrup.yieldStress()).isZero();
        assertThat(puree.flowBehaviourIndex()).isBetween(0.38, 0.42);
        assertThat(puree.yieldStress()).isGreaterThan(1);
        assertThat(puree.consistencyCoefficient() * Math.pow(50, puree.flowBehaviourIndex() - 1))
                .isCloseTo(puree.apparent().pascalSeconds(), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"3.0", "4.0", "5.0", "6.0", "7.0", "8.0"})
    void thePlateTellsTheGradeThatSpreadSo(double value) {
        Viscosity serum = Viscosity.ofMillipascalSeconds(1);
        Density density = Density.ofGramsPerMillilitre(1.1);
        Length spread = PlateSpread.diameter(new Rheology(serum, Grade.of(value).viscosity()), density);

        assertThat(PlateSpread.grade(spread, serum, density).orElseThrow().value())
                .isCloseTo(value, within(1e-6));
    }

    @Test
    void thickerSpreadsLess() {
        Viscosity serum = Viscosity.ofMillipascalSeconds(1);
        Density density = Density.ofGramsPerMillilitre(1.1);
        double before = Double.MAX_VALUE;
        for (double g = 1; g < 9; g += 0.1) {
            double spread = PlateSpread.diameter(new Rheology(serum, Grade.of(g).viscosity()), density)
                    .centimetres();
            assertThat(spread).as("at grade %s", g).isLessThan(before);
            before = spread;
        }
        assertThat(before).isBetween(2.0, 6.0);
    }

    @Test
    void aSpreadThatNoSauceCanHaveTellsNothing() {
        Viscosity serum = Viscosity.ofMillipascalSeconds(50);
        Density density = Density.ofGramsPerMillilitre(1.2);

        assertThat(PlateSpread.grade(Length.ofCentimetres(60), serum, density)).isEmpty();
        assertThat(PlateSpread.grade(Length.ofCentimetres(0.5), serum, density)).isEmpty();
    }

    @Test
    void aNewtonianPoolSpreadsByHuppertsLaw() {
        Rheology oil = new Rheology(new Viscosity(0.5), new Viscosity(0.5));
        double expected = 0.894 * Math.pow(9.81 * Math.pow(15e-6, 3) / (3 * 0.5 / 1000), 0.125) * Math.pow(30, 0.125);

        assertThat(PlateSpread.diameter(oil, Density.ofGramsPerMillilitre(1)).metres())
                .isCloseTo(2 * expected, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "2.49, RUNS_CLEAR",
        "2.5, THIN_VEIL",
        "3.59, THIN_VEIL",
        "3.6, LINE_FILLS",
        "4.4, LINE_STAYS",
        "5.3, FALLS_IN_SHEETS",
        "6.19, FALLS_IN_SHEETS",
        "6.2, MOUNDS",
        "9, MOUNDS"
    })
    void aSpoonShowsTheLookOfItsGrade(double grade, SpoonCoat look) {
        assertThat(SpoonCoat.of(Grade.of(grade))).isEqualTo(look);
        assertThat(look.shows(Grade.of(grade))).isTrue();
        assertThat(look.shows(look.grade())).isTrue();
    }

    @Test
    void gradesAndViscositiesAreTheSameThing() {
        assertThat(Grade.of(Viscosity.ofMillipascalSeconds(1000)).value()).isCloseTo(6, within(1e-12));
        assertThat(Grade.of(4.7).viscosity().millipascalSeconds()).isCloseTo(223.9, within(0.1));
    }

    @Test
    void theImpossibleIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> Thickness.of(Mixture.EMPTY, Celsius.of(60)));
        assertThatIllegalArgumentException().isThrownBy(() -> new Rheology(new Viscosity(2), new Viscosity(1)));
        assertThatIllegalArgumentException().isThrownBy(() -> new Viscosity(Double.NaN));
        assertThatIllegalArgumentException().isThrownBy(() -> Grade.of(Double.POSITIVE_INFINITY));
        assertThatIllegalArgumentException().isThrownBy(() -> ThicknessFactor.of(0));
    }

    @Test
    void ninetyPerCentSugarStillComputes() {
        assertThat(grade(Mixtures.sucrose(90, 100), 5)).isFinite().isBetween(7.0, 9.0);
        assertThat(grade(Mixtures.sucrose(99.9, 100), 160)).isFinite();
    }
}
