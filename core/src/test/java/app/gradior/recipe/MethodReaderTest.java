package app.gradior.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.plan.Target;
import app.gradior.recipe.ReadRecipe.Doubt;
import app.gradior.recipe.RecipeStep.Kind;
import app.gradior.sauce.Operation;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MethodReaderTest {
    private static ReadRecipe read(String ingredients, String method) {
        return ReadRecipe.of(new PublishedRecipe(
                "A sauce",
                Optional.empty(),
                Arrays.asList(ingredients.split("\\s*;\\s*")),
                List.of(new PublishedRecipe.Passage(Optional.empty(), method)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()));
    }

    private static String operations(ReadRecipe recipe) {
        return recipe.steps().stream().map(step -> step.kind().key()).collect(Collectors.joining(" "));
    }

    private static List<Long> grams(ReadRecipe recipe, int line) {
        return recipe.steps().stream()
                .flatMap(step -> step.adds().stream())
                .filter(added -> added.line().index() == line)
                .map(added -> Math.round(added.mass().grams()))
                .toList();
    }

    private static List<Doubt> doubts(ReadRecipe recipe) {
        return recipe.questions().stream().map(ReadRecipe.Question::doubt).toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Melt half the butter. Add the stock and simmer for 5 min. Whisk in the rest of the butter.  | 30 30",
                "Melt a third of the butter. Add the stock and simmer 5 min. Stir in the remaining butter.   | 20 40",
                "Melt 20 g of the butter. Add the stock, simmer 5 min. Swirl in the remaining butter.        | 20 40",
                "Melt two thirds of the butter. Add the stock. Boil 5 min. Beat in the other third of butter.| 40 20",
                "Melt the butter. Add the stock and simmer for 5 minutes until the butter foams.             | 60",
            })
    void aLineThatIsUsedTwiceIsParted(String method, String parts) {
        ReadRecipe recipe = read("60 g butter; 300 ml chicken stock", method);

        assertThat(grams(recipe, 0).stream().map(String::valueOf).collect(Collectors.joining(" ")))
                .isEqualTo(parts);
        assertThat(recipe.questions()).isEmpty();
    }

    @Test
    void theRemainingIngredientsAreThoseThatNoSentenceNames() {
        ReadRecipe recipe = read(
                "1 tbsp oil; 1 onion, chopped; 400 g passata; 2 tbsp cider vinegar; 20 g butter",
                "Heat the oil and soften the onion for 5 minutes. Add the remaining ingredients and simmer for"
                        + " 10 minutes. Off the heat, stir in the butter.");

        assertThat(operations(recipe)).isEqualTo("add add sweat add simmer finish");
        assertThat(recipe.steps().get(3).adds())
                .extracting(a -> a.line().index())
                .containsExactly(2, 3);
        assertThat(recipe.questions()).isEmpty();
    }

    @Test
    void allExceptLeavesOut() {
        ReadRecipe recipe = read(
                "200 ml stock; 2 tbsp soy sauce; 1 tbsp cornflour; 2 tbsp water",
                "Put everything but the cornflour and water into a pan and simmer for 3 minutes."
                        + " Mix the cornflour with the water, stir it in and cook for 1 minute.");

        assertThat(operations(recipe)).isEqualTo("add simmer slurry simmer");
        assertThat(recipe.steps().get(2).starch().grams()).isCloseTo(8, within(0.2));
    }

    @Test
    void whatIsNotOfTheSauceIsSetApart() {
        ReadRecipe recipe = read(
                "2 sirloin steaks; 1 tbsp oil; 1 shallot, chopped; 200 ml red wine; 300 g spaghetti",
                "Heat the oven to 200C. Sear the steaks for 2 minutes on each side and leave to rest on a plate."
                        + " Cook the spaghetti in a large pan of salted water. Heat the oil in a pan, add the shallot and"
                        + " soften. Pour in the wine and boil until reduced by half. Serve with the steaks.");

        assertThat(operations(recipe)).isEqualTo("add add sweat add reduce");
        assertThat(recipe.sentences().stream()
                        .filter(ReadRecipe.Sentence::remark)
                        .map(s -> s.text()))
                .containsExactly(
                        "Heat the oven to 200C.",
                        "Sear the steaks for 2 minutes on each side and leave to rest on a plate.",
                        "Cook the spaghetti in a large pan of salted water.",
                        "Serve with the steaks.");
        assertThat(recipe.lines().stream()
                        .filter(l -> l.role() == RecipeLine.Role.ASIDE)
                        .map(RecipeLine::text))
                .containsExactly("2 sirloin steaks", "300 g spaghetti");
    }

    @Test
    void aConditionDoesNothingYet() {
        ReadRecipe recipe = read(
                "300 ml passata",
                "Simmer the passata for 10 minutes. If it is too thick, add a splash of water. Thin with 50 ml stock if needed.");

        assertThat(operations(recipe)).isEqualTo("add simmer");
    }

    @Test
    void anotherPanIsJoinedWhereItsContentsGoIn() {
        ReadRecipe recipe = read(
                "600 ml milk; 1 bay leaf; 40 g butter; 40 g plain flour",
                "Bring the milk and bay leaf to a simmer. Melt the butter in another pan, stir in the flour and cook for"
                        + " 2 minutes until golden-brown. Whisk in the hot milk and simmer for 5 minutes.");

        assertThat(operations(recipe)).isEqualTo("add roux add simmer");
        assertThat(recipe.steps().get(1).operation().orElseThrow()).isInstanceOf(Operation.Thicken.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "until reduced by two-thirds              | Reduced[kept=Share[value=0.333333",
                "until it has reduced by about half       | Reduced[kept=Share[value=0.5]",
                "until only a third remains               | Reduced[kept=Share[value=0.333333",
                "until the liquid has halved              | Reduced[kept=Share[value=0.5]",
                "until you have about 150 ml              | Yield",
                "until about ½ cup is left                | Yield",
                "until syrupy                             | ForUse[use=SYRUP",
                "until it coats the back of a spoon       | ForUse[use=TOSS",
                "until it is as thick as double cream     | AtGrade",
                "until it has the consistency of custard  | AtGrade",
                "until it reaches 105°C                   | AtBoilingPoint",
            })
    void untilWhenBecomesTheTarget(String until, String target) {
        ReadRecipe recipe = read(
                "500 ml red wine; 100 g sugar",
                "Put the wine and sugar in a pan and simmer " + until + ", 8-10 minutes.");

        RecipeStep last = recipe.steps().get(recipe.steps().size() - 1);
        assertThat(last.kind()).isEqualTo(Kind.REDUCE);
        assertThat(((Operation.Reduce) last.does().orElseThrow()).target().toString())
                .startsWith(target);
        assertThat(last.claim()).hasValueSatisfying(claim -> {
            assertThat(claim.low()).isEqualTo(8);
            assertThat(claim.high()).isEqualTo(10);
        });
    }

    @Test
    void nearlyDryIsATenthOfWhatWasPouredInLast() {
        ReadRecipe recipe = read(
                "20 g butter; 2 shallots, chopped; 200 ml white wine",
                "Melt the butter and soften the shallots. Add the wine and boil until almost all has evaporated.");

        Operation.Reduce reduce = (Operation.Reduce)
                recipe.steps().get(recipe.steps().size() - 1).does().orElseThrow();
        assertThat(((Target.Weight) reduce.target()).mass().grams()).isBetween(70.0, 100.0);
    }

    @Test
    void yolksSetByHeatAndAreNotBoiledDown() {
        ReadRecipe recipe = read(
                "500 ml milk; 5 egg yolks",
                "Heat the milk. Whisk in the yolks and cook until it coats the back of a spoon.");

        assertThat(doubts(recipe)).contains(Doubt.HOW_FAR);
        assertThat(operations(recipe)).doesNotContain("reduce");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "200 ml stock; 1 tbsp honey | Boil the stock until reduced by half. | LINE_NOT_IN_METHOD",
                "200 ml stock               | Add the stock. Simmer until tender. | HOW_LONG",
                "200 ml stock               | Add the stock. Simmer until slightly thickened. | HOW_FAR",
                "200 ml stock; 30 g butter  | Boil the stock. Stir in some of the butter. Boil 2 min. Add the rest. | HOW_MUCH_OF_IT",
                "200 ml stock               | Add the stock. Boil until 2 litres are left. | OUT_OF_REACH",
                "200 ml stock; 1 handful zorbleaf | Simmer the stock for 5 minutes. | LINE_NOT_UNDERSTOOD",
                "100 ml cream               | Pour in the cream. Simmer 2 min. Add 200 ml cream and simmer 3 min. | MORE_THAN_LISTED",
            })
    void whatIsUnsureIsAsked(String ingredients, String method, Doubt doubt) {
        assertThat(doubts(read(ingredients, method))).contains(doubt);
    }

    @Test
    void amountsThatOnlyTheMethodBringsAreLinesToo() {
        ReadRecipe recipe = read(
                "1 tbsp cornflour; 300 ml stock",
                "Bring the stock to the boil. Mix the cornflour with 2 tbsp cold water and whisk in. Simmer for 2 minutes.");

        assertThat(recipe.lines()).hasSize(3);
        assertThat(recipe.lines().get(2).role()).isEqualTo(RecipeLine.Role.FROM_THE_METHOD);
        assertThat(operations(recipe)).isEqualTo("add simmer slurry simmer");
    }

    @Test
    void howHardAndHowCoveredIsKept() {
        ReadRecipe recipe = read(
                "500 g passata", "Tip the passata into a pan. Half cover with a lid and simmer gently for 20 minutes.");

        Operation.SimmerFor simmer =
                (Operation.SimmerFor) recipe.steps().get(1).does().orElseThrow();
        assertThat(simmer.lid()).contains(app.gradior.pot.Lid.AJAR);
        assertThat(simmer.activity()).contains(app.gradior.pot.Activity.BARE_SIMMER);
    }
}
