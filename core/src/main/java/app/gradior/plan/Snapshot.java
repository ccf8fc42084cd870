package app.gradior.plan;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Bubbles;
import app.gradior.thickness.Gel;
import app.gradior.thickness.Grade;
import app.gradior.thickness.PlateSpread;
import app.gradior.thickness.Rheology;
import app.gradior.thickness.SpoonCoat;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;

/**
 * A sauce at one moment, in the figures a cook asks for.
 *
 * @param volume at room temperature
 * @param depth in the pot, hot
 * @param stove how hot it is at the stove
 * @param atStove its grade there
 * @param warm its grade as served warm, 60 °C
 * @param cold its grade from the fridge, 5 °C
 * @param alcohol ethanol left, by weight of the sauce
 */
public record Snapshot(
        Mixture mixture,
        Mass mass,
        Volume volume,
        Length depth,
        Celsius stove,
        Grade atStove,
        Grade warm,
        Grade cold,
        Share brix,
        Share salt,
        Share sugar,
        Share acid,
        Share alcohol) {

    private static final double MOSTLY_SUGAR = 0.3;

    /** The sauce as it is in its pot. */
    public static Snapshot of(Mixture mixture, Evaporation evaporation, ThicknessFactor thickness) {
        Celsius stove = evaporation.stoveTemperature(mixture);
        return of(mixture, stove, Thickness.grade(mixture, stove, thickness), evaporation, thickness);
    }

    /** The sauce as it is in its pot, losing water at this pace. */
    public static Snapshot of(
            Mixture mixture, Evaporation.Pace pace, Evaporation evaporation, ThicknessFactor thickness) {
        return of(mixture, pace.stove(), pace.flow().grade(), evaporation, thickness);
    }

    private static Snapshot of(
            Mixture mixture, Celsius stove, Grade atStove, Evaporation evaporation, ThicknessFactor thickness) {
        return new Snapshot(
                mixture,
                mixture.mass(),
                ChoiOkos.volume(mixture, Celsius.ROOM),
                evaporation.conditions().pot().depthOf(ChoiOkos.volume(mixture, stove)),
                stove,
                atStove,
                Thickness.grade(mixture, Celsius.SERVED_WARM, thickness),
                Thickness.grade(mixture, Celsius.FRIDGE, thickness),
                mixture.brix(),
                mixture.share(Component.SALT),
                mixture.sugarShare(),
                mixture.acidShare(),
                mixture.share(Component.ETHANOL));
    }

    /** Brix, where most of what is dissolved is sugar; none in a brine. */
    public Share syrup() {
        return sugar.value() > MOSTLY_SUGAR * brix.value() ? brix : Share.NONE;
    }

    /** How it stands from the fridge on the day after. */
    public Gel.Set tomorrow() {
        return Gel.of(mixture, Celsius.FRIDGE);
    }

    /** How it looks on a spoon at the stove. */
    public SpoonCoat look() {
        return SpoonCoat.of(atStove);
    }

    /** How its bubbles look at a simmer. */
    public Bubbles bubbles() {
        return Bubbles.of(atStove);
    }

    /** How far 15 ml of it spread in 30 s on a plate that has cooled it to serving warmth. */
    public Length plateSpread(ThicknessFactor thickness) {
        Rheology warmFlow = Thickness.of(mixture, Celsius.SERVED_WARM, thickness);
        return PlateSpread.diameter(warmFlow, ChoiOkos.density(mixture, Celsius.SERVED_WARM));
    }
}
