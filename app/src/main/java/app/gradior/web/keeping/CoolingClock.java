package app.gradior.web.keeping;

import app.gradior.keeping.JarEvent;
import app.gradior.keeping.JarSize;
import app.gradior.keeping.Place;
import app.gradior.physics.ChoiOkos;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.BatchSummary;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What came off the heat and is not in the cold yet, whether it was filled into jars or not. */
@Component
class CoolingClock {
    /** So many of the latest batches may still be hot. */
    private static final int LATEST = 6;

    /** What was not filled for longer than this is not waited for any more. */
    private static final Duration ASKS_FOR = Duration.ofHours(3);

    private final Jars jars;
    private final BatchSummaries batches;
    private final BatchService cooks;

    CoolingClock(Jars jars, BatchSummaries batches, BatchService cooks) {
        this.jars = jars;
        this.batches = batches;
        this.cooks = cooks;
    }

    /** A batch that cools since it came off the heat. */
    record Cools(UUID batch, String name, Instant since) {}

    List<Cools> cooling(UUID kitchen) {
        Map<UUID, Cools> cooling = new LinkedHashMap<>();
        for (JarRow jar : jars.cooling(kitchen)) {
            cooling.putIfAbsent(jar.cookId(), new Cools(jar.cookId(), jar.name(), jar.coolingSince()));
        }
        Instant from = jars.now().minus(ASKS_FOR);
        List<BatchSummary> fresh = batches.latest(kitchen, LATEST).stream()
                .filter(batch -> batch.finishedAt().isAfter(from))
                .toList();
        Set<UUID> filled = new HashSet<>(
                jars.filledFrom(kitchen, fresh.stream().map(BatchSummary::id).toList()));
        for (BatchSummary batch : fresh) {
            if (!filled.contains(batch.id())) {
                cooling.put(batch.id(), new Cools(batch.id(), batch.sauceName(), batch.finishedAt()));
            }
        }
        return List.copyOf(cooling.values());
    }

    /** @return a jar of it */
    @Transactional
    public UUID cold(UUID kitchen, UUID batch) {
        List<JarRow> filled = jars.ofBatch(kitchen, batch);
        Instant now = jars.now().truncatedTo(ChronoUnit.MICROS);
        if (filled.isEmpty()) {
            Volume all = all(kitchen, batch);
            return jars.fill(
                            kitchen,
                            batch,
                            batch,
                            List.of(new Jars.Filling(null, JarSizes.holding(all), all)),
                            Place.FRIDGE,
                            now)
                    .get(0)
                    .id();
        }
        for (JarRow jar : filled) {
            if (jar.here() && jar.place() == Place.COUNTER) {
                jars.append(kitchen, jar.id(), new JarEvent.Moved(UUID.randomUUID(), now, Place.FRIDGE));
            }
        }
        return filled.get(0).id();
    }

    /** All that came off the heat, by its weight or by what the forecast says of it. */
    private Volume all(UUID kitchen, UUID batch) {
        cooks.finished(kitchen, batch);
        var cook = cooks.find(kitchen, batch).cook();
        var finished = cook.finished().orElseThrow();
        var sauce = cook.sauceAt(finished.at());
        Mass mass = finished.yield().orElse(sauce.mass());
        Volume volume = mass.at(ChoiOkos.density(sauce.mixture(), Celsius.ROOM));
        return Volume.ofMillilitres(Math.max(JarSize.LEAST_ML, Math.min(JarSize.MOST_ML, volume.millilitres())));
    }
}
