package app.gradior.plan;

import app.gradior.food.StarchKind;
import app.gradior.quantity.Mass;
import java.util.Optional;

/**
 * What a cook wants of a sauce.
 *
 * @param goal how thick it is to be when eaten
 * @param stop where reducing is to stop, if the cook said so in another way than by thickness: a yield, a part, a Brix
 * @param least how much there is to be at least, as a weight or a volume
 * @param starch the starch chosen; empty to have the one that suits
 * @param school how the slurry is stirred
 * @param toBeFrozen whether it has to stand freezing
 * @param slurryAt where the cook wants to stop and pour the slurry; empty to have it proposed
 */
public record Wish(
        Goal goal,
        Optional<Target> stop,
        Optional<Target> least,
        Optional<StarchKind> starch,
        SlurrySchool school,
        boolean toBeFrozen,
        Optional<Mass> slurryAt) {

    /** @throws IllegalArgumentException if the least wanted is no amount */
    public Wish {
        if (least.isPresent() && !(least.get() instanceof Target.Weight) && !(least.get() instanceof Target.Yield)) {
            throw new IllegalArgumentException("the least wanted is a weight or a volume but was " + least.get());
        }
    }

    /** Only a thickness, with all else as usual. */
    public static Wish of(Goal goal) {
        return new Wish(
                goal,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new SlurrySchool.ByWeight(2),
                false,
                Optional.empty());
    }

    /** Where reducing alone would stop. */
    public Target target() {
        return stop.orElseGet(goal::target);
    }
}
