package app.gradior.web.plan;

import app.gradior.measure.CookRounding;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.validation.Errors;

/**
 * How a sauce is to be cooked and where it is to stop, as chosen on the page. What was not chosen has a default, so that
 * a plan can be opened by its sauce alone.
 *
 * @param ring null to take the one that fits the pot best
 * @param aim one of yield, part, use
 * @param amount the yield wanted, in {@code unit}
 * @param way "by" if {@code part} is what goes, "to" if it is what stays
 * @param part per cent
 */
public record PlanForm(
        UUID pot,
        UUID ring,
        Activity activity,
        String lid,
        String aim,
        String amount,
        String unit,
        String way,
        String part,
        Target.Basis basis,
        Use use,
        String served) {
    private static final Map<String, Lid> LIDS =
            Map.of("off", Lid.OFF, "screen", Lid.SPLATTER_SCREEN, "ajar", Lid.AJAR, "on", Lid.ON);

    public PlanForm {
        activity = activity == null ? Activity.SIMMER : activity;
        lid = LIDS.containsKey(lid == null ? "" : lid) ? lid : "off";
        aim = "yield".equals(aim) || "part".equals(aim) ? aim : "use";
        unit = "ml".equals(unit) ? "ml" : "g";
        way = "to".equals(way) ? "to" : "by";
        part = part == null ? "33.3" : part;
        basis = basis == null ? Target.Basis.WEIGHT : basis;
        use = use == null ? Use.GLAZE : use;
        served = served == null ? "60" : served;
    }

    /** The lid of a key; open where there is none such. */
    public static Lid lid(String key) {
        return LIDS.getOrDefault(key, Lid.OFF);
    }

    /** The key of a lid, for pages that show which one is on. */
    public static String keyOf(Lid lid) {
        return LIDS.entrySet().stream()
                .filter(e -> e.getValue().equals(lid))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse("off");
    }

    /** The same toward a target that the sauce itself names; as it was for one that the page can't show. */
    PlanForm toward(Target target) {
        if (target instanceof Target.Weight weight) {
            return with("yield", plain(weight.mass().grams()), "g", part, way, basis, use);
        }
        if (target instanceof Target.Yield yield) {
            return with("yield", plain(yield.volume().millilitres()), "ml", part, way, basis, use);
        }
        if (target instanceof Target.Reduced reduced) {
            return with("part", amount, unit, plain(reduced.kept().rest().percent()), "by", reduced.basis(), use);
        }
        return target instanceof Target.ForUse forUse
                ? with("use", amount, unit, part, way, basis, forUse.use())
                : this;
    }

    private PlanForm with(
            String otherAim, String grams, String in, String share, String byOrTo, Target.Basis of, Use forUse) {
        return new PlanForm(pot, ring, activity, lid, otherAim, grams, in, byOrTo, share, of, forUse, served);
    }

    private static String plain(double value) {
        return CookRounding.exactly(value);
    }

    PlanForm withRing(UUID other) {
        return new PlanForm(pot, other, activity, lid, aim, amount, unit, way, part, basis, use, served);
    }

    PlanForm withPot(UUID other) {
        return new PlanForm(other, ring, activity, lid, aim, amount, unit, way, part, basis, use, served);
    }

    /** The target meant, or null with what is wrong said beside its field. */
    public Target target(Errors errors) {
        return switch (aim) {
            case "yield" -> yieldTarget(errors);
            case "part" -> partTarget(errors);
            default -> useTarget(errors);
        };
    }

    private Target yieldTarget(Errors errors) {
        OptionalDouble wanted = number(amount);
        if (wanted.isEmpty()) {
            errors.rejectValue("amount", "missing", "How much is to be left? Give a plain number, such as 580.");
            return null;
        }
        double value = wanted.getAsDouble();
        if (!(value > 0) || value > 300_000) {
            errors.rejectValue("amount", "range", "Give a yield of more than nought and at most 300 000.");
            return null;
        }
        return unit.equals("ml")
                ? new Target.Yield(Volume.ofMillilitres(value))
                : new Target.Weight(Mass.ofGrams(value));
    }

    private Target partTarget(Errors errors) {
        double percent = number(part).orElse(Double.NaN);
        if (!(percent > 0 && percent < 100)) {
            errors.rejectValue("part", "range", "Give a part between 0 and 100 per cent, such as 50.");
            return null;
        }
        return new Target.Reduced(Share.ofPercent(way.equals("to") ? percent : 100 - percent), basis);
    }

    private Target useTarget(Errors errors) {
        double degrees = number(served).orElse(Double.NaN);
        if (!(degrees >= 0 && degrees <= 95)) {
            errors.rejectValue(
                    "served", "range", "Sauces are eaten between 0 and 95 °C: 60 is warm, 5 from the fridge.");
            return null;
        }
        return new Target.ForUse(use, Celsius.of(degrees));
    }

    private static OptionalDouble number(String typed) {
        try {
            return OptionalDouble.of(
                    Double.parseDouble(typed == null ? "" : typed.strip().replace(',', '.')));
        } catch (NumberFormatException e) {
            return OptionalDouble.empty();
        }
    }
}
