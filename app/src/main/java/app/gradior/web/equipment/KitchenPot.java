package app.gradior.web.equipment;

import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import java.util.UUID;

/** A pot as a kitchen keeps it: with a name, in the millimetres and grams it was measured in. */
public record KitchenPot(
        UUID id,
        String name,
        double baseMm,
        double rimMm,
        double wallMm,
        Material material,
        double tareG,
        boolean lid) {

    public Pot pot() {
        return new Pot(
                Length.ofMillimetres(baseMm),
                Length.ofMillimetres(rimMm),
                Length.ofMillimetres(wallMm),
                material,
                Mass.ofGrams(tareG));
    }
}
