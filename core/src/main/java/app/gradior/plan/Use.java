package app.gradior.plan;

import app.gradior.thickness.Grade;
import java.util.Locale;

/** What a sauce is for, with the band of grades that suits it when eaten. */
public enum Use {
    POUR("pour", "runs freely over what it is poured on", 3.6, 4.4),
    TOSS("toss", "clings to pasta, yet some runs off", 4.4, 5.2),
    GLAZE("glaze", "brushed on, stays in a layer", 5.2, 5.8),
    DIP("dip", "stays on what is dipped", 5.8, 6.5),
    SPREAD("spread", "stands on bread", 6.5, 7.2),
    /** Thickened by sugar: taken as thick as a glaze while it is warm it would be candy when cold. */
    SYRUP("syrup", "drizzled or brushed on, sets as it cools", 3.4, 4.4);

    private final String label;
    private final String does;
    private final Grade from;
    private final Grade to;

    Use(String label, String does, double from, double to) {
        this.label = label;
        this.does = does;
        this.from = Grade.of(from);
        this.to = Grade.of(to);
    }

    public String label() {
        return label;
    }

    public String does() {
        return does;
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
