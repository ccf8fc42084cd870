package app.gradior.web.cook;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.plan.Knowledge;
import app.gradior.plan.PotLore;
import app.gradior.pot.Activity;
import app.gradior.quantity.Interval;
import app.gradior.web.pot.BoilOffMapper;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What a kitchen has learnt of its pots, from its tests and its batches. */
@Component
public class PotLearning {
    /** Batches vary among each other beyond what each one's readings say: in ln k, an estimate. */
    private static final double BATCH_SPREAD = 0.10;

    /** A batch whose heat was changed tells less of the activity it began with. */
    private static final double CHANGED_SPREAD = 0.20;

    /** What stands for a ring that was not said. */
    private static final UUID NO_RING = new UUID(0, 0);

    private static final int MOST_BATCHES = 60;

    private final BoilOffMapper tests;
    private final CookBook cooks;

    /** What a batch told stays until its entries change, which any node may see to: then its revision is another. */
    private record Revision(UUID cook, long revision) {}

    private final Cache<Revision, Optional<PotLore.Source>> sources =
            Caffeine.newBuilder().maximumSize(20_000).build();

    PotLearning(BoilOffMapper tests, CookBook cooks) {
        this.tests = tests;
        this.cooks = cooks;
    }

    public static PotLore.Place place(UUID pot, UUID ring, Activity activity) {
        return new PotLore.Place(pot, ring == null ? NO_RING : ring, activity);
    }

    /** A batch as a source: what it found, and whether it was struck out. */
    public record Batch(CookRow row, PotLore.Source source, boolean struck) {}

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
        batches(kitchen).stream().filter(b -> !b.struck()).map(Batch::source).forEach(sources::add);
        sources.removeIf(s -> s.id().equals(source));
        return new PotLore(sources);
    }

    private static PotLore.Source source(BoilOffMapper.Test test) {
        return new PotLore.Source(
                test.id(), place(test.potId(), test.ringId(), test.activity()), Math.log(test.k()), test.logSd());
    }

    /** The latest finished batches that tell something. */
    public List<Batch> batches(UUID kitchen) {
        List<Batch> batches = new ArrayList<>();
        for (CookRow row :
                cooks.finishedRows(kitchen).stream().limit(MOST_BATCHES).toList()) {
            sources.get(new Revision(row.id(), row.revision()), r -> source(cooks.kept(kitchen, row)))
                    .ifPresent(s -> batches.add(new Batch(row, s, row.struckAt() != null)));
        }
        return batches;
    }

    private static Optional<PotLore.Source> source(CookBook.Kept kept) {
        Cook cook = kept.cook();
        Knowledge prior = cook.started().knowledge();
        Interval k = cook.k();
        double sd = (Math.log(k.high()) - Math.log(k.low())) / 2 / Interval.Z_80;
        boolean changed = cook.events().stream()
                .anyMatch(e -> e instanceof CookEvent.HeatChanged || e instanceof CookEvent.LidChanged);
        return PotLore.Source.ofPosterior(
                kept.row().id(),
                place(
                        kept.row().potId(),
                        kept.row().ringId(),
                        cook.started().conditions().activity()),
                Math.log(k.middle()),
                sd,
                Math.log(prior.k()),
                prior.logSdOfK(),
                changed ? CHANGED_SPREAD : BATCH_SPREAD);
    }
}
