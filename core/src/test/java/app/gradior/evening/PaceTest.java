package app.gradior.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What handwork took makes the next evening's times, and what can't have been work does not. */
class PaceTest {
    private static Pace of(int tasks, double took, double usual) {
        return Pace.of(Collections.nCopies(tasks, new Pace.Timed(took, usual)));
    }

    @Test
    void withoutAnythingToldItIsTheUsual() {
        assertThat(Pace.of(List.of())).isEqualTo(Pace.USUAL);
    }

    @Test
    void oneSlowTaskMovesItALittleAndManyMoveItAllTheWay() {
        assertThat(of(1, 20, 10).factor()).isEqualTo(1.15, within(1e-9));
        assertThat(of(4, 20, 10).factor()).isEqualTo(1.4, within(1e-9));
        assertThat(of(60, 15, 10).factor()).isEqualTo(1.45, within(1e-9));
        assertThat(of(60, 15, 10).told()).isEqualTo(60);
    }

    @Test
    void fastAndSlowInTurnAreTheUsual() {
        assertThat(Pace.of(List.of(new Pace.Timed(5, 10), new Pace.Timed(20, 10)))
                        .factor())
                .isEqualTo(1, within(1e-9));
    }

    @Test
    void aForgottenPressAndWhatIsOverInAMomentTellNothing() {
        assertThat(of(20, 90, 10)).isEqualTo(Pace.USUAL);
        assertThat(of(20, 0.1, 10)).isEqualTo(Pace.USUAL);
        assertThat(of(20, 3, 1)).isEqualTo(Pace.USUAL);
        assertThat(of(20, 0, 5)).isEqualTo(Pace.USUAL);
    }

    @Test
    void itStaysWithinItsBounds() {
        assertThat(of(500, 39, 10).factor()).isEqualTo(Pace.SLOWEST);
        assertThat(of(500, 2.6, 10).factor()).isEqualTo(Pace.FASTEST);
    }
}
