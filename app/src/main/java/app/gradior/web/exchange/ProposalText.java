package app.gradior.web.exchange;

import app.gradior.recipe.NoRecipe;
import app.gradior.recipe.ReadRecipe.Doubt;

/** What is said of recipes that come in. */
final class ProposalText {
    static final String RIGHT = "It's right";
    static final String SKIP = "Skip it";
    static final String RIGHT_ABOUT_THAT = "That's right";
    static final String MORE = "Yes, more";
    static final String ONLY_WHAT_IS_LISTED = "Only what is listed";
    static final String NO_TIME = "No time at all";
    static final String BY_HALF = "By half";
    static final String TO_POUR = "To pour";
    static final String TO_COAT = "To coat a spoon";
    static final String TO_GLAZE = "To a glaze";
    static final String STAYS = "It stays as it is";
    static final String LEAVE_OUT = "Leave that out";
    static final String KEEP = "Keep that step";
    static final String NOTE_IT = "Note it there";

    private ProposalText() {}

    static String of(Doubt doubt) {
        return switch (doubt) {
            case LINE_NOT_UNDERSTOOD -> "I don't know this food.";
            case LINE_GUESSED -> "Part of this line is a guess.";
            case LINE_NOT_IN_METHOD -> "The method doesn't say when this goes in. It goes in first.";
            case WHICH_LINE -> "Two lines go by this name. I took the first.";
            case HOW_MUCH_OF_IT -> "How much of it goes in here? I took a part.";
            case MORE_THAN_LISTED -> "The method uses more of this than the list has.";
            case HOW_LONG -> "For how long?";
            case HOW_FAR -> "How thick should it get here?";
            case OUT_OF_REACH -> "The sauce can't get there from what is in the pan.";
            case SENTENCE_NOT_UNDERSTOOD -> "What does this do to the sauce?";
            case NOTHING_GOES_IN -> "I find nothing in it that goes into a sauce.";
            case NO_METHOD -> "There is no method. Everything goes in at once.";
        };
    }

    static String of(NoRecipe none) {
        return switch (none.reason()) {
            case EMPTY -> "Choose a file or paste something first.";
            case PAGE_WITHOUT_RECIPE ->
                "This page carries no recipe data. Paste its ingredients and its method instead.";
            case DATA_WITHOUT_RECIPE ->
                "There is no recipe in this data. It needs an object whose @type is Recipe, or the format gradior-kitchen/1.";
            case BROKEN_DATA ->
                "This data breaks off or is malformed"
                        + none.line().map(l -> ": look at line " + l).orElse("")
                        + ". Paste the ingredients and the method instead.";
            case NESTED_TOO_DEEP -> "This data is nested too deep to be a recipe.";
            case TEXT_WITHOUT_RECIPE ->
                "I find no recipe in this text: no line is an ingredient and no sentence says what to do.";
        };
    }
}
