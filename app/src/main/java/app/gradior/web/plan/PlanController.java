package app.gradior.web.plan;

import app.gradior.measure.CookRounding;
import app.gradior.physics.ChoiOkos;
import app.gradior.plan.Plan;
import app.gradior.plan.Planner;
import app.gradior.plan.PotLore;
import app.gradior.plan.Target;
import app.gradior.plan.TradeOff;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Share;
import app.gradior.web.NotFound;
import app.gradior.web.account.InKitchen;
import app.gradior.web.cook.PotLearning;
import app.gradior.web.pot.BoilOffMapper;
import app.gradior.web.pot.KitchenPot;
import app.gradior.web.pot.KitchenRing;
import app.gradior.web.pot.PotMapper;
import app.gradior.web.pot.RingMapper;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceBook;
import app.gradior.web.sauce.SauceReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BeanPropertyBindingResult;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.json.JsonMapper;

/** The plan: a sauce in a pot toward a target, as a page whose address holds every choice. */
@Controller
@RequestMapping("/sauces/{id}/plan")
class PlanController {
    private static final int CURVE_POINTS = 60;

    /** A reduction longer than this is too slow if another pot is so much quicker. */
    private static final double UNREASONABLE_MINUTES = 40;

    private static final double SLOW_FACTOR = 1.4;

    /** A spread of ln k at which a place counts as not known: hardly less than the model's own. */
    private static final double BARELY_KNOWN = 0.34;

    /** Beyond this grade the curve is glue and of no use. */
    private static final double THICKEST_SHOWN = 7.6;

    private final SauceBook book;
    private final SauceReader reader;
    private final PotMapper pots;
    private final Kitchenware kitchenware;
    private final RingMapper rings;
    private final BoilOffMapper tests;
    private final PotLearning learning;
    private final JsonMapper json;

    PlanController(
            SauceBook book,
            SauceReader reader,
            PotMapper pots,
            Kitchenware kitchenware,
            RingMapper rings,
            BoilOffMapper tests,
            PotLearning learning,
            JsonMapper json) {
        this.book = book;
        this.reader = reader;
        this.pots = pots;
        this.kitchenware = kitchenware;
        this.rings = rings;
        this.tests = tests;
        this.learning = learning;
        this.json = json;
    }

    @GetMapping
    String plan(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @ModelAttribute("form") PlanForm asked,
            BindingResult unread,
            @RequestParam(required = false) String aim,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            Model model) {
        Sauce sauce = book.find(kitchen, id).orElseThrow(() -> new NotFound("sauce"));
        if (unread.hasErrors()) {
            // An address that names no pot, activity or use there is.
            return "redirect:/sauces/" + id + "/plan";
        }
        List<KitchenPot> all = pots.all(kitchen);
        model.addAttribute("sauce", sauce);
        ReadSauce read = reader.read(kitchen, sauce);
        model.addAttribute("read", read);
        model.addAttribute("pots", all);
        model.addAttribute("rings", rings.all(kitchen));
        model.addAttribute("activities", Activity.values());
        model.addAttribute("uses", Use.values());
        model.addAttribute("bases", Target.Basis.values());
        Optional<KitchenPot> pot = chosen(kitchen, asked, all);
        PlanForm meant = aim == null ? read.target().map(asked::toward).orElse(asked) : asked;
        PlanForm form = pot.map(p -> meant.withPot(p.id())
                        .withRing(kitchenware
                                .ring(kitchen, meant.ring(), p)
                                .map(KitchenRing::id)
                                .orElse(null)))
                .orElse(meant);
        BindingResult errors = new BeanPropertyBindingResult(form, "form");
        model.addAttribute("form", form);
        model.addAttribute(BindingResult.MODEL_KEY_PREFIX + "form", errors);
        if (pot.isPresent() && read.obstacle().isEmpty()) {
            PotLore lore = learning.lore(kitchen);
            present(read, kitchenware.conditions(kitchen, pot.get(), form), lore, form, errors, model);
            model.addAttribute("beside", beside(kitchen, read, all, lore, form));
            model.addAttribute("mark", mark(kitchen, form));
        }
        return "plan".equals(fragment) ? "plan/plan :: outcome" : "plan/plan";
    }

    private Optional<KitchenPot> chosen(UUID kitchen, PlanForm form, List<KitchenPot> all) {
        if (form.pot() == null) {
            return all.stream()
                    .filter(p -> p.pot().workingCapacity().litres() >= 1.5)
                    .findFirst()
                    .or(() -> all.stream().findFirst());
        }
        return Optional.of(pots.find(kitchen, form.pot()).orElseThrow(() -> new NotFound("pot")));
    }

