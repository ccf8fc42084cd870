package app.gradior.web.live;

import app.gradior.web.batch.BatchService;
import app.gradior.web.kitchen.OpenSessions;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The pages that listen to this node, and are told that something happened in their cook. The database is asked, not the
 * memory of this application, so that what another node has stored is told as well: once for all pages.
 */
@Component
class OpenPages {
    private static final Logger LOG = LoggerFactory.getLogger(OpenPages.class);
    private static final long EVERY_MS = 400;

    /** A page that is gone is noticed at the latest by this silence being broken. */
    private static final int QUIET_ROUNDS = 40;

    private final BatchService cooks;
    private final LivePart parts;
    private final OpenSessions sessions;
    private final Set<OpenPage> pages = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService asking = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "open-pages");
        thread.setDaemon(true);
        return thread;
    });
    private int round;

    OpenPages(BatchService cooks, LivePart parts, OpenSessions sessions, MeterRegistry figures) {
        this.cooks = cooks;
        this.parts = parts;
        this.sessions = sessions;
        Gauge.builder("gradior.pages", pages, Set::size)
                .description("Cook pages that listen to this node")
                .register(figures);
        asking.scheduleWithFixedDelay(this::tell, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    int count() {
        return pages.size();
    }

    void add(OpenPage page) {
        pages.add(page);
    }

    void remove(OpenPage page) {
        pages.remove(page);
    }

    private void tell() {
        try {
            Set<BatchService.Which> asked = pages.stream().map(OpenPage::cook).collect(Collectors.toSet());
            if (asked.isEmpty()) {
                return;
            }
            boolean quiet = ++round % QUIET_ROUNDS == 0;
            tell(cooks.revisions(asked));
            if (quiet) {
                pages.forEach(OpenPage::here);
            }
        } catch (RuntimeException e) {
            // The database is away for a while: the pages are told when it is back.
            LOG.debug("no look at the cooks", e);
        }
    }

    /**
     * Each page that is behind is sent what it is to show, if that was made here just now and whoever reads it is signed in
     * still; any other hears that there is something, asks for it, and is answered as it may be.
     *
     * @param latest the revisions of those cooks that are there
     */
    private void tell(Map<BatchService.Which, Long> latest) {
        List<OpenPage> behind = pages.stream()
                .filter(page -> page.isBehind(revision(latest, page)))
                .filter(page -> !parts.isBeingMade(page.cook().cook()))
                .toList();
        Map<BatchService.Which, byte[]> made = new HashMap<>();
        for (OpenPage page : behind) {
            if (!made.containsKey(page.cook())) {
                parts.atHand(page.cook().cook(), revision(latest, page))
                        .ifPresent(part -> made.put(page.cook(), event("live", part)));
            }
        }
        Set<String> signedIn = sessions.of(behind.stream()
                .filter(page -> made.containsKey(page.cook()))
                .map(OpenPage::session)
                .collect(Collectors.toSet()));
        for (OpenPage page : behind) {
            long revision = revision(latest, page);
            byte[] part = signedIn.contains(page.session()) ? made.get(page.cook()) : null;
            page.tell(revision, part != null ? part : changed(revision));
        }
    }

    /** A cook that is gone has none: its page asks, and hears of it. */
    private static long revision(Map<BatchService.Which, Long> latest, OpenPage page) {
        return latest.getOrDefault(page.cook(), -1L);
    }

    /** That there is a revision, and nothing of it. */
    static byte[] changed(long revision) {
        return event("changed", String.valueOf(revision).getBytes(StandardCharsets.US_ASCII));
    }

    private static byte[] event(String name, byte[] line) {
        byte[] head = ("event:" + name + "\ndata:").getBytes(StandardCharsets.US_ASCII);
        byte[] event = Arrays.copyOf(head, head.length + line.length + 2);
        System.arraycopy(line, 0, event, head.length, line.length);
        Arrays.fill(event, head.length + line.length, event.length, (byte) '\n');
        return event;
    }

    /** Before the server waits for its requests to end: these would never end by themselves. */
    @EventListener(ContextClosedEvent.class)
    void stop() {
        asking.shutdownNow();
        pages.forEach(OpenPage::end);
    }
}
