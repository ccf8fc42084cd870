package app.gradior.plan;

import app.gradior.thickness.Grade;
import java.util.Locale;

/** What a sauce is for, with the band of grades that suits it when eaten. */
public enum Use {
    POUR(3.6, 4.4),
    TOSS(4.4, 5.2),
    GLAZE(5.2, 5.8),
    DIP(5.8, 6.5),
    SPREAD(6.5, 7.2),
    /** Thickened by sugar: taken as thick as a glaze while it is warm it would be candy when cold. */
    SYRUP(3.4, 4.4);

    private final Grade from;
    private final Grade to;

    Use(double from, double to) {
        this.from = Grade.of(from);
        this.to = Grade.of(to);
    }

    public Grade from() {
        return from;
    }

    public Grade to() {
        return to;
    }

    /** The middle of the band: what a plan aims at. */
    public Grade aim() {
        return Grade.of((from.value() + to.value()) / 2);
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
