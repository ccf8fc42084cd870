package app.gradior.web.text;

import app.gradior.measure.CookRounding;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import app.gradior.thickness.SpoonCoat;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Numbers with their units as a cook would say them to somebody who reads them so. Templates know it as {@code say}. */
public record UnitFormat(UnitPreference preference) {
    /** For somebody who has said nothing. */
    public static final UnitFormat METRIC = new UnitFormat(UnitPreference.METRIC);

    private static final double GRAMS_PER_OUNCE = 28.349523125;
    private static final double MILLILITRES_PER_CUP = 236.5882365;
    private static final double QUARTER_LITRE_ML = 250;
    private static final double MILLIMETRES_PER_INCH = 25.4;
    private static final int HOUR = 60;
    private static final double MILLILITRES_PER_FLUID_OUNCE = 29.5735295625;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DAY_AND_CLOCK = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    /** What a kind of thing is called. */
    public String name(Enum<?> kind) {
        return Names.of(kind);
    }

    /** What is seen of a kind of thing. */
    public String look(Enum<?> kind) {
        return Names.look(kind);
    }

    /** Grams to the gram, under ten to a tenth. */
    public String grams(Mass mass) {
        return grams(mass.grams());
    }

    public String grams(double grams) {
        String metric = grams < 9.95 ? number(grams, 1).replace(".0", "") + " g" : Math.round(grams) + " g";
        return preference.ouncesFirst()
                ? number(grams / GRAMS_PER_OUNCE, grams < 283 ? 2 : 1) + " oz (" + metric + ")"
                : metric;
    }

    /** From so much to so much; one figure where a cook would not tell them apart. */
    public String gramsBetween(double low, double high) {
        String from = grams(low);
        String to = grams(high);
        return from.equals(to) ? from : from + " to " + to;
    }

    /** Whether ounces come first. */
    public boolean ouncesFirst() {
        return preference.ouncesFirst();
    }

    /** Level spoons of a powder as a cook counts them: "2 ½ tsp", "1 tbsp + 1 tsp". */
    public String spoons(double teaspoons) {
        double quarters = Math.max(1, Math.round(teaspoons * 4));
        int tablespoons = quarters >= 12 ? (int) (quarters / 12) : 0;
        double rest = quarters - 12 * tablespoons;
        String whole = tablespoons == 0 ? "" : tablespoons + " tbsp";
        String part = rest == 0 ? "" : quarters(rest) + " tsp";
        return whole.isEmpty() || part.isEmpty() ? whole + part : whole + " + " + part;
    }

    private static String quarters(double quarters) {
        int whole = (int) (quarters / 4);
        String part = new String[] {"", "¼", "½", "¾"}[(int) quarters % 4];
        return whole == 0 ? part : part.isEmpty() ? String.valueOf(whole) : whole + " " + part;
    }

    /** A number to four digits, without needless ones. */
    public String exact(double value) {
        return CookRounding.exactly(value);
    }

    /** Grams as a cook rounds an estimate: to 5 g. */
    public String about(double grams) {
        return grams < 30 ? grams(grams) : grams(5.0 * Math.round(grams / 5));
    }

    /** A volume as a cook rounds an estimate: to 5 ml, to 10 from half a litre on. */
    public String about(Volume volume) {
        double ml = volume.millilitres();
        double step = ml < 30 ? 1 : ml < 500 ? 5 : 10;
        return millilitres(Volume.ofMillilitres(step * Math.round(ml / step)));
    }

    public String millilitres(Volume volume) {
        double ml = volume.millilitres();
        String metric = ml < 9.95 ? number(ml, 1) + " ml" : Math.round(ml) + " ml";
        return preference.ouncesFirst()
                ? number(ml / MILLILITRES_PER_FLUID_OUNCE, 1) + " fl oz (" + metric + ")"
                : metric;
    }

    /** How many millilitres lie between two marks of a pot: a quarter of a litre, or a cup. */
    public double potMarks() {
        return preference.ouncesFirst() ? MILLILITRES_PER_CUP : QUARTER_LITRE_ML;
    }

    /** How deep it stands, to the millimetre. */
    public String depth(double millimetres) {
        String metric = Math.round(millimetres) + " mm";
        return preference.ouncesFirst()
                ? number(millimetres / MILLIMETRES_PER_INCH, 2) + " in (" + metric + ")"
                : metric;
    }

    /** How wide something is, with so many digits of a centimetre. */
    public String width(double millimetres, int digits) {
        String metric = number(millimetres / 10, digits) + " cm";
        return preference.ouncesFirst()
                ? number(millimetres / MILLIMETRES_PER_INCH, 1) + " in (" + metric + ")"
                : metric;
    }

    /** How wide a pan is, as it is called and typed: "24 cm", "9.5 in". */
    public String width(double millimetres) {
        return preference.ouncesFirst()
                ? plain(number(millimetres / MILLIMETRES_PER_INCH, 1)) + " in"
                : plain(number(millimetres / 10, 1)) + " cm";
    }

    /** How high a kitchen is, as the kitchen says it. */
    public String altitude(double metres) {
        return preference.ouncesFirst() ? feet(String.valueOf(metres)) : number(metres, 0) + " m";
    }

    /** A height in metres, said in feet. */
    public String feet(String metres) {
        return 100 * Math.round(Double.parseDouble(metres) / 0.3048 / 100) + " ft";
    }

