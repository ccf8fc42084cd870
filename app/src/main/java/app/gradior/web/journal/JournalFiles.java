package app.gradior.web.journal;

import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.text.UnitFormat;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** The journal as files: all of it, or what a filter lets through. */
@Controller
class JournalFiles {
    private static final int MOST = 50_000;

    private final BatchSummaries batches;

    JournalFiles(BatchSummaries batches) {
        this.batches = batches;
    }

    @GetMapping("/journal/export.csv")
    void csv(@InKitchen UUID kitchen, JournalForm form, UnitFormat say, HttpServletResponse response)
            throws IOException {
        response.setContentType("text/csv;charset=UTF-8");
        response.setHeader("Content-Disposition", "attachment; filename=journal.csv");
        JournalExport.csv(found(kitchen, form, say.preference().zone()), response.getWriter());
    }

    @GetMapping(path = "/journal/export.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    Map<String, Object> json(@InKitchen UUID kitchen, JournalForm form, UnitFormat say, HttpServletResponse response) {
        response.setHeader("Content-Disposition", "attachment; filename=journal.json");
        return Map.of(
                "format",
                "gradior-journal/1",
                "batches",
                found(kitchen, form, say.preference().zone()).stream()
                        .map(JournalExport::row)
                        .toList());
    }

    private List<BatchSummary> found(UUID kitchen, JournalForm form, ZoneId zone) {
        return batches.search(kitchen, form.filter(zone), null, MOST);
    }
}
