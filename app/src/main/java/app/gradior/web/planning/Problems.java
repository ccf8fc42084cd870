package app.gradior.web.planning;

import java.util.LinkedHashMap;
import java.util.Map;

/** What is wrong with what was typed, by field, each in a sentence that says what to do. */
public final class Problems {
    private final Map<String, String> byField = new LinkedHashMap<>();

    /** The first thing said of a field stands. */
    public void say(String field, String sentence) {
        byField.putIfAbsent(field, sentence);
    }

    public Map<String, String> byField() {
        return byField;
    }

    public boolean any() {
        return !byField.isEmpty();
    }

    /** What is wrong with a field; null if nothing is. */
    public String of(String field) {
        return byField.get(field);
    }
}
