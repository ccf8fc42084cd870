package app.gradior.web.plan;

import app.gradior.plan.Planner;
import app.gradior.plan.Route;
import app.gradior.plan.Routes;
import app.gradior.plan.Target;
import app.gradior.plan.Wish;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Remembers what was reckoned lately. All of it follows from its arguments alone, so an answer never grows stale, and it
 * is nobody's: the same sauce in the same pot comes to the same in every kitchen.
 */
@Component
class Reckoner {
    private static final int ROUTES_KEPT = 300;
    private static final int PIECES_KEPT = 300;
    private static final int PLANS_KEPT = 2000;

    private final Cache<Asked, Routes> routes =
            Caffeine.newBuilder().maximumSize(ROUTES_KEPT).build();
    private final Cache<Reduction, Planner.Outcome> reductions =
            Caffeine.newBuilder().maximumSize(PLANS_KEPT).build();

    private final Cache<Seen, Pieces> pieces =
            Caffeine.newBuilder().maximumSize(PIECES_KEPT).build();

    /** The parts of a page that follow from choices alone, rendered. */
    record Pieces(String upper, String lower) {}

    /** What the words of a page depend on, beside what was reckoned: units, and how an amount was typed. */
    private record Seen(
            Asked asked, Route.Kind chosen, Map<String, String> words, boolean ounces, boolean fahrenheit) {}

    private record Asked(Planner planner, Wish wish) {}

    private record Reduction(Planner planner, Target target) {}

    Routes routes(Planner planner, Wish wish) {
        return routes.get(new Asked(planner, wish), asked -> Routes.of(asked.planner(), asked.wish()));
    }

    /** The parts of a page for a plan; made if they were not lately. */
    Pieces pieces(
            Planning.Possible plan, PlanForm form, boolean ounces, boolean fahrenheit, Supplier<Pieces> otherwise) {
        Map<String, String> words = Map.of(
                "pot", form.get("pot"),
                "use", form.get("use"),
                "least", form.get("least"),
                "unit", form.get("leastUnit"),
                "jar", form.get("jarMl"));
        return pieces.get(
                new Seen(new Asked(plan.planner(), plan.wish()), plan.chosen().kind(), words, ounces, fahrenheit),
                seen -> otherwise.get());
    }

    Planner.Outcome reduce(Planner planner, Target target) {
        return reductions.get(
                new Reduction(planner, target), asked -> asked.planner().reduceTo(asked.target()));
    }
}
