package app.gradior.recipe;

import app.gradior.measure.Ambiguity;
import app.gradior.measure.Assumption;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import app.gradior.recipe.RecipeLine.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads the ingredients of a recipe: which lines are of the sauce, which are of what it is eaten with. */
final class RecipeLines {
    private static final Pattern SERVED = Pattern.compile(".*\\b((to|for) (serve|serving|garnish|garnishing|decorate)"
            + "|as (a )?garnish|for the (pasta|steaks?|chicken|fish))\\b.*");
    /** "Basil, plus extra to serve": only the extra is. */
    private static final Pattern PARTLY =
            Pattern.compile(".*\\b(plus|and|with) (a (little|few) |some )?(extra|more)\\b.*");

    private static final Pattern SAUCE = Pattern.compile(
            ".*\\b(sauce|gravy|glaze|jus|reduction|syrup|dressing|marinade|slurry|roux|coulis|ketchup|relish|dip|curry)\\b.*");
    private static final Pattern STOCKED = Pattern.compile(".*\\b(stock|broth|bouillon|demi-?glace|bones?)\\b.*");

    private final LineGrammar grammar;

    RecipeLines(LineGrammar grammar) {
        this.grammar = grammar;
    }

    List<RecipeLine> of(List<String> ingredients) {
        List<RecipeLine> lines = new ArrayList<>();
        Optional<String> group = Optional.empty();
        for (String typed : ingredients) {
            String text = typed.replaceFirst("^\\s*[-*+•·▢☐◦‣]\\s+", "").strip();
            if (text.isEmpty()) {
                continue;
            }
            ReadLine read = grammar.read(text);
            List<String> several = List.of(text.split(",\\s+(?=[\\d½⅓¼¾⅔⅛])"));
            if (read.foods().isEmpty() && several.size() > 1) {
                for (String one : several) {
                    ReadLine part = grammar.read(one);
                    lines.add(new RecipeLine(lines.size(), one, group, part, role(one, group, part)));
                }
                continue;
            }
            boolean heading = read instanceof ReadLine.Heading
                    || read.foods().isEmpty()
                            && text.matches("(?i)((for|to make) the .{2,40}|(to|for) (serve|serving|garnish).{0,20})")
                    || text.matches("[A-Z][A-Z ’'&-]{3,40}") && read.foods().isEmpty();
            if (heading) {
                group = Optional.of(text.replaceFirst("\\s*:\\s*$", ""));
                continue;
            }
            lines.add(new RecipeLine(lines.size(), text, group, read, role(text, group, read)));
        }
        return lines;
    }

    private static Role role(String text, Optional<String> group, ReadLine read) {
        String lower = text.toLowerCase(Locale.ROOT);
        boolean known = !read.foods().isEmpty();
        boolean served =
                SERVED.matcher(lower).matches() && !PARTLY.matcher(lower).matches();
        if (served || group.filter(RecipeLines::isAside).isPresent()) {
            return Role.ASIDE;
        }
        boolean sure = known && read.foods().stream().noneMatch(RecipeLines::isOnlyLike);
        boolean beside =
                AsideWords.first(Words.of(text)) >= 0 && !STOCKED.matcher(lower).matches();
        if (beside && !sure) {
            return Role.ASIDE;
        }
        return known ? Role.OF_THE_SAUCE : Role.UNREAD;
    }

    /** "Pasta" read as pastis: a food that is only like the one that was typed. */
    private static boolean isOnlyLike(ReadLine.Understood food) {
        return food.assumptions().stream().anyMatch(Assumption.ReadAs.class::isInstance)
                || food.doubts().stream().anyMatch(Ambiguity.NotUnderstood.class::isInstance);
    }

    private static boolean isAside(String heading) {
        String lower = heading.toLowerCase(Locale.ROOT);
        if (SAUCE.matcher(lower).matches()) {
            return false;
        }
        return SERVED.matcher("to " + lower).matches()
                || lower.matches(".*\\b(serve|serving|garnish|topping|toppings)\\b.*")
                || AsideWords.first(Words.of(lower)) >= 0;
    }
}
