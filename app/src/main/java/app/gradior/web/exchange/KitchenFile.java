package app.gradior.web.exchange;

import app.gradior.pot.Activity;
import app.gradior.pot.Material;
import app.gradior.thickness.SpoonCoat;
import java.util.List;

/**
 * A kitchen as a file in the project's own format, {@code gradior-kitchen/1}: JSON, lengths in mm, weights in g, times in
 * minutes. Times of batches count back from when the file is read, so that a demo is always of today.
 */
record KitchenFile(
        String format, String kitchen, List<PotEntry> pots, List<SauceEntry> sauces, List<BatchEntry> batches) {
    static final String FORMAT = "gradior-kitchen/1";

    record PotEntry(String name, double baseMm, double rimMm, double wallMm, Material material, double tareG) {}

    record SauceEntry(String name, List<String> lines) {}

    /**
     * A batch: a sauce and a pot by their names, how it began, what happened.
     *
     * @param target a plan's choices by the names they have in a plan's address
     */
    record BatchEntry(
            String sauce,
            String pot,
            double startedMinutesAgo,
            Activity activity,
            String lid,
            TargetEntry target,
            List<EventEntry> events) {}

    record TargetEntry(
            String aim, String amount, String unit, String way, String part, String basis, String use, String served) {}

    /** An event so many minutes after the start; {@code grams} is the sauce without its pot. */
    record EventEntry(double afterMinutes, String kind, Double grams, Activity activity, String lid, SpoonCoat look) {}
}
