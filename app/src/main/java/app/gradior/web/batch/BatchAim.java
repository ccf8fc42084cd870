package app.gradior.web.batch;

import app.gradior.plan.Goal;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.quantity.Celsius;
import java.util.Optional;

/**
 * What a batch was for and how thick it was to be, as its plan had it: a pot that is to stop at a weight, or before its
 * slurry, does not know.
 */
public record BatchAim(Optional<Use> use, Celsius served, Optional<Double> low, Optional<Double> high) {
    /** Nothing said. */
    public static final BatchAim NONE =
            new BatchAim(Optional.empty(), Celsius.SERVED_WARM, Optional.empty(), Optional.empty());

    /** @param thick whether a thickness was wanted at all */
    public static BatchAim of(Optional<Use> use, Goal goal, boolean thick) {
        return new BatchAim(
                thick ? use : Optional.empty(),
                goal.served(),
                thick ? Optional.of(goal.low().value()) : Optional.empty(),
                thick ? Optional.of(goal.high().value()) : Optional.empty());
    }

    /** Of a cook that was put on before its aim was kept: what its target tells. */
    static BatchAim of(Target target) {
        if (target instanceof Target.ForUse wanted) {
            return of(Optional.of(wanted.use()), Goal.of(wanted.use(), wanted.served()), true);
        }
        return target.gradeServed()
                .map(at -> of(Optional.empty(), Goal.of(at.grade(), at.served()), true))
                .orElse(NONE);
    }
}
