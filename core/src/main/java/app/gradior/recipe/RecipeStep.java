package app.gradior.recipe;

import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.plan.Roux;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.sauce.Operation;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One operation that a method tells, with what goes in by it.
 *
 * @param text the clause it was read from
 * @param sentence the sentence it was read from
 * @param adds the lines that go in, in whole or in part
 * @param does what is done, for those that put nothing in
 * @param claim the minutes that the recipe gives beside what it stops at
 */
public record RecipeStep(
        String text, int sentence, Kind kind, List<Added> adds, Optional<Operation> does, Optional<Interval> claim) {
    /** What is done, as a cook would name it. */
    public enum Kind {
        SWEAT,
        FRY,
        DEGLAZE,
        ADD,
        REDUCE,
        SIMMER,
        SLURRY,
        ROUX,
        BLEND,
        STRAIN,
        SEASON,
        FINISH,
        COOL;

        /** As it stands in files. */
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        boolean putsIn() {
            return this == ADD || this == DEGLAZE || this == SLURRY || this == ROUX || this == SEASON || this == FINISH;
        }
    }

    /**
     * A line that goes in.
     *
     * @param part how much of it
     */
    public record Added(RecipeLine line, Share part) {
        public Mass mass() {
            return line.mass().times(part.value());
        }

        Mixture mixture() {
            return line.mixture().times(part.value());
        }
    }

    public RecipeStep {
        adds = List.copyOf(adds);
    }

    /** All that goes in. */
    public Mixture mixture() {
        return adds.stream().map(Added::mixture).reduce(Mixture.EMPTY, Mixture::plus);
    }

    /** The starch powder or flour that goes in to thicken. */
    public Mass starch() {
        Mixture mixture = mixture();
        Mass starch = Mass.ZERO;
        for (StarchKind kind : StarchKind.values()) {
            starch = starch.plus(mixture.powder(kind));
        }
        return starch;
    }

    /** What is done; empty for a seasoning that says no amount at all. */
    public Optional<Operation> operation() {
        if (does.isPresent() && !(does.get() instanceof Operation.Thicken)) {
            return does;
        }
        Mixture mixture = mixture();
        if (mixture.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                switch (kind) {
                    case DEGLAZE -> new Operation.Deglaze(mixture);
                    case SLURRY -> new Operation.PourSlurry(mixture);
                    case ROUX -> new Operation.Thicken(mixture, browning());
                    case SEASON -> new Operation.Season(mixture);
                    case FINISH -> new Operation.FinishOffHeat(mixture);
                    default -> new Operation.Add(mixture);
                });
    }

    /** How dark its flour is cooked, for a roux. */
    Roux.Browning browning() {
        return does.filter(Operation.Thicken.class::isInstance)
                .map(thicken -> ((Operation.Thicken) thicken).browning())
                .orElse(Roux.Browning.BLOND);
    }

    /** The same for as long as the recipe claims, instead of until it is so thick. */
    RecipeStep simmering(Interval minutes) {
        Operation.Reduce reduce = (Operation.Reduce) does.orElseThrow();
        Duration time = Duration.ofSeconds(Math.round(60 * minutes.middle()));
        return new RecipeStep(
                text,
                sentence,
                Kind.SIMMER,
                adds,
                Optional.of(new Operation.SimmerFor(time, reduce.activity(), reduce.lid())),
                Optional.empty());
    }

    RecipeStep with(Operation other) {
        return new RecipeStep(text, sentence, kind, adds, Optional.of(other), claim);
    }
}
