package app.gradior.web.quick;

import app.gradior.food.StarchKind;
import app.gradior.plan.SlurryRatio;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.quick.Adjustment;
import app.gradior.quick.Liquid;
import app.gradior.thickness.SpoonCoat;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The blanks of the sentence on the quick page, as they stand in its address; what was left empty has a usual content.
 *
 * @param units "us" for who has no kitchen and wants ounces and inches
 * @param ask which question it is
 * @param amount such as 1.2 l
 * @param of the key of a liquid, or "other" for {@code food}
 * @param food a food by its name
 * @param sugar per cent of sugar stirred in, where the liquid takes some; empty for the usual
 * @param pan how wide it is, such as 24 cm
 * @param heat the surface, by its key
 * @param lid by its key
 * @param use the key of a use, or "grade" for {@code grade}
 * @param served the temperature it is eaten at, °C
 * @param dissolved per cent of sugar that is known to be in it, instead of what the table has, as the two behind it
 * @param ratio how the slurry is stirred
 * @param there grams of the first starch that are in it or at hand
 * @param one the key of the starch that {@code there} is of and that is drawn
 * @param other the key of the one drawn beside it
 * @param by how it was thickened
 * @param look how it looks on a spoon
 */
record QuickForm(
        String units,
        String ask,
        String amount,
        String of,
        String food,
        String sugar,
        String pan,
        String heat,
        String lid,
        String use,
        String grade,
        String served,
        String dissolved,
        String acid,
        String salt,
        String ratio,
        String there,
        String one,
        String other,
        String by,
        String look) {
    private static final int LONGEST = 80;

    /** What can be asked. */
    enum Ask {
        REDUCE,
        THICKEN,
        ADJUST;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    QuickForm {
        units = or(units, "");
        ask = or(ask, Ask.REDUCE.key());
        boolean some = ask.equals(Ask.REDUCE.key());
        amount = or(amount, "");
        of = or(of, some ? Liquid.CRUSHED_TOMATOES.key() : Liquid.CHICKEN_STOCK.key());
        food = or(food, "");
        sugar = or(sugar, "");
        pan = or(pan, "");
        heat = or(heat, Activity.SIMMER.key());
        lid = or(lid, "off");
        use = or(use, Use.TOSS.key());
        grade = or(grade, "4.8");
        served = or(served, "60");
        dissolved = or(dissolved, "");
        acid = or(acid, "");
        salt = or(salt, "");
        ratio = or(ratio, "1:2");
        there = or(there, "");
        one = or(one, StarchKind.CORN.key());
        other = or(other, StarchKind.ARROWROOT.key());
        by = or(by, Adjustment.ThickenedBy.STARCH.key());
        look = or(look, SpoonCoat.FALLS_IN_SHEETS.name().toLowerCase(Locale.ROOT));
    }

    /** With the usual amount and the usual pan where none were told, for whoever measures so. */
    QuickForm inUnits(boolean ounces) {
        boolean some = ask.equals(Ask.REDUCE.key());
        return new QuickForm(
                units,
                ask,
                or(amount, some ? (ounces ? "5 cups" : "1.2 l") : ounces ? "2 cups" : "500 ml"),
                of,
                food,
                sugar,
                or(pan, ounces ? "9.5 in" : "24 cm"),
                heat,
                lid,
                use,
                grade,
                served,
                dissolved,
                acid,
                salt,
                ratio,
                there,
                one,
                other,
                by,
                look);
    }

    private static String or(String typed, String otherwise) {
        return typed == null || typed.isBlank() || typed.length() > LONGEST ? otherwise : typed.strip();
    }

    private static <E extends Enum<E>> E named(Class<E> type, String key, E otherwise) {
        for (E one : type.getEnumConstants()) {
            if (one.name().toLowerCase(Locale.ROOT).replace('_', '-').equals(key.replace('_', '-'))) {
                return one;
            }
        }
        return otherwise;
    }

    public Ask asked() {
        return named(Ask.class, ask, Ask.REDUCE);
    }

    public Activity activity() {
        return named(Activity.class, heat, Activity.SIMMER);
    }

    /** Whether the thickness is told by a number. */
    public boolean byGrade() {
        return use.equals("grade");
    }

    public Use wanted() {
        return named(Use.class, use, Use.TOSS);
    }

    public StarchKind first() {
        return StarchKind.ofKey(one).orElse(StarchKind.CORN);
    }

    public StarchKind second() {
        return StarchKind.ofKey(other).orElse(StarchKind.ARROWROOT);
    }

    public Adjustment.ThickenedBy thickenedBy() {
        return named(Adjustment.ThickenedBy.class, by, Adjustment.ThickenedBy.STARCH);
    }

    public SpoonCoat onTheSpoon() {
        return named(SpoonCoat.class, look, SpoonCoat.FALLS_IN_SHEETS);
    }

    /** Whether what the liquid is made of is taken from the table. */
    public boolean asTheTableHasIt() {
        return dissolved.isEmpty() && acid.isEmpty() && salt.isEmpty();
    }

    SlurryRatio slurryRatio() {
        return ratio.equals("weight") ? new SlurryRatio.ByWeight(2) : SlurryRatio.ofSpoons(ratio);
    }

    /** The address of the same question with one blank filled otherwise. */
    public String with(String blank, String content) {
        Map<String, String> blanks = new LinkedHashMap<>();
        blanks.put("units", units);
        blanks.put("ask", asked().key());
        blanks.put("amount", amount);
        blanks.put("of", of);
        blanks.put("food", food);
        blanks.put("sugar", sugar);
        blanks.put("pan", pan);
        blanks.put("heat", heat);
        blanks.put("lid", lid);
        blanks.put("use", use);
        blanks.put("grade", byGrade() ? grade : "");
        blanks.put("served", served);
        if (asked() == Ask.THICKEN) {
            blanks.put("dissolved", dissolved);
            blanks.put("acid", acid);
            blanks.put("salt", salt);
            blanks.put("ratio", ratio);
            blanks.put("there", there);
            blanks.put("one", one);
            blanks.put("other", other);
        } else if (asked() == Ask.ADJUST) {
            blanks.put("by", by);
            blanks.put("look", look);
        }
        blanks.put(blank, content);
        return "/quick?"
                + blanks.entrySet().stream()
                        .filter(e -> !e.getValue().isEmpty())
                        .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                        .collect(Collectors.joining("&"));
    }
}
