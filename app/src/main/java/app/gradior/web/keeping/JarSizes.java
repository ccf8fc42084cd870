package app.gradior.web.keeping;

import app.gradior.keeping.JarSize;
import app.gradior.quantity.Length;
import app.gradior.quantity.Volume;
import app.gradior.web.platform.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The kinds of jars a kitchen owns. */
@Component
public class JarSizes {
    private final JarMapper mapper;
    private final JarTotals totals;
    private final Clock clock;

    JarSizes(JarMapper mapper, JarTotals totals, Clock clock) {
        this.mapper = mapper;
        this.totals = totals;
        this.clock = clock;
    }

    /** @param used how many are filled and here */
    public record Owned(UUID id, String name, JarSize size, int owned, int used) {
        public int atHand() {
            return Math.max(0, owned - used);
        }
    }

    /** A part of a jar that is filled, where nothing is known of it. */
    private static final double FILLED_PART = 0.9;

    /** A jar that holds so much, somewhat taller than wide as jars are. */
    static JarSize holding(Volume volume) {
        double brim = Math.max(JarSize.LEAST_ML, Math.min(JarSize.MOST_ML, volume.millilitres() / FILLED_PART));
        double height = 10 * 1.2 * Math.cbrt(brim * 4 / Math.PI / 1.2);
        return new JarSize(Volume.ofMillilitres(brim), Length.ofMillimetres(Math.min(480, Math.max(25, height))), true);
    }

    public List<Owned> all(UUID kitchen) {
        Map<UUID, Integer> used = totals.of(kitchen).bySize();
        return mapper.sizes(kitchen).stream()
                .map(row -> new Owned(
                        row.id(),
                        row.name(),
                        new JarSize(
                                Volume.ofMillilitres(row.brimMl()), Length.ofMillimetres(row.heightMm()), row.wide()),
                        row.owned(),
                        used.getOrDefault(row.id(), 0)))
                .toList();
    }

    public void add(UUID kitchen, String name, JarSize size, int owned) {
        mapper.addSize(
                kitchen,
                new JarMapper.SizeRow(
                        UUID.randomUUID(),
                        name,
                        size.brim().millilitres(),
                        size.height().millimetres(),
                        size.wide(),
                        owned));
    }

    void remove(UUID kitchen, UUID id) {
        if (mapper.removeSize(kitchen, id, clock.instant()) == 0) {
            throw new NotFound("jar size");
        }
    }
}
