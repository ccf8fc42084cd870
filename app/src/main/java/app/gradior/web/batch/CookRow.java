package app.gradior.web.batch;

import java.time.Instant;
import java.util.UUID;

/**
 * That there is a cook, and what it is called; everything else of it is in its events.
 *
 * @param ringId null if it was not said
 * @param planId the kept plan it follows; null if it follows none
 * @param revision how often its entries have changed
 * @param excludedAt when it was struck out of what is learnt; null if it counts
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
        long revision) {}
