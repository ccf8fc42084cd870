package app.gradior.quantity;

/**
 * A part of a whole.
 *
 * @param value 0 to 1
 */
public record Share(double value) implements Comparable<Share> {
    public static final Share NONE = new Share(0);

    public static final Share ALL = new Share(1);

    /** @throws IllegalArgumentException if the share is NaN or outside 0 to 1 */
    public Share {
        Bounds.check("share", value, 0, 1);
    }

    public static Share of(double value) {
        return new Share(value);
    }

    public static Share ofPercent(double percent) {
        return new Share(percent / 100);
    }

    public double percent() {
        return value * 100;
    }

    /** What is left of the whole. */
    public Share rest() {
        return new Share(1 - value);
    }

    @Override
    public int compareTo(Share other) {
        return Double.compare(value, other.value);
    }
}
