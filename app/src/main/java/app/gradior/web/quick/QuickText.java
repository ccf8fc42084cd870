package app.gradior.web.quick;

import app.gradior.plan.Caution;
import app.gradior.plan.OutOfReach;
import app.gradior.plan.Route;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.quick.Adjustment;
import app.gradior.quick.Reduction;
import app.gradior.web.text.Names;
import app.gradior.web.text.PlanText;
import app.gradior.web.text.UnitFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** All that the quick page says. */
public record QuickText(UnitFormat say) {
    static final String DOES_NOT_FIT = "That much does not fit into a pan this wide: take a wider one, or less.";
    static final String STARCH_GRAMS = "Give grams of starch, up to a quarter of the liquid.";
    static final String AMOUNT_BOUNDS = "Give between 1 g and 100 kg of it.";
    static final String AMOUNT = "Give an amount with its unit, such as 1.2 l, 500 ml, 5 cups or 800 g.";
    static final String WHAT_IT_IS = "Write what it is, such as mango juice.";
    static final String STRENGTH = "Give per cent by weight, 0 to 85.";
    static final String TOO_STRONG = "Sugar, acid and salt come to more than 85 %: give less.";
    static final String WIDTH = "Say how wide the pan is, 8 to 60 cm: for example 24 cm or 9.5 in.";
    static final String SERVED_AT = "Sauces are eaten between 0 and 95 °C.";
    static final String GRADE = "Give a grade between 0.5 and 8.";

    private static final double SERVING_ML = 60;
    private static final double SALTY = 0.012;
    private static final double STRONGER = 1.3;
    private static final String[] PARTS = {
        "a tenth is",
        "a fifth is",
        "a quarter is",
        "a third is",
        "two fifths are",
        "half is",
        "three fifths are",
        "two thirds are",
        "three quarters are",
        "four fifths are",
        "nine tenths are"
    };
    private static final double[] PART_OF = {0.1, 0.2, 0.25, 1 / 3.0, 0.4, 0.5, 0.6, 2 / 3.0, 0.75, 0.8, 0.9};
    private static final double QUITE = 0.015;
    private static final Set<Caution> TOLD_ELSEWHERE = Set.of(Caution.KEEP_COLD);

    /** A use as it ends the sentence "I want it …". */
    public String use(Use use) {
        return switch (use) {
            case POUR -> "to pour";
            case TOSS -> "to toss with pasta";
            case GLAZE -> "as a glaze";
            case DIP -> "to dip into";
            case SPREAD -> "to spread";
            case SYRUP -> "as a syrup";
        };
    }

    /** A surface as it goes on after "at". */
    public String heat(Activity activity) {
        return switch (activity) {
            case STEAMING -> "a heat that only steams";
            case BARE_SIMMER -> "a bare simmer";
            case SIMMER -> "a simmer";
            case LIVELY_SIMMER -> "a lively simmer";
            case ROLLING_BOIL -> "a rolling boil";
        };
    }

    public String lid(String key) {
        return switch (key) {
            case "screen" -> "a splatter screen";
            case "ajar" -> "the lid ajar";
            case "on" -> "the lid on";
            default -> "no lid";
        };
    }

    /** The part of the depth that is gone when it is done: "three quarters are gone". */
    public String gone(Share gone) {
        int nearest = 0;
        for (int i = 1; i < PART_OF.length; i++) {
            if (Math.abs(PART_OF[i] - gone.value()) < Math.abs(PART_OF[nearest] - gone.value())) {
                nearest = i;
            }
        }
        return (Math.abs(PART_OF[nearest] - gone.value()) < QUITE ? "" : "about ") + PARTS[nearest] + " gone";
    }

    /** "between 41 min and 1 h 6 min", or that nobody has to wait. */
    public String range(Interval minutes) {
        return minutes.middle() < 0.5
                ? "it is right as soon as it simmers"
                : "between " + say.minutes(minutes.low()) + " and " + say.minutes(minutes.high())
                        + ": this pan was never weighed";
    }

