package app.gradior.measure;

import java.util.Optional;

/**
 * A number with a kitchen unit behind it, where it stands in a line.
 *
 * @param words how many words it takes
 */
public record MeasuredAmount(double count, KitchenUnit unit, int words) {
    /** The amount that begins at a word; empty if none does. */
    public static Optional<MeasuredAmount> at(Words words, int from, Measures measures) {
        return Quantities.at(words, from)
                .filter(quantity -> quantity.low() >= 0)
                .flatMap(quantity -> {
                    int next = from + quantity.words();
                    for (int length = Math.min(3, words.size() - next); length >= 1; length--) {
                        Optional<KitchenUnit> unit =
                                KitchenUnit.of(String.join(" ", words.subList(next, next + length)));
                        if (unit.isPresent()) {
                            return Optional.of(new MeasuredAmount(
                                    quantity.middle(), unit.get().in(measures), quantity.words() + length));
                        }
                    }
                    return Optional.empty();
                });
    }
}
