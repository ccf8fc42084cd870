package app.gradior.web.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.web.batch.BatchSummary;
import app.gradior.web.batch.TestSummary;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Batches drawn beside each other and small: everything on the drawing, thicker higher, misses marked. */
class StoryDrawingTest {

    static BatchSummary batch(double stove, double warm, double cold, Double low, Double high, boolean servedCold) {
        return new TestSummary()
                .thick(stove, warm, cold)
                .wanted(low, high, servedCold)
                .summary();
    }

    @Test
    void thickerStandsHigherAndEverythingStaysOnTheDrawing() {
        List<BatchSummary> batches = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            batches.add(batch(2 + i * .5, 3 + i * .5, 4 + i * .6, 5.8, 6.5, i % 2 == 0));
        }
        StoryDrawing drawing = StoryDrawing.of(batches, new StoryDrawing.Next(5, 6, 7));

        assertThat(drawing.climbs()).hasSize(8).allSatisfy(column -> {
            assertThat(column.stoveY()).isGreaterThanOrEqualTo(column.warmY());
            assertThat(column.warmY()).isGreaterThanOrEqualTo(column.coldY());
            assertThat(column.stoveX()).isGreaterThan(60);
            assertThat(column.coldX()).isLessThan(810);
            assertThat(column.coldY()).isBetween(10.0, 460.0);
            assertThat(column.stoveY()).isBetween(10.0, 460.0);
        });
        assertThat(drawing.climbs().get(0).path()).startsWith("M").contains("C");
        for (int i = 1; i < drawing.climbs().size(); i++) {
            assertThat(drawing.climbs().get(i).stoveX())
                    .isGreaterThan(drawing.climbs().get(i - 1).coldX());
        }
        assertThat(drawing.ticks().get(0).y())
                .isGreaterThan(drawing.ticks().get(1).y());
        assertThat(drawing.looks())
                .isNotEmpty()
                .extracting(StoryDrawing.Look::look)
                .doesNotHaveDuplicates();
        assertThat(drawing.band().height()).isPositive();
    }

    @ParameterizedTest
    @CsvSource({"6.0, ''", "6.8, '▲ '", "5.1, '▼ '"})
    void whatMissesTheBandIsMarked(double warm, String mark) {
        StoryDrawing drawing = StoryDrawing.of(List.of(batch(4, warm, 8, 5.8, 6.5, false)), null);
        assertThat(drawing.climbs().get(0).miss()).isEqualTo(mark);
        assertThat(drawing.climbs().get(0).served()).isEqualTo(warm);
    }

    @Test
    void withoutAWantedThicknessThereIsNoBandAndNoMiss() {
        BatchSummary batch = batch(0.1, 0.3, 5, null, null, false);
        StoryDrawing drawing = StoryDrawing.of(List.of(batch), null);
        assertThat(drawing.band()).isNull();
        assertThat(drawing.climbs().get(0).miss()).isEmpty();
        assertThat(drawing.ticks().get(0).grade()).isZero();
        assertThat(batch.missed()).isEmpty();
    }

    @Test
    void whatIsEatenColdIsJudgedCold() {
        assertThat(batch(4, 5, 7, 5.8, 6.5, true).missed().orElseThrow()).isCloseTo(.5, within(1e-9));
        assertThat(batch(4, 5, 7, 5.8, 6.5, false).missed().orElseThrow()).isCloseTo(-.8, within(1e-9));
        assertThat(batch(4, 6, 7, 5.8, 6.5, false).missed().orElseThrow()).isZero();
    }

    @Test
    void aSmallClimbStaysOnItsDrawingHoweverThick() {
        for (double grade : new double[] {-1, 0.2, 3, 9.5}) {
            Climb climb = Climb.of(batch(grade, grade, grade, 3.6, 4.4, false)).orElseThrow();
            assertThat(climb.stoveY()).isBetween(3.0, 37.0);
            assertThat(climb.coldY()).isBetween(3.0, 37.0);
            assertThat(climb.wanted()).isTrue();
        }
        assertThat(Climb.of(batch(1, 2, 3, null, null, false)).orElseThrow().wanted())
                .isFalse();
    }
}
