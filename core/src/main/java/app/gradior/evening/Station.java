package app.gradior.evening;

/** Where a task is done. */
public sealed interface Station {
    /** On one of the job's rings. */
    record OnRing() implements Station {}

    /**
     * On a shelf of the oven.
     *
     * @param celsius what the oven is set to, 30 to {@value #HOTTEST} °C
     */
    record InOven(double celsius) implements Station {
        static final double HOTTEST = 320;

        /** @throws IllegalArgumentException if no oven is set so */
        public InOven {
            if (!(celsius >= 30 && celsius <= HOTTEST)) {
                throw new IllegalArgumentException("an oven is set to 30 to " + HOTTEST + " °C but was " + celsius);
            }
        }

        /** Two that want the oven further apart than this do not share it. */
        public static final double TOLERANCE_K = 10;

        public boolean shares(InOven other) {
            return Math.abs(celsius - other.celsius) <= TOLERANCE_K;
        }
    }

    /** On no appliance. */
    record Anywhere() implements Station {}

    Station RING = new OnRing();
    Station NONE = new Anywhere();

    default boolean onRing() {
        return this instanceof OnRing;
    }
}
