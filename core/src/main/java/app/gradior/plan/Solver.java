package app.gradior.plan;

import java.util.OptionalDouble;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;

/** Finds where a function that is under zero at the lower end rises through it. Bounded: it never loops on. */
final class Solver {
    private static final int MAX_EVALUATIONS = 200;

    private Solver() {}

    /** The root between the ends; empty if the function has the same sign at both. */
    static OptionalDouble rising(UnivariateFunction function, double low, double high, double accuracy) {
        double atLow = function.value(low);
        if (atLow == 0) {
            return OptionalDouble.of(low);
        }
        if (atLow > 0 || function.value(high) < 0) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(new BrentSolver(accuracy).solve(MAX_EVALUATIONS, function, low, high));
    }
}
