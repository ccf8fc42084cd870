package app.gradior.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.measure.LineGrammar;
import app.gradior.measure.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which lines the words of a method mean. */
class LineNamesTest {
    private static List<RecipeLine> lines(String ingredients) {
        return new RecipeLines(LineGrammar.shipped()).of(Arrays.asList(ingredients.split("\\s*;\\s*")));
    }

    private static List<Integer> meant(String ingredients, String clause) {
        List<Integer> meant = new ArrayList<>();
        new LineNames(lines(ingredients)).in(Words.of(clause)).forEach(hit -> meant.addAll(hit.lines()));
        return meant;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 shallots, finely chopped; 30 g unsalted butter | add the shallot to the butter     | 0 1",
                "300 ml dry white wine; 1 tbsp white wine vinegar | pour in the wine                  | 0",
                "300 ml dry white wine; 1 tbsp white wine vinegar | pour in the white wine vinegar    | 1",
                "500 ml chicken stock; 2 tbsp soy sauce           | stir the broth and the soy in     | 0 1",
                "1 tbsp cornflour; 2 tbsp water                   | mix the cornstarch with the water | 0 1",
                "400 g can chopped tomatoes; 2 tbsp tomato purée  | add the tomatoes                  | 0",
                "400 g can chopped tomatoes; 2 tbsp tomato purée  | add the tomato puree              | 1",
                "200 g blackberries; 50 g sugar                   | crush the berries                 | 0",
                "50 g grated gruyère; 200 ml milk                 | melt in the cheese                | 0",
                "500 ml chicken stock                             | sear the chicken                  | ",
                "2 tbsp soy sauce                                 | stir the sauce                    | ",
                "1 tbsp zorbleaf paste                            | fry the zorbleaf                  | 0",
            })
    void theBestNameWins(String ingredients, String clause, String lines) {
        List<Integer> wanted = lines == null
                ? List.of()
                : Arrays.stream(lines.split(" ")).map(Integer::valueOf).toList();

        assertThat(meant(ingredients, clause)).isEqualTo(wanted);
    }

    @Test
    void twoLinesOfOneNameAreBothMeant() {
        assertThat(meant("30 g butter; 20 g butter", "melt the butter")).containsExactly(0, 1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4 chicken thighs                    | ASIDE",
                "400 g spaghetti                     | ASIDE",
                "small handful parsley, to serve     | ASIDE",
                "50 g basil leaves, plus extra to serve | OF_THE_SAUCE",
                "500 ml chicken stock                | OF_THE_SAUCE",
                "2 tbsp fish sauce                   | OF_THE_SAUCE",
                "500 g beef mince                    | OF_THE_SAUCE",
                "4 salad onions, sliced              | OF_THE_SAUCE",
                "4 eggs                              | UNREAD",
                "1 tbsp zorbleaf                     | UNREAD",
            })
    void whatIsNotOfTheSauceIsSetApartAndWhatIsUnknownIsNot(String line, RecipeLine.Role role) {
        assertThat(lines(line)).extracting(RecipeLine::role).containsExactly(role);
    }

    @Test
    void aHeadingSetsApartWhatStandsUnderIt() {
        assertThat(lines("For the steak:; 1 tbsp oil; For the sauce:; 30 g butter; To serve; 1 lemon"))
                .extracting(RecipeLine::role)
                .containsExactly(RecipeLine.Role.ASIDE, RecipeLine.Role.OF_THE_SAUCE, RecipeLine.Role.ASIDE);
    }
}
