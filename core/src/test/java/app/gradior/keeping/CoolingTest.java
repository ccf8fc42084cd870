package app.gradior.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.gradior.keeping.Cooling.Bath;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import java.time.Duration;
import org.junit.jupiter.api.Test;

class CoolingTest {
    /** A jar of 250 ml. */
    private static final Cooling JAR = new Cooling(Length.ofMillimetres(22), false);

    @Test
    void aJarCoolsAsTablesSay() {
        assertThat(JAR.timeConstant(Bath.AIR).toSeconds() / 60.0).isCloseTo(83, withinPercentage(5));
        assertThat(JAR.timeConstant(Bath.ICE_BATH).toSeconds() / 60.0).isCloseTo(16, withinPercentage(5));
        assertThat(JAR.minutes(Celsius.of(85), Cooling.WARM, Bath.ICE_BATH).middle())
                .isCloseTo(23, withinPercentage(5));
    }

    @Test
    void fiveLitresInAPotTakeAllNight() {
        Cooling pot = Cooling.of(Length.ofCentimetres(24), Length.ofCentimetres(11), false);
        double hours = pot.minutes(Celsius.of(95), Celsius.of(25), Bath.AIR).middle() / 60;
        assertThat(hours).isGreaterThan(8);
        Cooling tray = Cooling.of(Length.ofCentimetres(24), Length.ofCentimetres(3), false);
        assertThat(tray.minutes(Celsius.of(95), Celsius.of(25), Bath.AIR).middle() / 60)
                .isLessThan(hours / 2);
    }

    @Test
    void whatTurnsOverCoolsFasterAndColderBathsToo() {
        Cooling thin = new Cooling(Length.ofMillimetres(40), true);
        Cooling thick = new Cooling(Length.ofMillimetres(40), false);
        Bath[] baths = {Bath.AIR, Bath.COLD_WATER, Bath.ICE_BATH};
        double last = Double.MAX_VALUE;
        for (Bath bath : baths) {
            double minutes = thick.minutes(Celsius.of(90), Celsius.of(30), bath).middle();
            assertThat(thin.minutes(Celsius.of(90), Celsius.of(30), bath).middle())
                    .isLessThan(minutes);
            assertThat(minutes).isLessThan(last);
            last = minutes;
        }
    }

    @Test
    void timeAndTemperatureAgree() {
        double minutes =
                JAR.minutes(Celsius.of(85), Celsius.of(30), Bath.FRIDGE).middle();
        assertThat(JAR.after(Celsius.of(85), Bath.FRIDGE, Duration.ofSeconds(Math.round(60 * minutes)))
                        .degrees())
                .isCloseTo(30, within(0.05));
        assertThat(JAR.minutes(Celsius.of(20), Celsius.of(30), Bath.FRIDGE).middle())
                .isZero();
        assertThat(JAR.minutes(Celsius.of(85), Celsius.of(30), Bath.FRIDGE).high())
                .isCloseTo(1.3 * minutes, within(1e-6));
        assertThatIllegalArgumentException().isThrownBy(() -> JAR.minutes(Celsius.of(85), Celsius.of(5), Bath.AIR));
        assertThatIllegalArgumentException().isThrownBy(() -> new Cooling(Length.ofMillimetres(1), false));
    }
}
