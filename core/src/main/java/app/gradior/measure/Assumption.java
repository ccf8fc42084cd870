package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.util.Optional;

/** Something taken for granted in reading a line, since it does not say. */
public sealed interface Assumption {
    /** Whether how much there is of it is left to the tongue. */
    default boolean isToTaste() {
        return false;
    }

    /**
     * One of what was counted, such as "1 shallot" or "1 cm", weighs so much.
     *
     * @param piece what a kitchen's own figure for it is kept under; empty if it keeps none
     */
    record Weighs(String what, Mass mass, Optional<String> piece) implements Assumption {}

    /**
     * A measure that is none, such as a splash, is so much of this food.
     *
     * @param measure its word, as {@link VagueMeasure} has it, or "unsaid" where there is none
     */
    record VagueIs(String measure, Mass mass) implements Assumption {
        @Override
        public boolean isToTaste() {
            return measure.equals(VagueMeasure.TASTE.word());
        }
    }

    /** What is seasoned to taste is so much in a sauce of this size. */
    record ForTheSauce(Mass mass) implements Assumption {
        @Override
        public boolean isToTaste() {
            return true;
        }
    }

    /** Drained, so much of the pack is left. */
    record Drained(Share left) implements Assumption {}

    /** A word that is no name of a food known here stands for this one. */
    record ReadAs(Ingredient food) implements Assumption {}

    /** Those with nothing more to tell. */
    enum Plain implements Assumption {
        MIDDLE_OF_THE_RANGE,
        FLUID_OUNCES
    }
}
