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
import java.util.stream.Stream;

/** Parts, times, temperatures and uses as steps name them. */
final class StepWords {
    private static final Map<String, Use> USES = Map.ofEntries(
            Map.entry("pour", Use.POUR),
            Map.entry("pouring", Use.POUR),
            Map.entry("toss", Use.TOSS),
            Map.entry("coat", Use.TOSS),
            Map.entry("coats", Use.TOSS),
            Map.entry("coating", Use.TOSS),
            Map.entry("clings", Use.TOSS),
            Map.entry("glaze", Use.GLAZE),
            Map.entry("syrup", Use.SYRUP),
            Map.entry("syrupy", Use.SYRUP),
            Map.entry("sticky", Use.SYRUP),
            Map.entry("lacquer", Use.SYRUP),
            Map.entry("dip", Use.DIP),
            Map.entry("dipping", Use.DIP),
            Map.entry("spread", Use.SPREAD),
            Map.entry("spreadable", Use.SPREAD),
            Map.entry("jammy", Use.SPREAD));

    private static final Map<String, Integer> SECONDS = Map.ofEntries(
            Map.entry("seconds", 1),
            Map.entry("second", 1),
            Map.entry("secs", 1),
            Map.entry("sec", 1),
            Map.entry("min", 60),
            Map.entry("mins", 60),
            Map.entry("minute", 60),
            Map.entry("minutes", 60),
            Map.entry("h", 3600),
            Map.entry("hr", 3600),
            Map.entry("hrs", 3600),
            Map.entry("hour", 3600),
            Map.entry("hours", 3600));

