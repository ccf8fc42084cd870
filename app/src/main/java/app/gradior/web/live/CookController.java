package app.gradior.web.live;

import app.gradior.cook.Rescue;
import app.gradior.food.StarchKind;
import app.gradior.measure.NumberInput;
import app.gradior.pot.Activity;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.PotMapper;
import app.gradior.web.food.Foods;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.planning.KeptPlan;
import app.gradior.web.planning.PlanForm;
import app.gradior.web.planning.PlanService;
import app.gradior.web.planning.Planning;
import app.gradior.web.platform.NotFound;
import app.gradior.web.platform.Retry;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.text.Wording;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.json.JsonMapper;

/** The cook page: starts a cook, takes what happens, shows what is to be expected. */
@Controller
class CookController {
    private final BatchService cooks;
    private final SauceService sauces;
    private final Planning planning;
    private final PlanService plans;
    private final CookViews views;
    private final SauceReader reader;
    private final Foods foods;
    private final PotMapper pots;
    private final Wording say;
    private final JsonMapper json;

    CookController(
            BatchService cooks,
            SauceService sauces,
            Planning planning,
            PlanService plans,
            CookViews views,
            SauceReader reader,
            Foods foods,
            PotMapper pots,
            Wording say,
            JsonMapper json) {
        this.cooks = cooks;
        this.sauces = sauces;
        this.planning = planning;
        this.plans = plans;
        this.views = views;
        this.reader = reader;
        this.foods = foods;
        this.pots = pots;
        this.say = say;
        this.json = json;
    }

    /**
     * Keeps the plan that was chosen and puts the sauce on; a plan that is kept already is followed as it was kept. Sent
     * twice, it is started once.
     *
     * @param choices the choices of the plan, beside the ids
     */
    @PostMapping("/cooks")
    String start(
            @InKitchen UUID kitchen,
            @RequestParam UUID cook,
            @RequestParam UUID plan,
            @RequestParam UUID sauce,
            @RequestParam Map<String, String> choices) {
        Optional<KeptPlan> earlier =
                plans.find(kitchen, plan).filter(p -> p.sauceId().equals(sauce));
        Sauce made = earlier.flatMap(p -> sauces.version(kitchen, sauce, p.sauceVersion()))
                .or(() -> sauces.find(kitchen, sauce))
                .orElseThrow(() -> new NotFound("sauce"));
        Planning.PlanAttempt planned =
                planning.plan(kitchen, made, earlier.map(KeptPlan::form).orElseGet(() -> PlanForm.of(choices)));
        if (planned.possible().filter(p -> p.chosen().outcome().isPresent()).isEmpty()) {
            return "redirect:/sauces/" + sauce + "/plan?" + planned.form().query();
        }
        Planning.FeasiblePlan possible = planned.possible().get();
        KeptPlan kept = plans.keep(kitchen, plan, planned);
        BatchService.CookStart beginning = new BatchService.CookStart(
                made,
                possible.planner().sauce(),
                possible.pot(),
                possible.ring().map(KitchenRing::id).orElse(null),
                possible.conditions(),
                possible.known().knowledge(),
                possible.target(),
                kept.id());
        return "redirect:/cooks/" + Retry.ifMet(() -> cooks.start(kitchen, cook, beginning, cooks.now()));
    }

    /** Strikes a batch out of what is learnt of its pot, or lets it count again. */
    @PostMapping("/cooks/{id}/strike")
    String exclude(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam boolean out) {
        CookRow row = cooks.row(kitchen, id);
        cooks.exclude(kitchen, id, out);
        return "redirect:/pots/" + row.potId() + "#known";
    }

    @GetMapping("/cooks/{id}")
    String cook(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            Model model) {
        BatchService.StoredCook kept = cooks.find(kitchen, id);
        if (kept.row().finishedAt() != null) {
            return "redirect:/journal/" + id;
        }
        return page(kitchen, kept, fragment, model);
    }

    @PostMapping("/cooks/{id}/events")
    String happened(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            EventForm form,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            Model model,
            HttpServletResponse response) {
        BatchService.StoredCook kept = cooks.find(kitchen, id);
        EventForm.Kitchen known = EventForm.Kitchen.of(
                foods.language(kitchen).grammar(),
                pot -> pots.find(kitchen, pot).map(KitchenPot::pot));
        try {
            kept = Retry.ifMet(() -> cooks.append(
                    kitchen, id, form.event(), form.content(), cook -> form.events(cook, known, cooks.now())));
        } catch (BatchService.Refused refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            model.addAttribute("refused", refused.getMessage());
            model.addAttribute("refusedField", refused.field());
            return page(kitchen, kept, fragment, model);
        }
        if (kept.row().finishedAt() != null) {
            return "redirect:/journal/" + id;
        }
        return fragment == null ? "redirect:/cooks/" + id : page(kitchen, kept, fragment, model);
    }

    /** Everything that happened, a hundred entries a page; of a finished batch too. */
    @GetMapping("/cooks/{id}/entries")
    String entries(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0") String page,
            Model model) {
        CookView view = views.of(cooks.find(kitchen, id));
        int last = Math.max(0, (view.getEntryCount() - 1) / CookView.PAGE_OF_ENTRIES);
        int shown = (int) NumberInput.read(page, 0, last).orElse(0);
        model.addAttribute("view", view);
        model.addAttribute("entries", view.entries(shown));
        model.addAttribute("number", shown);
        model.addAttribute("last", last);
        return "cook/entries";
    }

    /** What is to be done when it went wrong, computed for what is in the pot now. */
    @GetMapping("/cooks/{id}/rescue")
    String rescue(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "TOO_THIN") Rescue.Trouble trouble,
            Model model) {
        model.addAttribute("page", live(kitchen, cooks.find(kitchen, id)));
        model.addAttribute("trouble", trouble);
        model.addAttribute("troubles", Rescue.Trouble.values());
        return "cook/rescue";
    }

    private CookPage live(UUID kitchen, BatchService.StoredCook kept) {
        CookRow row = kept.row();
        Sauce sauce =
                sauces.version(kitchen, row.sauceId(), row.sauceVersion()).orElseThrow(() -> new NotFound("sauce"));
        return new CookPage(
                views.of(kept),
                row.planId() == null ? Optional.empty() : plans.find(kitchen, row.planId()),
                reader.read(kitchen, sauce),
                cooks.now(),
                say);
    }

    private String page(UUID kitchen, BatchService.StoredCook kept, String fragment, Model model) {
        CookPage page = live(kitchen, kept);
        model.addAttribute("page", page);
        model.addAttribute("view", page.getView());
        model.addAttribute("chart", json.writeValueAsString(page.getView().drawing()));
        model.addAttribute(
                "others", cooks.underWay(kitchen).stream().map(views::of).toList());
        model.addAttribute("activities", Activity.values());
        model.addAttribute("looks", SpoonCoat.values());
        model.addAttribute("pots", pots.all(kitchen));
        model.addAttribute("starches", StarchKind.values());
        return "live".equals(fragment) ? "cook/cook :: live" : "cook/cook";
    }
}
