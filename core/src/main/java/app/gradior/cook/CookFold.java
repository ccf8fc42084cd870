package app.gradior.cook;

import app.gradior.cook.ReadingFilter.Observation;
import app.gradior.food.Mixture;
import app.gradior.plan.Slurry;
import app.gradior.pot.Activity;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.thickness.SpoonCoat;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** Takes the events of a cook one after another: what each does to the pot, and what each reading told. */
final class CookFold implements CookEvent.Cases<Void> {
    private PotState state;
    private final List<Cook.ReadingResult> results;
    private Optional<PotState> beforeLastResult;
    private Optional<CookEvent.Finished> finished;
    private boolean yieldExplained;

    /** Whether somebody says of the event just taken that it is right. */
    private boolean confirmed;

    CookFold(PotState state) {
        this(state, List.of(), Optional.empty(), Optional.empty(), true);
    }

    /** Carries on from where a cook stands. */
    CookFold(
            PotState state,
            List<Cook.ReadingResult> results,
            Optional<PotState> beforeLastResult,
            Optional<CookEvent.Finished> finished,
            boolean yieldExplained) {
        this.state = state;
        this.results = new ArrayList<>(results);
        this.beforeLastResult = beforeLastResult;
        this.finished = finished;
        this.yieldExplained = yieldExplained;
    }

    /** @param confirmed whether somebody says that it is right, if it is a reading */
    void take(CookEvent event, boolean confirmed) {
        this.confirmed = confirmed;
        event.match(this);
    }

    PotState state() {
        return state;
    }

    List<Cook.ReadingResult> results() {
        return List.copyOf(results);
    }

    Optional<PotState> beforeLastResult() {
        return beforeLastResult;
    }

    Optional<CookEvent.Finished> finished() {
        return finished;
    }

    boolean yieldExplained() {
        return yieldExplained;
    }

    private Void then(CookEvent event) {
        state = state.carriedOnTo(event.at());
        return null;
    }

    /** @param seen what it tells the filter, once time has passed; empty if it tells nothing */
    private Void observe(CookEvent.Reading reading, Supplier<Optional<Observation>> seen) {
        then(reading);
        seen.get().ifPresent(one -> take(reading, one, ReadingFilter.correct(state.estimate(), one, false)));
        return null;
    }

    @Override
    public Void started(CookEvent.Started event) {
        return null;
    }

    @Override
    public Void simmers(CookEvent.Simmers event) {
        return then(event);
    }

    @Override
    public Void heatChanged(CookEvent.HeatChanged event) {
        then(event);
        state = state.with(state.conditions().with(event.activity()));
        return null;
    }

    @Override
    public Void lidChanged(CookEvent.LidChanged event) {
        then(event);
        state = state.with(state.conditions().with(event.lid()));
        return null;
    }

    @Override
    public Void heatSwitched(CookEvent.HeatSwitched event) {
        then(event);
        state = state.onHeat(event.on());
        return null;
    }

    @Override
    public Void added(CookEvent.Added event) {
        then(event);
        remix(state.estimate().mixture().plus(event.mixture()), event.mixture().mass());
        return null;
    }

    @Override
    public Void blended(CookEvent.Blended event) {
        then(event);
        remix(state.estimate().mixture().blended(), Mass.ZERO);
        return null;
    }

    @Override
    public Void strained(CookEvent.Strained event) {
        then(event);
        remix(state.estimate().mixture().strained(event.solidsHeld(), event.liquidHeld()), Mass.ZERO);
        return null;
    }

    /** What goes in at the boil swells at once, even where it was said before the boil was. */
    @Override
    public Void slurryPoured(CookEvent.SlurryPoured event) {
        then(event);
        Slurry.Poured slurry = Slurry.pour(
                state.estimate().mixture(),
                event.starch(),
                event.powder(),
                event.water().kilograms() / event.powder().kilograms());
        remix(slurry.after(), event.powder().plus(event.water()));
        return null;
    }

    @Override
    public Void potChanged(CookEvent.PotChanged event) {
        then(event);
        state = state.with(state.conditions().with(event.pot()));
        return null;
    }

    @Override
    public Void finished(CookEvent.Finished event) {
        then(event);
        finished = Optional.of(event);
        state = state.onHeat(false);
        event.yield().ifPresent(mass -> yielded(Observation.weight(mass)));
        event.look().flatMap(look -> spoon(look, state.stove())).ifPresent(this::trust);
        return null;
    }

