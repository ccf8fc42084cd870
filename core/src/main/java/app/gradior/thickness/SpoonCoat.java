package app.gradior.thickness;

/** How a sauce looks on the back of a spoon at its temperature then. */
public enum SpoonCoat {
    RUNS_CLEAR("runs clear", Double.NEGATIVE_INFINITY, 2.5, 2.0),
    THIN_VEIL("a thin veil", 2.5, 3.6, 3.05),
    LINE_FILLS("coats, a drawn line fills", 3.6, 4.4, 4.0),
    LINE_STAYS("coats, the line stays", 4.4, 5.3, 4.85),
    FALLS_IN_SHEETS("heavy coat, falls in sheets", 5.3, 6.2, 5.75),
    MOUNDS("mounds on the spoon", 6.2, Double.POSITIVE_INFINITY, 6.6);

    /** How well an eye tells these apart: standard deviation in grades. */
    public static final double SD_GRADES = 0.3;

    private final String words;
    private final double from;
    private final double to;
    private final double middle;

    SpoonCoat(String words, double from, double to, double middle) {
        this.words = words;
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

    public String words() {
        return words;
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
