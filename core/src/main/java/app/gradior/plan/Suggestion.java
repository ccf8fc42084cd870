package app.gradior.plan;

import app.gradior.food.Component;
import java.util.List;

/**
 * The route that the rules propose, and the rule that decided.
 *
 * @param kind which one; where {@link Reason#THICK_ALREADY} or {@link Reason#OUT_OF_REACH}, it does not lead there
 */
public record Suggestion(Route.Kind kind, Reason reason) {
    /** The rules, in the order in which they are asked. */
    public enum Reason {
        /** It is as thick as is wanted as soon as it simmers. */
        RIGHT_ALREADY,
        /** It is thicker than wanted before it is reduced. */
        THICK_ALREADY,
        /** The cook said where to stop, and it is thick enough there. */
        AS_ASKED,
        /** The cook said where to stop, and it is too thin there. */
        THIN_AS_ASKED,
        /** The cook said where to stop, and reducing does not lead there; why stands with the route. */
        OUT_OF_REACH,
        /** However far it is reduced it is never so thick. */
        NEVER_BY_REDUCING,
        /** Reducing until it is thick enough leaves less than is wanted. */
        SHORT_OF_YIELD,
        /** Reducing until it is thick enough makes it too salty. */
        TOO_SALTY,
        /** Reducing until it is thick enough makes it too sour. */
        TOO_SOUR,
        /** Pieces hold body that blending sets free. */
        BODY_IN_PIECES,
        /** Reducing until it is thick enough takes too long. */
        TOO_LONG,
        /** Sugar thickens it; starch would cloud it. */
        SYRUP,
        /** Pulp and water: driving the water off makes it thicker and better. */
        WATERY,
        /** Nothing speaks against plain reducing. */
        PLAIN
    }

    private static final double SYRUP_SUGAR = 0.30;
    private static final double WATERY_WATER = 0.80;
    private static final double PULPY_BODY = 0.02;
    private static final double BLEND_WORTH_TAKING = 0.35;
    /** Reducing for longer than this is worth avoiding; a kitchen's evening, not physics. */
    static final double LONG_MINUTES = 60;

    /**
     * What the rules propose.
     *
     * @param routes reduce only, reduce then slurry, slurry only, and blend if that is worth showing, in this order
     * @param rightAlready whether it suits as soon as it simmers
     * @param blendGain grades that blending it as it is would gain
     */
    static Suggestion of(PlanRequest request, Board board, List<Route> routes, boolean rightAlready, double blendGain) {
        Route reduce = routes.get(0);
        Route.Kind slurry = routes.get(1).outcome().isEmpty()
                        || routes.get(1).outcome().get().minutes().middle() < 1
                ? Route.Kind.SLURRY
                : Route.Kind.REDUCE_THEN_SLURRY;
        if (rightAlready && reduce.outcome().get().enough()) {
            return new Suggestion(Route.Kind.REDUCE, Reason.RIGHT_ALREADY);
        }
        if (request.stop().isPresent() && reduce.outcome().isPresent()) {
            boolean thin =
                    reduce.outcome().get().served().compareTo(request.goal().low()) < 0;
            return thin && routes.get(1).outcome().isPresent()
                    ? new Suggestion(Route.Kind.REDUCE_THEN_SLURRY, Reason.THIN_AS_ASKED)
                    : new Suggestion(Route.Kind.REDUCE, Reason.AS_ASKED);
        }
        if (reduce.outcome().isEmpty() && request.stop().isPresent()) {
            return new Suggestion(Route.Kind.REDUCE, Reason.OUT_OF_REACH);
        }
        if (reduce.outcome().isEmpty()) {
            return reduce.missed()
                            .filter(OutOfReach.ThickerAlready.class::isInstance)
                            .isPresent()
                    ? new Suggestion(Route.Kind.REDUCE, Reason.THICK_ALREADY)
                    : new Suggestion(slurry, Reason.NEVER_BY_REDUCING);
        }
        Route.Outcome reduced = reduce.outcome().get();
        Snapshot begin = board.steps().get(0).at();
        if (!reduced.enough()) {
            return new Suggestion(slurry, Reason.SHORT_OF_YIELD);
        }
        if (Limit.SALT.passed(reduced.stop())) {
            return new Suggestion(slurry, Reason.TOO_SALTY);
        }
        boolean blends = routes.stream()
                .anyMatch(r -> r.kind() == Route.Kind.BLEND && r.outcome().isPresent());
        if (blends && blendGain > BLEND_WORTH_TAKING) {
            return new Suggestion(Route.Kind.BLEND, Reason.BODY_IN_PIECES);
        }
        if (Limit.ACID.passed(reduced.stop())) {
            return new Suggestion(slurry, Reason.TOO_SOUR);
        }
        if (reduced.minutes().middle() > LONG_MINUTES) {
            return new Suggestion(slurry, Reason.TOO_LONG);
        }
        if (reduced.stop().sugar().value() > SYRUP_SUGAR) {
            return new Suggestion(Route.Kind.REDUCE, Reason.SYRUP);
        }
        boolean watery = begin.mixture().share(Component.WATER).value() > WATERY_WATER
                && begin.mixture().releasedBody() > PULPY_BODY;
        return new Suggestion(Route.Kind.REDUCE, watery ? Reason.WATERY : Reason.PLAIN);
    }
}
