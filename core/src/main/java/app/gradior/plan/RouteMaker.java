package app.gradior.plan;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.plan.Route.Kind;
import app.gradior.plan.Route.Outcome;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Makes the routes of a plan: what each comes to, and where its slurry is poured. */
final class RouteMaker {
    private static final int STEPS = 110;

    /** Without another reason to stop, a slurry is poured when this part of the time of reducing has passed. */
    private static final double PART_OF_TIME = 0.6;

    /** What blending has to gain to be worth a route of its own: half of what a mouth notices. */
    private static final double BLEND_WORTH_SHOWING = 0.25;

    /** Hands at the pot for one stirring, for a slurry, for blending and rinsing; minutes, as cooks compute. */
    private static final double STIRRING_MINUTES = 0.4;

    private static final double SLURRY_MINUTES = 4;

    private static final double BLEND_MINUTES = 3;

    private final Planner planner;
    private final PlanRequest request;
    private final Goal goal;
    private final Evaporation evaporation;
    private final ThicknessFactor thickness;
    private final StarchChoice starch;
    private final double waterPerPowder;
    private final Board board;

    RouteMaker(Planner planner, PlanRequest request) {
        this.planner = planner;
        this.request = request;
        this.goal = request.goal();
        this.evaporation = new Evaporation(planner.conditions());
        this.thickness = planner.knowledge().thickness();
        StarchChoice suits = StarchChoice.of(planner.sauce(), request.toBeFrozen());
        this.starch =
                request.starch().map(k -> new StarchChoice(k, suits.reason())).orElse(suits);
        this.waterPerPowder = request.school().waterPerPowder(starch.kind());
        this.board = Board.of(planner, goal, starch.kind(), waterPerPowder, STEPS);
    }

    Routes routes() {
        List<Route> routes = new ArrayList<>();
        Route reduce = reduce(Kind.REDUCE, planner);
        routes.add(reduce);
        routes.add(slurryFrom(Kind.REDUCE_THEN_SLURRY, slurryStep(reduce)));
        routes.add(slurryFrom(Kind.SLURRY, board.steps().get(0)));
        if (blendGain() > BLEND_WORTH_SHOWING) {
            routes.add(reduce(
                    Kind.BLEND, new Planner(planner.sauce().blended(), planner.conditions(), planner.knowledge())));
        }
        return new Routes(
                board,
                starch,
                List.copyOf(routes),
                Suggestion.of(request, board, routes, rightAlready(), blendGain()),
                nearest(reduce));
    }

    private double blendGain() {
        Board.Step start = board.steps().get(0);
        return start.blended().value() - start.served().middle();
    }

    private Route reduce(Kind kind, Planner by) {
        Planner.Outcome outcome = by.reduceTo(request.target());
        if (kind == Kind.REDUCE && rightAlready()) {
            return new Route(kind, Optional.of(asItIs()), Optional.empty());
        }
        if (outcome instanceof Planner.Outcome.Missed missed) {
            return new Route(kind, Optional.empty(), Optional.of(missed.why()));
        }
        Plan plan = ((Planner.Outcome.Reached) outcome).plan();
        double hands = stirring(plan.at().mass()) + (kind == Kind.BLEND ? BLEND_MINUTES : 0);
        return new Route(
                kind,
                Optional.of(outcome(
                        plan.at(),
                        plan.at().mixture(),
                        plan.minutes(),
                        hands,
                        plan.yieldGrams(),
                        Optional.empty(),
                        plan.cautions())),
                Optional.empty());
    }

    /** Whether it suits as soon as it simmers, though it is over the middle of what suits. */
    private boolean rightAlready() {
        double served = board.steps().get(0).served().middle();
        return request.stop().isEmpty()
                && served >= goal.aim().value()
                && served <= goal.high().value();
    }

    private Outcome asItIs() {
        Board.Step start = board.steps().get(0);
        double grams = start.at().mass().grams();
        return outcome(
                start.at(),
                start.at().mixture(),
                start.minutes(),
                0,
                new Interval(grams, grams, grams),
                Optional.empty(),
                Caution.of(
                        start.at(),
                        start.at(),
                        planner.conditions(),
                        evaporation.pace(start.at().mixture(), thickness).limitedByPower()));
    }

    private Route slurryFrom(Kind kind, Board.Step from) {
        Mixture mixture = from.at().mixture();
        Slurry.Answer answer =
                Slurry.forGrade(mixture, starch.kind(), waterPerPowder, goal.aim(), goal.served(), thickness);
        if (!(answer instanceof Slurry.Answer.Found found)) {
            OutOfReach why = answer instanceof Slurry.Answer.NotEnough max
                    ? new OutOfReach.NeverSoThick(
                            max.reached(), max.nearest().after().mass())
                    : new OutOfReach.ThickerAlready(
                            ((Slurry.Answer.NoneNeeded) answer).now(),
                            ThinBack.water(mixture, goal.aim(), goal.served(), thickness)
                                    .map(ThinBack::liquid));
            return new Route(kind, Optional.empty(), Optional.of(why));
        }
        Slurry slurry = found.slurry();
        double grams = slurry.after().mass().grams();
        Snapshot begin = board.steps().get(0).at();
        boolean limited = evaporation.pace(begin.mixture(), thickness).limitedByPower();
        return new Route(
                kind,
                Optional.of(outcome(
                        from.at(),
                        slurry.after(),
                        from.minutes(),
                        stirring(from.at().mass()) + SLURRY_MINUTES,
                        new Interval(grams, grams, grams),
                        Optional.of(slurry),
                        Caution.of(begin, from.at(), planner.conditions(), limited))),
                Optional.empty());
    }

