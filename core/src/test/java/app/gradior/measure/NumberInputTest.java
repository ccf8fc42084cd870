package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.NullSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumberInputTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    21.5        | 21.5
                    21,5        | 21.5
                    ' 300 '     | 300
                    −7          | -7
                    -7          | -7
                    +3          | 3
                    .5          | 0.5
                    1 200       | 1200
                    1,200       | 1200
                    1,200.5     | 1200.5
                    1.200,5     | 1200.5
                    1'200       | 1200
                    0,125       | 0.125
                    12,34       | 12.34
                    """)
    void readsNumbersAsPeopleTypeThem(String typed, double number) {
        assertThat(NumberInput.read(typed)).hasValue(number);
    }

    @ParameterizedTest
    @NullSource
    @ValueSource(
            strings = {
                "",
                " ",
                "NaN",
                "Infinity",
                "1e3",
                "0x1p3",
                "1d",
                "5 g",
                "1-2",
                "1,2,3",
                "..5",
                "9999999999999999999999"
            })
    void saysSoWhereThatIsNoPlainNumber(String typed) {
        assertThat(NumberInput.read(typed)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"-400", "5500", "0"})
    void allowsBothBounds(String typed) {
        assertThat(NumberInput.read(typed, -400, 5500)).isPresent();
        assertThat(NumberInput.read(typed, 5501, 9000)).isEmpty();
    }
}
