package app.gradior.cli;

import app.gradior.recipe.NoRecipe;
import app.gradior.recipe.ReadRecipe;

/** What the terminal says of what was not understood. */
final class QuestionText {
    private QuestionText() {}

    static String of(ReadRecipe.Question question) {
        return switch (question.doubt()) {
            case LINE_NOT_UNDERSTOOD -> "This line is not understood. Which food is it, and how much?";
            case LINE_GUESSED -> "Part of this line was guessed. Is it right?";
            case LINE_NOT_IN_METHOD -> "The method does not say where this goes in. It is taken to go in at the start.";
            case WHICH_LINE -> "Several lines answer to this. Which is meant?";
            case HOW_MUCH_OF_IT -> "How much of it goes in here?";
            case MORE_THAN_LISTED -> "The method takes more of this than the ingredients list.";
            case HOW_LONG -> "For how long?";
            case HOW_FAR -> "How far is it to reduce or thicken?";
            case OUT_OF_REACH -> "The sauce can't get there from what is in the pot. What is meant?";
            case SENTENCE_NOT_UNDERSTOOD -> "What does this sentence do to the sauce?";
            case NOTHING_GOES_IN -> "Nothing was found that goes into a sauce.";
            case NO_METHOD -> "There is no method: everything goes in at once.";
        };
    }

    static String of(NoRecipe none) {
        return switch (none.reason()) {
            case EMPTY -> "There is nothing in it.";
            case PAGE_WITHOUT_RECIPE ->
                "This page carries no recipe data. Copy its ingredients and method into a text file.";
            case DATA_WITHOUT_RECIPE -> "There is no recipe in this data: it needs an object whose @type is Recipe.";
            case BROKEN_DATA ->
                "This data breaks off or is malformed"
                        + none.line().map(l -> ", see line " + l).orElse("") + ".";
            case NESTED_TOO_DEEP -> "This data is nested too deep to be a recipe.";
            case TEXT_WITHOUT_RECIPE -> "No line of this is an ingredient, and no sentence says what to do.";
        };
    }
}
