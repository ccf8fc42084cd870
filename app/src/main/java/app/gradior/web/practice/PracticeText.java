package app.gradior.web.practice;

import app.gradior.plan.Use;
import app.gradior.practice.Advice;
import app.gradior.practice.Lesson;
import app.gradior.practice.Mishap;
import app.gradior.practice.Score;
import app.gradior.practice.Task;
import app.gradior.practice.Truth;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What is said in practice. */
public final class PracticeText {
    static final String NOT_TAKEN = "That can't be done here. Load the page again and go on.";
    static final String CHOOSE_A_SAUCE = "Choose one of your sauces.";
    static final String CHOOSE_A_POT = "Choose one of your pots.";
    static final String NO_WATER = "There is no water in this sauce to boil off. Choose another one.";
    static final String POT_TOO_SMALL = "It does not go into that pot. Choose a larger one.";
    static final String SEED = "A pot's number is a whole number, such as 318.";
    static final String PAN = "Choose one of the pans.";
    static final String OWN = "Your own sauce";

    static final String TARGET = "what it came to";
    static final String YIELD = "how much there is";
    static final String TIME = "time";
    static final String LOOKS = "looks";
    static final String CLEAN = "nothing went wrong";
    static final String GUESSES = "how near your guesses came";

    private static final double FAST = 1.15;

    private PracticeText() {}

    public static String title(Lesson lesson) {
        return switch (lesson) {
            case READ_THE_SPOON -> "Read the spoon";
            case BY_HALF -> "By half";
            case TAKE_IT_OFF -> "Take it off in time";
            case HOT_AND_COLD -> "Hot against cold";
            case PAN_AND_TIME -> "The pan makes the time";
            case MIND_THE_SALT -> "Mind the salt";
            case SLURRY_IN_THIRDS -> "Slurry in thirds";
            case COOK_IT_OUT -> "Cook it out";
            case OFF_AT_ONCE -> "Off at once";
            case DO_NOT_LET_IT_CATCH -> "Don’t let it catch";
            case SYRUP -> "Sugar and syrup";
            case CREAM -> "Cream and acid";
            case RESCUE -> "Rescue";
            case TWO_POTS -> "Two pots at once";
            case ALONE -> "On your own";
        };
    }

    /** What is to be done, in a sentence. */
    public static String task(Lesson lesson) {
        return switch (lesson) {
            case READ_THE_SPOON -> "Say how thick it is, six times while it boils down.";
            case BY_HALF -> "Boil it down to half of its weight, by eye.";
            case TAKE_IT_OFF -> "Take it off when it will just coat the pasta on the plate.";
            case HOT_AND_COLD -> "Take it off so that it is a dip tomorrow, straight from the fridge.";
            case PAN_AND_TIME -> "Choose a pan and have it coating in 34 minutes.";
            case MIND_THE_SALT -> "Make a gravy that coats, and stop before it is too salty.";
            case SLURRY_IN_THIRDS -> "Thicken it to a gravy that coats, a little slurry at a time.";
            case COOK_IT_OUT -> "Thicken it with flour until it coats and nothing tastes raw.";
            case OFF_AT_ONCE -> "Thicken it with potato starch, and take it off before it thins again.";
            case DO_NOT_LET_IT_CATCH -> "Boil it until it falls in sheets, and let nothing catch.";
            case SYRUP -> "Boil it to a syrup that keeps: 65 % sugar.";
            case CREAM -> "Boil it down to a cream that pours. Wine and mustard are in it.";
            case RESCUE -> "It was forgotten. Bring it back to a sauce that coats thickly.";
            case TWO_POTS -> "Two sauces, both coating the pasta, one pair of hands.";
            case ALONE -> "Make it coat the pasta. Nobody helps.";
        };
    }

