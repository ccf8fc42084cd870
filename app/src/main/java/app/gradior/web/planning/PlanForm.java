package app.gradior.web.planning;

import app.gradior.food.StarchKind;
import app.gradior.measure.CookRounding;
import app.gradior.measure.NumberInput;
import app.gradior.plan.Goal;
import app.gradior.plan.Route;
import app.gradior.plan.SlurryRatio;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.text.LidKeys;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * What was chosen for a plan, as typed: the choices of the page's address, of its hidden fields and of a kept plan alike.
 * What was not chosen has a default, so that a plan can be opened by its sauce alone; what can't be read is told beside
 * its field by the methods that make something of it.
 */
public final class PlanForm {
    private static final int LONGEST = 60;
    private static final double GRAMS_PER_OUNCE = 28.349523125;
    private static final double MILLILITRES_PER_FLUID_OUNCE = 29.5735295625;

    /** Every choice there is, in the order of the page, with what it is until it is chosen. */
    private static final Map<String, String> DEFAULTS = defaults();

    private final Map<String, String> chosen;

    private PlanForm(Map<String, String> chosen) {
        this.chosen = Collections.unmodifiableMap(chosen);
    }

    private static Map<String, String> defaults() {
        Map<String, String> all = new LinkedHashMap<>();
        for (String free : new String[] {"pot", "ring"}) {
            all.put(free, "");
        }
        all.put("activity", Activity.SIMMER.name());
        all.put("lid", "off");
        all.put("hood", "");
        all.put("altitude", "");
        all.put("use", Use.GLAZE.name());
        all.put("grade", "5");
        all.put("batch", "");
        all.put("served", "60");
        all.put("aim", "thick");
        all.put("amount", "");
        all.put("unit", "g");
        all.put("way", "by");
        all.put("part", "33.3");
        all.put("basis", Target.Basis.WEIGHT.name());
        all.put("brix", "65");
        all.put("boils", "104");
        all.put("least", "");
        all.put("leastUnit", "g");
        all.put("jarMl", "250");
        all.put("serveMl", "60");
        all.put("starch", "");
        all.put("school", "1:2");
        all.put("water", "2");
        all.put("frozen", "");
        all.put("smooth", "");
        all.put("route", "");
        all.put("at", "");
        return all;
    }

    /** Of what an address or a form says; what is no choice of a plan is left out, and so is what is far too long. */
    public static PlanForm of(Map<String, String> asked) {
        Map<String, String> chosen = new LinkedHashMap<>();
        for (String key : DEFAULTS.keySet()) {
            String value = asked.get(key);
            if (value != null && !value.isBlank() && value.length() <= LONGEST) {
                chosen.put(key, value.strip());
            }
        }
        return new PlanForm(chosen);
    }

    /** With one choice more; without it where the value is null. */
    public PlanForm with(String key, Object value) {
        if (!DEFAULTS.containsKey(key)) {
            throw new IllegalArgumentException("a plan has no choice " + key);
        }
        Map<String, String> more = new LinkedHashMap<>(chosen);
        if (value == null) {
            more.remove(key);
        } else {
            more.put(key, value.toString());
        }
        return new PlanForm(more);
    }

    /** What was chosen, without what stands by default. */
    public Map<String, String> chosen() {
        return chosen;
    }

    /** Whether something was said about a choice. */
    public boolean says(String key) {
        return chosen.containsKey(key);
    }

    public String get(String key) {
        return chosen.getOrDefault(key, DEFAULTS.get(key));
    }

    public UUID pot() {
        return id("pot");
    }

    /** Null to take the one that fits the pot best. */
    public UUID ring() {
        return id("ring");
    }

    /** The finished batch that a grade is taken from; null if none was chosen. */
    public UUID batch() {
        return id("batch");
    }

    private UUID id(String key) {
        try {
            return get(key).isEmpty() ? null : UUID.fromString(get(key));
        } catch (IllegalArgumentException e) {
            return null;
        }
    }

    public Activity activity() {
        return of(Activity.class, "activity");
    }

    public Target.Basis basis() {
        return of(Target.Basis.class, "basis");
    }

    /** The use chosen; the usual one where a grade or a batch is aimed at. */
    public Use use() {
        return of(Use.class, "use");
    }

    private <E extends Enum<E>> E of(Class<E> type, String key) {
        try {
            return Enum.valueOf(type, get(key));
        } catch (IllegalArgumentException e) {
            return Enum.valueOf(type, DEFAULTS.get(key));
        }
    }

