package app.gradior.thickness;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import java.util.Optional;

/** Why nothing can be told of how thick a mixture is. */
public enum Outside {
    EMPTY,
    /** Under 15 % water: a dough, a candy, a powder. */
    TOO_DRY,
    /** More fat than any emulsion of a kitchen holds, mayonnaise included. */
    OILY;

    private static final double MIN_WATER = 0.15;
    private static final double MAX_FAT = 0.82;

    /** What keeps the model from telling; empty for whatever is a sauce. */
    public static Optional<Outside> of(Mixture mixture) {
        if (mixture.isEmpty()) {
            return Optional.of(EMPTY);
        }
        double fat = ChoiOkos.fatVolumeFraction(mixture);
        if (fat > MAX_FAT) {
            return Optional.of(OILY);
        }
        double lean = mixture.mass().kilograms() - mixture.mass(Component.FAT).kilograms();
        double wet = mixture.mass(Component.WATER).kilograms()
                + mixture.mass(Component.ETHANOL).kilograms();
        return wet < MIN_WATER * lean ? Optional.of(TOO_DRY) : Optional.empty();
    }
}
