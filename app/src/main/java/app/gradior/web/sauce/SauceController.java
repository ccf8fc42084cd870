package app.gradior.web.sauce;

import app.gradior.web.NotFound;
import app.gradior.web.account.InKitchen;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
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
    private final SauceBook book;

    SauceController(SauceBook book) {
        this.book = book;
    }

    /**
     * A sauce as typed.
     *
     * @param version the version that was opened, 0 for a new sauce
     */
    record SauceForm(
            @NotBlank(message = "Give the sauce a name.") @Size(max = 120, message = "Use up to 120 letters.")
            String name,

            @NotBlank(message = "Write at least one line, such as 400 g plums.")
            @Size(max = 20_000, message = "A sauce of over 20 000 letters is a book: shorten it.")
            String text,

            Integer version) {
        SauceForm {
            version = version == null ? 0 : version;
        }
    }

    @GetMapping
    String all(@InKitchen UUID kitchen, Model model) {
        model.addAttribute("sauces", book.all(kitchen));
        return "sauce/sauces";
    }

    @GetMapping("/new")
    String add(Model model) {
        return workshop(new SauceForm("", "", 0), model);
    }

    @GetMapping("/{id}")
    String open(@InKitchen UUID kitchen, @PathVariable UUID id, Model model) {
        Sauce sauce = find(kitchen, id);
        model.addAttribute("sauce", sauce);
        return workshop(new SauceForm(sauce.name(), sauce.text(), sauce.version()), model);
    }

    /** What is understood of a text, while it is typed. */
    @PostMapping("/read")
    String read(@RequestParam String text, Model model) {
        model.addAttribute("read", ReadSauce.of(text.substring(0, Math.min(20_000, text.length()))));
        return "sauce/workshop :: understood";
    }

    @PostMapping("/new")
    String insert(
            @InKitchen UUID kitchen,
            @Valid @ModelAttribute("form") SauceForm form,
            BindingResult errors,
            Model model,
            HttpServletResponse response) {
        if (errors.hasErrors()) {
            return refused(form, model, response);
        }
        return "redirect:/sauces/" + book.add(kitchen, form.name(), form.text()).id();
    }

    @PostMapping("/{id}")
    String save(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @Valid @ModelAttribute("form") SauceForm form,
            BindingResult errors,
            @RequestParam(defaultValue = "false") boolean plan,
            Model model,
            HttpServletResponse response) {
        Sauce latest = find(kitchen, id);
        if (latest.version() != form.version() && !latest.text().equals(form.text())) {
            errors.reject("changed");
        } else if (!errors.hasErrors()) {
            try {
                book.save(kitchen, latest, form.name(), form.text());
                return "redirect:/sauces/" + id + (plan ? "/plan" : "");
            } catch (SauceBook.ChangedMeanwhile e) {
                errors.reject("changed");
                latest = find(kitchen, id);
            }
        }
        model.addAttribute("sauce", latest);
        if (errors.hasGlobalErrors()) {
            // The one who comes second sees both and decides; saving again then goes over the other's version.
            model.addAttribute("theirs", latest);
            model.addAttribute("form", new SauceForm(form.name(), form.text(), latest.version()));
            model.addAttribute("read", ReadSauce.of(form.text()));
            response.setStatus(HttpStatus.CONFLICT.value());
            return "sauce/workshop";
        }
        return refused(form, model, response);
    }

    private String refused(SauceForm form, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
        model.addAttribute("read", ReadSauce.of(form.text() == null ? "" : form.text()));
        return "sauce/workshop";
    }

    private static String workshop(SauceForm form, Model model) {
        model.addAttribute("form", form);
        model.addAttribute("read", ReadSauce.of(form.text()));
        return "sauce/workshop";
    }

    private Sauce find(UUID kitchen, UUID id) {
        return book.find(kitchen, id).orElseThrow(() -> new NotFound("sauce"));
    }
}
