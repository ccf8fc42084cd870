package app.gradior.keeping;

import app.gradior.quantity.Volume;
import java.time.Instant;
import java.util.UUID;

/** Something that happened to a jar. */
public sealed interface JarEvent {
    UUID id();

    Instant at();

    /** It was filled with so much, and stands there; the first of its events. */
    record Filled(UUID id, Instant at, Volume volume, Place place) implements JarEvent {}

    /** It was put somewhere else: into the freezer it is frozen, out of it thawed. */
    record Moved(UUID id, Instant at, Place to) implements JarEvent {}

    record Opened(UUID id, Instant at) implements JarEvent {}

    /** Some was taken out, which opens it. */
    record Taken(UUID id, Instant at, Volume volume) implements JarEvent {}

    /** It is not here any more. */
    record Gone(UUID id, Instant at, Way way) implements JarEvent {}

    /** Takes another event back. */
    record Undone(UUID id, Instant at, UUID event) implements JarEvent {}

    /** How a jar goes. */
    enum Way {
        FINISHED,
        GIVEN,
        THROWN_AWAY
    }
}
