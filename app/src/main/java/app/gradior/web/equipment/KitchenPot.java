package app.gradior.web.equipment;

import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import java.util.UUID;

/**
 * A pot as a kitchen keeps it: with a name, in millimetres and grams.
 *
 * @param measured whether these were measured; else they are those that pots of its kind usually have
 */
public record KitchenPot(
        UUID id,
        String name,
        double baseMm,
        double rimMm,
        double wallMm,
        Material material,
        double tareG,
        boolean lid,
        boolean measured) {

    /** One that was told by its kind or its size only. */
    public static KitchenPot unmeasured(UUID id, String name, Pot pot) {
        return new KitchenPot(
                id,
                name,
                tenths(pot.base().millimetres()),
                tenths(pot.rim().millimetres()),
                tenths(pot.wall().millimetres()),
                pot.material(),
                tenths(pot.tare().grams()),
                true,
                false);
    }

    /** As it is stored. */
    private static double tenths(double value) {
        return Math.round(value * 10) / 10.0;
    }

    public Pot pot() {
        return new Pot(
                Length.ofMillimetres(baseMm),
                Length.ofMillimetres(rimMm),
                Length.ofMillimetres(wallMm),
                material,
                Mass.ofGrams(tareG));
    }
}
