package app.gradior.plan;

import app.gradior.food.StarchKind;
import app.gradior.quantity.Mass;
import java.util.Optional;

/**
 * What a cook wants of a sauce.
 *
 * @param goal how thick it is to be when eaten
 * @param stop where reducing is to stop, if the cook said so in another way than by thickness: a yield, a part, a Brix
 * @param min how much there is to be at least, as a weight or a volume
 * @param starch the starch chosen; empty to have the one that suits
 * @param school how the slurry is stirred
 * @param toBeFrozen whether it has to stand freezing
 * @param slurryAt where the cook wants to stop and pour the slurry; empty to have it proposed
 */
public record PlanRequest(
        Goal goal,
        Optional<Target> stop,
        Optional<Target> min,
        Optional<StarchKind> starch,
        SlurryRatio school,
        boolean toBeFrozen,
        Optional<Mass> slurryAt) {

    /** @throws IllegalArgumentException if the least wanted is no amount */
    public PlanRequest {
        if (min.isPresent() && !(min.get() instanceof Target.Weight) && !(min.get() instanceof Target.Yield)) {
            throw new IllegalArgumentException("the least wanted is a weight or a volume but was " + min.get());
        }
    }

    /** Only a thickness, with all else as usual. */
    public static PlanRequest of(Goal goal) {
        return new PlanRequest(
                goal,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new SlurryRatio.ByWeight(2),
                false,
                Optional.empty());
    }

    /** Where reducing alone would stop. */
    public Target target() {
        return stop.orElseGet(goal::target);
    }
}