    private void present(
            ReadSauce read, Conditions conditions, PotLore lore, PlanForm form, BindingResult errors, Model model) {
        PotLore.Known known = lore.about(PotLearning.place(form.pot(), form.ring(), form.activity()));
        model.addAttribute("known", known);
        model.addAttribute(
                "learnt",
                known.logSd() > BARELY_KNOWN
                        ? "Nothing like it has been weighed in your kitchen yet: the minutes are the model's estimate."
                        : "Reckoned with what your pots have told: the model's pace times "
                                + CookRounding.exactly(Math.round(known.k().middle() * 100) / 100.0) + ".");
        Planner planner = new Planner(read.mixture(), conditions, known.knowledge());
        Kitchenware.refuseTooSmall(planner.sauce(), conditions, errors);
        Target target = errors.hasErrors() ? null : form.target(errors);
        Plan plan = null;
        if (target != null) {
            Planner.Outcome outcome = planner.reduceTo(target);
            if (outcome instanceof Planner.Outcome.Reached reached) {
                plan = reached.plan();
                model.addAttribute("plan", plan);
            } else if (outcome instanceof Planner.Outcome.Missed missed) {
                model.addAttribute("missed", missed.why());
            }
        }
        List<TradeOff.Point> curve = curve(planner);
        model.addAttribute("curve", curve);
        model.addAttribute("curveJson", json.writeValueAsString(drawing(curve, plan, target)));
    }

    /** The same in another pot: empty minutes where it does not hold the sauce or never gets there. */
    record Beside(KitchenPot pot, boolean holds, Optional<Interval> minutes, boolean chosen, boolean slow) {}

    /** The minutes in each pot, each on the ring that fits it best, so that a narrow one is seen to be slow. */
    private List<Beside> beside(UUID kitchen, ReadSauce read, List<KitchenPot> all, PotLore lore, PlanForm form) {
        Target target = form.target(new BeanPropertyBindingResult(form, "form"));
        List<Beside> beside = new ArrayList<>();
        for (KitchenPot pot : all) {
            boolean chosen = pot.id().equals(form.pot());
            PlanForm other = chosen ? form : form.withPot(pot.id()).withRing(null);
            UUID ring = kitchenware
                    .ring(kitchen, other.ring(), pot)
                    .map(KitchenRing::id)
                    .orElse(null);
            Conditions conditions = kitchenware.conditions(kitchen, pot, other);
            boolean holds = !conditions.pot().overflowsWith(ChoiOkos.volume(read.mixture(), Celsius.of(95)));
            Optional<Interval> minutes = Optional.empty();
            if (holds
                    && target != null
                    && new Planner(
                                            read.mixture(),
                                            conditions,
                                            lore.about(PotLearning.place(pot.id(), ring, form.activity()))
                                                    .knowledge())
                                    .reduceTo(target)
                            instanceof Planner.Outcome.Reached reached) {
                minutes = Optional.of(reached.plan().minutes());
            }
            beside.add(new Beside(pot, holds, minutes, chosen, false));
        }
        double quickest = beside.stream()
                .flatMap(b -> b.minutes().stream())
                .mapToDouble(Interval::middle)
                .min()
                .orElse(0);
        return beside.stream()
                .map(b -> new Beside(
                        b.pot(),
                        b.holds(),
                        b.minutes(),
                        b.chosen(),
                        b.minutes()
                                .filter(m -> m.middle() > UNREASONABLE_MINUTES && m.middle() > quickest * SLOW_FACTOR)
                                .isPresent()))
                .toList();
    }

    /** The mark of the dial that gave this activity on this ring before. */
    private Optional<String> mark(UUID kitchen, PlanForm form) {
        return tests.marks(kitchen).stream()
                .filter(row -> row.ringId().equals(form.ring()) && row.activity() == form.activity())
                .findFirst()
                .map(BoilOffMapper.MarkRow::dialMark);
    }

    private static List<TradeOff.Point> curve(Planner planner) {
        Evaporation evaporation = new Evaporation(planner.conditions());
        List<TradeOff.Point> rough =
                TradeOff.curve(planner.sauce(), evaporation, planner.knowledge(), Share.of(0.03), CURVE_POINTS);
        Share least = rough.stream()
                .filter(p -> p.at().warm().value() > THICKEST_SHOWN)
                .findFirst()
                .map(TradeOff.Point::waterLeft)
                .orElse(Share.of(0.03));
        return least.value() > 0.9
                ? rough
                : TradeOff.curve(planner.sauce(), evaporation, planner.knowledge(), least, CURVE_POINTS);
    }

    /** What the page draws; every number comes from the core. */
    private static Map<String, Object> drawing(List<TradeOff.Point> curve, Plan plan, Target target) {
        List<Map<String, Double>> points = curve.stream()
                .map(p -> Map.of(
                        "grams", p.at().mass().grams(),
                        "minutes", p.minutes(),
                        "warm", p.at().warm().value(),
                        "stove", p.at().atStove().value(),
                        "cold", p.at().cold().value()))
                .toList();
        Map<String, Object> drawing = new java.util.HashMap<>(Map.of("points", points));
        if (plan != null) {
            drawing.put(
                    "target",
                    Map.of(
                            "grams", plan.at().mass().grams(),
                            "low", plan.yieldGrams().low(),
                            "high", plan.yieldGrams().high(),
                            "warm", plan.at().warm().value(),
                            "minutes", plan.minutes().middle()));
        }
        if (target instanceof Target.ForUse use) {
            drawing.put(
                    "band",
                    Map.of(
                            "name", use.use().label(),
                            "low", use.use().from().value(),
                            "high", use.use().to().value(),
                            "served", use.served().degrees()));
        }
        return drawing;
    }
}
