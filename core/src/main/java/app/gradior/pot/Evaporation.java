package app.gradior.pot;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.physics.Solution;
import app.gradior.physics.Steam;
import app.gradior.quantity.Bounds;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.MassFlow;
import app.gradior.quantity.Pressure;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Rheology;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.util.Optional;

/**
 * How fast water leaves a pot: the ASHRAE pool equation for the surface, and what the bubbles of an activity carry beside,
 * less with a lid and less as the sauce thickens. Uncalibrated it is an estimate, within a factor of 1.6 four times out of
 * five.
 */
public final class Evaporation {
    /** Standard deviation of ln k before and after a pot was calibrated on its ring. */
    public static final double PRIOR_LOG_SD = 0.35;

    public static final double CALIBRATED_LOG_SD = 0.15;

    private static final double STILL = 0.089;
    private static final double PER_AIR_SPEED = 0.0782;

    /** The viscosity, in Pa·s, at which thickening has halved evaporation. */
    private static final double HALVING_VISCOSITY = 3;

    private final Conditions conditions;
    private final Pressure air;
    private final double roomVapourPa;

    public Evaporation(Conditions conditions) {
        this.conditions = conditions;
        this.air = conditions.room().airPressure();
        this.roomVapourPa = conditions.room().humidity().value()
                * Steam.vapourPressure(conditions.room().temperature()).pascals();
    }

    public Conditions conditions() {
        return conditions;
    }

    /** How hot the sauce is at this activity: so far below where it boils. */
    public Celsius stoveTemperature(Mixture mixture) {
        return Solution.boilingPoint(mixture, air).minus(conditions.activity().belowBoiling());
    }

    /**
     * Water leaving, at k = 1: (surface flux + boiling flux)·lid·f·A, f = 1/(1 + η/3 Pa·s), and never more than the ring
     * can evaporate.
     */
    public MassFlow waterLoss(Mixture mixture, ThicknessFactor factor) {
        if (mixture.mass(Component.WATER).kilograms() == 0) {
            return new MassFlow(0);
        }
        Celsius hot = stoveTemperature(mixture);
        return new MassFlow(Math.min(wanted(mixture, factor, hot), possible(hot)));
    }

    /**
     * How the loss answers to the sauce being thicker than thought: ∂ln loss/∂ln θ = −((η − μ)/3)/(1 + η/3), in Pa·s, from
     * f = 1/(1 + η/3) and η = μ + θ·S. Nought for water, toward −1 for a paste.
     */
    public double sensitivityToThickness(Mixture mixture, ThicknessFactor factor) {
        Rheology flow = Thickness.of(mixture, stoveTemperature(mixture), factor);
        double eta = flow.apparent().pascalSeconds() / HALVING_VISCOSITY;
        double serum = flow.serum().pascalSeconds() / HALVING_VISCOSITY;
        return -(eta - serum) / (1 + eta);
    }

    /** Whether the ring is too weak to keep this activity up: what evaporates is then what its power allows. */
    public boolean limitedByPower(Mixture mixture, ThicknessFactor factor) {
        Celsius hot = stoveTemperature(mixture);
        return wanted(mixture, factor, hot) > possible(hot);
    }

    private double wanted(Mixture mixture, ThicknessFactor factor, Celsius hot) {
        Volume volume = ChoiOkos.volume(mixture, hot);
        double area = conditions.pot().surfaceOf(volume);
        double eta = Thickness.of(mixture, hot, factor).apparent().pascalSeconds();
        double slowing = 1 / (1 + eta / HALVING_VISCOSITY);
        return slowing
                * conditions.lid().open().value()
                * area
                * (surfaceFlux(mixture, hot) + conditions.activity().boilingFlux());
    }

    /** kg/(m²·s) from a still surface: (0.089 + 0.0782·v)·(a_w·p_sat − RH·p_room)/1000/λ, λ in kJ/kg. */
    private double surfaceFlux(Mixture mixture, Celsius hot) {
        double over = Solution.waterActivity(mixture).value()
                * Steam.vapourPressure(hot).pascals();
        double latent = Steam.latentHeat(hot).joulesPerKilogram() / 1000;
        double perPascal = (STILL + PER_AIR_SPEED * conditions.room().airSpeed()) / 1000;
        return Math.max(0, perPascal * (over - roomVapourPa) / latent);
    }

    private double possible(Celsius hot) {
        return conditions.ring().useful().watts() / Steam.latentHeat(hot).joulesPerKilogram();
    }

    /**
     * Time to heat the sauce up to this activity: m·c_p·ΔT/(efficiency·power − loss), the loss taken half way, under the
     * lid there is.
     *
     * @param from its temperature now
     * @return empty if the ring can't bring it there; nothing to wait for if it is as hot already
     */
    public Optional<Duration> heatUp(Mixture mixture, Celsius from) {
        Celsius to = stoveTemperature(mixture);
        double rise = to.degrees() - from.degrees();
        if (rise <= 0) {
            return Optional.of(Duration.ZERO);
        }
        Celsius halfWay = Celsius.of((from.degrees() + to.degrees()) / 2);
        double area = conditions.pot().surfaceOf(ChoiOkos.volume(mixture, halfWay));
        double loss = surfaceFlux(mixture, halfWay)
                * conditions.lid().open().value()
                * area
                * Steam.latentHeat(halfWay).joulesPerKilogram();
        double net = conditions.ring().useful().watts() - loss;
        if (net <= 0) {
            return Optional.empty();
        }
        double heat = mixture.mass().kilograms()
                * ChoiOkos.specificHeat(mixture, halfWay).joulesPerKilogramKelvin()
                * rise;
        double seconds = heat / net;
        Bounds.check("heat-up time in s", seconds, 0, 1e9);
        return Optional.of(Duration.ofMillis(Math.round(seconds * 1000)));
    }
}
