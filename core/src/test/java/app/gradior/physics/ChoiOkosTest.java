package app.gradior.physics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.quantity.Altitude;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChoiOkosTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    WATER       | 10 | 996.836 | 4175.839
                    WATER       | 80 | 973.384 | 4203.959
                    PROTEIN     | 10 | 1324.716 | 2020.158
                    PROTEIN     | 80 | 1288.428 | 2096.509
                    FAT         | 10 | 921.414 | 1998.453
                    FAT         | 80 | 892.184 | 2071.339
                    FIBRE       | 10 | 1307.841 | 1863.741
                    FIBRE       | 80 | 1282.229 | 1962.582
                    SALT        | 10 | 2420.994 | 1111.128
                    SALT        | 80 | 2401.350 | 1220.205
                    SUCROSE     | 10 | 1595.995 | 1567.831
                    SUCROSE     | 80 | 1574.263 | 1667.785
                    ETHANOL     | 10 | 797.600 | 2440.000
                    ETHANOL     | 80 | 737.400 | 2440.000
                    ACETIC_ACID | 10 | 1060.500 | 2050.000
                    ACETIC_ACID | 80 | 983.500 | 2050.000
                    """)
    void everyComponentHasItsPublishedDensityAndSpecificHeat(
            Component component, double t, double density, double specificHeat) {
        Mixture pure = new Mixture.Builder().with(component, Mass.ofGrams(100)).build();

        assertThat(ChoiOkos.density(pure, Celsius.of(t)).kilogramsPerCubicMetre())
                .isCloseTo(density, within(0.001));
        assertThat(ChoiOkos.specificHeat(pure, Celsius.of(t)).joulesPerKilogramKelvin())
                .isCloseTo(specificHeat, within(0.001));
    }

    @Test
    void volumesAndHeatsAddByMass() {
        Mixture half = Mixtures.sucrose(50, 200);
        double volume = 100 / 1.592891 + 100 / 0.99574;

        assertThat(ChoiOkos.volume(half, Celsius.of(20)).millilitres()).isCloseTo(volume, within(0.02));
        assertThat(ChoiOkos.density(half, Celsius.of(20)).gramsPerMillilitre()).isCloseTo(200 / volume, within(1e-4));
        assertThat(ChoiOkos.specificHeat(half, Celsius.of(10)).joulesPerKilogramKelvin())
                .isCloseTo((4175.839 + 1567.831) / 2, within(0.001));
    }

    @Test
    void fatTakesMoreOfTheVolumeThanOfTheWeight() {
        assertThat(ChoiOkos.fatVolumeFraction(Mixtures.of("heavy-cream", 100))).isBetween(0.37, 0.42);
        assertThat(ChoiOkos.fatVolumeFraction(Mixtures.of("olive-oil", 100))).isCloseTo(1, within(1e-9));
        assertThat(ChoiOkos.fatVolumeFraction(Mixtures.of("water", 100))).isZero();
    }

    @Test
    void anEmptyMixtureHasNoDensityAndNoVolume() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ChoiOkos.density(Mixture.EMPTY, Celsius.of(20)))
                .withMessageContaining("empty");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ChoiOkos.specificHeat(Mixture.EMPTY, Celsius.of(20)))
                .withMessageContaining("empty");
        assertThat(ChoiOkos.volume(Mixture.EMPTY, Celsius.of(20)).litres()).isZero();
    }

    @Test
    void saltAndSugarsLowerTheWaterActivityTogether() {
        Mixture brine = Mixtures.of("water", 90)
                .plus(new Mixture.Builder()
                        .with(Component.SALT, Mass.ofGrams(10))
                        .build());
        Mixture syrup = new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(50))
                .with(Component.SUCROSE, Mass.ofGrams(40))
                .with(Component.SIMPLE_SUGARS, Mass.ofGrams(5))
                .with(Component.SALT, Mass.ofGrams(5))
                .build();

        assertThat(Solution.waterActivity(brine).value()).isCloseTo(0.9351, within(1e-4));
        // Sugars alone give 0.9405, a brine of 5 g in 50 g of water 0.9420.
        assertThat(Solution.waterActivity(syrup).value()).isCloseTo(0.8856, within(1e-4));
        assertThat(Solution.waterActivity(Mixtures.of("water", 10))).isEqualTo(Share.ALL);
        assertThat(Solution.waterActivity(Mixture.EMPTY)).isEqualTo(Share.ALL);
        assertThat(Solution.waterActivity(Mixtures.of("olive-oil", 10))).isEqualTo(Share.NONE);
    }

    @Test
    void whatHasAlmostNoWaterHasNoBoilingPointBelowThatOfCaramel() {
        assertThat(Solution.boilingPoint(Mixtures.of("olive-oil", 10), Atmosphere.at(Altitude.SEA_LEVEL)))
                .isEqualTo(Celsius.of(160));
    }

    @Test
    void airThinsWithAltitude() {
        assertThat(Atmosphere.at(Altitude.SEA_LEVEL).kilopascals()).isCloseTo(101.325, within(1e-9));
        assertThat(Atmosphere.at(Altitude.ofMetres(2000)).kilopascals()).isCloseTo(79.5, within(0.05));
    }
}
