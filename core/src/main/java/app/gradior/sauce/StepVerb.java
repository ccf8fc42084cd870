package app.gradior.sauce;

import app.gradior.measure.Words;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What a step tells a cook to do, by the words it is said with. */
enum StepVerb {
    ADD("add", "put", "tip", "melt", "combine", "return"),
    /** Something goes in only where "in" follows. */
    INTO("pour", "stir", "whisk", "fold", "beat", "mix", "drop", "swirl", "mount", "emulsify", "knead", "dissolve"),
    DEGLAZE("deglaze"),
    SWEAT("sweat", "soften"),
    FRY("fry", "sauté", "saute", "sear", "brown", "toast"),
    HEAT("bring", "heat"),
    SIMMER("simmer", "cook", "poach", "boil", "bubble"),
    REDUCE("reduce"),
    SLURRY("slurry", "thicken"),
    ROUX("roux", "beurre"),
    MAKE("make"),
    BLEND("blend", "purée", "puree", "whizz", "blitz", "liquidise", "liquidize", "pulse", "process"),
    STRAIN("strain", "sieve", "pass", "mill"),
    /** Through a sieve, if one is named. */
    PUSH("push", "rub", "press", "force", "work"),
    /** What is let do something does it. */
    LET("let", "leave", "allow"),
    SEASON("season", "adjust", "correct"),
    FINISH("finish"),
    COOL("cool", "chill", "refrigerate"),
    SAY(
            "skim",
            "taste",
            "serve",
            "set",
            "infuse",
            "steep",
            "rest",
            "keep",
            "remove",
            "discard",
            "take",
            "cover",
            "uncover",
            "turn",
            "lower",
            "raise",
            "increase",
            "decrease",
            "switch",
            "check",
            "scrape",
            "transfer",
            "wipe",
            "label",
            "brush",
            "garnish",
            "wait",
            "repeat",
            "once",
            "when",
            "meanwhile",
            "drain",
            "lift",
            "mash");

    private static final Map<String, StepVerb> BY_WORD = new HashMap<>();

    static {
        for (StepVerb verb : values()) {
            for (String word : verb.words) {
                BY_WORD.put(word, verb);
            }
        }
    }

    private final String[] words;

    StepVerb(String... words) {
        this.words = words;
    }

    /** Verbs that are also how a food is described: "brown sugar", "cool water". */
    private static final Set<String> ALSO_DESCRIBES =
            Set.of("brown", "cool", "toast", "mix", "beat", "drop", "set", "rest", "press", "work", "process");

    /** Words that say how, before the verb they belong to: "gently simmer", "low simmer". */
    private static final Set<String> HOW = Set.of(
            "gently",
            "slowly",
            "quickly",
            "low",
            "rapidly",
            "briskly",
            "lightly",
            "carefully",
            "now",
            "finally",
            "next",
            "again",
            "then",
            "barely",
            "bare",
            "immediately",
            "vigorously",
            "just",
            "lastly");

    private static final Set<String> AFTER_A_VERB = Set.of(
            "in",
            "with",
            "through",
            "the",
            "it",
            "them",
            "until",
            "till",
            "for",
            "gently",
            "well",
            "all",
            "to",
            "down",
            "everything",
            "completely",
            "overnight",
            "off",
            "on",
            "aside",
            "lightly",
            "quickly",
            "slowly",
            ",",
            "and",
            "then",
            "");

    /** The verb at a word, if it is one there. */
    static Optional<StepVerb> at(Words words, int at) {
        String word = words.plain(at).replace(".", "");
        StepVerb verb = BY_WORD.get(word);
        boolean figureNext = !words.plain(at + 1).isEmpty()
                && Character.isDigit(words.plain(at + 1).charAt(0));
        if (verb == null
                || ALSO_DESCRIBES.contains(word) && !figureNext && !AFTER_A_VERB.contains(words.plain(at + 1))) {
            return Optional.empty();
        }
        // "Heat: low" or "Reduce 500 ml stock" is read; "heat, 2 tbsp" of nothing is not a food either.
        return Optional.of(verb);
    }

    /** Past the words that say how, where a verb follows them. */
    static int skipHow(Words words, int at) {
        int i = at;
        while (i + 1 < words.size() && (HOW.contains(words.plain(i)) || isHow(words.plain(i)))) {
            i++;
        }
        return at(words, i).isPresent() ? i : at;
    }

    /** "Gradually", "constantly": such words say how, whatever they are. */
    private static boolean isHow(String word) {
        return word.endsWith("ly") && word.length() > 4;
    }
}
