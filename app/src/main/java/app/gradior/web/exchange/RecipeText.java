package app.gradior.web.exchange;

import app.gradior.measure.ReadLine;
import app.gradior.sauce.SauceLine;
import app.gradior.sauce.WrittenSauce;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A sauce outside of Gradior: its name and its lines.
 *
 * @param text one food or step to a line
 */
record RecipeText(String name, String text) {
    private static final int MAX_LINES = 400;
    private static final int LONGEST_LINE = 400;
    private static final int DEEPEST = 12;

    /** An entity, or a tag that is closed or stands alone. */
    private static final Pattern MARKED_UP = Pattern.compile("&#?\\w{1,10};|</\\w|<br|<p>|<li>");

    /** Plain lines: the first is the name, the rest as they stand. */
    static RecipeText ofPlainText(String typed) {
        boolean markdown = typed.stripLeading().startsWith("# ");
        List<String> lines = typed.lines()
                .map(String::stripTrailing)
                .map(line -> markdown ? unmarked(line) : line)
                .toList();
        int first = 0;
        while (first < lines.size() && lines.get(first).isBlank()) {
            first++;
        }
        String name = first < lines.size() ? lines.get(first).strip() : "";
        String text = lines.stream()
                .skip(first + 1L)
                .dropWhile(String::isBlank)
                .filter(line -> !markdown || !line.isBlank())
                .collect(Collectors.joining("\n"));
        return new RecipeText(shortened(name, 120), text);
    }

    private static String unmarked(String line) {
        String bare = line.replaceFirst("^#{1,6}\\s+", "")
                .replaceFirst("^\\s*[-*+]\\s+", "")
                .replaceFirst("^>\\s?", "# ");
        return bare.replace("\\#", "#").replace("**", "");
    }

    /** The name, then the lines. */
    static String plainText(String name, String text) {
        return name + "\n\n" + text.stripTrailing() + "\n";
    }

    /** Steps and headings as headings, foods as a list, remarks as quotations. */
    static String markdown(String name, WrittenSauce sauce) {
        StringBuilder out = new StringBuilder("# " + name + "\n");
        for (SauceLine line : sauce.lines()) {
            String typed = line.typed().strip();
            boolean heading = line instanceof SauceLine.OfFood food && food.read() instanceof ReadLine.Heading;
            if (line instanceof SauceLine.Step || heading) {
                out.append("\n## ").append(typed).append("\n\n");
            } else if (typed.startsWith("#")) {
                out.append("> ").append(typed.substring(1).strip()).append('\n');
            } else {
                out.append("- ").append(typed).append('\n');
            }
        }
        return out.toString();
    }

    /** A schema.org Recipe: the lines as they were typed, and the same by stages as sections of steps. */
    static Map<String, Object> jsonLd(String name, WrittenSauce sauce) {
        Map<String, Object> recipe = new LinkedHashMap<>();
        recipe.put("@context", "https://schema.org");
        recipe.put("@type", "Recipe");
        recipe.put("name", name);
        sauce.serves().ifPresent(s -> recipe.put("recipeYield", s.typed().strip()));
        List<String> ingredients = new ArrayList<>();
        List<Map<String, Object>> sections = new ArrayList<>();
        List<Map<String, Object>> steps = new ArrayList<>();
        for (SauceLine line : sauce.lines()) {
            ReadLine read = line instanceof SauceLine.OfFood food ? food.read() : null;
            if (read instanceof ReadLine.Serves || read instanceof ReadLine.Remark) {
                continue;
            }
            if (read == null || read instanceof ReadLine.Heading) {
                steps = new ArrayList<>();
                sections.add(section(line.typed().strip(), steps));
            } else {
                ingredients.add(line.typed().strip());
                if (sections.isEmpty()) {
                    sections.add(section("Put together", steps));
                }
                steps.add(Map.of("@type", "HowToStep", "text", line.typed().strip()));
            }
        }
        recipe.put("recipeIngredient", ingredients);
        recipe.put("recipeInstructions", sections);
        String remarks = sauce.lines().stream()
                .map(line -> line.typed().strip())
                .filter(line -> line.startsWith("#"))
                .map(line -> line.substring(1).strip())
                .collect(Collectors.joining("\n"));
        if (!remarks.isEmpty()) {
            recipe.put("description", remarks);
        }
        return recipe;
    }

    private static Map<String, Object> section(String name, List<Map<String, Object>> steps) {
        Map<String, Object> section = new LinkedHashMap<>();
        section.put("@type", "HowToSection");
        section.put("name", name);
        section.put("itemListElement", steps);
        return section;
    }

