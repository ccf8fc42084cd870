package app.gradior.bench;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.food.Component;
import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.learning.EvaporationKnowledge;
import app.gradior.learning.RangeKeeping;
import app.gradior.learning.ThicknessKnowledge;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Planner;
import app.gradior.plan.Slurry;
import app.gradior.plan.Target;
import app.gradior.plan.TradeOff;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.recipe.NoRecipe;
import app.gradior.recipe.ReadRecipe;
import app.gradior.recipe.RecipeDocument;
import app.gradior.recipe.StagedText;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The core's promises in milliseconds, with the plain integration of the same equation as their floor. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class CoreBenchmark {
    private static final int BATCHES = 10_000;
    private static final int SAUCES = 300;
    private static final Instant START = Instant.parse("2026-11-24T17:00:00Z");

    private final Mixture sauce = of("blackcurrants", 400)
            .plus(of("chicken-stock", 300))
            .plus(of("light-brown-sugar", 75))
            .plus(of("port-style-wine", 150));
    private final Conditions conditions = new Conditions(
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.ENAMEL, Mass.ofGrams(2100)),
            Ring.USUAL,
            Activity.SIMMER,
            Lid.OFF,
            Room.USUAL);
    private final Target target = new Target.Weight(Mass.ofGrams(500));
    private final String recipe = recipe();
    private final List<CookEvent> few = events(10);
    private final List<CookEvent> many = events(499);
    private final Cook cook = Cook.of(few);
    private final List<TradeOff.Point> boardPoints =
            TradeOff.curve(sauce, new Evaporation(conditions), Knowledge.NONE, Share.of(0.1), 200);

    private static Mixture of(String key, double grams) {
        Ingredient ingredient = IngredientTable.shipped().get(key);
        return ingredient.of(Mass.ofGrams(grams));
    }

    /** A cook that is weighed again and again as it follows the model. */
    private List<CookEvent> events(int readings) {
        List<CookEvent> events = new ArrayList<>();
        events.add(new CookEvent.Started(id(), START, sauce, Celsius.ROOM, conditions, target, Knowledge.NONE));
        events.add(new CookEvent.Simmers(id(), START));
        double seconds = 1500.0 / readings;
        for (int i = 1; i <= readings; i++) {
            Instant at = START.plusMillis(Math.round(i * seconds * 1000));
            double grams = Cook.of(events.subList(0, 2)).forecast(at).grams().middle();
            events.add(new CookEvent.Weighed(id(), at, Mass.ofGrams(grams + 2100), Mass.ofGrams(2100)));
        }
        return List.copyOf(events);
    }

    private static UUID id() {
        return UUID.randomUUID();
    }

    /** The floor: water against time with a pace that is looked up, no model in it. */
    @Benchmark
    public double plainIntegration() {
        double water = sauce.mass(Component.WATER).kilograms();
        OrdinaryDifferentialEquation equation = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 1;
            }

            @Override
            public double[] computeDerivatives(double t, double[] x) {
                return new double[] {-2.3e-4 * Math.sqrt(Math.max(0, x[0])) / water};
            }
        };
        return new DormandPrince54Integrator(1e-6, 1800, 1e-8, 1e-8)
                .integrate(equation, new ODEState(0, new double[] {1}), 1500)
                .getPrimaryState()[0];
    }

    @Benchmark
    public Object boardOf200PointsWithItsRoutes() {
        Evaporation evaporation = new Evaporation(conditions);
        List<TradeOff.Point> curve = TradeOff.curve(sauce, evaporation, Knowledge.NONE, Share.of(0.1), 200);
        Planner.Outcome reduce = new Planner(sauce, conditions, Knowledge.NONE).reduceTo(target);
        Mixture half = curve.get(100).at().mixture();
        return List.of(curve, reduce, slurry(half), slurry(curve.get(0).at().mixture()), slurry(half.blended()));
    }

    /** The floor of a board: the viscosities of its points, hot, warm and cold, with nothing around them. */
    @Benchmark
    public double bareViscositiesOfABoard() {
        double sum = 0;
        for (TradeOff.Point point : boardPoints) {
            Mixture mixture = point.at().mixture();
            sum += Thickness.of(mixture, point.at().stove()).apparent().pascalSeconds()
                    + Thickness.of(mixture, Celsius.SERVED_WARM).apparent().pascalSeconds()
                    + Thickness.of(mixture, Celsius.FRIDGE).apparent().pascalSeconds();
        }
        return sum;
    }

    /** A recipe of 60 lines and 40 sentences, from its text to the sauce that is proposed for it. */
    @Benchmark
    public Object recipeOf60LinesAnd40Sentences() throws NoRecipe {
        ReadRecipe read = ReadRecipe.of(RecipeDocument.read(recipe).get(0));
        return StagedText.of(read, LineGrammar.shipped(), Habits.NONE);
    }

    private static String recipe() {
        String[] foods = {
            "2 tbsp olive oil",
            "30 g butter",
            "1 large onion",
            "3 garlic cloves",
            "2 carrots",
            "2 celery sticks",
            "300 ml red wine",
            "500 ml beef stock",
            "400 g passata",
            "2 tbsp tomato paste",
            "1 tsp caster sugar",
            "2 tbsp soy sauce",
            "1 tbsp honey",
            "2 tbsp cider vinegar",
            "100 ml double cream",
            "200 g mushrooms",
            "2 shallots",
            "3 sprigs thyme",
            "2 bay leaves",
            "1 tsp smoked paprika"
        };
        StringBuilder text = new StringBuilder("A long sauce\n\nIngredients\n");
        for (int i = 0; i < 60; i++) {
            text.append(foods[i % foods.length]).append('\n');
        }
        text.append("\nMethod\n");
        for (int i = 0; i < 40; i++) {
            String food = foods[i % foods.length].replaceFirst("^[\\d]+ (tbsp|tsp|g|ml|large|sprigs)? ?", "");
            text.append("Add the ")
                    .append(food)
                    .append(" and simmer for ")
                    .append(i + 2)
                    .append(" minutes, stirring, until reduced by a quarter. ");
        }
        return text.toString();
    }

    private static Slurry.Answer slurry(Mixture mixture) {
        return Slurry.forGrade(
                mixture, StarchKind.ARROWROOT, 2, Grade.of(5.5), Celsius.SERVED_WARM, ThicknessFactor.ONE);
    }

    @Benchmark
    public Object forecastWithItsRange() {
        return cook.forecast(START.plusSeconds(1600));
    }

    @Benchmark
    public Object foldOf500Events() {
        return Cook.of(many);
    }

    private final List<EvaporationKnowledge.Source> told = told();
    private final List<ThicknessKnowledge.Batch> seen = seen();
    private final Map<Object, ThicknessKnowledge.Versions> versions = versions();

    private static List<EvaporationKnowledge.Source> told() {
        Random random = new Random(1);
        List<EvaporationKnowledge.Source> told = new ArrayList<>();
        for (int i = 0; i < BATCHES; i++) {
            told.add(new EvaporationKnowledge.Source(
                    i,
                    new EvaporationKnowledge.PotRingActivity(random.nextInt(50), random.nextInt(4), Activity.SIMMER),
                    random.nextInt(SAUCES),
                    0.3 * random.nextGaussian(),
                    0.05));
        }
        return told;
    }

    private static List<ThicknessKnowledge.Batch> seen() {
        Random random = new Random(2);
        List<ThicknessKnowledge.Batch> seen = new ArrayList<>();
        for (int i = 0; i < BATCHES; i++) {
            seen.add(new ThicknessKnowledge.Batch(
                    i,
                    random.nextInt(SAUCES),
                    1 + random.nextInt(5),
                    List.of(
                            new ThicknessKnowledge.Reading(
                                    ThicknessKnowledge.Kind.LOOK, "cook", null, 0.4 * random.nextGaussian(), 0.24),
                            new ThicknessKnowledge.Reading(
                                    ThicknessKnowledge.Kind.VERDICT,
                                    "cook",
                                    i % 6,
                                    0.4 * random.nextGaussian(),
                                    0.21))));
        }
        return seen;
    }

    private static Map<Object, ThicknessKnowledge.Versions> versions() {
        Map<Object, ThicknessKnowledge.Versions> versions = new HashMap<>();
        for (int i = 0; i < SAUCES; i++) {
            versions.put(i, new ThicknessKnowledge.Versions(List.of(1, 2, 3, 4, 5), List.of(0.3, 0.3, 0.3, 0.3)));
        }
        return versions;
    }

    /** What ten thousand batches say of pots. */
    @Benchmark
    public Object learnPots() {
        return new EvaporationKnowledge(told).about(new EvaporationKnowledge.PotRingActivity(1, 1, Activity.SIMMER), 1);
    }

    /** What ten thousand batches say of 300 sauces in five versions each. */
    @Benchmark
    public Object learnSauces() {
        return new ThicknessKnowledge(seen, versions, RangeKeeping.NONE).of(1, 1);
    }
}
