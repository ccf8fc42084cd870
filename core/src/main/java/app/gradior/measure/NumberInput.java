package app.gradior.measure;

import java.util.OptionalDouble;
import java.util.regex.Pattern;

/** The one reader of numbers that people type by themselves: with a decimal point or comma, with or without thousands set apart. */
public final class NumberInput {
    private static final int LONGEST = 40;

    private static final Pattern PLAIN = Pattern.compile("[+-]?(\\d{1,15}(\\.\\d{0,15})?|\\.\\d{1,15})");

    private static final Pattern SPACES_BETWEEN_DIGITS =
            Pattern.compile("(?<=\\d)[ \\u00a0\\u2009\\u202f'’](?=\\d{3})");

    /** 1,200 and 1,200.5: nobody types three digits behind a decimal comma, but many set thousands apart so. */
    private static final Pattern COMMA_THOUSANDS = Pattern.compile("[+-]?[1-9]\\d{0,2}(,\\d{3})+(\\.\\d*)?");

    /** 1.200,5 */
    private static final Pattern POINT_THOUSANDS = Pattern.compile("[+-]?[1-9]\\d{0,2}(\\.\\d{3})+,\\d*");

    private NumberInput() {}

    /**
     * A number as typed, finite always.
     *
     * @param typed may be null
     * @return empty if it is no plain number
     */
    public static OptionalDouble read(String typed) {
        if (typed == null || typed.length() > LONGEST) {
            return OptionalDouble.empty();
        }
        String plain =
                SPACES_BETWEEN_DIGITS.matcher(typed.strip()).replaceAll("").replace('−', '-');
        if (COMMA_THOUSANDS.matcher(plain).matches()) {
            plain = plain.replace(",", "");
        } else if (POINT_THOUSANDS.matcher(plain).matches()) {
            plain = plain.replace(".", "");
        }
        plain = plain.replace(',', '.');
        return PLAIN.matcher(plain).matches() ? OptionalDouble.of(Double.parseDouble(plain)) : OptionalDouble.empty();
    }

    /** The same where it lies within bounds, both of them allowed. */
    public static OptionalDouble read(String typed, double min, double max) {
        OptionalDouble number = read(typed);
        return number.isPresent() && number.getAsDouble() >= min && number.getAsDouble() <= max
                ? number
                : OptionalDouble.empty();
    }
}
