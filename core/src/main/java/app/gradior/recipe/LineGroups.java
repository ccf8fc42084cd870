package app.gradior.recipe;

import app.gradior.measure.Quantities;
import app.gradior.measure.Words;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** Words that mean many lines at once: "all the ingredients", "the sauce ingredients", "the spices". */
final class LineGroups {
    private static final Set<String> DRY = Set.of("spice", "thickener");

    private LineGroups() {}

    /** Lines that a word means. */
    record Group(Predicate<RecipeLine> lines) {
        boolean holds(RecipeLine line) {
            return lines.test(line);
        }
    }

    static Optional<Group> in(Words words, List<RecipeLine> lines) {
        for (int i = 0; i < words.size(); i++) {
            String word = words.plain(i).replaceAll("[.!?]+$", "");
            switch (word) {
                case "ingredients", "ingredient" -> {
                    return Optional.of(named(words, i, lines));
                }
                case "everything" -> {
                    boolean put = i <= 4
                            && !words.plain(i + 1).equals("is")
                            && !words.plain(i - 1).equals("until");
                    if (put) {
                        return Optional.of(new Group(line -> true));
                    }
                }
                case "rest", "remainder" -> {
                    boolean all = words.plain(i - 1).equals("the")
                            && !words.plain(i + 1).equals("of");
                    if (all && i > 1) {
                        return Optional.of(new Group(line -> true));
                    }
                }
                case "spices" -> {
                    return of("spice");
                }
                case "herbs" -> {
                    return of("herb");
                }
                case "vegetables", "veg", "veggies" -> {
                    return of("vegetable");
                }
                case "aromatics" -> {
                    return of("vegetable", "herb");
                }
                case "seasonings" -> {
                    return of("spice", "seasoning");
                }
                case "liquids" -> {
                    return of("liquid", "juice", "wine-spirit", "vinegar");
                }
                default -> {
                    // Some other word.
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Group> of(String... groups) {
        Set<String> any = Set.of(groups);
        return Optional.of(new Group(line -> line.has(food -> any.contains(food.group()))));
    }

    /** "The first five ingredients". */
    private static int numberBefore(Words words, int at) {
        Optional<Quantities.Quantity> number = Quantities.at(words, at - 1);
        boolean first = words.plain(at - 2).equals("first") && number.isPresent();
        return first ? (int) Math.round(number.get().middle()) : 0;
    }

    private static Group named(Words words, int at, List<RecipeLine> lines) {
        String word = words.plain(at - 1);
        if (word.equals("dry")) {
            return new Group(line -> line.has(food -> DRY.contains(food.group())
                    || food.key().endsWith("sugar")
                    || food.key().endsWith("salt")));
        }
        if (word.equals("wet") || word.equals("liquid")) {
            return new Group(line -> line.has(PotOperations::isLiquid));
        }
        int first = numberBefore(words, at);
        if (first > 0) {
            return new Group(line -> line.index() < first);
        }
        Predicate<RecipeLine> inGroup = line -> line.group()
                .filter(g -> g.toLowerCase(Locale.ROOT).contains(word))
                .isPresent();
        boolean heads = word.length() > 2 && lines.stream().anyMatch(inGroup);
        return heads ? new Group(inGroup) : new Group(line -> true);
    }
}