    @Override
    public Void weighed(CookEvent.Weighed event) {
        return observe(event, () -> Optional.of(Observation.weight(event.net())));
    }

    @Override
    public Void dipped(CookEvent.Dipped event) {
        return observe(event, () -> Optional.of(Observation.depth(event.depth().metres(), state.evaporation())));
    }

    @Override
    public Void jugged(CookEvent.Jugged event) {
        return observe(
                event, () -> Optional.of(Observation.volume(event.volume().litres(), state.evaporation())));
    }

    @Override
    public Void spoonLooked(CookEvent.SpoonLooked event) {
        return observe(event, () -> spoon(event.look(), event.temperature().orElse(state.stove())));
    }

    @Override
    public Void plateSpreadRead(CookEvent.PlateSpreadRead event) {
        return observe(event, () -> Observation.plate(event, state.estimate().mixture()));
    }

    @Override
    public Void temperatureRead(CookEvent.TemperatureRead event) {
        return observe(
                event,
                () -> boilsFreely()
                        ? Optional.of(Observation.boiling(event.temperature(), state.evaporation()))
                        : Optional.empty());
    }

    /** Only a free boil has the temperature of its boiling point. */
    private boolean boilsFreely() {
        return state.conditions().activity().compareTo(Activity.LIVELY_SIMMER) >= 0 && state.simmering(state.at());
    }

    @Override
    public Void stirred(CookEvent.Stirred event) {
        return then(event);
    }

    @Override
    public Void ticked(CookEvent.Ticked event) {
        return then(event);
    }

    @Override
    public Void timerStarted(CookEvent.TimerStarted event) {
        return then(event);
    }

    @Override
    public Void wanted(CookEvent.Wanted event) {
        return then(event);
    }

    @Override
    public Void timerStopped(CookEvent.TimerStopped event) {
        return then(event);
    }

    @Override
    public Void tasted(CookEvent.Tasted event) {
        return then(event);
    }

    @Override
    public Void jarred(CookEvent.Jarred event) {
        return then(event);
    }

    /** It is about another event, which counts or not by it. */
    @Override
    public Void undone(CookEvent.Undone event) {
        return null;
    }

    /** It is about another event, which counts or not by it. */
    @Override
    public Void confirmed(CookEvent.Confirmed event) {
        return null;
    }

    /** Puts another mixture in the pot; what went in is as uncertain as any filling. */
    private void remix(Mixture mixture, Mass put) {
        Mixture cooked = state.simmering(state.at())
                ? mixture.cookedAt(state.evaporation().stoveTemperature(mixture))
                : mixture;
        state = state.with(state.estimate().remixed(cooked, PotState.FILLING_LOG_SD * put.kilograms()));
    }

    private void take(CookEvent.Reading reading, Observation seen, ReadingFilter.Outcome first) {
        ReadingFilter.Outcome outcome = first;
        if (first.questioned() && (confirmed || agreesWithTheLast(reading, first))) {
            // Somebody says it is right, or two in a row are off alike: what was believed is wrong, not the scale.
            outcome = ReadingFilter.believe(doubted(first.estimate()), seen);
        }
        beforeLastResult = Optional.of(state);
        state = state.with(outcome.estimate());
        results.add(new Cook.ReadingResult(
                reading, first.expected(), first.measured(), outcome.questioned() && !confirmed));
    }

    private boolean agreesWithTheLast(CookEvent.Reading reading, ReadingFilter.Outcome outcome) {
        if (results.isEmpty()) {
            return false;
        }
        Cook.ReadingResult last = results.get(results.size() - 1);
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
        double off = PotState.FILLING_LOG_SD * believed.mixture().mass().kilograms();
        return believed.with(
                believed.covariance().plusSds(off, Evaporation.PRIOR_LOG_SD, ThicknessFactor.PRIOR_LOG_SD));
    }

    /** The first and the last look have no far end: seeing one tells nothing where it is expected anyway. */
    private Optional<Observation> spoon(SpoonCoat look, Celsius temperature) {
        double expected = Thickness.grade(
                        state.estimate().mixture(),
                        temperature,
                        state.estimate().thickness())
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
        yieldExplained = !ReadingFilter.correct(state.estimate(), weight, false).questioned();
        if (!yieldExplained) {
            state = state.with(state.estimate().ofAnyAmount());
        }
        trust(weight);
    }

    private void trust(Observation observation) {
        state = state.with(
                ReadingFilter.correct(state.estimate(), observation, true).estimate());
    }
}
