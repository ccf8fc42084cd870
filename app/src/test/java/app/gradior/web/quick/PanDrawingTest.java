package app.gradior.web.quick;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.pot.Pot;
import app.gradior.quantity.Length;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PanDrawingTest {
    @ParameterizedTest
    @CsvSource({"24, 27, 7", "24, 27, 26.5", "60, 5, 0.2", "8, 55, 54", "20, 100, 1", "14, 0, 0"})
    void theLabelsOfTheLevelsNeverMeetAndStayInTheDrawing(double centimetres, double now, double stop) {
        PanDrawing drawn = PanDrawing.of(Pot.ofWidth(Length.ofCentimetres(centimetres)), now, stop);
        assertThat(drawn.stopLabel() - drawn.nowLabel()).isGreaterThanOrEqualTo(20);
        String[] box = drawn.box().split(" ");
        double top = Double.parseDouble(box[1]);
        assertThat(drawn.nowLabel() - 14).isGreaterThanOrEqualTo(top);
        assertThat(drawn.stopLabel()).isLessThanOrEqualTo(top + Double.parseDouble(box[3]));
        assertThat(drawn.left()).isPositive();
        assertThat(drawn.left() + drawn.width()).isLessThan(620);
        assertThat(drawn.wall() + drawn.nowBelow() + drawn.stopBelow()).doesNotContain("NaN");
    }

    @ParameterizedTest
    @CsvSource({"24", "9.5"})
    void theLevelsAreToTheScaleOfThePan(double centimetres) {
        PanDrawing drawn = PanDrawing.of(Pot.ofWidth(Length.ofCentimetres(centimetres)), 30, 10);
        double scale = drawn.width() / (10 * centimetres);
        assertThat(drawn.base() - drawn.now()).isEqualTo(30 * scale, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(drawn.now()).isLessThan(drawn.stop());
    }
}
