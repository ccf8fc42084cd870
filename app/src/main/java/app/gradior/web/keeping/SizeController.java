package app.gradior.web.keeping;

import app.gradior.keeping.JarSize;
import app.gradior.quantity.Length;
import app.gradior.quantity.Volume;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.FieldErrors;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The kinds of jars a kitchen owns, and how many are empty. */
@Controller
@RequestMapping("/shelf/sizes")
class SizeController {
    private final JarSizes sizes;

    SizeController(JarSizes sizes) {
        this.sizes = sizes;
    }

    @GetMapping
    String all(@InKitchen UUID kitchen, Model model) {
        return page(kitchen, Map.of(), new FieldErrors(), model);
    }

    private String page(UUID kitchen, Map<String, String> typed, FieldErrors problems, Model model) {
        model.addAttribute("sizes", sizes.all(kitchen));
        model.addAttribute("typed", typed);
        model.addAttribute("problems", problems);
        return "keeping/sizes";
    }

    @PostMapping
    String add(
            @InKitchen UUID kitchen,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        FieldErrors problems = new FieldErrors();
        String name = typed.getOrDefault("name", "").strip();
        if (name.isEmpty() || name.length() > 40) {
            problems.say("name", ShelfText.SIZE_NAME);
        }
        OptionalDouble brim =
                problems.number("brimMl", typed.getOrDefault("brimMl", ""), 20, 10_000, ShelfText.SIZE_ML);
        OptionalDouble height =
                problems.number("tallCm", typed.getOrDefault("tallCm", ""), 2, 50, ShelfText.SIZE_HEIGHT);
        OptionalDouble owned = problems.number("owned", typed.getOrDefault("owned", ""), 0, 999, ShelfText.SIZE_OWNED);
        if (problems.any()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(kitchen, typed, problems, model);
        }
        sizes.add(
                kitchen,
                name,
                new JarSize(
                        Volume.ofMillilitres(brim.getAsDouble()),
                        Length.ofCentimetres(height.getAsDouble()),
                        typed.containsKey("wide")),
                (int) Math.round(owned.getAsDouble()));
        return "redirect:/shelf/sizes";
    }

    @PostMapping("/{id}/remove")
    String remove(@InKitchen UUID kitchen, @PathVariable UUID id) {
        sizes.remove(kitchen, id);
        return "redirect:/shelf/sizes";
    }
}
