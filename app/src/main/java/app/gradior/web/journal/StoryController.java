package app.gradior.web.journal;

import app.gradior.plan.Use;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.kitchen.KitchenUser;
import app.gradior.web.learning.SauceLearning;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.text.UnitFormat;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The story of a sauce, and its next version. */
@Controller
@RequestMapping("/journal/sauces/{id}")
class StoryController {
    private static final int LONGEST_NOTE = 500;

    private final SauceService sauces;
    private final Stories stories;
    private final SauceLearning learning;
    private final BatchService cooks;

    StoryController(SauceService sauces, Stories stories, SauceLearning learning, BatchService cooks) {
        this.sauces = sauces;
        this.stories = stories;
        this.learning = learning;
        this.cooks = cooks;
    }

    /** @param before the batch that those shown came off before */
    @GetMapping
    String story(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(required = false) UUID before,
            UnitFormat say,
            Model model) {
        CookRow after = before == null ? null : cooks.finished(kitchen, before);
        Optional<Sauce> kept = sauces.find(kitchen, id);
        // A sauce that was deleted leaves its batches, and they keep their story.
        Sauce sauce = kept.orElseGet(
                () -> sauces.versions(kitchen, id).stream().findFirst().orElseThrow(() -> new NotFound("sauce")));
        model.addAttribute("story", stories.of(kitchen, sauce, after, say));
        model.addAttribute("deleted", kept.isEmpty());
        model.addAttribute("first", before == null);
        return "journal/story";
    }

    /** The next version, with what to do otherwise noted at its top; the plan opens on where it is to stop. */
    @PostMapping("/next")
    String next(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String note,
            @RequestParam(defaultValue = "") String own) {
        Sauce sauce = sauce(kitchen, id);
        String noted = (note.strip() + "\n" + own.strip())
                .lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .map(line -> "# " + line.substring(0, Math.min(LONGEST_NOTE, line.length())) + "\n")
                .reduce("", String::concat);
        sauces.save(kitchen, sauce, sauce.name(), noted + sauce.text());
        return "redirect:/sauces/" + id + "/plan?since=" + sauce.version() + "&"
                + stories.asked(kitchen, id).query();
    }

    /**
     * Leaves a batch out of what is learnt, or lets it count again.
     *
     * @param batch its id, and whether it is left out
     */
    @PostMapping("/count")
    String count(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam String batch) {
        String[] parts = batch.split(" ");
        try {
            cooks.exclude(kitchen, UUID.fromString(parts[0]), parts.length > 1 && parts[1].equals("true"));
        } catch (IllegalArgumentException e) {
            throw new NotFound("batch");
        }
        return "redirect:/journal/sauces/" + id + "#known";
    }

    /** Learns the sauce's own thickness afresh. */
    @PostMapping("/afresh")
    String afresh(@InKitchen UUID kitchen, @PathVariable UUID id) {
        sauce(kitchen, id);
        learning.forgetSauce(kitchen, id, cooks.now());
        return "redirect:/journal/sauces/" + id + "#known";
    }

    /** Goes back to the book with what a person calls thick enough for a use. */
    @PostMapping("/book")
    String book(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam Use use,
            @AuthenticationPrincipal KitchenUser user) {
        sauce(kitchen, id);
        learning.forgetWish(kitchen, user.getUsername(), use, cooks.now());
        return "redirect:/journal/sauces/" + id + "#known";
    }

    private Sauce sauce(UUID kitchen, UUID id) {
        return sauces.find(kitchen, id).orElseThrow(() -> new NotFound("sauce"));
    }
}
