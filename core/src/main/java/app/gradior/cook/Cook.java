package app.gradior.cook;

import app.gradior.cook.CookEvent.Started;
import app.gradior.plan.Snapshot;
import app.gradior.plan.Target;
import app.gradior.pot.Conditions;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * A batch under way or finished: the fold of its events. Events may come in any order; they count in the order of their
 * times. The same events always give the same cook.
 */
public final class Cook {
    private static final Set<EventKind> CHANGE_WHAT_WAS =
            EnumSet.of(EventKind.STARTED, EventKind.UNDONE, EventKind.CONFIRMED, EventKind.SIMMERS);

    private final List<CookEvent> events;
    private final PotState state;
    private final List<ReadingResult> results;
    private final Optional<PotState> beforeLastResult;
    private final Optional<CookEvent.Finished> finished;
    private final boolean yieldExplained;

    /**
     * What a reading told.
     *
     * @param expected what was expected of it, in its own SI unit (kg, m, l, grade, °C)
     * @param measured what it showed, in the same unit
     * @param questioned whether it was too far off to be used unless confirmed
     */
    public record ReadingResult(CookEvent.Reading reading, double expected, double measured, boolean questioned) {}

    private Cook(List<CookEvent> events, CookFold fold) {
        this.events = events;
        this.state = fold.state();
        this.results = fold.results();
        this.beforeLastResult = fold.beforeLastResult();
        this.finished = fold.finished();
        this.yieldExplained = fold.yieldExplained();
    }

    /**
     * The cook that these events tell.
     *
     * @throws IllegalArgumentException if none, or more than one, of them starts it
     */
    public static Cook of(Collection<? extends CookEvent> events) {
        List<Started> starts = events.stream()
                .filter(Started.class::isInstance)
                .map(Started.class::cast)
                .toList();
        if (starts.size() != 1) {
            throw new IllegalArgumentException("a cook has one start but there are " + starts.size());
        }
        Undoing undoing = Undoing.of(events);
        Set<UUID> confirmed = new HashSet<>();
        List<CookEvent> counting = new ArrayList<>();
        for (CookEvent event : events) {
            if (!undoing.undone(event.id()) && event.kind() != EventKind.STARTED) {
                counting.add(event);
                if (event instanceof CookEvent.Confirmed confirm) {
                    confirmed.add(confirm.reading());
                }
            }
        }
        counting.sort(Comparator.comparing(CookEvent::at));
        CookFold fold = new CookFold(PotState.of(starts.get(0), counting));
        counting.forEach(event -> fold.take(event, confirmed.contains(event.id())));
        return new Cook(List.copyOf(counting), fold);
    }

    /**
     * This cook with one more event, where that can simply be carried on: it is the latest of all, and changes nothing of what
     * came before it. The same as folding them all anew.
     *
     * @return empty if they have to be folded anew
     */
    public Optional<Cook> plus(CookEvent event) {
        boolean latest = !event.at().isBefore(state.at()) && !event.at().isBefore(lastHeard());
        if (!latest || CHANGE_WHAT_WAS.contains(event.kind())) {
            return Optional.empty();
        }
        List<CookEvent> more = new ArrayList<>(events);
        more.add(event);
        CookFold fold = new CookFold(state, results, beforeLastResult, finished, yieldExplained);
        fold.take(event, false);
        return Optional.of(new Cook(List.copyOf(more), fold));
    }

    public Started started() {
        return state.started();
    }

    /** Everything that counts after the start, in the order of its time. */
    public List<CookEvent> events() {
        return events;
    }

    /** What was expected from a moment on before the latest reading told something; empty if none has. */
    public Optional<Forecast> forecastBeforeLastResult(Instant now) {
        return beforeLastResult.map(before -> before.forecast(now));
    }

    /** What the readings told, in order. */
    public List<ReadingResult> results() {
        return results;
    }

    public Conditions conditions() {
        return state.conditions();
    }

    public Optional<CookEvent.Finished> finished() {
        return finished;
    }

    /** Whether what was weighed at the end can have come of evaporation; if not, nothing is learnt from it. */
    public boolean yieldExplained() {
        return yieldExplained;
    }

    public boolean onHeat() {
        return state.onHeat();
    }

    /** Whether somebody has said that it simmers. */
    public boolean simmerSeen() {
        return state.simmerSeen();
    }

    /** When it simmered, or is thought to. */
    public Instant simmersFrom() {
        return state.simmersFrom();
    }

