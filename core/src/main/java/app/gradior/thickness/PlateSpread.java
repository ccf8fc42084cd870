package app.gradior.thickness;

import app.gradior.quantity.Density;
import app.gradior.quantity.Length;
import java.util.Optional;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * The plate test: 15 ml poured in one go on a level cold plate, the diameter after 30 s. A viscous gravity current
 * (Huppert 1982), r = 0.894·(g·V³/(3ν))^(1/8)·t^(1/8), with the viscosity taken at the mean shear rate of the spreading
 * film, stopped where the yield stress holds it: R = (225·ρ·g·V²/(128·π²·τ0))^(1/5).
 */
public final class PlateSpread {
    /** How well a ruler and a hand repeat it: standard deviation in grades. */
    public static final double SD_GRADES = 0.25;

    private static final double GRAVITY = 9.81;
    private static final double VOLUME_M3 = 15e-6;
    private static final double SECONDS = 30;
    private static final double HUPPERT = 0.894;

    /** Thickest grade that still spreads enough to be read. */
    private static final double THICKEST_GRADE = 9;

    private static final int MAX_EVALUATIONS = 200;

    private PlateSpread() {}

    /** The diameter to expect after 30 s. */
    public static Length diameter(Rheology rheology, Density density) {
        return new Length(2 * Math.min(viscousRadius(rheology, density), heldRadius(rheology, density)));
    }

    /**
     * The radius where η(γ) = K·γ^(n−1) at γ = 3·(r/8t)/h, h = V/πr², meets Huppert's law. Both are powers of r, so the
     * fixed point has a closed form.
     */
    private static double viscousRadius(Rheology rheology, Density density) {
        double thinning = 1 - rheology.flowBehaviourIndex();
        double newtonian = HUPPERT
                * Math.pow(
                        density.kilogramsPerCubicMetre()
                                * GRAVITY
                                * Math.pow(VOLUME_M3, 3)
                                * SECONDS
                                / (3 * rheology.consistencyCoefficient()),
                        1 / 8.0);
        double shearPerCubicMetre = 3 * Math.PI / (8 * SECONDS * VOLUME_M3);
        return Math.pow(newtonian * Math.pow(shearPerCubicMetre, thinning / 8), 1 / (1 - 3 * thinning / 8));
    }

    private static double heldRadius(Rheology rheology, Density density) {
        double tau = rheology.yieldStress();
        return tau == 0
                ? Double.POSITIVE_INFINITY
                : Math.pow(
                        225
                                * density.kilogramsPerCubicMetre()
                                * GRAVITY
                                * VOLUME_M3
                                * VOLUME_M3
                                / (128 * Math.PI * Math.PI * tau),
                        1 / 5.0);
    }

    /**
     * The grade that a diameter tells, at the sauce's temperature on the plate.
     *
     * @param serum viscosity of the sauce's serum at that temperature
     * @return empty if even the bare serum would not spread so far, or if it spread less than any sauce
     */
    public static Optional<Grade> grade(Length diameter, Viscosity serum, Density density) {
        double thinnest = Grade.of(serum).value();
        UnivariateFunction excess = grade ->
                diameter(new Rheology(serum, Grade.of(Math.max(thinnest, grade)).viscosity()), density)
                                .metres()
                        - diameter.metres();
        if (thinnest >= THICKEST_GRADE || excess.value(thinnest + 1e-9) < 0 || excess.value(THICKEST_GRADE) > 0) {
            return Optional.empty();
        }
        return Optional.of(
                Grade.of(new BrentSolver(1e-9).solve(MAX_EVALUATIONS, excess, thinnest + 1e-9, THICKEST_GRADE)));
    }
}
