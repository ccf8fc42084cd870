package app.gradior.cook;

import app.gradior.cook.CookEvent.Started;
import app.gradior.cook.ReadingFilter.Observation;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Slurry;
import app.gradior.plan.Snapshot;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.quantity.MassFlow;
import app.gradior.thickness.SpoonCoat;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * A batch under way or finished: the fold of its events. Events may come in any order; they count in the order of their
 * times. The same events always give the same cook.
 */
public final class Cook {
    /** What measured ingredients are trusted to before the pot is weighed, as a share of their weight. */
    private static final double FILLING_LOG_SD = 0.015;

    /** How far the time of heating up may be off, as a share of it, while nobody has said that it simmers. */
    private static final double HEAT_UP_SD_SHARE = 0.4;

    private final Started started;
    private final List<CookEvent> events;
    private final List<ReadingResult> results = new ArrayList<>();

    private Conditions conditions;
    private Evaporation evaporation;
    private boolean onHeat = true;
    private final boolean simmerSeen;
    private final Instant simmersFrom;
    private Instant at;
    private Estimate estimate;
    private Optional<CookEvent.Finished> finished = Optional.empty();
    private boolean yieldExplained = true;
    private Optional<Cook> beforeLastResult = Optional.empty();

    /**
     * What a reading told.
     *
     * @param expected what was expected of it, in its own SI unit (kg, m, l, grade, °C)
     * @param measured what it showed, in the same unit
     * @param questioned whether it was too far off to be used unless confirmed
     */
    public record ReadingResult(CookEvent.Reading reading, double expected, double measured, boolean questioned) {}

    private Cook(Started started, List<CookEvent> events) {
        this.started = started;
        this.events = events;
        this.conditions = started.conditions();
        this.evaporation = new Evaporation(conditions);
        this.at = started.at();
        Mixture mixture = started.mixture();
        Optional<Instant> seen = events.stream()
                .filter(CookEvent.Simmers.class::isInstance)
                .map(CookEvent::at)
                .findFirst();
        this.simmerSeen = seen.isPresent();
        this.simmersFrom = seen.orElseGet(() -> started.at()
                .plus(evaporation.heatUp(mixture, started.temperature()).orElse(BoilDown.HORIZON)));
        Knowledge knowledge = started.knowledge();
        double massSd = FILLING_LOG_SD * mixture.mass().kilograms();
        RealVector mean = new ArrayRealVector(
                new double[] {
                    mixture.mass(Component.WATER).kilograms(),
                    Math.log(knowledge.k()),
                    Math.log(knowledge.thickness().value())
                },
                false);
        RealMatrix covariance = new Array2DRowRealMatrix(Estimate.SIZE, Estimate.SIZE);
        covariance.setEntry(Estimate.WATER, Estimate.WATER, massSd * massSd);
        covariance.setEntry(Estimate.LN_K, Estimate.LN_K, square(knowledge.logSdOfK()));
        covariance.setEntry(Estimate.LN_THICKNESS, Estimate.LN_THICKNESS, square(knowledge.logSdOfThickness()));
        this.estimate = new Estimate(mixture.cookedAt(evaporation.stoveTemperature(mixture)), mean, covariance);
    }

    /** The same cook as it stands, with other events and nothing told: to be asked for a forecast, or carried on by one event. */
    private Cook(Cook as, List<CookEvent> events) {
        this.started = as.started;
        this.events = events;
        this.conditions = as.conditions;
        this.evaporation = as.evaporation;
        this.onHeat = as.onHeat;
        this.simmerSeen = as.simmerSeen;
        this.simmersFrom = as.simmersFrom;
        this.at = as.at;
        this.estimate = as.estimate;
        this.finished = as.finished;
        this.yieldExplained = as.yieldExplained;
    }

