package app.gradior.web.live;

import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.kitchen.KitchenCache;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
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
    /** Some 40 kB each. */
    private static final int KEPT = 300;

    /** A page sets its clock by parts that are further off than this. */
    private static final Duration IS_NOW = Duration.ofSeconds(1);

    private static final int TYPICAL = 40_000;

    private final CookPages pages;
    private final BatchService cooks;
    private final CookViews looks;
    private final KitchenCache kitchens;
    private final ThymeleafViewResolver views;
    private final Cache<Key, Part> parts =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    /**
     * All that it is made of.
     *
     * @param changes of the kitchen's other rows
     * @param others the cooks of the kitchen, which it names too
     */
    private record Key(Revision cook, long changes, List<Revision> others) {}

    private record Part(Instant made, byte[] html) {}

    private record Revision(UUID cook, long revision) {
        static Revision of(CookRow row) {
            return new Revision(row.id(), row.revision());
        }
    }

    LivePart(CookPages pages, BatchService cooks, CookViews looks, KitchenCache kitchens, ThymeleafViewResolver views) {
        this.pages = pages;
        this.cooks = cooks;
        this.looks = looks;
        this.kitchens = kitchens;
        this.views = views;
    }

    /** @param kept the cook as it is now */
    View of(UUID kitchen, BatchService.StoredCook kept) {
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
            Part part = parts.getIfPresent(key);
            if (part == null || Duration.between(part.made(), now).abs().compareTo(IS_NOW) > 0) {
                part = new Part(now, render(kitchen, kept, underWay, request, response));
                parts.put(key, part);
            }
            response.setContentType(MediaType.TEXT_HTML_VALUE);
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.getOutputStream().write(part.html());
        };
    }

    private byte[] render(
            UUID kitchen,
            BatchService.StoredCook kept,
            List<CookRow> underWay,
            HttpServletRequest request,
            HttpServletResponse response)
            throws Exception {
        ExtendedModelMap model = new ExtendedModelMap();
        pages.fill(kitchen, kept, looks.of(kitchen, underWay), model);
        StringWriter rendered = new StringWriter(TYPICAL);
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
        return rendered.toString().getBytes(StandardCharsets.UTF_8);
    }
}
