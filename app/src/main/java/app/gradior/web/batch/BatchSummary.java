package app.gradior.web.batch;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.Forecast;
import app.gradior.plan.EvaporationKnowledge;
import app.gradior.plan.Knowledge;
import app.gradior.pot.Activity;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.thickness.SpoonCoat;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * A finished batch as lists and learning ask for it.
 *
 * @param ringId null if it was not said
 * @param excludedAt when it was struck out of what is learnt; null if it counts
 * @param activity the one it began with
 * @param forecastMiddle minutes as they were forecast at the start, with their range; null if none were
 * @param aimedGrams what was to be left; null if that was not known
 * @param yieldGrams what was; null if it was not weighed
 * @param look null if nobody looked
 * @param learntLnK what it told of its pot; null if it told nothing
 */
public record BatchSummary(
        UUID id,
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
        Double learntLnK,
        Double learntLogSd) {

    /** Of the model that made it: where it is another, the summary is made anew. */
    static final int MODEL = 3;

    /** Batches vary among each other beyond what each one's readings say: in ln k, an estimate. */
    private static final double BATCH_SPREAD = 0.10;

    /** A batch whose heat was changed tells less of the activity it began with. */
    private static final double CHANGED_SPREAD = 0.20;

    /** @param cook finished */
    static BatchSummary of(CookRow row, Cook cook) {
        CookEvent.Started started = cook.started();
        CookEvent.Finished finished = cook.finished().orElseThrow();
        Forecast planned = Cook.of(java.util.List.of(started)).forecast(started.at());
        Optional<EvaporationKnowledge.Source> learnt = learnt(row, cook);
        return new BatchSummary(
                row.id(),
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
                learnt.map(EvaporationKnowledge.Source::lnK).orElse(null),
                learnt.map(EvaporationKnowledge.Source::logSd).orElse(null));
    }

    private static Optional<EvaporationKnowledge.Source> learnt(CookRow row, Cook cook) {
        Knowledge prior = cook.started().knowledge();
        Interval k = cook.k();
        double sd = (Math.log(k.high()) - Math.log(k.low())) / 2 / Interval.Z_80;
        boolean changed = cook.events().stream()
                .anyMatch(e -> e instanceof CookEvent.HeatChanged || e instanceof CookEvent.LidChanged);
        return EvaporationKnowledge.Source.ofPosterior(
                row.id(),
                EvaporationKnowledge.PotRingActivity.of(
                        row.potId(), row.ringId(), cook.started().conditions().activity()),
                Math.log(k.middle()),
                sd,
                Math.log(prior.k()),
                prior.logSdOfK(),
                changed ? CHANGED_SPREAD : BATCH_SPREAD);
    }

    /** What it told of its pot; empty if it told nothing. */
    public Optional<EvaporationKnowledge.Source> source() {
        return learntLnK == null
                ? Optional.empty()
                : Optional.of(new EvaporationKnowledge.Source(
                        id, EvaporationKnowledge.PotRingActivity.of(potId, ringId, activity), learntLnK, learntLogSd));
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
