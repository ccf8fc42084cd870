package app.gradior.web.learning;

import app.gradior.learning.RangeKeeping;
import app.gradior.learning.Thickeners;
import app.gradior.learning.ThicknessKnowledge;
import app.gradior.learning.ThicknessKnowledge.Known;
import app.gradior.plan.Use;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;

/**
 * What a kitchen knows of the thickness of its sauces, and of what its people call thick.
 *
 * @param thickeners of each version of each sauce that batches were made of
 * @param telling how many batches speak of each sauce
 * @param kept how often ranges of thickness held
 * @param left how often ranges of what is left held
 */
public record SaucesLearnt(
        ThicknessKnowledge knowledge,
        Map<UUID, TreeMap<Integer, Thickeners>> thickeners,
        Map<UUID, Integer> telling,
        RangeKeeping kept,
        RangeKeeping left) {
    /** After so many batches it is worth the washing-up of a plate. */
    private static final int ENOUGH_LOOKS = 2;

    /**
     * A sauce's own thickness in a version, whether batches were made of that or only of others.
     *
     * @param now what thickens it
     */
    public Known of(UUID sauce, int version, Thickeners now) {
        List<Integer> made = knowledge.versions(sauce);
        if (made.contains(version) || made.isEmpty()) {
            return knowledge.of(sauce, version);
        }
        int before = made.stream().filter(v -> v < version).reduce((a, b) -> b).orElse(made.get(0));
        return knowledge.ofNew(sauce, before, thickeners.get(sauce).get(before).distance(now));
    }

    /**
     * Whether a plate of a sauce would tell most: its batches were looked at, and what is read off spoons is not told
     * apart from how thick it is.
     *
     * @param person who reads; null for nobody known
     */
    public boolean asksPlate(UUID sauce, String person) {
        return telling(sauce) >= ENOUGH_LOOKS && knowledge.plateWouldTell(SauceLearning.reader(person));
    }

    /** How many batches speak of a sauce. */
    public int telling(UUID sauce) {
        return telling.getOrDefault(sauce, 0);
    }

    /** How much thicker than the book a person wants it for a use, in grades. */
    public double wish(String person, Use use) {
        return knowledge.wish(person, use).mean();
    }
}
