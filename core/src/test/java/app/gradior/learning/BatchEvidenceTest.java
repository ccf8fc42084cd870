package app.gradior.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.SimulatedCook;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.thickness.SpoonCoat;
import app.gradior.thickness.ThicknessFactor;
import java.time.Instant;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BatchEvidenceTest {
    private static final Target GLAZE = new Target.ForUse(Use.GLAZE, Celsius.SERVED_WARM);

    private static SimulatedCook simulated(double k) {
        return new SimulatedCook(k, new Random(5), GLAZE);
    }

    private static Cook finished(SimulatedCook cook, double minute) {
        cook.events.add(new CookEvent.Finished(
                SimulatedCook.id(),
                cook.minute(minute),
                Optional.of(Mass.ofGrams(cook.trueGrams(minute))),
                Optional.empty()));
        return cook.cook();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.6, 1, 1.5})
    void weightsSayHowFastItTrulyWent(double k) {
        BatchEvidence.Pace pace = BatchEvidence.of(
                        finished(simulated(k).weighAt(8).weighAt(15), 20), Celsius.SERVED_WARM)
                .pace()
                .orElseThrow();

        assertThat(pace.lnK()).isCloseTo(Math.log(k), within(.08));
        assertThat(pace.logSd()).isLessThan(.15);
        assertThat(pace.z()).isCloseTo(Math.log(k) / Math.hypot(.45, pace.logSd()), within(.3));
    }

    /** What was learnt before is no part of what a batch says: counted again with each batch it would convince itself. */
    @Test
    void whatABatchSaysDoesNotHangOnWhatWasBelievedBefore() {
        SimulatedCook cook = simulated(1.2).weighAt(8).weighAt(15);
        BatchEvidence plain = BatchEvidence.of(finished(cook, 20), Celsius.SERVED_WARM);
        CookEvent.Started started = (CookEvent.Started) cook.events.get(0);
        cook.events.set(
                0,
                new CookEvent.Started(
                        started.id(),
                        started.at(),
                        started.mixture(),
                        started.temperature(),
                        started.conditions(),
                        started.target(),
                        new Knowledge(.7, .1, ThicknessFactor.ONE, .5, new Knowledge.Widening(2, 1))));
        BatchEvidence believing = BatchEvidence.of(cook.cook(), Celsius.SERVED_WARM);

        assertThat(believing.pace().orElseThrow().lnK())
                .isCloseTo(plain.pace().orElseThrow().lnK(), within(.01));
        double sd = Math.hypot(.05, believing.pace().orElseThrow().logSd());
        assertThat(believing.pace().orElseThrow().z())
                .isCloseTo((believing.pace().orElseThrow().lnK() - Math.log(.7)) / sd, within(.01));
    }

    /** Where thickness decides, what is left was forecast with a range, and the last weight tests it. */
    @Test
    void whatIsLeftIsTestedAgainstItsRange() {
        Cook cook = finished(simulated(1).weighAt(8), 20);
        BatchEvidence.Left left =
                BatchEvidence.of(cook, Celsius.SERVED_WARM).left().orElseThrow();
        double yield = cook.finished().orElseThrow().yield().orElseThrow().grams();
        double off = yield - left.grams().middle();
        double sd = (left.grams().high() - left.grams().low()) / (2 * 1.2816);
        assertThat(Math.signum(left.z())).isEqualTo(Math.signum(off));
        // Scale and filling add to what was claimed.
        assertThat(Math.abs(left.z())).isBetween(0.5 * Math.abs(off) / sd, Math.abs(off) / sd);

        Target weight = new Target.Weight(Mass.ofGrams(500));
        Cook weighed = finished(new SimulatedCook(1, new Random(5), weight).weighAt(8), 20);
        assertThat(BatchEvidence.of(weighed, Celsius.SERVED_WARM).left()).isEmpty();
    }

    @Test
    void aBatchThatWasNeverWeighedSaysNothingOfItsPot() {
        SimulatedCook cook = simulated(1);
        cook.events.add(new CookEvent.Finished(
                SimulatedCook.id(), cook.minute(20), Optional.empty(), Optional.of(SpoonCoat.LINE_STAYS)));
        BatchEvidence evidence = BatchEvidence.of(cook.cook(), Celsius.SERVED_WARM);

        assertThat(evidence.pace()).isEmpty();
        assertThat(evidence.seen()).hasSize(1);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> BatchEvidence.of(simulated(1).cook(), Celsius.SERVED_WARM));
    }

    @Test
    void aFillingThatWasWeighedIsSurerThanOneThatWasNot() {
        SimulatedCook cook = simulated(1);
        Instant soon = SimulatedCook.START.plusSeconds(30);
        Mass tare = Mass.ofGrams(2100);
        double guessed = BatchEvidence.of(finished(simulated(1), 20), Celsius.SERVED_WARM)
                .pace()
                .orElseThrow()
                .logSd();
        cook.events.add(new CookEvent.Weighed(SimulatedCook.id(), soon, tare.plus(SimulatedCook.SAUCE.mass()), tare));
        assertThat(BatchEvidence.of(finished(cook, 20), Celsius.SERVED_WARM)
                        .pace()
                        .orElseThrow()
                        .logSd())
                .isLessThan(guessed);
    }

    @Test
    void looksAndPlatesSayHowMuchThickerItIsThanTheModel() {
        SimulatedCook cook = simulated(1).weighAt(15);
        cook.events.add(new CookEvent.SpoonLooked(
                SimulatedCook.id(), cook.minute(16), SpoonCoat.FALLS_IN_SHEETS, Optional.empty()));
        cook.events.add(new CookEvent.PlateSpreadRead(
                SimulatedCook.id(), cook.minute(17), Length.ofCentimetres(6), Celsius.SERVED_WARM));
        BatchEvidence evidence = BatchEvidence.of(finished(cook, 20), Celsius.SERVED_WARM);

        assertThat(evidence.seen())
                .hasSize(2)
                .allSatisfy(seen -> assertThat(seen.y()).isGreaterThan(.5));
        assertThat(evidence.thickeners().perKilogram()).containsKey("BODY");
    }

    /** "Much too thick" of a sauce the model has in the middle of its band: two steps of 0.8 beyond the model. */
    @Test
    void aVerdictIsWhatIsFeltAgainstTheBook() {
        double centre = Use.DIP.aim().value();
        ThicknessKnowledge.Reading verdict =
                BatchEvidence.verdict("me", Use.DIP, 2, centre, 1).orElseThrow();
        assertThat(verdict.y()).isCloseTo(1.6, within(1e-9));
        assertThat(verdict.v()).isCloseTo(.16 + .64 / 12, within(1e-9));
        assertThat(BatchEvidence.verdict("me", Use.DIP, 0, centre + .4, 1)
                        .orElseThrow()
                        .y())
                .isCloseTo(-.4, within(1e-9));
        // Of a syrup a factor of its own shows little: the row says as much less.
        assertThat(BatchEvidence.verdict("me", Use.SYRUP, 1, Use.SYRUP.aim().value(), .4)
                        .orElseThrow()
                        .y())
                .isCloseTo(2, within(1e-9));
        assertThat(BatchEvidence.verdict("me", Use.SYRUP, 1, 4, .1)).isEmpty();
    }
}