    /** What a pan is called of which only the width is known. */
    public String pan(Length width) {
        return width(width.millimetres()) + " pan";
    }

    private static String plain(String number) {
        return number.endsWith(".0") ? number.substring(0, number.length() - 2) : number;
    }

    /** How much goes in a minute, where there is little room. */
    public String perMinute(double gramsAMinute) {
        return preference.ouncesFirst()
                ? number(gramsAMinute / GRAMS_PER_OUNCE, 2) + " oz/min"
                : number(gramsAMinute, gramsAMinute < 9.95 ? 1 : 0) + " g/min";
    }

    /** How much goes in a minute. */
    public String pace(double gramsAMinute) {
        String metric = number(gramsAMinute, gramsAMinute < 9.95 ? 1 : 0) + " g";
        return (preference.ouncesFirst() ? number(gramsAMinute / GRAMS_PER_OUNCE, 2) + " oz (" + metric + ")" : metric)
                + " a minute";
    }

    /** A temperature in whole degrees, in the kitchen's scale first. */
    public String degrees(double celsius) {
        String metric = Math.round(celsius) + " °C";
        return preference.fahrenheitFirst() ? Math.round(celsius * 9 / 5 + 32) + " °F (" + metric + ")" : metric;
    }

    public String percent(Share share) {
        double percent = share.percent();
        return number(percent, percent < 10 ? 1 : 0) + " %";
    }

    /** A small share that is never called zero while there is some. */
    public String trace(Share share) {
        return share.value() > 0 && share.percent() < 0.1 ? "under 0.1 %" : percent(share);
    }

    public String grade(Grade grade) {
        return number(grade.value(), 1);
    }

    /** A grade with what it looks like: "grade 5.5, heavy coat, falls in sheets". */
    public String gradeAndLook(Grade grade) {
        return "grade " + grade(grade) + ", " + Names.of(SpoonCoat.of(grade));
    }

    /** What a grade looks like on a spoon. */
    public String lookOf(Grade grade) {
        return Names.of(SpoonCoat.of(grade));
    }

    /** A grade with its look in little room: "5.5 sheets". */
    public String shortLook(Grade grade) {
        return grade(grade) + " " + Names.look(SpoonCoat.of(grade));
    }

    /** A range of minutes in little room: "13–44 min", "35 min–1 h 10". */
    public String span(Interval minutes) {
        return minutes.high() < HOUR
                ? Math.round(minutes.low()) + "–" + Math.round(minutes.high()) + " min"
                : minutes(minutes.low()) + "–" + minutes(minutes.high());
    }

    /** A number with so many digits behind the point, 0 to 3. Pages ask for hundreds: a general formatter took half their time. */
    public String number(double value, int digits) {
        if (!Double.isFinite(value) || Math.abs(value) > 1e12) {
            return String.format(Locale.ROOT, "%." + digits + "f", value);
        }
        long unit = digits == 0 ? 1 : digits == 1 ? 10 : digits == 2 ? 100 : 1000;
        long parts = Math.round(Math.abs(value) * unit);
        String sign = value < 0 && parts > 0 ? "-" : "";
        String whole = sign + parts / unit;
        return digits == 0
                ? whole
                : whole + "." + Long.toString(unit + parts % unit).substring(1);
    }

    /** A day of the kitchen without its year: "8 Nov". */
    public String day(Instant at) {
        return DAY.format(at.atZone(preference.zone()));
    }

    /** A day as a field for days takes it: "2026-11-08". */
    public String dayField(Instant at) {
        return at.atZone(preference.zone()).toLocalDate().toString();
    }

    /** What the kitchen's clock shows: "18:05". */
    public String clock(Instant at) {
        return CLOCK.format(at.atZone(preference.zone()));
    }

    /** A day of the kitchen with the time of its clock: "8 Nov, 18:05". */
    public String dayAndClock(Instant at) {
        return DAY_AND_CLOCK.format(at.atZone(preference.zone()));
    }

    /** The zone of their clock, as browsers know it. */
    public String zone() {
        String id = preference.zone().getId();
        return id.equals("Z") ? "UTC" : id;
    }

    /** "1.08, between 0.95 and 1.2". */
    public String between(Interval interval, int digits) {
        return number(interval.middle(), digits) + ", between " + number(interval.low(), digits) + " and "
                + number(interval.high(), digits);
    }

    /** "5.5 (5.1–5.9)". */
    public String withRange(Interval interval, int digits) {
        return number(interval.middle(), digits) + " (" + number(interval.low(), digits) + "–"
                + number(interval.high(), digits) + ")";
    }

    /** A range of minutes, to follow "between": "18 and 29 min". */
    public String range(Interval minutes) {
        return minutes.high() < HOUR
                ? Math.round(minutes.low()) + " and " + Math.round(minutes.high()) + " min"
                : minutes(minutes.low()) + " and " + minutes(minutes.high());
    }

    public String minutes(Duration duration) {
        return minutes(duration.toSeconds() / 60.0);
    }

    /** As people say it: "47 min", "1 h 15", "2 h". From an hour on to five minutes. */
    public String minutes(double minutes) {
        if (Math.round(minutes) < HOUR) {
            return Math.round(minutes) + " min";
        }
        long whole = Math.round(minutes / 5) * 5;
        return whole / 60 + " h" + (whole % 60 == 0 ? "" : " " + whole % 60);
    }
}
