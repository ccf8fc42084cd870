package app.gradior.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.plan.Goal;
import app.gradior.plan.Knowledge;
import app.gradior.plan.PlanRequest;
import app.gradior.plan.Planner;
import app.gradior.plan.Route;
import app.gradior.plan.Routes;
import app.gradior.plan.Use;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.recipe.UsualPot;
import app.gradior.sauce.WrittenSauce;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A sauce brings its own tasks: what its lines want cut, its stages, and what its plan does to thicken it. */
class SauceTasksTest {
    private static final String CIDER = """
            Serves 4
            Sweat until soft
            2 shallots, finely chopped
            20 g butter
            Deglaze, reduce by two thirds
            300 ml dry cider
            3 sprigs thyme
            Add, reduce to pouring
            250 ml chicken stock
            100 ml double cream
            Off the heat, stir in
            1 tsp Dijon mustard""";

    private record Planned(SauceTasks.Cooked cooked, Routes routes, Planner planner) {
        double minutes(TaskKind kind) {
            return cooked.tasks().stream()
                    .filter(task -> task.kind() == kind)
                    .mapToDouble(task -> task.minutes(0).middle())
                    .sum();
        }

        List<TaskKind> kinds() {
            return cooked.tasks().stream().map(Task::kind).toList();
        }
    }

    private static Planned plan(String text, Use use, Route.Kind kind, double pace, Celsius served) {
        WrittenSauce written = WrittenSauce.read(text, LineGrammar.shipped(), Habits.NONE);
        WrittenSauce.Made made = written.make(UsualPot.CONDITIONS, Knowledge.NONE);
        Planner planner = new Planner(made.toPlan(), UsualPot.CONDITIONS, Knowledge.NONE);
        Routes routes = Routes.of(planner, PlanRequest.of(Goal.of(use, served)));
        SauceTasks.Cooked cooked = SauceTasks.of(
                written.foods().toList(),
                made,
                routes,
                routes.route(kind),
                new Evaporation(UsualPot.CONDITIONS).heatUp(made.toPlan(), Celsius.ROOM),
                served,
                pace);
        return new Planned(cooked, routes, planner);
    }

    @Test
    void aSauceInStagesIsCutSweatedBoiledDownAndFinished() {
        Planned cider = plan(CIDER, Use.POUR, Route.Kind.REDUCE, 1, Celsius.SERVED_WARM);

        assertThat(cider.kinds().get(0)).isEqualTo(TaskKind.GATHER);
        assertThat(cider.kinds())
                .containsSubsequence(
                        TaskKind.PREPARE, TaskKind.SWEAT, TaskKind.REDUCE, TaskKind.REDUCE, TaskKind.FINISH);
        assertThat(cider.cooked().waiting()).isEqualTo(Waiting.CREAM);
        assertThat(cider.minutes(TaskKind.PREPARE)).isBetween(1.0, 6.0);
    }

    @Test
    void whatThePlanSaysOfReducingIsWhatTheEveningHasOfIt() {
        Planned stock = plan("1 l beef stock\n150 ml port", Use.GLAZE, Route.Kind.REDUCE, 1, Celsius.SERVED_WARM);
        double planned = stock.routes()
                .route(Route.Kind.REDUCE)
                .outcome()
                .orElseThrow()
                .minutes()
                .middle();

        assertThat(stock.minutes(TaskKind.REDUCE)).isCloseTo(planned, within(1e-6));
        assertThat(stock.kinds()).contains(TaskKind.HEAT);
        assertThat(stock.cooked().waiting()).isEqualTo(Waiting.REDUCED);
        List<Hands.Attended> stirred = stock.cooked().tasks().stream()
                .filter(task -> task.kind() == TaskKind.REDUCE)
                .map(task -> (Hands.Attended) task.hands())
                .toList();
        assertThat(stirred.get(stirred.size() - 1).every())
                .isLessThanOrEqualTo(stirred.get(0).every());
    }

    @Test
    void aSlurryIsMixedAndStirredInAndWaitsAsStarchDoes() {
        Planned stock = plan("1 l beef stock", Use.POUR, Route.Kind.SLURRY, 1, Celsius.SERVED_WARM);

        assertThat(stock.kinds()).endsWith(TaskKind.PREPARE, TaskKind.THICKEN);
        assertThat(stock.cooked().waiting()).isEqualTo(Waiting.STARCH);
    }

    @Test
    void handworkIsAsSlowAsItsCook() {
        double usual =
                plan(CIDER, Use.POUR, Route.Kind.REDUCE, 1, Celsius.SERVED_WARM).minutes(TaskKind.PREPARE);
        double slow = plan(CIDER, Use.POUR, Route.Kind.REDUCE, 1.5, Celsius.SERVED_WARM)
                .minutes(TaskKind.PREPARE);

        assertThat(slow).isCloseTo(1.5 * usual, within(1e-9));
    }

    @Test
    void whatIsEatenColdWaitsAsLongAsItLikes() {
        assertThat(plan("400 g plums\n100 ml water", Use.DIP, Route.Kind.REDUCE, 1, Celsius.of(5))
                        .cooked()
                        .waiting())
                .isEqualTo(Waiting.ANY_TIME);
    }

    @Test
    void aSauceMadeAheadIsOnlyWarmed() {
        Planned cider = plan(CIDER, Use.POUR, Route.Kind.REDUCE, 1, Celsius.SERVED_WARM);
        Route route = cider.routes().route(Route.Kind.REDUCE);

        SauceTasks.Cooked again =
                SauceTasks.reheated(route.outcome().orElseThrow().end(), route, Celsius.SERVED_WARM);

        assertThat(again.tasks()).extracting(Task::kind).containsExactly(TaskKind.REHEAT);
        assertThat(again.waiting()).isEqualTo(Waiting.CREAM);
    }

    @Test
    void anEveningOfWrittenSaucesIsScheduled() {
        List<Integer> rings = IntStream.range(0, 4).boxed().toList();
        Planned cider = plan(CIDER, Use.POUR, Route.Kind.REDUCE, 1, Celsius.SERVED_WARM);
        Planned stock = plan("1 l beef stock\n150 ml port", Use.GLAZE, Route.Kind.REDUCE, 1, Celsius.SERVED_WARM);
        Evening evening = Evening.of(
                0,
                List.of(960),
                List.of(
                        new Job(
                                "a",
                                "cider",
                                0,
                                cider.cooked().tasks(),
                                cider.cooked().waiting(),
                                Optional.empty(),
                                rings,
                                false),
                        new Job(
                                "b",
                                "stock",
                                0,
                                stock.cooked().tasks(),
                                stock.cooked().waiting(),
                                Optional.empty(),
                                rings,
                                false),
                        JobLine.read("roast chicken 1 h 20 oven 200, rest 15, carve 5 hands")
                                .job("c", 0, rings)),
                List.of(new Evening.Person("cook", List.of())),
                4,
                2);

        Schedule best = EveningSolver.solve(evening, 20_000, s -> {}).orElseThrow();

        ScheduleCheck.holds(evening, best);
        assertThat(best.cost().late()).isZero();
    }
}
