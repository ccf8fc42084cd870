package app.gradior.web.exchange;

import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.recipe.Prose;
import app.gradior.sauce.SauceLine;
import app.gradior.sauce.WrittenSauce;
import app.gradior.web.sauce.SauceOrigin;
import app.gradior.web.sauce.Workshop;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A sauce outside of Gradior: its name and its lines.
 *
 * @param text one food or step to a line
 */
record RecipeText(String name, String text) {
    /** A line longer than this is prose. */
    private static final int LONGEST_STEP = 90;

    private static final Pattern HEADINGS = Pattern.compile(
            "(?im)^[#*_\\s]*(ingredients?|methods?|directions?|instructions?|preparation)\\b[\\s:*_]*.*$");

    /**
     * Whether a text is a sauce written by stages, each step with its foods under it, or only lines of foods: then there is
     * no method in it that would have to be read.
     */
    static boolean isStaged(String typed) {
        boolean data = typed.startsWith("{") || typed.startsWith("[") || typed.startsWith("<");
        if (typed.isBlank()
                || typed.length() > Workshop.LONGEST_TEXT
                || data
                || typed.contains("application/ld+json")
                || HEADINGS.matcher(typed).find()) {
            return false;
        }
        List<SauceLine> lines = WrittenSauce.read(ofPlainText(typed).text(), LineGrammar.shipped(), Habits.NONE)
                .lines();
        boolean foods = lines.stream()
                .anyMatch(line -> !(line instanceof SauceLine.Step)
                        && line.foods().findAny().isPresent());
        boolean prose = lines.stream()
                .map(line -> line.typed().strip())
                .anyMatch(line -> line.matches("(?s)^\\d{1,2}\\s*[.):]\\s+[A-Za-z].*")
                        || !line.startsWith("#") && (line.length() > LONGEST_STEP || line.matches("(?s).*[a-z)]\\.$")));
        boolean steps = lines.stream().anyMatch(SauceLine.Step.class::isInstance);
        int first = 0;
        while (first < lines.size() && !(lines.get(first) instanceof SauceLine.Step)) {
            first++;
        }
        boolean under = lines.stream()
                .skip(first)
                .anyMatch(line -> !(line instanceof SauceLine.Step)
                        && line.foods().findAny().isPresent());
        return foods && !prose && (!steps || under);
    }

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

    /** A schema.org Recipe: its ingredients, and its method in prose, a step for each stage. */
    static Map<String, Object> jsonLd(String name, WrittenSauce sauce, Optional<SauceOrigin> origin) {
        Prose.Published prose = Prose.of(sauce);
        Map<String, Object> recipe = new LinkedHashMap<>();
        recipe.put("@context", "https://schema.org");
        recipe.put("@type", "Recipe");
        recipe.put("name", name);
        sauce.serves().ifPresent(s -> recipe.put("recipeYield", s.typed().strip()));
        recipe.put("recipeIngredient", prose.ingredients());
        recipe.put(
                "recipeInstructions",
                prose.method().stream()
                        .map(text -> Map.of("@type", "HowToStep", "text", text))
                        .toList());
        String remarks = sauce.lines().stream()
                .map(line -> line.typed().strip())
                .filter(line -> line.startsWith("#"))
                .map(line -> line.substring(1).strip())
                .collect(Collectors.joining("\n"));
        if (!remarks.isEmpty()) {
            recipe.put("description", remarks);
        }
        origin.map(SauceOrigin::source).ifPresent(source -> recipe.put("isBasedOn", source));
        return recipe;
    }

    private static String shortened(String text, int max) {
        return text.length() <= max ? text : text.substring(0, max);
    }
}
