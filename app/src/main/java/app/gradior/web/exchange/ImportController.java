package app.gradior.web.exchange;

import app.gradior.recipe.NoRecipe;
import app.gradior.recipe.PublishedRecipe;
import app.gradior.recipe.RecipeDocument;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.Workshop;
import app.gradior.web.text.UnitFormat;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Recipes from elsewhere, and kitchens' own files, come in. */
@Controller
@RequestMapping("/sauces/import")
class ImportController {
    private static final int MAX_BYTES = 2 * 1024 * 1024;
    private static final String VIEW = "sauce/import";

    private final Workshop workshop;
    private final Proposals proposals;
    private final KitchenFiles files;
    private final JsonMapper json;

    ImportController(Workshop workshop, Proposals proposals, KitchenFiles files, JsonMapper json) {
        this.workshop = workshop;
        this.proposals = proposals;
        this.files = files;
        this.json = json;
    }

    @GetMapping
    String ask() {
        return VIEW;
    }

    /**
     * Takes in what was chosen or pasted.
     *
     * @param which which of several recipes in it, from 0; none to be asked
     */
    @PostMapping
    String takeIn(
            @InKitchen UUID kitchen,
            @RequestParam(required = false) MultipartFile file,
            @RequestParam(defaultValue = "") String pasted,
            @RequestParam(required = false) Integer which,
            UnitFormat say,
            RedirectAttributes said,
            Model model,
            HttpServletResponse response)
            throws IOException {
        String typed = pasted;
        try {
            if (file != null && !file.isEmpty()) {
                if (file.getSize() > MAX_BYTES) {
                    throw new Unreadable(ExchangeText.FILE_TOO_LARGE);
                }
                typed = RecipeDocument.decode(file.getBytes());
            }
            return takeIn(kitchen, typed.strip(), which, say, said, model);
        } catch (NoRecipe none) {
            return refused(ProposalText.of(none), pasted, model, response);
        } catch (Unreadable wrong) {
            return refused(wrong.getMessage(), pasted, model, response);
        }
    }

    private static String refused(String why, String pasted, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("wrong", why);
        model.addAttribute("pasted", pasted);
        return VIEW;
    }

    private String takeIn(
            UUID kitchen, String typed, Integer which, UnitFormat say, RedirectAttributes said, Model model)
            throws Unreadable, NoRecipe {
        if (typed.startsWith("{") && typed.contains("gradior-kitchen")) {
            return kitchenFile(kitchen, typed, said);
        }
        if (RecipeText.isStaged(typed)) {
            RecipeText staged = RecipeText.ofPlainText(typed);
            return workshop.draft(kitchen, staged.name(), staged.text(), say, model);
        }
        List<PublishedRecipe> recipes = RecipeDocument.read(typed);
        if (recipes.size() > 1 && which == null) {
            model.addAttribute(
                    "several", recipes.stream().map(PublishedRecipe::name).toList());
            model.addAttribute("pasted", typed);
            return VIEW;
        }
        PublishedRecipe recipe = recipes.get(which == null ? 0 : Math.max(0, Math.min(which, recipes.size() - 1)));
        Proposal proposal = proposals.of(kitchen, recipe);
        model.addAttribute("proposal", proposal);
        return workshop.draft(kitchen, recipe.name(), proposal.text(), say, model);
    }

    private String kitchenFile(UUID kitchen, String typed, RedirectAttributes said) throws Unreadable {
        try {
            List<Sauce> taken = files.takeIn(kitchen, files.read(json.readTree(typed)));
            said.addFlashAttribute("said", ExchangeText.imported(taken.size()));
            return "redirect:/sauces";
        } catch (JacksonException e) {
            throw new Unreadable(ExchangeText.malformed(e.getLocation()));
        }
    }
}
