package app.gradior.measure;

import app.gradior.quantity.Altitude;
import app.gradior.quantity.Length;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A width as it is typed: 24 cm, 240 mm, 9.5 in, or a plain number in the unit that the cook measures in. */
public final class TypedLength {
    private static final Pattern WITH_UNIT =
            Pattern.compile("(.+?)\\s*(cm|centimet(?:re|er)s?|mm|millimet(?:re|er)s?|in|ins|inch|inches|\"|″|”)?\\.?");
    private static final double MIN_PAN_CM = 8;
    private static final double MAX_PAN_CM = 60;
    private static final double MM_PER_CM = 10;
    private static final double MM_PER_INCH = 25.4;

    private static final Pattern HEIGHT = Pattern.compile("(.+?)\\s*(m|met(?:re|er)s?|ft|feet|foot|')?\\.?");
    private static final double METRES_PER_FOOT = 0.3048;
    private static final double MIN_METRES = -400;
    private static final double MAX_METRES = 5500;

    private TypedLength() {}

    /** The width of a pan, 8 to 60 cm; empty if it is none that a cook has. */
    public static Optional<Length> panWidth(String typed, boolean inches) {
        return read(typed, inches).filter(w -> w.centimetres() >= MIN_PAN_CM && w.centimetres() <= MAX_PAN_CM);
    }

    /**
     * A height above the sea as it is typed: 500 m, 1600 ft, or a plain number.
     *
     * @param feet whether a plain number is one of feet, not of metres
     * @return empty if it is no number, or higher or lower than people live
     */
    public static Optional<Altitude> altitude(String typed, boolean feet) {
        Matcher match = HEIGHT.matcher(typed == null ? "" : typed.strip().toLowerCase(Locale.ROOT));
        OptionalDouble number = match.matches() ? NumberInput.read(match.group(1)) : OptionalDouble.empty();
        if (number.isEmpty()) {
            return Optional.empty();
        }
        boolean inFeet = match.group(2) == null ? feet : !match.group(2).startsWith("m");
        double metres = number.getAsDouble() * (inFeet ? METRES_PER_FOOT : 1);
        return metres >= MIN_METRES && metres <= MAX_METRES ? Optional.of(Altitude.ofMetres(metres)) : Optional.empty();
    }

    /**
     * The width meant.
     *
     * @param inches whether a plain number is one of inches, not of centimetres
     * @return empty if it is no number, or none over 0
     */
    public static Optional<Length> read(String typed, boolean inches) {
        Matcher match = WITH_UNIT.matcher(typed == null ? "" : typed.strip().toLowerCase(Locale.ROOT));
        if (!match.matches()) {
            return Optional.empty();
        }
        OptionalDouble number = NumberInput.read(match.group(1));
        if (number.isEmpty() || !(number.getAsDouble() > 0)) {
            return Optional.empty();
        }
        String unit = match.group(2) == null ? (inches ? "in" : "cm") : match.group(2);
        double millimetres = unit.startsWith("c") ? MM_PER_CM : unit.startsWith("m") ? 1 : MM_PER_INCH;
        return Optional.of(Length.ofMillimetres(number.getAsDouble() * millimetres));
    }
}
