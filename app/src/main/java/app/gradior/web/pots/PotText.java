package app.gradior.web.pots;

import app.gradior.learning.EvaporationKnowledge;

/** What is said of pots and rings. */
final class PotText {
    static final String RING = "Choose a ring.";
    static final String WEIGHT = "Give the weight in grams as a plain number, or with its unit, such as 70 oz.";
    static final String LESS_THAN_THE_POT = "That is less than the empty pot: was the pot on the scale too?";
    static final String NO_SUCH_LOSS = "No pot loses water like that: check both weights, or begin again.";
    static final String FRONT_LEFT = "front left";
    static final String BACK_LEFT = "back left";
    static final String BACK_RIGHT = "back right";
    static final String FRONT_RIGHT = "front right";
    static final String DIP_POINT = "Give both as plain numbers, such as 1000 ml and 25 mm.";
    static final String NAME = "Give the pot a name, such as 24 cm casserole.";
    static final String NAME_TOO_LONG = "Use up to 80 letters.";
    static final String BASE = "Measure the inner width of the base, in cm.";
    static final String BASE_TOO_SMALL = "A base of under 4 cm: is it in centimetres?";
    static final String BASE_TOO_WIDE = "A base of over 100 cm: is it in centimetres?";
    static final String RIM_TOO_SMALL = "A rim of under 4 cm: is it in centimetres?";
    static final String RIM_TOO_WIDE = "A rim of over 100 cm: is it in centimetres?";
    static final String WALL_TOO_LOW = "A wall of under 1 cm: is it in centimetres?";
    static final String WALL_TOO_HIGH = "A wall of over 100 cm: is it in centimetres?";
    static final String HOLDS_TOO_LITTLE = "Under 50 ml: is it in litres?";
    static final String HOLDS_TOO_MUCH = "Over 200 l: is it in litres?";
    static final String MATERIAL = "Choose what the inside is made of.";
    static final String TARE = "Weigh the pot empty, without its lid, in g.";
    static final String TARE_TOO_LIGHT = "A pot of under 20 g: is it in grams?";
    static final String TARE_TOO_HEAVY = "A pot of over 30 kg: is it in grams?";
    static final String WALL = "Measure the height of the wall inside, or say what it holds.";
    static final String CANT_HOLD_THAT = "A pot this wide can't hold that much: check both numbers.";
    static final String NOT_TESTED = "not tested yet";
    static final String RING_NAME = "Give the ring a name, such as front left.";
    static final String RING_NAME_TOO_LONG = "Use up to 40 letters.";
    static final String RING_KIND = "Choose how it heats.";
    static final String WATTS = "Give its power in watts, as the maker states it.";
    static final String WATTS_TOO_FEW = "Under 100 W: is it in watts, not kilowatts?";
    static final String WATTS_TOO_MANY = "Over 10 kW: is it in watts?";
    static final String RING_SIZE = "Measure how wide it is, in cm.";
    static final String RING_TOO_SMALL = "Under 5 cm: is it in centimetres?";
    static final String RING_TOO_WIDE = "Over 50 cm: is it in centimetres?";
    static final String MARKS = "Write its marks, such as 1-9 or low, medium, high.";
    static final String MARKS_TOO_LONG = "Use up to 120 letters.";

    private PotText() {}

    static String tooLittleWater(String water, String min) {
        return "That would be " + water + " of water: take at least " + min + ". Was the pot on the scale too?";
    }

    static String tooMuchWater(String water) {
        return "That would be " + water + " of water, too full to boil in this pot: take less.";
    }

    static String nothingLost(String water) {
        return "That is not less than the " + water
                + " of water at the start: was the lid weighed too, or the first weight misread?";
    }

    static String impossibleDip(String why) {
        return "That can't be: " + why + ". Was it poured and read right?";
    }

    /** How many tests and batches speak of a pot. */
    static String known(long tests, long batches) {
        if (tests + batches == 0) {
            return NOT_TESTED;
        }
        return "known from " + (tests == 0 ? "" : tests + (tests == 1 ? " test" : " tests"))
                + (tests > 0 && batches > 0 ? " and " : "")
                + (batches == 0 ? "" : batches + (batches == 1 ? " batch" : " batches"));
    }

    /** That a pot boils off otherwise than before. */
    static String other(String since, double factor) {
        return "Since " + since + " it boils off " + Math.round(100 * Math.abs(factor - 1)) + " % "
                + (factor > 1 ? "faster" : "slower") + ". Is it another pot?";
    }

    /** Whether a pot is fast or slow by itself; null where that is not sure. */
    static String pace(EvaporationKnowledge.Pace pace) {
        return switch (pace) {
            case FASTER -> "It boils off faster than the other pots on the same rings.";
            case SLOWER -> "It boils off slower than the other pots on the same rings.";
            case NOT_SURE -> null;
        };
    }

    /** A test by its heat and the mark of the dial (null if none was said). */
    static String boilOff(String heat, String mark) {
        return "boil-off, " + heat + (mark == null ? "" : ", mark " + mark);
    }
}
