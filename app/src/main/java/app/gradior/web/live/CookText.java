package app.gradior.web.live;

import app.gradior.quantity.Length;
import java.util.Optional;

/** What is said at the stove. */
final class CookText {
    static final String NEEDS_ITS_TOKEN = "Needs a token for cooking.";
    static final String READY_THEN = "ready just then";
    static final String NOW = "now";
    static final String NEVER = "–";
    static final String UNDER_A_MINUTE = "<1";
    static final String BLEND_IT = "Blend it smooth";
    static final String HOT_JUG = "hot: fill the jug to a third, and vent it";
    static final String BRING_TO_THE_BOIL = "Bring it to the boil";
    static final String STIR_AGAIN = "stir it again just before";
    static final String TAKE_IT_OFF = "Take it off and weigh it";
    static final String MISTYPED = "Is it mistyped?";
    static final String AS_EXPECTED = ", as thought";
    static final String TOO_LONG_AGO = "That happened too long ago to be sent now: enter it again by hand.";
    static final String MINUTES_AGO = "How many minutes ago was it? Give a plain number, such as 5.";
    static final String ENTRY_GONE = "That entry is not part of this cook any more.";
    static final String VOLUME = "Give the volume in ml, such as 650.";
    static final String SPOON_TEMPERATURE = "Give its temperature in °C, or leave that free.";
    static final String SPREAD = "Give how far it spread in cm, between 2 and 40, such as 9.5.";
    static final String PLATE_TEMPERATURE = "Give its temperature on the plate in °C.";
    static final String TEMPERATURE = "Give the temperature in °C, between -5 and 160.";
    static final String TASTE = "Choose one of the five steps.";
    static final String STARCH = "Choose the starch.";
    static final String STARCH_GRAMS = "Give the grams of starch that went in, such as 3.";
    static final String SLURRY_WATER = "Give the grams of water it was stirred into.";
    static final String POT = "Choose the pot it is in now.";
    static final String TIMER_MINUTES = "Give minutes, from 0.1 to 1440, such as 5.";
    static final String WANTED_MINUTES = "Give the minutes until then, from 1 to 1440, such as 45.";
    static final String TIMER_GONE = "That timer is not there any more.";
    static final String JARS = "Give jars as number × ml, such as 2 × 250.";
    static final String LEFT_OVER = "Give what is left over in ml, or leave the field empty.";
    static final String HEADSPACE = "Give what is left free under the rim in mm, 0 to 60, such as 15.";
    static final String WHAT_WENT_IN = "Write what went in, such as 100 ml water or 1 tbsp honey.";
    static final String SIEVE = "Give the grams that stayed in the sieve, less than what is there.";
    static final String EMPTY_POT_UNKNOWN =
            "What does the empty pot weigh? Give grams, or weigh the sauce alone, without its pot.";
    static final String EMPTY_POT = "Give the weight of the empty pot in grams, such as 1400, or with its unit.";
    static final String WEIGHT =
            "Give the weight in grams as a plain number, such as 702, or with its unit, such as 24.8 oz.";
    static final String WEIGHT_BOUNDS = "Give a weight of more than zero and at most 300 000 g.";
    static final String CHOOSE = "Choose one of those shown.";
    static final String RELOAD = "This page does not know that: reload it and try again.";

    private CookText() {}

    static String ready(String minutes, boolean after) {
        return "ready about " + minutes + (after ? " after" : " before");
    }

    static String weighNow(String range, long then) {
        return "Weigh it now: between " + range + " would narrow to about " + then + " min.";
    }

    static String twoHands(String early, String late) {
        return "Two entries at the same time: " + early + " and " + late + ". Both are kept; the later one counts.";
    }

    static String dipMark(String depth) {
        return "dip mark " + depth;
    }

    static String reduce(String heat, String target) {
        return heat + " to " + target;
    }

    static String slurry(String powder, String starch, String water) {
        return "Slurry: " + powder + " " + starch + ", " + water + " cold water, in thirds";
    }

    static String isIn(String poured) {
        return poured + " of it is in";
    }

    static String andMore(String first, int more) {
        return first + " and " + more + " more";
    }

    /** What ends a jar's label; no allergens if that is empty. */
    static String keeping(String allergens, String cold, int days) {
        String use = days == 0 ? "use it today" : "use within " + days + (days == 1 ? " day" : " days");
        return (allergens.isEmpty() ? "" : ". Contains " + allergens) + ". Keep at " + cold + " or below, " + use + ".";
    }

    /** What the drawing of a pot shows; where to stop if it is known. */
    static String depth(String now, Optional<String> stop) {
        return now + " deep now" + stop.map(at -> ", stop at " + at).orElse("");
    }

    static String withoutThePot(String then) {
        return "Was it weighed without the pot? Then it is " + then + ".";
    }

    static String withThePot(String then) {
        return "Is the pot in it still? Then it is " + then + ".";
    }

    static String unlikelyWeight(String weight, String expected, String guess) {
        return "A weight of " + weight + " does not fit what came before: about " + expected + " was expected. " + guess
                + " It is not counted until you say it is right.";
    }

    static String unlikely(String reading) {
        return reading + " does not fit what came before. Is it mistyped? It is not counted until you say it is right.";
    }

    static String thicker(boolean thicker, String grades) {
        return (thicker ? "Thicker" : "Thinner") + " than thought by " + grades + " of a grade";
    }

    static String losing(String pace, boolean asThought, String before) {
        return "Losing " + pace + (asThought ? AS_EXPECTED : ", not " + before);
    }

    /** How the minutes left changed; nothing if they did not. */
    static String change(long minutes) {
        return ": " + Math.abs(minutes) + " min " + (minutes > 0 ? "longer" : "sooner");
    }

    static String depthUpTo(Length wall) {
        // The field takes millimetres.
        return "Give the depth in mm, from 0 to the pot's " + Math.round(wall.millimetres()) + " mm.";
    }

    static String labelTooLong(int most, int letters) {
        return "A label holds " + most + " letters at most; this has " + letters + ".";
    }

    static String notUnderstood(String line) {
        return "“" + line + "” is not understood: write an amount and a food, such as 100 ml water or 1 tbsp honey.";
    }

    static String lessThanThePot(String tare) {
        return "The empty pot alone weighs " + tare + ": if the pot was not on the scale, untick that it was.";
    }

    static String atTheStart(String depth) {
        return depth + " at the start";
    }

    static String drawnDeeper(String times) {
        return "depth drawn " + times + " times";
    }

    static String shouldBeAt(String target) {
        return "it should be at " + target + ": weigh it";
    }

    static String anyMoment(String target) {
        return "to " + target + " · any moment now";
    }

    static String between(String target, String range) {
        return "to " + target + " · between " + range;
    }

    static String neverAt(String target) {
        return "▲ it does not get to " + target + " as it is going";
    }

    static String offTheHeat(String target) {
        return "off the heat; aimed at " + target;
    }

    static String later(String grade) {
        return "→ " + grade;
    }

    static String looks(String now, String atTheTable) {
        return "thickness: " + now + " → at the table, " + atTheTable;
    }

    static String losing(String perMinute) {
        return "in the pot · losing " + perMinute;
    }

    static String inThePot(String between) {
        return "in the pot, " + between;
    }
}
