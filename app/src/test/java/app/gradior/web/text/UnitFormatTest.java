package app.gradior.web.text;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.quantity.Volume;
import java.time.Instant;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;

/** The same figure said to a cook who weighs in grams and to one who weighs in ounces. */
class UnitFormatTest {
    private final UnitFormat say = UnitFormat.METRIC;
    private final UnitFormat inOunces = new UnitFormat(UnitPreference.US);

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
    void whoReadsOuncesIsToldThemFirstAndGramsBeside() {
        assertThat(inOunces.grams(580)).isEqualTo("20.5 oz (580 g)");
        assertThat(inOunces.grams(56.7)).isEqualTo("2.00 oz (57 g)");
        assertThat(inOunces.millilitres(Volume.ofMillilitres(355))).isEqualTo("12.0 fl oz (355 ml)");
        assertThat(inOunces.depth(25.4)).isEqualTo("1.00 in (25 mm)");
        assertThat(inOunces.width(240)).isEqualTo("9.4 in");
        assertThat(inOunces.degrees(100)).isEqualTo("212 °F (100 °C)");
        assertThat(inOunces.potMarks()).isBetween(236.0, 237.0);
    }

    @Test
    void daysAndHoursAreThoseOfTheClockOnTheWall() {
        UnitFormat inSydney = new UnitFormat(new UnitPreference(
                UnitPreference.Units.METRIC, UnitPreference.TemperatureScale.CELSIUS, ZoneId.of("Australia/Sydney")));
        Instant at = Instant.parse("2026-11-26T20:05:00Z");

        assertThat(inSydney.dayAndClock(at)).isEqualTo("27 Nov, 07:05");
        assertThat(inSydney.dayField(at)).isEqualTo("2026-11-27");
        assertThat(inSydney.zone()).isEqualTo("Australia/Sydney");
        assertThat(say.dayAndClock(at)).isEqualTo("26 Nov, 20:05");
        assertThat(say.zone()).isEqualTo("UTC");
    }

    @Test
    void aRangeOfOneFigureIsThatFigure() {
        assertThat(say.gramsBetween(172.8, 173.3)).isEqualTo("173 g");
        assertThat(say.gramsBetween(160, 173)).isEqualTo("160 g to 173 g");
    }
}
