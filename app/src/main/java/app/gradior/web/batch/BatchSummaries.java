package app.gradior.web.batch;

import app.gradior.web.sauce.LastMade;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The past as rows: what lists and learning ask of finished batches. */
@Component
public class BatchSummaries implements LastMade {
    private static final Logger LOG = LoggerFactory.getLogger(BatchSummaries.class);
    private static final int AT_ONCE = 100;

    private final BatchSummaryMapper mapper;
    private final BatchService cooks;
    private final boolean anew;

    BatchSummaries(BatchSummaryMapper mapper, BatchService cooks, @Value("${gradior.rebuild:false}") boolean anew) {
        this.mapper = mapper;
        this.cooks = cooks;
        this.anew = anew;
    }

    /** The latest first. */
    public List<BatchSummary> latest(UUID kitchen, int limit) {
        return mapper.latest(kitchen, limit);
    }

    /** Those that came off before one, the latest first. */
    public List<BatchSummary> before(UUID kitchen, Instant finishedAt, UUID id, int limit) {
        return mapper.before(kitchen, finishedAt, id, limit);
    }

    @Override
    public Map<UUID, Batch> of(UUID kitchen, Collection<UUID> sauces) {
        return sauces.isEmpty()
                ? Map.of()
                : mapper.latestOf(kitchen, sauces).stream()
                        .collect(Collectors.toMap(Batch::sauceId, Function.identity()));
    }

    /**
     * Those that a filter lets through, the latest first.
     *
     * @param after the last of the page before; null for the first page
     */
    public List<BatchSummary> search(UUID kitchen, BatchFilter filter, CookRow after, int limit) {
        return mapper.search(kitchen, filter, after, limit);
    }

    /** Some batches in the order of the ids; without those that are none of the kitchen's. */
    public List<BatchSummary> some(UUID kitchen, List<UUID> ids) {
        return ids.isEmpty()
                ? List.of()
                : mapper.some(kitchen, ids).stream()
                        .sorted(Comparator.comparing(batch -> ids.indexOf(batch.id())))
                        .toList();
    }

    /** Those of a pot that tell something of it, the latest first. */
    public List<BatchSummary> tellingOf(UUID kitchen, UUID pot, int limit) {
        return mapper.tellingOf(kitchen, pot, limit);
    }

    /** What every batch told, those that came off first before the others. */
    public List<ToldBatch> told(UUID kitchen) {
        return mapper.told(kitchen);
    }

    /** The looks and plates of every batch. */
    public List<ToldReading> readings(UUID kitchen) {
        return mapper.readings(kitchen);
    }

    /** Batches that came off before there were summaries, or under another model, get theirs beside what the application does. */
    @EventListener(ApplicationReadyEvent.class)
    void catchUp() {
        if (anew) {
            mapper.outdate();
        }
        if (!mapper.stale(BatchSummary.MODEL, 1).isEmpty()) {
            Thread thread = new Thread(this::rebuildStale, "batch-summaries");
            thread.setDaemon(true);
            thread.start();
        }
    }

    /** @return how many were made */
    int rebuildStale() {
        int made = 0;
        for (List<BatchSummaryMapper.Stale> stale = mapper.stale(BatchSummary.MODEL, AT_ONCE);
                !stale.isEmpty();
                stale = mapper.stale(BatchSummary.MODEL, AT_ONCE)) {
            for (BatchSummaryMapper.Stale one : stale) {
                BatchService.StoredCook kept = cooks.find(one.kitchenId(), one.id());
                mapper.write(one.kitchenId(), cooks.summary(kept.row(), kept.cook()), BatchSummary.MODEL);
                made++;
            }
        }
        LOG.info("{} batch summaries made", made);
        return made;
    }
}
