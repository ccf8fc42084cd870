package app.gradior.web.journal;

import app.gradior.plan.Use;
import app.gradior.quantity.Interval;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.batch.Verdict;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.text.UnitFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * The story of a sauce: its batches against what was wanted, what is known of it, what to do otherwise next time.
 *
 * @param rows its latest batches, the oldest first
 * @param earlier the first of them, if there are earlier ones; null if not
 * @param climbs the same as they are drawn, and what is planned next
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
        List<Row> rows,
        UUID earlier,
        StoryDrawing drawing,
        List<Climb> climbs,
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

    /**
     * A batch, in words.
     *
     * @param excluded whether it is left out of what is learnt
     * @param made the version, and in what
     * @param verdict what was said of it
     */
    public record Row(
            UUID id,
            boolean excluded,
            String day,
            String made,
            String verdict,
            String thickness,
            String minutes,
            String left) {
        static Row of(BatchSummary batch, UnitFormat say) {
            return new Row(
                    batch.id(),
                    batch.excluded(),
                    say.day(batch.finishedAt()),
                    JournalText.made(batch),
                    batch.verdict() == null ? JournalText.NOT_SAID : JournalText.step(batch.verdict()),
                    JournalText.thickness(batch, say),
                    JournalText.minutes(batch, say),
                    JournalText.left(batch, say));
        }
    }

    /**
     * A batch as it is drawn, with the words at its place.
     *
     * @param grade how thick it was when it was eaten, marked where that is not what was wanted
     * @param verdict empty if nothing was said
     * @param right whether it was said to be as it should be
     */
    public record Climb(
            StoryDrawing.Column drawn,
            boolean planned,
            String grade,
            String day,
            String left,
            String verdict,
            boolean right) {
        static Climb of(BatchSummary batch, StoryDrawing.Column drawn, UnitFormat say) {
            Integer verdict = batch.verdict();
            return new Climb(
                    drawn,
                    false,
                    drawn.miss() + say.number(drawn.served(), 1),
                    say.day(batch.finishedAt()),
                    JournalText.leftOfVersion(batch, say),
                    verdict == null ? "" : JournalText.step(verdict),
                    verdict != null && verdict == 0);
        }

        /** @param stopGrams where to stop reducing */
        static Climb next(StoryDrawing.Column drawn, double stopGrams, UnitFormat say) {
            return new Climb(drawn, true, "", JournalText.NEXT, JournalText.stopAt(say.about(stopGrams)), "", false);
        }
    }
}
