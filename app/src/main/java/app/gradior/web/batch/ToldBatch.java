package app.gradior.web.batch;

import app.gradior.learning.Thickeners;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import java.time.Instant;
import java.util.UUID;

/**
 * What a batch told beyond the model, as learning reads it: of every batch of a kitchen at once, so with nothing else.
 *
 * @param ringId null if it was not said
 * @param excludedAt when it was left out; null if it counts
 * @param learntLnK null if its weights told nothing, as the two that follow
 * @param zLeft how far what was left was from what was to be; null where no thickness decided that
 * @param cookedBy who put it on; null if that is not known
 * @param useFor null if that was not said
 * @param finalGrade the model's grade at the table; null until its summary is made, as the two that follow
 */
public record ToldBatch(
        UUID id,
        UUID potId,
        UUID ringId,
        UUID sauceId,
        int sauceVersion,
        Instant excludedAt,
        Instant finishedAt,
        Activity activity,
        Double learntLnK,
        Double learntLogSd,
        Double zPace,
        Double zLeft,
        Use useFor,
        Double finalGrade,
        Double structure,
        String thickeners,
        String cookedBy) {
    public boolean excluded() {
        return excludedAt != null;
    }

    /** What thickened it. */
    public Thickeners thickened() {
        return ThickenersColumn.read(thickeners);
    }
}
