package app.gradior.thickness;

import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.quantity.Celsius;

/**
 * The thickness of a mixture at a temperature: η = μ + √(μ/μ_water)·(√S_body + √S_starch)², all in mPa·s at 50 s⁻¹.
 * Body is fitted to tomato concentrates (Harper and El-Sahrigi 1965); starch to the cooks' rule of 8 g of corn starch to
 * 240 ml. Raw starch thickens nothing.
 */
public final class Thickness {
    /** Asked for once: values() copies. */
    private static final StarchKind[] KINDS = StarchKind.values();

    private static final double BODY_COEFFICIENT = 1.161;
    private static final double BODY_EXPONENT = 1.95;
    private static final double BODY_ACTIVATION_K = 800;
    private static final double BODY_REFERENCE_K = 333.15;

    private static final double STARCH_COEFFICIENT = 7.13;
    private static final double STARCH_EXPONENT = 2.7;
    private static final double STARCH_ACTIVATION_K = 1534;
    private static final double STARCH_REFERENCE_K = 368.15;

    /** Sugar competes with starch for water from this Brix on. */
    private static final double SUGAR_FREE_BRIX = 0.30;

    private static final double SUGAR_SLOPE = 1.2;
    private static final double LEAST_SUGAR_FACTOR = 0.4;

    private static final double SETBACK_FROM_C = 60;
    private static final double SETBACK_TO_C = 20;

    private Thickness() {}

    /** Flow at a temperature, as the model has it before any test of the sauce itself. */
    public static Rheology of(Mixture mixture, Celsius temperature) {
        return of(mixture, temperature, ThicknessFactor.ONE);
    }

    /**
     * Flow at a temperature.
     *
     * @param factor the sauce's own multiplier on what thickens it beyond its serum
     * @throws IllegalArgumentException if the mixture is empty
     */
    public static Rheology of(Mixture mixture, Celsius temperature, ThicknessFactor factor) {
        if (mixture.isEmpty()) {
            throw new IllegalArgumentException("an empty mixture has no thickness");
        }
        double serum = Serum.viscosity(mixture, temperature);
        double structure = structure(mixture, temperature, serum);
        return new Rheology(
                Viscosity.ofMillipascalSeconds(serum),
                Viscosity.ofMillipascalSeconds(serum + factor.value() * structure));
    }

    /** The grade at a temperature. */
    public static Grade grade(Mixture mixture, Celsius temperature, ThicknessFactor factor) {
        return of(mixture, temperature, factor).grade();
    }

    private static double structure(Mixture mixture, Celsius temperature, double serum) {
        double body = body(mixture, temperature);
        double starch = starch(mixture, temperature);
        if (body == 0 && starch == 0) {
            return 0;
        }
        double roots = Math.sqrt(body) + Math.sqrt(starch);
        return Math.sqrt(serum / Serum.water(temperature)) * roots * roots;
    }

    private static double body(Mixture mixture, Celsius temperature) {
        double concentration = 100 * mixture.releasedBody();
        return concentration == 0
                ? 0
                : BODY_COEFFICIENT
                        * Math.pow(concentration, BODY_EXPONENT)
                        * Math.exp(BODY_ACTIVATION_K * (1 / temperature.kelvin() - 1 / BODY_REFERENCE_K));
    }

    private static double starch(Mixture mixture, Celsius temperature) {
        if (!mixture.hasSwollenStarch()) {
            return 0;
        }
        double overSugarFree = Math.max(0, mixture.brix().value() - SUGAR_FREE_BRIX);
        double sugarFactor = Math.max(LEAST_SUGAR_FACTOR, 1 - SUGAR_SLOPE * overSugarFree);
        double cooling = Math.exp(STARCH_ACTIVATION_K * (1 / temperature.kelvin() - 1 / STARCH_REFERENCE_K));
        double sum = 0;
        for (StarchKind kind : KINDS) {
            double concentration = mixture.swollen(kind).percent();
            if (concentration > 0) {
                sum += Math.pow(concentration * kind.potency() * sugarFactor, STARCH_EXPONENT)
                        * setback(kind, temperature.degrees());
            }
        }
        return STARCH_COEFFICIENT * cooling * sum;
    }

    /** Rises linearly from 1 at 60 °C to the kind's value at 20 °C, and stays there when colder. */
    private static double setback(StarchKind kind, double t) {
        double cooled = (SETBACK_FROM_C - t) / (SETBACK_FROM_C - SETBACK_TO_C);
        return 1 + (kind.setback() - 1) * Math.max(0, Math.min(1, cooled));
    }

    /** Where the thickness comes from, as parts of η − μ_water at a temperature. */
    public static Sources sources(Mixture mixture, Celsius temperature) {
        double serum = Serum.viscosity(mixture, temperature);
        double water = Serum.water(temperature);
        double body = Math.sqrt(body(mixture, temperature));
        double starch = Math.sqrt(starch(mixture, temperature));
        double structure = structure(mixture, temperature, serum);
        double roots = body + starch;
        return new Sources(
                Math.max(0, serum - water),
                roots == 0 ? 0 : structure * body / roots,
                roots == 0 ? 0 : structure * starch / roots);
    }

    /**
     * What each source adds to the viscosity of water, in mPa·s at 50 s⁻¹. Body and starch help each other; what they
     * do together is shared out in proportion.
     */
    public record Sources(double serum, double body, double starch) {}
}
