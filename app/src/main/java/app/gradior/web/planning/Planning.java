package app.gradior.web.planning;

import app.gradior.cook.Cook;
import app.gradior.food.Mixture;
import app.gradior.learning.EvaporationKnowledge;
import app.gradior.learning.Thickeners;
import app.gradior.learning.ThicknessKnowledge;
import app.gradior.plan.Goal;
import app.gradior.plan.Knowledge;
import app.gradior.plan.PlanRequest;
import app.gradior.plan.Planner;
import app.gradior.plan.Route;
import app.gradior.plan.Routes;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Conditions;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import app.gradior.web.batch.BatchAim;
import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.food.Foods;
import app.gradior.web.kitchen.CurrentKitchen;
import app.gradior.web.kitchen.KitchenCache;
import app.gradior.web.learning.PotLearning;
import app.gradior.web.learning.PotsLearnt;
import app.gradior.web.learning.SauceLearning;
import app.gradior.web.learning.SaucesLearnt;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.text.LidKeys;
import app.gradior.web.text.UnitFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Makes a plan of what was chosen: the one way from choices to routes, for the board, the sheet and the start of a cook. */
@Component
public class Planning {
    /** A pot that holds this much is taken where none was chosen. */
    private static final double USUAL_LITRES = 1.5;

    /** Under this a sauce is eaten cold: what sets in it counts. */
    private static final Celsius COLD = Celsius.of(10);

    private final KitchenCache remembered;
    private final SauceReader reader;
    private final Foods foods;
    private final Pots pots;
    private final Rings rings;
    private final Kitchenware kitchenware;
    private final PotLearning learning;
    private final SauceLearning sauces;
    private final BatchService cooks;
    private final PlanCache cache;

    Planning(
            KitchenCache remembered,
            SauceReader reader,
            Foods foods,
            Pots pots,
            Rings rings,
            Kitchenware kitchenware,
            PotLearning learning,
            SauceLearning sauces,
            BatchService cooks,
            PlanCache cache) {
        this.remembered = remembered;
        this.reader = reader;
        this.foods = foods;
        this.pots = pots;
        this.rings = rings;
        this.kitchenware = kitchenware;
        this.learning = learning;
        this.sauces = sauces;
        this.cooks = cooks;
        this.cache = cache;
    }

    /**
     * What choices come to.
     *
     * @param form the fields, with the pot and the ring that were taken where none was chosen
     * @param choices what they mean
     * @param knowledge what the kitchen knows of its pots
     * @param say what the kitchen's numbers are said with
     * @param possible how it can be cooked; empty if it can't yet: nothing in the sauce, a pot that is too small
     */
    public record PlanAttempt(
            Sauce sauce,
            ReadSauce read,
            List<KitchenPot> pots,
            List<KitchenRing> rings,
            PlanForm form,
            PlanChoices choices,
            Room room,
            PotsLearnt knowledge,
            UnitFormat say,
            FieldErrors problems,
            Optional<FeasiblePlan> possible) {}

    /**
     * How much thicker a sauce is than its lines say, as its batches tell.
     *
     * @param grades beyond the model
     * @param sd of that, in grades
     * @param batches from how many
     */
    public record OwnThickness(double grades, double sd, int batches) {}

    /**
     * A plan that can be cooked.
     *
     * @param chosen the route chosen, or the one proposed
     * @param use what it is for, if it was said by a use
     */
    public record FeasiblePlan(
            KitchenPot pot,
            Optional<KitchenRing> ring,
            Conditions conditions,
            EvaporationKnowledge.Known known,
            OwnThickness thickness,
            Planner planner,
            PlanRequest request,
            Routes routes,
            Route chosen,
            Optional<Use> use) {

        /** What it is for and how thick it is to be; no thickness where it is to stop at something else. */
        public BatchAim aim() {
            return BatchAim.of(use, request.goal(), request.stop().isEmpty());
        }

        /** Everything that is known of the pot and the sauce. */
        public Knowledge knowledge() {
            return planner.knowledge();
        }

        /** Where the cook of the chosen route stops reducing. */
        public Target target() {
            return switch (chosen.kind()) {
                case REDUCE, BLEND ->
                    use.isPresent() && request.stop().isEmpty()
                            ? new Target.ForUse(use.get(), request.goal().served())
                            : request.target();
                case REDUCE_THEN_SLURRY, SLURRY ->
                    new Target.Weight(chosen.outcome().orElseThrow().stop().mass());
            };
        }
    }

