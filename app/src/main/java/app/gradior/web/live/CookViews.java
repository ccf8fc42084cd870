package app.gradior.web.live;

import app.gradior.web.batch.BatchService;
import app.gradior.web.text.PlanText;
import app.gradior.web.text.Wording;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Makes views of cooks: of a finished one as it was when it came off, of any other as it is now. */
@Component
public class CookViews {
    private final BatchService cooks;
    private final Wording say;
    private final PlanText words;

    CookViews(BatchService cooks, Wording say, PlanText words) {
        this.cooks = cooks;
        this.say = say;
        this.words = words;
    }

    public CookView of(BatchService.StoredCook kept) {
        return new CookView(
                kept, kept.row().finishedAt() == null ? cooks.now() : kept.row().finishedAt(), say, words);
    }

    /** Every cook of a kitchen that is on the heat or waits to come off. */
    public List<CookView> underWay(UUID kitchen) {
        return cooks.underWay(kitchen).stream().map(this::of).toList();
    }

    /** The moment that views of running cooks are of. */
    public Instant now() {
        return cooks.now();
    }
}
