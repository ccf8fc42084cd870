package app.gradior.food;

import app.gradior.quantity.Density;
import app.gradior.quantity.Mass;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A food as the ingredient table knows it.
 *
 * @param key stable identity, e.g. {@code corn-starch}
 * @param name as shown
 * @param aliases other names cooks type
 * @param group the shelf it stands on in the table, e.g. {@code vinegar}
 * @param density as measured by the spoon or cup, loosely filled where it is dry
 * @param piece what one of it is, if it is counted
 * @param pack how it is bought, if in packs of one common size
 * @param ph measured acidity, where a table gives one
 * @param cautions keys of cautions that come with it, e.g. {@code sugar-burn}
 * @param source where the composition is from
 * @param bodySource whether the body was measured, and on what
 * @param gelSource the same of its gelatin and pectin
 */
public record Ingredient(
        String key,
        String name,
        List<String> aliases,
        String group,
        Composition composition,
        Optional<StarchKind> starch,
        Density density,
        Optional<Piece> piece,
        Optional<Piece> pack,
        OptionalDouble ph,
        Set<Allergen> allergens,
        Set<String> cautions,
        String source,
        BodySource bodySource,
        BodySource gelSource) {

    /** A unit in which a food is counted, and what one weighs. */
    public record Piece(String name, Mass mass) {}

    /** Where a body figure comes from. */
    public enum BodySource {
        /** Set so that the model meets published flow curves of this food. */
        MEASURED,
        /** A first estimate from its fibre or from a like food. */
        ESTIMATED,
        /** It has none. */
        NONE
    }

    public Mixture of(Mass mass) {
        return composition.of(mass);
    }
}
