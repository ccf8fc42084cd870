package app.gradior.measure;

import java.util.Map;
import java.util.Set;

/** Words that belong to an amount and are no number and no unit. */
final class AmountWords {
    static final Set<String> ABOUT =
            Set.of("about", "approx", "approximately", "around", "roughly", "ca", "circa", "~", "nearly", "almost");

    /** How full a measure is, as what that makes of it. */
    static final Map<String, Double> FORMS = Map.ofEntries(
            Map.entry("heaped", 1.5),
            Map.entry("heaping", 1.5),
            Map.entry("rounded", 1.25),
            Map.entry("generous", 1.15),
            Map.entry("good", 1.15),
            Map.entry("scant", 0.9),
            Map.entry("level", 1.0),
            Map.entry("packed", 1.0),
            Map.entry("full", 1.0),
            Map.entry("large", 1.0),
            Map.entry("small", 1.0),
            Map.entry("whole", 1.0));

    /** What a word before a vague measure makes of it. */
    static final Map<String, Double> SIZES = Map.ofEntries(
            Map.entry("good", 1.5),
            Map.entry("big", 1.5),
            Map.entry("large", 1.5),
            Map.entry("generous", 1.5),
            Map.entry("healthy", 1.5),
            Map.entry("hefty", 1.5),
            Map.entry("heaped", 1.5),
            Map.entry("decent", 1.25),
            Map.entry("small", 0.6),
            Map.entry("tiny", 0.4),
            Map.entry("scant", 0.7),
            Map.entry("quick", 0.8));

    static final Map<String, Integer> FEW = Map.of("few", 3, "several", 4, "couple", 2);

    static final Map<String, Double> CENTIMETRES = Map.of(
            "inch",
            2.54,
            "inches",
            2.54,
            "in",
            2.54,
            "\"",
            2.54,
            "cm",
            1.0,
            "mm",
            0.1,
            "centimetre",
            1.0,
            "centimetres",
            1.0);

    /** Words between a number, its unit and its food. */
    static final Set<String> JOINS = Set.of(
            "of",
            "x",
            "and",
            "plus",
            "+",
            "&",
            "to",
            "taste",
            "or",
            "each",
            "as",
            "needed",
            "required",
            "if",
            "for",
            "season",
            "frying",
            "piece",
            "a",
            "the");

    private AmountWords() {}

    /** Whether a word says how full a measure is, or how large a vague one. */
    static boolean isForm(String word) {
        return FORMS.containsKey(word) || SIZES.containsKey(word);
    }
}
