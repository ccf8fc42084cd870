package app.gradior.web.live;

import app.gradior.measure.NumberInput;
import app.gradior.web.batch.BatchService;
import app.gradior.web.kitchen.InKitchen;
import java.io.IOException;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells open pages that something happened in a cook. It asks the database, not the memory of this application, so that
 * what another node has stored is told as well.
 */
@Controller
class CookStream {
    private static final Logger LOG = LoggerFactory.getLogger(CookStream.class);
    private static final long EVERY_MS = 400;

    /** A page that is gone is noticed at the latest by this silence being broken. */
    private static final int QUIET_ROUNDS = 40;

    private static final long LONGEST_MS = TimeUnit.MINUTES.toMillis(30);
    private static final int MAX_PAGES = 500;

    private final BatchService cooks;
    private final Set<Page> pages = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService asking = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "cook-stream");
        thread.setDaemon(true);
        return thread;
    });

    CookStream(BatchService cooks) {
        this.cooks = cooks;
        asking.scheduleWithFixedDelay(this::tell, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    /** A page that listens; {@code told} is the revision of the cook that it knows of. */
    private static final class Page {
        private final UUID kitchen;
        private final UUID cook;
        private final SseEmitter emitter = new SseEmitter(LONGEST_MS);
        private long told;
        private int quiet;

        Page(UUID kitchen, UUID cook, long told) {
            this.kitchen = kitchen;
            this.cook = cook;
            this.told = told;
        }
    }

    /** @param since the revision that the page shows: what came between its making and its listening is told at once */
    @GetMapping(path = "/cooks/{id}/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam(defaultValue = "") String since)
            throws IOException {
        long now = cooks.row(kitchen, id).revision();
        if (pages.size() >= MAX_PAGES) {
            // The page then asks by itself, every twenty seconds, as it does anyway.
            throw new ResponseStatusException(HttpStatus.SERVICE_UNAVAILABLE);
        }
        Page page = new Page(kitchen, id, (long) NumberInput.read(since, 0, now).orElse(now));
        // Headers go out with the first word: until then a proxy, and the browser, would wait.
        page.emitter.send(SseEmitter.event().comment("here"));
        pages.add(page);
        page.emitter.onCompletion(() -> pages.remove(page));
        page.emitter.onTimeout(page.emitter::complete);
        page.emitter.onError(e -> pages.remove(page));
        return page.emitter;
    }

    private void tell() {
        for (Page page : pages) {
            try {
                long latest = cooks.revision(page.kitchen, page.cook);
                if (latest != page.told) {
                    page.told = latest;
                    page.quiet = 0;
                    page.emitter.send(SseEmitter.event().name("changed").data(latest));
                } else if (++page.quiet >= QUIET_ROUNDS) {
                    page.quiet = 0;
                    page.emitter.send(SseEmitter.event().comment("here"));
                }
            } catch (IOException | IllegalStateException gone) {
                pages.remove(page);
            } catch (RuntimeException e) {
                // The database is away for a while: the pages are told when it is back.
                LOG.debug("no look at cook {}", page.cook, e);
            }
        }
    }

    /** Before the server waits for its requests to end: these would never end by themselves. */
    @EventListener(ContextClosedEvent.class)
    void stop() {
        asking.shutdownNow();
        pages.forEach(page -> page.emitter.complete());
    }
}
