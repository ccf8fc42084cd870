package app.gradior.web.sauce;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the sauces of the kitchens; every save that changes one makes a version. */
@Component
public class SauceBook {
    private final SauceMapper mapper;
    private final Clock clock;

    SauceBook(SauceMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    public List<Sauce> all(UUID kitchen) {
        return mapper.all(kitchen);
    }

    public Optional<Sauce> find(UUID kitchen, UUID id) {
        return mapper.find(kitchen, id);
    }

    @Transactional
    public Sauce add(UUID kitchen, String name, String text) {
        Sauce sauce = new Sauce(UUID.randomUUID(), 1, name.strip(), text, now());
        mapper.insert(kitchen, sauce.id(), sauce.name(), sauce.savedAt());
        mapper.insertVersion(kitchen, sauce);
        return sauce;
    }

    /**
     * Saves a sauce over a version.
     *
     * @param over the version that was open for changing
     * @return the version there is then; the old one if nothing changed
     * @throws ChangedMeanwhile if another has been saved since
     */
    @Transactional
    public Sauce save(UUID kitchen, Sauce over, String name, String text) {
        if (over.name().equals(name.strip()) && over.text().equals(text)) {
            return over;
        }
        Sauce next = new Sauce(over.id(), over.version() + 1, name.strip(), text, now());
        if (mapper.advance(kitchen, next.id(), next.name(), next.version(), next.savedAt()) == 0) {
            throw new ChangedMeanwhile();
        }
        mapper.insertVersion(kitchen, next);
        return next;
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    /** Somebody else saved the sauce in between. */
    public static class ChangedMeanwhile extends RuntimeException {
        private static final long serialVersionUID = 1;
    }
}