    private static double square(double value) {
        return value * value;
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
            if (!undoing.undone(event.id()) && !(event instanceof Started)) {
                counting.add(event);
                if (event instanceof CookEvent.Confirmed confirm) {
                    confirmed.add(confirm.reading());
                }
            }
        }
        counting.sort(Comparator.comparing(CookEvent::at));
        Cook cook = new Cook(starts.get(0), List.copyOf(counting));
        for (CookEvent event : counting) {
            boolean aboutAnother = event instanceof CookEvent.Undone || event instanceof CookEvent.Confirmed;
            if (!aboutAnother) {
                cook.fold(event, confirmed.contains(event.id()));
            }
        }
        return cook;
    }

    /**
     * This cook with one more event, where that can simply be carried on: it is the latest of all, and changes nothing of what
     * came before it. The same as folding them all anew.
     *
     * @return empty if they have to be folded anew
     */
    public Optional<Cook> plus(CookEvent event) {
        boolean aboutEarlier = event instanceof Started
                || event instanceof CookEvent.Undone
                || event instanceof CookEvent.Confirmed
                || event instanceof CookEvent.Simmers;
        if (aboutEarlier || event.at().isBefore(at) || event.at().isBefore(lastHeard())) {
            return Optional.empty();
        }
        List<CookEvent> more = new ArrayList<>(events);
        more.add(event);
        Cook then = new Cook(this, List.copyOf(more));
        then.results.addAll(results);
        then.beforeLastResult = beforeLastResult;
        then.fold(event, false);
        return Optional.of(then);
    }

    private void fold(CookEvent event, boolean confirmed) {
        if (event instanceof CookEvent.Weighed weighed) {
            weigh(weighed, confirmed);
            return;
        }
        estimate = estimateAt(event.at());
        at = event.at().isAfter(at) ? event.at() : at;
        if (event instanceof CookEvent.Reading reading) {
            observe(reading, confirmed);
        } else if (event instanceof CookEvent.HeatChanged change) {
            change(conditions.with(change.activity()));
        } else if (event instanceof CookEvent.LidChanged change) {
            change(conditions.with(change.lid()));
        } else if (event instanceof CookEvent.HeatSwitched heat) {
            onHeat = heat.on();
        } else if (event instanceof CookEvent.Added added) {
            remix(estimate.mixture().plus(added.mixture()), added.mixture().mass());
        } else if (event instanceof CookEvent.SlurryPoured poured) {
            pour(poured);
        } else if (event instanceof CookEvent.PotChanged change) {
            change(conditions.with(change.pot()));
        } else if (event instanceof CookEvent.Blended) {
            remix(estimate.mixture().blended(), Mass.ZERO);
        } else if (event instanceof CookEvent.Strained strained) {
            remix(estimate.mixture().strained(strained.solidsHeld(), strained.liquidHeld()), Mass.ZERO);
        } else if (event instanceof CookEvent.Finished finish) {
            finished = Optional.of(finish);
            onHeat = false;
            finish.yield().ifPresent(mass -> yielded(Observation.weight(mass)));
            finish.look().flatMap(look -> spoon(look, stove())).ifPresent(this::trust);
        }
    }

    /** What goes in at the boil swells at once, even where it was said before the boil was. */
    private void pour(CookEvent.SlurryPoured poured) {
        Slurry.Poured slurry = Slurry.pour(
                estimate.mixture(),
                poured.starch(),
                poured.powder(),
                poured.water().kilograms() / poured.powder().kilograms());
        remix(slurry.after(), poured.powder().plus(poured.water()));
    }

    private void change(Conditions now) {
        conditions = now;
        evaporation = new Evaporation(now);
    }

    /** Puts another mixture in the pot; what went in is as uncertain as any filling. */
    private void remix(Mixture mixture, Mass put) {
        RealVector mean = estimate.mean().copy();
        mean.setEntry(Estimate.WATER, mixture.mass(Component.WATER).kilograms());
        RealMatrix covariance = estimate.covariance().copy();
        covariance.addToEntry(Estimate.WATER, Estimate.WATER, square(FILLING_LOG_SD * put.kilograms()));
        Mixture cooked = simmering(at) ? mixture.cookedAt(evaporation.stoveTemperature(mixture)) : mixture;
        estimate = new Estimate(cooked, mean, covariance);
    }

    private Celsius stove() {
        return evaporation.stoveTemperature(estimate.mixture());
    }

    private boolean simmering(Instant moment) {
        return onHeat && !moment.isBefore(simmersFrom);
    }

    private void observe(CookEvent.Reading reading, boolean confirmed) {
        observation(reading)
                .ifPresent(seen -> take(reading, seen, ReadingFilter.correct(estimate, seen, false), confirmed));
    }

    /** The commonest event; what a scale shows needs no look at the state first, so time and reading go in one step. */
    private void weigh(CookEvent.Weighed weighed, boolean confirmed) {
        Observation seen = Observation.weight(weighed.net());
        ReadingFilter.Outcome outcome = ReadingFilter.predictAndCorrect(
                startedToSimmer(weighed.at()), Optional.of(evaporation), secondsOfSimmerUntil(weighed.at()), seen);
        at = weighed.at().isAfter(at) ? weighed.at() : at;
        take(weighed, seen, outcome, confirmed);
    }

    private void take(CookEvent.Reading reading, Observation seen, ReadingFilter.Outcome first, boolean confirmed) {
        ReadingFilter.Outcome outcome = first;
        if (first.questioned() && (confirmed || agreesWithTheLast(reading, first))) {
            // Somebody says it is right, or two in a row are off alike: what was believed is wrong, not the scale.
            outcome = ReadingFilter.believe(doubted(first.estimate()), seen);
        }
        beforeLastResult = Optional.of(new Cook(this, List.of()));
        estimate = outcome.estimate();
        results.add(new ReadingResult(reading, first.expected(), first.measured(), outcome.questioned() && !confirmed));
    }

    private boolean agreesWithTheLast(CookEvent.Reading reading, ReadingFilter.Outcome outcome) {
        if (results.isEmpty()) {
            return false;
        }
        ReadingResult last = results.get(results.size() - 1);
        double offNow = outcome.measured() - outcome.expected();
        double offThen = last.measured() - last.expected();
        return last.questioned()
                && last.reading().getClass() == reading.getClass()
                && offNow * offThen > 0
                && Math.abs(offNow) < 3 * Math.abs(offThen)
                && Math.abs(offThen) < 3 * Math.abs(offNow);
    }

    /** The estimate with its certainty about evaporation, thickness and weight taken back to the start's. */
    private static Estimate doubted(Estimate believed) {
        RealMatrix covariance = believed.covariance().copy();
        double off = FILLING_LOG_SD * believed.mixture().mass().kilograms();
        covariance.addToEntry(Estimate.WATER, Estimate.WATER, square(off));
        covariance.addToEntry(Estimate.LN_K, Estimate.LN_K, square(Evaporation.PRIOR_LOG_SD));
        covariance.addToEntry(Estimate.LN_THICKNESS, Estimate.LN_THICKNESS, square(ThicknessFactor.PRIOR_LOG_SD));
        return new Estimate(believed.reference(), believed.mean(), covariance);
    }

    /** What a reading other than a weighing tells the filter. */
    private Optional<Observation> observation(CookEvent.Reading reading) {
        if (reading instanceof CookEvent.Dipped dipped) {
            return Optional.of(Observation.depth(dipped.depth().metres(), evaporation));
        }
        if (reading instanceof CookEvent.Jugged jugged) {
            return Optional.of(Observation.volume(jugged.volume().litres(), evaporation));
        }
        if (reading instanceof CookEvent.SpoonLooked spoon) {
            return spoon(spoon.look(), spoon.temperature().orElse(stove()));
        }
        if (reading instanceof CookEvent.PlateSpreadRead plate) {
            return Observation.plate(plate, estimate.mixture());
        }
        Celsius read = ((CookEvent.TemperatureRead) reading).temperature();
        // Only a free boil has the temperature of its boiling point.
        boolean boilsFreely = conditions.activity().compareTo(Activity.LIVELY_SIMMER) >= 0 && simmering(at);
        return boilsFreely ? Optional.of(Observation.boiling(read, evaporation)) : Optional.empty();
    }

    /** The first and the last look have no far end: seeing one tells nothing where it is expected anyway. */
    private Optional<Observation> spoon(SpoonCoat look, Celsius temperature) {
        double expected = Thickness.grade(estimate.mixture(), temperature, estimate.thickness())
                .value();
        boolean thinnerStill =
                look == SpoonCoat.RUNS_CLEAR && expected < look.grade().value();
        boolean thickerStill =
                look == SpoonCoat.MOUNDS && expected > look.grade().value();
        return thinnerStill || thickerStill ? Optional.empty() : Optional.of(Observation.spoon(look, temperature));
    }

    /**
     * What came out is what there is, whatever was believed; but where the pot can't have lost so much or so little in its
     * time, some of it went another way than into the air, or was mistyped: its evaporation is left as it was.
     */
    private void yielded(Observation weight) {
        yieldExplained = !ReadingFilter.correct(estimate, weight, false).questioned();
        if (!yieldExplained) {
            estimate = estimate.ofAnyAmount();
        }
        trust(weight);
    }

    private void trust(Observation observation) {
        estimate = ReadingFilter.correct(estimate, observation, true).estimate();
    }

    /** The estimate carried on to a moment, by evaporation alone; the present one if that is past. */
    private Estimate estimateAt(Instant moment) {
        double seconds = secondsOfSimmerUntil(moment);
        return seconds <= 0
                ? estimate
                : ReadingFilter.predict(startedToSimmer(moment), Optional.of(evaporation), seconds);
    }

    private double secondsOfSimmerUntil(Instant moment) {
        Instant from = at.isBefore(simmersFrom) ? simmersFrom : at;
        return onHeat ? Duration.between(from, moment).toNanos() / 1e9 : 0;
    }

    /**
     * The present estimate; if it comes to the simmer on the way to a moment and nobody has said when, with the doubt about
     * what it may have lost by then.
     */
    private Estimate startedToSimmer(Instant moment) {
        if (simmerSeen || !onHeat || !at.isBefore(simmersFrom) || !moment.isAfter(simmersFrom)) {
            return estimate;
        }
        double heatUp = Duration.between(started.at(), simmersFrom).toMillis() / 1e3;
        double sd = HEAT_UP_SD_SHARE * heatUp * estimate.k() * estimate.unitLoss(evaporation);
        RealMatrix covariance = estimate.covariance().copy();
        covariance.addToEntry(Estimate.WATER, Estimate.WATER, square(sd));
        return new Estimate(estimate.reference(), estimate.mean(), covariance);
    }

    public Started started() {
        return started;
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
        return List.copyOf(results);
    }

    public Conditions conditions() {
        return conditions;
    }

    public Optional<CookEvent.Finished> finished() {
        return finished;
    }

    /** Whether what was weighed at the end can have come of evaporation; if not, nothing is learnt from it. */
    public boolean yieldExplained() {
        return yieldExplained;
    }

    public boolean onHeat() {
        return onHeat;
    }

    /** Whether somebody has said that it simmers. */
    public boolean simmerSeen() {
        return simmerSeen;
    }

    /** When it simmered, or is thought to. */
    public Instant simmersFrom() {
        return simmersFrom;
    }

    /** Evaporation against the model's as learnt so far, with its range. */
    public Interval k() {
        return Interval.logNormal(estimate.k(), estimate.sd(Estimate.LN_K));
    }

    /** The sauce's thickness factor as learnt so far, with its range. */
    public Interval thickness() {
        return Interval.logNormal(estimate.thickness().value(), estimate.sd(Estimate.LN_THICKNESS));
    }

    /** The most that can be in the pot at a moment: what went in so far, with what its measuring may be off. */
    public Mass maxPossible(Instant moment) {
        double kilograms = started.mixture().mass().kilograms();
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
        return Mass.ofKilograms(kilograms * (1 + 4 * FILLING_LOG_SD) + 0.02);
    }

    /** What is to be expected from a moment on, as it is going now. */
    public Forecast forecast(Instant now) {
        Estimate present = estimateAt(now);
        Mixture mixture = present.mixture();
        ThicknessFactor thickness = present.thickness();
        Snapshot current = Snapshot.of(mixture, evaporation, thickness);
        Duration heatingUp = onHeat && simmersFrom.isAfter(now) ? Duration.between(now, simmersFrom) : Duration.ZERO;
        Projection ahead = new Projection(
                present, evaporation, target(), started.mixture(), onHeat, heatingUp.toMillis() / 60_000.0);
        return new Forecast(
                now,
                current,
                present.grams(),
                grade(present, current),
                simmering(now)
                        ? new MassFlow(present.k() * present.unitLoss(evaporation) * mixture.lossPerWater())
                        : new MassFlow(0),
                heatingUp,
                ahead.minutesLeft(),
                ahead.atTarget(),
                ahead.path());
    }

    private Interval grade(Estimate present, Snapshot current) {
        double water = present.mean().getEntry(Estimate.WATER);
        double step = Math.max(1e-6, present.sd(Estimate.WATER));
        double thicker = Thickness.grade(
                        present.mixtureWith(Math.max(water * 0.01, water - step)), current.stove(), present.thickness())
                .value();
        double other = Thickness.grade(
                        present.mixture(),
                        current.stove(),
                        ThicknessFactor.ofLogarithm(
                                present.mean().getEntry(Estimate.LN_THICKNESS) + present.sd(Estimate.LN_THICKNESS)))
                .value();
        double middle = current.atStove().value();
        return Interval.normal(middle, Math.hypot(thicker - middle, other - middle));
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
                .orElse(simmersFrom);
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
        return events.isEmpty() ? started.at() : events.get(events.size() - 1).at();
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
        Mass tare = conditions.pot().tare();
        Cook then = new Cook(this, List.of());
        then.fold(
                new CookEvent.Weighed(
                        new UUID(0, 0), now, tare.plus(as.current().mass()), tare),
                false);
        return then.forecast(now).minutesLeft();
    }

    /** What the cook aims at. */
    public Target target() {
        return started.target();
    }
}
