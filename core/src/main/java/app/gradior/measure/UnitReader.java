package app.gradior.measure;

import app.gradior.quantity.Density;
import java.util.Optional;

/** Reads units, and numbers with their units, where they stand among words. */
final class UnitReader {
    /** So much in one unit. */
    record Part(double count, KitchenUnit unit) {
        double grams(Density density) {
            return unit.grams(count, density);
        }
    }

    private final Words words;
    private final Measures measures;

    UnitReader(Words words, Measures measures) {
        this.words = words;
        this.measures = measures;
    }

    /** A number with its unit at a word. */
    Optional<Part> part(int from) {
        return Quantities.at(words, from).filter(q -> q.low() >= 0).flatMap(q -> {
            int next = from + q.words();
            return unitAt(words.plain(next).equals("-") ? next + 1 : next).map(u -> new Part(q.middle(), u.unit()));
        });
    }

    /** How many words that takes. */
    int partWords(int from) {
        int next = from + Quantities.at(words, from).orElseThrow().words();
        int dash = words.plain(next).equals("-") ? 1 : 0;
        return next + dash + (int) unitAt(next + dash).orElseThrow().count() - from;
    }

    /** The unit at a word, with the number of words it takes as the count. */
    Optional<Part> unitAt(int from) {
        for (int length = Math.min(3, words.size() - from); length >= 1; length--) {
            String name = String.join(" ", words.subList(from, from + length));
            Optional<KitchenUnit> unit = KitchenUnit.of(name);
            if (unit.isPresent()) {
                return Optional.of(new Part(length, unit.get().in(measures)));
            }
        }
        return Optional.empty();
    }
}
