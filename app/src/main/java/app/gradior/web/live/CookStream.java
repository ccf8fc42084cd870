package app.gradior.web.live;

import app.gradior.measure.NumberInput;
import app.gradior.web.batch.BatchService;
import app.gradior.web.kitchen.InKitchen;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * Tells open pages that something happened in a cook. It asks the database, not the memory of this application, so that
 * what another node has stored is told as well: once for all pages of this node.
 */
@Controller
class CookStream {
    private static final Logger LOG = LoggerFactory.getLogger(CookStream.class);
    private static final long EVERY_MS = 400;

    /** A page that is gone is noticed at the latest by this silence being broken. */
    private static final int QUIET_ROUNDS = 40;

    private static final long LONGEST_MS = TimeUnit.MINUTES.toMillis(30);

    private final BatchService cooks;
    private final int room;
    private final Set<OpenPage> pages = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService asking = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "cook-stream");
        thread.setDaemon(true);
        return thread;
    });
    private int round;

    /** @param room how many pages may listen to this node */
    CookStream(BatchService cooks, @Value("${gradior.stream.pages}") int room, MeterRegistry figures) {
        this.cooks = cooks;
        this.room = room;
        Gauge.builder("gradior.pages", pages, Set::size)
                .description("Cook pages that listen to this node")
                .register(figures);
        asking.scheduleWithFixedDelay(this::tell, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    /** @param since the revision that the page shows: what came between its making and its listening is told at once */
    @GetMapping(path = "/cooks/{id}/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    void stream(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String since,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        long now = cooks.row(kitchen, id).revision();
        response.setContentType(MediaType.TEXT_EVENT_STREAM_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        // A proxy that collects what it hands on would keep it until there is more.
        response.setHeader("X-Accel-Buffering", "no");
        if (pages.size() >= room) {
            LOG.warn("{} pages listen already: one more asks by itself", room);
            response.getOutputStream().print("event:full\ndata:" + room + "\n\n");
            return;
        }
        AsyncContext open = request.startAsync(request, response);
        open.setTimeout(LONGEST_MS);
        BatchService.Which which = new BatchService.Which(kitchen, id);
        pages.add(
                new OpenPage(which, open, (long) NumberInput.read(since, 0, now).orElse(now), pages::remove));
    }

    private void tell() {
        try {
            Set<BatchService.Which> asked = pages.stream().map(OpenPage::cook).collect(Collectors.toSet());
            if (asked.isEmpty()) {
                return;
            }
            boolean quiet = ++round % QUIET_ROUNDS == 0;
            Map<BatchService.Which, Long> latest = cooks.revisions(asked);
            for (OpenPage page : pages) {
                // A cook that is gone has none: its page asks, and hears of it.
                page.tell(latest.getOrDefault(page.cook(), -1L));
                if (quiet) {
                    page.here();
                }
            }
        } catch (RuntimeException e) {
            // The database is away for a while: the pages are told when it is back.
            LOG.debug("no look at the cooks", e);
        }
    }

    /** Before the server waits for its requests to end: these would never end by themselves. */
    @EventListener(ContextClosedEvent.class)
    void stop() {
        asking.shutdownNow();
        pages.forEach(OpenPage::end);
    }
}
