package app.gradior.web.learning;

import app.gradior.plan.EvaporationKnowledge;
import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.Pots;
import app.gradior.web.kitchen.KitchenCache;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What a kitchen has learnt of its pots, from its tests and its batches. */
@Component
public class PotLearning {
    private static final int MAX_BATCHES = 60;

    private final BoilOffMapper tests;
    private final BatchSummaries summaries;
    private final Pots pots;
    private final KitchenCache remembered;

    PotLearning(BoilOffMapper tests, BatchSummaries summaries, Pots pots, KitchenCache remembered) {
        this.tests = tests;
        this.summaries = summaries;
        this.pots = pots;
        this.remembered = remembered;
    }

    /** What the kitchen knows of its pots; gathered once until something of the kitchen changes. */
    public EvaporationKnowledge knowledge(UUID kitchen) {
        return remembered.of(kitchen, EvaporationKnowledge.class, () -> knowledgeWithout(kitchen, null));
    }

    /** The same without one of its sources. */
    public EvaporationKnowledge knowledgeWithout(UUID kitchen, UUID source) {
        List<EvaporationKnowledge.Source> sources = new ArrayList<>();
        tests.all(kitchen).stream()
                .filter(test -> test.done() && !test.excluded())
                .map(PotLearning::source)
                .forEach(sources::add);
        batches(kitchen).stream()
                .filter(b -> !b.excluded())
                .flatMap(b -> b.source().stream())
                .forEach(sources::add);
        sources.removeIf(s -> s.id().equals(source));
        Set<UUID> measured = pots.all(kitchen).stream()
                .filter(KitchenPot::measured)
                .map(KitchenPot::id)
                .collect(Collectors.toSet());
        return new EvaporationKnowledge(sources, measured::contains);
    }

    private static EvaporationKnowledge.Source source(BoilOffMapper.Test test) {
        return new EvaporationKnowledge.Source(
                test.id(),
                EvaporationKnowledge.PotRingActivity.of(test.potId(), test.ringId(), test.activity()),
                Math.log(test.k()),
                test.logSd());
    }

    private record TellingBatches(List<BatchSummary> batches) {}

    /** The latest finished batches that tell something; read once until something of the kitchen changes. */
    public List<BatchSummary> batches(UUID kitchen) {
        return remembered
                .of(kitchen, TellingBatches.class, () -> new TellingBatches(summaries.telling(kitchen, MAX_BATCHES)))
                .batches();
    }
}
