package app.gradior.web.planning;

import app.gradior.food.StarchKind;
import app.gradior.measure.NumberInput;
import app.gradior.measure.TypedLength;
import app.gradior.plan.Route;
import app.gradior.plan.SlurryRatio;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.quantity.Altitude;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.text.LidKeys;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;

/** Makes values of the fields of a plan's page, and says beside each field what can't be read. */
final class PlanFormReader {
    private static final double GRAMS_PER_OUNCE = 28.349523125;
    private static final double MILLILITRES_PER_FLUID_OUNCE = 29.5735295625;
    private static final double MOST = 300_000;

    private final PlanForm form;
    private final boolean ounces;
    private final FieldErrors problems;

    /** @param ounces whether a width without a unit is in inches */
    PlanFormReader(PlanForm form, boolean ounces, FieldErrors problems) {
        this.form = form;
        this.ounces = ounces;
        this.problems = problems;
    }

    PlanChoices choices() {
        PlanChoices.Aim aim = PlanChoices.Aim.ofKey(form.get(PlanField.AIM));
        PlanChoices.Wanted wanted = wanted();
        String served = PlanningText.SERVED_AT;
        Volume jar = size(PlanField.JAR);
        Volume serving = size(PlanField.SERVING);
        return new PlanChoices(
                form.id(PlanField.POT),
                width(),
                form.id(PlanField.RING),
                one(Activity.class, PlanField.ACTIVITY),
                LidKeys.lid(form.get(PlanField.LID)),
                form.says(PlanField.HOOD) ? Optional.of(form.get(PlanField.HOOD).equals("on")) : Optional.empty(),
                altitude(),
                wanted,
                Celsius.of(number(PlanField.SERVED, 0, 95, served).orElse(Celsius.SERVED_WARM.degrees())),
                aim,
                stop(aim, jar, serving),
                form.says(PlanField.LEAST)
                        ? amount(PlanField.LEAST, PlanField.LEAST_UNIT, jar, serving)
                        : Optional.empty(),
                jar,
                serving,
                StarchKind.ofKey(form.get(PlanField.STARCH)),
                ratio(),
                form.says(PlanField.FROZEN),
                form.says(PlanField.SMOOTH),
                Arrays.stream(Route.Kind.values())
                        .filter(kind -> kind.key().equals(form.get(PlanField.ROUTE)))
                        .findFirst(),
                at());
    }

    private OptionalDouble number(PlanField field, double min, double max, String otherwise) {
        return problems.number(field.key(), form.get(field), min, max, otherwise);
    }

    /** Of a pan that is none of the kitchen's pots, where such a one was chosen. */
    private Optional<Length> width() {
        if (!form.get(PlanField.POT).equals(PlanForm.ANOTHER_SIZE) || !form.says(PlanField.WIDTH)) {
            return Optional.empty();
        }
        Optional<Length> width = TypedLength.panWidth(form.get(PlanField.WIDTH), ounces);
        if (width.isEmpty()) {
            problems.say(PlanField.WIDTH.key(), PlanningText.WIDTH);
        }
        return width;
    }

    private <E extends Enum<E>> E one(Class<E> type, PlanField field) {
        try {
            return Enum.valueOf(type, form.get(field));
        } catch (IllegalArgumentException e) {
            return Enum.valueOf(type, field.usual());
        }
    }

    private PlanChoices.Wanted wanted() {
        if (form.get(PlanField.USE).equals("BATCH")) {
            return new PlanChoices.Wanted.LikeBatch(form.id(PlanField.BATCH));
        }
        if (form.get(PlanField.USE).equals("GRADE")) {
            String otherwise = PlanningText.GRADE;
            OptionalDouble grade = number(PlanField.GRADE, 0.5, 8, otherwise);
            if (grade.isPresent()) {
                return new PlanChoices.Wanted.ByGrade(Grade.of(grade.getAsDouble()));
            }
        }
        return new PlanChoices.Wanted.ByUse(one(Use.class, PlanField.USE));
    }

