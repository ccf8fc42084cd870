package app.gradior.web.planning;

import app.gradior.plan.Use;
import app.gradior.web.text.Names;

/** What is said of plans and of what is typed on them. */
final class PlanningText {
    static final String AT_ROOM_TEMPERATURE = "at room temperature";
    static final String FROM_THE_FRIDGE = "from the fridge";
    static final String GRADE_WANTED = "grade wanted";
    static final String LIKE_THAT_BATCH = "like that batch";
    static final String AT_ONCE = " · at once";
    static final String AS_FAST_AS_USUAL = "as fast as usual here";
    static final String TYPICAL_SIZE =
            "The pot's size is typical, not measured, and nothing was weighed in it yet: the range is wide.";
    static final String NOTHING_LIKE_IT =
            "Nothing like it has been weighed in your kitchen yet: the minutes are the model's estimate.";
    static final String SERVED_AT = "Sauces are eaten between 0 and 95 °C: 60 is warm, 5 from the fridge.";
    static final String WIDTH = "Say how wide the pan is inside, 8 to 60 cm: for example 24 cm or 9.5 in.";
    static final String GRADE = "Give a grade between 0.5 and 8: 2 is cream, 4.7 coats a spoon, 6.5 is ketchup.";
    static final String ALTITUDE = "Give an altitude between -400 and 5000 m.";
    static final String BRIX = "Give a Brix between 0 and 90: 65 is a syrup.";
    static final String SYRUP_TEMPERATURE = "Give a temperature between 90 and 125 °C: 104 is a thick syrup.";
    static final String PER_CENT = "Give a part between 0 and 100 per cent, such as 50.";
    static final String YIELD = "How much is to be left? Give a plain number, such as 580.";
    static final String YIELD_BOUNDS = "Give a yield of more than zero and at most 300 000.";
    static final String YIELD_TOO_LARGE = "That is more than 300 litres: give a smaller yield.";
    static final String JAR_SIZE = "Give a size between 5 and 5000 ml.";
    static final String SLURRY_WATER = "Give 0.5 to 10 times the starch's weight of water.";
    static final String NO_WATER =
            "There is no water in this sauce, so nothing boils off and no starch swells: add some.";
    static final String BATCH = "Choose a batch to be like.";

    private PlanningText() {}

    static String at(String served) {
        return "at " + served;
    }

    static String need(String least, String grams) {
        return least + " need " + grams;
    }

    static String fluidOunces(String amount) {
        return amount + " fl oz";
    }

    static String jars(String amount) {
        return amount + " jars";
    }

    static String servings(String amount) {
        return amount + " servings";
    }

    static String dip(String depth, String grade) {
        return "dip mark " + depth + " · " + grade;
    }

    static String taste(String salt, String sugar, String acid) {
        return "salt " + salt + " · sugar " + sugar + " · acid " + acid;
    }

    static String looks(String look, String width) {
        return look + "; 15 ml spread to " + width + " in 30 s";
    }

    static String water(String grams) {
        return "in " + grams + " cold water";
    }

    static String leaves(String grams, String jars) {
        return "leaves " + grams + " · " + jars(jars);
    }

    /** How fast a pot boils off, by its factor k on the model's loss. */
    static String pace(double k) {
        long percent = Math.round(100 * Math.abs(k - 1));
        return percent < 3 ? AS_FAST_AS_USUAL : percent + " % " + (k < 1 ? "slower" : "faster") + " than usual";
    }

    /** How much thicker a sauce is than the model has it, as its batches tell. */
    static String ownThickness(double grades, int batches) {
        long percent = Math.round(100 * (Math.pow(10, Math.abs(grades) / 2) - 1));
        return "This sauce comes out " + (percent > 100 ? "more than twice as" : percent + " %") + " "
                + (grades > 0 ? "thicker" : "thinner") + " than its lines say: from "
                + (batches == 1 ? "one batch" : batches + " batches") + ".";
    }

    /** That a person wants it otherwise than most. */
    static String ownWish(Use use, double grades) {
        return "You like it a little " + (grades > 0 ? "thicker" : "thinner") + " than usual for this (" + Names.of(use)
                + "): the band is moved to that.";
    }

    static String byWhatWasWeighed(double k) {
        return "By what was weighed in your kitchen, it boils off " + pace(k) + ".";
    }

    static String potTooSmall(String holds, String sauce) {
        return "This pot holds " + holds + " and the sauce is " + sauce + ": take a larger one.";
    }
}
