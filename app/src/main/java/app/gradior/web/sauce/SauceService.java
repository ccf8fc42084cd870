package app.gradior.web.sauce;

import app.gradior.web.platform.NotFound;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the sauces of the kitchens; every save that changes one makes a version. */
@Component
public class SauceService {
    private final SauceMapper mapper;
    private final Clock clock;

    SauceService(SauceMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    public List<Sauce> all(UUID kitchen) {
        return mapper.all(kitchen);
    }

    /** The ones that were changed last. */
    public List<Sauce> latest(UUID kitchen, int limit) {
        return mapper.latest(kitchen, "", limit);
    }

    /**
     * Part of all, the ones that were changed last first.
     *
     * @param name what their names have in them; empty for all
     * @param before the last of the page before; null for the first page
     */
    public List<Sauce> page(UUID kitchen, String name, UUID before, int limit) {
        String like = escaped(name);
        return before == null ? mapper.latest(kitchen, like, limit) : mapper.before(kitchen, like, before, limit);
    }

    /** Part of all in the order of their names. */
    public List<Sauce> byName(UUID kitchen, String name, UUID after, int limit) {
        String like = escaped(name);
        return after == null
                ? mapper.firstByName(kitchen, like, limit)
                : mapper.afterByName(kitchen, like, after, limit);
    }

    /** The sauces of these names, by name; of several of one name any one. */
    Map<String, UUID> named(UUID kitchen, Collection<String> names) {
        Map<String, UUID> byName = new HashMap<>();
        mapper.named(kitchen, names).forEach(row -> byName.put(row.name(), row.id()));
        return byName;
    }

    private static String escaped(String name) {
        return name.strip().replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
    }

    public int countArchived(UUID kitchen) {
        return mapper.countArchived(kitchen);
    }

    public List<Sauce> archived(UUID kitchen) {
        return mapper.archived(kitchen);
    }

    public Optional<Sauce> find(UUID kitchen, UUID id) {
        return mapper.find(kitchen, id);
    }

    /** All versions, the latest first. */
    public List<Sauce> versions(UUID kitchen, UUID id) {
        return mapper.versions(kitchen, id);
    }

    /** A version by its number. */
    public Optional<Sauce> version(UUID kitchen, UUID id, int number) {
        return mapper.version(kitchen, id, number);
    }

    @Transactional
    public Sauce add(UUID kitchen, String name, String text) {
        Sauce sauce = new Sauce(UUID.randomUUID(), 1, name.strip(), text, now());
        mapper.insert(kitchen, sauce.id(), sauce.name(), 1, sauce.savedAt());
        mapper.insertVersion(kitchen, sauce);
        return sauce;
    }

    /** A sauce that is not kept yet, under an id made of its sender's: the same each time it is sent. */
    public Sauce draft(UUID sent, String name, String text) {
        UUID id = UUID.nameUUIDFromBytes((sent + " sauce").getBytes(StandardCharsets.US_ASCII));
        return new Sauce(id, 1, name.strip(), text, now());
    }

    /** Keeps a draft; once, however often it is sent. */
    @Transactional
    public void addOnce(UUID kitchen, Sauce draft) {
        if (mapper.find(kitchen, draft.id()).isEmpty()) {
            mapper.insert(kitchen, draft.id(), draft.name(), 1, draft.savedAt());
            mapper.insertVersion(kitchen, draft);
        }
    }

    /** Adds a sauce with the recipe that it was made of, if it was made of one. */
    @Transactional
    public Sauce add(UUID kitchen, String name, String text, Optional<SauceOrigin> origin) {
        Sauce sauce = add(kitchen, name, text);
        origin.ifPresent(o -> mapper.insertOrigin(kitchen, sauce.id(), o, now()));
        return sauce;
    }

    /** The recipe that a sauce was made of. */
    public Optional<SauceOrigin> origin(UUID kitchen, UUID id) {
        return mapper.origin(kitchen, id);
    }

    /**
     * Takes in a sauce with its past.
     *
     * @param versions the first first; their ids do not matter
     */
    @Transactional
    public Sauce takeIn(UUID kitchen, List<Sauce> versions, boolean archived, Optional<SauceOrigin> origin) {
        UUID id = UUID.randomUUID();
        Sauce last = versions.get(versions.size() - 1);
        mapper.insert(kitchen, id, last.name(), versions.size(), last.savedAt());
        for (int i = 0; i < versions.size(); i++) {
            Sauce version = versions.get(i);
            mapper.insertVersion(kitchen, new Sauce(id, i + 1, version.name(), version.text(), version.savedAt()));
        }
        origin.ifPresent(o -> mapper.insertOrigin(kitchen, id, o, now()));
        if (archived) {
            mapper.archive(kitchen, id, now());
        }
        return mapper.find(kitchen, id).orElseThrow();
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

    /**
     * Makes an old version the latest again, as a version of its own, whatever was saved last: what came between stays.
     *
     * @throws NotFound if there is no such sauce or version
     */
    @Transactional
    public Sauce restore(UUID kitchen, UUID id, int number) {
        int latest = mapper.lock(kitchen, id).orElseThrow(() -> new NotFound("sauce"));
        Sauce old = version(kitchen, id, number).orElseThrow(() -> new NotFound("version"));
        return save(kitchen, version(kitchen, id, latest).orElseThrow(), old.name(), old.text());
    }

    public void archive(UUID kitchen, UUID id, boolean away) {
        found(mapper.archive(kitchen, id, away ? now() : null));
    }

    /** The picture of a sauce as JPEG. */
    public Optional<byte[]> photo(UUID kitchen, UUID id) {
        return mapper.photo(kitchen, id).map(SauceMapper.Photo::jpeg);
    }

    public boolean isArchived(UUID kitchen, UUID id) {
        return mapper.isArchived(kitchen, id);
    }

    /** Takes a sauce off the shelf; its batches keep it, and it can come back. */
    public void delete(UUID kitchen, UUID id) {
        found(mapper.delete(kitchen, id, now()));
    }

    public void undelete(UUID kitchen, UUID id) {
        found(mapper.delete(kitchen, id, null));
    }

    public Optional<String> deletedName(UUID kitchen, UUID id) {
        return mapper.deletedName(kitchen, id);
    }

    private static void found(int rows) {
        if (rows == 0) {
            throw new NotFound("sauce");
        }
    }

    private Instant now() {
        return clock.instant();
    }

    /** Somebody else saved the sauce in between. */
    public static class ChangedMeanwhile extends RuntimeException {
        private static final long serialVersionUID = 1;
    }
}
