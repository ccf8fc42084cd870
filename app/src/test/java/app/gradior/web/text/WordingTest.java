package app.gradior.web.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import org.junit.jupiter.api.Test;

/** Outside of any kitchen's page everything is metric; what a kitchen that reads ounces sees is in {@code EquipmentTest}. */
class WordingTest {
    private final Wording say = new Wording(Clock.systemUTC());

    @Test
    void lengthsAndPacesAreRoundedAsACookReadsThem() {
        assertThat(say.depth(31.6)).isEqualTo("32 mm");
        assertThat(say.width(204, 0)).isEqualTo("20 cm");
        assertThat(say.width(81.6, 1)).isEqualTo("8.2 cm");
        assertThat(say.pace(18.4)).isEqualTo("18 g a minute");
        assertThat(say.pace(4.25)).isEqualTo("4.3 g a minute");
        assertThat(say.perMinute(18.4)).isEqualTo("18 g/min");
    }

    @Test
    void aRangeOfOneFigureIsThatFigure() {
        assertThat(say.gramsBetween(172.8, 173.3)).isEqualTo("173 g");
        assertThat(say.gramsBetween(160, 173)).isEqualTo("160 g to 173 g");
    }
}