    /** The first Recipe in the data blocks of a web page. */
    static Optional<RecipeText> ofHtml(String html, JsonMapper json) throws Unreadable {
        boolean any = false;
        for (Element script : Jsoup.parse(html).select("script[type=application/ld+json]")) {
            any = true;
            try {
                Optional<RecipeText> recipe = ofJsonLd(json.readTree(script.data()));
                if (recipe.isPresent()) {
                    return recipe;
                }
            } catch (JacksonException broken) {
                // A page may hold several blocks, and a broken one beside a good one.
            }
        }
        if (any) {
            throw new Unreadable(
                    "The data in this page holds no recipe that can be read: paste its ingredient lines instead.");
        }
        return Optional.empty();
    }

    /** The first Recipe in a JSON-LD document, wherever it stands. */
    static Optional<RecipeText> ofJsonLd(JsonNode node) {
        return find(node, 0).map(RecipeText::ofRecipe);
    }

    private static Optional<JsonNode> find(JsonNode node, int depth) {
        if (depth > DEEPEST) {
            return Optional.empty();
        }
        if (node.isObject() && isRecipe(node.path("@type"))) {
            return Optional.of(node);
        }
        for (JsonNode child : node) {
            Optional<JsonNode> found = child.isContainer() ? find(child, depth + 1) : Optional.empty();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private static boolean isRecipe(JsonNode type) {
        if (type.isArray()) {
            for (JsonNode one : type) {
                if (isRecipe(one)) {
                    return true;
                }
            }
        }
        return type.isString()
                && (type.asString().equals("Recipe") || type.asString().endsWith("schema.org/Recipe"));
    }

    private static RecipeText ofRecipe(JsonNode recipe) {
        List<String> ingredients = words(recipe.path("recipeIngredient"), 0);
        List<String> lines = new ArrayList<>();
        words(recipe.path("recipeYield"), 0).stream().findFirst().ifPresent(yield -> lines.add(yieldLine(yield)));
        words(recipe.path("description"), 0).stream().flatMap(String::lines).forEach(line -> lines.add("# " + line));
        List<String> staged = staged(recipe.path("recipeInstructions"), ingredients);
        if (staged.isEmpty()) {
            lines.addAll(ingredients);
            for (String said : words(recipe.path("recipeInstructions"), 0)) {
                said.lines().filter(line -> !line.isBlank()).forEach(line -> lines.add("# " + line.strip()));
            }
        } else {
            lines.addAll(staged);
        }
        String name = words(recipe.path("name"), 0).stream().findFirst().orElse("");
        return new RecipeText(
                shortened(name, 120),
                lines.stream()
                        .limit(MAX_LINES)
                        .map(line -> shortened(line, LONGEST_LINE))
                        .collect(Collectors.joining("\n")));
    }

    private static String yieldLine(String yield) {
        String lower = yield.toLowerCase(java.util.Locale.ROOT);
        return lower.startsWith("serves") || lower.startsWith("makes") ? yield : "Serves " + yield;
    }

    /** Sections whose steps are the ingredients themselves: a recipe that was written by stages. Empty if it was not. */
    private static List<String> staged(JsonNode instructions, List<String> ingredients) {
        List<String> lines = new ArrayList<>();
        List<String> used = new ArrayList<>();
        for (JsonNode section : instructions) {
            if (!section.path("@type").asString("").equals("HowToSection")) {
                return List.of();
            }
            String name = clean(section.path("name").asString(""));
            if (!(lines.isEmpty() && name.equals("Put together"))) {
                lines.add(name);
            }
            for (String step : words(section.path("itemListElement"), 0)) {
                lines.add(step);
                used.add(step);
            }
        }
        return used.equals(ingredients) ? lines : List.of();
    }

    /** All texts of a value: itself, its items, or their texts and names. */
    private static List<String> words(JsonNode node, int depth) {
        List<String> words = new ArrayList<>();
        if (depth > DEEPEST) {
            return words;
        }
        if (node.isString() || node.isNumber()) {
            String word = clean(node.asString());
            if (!word.isEmpty()) {
                words.add(word);
            }
        } else if (node.isArray()) {
            for (JsonNode one : node) {
                words.addAll(words(one, depth + 1));
            }
        } else if (node.isObject()) {
            for (String field : List.of("text", "name", "itemListElement")) {
                List<String> inside = words(node.path(field), depth + 1);
                words.addAll(inside);
                if (!inside.isEmpty() && !field.equals("name")) {
                    break;
                }
            }
        }
        return words.size() > MAX_LINES ? words.subList(0, MAX_LINES) : words;
    }

    /** What pages put into such fields: entities, tags, odd blanks. Text that holds none of these stays as it is. */
    private static String clean(String typed) {
        String capped = typed.length() > 20_000 ? typed.substring(0, 20_000) : typed;
        if (!MARKED_UP.matcher(capped).find()) {
            return capped.strip();
        }
        return capped.lines()
                .map(line -> Jsoup.parse(line).text())
                .collect(Collectors.joining("\n"))
                .strip();
    }

    private static String shortened(String text, int max) {
        return text.length() <= max ? text : text.substring(0, max);
    }
}
