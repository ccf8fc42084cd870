package app.gradior.web.planning;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.text.UnitFormat;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Kept plans, each with the cook's sheet: a page for the wall, on screen, on paper and as PDF. */
@Controller
@RequestMapping("/plans")
class SheetController {
    private final PlanService plans;
    private final Planning planning;
    private final SauceService sauces;
    private final Sheets sheets;
    private final SheetPdf pdf;

    SheetController(PlanService plans, Planning planning, SauceService sauces, Sheets sheets, SheetPdf pdf) {
        this.plans = plans;
        this.planning = planning;
        this.sauces = sauces;
        this.sheets = sheets;
        this.pdf = pdf;
    }

    /** Keeps a plan; sent twice under one id, it is kept once. */
    @PostMapping
    String keep(
            @InKitchen UUID kitchen,
            @RequestParam UUID plan,
            @RequestParam UUID sauce,
            @RequestParam Map<String, String> choices) {
        Sauce made = sauces.find(kitchen, sauce).orElseThrow(() -> new NotFound("sauce"));
        Planning.PlanAttempt planned = planning.plan(kitchen, made, PlanForm.of(choices));
        if (planned.possible().filter(p -> p.chosen().outcome().isPresent()).isEmpty()) {
            return "redirect:/sauces/" + sauce + "/plan?" + planned.form().query();
        }
        return "redirect:/plans/" + plans.keep(kitchen, plan, planned).id();
    }

    @GetMapping("/{id}")
    String sheet(@InKitchen UUID kitchen, @PathVariable UUID id, UnitFormat say, Model model) {
        model.addAttribute("sheet", sheets.of(kitchen, id, say));
        return "plan/sheet";
    }

    @GetMapping("/{id}/sheet.pdf")
    ResponseEntity<byte[]> pdf(@InKitchen UUID kitchen, @PathVariable UUID id, UnitFormat say) {
        Sheets.Sheet sheet = sheets.of(kitchen, id, say);
        ContentDisposition name = ContentDisposition.inline()
                .filename(sheet.sauce().name() + ".pdf", StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
                .body(pdf.of(sheet, say));
    }
}
