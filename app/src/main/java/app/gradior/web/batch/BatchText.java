package app.gradior.web.batch;

import app.gradior.web.text.Names;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What is said of entries that a cook can’t take. */
public final class BatchText {
    static final String SENT_TWICE = "Something else was sent under the same number before: enter it again.";
    static final String AS_LONG_AS_IT_GETS =
            "This cook has as many entries as it can hold: take it off and start another.";
    static final String FINISHED = "This cook is finished: you find it in the journal.";
    static final String NOT_WITHIN_ITS_TIME =
            "That is not within the time of this cook: check the clock of this device.";
    static final String ENTRY_GONE = "That entry is not part of this cook any more.";
    static final String TAKEN_OFF_AGAIN = "It was taken off again since: undo that first.";
    static final String POT_IN_THAT_WEIGHT = " Is the pot in that weight?";

    /** What is said of thickness, from too thin to too thick, by its step. */
    public static final Map<Integer, String> STEPS = steps();

    private static Map<Integer, String> steps() {
        Map<Integer, String> steps = new LinkedHashMap<>();
        steps.put(-2, "too thin");
        steps.put(-1, "a little thin");
        steps.put(0, "right");
        steps.put(1, "a little thick");
        steps.put(2, "too thick");
        return Collections.unmodifiableMap(steps);
    }

    private BatchText() {}

    /** A verdict in a line. */
    public static String said(Verdict verdict) {
        List<String> parts = new ArrayList<>();
        parts.add(STEPS.get(verdict.thickness()) + (verdict.nextDay() ? " on the next day" : ""));
        taste(parts, "salt", verdict.salt());
        taste(parts, "sharpness", verdict.sharp());
        taste(parts, "sweetness", verdict.sweet());
        taste(parts, "heat", verdict.heat());
        if (verdict.again() != null) {
            parts.add(Names.of(verdict.again()));
        }
        return String.join(", ", parts) + (verdict.words().isEmpty() ? "" : ": “" + verdict.words() + "”");
    }

    private static void taste(List<String> parts, String what, Integer level) {
        if (level != null && level != 0) {
            parts.add((level < 0 ? "too little " : "too much ") + what);
        }
    }

    static String potTooSmall(String holds) {
        return "That pot holds " + holds + ", less than there is: take a larger one.";
    }

    static String moreThanWentIn(String weight, String wentIn) {
        return "That would be " + weight + " of sauce, more than the " + wentIn + " that went in. ";
    }

    static String otherThings(String tare) {
        return "Is the lid or the spoon on the scale too, or is it another pot than the one of " + tare + "?";
    }
}
