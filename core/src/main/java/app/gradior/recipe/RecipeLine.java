package app.gradior.recipe;

import app.gradior.food.Ingredient;
import app.gradior.food.Mixture;
import app.gradior.measure.ReadLine;
import app.gradior.quantity.Mass;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * A line of a recipe's ingredients, or an amount that only its method brings.
 *
 * @param group the heading it stands under
 * @param read as what it was read
 * @param role what it is to the sauce
 */
public record RecipeLine(int index, String text, Optional<String> group, ReadLine read, Role role) {
    /** What a line is to the sauce. */
    public enum Role {
        /** It goes into the sauce. */
        OF_THE_SAUCE,
        /** It stands in the method only. */
        FROM_THE_METHOD,
        /** What the sauce is for, what it is served with or garnished with. */
        ASIDE,
        /** Not understood. */
        UNREAD
    }

    /** How sure it is. */
    public enum State {
        READ,
        ASKED,
        UNREAD
    }

    RecipeLine as(Role other) {
        return new RecipeLine(index, text, group, read, other);
    }

    public List<ReadLine.Understood> foods() {
        return role == Role.ASIDE || role == Role.UNREAD ? List.of() : read.foods();
    }

    boolean isOfTheSauce() {
        return !foods().isEmpty();
    }

    public Mass mass() {
        return foods().stream().map(ReadLine.Understood::mass).reduce(Mass.ZERO, Mass::plus);
    }

    Mixture mixture() {
        return foods().stream().map(food -> food.ingredient().of(food.mass())).reduce(Mixture.EMPTY, Mixture::plus);
    }

    /** Its foods as the ingredient table calls them; empty for what is not of the sauce. */
    public String food() {
        return foods().stream().map(food -> food.ingredient().name()).collect(Collectors.joining(" + "));
    }

    boolean has(Predicate<Ingredient> what) {
        return foods().stream().anyMatch(food -> what.test(food.ingredient()));
    }

    boolean is(Predicate<Ingredient> what) {
        return !foods().isEmpty() && foods().stream().allMatch(food -> what.test(food.ingredient()));
    }
}
