package app.gradior.recipe;

import app.gradior.recipe.PublishedRecipe.Passage;
import java.time.Duration;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;
import tools.jackson.databind.JsonNode;

/** Reads schema.org Recipes out of JSON-LD, in the shapes in which they are really published. */
final class RecipeData {
    private static final int DEEPEST = 40;
    private static final int MAX_LINES = 400;
    private static final int MAX_RECIPES = 20;
    private static final int LONGEST = 20_000;

    /** A tag that is closed or stands alone; "<dip>" may be meant so. */
    private static final Pattern TAG = Pattern.compile("</\\w|<br|<p>|<li>|<p |<li ");

    private static final Pattern ENTITY = Pattern.compile("&#?\\w{1,10};");

    private RecipeData() {}

    /** Every Recipe, wherever it stands. */
    static List<PublishedRecipe> recipes(JsonNode data) {
        List<JsonNode> found = new ArrayList<>();
        find(data, 0, found);
        return found.stream()
                .map(RecipeData::recipe)
                .filter(recipe ->
                        !recipe.ingredients().isEmpty() || !recipe.method().isEmpty())
                .toList();
    }

    private static void find(JsonNode node, int depth, List<JsonNode> found) {
        if (depth > DEEPEST || found.size() >= MAX_RECIPES) {
            return;
        }
        if (node.isObject() && isA(node, "Recipe")) {
            found.add(node);
            return;
        }
        for (JsonNode child : node) {
            if (child.isContainer()) {
                find(child, depth + 1, found);
            }
        }
    }

    private static boolean isA(JsonNode node, String type) {
        JsonNode types = node.path("@type").isMissingNode() ? node.path("type") : node.path("@type");
        if (types.isArray()) {
            for (JsonNode one : types) {
                if (named(one, type)) {
                    return true;
                }
            }
        }
        return named(types, type);
    }

    private static boolean named(JsonNode node, String type) {
        return node.isString()
                && (node.asString().equals(type)
                        || node.asString().endsWith("/" + type)
                        || node.asString().endsWith(":" + type));
    }

    private static PublishedRecipe recipe(JsonNode node) {
        JsonNode listed = node.path("recipeIngredient").isMissingNode()
                        || node.path("recipeIngredient").isNull()
                ? node.path("ingredients")
                : node.path("recipeIngredient");
        List<Passage> method = new ArrayList<>();
        passages(node.path("recipeInstructions"), Optional.empty(), 0, method);
        return new PublishedRecipe(
                first(node.path("name")).orElse(""),
                yieldOf(node.path("recipeYield").isMissingNode() ? node.path("yield") : node.path("recipeYield")),
                texts(listed, 0),
                method.subList(0, Math.min(MAX_LINES, method.size())),
                first(node.path("description")),
                source(node),
                time(node.path("totalTime")).or(() -> time(node.path("cookTime"))));
    }

    private static Optional<String> source(JsonNode node) {
        JsonNode page = node.path("mainEntityOfPage");
        return first(node.path("url"))
                .or(() -> first(page.path("@id")))
                .or(() -> page.isString() ? first(page) : Optional.empty())
                .filter(text -> text.length() <= 500);
    }

    private static Optional<String> first(JsonNode node) {
        return texts(node, 0).stream().findFirst();
    }

    /** Of several ways to say it the one that says most: "4 servings" rather than "4". */
    private static Optional<String> yieldOf(JsonNode node) {
        List<String> all = texts(node, 0);
        Optional<String> best = all.stream()
                .filter(text -> !text.matches("[\\d.,\\s-]+"))
                .findFirst()
                .or(() -> all.stream().findFirst());
        return best.map(text -> text.length() > 80 ? text.substring(0, 80) : text);
    }

    private static Optional<Duration> time(JsonNode node) {
        try {
            return node.isString() ? Optional.of(Duration.parse(node.asString().strip())) : Optional.empty();
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    /** All texts of a value: itself, its items, its parts. */
    private static List<String> texts(JsonNode node, int depth) {
        List<String> texts = new ArrayList<>();
        if (depth > DEEPEST) {
            return texts;
        }
        if (node.isString() || node.isNumber()) {
            clean(node.asString())
                    .lines()
                    .map(String::strip)
                    .filter(line -> !line.isEmpty())
                    .forEach(texts::add);
        } else if (node.isArray()) {
            node.forEach(one -> texts.addAll(texts(one, depth + 1)));
        } else if (node.isObject()) {
            if (!node.path("value").isMissingNode() || !node.path("amount").isMissingNode()) {
                // A quantity, or a line in parts.
                String line = String.join(
                        " ",
                        texts(node.path("value").isMissingNode() ? node.path("amount") : node.path("value"), depth + 1)
                                .stream()
                                .findFirst()
                                .orElse(""),
                        first(node.path("unitText"))
                                .or(() -> first(node.path("unit")))
                                .orElse(""),
                        first(node.path("name")).orElse(""));
                texts.add(line.replaceAll("\\s+", " ").strip());
            } else {
                for (String field : List.of("text", "itemListElement", "name", "@value", "@list")) {
                    List<String> inside = texts(node.path(field), depth + 1);
                    if (!inside.isEmpty()) {
                        texts.addAll(inside);
                        break;
                    }
                }
            }
        }
        return texts.size() > MAX_LINES ? texts.subList(0, MAX_LINES) : texts;
    }

    private static void passages(JsonNode node, Optional<String> title, int depth, List<Passage> method) {
        if (depth > DEEPEST || method.size() > MAX_LINES) {
            return;
        }
        if (node.isArray()) {
            node.forEach(one -> passages(one, title, depth + 1, method));
        } else if (node.isObject() && !node.path("itemListElement").isMissingNode()) {
            Optional<String> own = isA(node, "HowToSection") ? first(node.path("name")) : Optional.empty();
            if (isA(node, "HowToStep") && first(node.path("text")).isPresent()) {
                texts(node.path("text"), depth).forEach(text -> method.add(new Passage(title, text)));
            } else {
                passages(node.path("itemListElement"), own.isPresent() ? own : title, depth + 1, method);
            }
        } else {
            texts(node, depth).forEach(text -> method.add(new Passage(title, unnumbered(text))));
        }
    }

    static String unnumbered(String text) {
        return text.replaceFirst("^(?i)(step\\s*)?\\d{1,2}\\s*[.):]\\s+(?=\\S)", "")
                .replaceFirst("^(?i)step\\s+\\d{1,2}\\s*[-–]?\\s+(?=[A-Z])", "");
    }

    /** What pages put into such fields: tags, entities written once or twice, odd blanks. */
    static String clean(String typed) {
        String text = typed.length() > LONGEST ? typed.substring(0, LONGEST) : typed;
        for (int i = 0; i < 2 && ENTITY.matcher(text).find(); i++) {
            text = Parser.unescapeEntities(text, false);
        }
        if (TAG.matcher(text).find()) {
            String lined = text.replaceAll("(?i)<br\\s*/?>|</(p|li|div|h\\d|ol|ul)>", "\n");
            text = lined.lines().map(line -> Jsoup.parse(line).text()).reduce("", (a, b) -> a + "\n" + b);
        }
        return text.replace('\u00a0', ' ')
                .replace('\u202f', ' ')
                .replace('\u2009', ' ')
                .replace("\u200b", "")
                .replaceAll("[ \\t]+", " ")
                .strip();
    }
}
