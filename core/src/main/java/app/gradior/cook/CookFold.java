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
import java.util.function.Function;

/** Takes the events of a cook one after another: what each does to the pot, and what each reading told. */
final class CookFold implements CookEvent.Cases<PotState> {
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
        state = event.match(this);
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

    /** Time passed until it happened. */
    private PotState when(CookEvent event) {
        return state.carriedOnTo(event.at());
    }

    /** @param seen what it tells the filter of the pot as it is then; empty if it tells nothing */
    private PotState observe(CookEvent.Reading reading, Function<PotState, Optional<Observation>> seen) {
        PotState then = when(reading);
        return seen.apply(then)
                .map(one -> told(then, reading, one, ReadingFilter.correct(then.estimate(), one, false)))
                .orElse(then);
    }

    @Override
    public PotState started(CookEvent.Started event) {
        return state;
    }

    @Override
    public PotState simmers(CookEvent.Simmers event) {
        return when(event);
    }

    @Override
    public PotState heatChanged(CookEvent.HeatChanged event) {
        PotState then = when(event);
        return then.with(then.conditions().with(event.activity()));
    }

    @Override
    public PotState lidChanged(CookEvent.LidChanged event) {
        PotState then = when(event);
        return then.with(then.conditions().with(event.lid()));
    }

    @Override
    public PotState heatSwitched(CookEvent.HeatSwitched event) {
        return when(event).onHeat(event.on());
    }

    @Override
    public PotState added(CookEvent.Added event) {
        PotState then = when(event);
        return remixed(
                then,
                then.estimate().mixture().plus(event.mixture()),
                event.mixture().mass());
    }

    @Override
    public PotState blended(CookEvent.Blended event) {
        PotState then = when(event);
        return remixed(then, then.estimate().mixture().blended(), Mass.ZERO);
    }

    @Override
    public PotState strained(CookEvent.Strained event) {
        PotState then = when(event);
        return remixed(then, then.estimate().mixture().strained(event.solidsHeld(), event.liquidHeld()), Mass.ZERO);
    }

    /** What goes in at the boil swells at once, even where it was said before the boil was. */
    @Override
    public PotState slurryPoured(CookEvent.SlurryPoured event) {
        PotState then = when(event);
        Slurry.Poured slurry = Slurry.pour(
                then.estimate().mixture(),
                event.starch(),
                event.powder(),
                event.water().kilograms() / event.powder().kilograms());
        return remixed(then, slurry.after(), event.powder().plus(event.water()));
    }

    @Override
    public PotState potChanged(CookEvent.PotChanged event) {
        PotState then = when(event);
        return then.with(then.conditions().with(event.pot()));
    }

    @Override
    public PotState finished(CookEvent.Finished event) {
        finished = Optional.of(event);
        PotState off = when(event).onHeat(false);
        PotState weighed = event.yield()
                .map(mass -> yielded(off, Observation.weight(mass)))
                .orElse(off);
        return event.look()
                .flatMap(look -> spoon(weighed, look, weighed.stove(), SpoonCoat.SD_GRADES))
                .map(seen -> trusting(weighed, seen))
                .orElse(weighed);
    }

    @Override
    public PotState weighed(CookEvent.Weighed event) {
        return observe(event, then -> Optional.of(Observation.weight(event.net())));
    }

    @Override
    public PotState dipped(CookEvent.Dipped event) {
        return observe(
                event, then -> Optional.of(Observation.depth(event.depth().metres(), then.evaporation())));
    }

    @Override
    public PotState jugged(CookEvent.Jugged event) {
        return observe(
                event, then -> Optional.of(Observation.volume(event.volume().litres(), then.evaporation())));
    }

    @Override
    public PotState spoonLooked(CookEvent.SpoonLooked event) {
        return observe(
                event,
                then -> spoon(
                        then,
                        event.look(),
                        event.temperature().orElse(then.stove()),
                        event.sd().orElse(SpoonCoat.SD_GRADES)));
    }

