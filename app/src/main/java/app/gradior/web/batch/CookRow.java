package app.gradior.web.batch;

import app.gradior.plan.Use;
import app.gradior.quantity.Celsius;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * That there is a cook, and what it is called; everything else of it is in its events.
 *
 * @param ringId null if it was not said
 * @param planId the kept plan it follows; null if it follows none
 * @param revision how often its entries have changed
 * @param excludedAt when it was left out of what is learnt; null if it counts
 * @param useFor what it was for; null if that was not said
 * @param servedC how warm it is eaten, °C; null of a cook from before that was kept
 * @param wantedLow how thick it was to be at least; null if it was to be no thickness
 * @param cookedBy who put it on; null if that was not kept
 */
public record CookRow(
        UUID id,
        UUID sauceId,
        int sauceVersion,
        UUID potId,
        UUID ringId,
        String sauceName,
        String potName,
        Instant startedAt,
        Instant finishedAt,
        Instant excludedAt,
        UUID planId,
        long revision,
        Use useFor,
        Double servedC,
        Double wantedLow,
        Double wantedHigh,
        String cookedBy) {

    /** As it is once its entries have changed, under its lock. */
    CookRow changed(Instant finished) {
        return new CookRow(
                id,
                sauceId,
                sauceVersion,
                potId,
                ringId,
                sauceName,
                potName,
                startedAt,
                finished,
                excludedAt,
                planId,
                revision + 1,
                useFor,
                servedC,
                wantedLow,
                wantedHigh,
                cookedBy);
    }

    /** What it was for and how thick it was to be; asked of one that was put on with an aim only. */
    BatchAim aim() {
        return new BatchAim(
                Optional.ofNullable(useFor),
                Celsius.of(servedC),
                Optional.ofNullable(wantedLow),
                Optional.ofNullable(wantedHigh));
    }
}
