package app.gradior.web.pots;

import app.gradior.learning.EvaporationKnowledge;
import app.gradior.pot.Activity;
import app.gradior.quantity.Volume;
import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.batch.ToldBatch;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.PotDrawing;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.learning.PotLearning;
import app.gradior.web.learning.PotsLearnt;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What is shown of pots: drawn to scale, with what is known of each. */
@Component
class PotPages {
    private static final int POTS_ON_A_PAGE = 12;

    /** So many of the batches that a pot is known from are listed, the latest. */
    private static final int SHOWN_BATCHES = 20;

    /** What a reduction's range is shown for. */
    private static final double EXAMPLE_MINUTES = 20;

    private final Pots pots;
    private final Rings rings;
    private final BoilOffMapper tests;
    private final PotLearning learning;
    private final BatchSummaries summaries;
    private final Clock clock;

    PotPages(Pots pots, Rings rings, BoilOffMapper tests, PotLearning learning, BatchSummaries summaries, Clock clock) {
        this.pots = pots;
        this.rings = rings;
        this.tests = tests;
        this.learning = learning;
        this.summaries = summaries;
        this.clock = clock;
    }

    /** A pot with its drawing, and what is known of it in a few words. */
    record Drawn(KitchenPot pot, PotDrawing drawing, String known) {}

    void answer(UUID kitchen, UUID pot, boolean other) {
        if (other) {
            learning.another(kitchen, pot);
        } else {
            learning.same(kitchen, pot, clock.instant());
        }
    }

    /** A page of the kitchen's pots, from one of them on. */
    String all(UUID kitchen, int from, UnitFormat say, Model model) {
        List<KitchenPot> every = pots.all(kitchen);
        int first = Math.max(0, Math.min(from, Math.max(0, every.size() - 1)));
        List<KitchenPot> shown =
                every.stream().skip(first).limit(POTS_ON_A_PAGE).toList();
        model.addAttribute("from", first);
        model.addAttribute("more", first + POTS_ON_A_PAGE < every.size() ? first + POTS_ON_A_PAGE : null);
        List<BoilOffMapper.Test> done = tests.all(kitchen).stream()
                .filter(t -> t.done() && !t.excluded())
                .toList();
        Map<UUID, Long> batches = learning.batchesOfPots(kitchen);
        model.addAttribute(
                "pots",
                shown.stream()
                        .map(p -> new Drawn(p, PotDrawing.of(p.pot(), say.potMarks()), known(p, done, batches)))
                        .toList());
        model.addAttribute("rings", rings.all(kitchen));
        model.addAttribute("marks", tests.marks(kitchen));
        return "pot/pots";
    }

    private static String known(KitchenPot pot, List<BoilOffMapper.Test> tests, Map<UUID, Long> batches) {
        long tested = tests.stream().filter(t -> t.potId().equals(pot.id())).count();
        return PotText.known(tested, batches.getOrDefault(pot.id(), 0L));
    }

    /** What is known of a pot on a ring at an activity, and what a test would make of it. */
    record Cell(
            KitchenRing ring,
            Activity activity,
            EvaporationKnowledge.Known known,
            EvaporationKnowledge.Known tested,
            long sources) {
        public String now() {
            return range(known);
        }

        public String then() {
            return range(tested);
        }

        private static String range(EvaporationKnowledge.Known known) {
            double middle = known.k().middle();
            return Math.round(EXAMPLE_MINUTES * middle / known.k().high()) + "–"
                    + Math.round(EXAMPLE_MINUTES * middle / known.k().low()) + " min";
        }
    }

    /** Something learnt of this pot, which can be struck out. */
    record Learnt(String words, String href, String excludePath, Instant at, boolean excluded) {}

    /** One pot, with what it was learnt from. */
    String of(UUID kitchen, KitchenPot pot, UnitFormat say, Model model) {
        model.addAttribute("pot", new Drawn(pot, PotDrawing.of(pot.pot(), say.potMarks()), ""));
        model.addAttribute("litreMm", pot.pot().depthOf(Volume.ofLitres(1)).millimetres());
        PotsLearnt knowledge = learning.knowledge(kitchen);
        List<BoilOffMapper.Test> own = tests.all(kitchen).stream()
                .filter(t -> t.potId().equals(pot.id()) && t.done())
                .toList();
        List<ToldBatch> batches = learning.batches(kitchen).stream()
                .filter(b -> b.potId().equals(pot.id()))
                .toList();
        List<Cell> cells = new ArrayList<>();
        for (KitchenRing ring : rings.all(kitchen)) {
            for (Activity activity : Activity.values()) {
                EvaporationKnowledge.PotRingActivity place =
                        EvaporationKnowledge.PotRingActivity.of(pot.id(), ring.id(), activity);
                long sources = own.stream()
                                .filter(t -> !t.excluded() && t.ringId().equals(ring.id()) && t.activity() == activity)
                                .count()
                        + batches.stream()
                                .filter(b -> !b.excluded() && ring.id().equals(b.ringId()) && b.activity() == activity)
                                .count();
                // The two surfaces that sauces are cooked at are always shown; others once something is known of them.
                if (sources > 0 || activity == Activity.SIMMER) {
                    cells.add(new Cell(ring, activity, knowledge.about(place), knowledge.afterTest(place), sources));
                }
            }
        }
        model.addAttribute("cells", cells);
        model.addAttribute(
                "otherPot",
                learning.change(kitchen, pot.id())
                        .map(asked -> PotText.other(say.day(asked.since()), asked.factor()))
                        .orElse(null));
        model.addAttribute("pace", PotText.pace(knowledge.pace(pot.id())));
        List<Learnt> sources = new ArrayList<>();
        own.forEach(t -> sources.add(new Learnt(
                PotText.boilOff(Names.of(t.activity()), t.dialMark()) + String.format(Locale.ROOT, ": k %.2f", t.k()),
                "/boil-offs/" + t.id(),
                "/boil-offs/" + t.id() + "/strike",
                t.startedAt(),
                t.excluded())));
        List<BatchSummary> telling = summaries.tellingOf(kitchen, pot.id(), SHOWN_BATCHES);
        if (telling.size() > 1) {
            cells.stream()
                    .max(Comparator.comparingLong(Cell::sources))
                    .ifPresent(cell -> model.addAttribute("trend", PaceDrawing.of(telling, cell.known())));
        }
        telling.forEach(b -> sources.add(new Learnt(
                b.sauceName() + String.format(Locale.ROOT, ": k %.2f", Math.exp(b.learntLnK())),
                "/journal/" + b.id(),
                "/cooks/" + b.id() + "/strike",
                b.finishedAt(),
                b.excluded())));
        model.addAttribute("sources", sources);
        model.addAttribute("moreSources", Math.max(0, batches.size() - SHOWN_BATCHES));
        return "pot/pot";
    }
}
