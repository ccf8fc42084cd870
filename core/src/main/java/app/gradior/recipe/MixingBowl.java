package app.gradior.recipe;

import app.gradior.recipe.RecipeStep.Added;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What is mixed apart from the pot, until a clause pours it in. */
final class MixingBowl {
    private final LineLedger ledger;
    private final PotOperations pot;
    private final List<Added> held = new ArrayList<>();
    private String mixed = "";
    private boolean kneaded;

    MixingBowl(LineLedger ledger, PotOperations pot) {
        this.ledger = ledger;
        this.pot = pot;
    }

    boolean isEmpty() {
        return held.isEmpty();
    }

    void mix(MethodClause clause, List<Added> in) {
        held.addAll(in);
        mixed = clause.typed();
        kneaded |= clause.mentions("knead", "kneaded", "manié", "manie");
    }

    /** Whether it is mixed apart from the pot. */
    boolean isFor(MethodClause clause, List<Added> in) {
        if (in.isEmpty()) {
            return false;
        }
        boolean bowlNamed = clause.mentions(
                        "bowl", "jug", "ramekin", "pitcher", "shaker", "dish", "separately", "blender", "processor")
                || clause.leads("bowl", "jug", "ramekin", "pitcher", "shaker", "dish", "blender", "processor")
                || (clause.mentions("cup", "glass", "jar") || clause.leads("cup", "glass", "jar"))
                        && (clause.leads("in", "into") || clause.mentions("small", "measuring"));
        boolean panNamed = clause.mentions("pan", "saucepan", "pot", "skillet", "sauce", "casserole", "wok")
                || clause.leads("pan", "saucepan", "pot", "skillet", "casserole", "wok");
        boolean liquidiser = clause.mentions("blender", "processor") || clause.leads("blender", "processor");
        if (liquidiser && clause.verb().filter(v -> v == MethodVerb.LIQUIDISE).isPresent()) {
            return false;
        }
        boolean starch = in.stream().anyMatch(added -> added.line().has(PotOperations::thickens));
        boolean flourInFat =
                in.stream().anyMatch(added -> added.line().has(i -> i.group().equals("fat")))
                        && clause.mentions("paste", "knead", "mash", "beurre", "together");
        boolean liquid = in.stream().anyMatch(added -> added.line().has(PotOperations::isLiquid));
        boolean slurried = starch && in.size() > 1 && (liquid || flourInFat) && in.size() <= 3
                || starch && clause.mentions("slurry", "paste");
        String second = clause.words().plain(MethodVerb.skipHow(clause.words(), 0) + 1);
        boolean intoThePot = Set.of("in", "into", "over", "through").contains(second);
        slurried &= !intoThePot;
        // The starch is named again where it goes in.
        boolean later = in.stream()
                .map(Added::line)
                .filter(line -> line.has(PotOperations::thickens))
                .anyMatch(ledger::comesAgain);
        boolean waits =
                pot.isWet() || ledger.sentenceGoesOn() || later || flourInFat || clause.mentions("slurry", "paste");
        return !panNamed && (bowlNamed || slurried && waits);
    }

    /** Whether what was mixed apart goes in by a clause. */
    boolean pours(MethodClause clause, MethodVerb verb, List<Added> in) {
        if (held.isEmpty()) {
            return false;
        }
        boolean names = held.stream()
                .anyMatch(added -> ledger.named(clause).stream()
                        .anyMatch(hit -> hit.lines().contains(added.line().index())));
        boolean pronoun = clause.mentions(
                "mixture",
                "slurry",
                "paste",
                "it",
                "this",
                "mix",
                "contents",
                "sauce",
                "everything",
                "liquid",
                "marinade",
                "manié",
                "manie",
                "roux");
        boolean puts = verb == MethodVerb.PUT || verb == MethodVerb.THICKEN || verb == MethodVerb.FINISH;
        // "Stir into the cider along with the sugar": what is stirred in is what was mixed.
        boolean unsaid = Set.of("into", "to").contains(clause.words().plain(MethodVerb.skipHow(clause.words(), 0) + 1));
        return puts && (names || pronoun || unsaid || in.isEmpty() && !clause.mentions("heat"))
                || in.isEmpty() && verb != MethodVerb.PUT && !pot.isWet();
    }

    void pour(MethodClause clause, boolean offHeat) {
        if (!held.isEmpty()) {
            pot.pour(clause, List.copyOf(held), mixed, kneaded, offHeat);
            held.clear();
            kneaded = false;
        }
    }
}
