package app.gradior.web.quick;

import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.physics.ChoiOkos;
import app.gradior.plan.Goal;
import app.gradior.plan.Route;
import app.gradior.plan.Slurry;
import app.gradior.plan.StarchBench;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quick.Adjustment;
import app.gradior.quick.Liquid;
import app.gradior.quick.Reduction;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.kitchen.DemoKitchen;
import app.gradior.web.kitchen.KitchenUser;
import app.gradior.web.kitchen.Visitors;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.json.JsonMapper;

/** One sentence with blanks and an answer at once, for who has an account and who has none. */
@Controller
class QuickController {
    private static final int CURVE_POINTS = 41;

    private final Quick quick;
    private final Visitors visitors;
    private final DemoKitchen demo;
    private final JsonMapper json;

    QuickController(Quick quick, Visitors visitors, DemoKitchen demo, JsonMapper json) {
        this.quick = quick;
        this.visitors = visitors;
        this.demo = demo;
        this.json = json;
    }

    @GetMapping("/quick")
    String ask(
            @AuthenticationPrincipal KitchenUser user,
            QuickForm asked,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            UnitFormat say,
            Model model) {
        FieldErrors problems = new FieldErrors();
        QuickForm form = asked.inUnits(say.ouncesFirst());
        QuickQuestion question = new QuickQuestion(form, quick.grammar(user), say.ouncesFirst(), problems);
        model.addAttribute("quickText", new QuickText(say));
        model.addAttribute("starchText", new StarchText(say));
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        model.addAttribute("demo", demo.offered());
        model.addAttribute("visitor", user == null);
        model.addAttribute("liquids", Liquid.values());
        model.addAttribute("liquid", Liquid.ofKey(form.of()).orElse(null));
        model.addAttribute("activities", Activity.values());
        model.addAttribute("uses", Use.values());
        model.addAttribute("looks", SpoonCoat.values());
        model.addAttribute("starches", StarchKind.values());
        Optional<QuickQuestion.Contents> contents = question.contents();
        Goal goal = question.goal();
        Conditions conditions = question.conditions(quick.room(user));
        if (contents.isPresent() && !problems.any()) {
            Mixture mixture = contents.get().mixture();
            switch (form.asked()) {
                case REDUCE -> reduce(mixture, conditions, goal, problems, model);
                case THICKEN -> thicken(question.liquid(mixture), form, goal, problems, model);
                case ADJUST ->
                    model.addAttribute(
                            "adjustment",
                            Adjustment.of(
                                    mixture, mixture.mass(), form.thickenedBy(), form.onTheSpoon(), conditions, goal));
            }
        }
        return "quick".equals(fragment) ? "quick/quick :: answer" : "quick/quick";
    }

    private static void reduce(Mixture mixture, Conditions conditions, Goal goal, FieldErrors problems, Model model) {
        if (conditions.pot().overflowsWith(ChoiOkos.volume(mixture, Celsius.of(95)))) {
            problems.say("pan", QuickText.DOES_NOT_FIT);
            return;
        }
        Reduction answer = Reduction.of(mixture, conditions, goal);
        model.addAttribute("reduction", answer);
        model.addAttribute("goal", goal);
        answer.alone().ifPresent(out -> {
            model.addAttribute(
                    "pan",
                    PanDrawing.of(
                            conditions.pot(),
                            answer.now().depth().millimetres(),
                            out.stop().depth().millimetres()));
            model.addAttribute("plate", SpoonCoat.of(out.served()));
            model.addAttribute("across", conditions.pot().rim().millimetres());
        });
    }

    private void thicken(Mixture liquid, QuickForm form, Goal goal, FieldErrors problems, Model model) {
        if (problems.any()) {
            return;
        }
        StarchBench bench = new StarchBench(liquid, goal.served(), form.slurryRatio());
        List<StarchBench.Row> rows = bench.forGrade(goal.aim());
        model.addAttribute("bench", bench);
        model.addAttribute("wanted", goal.aim());
        model.addAttribute("rows", rows);
        model.addAttribute("drawing", json.writeValueAsString(drawing(bench, form, goal, rows)));
        if (form.there().isEmpty()) {
            return;
        }
        double max = liquid.mass().grams() * 0.25;
        problems.number("there", form.there(), 0.01, max, QuickText.STARCH_GRAMS)
                .ifPresent(grams -> {
                    model.addAttribute("gives", bench.of(form.first(), Mass.ofGrams(grams)));
                    model.addAttribute("mend", bench.mend(form.first(), Mass.ofGrams(grams), goal.aim()));
                });
    }

    /** The curves of two starches, up to a little more than the weaker one needs. */
    private static Map<String, Object> drawing(
            StarchBench bench, QuickForm form, Goal goal, List<StarchBench.Row> rows) {
        double max = 0;
        for (StarchBench.Row row : rows) {
            boolean drawn = row.kind() == form.first() || row.kind() == form.second();
            if (drawn && row.answer() instanceof Slurry.Answer.Found found) {
                max = Math.max(max, found.slurry().powder().grams());
            }
        }
        Mass end = Mass.ofGrams(max == 0 ? bench.liquid().mass().grams() * 0.1 : max * 1.35);
        return Map.of(
                "wanted", goal.aim().value(),
                "curves",
                        List.of(form.first(), form.second()).stream()
                                .distinct()
                                .map(kind -> Map.of(
                                        "name", Names.of(kind),
                                        "points",
                                                bench.curve(kind, end, CURVE_POINTS).stream()
                                                        .map(p -> List.of(p.powderGrams(), p.grade()))
                                                        .toList()))
                                .toList());
    }

    /**
     * Puts on what was asked, or makes a sauce of it; who has no account gets a kitchen for it.
     *
     * @param cook an id for the cook, made by the page
     * @param then "cook", "starch" to put it on with a starch, "sauce" to write on, or "ask" where no script asks for the answer
     */
    @PostMapping("/quick")
    String putOn(
            @AuthenticationPrincipal KitchenUser user,
            QuickForm asked,
            @RequestParam UUID cook,
            @RequestParam(defaultValue = "cook") String then,
            @RequestParam(defaultValue = "") String timeZone,
            UnitFormat say,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        QuickForm form = asked.inUnits(say.ouncesFirst());
        if (then.equals("ask")) {
            return "redirect:" + form.with("ask", form.asked().key());
        }
        FieldErrors problems = new FieldErrors();
        QuickQuestion question = new QuickQuestion(form, quick.grammar(user), say.ouncesFirst(), problems);
        Optional<QuickQuestion.Contents> contents = question.contents();
        question.goal();
        question.conditions(quick.room(user));
        if (contents.isEmpty() || problems.any()) {
            response.setStatus(422);
            return ask(user, form, null, say, model);
        }
        UUID kitchen;
        try {
            kitchen = visitors.kitchen(user, timeZone, say.preference().units(), request, response);
        } catch (Visitors.TooMany e) {
            return "redirect:/signin?later=" + e.minutes();
        }
        if (then.equals("sauce")) {
            return "redirect:/sauces/" + quick.sauce(kitchen, cook, contents.get());
        }
        Route.Kind route = then.equals("starch") ? Route.Kind.REDUCE_THEN_SLURRY : Route.Kind.REDUCE;
        return quick.putOn(kitchen, cook, form, contents.get(), route)
                .map(id -> "redirect:/cooks/" + id)
                .orElseGet(() -> "redirect:" + form.with("ask", "reduce"));
    }
}
