package app.gradior.web.keeping;

import app.gradior.food.Allergen;
import app.gradior.keeping.ColdManner;
import app.gradior.keeping.Jar;
import app.gradior.keeping.JarEvent;
import app.gradior.keeping.JarSize;
import app.gradior.keeping.Keeping;
import app.gradior.keeping.KeepingRule;
import app.gradior.keeping.Place;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A jar as it is stored: what is in it and how long that keeps, and what its events made of it.
 *
 * @param number of the kitchen's, never given twice
 * @param code what stands on its label
 * @param cookId the batch that it was filled from
 * @param colour about what its sauce looks like, as #rrggbb
 * @param sizeId null if it is none of the kitchen's sizes
 * @param rules of its keeping, by their names with commas, as {@code manners} and {@code allergens}
 * @param revision how many events it has had
 * @param openedAt null while it is closed
 * @param gone null while it is here
 * @param useBy null where no day can be told
 * @param coolingSince when it came off the heat; null once it was put into the cold
 */
public record JarRow(
        UUID id,
        int number,
        String code,
        UUID cookId,
        UUID sauceId,
        String name,
        String colour,
        Instant madeAt,
        UUID sizeId,
        double brimMl,
        double heightMm,
        boolean wide,
        double gramPerMl,
        String rules,
        String manners,
        String allergens,
        boolean allergensKnown,
        boolean honey,
        double alcoholG,
        int revision,
        Place place,
        double leftMl,
        Instant openedAt,
        JarEvent.Way gone,
        Instant goneAt,
        LocalDate useBy,
        boolean thawed,
        Instant coolingSince,
        boolean stoodOut) {

    public JarSize size() {
        return new JarSize(Volume.ofMillilitres(brimMl), Length.ofMillimetres(heightMm), wide);
    }

    public Volume left() {
        return Volume.ofMillilitres(leftMl);
    }

    public Mass leftMass() {
        return Mass.ofGrams(leftMl * gramPerMl);
    }

    public boolean here() {
        return gone == null;
    }

    public boolean opened() {
        return openedAt != null;
    }

    public Keeping keeping() {
        return new Keeping(
                read(KeepingRule.class, rules),
                read(ColdManner.class, manners),
                read(Allergen.class, allergens),
                allergensKnown,
                honey,
                Mass.ofGrams(alcoholG));
    }

    /** The same as its events make it. */
    JarRow with(Jar jar, int events) {
        return new JarRow(
                id,
                number,
                code,
                cookId,
                sauceId,
                name,
                colour,
                madeAt,
                sizeId,
                brimMl,
                heightMm,
                wide,
                gramPerMl,
                rules,
                manners,
                allergens,
                allergensKnown,
                honey,
                alcoholG,
                events,
                jar.place(),
                jar.left().millilitres(),
                jar.opened().orElse(null),
                jar.gone().orElse(null),
                jar.goneAt().orElse(null),
                jar.useBy().orElse(null),
                jar.thawed(),
                jar.cooling().orElse(null),
                jar.stoodOut());
    }

    static String write(Collection<? extends Enum<?>> kinds) {
        return kinds.stream().map(Enum::name).sorted().collect(Collectors.joining(","));
    }

    private static <E extends Enum<E>> Set<E> read(Class<E> type, String names) {
        Set<E> kinds = EnumSet.noneOf(type);
        Arrays.stream(names.split(",")).filter(n -> !n.isEmpty()).forEach(n -> kinds.add(Enum.valueOf(type, n)));
        return kinds;
    }
}
