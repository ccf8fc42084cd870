package app.gradior.web.planning;

import app.gradior.cook.Guidance;
import app.gradior.food.StarchKind;
import app.gradior.plan.Board;
import app.gradior.plan.Caution;
import app.gradior.plan.Goal;
import app.gradior.plan.Route;
import app.gradior.plan.Slurry;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Grade;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.text.UnitPreference;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A plan as it was kept: what was chosen, and what it came to then.
 *
 * @param ringId null if the kitchen has none
 */
public record KeptPlan(
        UUID id,
        UUID sauceId,
        int sauceVersion,
        UUID potId,
        UUID ringId,
        Route.Kind route,
        PlanForm form,
        PlanResult result,
        Instant keptAt) {

    /**
     * What it came to, in the figures that a cook goes by and that the journal sets beside what became of it.
     *
     * @param startGrams what is in the pot to begin with
     * @param stopGrams where reducing ends
     * @param stopMm how deep it stands there, hot
     * @param stoveGrade its grade at the stove there
     * @param served its grade when eaten
     * @param servedC the temperature that is judged at
     * @param slurry null if none is poured
     */
    public record PlanResult(
            double startGrams,
            double startMm,
            double stopGrams,
            double stopMm,
            Interval minutes,
            Interval yieldGrams,
            double yieldMl,
            double stoveGrade,
            double served,
            double servedC,
            double plateCm,
            Pour slurry,
            List<Caution> cautions) {
        static PlanResult of(Planning.FeasiblePlan plan) {
            Route.Outcome outcome = plan.chosen().outcome().orElseThrow();
            Board.Step start = plan.routes().board().steps().get(0);
            return new PlanResult(
                    plan.planner().sauce().mass().grams(),
                    start.at().depth().millimetres(),
                    outcome.stop().mass().grams(),
                    outcome.stop().depth().millimetres(),
                    outcome.minutes(),
                    outcome.yieldGrams(),
                    outcome.volume().millilitres(),
                    outcome.stop().atStove().value(),
                    outcome.served().value(),
                    plan.request().goal().served().degrees(),
                    outcome.stop()
                            .plateSpread(plan.planner().knowledge().thickness())
                            .centimetres(),
                    outcome.slurry().map(Pour::of).orElse(null),
                    List.copyOf(outcome.cautions()));
        }

        public Optional<Pour> pour() {
            return Optional.ofNullable(slurry);
        }
    }

    /** What was chosen. How wide a pan is that was chosen by its width is not read anew: the pot is kept. */
    public PlanChoices choices() {
        return form.choices(UnitPreference.METRIC, new FieldErrors());
    }

    /** What a cook that follows it is to become. */
    public Guidance.Aim aim() {
        Celsius served = Celsius.of(result.servedC());
        Grade planned = Grade.of(result.served());
        return new Guidance.Aim(
                choices().wanted().said().map(use -> Goal.of(use, served)).orElseGet(() -> Goal.of(planned, served)),
                result.pour().map(pour -> Mass.ofGrams(pour.powderGrams())),
                Optional.of(planned));
    }

    /**
     * A slurry to pour.
     *
     * @param thirds the grade when eaten after each third
     */
    public record Pour(StarchKind kind, double powderGrams, double waterGrams, double teaspoons, List<Double> thirds) {
        static Pour of(Slurry slurry) {
            return new Pour(
                    slurry.kind(),
                    slurry.powder().grams(),
                    slurry.water().grams(),
                    slurry.levelTeaspoons(),
                    slurry.thirds().stream().map(g -> g.value()).toList());
        }
    }
}
