package app.gradior.plan;

import app.gradior.plan.Route.Kind;
import app.gradior.thickness.Thickness;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The ways from a sauce to what is wanted of it, side by side, with the one that the rules propose.
 *
 * @param board the curve they are read off
 * @param starch the starch of the slurries
 * @param routes reducing only, then the others that make sense
 * @param nearest where the thickness and the least yield can't both be had by reducing, what comes nearest
 */
public record Routes(
        Board board, StarchChoice starch, List<Route> routes, Suggestion suggestion, Optional<Nearest> nearest) {
    /**
     * What comes nearest where thickness and yield can't both be had by reducing.
     *
     * @param atYield the sauce when as much is left as is wanted: too thin
     * @param atThinEnd what is left where it is just thick enough; empty if it never is
     */
    public record Nearest(Board.Step atYield, Optional<Board.Step> atThinEnd) {}

    /** @throws IllegalArgumentException if there is nothing in the pot */
    public static Routes of(Planner planner, PlanRequest request) {
        return new RouteMaker(planner, request).routes();
    }

    public Route route(Kind kind) {
        return routes.stream().filter(r -> r.kind() == kind).findFirst().orElseGet(() -> routes.get(0));
    }

    /**
     * How many times the sauce would have to be made for the least wanted.
     *
     * @return empty if some route leaves as much
     */
    public OptionalDouble timesForTheMinimum(PlanRequest request) {
        double times = routes.stream()
                .flatMap(r -> r.outcome().stream())
                .flatMap(o -> request.min().flatMap(l -> l.timesOf(o.end())).stream())
                .mapToDouble(Double::doubleValue)
                .min()
                .orElse(0);
        return times > 1 + 1e-6 ? OptionalDouble.of(times) : OptionalDouble.empty();
    }

    /**
     * Whether more than half of the thickness where reducing stops would be syrup: then a syrup's band is what is meant.
     * What is dissolved has to be sugar for the most part: a stock taken down to a film on the spoon is no candy when cold.
     */
    public boolean syrupy(Goal goal) {
        return route(Kind.REDUCE)
                .outcome()
                .filter(outcome -> outcome.stop().syrup().value() > 0)
                .map(outcome -> Thickness.sources(outcome.stop().mixture(), goal.served()))
                .filter(sources -> sources.serum() > sources.body() + sources.starch() + sources.gel())
                .isPresent();
    }

    public boolean has(Kind kind) {
        return routes.stream().anyMatch(r -> r.kind() == kind && r.outcome().isPresent());
    }
}
