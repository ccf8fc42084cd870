package app.gradior.web.journal;

import app.gradior.web.batch.BatchSummary;
import java.io.IOException;
import java.io.Writer;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Batches as plain rows, in grams, minutes and grades: what they are called is part of the format. */
final class JournalExport {
    private JournalExport() {}

    static Map<String, Object> row(BatchSummary batch) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("batch", batch.id());
        row.put("finishedAt", batch.finishedAt());
        row.put("sauce", batch.sauceName());
        row.put("version", batch.sauceVersion());
        row.put("pot", batch.potName());
        row.put("use", batch.useFor() == null ? null : batch.useFor().key());
        row.put("forecastMinutes", rounded(batch.forecastMiddle()));
        row.put("forecastLow", rounded(batch.forecastLow()));
        row.put("forecastHigh", rounded(batch.forecastHigh()));
        row.put("minutes", rounded(batch.tookMinutes()));
        row.put("aimedGrams", rounded(batch.aimedGrams()));
        row.put("yieldGrams", rounded(batch.yieldGrams()));
        row.put("gradeAtStove", rounded(batch.stoveGrade()));
        row.put("gradeAt60C", rounded(batch.warmGrade()));
        row.put("gradeAt5C", rounded(batch.coldGrade()));
        row.put("wantedLow", rounded(batch.wantedLow()));
        row.put("wantedHigh", rounded(batch.wantedHigh()));
        row.put("thicknessVerdict", batch.verdict());
        row.put("leftOut", batch.excluded());
        return row;
    }

    private static Double rounded(Double value) {
        return value == null ? null : Math.round(value * 100) / 100.0;
    }

    static void csv(List<BatchSummary> batches, Writer to) throws IOException {
        try (CSVPrinter printer = new CSVPrinter(to, CSVFormat.RFC4180)) {
            boolean head = true;
            for (BatchSummary batch : batches) {
                Map<String, Object> row = row(batch);
                if (head) {
                    printer.printRecord(row.keySet());
                    head = false;
                }
                printer.printRecord(
                        row.values().stream().map(JournalExport::harmless).toList());
            }
            if (head) {
                printer.printRecord("batch");
            }
        }
    }

    /** A spreadsheet takes a text that begins so for a formula. */
    private static Object harmless(Object value) {
        return value instanceof String text && text.matches("[=+\\-@\\t\\r].*") ? "'" + text : value;
    }
}
