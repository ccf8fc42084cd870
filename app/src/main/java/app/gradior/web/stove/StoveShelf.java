package app.gradior.web.stove;

import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.keeping.JarRow;
import app.gradior.web.keeping.Jars;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What of the latest batches and of the jars wants looking after. */
@Component
class StoveShelf {
    private static final int LATEST = 12;

    /** Jars that want using within so many days are named. */
    private static final int SOON_DAYS = 3;

    private static final int NAMED_JARS = 6;

    private final BatchSummaries batches;
    private final Jars jars;

    StoveShelf(BatchSummaries batches, Jars jars) {
        this.batches = batches;
        this.jars = jars;
    }

    /**
     * A jar that wants looking after.
     *
     * @param words how it stands
     * @param level how much it wants it
     */
    record Wanting(JarRow jar, String words, String level) {}

    List<BatchSummary> latest(UUID kitchen) {
        return batches.latest(kitchen, LATEST);
    }

    /** What cools and what is to be used up, the most urgent first. */
    List<Wanting> jars(UUID kitchen, ZoneId zone) {
        LocalDate today = jars.today(zone);
        List<JarRow> wanting = new ArrayList<>(jars.cooling(kitchen));
        wanting.addAll(jars.useWithin(kitchen, today, SOON_DAYS, NAMED_JARS));
        return wanting.stream()
                .limit(NAMED_JARS)
                .map(jar -> new Wanting(jar, jars.state(jar, today), jars.level(jar, today)))
                .toList();
    }

    /** Batches that nothing was filled from, and those that are to be judged on the next day. */
    List<Shelf> batches(UUID kitchen, List<BatchSummary> latest, Instant now) {
        Set<UUID> filled = new HashSet<>(
                jars.filledFrom(kitchen, latest.stream().map(BatchSummary::id).toList()));
        return Shelf.of(latest, now).stream()
                .filter(s -> s.asks() || !filled.contains(s.batch().id()))
                .toList();
    }
}
