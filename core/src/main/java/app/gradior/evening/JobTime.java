package app.gradior.evening;

import app.gradior.measure.Quantities;
import app.gradior.measure.Words;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How long something takes, as people type it: 1 h 20, 1h20, 80 min, 11, 11–13, half an hour, 90 s. */
final class JobTime {
    private static final Map<String, Double> UNITS = Map.ofEntries(
            Map.entry("s", 1 / 60.0),
            Map.entry("sec", 1 / 60.0),
            Map.entry("secs", 1 / 60.0),
            Map.entry("second", 1 / 60.0),
            Map.entry("seconds", 1 / 60.0),
            Map.entry("m", 1.0),
            Map.entry("min", 1.0),
            Map.entry("mins", 1.0),
            Map.entry("minute", 1.0),
            Map.entry("minutes", 1.0),
            Map.entry("h", 60.0),
            Map.entry("hr", 60.0),
            Map.entry("hrs", 60.0),
            Map.entry("hour", 60.0),
            Map.entry("hours", 60.0));

    private static final double HOUR = 60;
    private static final String HALF = "half";
    private static final Set<String> ABOUT = Set.of("about", "around", "for", "roughly", "approximately", "~");

    /** The rest of "1h20" behind its figure. */
    private static final Pattern HOURS_AND = Pattern.compile("h(\\d{1,2})");

    private JobTime() {}

    /** Where a time that begins at a word ends; the word itself if none does. */
    static int end(Words words, int from, int to) {
        Read read = read(words, from, to);
        return read == null ? from : read.end;
    }

    /** The least and the most minutes of a time. */
    static double[] minutes(Words words, int from, int to) {
        Read read = read(words, from, to);
        return new double[] {read.low, read.high};
    }

    private record Read(double low, double high, int end) {}

    private static double unit(Words words, int i, int to) {
        return i < to ? UNITS.getOrDefault(words.plain(i), 0.0) : 0;
    }

    private static Read read(Words words, int from, int to) {
        int i = from;
        while (i < to && ABOUT.contains(words.plain(i))) {
            i++;
        }
        Words there = words.until(to);
        Optional<Quantities.Quantity> number = i < to ? Quantities.at(there.from(i), 0) : Optional.empty();
        if (number.isEmpty()) {
            return null;
        }
        boolean figures = Character.isLetter(there.get(i).charAt(0));
        int at = i + number.get().words();
        if (HALF.equals(there.plain(i)) && unit(words, i + 2, to) == HOUR) {
            return new Read(HOUR / 2, HOUR / 2, i + 3);
        }
        Matcher joined = at < to ? HOURS_AND.matcher(there.plain(at)) : null;
        if (joined != null && joined.matches()) {
            double minutes = number.get().low() * HOUR + Double.parseDouble(joined.group(1));
            return new Read(minutes, minutes, unit(words, at + 1, to) == 1 ? at + 2 : at + 1);
        }
        double unit = unit(words, at, to);
        if (unit == 0) {
            // A word such as "a" is no time by itself; a figure is minutes.
            return figures ? null : new Read(number.get().low(), number.get().high(), at);
        }
        at++;
        double rest = 0;
        if (unit == HOUR) {
            int and = at < to && there.plain(at).equals("and") ? at + 1 : at;
            Optional<Quantities.Quantity> minutes = and < to ? Quantities.at(there.from(and), 0) : Optional.empty();
            if (minutes.isPresent() && minutes.get().low() < HOUR) {
                int behind = and + minutes.get().words();
                boolean half = Character.isLetter(there.get(and).charAt(0));
                if (!half || unit(words, behind, to) == 1) {
                    rest = minutes.get().low();
                    at = unit(words, behind, to) == 1 ? behind + 1 : behind;
                } else if (minutes.get().low() < 1) {
                    rest = minutes.get().low() * HOUR;
                    at = behind;
                }
            }
        }
        return new Read(number.get().low() * unit + rest, number.get().high() * unit + rest, at);
    }
}
