package app.gradior.web.cook;

import java.time.Instant;
import java.util.UUID;

/** That there is a cook, and what it is called; everything else of it is in its events. */
public record CookRow(
        UUID id,
        UUID sauceId,
        int sauceVersion,
        String sauceName,
        String potName,
        Instant startedAt,
        Instant finishedAt) {}
