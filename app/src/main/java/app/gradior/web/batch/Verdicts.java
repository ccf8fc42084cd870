package app.gradior.web.batch;

import app.gradior.web.kitchen.Accounts;
import app.gradior.web.platform.NotFound;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What people said of batches. */
@Component
public class Verdicts {
    private final VerdictMapper mapper;
    private final CookMapper cooks;

    Verdicts(VerdictMapper mapper, CookMapper cooks) {
        this.mapper = mapper;
        this.cooks = cooks;
    }

    /** Keeps a verdict; the same person's of the same day is replaced. The cook's row is locked: its summary changes with it. */
    @Transactional
    public void say(UUID kitchen, Verdict verdict) {
        CookRow cook = cooks.lock(kitchen, verdict.cookId()).orElseThrow(() -> new NotFound("batch"));
        mapper.write(kitchen, cook.sauceId(), verdict);
        mapper.summarise(kitchen, verdict.cookId());
    }

    @Transactional
    public void takeBack(UUID kitchen, UUID cook, String person, boolean nextDay) {
        cooks.lock(kitchen, cook);
        mapper.remove(kitchen, cook, person, nextDay);
        mapper.summarise(kitchen, cook);
    }

    /** What somebody said and cooked as a guest is theirs under their own name. */
    @EventListener
    void rename(Accounts.Renamed renamed) {
        mapper.rename(renamed.kitchen(), renamed.from(), renamed.to());
        mapper.renameCook(renamed.kitchen(), renamed.from(), renamed.to());
    }

    /** On one batch, those of its day first. */
    public List<Verdict> of(UUID kitchen, UUID cook) {
        return mapper.of(kitchen, cook);
    }

    /** On the batches of a sauce, the latest first. */
    public List<Verdict> ofSauce(UUID kitchen, UUID sauce, int limit) {
        return mapper.ofSauce(kitchen, sauce, limit);
    }

    public List<Verdict> all(UUID kitchen) {
        return mapper.all(kitchen);
    }
}
