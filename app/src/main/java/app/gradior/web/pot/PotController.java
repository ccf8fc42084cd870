package app.gradior.web.pot;

import app.gradior.pot.Material;
import app.gradior.web.NotFound;
import app.gradior.web.account.InKitchen;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
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

/** Pots: measured, drawn to scale, changed. */
@Controller
@RequestMapping("/pots")
class PotController {
    private final PotMapper pots;
    private final Clock clock;

    PotController(PotMapper pots, Clock clock) {
        this.pots = pots;
        this.clock = clock;
    }

    /** A pot as measured with a ruler and a scale; centimetres and grams. */
    record PotForm(
            @NotBlank(message = "Give the pot a name, such as 24 cm casserole.")
            @Size(max = 80, message = "Use up to 80 letters.")
            String name,

            @NotNull(message = "Measure the inner width of the base, in cm.")
            @DecimalMin(value = "4", message = "A base of under 4 cm: is it in centimetres?")
            @DecimalMax(value = "100", message = "A base of over 100 cm: is it in centimetres?")
            Double baseCm,

            @NotNull(message = "Measure the inner width at the rim, in cm.")
            @DecimalMin(value = "4", message = "A rim of under 4 cm: is it in centimetres?")
            @DecimalMax(value = "100", message = "A rim of over 100 cm: is it in centimetres?")
            Double rimCm,

            @NotNull(message = "Measure the height of the wall inside, in cm.")
            @DecimalMin(value = "1", message = "A wall of under 1 cm: is it in centimetres?")
            @DecimalMax(value = "100", message = "A wall of over 100 cm: is it in centimetres?")
            Double wallCm,

            @NotNull(message = "Choose what the inside is made of.")
            Material material,

            @NotNull(message = "Weigh the pot empty, without its lid, in g.")
            @DecimalMin(value = "20", message = "A pot of under 20 g: is it in grams?")
            @DecimalMax(value = "30000", message = "A pot of over 30 kg: is it in grams?")
            Double tareG) {

        static PotForm of(KitchenPot pot) {
            return new PotForm(
                    pot.name(), pot.baseMm() / 10, pot.rimMm() / 10, pot.wallMm() / 10, pot.material(), pot.tareG());
        }

        KitchenPot pot(UUID id) {
            return new KitchenPot(id, name.strip(), baseCm * 10, rimCm * 10, wallCm * 10, material, tareG);
        }
    }

    @ModelAttribute("materials")
    Material[] materials() {
        return Material.values();
    }

    /** A pot with its drawing. */
    record Drawn(KitchenPot pot, PotDrawing drawing) {}

    @GetMapping
    String all(@InKitchen UUID kitchen, Model model) {
        model.addAttribute(
                "pots",
                pots.all(kitchen).stream()
                        .map(p -> new Drawn(p, PotDrawing.of(p.pot())))
                        .toList());
        return "pot/pots";
    }

    @GetMapping("/new")
    String add(Model model) {
        model.addAttribute("form", new PotForm("", null, null, null, Material.STEEL, null));
        return "pot/pot";
    }

    @GetMapping("/{id}")
    String change(@InKitchen UUID kitchen, @PathVariable UUID id, Model model) {
        KitchenPot pot = pots.find(kitchen, id).orElseThrow(() -> new NotFound("pot"));
        model.addAttribute("form", PotForm.of(pot));
        model.addAttribute("pot", new Drawn(pot, PotDrawing.of(pot.pot())));
        return "pot/pot";
    }

    @PostMapping("/new")
    String insert(
            @InKitchen UUID kitchen,
            @Valid @ModelAttribute("form") PotForm form,
            BindingResult errors,
            HttpServletResponse response) {
        if (errors.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return "pot/pot";
        }
        pots.insert(kitchen, form.pot(UUID.randomUUID()), clock.instant().truncatedTo(ChronoUnit.MICROS));
        return "redirect:/pots";
    }

    @PostMapping("/{id}")
    String update(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @Valid @ModelAttribute("form") PotForm form,
            BindingResult errors,
            Model model,
            HttpServletResponse response) {
        KitchenPot pot = pots.find(kitchen, id).orElseThrow(() -> new NotFound("pot"));
        if (errors.hasErrors()) {
            model.addAttribute("pot", new Drawn(pot, PotDrawing.of(pot.pot())));
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return "pot/pot";
        }
        pots.update(kitchen, form.pot(id));
        return "redirect:/pots";
    }
}
