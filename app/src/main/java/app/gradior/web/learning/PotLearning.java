package app.gradior.web.learning;

import app.gradior.plan.PotLore;
import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.PotPlace;
import app.gradior.web.kitchen.Remembered;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What a kitchen has learnt of its pots, from its tests and its batches. */
@Component
public class PotLearning {
    private static final int MOST_BATCHES = 60;

    private final BoilOffMapper tests;
    private final BatchSummaries summaries;
    private final Remembered remembered;

    PotLearning(BoilOffMapper tests, BatchSummaries summaries, Remembered remembered) {
        this.tests = tests;
        this.summaries = summaries;
        this.remembered = remembered;
    }

    /** What the kitchen knows of its pots; gathered once until something of the kitchen changes. */
    public PotLore lore(UUID kitchen) {
        return remembered.of(kitchen, PotLore.class, () -> loreWithout(kitchen, null));
    }

    /** The same without one of its sources. */
    public PotLore loreWithout(UUID kitchen, UUID source) {
        List<PotLore.Source> sources = new ArrayList<>();
        tests.all(kitchen).stream()
                .filter(test -> test.done() && !test.struck())
                .map(PotLearning::source)
                .forEach(sources::add);
        batches(kitchen).stream()
                .filter(b -> !b.struck())
                .flatMap(b -> b.source().stream())
                .forEach(sources::add);
        sources.removeIf(s -> s.id().equals(source));
        return new PotLore(sources);
    }

    private static PotLore.Source source(BoilOffMapper.Test test) {
        return new PotLore.Source(
                test.id(), PotPlace.of(test.potId(), test.ringId(), test.activity()), Math.log(test.k()), test.logSd());
    }

    /** The latest finished batches that tell something. */
    public List<BatchSummary> batches(UUID kitchen) {
        return summaries.telling(kitchen, MOST_BATCHES);
    }
}
