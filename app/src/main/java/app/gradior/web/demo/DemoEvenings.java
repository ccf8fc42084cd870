package app.gradior.web.demo;

import app.gradior.web.evening.Evenings;
import app.gradior.web.exchange.KitchenFile;
import app.gradior.web.sauce.Sauce;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Puts the evenings of a demo kitchen together from its file. */
@Component
class DemoEvenings {
    private static final int QUARTER = 15;

    private final Evenings evenings;
    private final Clock clock;

    DemoEvenings(Evenings evenings, Clock clock) {
        this.evenings = evenings;
        this.clock = clock;
    }

    /** Served at a quarter of an hour, as people are. */
    void add(UUID kitchen, KitchenFile.EveningEntry entry, Map<String, Sauce> sauces) {
        Instant at = clock.instant()
                .plus(Duration.ofMinutes(Math.round(entry.servedInMinutes())))
                .truncatedTo(ChronoUnit.MINUTES);
        long past = Math.floorMod(at.getEpochSecond() / 60, (long) QUARTER);
        List<Evenings.Wanted> jobs = entry.jobs().stream()
                .map(job -> new Evenings.Wanted(
                        Optional.ofNullable(job.sauce())
                                .map(name -> sauces.get(name).id()),
                        Optional.ofNullable(job.line()).orElse("")))
                .toList();
        evenings.add(kitchen, entry.name(), at.plus(Duration.ofMinutes(past == 0 ? 0 : QUARTER - past)), jobs);
    }
}
