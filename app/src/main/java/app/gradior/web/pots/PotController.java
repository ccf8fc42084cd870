package app.gradior.web.pots;

import app.gradior.measure.NumberInput;
import app.gradior.plan.EvaporationKnowledge;
import app.gradior.pot.Activity;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.PotDrawing;
import app.gradior.web.equipment.PotMapper;
import app.gradior.web.equipment.RingMapper;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.learning.PotLearning;
import app.gradior.web.platform.NotFound;
import app.gradior.web.text.Wording;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.Errors;
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
    private static final int POTS_ON_A_PAGE = 12;

    /** What a reduction's range is shown for. */
    private static final double EXAMPLE_MINUTES = 20;

    private final PotMapper pots;
    private final RingMapper rings;
    private final BoilOffMapper tests;
    private final PotLearning learning;
    private final Wording say;
    private final Clock clock;

    PotController(
            PotMapper pots, RingMapper rings, BoilOffMapper tests, PotLearning learning, Wording say, Clock clock) {
        this.pots = pots;
        this.rings = rings;
        this.tests = tests;
        this.learning = learning;
        this.say = say;
        this.clock = clock;
    }

    /** A pot as measured with a ruler and a scale; centimetres, litres and grams. */
    record PotForm(
            @NotBlank(message = "Give the pot a name, such as 24 cm casserole.")
            @Size(max = 80, message = "Use up to 80 letters.")
            String name,

            @NotNull(message = "Measure the inner width of the base, in cm.")
            @DecimalMin(value = "4", message = "A base of under 4 cm: is it in centimetres?")
            @DecimalMax(value = "100", message = "A base of over 100 cm: is it in centimetres?")
            Double baseCm,

            @DecimalMin(value = "4", message = "A rim of under 4 cm: is it in centimetres?")
            @DecimalMax(value = "100", message = "A rim of over 100 cm: is it in centimetres?")
            Double rimCm,

            @DecimalMin(value = "1", message = "A wall of under 1 cm: is it in centimetres?")
            @DecimalMax(value = "100", message = "A wall of over 100 cm: is it in centimetres?")
            Double wallCm,

            @DecimalMin(value = "0.05", message = "Under 50 ml: is it in litres?")
            @DecimalMax(value = "200", message = "Over 200 l: is it in litres?")
            Double litres,

            @NotNull(message = "Choose what the inside is made of.")
            Material material,

            @NotNull(message = "Weigh the pot empty, without its lid, in g.")
            @DecimalMin(value = "20", message = "A pot of under 20 g: is it in grams?")
            @DecimalMax(value = "30000", message = "A pot of over 30 kg: is it in grams?")
            Double tareG,

            Boolean lid) {

        static PotForm of(KitchenPot pot) {
            return new PotForm(
                    pot.name(),
                    pot.baseMm() / 10,
                    pot.rimMm() / 10,
                    pot.wallMm() / 10,
                    null,
                    pot.material(),
                    pot.tareG(),
                    pot.lid());
        }

        /** The pot meant, or null with what is wrong said beside its field. */
        KitchenPot pot(UUID id, Errors errors) {
            if (wallCm == null && litres == null) {
                errors.rejectValue("wallCm", "missing", "Measure the height of the wall inside, or say what it holds.");
            }
            if (errors.hasErrors()) {
                return null;
            }
            double rim = rimCm == null ? baseCm : rimCm;
            double wallMm = wallCm == null ? 0 : wallCm * 10;
            if (wallCm == null) {
                try {
                    wallMm = Pot.ofCapacity(
                                    Volume.ofLitres(litres),
                                    Length.ofCentimetres(baseCm),
                                    Length.ofCentimetres(rim),
                                    material,
                                    Mass.ofGrams(tareG))
                            .wall()
                            .millimetres();
                } catch (IllegalArgumentException e) {
                    errors.rejectValue(
                            "litres", "shape", "A pot so wide that holds so much can't be: check both figures.");
                    return null;
                }
            }
            return new KitchenPot(
                    id, name.strip(), baseCm * 10, rim * 10, wallMm, material, tareG, Boolean.TRUE.equals(lid));
        }
    }

    @ModelAttribute("materials")
    Material[] materials() {
        return Material.values();
    }

    /** A pot with its drawing, and what is known of it in a few words. */
    record Drawn(KitchenPot pot, PotDrawing drawing, String known) {}

    @GetMapping
    String all(@InKitchen UUID kitchen, @RequestParam(defaultValue = "0") int from, Model model) {
        List<KitchenPot> every = pots.all(kitchen);
        int first = Math.max(0, Math.min(from, Math.max(0, every.size() - 1)));
        List<KitchenPot> shown =
                every.stream().skip(first).limit(POTS_ON_A_PAGE).toList();
        model.addAttribute("from", first);
        model.addAttribute("more", first + POTS_ON_A_PAGE < every.size() ? first + POTS_ON_A_PAGE : null);
        List<BoilOffMapper.Test> done = tests.all(kitchen).stream()
                .filter(t -> t.done() && !t.excluded())
                .toList();
        List<BatchSummary> batches = learning.batches(kitchen);
        model.addAttribute(
                "pots",
                shown.stream()
                        .map(p -> new Drawn(p, PotDrawing.of(p.pot(), say.potMarks()), known(p, done, batches)))
                        .toList());
        model.addAttribute("rings", rings.all(kitchen));
        model.addAttribute("marks", tests.marks(kitchen));
        return "pot/pots";
    }

    private static String known(KitchenPot pot, List<BoilOffMapper.Test> tests, List<BatchSummary> batches) {
        long tested = tests.stream().filter(t -> t.potId().equals(pot.id())).count();
        long cooked = batches.stream()
                .filter(b -> b.potId().equals(pot.id()) && !b.excluded())
                .count();
        return tested + cooked == 0
                ? "not tested yet"
                : "known from " + (tested == 0 ? "" : tested + (tested == 1 ? " test" : " tests"))
                        + (tested > 0 && cooked > 0 ? " and " : "")
                        + (cooked == 0 ? "" : cooked + (cooked == 1 ? " batch" : " batches"));
    }

    @GetMapping("/new")
    String add(Model model) {
        model.addAttribute("form", new PotForm("", null, null, null, null, Material.STEEL, null, true));
        return "pot/pot";
    }

    @GetMapping("/{id}")
    String change(@InKitchen UUID kitchen, @PathVariable UUID id, Model model) {
        KitchenPot pot = pots.find(kitchen, id).orElseThrow(() -> new NotFound("pot"));
        model.addAttribute("form", PotForm.of(pot));
        return page(kitchen, pot, model);
    }

    /** What is known of a pot on a ring at an activity, and what a test would make of it. */
    record Cell(
            KitchenRing ring,
            Activity activity,
            EvaporationKnowledge.Known known,
            EvaporationKnowledge.Known tested,
            long sources) {
        public String now() {
            return range(known);
        }

        public String then() {
            return range(tested);
        }

        private static String range(EvaporationKnowledge.Known known) {
            double middle = known.k().middle();
            return Math.round(EXAMPLE_MINUTES * middle / known.k().high()) + "–"
                    + Math.round(EXAMPLE_MINUTES * middle / known.k().low()) + " min";
        }
    }

    /** Something learnt of this pot, which can be struck out. */
    record Learnt(String words, String href, String excludePath, Instant at, boolean excluded) {}

    private String page(UUID kitchen, KitchenPot pot, Model model) {
        model.addAttribute("pot", new Drawn(pot, PotDrawing.of(pot.pot(), say.potMarks()), ""));
        model.addAttribute("litreMm", pot.pot().depthOf(Volume.ofLitres(1)).millimetres());
        EvaporationKnowledge knowledge = learning.knowledge(kitchen);
        List<BoilOffMapper.Test> own = tests.all(kitchen).stream()
                .filter(t -> t.potId().equals(pot.id()) && t.done())
                .toList();
        List<BatchSummary> batches = learning.batches(kitchen).stream()
                .filter(b -> b.potId().equals(pot.id()))
                .toList();
        List<Cell> cells = new ArrayList<>();
        for (KitchenRing ring : rings.all(kitchen)) {
            for (Activity activity : Activity.values()) {
                EvaporationKnowledge.PotRingActivity place =
                        EvaporationKnowledge.PotRingActivity.of(pot.id(), ring.id(), activity);
                long sources = own.stream()
                                .filter(t -> !t.excluded() && t.ringId().equals(ring.id()) && t.activity() == activity)
                                .count()
                        + batches.stream()
                                .filter(b -> !b.excluded()
                                        && b.source()
                                                .filter(s -> s.place().equals(place))
                                                .isPresent())
                                .count();
                // The two surfaces that sauces are cooked at are always shown; others once something is known of them.
                if (sources > 0 || activity == Activity.SIMMER) {
                    cells.add(new Cell(ring, activity, knowledge.about(place), knowledge.afterTest(place), sources));
                }
            }
        }
        model.addAttribute("cells", cells);
        List<Learnt> sources = new ArrayList<>();
        own.forEach(t -> sources.add(new Learnt(
                "boil-off, " + t.activity().label() + (t.dialMark() == null ? "" : ", mark " + t.dialMark())
                        + String.format(Locale.ROOT, ": k %.2f", t.k()),
                "/boil-offs/" + t.id(),
                "/boil-offs/" + t.id() + "/strike",
                t.startedAt(),
                t.excluded())));
        batches.forEach(b -> sources.add(new Learnt(
                b.sauceName() + String.format(Locale.ROOT, ": k %.2f", Math.exp(b.learntLnK())),
                "/journal/" + b.id(),
                "/cooks/" + b.id() + "/strike",
                b.finishedAt(),
                b.excluded())));
        model.addAttribute("sources", sources);
        return "pot/pot";
    }

    @PostMapping("/new")
    String insert(
            @InKitchen UUID kitchen,
            @Valid @ModelAttribute("form") PotForm form,
            BindingResult errors,
            HttpServletResponse response) {
        KitchenPot pot = errors.hasErrors() ? null : form.pot(UUID.randomUUID(), errors);
        if (pot == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return "pot/pot";
        }
        pots.insert(kitchen, pot, clock.instant().truncatedTo(ChronoUnit.MICROS));
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
        KitchenPot changed = errors.hasErrors() ? null : form.pot(id, errors);
        if (changed == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return page(kitchen, pot, model);
        }
        pots.update(kitchen, changed);
        return "redirect:/pots";
    }

    /** Puts a pot right by water poured in and the depth it stood at. */
    @PostMapping("/{id}/check")
    String check(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String ml,
            @RequestParam(defaultValue = "") String mm,
            Model model,
            HttpServletResponse response) {
        KitchenPot pot = pots.find(kitchen, id).orElseThrow(() -> new NotFound("pot"));
        String wrong;
        try {
            Pot right = pot.pot()
                    .checkedBy(
                            Volume.ofMillilitres(NumberInput.read(ml).orElseThrow()),
                            Length.ofMillimetres(NumberInput.read(mm).orElseThrow()));
            pots.update(
                    kitchen,
                    new KitchenPot(
                            id,
                            pot.name(),
                            right.base().millimetres(),
                            right.rim().millimetres(),
                            pot.wallMm(),
                            pot.material(),
                            pot.tareG(),
                            pot.lid()));
            return "redirect:/pots/" + id;
        } catch (NoSuchElementException e) {
            wrong = "Give both as plain numbers, such as 1000 ml and 25 mm.";
        } catch (IllegalArgumentException e) {
            wrong = "That can't be: " + e.getMessage() + ". Was it poured and read right?";
        }
        model.addAttribute("checkWrong", wrong);
        model.addAttribute("mm", mm);
        model.addAttribute("form", PotForm.of(pot));
        response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
        return page(kitchen, pot, model);
    }
}
