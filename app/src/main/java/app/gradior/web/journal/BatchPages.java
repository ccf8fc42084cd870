package app.gradior.web.journal;

import app.gradior.web.batch.BatchText;
import app.gradior.web.batch.CookRow;
import app.gradior.web.batch.Verdict;
import app.gradior.web.batch.Verdicts;
import app.gradior.web.equipment.Pots;
import app.gradior.web.keeping.Jars;
import app.gradior.web.kitchen.Accounts;
import app.gradior.web.kitchen.CurrentKitchen;
import app.gradior.web.learning.PotLearning;
import app.gradior.web.live.CookView;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import tools.jackson.databind.json.JsonMapper;

/** What stands around a batch: what was said of it, its picture, what it makes one ask. */
@Component
class BatchPages {
    /** From then on what is said of a batch is said of it on the next day. */
    static final Duration NEXT_DAY = Duration.ofHours(12);

    private final Verdicts verdicts;
    private final BatchPhotoMapper photos;
    private final PotLearning pots;
    private final Pots kitchenPots;
    private final Accounts accounts;
    private final Jars jars;
    private final JsonMapper json;
    private final Clock clock;

    BatchPages(
            Verdicts verdicts,
            BatchPhotoMapper photos,
            PotLearning pots,
            Pots kitchenPots,
            Accounts accounts,
            Jars jars,
            JsonMapper json,
            Clock clock) {
        this.verdicts = verdicts;
        this.photos = photos;
        this.pots = pots;
        this.kitchenPots = kitchenPots;
        this.accounts = accounts;
        this.jars = jars;
        this.json = json;
        this.clock = clock;
    }

    /** What the journal can be searched by. */
    void filters(UUID kitchen, Model model) {
        model.addAttribute("pots", kitchenPots.all(kitchen));
        model.addAttribute("cooks", accounts.people(kitchen));
    }

    String chart(CookView view) {
        return json.writeValueAsString(view.drawing());
    }

    boolean nextDay(CookRow batch) {
        return Duration.between(batch.finishedAt(), clock.instant()).compareTo(NEXT_DAY) > 0;
    }

    Instant now() {
        return clock.instant();
    }

    void present(UUID kitchen, CookRow batch, Model model) {
        boolean nextDay = nextDay(batch);
        String person = CurrentKitchen.person().orElse("");
        List<Verdict> all = verdicts.of(kitchen, batch.id());
        model.addAttribute("nextDay", nextDay);
        model.addAttribute(
                "own",
                all.stream()
                        .filter(v -> v.person().equals(person) && v.nextDay() == nextDay)
                        .findFirst()
                        .orElse(null));
        model.addAttribute(
                "others",
                all.stream()
                        .filter(v -> !(v.person().equals(person) && v.nextDay() == nextDay))
                        .toList());
        model.addAttribute("steps", BatchText.STEPS);
        model.addAttribute("agains", Verdict.Again.values());
        model.addAttribute("jars", jars.ofBatch(kitchen, batch.id()));
        model.addAttribute("photo", photos.has(kitchen, batch.id()));
        model.addAttribute("otherPot", pots.change(kitchen, batch.potId()).orElse(null));
    }
}
