package app.gradior.web.cook;

import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.NotFound;
import app.gradior.web.account.InKitchen;
import app.gradior.web.plan.Kitchenware;
import app.gradior.web.plan.PlanForm;
import app.gradior.web.pot.KitchenPot;
import app.gradior.web.pot.KitchenRing;
import app.gradior.web.pot.PotMapper;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceBook;
import app.gradior.web.sauce.SauceReader;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.json.JsonMapper;

/** The cook page: starts a cook, takes what happens, shows what is to be expected. */
@Controller
class CookController {
    private final CookBook cooks;
    private final SauceBook sauces;
    private final SauceReader reader;
    private final PotMapper pots;
    private final Kitchenware kitchenware;
    private final PotLearning learning;
    private final CookViews views;
    private final JsonMapper json;

    CookController(
            CookBook cooks,
            SauceBook sauces,
            SauceReader reader,
            PotMapper pots,
            Kitchenware kitchenware,
            PotLearning learning,
            CookViews views,
            JsonMapper json) {
        this.cooks = cooks;
        this.sauces = sauces;
        this.reader = reader;
        this.pots = pots;
        this.kitchenware = kitchenware;
        this.learning = learning;
        this.views = views;
        this.json = json;
    }

    @PostMapping("/cooks")
    String start(
            @InKitchen UUID kitchen,
            @RequestParam UUID cook,
            @RequestParam UUID sauce,
            @ModelAttribute("form") PlanForm form,
            BindingResult errors) {
        Sauce made = sauces.find(kitchen, sauce).orElseThrow(() -> new NotFound("sauce"));
        ReadSauce read = reader.read(kitchen, made);
        KitchenPot pot = pots.find(kitchen, form.pot()).orElseThrow(() -> new NotFound("pot"));
        Target target = errors.hasErrors() ? null : form.target(errors);
        if (target == null || read.obstacle().isPresent()) {
            return "redirect:/sauces/" + sauce + "/plan";
        }
        Conditions conditions = kitchenware.conditions(kitchen, pot, form);
        Kitchenware.refuseTooSmall(read.mixture(), conditions, errors);
        if (errors.hasErrors()) {
            return "redirect:/sauces/" + sauce + "/plan?pot=" + pot.id();
        }
        UUID ring =
                kitchenware.ring(kitchen, form.ring(), pot).map(KitchenRing::id).orElse(null);
        Knowledge knowledge = learning.lore(kitchen)
                .about(PotLearning.place(pot.id(), ring, form.activity()))
                .knowledge();
        UUID id = cooks.start(
                kitchen,
                cook,
                new CookBook.Beginning(made, read.mixture(), pot, ring, conditions, knowledge, target),
                cooks.now());
        return "redirect:/cooks/" + id;
    }

    /** Strikes a batch out of what is learnt of its pot, or lets it count again. */
    @PostMapping("/cooks/{id}/strike")
    String strike(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam boolean out) {
        CookRow row = cooks.find(kitchen, id).row();
        cooks.strike(kitchen, id, out);
        return "redirect:/pots/" + row.potId() + "#known";
    }

    @GetMapping("/cooks/{id}")
    String cook(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            Model model) {
        CookBook.Kept kept = cooks.find(kitchen, id);
        if (kept.row().finishedAt() != null) {
            return "redirect:/journal/" + id;
        }
        return page(kept, fragment, model);
    }

    @PostMapping("/cooks/{id}/events")
    String happened(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            EventForm form,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            Model model,
            HttpServletResponse response) {
        CookBook.Kept kept = cooks.find(kitchen, id);
        try {
            kept = cooks.append(kitchen, id, form.event(kept.cook(), cooks.now()));
        } catch (CookBook.Refused refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            model.addAttribute("refused", refused.getMessage());
            model.addAttribute("sent", form);
            return page(kept, fragment, model);
        }
        if (kept.row().finishedAt() != null) {
            return "redirect:/journal/" + id;
        }
        return fragment == null ? "redirect:/cooks/" + id : page(kept, fragment, model);
    }

    private String page(CookBook.Kept kept, String fragment, Model model) {
        CookView view = views.of(kept);
        model.addAttribute("view", view);
        model.addAttribute("chart", json.writeValueAsString(view.drawing()));
        model.addAttribute("activities", Activity.values());
        model.addAttribute("looks", SpoonCoat.values());
        return "live".equals(fragment) ? "cook/cook :: live" : "cook/cook";
    }
}
