package app.gradior.web.starch;

import app.gradior.food.StarchKind;
import app.gradior.plan.SlurryRatio;

/**
 * What is asked at the starch bench, as typed.
 *
 * @param liquid a line such as 500 ml stock
 * @param sugar per cent by weight, as the others; all three empty to take the food as the table has it
 * @param use one of the uses, or GRADE to take {@code grade}
 * @param there grams of the first starch that are in it already, or that the cook has
 * @param one the key of the starch that is drawn and that {@code there} is of
 * @param other the key of the one that is drawn beside it
 */
record StarchForm(
        String liquid,
        String sugar,
        String acid,
        String salt,
        String use,
        String grade,
        String served,
        String school,
        String there,
        String one,
        String other) {
    private static final int LONGEST = 120;

    StarchForm {
        liquid = or(liquid, "500 ml chicken stock");
        sugar = or(sugar, "");
        acid = or(acid, "");
        salt = or(salt, "");
        use = or(use, "TOSS");
        grade = or(grade, "4.8");
        served = or(served, "60");
        school = or(school, "1:2");
        there = or(there, "");
        one = or(one, StarchKind.CORN.key());
        other = or(other, StarchKind.ARROWROOT.key());
    }

    private static String or(String typed, String otherwise) {
        return typed == null || typed.isBlank() || typed.length() > LONGEST ? otherwise : typed.strip();
    }

    /** Whether the liquid is taken as the table has it. */
    public boolean plain() {
        return sugar.isEmpty() && acid.isEmpty() && salt.isEmpty();
    }

    public StarchKind first() {
        return StarchKind.ofKey(one).orElse(StarchKind.CORN);
    }

    public StarchKind second() {
        return StarchKind.ofKey(other).orElse(StarchKind.ARROWROOT);
    }

    SlurryRatio slurrySchool() {
        return switch (school) {
            case "1:1" -> new SlurryRatio.BySpoons(1);
            case "2:1" -> new SlurryRatio.BySpoons(0.5);
            case "weight" -> new SlurryRatio.ByWeight(2);
            default -> new SlurryRatio.BySpoons(2);
        };
    }
}
