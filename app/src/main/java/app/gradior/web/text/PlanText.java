package app.gradior.web.text;

import app.gradior.food.Component;
import app.gradior.plan.OutOfReach;
import app.gradior.plan.PlanRequest;
import app.gradior.plan.Route;
import app.gradior.plan.Routes;
import app.gradior.plan.StarchChoice;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.thickness.Gel;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Outside;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/** Says targets and plans in sentences. */
public record PlanText(UnitFormat say) {
    /** A target in a few words: "580 g", "half of it, by weight", "glaze, at 60 °C". */
    public String target(Target target) {
        if (target instanceof Target.Weight weight) {
            return say.grams(weight.mass());
        }
        if (target instanceof Target.Yield yield) {
            return say.millilitres(yield.volume());
        }
        if (target instanceof Target.Reduced reduced) {
            return say.percent(reduced.kept()) + " of it left, " + Names.of(reduced.basis());
        }
        if (target instanceof Target.ForUse use) {
            return Names.of(use.use()) + " at " + say.degrees(use.served().degrees());
        }
        if (target instanceof Target.AtBrix brix) {
            return say.percent(brix.brix()) + " Brix";
        }
        if (target instanceof Target.AtBoilingPoint boils) {
            return "boiling at " + say.degrees(boils.boils().degrees());
        }
        if (target instanceof Target.AtStoveGrade hot) {
            return "grade " + say.grade(hot.grade()) + " at the stove";
        }
        Target.AtGrade grade = target.gradeServed().orElseThrow();
        return "grade " + say.grade(grade.grade()) + " at "
                + say.degrees(grade.served().degrees());
    }

    /** What a route does, in a few words. */
    public String does(Route route, StarchChoice starch) {
        if (route.outcome().isEmpty()) {
            return Names.of(route.kind()) + " does not get there";
        }
        Route.Outcome outcome = route.outcome().get();
        String stop = say.about(outcome.stop().mass().grams());
        String powder = outcome.slurry()
                .map(s -> say.about(s.powder().grams()) + " " + Names.of(starch.kind()))
                .orElse("");
        return switch (route.kind()) {
            case REDUCE -> outcome.minutes().middle() < 0.5 ? "Only bring it to the simmer" : "Reduce to " + stop;
            case REDUCE_THEN_SLURRY -> "Reduce to " + stop + ", then thicken with " + powder;
            case SLURRY -> "Thicken it as it is, with " + powder;
            case BLEND -> "Blend it, then reduce to " + stop;
        };
    }

    /** Why a route is proposed, in half a sentence. */
    public String because(Routes routes, PlanRequest request) {
        Optional<Route.Outcome> alone = routes.route(Route.Kind.REDUCE).outcome();
        return switch (routes.suggestion().reason()) {
            case RIGHT_ALREADY -> "it is right for that as soon as it simmers";
            case THICK_ALREADY -> "it is thicker than that already";
            case AS_ASKED -> "that is where you want to stop";
            case THIN_AS_ASKED ->
                "where you want to stop it is only grade "
                        + say.grade(alone.orElseThrow().served());
            case OUT_OF_REACH -> "that is out of reach";
            case NEVER_BY_REDUCING -> "reducing alone never gets it so thick";
            case SHORT_OF_YIELD ->
                "reducing alone leaves "
                        + say.about(alone.orElseThrow().end().mass().grams()) + ", less than you want";
            case TOO_SALTY ->
                "reducing alone brings it to "
                        + say.percent(alone.orElseThrow().stop().salt()) + " salt";
            case TOO_SOUR ->
                "reducing alone brings it to "
                        + say.percent(alone.orElseThrow().stop().acid()) + " acid";
            case BODY_IN_PIECES -> "the pieces hold body that blending sets free";
            case TOO_LONG ->
                "reducing alone takes about "
                        + say.minutes(alone.orElseThrow().minutes().middle());
            case SYRUP -> "its sugar thickens it, and starch would only cloud it";
            case WATERY -> "it is pulp and water: with less water it is thicker and tastes of more";
            case PLAIN -> "nothing speaks against plain reducing";
        };
    }

    /** Salt of what a route ends with. */
    public String salt(Route.Outcome outcome) {
        return say.percent(outcome.end().share(Component.SALT));
    }

    public String sugar(Route.Outcome outcome) {
        return say.percent(outcome.end().sugarShare());
    }

    public String acid(Route.Outcome outcome) {
        return say.percent(outcome.end().acidShare());
    }

    public String alcohol(Route.Outcome outcome) {
        return say.trace(outcome.end().share(Component.ETHANOL));
    }

