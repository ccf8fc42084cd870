package app.gradior.web.journal;

import app.gradior.learning.RangeKeeping;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.batch.BatchText;
import app.gradior.web.batch.Verdict;
import app.gradior.web.text.UnitFormat;
import org.springframework.stereotype.Component;

/** What is said of finished batches. */
@Component("journalText")
public final class JournalText {
    static final String NOTHING_LEARNT =
            "What was weighed at the end is not what this pot can have left in that time: a spoonful eaten, "
                    + "or a slip? Nothing was learnt from it.";
    static final String AS_FAST_AS_USUAL = "This pot boiled off as fast as usual";

    static final String DAY = "Give a day such as 2026-11-24.";
    static final String DAYS_REVERSED = "The last day is before the first: change one of them.";
    static final String THICKNESS_FIRST = "Say first how thick it was: one of the five.";

    static final String NOT_SAID = "not said";
    static final String NEXT = "next";

    private JournalText() {}

    /** A verdict in a line. */
    public static String said(Verdict verdict) {
        return BatchText.said(verdict);
    }

    /** What is said of thickness, by its step. */
    public static String step(int step) {
        return BatchText.STEPS.get(step);
    }

    /** Of which version a batch is and in what it was made. */
    static String made(BatchSummary batch) {
        return "version " + batch.sauceVersion() + ", " + batch.potName();
    }

    static String thickness(BatchSummary batch, UnitFormat say) {
        return say.number(batch.servedGrade().orElseThrow(), 1)
                + (batch.wantedLow() == null
                        ? ""
                        : ", wanted " + say.number(batch.wantedLow(), 1) + "–" + say.number(batch.wantedHigh(), 1));
    }

    static String minutes(BatchSummary batch, UnitFormat say) {
        return say.minutes(batch.tookMinutes())
                + batch.forecast().map(range -> ", forecast " + say.span(range)).orElse("");
    }

    static String left(BatchSummary batch, UnitFormat say) {
        return (batch.yieldGrams() == null ? "–" : say.grams(batch.yieldGrams()))
                + (batch.leftLow() == null
                        ? ""
                        : ", forecast " + say.about(batch.leftLow()) + " to " + say.about(batch.leftHigh()));
    }

    /** At the foot of a drawing, where there is little room. */
    static String leftOfVersion(BatchSummary batch, UnitFormat say) {
        return (batch.yieldGrams() == null ? "" : say.grams(batch.yieldGrams()) + " · ") + "v" + batch.sauceVersion();
    }

    static String stopAt(String grams) {
        return "stop at " + grams;
    }

    static String version(int before, int last) {
        return "version " + last + " instead of " + before;
    }

    static String pot(String before, String last) {
        return "the " + last + " instead of the " + before;
    }

    static String heat(String before, String last) {
        return last + " instead of " + before;
    }

    static String yield(String grams, boolean less) {
        return grams + (less ? " less" : " more") + " was left";
    }

    /** What the last batches had in common; empty if nothing. */
    static String lately(long thick, long thin, int of, boolean cold) {
        long more = Math.max(thick, thin);
        if (more * 2 <= of) {
            return "";
        }
        return (more == of && of == 1 ? "the last one was " : more + " of the last " + of + " were ")
                + (thick > thin ? "thicker" : "thinner")
                + (cold ? " from the fridge" : "")
                + " than you wanted";
    }

    static String ring(String last) {
        return "on the ring " + last;
    }

    static String altitude(String before, String last) {
        return "cooked at " + last + " instead of " + before + ", where water boils at another heat";
    }

    /** @param instead of what was left last time; empty if that does not compare */
    static String stopAt(String grams, String instead, String why) {
        return "Stop at " + grams + (instead.isEmpty() ? " next time" : " instead of " + instead)
                + (why.isEmpty() ? "." : ": " + why + ".");
    }

    static String longer(String minutes, boolean longer) {
        return "That takes about " + minutes + (longer ? " more." : " less.");
    }

    static String salt(String grams, boolean less, boolean reduced, boolean said) {
        String why = less ? "it is reduced further" : "it is reduced less";
        String taste = "so you said of the last ones";
        return "About " + grams + (less ? " less" : " more") + " salt: "
                + (reduced && said ? why + ", and " + taste : said ? taste : why) + ".";
    }

    static String less(String what, boolean less) {
        return (less ? "Less " : "More ") + what + ": so you said of the last ones.";
    }

    /** How many ranges held, and what follows of it. */
    static String held(RangeKeeping kept) {
        if (kept.given() == 0) {
            return "None was given yet that a reading could test.";
        }
        double by = kept.widening();
        String follows = Math.abs(by - 1) < 0.05
                ? "That is as it should be, and the next ones are as wide."
                : by > 1
                        ? "That is too few: the next ones are " + Math.round(100 * (by - 1)) + " % wider."
                        : "That is more than promised: the next ones are " + Math.round(100 * (1 - by))
                                + " % narrower.";
        return kept.held() + " of " + kept.given() + " held. Four of five should. "
                + (kept.given() < 5 ? "So few tell little yet." : follows);
    }

    /** How many ranges of what is left held; the next ones follow from how sure thickness is. */
    static String left(RangeKeeping kept) {
        return kept.given() == 0
                ? "None was given yet that a weight could test."
                : kept.held() + " of " + kept.given() + " held. Four of five should.";
    }

    /** That a pot boils off otherwise than before. */
    public static String otherPot(String pot, String since, double factor) {
        return "Since " + since + " the " + pot + " boils off " + Math.round(100 * Math.abs(factor - 1)) + " % "
                + (factor > 1 ? "faster" : "slower") + ". Is it another pot?";
    }

    /** How fast a batch's pot boiled off, by its factor k on the model's loss. */
    static String pace(double k) {
        return Math.abs(k - 1) < 0.06
                ? AS_FAST_AS_USUAL
                : "This pot boils off " + Math.round(Math.abs(k - 1) * 100) + " % " + (k < 1 ? "slower" : "faster")
                        + " than usual";
    }

    static String lesson(String pace, boolean within) {
        return pace + "; the time was " + (within ? "within" : "outside") + " the forecast's range.";
    }
}
