package app.gradior.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RecipeDocumentTest {
    private static PublishedRecipe one(String document) throws NoRecipe {
        List<PublishedRecipe> all = RecipeDocument.read(document);
        assertThat(all).hasSize(1);
        return all.get(0);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{'@type':'Recipe','name':'A','recipeIngredient':['1 cup stock'],'recipeInstructions':'Boil it.'}",
                "[{'@type':'WebSite'},{'@type':['NewsArticle','Recipe'],'name':'A','recipeIngredient':'1 cup stock',"
                        + "'recipeInstructions':['Boil it.']}]",
                "{'@graph':[{'@type':'http://schema.org/Recipe','name':['A'],'ingredients':['1 cup stock'],"
                        + "'recipeInstructions':[{'@type':'HowToStep','text':'Boil it.'}]}]}",
                "{'@type':'schema:Recipe','name':'A','recipeIngredient':[' 1&nbsp;cup  stock '],'recipeInstructions':"
                        + "[{'@type':'HowToSection','name':'Sauce','itemListElement':{'@type':'HowToStep','text':'<p>Boil it.</p>'}}]}",
                "{'@type':'Recipe','name':'A','recipeIngredient':['1 cup stock',],'recipeInstructions':"
                        + "{'@type':'ItemList','itemListElement':[{'@type':'HowToStep','itemListElement':"
                        + "[{'@type':'HowToDirection','text':'1. Boil it.'}]}]}}",
                "{'@type':'WebPage','mainEntity':{'@type':'Recipe','name':'A','recipeIngredient':[{'@type':'X','amount':1,"
                        + "'unitText':'cup','name':'stock'}],'recipeInstructions':'<ol><li>Boil it.</li></ol>'}}",
            })
    void recipeDataIsReadInTheShapesItIsPublishedIn(String json) throws NoRecipe {
        PublishedRecipe recipe = one(json.replace('\'', '"'));

        assertThat(recipe.name()).isEqualTo("A");
        assertThat(recipe.ingredients()).containsExactly("1 cup stock");
        assertThat(recipe.method()).extracting(PublishedRecipe.Passage::text).containsExactly("Boil it.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "4                                                       | 4",
                "\"Serves 4\"                                            | Serves 4",
                "[\"4\",\"4 servings\"]                                  | 4 servings",
                "{\"@type\":\"QuantitativeValue\",\"value\":6,\"unitText\":\"jars\"} | 6 jars",
            })
    void aYieldIsATextANumberSeveralOrAQuantity(String yield, String said) throws NoRecipe {
        assertThat(one("{\"@type\":\"Recipe\",\"name\":\"A\",\"recipeYield\":" + yield
                                + ",\"recipeIngredient\":[\"1 cup stock\"]}")
                        .yield())
                .contains(said);
    }

    @Test
    void aPageMayCarryItsRecipeInABlockOrInItsElements() throws NoRecipe {
        String block =
                "<html><script type=\"application/ld+json\">{broken</script><script type=\"application/ld+json\">"
                        + "<!-- {\"@type\":\"Recipe\",\"name\":\"Jus &amp;amp; more\",\"recipeIngredient\":"
                        + "[\"1&frac12; cups stock\"]} --></script></html>";
        String marked = "<html><div itemscope itemtype=\"https://schema.org/Recipe\"><h1 itemprop=\"name\">Jus</h1>"
                + "<li itemprop=\"recipeIngredient\">1 cup stock</li>"
                + "<div itemprop=\"recipeInstructions\"><p>Boil it.</p></div></div></html>";

        assertThat(one(block).name()).isEqualTo("Jus & more");
        assertThat(one(block).ingredients()).containsExactly("1½ cups stock");
        assertThat(one(marked).method())
                .extracting(PublishedRecipe.Passage::text)
                .containsExactly("Boil it.");
    }

    @Test
    void severalRecipesAreAllRead() throws NoRecipe {
        assertThat(RecipeDocument.read("[{\"@type\":\"Recipe\",\"name\":\"A\",\"recipeIngredient\":[\"1 cup stock\"]},"
                        + "{\"@type\":\"Recipe\",\"name\":\"B\",\"recipeIngredient\":[\"1 cup milk\"]}]"))
                .extracting(PublishedRecipe::name)
                .containsExactly("A", "B");
    }

    @Test
    void plainTextNeedsNoHeadings() throws NoRecipe {
        PublishedRecipe recipe = one("""
                Shallot sauce
                A quick one for Tuesdays.

                Serves 2
                2 shallots, chopped
                200 ml red wine

                Soften the shallots in a pan. Add the wine
                and boil until reduced by half.
                """);

        assertThat(recipe.name()).isEqualTo("Shallot sauce");
        assertThat(recipe.yield()).contains("Serves 2");
        assertThat(recipe.ingredients()).containsExactly("2 shallots, chopped", "200 ml red wine");
        assertThat(recipe.method())
                .extracting(PublishedRecipe.Passage::text)
                .containsExactly("Soften the shallots in a pan. Add the wine and boil until reduced by half.");
        assertThat(recipe.description()).contains("A quick one for Tuesdays.");
    }

    @Test
    void numberedStepsPartsOfTheMethodAndNotesAreTold() throws NoRecipe {
        PublishedRecipe recipe = one("""
                ## Gravy ##
                ### Ingredients (serves 6)
                * 500 ml stock
                **For the slurry**
                * 1 tbsp cornflour
                ### Directions
                1. Boil the stock.
                For the slurry:
                2) Mix the cornflour with 2 tbsp water.
                Notes
                Freezes well.
                """);

        assertThat(recipe.ingredients()).containsExactly("500 ml stock", "For the slurry:", "1 tbsp cornflour");
        assertThat(recipe.yield()).contains("serves 6");
        assertThat(recipe.method())
                .containsExactly(
                        new PublishedRecipe.Passage(Optional.empty(), "Boil the stock."),
                        new PublishedRecipe.Passage(
                                Optional.of("For the slurry"), "Mix the cornflour with 2 tbsp water."));
        assertThat(recipe.description()).contains("Freezes well.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "`   `                                             | EMPTY",
                "{\"@type\":\"Article\"}                           | DATA_WITHOUT_RECIPE",
                "{\"@type\":\"Recipe\",\"name\":                   | BROKEN_DATA",
                "<html><body><p>Hello</p></body></html>            | PAGE_WITHOUT_RECIPE",
                "The train leaves the station in the rain at noon. | TEXT_WITHOUT_RECIPE",
            })
    void whatIsNoRecipeIsRefusedWithTheReason(String document, NoRecipe.Reason reason) {
        assertThatThrownBy(() -> RecipeDocument.read(document))
                .isInstanceOfSatisfying(
                        NoRecipe.class, e -> assertThat(e.reason()).isEqualTo(reason));
    }

    @Test
    void tenThousandLevelsAndTwoMegabytesOfNoiseAreRefused() {
        assertThatThrownBy(() -> RecipeDocument.read("[".repeat(10_000) + "]".repeat(10_000)))
                .isInstanceOfSatisfying(
                        NoRecipe.class, e -> assertThat(e.reason()).isEqualTo(NoRecipe.Reason.NESTED_TOO_DEEP));
        assertThatThrownBy(() -> RecipeDocument.read("xq zvk wtr.\n".repeat(170_000)))
                .isInstanceOf(NoRecipe.class);
    }

    @Test
    void bytesAreDecodedWhateverTheyWereWrittenWith() {
        String text = "½ tsp crème fraîche";

        for (Charset charset : List.of(StandardCharsets.UTF_8, Charset.forName("windows-1252"))) {
            assertThat(RecipeDocument.decode(text.getBytes(charset))).isEqualTo(text);
        }
        assertThat(RecipeDocument.decode(("\ufeff" + text).getBytes(StandardCharsets.UTF_16LE)))
                .isEqualTo(text);
        assertThat(RecipeDocument.decode(("\ufeff" + text).getBytes(StandardCharsets.UTF_8)))
                .isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Melt the butter. Add 1.5 l stock! Done?          | 3",
                "Add approx. 2 tbsp. oil and 1 oz. butter.         | 1",
                "Simmer 5 min. Then add the wine.                  | 2",
                "Cook until soft (about 5 min. or so). Add wine.   | 2",
                "Cook until soft.Add the wine.                     | 2",
            })
    void proseIsCutIntoSentences(String prose, int sentences) {
        assertThat(Sentences.of(prose)).hasSize(sentences);
    }
}
