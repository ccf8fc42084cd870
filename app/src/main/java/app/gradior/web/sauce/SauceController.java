package app.gradior.web.sauce;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.text.UnitFormat;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The workshop: a sauce as text, understood line by line. */
@Controller
@RequestMapping("/sauces")
class SauceController {
    private final SauceService book;
    private final SauceMapper mapper;
    private final Workshop workshop;
    private final SauceShelf shelf;

    SauceController(SauceService book, SauceMapper mapper, Workshop workshop, SauceShelf shelf) {
        this.book = book;
        this.mapper = mapper;
        this.workshop = workshop;
        this.shelf = shelf;
    }

    private static final int PAGE = 20;

    @GetMapping
    String all(
            @InKitchen UUID kitchen,
            @RequestParam(required = false) UUID deleted,
            @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(required = false) UUID before,
            @RequestParam(defaultValue = "recent") String sort,
            Model model) {
        boolean byName = sort.equals("name");
        List<Sauce> page = archived
                ? book.archived(kitchen)
                : byName ? book.byName(kitchen, q, before, PAGE + 1) : book.page(kitchen, q, before, PAGE + 1);
        model.addAttribute("sort", byName ? "name" : "recent");
        List<Sauce> sauces = archived ? page : page.stream().limit(PAGE).toList();
        model.addAttribute("q", q.strip());
        model.addAttribute("first", before == null);
        model.addAttribute(
                "more", page.size() > sauces.size() ? sauces.get(PAGE - 1).id() : null);
        model.addAttribute("shelf", shelf.of(kitchen, sauces));
        model.addAttribute("archived", archived);
        model.addAttribute("away", archived ? 0 : book.countArchived(kitchen));
        Optional.ofNullable(deleted)
                .flatMap(id -> book.deletedName(kitchen, id))
                .ifPresent(name -> {
                    model.addAttribute("deleted", deleted);
                    model.addAttribute("deletedName", name);
                });
        return "sauce/sauces";
    }

    @GetMapping("/new")
    String add(@InKitchen UUID kitchen, UnitFormat say, Model model) {
        return workshop.of(kitchen, new Workshop.SauceForm("", "", 0), say, model);
    }

    @GetMapping("/{id}")
    String open(@InKitchen UUID kitchen, @PathVariable UUID id, UnitFormat say, Model model) {
        Sauce sauce = find(kitchen, id);
        present(kitchen, sauce, model);
        return workshop.of(kitchen, new Workshop.SauceForm(sauce.name(), sauce.text(), sauce.version()), say, model);
    }

    private void present(UUID kitchen, Sauce sauce, Model model) {
        model.addAttribute("sauce", sauce);
        model.addAttribute("photo", mapper.photographed(kitchen).contains(sauce.id()));
        model.addAttribute("archived", book.isArchived(kitchen, sauce.id()));
        book.origin(kitchen, sauce.id()).ifPresent(origin -> model.addAttribute("origin", origin));
    }

    /**
     * What is understood of a text, while it is typed.
     *
     * @param stage the stage after which the pot is asked for; the last if there is none such
     */
    @PostMapping("/read")
    String read(
            @InKitchen UUID kitchen,
            @RequestParam String text,
            @RequestParam(defaultValue = "9999") int stage,
            UnitFormat say,
            Model model) {
        workshop.understand(
                kitchen, text.substring(0, Math.min(Workshop.LONGEST_TEXT, text.length())), stage, say, model);
        return "sauce/understood :: understood";
    }

    @PostMapping("/new")
    String insert(
            @InKitchen UUID kitchen,
            @Valid @ModelAttribute("form") Workshop.SauceForm form,
            BindingResult errors,
            @RequestParam(defaultValue = "false") boolean plan,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        if (errors.hasErrors()) {
            return refused(kitchen, form, say, model, response);
        }
        Sauce added = book.add(kitchen, form.name(), form.text(), form.origin());
        return "redirect:/sauces/" + added.id() + (plan ? "/plan" : "");
    }

    @PostMapping("/{id}")
    String save(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @Valid @ModelAttribute("form") Workshop.SauceForm form,
            BindingResult errors,
            @RequestParam(defaultValue = "false") boolean plan,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        Sauce latest = find(kitchen, id);
        if (latest.version() != form.version() && !latest.text().equals(form.text())) {
            errors.reject("changed");
        } else if (!errors.hasErrors()) {
            try {
                book.save(kitchen, latest, form.name(), form.text());
                return "redirect:/sauces/" + id + (plan ? "/plan" : "");
            } catch (SauceService.ChangedMeanwhile e) {
                errors.reject("changed");
                latest = find(kitchen, id);
            }
        }
        present(kitchen, latest, model);
        if (errors.hasGlobalErrors()) {
            // The one who comes second sees both and decides; saving again then goes over the other's version.
            model.addAttribute("theirs", latest);
            model.addAttribute("difference", Difference.of(latest.text(), form.text()));
            model.addAttribute("form", new Workshop.SauceForm(form.name(), form.text(), latest.version()));
            workshop.understand(kitchen, form.text(), 9999, say, model);
            response.setStatus(HttpStatus.CONFLICT.value());
            return Workshop.VIEW;
        }
        return refused(kitchen, form, say, model, response);
    }

    @PostMapping("/{id}/duplicate")
    String duplicate(@InKitchen UUID kitchen, @PathVariable UUID id) {
        Sauce sauce = find(kitchen, id);
        String name = sauce.name() + ", another";
        return "redirect:/sauces/"
                + book.add(
                                kitchen,
                                name.substring(0, Math.min(120, name.length())),
                                sauce.text(),
                                book.origin(kitchen, id))
                        .id();
    }

    @PostMapping("/{id}/archive")
    String archive(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam boolean away) {
        book.archive(kitchen, find(kitchen, id).id(), away);
        return away ? "redirect:/sauces" : "redirect:/sauces/" + id;
    }

    @PostMapping("/{id}/delete")
    String delete(@InKitchen UUID kitchen, @PathVariable UUID id) {
        book.delete(kitchen, find(kitchen, id).id());
        return "redirect:/sauces?deleted=" + id;
    }

    @PostMapping("/{id}/undelete")
    String undelete(@InKitchen UUID kitchen, @PathVariable UUID id) {
        book.undelete(kitchen, id);
        return "redirect:/sauces/" + id;
    }

    private String refused(
            UUID kitchen, Workshop.SauceForm form, UnitFormat say, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        workshop.understand(
                kitchen,
                form.text()
                        .substring(
                                0, Math.min(Workshop.LONGEST_TEXT, form.text().length())),
                9999,
                say,
                model);
        return Workshop.VIEW;
    }

    private Sauce find(UUID kitchen, UUID id) {
        return book.find(kitchen, id).orElseThrow(() -> new NotFound("sauce"));
    }
}
