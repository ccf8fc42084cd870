package app.gradior.cli;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.measure.LinePart;
import app.gradior.measure.ReadLine;
import app.gradior.plan.Knowledge;
import app.gradior.recipe.ReadRecipe;
import app.gradior.recipe.RecipeLine;
import app.gradior.recipe.RecipeStep;
import app.gradior.recipe.UsualPot;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A recipe as it was understood, in the form that docs/formats/gradior-recipe-1.schema.json describes. */
final class RecipeJson {
    private final ReadRecipe recipe;

    RecipeJson(ReadRecipe recipe) {
        this.recipe = recipe;
    }

    Map<String, Object> of(String file) {
        List<Mixture> after = recipe.after(UsualPot.CONDITIONS, Knowledge.NONE);
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("file", file);
        json.put("name", recipe.published().name());
        json.put("lines", recipe.lines().stream().map(this::line).toList());
        List<Map<String, Object>> steps = new ArrayList<>();
        for (int i = 0; i < recipe.steps().size(); i++) {
            steps.add(step(recipe.steps().get(i), after.get(i)));
        }
        json.put("steps", steps);
        json.put("remarks", remarks());
        json.put("questions", questions(recipe));
        json.put(
                "grams_in",
                grams(recipe.steps().stream()
                        .flatMap(step -> step.adds().stream())
                        .mapToDouble(added -> added.mass().grams())
                        .sum()));
        json.put(
                "grams_out",
                after.isEmpty() ? 0 : grams(after.get(after.size() - 1).mass().grams()));
        return json;
    }

    static List<Map<String, String>> questions(ReadRecipe recipe) {
        return recipe.questions().stream()
                .map(q -> Map.of("text", QuestionText.of(q), "about", q.about()))
                .toList();
    }

    /** What is not of the sauce: sentences that do nothing to it, and the lines of what it is eaten with. */
    private List<String> remarks() {
        List<String> remarks = new ArrayList<>();
        recipe.lines().stream()
                .filter(line -> line.role() == RecipeLine.Role.ASIDE)
                .forEach(line -> remarks.add(line.text()));
        recipe.sentences().stream()
                .filter(ReadRecipe.Sentence::remark)
                .forEach(sentence -> remarks.add(sentence.text()));
        return remarks;
    }

    private Map<String, Object> line(RecipeLine line) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("text", line.text());
        json.put("food", line.foods().isEmpty() ? null : line.food());
        json.put("grams", grams(line.mass().grams()));
        json.put("state", recipe.state(line).name().toLowerCase(Locale.ROOT));
        List<Map<String, Object>> parts = new ArrayList<>();
        for (ReadLine.Understood food : line.foods()) {
            for (LinePart part : food.parts()) {
                parts.add(Map.of(
                        "kind",
                        part.kind().name().toLowerCase(Locale.ROOT),
                        "text",
                        food.typed()
                                .substring(
                                        part.start(),
                                        Math.min(part.end(), food.typed().length()))));
            }
        }
        json.put("parts", parts);
        return json;
    }

    private static Map<String, Object> step(RecipeStep step, Mixture after) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("text", step.text());
        json.put("operation", step.kind().key());
        json.put(
                "adds",
                step.adds().stream()
                        .map(added -> Map.of(
                                "line",
                                added.line().index(),
                                "grams",
                                grams(added.mass().grams())))
                        .toList());
        json.put("starch_grams", grams(step.starch().grams()));
        json.put("grams_after", grams(after.mass().grams()));
        step.claim().ifPresent(claim -> json.put("claimed_minutes", Map.of("low", claim.low(), "high", claim.high())));
        Map<String, Object> mixture = new LinkedHashMap<>();
        for (Component component : Component.values()) {
            mixture.put(
                    component.name().toLowerCase(Locale.ROOT),
                    grams(after.mass(component).grams()));
        }
        json.put("mixture_grams", mixture);
        return json;
    }

    private static double grams(double grams) {
        return Math.round(grams * 100) / 100.0;
    }
}
