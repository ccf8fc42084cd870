package app.gradior.web.live;

import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.kitchen.KitchenCache;
import app.gradior.web.platform.TemplateRenderer;
import app.gradior.web.text.UnitFormat;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.web.servlet.View;

/**
 * What of a cook page is fetched again whenever something happens. It is the same for everybody of a kitchen who looks at the
 * cook, so it is made once and not for each page: it holds nobody's token, which the page's script sends of its own.
 */
@Component
class LivePart {
    private static final Logger LOG = LoggerFactory.getLogger(LivePart.class);

    /** Some 20 kB each. */
    private static final int KEPT = 300;

    /** So long nothing in it is seen to have aged; the time by which a page sets its clock is that of the answer. */
    private static final Duration IS_NOW = Duration.ofSeconds(5);

    private static final String NOW = "data-now=\"";
    private static final String NOW_ENDS = "\"";
    private static final int HEAD = 400;

    private final CookPages pages;
    private final BatchService cooks;
    private final CookViews looks;
    private final KitchenCache kitchens;
    private final TemplateRenderer templates;
    private final ApplicationEventPublisher events;
    /** The latest of each cook; of no use once it is not of now any more. */
    private final Cache<UUID, Part> parts = Caffeine.newBuilder()
            .maximumSize(KEPT)
            .expireAfterWrite(IS_NOW.multipliedBy(2))
            .build();

    /**
     * All that it is made of.
     *
     * @param changes of the kitchen's other rows
     * @param others the cooks of the kitchen, which it names too
     */
    private record Key(Revision cook, long changes, List<Revision> others) {}

    /** Without line breaks, so that it can be an event of a stream; in two pieces around the time of the answer. */
    private record Part(Key key, Instant made, byte[] before, byte[] after) {
        static Part of(Key key, Instant made, byte[] line) {
            // It is in the first tag.
            String head = new String(line, 0, Math.min(HEAD, line.length), StandardCharsets.ISO_8859_1);
            int from = head.indexOf(NOW) + NOW.length();
            return new Part(
                    key,
                    made,
                    Arrays.copyOf(line, from),
                    Arrays.copyOfRange(line, head.indexOf(NOW_ENDS, from), line.length));
        }

        boolean isLaterThan(Part other) {
            return key.cook().revision() > other.key().cook().revision();
        }

        boolean isNow(Instant now) {
            return Duration.between(made, now).abs().compareTo(IS_NOW) <= 0;
        }

        /** The whole of it, as answered at a moment. */
        byte[] at(Instant now) {
            byte[] moment = now.toString().getBytes(StandardCharsets.US_ASCII);
            return ByteBuffer.allocate(before.length + moment.length + after.length)
                    .put(before)
                    .put(moment)
                    .put(after)
                    .array();
        }
    }

    private record Revision(UUID cook, long revision) {
        static Revision of(CookRow row) {
            return new Revision(row.id(), row.revision());
        }
    }

    /**
     * Those whose part is about to be made, each by who does it last: who listens is told once it is. No longer than this,
     * whatever comes of it.
     */
    private final Cache<UUID, Object> beingMade =
            Caffeine.newBuilder().expireAfterWrite(Duration.ofSeconds(2)).build();

    /** Cooks that something was entered in, each as it is by now. */
    private final Map<UUID, Entered> entered = new ConcurrentHashMap<>();

