package app.gradior.web.food;

import app.gradior.food.Ingredient;
import app.gradior.measure.CookRounding;
import app.gradior.measure.NumberInput;
import app.gradior.quantity.Mass;
import app.gradior.web.food.KitchenMeasures.Known;
import app.gradior.web.kitchen.InKitchen;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What a pinch, a glug, a medium onion is in a kitchen. */
@Controller
@RequestMapping("/foods/measures")
class MeasureController {
    private static final double MAX_GRAMS = 5000;

    private final Foods foods;
    private final KitchenMeasures measures;

    MeasureController(Foods foods, KitchenMeasures measures) {
        this.foods = foods;
        this.measures = measures;
    }

    /** A measure with the food by its name. */
    record Shown(Known known, String name) {
        /** How many were weighed at once, as they are counted. */
        public String count(KitchenMeasures.Weighed weighed) {
            return CookRounding.exactly(Math.round(10 * weighed.count()) / 10.0);
        }
    }

    @GetMapping
    String all(@InKitchen UUID kitchen, Model model) {
        var table = foods.language(kitchen).table();
        List<Shown> shown = measures.of(kitchen).stream()
                .map(known -> new Shown(
                        known,
                        table.find(known.food())
                                .map(food -> food.name().toLowerCase(Locale.ROOT))
                                .orElse(known.food())))
                .toList();
        model.addAttribute("measures", shown);
        return "food/measures";
    }

    /**
     * Keeps what was weighed of a line.
     *
     * @param grams what it weighed
     * @param of what the line was taken to weigh
     */
    @PostMapping("/weighed")
    ResponseEntity<String> weighed(
            @InKitchen UUID kitchen,
            @RequestParam String food,
            @RequestParam String measure,
            @RequestParam String grams,
            @RequestParam String of) {
        Optional<Ingredient> known = foods.language(kitchen).table().find(food);
        if (known.isEmpty()) {
            return ResponseEntity.unprocessableContent().body(FoodText.NO_SUCH_FOOD);
        }
        Optional<Mass> weighed = mass(grams);
        Optional<Mass> taken = mass(of);
        if (weighed.isEmpty() || taken.isEmpty()) {
            return ResponseEntity.unprocessableContent().body(FoodText.GRAMS);
        }
        return measures.weighed(kitchen, measure, known.get(), weighed.get(), taken.get())
                ? ResponseEntity.noContent().build()
                : ResponseEntity.unprocessableContent().body(FoodText.NO_SUCH_MEASURE);
    }

    private static Optional<Mass> mass(String typed) {
        double grams = NumberInput.read(typed).orElse(Double.NaN);
        return grams > 0 && grams <= MAX_GRAMS ? Optional.of(Mass.ofGrams(grams)) : Optional.empty();
    }

    /** Leaves a weighing out, or lets it count again. */
    @PostMapping("/count")
    String count(@InKitchen UUID kitchen, @RequestParam UUID weighing, @RequestParam boolean out) {
        measures.leaveOut(kitchen, weighing, out);
        return "redirect:/foods/measures";
    }

    @PostMapping("/forget")
    String forget(@InKitchen UUID kitchen, @RequestParam String measure, @RequestParam String food) {
        measures.forget(kitchen, measure, food);
        return "redirect:/foods/measures";
    }
}
