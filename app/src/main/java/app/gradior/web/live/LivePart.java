package app.gradior.web.live;

import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.kitchen.KitchenCache;
import app.gradior.web.text.UnitFormat;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.PrintWriter;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Component;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.web.servlet.View;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/**
 * What of a cook page is fetched again whenever something happens. It is the same for everybody of a kitchen who looks at the
 * cook, so it is made once and not for each page: it holds nobody's token, which the page's script sends of its own.
 */
@Component
class LivePart {
    /** Some 20 kB each. */
    private static final int KEPT = 300;

    /** So long nothing in it is seen to have aged; the time by which a page sets its clock is that of the answer. */
    private static final Duration IS_NOW = Duration.ofSeconds(5);

    private static final String NOW = "data-now=\"";
    private static final int HEAD = 400;

    private final CookPages pages;
    private final BatchService cooks;
    private final CookViews looks;
    private final KitchenCache kitchens;
    private final ThymeleafViewResolver views;
    /** The latest of each cook. */
    private final Cache<UUID, Part> parts =
            Caffeine.newBuilder().maximumSize(KEPT).build();

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
                    Arrays.copyOfRange(line, head.indexOf('"', from), line.length));
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

    /** Those whose part is about to be made: who listens is told once it is. No longer than this, whatever comes of it. */
    private final Cache<UUID, Boolean> beingMade =
            Caffeine.newBuilder().expireAfterWrite(Duration.ofSeconds(2)).build();

    LivePart(CookPages pages, BatchService cooks, CookViews looks, KitchenCache kitchens, ThymeleafViewResolver views) {
        this.pages = pages;
        this.cooks = cooks;
        this.looks = looks;
        this.kitchens = kitchens;
        this.views = views;
    }

    /** @param kept the cook as it is now */
    View of(UUID kitchen, BatchService.StoredCook kept, UnitFormat say) {
        Instant now = cooks.now();
        List<CookRow> underWay = cooks.rowsUnderWay(kitchen);
        Key key = new Key(
                Revision.of(kept.row()),
                kitchens.changes(kitchen),
                underWay.stream()
                        .filter(row -> !row.id().equals(kept.row().id()))
                        .map(Revision::of)
                        .toList());
        return (model, request, response) -> {
            Part part = parts.getIfPresent(kept.row().id());
            if (part == null || !part.key().equals(key) || !part.isNow(now)) {
                part = Part.of(key, now, render(kitchen, kept, underWay, say, request, response));
                parts.put(kept.row().id(), part);
            }
            beingMade.invalidate(kept.row().id());
            response.setContentType(MediaType.TEXT_HTML_VALUE);
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.getOutputStream().write(part.at(now));
        };
    }

    /** Something happens in a cook, and whoever entered it is shown what it comes to. */
    void willBeMade(UUID cook) {
        beingMade.put(cook, true);
    }

    void willNotBeMade(UUID cook) {
        beingMade.invalidate(cook);
    }

    boolean isBeingMade(UUID cook) {
        return beingMade.getIfPresent(cook) != null;
    }

    /**
     * What was made of a cook just now for somebody else, in one line.
     *
     * @param revision of the cook
     */
    Optional<byte[]> atHand(UUID cook, long revision) {
        Instant now = cooks.now();
        return Optional.ofNullable(parts.getIfPresent(cook))
                .filter(part -> part.key().cook().revision() == revision && part.isNow(now))
                .map(part -> part.at(now));
    }

    private byte[] render(
            UUID kitchen,
            BatchService.StoredCook kept,
            List<CookRow> underWay,
            UnitFormat say,
            HttpServletRequest request,
            HttpServletResponse response)
            throws Exception {
        ExtendedModelMap model = new ExtendedModelMap();
        pages.fill(kitchen, kept, looks.of(kitchen, underWay, say), say, model);
        OneLine rendered = new OneLine();
        PrintWriter writer = new PrintWriter(rendered);
        HttpServletResponse instead = new HttpServletResponseWrapper(response) {
            @Override
            public PrintWriter getWriter() {
                return writer;
            }
        };
        Object token = request.getAttribute(CsrfToken.class.getName());
        request.removeAttribute(CsrfToken.class.getName());
        try {
            views.resolveViewName(CookPages.LIVE_PART, Locale.ENGLISH).render(model, request, instead);
        } finally {
            request.setAttribute(CsrfToken.class.getName(), token);
        }
        return rendered.bytes();
    }
}
