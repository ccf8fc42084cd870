package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class CookRoundingTest {
    @ParameterizedTest(name = "{0} {1} is {2} {3}")
    @CsvSource({
        "3.14,   GRAM,          3.1,   GRAM",
        "7.3,    GRAM,          7.5,   GRAM",
        "43.4,   GRAM,          43,    GRAM",
        "533.2,  GRAM,          535,   GRAM",
        "1234,   GRAM,          1230,  GRAM",
        "12345,  GRAM,          12.35, KILOGRAM",
        "0.02,   GRAM,          0.1,   GRAM",
        "333,    MILLILITRE,    335,   MILLILITRE",
        "1.333,  KILOGRAM,      1.33,  KILOGRAM",
        "0.4,    TEASPOON,      ½,     TEASPOON",
        "0.13,   TEASPOON,      ⅛,     TEASPOON",
        "0.01,   TEASPOON,      ⅛,     TEASPOON",
        "3,      TEASPOON,      1,     TABLESPOON",
        "4.5,    TEASPOON,      1½,    TABLESPOON",
        "4,      TABLESPOON,    ¼,     CUP",
        "5.3,    TABLESPOON,    ⅓,     CUP",
        "0.125,  CUP,           2,     TABLESPOON",
        "0.66,   CUP,           ⅔,     CUP",
        "1.7,    CUP,           1⅔,    CUP",
        "6,      METRIC_TEASPOON, 2,   METRIC_TABLESPOON",
        "2.3,    OUNCE,         2.25,  OUNCE",
        "6.3,    OUNCE,         6.5,   OUNCE",
        "1.3,    POUND,         1⅓,    POUND",
    })
    void saysWhatACookCanMeasure(double count, KitchenUnit unit, String number, KitchenUnit handy) {
        CookRounding.Said said = CookRounding.measured(count, unit);

        assertThat(said.number()).isEqualTo(number);
        assertThat(said.unit()).isEqualTo(handy);
    }

    @ParameterizedTest
    @CsvSource({"1, 1", "1.4, 1½", "2.8, 3", "0.3, ¼", "0.05, ⅛", "12.1, 12"})
    void countsPiecesInHalves(double count, String number) {
        assertThat(CookRounding.pieces(count).number()).isEqualTo(number);
    }

    @ParameterizedTest
    @EnumSource(KitchenUnit.class)
    void neverMakesNothingOfSomethingAndStaysNear(KitchenUnit unit) {
        Random random = new Random(unit.ordinal());
        for (int i = 0; i < 200; i++) {
            double count = Math.exp(random.nextDouble() * 6 - 1);
            CookRounding.Said said = CookRounding.measured(count, unit);
            double before = grams(count, unit);
            assertThat(said.count()).isPositive();
            assertThat(grams(said.count(), said.unit()))
                    .as("%s %s", count, unit)
                    .isCloseTo(before, within(0.35 * before + 0.4));
        }
    }

    private static double grams(double count, KitchenUnit unit) {
        return unit.mass(count, app.gradior.quantity.Density.ofGramsPerMillilitre(1))
                .grams();
    }

    @Test
    void writesExactNumbersWithoutNeedlessDigits() {
        assertThat(CookRounding.exactly(533.2)).isEqualTo("533.2");
        assertThat(CookRounding.exactly(1.0)).isEqualTo("1");
        assertThat(CookRounding.exactly(1 / 3.0)).isEqualTo("0.3333");
        assertThat(CookRounding.exactly(12345.6)).isEqualTo("12350");
    }
}
