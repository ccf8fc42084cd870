package app.gradior.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.pot.Lid;
import java.util.function.DoubleConsumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class QuantitiesTest {
    private static Arguments bounded(String name, double below, double above, DoubleConsumer make) {
        return Arguments.of(name, below, above, make);
    }

    static Stream<Arguments> quantities() {
        return Stream.of(
                bounded("mass", -1e-9, 1e5, Mass::ofKilograms),
                bounded("volume", -1e-9, 21, Volume::new),
                bounded("length", -1e-9, 11, Length::new),
                bounded("temperature", -5.01, 160.01, Celsius::of),
                bounded("share", -1e-9, 1.0001, Share::of),
                bounded("density", 9, 5001, Density::new),
                bounded("pressure", -1, 3e6, Pressure::new),
                bounded("altitude", -431, 6001, Altitude::ofMetres),
                bounded("power", -1, 20_001, Power::ofWatts),
                bounded("energy", -1, 1e13, Energy::new),
                bounded("mass flow", -1, 11, MassFlow::new),
                bounded("share", -0.01, 1.01, Lid::of));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("quantities")
    void refuseTheImpossibleAndNameTheValueAndTheBound(String name, double below, double above, DoubleConsumer make) {
        for (double impossible : new double[] {below, above, Double.NaN, Double.NEGATIVE_INFINITY}) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> make.accept(impossible))
                    .withMessageContaining(name)
                    .withMessageContaining("between")
                    .withMessageContaining(String.valueOf(impossible));
        }
    }

    @Test
    void unitsConvertBothWays() {
        assertThat(Mass.ofGrams(250).kilograms()).isEqualTo(0.25);
        assertThat(Volume.ofMillilitres(250).litres()).isCloseTo(0.25, within(1e-12));
        assertThat(Volume.ofLitres(2).millilitres()).isCloseTo(2000, within(1e-9));
        assertThat(Length.ofCentimetres(24).millimetres()).isCloseTo(240, within(1e-9));
        assertThat(Celsius.of(20).kelvin()).isEqualTo(293.15);
        assertThat(MassFlow.ofGramsPerMinute(12).gramsPerMinute()).isCloseTo(12, within(1e-12));
        assertThat(Energy.ofKilocalories(100).kilocalories()).isCloseTo(100, within(1e-9));
        assertThat(new Energy(3.6e6).kilowattHours()).isEqualTo(1);
        assertThat(Mass.ofGrams(1000).at(Density.ofGramsPerMillilitre(1.25)).millilitres())
                .isCloseTo(800, within(1e-9));
        assertThat(Volume.ofMillilitres(100)
                        .at(Density.ofGramsPerMillilitre(1.4))
                        .grams())
                .isCloseTo(140, within(1e-9));
        assertThat(Share.ofPercent(30).rest().percent()).isCloseTo(70, within(1e-9));
        assertThat(new Pressure(101_325).kilopascals()).isEqualTo(101.325);
    }

    @Test
    void rangesRiseAndHoldTheirMiddle() {
        Interval interval = Interval.logNormal(20, 0.35);

        assertThat(interval.low()).isCloseTo(12.77, within(0.01));
        assertThat(interval.high()).isCloseTo(31.32, within(0.01));
        assertThat(interval.contains(20)).isTrue();
        assertThat(interval.contains(12)).isFalse();
        assertThat(interval.contains(32)).isFalse();
        assertThat(interval.plus(5).middle()).isEqualTo(25);
        assertThat(interval.times(2).high()).isCloseTo(2 * interval.high(), within(1e-12));
        assertThat(Interval.normal(10, 1).width()).isCloseTo(2.563, within(0.001));
        assertThatIllegalArgumentException().isThrownBy(() -> new Interval(2, 1, 3));
    }

    @Test
    void aTemperatureNeverFallsUnderTheLowest() {
        assertThat(Celsius.of(10).minus(3)).isEqualTo(Celsius.of(7));
        assertThat(Celsius.of(10).minus(50)).isEqualTo(Celsius.of(-5));
    }

    @Test
    void moreCanNotBeTakenThanThereIs() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Mass.ofGrams(1).minus(Mass.ofGrams(2)))
                .withMessageContaining("mass");
    }
}
