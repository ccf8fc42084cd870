package app.gradior.evening;

import app.gradior.food.Allergen;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.measure.ReadLine;
import app.gradior.plan.Board;
import app.gradior.plan.Caution;
import app.gradior.plan.Route;
import app.gradior.plan.Routes;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.sauce.Operation;
import app.gradior.sauce.StagedSauce;
import app.gradior.sauce.WrittenSauce;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The tasks of a sauce: what its lines want cut, its stages, the way it is thickened by its plan, and how it may wait.
 */
public final class SauceTasks {
    private static final Interval ONE = new Interval(0.7, 1, 1.6);
    private static final Interval SLURRY = new Interval(2.5, 3, 4);
    private static final Interval BLENDING = new Interval(2, 3, 5);
    private static final Interval STRAINING = new Interval(3, 4, 7);
    private static final Interval COOLING = new Interval(30, 45, 70);
    private static final Interval REHEATING = new Interval(5, 7, 10);

    /** Once around with the spoon; minutes. */
    private static final double A_STIR = 0.4;

    private static final double STIR_SWEATING = 2;
    private static final double STIR_THIN = 8;
    private static final double STIR_THICKENING = 1;

    /** A clock is kept to within this part of a time that a step states. */
    private static final double BY_THE_CLOCK = 0.05;

    /** The last part of a reduction, in which it thickens and is looked at more often. */
    private static final double LAST_PART = 1 / 3.0;

    /** Between stages a pot may stand for so many minutes. */
    private static final double STANDS = 3;

    /** Cut foods stand ready for so long. */
    private static final double PREPARED = 90;

    private static final double STARCHED = 0.01;

    /** Under this a sauce is eaten cold: it waits in the fridge. */
    private static final Celsius COLD = Celsius.of(25);

    private SauceTasks() {}

    /** A sauce as it is cooked that evening: its tasks, and how it may wait. */
    public record Cooked(List<Task> tasks, Waiting waiting) {}

    /**
     * Cooked from the start.
     *
     * @param foods what its lines bring
     * @param made the sauce as its stages make it
     * @param routes the ways to thicken it, and the one taken
     * @param heatUp from the cold pot to the simmer
     * @param served how warm it is eaten
     * @param pace of handwork against the usual: 1.5 is half as long again
     */
    public static Cooked of(
            List<ReadLine.Understood> foods,
            WrittenSauce.Made made,
            Routes routes,
            Route route,
            Optional<Duration> heatUp,
            Celsius served,
            double pace) {
        Route.Outcome outcome = route.outcome().orElseThrow();
        List<Task> tasks = new ArrayList<>();
        tasks.add(hands(TaskKind.GATHER, Preparation.gathering(foods, pace), true, 0));
        Interval cutting = Preparation.of(foods, pace);
        if (cutting.middle() > 0) {
            tasks.add(hands(TaskKind.PREPARE, cutting, true, PREPARED));
        }
        Optional<WrittenSauce.FinalReduction> last = made.finalReduction();
        boolean hot = false;
        boolean thickened = false;
        for (WrittenSauce.Outcome stage : made.outcomes()) {
            for (StagedSauce.Result result : stage.results()) {
                Operation operation = result.operation();
                boolean boils = operation instanceof Operation.Reduce || operation instanceof Operation.SimmerFor;
                if (boils && !hot) {
                    heat(tasks, heatUp);
                    hot = true;
                }
                if (last.isPresent() && operation == last.get().reduce()) {
                    thicken(tasks, routes, route, outcome);
                    thickened = true;
                } else {
                    operation(result).ifPresent(tasks::addAll);
                }
            }
        }
        if (!thickened) {
            if (!hot) {
                heat(tasks, heatUp);
            }
            thicken(tasks, routes, route, outcome);
        }
        return new Cooked(List.copyOf(tasks), waiting(outcome.end(), route, served));
    }

    /** Made ahead: warmed up, with some of the liquid it lost to standing. */
    public static Cooked reheated(Mixture end, Route route, Celsius served) {
        if (served.compareTo(COLD) < 0) {
            return new Cooked(List.of(hands(TaskKind.FINISH, ONE, true, 0)), Waiting.ANY_TIME);
        }
        return new Cooked(
                List.of(onRing(TaskKind.REHEAT, REHEATING, new Hands.Attended(A_STIR, STIR_SWEATING), 0)),
                waiting(end, route, served));
    }

    private static void heat(List<Task> tasks, Optional<Duration> heatUp) {
        double minutes = heatUp.map(time -> time.toMillis() / 60_000.0).orElse(0.0);
        if (minutes > 0.5) {
            tasks.add(onRing(
                    TaskKind.HEAT, range(minutes, 0.85, 1.2), new Hands.Attended(A_STIR, STIR_THIN), gap(tasks)));
        }
    }

    private static Interval range(double minutes, double low, double high) {
        return new Interval(low * minutes, minutes, high * minutes);
    }

    /** Before the first task on the ring what is cut may stand; behind it a pot does not stand long. */
    private static double gap(List<Task> tasks) {
        return tasks.stream().anyMatch(task -> task.station().onRing()) ? STANDS : PREPARED;
    }

