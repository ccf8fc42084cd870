package app.gradior.web.exchange;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A column of the database as it stands in an archive: instants in UTC as ISO 8601, JSON as JSON, ids as text. */
record ArchiveColumn(ArchiveMapper.Column column) {
    String name() {
        return column.name();
    }

    private boolean is(String type) {
        return column.type().startsWith(type);
    }

    /** As it is asked of the database. */
    String asked() {
        String quoted = "`" + name() + "`";
        if (is("datetime")) {
            return "date_format(" + quoted + ", '%Y-%m-%dT%H:%i:%s.%fZ') as " + quoted;
        }
        return is("date") ? "date_format(" + quoted + ", '%Y-%m-%d') as " + quoted : quoted;
    }

    /** What the database gave for it, as JSON. */
    JsonNode write(Object value, JsonMapper json) {
        return column.json() ? json.readTree((String) value) : json.valueToTree(value);
    }

    /**
     * What the database takes for it.
     *
     * @throws IllegalArgumentException if the value can't be of this column
     * @throws java.time.DateTimeException if it is no date where one belongs
     */
    Object read(JsonNode value) {
        if (value == null || value.isNull()) {
            return null;
        }
        if (column.json()) {
            return value.toString();
        }
        if (is("uuid")) {
            return UUID.fromString(text(value));
        }
        if (is("datetime")) {
            return LocalDateTime.ofInstant(Instant.parse(text(value)), ZoneOffset.UTC);
        }
        if (is("date")) {
            return LocalDate.parse(text(value));
        }
        if (is("tinyint(1)")) {
            if (value.isBoolean()) {
                return value.booleanValue();
            }
            throw new IllegalArgumentException(name());
        }
        if (is("varchar") || is("char") || is("mediumtext")) {
            return text(value);
        }
        if (value.isNumber()) {
            return value.decimalValue();
        }
        throw new IllegalArgumentException(name());
    }

    private String text(JsonNode value) {
        if (value.isString()) {
            return value.stringValue();
        }
        throw new IllegalArgumentException(name());
    }
}