    private Outcome outcome(
            Snapshot stop,
            Mixture end,
            Interval minutes,
            double handsOn,
            Interval yieldGrams,
            Optional<Slurry> slurry,
            Set<Caution> cautions) {
        var served = Thickness.grade(end, goal.served(), thickness);
        double strength = planner.sauce().mass().kilograms() / end.mass().kilograms();
        return new Outcome(
                stop,
                end,
                served,
                minutes,
                handsOn,
                yieldGrams,
                ChoiOkos.volume(end, Celsius.ROOM),
                slurry,
                slurry.flatMap(
                        s -> Roux.forGrade(stop.mixture(), Roux.Browning.BLOND, goal.aim(), goal.served(), thickness)
                                .found()),
                slurry.map(s -> powderRange(stop.mixture(), s)),
                enough(end),
                goal.suits(served),
                strength,
                StoveWork.of(planner.sauce(), stop.mixture(), evaporation),
                cautions,
                Route.Remark.of(end, strength, slurry, request.toBeFrozen()));
    }

    /** The powder if the sauce thickens a little more or less than thought. */
    private Interval powderRange(Mixture from, Slurry slurry) {
        double middle = slurry.powder().grams();
        double sd = Interval.Z_80 * planner.knowledge().logSdOfThickness();
        double ln = Math.log(thickness.value());
        return new Interval(
                Math.min(middle, powder(from, ThicknessFactor.ofLogarithm(ln + sd), middle)),
                middle,
                Math.max(middle, powder(from, ThicknessFactor.ofLogarithm(ln - sd), middle)));
    }

    private double powder(Mixture from, ThicknessFactor factor, double otherwise) {
        var kilograms = Slurry.powderKilograms(from, starch.kind(), waterPerPowder, goal.aim(), goal.served(), factor);
        return kilograms.isPresent() ? 1000 * kilograms.getAsDouble() : otherwise;
    }

    private boolean enough(Mixture end) {
        return request.min()
                .map(min -> min.shortfall(end, evaporation, thickness).applyAsDouble(end) >= -1e-6)
                .orElse(true);
    }

    /** Hands wanted for stirring on the way down to a weight: more often as it thickens. */
    private double stirring(Mass to) {
        double stirs = 0;
        double before = 0;
        for (Board.Step step : board.steps()) {
            if (step.at().mass().compareTo(to) < 0
                    || !Double.isFinite(step.minutes().middle())) {
                break;
            }
            stirs += (step.minutes().middle() - before) / Caution.stirEveryMinutes(step.at());
            before = step.minutes().middle();
        }
        return stirs * STIRRING_MINUTES;
    }

    /**
     * Where to stop and pour: where the cook says; else as far down as the yield wanted and the salt allow and, where
     * neither decides, after a part of the time that reducing alone would take.
     */
    private Board.Step slurryStep(Route reduce) {
        List<Board.Step> steps = board.steps();
        Optional<Mass> said = request.slurryAt()
                .or(() -> request.stop()
                        .flatMap(s -> reduce.outcome().map(o -> o.stop().mass())));
        if (said.isPresent()) {
            return nearestStep(said.get());
        }
        double max =
                reduce.outcome().map(o -> o.minutes().middle() * PART_OF_TIME).orElse(Suggestion.LONG_MINUTES / 2);
        boolean yieldDecides = request.min().isPresent();
        Board.Step best = steps.get(0);
        for (Board.Step step : steps) {
            boolean onTheWay = step.served().middle() < goal.aim().value();
            boolean soonEnough = yieldDecides || step.minutes().middle() <= max;
            if (!onTheWay || !soonEnough || tooMuch(step) || !leavesEnough(step)) {
                break;
            }
            best = step;
        }
        return best;
    }

    private Board.Step nearestStep(Mass mass) {
        Board.Step nearest = board.steps().get(0);
        for (Board.Step step : board.steps()) {
            if (Math.abs(step.at().mass().grams() - mass.grams())
                    < Math.abs(nearest.at().mass().grams() - mass.grams())) {
                nearest = step;
            }
        }
        return nearest;
    }

    private static boolean tooMuch(Board.Step step) {
        return Limit.SALT.passed(step.at()) || Limit.ACID.passed(step.at());
    }

    private boolean leavesEnough(Board.Step step) {
        return request.min().isEmpty()
                || step.lift()
                        .map(lift ->
                                enough(Slurry.pour(step.at().mixture(), starch.kind(), lift.powder(), waterPerPowder)
                                        .after()))
                        .orElse(false);
    }

    /** Where reducing can't give both: the last step that leaves enough, and the first that is thick enough. */
    private Optional<Routes.Nearest> nearest(Route reduce) {
        boolean both = reduce.outcome().map(o -> o.enough() && o.suits()).orElse(false);
        if (both || request.min().isEmpty() || !enough(board.steps().get(0).at().mixture())) {
            return Optional.empty();
        }
        Board.Step atYield = board.steps().get(0);
        for (Board.Step step : board.steps()) {
            if (enough(step.at().mixture())) {
                atYield = step;
            }
        }
        Optional<Board.Step> thin = board.steps().stream()
                .filter(s -> s.served().middle() >= goal.low().value())
                .findFirst();
        return Optional.of(new Routes.Nearest(atYield, thin));
    }
}
