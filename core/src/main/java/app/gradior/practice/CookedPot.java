package app.gradior.practice;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.time.Instant;
import java.util.List;

/**
 * The pot of a cook as it truly is: what happens to the cook happens to it, at its own pace, whatever anybody reads. It
 * goes on from where it was last asked, unless something was entered for an earlier moment.
 */
public final class CookedPot {
    private final double k;
    private List<CookEvent> heard = List.of();
    private Instant asked = Instant.MIN;
    private SimulatedPot pot;

    /** @param k how fast it loses water against the model */
    public CookedPot(double k) {
        this.k = k;
    }

    /** As it is at a moment, by the cook as it is told so far. */
    public synchronized SimulatedPot at(Cook told, Instant now) {
        List<CookEvent> events = told.events();
        if (pot == null || !events.equals(heard) || now.isBefore(asked)) {
            pot = replayed(told, events, now);
            heard = events;
        } else {
            pot = pot.at(seconds(told, now));
        }
        asked = now;
        return pot;
    }

    private SimulatedPot replayed(Cook told, List<CookEvent> events, Instant now) {
        CookEvent.Started start = told.started();
        CookActs acts = new CookActs();
        SimulatedPot then = SimulatedPot.of(new SimulatedPot.Setup(
                start.mixture(),
                start.temperature(),
                start.conditions(),
                new Truth(k, ThicknessFactor.ONE),
                SimulatedPot.Foaming.of(start.mixture())));
        List<Act> putOn = start.match(acts);
        // Where somebody saw when it began to simmer, it did not before.
        boolean seen = events.stream().anyMatch(event -> event instanceof CookEvent.Simmers);
        for (Act act : seen ? List.<Act>of() : putOn) {
            then = then.after(act);
        }
        for (CookEvent event : events) {
            if (event.at().isAfter(now)) {
                break;
            }
            for (Act act : event.match(acts)) {
                then = then.at(seconds(told, event.at())).after(act);
            }
        }
        return then.at(seconds(told, now));
    }

    private static double seconds(Cook told, Instant now) {
        return Math.max(0, Duration.between(told.started().at(), now).toMillis() / 1000.0);
    }
}
