package app.gradior.web.equipment;

import app.gradior.pot.Pot;
import app.gradior.quantity.Length;
import app.gradior.web.kitchen.KitchenCache;
import app.gradior.web.platform.NotFound;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;

/** The pots of a kitchen. */
@Component
public class Pots {
    private final PotMapper mapper;
    private final Clock clock;
    private final KitchenCache remembered;

    Pots(PotMapper mapper, Clock clock, KitchenCache remembered) {
        this.mapper = mapper;
        this.clock = clock;
        this.remembered = remembered;
    }

    public List<KitchenPot> all(UUID kitchen) {
        return remembered.of(kitchen, KitchenPot.class, () -> List.copyOf(mapper.all(kitchen)));
    }

    public Optional<KitchenPot> find(UUID kitchen, UUID id) {
        return mapper.find(kitchen, id);
    }

    /** @throws NotFound if the kitchen has no such pot */
    public KitchenPot get(UUID kitchen, UUID id) {
        return find(kitchen, id).orElseThrow(() -> new NotFound("pot"));
    }

    /**
     * A pan of a plain width, told and not measured: the one the kitchen has of it, or one to be added when it is used. It is
     * the same pan each time that width is told.
     *
     * @param called what it is named if it is new
     */
    public KitchenPot plain(UUID kitchen, Length width, String called) {
        UUID id = UUID.nameUUIDFromBytes(
                (kitchen + " pan of " + Math.round(width.millimetres())).getBytes(StandardCharsets.US_ASCII));
        return find(kitchen, id).orElseGet(() -> KitchenPot.unmeasured(id, called, Pot.ofWidth(width)));
    }

    /** Adds a pot that the kitchen may have already. */
    public void addOnce(UUID kitchen, KitchenPot pot) {
        if (find(kitchen, pot.id()).isEmpty()) {
            try {
                add(kitchen, pot);
            } catch (DuplicateKeyException two) {
                // Added by another request at this moment.
                return;
            }
        }
    }

    public void add(UUID kitchen, KitchenPot pot) {
        mapper.insert(kitchen, pot, clock.instant());
    }

    public void change(UUID kitchen, KitchenPot pot) {
        mapper.update(kitchen, pot);
    }
}
