package app.gradior.web.sauce;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.web.text.UnitFormat;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AssumptionTextTest {
    private final AssumptionText text = new AssumptionText(UnitFormat.METRIC);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 shallots | 1 shallot taken as 30 g",
                "a splash of vinegar | a splash taken as 15 g",
                "salt to taste | to taste taken as 2 g",
                "1–2 cups water | the middle of the range",
                "8 oz milk | ounces of a liquid taken as fluid ounces",
                "2 cm ginger | 1 cm taken as 5 g",
                "200 g plums | ''",
            })
    void whatWasTakenForGrantedIsSaid(String line, String words) {
        ReadLine.Understood food = LineGrammar.shipped().read(line).foods().get(0);

        assertThat(text.of(food.assumptions())).isEqualTo(words);
    }
}