    /** Few: what was entered is stored and answered whatever there is to be made, and of a cook only the latest is. */
    private final ExecutorService making =
            Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors(), task -> {
                Thread thread = new Thread(task, "live-parts");
                thread.setDaemon(true);
                return thread;
            });

    private record Entered(UUID kitchen, BatchService.StoredCook kept, UnitFormat say, Object by) {
        Entered latest(Entered other) {
            return other.kept().row().revision() > kept.row().revision() ? other : this;
        }
    }

    /** What a cook comes to is at hand for those who listen. */
    record Made(UUID cook) {}

    LivePart(
            CookPages pages,
            BatchService cooks,
            CookViews looks,
            KitchenCache kitchens,
            TemplateRenderer templates,
            ApplicationEventPublisher events) {
        this.pages = pages;
        this.cooks = cooks;
        this.looks = looks;
        this.kitchens = kitchens;
        this.templates = templates;
        this.events = events;
    }

    @PreDestroy
    void stop() {
        making.shutdownNow();
    }

    /** @param kept the cook as it is now */
    View of(UUID kitchen, BatchService.StoredCook kept, UnitFormat say) {
        Instant now = cooks.now();
        byte[] part = part(kitchen, kept, say, now).at(now);
        return (model, request, response) -> {
            response.setContentType(MediaType.TEXT_HTML_VALUE);
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.getOutputStream().write(part);
        };
    }

    /**
     * Makes it soon, and says then that it is there.
     *
     * @param by what {@link #willBeMade} gave
     */
    void soon(UUID kitchen, BatchService.StoredCook kept, UnitFormat say, Object by) {
        UUID cook = kept.row().id();
        entered.merge(cook, new Entered(kitchen, kept, say, by), Entered::latest);
        making.execute(() -> make(cook));
    }

    private void make(UUID cook) {
        Entered latest = entered.remove(cook);
        if (latest == null) {
            // Made already, with an entry that came just before.
            return;
        }
        try {
            part(latest.kitchen(), latest.kept(), latest.say(), cooks.now());
        } catch (RuntimeException e) {
            // Who listens hears that there is something, asks for it and is told why there is nothing to see.
            LOG.warn("what a cook comes to was not made", e);
        }
        isMade(cook, latest.by());
        events.publishEvent(new Made(cook));
    }

    private Part part(UUID kitchen, BatchService.StoredCook kept, UnitFormat say, Instant now) {
        List<CookRow> underWay = cooks.rowsUnderWay(kitchen);
        Key key = new Key(
                Revision.of(kept.row()),
                kitchens.changes(kitchen),
                underWay.stream()
                        .filter(row -> !row.id().equals(kept.row().id()))
                        .map(Revision::of)
                        .toList());
        Part part = parts.getIfPresent(kept.row().id());
        if (part == null || !part.key().equals(key) || !part.isNow(now)) {
            part = Part.of(key, now, render(kitchen, kept, underWay, say));
            // One that was begun later may have been made sooner.
            parts.asMap()
                    .merge(
                            kept.row().id(),
                            part,
                            (there, made) -> there.isNow(now) && there.isLaterThan(made) ? there : made);
        }
        return part;
    }

    /**
     * Something happens in a cook, and whoever listens is told what it comes to once it is made.
     *
     * @return who makes it
     */
    Object willBeMade(UUID cook) {
        Object by = new Object();
        beingMade.put(cook, by);
        return by;
    }

    /** It is, or will not be. */
    void isMade(UUID cook, Object by) {
        beingMade.asMap().remove(cook, by);
    }

    boolean isBeingMade(UUID cook) {
        return beingMade.getIfPresent(cook) != null;
    }

    /** What was made of a cook just now, in one line, and of which of its revisions. */
    record Ready(long revision, byte[] line) {}

    /**
     * What was made of a cook just now for somebody else.
     *
     * @param latest its revision by now: what was made of a later one is of entries that are gone
     */
    Optional<Ready> atHand(UUID cook, long latest) {
        Instant now = cooks.now();
        return Optional.ofNullable(parts.getIfPresent(cook))
                .filter(part -> part.key().cook().revision() <= latest && part.isNow(now))
                .map(part -> new Ready(part.key().cook().revision(), part.at(now)));
    }

    private byte[] render(UUID kitchen, BatchService.StoredCook kept, List<CookRow> underWay, UnitFormat say) {
        ExtendedModelMap shown = new ExtendedModelMap();
        shown.addAttribute("say", say);
        pages.fill(kitchen, kept, looks.of(kitchen, underWay, say), say, shown);
        OneLine rendered = new OneLine();
        templates.render(CookPages.TEMPLATE, CookPages.LIVE, shown, rendered);
        return rendered.bytes();
    }
}
