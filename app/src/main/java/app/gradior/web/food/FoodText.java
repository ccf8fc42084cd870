package app.gradior.web.food;

/** What is said of foods of one’s own. */
final class FoodText {
    static final String NO_SUCH_FOOD = "There is no such food in this kitchen.";
    static final String GRAMS = "Give it in grams, more than zero and up to 5000.";
    static final String NO_SUCH_MEASURE = "That is no measure that can be learnt.";
    static final String NAME = "Give the food a name of up to 80 letters.";
    static final String MIXED_FROM = "Write what it is mixed from, one food to a line.";
    static final String OWN_MIX = "a mix of our own";
    static final String LABEL = "its label";
    static final String SUGARS = "The sugars are part of the carbohydrate: they can't be more than it.";

    private FoodText() {}

    static String sum(long grams) {
        return "These add up to " + grams + " g in 100 g: check them against the label.";
    }

    static String number(String low, String high) {
        return "Give a plain number from " + low + " to " + high + ".";
    }

    static String notUnderstood(String line) {
        return "“" + line + "” is not understood.";
    }
}