    private static Task hands(TaskKind kind, Interval minutes, boolean interruptible, double maxGap) {
        return new Task(kind, "", List.of(minutes), Station.NONE, new Hands.Active(interruptible), 0, maxGap);
    }

    private static Task onRing(TaskKind kind, Interval minutes, Hands hands, double maxGap) {
        return new Task(kind, "", List.of(minutes), Station.RING, hands, 0, maxGap);
    }

    /** What a stage's operation is as tasks; empty if it is done in passing. */
    private static Optional<List<Task>> operation(StagedSauce.Result result) {
        Operation operation = result.operation();
        Interval minutes = result.minutes();
        if (operation instanceof Operation.Sweat) {
            return some(onRing(TaskKind.SWEAT, minutes, new Hands.Attended(A_STIR, STIR_SWEATING), PREPARED));
        }
        if (operation instanceof Operation.Fry) {
            return some(onRing(TaskKind.FRY, minutes, new Hands.Attended(A_STIR, STIR_THICKENING), PREPARED));
        }
        if (operation instanceof Operation.Reduce) {
            return some(onRing(TaskKind.REDUCE, minutes, new Hands.Attended(A_STIR, STIR_THIN), STANDS));
        }
        if (operation instanceof Operation.SimmerFor && minutes.middle() > 0) {
            return some(onRing(
                    TaskKind.SIMMER,
                    range(minutes.middle(), 1 - BY_THE_CLOCK, 1 + BY_THE_CLOCK),
                    new Hands.Attended(A_STIR, STIR_THIN),
                    STANDS));
        }
        if (operation instanceof Operation.PourSlurry || operation instanceof Operation.Thicken) {
            return some(onRing(TaskKind.THICKEN, SLURRY, new Hands.Attended(A_STIR, STIR_THICKENING), STANDS));
        }
        if (operation instanceof Operation.Blend) {
            return some(hands(TaskKind.BLEND, BLENDING, false, STANDS));
        }
        if (operation instanceof Operation.Strain || operation instanceof Operation.StrainLeaving) {
            return some(hands(TaskKind.STRAIN, STRAINING, false, STANDS));
        }
        if (operation instanceof Operation.FinishOffHeat || operation instanceof Operation.Season) {
            return some(hands(TaskKind.FINISH, ONE, false, STANDS));
        }
        return operation instanceof Operation.Cool
                ? some(new Task(TaskKind.REST, "", List.of(COOLING), Station.NONE, Hands.NONE, 0, STANDS))
                : Optional.empty();
    }

    private static Optional<List<Task>> some(Task task) {
        return task.minutes(0).middle() > 0 ? Optional.of(List.of(task)) : Optional.empty();
    }

    /** What the plan does to bring it to its thickness. */
    private static void thicken(List<Task> tasks, Routes routes, Route route, Route.Outcome outcome) {
        if (route.kind() == Route.Kind.BLEND) {
            tasks.add(hands(TaskKind.BLEND, BLENDING, false, gap(tasks)));
        }
        Interval minutes = outcome.minutes();
        if (minutes.middle() >= 1) {
            int thin = stirring(routes, outcome.stop().mass(), 1 - LAST_PART);
            int thick = Caution.stirEveryMinutes(outcome.stop());
            if (thick < thin && minutes.middle() >= 9) {
                tasks.add(onRing(
                        TaskKind.REDUCE, minutes.times(1 - LAST_PART), new Hands.Attended(A_STIR, thin), gap(tasks)));
                tasks.add(onRing(TaskKind.REDUCE, minutes.times(LAST_PART), new Hands.Attended(A_STIR, thick), 0));
            } else {
                tasks.add(onRing(TaskKind.REDUCE, minutes, new Hands.Attended(A_STIR, thick), gap(tasks)));
            }
        }
        if (outcome.slurry().isPresent()) {
            tasks.add(hands(TaskKind.PREPARE, ONE, true, STANDS));
            tasks.add(onRing(TaskKind.THICKEN, SLURRY, new Hands.Attended(A_STIR, STIR_THICKENING), STANDS));
        }
    }

    /** How often it is stirred when so much of the way to a weight is gone, in minutes. */
    private static int stirring(Routes routes, Mass stop, double part) {
        List<Board.Step> way = routes.board().steps().stream()
                .filter(step -> step.at().mass().compareTo(stop) >= 0)
                .toList();
        return way.isEmpty()
                ? (int) STIR_THIN
                : Caution.stirEveryMinutes(way.get((int) Math.min(way.size() - 1.0, part * way.size()))
                        .at());
    }

    private static Waiting waiting(Mixture end, Route route, Celsius served) {
        if (served.compareTo(COLD) < 0) {
            return Waiting.ANY_TIME;
        }
        if (end.allergens().contains(Allergen.EGG)) {
            return Waiting.EGG;
        }
        if (end.allergens().contains(Allergen.MILK)) {
            return Waiting.CREAM;
        }
        if (route.outcome().filter(o -> o.slurry().isPresent()).isPresent()
                || end.share(Component.STARCH).value() > STARCHED) {
            return Waiting.STARCH;
        }
        return route.outcome().filter(o -> o.minutes().middle() >= 10).isPresent()
                ? Waiting.REDUCED
                : Waiting.PAN_SAUCE;
    }
}