    /** Computes what was asked for a sauce; what the sauce's own text aims at counts where nothing was asked. */
    public PlanAttempt plan(UUID kitchen, Sauce sauce, PlanForm asked) {
        FieldErrors problems = new FieldErrors();
        KitchenSnapshot now = remembered.of(kitchen, KitchenSnapshot.class, () -> look(kitchen));
        ReadSauce read = reader.read(sauce, now.language(), now.pots());
        List<KitchenPot> all = now.pots();
        List<KitchenRing> on = now.rings();
        PlanForm said = asSaid(asked, read);
        PlanForm meant = said.says(PlanField.AIM) || said.says(PlanField.USE)
                ? said
                : read.target().map(said::toward).orElse(said);
        KitchenPot pot = chosen(kitchen, asked, read, all, now.say());
        Optional<KitchenRing> ring = Kitchenware.ring(on, meant.id(PlanField.RING), pot);
        PlanForm form = withPot(meant, pot, all, now.say())
                .with(PlanField.RING, ring.map(KitchenRing::id).orElse(null));
        PlanChoices choices = form.choices(now.say().preference(), problems);
        Room room = Kitchenware.room(now.room(), choices);
        PotsLearnt knowledge = now.knowledge();
        PlanRequest request = request(kitchen, choices, now.sauces(), problems);
        Optional<FeasiblePlan> possible = Optional.empty();
        if (read.obstacle().isEmpty()) {
            Mixture mixture = choices.smooth() ? read.mixture().blended() : read.mixture();
            Kitchenware.refuseTooSmall(mixture, pot.pot(), now.say(), problems);
            if (mixture.mass(app.gradior.food.Component.WATER).kilograms() == 0) {
                problems.say("pot", PlanningText.NO_WATER);
            }
            if (!problems.any()) {
                possible = Optional.of(possible(sauce, mixture, pot, ring, choices, room, now, request));
            }
        }
        return new PlanAttempt(sauce, read, all, on, form, choices, room, knowledge, now.say(), problems, possible);
    }

    /** The choices, with the surface and the lid of the sauce's own text where none was chosen. */
    private static PlanForm asSaid(PlanForm asked, ReadSauce read) {
        PlanForm form = asked;
        if (!asked.says(PlanField.ACTIVITY) && read.saidActivity().isPresent()) {
            form = form.with(PlanField.ACTIVITY, read.saidActivity().get());
        }
        Optional<String> lid = read.saidLid().map(LidKeys::keyOf);
        return asked.says(PlanField.LID) || lid.isEmpty() ? form : form.with(PlanField.LID, lid.get());
    }

    /** What of a kitchen plans are computed with. */
    private record KitchenSnapshot(
            UnitFormat say,
            Room room,
            List<KitchenPot> pots,
            List<KitchenRing> rings,
            Foods.Language language,
            PotsLearnt knowledge,
            SaucesLearnt sauces) {}

    private KitchenSnapshot look(UUID kitchen) {
        return new KitchenSnapshot(
                new UnitFormat(kitchenware.preference(kitchen)),
                kitchenware.room(kitchen),
                pots.all(kitchen),
                rings.all(kitchen),
                foods.language(kitchen),
                learning.knowledge(kitchen),
                sauces.knowledge(kitchen));
    }

