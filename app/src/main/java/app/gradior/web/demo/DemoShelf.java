package app.gradior.web.demo;

import app.gradior.keeping.JarEvent;
import app.gradior.keeping.JarSize;
import app.gradior.keeping.Place;
import app.gradior.quantity.Length;
import app.gradior.quantity.Volume;
import app.gradior.web.batch.BatchService;
import app.gradior.web.exchange.KitchenFile;
import app.gradior.web.keeping.JarRow;
import app.gradior.web.keeping.JarSizes;
import app.gradior.web.keeping.Jars;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Fills the jars of a demo kitchen from its file. */
@Component
class DemoShelf {
    private final Jars jars;
    private final JarSizes sizes;
    private final BatchService cooks;

    DemoShelf(Jars jars, JarSizes sizes, BatchService cooks) {
        this.jars = jars;
        this.sizes = sizes;
        this.cooks = cooks;
    }

    void sizes(UUID kitchen, List<KitchenFile.JarSizeEntry> entries) {
        for (KitchenFile.JarSizeEntry size : entries) {
            sizes.add(
                    kitchen,
                    size.name(),
                    new JarSize(
                            Volume.ofMillilitres(size.brimMl()), Length.ofMillimetres(size.heightMm()), size.wide()),
                    size.owned());
        }
    }

    void fill(UUID kitchen, UUID cook, KitchenFile.BatchEntry batch) {
        if (batch.jars() == null) {
            return;
        }
        List<JarSizes.Owned> owned = sizes.all(kitchen);
        Instant off = cooks.finished(kitchen, cook).finishedAt();
        for (KitchenFile.JarEntry entry : batch.jars()) {
            JarSizes.Owned size = owned.stream()
                    .filter(s -> s.name().equals(entry.size()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("there is no jar " + entry.size()));
            Instant filled = off.plus(minutes(entry.afterMinutes()));
            JarRow jar = jars.fill(
                            kitchen,
                            UUID.randomUUID(),
                            cook,
                            List.of(new Jars.Filling(size.id(), size.size(), Volume.ofMillilitres(entry.ml()))),
                            entry.place(),
                            filled)
                    .get(0);
            if (entry.events() != null) {
                entry.events().forEach(e -> jars.append(kitchen, jar.id(), event(e, filled)));
            }
        }
    }

    private static JarEvent event(KitchenFile.JarEventEntry entry, Instant filled) {
        UUID id = UUID.randomUUID();
        Instant at = filled.plus(minutes(entry.afterMinutes()));
        return switch (entry.kind()) {
            case "opened" -> new JarEvent.Opened(id, at);
            case "frozen" -> new JarEvent.Moved(id, at, Place.FREEZER);
            case "fridge" -> new JarEvent.Moved(id, at, Place.FRIDGE);
            case "taken" -> new JarEvent.Taken(id, at, Volume.ofMillilitres(entry.ml()));
            case "given" -> new JarEvent.Gone(id, at, JarEvent.Way.GIVEN);
            case "finished" -> new JarEvent.Gone(id, at, JarEvent.Way.FINISHED);
            default -> throw new IllegalStateException("nothing of the kind " + entry.kind() + " happens to a jar");
        };
    }

    private static Duration minutes(double minutes) {
        return Duration.ofMillis(Math.round(minutes * 60_000));
    }
}
