package app.gradior.web.stove;

import app.gradior.web.batch.BatchSummary;
import app.gradior.web.batch.BatchText;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.live.CookView;
import app.gradior.web.live.CookViews;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.text.UnitFormat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Home: the stove from above with what is on it. */
@Controller
class StoveController {
    private static final int RECENT = 5;
    private static final int TO_CHOOSE_FROM = 30;

    private final StoveShelf shelf;
    private final CookViews views;
    private final SauceService sauces;
    private final Pots pots;
    private final Rings rings;

    StoveController(StoveShelf shelf, CookViews views, SauceService sauces, Pots pots, Rings rings) {
        this.shelf = shelf;
        this.views = views;
        this.sauces = sauces;
        this.pots = pots;
        this.rings = rings;
    }

    @GetMapping("/")
    String stove(
            @InKitchen UUID kitchen,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            UnitFormat say,
            Model model) {
        List<CookView> running = views.underWay(kitchen, say);
        List<BatchSummary> finished = shelf.latest(kitchen);
        List<Sauce> latest = sauces.latest(kitchen, RECENT);
        model.addAttribute("places", places(rings.all(kitchen), running));
        model.addAttribute("running", running);
        model.addAttribute("strip", Timeline.of(running, views.now()));
        model.addAttribute("shelf", shelf.batches(kitchen, finished, views.now()));
        model.addAttribute("jars", shelf.jars(kitchen, say.preference().zone()));
        model.addAttribute("sauces", latest);
        model.addAttribute("steps", BatchText.STEPS);
        boolean measured = pots.all(kitchen).stream().anyMatch(KitchenPot::measured);
        boolean cooked = !running.isEmpty() || !finished.isEmpty();
        model.addAttribute("measured", measured);
        model.addAttribute("written", !latest.isEmpty());
        model.addAttribute("begun", !latest.isEmpty() && cooked);
        return fragment == null ? "stove/stove" : "stove/stove :: live";
    }

    /** Every cook on its ring; one whose ring is taken or not said, on the first that is free. */
    private static List<StoveSlot> places(List<KitchenRing> rings, List<CookView> running) {
        CookView[] on = new CookView[rings.size()];
        List<CookView> homeless = new ArrayList<>();
        for (CookView view : running) {
            int at = -1;
            for (int i = 0; i < rings.size(); i++) {
                if (rings.get(i).id().equals(view.getRow().ringId()) && on[i] == null) {
                    at = i;
                }
            }
            if (at >= 0) {
                on[at] = view;
            } else {
                homeless.add(view);
            }
        }
        for (int i = 0; i < rings.size() && !homeless.isEmpty(); i++) {
            if (on[i] == null) {
                on[i] = homeless.remove(0);
            }
        }
        List<StoveSlot> places = new ArrayList<>();
        for (int i = 0; i < rings.size(); i++) {
            places.add(new StoveSlot(i + 1, rings.get(i), Optional.ofNullable(on[i])));
        }
        // What is drawn last lies on top: words of a cook are not crossed by the ring beside it.
        places.sort(Comparator.comparing(place -> place.cook().isPresent()));
        return places;
    }

    /** A free ring was chosen: which sauce is to go on it? */
    @GetMapping("/stove/start")
    String start(
            @InKitchen UUID kitchen, @RequestParam UUID ring, @RequestParam(defaultValue = "") String q, Model model) {
        model.addAttribute("ring", rings.get(kitchen, ring));
        model.addAttribute("q", q.strip());
        model.addAttribute("sauces", sauces.page(kitchen, q, null, TO_CHOOSE_FROM));
        return "stove/start";
    }
}
