package app.gradior.measure;

/**
 * A stretch of a line and what it was taken for. The parts of a line lie in their order and cover every word of it once.
 *
 * @param start where in the line it begins
 * @param end where it ends, beyond its last letter
 */
public record LinePart(Kind kind, int start, int end) {
    /** What a word of a line may be. */
    public enum Kind {
        /** How many, or a word that stands for it. */
        AMOUNT,
        UNIT,
        /** What one pack holds, or a weight that is stated beside a count. */
        SIZE,
        /** How full a measure is: heaped, scant, packed. */
        FORM,
        FOOD,
        /** How it is cut, kept or chosen. */
        PREPARATION,
        /** What it is for, what may stand in its place, what it costs. */
        REMARK,
        UNREAD
    }

    public LinePart {
        if (start < 0 || end <= start) {
            throw new IllegalArgumentException("a part from " + start + " to " + end);
        }
    }
}
