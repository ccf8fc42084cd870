package app.gradior.web.planning;

import app.gradior.food.StarchKind;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** The plan board: a sauce in a pot toward a target, as a page whose address holds every choice. */
@Controller
@RequestMapping("/sauces/{id}/plan")
class PlanController {
    private final SauceService book;
    private final Planning planning;
    private final PlanSurroundings surroundings;
    private final BoardPage board;

    PlanController(SauceService book, Planning planning, PlanSurroundings surroundings, BoardPage board) {
        this.book = book;
        this.planning = planning;
        this.surroundings = surroundings;
        this.board = board;
    }

    /** @param since the version that the sauce was made another one of just now: what differs is shown */
    @GetMapping
    String plan(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam Map<String, String> choices,
            @RequestParam(required = false) Integer since,
            Model model) {
        PlanForm asked = PlanForm.of(choices);
        Planning.PlanAttempt planned = planning.plan(kitchen, found(kitchen, id), asked);
        model.addAttribute("sauce", planned.sauce());
        model.addAttribute("planned", planned);
        model.addAttribute("read", planned.read());
        model.addAttribute("form", planned.form());
        model.addAttribute("choices", planned.choices());
        model.addAttribute("aims", PlanChoices.Aim.values());
        model.addAttribute("problems", planned.problems());
        model.addAttribute("outcome", new String(board.of(kitchen, id, asked, () -> planned), StandardCharsets.UTF_8));
        model.addAttribute("activities", Activity.values());
        model.addAttribute("uses", Use.values());
        model.addAttribute("bases", Target.Basis.values());
        model.addAttribute("starches", StarchKind.values());
        surroundings.add(kitchen, planned.sauce(), since, model);
        return "plan/plan";
    }

    /** What the choices come to, alone: asked whenever one of them changes. */
    @GetMapping(headers = "X-Fragment=plan", produces = "text/html;charset=UTF-8")
    @ResponseBody
    byte[] outcome(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam Map<String, String> choices) {
        PlanForm asked = PlanForm.of(choices);
        return board.of(kitchen, id, asked, () -> planning.plan(kitchen, found(kitchen, id), asked));
    }

    private Sauce found(UUID kitchen, UUID id) {
        return book.find(kitchen, id).orElseThrow(() -> new NotFound("sauce"));
    }
}