    private Optional<Altitude> altitude() {
        if (!form.says(PlanField.ALTITUDE)) {
            return Optional.empty();
        }
        OptionalDouble metres = number(PlanField.ALTITUDE, -400, 5000, PlanningText.ALTITUDE);
        return metres.isPresent() ? Optional.of(Altitude.ofMetres(metres.getAsDouble())) : Optional.empty();
    }

    /** Where the cook dragged the handle to, if to anywhere. */
    private Optional<Mass> at() {
        OptionalDouble grams = NumberInput.read(form.get(PlanField.AT));
        return grams.isPresent() && grams.getAsDouble() > 0 && grams.getAsDouble() < 1e6
                ? Optional.of(Mass.ofGrams(grams.getAsDouble()))
                : Optional.empty();
    }

    private Optional<Target> stop(PlanChoices.Aim aim, Volume jar, Volume serving) {
        return switch (aim) {
            case THICK -> Optional.empty();
            case YIELD -> amount(PlanField.AMOUNT, PlanField.UNIT, jar, serving);
            case PART -> part();
            case BRIX -> brix();
            case BOILS -> boils();
        };
    }

    private Optional<Target> brix() {
        OptionalDouble brix = number(PlanField.BRIX, 0.1, 89.9, PlanningText.BRIX);
        return brix.isPresent()
                ? Optional.of(new Target.AtBrix(Share.ofPercent(brix.getAsDouble())))
                : Optional.empty();
    }

    private Optional<Target> boils() {
        String otherwise = PlanningText.SYRUP_TEMPERATURE;
        OptionalDouble degrees = number(PlanField.BOILS, 90, 125, otherwise);
        return degrees.isPresent()
                ? Optional.of(new Target.AtBoilingPoint(Celsius.of(degrees.getAsDouble())))
                : Optional.empty();
    }

    private Optional<Target> part() {
        String otherwise = PlanningText.PER_CENT;
        OptionalDouble typed = number(PlanField.PART, 0.01, 99.99, otherwise);
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        double percent = form.get(PlanField.WAY).equals("to") ? typed.getAsDouble() : 100 - typed.getAsDouble();
        return Optional.of(new Target.Reduced(Share.ofPercent(percent), one(Target.Basis.class, PlanField.BASIS)));
    }

    private Optional<Target> amount(PlanField field, PlanField unit, Volume jar, Volume serving) {
        OptionalDouble wanted = NumberInput.read(form.get(field));
        if (wanted.isEmpty()) {
            problems.say(field.key(), PlanningText.YIELD);
            return Optional.empty();
        }
        double value = wanted.getAsDouble();
        if (!(value > 0) || value > MOST) {
            problems.say(field.key(), PlanningText.YIELD_BOUNDS);
            return Optional.empty();
        }
        return switch (form.get(unit)) {
            case "ml" -> volume(field, value);
            case "floz" -> volume(field, value * MILLILITRES_PER_FLUID_OUNCE);
            case "jars" -> volume(field, value * jar.millilitres());
            case "servings" -> volume(field, value * serving.millilitres());
            case "oz" -> Optional.of(new Target.Weight(Mass.ofGrams(value * GRAMS_PER_OUNCE)));
            default -> Optional.of(new Target.Weight(Mass.ofGrams(value)));
        };
    }

    private Optional<Target> volume(PlanField field, double millilitres) {
        if (millilitres > MOST) {
            problems.say(field.key(), PlanningText.YIELD_TOO_LARGE);
            return Optional.empty();
        }
        return Optional.of(new Target.Yield(Volume.ofMillilitres(millilitres)));
    }

    /** What a jar or a serving holds. */
    private Volume size(PlanField field) {
        OptionalDouble millilitres = number(field, 5, 5000, PlanningText.JAR_SIZE);
        return Volume.ofMillilitres(millilitres.orElse(Double.parseDouble(field.usual())));
    }

    private SlurryRatio ratio() {
        if (!form.get(PlanField.SCHOOL).equals("weight")) {
            return SlurryRatio.ofSpoons(form.get(PlanField.SCHOOL));
        }
        String otherwise = PlanningText.SLURRY_WATER;
        return new SlurryRatio.ByWeight(
                number(PlanField.WATER, 0.5, 10, otherwise).orElse(2));
    }
}
