package app.gradior.web.equipment;

import app.gradior.web.platform.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The rings of a kitchen, in the order in which they are looked at. */
@Component
public class Rings {
    private final RingMapper mapper;
    private final Clock clock;

    Rings(RingMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    public List<KitchenRing> all(UUID kitchen) {
        return mapper.all(kitchen);
    }

    /** One that is there or was: what was cooked on it still names it. */
    public Optional<KitchenRing> find(UUID kitchen, UUID id) {
        return mapper.find(kitchen, id);
    }

    /** @throws NotFound if the kitchen never had such a ring */
    public KitchenRing get(UUID kitchen, UUID id) {
        return find(kitchen, id).orElseThrow(() -> new NotFound("ring"));
    }

    public void add(UUID kitchen, KitchenRing ring) {
        mapper.insert(kitchen, ring);
    }

    public void change(UUID kitchen, KitchenRing ring) {
        mapper.update(kitchen, ring);
    }

    /** Puts its middle at a place of the stove, in mm from its left and back. */
    public void place(UUID kitchen, UUID id, int x, int y) {
        mapper.place(kitchen, id, x, y);
    }

    public void remove(UUID kitchen, UUID id) {
        mapper.remove(kitchen, id, clock.instant());
    }
}
