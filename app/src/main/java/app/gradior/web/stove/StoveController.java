package app.gradior.web.stove;

import app.gradior.web.account.InKitchen;
import app.gradior.web.cook.CookBook;
import app.gradior.web.cook.CookView;
import app.gradior.web.cook.CookViews;
import app.gradior.web.pot.PotMapper;
import app.gradior.web.sauce.SauceBook;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Home: the stove from above with what is on it. */
@Controller
class StoveController {
    /** Where the rings are on the drawing, in millimetres of a stove of 600 by 400. */
    private static final int[][] RINGS = {{170, 265}, {170, 100}, {430, 100}, {430, 265}};

    private final CookBook cooks;
    private final CookViews views;
    private final SauceBook sauces;
    private final PotMapper pots;

    StoveController(CookBook cooks, CookViews views, SauceBook sauces, PotMapper pots) {
        this.cooks = cooks;
        this.views = views;
        this.sauces = sauces;
        this.pots = pots;
    }

    /** A place on the stove; {@code view} is null while it is free. */
    public record Place(int x, int y, CookView view) {
        public double radius() {
            return view.getCook().conditions().pot().rim().millimetres() / 2;
        }

        /** The part of the way that is done, by weight, as the length of an arc of circumference 100. */
        public double done() {
            double start = view.getCook().started().mixture().mass().grams();
            double now = view.getForecast().current().mass().grams();
            return view.getForecast()
                    .atTarget()
                    .map(at -> Math.max(
                            0,
                            Math.min(
                                    100,
                                    100
                                            * (start - now)
                                            / Math.max(1, start - at.mass().grams()))))
                    .orElse(0.0);
        }
    }

    @GetMapping("/")
    String stove(@InKitchen UUID kitchen, Model model) {
        List<CookView> running = cooks.underWay(kitchen).stream().map(views::of).toList();
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < RINGS.length; i++) {
            places.add(new Place(RINGS[i][0], RINGS[i][1], i < running.size() ? running.get(i) : null));
        }
        model.addAttribute("places", places);
        model.addAttribute("running", running);
        model.addAttribute("sauces", sauces.all(kitchen).stream().limit(6).toList());
        model.addAttribute("batches", cooks.finished(kitchen).stream().limit(3).toList());
        model.addAttribute("noPots", pots.all(kitchen).isEmpty());
        return "stove/stove";
    }
}
