package app.gradior.thickness;

import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.quantity.Celsius;

/**
 * The thickness of a mixture at a temperature: η = F·(μ + √(μ/μ_water)·(√S_body + √S_starch)² + S_gel), all in mPa·s at
 * 50 s⁻¹, F for pieces and crystals. Body is fitted to tomato concentrates (Harper and El-Sahrigi 1965), with a steeper
 * branch above {@value #BODY_BREAK} % and an answer to temperature that grows with it, as the concentrates have both (rms
 * of ln η over their table 0.05); starch to the cooks' rule of 8 g of corn starch to
 * 240 ml. Raw starch thickens nothing. Body and starch are counted on the sauce without its fat, which thickens as
 * droplets. Nothing is said to be thicker than grade 9.
 */
public final class Thickness {
    /** Asked for once: values() copies. */
    private static final StarchKind[] KINDS = StarchKind.values();

    /** mPa·s at 60 °C of so much body, g in 100 g, where the steeper branch begins. */
    private static final double BODY_AT_BREAK = 275;

    private static final double BODY_BREAK = 16;
    private static final double BODY_EXPONENT = 1.82;
    private static final double BODY_UPPER_EXPONENT = 2.02;
    private static final double BODY_ACTIVATION_AT_BREAK_K = 538;
    private static final double BODY_ACTIVATION_PER_BREAK_K = 1032;
    private static final double MAX_BODY_ACTIVATION_K = 1600;
    private static final double BODY_REFERENCE_K = 333.15;

    /** mPa·s of grade 9. */
    private static final double MAX = Math.pow(10, 4.5);

    private static final double STARCH_COEFFICIENT = 7.13;
    private static final double STARCH_EXPONENT = 2.7;
    private static final double STARCH_ACTIVATION_K = 1534;
    private static final double STARCH_REFERENCE_K = 368.15;

    /** Sugar competes with starch for water from this Brix on. */
    private static final double SUGAR_FREE_BRIX = 0.30;

    private static final double SUGAR_SLOPE = 1.2;
    private static final double MIN_SUGAR_FACTOR = 0.4;

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
        double structure = structure(mixture, temperature, serum) + Gel.strength(mixture, temperature);
        double filler = Filler.factor(mixture, temperature);
        return new Rheology(
                Viscosity.ofMillipascalSeconds(Math.min(MAX, filler * serum)),
                Viscosity.ofMillipascalSeconds(Math.min(MAX, filler * (serum + factor.value() * structure))));
    }

    /** A grade, or why there is none. */
    public sealed interface GradeResult {
        record As(Grade grade) implements GradeResult {}

        record Not(Outside why) implements GradeResult {}
    }

    /** The grade at a temperature, where the model claims to know it. */
    public static GradeResult gradeResult(Mixture mixture, Celsius temperature, ThicknessFactor factor) {
        return Outside.of(mixture)
                .<GradeResult>map(GradeResult.Not::new)
                .orElseGet(() -> new GradeResult.As(grade(mixture, temperature, factor)));
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
        if (concentration == 0) {
            return 0;
        }
        double times = concentration / BODY_BREAK;
        double activation = Math.max(
                0,
                Math.min(
                        MAX_BODY_ACTIVATION_K, BODY_ACTIVATION_AT_BREAK_K + BODY_ACTIVATION_PER_BREAK_K * (times - 1)));
        return BODY_AT_BREAK
                * Math.pow(times, times <= 1 ? BODY_EXPONENT : BODY_UPPER_EXPONENT)
                * Math.exp(activation * (1 / temperature.kelvin() - 1 / BODY_REFERENCE_K));
    }

    private static double starch(Mixture mixture, Celsius temperature) {
        if (!mixture.hasSwollenStarch()) {
            return 0;
        }
        double overSugarFree = Math.max(0, mixture.brix().value() - SUGAR_FREE_BRIX);
        double sugarFactor = Math.max(MIN_SUGAR_FACTOR, 1 - SUGAR_SLOPE * overSugarFree);
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
                roots == 0 ? 0 : structure * starch / roots,
                Gel.strength(mixture, temperature));
    }

    /**
     * What each source adds to the viscosity of water, in mPa·s at 50 s⁻¹. Body and starch help each other; what they
     * do together is shared out in proportion. Pieces and crystals make all of it thicker.
     */
    public record Sources(double serum, double body, double starch, double gel) {}
}
