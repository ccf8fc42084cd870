package app.gradior.web.sauce;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The versions of a sauce: side by side, and back to one. */
@Controller
@RequestMapping("/sauces/{id}/versions")
class VersionController {
    private final SauceService book;
    private final SauceReader reader;

    VersionController(SauceService book, SauceReader reader) {
        this.book = book;
        this.reader = reader;
    }

    @GetMapping
    String compare(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(required = false) Integer left,
            @RequestParam(required = false) Integer right,
            Model model) {
        List<Sauce> versions = book.versions(kitchen, id);
        if (versions.isEmpty()) {
            throw new NotFound("sauce");
        }
        Sauce newer = version(versions, right == null ? versions.get(0).version() : right);
        Sauce older = version(versions, left == null ? Math.max(1, newer.version() - 1) : left);
        model.addAttribute("deleted", book.find(kitchen, id).isEmpty());
        model.addAttribute("versions", versions);
        model.addAttribute("older", older);
        model.addAttribute("newer", newer);
        model.addAttribute("difference", Difference.of(older.text(), newer.text()));
        model.addAttribute(
                "changes", SauceToolsController.changes(reader.read(kitchen, older), reader.read(kitchen, newer)));
        return "sauce/versions";
    }

    /** Makes an old version the latest again, as a version of its own: what came between stays. */
    @PostMapping("/{number}/restore")
    String restore(@InKitchen UUID kitchen, @PathVariable UUID id, @PathVariable int number) {
        book.restore(kitchen, id, number);
        return "redirect:/sauces/" + id;
    }

    private static Sauce version(List<Sauce> versions, int number) {
        return versions.stream()
                .filter(v -> v.version() == number)
                .findFirst()
                .orElseThrow(() -> new NotFound("version"));
    }
}
