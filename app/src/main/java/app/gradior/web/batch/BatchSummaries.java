package app.gradior.web.batch;

import app.gradior.web.sauce.LastMade;
import java.time.Instant;
import java.util.Collection;
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

    /** The latest that tell something of their pots. */
    public List<BatchSummary> telling(UUID kitchen, int limit) {
        return mapper.telling(kitchen, limit);
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
                mapper.write(one.kitchenId(), BatchSummary.of(kept.row(), kept.cook()), BatchSummary.MODEL);
                made++;
            }
        }
        LOG.info("{} batch summaries made", made);
        return made;
    }
}
