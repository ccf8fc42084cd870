package app.gradior.web.pots;

import app.gradior.pot.Ring;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Rings;
import app.gradior.web.kitchen.Accounts;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Gives a new kitchen a stove of four rings, to be changed into its own. */
@Component
class DefaultStove {
    private final Rings rings;

    DefaultStove(Rings rings) {
        this.rings = rings;
    }

    @EventListener
    void furnish(Accounts.KitchenOpened opened) {
        List.of(
                        ring("front left", 2000, 180, 170, 275),
                        ring("back left", 1200, 145, 170, 100),
                        ring("back right", 1800, 180, 430, 100),
                        ring("front right", 2200, 210, 430, 260))
                .forEach(ring -> rings.add(opened.kitchen(), ring));
    }

    private static KitchenRing ring(String name, int watts, int size, int x, int y) {
        return new KitchenRing(UUID.randomUUID(), name, Ring.Kind.CERAMIC, watts, size, x, y, "1-9");
    }
}
