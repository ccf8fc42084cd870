package app.gradior.sauce;

import app.gradior.measure.ReadLine;
import java.util.List;

/** A clause of a step as it was read. */
public sealed interface StepClause {
    /** How something goes in. */
    enum Way {
        ADD,
        DEGLAZE,
        SLURRY,
        ROUX,
        BROWN_ROUX,
        DARK_ROUX,
        KNEADED,
        SEASON,
        FINISH
    }

    /**
     * Something goes in: what the clause names, and the foods listed under the step.
     *
     * @param named what the clause itself names
     */
    record GoesIn(Way way, List<ReadLine.Understood> named) implements StepClause {}

    /** Something is done to what is in the pot. */
    record Does(Operation operation) implements StepClause {}

    /** Words that change nothing in the pot. */
    record Said(String words) implements StepClause {}

    /** Words that can't be computed with as they stand. */
    record UnreadableStep(String words, StepProblem problem) implements StepClause {}
}
