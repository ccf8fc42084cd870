package app.gradior.web.starch;

import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.measure.ReadLine;
import app.gradior.plan.Slurry;
import app.gradior.plan.SlurryRatio;
import app.gradior.plan.StarchBench;
import app.gradior.plan.Use;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.thickness.Grade;
import app.gradior.web.food.Foods;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.text.Names;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import tools.jackson.databind.json.JsonMapper;

/** The starch bench: how much of which starch, without a sauce. */
@Controller
class StarchController {
    private static final int CURVE_POINTS = 41;

    private final Foods foods;
    private final JsonMapper json;

    StarchController(Foods foods, JsonMapper json) {
        this.foods = foods;
        this.json = json;
    }

    @GetMapping("/starch")
    String bench(
            @InKitchen UUID kitchen,
            StarchForm form,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            Model model) {
        FieldErrors problems = new FieldErrors();
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        model.addAttribute("uses", Use.values());
        model.addAttribute("starches", StarchKind.values());
        Optional<Mixture> liquid = liquid(kitchen, form, problems);
        Celsius served =
                Celsius.of(number("served", form.served(), 0, 95, "Sauces are eaten between 0 and 95 °C.", problems));
        Grade wanted = form.use().equals("GRADE")
                ? Grade.of(number("grade", form.grade(), 0.5, 8, "Give a grade between 0.5 and 8.", problems))
                : use(form).aim();
        SlurryRatio school = form.slurrySchool();
        if (liquid.isPresent() && !problems.any()) {
            StarchBench bench = new StarchBench(liquid.get(), served, school);
            List<StarchBench.Row> rows = bench.forGrade(wanted);
            model.addAttribute("bench", bench);
            model.addAttribute("wanted", wanted);
            model.addAttribute("rows", rows);
            model.addAttribute("drawing", json.writeValueAsString(drawing(bench, form, wanted, rows)));
            reverse(bench, form, wanted, problems, model);
        }
        return "starch".equals(fragment) ? "starch/starch :: answers" : "starch/starch";
    }

    private static Use use(StarchForm form) {
        try {
            return Use.valueOf(form.use());
        } catch (IllegalArgumentException e) {
            return Use.POUR;
        }
    }

    /** Of a line as cooks write it, such as 500 ml stock; what is said of sugar, acid and salt stands instead of what the food has. */
    private Optional<Mixture> liquid(UUID kitchen, StarchForm form, FieldErrors problems) {
        ReadLine read = foods.language(kitchen).grammar().read(form.liquid());
        if (read.foods().isEmpty()) {
            problems.say("liquid", "Write a liquid with its amount, such as 500 ml chicken stock or 300 g water.");
            return Optional.empty();
        }
        Mass mass = read.mixture().mass();
        if (!(mass.grams() >= 1) || mass.grams() > 100_000) {
            problems.say("liquid", "Give between 1 g and 100 kg of it.");
            return Optional.empty();
        }
        if (form.plain()) {
            return Optional.of(read.mixture());
        }
        Share sugar = share("sugar", form.sugar(), problems);
        Share acid = share("acid", form.acid(), problems);
        Share salt = share("salt", form.salt(), problems);
        try {
            return !problems.any() ? Optional.of(StarchBench.liquid(mass, sugar, acid, salt)) : Optional.empty();
        } catch (IllegalArgumentException e) {
            problems.say("sugar", "Those come to too much: " + e.getMessage() + ".");
            return Optional.empty();
        }
    }

    private static Share share(String field, String typed, FieldErrors problems) {
        return typed.isEmpty()
                ? Share.NONE
                : Share.ofPercent(number(field, typed, 0, 90, "Give per cent by weight, 0 to 90.", problems));
    }

    private static double number(
            String field, String typed, double min, double max, String sentence, FieldErrors problems) {
        return problems.number(field, typed, min, max, sentence).orElse(min);
    }

    /** What so much starch gives, and how to mend a sauce that has it. */
    private static void reverse(StarchBench bench, StarchForm form, Grade wanted, FieldErrors problems, Model model) {
        if (form.there().isEmpty()) {
            return;
        }
        double max = bench.liquid().mass().grams() * 0.25;
        double grams = number(
                "there", form.there(), 0.01, max, "Give grams of starch, up to a quarter of the liquid.", problems);
        if (problems.any()) {
            return;
        }
        StarchKind kind = form.first();
        model.addAttribute("gives", bench.of(kind, Mass.ofGrams(grams)));
        model.addAttribute("mend", bench.mend(kind, Mass.ofGrams(grams), wanted));
    }

    /** The curves of two starches, up to a little more than the weaker one needs. */
    private static Map<String, Object> drawing(
            StarchBench bench, StarchForm form, Grade wanted, List<StarchBench.Row> rows) {
        double max = 0;
        for (StarchBench.Row row : rows) {
            boolean drawn = row.kind() == form.first() || row.kind() == form.second();
            if (drawn && row.answer() instanceof Slurry.Answer.Found found) {
                max = Math.max(max, found.slurry().powder().grams());
            }
        }
        Mass end = Mass.ofGrams(max == 0 ? bench.liquid().mass().grams() * 0.1 : max * 1.35);
        return Map.of(
                "wanted", wanted.value(),
                "curves",
                        List.of(form.first(), form.second()).stream()
                                .distinct()
                                .map(kind -> Map.of(
                                        "name", Names.of(kind),
                                        "points",
                                                bench.curve(kind, end, CURVE_POINTS).stream()
                                                        .map(p -> List.of(p.powderGrams(), p.grade()))
                                                        .toList()))
                                .toList());
    }
}
