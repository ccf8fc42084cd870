package app.gradior.web.planning;

import app.gradior.learning.EvaporationKnowledge;
import app.gradior.plan.Planner;
import app.gradior.plan.Route;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.PotDrawing;
import app.gradior.web.kitchen.CurrentKitchen;
import app.gradior.web.kitchen.KitchenCache;
import app.gradior.web.platform.TemplateRenderer;
import app.gradior.web.text.PlanText;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What the choices of a plan come to, as a piece of HTML: the board with its routes, looks and other pots. */
@Component
class BoardPage {
    /** A reduction longer than this is too slow if another pot is so much quicker. */
    private static final double UNREASONABLE_MINUTES = 40;

    private static final double SLOW_FACTOR = 1.4;

    /** So many pots stand beside the chosen one. */
    private static final int POTS_BESIDE = 6;

    /** Grades that a mouth notices. */
    private static final double WORTH_SAYING = 0.1;

    /** A spread of ln k at which a place counts as not known: hardly less than the model's own. */
    private static final double BARELY_KNOWN = 0.34;

    private final PlanCache cache;
    private final BoilOffMapper tests;
    private final TemplateRenderer pages;
    private final JsonMapper json;
    private final KitchenCache remembered;

    BoardPage(PlanCache cache, BoilOffMapper tests, TemplateRenderer pages, JsonMapper json, KitchenCache remembered) {
        this.cache = cache;
        this.tests = tests;
        this.pages = pages;
        this.json = json;
        this.remembered = remembered;
    }

    /** @param person who asks: their own band is drawn; null for nobody */
    private record Outcome(UUID sauce, PlanForm asked, String person) {}

    /** As bytes, since that is what is sent: a board is long, and it would be encoded for every answer. */
    byte[] of(UUID kitchen, UUID id, PlanForm asked, Supplier<Planning.PlanAttempt> planned) {
        return remembered.of(
                kitchen,
                new Outcome(id, asked, CurrentKitchen.person().orElse(null)),
                () -> render(kitchen, planned.get()));
    }

    private byte[] render(UUID kitchen, Planning.PlanAttempt planned) {
        Map<String, Object> shown = new HashMap<>();
        shown.put("say", planned.say());
        shown.put("planText", new PlanText(planned.say()));
        shown.put("sauce", planned.sauce());
        shown.put("planned", planned);
        shown.put("read", planned.read());
        shown.put("form", planned.form());
        shown.put("choices", planned.choices());
        shown.put("routeField", PlanField.ROUTE);
        shown.put("problems", planned.problems());
        planned.possible().ifPresent(possible -> present(kitchen, planned, possible, shown));
        return pages.render("plan/board", "outcome", shown).getBytes(StandardCharsets.UTF_8);
    }

    /** Whether the plan goes where the sauce's own text goes. */
    private static boolean isItsOwn(Planning.PlanAttempt planned) {
        return planned.read()
                .target()
                .filter(target -> planned.form().toward(target).equals(planned.form()))
                .isPresent();
    }

    private static String pace(double k) {
        return PlanningText.pace(k);
    }

    private void present(
            UUID kitchen, Planning.PlanAttempt planned, Planning.FeasiblePlan possible, Map<String, Object> shown) {
        PlanChoices choices = planned.choices();
        EvaporationKnowledge.Known known = possible.known();
        shown.put("possible", possible);
        possible.routes()
                .route(Route.Kind.REDUCE)
                .outcome()
                .filter(outcome -> isItsOwn(planned))
                .ifPresent(outcome -> planned.read().claim().ifPresent(claim -> {
                    shown.put("claim", claim);
                    shown.put("reducing", outcome.minutes());
                }));
        shown.put("known", known);
        shown.put(
                "learnt",
                !possible.pot().measured() && known.logSd() > BARELY_KNOWN
                        ? PlanningText.TYPICAL_SIZE
                        : known.logSd() > BARELY_KNOWN
                                ? PlanningText.NOTHING_LIKE_IT
                                : PlanningText.byWhatWasWeighed(known.k().middle()));
        Planning.OwnThickness own = possible.thickness();
        shown.put(
                "ownThickness",
                own.batches() > 0 && Math.abs(own.grades()) >= WORTH_SAYING
                        ? PlanningText.ownThickness(own.grades(), own.batches())
                        : null);
        shown.put(
                "ownWish",
                possible.use()
                        .filter(use -> possible.request().stop().isEmpty())
                        .map(use -> possible.request().goal().aim().value()
                                - use.aim().value())
                        .filter(wish -> Math.abs(wish) >= WORTH_SAYING)
                        .map(wish -> PlanningText.ownWish(possible.use().get(), wish))
                        .orElse(null));
        shown.put(
                "heatUp",
                new Evaporation(possible.conditions()).heatUp(possible.planner().sauce(), Celsius.ROOM));
        shown.put("looks", SpoonCoat.values());
        shown.put(
                "drawing",
                json.writeValueAsString(new BoardDrawing(possible, planned.form(), choices, planned.say()).drawing()));
        shown.put("potDrawing", PotDrawing.of(possible.pot().pot()));
        shown.put("jarMl", choices.jar().millilitres());
        shown.put("beside", beside(planned, possible));
        shown.put("mark", mark(kitchen, choices));
    }

