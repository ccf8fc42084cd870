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
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Rheology;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.util.Optional;

/**
 * How fast water leaves a pot: the ASHRAE pool equation for the surface, and what the bubbles of an activity carry beside,
 * less with a lid and less as the sauce thickens. Uncalibrated it is an estimate, within a factor of 1.8 four times out of
 * five.
 */
public final class Evaporation {
    /** Standard deviation of ln k before and after a pot was calibrated on its ring. */
    public static final double PRIOR_LOG_SD = 0.45;

    public static final double CALIBRATED_LOG_SD = 0.15;

    private static final double OPEN_ETHANOL_EXPONENT = 5;
    private static final double MIN_OPEN = 0.05;

    private static final double STILL = 0.089;
    private static final double PER_AIR_SPEED = 0.0782;

    /** The viscosity, in Pa·s, at which thickening has halved evaporation. */
    private static final double HALVING_VISCOSITY = 1;

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

    /**
     * How readily ethanol leaves beside the water, as the exponent in E/E0 = (W/W0)^e: 5 from an open pan. Under a lid what
     * condenses runs back poorer in alcohol than what escapes, so that as much leaves in the time as without one, while
     * much less water does.
     */
    public double ethanolExponent() {
        return OPEN_ETHANOL_EXPONENT
                / Math.max(MIN_OPEN, conditions.lid().open().value());
    }

    /** How hot the sauce is at this activity: so far below where it boils. */
    public Celsius stoveTemperature(Mixture mixture) {
        return Solution.boilingPoint(mixture, air).minus(conditions.activity().belowBoiling());
    }

    /**
     * Water leaving, at k = 1: (surface flux + boiling flux)·lid·f·A, f = 1/(1 + η/1 Pa·s), and never more than the ring
     * can evaporate.
     */
    public MassFlow waterLoss(Mixture mixture, ThicknessFactor factor) {
        return pace(mixture, factor).loss();
    }

    /**
     * Water leaving, at k = 1, and what it answers to.
     *
     * @param perLnThickness how it answers to the sauce being thicker than thought: ∂ln loss/∂ln θ = −(η − μ)/(1 + η), in
     *     Pa·s, from f = 1/(1 + η) and η = μ + θ·S; 0 for water and where the ring's power is the limit, toward −1 for a
     *     paste
     * @param limitedByPower whether the ring is too weak to keep this activity up
     * @param stove how hot the sauce is
     * @param flow how it flows there
     */
    public record Pace(MassFlow loss, double perLnThickness, boolean limitedByPower, Celsius stove, Rheology flow) {}

    /** How fast water leaves this sauce. */
    public Pace pace(Mixture mixture, ThicknessFactor factor) {
        Heat heat = new Heat(mixture);
        Rheology flow = Thickness.of(mixture, heat.hot, factor);
        if (mixture.mass(Component.WATER).kilograms() == 0) {
            return new Pace(new MassFlow(0), 0, false, heat.hot, flow);
        }
        double eta = flow.apparent().pascalSeconds() / HALVING_VISCOSITY;
        double wanted = wanted(mixture, heat, eta);
        double possible = possible(heat);
        if (wanted > possible) {
            return new Pace(new MassFlow(possible), 0, true, heat.hot, flow);
        }
        double serum = flow.serum().pascalSeconds() / HALVING_VISCOSITY;
        return new Pace(new MassFlow(wanted), -(eta - serum) / (1 + eta), false, heat.hot, flow);
    }

    /** The sauce at its activity: what several steps of the same equation need. */
    private final class Heat {
        private final double waterActivity;
        private final Celsius hot;
        private final double latent;

        Heat(Mixture mixture) {
            this(mixture, null);
        }

        /** At another temperature than that of the activity. */
        Heat(Mixture mixture, Celsius other) {
            Share activity = Solution.waterActivity(mixture);
            this.waterActivity = activity.value();
            this.hot = other != null
                    ? other
                    : Solution.boilingPoint(mixture, activity, air)
                            .minus(conditions.activity().belowBoiling());
            this.latent = Steam.latentHeat(hot).joulesPerKilogram();
        }
    }

    /** @param eta viscosity, in units of the one that halves evaporation */
    private double wanted(Mixture mixture, Heat heat, double eta) {
        Volume volume = ChoiOkos.volume(mixture, heat.hot);
        double area = conditions.pot().surfaceOf(volume);
        return 1
                / (1 + eta)
                * conditions.lid().open().value()
                * area
                * (surfaceFlux(heat) + conditions.activity().bubbleFlux());
    }

    /** kg/(m²·s) from a still surface: (0.089 + 0.0782·v)·(a_w·p_sat − RH·p_room)/1000/λ, λ in kJ/kg. */
    private double surfaceFlux(Heat heat) {
        double over = heat.waterActivity * Steam.vapourPressure(heat.hot).pascals();
        double perPascal = (STILL + PER_AIR_SPEED * conditions.room().airSpeed()) / 1000;
        return Math.max(0, perPascal * (over - roomVapourPa) / (heat.latent / 1000));
    }

    private double possible(Heat heat) {
        return conditions.ring().useful().watts() / heat.latent;
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
        Heat half = new Heat(mixture, halfWay);
        double loss = surfaceFlux(half) * conditions.lid().open().value() * area * half.latent;
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
