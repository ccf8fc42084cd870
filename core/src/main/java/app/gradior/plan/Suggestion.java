package app.gradior.plan;

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
}
