package app.gradior.web.exchange;

import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.Verdicts;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.food.Foods;
import app.gradior.web.food.KitchenMeasures;
import app.gradior.web.kitchen.AccountMapper;
import app.gradior.web.planning.PlanService;
import app.gradior.web.sauce.SauceService;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Reads all of a kitchen as its pages do: what none of them could read is found before it is kept. */
@Component
class KitchenCheck {
    private final AccountMapper accounts;
    private final SauceService sauces;
    private final Foods foods;
    private final KitchenMeasures measures;
    private final Pots pots;
    private final Rings rings;
    private final BoilOffMapper tests;
    private final PlanService plans;
    private final BatchService cooks;
    private final Verdicts verdicts;

    KitchenCheck(
            AccountMapper accounts,
            SauceService sauces,
            Foods foods,
            KitchenMeasures measures,
            Pots pots,
            Rings rings,
            BoilOffMapper tests,
            PlanService plans,
            BatchService cooks,
            Verdicts verdicts) {
        this.accounts = accounts;
        this.sauces = sauces;
        this.foods = foods;
        this.measures = measures;
        this.pots = pots;
        this.rings = rings;
        this.tests = tests;
        this.plans = plans;
        this.cooks = cooks;
        this.verdicts = verdicts;
    }

    /** Whether nothing was put into a kitchen yet but the stove that each begins with. */
    boolean isEmpty(UUID kitchen) {
        return sauces.latest(kitchen, 1).isEmpty()
                && sauces.countArchived(kitchen) == 0
                && pots.all(kitchen).isEmpty()
                && tests.all(kitchen).isEmpty()
                && foods.own(kitchen).isEmpty()
                && cooks.count(kitchen) == 0;
    }

    /** @throws RuntimeException of whatever can't read its own rows */
    void readAll(UUID kitchen) {
        accounts.kitchen(kitchen).orElseThrow().preference();
        sauces.all(kitchen).forEach(sauce -> sauces.versions(kitchen, sauce.id()));
        sauces.archived(kitchen).forEach(sauce -> sauces.origin(kitchen, sauce.id()));
        foods.language(kitchen);
        measures.of(kitchen);
        pots.all(kitchen).forEach(pot -> pot.pot());
        rings.all(kitchen).forEach(ring -> ring.ring());
        tests.all(kitchen);
        plans.all(kitchen);
        verdicts.all(kitchen);
        cooks.readAll(kitchen);
    }
}
