package app.gradior.plan;

import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.physics.ChoiOkos;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Rheology;
import app.gradior.thickness.Thickness;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The trade a cook sees: the curve a sauce walks as it is reduced, and from every point of it the lift that a slurry and
 * that blending would give.
 *
 * @param steps from the start of the simmer to where it is glue or almost dry
 * @param marks the first step at which each limit is passed; those that are passed from the start or never are left out
 */
public record Board(List<Step> steps, Map<Limit, Integer> marks) {
    /** Beyond this grade it is glue, and no use has it so thick. */
    private static final double THICKEST = 7.6;

    private static final Share ALMOST_DRY = Share.of(0.03);
    private static final int ROUGH_POINTS = 40;

    /**
     * A point of the walk.
     *
     * @param minutes from the simmer, with the range that the pot's pace leaves
     * @param served the grade when eaten, with the range that the sauce's own thickness leaves
     * @param blended the grade when eaten, if it were blended
     * @param lift the slurry that would bring it to the aim; empty if none could
     */
    public record Step(Interval minutes, Snapshot at, Interval served, Grade blended, Optional<Lift> lift) {}

    /**
     * A slurry from a point of the curve to the aim.
     *
     * @param powder zero where the sauce is as thick already
     * @param yield what there is with it
     * @param volume the same at room temperature
     */
    public record Lift(Mass powder, Mass water, Mass yield, Volume volume) {}

    /** @param count how many steps, 10 to 400 */
    public static Board of(Planner planner, Goal goal, StarchKind kind, double waterPerPowder, int count) {
        Evaporation evaporation = new Evaporation(planner.conditions());
        List<Step> steps = new ArrayList<>(count);
        for (TradeOff.Point point :
                TradeOff.curve(planner.sauce(), evaporation, planner.knowledge(), end(planner, evaporation), count)) {
            steps.add(step(point, planner.knowledge(), goal, kind, waterPerPowder));
        }
        Map<Limit, Integer> marks = new EnumMap<>(Limit.class);
        for (Limit limit : Limit.values()) {
            boolean from = limit.passed(steps.get(0).at());
            for (int i = 1; i < count && !from && !marks.containsKey(limit); i++) {
                if (limit.passed(steps.get(i).at())) {
                    marks.put(limit, i);
                }
            }
        }
        return new Board(List.copyOf(steps), Map.copyOf(marks));
    }

    /** The share of water at which the curve ends. */
    private static Share end(Planner planner, Evaporation evaporation) {
        return TradeOff.curve(planner.sauce(), evaporation, planner.knowledge(), ALMOST_DRY, ROUGH_POINTS).stream()
                .filter(p -> p.at().warm().value() > THICKEST)
                .findFirst()
                .map(TradeOff.Point::waterLeft)
                .filter(left -> left.value() < 0.9)
                .orElse(ALMOST_DRY);
    }

    private static Step step(
            TradeOff.Point point, Knowledge knowledge, Goal goal, StarchKind kind, double waterPerPowder) {
        Mixture mixture = point.at().mixture();
        Rheology flow = Thickness.of(mixture, goal.served(), knowledge.thickness());
        double spread = Math.exp(Interval.Z_80 * knowledge.logSdOfThickness());
        Interval served = new Interval(
                flow.withStructureTimes(1 / spread).grade().value(),
                flow.grade().value(),
                flow.withStructureTimes(spread).grade().value());
        return new Step(
                Interval.logNormal(point.minutes(), knowledge.logSdOfK()),
                point.at(),
                served,
                Thickness.grade(mixture.blended(), goal.served(), knowledge.thickness()),
                lift(mixture, knowledge, goal, kind, waterPerPowder));
    }

    private static Optional<Lift> lift(
            Mixture mixture, Knowledge knowledge, Goal goal, StarchKind kind, double waterPerPowder) {
        OptionalDouble kilograms =
                Slurry.powderKilograms(mixture, kind, waterPerPowder, goal.aim(), goal.served(), knowledge.thickness());
        if (kilograms.isEmpty()) {
            return Optional.empty();
        }
        Slurry.Poured poured = Slurry.pour(mixture, kind, Mass.ofKilograms(kilograms.getAsDouble()), waterPerPowder);
        return Optional.of(new Lift(
                poured.powder(), poured.water(), poured.after().mass(), ChoiOkos.volume(poured.after(), Celsius.ROOM)));
    }
}
