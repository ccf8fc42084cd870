package app.gradior.web.equipment;

import app.gradior.plan.PotLore;
import app.gradior.pot.Activity;
import java.util.UUID;

/** A kitchen's pot on one of its rings, as what is learnt of pots knows it. */
public final class PotPlace {
    /** What stands for a ring that was not said. */
    private static final UUID NO_RING = new UUID(0, 0);

    private PotPlace() {}

    /** @param ring null if it was not said */
    public static PotLore.Place of(UUID pot, UUID ring, Activity activity) {
        return new PotLore.Place(pot, ring == null ? NO_RING : ring, activity);
    }
}
