package app.gradior.web.pots;

import app.gradior.learning.EvaporationKnowledge;
import app.gradior.measure.TypedMass;
import app.gradior.pot.Activity;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.learning.PotLearning;
import app.gradior.web.learning.PotsLearnt;
import app.gradior.web.planning.Kitchenware;
import app.gradior.web.platform.NotFound;
import app.gradior.web.text.UnitFormat;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The guided boil-off test: weigh, bring to the activity, ten minutes, weigh again. */
@Controller
class BoilOffController {
    private static final double MIN_WATER_G = 300;

    private final Pots pots;
    private final Rings rings;
    private final BoilOffs tests;
    private final Kitchenware kitchenware;
    private final PotLearning learning;

    BoilOffController(Pots pots, Rings rings, BoilOffs tests, Kitchenware kitchenware, PotLearning learning) {
        this.pots = pots;
        this.rings = rings;
        this.tests = tests;
        this.kitchenware = kitchenware;
        this.learning = learning;
    }

    /** What a test begins with, as typed. */
    record BeginForm(UUID test, UUID ring, Activity activity, String mark, String hood, String weight, String bare) {
        BeginForm {
            activity = activity == null ? Activity.SIMMER : activity;
            test = test == null ? UUID.randomUUID() : test;
        }

        BeginForm on(UUID other) {
            return new BeginForm(test, other, activity, mark, hood, weight, bare);
        }
    }

    @GetMapping("/pots/{id}/boil-off")
    String ask(@InKitchen UUID kitchen, @PathVariable UUID id, BeginForm form, Model model) {
        KitchenPot pot = pot(kitchen, id);
        UUID ring = kitchenware
                .ring(kitchen, Optional.ofNullable(form.ring()), pot)
                .map(KitchenRing::id)
                .orElse(null);
        return asked(kitchen, pot, form.on(ring), model);
    }

    private String asked(UUID kitchen, KitchenPot pot, BeginForm form, Model model) {
        model.addAttribute("pot", pot);
        model.addAttribute("form", form);
        model.addAttribute("rings", rings.all(kitchen));
        model.addAttribute("activities", Activity.values());
        return "pot/boil-off";
    }

    @PostMapping("/pots/{id}/boil-off")
    String begin(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            BeginForm form,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        KitchenPot pot = pot(kitchen, id);
        KitchenRing ring =
                form.ring() == null ? null : rings.find(kitchen, form.ring()).orElse(null);
        double max = pot.pot().workingCapacity().millilitres();
        Optional<Double> water = water(form.weight(), form.bare() != null, pot);
        String wrong = ring == null
                ? PotText.RING
                : water.isEmpty()
                        ? PotText.WEIGHT
                        : water.get() < MIN_WATER_G
                                ? PotText.tooLittleWater(say.grams(water.get()), say.grams(MIN_WATER_G))
                                : water.get() > max ? PotText.tooMuchWater(say.grams(water.get())) : null;
        if (wrong != null) {
            model.addAttribute("wrong", wrong);
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return asked(kitchen, pot, form, model);
        }
        tests.begin(kitchen, form.test(), pot, ring, form.activity(), form.mark(), form.hood() != null, water.get());
        return "redirect:/boil-offs/" + form.test();
    }

    private static Optional<Double> water(String typed, boolean bare, KitchenPot pot) {
        return TypedMass.grams(typed).map(grams -> bare ? grams : grams - pot.tareG());
    }

    @GetMapping("/boil-offs/{id}")
    String guide(@InKitchen UUID kitchen, @PathVariable UUID id, Model model) {
        BoilOffMapper.Test test = test(kitchen, id);
        model.addAttribute("test", test);
        model.addAttribute("pot", pot(kitchen, test.potId()));
        KitchenRing ring = rings.get(kitchen, test.ringId());
        model.addAttribute("ring", ring);
        if (test.done()) {
            EvaporationKnowledge.PotRingActivity place =
                    new EvaporationKnowledge.PotRingActivity(test.potId(), test.ringId(), test.activity());
            PotsLearnt knowledge = learning.knowledge(kitchen);
            model.addAttribute("known", knowledge.about(place));
            model.addAttribute(
                    "before", learning.knowledgeWithout(kitchen, test.id()).about(place));
        }
        return "pot/boiling-off";
    }

    @PostMapping("/boil-offs/{id}/start")
    String start(@InKitchen UUID kitchen, @PathVariable UUID id) {
        test(kitchen, id);
        tests.start(kitchen, id);
        return "redirect:/boil-offs/" + id;
    }

    @PostMapping("/boil-offs/{id}/end")
    String end(@InKitchen UUID kitchen, @PathVariable UUID id) {
        test(kitchen, id);
        tests.end(kitchen, id);
        return "redirect:/boil-offs/" + id;
    }

    @PostMapping("/boil-offs/{id}/weigh")
    String weigh(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String weight,
            @RequestParam Optional<String> bare,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        BoilOffMapper.Test test = test(kitchen, id);
        if (test.done() || test.endedAt() == null) {
            return "redirect:/boil-offs/" + id;
        }
        KitchenPot pot = pot(kitchen, test.potId());
        Optional<Double> after = water(weight, bare.isPresent(), pot);
        String wrong = null;
        if (after.isEmpty()) {
            wrong = PotText.WEIGHT;
        } else if (after.get() <= 0) {
            wrong = PotText.LESS_THAN_THE_POT;
        } else if (after.get() >= test.beforeG()) {
            wrong = PotText.nothingLost(say.grams(test.beforeG()));
        } else {
            KitchenRing ring = rings.get(kitchen, test.ringId());
            if (tests.finish(kitchen, test, pot, ring, after.get())) {
                return "redirect:/boil-offs/" + id;
            }
            wrong = PotText.NO_SUCH_LOSS;
        }
        model.addAttribute("wrong", wrong);
        model.addAttribute("weight", weight);
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return guide(kitchen, id, model);
    }

    @PostMapping("/boil-offs/{id}/give-up")
    String giveUp(@InKitchen UUID kitchen, @PathVariable UUID id) {
        BoilOffMapper.Test test = test(kitchen, id);
        tests.giveUp(kitchen, id);
        return "redirect:/pots/" + test.potId();
    }

    @PostMapping("/boil-offs/{id}/strike")
    String exclude(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam boolean out) {
        BoilOffMapper.Test test = test(kitchen, id);
        tests.exclude(kitchen, id, out);
        return "redirect:/pots/" + test.potId() + "#known";
    }

    private KitchenPot pot(UUID kitchen, UUID id) {
        return pots.get(kitchen, id);
    }

    private BoilOffMapper.Test test(UUID kitchen, UUID id) {
        return tests.find(kitchen, id).orElseThrow(() -> new NotFound("test"));
    }
}
