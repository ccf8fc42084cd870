package app.gradior.quick;

import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.plan.Goal;
import app.gradior.plan.Knowledge;
import app.gradior.plan.OutOfReach;
import app.gradior.plan.Planner;
import app.gradior.plan.Slurry;
import app.gradior.plan.SlurryRatio;
import app.gradior.plan.StarchChoice;
import app.gradior.plan.Target;
import app.gradior.plan.ThinBack;
import app.gradior.pot.Conditions;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Grade;
import app.gradior.thickness.SpoonCoat;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/**
 * What to do to a sauce that is too thick or too thin, told by what it looks like on a spoon in the pan. The ranges are those
 * of an eye that reads a spoon: {@link SpoonCoat#SD_GRADES}.
 *
 * @param sauce what is in the pan, as thick as it looks
 * @param byStarch whether it had to be taken as thickened by starch
 * @param now its grade when eaten
 * @param water grams of water to stir in, if it is too thick
 * @param powder grams of starch to stir in, if it is too thin
 * @param starch the starch that suits it
 * @param boil minutes of boiling down instead, if that leads there
 */
public record Adjustment(
        Mixture sauce,
        boolean byStarch,
        Grade now,
        Optional<Interval> water,
        Optional<Interval> powder,
        StarchChoice starch,
        Optional<Interval> boil) {

    /** How a sauce came to be as thick as it is. */
    public enum ThickenedBy {
        BOILING,
        STARCH;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static final Celsius HOT = Celsius.of(95);

    private static final SlurryRatio SLURRY = new SlurryRatio.BySpoons(2);

    /**
     * What a sauce needs.
     *
     * @param liquid what it was made of, any amount
     * @param mass how much of it there is now
     * @param by how it was thickened; what boiling never makes so thick counts as thickened by starch
     * @param look how it looks on a spoon, hot
     */
    public static Adjustment of(
            Mixture liquid, Mass mass, ThickenedBy by, SpoonCoat look, Conditions conditions, Goal goal) {
        Optional<Mixture> boiled = by == ThickenedBy.BOILING
                ? boiledTo(liquid, look.grade(), conditions).map(m -> scaled(m, mass))
                : Optional.empty();
        boolean byStarch = boiled.isEmpty();
        Function<Grade, Mixture> asThickAs = byStarch
                ? grade -> scaled(thickenedTo(liquid, grade), mass)
                : grade -> boiledTo(liquid, grade, conditions)
                        .map(m -> scaled(m, mass))
                        .orElse(boiled.get());
        Mixture sauce = asThickAs.apply(look.grade());
        Mixture thinner = asThickAs.apply(Grade.of(look.grade().value() - Interval.Z_80 * SpoonCoat.SD_GRADES));
        Mixture thicker = asThickAs.apply(Grade.of(look.grade().value() + Interval.Z_80 * SpoonCoat.SD_GRADES));
        Grade now = Thickness.grade(sauce, goal.served(), ThicknessFactor.ONE);
        StarchChoice starch = StarchChoice.of(sauce, false);
        boolean tooThick = now.compareTo(goal.high()) > 0;
        boolean tooThin = now.compareTo(goal.low()) < 0;
        return new Adjustment(
                sauce,
                byStarch,
                now,
                tooThick ? between(m -> water(m, goal), thinner, sauce, thicker) : Optional.empty(),
                tooThin ? between(m -> powder(m, starch.kind(), goal), thicker, sauce, thinner) : Optional.empty(),
                starch,
                tooThin ? between(m -> boil(m, conditions, goal), thicker, sauce, thinner) : Optional.empty());
    }

    /** As little as the one end of what it may be needs, and as much as the other. */
    private static Optional<Interval> between(
            Function<Mixture, OptionalDouble> needs, Mixture least, Mixture middle, Mixture most) {
        OptionalDouble so = needs.apply(middle);
        if (so.isEmpty()) {
            return Optional.empty();
        }
        double value = so.getAsDouble();
        return Optional.of(new Interval(
                Math.min(value, needs.apply(least).orElse(0)),
                value,
                Math.max(value, needs.apply(most).orElse(value))));
    }

    private static Mixture scaled(Mixture mixture, Mass mass) {
        return mixture.times(mass.kilograms() / mixture.mass().kilograms());
    }

    /** Boiled down to a grade, or let down with water to it where it is thicker as it comes. */
    private static Optional<Mixture> boiledTo(Mixture liquid, Grade hot, Conditions conditions) {
        Planner.Outcome outcome =
                new Planner(liquid, conditions, Knowledge.NONE).reduceTo(new Target.AtStoveGrade(hot));
        if (outcome instanceof Planner.Outcome.Reached reached) {
            return Optional.of(reached.plan().at().mixture());
        }
        return ((Planner.Outcome.Missed) outcome).why() instanceof OutOfReach.ThickerAlready
                ? ThinBack.water(liquid, hot, HOT, ThicknessFactor.ONE).map(ThinBack::after)
                : Optional.empty();
    }

    private static Mixture thickenedTo(Mixture liquid, Grade hot) {
        StarchKind kind = StarchChoice.of(liquid, false).kind();
        Slurry.Answer answer =
                Slurry.forGrade(liquid, kind, SLURRY.waterPerPowder(kind), hot, HOT, ThicknessFactor.ONE);
        if (answer instanceof Slurry.Answer.Found found) {
            return found.slurry().after();
        }
        return answer instanceof Slurry.Answer.NotEnough most ? most.nearest().after() : liquid;
    }

    private static OptionalDouble water(Mixture sauce, Goal goal) {
        return ThinBack.with(
                        IngredientTable.shipped().get("water").of(Mass.ofGrams(100)),
                        sauce,
                        goal.aim(),
                        goal.served(),
                        ThicknessFactor.ONE)
                .found()
                .map(back -> OptionalDouble.of(back.liquid().grams()))
                .orElse(OptionalDouble.empty());
    }

    private static OptionalDouble powder(Mixture sauce, StarchKind kind, Goal goal) {
        OptionalDouble kilograms = Slurry.powderKilograms(
                sauce, kind, SLURRY.waterPerPowder(kind), goal.aim(), goal.served(), ThicknessFactor.ONE);
        return kilograms.isPresent() ? OptionalDouble.of(1000 * kilograms.getAsDouble()) : kilograms;
    }

    private static OptionalDouble boil(Mixture sauce, Conditions conditions, Goal goal) {
        return new Planner(sauce, conditions, Knowledge.NONE).reduceTo(goal.target())
                        instanceof Planner.Outcome.Reached reached
                ? OptionalDouble.of(reached.plan().minutes().middle())
                : OptionalDouble.empty();
    }

    /** The cold water that goes with so much of the starch, in g. */
    public double waterWith(double powderGrams) {
        return powderGrams * SLURRY.waterPerPowder(starch.kind());
    }
}