    /** A look in one word. */
    static String shortly(SpoonCoat look) {
        return switch (look) {
            case RUNS_CLEAR -> "runs";
            case THIN_VEIL -> "veil";
            case LINE_FILLS -> "fills";
            case LINE_STAYS -> "stays";
            case FALLS_IN_SHEETS -> "sheets";
            case MOUNDS -> "mounds";
        };
    }

    static String own(Use use) {
        return "Take it off when it is " + Names.of(use) + ".";
    }

    /** What to look for. */
    public static String lookFor(Lesson lesson) {
        return switch (lesson) {
            case READ_THE_SPOON -> "Dip, hold the spoon level, draw a line with a finger: does it fill again?";
            case BY_HALF -> "The dried ring shows where it stood. Half the height is half of it.";
            case TAKE_IT_OFF -> "It thickens while it cools: take it off a little thinner than you want it.";
            case HOT_AND_COLD -> "Hot it tells little. A spoonful on the cold plate tells what tomorrow is like.";
            case PAN_AND_TIME -> "What is wide boils off fast. What is tall keeps its water.";
            case MIND_THE_SALT -> "Salt stays while water goes. Boil off a little, slurry does the rest.";
            case SLURRY_IN_THIRDS -> "Pour, stir at once, wait half a minute, look, and only then the next third.";
            case COOK_IT_OUT -> "Flour wants ten minutes at the boil, and gets thicker meanwhile.";
            case OFF_AT_ONCE ->
                "Potato starch is thickest as it comes to the boil. Boiled long, and sour, it gives way.";
            case DO_NOT_LET_IT_CATCH -> "The thicker and the hotter, the sooner it catches. Dark patches are late.";
            case SYRUP -> "Syrup has no body: its line always fills. It boils hotter the sweeter it is.";
            case CREAM -> "Let it only simmer: little fat and acid curdle when it boils hard.";
            case RESCUE -> "Water, a little at a time, stirred in. Look again each time.";
            case TWO_POTS -> "Look at the one that is nearer. Stir both.";
            case ALONE -> "All you have learnt.";
        };
    }

    /** What a lesson advises, as sentences. */
    public static List<String> advice(Lesson lesson, UnitFormat say) {
        Advice advice = lesson.advice();
        String heat = advice.dial() == 0
                ? "Leave the heat off."
                : "Bring it up on 9, then set the heat to " + advice.dial() + ".";
        String stir = "Stir at least every " + seconds(advice.stirEvery()) + ".";
        return List.of(heat, stir, sign(advice.sign(), say));
    }

    private static String seconds(double seconds) {
        return seconds < 120 ? Math.round(seconds) + " seconds" : Math.round(seconds / 60) + " minutes";
    }

    private static String sign(Advice.Sign sign, UnitFormat say) {
        if (sign instanceof Advice.Sign.Spoon spoon) {
            return "Take it off as soon as the spoon says: " + Names.of(spoon.look()) + ".";
        }
        if (sign instanceof Advice.Sign.Plate plate) {
            return "Take it off when it stays within "
                    + say.depth(plate.diameter().millimetres()) + " on the cold plate.";
        }
        if (sign instanceof Advice.Sign.Level level) {
            return "Take it off at " + Math.round(100 * level.part()) + " % of the height it had as it began to boil.";
        }
        if (sign instanceof Advice.Sign.Hot hot) {
            return "Take it off at " + say.degrees(hot.degrees()) + ".";
        }
        if (sign instanceof Advice.Sign.Slurry slurry) {
            return "Slurry of about " + say.grams(slurry.portion()) + " at a time, until the spoon says: "
                    + Names.of(slurry.look()) + ".";
        }
        Advice.Sign.Water water = (Advice.Sign.Water) sign;
        return "About " + say.grams(water.portion()) + " of water at a time, until the spoon says: "
                + Names.of(water.look()) + ".";
    }

