package app.gradior.web.live;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.pot.Pot;
import app.gradior.quantity.Mass;
import app.gradior.web.equipment.KitchenPot;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** What is taken off when a sauce is weighed in its pot. */
final class EmptyPot {
    private EmptyPot() {}

    /**
     * The weight of the pot that a cook stands in: as it was measured, also since the cook began, or as it was told at an
     * earlier weighing.
     *
     * @param begunIn the pot that the cook began in
     * @param all the kitchen's pots
     * @return empty if it was never weighed
     */
    static Optional<Mass> weight(Cook cook, UUID begunIn, List<KitchenPot> all) {
        Pot now = cook.conditions().pot();
        boolean same = now.equals(cook.started().conditions().pot());
        Optional<KitchenPot> measured = all.stream()
                .filter(p -> same && p.id().equals(begunIn) && p.measured())
                .findFirst();
        if (measured.isPresent()) {
            return measured.map(p -> Mass.ofGrams(p.tareG()));
        }
        boolean told = all.stream().anyMatch(p -> !p.measured() && p.pot().equals(now));
        return told ? toldBefore(cook, now.tare()) : Optional.of(now.tare());
    }

    /** As the latest weighing in this pot had it. */
    private static Optional<Mass> toldBefore(Cook cook, Mass usual) {
        Optional<Mass> found = Optional.empty();
        for (CookEvent event : cook.events()) {
            if (event instanceof CookEvent.PotChanged) {
                found = Optional.empty();
            } else if (event instanceof CookEvent.Weighed weighed
                    && !weighed.tare().equals(usual)) {
                found = Optional.of(weighed.tare());
            }
        }
        return found;
    }
}
