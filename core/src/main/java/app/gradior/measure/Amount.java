package app.gradior.measure;

import java.util.Optional;

/**
 * An amount as it was written.
 *
 * @param start where in the line it begins
 * @param numberEnd where its number ends
 * @param end where it ends, its unit included
 * @param low the number, or the lower end of a range
 * @param high the number, or the upper end of a range
 * @param unit the kitchen unit, if it has one
 */
public record Amount(
        Kind kind, int start, int numberEnd, int end, double low, double high, Optional<KitchenUnit> unit) {
    /** How it was given. */
    public enum Kind {
        /** In a kitchen unit. */
        MEASURED,
        /** So many pieces or packs. */
        COUNTED,
        /** In several parts, or with a size beside it: it can only be said anew as a whole. */
        COMPOSED,
        /** By a word such as splash. */
        VAGUE,
        /** Not at all. */
        UNSAID
    }

    public double middle() {
        return (low + high) / 2;
    }

    public boolean isRange() {
        return high > low;
    }
}