    /** How far it was off, in the task's own unit. */
    static String off(Task task, double off) {
        boolean near = Math.abs(off) <= task.free();
        if (near) {
            return "just as it was wanted";
        }
        if (task instanceof Task.Thick) {
            return String.format(Locale.ROOT, "%.1f grades too %s", Math.abs(off), off < 0 ? "thin" : "thick");
        }
        if (task instanceof Task.Part) {
            return Math.round(100 * Math.abs(off)) + " % too " + (off < 0 ? "much left" : "little left");
        }
        return Math.round(Math.abs(off)) + " % too " + (off < 0 ? "little" : "much") + " sugar";
    }

    /** What was true of a pot. */
    static String truth(Truth truth) {
        String pace = truth.k() > FAST
                ? "This pot boiled off fast: %.1f times what is usual."
                : truth.k() < 1 / FAST
                        ? "This pot boiled off slowly: %.1f times what is usual."
                        : "This pot boiled off about as fast as usual (%.1f times).";
        String thick = truth.thickness().value() > FAST
                ? " Its sauce was thicker than such sauces are (%.1f times)."
                : truth.thickness().value() < 1 / FAST
                        ? " Its sauce was thinner than such sauces are (%.1f times)."
                        : " Its sauce was as thick as such sauces are (%.1f times).";
        return String.format(
                Locale.ROOT, pace + thick, truth.k(), truth.thickness().value());
    }

    /** One sentence to do better: of what cost most. */
    static String better(Score score, List<Task> tasks, boolean guesses) {
        Optional<Map.Entry<Mishap, Double>> worst =
                score.wrong().entrySet().stream().max(Map.Entry.comparingByValue());
        if (score.points() >= 95) {
            return "Nothing to add. The next one.";
        }
        if (guesses) {
            double mean = score.off().stream().mapToDouble(off -> off).average().orElse(0);
            return Math.abs(mean) < 0.3
                    ? "You are not off to one side: look longer at whether the line closes."
                    : mean > 0
                            ? "You take it for thicker than it is: wait until the line has had its time."
                            : "You take it for thinner than it is: look how much stays on the spoon.";
        }
        if (worst.isPresent() && worst.get().getValue() > 0.3) {
            return mended(worst.get().getKey());
        }
        for (int pot = 0; pot < tasks.size(); pot++) {
            if (Math.abs(score.off().get(pot)) > tasks.get(pot).free()) {
                return score.off().get(pot) < 0
                        ? "You stopped early. Look once more when you think it is there."
                        : "You stopped late. It goes fast at the end: look more often then, and turn it down.";
            }
        }
        return score.looks() < 8
                ? "You had it. Look less often at the start, the bubbles tell you when."
                : "You had it. It can be done faster: more heat as long as it is thin.";
    }

    private static String mended(Mishap mishap) {
        return switch (mishap) {
            case CAUGHT -> "It caught: stir more often once it is thick, and turn it down.";
            case BOILED_OVER -> "It rose over the rim: less heat, or a taller pan.";
            case LUMPS -> "It made lumps: stir as soon as the slurry is in.";
            case RAW_STARCH -> "The starch was raw: boil it for its time before you take it off.";
            case SPLIT -> "It split: let it only simmer, and don’t boil off what holds the fat.";
            case TOO_SALTY -> "It was too salty: boil off less, and thicken the rest with slurry.";
            case TOO_LATE -> "It was late: a wider pan boils off faster.";
        };
    }

    /** How well an eye tells, over its last guesses. */
    static String eye(double error, int guesses) {
        return String.format(
                Locale.ROOT,
                "Your last %d guesses were off by %.1f grades in the mean. A trained eye is off by 0.3.",
                guesses,
                error);
    }

    /** How a pot went, for its drawing. */
    static String walk(double end, Task task, double off, double best) {
        return "You took it off after " + when(end) + ": " + off(task, off) + ". The best way takes " + when(best)
                + ".";
    }

    static String when(double seconds) {
        return Math.round(seconds / 60) + " min";
    }
}
