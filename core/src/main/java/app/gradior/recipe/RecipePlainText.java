package app.gradior.recipe;

import app.gradior.measure.LineGrammar;
import app.gradior.measure.Words;
import app.gradior.recipe.PublishedRecipe.Passage;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a recipe out of plain text, with headings or without, its method numbered or in paragraphs. */
final class RecipePlainText {
    private static final int MAX_LINES = 500;
    private static final int LONGEST_INGREDIENT = 160;
    private static final int LONGEST_NAME = 90;

    /** A paragraph that is longer is none of a recipe. */
    private static final int LONGEST_LINE = 6000;

    private static final Pattern INGREDIENTS = Pattern.compile(
            "(?i)(the )?(ingredients?|you(['’]ll| will)? need|what you(['’]ll| will)? need|shopping list)"
                    + "( list)?(\\s*\\(.*\\)|\\s+for .*)?");
    private static final Pattern METHOD = Pattern.compile(
            "(?i)(the )?(methods?|directions?|instructions?|preparation|steps?|procedure|how to make( it)?|what to do"
                    + "|to make|cooking( instructions)?)");
    private static final Pattern NOTES =
            Pattern.compile("(?i)(cook['’]?s )?(notes?|tips?|nutrition.*|storage|to store|variations?|comments?)");
    private static final Pattern ABOUT = Pattern.compile(
            "(?i)(prep(aration)?|cook(ing)?|total|ready|active|inactive)( time| in)?\\s*:?\\s*\\d.*|.*\\bkcal\\b.*");
    private static final Pattern YIELD = Pattern.compile("(?i)(serves|makes|yields?|servings?|for)\\b:?\\s+.*\\d.*");
    private static final Pattern BULLET = Pattern.compile("^\\s*(?:[-*+•·▢☐◦‣–—]|\\[[ x]?\\])\\s+");
    private static final Pattern NUMBERED = Pattern.compile(
            "^\\s*(?:(?i:step)\\s*)?(\\d{1,2})\\s*(?:[.):]|[-–—])\\s+(?=\\p{L})|^(?i:step)\\s+\\d{1,2}\\s+");

    private static final Pattern GROUPED = Pattern.compile("(?i)^(for the [^:]{2,40})\\s*:\\s*([\\d½⅓¼¾⅔⅛].+)$");

    /** Between ingredients that stand on one line. */
    private static final String BETWEEN = "\\s*;\\s*|,\\s+(?=[\\d½⅓¼¾⅔⅛])";

    private enum Part {
        HEAD,
        INGREDIENTS,
        METHOD,
        NOTES
    }

    private Part part = Part.HEAD;
    private String name = "";
    private Optional<String> yield = Optional.empty();
    private Optional<String> title = Optional.empty();
    private boolean sectioned;
    private final List<String> ingredients = new ArrayList<>();
    private final List<Passage> method = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();

    private RecipePlainText() {}

    /** @throws NoRecipe if no line is an ingredient and no sentence is a step */
    static PublishedRecipe read(String text) throws NoRecipe {
        RecipePlainText reader = new RecipePlainText();
        List<String> lines = text.lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .limit(MAX_LINES)
                .map(line -> line.length() > LONGEST_LINE ? line.substring(0, LONGEST_LINE) : line)
                .toList();
        reader.sectioned =
                lines.stream().anyMatch(line -> METHOD.matcher(bare(line)).matches());
        for (String line : lines) {
            reader.line(RecipeData.clean(line));
        }
        boolean any = reader.ingredients.stream()
                        .anyMatch(line ->
                                !LineGrammar.shipped().read(line).foods().isEmpty())
                || reader.method.stream().anyMatch(passage -> MethodVerb.mentioned(passage.text()));
        if (!any) {
            throw new NoRecipe(NoRecipe.Reason.TEXT_WITHOUT_RECIPE);
        }
        return new PublishedRecipe(
                reader.name,
                reader.yield,
                reader.ingredients,
                reader.method,
                reader.notes.isEmpty() ? Optional.empty() : Optional.of(String.join("\n", reader.notes)),
                Optional.empty(),
                Optional.empty());
    }

    private static String bare(String line) {
        return line.replaceFirst("^#{1,6}\\s*", "")
                .replaceAll("^[*_]{1,3}|[*_]{1,3}:?$", "")
                .replaceFirst("\\s*:\\s*$", "")
                .strip();
    }

