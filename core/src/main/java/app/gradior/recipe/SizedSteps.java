package app.gradior.recipe;

import app.gradior.measure.ReadLine;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.recipe.RecipeStep.Added;
import app.gradior.recipe.RecipeStep.Kind;
import app.gradior.sauce.Operation;
import java.util.ArrayList;
import java.util.List;

/** The steps of a recipe, with what is to taste in the amount that a sauce of its size takes. */
final class SizedSteps {
    private final List<RecipeStep> steps;

    SizedSteps(List<RecipeStep> steps) {
        this.steps = steps;
    }

    List<RecipeStep> forTheSauce() {
        Mass rest = steps.stream()
                .flatMap(step -> step.adds().stream())
                .flatMap(added -> added.line().foods().stream()
                        .filter(food -> !food.followsTheSauce())
                        .map(food -> food.mass().times(added.part().value())))
                .reduce(Mass.ZERO, Mass::plus);
        List<RecipeStep> sized = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            RecipeStep step = steps.get(i);
            if (isBroughtToTheBoil(step) && i + 1 < steps.size() && boils(steps.get(i + 1))) {
                continue;
            }
            sized.add(new RecipeStep(
                    step.text(),
                    step.sentence(),
                    step.kind(),
                    step.adds().stream()
                            .map(added -> new Added(
                                    sized(added.line(), rest),
                                    Share.of(added.part().value())))
                            .toList(),
                    step.does(),
                    step.claim()));
        }
        return sized;
    }

    /** Bringing it to the boil is part of the simmer that comes at once behind. */
    private static boolean isBroughtToTheBoil(RecipeStep step) {
        return step.does()
                .filter(Operation.SimmerFor.class::isInstance)
                .map(simmer -> ((Operation.SimmerFor) simmer).time().isZero())
                .orElse(false);
    }

    private static boolean boils(RecipeStep step) {
        return step.kind() == Kind.SIMMER || step.kind() == Kind.REDUCE;
    }

    private static RecipeLine sized(RecipeLine line, Mass rest) {
        ReadLine read = line.read();
        if (read instanceof ReadLine.Understood understood) {
            read = understood.forSauceOf(rest);
        } else if (read instanceof ReadLine.Several several) {
            read = new ReadLine.Several(
                    several.typed(),
                    several.foods().stream().map(food -> food.forSauceOf(rest)).toList(),
                    several.parts());
        }
        return new RecipeLine(line.index(), line.text(), line.group(), read, line.role());
    }
}