    /** What to know of the taste and the keeping, in a sentence. */
    public String remarks(Route.Outcome outcome) {
        return outcome.remarks().stream().map(Names::of).collect(Collectors.joining("; "));
    }

    /** That no route leaves as much as is wanted, and what would do; null if one does. */
    public String tooLittle(Routes routes, PlanRequest request) {
        OptionalDouble times = routes.timesForTheMinimum(request);
        return times.isEmpty()
                ? null
                : "No route leaves as much as you want: make " + say.number(times.getAsDouble() * 1.005, 2)
                        + " times the sauce, or ask for less.";
    }

    /** What comes nearest where thickness and yield can't both be had by reducing. */
    public String nearest(Routes.Nearest nearest) {
        String atYield = "By reducing alone: at the yield you want it is grade "
                + say.number(nearest.atYield().served().middle(), 1);
        return atYield
                + nearest.atThinEnd()
                        .map(s -> "; just thick enough it is "
                                + say.about(s.at().mass().grams()))
                        .orElse("; thick enough it never is")
                + ". A slurry gives both.";
    }

    /** Why a route does not get there. */
    /** Why nothing is said of how thick it is. */
    public String outside(Outside why) {
        return switch (why) {
            case EMPTY -> "nothing is in it yet";
            case TOO_DRY -> "too dry to be a sauce: outside what the model knows";
            case OILY -> "more fat than a sauce holds: outside what the model knows";
        };
    }

    /** How it stands when it was left to cool; null where it does not set. */
    public String sets(Gel.Set set) {
        return switch (set) {
            case NOT -> null;
            case LOOSELY -> "sets loosely";
            case LIKE_JELLY -> "sets like jelly";
            case RUBBERY -> "sets firm as rubber";
        };
    }

    /** How thick it will be tomorrow. */
    public String tomorrow(Route.Outcome outcome, ThicknessFactor factor) {
        Grade cold = Thickness.grade(outcome.end(), Celsius.FRIDGE, factor);
        String sets = sets(Gel.of(outcome.end(), Celsius.FRIDGE));
        return "Tomorrow from the fridge: grade " + say.grade(cold) + (sets == null ? "." : ", it " + sets + ".");
    }

    /** What the recipe says of the minutes, beside what they come to in this pan. */
    public String claim(Interval claimed, Interval minutes) {
        boolean one = claimed.high() - claimed.low() < 0.5;
        String said =
                one ? say.minutes(claimed.middle()) : say.number(claimed.low(), 0) + "–" + say.minutes(claimed.high());
        boolean holds = minutes.low() <= claimed.high() && claimed.low() <= minutes.high();
        return "The recipe says " + said + ". "
                + (holds
                        ? "That fits this pan."
                        : "In this pan it is more like " + say.minutes(minutes.middle()) + ".");
    }

    /** Where the sauce's own text wants another surface or lid than the plan has; null if it does not. */
    public String saidOtherwise(Optional<Activity> saidActivity, Optional<Lid> saidLid, Activity activity, Lid lid) {
        List<String> said = new ArrayList<>();
        List<String> planned = new ArrayList<>();
        if (saidActivity.filter(other -> other != activity).isPresent()) {
            said.add(Names.of(saidActivity.get()));
            planned.add(Names.of(activity));
        }
        if (saidLid.filter(other -> !other.equals(lid)).isPresent()) {
            said.add("lid " + LidKeys.keyOf(saidLid.get()));
            planned.add("lid " + LidKeys.keyOf(lid));
        }
        return said.isEmpty()
                ? null
                : "The sauce's own text says: " + String.join(", ", said) + ". This plan: " + String.join(", ", planned)
                        + ", as you chose.";
    }

    public String missed(Route route) {
        OutOfReach why = route.missed().orElseThrow();
        boolean slurry = route.kind() == Route.Kind.SLURRY || route.kind() == Route.Kind.REDUCE_THEN_SLURRY;
        return slurry && why instanceof OutOfReach.ThickerAlready thick
                ? "No starch is needed: it is grade " + say.grade(thick.now()) + " without any."
                : sentence(why);
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
            return "Reducing can't go below " + say.grams(dry.min())
                    + ", which is not water. Ask for more than that, or strain some out.";
        }
        if (why instanceof OutOfReach.NeverSoThick never) {
            return "Reducing alone never gets it so thick: almost dry it is grade " + say.grade(never.thickest())
                    + " with " + say.grams(never.left()) + " left. Add body or a starch, or choose a thinner use.";
        }
        return "That takes more than two days as it is set. Take the lid off, turn up the heat or use a wider pot.";
    }
}