    public String lid() {
        return LidKeys.isKey(get("lid")) ? get("lid") : "off";
    }

    /** Where reducing stops: thick, yield, part, brix or boils. */
    public String aim() {
        String aim = get("aim");
        return "yield part brix boils".contains(aim) ? aim : "thick";
    }

    public boolean frozen() {
        return says("frozen");
    }

    public boolean smooth() {
        return says("smooth");
    }

    /** Whether the hood runs, if the page said so. */
    Optional<Boolean> hood() {
        return says("hood") ? Optional.of(get("hood").equals("on")) : Optional.empty();
    }

    public Optional<Route.Kind> route() {
        for (Route.Kind kind : Route.Kind.values()) {
            if (kind.key().equals(get("route"))) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }

    Optional<StarchKind> starch() {
        return StarchKind.ofKey(get("starch"));
    }

    /** Where the cook dragged the handle to, if to anywhere. */
    Optional<Mass> at() {
        OptionalDouble grams = NumberInput.read(get("at"));
        return grams.isPresent() && grams.getAsDouble() > 0 && grams.getAsDouble() < 1e6
                ? Optional.of(Mass.ofGrams(grams.getAsDouble()))
                : Optional.empty();
    }

    /** The same toward a target that the sauce itself names; as it was for one that the page can't show. */
    PlanForm toward(Target target) {
        if (target instanceof Target.Weight weight) {
            return with("aim", "yield")
                    .with("amount", plain(weight.mass().grams()))
                    .with("unit", "g");
        }
        if (target instanceof Target.Yield yield) {
            return with("aim", "yield")
                    .with("amount", plain(yield.volume().millilitres()))
                    .with("unit", "ml");
        }
        if (target instanceof Target.Reduced reduced) {
            return with("aim", "part")
                    .with("way", "by")
                    .with("part", plain(reduced.kept().rest().percent()))
                    .with("basis", reduced.basis().name());
        }
        if (target instanceof Target.AtBrix brix) {
            return with("aim", "brix").with("brix", plain(brix.brix().percent()));
        }
        if (target instanceof Target.AtBoilingPoint at) {
            return with("aim", "boils").with("boils", plain(at.boils().degrees()));
        }
        return target instanceof Target.ForUse forUse
                ? with("use", forUse.use().name())
                : target instanceof Target.AtGrade grade
                        ? with("use", "GRADE").with("grade", plain(grade.grade().value()))
                        : this;
    }

    private static String plain(double value) {
        return CookRounding.exactly(value);
    }

    /** The temperature it is eaten at. */
    Celsius served(FieldErrors problems) {
        String otherwise = "Sauces are eaten between 0 and 95 °C: 60 is warm, 5 from the fridge.";
        return Celsius.of(number("served", 0, 95, otherwise, problems).orElse(Celsius.SERVED_WARM.degrees()));
    }

    /**
     * How thick it is to be, or what is wrong said beside its field.
     *
     * @param ofBatch the grade of the batch chosen, at the temperature it is eaten at
     */
    Goal goal(FieldErrors problems, Optional<Grade> ofBatch) {
        Celsius served = served(problems);
        if (get("use").equals("BATCH")) {
            if (ofBatch.isEmpty()) {
                problems.say("batch", "Choose a batch to be like.");
            }
            return ofBatch.map(grade -> Goal.of(grade, served)).orElseGet(() -> Goal.of(use(), served));
        }
        if (get("use").equals("GRADE")) {
            String otherwise = "Give a grade between 0.5 and 8: 2 is cream, 4.7 coats a spoon, 6.5 is ketchup.";
            OptionalDouble grade = number("grade", 0.5, 8, otherwise, problems);
            return grade.isPresent() ? Goal.of(Grade.of(grade.getAsDouble()), served) : Goal.of(use(), served);
        }
        return Goal.of(use(), served);
    }

    /** Where reducing is to stop, if not where it is thick enough. */
    Optional<Target> stop(FieldErrors problems) {
        return switch (aim()) {
            case "yield" -> amount("amount", "unit", problems);
            case "part" -> part(problems);
            case "brix" -> brix(problems);
            case "boils" -> boils(problems);
            default -> Optional.empty();
        };
    }

    private Optional<Target> brix(FieldErrors problems) {
        OptionalDouble brix = number("brix", 0.1, 89.9, "Give a Brix between 0 and 90: 65 is a syrup.", problems);
        return brix.isPresent()
                ? Optional.of(new Target.AtBrix(Share.ofPercent(brix.getAsDouble())))
                : Optional.empty();
    }

    private Optional<Target> boils(FieldErrors problems) {
        String otherwise = "Give a temperature between 90 and 125 °C: 104 is a thick syrup.";
        OptionalDouble degrees = number("boils", 90, 125, otherwise, problems);
        return degrees.isPresent()
                ? Optional.of(new Target.AtBoilingPoint(Celsius.of(degrees.getAsDouble())))
                : Optional.empty();
    }

    private Optional<Target> part(FieldErrors problems) {
        String otherwise = "Give a part between 0 and 100 per cent, such as 50.";
        OptionalDouble typed = number("part", 0.01, 99.99, otherwise, problems);
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        double percent = get("way").equals("to") ? typed.getAsDouble() : 100 - typed.getAsDouble();
        return Optional.of(new Target.Reduced(Share.ofPercent(percent), basis()));
    }

    private OptionalDouble number(String key, double min, double max, String otherwise, FieldErrors problems) {
        return problems.number(key, get(key), min, max, otherwise);
    }

    /** How much there is to be at least; empty if nothing was said. */
    Optional<Target> min(FieldErrors problems) {
        return says("least") ? amount("least", "leastUnit", problems) : Optional.empty();
    }

    private Optional<Target> amount(String key, String unitKey, FieldErrors problems) {
        OptionalDouble wanted = NumberInput.read(get(key));
        if (wanted.isEmpty()) {
            problems.say(key, "How much is to be left? Give a plain number, such as 580.");
            return Optional.empty();
        }
        double value = wanted.getAsDouble();
        if (!(value > 0) || value > 300_000) {
            problems.say(key, "Give a yield of more than zero and at most 300 000.");
            return Optional.empty();
        }
        return switch (get(unitKey)) {
            case "ml" -> volume(value, problems, key);
            case "floz" -> volume(value * MILLILITRES_PER_FLUID_OUNCE, problems, key);
            case "jars" -> volume(value * size("jarMl", problems), problems, key);
            case "servings" -> volume(value * size("serveMl", problems), problems, key);
            case "oz" -> Optional.of(new Target.Weight(Mass.ofGrams(value * GRAMS_PER_OUNCE)));
            default -> Optional.of(new Target.Weight(Mass.ofGrams(value)));
        };
    }

    private static Optional<Target> volume(double millilitres, FieldErrors problems, String key) {
        if (millilitres > 300_000) {
            problems.say(key, "That is more than 300 litres: give a smaller yield.");
            return Optional.empty();
        }
        return Optional.of(new Target.Yield(Volume.ofMillilitres(millilitres)));
    }

    /** Millilitres of a jar or a serving. */
    public double size(String key, FieldErrors problems) {
        return number(key, 5, 5000, "Give a size between 5 and 5000 ml.", problems)
                .orElseGet(() -> NumberInput.read(DEFAULTS.get(key)).orElseThrow());
    }

    /** How the slurry is stirred. */
    SlurryRatio school(FieldErrors problems) {
        return switch (get("school")) {
            case "1:1" -> new SlurryRatio.BySpoons(1);
            case "2:1" -> new SlurryRatio.BySpoons(0.5);
            case "weight" ->
                new SlurryRatio.ByWeight(
                        number("water", 0.5, 10, "Give 0.5 to 10 times the starch's weight of water.", problems)
                                .orElse(2));
            default -> new SlurryRatio.BySpoons(2);
        };
    }

    /** The altitude to compute with instead of the kitchen's, in metres. */
    OptionalDouble altitude(FieldErrors problems) {
        return says("altitude")
                ? number("altitude", -400, 5000, "Give an altitude between -400 and 5000 m.", problems)
                : OptionalDouble.empty();
    }

    /** The choices as the part of an address after the question mark. */
    public String query() {
        return chosen.entrySet().stream()
                .map(e -> e.getKey() + "="
                        + java.net.URLEncoder.encode(e.getValue(), java.nio.charset.StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof PlanForm that && chosen.equals(that.chosen);
    }

    @Override
    public int hashCode() {
        return chosen.hashCode();
    }

    @Override
    public String toString() {
        return query().toLowerCase(Locale.ROOT);
    }
}
