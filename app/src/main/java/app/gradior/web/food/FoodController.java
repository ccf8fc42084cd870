package app.gradior.web.food;

import app.gradior.food.Allergen;
import app.gradior.food.Component;
import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.measure.NumberInput;
import app.gradior.quantity.Mass;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The foods a kitchen can write with: the table, its own, its corrections. */
@Controller
@RequestMapping("/foods")
class FoodController {
    private static final int SHOWN = 40;

    private final Foods foods;
    private final KitchenMeasures measures;

    FoodController(Foods foods, KitchenMeasures measures) {
        this.foods = foods;
        this.measures = measures;
    }

    @GetMapping
    String all(
            @InKitchen UUID kitchen,
            @RequestParam(defaultValue = "") String q,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            Model model) {
        Foods.Language language = foods.language(kitchen);
        String asked = q.length() > 80 ? q.substring(0, 80) : q;
        List<Ingredient> found = asked.isBlank()
                ? new ArrayList<>(language.own())
                : language.grammar().names().like(asked, SHOWN);
        model.addAttribute("q", asked);
        model.addAttribute("found", found);
        model.addAttribute("count", language.table().all().size());
        model.addAttribute("own", language.own().stream().map(Ingredient::key).collect(Collectors.toSet()));
        return fragment == null ? "food/foods" : "food/foods :: found";
    }

    @GetMapping("/new")
    String add(Model model) {
        return form(FoodForm.empty(), Optional.empty(), model);
    }

    @PostMapping("/new")
    String insert(
            @InKitchen UUID kitchen,
            @ModelAttribute("form") FoodForm form,
            BindingResult errors,
            Model model,
            HttpServletResponse response) {
        return keep(kitchen, null, form, errors, model, response);
    }

    @GetMapping("/{key}")
    String open(@InKitchen UUID kitchen, @PathVariable String key, Model model) {
        Ingredient food = find(kitchen, key);
        Optional<OwnFood> own = foods.own(kitchen, key);
        model.addAttribute("food", food);
        model.addAttribute("facts", facts(food));
        model.addAttribute("own", own.isPresent());
        model.addAttribute("corrects", IngredientTable.shipped().find(key).isPresent());
        return form(FoodForm.of(own.orElseGet(() -> corrected(food))), Optional.of(food), model);
    }

    /** What a table food would be as one of the kitchen's own, to be corrected. */
    private static OwnFood corrected(Ingredient food) {
        return new OwnFood(
                food.key(),
                food.name(),
                food.aliases(),
                OwnFood.Label.of(food.composition()),
                null,
                food.density().gramsPerMillilitre(),
                food.piece().map(p -> p.mass().grams()).orElse(null),
                food.allergens().stream().map(Allergen::key).collect(Collectors.toSet()),
                "");
    }

    @PostMapping("/{key}")
    String correct(
            @InKitchen UUID kitchen,
            @PathVariable String key,
            @ModelAttribute("form") FoodForm form,
            BindingResult errors,
            Model model,
            HttpServletResponse response) {
        Ingredient food = find(kitchen, key);
        model.addAttribute("food", food);
        model.addAttribute("facts", facts(food));
        model.addAttribute("own", foods.own(kitchen, key).isPresent());
        model.addAttribute("corrects", IngredientTable.shipped().find(key).isPresent());
        return keep(kitchen, key, form, errors, model, response);
    }

    private String keep(
            UUID kitchen, String key, FoodForm form, BindingResult errors, Model model, HttpServletResponse response) {
        OwnFood food = form.food(key, errors);
        if (food != null) {
            try {
                foods.keep(kitchen, food);
                return "redirect:/foods?kept=" + food.key();
            } catch (IllegalArgumentException impossible) {
                errors.rejectValue(form.kind().equals("mix") ? "mix" : "fat", "sum", impossible.getMessage());
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("allergens", Allergen.values());
        return "food/food";
    }

    @PostMapping("/{key}/remove")
    String remove(@InKitchen UUID kitchen, @PathVariable String key) {
        foods.own(kitchen, key).orElseThrow(() -> new NotFound("food"));
        foods.remove(kitchen, key);
        return "redirect:/foods";
    }

    /** Remembers what a kitchen means by a vague measure, or by a name. */
    @PostMapping("/habits")
    ResponseEntity<String> habit(
            @InKitchen UUID kitchen,
            @RequestParam String food,
            @RequestParam Optional<String> measure,
            @RequestParam Optional<String> grams,
            @RequestParam Optional<String> words) {
        boolean known = foods.language(kitchen).table().find(food).isPresent();
        if (!known) {
            return ResponseEntity.unprocessableContent().body(FoodText.NO_SUCH_FOOD);
        }
        if (words.filter(w -> !w.isBlank() && w.length() <= 200).isPresent()) {
            foods.rememberName(kitchen, words.get(), food);
            return ResponseEntity.noContent().build();
        }
        double weight = NumberInput.read(grams.orElse("")).orElse(Double.NaN);
        if (measure.filter(m -> !m.isBlank() && m.length() <= 40).isEmpty() || !(weight > 0 && weight <= 5000)) {
            return ResponseEntity.unprocessableContent().body(FoodText.GRAMS);
        }
        measures.say(kitchen, measure.get(), food, Mass.ofGrams(weight));
        return ResponseEntity.noContent().build();
    }

    private String form(FoodForm form, Optional<Ingredient> food, Model model) {
        model.addAttribute("form", form);
        model.addAttribute("allergens", Allergen.values());
        food.ifPresent(f -> model.addAttribute("food", f));
        return "food/food";
    }

    private Ingredient find(UUID kitchen, String key) {
        return foods.language(kitchen).table().find(key).orElseThrow(() -> new NotFound("food"));
    }

    /** What 100 g hold, in words a label uses. */
    private static Map<String, Double> facts(Ingredient food) {
        Mixture m = food.composition().perKilogram();
        Map<String, Double> facts = new LinkedHashMap<>();
        facts.put("water", m.mass(Component.WATER).grams() / 10);
        facts.put("sugars", m.sugars().grams() / 10);
        facts.put(
                "starch",
                (m.mass(Component.STARCH).grams() + m.mass(Component.DEXTRINS).grams()) / 10);
        facts.put("fibre", m.mass(Component.FIBRE).grams() / 10);
        facts.put("protein", m.protein().grams() / 10);
        facts.put("fat", m.mass(Component.FAT).grams() / 10);
        facts.put("salt", m.mass(Component.SALT).grams() / 10);
        facts.put("acid", m.acidShare().percent());
        facts.put("alcohol", m.mass(Component.ETHANOL).grams() / 10);
        facts.values().removeIf(v -> v < 0.005);
        return facts;
    }
}
