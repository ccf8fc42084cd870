package app.gradior.web.pots;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.learning.EvaporationKnowledge;
import app.gradior.learning.RangeKeeping;
import app.gradior.pot.Activity;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.batch.TestSummary;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A pot's batches drawn: the faster the higher, the latest last, all of it on the drawing. */
class PaceDrawingTest {
    private static final EvaporationKnowledge.Known USUAL = new EvaporationKnowledge(
                    List.of(), pot -> true, RangeKeeping.NONE)
            .about(EvaporationKnowledge.PotRingActivity.of(UUID.randomUUID(), UUID.randomUUID(), Activity.SIMMER));

    private static BatchSummary batch(double lnK, boolean excluded) {
        return new TestSummary().tells(lnK, 0.1, excluded).summary();
    }

    @Test
    void fasterStandsHigherAndAllIsOnTheDrawing() {
        List<BatchSummary> latestFirst = List.of(batch(2, false), batch(0.2, true), batch(-0.3, false));
        PaceDrawing drawing = PaceDrawing.of(latestFirst, USUAL);

        assertThat(drawing.dots())
                .extracting(PaceDrawing.Dot::batch)
                .containsExactly(
                        latestFirst.get(2).id(),
                        latestFirst.get(1).id(),
                        latestFirst.get(0).id());
        assertThat(drawing.dots().get(1).excluded()).isTrue();
        assertThat(drawing.high()).isLessThan(drawing.usual());
        assertThat(drawing.low()).isGreaterThan(drawing.usual());
        for (int i = 0; i < 3; i++) {
            PaceDrawing.Dot dot = drawing.dots().get(i);
            assertThat(dot.top()).isBetween(0.0, dot.y());
            assertThat(dot.bottom()).isBetween(dot.y(), PaceDrawing.HEIGHT);
            assertThat(dot.y() < drawing.usual())
                    .isEqualTo(latestFirst.get(2 - i).learntLnK() > 0);
        }
    }

    @Test
    void smallDifferencesLookSmall() {
        PaceDrawing drawing = PaceDrawing.of(List.of(batch(0.02, false), batch(-0.02, false)), USUAL);
        assertThat(drawing.dots().get(1).y() - drawing.dots().get(0).y()).isBetween(-12.0, 0.0);
    }
}
