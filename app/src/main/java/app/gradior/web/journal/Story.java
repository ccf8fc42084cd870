package app.gradior.web.journal;

import app.gradior.plan.Use;
import app.gradior.quantity.Interval;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.batch.Verdict;
import app.gradior.web.sauce.Sauce;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * The story of a sauce: its batches against what was wanted, what is known of it, what to do otherwise next time.
 *
 * @param shown its latest batches, the oldest first
 * @param earlier the first of them, if there are earlier ones; null if not
 * @param factor its thickness against the model's, with its range; empty if no batch tells of it
 * @param telling from how many batches that is
 * @param asksPlate whether a plate would tell most next time
 * @param use what it was for when that was said last
 * @param band what the person who asks calls thick enough for what it was last for; empty if they said nothing of it
 * @param wish by how much that is thicker than usual, in grades
 * @param gain by how much it sets until it comes from the fridge, in grades, on average
 * @param held of how many the minutes were within their range
 * @param ranged of how many there was a range
 * @param changes what differs between the last two batches
 * @param next what to do next time; empty if the sauce can't be planned
 */
public record Story(
        Sauce sauce,
        List<BatchSummary> shown,
        UUID earlier,
        StoryDrawing drawing,
        Optional<Interval> factor,
        int telling,
        boolean asksPlate,
        Optional<Use> use,
        Optional<Interval> band,
        double wish,
        double gain,
        long held,
        long ranged,
        List<String> changes,
        Optional<Next> next,
        List<Verdict> words,
        List<UUID> pictures) {

    /**
     * What to do next time.
     *
     * @param stopGrams where to stop reducing, by what is known now
     * @param advice in sentences, the most important first
     */
    public record Next(double stopGrams, List<String> advice) {}

    public BatchSummary last() {
        return shown.isEmpty() ? null : shown.get(shown.size() - 1);
    }
}
