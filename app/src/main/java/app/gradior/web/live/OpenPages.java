package app.gradior.web.live;

import app.gradior.web.batch.BatchService;
import app.gradior.web.kitchen.OpenSessions;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
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

    /** Pages that something was made for here are told no oftener than this: many at once take one question together. */
    private static final long GATHER_MS = 60;

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
    /** When they were told last of what was made here. */
    private volatile long told;

    private final AtomicBoolean soon = new AtomicBoolean();
    /** Cooks that something was made of since pages were told. */
    private final Set<UUID> made = ConcurrentHashMap.newKeySet();

    private int round;

    OpenPages(BatchService cooks, LivePart parts, OpenSessions sessions, MeterRegistry figures) {
        this.cooks = cooks;
        this.parts = parts;
        this.sessions = sessions;
        Gauge.builder("gradior.pages", pages, Set::size)
                .description("Cook pages that listen to this node")
                .register(figures);
        asking.scheduleWithFixedDelay(this::round, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    @EventListener
    void made(LivePart.Made part) {
        made.add(part.cook());
        if (!asking.isShutdown() && soon.compareAndSet(false, true)) {
            long since = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - told);
            asking.schedule(this::tellOfMade, Math.max(0, GATHER_MS - since), TimeUnit.MILLISECONDS);
        }
    }

    private void round() {
        look();
        if (++round % QUIET_ROUNDS == 0) {
            pages.forEach(OpenPage::here);
        }
    }

    /** What was made here is of a revision that is stored: nobody has to be asked for it. */
    private void tellOfMade() {
        soon.set(false);
        try {
            Set<UUID> cooks = Set.copyOf(made);
            made.removeAll(cooks);
            Map<UUID, Optional<LivePart.Ready>> atHand = new HashMap<>();
            Map<OpenPage, LivePart.Ready> shown = new HashMap<>();
            for (OpenPage page : pages) {
                UUID cook = page.cook().cook();
                if (cooks.contains(cook)) {
                    atHand.computeIfAbsent(cook, id -> parts.atHand(id, Long.MAX_VALUE))
                            .filter(part -> page.isBefore(part.revision()))
                            .ifPresent(part -> shown.put(page, part));
                }
            }
            show(shown);
        } catch (RuntimeException e) {
            LOG.debug("nobody was told of what was made", e);
        } finally {
            told = System.nanoTime();
        }
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

    private void look() {
        try {
            Set<BatchService.Which> asked = pages.stream().map(OpenPage::cook).collect(Collectors.toSet());
            if (asked.isEmpty()) {
                return;
            }
            tell(cooks.revisions(asked));
        } catch (RuntimeException e) {
            // The database is away for a while: the pages are told when it is back.
            LOG.debug("no look at the cooks", e);
        }
    }

    /**
     * Each page that is behind is sent what it is to show, if that was made here just now and whoever reads it is signed in
     * still; where it is being made it is told then. Any other hears that there is something, asks for it, and is answered as
     * it may be.
     *
     * @param latest the revisions of those cooks that are there
     */
    private void tell(Map<BatchService.Which, Long> latest) {
        Map<BatchService.Which, Optional<LivePart.Ready>> atHand = new HashMap<>();
        Map<OpenPage, LivePart.Ready> shown = new HashMap<>();
        List<OpenPage> others = new ArrayList<>();
        for (OpenPage page : pages) {
            long revision = revision(latest, page);
            if (page.isBehind(revision)) {
                Optional<LivePart.Ready> part = atHand.computeIfAbsent(
                                page.cook(), cook -> parts.atHand(cook.cook(), revision))
                        .filter(made -> page.isBefore(made.revision()));
                if (part.isPresent()) {
                    shown.put(page, part.get());
                } else if (!parts.isBeingMade(page.cook().cook())) {
                    others.add(page);
                }
            }
        }
        others.forEach(page -> page.tell(revision(latest, page), changed(revision(latest, page))));
        show(shown);
    }

    /** Whoever reads a page and is not signed in any more hears of a revision only that it is there. */
    private void show(Map<OpenPage, LivePart.Ready> shown) {
        Set<String> signedIn =
                sessions.of(shown.keySet().stream().map(OpenPage::session).collect(Collectors.toSet()));
        Map<LivePart.Ready, byte[]> events = new HashMap<>();
        shown.forEach((page, part) -> page.tell(
                part.revision(),
                signedIn.contains(page.session())
                        ? events.computeIfAbsent(part, made -> event("live", made.line()))
                        : changed(part.revision())));
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
