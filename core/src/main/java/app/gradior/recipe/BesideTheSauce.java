package app.gradior.recipe;

import app.gradior.measure.Words;
import app.gradior.recipe.RecipeLine.Role;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Tells what of a method is not of the sauce: what it is made for and served with, and what is only done if need be. */
final class BesideTheSauce {
    private final LineLedger ledger;
    private final Set<Integer> used = new HashSet<>();
    private boolean aside;
    private int asideSince = -1;
    private int conditionalIn = -1;

    BesideTheSauce(LineLedger ledger) {
        this.ledger = ledger;
    }

    /** Whether the method is away from the sauce at the moment. */
    boolean isAway() {
        return aside;
    }

    void goAway() {
        aside = true;
    }

    /** Whether a line has gone with what is beside the sauce. */
    boolean hasUsed(RecipeLine line) {
        return used.contains(line.index());
    }

    /** Whether a clause is only done if something is so. */
    boolean dependsOn(MethodClause clause) {
        if (isOnCondition(clause)) {
            // "If it is too thick, …" holds to the end of the sentence, "… if needed" for its clause.
            conditionalIn = clause.leads("if") ? clause.sentence() : -1;
            return true;
        }
        return conditionalIn == clause.sentence();
    }

    /** "If it is too thick, add a splash of water": nobody knows yet whether it will be. */
    private static boolean isOnCondition(MethodClause clause) {
        String typed = clause.typed().toLowerCase(Locale.ROOT);
        if (typed.matches(
                        ".*\\bif (it is |it's )?(needed|necessary|desired|required|liked|you (like|wish|want|prefer)|too|the sauce)\\b.*")
                || typed.matches(".*\\b(as needed|optional)\\b.*")) {
            return true;
        }
        return (clause.leads("if") || clause.words().plain(0).equals("if"))
                && clause.leads(
                        "thick",
                        "thin",
                        "needed",
                        "necessary",
                        "like",
                        "prefer",
                        "too",
                        "wish",
                        "want",
                        "desired",
                        "not",
                        "looks",
                        "seems",
                        "becomes",
                        "gets",
                        "making");
    }

    boolean isAside(MethodClause clause, MethodVerb verb, PotOperations pot) {
        Words words = clause.beforeStop();
        // The verb itself may be such a word: "toast the spices".
        int behind = MethodVerb.skipHow(words, 0) + 1;
        int object = AsideWords.first(words.from(behind));
        object = object < 0 ? object : object + behind;
        List<LineNames.Hit> hits = ledger.named(words);
        boolean sameSentence = asideSince == clause.sentence();
        int sauce = hits.stream()
                .filter(hit -> hit.lines().stream().anyMatch(l -> ledger.line(l).isOfTheSauce()))
                // "Score the duck and season with salt": what any food is seasoned and fried with is not the sauce's
                // yet.
                .filter(hit -> !(aside && sameSentence && hit.lines().stream().allMatch(l -> isPlain(ledger.line(l)))))
                .mapToInt(LineNames.Hit::from)
                .findFirst()
                .orElse(Integer.MAX_VALUE);
        int beside = hits.stream()
                .filter(hit -> hit.lines().stream().allMatch(l -> ledger.line(l).role() == Role.ASIDE))
                .mapToInt(LineNames.Hit::from)
                .findFirst()
                .orElse(Integer.MAX_VALUE);
        if (clause.mentions("juices")) {
            // What has run out of the meat is of the sauce.
            beside = Integer.MAX_VALUE;
        }
        object = Math.min(object < 0 ? Integer.MAX_VALUE : object, beside);
        boolean sauceNamed = sauce < Integer.MAX_VALUE
                || clause.mentions(
                        "sauce", "gravy", "saucepan", "liquid", "juices", "glaze", "marinade", "dressing", "reduction");
        if (object < Integer.MAX_VALUE && object < sauce) {
            boolean intoTheSauce = pot.isWet()
                    && (verb == MethodVerb.PUT || verb == MethodVerb.SAY || verb == MethodVerb.OFF)
                    && !clause.mentions("plate", "platter", "oven");
            aside = !intoTheSauce;
            asideSince = clause.sentence();
            return true;
        }
        if (clause.typed()
                .toLowerCase(Locale.ROOT)
                .matches(".*\\b(salted water|(?<!over a )(pot|pan|saucepan|kettle) of ([a-z-]+ ){0,3}water)\\b.*")) {
            aside = true;
            asideSince = clause.sentence();
            return true;
        }
        if (sauceNamed || clause.leads("sauce", "gravy", "pan", "saucepan")) {
            aside = false;
        }
        if (aside
                && clause.mentions("pan", "saucepan", "skillet", "pot")
                && verb != MethodVerb.OFF
                && !clause.mentions("from")) {
            aside = false;
        }
        return aside && verb != MethodVerb.DEGLAZE;
    }

    private static boolean isPlain(RecipeLine line) {
        return line.is(food -> food.group().equals("fat")
                || LineLedger.isSeasoning(food, "salt")
                || LineLedger.isSeasoning(food, "pepper"));
    }

    /** What only goes with what is beside the sauce is not of the sauce. */
    void setAside(MethodClause clause) {
        for (LineNames.Hit hit : ledger.named(clause.beforeStop())) {
            hit.lines().forEach(used::add);
        }
    }
}
