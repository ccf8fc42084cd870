package app.gradior.web.keeping;

import app.gradior.keeping.JarEvent;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What happened to jars as JSON and back. The names of kinds are part of what is stored: they are never renamed. */
@Component
class JarEventCodec {
    private final JsonMapper json =
            JsonMapper.builder().addMixIn(JarEvent.class, Kinds.class).build();

    String write(JarEvent event) {
        return json.writerFor(JarEvent.class).writeValueAsString(event);
    }

    JarEvent read(String body) {
        return json.readValue(body, JarEvent.class);
    }

    static String kind(JarEvent event) {
        return switch (event.getClass().getSimpleName()) {
            case "Filled" -> "filled";
            case "Moved" -> "moved";
            case "Opened" -> "opened";
            case "Taken" -> "taken";
            case "Gone" -> "gone";
            default -> "undone";
        };
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = JarEvent.Filled.class, name = "filled"),
        @JsonSubTypes.Type(value = JarEvent.Moved.class, name = "moved"),
        @JsonSubTypes.Type(value = JarEvent.Opened.class, name = "opened"),
        @JsonSubTypes.Type(value = JarEvent.Taken.class, name = "taken"),
        @JsonSubTypes.Type(value = JarEvent.Gone.class, name = "gone"),
        @JsonSubTypes.Type(value = JarEvent.Undone.class, name = "undone")
    })
    private interface Kinds {}
}
