package app.gradior.sauce;

/** Why a clause of a step can't be computed with as it stands. */
public sealed interface StepProblem {
    /** What is to be said of its kind. */
    <R> R match(Cases<R> cases);

    /** One answer for each kind: what has none for a new kind does not compile. */
    interface Cases<R> {
        R plain(Plain problem);

        R numberOfNothing(NumberOfNothing problem);

        R notAllUnderstood(NotAllUnderstood problem);

        R nothingGoesIn(NothingGoesIn problem);
    }

    /** Those that are about the clause as a whole. */
    enum Plain implements StepProblem {
        FOR_HOW_LONG,
        HOW_FAR,
        WHAT_IS_TO_BE_LEFT,
        MORE_THAN_A_POT_HOLDS,
        NO_SUCH_GRADE,
        NO_SUCH_PART;

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.plain(this);
        }
    }

    /** @param number that is no time, no temperature and no amount */
    record NumberOfNothing(String number) implements StepProblem {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.numberOfNothing(this);
        }
    }

    /** @param words from the first amount on, of which not all went anywhere */
    record NotAllUnderstood(String words) implements StepProblem {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.notAllUnderstood(this);
        }
    }

    /** @param food that the step names and nothing brings */
    record NothingGoesIn(String food) implements StepProblem {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.nothingGoesIn(this);
        }
    }
}
