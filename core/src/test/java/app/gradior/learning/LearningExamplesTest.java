package app.gradior.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.learning.EvaporationKnowledge.PotRingActivity;
import app.gradior.learning.EvaporationKnowledge.Source;
import app.gradior.learning.ThicknessKnowledge.Batch;
import app.gradior.learning.ThicknessKnowledge.Kind;
import app.gradior.learning.ThicknessKnowledge.Reading;
import app.gradior.learning.ThicknessKnowledge.Versions;
import app.gradior.pot.Activity;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** Examples worked out by hand, to the digits they were printed with. */
class LearningExamplesTest {
    private static final Offset<Double> PRINTED = within(0.00006);
    private static final int CONVERGED = 50;

    private static Source row(int pot, String potName, int ring, int sauce, double y, double v) {
        return new Source(pot, place(potName, ring), sauce, y, Math.sqrt(v));
    }

    private static PotRingActivity place(String pot, int ring) {
        return new PotRingActivity(pot, ring, Activity.SIMMER);
    }

    private static final List<Source> ROWS = List.of(
            row(1, "A", 1, 1, .30, .0009),
            row(2, "A", 2, 2, .42, .0009),
            row(3, "A", 1, 2, .18, .0036),
            row(4, "B", 1, 1, -.10, .0009),
            row(5, "A", 1, 1, 1.20, .0009));

    private static void expect(int rows, double mean1, double sd1, double mean2, double sd2) {
        EvaporationKnowledge knowledge = new EvaporationKnowledge(ROWS.subList(0, rows), pot -> true, 1, CONVERGED);
        EvaporationKnowledge.Known first = knowledge.about(place("A", 1), 1);
        EvaporationKnowledge.Known second = knowledge.about(place("B", 2), 2);
        assertThat(first.lnK()).isCloseTo(mean1, PRINTED);
        assertThat(first.logSd()).isCloseTo(sd1, PRINTED);
        assertThat(second.lnK()).isCloseTo(mean2, PRINTED);
        assertThat(second.logSd()).isCloseTo(sd2, PRINTED);
    }

    @Test
    void oneBatchTellsOfItsPotAndALittleOfOthers() {
        expect(1, .2767, .1688, .0953, .4195);
    }

    @Test
    void fourBatchesTellPotsAndRingsApart() {
        expect(4, .2574, .1538, .0313, .2120);
    }

    @Test
    void aGrossWeighingIsWeightedDownAndMakesDaysLookWider() {
        expect(5, .3830, .2552, -.0418, .3284);
        assertThat(new EvaporationKnowledge(ROWS, pot -> true, 1, CONVERGED).ofADay())
                .isCloseTo(.04727, within(.000006));
    }

    @Test
    void looksPlatesAndVerdictsTellASauceAReaderAndAWishApart() {
        double look = .35 * .35 + 1.2 * 1.2 / 12;
        double plate = .25 * .25;
        double verdict = .40 * .40 + .8 * .8 / 12;
        List<Batch> batches = new ArrayList<>();
        batches.add(new Batch(
                1,
                "dip",
                1,
                List.of(
                        new Reading(Kind.LOOK, "me", null, .90, look),
                        new Reading(Kind.LOOK, "me", null, .50, look),
                        new Reading(Kind.VERDICT, "me", "dip", .30, verdict))));
        expect(batches, .2947, .3114, .2947, .3239, .1952, .0050);
        batches.add(new Batch(
                2,
                "dip",
                1,
                List.of(
                        new Reading(Kind.PLATE, null, null, .35, plate),
                        new Reading(Kind.LOOK, "me", null, .80, look))));
        expect(batches, .3383, .2231, .3383, .2402, .2322, .0204);
        batches.add(new Batch(
                3,
                "dip",
                2,
                List.of(
                        new Reading(Kind.LOOK, "me", null, .40, look),
                        new Reading(Kind.PLATE, null, null, -2.5, plate))));
        expect(batches, .0955, .2138, .0467, .2265, .3742, -.0775);
    }

    private static void expect(
            List<Batch> batches, double f1, double sd1, double f2, double sd2, double bias, double wish) {
        boolean both = batches.stream().anyMatch(b -> b.version() == 2);
        Versions versions = both ? new Versions(List.of(1, 2), List.of(.4)) : new Versions(List.of(1), List.of());
        ThicknessKnowledge knowledge = new ThicknessKnowledge(batches, Map.of("dip", versions), 1, CONVERGED);
        ThicknessKnowledge.Known first = knowledge.of("dip", 1);
        ThicknessKnowledge.Known second = both ? knowledge.of("dip", 2) : knowledge.ofNew("dip", 1, .4);
        assertThat(first.mean()).isCloseTo(f1, PRINTED);
        assertThat(first.sd()).isCloseTo(sd1, PRINTED);
        assertThat(second.mean()).isCloseTo(f2, PRINTED);
        assertThat(second.sd()).isCloseTo(sd2, PRINTED);
        assertThat(knowledge.bias("me").mean()).isCloseTo(bias, PRINTED);
        assertThat(knowledge.wish("me", "dip").mean()).isCloseTo(wish, PRINTED);
    }
}
