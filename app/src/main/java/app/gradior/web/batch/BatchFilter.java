package app.gradior.web.batch;

import java.time.Instant;
import java.util.UUID;

/**
 * Which batches are meant; what is null lets all through.
 *
 * @param name a pattern for the sauce's name or what was said of it
 * @param by who cooked it
 * @param verdictFrom the lowest word on its thickness, −2 to 2
 * @param verdictTo the highest
 * @param from the first moment it may have come off
 * @param until the first moment after that
 */
public record BatchFilter(
        String name,
        UUID sauce,
        UUID pot,
        String by,
        Integer verdictFrom,
        Integer verdictTo,
        Instant from,
        Instant until) {
    /** All batches of a sauce. */
    public static BatchFilter ofSauce(UUID sauce) {
        return new BatchFilter(null, sauce, null, null, null, null, null, null);
    }
}
