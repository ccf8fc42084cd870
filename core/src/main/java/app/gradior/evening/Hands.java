package app.gradior.evening;

/** How a task wants the cook. */
public sealed interface Hands {
    /** A person beside a stirring works at this part of the usual pace (estimate). */
    double PACE_BESIDE_STIRRING = 0.7;

    /** Shares of a person are counted in hundredths, attended ones rounded up to these. */
    int STEP = 5;

    int WHOLE = 100;

    /**
     * One person, wholly.
     *
     * @param interruptible whether it can be laid down for a moment and taken up again: chopping, yes; straining, no
     */
    record Active(boolean interruptible) implements Hands {}

    /**
     * Looked after from time to time.
     *
     * @param each minutes that looking after takes once
     * @param every minutes from one time to the next
     */
    record Attended(double each, double every) implements Hands {
        /** It may be left for so much longer than the usual time, and no longer (estimate). */
        private static final double MAY_BE_LATE = 1.5;

        /** @throws IllegalArgumentException if it takes longer than there is until the next time */
        public Attended {
            if (!(each > 0 && every >= each)) {
                throw new IllegalArgumentException("looked after for " + each + " min every " + every + " min");
            }
        }

        /** Of one person, in hundredths: {@code each / every}, rounded up. */
        public int share() {
            return (int) Math.min(WHOLE, STEP * Math.ceil(WHOLE * each / every / STEP - 1e-9));
        }

        /** Minutes for which nobody need look. */
        public double mayBeLeft() {
            return Math.max(0, MAY_BE_LATE * every - each);
        }
    }

    /** Not at all. */
    record Unattended() implements Hands {}

    Hands NONE = new Unattended();

    default boolean active() {
        return this instanceof Active;
    }
}