    private FeasiblePlan possible(
            Sauce sauce,
            Mixture mixture,
            KitchenPot pot,
            Optional<KitchenRing> ring,
            PlanChoices choices,
            Room room,
            KitchenSnapshot now,
            PlanRequest request) {
        Conditions conditions = Kitchenware.conditions(pot.pot(), ring, choices, room);
        EvaporationKnowledge.Known known = now.knowledge()
                .about(
                        EvaporationKnowledge.PotRingActivity.of(
                                pot.id(), ring.map(KitchenRing::id).orElse(null), choices.activity()),
                        sauce.id());
        boolean cold = request.goal().served().compareTo(COLD) < 0;
        ThicknessKnowledge.Known thickness = now.sauces().of(sauce.id(), sauce.version(), Thickeners.of(mixture, cold));
        Knowledge both = now.sauces().knowledge().with(known.knowledge(), thickness);
        Planner planner = new Planner(mixture, conditions, both);
        Routes routes = cache.routes(planner, request);
        Route chosen = choices.route()
                .filter(routes::has)
                .map(routes::route)
                .orElseGet(() -> routes.route(routes.suggestion().kind()));
        return new FeasiblePlan(
                pot,
                ring,
                conditions,
                known,
                new OwnThickness(thickness.mean(), thickness.sd(), now.sauces().telling(sauce.id())),
                planner,
                request,
                routes,
                chosen,
                choices.wanted().said());
    }

    /** The pot chosen, a pan of the width told, or one that will do. */
    private KitchenPot chosen(UUID kitchen, PlanForm form, ReadSauce read, List<KitchenPot> all, UnitFormat say) {
        boolean other = form.get(PlanField.POT).equals(PlanForm.ANOTHER_SIZE);
        if (other || (!form.says(PlanField.POT) && all.isEmpty())) {
            Length width = form.choices(say.preference(), new FieldErrors())
                    .width()
                    .orElseGet(() -> Kitchenware.widthFor(read.mixture()));
            return pots.plain(kitchen, width, say.pan(width));
        }
        if (!form.says(PlanField.POT)) {
            return all.stream()
                    .filter(p -> p.pot().workingCapacity().litres() >= USUAL_LITRES)
                    .findFirst()
                    .orElse(all.get(0));
        }
        Optional<UUID> wanted = form.pot();
        return all.stream()
                .filter(p -> wanted.filter(p.id()::equals).isPresent())
                .findFirst()
                .orElseThrow(() -> new NotFound("pot"));
    }

    /** The fields with the pot that was taken; with its width, where it is none of the kitchen's yet. */
    private PlanForm withPot(PlanForm form, KitchenPot pot, List<KitchenPot> all, UnitFormat say) {
        if (all.stream().anyMatch(p -> p.id().equals(pot.id()))) {
            return form.with(PlanField.POT, pot.id());
        }
        PlanForm other = form.with(PlanField.POT, PlanForm.ANOTHER_SIZE);
        return other.says(PlanField.WIDTH) ? other : other.with(PlanField.WIDTH, say.width(pot.rimMm()));
    }

    private PlanRequest request(UUID kitchen, PlanChoices choices, SaucesLearnt learnt, FieldErrors problems) {
        return new PlanRequest(
                goal(kitchen, choices, learnt, problems),
                choices.stop(),
                choices.min(),
                choices.starch(),
                choices.ratio(),
                choices.frozen(),
                choices.at());
    }

    private Goal goal(UUID kitchen, PlanChoices choices, SaucesLearnt learnt, FieldErrors problems) {
        Celsius served = choices.served();
        return choices.wanted()
                .match(
                        use -> CurrentKitchen.person()
                                .map(person -> Goal.of(use, served).shifted(learnt.wish(person, use)))
                                .orElseGet(() -> Goal.of(use, served)),
                        grade -> Goal.of(grade, served),
                        batch -> batch.map(id -> Goal.of(gradeOfBatch(kitchen, id, served), served))
                                .orElseGet(() -> {
                                    problems.say(PlanField.BATCH.key(), PlanningText.BATCH);
                                    return Goal.of(Use.GLAZE, served);
                                }));
    }

    /** How thick a finished batch was at the temperature this one is to be eaten at. */
    private Grade gradeOfBatch(UUID kitchen, UUID batch, Celsius served) {
        BatchService.StoredCook kept = cooks.find(kitchen, batch);
        if (kept.row().finishedAt() == null) {
            throw new NotFound("batch");
        }
        Cook cook = kept.cook();
        return Thickness.grade(
                cook.forecast(kept.row().finishedAt()).current().mixture(),
                served,
                ThicknessFactor.of(cook.thickness().middle()));
    }
}
