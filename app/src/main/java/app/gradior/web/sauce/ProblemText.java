package app.gradior.web.sauce;

import app.gradior.measure.LineProblem;
import app.gradior.sauce.StepProblem;
import app.gradior.web.text.UnitFormat;
import java.util.Locale;

/** Says what is missing in a line or a step, and what to do. */
record ProblemText(UnitFormat say) implements LineProblem.Cases<String>, StepProblem.Cases<String> {
    String of(LineProblem problem) {
        return problem.match(this);
    }

    String of(StepProblem problem) {
        return problem.match(this);
    }

    @Override
    public String plain(LineProblem.Plain problem) {
        return switch (problem) {
            case TOO_LONG -> "This line is very long: write one ingredient to a line, up to 400 letters.";
            case NEITHER_AMOUNT_NOR_FOOD -> "Begin the line with an amount and name a food, such as 100 g onion.";
            case SEVERAL_THINGS -> "These are several things: write each on a line of its own.";
            case NOTHING_GOES_IN -> "The amount must be more than zero: write how much goes in.";
            case NO_FOOD -> "Of what? Name the food after the amount.";
            case TOO_MANY_TO_COUNT -> "That many are better weighed: give grams or kilograms.";
            case LESS_THAN_NOTHING -> "An amount must not be less than nothing: write how much goes in.";
            case MORE_THAN_A_POT_HOLDS -> "That is more than 300 kg: check the amount and its unit.";
            case MORE_THAN_A_SAUCE_WEIGHS ->
                "With this it would be more than two tonnes in all: check the amounts and their units.";
        };
    }

    @Override
    public String unknownFood(LineProblem.UnknownFood problem) {
        return "“" + problem.words() + "” is not a food known here: try another name for it, or add it to your foods.";
    }

    @Override
    public String howMuch(LineProblem.HowMuch problem) {
        String name = problem.food().name().replaceAll("[,(].*", "").strip();
        return "How much " + name.toLowerCase(Locale.ROOT)
                + "? Begin the line with an amount, such as 100 g or 2 tbsp.";
    }

    @Override
    public String notInPieces(LineProblem.NotInPieces problem) {
        return "How much is that? " + problem.food().name()
                + " is not counted in pieces here: give grams, ml or spoons.";
    }

    @Override
    public String notAccountedFor(LineProblem.NotAccountedFor problem) {
        return "“" + problem.words() + "” is not accounted for: is it another food, or does it belong to the amount?";
    }

    @Override
    public String amountsDiffer(LineProblem.AmountsDiffer problem) {
        return "The two amounts differ: one is about " + say.grams(problem.one()) + ", the other "
                + say.grams(problem.other()) + ". Which is right?";
    }

    @Override
    public String plain(StepProblem.Plain problem) {
        return switch (problem) {
            case FOR_HOW_LONG -> "For how long? Say a time too, such as simmer 10 min.";
            case HOW_FAR ->
                "How far? Say by half, by a third, to 600 g, to 400 ml, or to a glaze, pouring, toss, dip or spread.";
            case WHAT_IS_TO_BE_LEFT -> "Say what is to be left: reduce to 600 g, or reduce by a part such as by half.";
            case MORE_THAN_A_POT_HOLDS -> "Say an amount that a pot can hold.";
            case NO_SUCH_GRADE -> "A grade lies between 0 and 9.";
            case NO_SUCH_PART -> "Say a part between nothing and all, such as by half or by a third.";
        };
    }

    @Override
    public String numberOfNothing(StepProblem.NumberOfNothing problem) {
        return "“" + problem.number() + "” of what? Say its unit too, such as 10 min, 80 °C or 200 g.";
    }

    @Override
    public String notAllUnderstood(StepProblem.NotAllUnderstood problem) {
        return "“" + problem.words() + "” is not all understood, so not all of it is counted: "
                + "write each food with its amount on a line under the step.";
    }

    @Override
    public String nothingGoesIn(StepProblem.NothingGoesIn problem) {
        return "How much " + problem.food()
                + "? Nothing goes in yet: write it with its amount on a line under the step.";
    }
}
