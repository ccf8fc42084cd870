package app.gradior.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.plan.Knowledge;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Recipes of the corpus, torn and mended at random: whatever comes, all of it is accounted for. */
class RecipePropertyTest {
    private static final int RECIPES = 120;
    private static final String[] PIECES = {
        " half ",
        " the rest of the ",
        " 2 tbsp ",
        ".",
        ",",
        " and ",
        " until ",
        " 1e9 g ",
        " in another pan ",
        " if needed ",
        "\n",
        "\n\n",
        " divided",
        " reduce by ",
        " the remaining ingredients ",
        "(",
        ")",
        " °C ",
        " \u00bd ",
        "\u0000",
        " over the steaks "
    };

    private static String torn(String document, Random random) {
        StringBuilder text = new StringBuilder(document);
        for (int i = random.nextInt(25); i >= 0 && text.length() > 1; i--) {
            int at = random.nextInt(text.length());
            if (random.nextBoolean()) {
                text.insert(at, PIECES[random.nextInt(PIECES.length)]);
            } else {
                text.delete(at, Math.min(text.length(), at + random.nextInt(30)));
            }
        }
        return text.toString();
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3})
    void nothingFallsOverAndNoLineIsLost(long seed) {
        Random random = new Random(seed);
        List<String> files = RecipeCorpusTest.files();
        for (int i = 0; i < RECIPES; i++) {
            String document = torn(RecipeCorpusTest.document(files.get(random.nextInt(files.size()))), random);
            try {
                for (PublishedRecipe recipe : RecipeDocument.read(document)) {
                    assertAccountedFor(ReadRecipe.of(recipe), document);
                }
            } catch (NoRecipe none) {
                assertThat(none.reason()).isNotNull();
            }
        }
    }

    private static void assertAccountedFor(ReadRecipe recipe, String document) {
        RecipeCorpusTest.assertEveryLineIsAccountedFor(recipe, document);
        assertThat(recipe.after(UsualPot.CONDITIONS, Knowledge.NONE)).hasSameSizeAs(recipe.steps());
        assertThat(StagedText.of(recipe, LineGrammar.shipped(), Habits.NONE)).isNotNull();
    }
}
