package app.gradior.thickness;

/** How a sauce looks on the back of a spoon at its temperature then. */
public enum SpoonCoat {
    RUNS_CLEAR(Double.NEGATIVE_INFINITY, 2.5, 2.0),
    THIN_VEIL(2.5, 3.6, 3.05),
    LINE_FILLS(3.6, 4.4, 4.0),
    LINE_STAYS(4.4, 5.3, 4.85),
    FALLS_IN_SHEETS(5.3, 6.2, 5.75),
    MOUNDS(6.2, Double.POSITIVE_INFINITY, 6.6);

    /** How well an eye tells these apart: standard deviation in grades. */
    public static final double SD_GRADES = 0.3;

    private final double from;
    private final double to;
    private final double middle;

    SpoonCoat(double from, double to, double middle) {
        this.from = from;
        this.to = to;
        this.middle = middle;
    }

    /** The look of a sauce of this grade. */
    public static SpoonCoat of(Grade grade) {
        for (SpoonCoat look : values()) {
            if (grade.value() < look.to) {
                return look;
            }
        }
        return MOUNDS;
    }

    /** The grade from which on a sauce looks so; minus infinity for the thinnest. */
    public double from() {
        return from;
    }

    /** The grade up to which it does, not itself; infinity for the thickest. */
    public double to() {
        return to;
    }

    /** The grade it stands for when it is read off a spoon. */
    public Grade grade() {
        return Grade.of(middle);
    }

    /** Whether a sauce of this grade looks so. */
    public boolean shows(Grade grade) {
        return grade.value() >= from && grade.value() < to;
    }
}
