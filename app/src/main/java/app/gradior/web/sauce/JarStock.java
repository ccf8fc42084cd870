package app.gradior.web.sauce;

import app.gradior.quantity.Volume;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;

/** What is left of sauces in jars: told by the room above, which knows of jars. */
public interface JarStock {
    /** So many jars with so much in all. */
    record Left(int jars, Volume volume) {}

    /** Of each of these sauces of which there is any. */
    Map<UUID, Left> of(UUID kitchen, Collection<UUID> sauces);
}
