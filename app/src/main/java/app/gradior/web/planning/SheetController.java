package app.gradior.web.planning;

import app.gradior.measure.ReadLine;
import app.gradior.plan.Caution;
import app.gradior.sauce.SauceLine;
import app.gradior.thickness.Bubbles;
import app.gradior.thickness.Grade;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.PotMapper;
import app.gradior.web.equipment.RingMapper;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.text.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
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
    private final SauceReader reader;
    private final PotMapper pots;
    private final RingMapper rings;
    private final SheetPdf pdf;
    private final Wording say;

    SheetController(
            PlanService plans,
            Planning planning,
            SauceService sauces,
            SauceReader reader,
            PotMapper pots,
            RingMapper rings,
            SheetPdf pdf,
            Wording say) {
        this.plans = plans;
        this.planning = planning;
        this.sauces = sauces;
        this.reader = reader;
        this.pots = pots;
        this.rings = rings;
        this.pdf = pdf;
        this.say = say;
    }

    /** A line of the sheet: a step, a food with its weight, or a remark. */
    public record Line(String typed, String figure, boolean step, boolean unread) {
        public boolean food() {
            return !figure.isEmpty();
        }
    }

    /**
     * What stands on the sheet.
     *
     * @param ring what it stands on; null if it was not said
     */
    public record Sheet(
            KeptPlan plan,
            Sauce sauce,
            KitchenPot pot,
            String ring,
            List<Line> lines,
            SpoonCoat look,
            Bubbles bubbles,
            List<Caution> cautions) {}

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
    String sheet(@InKitchen UUID kitchen, @PathVariable UUID id, Model model) {
        model.addAttribute("sheet", sheet(kitchen, id));
        return "plan/sheet";
    }

    @GetMapping("/{id}/sheet.pdf")
    ResponseEntity<byte[]> pdf(@InKitchen UUID kitchen, @PathVariable UUID id) {
        Sheet sheet = sheet(kitchen, id);
        ContentDisposition name = ContentDisposition.inline()
                .filename(sheet.sauce().name() + ".pdf", java.nio.charset.StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
                .body(pdf.of(sheet));
    }

    private Sheet sheet(UUID kitchen, UUID id) {
        KeptPlan plan = plans.find(kitchen, id).orElseThrow(() -> new NotFound("plan"));
        Sauce sauce =
                sauces.version(kitchen, plan.sauceId(), plan.sauceVersion()).orElseThrow(() -> new NotFound("sauce"));
        KitchenPot pot = pots.find(kitchen, plan.potId()).orElseThrow(() -> new NotFound("pot"));
        String ring = plan.ringId() == null
                ? null
                : rings.find(kitchen, plan.ringId()).map(r -> r.name()).orElse(null);
        Grade stove = Grade.of(plan.result().stoveGrade());
        return new Sheet(
                plan,
                sauce,
                pot,
                ring,
                lines(reader.read(kitchen, sauce).lines()),
                SpoonCoat.of(stove),
                Bubbles.of(stove),
                plan.result().cautions());
    }

    private List<Line> lines(List<SauceLine> lines) {
        List<Line> shown = new ArrayList<>();
        for (SauceLine line : lines) {
            if (line instanceof SauceLine.OfFood food) {
                boolean heading = food.read() instanceof ReadLine.Heading;
                String figure = food.read().foods().stream()
                        .map(understood -> say.grams(understood.mass()))
                        .collect(Collectors.joining(" + "));
                shown.add(new Line(line.typed().strip(), figure, heading, ReadSauce.isUnclear(line)));
            } else {
                shown.add(new Line(line.typed().strip(), "", true, ReadSauce.isUnclear(line)));
            }
        }
        return shown;
    }
}