    /** How many it is enough for. */
    public String enough(Route.Outcome outcome) {
        long people = Math.max(1, Math.round(outcome.volume().millilitres() / SERVING_ML));
        return "left, enough for " + (people == 1 ? "one" : "about " + people);
    }

    /** Less time and a starch, in a sentence. */
    public String orStarch(Reduction answer) {
        Route.Outcome with = answer.withStarch().orElseThrow();
        String starch = say.about(with.slurry().orElseThrow().powder().grams()) + " of "
                + Names.of(answer.routes().starch().kind());
        double minutes = with.minutes().middle();
        return (minutes < 0.5 ? "only " + starch : say.minutes(minutes) + " and " + starch);
    }

    public String orStarchLeaves(Reduction answer) {
        return ", and " + say.about(answer.withStarch().orElseThrow().volume()) + " are left.";
    }

    /** What reducing does to the taste, where it is much; empty where it is little. */
    public String taste(Reduction answer) {
        return answer.alone()
                .filter(out -> out.strength() > STRONGER)
                .map(out -> {
                    Share before = answer.now().salt();
                    Share after = out.stop().salt();
                    return after.value() > SALTY
                            ? "Reduced, it tastes stronger and saltier: " + say.percent(after) + " salt instead of "
                                    + say.percent(before) + ". Taste at half, and salt it at the end."
                            : "Reduced, it tastes " + say.number(out.strength(), 1)
                                    + " times as strong. Salt it at the end.";
                })
                .orElse("");
    }

    /** What to mind. */
    public List<String> cautions(Route.Outcome outcome) {
        return outcome.cautions().stream()
                .filter(c -> !TOLD_ELSEWHERE.contains(c))
                .limit(3)
                .map(Names::of)
                .toList();
    }

    public String missed(OutOfReach why) {
        return new PlanText(say).sentence(why);
    }

    /** What a sauce that is too thick or too thin needs. */
    public String needs(Adjustment answer) {
        if (answer.water().isPresent()) {
            Interval water = answer.water().get();
            return "Too thick: stir in about " + say.about(Volume.ofMillilitres(water.middle()))
                    + " of water or stock, a little at a time.";
        }
        if (answer.powder().isPresent()) {
            double powder = answer.powder().get().middle();
            return "Too thin: stir " + say.about(powder) + " of "
                    + Names.of(answer.starch().kind()) + " into " + say.about(answer.waterWith(powder))
                    + " of cold water, and pour it in while it boils.";
        }
        return "That is just right: nothing to do.";
    }

    /** Between which amounts that lies. */
    public String needsBetween(Adjustment answer) {
        Optional<String> between = answer.water()
                .map(range -> say.about(Volume.ofMillilitres(range.low())) + " and "
                        + say.about(Volume.ofMillilitres(range.high())))
                .or(() -> answer.powder().map(range -> say.about(range.low()) + " and " + say.about(range.high())));
        return between.map(range ->
                        "Between " + range + ": a spoon tells the thickness only so well. Add half, stir, look again.")
                .orElse("");
    }

    public String orBoil(Interval minutes) {
        return "Or boil it down for about " + say.minutes(minutes.middle()) + ", between " + say.minutes(minutes.low())
                + " and " + say.minutes(minutes.high()) + ".";
    }

    /** That the sauce had to be taken otherwise than it was told; empty if not. */
    public String takenOtherwise(QuickForm form, Adjustment answer) {
        return form.thickenedBy() == Adjustment.ThickenedBy.BOILING && answer.byStarch()
                ? "Boiling alone never makes this so thick, so it is taken as thickened with starch."
                : "";
    }

    static String notUnderstood(String food, String amount) {
        return "“" + food + "” with the amount “" + amount
                + "” is not understood. Try a food such as mango juice, with an amount such as 500 ml.";
    }
}
