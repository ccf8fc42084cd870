package app.gradior.cli;

import app.gradior.food.Mixture;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.TypedLength;
import app.gradior.physics.ChoiOkos;
import app.gradior.plan.Goal;
import app.gradior.plan.Knowledge;
import app.gradior.plan.OutOfReach;
import app.gradior.plan.PlanRequest;
import app.gradior.plan.Planner;
import app.gradior.plan.Route;
import app.gradior.plan.Routes;
import app.gradior.plan.Slurry;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.recipe.NoRecipe;
import app.gradior.recipe.ReadRecipe;
import app.gradior.recipe.RecipeDocument;
import app.gradior.recipe.StagedText;
import app.gradior.recipe.UsualPot;
import app.gradior.sauce.WrittenSauce;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.json.JsonMapper;

/** Prints the ways in which the sauce of a recipe can be brought to a thickness. */
@Command(
        name = "plan",
        description =
                "Prints how the sauce of a recipe can be cooked, as JSON; ends with 1 where something was not understood.",
        mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {
    /** A pan's wall against its width, where only that is said. */
    private static final double WALL = 0.5;

    @Parameters(paramLabel = "FILE", description = "Recipe data (JSON-LD), a web page that carries it, or plain text.")
    private Path file;

    @Option(
            names = "--pot",
            defaultValue = "24cm",
            description = "How wide the pan is: 24cm, 9.5in. Default: ${DEFAULT-VALUE}.")
    private String pot;

    @Option(
            names = "--surface",
            defaultValue = "simmer",
            description =
                    "How hard it boils: steaming, bare-simmer, simmer, lively-simmer, rolling-boil. Default: ${DEFAULT-VALUE}.")
    private String surface;

    @Option(
            names = "--use",
            defaultValue = "glaze",
            description = "What it is for: pour, toss, glaze, dip, spread, syrup. Default: ${DEFAULT-VALUE}.")
    private String use;

    @Option(
            names = "--served",
            defaultValue = "60",
            description = "At how many °C it is eaten. Default: ${DEFAULT-VALUE}.")
    private double served;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        Length across = width();
        Activity activity = choice(Activity.class, "--surface", surface);
        Use wanted = choice(Use.class, "--use", use);
        if (!(served >= 0 && served <= 95)) {
            throw wrong("--served takes 0 to 95 °C, but was " + served + ".");
        }
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("file", file.toString());
        boolean all = true;
        try {
            ReadRecipe recipe = ReadRecipe.of(RecipeDocument.read(RecipeDocument.decode(Files.readAllBytes(file)))
                    .get(0));
            Conditions conditions = new Conditions(
                    Pot.straight(
                            across,
                            Length.ofCentimetres(across.centimetres() * WALL),
                            Material.STEEL,
                            Mass.ofGrams(1500)),
                    UsualPot.CONDITIONS.ring(),
                    activity,
                    Lid.OFF,
                    UsualPot.CONDITIONS.room());
            json.put("name", recipe.published().name());
            json.put("pot_cm", grams(across.centimetres()));
            json.put("surface", activity.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            json.put("use", wanted.key());
            boolean planned = routes(recipe, conditions, Goal.of(wanted, Celsius.of(served)), json);
            all = planned && recipe.questions().isEmpty();
            json.put("questions", RecipeJson.questions(recipe));
        } catch (NoRecipe e) {
            all = false;
            json.put("error", QuestionText.of(e));
        } catch (IOException e) {
            all = false;
            json.put("error", "This file can't be read: " + e.getMessage() + ".");
        }
        spec.commandLine()
                .getOut()
                .println(JsonMapper.builder()
                        .build()
                        .writerWithDefaultPrettyPrinter()
                        .writeValueAsString(json));
        spec.commandLine().getOut().flush();
        return all ? 0 : 1;
    }

    private Length width() {
        return TypedLength.panWidth(pot, false)
                .orElseThrow(() ->
                        wrong("--pot takes a width from 8 to 60 cm, such as 24cm or 9.5in, but was " + pot + "."));
    }

    private <E extends Enum<E>> E choice(Class<E> type, String option, String said) {
        try {
            return Enum.valueOf(
                    type,
                    said.strip().toUpperCase(Locale.ROOT).replace('-', '_').replace(' ', '_'));
        } catch (IllegalArgumentException e) {
            throw wrong(option + " knows no " + said + ".");
        }
    }

    private CommandLine.ParameterException wrong(String sentence) {
        return new CommandLine.ParameterException(spec.commandLine(), sentence);
    }

    /** @return whether there is a way to plan it */
    private static boolean routes(ReadRecipe recipe, Conditions conditions, Goal goal, Map<String, Object> json) {
        String text = StagedText.text(StagedText.of(recipe, LineGrammar.shipped(), Habits.NONE));
        json.put("sauce", text);
        Mixture sauce = WrittenSauce.read(text, LineGrammar.shipped(), Habits.NONE)
                .make(conditions, Knowledge.NONE)
                .toPlan();
        if (sauce.isEmpty()) {
            json.put("error", "Nothing of this goes into a sauce.");
            return false;
        }
        json.put("grams_start", grams(sauce.mass().grams()));
        if (conditions.pot().overflowsWith(ChoiOkos.volume(sauce, Celsius.of(95)))) {
            json.put("error", "This pan does not hold the sauce: take a wider one.");
            return false;
        }
        Routes routes = Routes.of(new Planner(sauce, conditions, Knowledge.NONE), PlanRequest.of(goal));
        json.put("suggested", routes.suggestion().kind().key());
        json.put("routes", routes.routes().stream().map(PlanCommand::route).toList());
        return true;
    }

    private static Map<String, Object> route(Route route) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("kind", route.kind().key());
        json.put("possible", route.outcome().isPresent());
        route.missed().ifPresent(missed -> {
            json.put("missed", kebab(missed.getClass().getSimpleName()));
            if (missed instanceof OutOfReach.ThickerAlready thicker) {
                thicker.water().ifPresent(water -> json.put("thin_with_water_grams", grams(water.grams())));
            }
        });
        route.outcome().ifPresent(outcome -> {
            json.put("minutes", range(outcome.minutes()));
            json.put("stop_grams", grams(outcome.stop().mass().grams()));
            json.put("stop_mm", grams(outcome.stop().depth().millimetres()));
            json.put("yield_grams", range(outcome.yieldGrams()));
            json.put("yield_ml", grams(outcome.volume().millilitres()));
            json.put("grade_served", grams(outcome.served().value()));
            outcome.slurry().ifPresent(slurry -> json.put("slurry", slurry(slurry)));
            json.put(
                    "cautions",
                    outcome.cautions().stream()
                            .map(c -> c.name().toLowerCase(Locale.ROOT))
                            .toList());
        });
        return json;
    }

    private static String kebab(String name) {
        return name.replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }

    private static Map<String, Object> slurry(Slurry slurry) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("starch", slurry.kind().key());
        json.put("powder_grams", grams(slurry.powder().grams()));
        json.put("water_grams", grams(slurry.water().grams()));
        json.put("level_teaspoons", grams(slurry.levelTeaspoons()));
        return json;
    }

    private static Map<String, Object> range(Interval interval) {
        return Map.of("low", grams(interval.low()), "middle", grams(interval.middle()), "high", grams(interval.high()));
    }

    private static double grams(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
