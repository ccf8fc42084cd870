package app.gradior.web.cook;

import app.gradior.plan.PotLore;
import app.gradior.pot.Activity;
import app.gradior.web.pot.BoilOffMapper;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What a kitchen has learnt of its pots, from its tests and its batches. */
@Component
public class PotLearning {
    /** What stands for a ring that was not said. */
    private static final UUID NO_RING = new UUID(0, 0);

    private static final int MOST_BATCHES = 60;

    private final BoilOffMapper tests;
    private final BatchSummaries summaries;

    PotLearning(BoilOffMapper tests, BatchSummaries summaries) {
        this.tests = tests;
        this.summaries = summaries;
    }

    public static PotLore.Place place(UUID pot, UUID ring, Activity activity) {
        return new PotLore.Place(pot, ring == null ? NO_RING : ring, activity);
    }

    public PotLore lore(UUID kitchen) {
        return loreWithout(kitchen, null);
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
                test.id(), place(test.potId(), test.ringId(), test.activity()), Math.log(test.k()), test.logSd());
    }

    /** The latest finished batches that tell something. */
    public List<BatchSummary> batches(UUID kitchen) {
        return summaries.telling(kitchen, MOST_BATCHES);
    }
}
