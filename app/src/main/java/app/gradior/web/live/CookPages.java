package app.gradior.web.live;

import app.gradior.cook.CookEvent;
import app.gradior.cook.Guidance;
import app.gradior.food.StarchKind;
import app.gradior.pot.Activity;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.Pots;
import app.gradior.web.keeping.SauceKeeping;
import app.gradior.web.kitchen.KitchenCache;
import app.gradior.web.learning.SauceLearning;
import app.gradior.web.planning.KeptPlan;
import app.gradior.web.planning.PlanService;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.text.UnitFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import tools.jackson.databind.json.JsonMapper;

/** The cook page: what a cook was planned to be and what it is now. */
@Component
class CookPages {
    /** What is fetched again whenever something happens. */
    static final String LIVE = "live";

    /** What is wanted as the answer to an entry by a page that listens: only that it is kept. */
    static final String KEPT = "kept";

    static final String TEMPLATE = "cook/cook";

    /** Minutes from which on the end is near. */
    private static final double NEAR_THE_END = 8;

    private final SauceService sauces;
    private final SauceReader reader;
    private final PlanService plans;
    private final CookViews views;
    private final Pots pots;
    private final SauceLearning learning;
    private final SauceKeeping keeping;
    private final KitchenCache kitchens;
    private final JsonMapper json;

    CookPages(
            SauceService sauces,
            SauceReader reader,
            PlanService plans,
            CookViews views,
            Pots pots,
            SauceLearning learning,
            SauceKeeping keeping,
            KitchenCache kitchens,
            JsonMapper json) {
        this.sauces = sauces;
        this.reader = reader;
        this.plans = plans;
        this.views = views;
        this.pots = pots;
        this.learning = learning;
        this.keeping = keeping;
        this.kitchens = kitchens;
        this.json = json;
    }

    /** What a cook follows, which stays as it is while it is on the heat: a version of a sauce, and a plan. */
    private record Follows(UUID sauce, int version, UUID plan) {}

    private record Followed(Sauce sauce, Optional<KeptPlan> plan, Optional<Guidance.Aim> aim) {}

    private Followed followed(UUID kitchen, CookRow row) {
        return kitchens.of(kitchen, new Follows(row.sauceId(), row.sauceVersion(), row.planId()), () -> {
            Sauce sauce =
                    sauces.version(kitchen, row.sauceId(), row.sauceVersion()).orElseThrow(() -> new NotFound("sauce"));
            Optional<KeptPlan> plan = row.planId() == null ? Optional.empty() : plans.find(kitchen, row.planId());
            return new Followed(sauce, plan, plan.map(KeptPlan::aim));
        });
    }

    CookPage live(UUID kitchen, BatchService.StoredCook kept, UnitFormat say) {
        Followed followed = followed(kitchen, kept.row());
        CookView view = views.of(kept, say);
        return new CookPage(
                view,
                followed.plan(),
                followed.aim().orElseGet(() -> Guidance.Aim.of(view.getCook().target())),
                reader.read(kitchen, followed.sauce()),
                keeping.onTheHeat(
                        kitchen, followed.sauce(), view.getForecast().current().mixture()),
                views.now(),
                say);
    }

    /** Whether a plate would tell most: near the end, where spoons have not told the sauce from who reads them. */
    private boolean asksPlate(UUID kitchen, CookView view) {
        boolean near = view.getMinutesLeft()
                .filter(left -> left.middle() < NEAR_THE_END)
                .isPresent();
        boolean spread = view.getCook().events().stream().anyMatch(CookEvent.PlateSpreadRead.class::isInstance);
        return near
                && !spread
                && view.getCook().target().isThickness()
                && learning.knowledge(kitchen)
                        .asksPlate(view.getRow().sauceId(), view.getRow().cookedBy());
    }

    String page(UUID kitchen, BatchService.StoredCook kept, String fragment, UnitFormat say, Model model) {
        fill(kitchen, kept, views.underWay(kitchen, say), say, model);
        return LIVE.equals(fragment) || KEPT.equals(fragment) ? TEMPLATE + " :: " + LIVE : TEMPLATE;
    }

    /**
     * Gives the template all it shows.
     *
     * @param underWay all cooks of the kitchen that are
     */
    void fill(UUID kitchen, BatchService.StoredCook kept, List<CookView> underWay, UnitFormat say, Model model) {
        CookPage page = live(kitchen, kept, say);
        model.addAttribute("page", page);
        model.addAttribute("rescueText", new RescueText(say));
        model.addAttribute("view", page.getView());
        model.addAttribute("chart", json.writeValueAsString(page.getView().drawing()));
        model.addAttribute(
                "others",
                IntStream.range(0, underWay.size())
                        .mapToObj(i -> underWay.get(i).chip(i + 1, kept.row().id()))
                        .toList());
        model.addAttribute("activities", Activity.values());
        model.addAttribute("looks", SpoonCoat.values());
        List<KitchenPot> all = pots.all(kitchen);
        model.addAttribute("pots", all);
        model.addAttribute(
                "emptyPot",
                EmptyPot.weight(page.getView().getCook(), kept.row().potId(), all)
                        .orElse(null));
        model.addAttribute(
                "measured",
                all.stream()
                        .noneMatch(p -> !p.measured()
                                && p.pot()
                                        .equals(page.getView()
                                                .getCook()
                                                .conditions()
                                                .pot())));
        model.addAttribute("askPlate", asksPlate(kitchen, page.getView()));
        model.addAttribute("starches", StarchKind.values());
    }
}
