package app.gradior.web.live;

import app.gradior.measure.NumberInput;
import app.gradior.web.batch.BatchService;
import app.gradior.web.kitchen.InKitchen;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Where open pages listen to a cook. */
@Controller
class CookStream {
    private static final Logger LOG = LoggerFactory.getLogger(CookStream.class);
    private static final long LONGEST_MS = TimeUnit.MINUTES.toMillis(30);

    private final BatchService cooks;
    private final OpenPages pages;
    private final int room;

    /** @param room how many pages may listen to this node */
    CookStream(BatchService cooks, OpenPages pages, @Value("${gradior.stream.pages}") int room) {
        this.cooks = cooks;
        this.pages = pages;
        this.room = room;
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
        if (pages.count() >= room) {
            LOG.warn("{} pages listen already: one more asks by itself", room);
            response.getOutputStream().print("event:full\ndata:" + room + "\n\n");
            return;
        }
        AsyncContext open = request.startAsync(request, response);
        open.setTimeout(LONGEST_MS);
        BatchService.Which which = new BatchService.Which(kitchen, id);
        long shown = (long) NumberInput.read(since, 0, now).orElse(now);
        pages.add(new OpenPage(which, request.getSession().getId(), open, shown, pages::remove));
    }
}
