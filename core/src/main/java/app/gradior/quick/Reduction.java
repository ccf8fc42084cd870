package app.gradior.quick;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.plan.Goal;
import app.gradior.plan.Knowledge;
import app.gradior.plan.PlanRequest;
import app.gradior.plan.Planner;
import app.gradior.plan.Route;
import app.gradior.plan.Routes;
import app.gradior.plan.Snapshot;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Pot;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Length;
import app.gradior.quantity.Share;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * How long a liquid takes in a pan to become as thick as it is wanted, beside what else would lead there.
 *
 * @param routes by reducing alone, and with starch
 * @param pans the same in a narrower and a wider pan, where those hold it
 * @param harder the same at the next livelier surface; empty where there is none
 */
public record Reduction(Routes routes, List<InPan> pans, Optional<AtActivity> harder) {
    /** Pans as they are sold, in cm. */
    private static final double[] WIDTHS_CM = {14, 16, 18, 20, 24, 28, 32};

    /** A pan is another one from this much on. */
    private static final double ANOTHER_CM = 2.5;

    /** Minutes in another pan. */
    public record InPan(Length across, Interval minutes) {}

    /** Minutes at another surface. */
    public record AtActivity(Activity activity, Interval minutes) {}

    /** @throws IllegalArgumentException if there is nothing in the pan */
    public static Reduction of(Mixture liquid, Conditions conditions, Goal goal) {
        Knowledge knowledge = Knowledge.NONE.ofUnmeasuredPot();
        Routes routes = Routes.of(new Planner(liquid, conditions, knowledge), PlanRequest.of(goal));
        double across = conditions.pot().rim().centimetres();
        OptionalDouble wider =
                Arrays.stream(WIDTHS_CM).filter(w -> w >= across + ANOTHER_CM).min();
        OptionalDouble narrower =
                Arrays.stream(WIDTHS_CM).filter(w -> w <= across - ANOTHER_CM).max();
        List<InPan> pans = Stream.of(wider, narrower)
                .flatMap(width -> width.stream().boxed())
                .flatMap(width -> inPan(liquid, conditions, width, goal).stream())
                .toList();
        return new Reduction(routes, pans, harder(liquid, conditions, goal));
    }

    private static Optional<InPan> inPan(Mixture liquid, Conditions conditions, double centimetres, Goal goal) {
        Pot pot = Pot.ofWidth(Length.ofCentimetres(centimetres));
        return pot.overflowsWith(ChoiOkos.volume(liquid, Celsius.of(95)))
                ? Optional.empty()
                : minutes(liquid, conditions.with(pot), goal).map(m -> new InPan(pot.rim(), m));
    }

    private static Optional<AtActivity> harder(Mixture liquid, Conditions conditions, Goal goal) {
        int next = conditions.activity().ordinal() + 1;
        if (next == Activity.values().length) {
            return Optional.empty();
        }
        Activity activity = Activity.values()[next];
        return minutes(liquid, conditions.with(activity), goal).map(m -> new AtActivity(activity, m));
    }

    private static Optional<Interval> minutes(Mixture liquid, Conditions conditions, Goal goal) {
        return new Planner(liquid, conditions, Knowledge.NONE.ofUnmeasuredPot()).reduceTo(goal.target())
                        instanceof Planner.Outcome.Reached reached
                ? Optional.of(reached.plan().minutes())
                : Optional.empty();
    }

    /** The liquid as it begins to simmer. */
    public Snapshot now() {
        return routes.board().steps().get(0).at();
    }

    /** What reducing alone comes to; empty if it does not lead there. */
    public Optional<Route.Outcome> alone() {
        return routes.route(Route.Kind.REDUCE).outcome();
    }

    /** What less reducing and a starch come to. */
    public Optional<Route.Outcome> withStarch() {
        return routes.route(Route.Kind.REDUCE_THEN_SLURRY)
                .outcome()
                .or(() -> routes.route(Route.Kind.SLURRY).outcome());
    }

    /** How much of the depth in the pan is gone when reducing alone is done. */
    public Optional<Share> gone() {
        return alone().map(outcome -> Share.of(
                Math.max(0, 1 - outcome.stop().depth().metres() / now().depth().metres())));
    }
}
