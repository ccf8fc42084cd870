package app.gradior.recipe;

import app.gradior.measure.CookRounding;
import app.gradior.plan.Target;
import app.gradior.sauce.Operation;

/** Words for how far a sauce is reduced and what a sieve is, as steps and methods have them in common. */
final class StepNames {
    /** A sieve that holds so much of the solids is a fine one, or a coarse one. */
    private static final double FINE = 0.8;

    private static final double COARSE = 0.4;

    private StepNames() {}

    /** "Fine" or "coarse"; empty for a household sieve. */
    static String fineness(Operation.Strain strain) {
        double held = strain.solidsHeld().value();
        return held > FINE ? "fine" : held < COARSE ? "coarse" : "";
    }

    static String basis(Target.Basis basis) {
        return switch (basis) {
            case WEIGHT -> "";
            case VOLUME -> " by volume";
            case DEPTH -> " by depth";
        };
    }

    /** "Half", "two thirds", or a percentage. */
    static String part(double part) {
        String[] names = {"half", "a third", "two thirds", "a quarter", "three quarters"};
        double[] parts = {1 / 2.0, 1 / 3.0, 2 / 3.0, 1 / 4.0, 3 / 4.0};
        for (int i = 0; i < parts.length; i++) {
            if (Math.abs(parts[i] - part) < 0.005) {
                return names[i];
            }
        }
        return number(100 * part) + " %";
    }

    /** To a tenth at most. */
    static String number(double value) {
        return CookRounding.exactly(Math.round(value * 10) / 10.0);
    }
}
