package app.gradior.thickness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The figures of {@code docs/model.md} for what sets in the cold, worked out by hand. */
class GelTest {
    private static Mixture of(double waterGrams, double sugarGrams, double acidGrams, double pectinGrams) {
        return new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(waterGrams))
                .with(Component.SUCROSE, Mass.ofGrams(sugarGrams))
                .with(Component.OTHER_ACIDS, Mass.ofGrams(acidGrams))
                .withPectin(Mass.ofGrams(pectinGrams))
                .build();
    }

    private static Mixture gelatin(double grams) {
        return new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(100))
                .with(Component.PROTEIN, Mass.ofGrams(grams))
                .withGelatin(Mass.ofGrams(grams))
                .build();
    }

    @ParameterizedTest
    @CsvSource({
        "1, 5, 400", // all of it set
        "1, 10, 400",
        "2, 10, 1600", // by its square
        "2, 20, 800", // half of the way from 30 to 10 °C
        "2, 25, 400",
        "2, 30, 0",
        "2, 60, 0",
        "0, 5, 0",
    })
    void gelatinSetsBetweenThirtyAndTenDegrees(double gelatin, double celsius, double strength) {
        assertThat(Gel.strength(gelatin(gelatin), Celsius.of(celsius))).isCloseTo(strength, within(1e-6));
    }

    /** 100 g in all: 0.5 g of pectin, 1 g of acid, sugar to 66 Brix and the rest water. */
    @ParameterizedTest
    @CsvSource({
        "66, 1, 0.5, 25, 1200",
        "66, 1, 0.5, 5, 1200",
        "66, 1, 1, 25, 4800",
        "66, 1, 0.5, 47.5, 300", // half cooled: by the square
        "66, 1, 0.5, 70, 0",
        "66, 1, 0.25, 25, 150", // half of what it takes
        "66, 1, 0.2, 25, 0",
        "66, 0.2, 0.5, 25, 600", // half of the acid that it takes
        "66, 0.1, 0.5, 25, 0",
        "57.5, 1, 0.5, 25, 690", // 0.15 + 0.85/2
        "50, 1, 0.5, 25, 180",
        "47.5, 1, 0.5, 25, 90",
        "45, 1, 0.5, 25, 0",
        "30, 1, 0.5, 25, 0",
    })
    void pectinSetsWithSugarAndAcid(double brix, double acid, double pectin, double celsius, double strength) {
        Mixture jam = of(100 - brix, brix - acid, acid, pectin);

        assertThat(jam.brix().percent()).isCloseTo(brix, within(1e-9));
        assertThat(Gel.strength(jam, Celsius.of(celsius))).isCloseTo(strength, within(1e-6 * (1 + strength)));
    }

    @ParameterizedTest
    @CsvSource({
        "0.6, NOT",
        "0.8, LOOSELY",
        "1.4, LOOSELY",
        "1.6, LIKE_JELLY",
        "3.9, LIKE_JELLY",
        "4.1, RUBBERY",
    })
    void howItStandsIsToldByTheGelatin(double percent, Gel.Set set) {
        assertThat(Gel.of(gelatin(percent), Celsius.of(5))).isEqualTo(set);
    }

    @Test
    void aPlateOfGelatinIsNoStrongerThanTheMostThereCanBe() {
        Mixture plates = new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(10))
                .with(Component.PROTEIN, Mass.ofGrams(30))
                .withGelatin(Mass.ofGrams(30))
                .build();

        assertThat(Gel.strength(plates, Celsius.of(5))).isCloseTo(400 * 100 * 100.0, within(1e-3));
        assertThat(Gel.of(Mixtures.of("water", 100), Celsius.of(5))).isEqualTo(Gel.Set.NOT);
    }
}
