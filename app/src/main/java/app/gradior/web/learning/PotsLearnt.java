package app.gradior.web.learning;

import app.gradior.learning.EvaporationKnowledge;
import app.gradior.learning.EvaporationKnowledge.PotRingActivity;
import app.gradior.learning.EvaporationKnowledge.Source;
import app.gradior.learning.PotChange;
import app.gradior.learning.RangeKeeping;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What a kitchen knows of its pots. A pot that was replaced under its name is another one from then on.
 *
 * @param sources in the order of their times
 * @param epochs how often each pot was replaced; none for most
 * @param kept how often ranges of minutes held
 */
public record PotsLearnt(
        EvaporationKnowledge knowledge, List<Source> sources, Map<UUID, Integer> epochs, RangeKeeping kept) {
    /** A pot after it was replaced so many times. */
    record Another(UUID pot, int epoch) {}

    static Object key(UUID pot, int epoch) {
        return epoch == 0 ? pot : new Another(pot, epoch);
    }

    private Object key(UUID pot) {
        return key(pot, epochs.getOrDefault(pot, 0));
    }

    private PotRingActivity now(PotRingActivity place) {
        return place.pot() instanceof UUID pot ? new PotRingActivity(key(pot), place.ring(), place.activity()) : place;
    }

    /** What is known of a place as it is now, with a sauce that nothing is known of. */
    public EvaporationKnowledge.Known about(PotRingActivity place) {
        return knowledge.about(now(place));
    }

    /** With a sauce of the kitchen's. */
    public EvaporationKnowledge.Known about(PotRingActivity place, UUID sauce) {
        return knowledge.about(now(place), sauce);
    }

    public EvaporationKnowledge.Known afterTest(PotRingActivity place) {
        return knowledge.afterTest(now(place));
    }

    /** How many tests and batches speak of a pot as it is now. */
    public long speakingOf(UUID pot) {
        Object key = key(pot);
        return sources.stream().filter(s -> s.place().pot().equals(key)).count();
    }

    /** Whether a pot seems to be another one lately. */
    public Optional<PotChange> change(UUID pot) {
        return PotChange.of(sources, key(pot));
    }

    /** Whether a pot is fast or slow by itself. */
    public EvaporationKnowledge.Pace pace(UUID pot) {
        return knowledge.paceOfPot(key(pot));
    }
}
