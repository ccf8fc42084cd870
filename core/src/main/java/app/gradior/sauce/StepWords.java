package app.gradior.sauce;

import app.gradior.measure.Quantities;
import app.gradior.measure.Words;
import app.gradior.plan.Use;
import app.gradior.quantity.Celsius;
import app.gradior.thickness.Grade;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Parts, times, temperatures and uses as steps name them. */
final class StepWords {
    private static final Map<String, Double> PARTS = Map.ofEntries(
            Map.entry("half", 0.5),
            Map.entry("halves", 0.5),
            Map.entry("third", 1 / 3.0),
            Map.entry("thirds", 1 / 3.0),
            Map.entry("quarter", 0.25),
            Map.entry("quarters", 0.25),
            Map.entry("fifth", 0.2),
            Map.entry("fifths", 0.2),
            Map.entry("tenth", 0.1),
            Map.entry("tenths", 0.1));

    private static final Map<String, Use> USES = Map.ofEntries(
            Map.entry("pour", Use.POUR),
            Map.entry("pouring", Use.POUR),
            Map.entry("toss", Use.TOSS),
            Map.entry("coat", Use.TOSS),
            Map.entry("coats", Use.TOSS),
            Map.entry("coating", Use.TOSS),
            Map.entry("clings", Use.TOSS),
            Map.entry("glaze", Use.GLAZE),
            Map.entry("syrup", Use.GLAZE),
            Map.entry("syrupy", Use.GLAZE),
            Map.entry("dip", Use.DIP),
            Map.entry("dipping", Use.DIP),
            Map.entry("spread", Use.SPREAD),
            Map.entry("spreadable", Use.SPREAD));

    private static final Map<String, Integer> SECONDS = Map.of(
            "min", 60, "mins", 60, "minute", 60, "minutes", 60, "h", 3600, "hr", 3600, "hour", 3600, "hours", 3600,
            "hrs", 3600, "seconds", 1);

    /** "half", "a third", "two thirds", "1/3", "40 %". */
    static OptionalDouble part(Words words, int at) {
        int i = Set.of("a", "an", "about", "around", "one").contains(words.plain(at)) ? at + 1 : at;
        Double whole = PARTS.get(words.plain(i));
        if (whole != null) {
            return OptionalDouble.of(whole);
        }
        Optional<Quantities.Quantity> number = Quantities.at(words, i);
        if (number.isEmpty()) {
            return OptionalDouble.empty();
        }
        double value = number.get().middle();
        String next = words.plain(i + number.get().words());
        if (PARTS.containsKey(next)) {
            return OptionalDouble.of(value * PARTS.get(next));
        }
        if (next.equals("%") || next.equals("percent") || next.equals("per")) {
            return OptionalDouble.of(value / 100);
        }
        return value < 1 ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    /** The first use that is named from a word on. */
    static Optional<Use> use(Words words, int from) {
        for (int i = from; i < words.size(); i++) {
            Use use = USES.get(words.plain(i));
            if (use != null) {
                return Optional.of(use);
            }
        }
        return Optional.empty();
    }

    /** What sauces are compared with, as grades when warm: estimates of what cooks mean by them. */
    private static final Map<String, Double> THICK_AS = Map.of(
            "cream", 3.5, "custard", 4.6, "yoghurt", 5.6, "yogurt", 5.6, "honey", 5.8, "ketchup", 6.4, "gravy", 4.2,
            "soup", 3.0);

    /** "Thick as cream", "like honey": the thickness of what it is compared with. */
    static Optional<Grade> thickAs(Words words) {
        for (int i = 0; i + 1 < words.size(); i++) {
            if (Set.of("as", "like").contains(words.plain(i))) {
                for (int k = i + 1; k < Math.min(words.size(), i + 4); k++) {
                    Double grade = THICK_AS.get(words.plain(k));
                    if (grade != null) {
                        return Optional.of(Grade.of(grade));
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** Where cooling stops: a temperature that is named, the fridge, or the room. */
    static Celsius coolTo(Words clause) {
        for (int i = 1; i < clause.size(); i++) {
            Optional<Quantities.Quantity> number =
                    clause.plain(i).equals("to") ? Quantities.at(clause, i + 1) : Optional.empty();
            if (number.isPresent() && number.get().middle() >= 0 && number.get().middle() < 100) {
                return Celsius.of(number.get().middle());
            }
        }
        boolean fridge =
                clause.plain(0).equals("chill") || clause.plain(0).equals("refrigerate") || mentions(clause, "fridge");
        return fridge ? Celsius.FRIDGE : Celsius.ROOM;
    }

    /** A time between two words: "10 min", "10–12 minutes", "1 h 30 min", "half an hour". */
    static Optional<Duration> time(Words words, int from, int to) {
        for (int i = from; i < to; i++) {
            Optional<Duration> first = timeAtWord(words, i);
            if (first.isPresent()) {
                int next = i
                        + Quantities.at(words, i)
                                .map(Quantities.Quantity::words)
                                .orElse(3)
                        + 1;
                boolean hours = first.get().compareTo(Duration.ofHours(1)) >= 0;
                // "1 h 15" leaves the minutes unsaid.
                Optional<Duration> minutes =
                        hours && next < words.size() && words.plain(next).matches("[1-5]?\\d")
                                ? Optional.of(Duration.ofMinutes(Integer.parseInt(words.plain(next))))
                                : Optional.empty();
                Duration more = timeAtWord(words, next).or(() -> minutes).orElse(Duration.ZERO);
                Duration all = first.get().plus(more);
                return all.compareTo(Duration.ofHours(48)) <= 0 ? Optional.of(all) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static Optional<Duration> timeAtWord(Words words, int at) {
        // "a couple of minutes", "a few minutes"
        int vague = words.plain(at).equals("a") ? at + 1 : at;
        if (Set.of("couple", "few").contains(words.plain(vague))) {
            int unit = words.plain(vague + 1).equals("of") ? vague + 2 : vague + 1;
            Integer each = SECONDS.get(words.plain(unit));
            return each == null
                    ? Optional.empty()
                    : Optional.of(
                            Duration.ofSeconds((long) each * (words.plain(vague).equals("few") ? 3 : 2)));
        }
        return Quantities.at(words, at).flatMap(quantity -> {
            Integer seconds = SECONDS.get(words.plain(at + quantity.words()));
            double most = Duration.ofHours(48).toSeconds();
            return seconds == null || !(quantity.middle() >= 0) || quantity.middle() * seconds > most
                    ? Optional.empty()
                    : Optional.of(Duration.ofMillis(Math.round(quantity.middle() * seconds * 1000)));
        });
    }

    static boolean mentions(Words words, String word) {
        for (int i = 0; i < words.size(); i++) {
            if (words.plain(i).equals(word)) {
                return true;
            }
        }
        return false;
    }

    private StepWords() {}
}
