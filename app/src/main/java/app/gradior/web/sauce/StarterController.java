package app.gradior.web.sauce;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.text.UnitFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Sauces to begin with, each taken over with one press. */
@Controller
@RequestMapping("/sauces/starters")
class StarterController {
    private final SauceService book;

    StarterController(SauceService book) {
        this.book = book;
    }

    /**
     * A starter as it is offered.
     *
     * @param own the kitchen's sauce of that name, if it has one already
     */
    record Offered(Starters.Starter starter, Optional<UUID> own) {
        public List<String> lines() {
            return starter.text().lines().toList();
        }
    }

    @GetMapping
    String all(@InKitchen UUID kitchen, UnitFormat say, Model model) {
        List<Starters.Starter> starters = Starters.all(say.ouncesFirst());
        Map<String, UUID> own = book.named(
                kitchen, starters.stream().map(Starters.Starter::name).toList());
        List<Offered> offered = starters.stream()
                .map(starter -> new Offered(starter, Optional.ofNullable(own.get(starter.name()))))
                .toList();
        model.addAttribute("offered", offered);
        return "sauce/starters";
    }

    /**
     * Takes one over; one that is there already is gone to.
     *
     * @param plan whether its plan is wanted next
     */
    @PostMapping
    String take(
            @InKitchen UUID kitchen,
            @RequestParam String key,
            @RequestParam(defaultValue = "false") boolean plan,
            UnitFormat say) {
        Starters.Starter starter = Starters.of(key, say.ouncesFirst()).orElseThrow(() -> new NotFound("starter sauce"));
        UUID own = book.named(kitchen, List.of(starter.name())).get(starter.name());
        UUID sauce = own != null
                ? own
                : book.add(kitchen, starter.name(), starter.text()).id();
        return plan ? "redirect:/sauces/" + sauce + "/plan" : "redirect:/sauces/starters#" + key;
    }
}
