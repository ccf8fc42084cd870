package app.gradior.web.keeping;

import app.gradior.keeping.JarSize;
import app.gradior.keeping.Keeping;
import app.gradior.keeping.Place;
import app.gradior.physics.ChoiOkos;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Volume;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.text.UnitFormat;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

/** Filling jars from a batch: proposed by what was left, the jars there are and the room under their lids. */
@Controller
@RequestMapping("/journal/{batch}/jars")
class FillController {
    private static final int SPARE_ROWS = 2;

    private static final double USUAL_ML = 225;

    private final Jars jars;
    private final JarSizes sizes;
    private final BatchService cooks;
    private final SauceKeeping keeping;

    FillController(Jars jars, JarSizes sizes, BatchService cooks, SauceKeeping keeping) {
        this.jars = jars;
        this.sizes = sizes;
        this.cooks = cooks;
        this.keeping = keeping;
    }

    /**
     * A row of the form.
     *
     * @param size id of a jar size; empty for another jar
     */
    record Row(String size, String ml) {}

    @GetMapping
    String propose(
            @InKitchen UUID kitchen,
            @PathVariable UUID batch,
            @RequestParam(defaultValue = "COUNTER") Place place,
            UnitFormat say,
            Model model) {
        Optional<Volume> whole = leftOf(kitchen, batch);
        List<JarSizes.Owned> owned = sizes.all(kitchen);
        List<Row> rows = new ArrayList<>();
        double left = whole.map(Volume::millilitres).orElse(0.0);
        if (whole.isPresent() && owned.isEmpty()) {
            while (left >= 10 && rows.size() < Jars.MOST_AT_ONCE) {
                double into = Math.min(USUAL_ML, left);
                rows.add(new Row("", String.valueOf(Math.round(into))));
                left -= into;
            }
        } else if (whole.isPresent()) {
            JarSize.Filling filling = JarSize.fill(
                    whole.get(),
                    owned.stream().map(JarSizes.Owned::size).toList(),
                    owned.stream().map(JarSizes.Owned::atHand).toList(),
                    place);
            filling.jars().stream()
                    .limit(Jars.MOST_AT_ONCE)
                    .forEach(jar -> rows.add(new Row(
                            owned.get(jar.size()).id().toString(),
                            String.valueOf(Math.round(jar.volume().millilitres())))));
            left = filling.left().millilitres();
        }
        return page(kitchen, batch, whole, place, rows, left, new FieldErrors(), UUID.randomUUID(), say, model);
    }

    /** What of a batch is in no jar yet, by its weight; empty if nobody weighed it. */
    private Optional<Volume> leftOf(UUID kitchen, UUID batch) {
        cooks.finished(kitchen, batch);
        var cook = cooks.find(kitchen, batch).cook();
        var finished = cook.finished().orElseThrow();
        double filled = jars.filledFrom(kitchen, batch).millilitres();
        return finished.yield()
                .map(mass ->
                        mass.at(ChoiOkos.density(cook.sauceAt(finished.at()).mixture(), Celsius.ROOM)))
                .map(whole -> Volume.ofMillilitres(Math.max(0, whole.millilitres() - filled)));
    }

    private String page(
            UUID kitchen,
            UUID batch,
            Optional<Volume> whole,
            Place place,
            List<Row> rows,
            double left,
            FieldErrors problems,
            UUID form,
            UnitFormat say,
            Model model) {
        CookRow row = cooks.finished(kitchen, batch);
        List<Row> shown = new ArrayList<>(rows);
        for (int i = 0; i < SPARE_ROWS; i++) {
            shown.add(new Row("", ""));
        }
        model.addAttribute("batch", row);
        model.addAttribute("yield", whole.orElse(null));
        Keeping keeps = keeping.ofBatch(kitchen, cooks.find(kitchen, batch));
        model.addAttribute("keeps", ShelfText.keeps(keeps));
        model.addAttribute("contains", ShelfText.contains(keeps));
        model.addAttribute("cautions", ShelfText.cautions(keeps, say));
        model.addAttribute("guidance", ShelfText.GUIDANCE);
        model.addAttribute("already", jars.ofBatch(kitchen, batch));
        model.addAttribute("place", place);
        model.addAttribute("places", Place.values());
        model.addAttribute("rows", shown);
        model.addAttribute("left", left);
        model.addAttribute("sizes", sizes.all(kitchen));
        model.addAttribute("problems", problems);
        model.addAttribute("form", form);
        return "keeping/fill";
    }

    @PostMapping
    String fill(
            @InKitchen UUID kitchen,
            @PathVariable UUID batch,
            @RequestParam UUID form,
            @RequestParam Place place,
            @RequestParam(defaultValue = "") List<String> size,
            @RequestParam(defaultValue = "") List<String> into,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        FieldErrors problems = new FieldErrors();
        List<JarSizes.Owned> owned = sizes.all(kitchen);
        List<Row> rows = new ArrayList<>();
        List<Jars.Filling> fillings = new ArrayList<>();
        for (int i = 0; i < Math.min(into.size(), Jars.MOST_AT_ONCE + SPARE_ROWS); i++) {
            String typed = into.get(i).strip();
            String kind = i < size.size() ? size.get(i) : "";
            if (typed.isEmpty()) {
                continue;
            }
            Optional<JarSizes.Owned> jar =
                    owned.stream().filter(o -> o.id().toString().equals(kind)).findFirst();
            double most = jar.map(o -> o.size().brim().millilitres()).orElse(9000.0);
            OptionalDouble volume = problems.number("ml" + rows.size(), typed, 1, most, ShelfText.MILLILITRES);
            rows.add(new Row(kind, typed));
            volume.ifPresent(v -> fillings.add(new Jars.Filling(
                    jar.map(JarSizes.Owned::id).orElse(null),
                    jar.map(JarSizes.Owned::size).orElseGet(() -> JarSizes.holding(Volume.ofMillilitres(v))),
                    Volume.ofMillilitres(v))));
        }
        if (rows.isEmpty()) {
            problems.say("ml0", ShelfText.NO_JAR);
        }
        if (!problems.any()) {
            try {
                List<JarRow> filled = jars.fill(kitchen, form, batch, fillings, place, jars.now());
                return "redirect:/shelf?jar=" + filled.get(0).id() + "#jar";
            } catch (Jars.Refused refused) {
                problems.say("ml0", refused.getMessage());
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(kitchen, batch, leftOf(kitchen, batch), place, rows, 0, problems, form, say, model);
    }
}