    @Override
    public PotState plateSpreadRead(CookEvent.PlateSpreadRead event) {
        return observe(event, then -> Observation.plate(event, then.estimate().mixture()));
    }

    @Override
    public PotState temperatureRead(CookEvent.TemperatureRead event) {
        return observe(
                event,
                then -> boilsFreely(then)
                        ? Optional.of(Observation.boiling(event.temperature(), then.evaporation()))
                        : Optional.empty());
    }

    /** Only a free boil has the temperature of its boiling point. */
    private static boolean boilsFreely(PotState then) {
        return then.conditions().activity().compareTo(Activity.LIVELY_SIMMER) >= 0 && then.simmering(then.at());
    }

    @Override
    public PotState stirred(CookEvent.Stirred event) {
        return when(event);
    }

    @Override
    public PotState ticked(CookEvent.Ticked event) {
        return when(event);
    }

    @Override
    public PotState timerStarted(CookEvent.TimerStarted event) {
        return when(event);
    }

    @Override
    public PotState wanted(CookEvent.Wanted event) {
        return when(event);
    }

    @Override
    public PotState timerStopped(CookEvent.TimerStopped event) {
        return when(event);
    }

    @Override
    public PotState tasted(CookEvent.Tasted event) {
        return when(event);
    }

    @Override
    public PotState jarred(CookEvent.Jarred event) {
        return when(event);
    }

    /** It is about another event, which counts or not by it. */
    @Override
    public PotState undone(CookEvent.Undone event) {
        return state;
    }

    /** It is about another event, which counts or not by it. */
    @Override
    public PotState confirmed(CookEvent.Confirmed event) {
        return state;
    }

    /** Another mixture in the pot; what went in is as uncertain as any filling. */
    private static PotState remixed(PotState then, Mixture mixture, Mass put) {
        Mixture cooked =
                then.simmering(then.at()) ? mixture.cookedAt(then.evaporation().stoveTemperature(mixture)) : mixture;
        return then.with(then.estimate().remixed(cooked, PotState.FILLING_LOG_SD * put.kilograms()));
    }

    private PotState told(PotState then, CookEvent.Reading reading, Observation seen, ReadingFilter.Outcome first) {
        ReadingFilter.Outcome outcome = first;
        if (first.questioned() && (confirmed || agreesWithTheLast(reading, first))) {
            // Somebody says it is right, or two in a row are off alike: what was believed is wrong, not the scale.
            outcome = ReadingFilter.believe(doubted(first.estimate()), seen);
        }
        beforeLastResult = Optional.of(then);
        results.add(new Cook.ReadingResult(
                reading, first.expected(), first.measured(), outcome.questioned() && !confirmed));
        return then.with(outcome.estimate());
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
    private static Optional<Observation> spoon(PotState then, SpoonCoat look, Celsius temperature, double sd) {
        double expected = Thickness.grade(
                        then.estimate().mixture(), temperature, then.estimate().thickness())
                .value();
        boolean thinnerStill =
                look == SpoonCoat.RUNS_CLEAR && expected < look.grade().value();
        boolean thickerStill =
                look == SpoonCoat.MOUNDS && expected > look.grade().value();
        return thinnerStill || thickerStill ? Optional.empty() : Optional.of(Observation.spoon(look, temperature, sd));
    }

    /**
     * What came out is what there is, whatever was believed; but where the pot can't have lost so much or so little in its
     * time, some of it went another way than into the air, or was mistyped: its evaporation is left as it was.
     */
    private PotState yielded(PotState then, Observation weight) {
        yieldExplained = !ReadingFilter.correct(then.estimate(), weight, false).questioned();
        return trusting(yieldExplained ? then : then.with(then.estimate().ofAnyAmount()), weight);
    }

    private static PotState trusting(PotState then, Observation observation) {
        return then.with(
                ReadingFilter.correct(then.estimate(), observation, true).estimate());
    }
}
