package app.gradior.web.live;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.planning.KeptPlan;
import app.gradior.web.planning.PlanForm;
import app.gradior.web.planning.PlanService;
import app.gradior.web.planning.Planning;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Puts a sauce on the heat. */
@Controller
class StartController {
    private final CookStarts starts;
    private final SauceService sauces;
    private final Planning planning;
    private final PlanService plans;

    StartController(CookStarts starts, SauceService sauces, Planning planning, PlanService plans) {
        this.starts = starts;
        this.sauces = sauces;
        this.planning = planning;
        this.plans = plans;
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
        return "redirect:/cooks/" + starts.start(kitchen, cook, plan, planned);
    }
}
