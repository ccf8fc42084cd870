package app.gradior.web.sauce;

import java.util.Locale;

/** What is said of sauces and their lines. */
final class SauceText {
    static final String DID_YOU_MEAN = "Did you mean";
    static final String MAKE_IT = "Make it";
    static final String A_LOT = "That is a lot for one sauce.";
    static final String FAR_MORE = "That is far more than all the rest.";
    static final String TO_TASTE = "to taste";
    static final String NO_THICKER = "no thicker";
    static final String MAY_BOIL_OVER = "may boil over";
    static final String TOO_SMALL = "too small";
    static final String NO_LINE_UNDERSTOOD = "None of the lines is understood yet: each says below what it lacks.";
    static final String CANT_BE_WORKED_OUT =
            "This can't be worked out as it is written: change its amounts or steps, one at a time.";
    static final String NOTHING_YET = "There is nothing in this sauce yet: write a line such as 400 g plums.";
    static final String FIBRE_AND_PROTEIN = "fibre and protein";
    static final String THE_REST = "the rest";
    static final String SYRUP = "syrup of sugars and the like";
    static final String BODY = "body of pulp and purée";
    static final String SETS = "what sets as it cools";
    static final String NONE_KNOWN = "none known";
    static final String EVERYTHING_IN = "everything is in";
    static final String NOTHING_TO_SCALE = "There is nothing to scale yet.";
    static final String FOR_HOW_MANY = "For how many? Give a number, such as 6.";
    static final String SERVES_MISSING = "The sauce does not say how many it serves: write a line such as Serves 4.";
    static final String HOW_MANY_JARS = "How many jars? Give a number, such as 3.";
    static final String JAR_SIZE = "How large is a jar? Give millilitres, such as 190.";
    static final String POT = "Choose one of your pots.";
    static final String HOW_MANY_TIMES = "How many times? Give a number, such as 2 or 0.5.";
    static final String LINE = "Choose the line of what you have.";
    static final String HAVE = "How much of it do you have? Give grams, such as 430.";
    static final String GRADE_BOILED_UP = "grade boiled up, at 60 °C";
    static final String NAME = "Give the sauce a name.";
    static final String NAME_TOO_LONG = "Use up to 120 letters.";
    static final String NO_LINES = "Write at least one line, such as 400 g plums.";
    static final String TOO_LONG = "A sauce of over 20 000 letters is a book: shorten it.";
    static final String SOURCE_TOO_LONG = "Where the recipe stands has more than 500 letters: shorten it.";
    static final String PUBLISHED_TOO_LONG = "The published recipe is too long to be kept.";

    private SauceText() {}

    static String notUnderstood(String words) {
        return "“" + words + "” is not understood and not counted. Make it";
    }

    static String inAll(String grams) {
        return "That is " + grams + " in all.";
    }

    static String veryStrong(String share) {
        return "That would be " + share + " of the sauce: very strong.";
    }

    static String verySalty(String share) {
        return "That would be " + share + " of the sauce: very salty.";
    }

    static String hereMeans(String measure) {
        return measure + " here means";
    }

    static String isWhich(String words) {
        return "“" + words + "” is";
    }

    static String goesIn(String foods) {
        return "goes in here: " + foods;
    }

    static String about(String minutes) {
        return "about " + minutes;
    }

    static String leavesBehind(String grams) {
        return "leaves about " + grams + " behind";
    }

    static String loses(String grams) {
        return "loses about " + grams;
    }

    static String thicker(String grades) {
        return "thicker by " + grades + " grade";
    }

    static String to(String degrees) {
        return "to " + degrees;
    }

    static String inThePot(String grams, String grade) {
        return grams + " in the pot · grade " + grade;
    }

    static String scaledTooFar(double factor) {
        return "That would be " + String.format(Locale.ROOT, "%.3g", factor)
                + " times the sauce: scale between a hundredth and a hundred times.";
    }

    static String noSubstitute(String food, String kept) {
        return food + " can't stand in for it " + kept + ": choose another way or food.";
    }

    static String summary(int lines, long unclear, long guessed) {
        return lines + " lines, " + unclear + " not understood, " + guessed + " guessed";
    }
}
