package app.gradior.practice;

import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.thickness.SpoonCoat;

/**
 * What a lesson tells to do.
 *
 * @param pan which of the pans, by its place
 * @param dial the step of the ring once it moves
 * @param stirEvery seconds between two rounds with the spoon
 * @param sign when to stop, or to leave off what is done in portions
 */
public record Advice(int pan, int dial, double stirEvery, Sign sign) {
    /** What to go by. */
    public sealed interface Sign {
        /** As soon as the spoon looks so in the pot. */
        record Spoon(SpoonCoat look) implements Sign {}

        /** As soon as it stays within so much on the cold plate. */
        record Plate(Length diameter) implements Sign {}

        /** As soon as it stands at this part of the height that it had hot. */
        record Level(double part) implements Sign {}

        /** As soon as it is so hot. */
        record Hot(double degrees) implements Sign {}

        /** Slurry in portions, stirred in, until the spoon looks so; then boiled for the time its starch needs. */
        record Slurry(Mass portion, SpoonCoat look) implements Sign {}

        /** Water in portions, stirred in, until the spoon looks so. */
        record Water(Mass portion, SpoonCoat look) implements Sign {}
    }
}
