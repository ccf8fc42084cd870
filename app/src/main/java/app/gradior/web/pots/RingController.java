package app.gradior.web.pots;

import app.gradior.pot.Ring;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Rings;
import app.gradior.web.kitchen.InKitchen;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Rings: kind, power, marks, and where they are on the stove. */
@Controller
@RequestMapping("/rings")
class RingController {
    /** The stove that is drawn, mm. */
    static final int STOVE_WIDTH = 600;

    static final int STOVE_DEPTH = 375;

    private final Rings rings;

    RingController(Rings rings) {
        this.rings = rings;
    }

    /** A ring as its maker and its dial tell it. */
    record RingForm(
            @NotBlank(message = PotText.RING_NAME) @Size(max = 40, message = PotText.RING_NAME_TOO_LONG)
            String name,

            @NotNull(message = PotText.RING_KIND) Ring.Kind kind,

            @NotNull(message = PotText.WATTS)
            @Min(value = 100, message = PotText.WATTS_TOO_FEW)
            @Max(value = 10_000, message = PotText.WATTS_TOO_MANY)
            Integer watts,

            @NotNull(message = PotText.RING_SIZE)
            @Min(value = 5, message = PotText.RING_TOO_SMALL)
            @Max(value = 50, message = PotText.RING_TOO_WIDE)
            Integer sizeCm,

            @NotBlank(message = PotText.MARKS) @Size(max = 120, message = PotText.MARKS_TOO_LONG)
            String dial) {
        KitchenRing ring(UUID id, int x, int y) {
            return new KitchenRing(id, name.strip(), kind, watts, sizeCm * 10, x, y, dial.strip());
        }
    }

    @ModelAttribute("kinds")
    Ring.Kind[] kinds() {
        return Ring.Kind.values();
    }

    @GetMapping("/new")
    String add(Model model) {
        model.addAttribute("form", new RingForm("", Ring.Kind.INDUCTION, 2000, 18, "1-9"));
        return "pot/ring";
    }

    @PostMapping("/new")
    String insert(
            @InKitchen UUID kitchen,
            @Valid @ModelAttribute("form") RingForm form,
            BindingResult errors,
            HttpServletResponse response) {
        if (refused(form, errors, response)) {
            return "pot/ring";
        }
        rings.add(kitchen, form.ring(UUID.randomUUID(), STOVE_WIDTH / 2, STOVE_DEPTH / 2));
        return "redirect:/pots#rings";
    }

    @GetMapping("/{id}")
    String change(@InKitchen UUID kitchen, @PathVariable UUID id, Model model) {
        KitchenRing ring = find(kitchen, id);
        model.addAttribute("ring", ring);
        model.addAttribute(
                "form", new RingForm(ring.name(), ring.kind(), ring.watts(), ring.sizeMm() / 10, ring.dial()));
        return "pot/ring";
    }

    @PostMapping("/{id}")
    String update(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @Valid @ModelAttribute("form") RingForm form,
            BindingResult errors,
            Model model,
            HttpServletResponse response) {
        KitchenRing ring = find(kitchen, id);
        model.addAttribute("ring", ring);
        if (refused(form, errors, response)) {
            return "pot/ring";
        }
        rings.change(kitchen, form.ring(id, ring.xMm(), ring.yMm()));
        return "redirect:/pots#rings";
    }

    private static boolean refused(RingForm form, BindingResult errors, HttpServletResponse response) {
        boolean complete = !errors.hasErrors();
        if (complete && form.ring(null, 0, 0).marks().isEmpty()) {
            errors.rejectValue("dial", "marks", PotText.MARKS);
        }
        if (errors.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        return errors.hasErrors();
    }

    @PostMapping("/{id}/remove")
    String remove(@InKitchen UUID kitchen, @PathVariable UUID id) {
        find(kitchen, id);
        rings.remove(kitchen, id);
        return "redirect:/pots#rings";
    }

    /** Moves a ring on the stove; it stays on it. */
    @PostMapping("/{id}/place")
    ResponseEntity<Void> place(
            @InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam double x, @RequestParam double y) {
        KitchenRing ring = find(kitchen, id);
        int half = ring.sizeMm() / 2;
        rings.place(kitchen, id, within(x, half, STOVE_WIDTH - half), within(y, half, STOVE_DEPTH - half));
        return ResponseEntity.noContent().build();
    }

    private static int within(double value, int low, int high) {
        return (int) Math.round(Math.max(low, Math.min(high, Double.isNaN(value) ? low : value)));
    }

    private KitchenRing find(UUID kitchen, UUID id) {
        return rings.get(kitchen, id);
    }
}
