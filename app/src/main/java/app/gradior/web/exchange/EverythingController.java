package app.gradior.web.exchange;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.kitchen.OpenSessions;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** All that a kitchen has, as one file. */
@Controller
class EverythingController {
    private final KitchenArchive archive;
    private final OpenSessions sessions;

    EverythingController(KitchenArchive archive, OpenSessions sessions) {
        this.archive = archive;
        this.sessions = sessions;
    }

    @GetMapping("/kitchen/everything.zip")
    void everything(@InKitchen UUID kitchen, HttpSession session, HttpServletResponse response) throws IOException {
        sessions.downloaded(session);
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"gradior-kitchen.zip\"");
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        archive.write(kitchen, response.getOutputStream());
    }
}