    private void line(String typed) {
        String heading = bare(typed);
        if (heading.matches("(?i)(step\\s*)?\\d{1,2}\\.?")) {
            // The number of a step that stands alone above it.
            return;
        }
        if (INGREDIENTS.matcher(heading).matches()) {
            part = Part.INGREDIENTS;
            Matcher serves =
                    Pattern.compile("(?i)\\bfor (\\d+.*)|\\((.*\\d.*)\\)").matcher(heading);
            if (yield.isEmpty() && serves.find()) {
                yield = Optional.of(serves.group(1) == null ? serves.group(2) : "Serves " + serves.group(1));
            }
            return;
        }
        if (METHOD.matcher(heading).matches()) {
            part = Part.METHOD;
            title = Optional.empty();
            return;
        }
        if (NOTES.matcher(heading).matches() && part != Part.HEAD) {
            part = Part.NOTES;
            return;
        }
        Matcher inline = Pattern.compile("(?i)^(ingredients|method|directions|instructions)\\s*:\\s*(.+)$")
                .matcher(typed);
        if (inline.matches()) {
            part = inline.group(1).toLowerCase(Locale.ROOT).startsWith("ing") ? Part.INGREDIENTS : Part.METHOD;
            if (part == Part.INGREDIENTS) {
                for (String one : inline.group(2).split(BETWEEN)) {
                    ingredient(one);
                }
            } else {
                method.add(new Passage(title, inline.group(2)));
            }
            return;
        }
        if (part == Part.NOTES) {
            notes.add(typed);
            return;
        }
        Matcher grouped = GROUPED.matcher(typed);
        if (grouped.matches() && grouped.group(2).split(BETWEEN).length > 1) {
            // "For the sauce: 1 tbsp butter; 1 onion; 150 ml white wine"
            part = Part.INGREDIENTS;
            ingredient(grouped.group(1) + ":");
            for (String one : grouped.group(2).split(BETWEEN)) {
                ingredient(one);
            }
            return;
        }
        if (YIELD.matcher(typed).matches()
                && typed.length() < 60
                && !typed.endsWith(":")
                && !MethodVerb.begins(typed)) {
            yield = yield.or(() -> Optional.of(typed));
            return;
        }
        if (ABOUT.matcher(typed).matches() && typed.length() < 60) {
            notes.add(typed);
            return;
        }
        body(typed, heading);
    }

    private void body(String line, String heading) {
        // Markdown's way to head a part: in bold or in italics, alone on its line.
        boolean bold = line.matches("^([*_]{1,3})\\S.{0,50}?\\S\\1:?$") || line.matches("^#{2,6}\\s+\\S.{0,50}$");
        String typed = bold ? heading + ":" : line;
        read(typed, heading);
    }

    private void read(String typed, String heading) {
        boolean numbered =
                NUMBERED.matcher(typed).find() && !BULLET.matcher(typed).find();
        String line = RecipeData.unnumbered(BULLET.matcher(typed).replaceFirst(""));
        boolean colon = line.endsWith(":") && line.length() < 60;
        switch (part) {
            case HEAD -> head(typed, heading, line, numbered, colon);
            case INGREDIENTS -> {
                if (!colon && !sectioned && isMethod(line, numbered)) {
                    part = Part.METHOD;
                    step(line);
                } else {
                    ingredient(colon ? line : line);
                }
            }
            case METHOD -> {
                if (!sectioned && !colon && ingredients.isEmpty() && isIngredient(line)) {
                    // What read like a step was said before the list.
                    part = Part.INGREDIENTS;
                    ingredient(line);
                } else if (colon) {
                    title = Optional.of(line.substring(0, line.length() - 1).strip());
                } else {
                    step(line);
                }
            }
            case NOTES -> notes.add(typed);
        }
    }

    /** Before any heading: the name, what it says of itself, and then its lines, if they have no heading at all. */
    private void head(String typed, String heading, String line, boolean numbered, boolean colon) {
        boolean ingredient = !colon && isIngredient(line) && !numbered;
        boolean step = !ingredient && isMethod(line, numbered);
        if (name.isEmpty()
                && !ingredient
                && !(step && numbered)
                && heading.length() <= LONGEST_NAME
                && !(step && line.endsWith("."))) {
            name = heading;
        } else if (ingredient) {
            part = Part.INGREDIENTS;
            ingredient(line);
        } else if (step && (!ingredients.isEmpty() || !sectioned)) {
            part = Part.METHOD;
            step(line);
        } else if (colon) {
            part = Part.INGREDIENTS;
            ingredient(line);
        } else {
            notes.add(typed);
        }
    }

    private void ingredient(String line) {
        if (!line.isBlank()) {
            ingredients.add(line.strip());
        }
    }

    private void step(String line) {
        Passage last = method.isEmpty() ? null : method.get(method.size() - 1);
        boolean goesOn = last != null
                && !last.text().matches("(?s).*[.!?:]\\s*$")
                && !line.isEmpty()
                && Character.isLowerCase(line.charAt(0));
        if (goesOn) {
            method.set(method.size() - 1, new Passage(last.title(), last.text() + " " + line));
        } else {
            method.add(new Passage(title, line));
        }
    }

    private static boolean isIngredient(String line) {
        if (line.length() > LONGEST_INGREDIENT || MethodVerb.begins(line)) {
            return false;
        }
        boolean figure = !line.isEmpty()
                && (Character.isDigit(line.charAt(0)) || Character.getType(line.charAt(0)) == Character.OTHER_NUMBER);
        return figure
                || !LineGrammar.shipped().read(line).foods().isEmpty()
                        && Words.of(line).size() <= 12;
    }

    private static boolean isMethod(String line, boolean numbered) {
        int words = Words.of(line).size();
        return numbered && words > 2
                || MethodVerb.begins(line) && words > 2
                || words > 9 && MethodVerb.mentioned(line) && line.matches("(?s).*[.!]\\s*$");
    }
}
