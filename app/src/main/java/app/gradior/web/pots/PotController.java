package app.gradior.web.pots;

import app.gradior.measure.NumberInput;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.quantity.Length;
import app.gradior.quantity.Volume;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.Pots;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.text.UnitFormat;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.NoSuchElementException;
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

/** Pots: measured, drawn to scale, changed. */
@Controller
@RequestMapping("/pots")
class PotController {
    private final Pots pots;
    private final PotPages pages;

    PotController(Pots pots, PotPages pages) {
        this.pots = pots;
        this.pages = pages;
    }

    @ModelAttribute("materials")
    Material[] materials() {
        return Material.values();
    }

    @GetMapping
    String all(@InKitchen UUID kitchen, @RequestParam(defaultValue = "0") int from, UnitFormat say, Model model) {
        return pages.all(kitchen, from, say, model);
    }

    @GetMapping("/new")
    String add(Model model) {
        model.addAttribute("form", new PotForm("", null, null, null, null, Material.STEEL, null, true, true));
        return "pot/pot";
    }

    @GetMapping("/{id}")
    String change(@InKitchen UUID kitchen, @PathVariable UUID id, UnitFormat say, Model model) {
        KitchenPot pot = pots.get(kitchen, id);
        model.addAttribute("form", PotForm.of(pot));
        return pages.of(kitchen, pot, say, model);
    }

    /** The answer to whether it is another pot: learnt afresh from the first batch on of which it seems so, or never asked again. */
    @PostMapping("/{id}/another")
    String another(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam boolean other) {
        pots.get(kitchen, id);
        pages.answer(kitchen, id, other);
        return "redirect:/pots/" + id + "#known";
    }

    @PostMapping("/new")
    String insert(
            @InKitchen UUID kitchen,
            @Valid @ModelAttribute("form") PotForm form,
            BindingResult errors,
            HttpServletResponse response) {
        KitchenPot pot = errors.hasErrors() ? null : form.pot(UUID.randomUUID(), errors);
        if (pot == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return "pot/pot";
        }
        pots.add(kitchen, pot);
        return "redirect:/pots";
    }

    @PostMapping("/{id}")
    String update(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @Valid @ModelAttribute("form") PotForm form,
            BindingResult errors,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        KitchenPot pot = pots.get(kitchen, id);
        KitchenPot changed = errors.hasErrors() ? null : form.pot(id, errors);
        if (changed == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return pages.of(kitchen, pot, say, model);
        }
        pots.change(kitchen, changed);
        return "redirect:/pots";
    }

    /** Puts a pot right by water poured in and the depth it stood at. */
    @PostMapping("/{id}/check")
    String check(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String ml,
            @RequestParam(defaultValue = "") String mm,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        KitchenPot pot = pots.get(kitchen, id);
        String wrong;
        try {
            Pot right = pot.pot()
                    .checkedBy(
                            Volume.ofMillilitres(NumberInput.read(ml).orElseThrow()),
                            Length.ofMillimetres(NumberInput.read(mm).orElseThrow()));
            pots.change(
                    kitchen,
                    new KitchenPot(
                            id,
                            pot.name(),
                            right.base().millimetres(),
                            right.rim().millimetres(),
                            pot.wallMm(),
                            pot.material(),
                            pot.tareG(),
                            pot.lid(),
                            pot.measured()));
            return "redirect:/pots/" + id;
        } catch (NoSuchElementException e) {
            wrong = PotText.DIP_POINT;
        } catch (IllegalArgumentException e) {
            wrong = PotText.impossibleDip(e.getMessage());
        }
        model.addAttribute("checkWrong", wrong);
        model.addAttribute("mm", mm);
        model.addAttribute("form", PotForm.of(pot));
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return pages.of(kitchen, pot, say, model);
    }
}
