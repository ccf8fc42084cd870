package app.gradior.web.exchange;

import app.gradior.web.kitchen.Audit;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;

/** Sends all that a kitchen has, and keeps that it was taken. */
@Component
class ArchiveDownload {
    private final KitchenArchive archive;
    private final Audit audit;

    ArchiveDownload(KitchenArchive archive, Audit audit) {
        this.archive = archive;
        this.audit = audit;
    }

    void send(UUID kitchen, HttpServletResponse response) throws IOException {
        Path file = archive.write(kitchen);
        try {
            audit.note(Audit.What.DOWNLOADED);
            response.setContentType("application/zip");
            response.setContentLengthLong(Files.size(file));
            response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"gradior-kitchen.zip\"");
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
