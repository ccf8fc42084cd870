package app.gradior.web.journal;

/** What is said of finished batches. */
final class JournalText {
    static final String NOTHING_LEARNT =
            "What was weighed at the end is not what this pot can have left in that time: a spoonful eaten, "
                    + "or a slip? Nothing was learnt from it.";
    static final String AS_FAST_AS_USUAL = "This pot boiled off as fast as usual";

    private JournalText() {}

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
