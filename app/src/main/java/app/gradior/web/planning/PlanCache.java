package app.gradior.web.planning;

import app.gradior.plan.PlanRequest;
import app.gradior.plan.Planner;
import app.gradior.plan.Routes;
import app.gradior.plan.Target;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;

/**
 * Remembers what was computed lately. All of it follows from its arguments alone, so an answer never grows stale, and it
 * is nobody's: the same sauce in the same pot comes to the same in every kitchen.
 */
@Component
class PlanCache {
    private static final int ROUTES_KEPT = 300;
    private static final int PLANS_KEPT = 2000;

    private final Cache<Asked, Routes> routes =
            Caffeine.newBuilder().maximumSize(ROUTES_KEPT).build();
    private final Cache<Reduction, Planner.Outcome> reductions =
            Caffeine.newBuilder().maximumSize(PLANS_KEPT).build();

    private record Asked(Planner planner, PlanRequest request) {}

    private record Reduction(Planner planner, Target target) {}

    Routes routes(Planner planner, PlanRequest request) {
        return routes.get(new Asked(planner, request), asked -> Routes.of(asked.planner(), asked.request()));
    }

    Planner.Outcome reduce(Planner planner, Target target) {
        return reductions.get(
                new Reduction(planner, target), asked -> asked.planner().reduceTo(asked.target()));
    }
}