    /** The same in another pot: empty minutes where it does not hold the sauce or never gets there. */
    record OtherPot(KitchenPot pot, boolean holds, Optional<Interval> minutes, boolean chosen, boolean slow) {}

    /** The minutes of reducing in each pot, each on the ring that fits it best, so that a narrow one is seen to be slow. */
    private List<OtherPot> beside(Planning.PlanAttempt planned, Planning.FeasiblePlan possible) {
        List<OtherPot> beside = new ArrayList<>();
        for (KitchenPot pot : others(planned, possible)) {
            boolean chosen = pot.id().equals(possible.pot().id());
            Optional<KitchenRing> ring =
                    chosen ? possible.ring() : Kitchenware.ring(planned.rings(), Optional.empty(), pot);
            boolean holds = Kitchenware.holds(pot.pot(), possible.planner().sauce());
            Optional<Interval> minutes = Optional.empty();
            if (holds) {
                Planner planner = new Planner(
                        possible.planner().sauce(),
                        Kitchenware.conditions(pot.pot(), ring, planned.choices(), planned.room()),
                        possible.knowledge()
                                .ofPot(planned.knowledge()
                                        .about(
                                                EvaporationKnowledge.PotRingActivity.of(
                                                        pot.id(),
                                                        ring.map(KitchenRing::id)
                                                                .orElse(null),
                                                        planned.choices().activity()),
                                                planned.sauce().id())
                                        .knowledge()));
                minutes = cache.reduce(planner, possible.request().target()) instanceof Planner.Outcome.Reached reached
                        ? Optional.of(reached.plan().minutes())
                        : Optional.empty();
            }
            beside.add(new OtherPot(pot, holds, minutes, chosen, false));
        }
        double quickest = beside.stream()
                .flatMap(b -> b.minutes().stream())
                .mapToDouble(Interval::middle)
                .min()
                .orElse(0);
        return beside.stream()
                .map(b -> new OtherPot(
                        b.pot(),
                        b.holds(),
                        b.minutes(),
                        b.chosen(),
                        b.minutes()
                                .filter(m -> m.middle() > UNREASONABLE_MINUTES && m.middle() > quickest * SLOW_FACTOR)
                                .isPresent()))
                .toList();
    }

    /** The chosen pot among those that hold the sauce, the widest of them first to be taken; all where there are few. */
    private static List<KitchenPot> others(Planning.PlanAttempt planned, Planning.FeasiblePlan possible) {
        List<KitchenPot> all = new ArrayList<>(planned.pots());
        if (all.stream().noneMatch(p -> p.id().equals(possible.pot().id()))) {
            all.add(possible.pot());
        }
        if (all.size() <= POTS_BESIDE) {
            return all;
        }
        List<UUID> taken = all.stream()
                .filter(pot -> Kitchenware.holds(pot.pot(), possible.planner().sauce()))
                .sorted(Comparator.comparing(KitchenPot::rimMm).reversed())
                .limit(POTS_BESIDE)
                .map(KitchenPot::id)
                .toList();
        return all.stream()
                .filter(pot -> taken.contains(pot.id())
                        || pot.id().equals(possible.pot().id()))
                .toList();
    }

    /** The mark of the dial that gave this activity on this ring before. */
    private Optional<String> mark(UUID kitchen, PlanChoices choices) {
        return tests.marks(kitchen).stream()
                .filter(row ->
                        choices.ring().filter(row.ringId()::equals).isPresent() && row.activity() == choices.activity())
                .findFirst()
                .map(BoilOffMapper.MarkRow::dialMark);
    }
}
