package app.gradior.web.learning;

import app.gradior.learning.EvaporationKnowledge;
import app.gradior.learning.EvaporationKnowledge.PotRingActivity;
import app.gradior.learning.EvaporationKnowledge.Source;
import app.gradior.learning.PotChange;
import app.gradior.learning.RangeKeeping;
import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.ToldBatch;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.Pots;
import app.gradior.web.kitchen.KitchenCache;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What a kitchen has learnt of its pots, from its tests and its batches. */
@Component
public class PotLearning {
    private final BoilOffMapper tests;
    private final BatchSummaries summaries;
    private final Pots pots;
    private final LearningSinceMapper since;
    private final KitchenCache remembered;

    PotLearning(
            BoilOffMapper tests,
            BatchSummaries summaries,
            Pots pots,
            LearningSinceMapper since,
            KitchenCache remembered) {
        this.tests = tests;
        this.summaries = summaries;
        this.pots = pots;
        this.since = since;
        this.remembered = remembered;
    }

    /** What the kitchen knows of its pots; gathered once until something of the kitchen changes. */
    public PotsLearnt knowledge(UUID kitchen) {
        return remembered.of(kitchen, PotsLearnt.class, () -> knowledgeWithout(kitchen, null));
    }

    private record Timed(Instant at, Source source) {}

    /** The same without one of its sources. */
    public PotsLearnt knowledgeWithout(UUID kitchen, UUID without) {
        Map<UUID, List<Instant>> replaced = since.all(kitchen).stream()
                .filter(s -> s.kind() == LearningSinceMapper.Kind.POT)
                .collect(Collectors.groupingBy(
                        s -> UUID.fromString(s.subject()),
                        Collectors.mapping(LearningSinceMapper.Since::since, Collectors.toList())));
        List<Timed> timed = new ArrayList<>();
        for (BoilOffMapper.Test test : tests.all(kitchen)) {
            if (test.done() && !test.excluded()) {
                Object pot = key(test.potId(), test.endedAt(), replaced);
                timed.add(new Timed(
                        test.endedAt(),
                        new Source(
                                test.id(),
                                PotRingActivity.of(pot, test.ringId(), test.activity()),
                                null,
                                Math.log(test.k()),
                                test.logSd())));
            }
        }
        List<ToldBatch> told = batches(kitchen);
        for (ToldBatch batch : told) {
            if (!batch.excluded()) {
                Object pot = key(batch.potId(), batch.finishedAt(), replaced);
                timed.add(new Timed(
                        batch.finishedAt(),
                        new Source(
                                batch.id(),
                                PotRingActivity.of(pot, batch.ringId(), batch.activity()),
                                batch.sauceId(),
                                batch.learntLnK(),
                                batch.learntLogSd())));
            }
        }
        timed.removeIf(t -> t.source().id().equals(without));
        timed.sort(Comparator.comparing(Timed::at));
        List<Source> sources = timed.stream().map(Timed::source).toList();
        Set<UUID> measured = pots.all(kitchen).stream()
                .filter(KitchenPot::measured)
                .map(KitchenPot::id)
                .collect(Collectors.toSet());
        RangeKeeping kept = RangeKeeping.of(told.stream()
                .filter(b -> !b.excluded() && b.zPace() != null)
                .mapToDouble(ToldBatch::zPace)
                .toArray());
        Map<UUID, Integer> epochs = new HashMap<>();
        replaced.forEach((pot, times) -> epochs.put(pot, times.size()));
        EvaporationKnowledge knowledge = new EvaporationKnowledge(
                sources,
                pot -> measured.contains(pot)
                        || pot instanceof PotsLearnt.Another another && measured.contains(another.pot()),
                kept);
        return new PotsLearnt(knowledge, sources, epochs, kept);
    }

    private static Object key(UUID pot, Instant at, Map<UUID, List<Instant>> replaced) {
        int epoch = (int) replaced.getOrDefault(pot, List.of()).stream()
                .filter(since -> !at.isBefore(since))
                .count();
        return PotsLearnt.key(pot, epoch);
    }

    private record TellingBatches(List<ToldBatch> batches, Map<UUID, Long> counting) {}

    /** The finished batches whose weights tell something, the oldest first; read once until something changes. */
    public List<ToldBatch> batches(UUID kitchen) {
        return telling(kitchen).batches();
    }

    /** How many batches that count tell something of each pot; none for those that none tells of. */
    public Map<UUID, Long> batchesOfPots(UUID kitchen) {
        return telling(kitchen).counting();
    }

    private TellingBatches telling(UUID kitchen) {
        return remembered.of(kitchen, TellingBatches.class, () -> {
            List<ToldBatch> telling = summaries.told(kitchen).stream()
                    .filter(b -> b.learntLnK() != null)
                    .toList();
            return new TellingBatches(
                    telling,
                    telling.stream()
                            .filter(b -> !b.excluded())
                            .collect(Collectors.groupingBy(ToldBatch::potId, Collectors.counting())));
        });
    }

    /**
     * That a pot boils off otherwise than it did, which is to be asked about.
     *
     * @param since when the first batch of it came off
     * @param factor how many times as fast
     */
    public record Asked(Instant since, double factor) {}

    private record AskedOf(UUID pot) {}

    /** Whether to ask if a pot is another one now; not again once it was said to be the same. */
    public Optional<Asked> change(UUID kitchen, UUID pot) {
        return remembered.of(kitchen, new AskedOf(pot), () -> changeOf(kitchen, pot));
    }

    private Optional<Asked> changeOf(UUID kitchen, UUID pot) {
        Optional<PotChange> change = knowledge(kitchen).change(pot);
        if (change.isEmpty()) {
            return Optional.empty();
        }
        Object first = change.get().since().id();
        Optional<Instant> at = batches(kitchen).stream()
                .filter(b -> b.id().equals(first))
                .map(ToldBatch::finishedAt)
                .findFirst();
        boolean said = since.all(kitchen).stream()
                .anyMatch(s -> s.kind() == LearningSinceMapper.Kind.SAME_POT
                        && s.subject().equals(pot.toString())
                        && at.filter(time -> !s.since().isBefore(time)).isPresent());
        return said
                ? Optional.empty()
                : at.map(time -> new Asked(time, Math.exp(change.get().lnRatio())));
    }

    /** It is another pot, from the first batch on of which it seems so. */
    public void another(UUID kitchen, UUID pot) {
        changeOf(kitchen, pot)
                .ifPresent(asked -> since.add(kitchen, LearningSinceMapper.Kind.POT, pot.toString(), asked.since()));
    }

    /** It is the same pot, whatever its batches say. */
    public void same(UUID kitchen, UUID pot, Instant now) {
        since.add(kitchen, LearningSinceMapper.Kind.SAME_POT, pot.toString(), now);
    }
}
