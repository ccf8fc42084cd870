package app.gradior.web.quick;

import app.gradior.food.StarchKind;
import app.gradior.plan.Slurry;
import app.gradior.plan.StarchBench;
import app.gradior.thickness.Grade;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import java.util.stream.Collectors;

/** Says what starches come to. */
public record StarchText(UnitFormat say) {
    private static final double GELS_FROM_SETBACK = 1.5;

    /** The slurry of an answer; null if there is none. */
    public Slurry found(Slurry.Answer answer) {
        return answer instanceof Slurry.Answer.Found found ? found.slurry() : null;
    }

    public String thirds(Slurry slurry) {
        return slurry.thirds().stream().map(say::grade).collect(Collectors.joining(", "));
    }

    /** Why there is no slurry. */
    public String none(Slurry.Answer answer) {
        if (answer instanceof Slurry.Answer.NoneNeeded none) {
            return "none: it is grade " + say.grade(none.now()) + " as it is";
        }
        return "not even a quarter of its weight does it: grade "
                + say.grade(((Slurry.Answer.NotEnough) answer).reached());
    }

    /** How a sauce of a starch keeps. */
    public String keeps(StarchKind kind) {
        String cold = kind.setback() < GELS_FROM_SETBACK ? "; stays loose when cold" : "; sets firm when cold";
        String frozen = switch (kind.freezing()) {
            case POOR -> "weeps when thawed";
            case FAIR -> "freezes fairly";
            case GOOD -> "freezes well";
        };
        String boiled = kind.longBoil() == StarchKind.Bearing.POOR ? "; thins when boiled on" : "";
        return Names.look(kind) + cold + "; " + frozen + boiled;
    }

    /** What so much starch gives, and what to do about it. */
    public String mend(Slurry gives, StarchBench.Adjustment mend, Grade wanted) {
        String now = "That gives grade " + say.number(mend.now().value(), 1) + ". ";
        if (mend.water().isPresent()) {
            double grams = mend.water().get().liquid().grams();
            return grams < 0.5
                    ? now + "That is just right."
                    : now + "Too thick: thin it with " + say.about(grams) + " water or stock for grade "
                            + say.grade(wanted) + ".";
        }
        return mend.more()
                .map(more -> now + "Too thin: stir in " + say.grams(more.powder()) + " more, in "
                        + say.grams(more.water()) + " cold water, for grade " + say.grade(wanted) + ".")
                .orElse(now + "No amount of this starch that makes sense brings it to grade " + say.grade(wanted)
                        + ".");
    }
}
