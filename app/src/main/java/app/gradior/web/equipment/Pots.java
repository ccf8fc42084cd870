package app.gradior.web.equipment;

import app.gradior.web.platform.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The pots of a kitchen. */
@Component
public class Pots {
    private final PotMapper mapper;
    private final Clock clock;

    Pots(PotMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    public List<KitchenPot> all(UUID kitchen) {
        return mapper.all(kitchen);
    }

    public Optional<KitchenPot> find(UUID kitchen, UUID id) {
        return mapper.find(kitchen, id);
    }

    /** @throws NotFound if the kitchen has no such pot */
    public KitchenPot get(UUID kitchen, UUID id) {
        return find(kitchen, id).orElseThrow(() -> new NotFound("pot"));
    }

    public void add(UUID kitchen, KitchenPot pot) {
        mapper.insert(kitchen, pot, clock.instant());
    }

    public void change(UUID kitchen, KitchenPot pot) {
        mapper.update(kitchen, pot);
    }
}
