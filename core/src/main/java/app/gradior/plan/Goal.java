package app.gradior.plan;

import app.gradior.quantity.Celsius;
import app.gradior.thickness.Grade;

/**
 * How thick a sauce is to be when it is eaten.
 *
 * @param low the thin end of what suits
 * @param aim what a plan aims at, from {@code low} to {@code high}
 * @param high the thick end
 * @param served the temperature it is eaten at
 */
public record Goal(Grade low, Grade aim, Grade high, Celsius served) {
    /** Half of what a mouth notices, to either side. */
    private static final double JUST_THAT = 0.25;

    private static final double THINNEST = 0.5;
    private static final double THICKEST = 8;

    /** @throws IllegalArgumentException if the three grades do not rise */
    public Goal {
        if (low.compareTo(aim) > 0 || aim.compareTo(high) > 0) {
            throw new IllegalArgumentException(
                    "a band must rise from " + low.value() + " over " + aim.value() + " to " + high.value());
        }
    }

    public static Goal of(Use use, Celsius served) {
        return new Goal(use.from(), use.aim(), use.to(), served);
    }

    /** One grade, with the little to either side that a mouth does not tell from it. */
    public static Goal of(Grade grade, Celsius served) {
        return new Goal(Grade.of(grade.value() - JUST_THAT), grade, Grade.of(grade.value() + JUST_THAT), served);
    }

    /** The same, so many grades thicker (under 0: thinner), held within what grades there are. */
    public Goal shifted(double grades) {
        return new Goal(shifted(low, grades), shifted(aim, grades), shifted(high, grades), served);
    }

    private static Grade shifted(Grade grade, double by) {
        return Grade.of(Math.max(THINNEST, Math.min(THICKEST, grade.value() + by)));
    }

    /** The aim as a target of a reduction. */
    public Target target() {
        return new Target.AtGrade(aim, served);
    }

    public boolean suits(Grade grade) {
        return grade.compareTo(low) >= 0 && grade.compareTo(high) <= 0;
    }
}
