package app.gradior.web.batch;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.Forecast;
import app.gradior.learning.BatchEvidence;
import app.gradior.plan.Snapshot;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.thickness.SpoonCoat;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A finished batch as lists ask for it.
 *
 * @param sauceVersion of which version it was made
 * @param ringId null if it was not said
 * @param excludedAt when it was left out of what is learnt; null if it counts
 * @param activity the one it began with
 * @param forecastMiddle minutes as they were forecast at the start, with their range; null if none were
 * @param aimedGrams what was to be left; null if that was not known
 * @param yieldGrams what was; null if it was not weighed
 * @param look null if nobody looked
 * @param stoveGrade how thick it was at the stove; that, on the table and from the fridge are null until they are made
 * @param wantedLow how thick it was to be at least; null if it was to be no thickness
 * @param wantedCold whether that is as it comes from the fridge
 * @param leftLow what was to be left at least once it is thick enough; null where no thickness decided that
 * @param zLeft how far what was left is from that, in standard deviations; null as {@code leftLow}
 * @param altitudeM how high the kitchen was; null until its summary is made
 * @param learntLnK what it told of its pot; null if it told nothing
 * @param verdict the latest word on its thickness, from −2 (too thin) to 2; null if there is none
 * @param judgedNextDay whether somebody judged it on the day after
 */
public record BatchSummary(
        UUID id,
        UUID sauceId,
        int sauceVersion,
        UUID potId,
        UUID ringId,
        String sauceName,
        String potName,
        Instant excludedAt,
        Instant finishedAt,
        Activity activity,
        Double forecastLow,
        Double forecastMiddle,
        Double forecastHigh,
        double tookMinutes,
        Double aimedGrams,
        Double yieldGrams,
        SpoonCoat look,
        Use useFor,
        Double stoveGrade,
        Double warmGrade,
        Double coldGrade,
        Double wantedLow,
        Double wantedHigh,
        boolean wantedCold,
        Double learntLnK,
        Double learntLogSd,
        Double zPace,
        Double leftLow,
        Double leftHigh,
        Double zLeft,
        Double altitudeM,
        Integer verdict,
        boolean judgedNextDay) {

    /** Of the model that made it: where it is another, the summary is made anew. */
    static final int MODEL = 5;

    /** A sauce eaten under this is judged cold, °C. */
    private static final double COLD = 15;

    /** A summary with what its batch told, which is stored beside it. */
    record Made(BatchSummary summary, BatchEvidence evidence) {
        /** What thickens it, as it is stored: a name and grams each. */
        public String thickeners() {
            return ThickenersColumn.write(evidence.thickeners());
        }
    }

    /** @param cook finished */
    static Made of(CookRow row, BatchAim aim, Cook cook) {
        CookEvent.Started started = cook.started();
        CookEvent.Finished finished = cook.finished().orElseThrow();
        Forecast planned = Cook.of(List.of(started)).forecast(started.at());
        BatchEvidence evidence = BatchEvidence.of(cook, aim.served());
        Snapshot last = cook.sauceAt(finished.at());
        return new Made(
                new BatchSummary(
                        row.id(),
                        row.sauceId(),
                        row.sauceVersion(),
                        row.potId(),
                        row.ringId(),
                        row.sauceName(),
                        row.potName(),
                        row.excludedAt(),
                        finished.at(),
                        started.conditions().activity(),
                        planned.minutesLeft().map(Interval::low).orElse(null),
                        planned.minutesLeft().map(Interval::middle).orElse(null),
                        planned.minutesLeft().map(Interval::high).orElse(null),
                        Duration.between(started.at(), finished.at()).toMillis() / 60_000.0,
                        planned.atTarget().map(at -> at.mass().grams()).orElse(null),
                        finished.yield().map(Mass::grams).orElse(null),
                        finished.look().orElse(null),
                        aim.use().orElse(null),
                        last.atStove().value(),
                        last.warm().value(),
                        last.cold().value(),
                        aim.low().orElse(null),
                        aim.high().orElse(null),
                        aim.served().degrees() < COLD,
                        evidence.pace().map(BatchEvidence.Pace::lnK).orElse(null),
                        evidence.pace().map(BatchEvidence.Pace::logSd).orElse(null),
                        evidence.pace().map(BatchEvidence.Pace::z).orElse(null),
                        evidence.left().map(left -> left.grams().low()).orElse(null),
                        evidence.left().map(left -> left.grams().high()).orElse(null),
                        evidence.left().map(BatchEvidence.Left::z).orElse(null),
                        started.conditions().room().altitude().metres(),
                        null,
                        false),
                evidence);
    }

    /** How thick it was as it was to be eaten; empty until its summary is made. */
    public Optional<Double> servedGrade() {
        return Optional.ofNullable(wantedCold ? coldGrade : warmGrade);
    }

    /** By how much it missed the band wanted, in grades: over 0 too thick, under 0 too thin; empty if none was wanted. */
    public Optional<Double> missed() {
        if (wantedLow == null) {
            return Optional.empty();
        }
        return servedGrade().map(grade -> grade > wantedHigh ? grade - wantedHigh : Math.min(0, grade - wantedLow));
    }

    public boolean excluded() {
        return excludedAt != null;
    }

    /** The minutes as they were forecast at the start. */
    public Optional<Interval> forecast() {
        return forecastMiddle == null
                ? Optional.empty()
                : Optional.of(new Interval(forecastLow, forecastMiddle, forecastHigh));
    }
}
