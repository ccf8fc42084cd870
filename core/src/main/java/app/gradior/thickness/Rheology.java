package app.gradior.thickness;

/**
 * How a sauce flows at one temperature: a Herschel–Bulkley fluid that is the more shear-thinning the more of its
 * thickness comes from structure rather than from its serum.
 *
 * @param serum viscosity of the liquid between the solids
 * @param apparent apparent viscosity at {@value #MOUTH_SHEAR_RATE} s⁻¹, at least that of the serum
 */
public record Rheology(Viscosity serum, Viscosity apparent) {
    /** The rate at which drinks and sauces are sheared in the mouth, s⁻¹. */
    public static final double MOUTH_SHEAR_RATE = 50;

    private static final double MAX_THINNING = 0.62;
    private static final double YIELD_COEFFICIENT = 0.3;
    private static final double YIELD_FROM_GRADE = 4;
    private static final double YIELD_SPAN = 2;

    /** @throws IllegalArgumentException if the sauce would be thinner than its serum */
    public Rheology {
        if (apparent.compareTo(serum) < 0) {
            throw new IllegalArgumentException("apparent viscosity " + apparent.pascalSeconds()
                    + " Pa·s must not be under the serum's " + serum.pascalSeconds());
        }
    }

    public Grade grade() {
        return Grade.of(apparent);
    }

    /**
     * The same sauce if what thickens it beyond its serum were so many times as strong.
     *
     * @param factor 0 or more
     */
    public Rheology withStructureTimes(double factor) {
        double structure = apparent.pascalSeconds() - serum.pascalSeconds();
        return new Rheology(serum, new Viscosity(serum.pascalSeconds() + factor * structure));
    }

    /** n = 1 − 0.62·(η − μ)/η: 1 for a syrup, toward 0.38 for a purée. */
    public double flowBehaviourIndex() {
        double eta = apparent.pascalSeconds();
        return 1 - MAX_THINNING * (eta - serum.pascalSeconds()) / eta;
    }

    /** K = η·50^(1−n), Pa·sⁿ. */
    public double consistencyCoefficient() {
        return apparent.pascalSeconds() * Math.pow(MOUTH_SHEAR_RATE, 1 - flowBehaviourIndex());
    }

    /** The stress under which it stands still, Pa: 0.3·50 s⁻¹·(η − μ)·clamp((grade − 4)/2, 0, 1). */
    public double yieldStress() {
        double standing = Math.max(0, Math.min(1, (grade().value() - YIELD_FROM_GRADE) / YIELD_SPAN));
        return YIELD_COEFFICIENT * MOUTH_SHEAR_RATE * (apparent.pascalSeconds() - serum.pascalSeconds()) * standing;
    }
}
