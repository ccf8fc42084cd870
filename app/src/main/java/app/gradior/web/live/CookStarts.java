package app.gradior.web.live;

import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.planning.KeptPlan;
import app.gradior.web.planning.PlanService;
import app.gradior.web.planning.Planning;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Keeps the plan that was chosen and puts the sauce on. */
@Component
public class CookStarts {
    private final BatchService cooks;
    private final PlanService plans;

    CookStarts(BatchService cooks, PlanService plans) {
        this.cooks = cooks;
        this.plans = plans;
    }

    /**
     * Starts a cook of a plan that can be cooked, under ids that its sender made; sent twice, it is started once.
     *
     * @return the cook's id
     */
    public UUID start(UUID kitchen, UUID cook, UUID plan, Planning.PlanAttempt planned) {
        Planning.FeasiblePlan possible = planned.possible().orElseThrow();
        KeptPlan kept = plans.keep(kitchen, plan, planned);
        BatchService.CookStart beginning = new BatchService.CookStart(
                planned.sauce(),
                possible.planner().sauce(),
                possible.pot(),
                possible.ring().map(KitchenRing::id).orElse(null),
                possible.conditions(),
                possible.knowledge(),
                possible.target(),
                possible.aim(),
                kept.id());
        return cooks.start(kitchen, cook, beginning, cooks.now());
    }
}
