package app.gradior.measure;

import app.gradior.quantity.Density;
import java.util.Optional;
import java.util.OptionalDouble;

/** A weight as it is read off a scale and typed: a plain number of grams, or with units, such as 24.8 oz or 5 lb 3 oz. */
public final class TypedMass {
    /** Units of weight need no density; water stands in where one is asked for. */
    private static final Density WATER = Density.ofGramsPerMillilitre(1);

    private TypedMass() {}

    /** The grams meant, which may be zero or less; empty if it is no weight. */
    public static Optional<Double> grams(String typed) {
        String bare = typed == null ? "" : typed.strip();
        OptionalDouble plain = NumberInput.read(bare);
        return plain.isPresent() ? Optional.of(plain.getAsDouble()) : withUnits(Words.of(bare));
    }

    private static Optional<Double> withUnits(Words words) {
        double grams = 0;
        int at = 0;
        while (at < words.size()) {
            Optional<MeasuredAmount> part = MeasuredAmount.at(words, at, Measures.US);
            if (part.isEmpty()
                    || part.get().unit().isVolume()
                    || !(part.get().count() >= 0)
                    || part.get().count() > 1e6) {
                return Optional.empty();
            }
            grams += part.get().count() * part.get().unit().grams(1, WATER);
            at += part.get().words();
        }
        return at == 0 ? Optional.empty() : Optional.of(grams);
    }
}
