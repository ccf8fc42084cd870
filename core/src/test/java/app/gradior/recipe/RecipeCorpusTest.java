package app.gradior.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.food.Mixture;
import app.gradior.keeping.Contents;
import app.gradior.keeping.Keeping;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.plan.Knowledge;
import app.gradior.sauce.WrittenSauce;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Recipes in all shapes in which they are published, with what must come of each, as a cook would say. */
class RecipeCorpusTest {
    private static final double RIGHT = 0.95;
    private static final double TOLERANCE = 0.03;

    private static byte[] bytes(String name) {
        try (InputStream in = RecipeCorpusTest.class.getResourceAsStream("corpus/" + name)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static ReadRecipe read(String file) {
        try {
            return ReadRecipe.of(
                    RecipeDocument.read(RecipeDocument.decode(bytes(file))).get(0));
        } catch (NoRecipe e) {
            throw new IllegalStateException(file, e);
        }
    }

    static String document(String file) {
        return RecipeDocument.decode(bytes(file));
    }

    /** The text of the sauce that a file becomes. */
    static String staged(String file) {
        return StagedText.text(StagedText.of(read(file), LineGrammar.shipped(), Habits.NONE));
    }

    @ParameterizedTest
    @MethodSource("files")
    void everySauceOfTheCorpusKeepsForSoLongAndSaysWhy(String file) {
        WrittenSauce.Made made = WrittenSauce.read(staged(file), LineGrammar.shipped(), Habits.NONE)
                .make(UsualPot.CONDITIONS, Knowledge.NONE);

        Keeping keeping = Keeping.of(Contents.of(made, made.end(), -1), false);

        assertThat(keeping.rules()).isNotEmpty();
        assertThat(keeping.closedDays())
                .isEqualTo(keeping.reason().closedDays())
                .isBetween(0, 60);
        assertThat(keeping.openedDays()).isLessThanOrEqualTo(keeping.closedDays());
        made.outcomes().stream()
                .flatMap(outcome -> outcome.stage().foods().stream())
                .forEach(food -> assertThat(keeping.contains())
                        .containsAll(food.ingredient().allergens()));
    }

    /** What is told of each file, by the kind of fact. */
    private static Map<String, Map<String, String>> facts() {
        Map<String, Map<String, String>> facts = new LinkedHashMap<>();
        new String(bytes("facts.tsv"), StandardCharsets.UTF_8).lines().forEach(line -> {
            String[] parts = line.split("\t");
            facts.computeIfAbsent(parts[0], f -> new LinkedHashMap<>()).put(parts[1], parts[2]);
        });
        return facts;
    }

    static List<String> files() {
        return List.copyOf(facts().keySet());
    }

    private static Map<String, String> found(ReadRecipe recipe) {
        List<Mixture> after = recipe.after(UsualPot.CONDITIONS, Knowledge.NONE);
        Map<Integer, List<Double>> taken = new TreeMap<>();
        recipe.steps()
                .forEach(step -> step.adds()
                        .forEach(added -> taken.computeIfAbsent(added.line().index(), k -> new ArrayList<>())
                                .add(added.mass().grams())));
        String splits = taken.entrySet().stream()
                .filter(e -> e.getValue().size() > 1)
                .map(e -> e.getKey() + ":"
                        + e.getValue().stream()
                                .map(grams -> String.format(Locale.ROOT, "%.4g", grams)
                                        .replaceAll("\\.?0+$", ""))
                                .collect(Collectors.joining("+")))
                .collect(Collectors.joining(" "));
        return Map.of(
                "foods",
                recipe.lines().stream()
                        .map(line -> line.foods().isEmpty() ? "-" : line.food())
                        .collect(Collectors.joining(" | ")),
                "operations",
                recipe.steps().stream().map(step -> step.kind().key()).collect(Collectors.joining(" ")),
                "splits",
                splits.isEmpty() ? "-" : splits,
                "in",
                String.valueOf(recipe.steps().stream()
                        .flatMap(step -> step.adds().stream())
                        .mapToDouble(added -> added.mass().grams())
                        .sum()),
                "out",
                String.valueOf(after.get(after.size() - 1).mass().grams()),
                "starch",
                String.valueOf(recipe.steps().stream()
                        .mapToDouble(step -> step.starch().grams())
                        .sum()),
                "questions",
                String.valueOf(recipe.questions().size()));
    }

    private static boolean agree(String kind, String told, String found) {
        if (List.of("in", "out", "starch").contains(kind)) {
            double wanted = Double.parseDouble(told);
            return Math.abs(Double.parseDouble(found) - wanted) <= TOLERANCE * wanted + 0.05;
        }
        if (kind.equals("splits") && !told.equals("-")) {
            return numbers(told).equals(numbers(found));
        }
        return told.equals(found);
    }

    /** To whole grams. */
    private static List<Long> numbers(String splits) {
        List<Long> numbers = new ArrayList<>();
        for (String part : splits.split("[ :+]")) {
            numbers.add(part.equals("-") ? -1 : Math.round(Double.parseDouble(part)));
        }
        return numbers;
    }

    @Test
    void ninetyFiveOfAHundredFactsAreRightAndWhereOneIsNotSomethingIsAsked() {
        int right = 0;
        int all = 0;
        List<String> wrong = new ArrayList<>();
        List<String> silent = new ArrayList<>();
        for (Map.Entry<String, Map<String, String>> told : facts().entrySet()) {
            ReadRecipe recipe = read(told.getKey());
            Map<String, String> found = found(recipe);
            for (Map.Entry<String, String> fact : told.getValue().entrySet()) {
                all++;
                if (agree(fact.getKey(), fact.getValue(), found.get(fact.getKey()))) {
                    right++;
                } else {
                    String which = told.getKey() + " " + fact + " but found " + found.get(fact.getKey());
                    wrong.add(which);
                    if (recipe.questions().isEmpty()) {
                        silent.add(which);
                    }
                }
            }
        }
        assertThat(silent).isEmpty();
        assertThat((double) right / all)
                .as("wrong: " + String.join("\n", wrong))
                .isGreaterThanOrEqualTo(RIGHT);
        assertThat(facts().size()).isGreaterThanOrEqualTo(40);
    }

    @ParameterizedTest
    @MethodSource("files")
    void theStagedTextComesToTheSameSauceAsTheRecipe(String file) {
        ReadRecipe recipe = read(file);
        String text = StagedText.text(StagedText.of(recipe, LineGrammar.shipped(), Habits.NONE));
        WrittenSauce written = WrittenSauce.read(text, LineGrammar.shipped(), Habits.NONE);

        List<Mixture> after = recipe.after(UsualPot.CONDITIONS, Knowledge.NONE);
        double told = after.get(after.size() - 1).mass().grams();
        double made =
                written.make(UsualPot.CONDITIONS, Knowledge.NONE).end().mass().grams();
        assertThat(made).as(text).isBetween(told * 0.98 - 3, told * 1.02 + 3);
        assertThat(written.all().mass().grams())
                .isBetween(
                        recipe.all().mass().grams() * 0.98 - 3,
                        recipe.all().mass().grams() * 1.02 + 3);
    }

    @ParameterizedTest
    @MethodSource("files")
    void everyLineAndEverySentenceIsAccountedFor(String file) {
        ReadRecipe recipe = read(file);
        assertEveryLineIsAccountedFor(recipe, file);
        assertThat(recipe.sentences())
                .allSatisfy(sentence -> assertThat(sentence.text()).isNotBlank());
    }

    /** A line goes in once, in however many parts, or is set aside, or is asked. */
    static void assertEveryLineIsAccountedFor(ReadRecipe recipe, String document) {
        for (RecipeLine line : recipe.lines()) {
            double taken = recipe.steps().stream()
                    .flatMap(step -> step.adds().stream())
                    .filter(added -> added.line().index() == line.index())
                    .mapToDouble(added -> added.part().value())
                    .sum();
            boolean asked = recipe.questions().stream()
                    .anyMatch(q -> q.line().filter(i -> i == line.index()).isPresent());
            assertThat(Math.abs(taken - 1) < 1e-6 || line.role() == RecipeLine.Role.ASIDE || asked)
                    .as(line.text() + " went in " + taken + " times:\n" + document)
                    .isTrue();
        }
    }
}
