package app.gradior.physics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SolubilityTest {
    private static Mixture of(double water, double ethanol, double sucrose, double simple, double salt) {
        return new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(water))
                .with(Component.ETHANOL, Mass.ofGrams(ethanol))
                .with(Component.SUCROSE, Mass.ofGrams(sucrose))
                .with(Component.SIMPLE_SUGARS, Mass.ofGrams(simple))
                .with(Component.SALT, Mass.ofGrams(salt))
                .build();
    }

    /** The handbook's percentages: p in 100 g of solution is p/(100 − p) for each gram of water. */
    @ParameterizedTest
    @CsvSource({"20, 66.7", "40, 70.0", "60, 74.2", "80, 78.4", "100, 83.0", "30, 68.35", "90, 80.7"})
    void waterHoldsAsMuchSucroseAsTheHandbooksSay(double celsius, double percent) {
        double held = 100 * percent / (100 - percent);

        assertThat(Solubility.sugarCrystals(of(100, 0, held + 40, 0, 0), Celsius.of(celsius))
                        .grams())
                .isCloseTo(40, within(1e-6));
        assertThat(Solubility.sugarCrystals(of(100, 0, held - 1e-6, 0, 0), Celsius.of(celsius)))
                .isEqualTo(Mass.ZERO);
    }

    @Test
    void sugarsOfTwoKindsHoldEachOtherAndSpiritHoldsAsWater() {
        // Two thirds simple: half of the way from a third to all, so 7 points more.
        double held = 100 * 73.7 / (100 - 73.7);
        Mixture mixed = of(100, 0, (held + 30) / 3, (held + 30) * 2 / 3, 0);
        assertThat(Solubility.sugarCrystals(mixed, Celsius.of(20)).grams()).isCloseTo(30, within(1e-6));

        double plain = 100 * 66.7 / (100 - 66.7);
        assertThat(Solubility.sugarCrystals(of(80, 20, plain + 10, 0, 0), Celsius.of(20))
                        .grams())
                .isCloseTo(10, within(1e-6));
    }

    @Test
    void aBrineHoldsTwentySixPerCentOfItsWeight() {
        double held = 50 * 0.264 / (1 - 0.264);

        assertThat(Solubility.saltCrystals(of(50, 0, 0, 0, held + 5)).grams()).isCloseTo(5, within(1e-6));
        assertThat(Solubility.saltCrystals(of(50, 0, 0, 0, held - 0.1))).isEqualTo(Mass.ZERO);
    }

    @ParameterizedTest
    @ValueSource(doubles = {20, 60, 100, 118})
    void theSlopeOfTheVapourPressureIsItsDerivative(double t) {
        double h = 1e-4;
        double slope = (Math.log(Steam.vapourPressurePa(t + h)) - Math.log(Steam.vapourPressurePa(t - h))) / (2 * h);

        assertThat(Steam.logSlope(t)).isCloseTo(slope, within(1e-8));
    }
}
