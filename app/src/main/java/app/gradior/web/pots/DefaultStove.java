package app.gradior.web.pots;

import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.TypicalPot;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.kitchen.Accounts;
import app.gradior.web.kitchen.NewKitchen;
import app.gradior.web.text.PotNames;
import app.gradior.web.text.UnitPreference;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Gives a new kitchen a stove of four rings and the usual pots that it has, to be changed into its own. */
@Component
class DefaultStove {
    private final Rings rings;
    private final Pots pots;

    DefaultStove(Rings rings, Pots pots) {
        this.rings = rings;
        this.pots = pots;
    }

    @EventListener
    void furnish(Accounts.KitchenOpened opened) {
        UUID kitchen = opened.kitchen();
        NewKitchen wanted = opened.wanted();
        List<KitchenRing> there = rings.all(kitchen);
        if (there.isEmpty()) {
            List.of(
                            ring(wanted.stove(), PotText.FRONT_LEFT, 2000, 180, 170, 275),
                            ring(wanted.stove(), PotText.BACK_LEFT, 1800, 180, 170, 92),
                            ring(wanted.stove(), PotText.BACK_RIGHT, 1200, 145, 430, 85),
                            ring(wanted.stove(), PotText.FRONT_RIGHT, 2200, 210, 430, 265))
                    .forEach(ring -> rings.add(kitchen, ring));
        } else {
            there.forEach(ring -> rings.change(kitchen, ring.with(wanted.stove())));
        }
        boolean us = wanted.units() == UnitPreference.Units.US;
        for (TypicalPot typical : wanted.pots()) {
            Pot pot = us ? typical.us() : typical.metric();
            UUID id = UUID.nameUUIDFromBytes((kitchen + " " + typical).getBytes(StandardCharsets.US_ASCII));
            pots.addOnce(kitchen, KitchenPot.unmeasured(id, PotNames.of(typical, us), pot));
        }
    }

    private static KitchenRing ring(Ring.Kind kind, String name, int watts, int size, int x, int y) {
        return new KitchenRing(UUID.randomUUID(), name, kind, watts, size, x, y, "1-9");
    }
}
