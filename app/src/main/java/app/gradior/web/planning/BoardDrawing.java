package app.gradior.web.planning;

import app.gradior.plan.Board;
import app.gradior.plan.Limit;
import app.gradior.plan.PlanRequest;
import app.gradior.plan.Route;
import app.gradior.plan.Routes;
import app.gradior.plan.Snapshot;
import app.gradior.quantity.Celsius;
import app.gradior.thickness.Grade;
import app.gradior.thickness.SpoonCoat;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the page draws of a board. Every number is the core's, and every word that stands at the handle is said here for
 * each step, so that a drag needs no request and the page computes nothing.
 */
final class BoardDrawing {
    private static final double GRAMS_PER_OUNCE = 28.349523125;

    private final Planning.FeasiblePlan plan;
    private final PlanForm form;
    private final PlanChoices choices;
    private final UnitFormat say;
    private final double jarMl;

    BoardDrawing(Planning.FeasiblePlan plan, PlanForm form, PlanChoices choices, UnitFormat say) {
        this.plan = plan;
        this.form = form;
        this.choices = choices;
        this.say = say;
        this.jarMl = choices.jar().millilitres();
    }

    Map<String, Object> drawing() {
        Routes routes = plan.routes();
        List<Board.Step> steps = routes.board().steps();
        Map<String, Object> drawing = new LinkedHashMap<>();
        List<Map<String, Object>> points = new ArrayList<>(steps.size());
        for (Board.Step step : steps) {
            points.add(point(step));
        }
        drawing.put("points", points);
        drawing.put("band", band());
        drawing.put(
                "coldName",
                plan.request().goal().served().equals(Celsius.FRIDGE)
                        ? PlanningText.AT_ROOM_TEMPERATURE
                        : PlanningText.FROM_THE_FRIDGE);
        drawing.put(
                "servedName",
                PlanningText.at(say.degrees(plan.request().goal().served().degrees())));
        drawing.put("blends", routes.has(Route.Kind.BLEND));
        drawing.put("chosen", plan.chosen().kind().key());
        drawing.put(
                "stop",
                plan.chosen().outcome().map(o -> nearest(steps, o.stop())).orElse(0));
        routes.route(Route.Kind.REDUCE).outcome().ifPresent(o -> drawing.put("alone", nearest(steps, o.stop())));
        List<Map<String, Object>> marks = new ArrayList<>();
        routes.board().marks().forEach((limit, index) -> marks.add(Map.of("at", index, "words", words(limit))));
        drawing.put("marks", marks);
        min(steps).ifPresent(min -> drawing.put("least", min));
        drawing.put("looks", looks());
        drawing.put("per", say.ouncesFirst() ? GRAMS_PER_OUNCE : 1);
        drawing.put("unit", say.ouncesFirst() ? "oz" : "g");
        return drawing;
    }

    /** What each stretch of the thickness axis looks like on a spoon. */
    private static List<Map<String, Object>> looks() {
        return Arrays.stream(SpoonCoat.values())
                .map(look -> Map.<String, Object>of(
                        "index", look.ordinal(),
                        "from", Math.max(-99, look.from()),
                        "to", Math.min(99, look.to()),
                        "words", Names.of(look),
                        "short", Names.look(look)))
                .toList();
    }

    private static String words(Limit limit) {
        String percent = String.valueOf(limit.share() * 100).replaceAll("\\.0$", "");
        return Names.of(limit) + (limit.rising() ? " " : " under ") + percent + " %";
    }

    private Map<String, Object> band() {
        var goal = plan.request().goal();
        String name = choices.wanted()
                .match(Names::of, grade -> PlanningText.GRADE_WANTED, batch -> PlanningText.LIKE_THAT_BATCH);
        return Map.of(
                "low", goal.low().value(),
                "high", goal.high().value(),
                "aim", goal.aim().value(),
                "name", name + " " + say.grade(goal.low()) + "–" + say.grade(goal.high()));
    }

