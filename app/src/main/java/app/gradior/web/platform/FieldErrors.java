package app.gradior.web.platform;

import app.gradior.measure.NumberInput;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What is wrong with what was typed, by field, each in a sentence that says what to do: for what comes with an address or a
 * few parameters. A form that is bound to an object has Spring's own errors, shown in the same places.
 */
public final class FieldErrors {
    private final Map<String, String> byField = new LinkedHashMap<>();

    /** The first thing said of a field stands. */
    public void say(String field, String sentence) {
        byField.putIfAbsent(field, sentence);
    }

    /** A number typed in a field; empty, with the sentence said beside it, if it is none or not within its bounds. */
    public OptionalDouble number(String field, String typed, double min, double max, String otherwise) {
        OptionalDouble number = NumberInput.read(typed, min, max);
        if (number.isEmpty()) {
            say(field, otherwise);
        }
        return number;
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
