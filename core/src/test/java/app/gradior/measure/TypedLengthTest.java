package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedLengthTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            24           | 240
            24 cm        | 240
            24cm         | 240
            24,5 cm      | 245
            24.5 CM      | 245
            240 mm       | 240
            24 centimetres | 240
            24 centimeters | 240
            9.5 in       | 241.3
            9.5 inches   | 241.3
            10"          | 254
            10”          | 254
            """)
    void aWidthIsReadInItsUnitAndInCentimetresWithoutOne(String typed, double millimetres) {
        assertThat(TypedLength.read(typed, false).orElseThrow().millimetres()).isCloseTo(millimetres, within(1e-9));
    }

    @Test
    void aPlainNumberIsOneOfInchesWhereThatIsTheUnit() {
        assertThat(TypedLength.read("10", true).orElseThrow().millimetres()).isCloseTo(254, within(1e-9));
        assertThat(TypedLength.read("24 cm", true).orElseThrow().millimetres()).isCloseTo(240, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "wide", "cm", "-5", "0", "24 kg", "1e3", "NaN", "24 cm cm x", "½"})
    void whatIsNoWidthIsNone(String typed) {
        assertThat(TypedLength.read(typed, false)).isEmpty();
    }

    @Test
    void nothingTypedIsNoWidth() {
        assertThat(TypedLength.read(null, false)).isEmpty();
        assertThat(TypedLength.altitude(null, false)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"8, true", "60, true", "7.9, false", "60.1, false"})
    void aPanIsAsWideAsPansAre(String typed, boolean pan) {
        assertThat(TypedLength.panWidth(typed, false).isPresent()).isEqualTo(pan);
    }

    @ParameterizedTest
    @CsvSource({"500 m, 500", "0, 0", "'1,600 ft', 487.68", "5280 feet, 1609.344", "-100 m, -100", "1609 metres, 1609"})
    void aHeightIsReadInMetresAndFeet(String typed, double metres) {
        assertThat(TypedLength.altitude(typed, false).orElseThrow().metres()).isCloseTo(metres, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"high", "9000 m", "-500 m", "500 kg", ""})
    void whereNobodyCooksIsNoHeight(String typed) {
        assertThat(TypedLength.altitude(typed, false)).isEmpty();
    }

    @Test
    void aPlainHeightIsInFeetWhereThatIsTheUnit() {
        assertThat(TypedLength.altitude("1000", true).orElseThrow().metres()).isCloseTo(304.8, within(1e-6));
    }
}
