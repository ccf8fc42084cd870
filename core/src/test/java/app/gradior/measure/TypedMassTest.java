package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.NullSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedMassTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    702         | 702
                    702,5       | 702.5
                    -3          | -3
                    702 g       | 702
                    2.14 kg     | 2140
                    24.8 oz     | 703.07
                    5 lb 3 oz   | 2353.01
                    75½ oz      | 2140.39
                    """)
    void readsWhatScalesSay(String typed, double grams) {
        assertThat(TypedMass.grams(typed)).hasValueSatisfying(g -> assertThat(g).isCloseTo(grams, within(0.01)));
    }

    @ParameterizedTest
    @NullSource
    @ValueSource(strings = {"", "  ", "a lot", "NaN", "Infinity", "1e999", "2 cups", "5 g plums", "oz", "-5 oz"})
    void saysSoWhereThatIsNoWeight(String typed) {
        assertThat(TypedMass.grams(typed)).isEmpty();
    }
}
