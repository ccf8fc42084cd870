package app.gradior.web;

import app.gradior.plan.OutOfReach;
import app.gradior.plan.Plan;
import app.gradior.plan.Target;
import org.springframework.stereotype.Component;

/** Says targets and plans in sentences. */
@Component("planWords")
public class PlanWords {
    private final Wording say;

    PlanWords(Wording say) {
        this.say = say;
    }

    /** A target in a few words: "580 g", "half of it, by weight", "glaze, at 60 °C". */
    public String target(Target target) {
        if (target instanceof Target.Weight weight) {
            return say.grams(weight.mass());
        }
        if (target instanceof Target.Yield yield) {
            return say.millilitres(yield.volume());
        }
        if (target instanceof Target.Reduced reduced) {
            return say.percent(reduced.kept()) + " of it left, "
                    + reduced.basis().words();
        }
        if (target instanceof Target.ForUse use) {
            return use.use().label() + " at " + say.degrees(use.served().degrees());
        }
        if (target instanceof Target.AtBrix brix) {
            return say.percent(brix.brix()) + " Brix";
        }
        if (target instanceof Target.AtStoveGrade hot) {
            return "grade " + say.grade(hot.grade()) + " at the stove";
        }
        Target.AtGrade grade = target.gradeServed().orElseThrow();
        return "grade " + say.grade(grade.grade()) + " at "
                + say.degrees(grade.served().degrees());
    }

    /** What to do, in a sentence. */
    public String headline(Plan plan) {
        String stop = "Reduce " + say.grams(plan.from().mass()) + " to ";
        String mass = plan.target().isThickness()
                ? "about " + say.about(plan.at().mass().grams())
                : say.grams(plan.at().mass());
        return stop + mass + ": " + say.minutes(plan.minutes().middle()) + " from the simmer, between "
                + say.range(plan.minutes()) + ".";
    }

    /** Why a target is out of reach, and what would do. */
    public String sentence(OutOfReach why) {
        if (why instanceof OutOfReach.MoreThanThereIs more) {
            return "There is less than that to begin with: " + say.grams(more.have()) + " ("
                    + say.millilitres(more.haveVolume()) + "). Make " + say.number(more.times() * 1.005, 2)
                    + " times the sauce, or ask for less.";
        }
        if (why instanceof OutOfReach.ThickerAlready thicker) {
            String now = "It is thicker than that once it simmers: grade " + say.grade(thicker.now()) + ". ";
            return now
                    + thicker.water()
                            .map(w -> "Thin it with " + say.about(w.grams()) + " water, or choose a thicker use.")
                            .orElse("Thin it with water, or aim higher.");
        }
        if (why instanceof OutOfReach.LessThanIsDry dry) {
            return "Reducing can't go below " + say.grams(dry.least())
                    + ", which is not water. Ask for more than that, or strain some out.";
        }
        if (why instanceof OutOfReach.NeverSoThick never) {
            return "Reducing alone never gets it so thick: almost dry it is grade " + say.grade(never.thickest())
                    + " with " + say.grams(never.left()) + " left. Add body or a starch, or choose a thinner use.";
        }
        return "That takes more than two days as it is set. Take the lid off, turn up the heat or use a wider pot.";
    }
}