    /** Evaporation against the model's as learnt so far, with its range. */
    public Interval k() {
        return Interval.logNormal(
                state.estimate().k(), state.estimate().covariance().lnKSd());
    }

    /** The sauce's thickness factor as learnt so far, with its range. */
    public Interval thickness() {
        return Interval.logNormal(
                state.estimate().thickness().value(),
                state.estimate().covariance().lnThicknessSd());
    }

    /** The most that can be in the pot at a moment: what went in so far, with what its measuring may be off. */
    public Mass maxPossible(Instant moment) {
        double kilograms = started().mixture().mass().kilograms();
        for (CookEvent event : events) {
            if (event.at().isAfter(moment)) {
                continue;
            }
            if (event instanceof CookEvent.Added added) {
                kilograms += added.mixture().mass().kilograms();
            } else if (event instanceof CookEvent.SlurryPoured poured) {
                kilograms += poured.powder().plus(poured.water()).kilograms();
            }
        }
        return Mass.ofKilograms(kilograms * (1 + 4 * PotState.FILLING_LOG_SD) + 0.02);
    }

    /** What is to be expected from a moment on, as it is going now. */
    public Forecast forecast(Instant now) {
        return state.forecast(now);
    }

    /** The sauce as it is believed to be at a moment after all that happened, with nothing of what is to come. */
    public Snapshot sauceAt(Instant moment) {
        PotState then = state.carriedOnTo(moment);
        return Snapshot.of(
                then.estimate().mixture(), then.evaporation(), then.estimate().thickness());
    }

    /** The timers that have not been stopped, in the order in which they ring. */
    public List<CookEvent.TimerStarted> timers() {
        Set<UUID> stopped = new HashSet<>();
        List<CookEvent.TimerStarted> timers = new ArrayList<>();
        for (CookEvent event : events) {
            if (event instanceof CookEvent.TimerStarted timer) {
                timers.add(timer);
            } else if (event instanceof CookEvent.TimerStopped stop) {
                stopped.add(stop.timer());
            }
        }
        timers.removeIf(timer -> stopped.contains(timer.id()));
        timers.sort(Comparator.comparing(CookEvent.TimerStarted::rings));
        return timers;
    }

    /** When it is wanted on the table, by what was said last. */
    public Optional<Instant> wanted() {
        return events.stream()
                .filter(CookEvent.Wanted.class::isInstance)
                .map(event -> ((CookEvent.Wanted) event).table())
                .reduce((earlier, later) -> later);
    }

    /** When it was last stirred; done, by the latest word on it; empty if nothing was said. */
    public Optional<Boolean> ticked(String step) {
        Optional<Boolean> done = Optional.empty();
        for (CookEvent event : events) {
            if (event instanceof CookEvent.Ticked tick && tick.step().equals(step)) {
                done = Optional.of(tick.done());
            }
        }
        return done;
    }

    /** When it was last stirred; when it began to simmer if nobody said so. */
    public Instant stirredAt() {
        return events.stream()
                .filter(CookEvent.Stirred.class::isInstance)
                .map(CookEvent::at)
                .reduce((a, b) -> b)
                .orElse(simmersFrom());
    }

    /** Starch that went in as slurry, over all pours. */
    public Mass starchPoured() {
        return events.stream()
                .filter(CookEvent.SlurryPoured.class::isInstance)
                .map(event -> ((CookEvent.SlurryPoured) event).powder())
                .reduce(Mass.ZERO, Mass::plus);
    }

    /** When the latest thing happened. */
    public Instant lastHeard() {
        return events.isEmpty() ? started().at() : events.get(events.size() - 1).at();
    }

    /**
     * The range of the time left if it were weighed now and weighed what is expected: what a reading would be worth.
     *
     * @return empty if there is no time to narrow
     */
    public Optional<Interval> ifWeighed(Instant now) {
        Forecast as = forecast(now);
        if (as.minutesLeft().isEmpty() || as.reached()) {
            return Optional.empty();
        }
        Mass tare = conditions().pot().tare();
        CookFold then = new CookFold(state);
        then.take(
                new CookEvent.Weighed(
                        new UUID(0, 0), now, tare.plus(as.current().mass()), tare),
                false);
        return then.state().forecast(now).minutesLeft();
    }

    /** What the cook aims at. */
    public Target target() {
        return started().target();
    }
}
