package app.gradior.web.sauce;

import app.gradior.thickness.SpoonCoat;
import java.time.Instant;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;

/** When sauces were made last and how they came out: told by the room above, which knows of batches. */
public interface LastMade {
    /**
     * A batch as a list of sauces shows it.
     *
     * @param yieldGrams null if it was not weighed
     * @param look null if nobody looked
     */
    record Batch(UUID sauceId, UUID id, Instant finishedAt, double tookMinutes, Double yieldGrams, SpoonCoat look) {}

    /** The latest batch of each of these sauces that was ever made. */
    Map<UUID, Batch> of(UUID kitchen, Collection<UUID> sauces);
}
