package app.gradior.web.practice;

import app.gradior.food.StarchKind;
import app.gradior.pot.Lid;
import app.gradior.practice.Act;
import app.gradior.practice.Attempt.Deed;
import app.gradior.practice.Attempt.Step;
import app.gradior.practice.Instrument;
import app.gradior.practice.SimulatedPot;
import app.gradior.quantity.Mass;
import java.util.Optional;

/**
 * A step as it is sent and kept. The kinds are part of what is stored: they are never renamed.
 *
 * @param seconds by the pot's own clock
 * @param value what the kind wants: a step of the dial, 1 for a lid that is put on, grams, a grade
 */
record StoredStep(double seconds, int pot, String kind, double value) {
    private static final double MOST_G = 500;
    private static final double THICKEST = 9;

    /** What it means; empty where it means nothing. */
    Optional<Step> read(Optional<StarchKind> starch) {
        return deed(starch).map(deed -> new Step(seconds, pot, deed));
    }

    private Optional<Deed> deed(Optional<StarchKind> starch) {
        boolean grams = value > 0 && value <= MOST_G;
        return switch (kind == null ? "" : kind) {
            case "heat" ->
                value >= 0 && value <= SimulatedPot.MAX_DIAL ? did(new Act.Heat((int) value)) : Optional.empty();
            case "lid" -> did(new Act.Cover(value > 0 ? Lid.ON : Lid.OFF));
            case "stir" -> did(new Act.Stir());
            case "blend" -> did(new Act.Blend());
            case "off" -> did(new Act.Off());
            case "water" -> grams ? did(new Act.Water(Mass.ofGrams(value))) : Optional.empty();
            case "slurry" ->
                grams ? starch.flatMap(s -> did(new Act.Slurry(s, Mass.ofGrams(value)))) : Optional.empty();
            case "guess" -> value >= 0 && value <= THICKEST ? Optional.of(new Deed.Guessed(value)) : Optional.empty();
            case "spoon" -> Optional.of(new Deed.Looked(Instrument.SPOON));
            case "plate" -> Optional.of(new Deed.Looked(Instrument.PLATE));
            case "scale" -> Optional.of(new Deed.Looked(Instrument.SCALE));
            case "probe" -> Optional.of(new Deed.Looked(Instrument.PROBE));
            default -> Optional.empty();
        };
    }

    private static Optional<Deed> did(Act act) {
        return Optional.of(new Deed.Did(act));
    }
}
