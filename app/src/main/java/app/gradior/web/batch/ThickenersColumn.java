package app.gradior.web.batch;

import app.gradior.learning.Thickeners;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** What thickens a batch as it stands in a column: "BODY=41.2 CORN=60.0". */
final class ThickenersColumn {
    private ThickenersColumn() {}

    static String write(Thickeners thickeners) {
        return thickeners.perKilogram().entrySet().stream()
                .map(source -> source.getKey() + String.format(Locale.ROOT, "=%.4g", source.getValue()))
                .collect(Collectors.joining(" "));
    }

    /** @param stored null or empty for nothing */
    static Thickeners read(String stored) {
        Map<String, Double> sources = new TreeMap<>();
        if (stored != null && !stored.isEmpty()) {
            for (String source : stored.split(" ")) {
                int at = source.indexOf('=');
                sources.put(source.substring(0, at), Double.parseDouble(source.substring(at + 1)));
            }
        }
        return new Thickeners(sources);
    }
}