    /** Where on the curve as much is left as is wanted; nothing if it is more than there is. */
    private Optional<Map<String, Object>> min(List<Board.Step> steps) {
        PlanRequest request = plan.request();
        if (request.min().isEmpty()) {
            return Optional.empty();
        }
        double grams = Double.NaN;
        for (Board.Step step : steps) {
            if (request.min()
                            .get()
                            .shortfall(step.at().mixture(), null, ThicknessFactor.ONE)
                            .applyAsDouble(step.at().mixture())
                    >= 0) {
                grams = step.at().mass().grams();
            }
        }
        return Double.isNaN(grams)
                ? Optional.empty()
                : Optional.of(Map.of("grams", grams, "words", PlanningText.need(minWords(), say.grams(grams))));
    }

    private String minWords() {
        String amount = form.get(PlanField.LEAST);
        return switch (form.get(PlanField.LEAST_UNIT)) {
            case "jars" -> PlanningText.jars(amount);
            case "servings" -> PlanningText.servings(amount);
            case "floz" -> PlanningText.fluidOunces(amount);
            default -> amount + " " + form.get(PlanField.LEAST_UNIT);
        };
    }

    private static int nearest(List<Board.Step> steps, Snapshot stop) {
        int nearest = 0;
        for (int i = 1; i < steps.size(); i++) {
            if (Math.abs(steps.get(i).at().mass().grams() - stop.mass().grams())
                    < Math.abs(
                            steps.get(nearest).at().mass().grams() - stop.mass().grams())) {
                nearest = i;
            }
        }
        return nearest;
    }

    private Map<String, Object> point(Board.Step step) {
        Snapshot at = step.at();
        Map<String, Object> point = new LinkedHashMap<>();
        point.put("g", tenth(at.mass().grams()));
        point.put(
                "min",
                Double.isFinite(step.minutes().middle()) ? tenth(step.minutes().middle()) : null);
        point.put("served", fine(step.served().middle()));
        point.put("low", fine(step.served().low()));
        point.put("high", fine(step.served().high()));
        point.put("stove", fine(at.atStove().value()));
        point.put("cold", fine(cold(at)));
        point.put("blended", fine(step.blended().value()));
        point.put("look", at.look().ordinal());
        point.put("bubbles", at.bubbles().ordinal());
        double plate = at.plateSpread(plan.planner().knowledge().thickness()).centimetres();
        point.put("plate", tenth(plate));
        point.put("stop", say.grams(at.mass()) + time(step));
        point.put(
                "dip",
                PlanningText.dip(
                        say.depth(at.depth().millimetres()),
                        say.gradeAndLook(Grade.of(step.served().middle()))));
        point.put("salt", PlanningText.taste(say.percent(at.salt()), say.percent(at.sugar()), say.percent(at.acid())));
        point.put("looks", PlanningText.looks(Names.of(at.look()), say.width(plate * 10, 1)));
        step.lift().ifPresent(lift -> {
            if (lift.powder().kilograms() > 0) {
                point.put(
                        "lift",
                        "lift " + say.grams(lift.powder()) + " "
                                + Names.of(plan.routes().starch().kind()));
                point.put("water", PlanningText.water(say.grams(lift.water())));
                point.put(
                        "leaves",
                        PlanningText.leaves(
                                say.grams(lift.yield()),
                                say.number(lift.volume().millilitres() / jarMl, 1)));
            }
        });
        return point;
    }

    private double cold(Snapshot at) {
        return plan.request().goal().served().equals(Celsius.FRIDGE)
                ? Thickness.grade(
                                at.mixture(),
                                Celsius.ROOM,
                                plan.planner().knowledge().thickness())
                        .value()
                : at.cold().value();
    }

    private String time(Board.Step step) {
        if (!Double.isFinite(step.minutes().middle())) {
            return "";
        }
        return step.minutes().middle() < 0.5
                ? PlanningText.AT_ONCE
                : " · " + say.minutes(step.minutes().middle()) + ", " + say.span(step.minutes());
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private static double fine(double value) {
        return Math.round(value * 1000) / 1000.0;
    }
}
