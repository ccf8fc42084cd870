package app.gradior.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.food.Mixture;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.plan.Knowledge;
import app.gradior.sauce.Operation;
import app.gradior.sauce.WrittenSauce;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ProseTest {
    private static WrittenSauce read(String text) {
        return WrittenSauce.read(text, LineGrammar.shipped(), Habits.NONE);
    }

    private static ReadRecipe again(WrittenSauce sauce) {
        Prose.Published prose = Prose.of(sauce);
        return ReadRecipe.of(new PublishedRecipe(
                "A sauce",
                Optional.empty(),
                prose.ingredients(),
                prose.method().stream()
                        .map(text -> new PublishedRecipe.Passage(Optional.empty(), text))
                        .toList(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()));
    }

    /** The sauces of the demo kitchen, and what the corpus's recipes become. */
    static Stream<String> sauces() {
        JsonNode demo = JsonMapper.builder()
                .build()
                .readTree(Path.of("../demo/kitchen.json").toFile());
        Stream<String> kitchen = demo.get("sauces")
                .valueStream()
                .map(sauce -> sauce.has("lines")
                        ? String.join(
                                "\n",
                                sauce.get("lines")
                                        .valueStream()
                                        .map(JsonNode::asString)
                                        .toList())
                        : sauce.get("versions").get(0).get("text").asString());
        return Stream.concat(kitchen, RecipeCorpusTest.files().stream().map(RecipeCorpusTest::staged));
    }

    @ParameterizedTest
    @MethodSource("sauces")
    void aSauceComesBackFromItsProse(String text) {
        WrittenSauce sauce = read(text);
        ReadRecipe back = again(sauce);
        String told = text + "\n=>\n" + String.join("\n", Prose.of(sauce).method()) + "\n=>\n" + back.steps();

        List<Mixture> after = back.after(UsualPot.CONDITIONS, Knowledge.NONE);
        double made =
                sauce.make(UsualPot.CONDITIONS, Knowledge.NONE).end().mass().grams();
        assertThat(after.get(after.size() - 1).mass().grams()).as(told).isBetween(made * 0.98 - 1, made * 1.02 + 1);
        assertThat(back.all().mass().grams())
                .as(told)
                .isBetween(
                        sauce.all().mass().grams() * 0.99 - 1,
                        sauce.all().mass().grams() * 1.01 + 1);
        assertThat(reductions(back.steps().stream().flatMap(step -> step.operation().stream())))
                .as(told)
                .isEqualTo(reductions(sauce.stages().stream().flatMap(stage -> stage.operations().stream())));
    }

    private static List<String> reductions(Stream<Operation> operations) {
        return operations
                .filter(Operation.Reduce.class::isInstance)
                .map(reduce -> ((Operation.Reduce) reduce).target().toString().replaceAll("(\\.\\d{3})\\d+", "$1"))
                .toList();
    }

    @Test
    void itReadsAsACookWouldSayIt() {
        Prose.Published prose = Prose.of(read("""
                Sweat until soft
                2 shallots, finely chopped
                20 g butter
                Deglaze, reduce by two thirds
                300 ml dry cider
                Add, simmer gently 10 min with the lid ajar
                250 ml chicken stock
                Slurry
                1 tbsp cornflour
                2 tbsp water
                Off the heat, stir in
                1 tsp Dijon mustard"""));

        assertThat(prose.method())
                .containsExactly(
                        "Put the shallots and the butter in a pan. Cook gently until soft.",
                        "Deglaze with the dry cider. Reduce by two thirds.",
                        "Add the chicken stock. Simmer gently for 10 minutes, with the lid ajar.",
                        "Mix the cornflour and the water to a slurry and stir it in.",
                        "Take it off the heat. Stir in the Dijon mustard.");
        assertThat(prose.ingredients())
                .startsWith("2 shallots, finely chopped", "20 g butter")
                .hasSize(7);
    }
}