    /** "half", "a third", "two thirds", "1/3", "40 %". */
    static OptionalDouble part(Words words, int at) {
        int i = Set.of(
                                "a",
                                "an",
                                "about",
                                "around",
                                "roughly",
                                "approximately",
                                "nearly",
                                "almost",
                                "one",
                                "only",
                                "just")
                        .contains(words.plain(at))
                ? at + 1
                : at;
        String joined = words.plain(i);
        int hyphen = joined.indexOf('-');
        if (hyphen > 0) {
            // "two-thirds"
            return part(Words.of(joined.replace('-', ' ')), 0);
        }
        OptionalDouble whole = Quantities.part(words.plain(i));
        if (whole.isPresent()) {
            return whole;
        }
        // "Two thirds to a syrup" is no range from two thirds to one.
        Words only = Quantities.part(words.plain(i + 1)).isPresent() ? words.until(i + 2) : words;
        Optional<Quantities.Quantity> number = Quantities.at(only, i);
        if (number.isEmpty()) {
            return OptionalDouble.empty();
        }
        double value = number.get().middle();
        String next = words.plain(i + number.get().words());
        OptionalDouble of = Quantities.part(next);
        if (of.isPresent()) {
            return OptionalDouble.of(value * of.getAsDouble());
        }
        if (next.equals("%") || next.equals("percent") || next.equals("per")) {
            return OptionalDouble.of(value / 100);
        }
        return value < 1 ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    /** The first use that is named from a word on. */
    static Optional<Use> use(Words words, int from) {
        for (int i = from; i < words.size(); i++) {
            String word = words.plain(i);
            for (String part : word.split("-")) {
                Use use = USES.get(part);
                if (use != null) {
                    return Optional.of(use);
                }
            }
            // A line drawn through what coats the spoon stays.
            if (Set.of("line", "trail", "path").contains(word)
                    && Stream.of("stays", "holds", "remains", "left", "stay").anyMatch(w -> mentions(words, w))) {
                return Optional.of(Use.TOSS);
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
            boolean compares = Set.of("as", "like").contains(words.plain(i))
                    || words.plain(i).equals("of")
                            && i > 0
                            && words.plain(i - 1).equals("consistency");
            if (compares) {
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
            if (number.isEmpty()) {
                continue;
            }
            boolean fahrenheit = mentions(clause, "f") || mentions(clause, "°f") || mentions(clause, "fahrenheit");
            double degrees = fahrenheit
                    ? (number.get().middle() - 32) / 1.8
                    : number.get().middle();
            if (degrees >= 0 && degrees < 100) {
                return Celsius.of(degrees);
            }
        }
        boolean fridge =
                clause.plain(0).equals("chill") || clause.plain(0).equals("refrigerate") || mentions(clause, "fridge");
        return fridge ? Celsius.FRIDGE : Celsius.ROOM;
    }

    /**
     * A time that was read.
     *
     * @param end the first word behind it
     */
    record Timed(Duration time, int end) {
        private Timed plus(Duration more, int newEnd) {
            return new Timed(time.plus(more), newEnd);
        }
    }

    /** A time between two words: "10 min", "10–12 minutes", "1 h 30 min", "half an hour". */
    static Optional<Duration> time(Words words, int from, int to) {
        for (int i = from; i < to; i++) {
            Optional<Timed> timed = timeAt(words, i);
            if (timed.isPresent()) {
                return timed.map(Timed::time);
            }
        }
        return Optional.empty();
    }

    /** The time that begins at a word. */
    static Optional<Timed> timeAt(Words words, int at) {
        return simpleTimeAt(words, at)
                .map(first -> more(words, first))
                .filter(all -> all.time().compareTo(Duration.ofHours(48)) <= 0);
    }

    private static Timed more(Words words, Timed first) {
        int next = first.end();
        Duration unit = first.time().compareTo(Duration.ofHours(1)) >= 0 ? Duration.ofHours(1) : Duration.ofMinutes(1);
        // "an hour and a half"
        if (words.plain(next).equals("and") && words.plain(next + 1).equals("a")) {
            OptionalDouble part = Quantities.part(words.plain(next + 2));
            if (part.isPresent()) {
                return first.plus(Duration.ofSeconds(Math.round(part.getAsDouble() * unit.toSeconds())), next + 3);
            }
        }
        int second = words.plain(next).equals("and") ? next + 1 : next;
        Optional<Timed> and = simpleTimeAt(words, second);
        if (and.isPresent()) {
            return first.plus(and.get().time(), and.get().end());
        }
        // "1 h 15" leaves the minutes unsaid.
        boolean hours = unit.equals(Duration.ofHours(1)) && words.plain(next).matches("[1-5]?\\d");
        return hours ? first.plus(Duration.ofMinutes(Integer.parseInt(words.plain(next))), next + 1) : first;
    }

    private static Optional<Timed> simpleTimeAt(Words words, int at) {
        // "a couple of minutes", "a few minutes"
        int vague = words.plain(at).equals("a") ? at + 1 : at;
        if (Set.of("couple", "few").contains(words.plain(vague))) {
            int unit = words.plain(vague + 1).equals("of") ? vague + 2 : vague + 1;
            Integer each = SECONDS.get(words.plain(unit));
            int count = words.plain(vague).equals("few") ? 3 : 2;
            return each == null
                    ? Optional.empty()
                    : Optional.of(new Timed(Duration.ofSeconds((long) each * count), unit + 1));
        }
        return Quantities.at(words, at).flatMap(quantity -> {
            int unit = at + quantity.words();
            Integer seconds = SECONDS.get(words.plain(unit));
            double max = Duration.ofHours(48).toSeconds();
            return seconds == null || !(quantity.middle() >= 0) || quantity.middle() * seconds > max
                    ? Optional.empty()
                    : Optional.of(
                            new Timed(Duration.ofMillis(Math.round(quantity.middle() * seconds * 1000)), unit + 1));
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

    /** Whether a clause has one of these words. */
    static boolean mentionsAny(Words clause, String... words) {
        for (String word : words) {
            if (mentions(clause, word)) {
                return true;
            }
        }
        return false;
    }
}
