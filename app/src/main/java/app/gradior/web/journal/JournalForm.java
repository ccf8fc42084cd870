package app.gradior.web.journal;

import app.gradior.web.batch.BatchFilter;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.web.util.UriUtils;

/** What is looked for in the journal, as it stands in the address. Fields that were never sent are null. */
record JournalForm(String q, String pot, String by, String verdict, String from, String to) {
    private static final int LONGEST = 80;

    JournalForm {
        q = plain(q);
        pot = plain(pot);
        by = plain(by);
        verdict = plain(verdict);
        from = plain(from);
        to = plain(to);
    }

    private static String plain(String typed) {
        String stripped = typed == null ? "" : typed.strip();
        return stripped.length() > LONGEST ? stripped.substring(0, LONGEST) : stripped;
    }

    /** What is not understood, by field. */
    public Map<String, String> problems() {
        Map<String, String> problems = new LinkedHashMap<>();
        if (!from.isEmpty() && day(from).isEmpty()) {
            problems.put("from", JournalText.DAY);
        }
        if (!to.isEmpty() && day(to).isEmpty()) {
            problems.put("to", JournalText.DAY);
        }
        if (day(from).isPresent()
                && day(to).isPresent()
                && day(to).get().isBefore(day(from).get())) {
            problems.put("to", JournalText.DAYS_REVERSED);
        }
        return problems;
    }

    private static Optional<LocalDate> day(String typed) {
        try {
            return typed.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(typed));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    /** Whether anything is looked for. */
    public boolean asks() {
        return !(q + pot + by + verdict + from + to).isEmpty();
    }

    /** @param zone in which days begin */
    BatchFilter filter(ZoneId zone) {
        int[] steps = switch (verdict) {
            case "thin" -> new int[] {-2, -1};
            case "right" -> new int[] {0, 0};
            case "thick" -> new int[] {1, 2};
            default -> null;
        };
        UUID id;
        try {
            id = pot.isEmpty() ? null : UUID.fromString(pot);
        } catch (IllegalArgumentException e) {
            id = new UUID(0, 0);
        }
        String escaped = q.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
        return new BatchFilter(
                q.isEmpty() ? null : "%" + escaped + "%",
                null,
                id,
                by.isEmpty() ? null : by,
                steps == null ? null : steps[0],
                steps == null ? null : steps[1],
                day(from).map(d -> d.atStartOfDay(zone).toInstant()).orElse(null),
                day(to).map(d -> d.plusDays(1).atStartOfDay(zone).toInstant()).orElse(null));
    }

    /** As it goes on after the address of the journal: "?q=dip&verdict=thin", empty if nothing is looked for. */
    public String query() {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("q", q);
        fields.put("pot", pot);
        fields.put("by", by);
        fields.put("verdict", verdict);
        fields.put("from", from);
        fields.put("to", to);
        String joined = fields.entrySet().stream()
                .filter(field -> !field.getValue().isEmpty())
                .map(field -> field.getKey() + "=" + UriUtils.encode(field.getValue(), "UTF-8"))
                .collect(Collectors.joining("&"));
        return joined.isEmpty() ? "" : "?" + joined;
    }
}
