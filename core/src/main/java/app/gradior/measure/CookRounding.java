package app.gradior.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Map;

/** Says amounts as cooks measure them: 5 g steps on the scale, fractions of spoons and cups, whole and half pieces. */
public final class CookRounding {
    private record Fraction(double value, String glyph) {}

    private static final List<Fraction> OF_CUPS = List.of(
            new Fraction(0, ""),
            new Fraction(0.25, "¼"),
            new Fraction(1 / 3.0, "⅓"),
            new Fraction(0.5, "½"),
            new Fraction(2 / 3.0, "⅔"),
            new Fraction(0.75, "¾"),
            new Fraction(1, ""));

    private static final List<Fraction> OF_SPOONS = List.of(
            new Fraction(0, ""),
            new Fraction(0.125, "⅛"),
            new Fraction(0.25, "¼"),
            new Fraction(0.5, "½"),
            new Fraction(0.75, "¾"),
            new Fraction(1, ""));

    private static final List<Fraction> HALVES =
            List.of(new Fraction(0, ""), new Fraction(0.5, "½"), new Fraction(1, ""));

    private static final double TEASPOONS_OF_TABLESPOON = 3;
    private static final double TABLESPOONS_OF_CUP = 16;

    /** Spoons and cups of one measure, the small first. */
    private static final List<List<KitchenUnit>> SPOONS_AND_CUPS = List.of(
            List.of(KitchenUnit.TEASPOON, KitchenUnit.TABLESPOON, KitchenUnit.CUP),
            List.of(KitchenUnit.METRIC_TEASPOON, KitchenUnit.METRIC_TABLESPOON, KitchenUnit.METRIC_CUP));

    /** Steps of a kitchen scale or jug: from so many on, to so much. */
    private static final Map<Double, Double> STEPS =
            new java.util.TreeMap<>(Map.of(0.0, 0.1, 5.0, 0.5, 20.0, 1.0, 100.0, 5.0, 1000.0, 10.0, 5000.0, 50.0));

    private CookRounding() {}

    /**
     * An amount with its unit.
     *
     * @param count as rounded
     * @param number the count as it is written
     */
    public record Said(double count, String number, KitchenUnit unit) {}

    /** So many of a unit, said in that unit or the next one up or down where a cook would change to it. */
    public static Said measured(double count, KitchenUnit unit) {
        KitchenUnit handy = unit;
        double handyCount = count;
        for (List<KitchenUnit> family : SPOONS_AND_CUPS) {
            if (family.contains(unit)) {
                double teaspoons = count
                        * unit.volume(1).millilitres()
                        / family.get(0).volume(1).millilitres();
                handy = handy(family, teaspoons);
                handyCount = teaspoons
                        * family.get(0).volume(1).millilitres()
                        / handy.volume(1).millilitres();
            }
        }
        if (unit == KitchenUnit.GRAM && count >= 10_000 || unit == KitchenUnit.MILLILITRE && count >= 10_000) {
            handy = unit == KitchenUnit.GRAM ? KitchenUnit.KILOGRAM : KitchenUnit.LITRE;
            handyCount = count / 1000;
        }
        double rounded = round(handyCount, handy);
        return new Said(rounded, number(rounded, handy), handy);
    }

    private static KitchenUnit handy(List<KitchenUnit> family, double teaspoons) {
        double tablespoons = teaspoons / TEASPOONS_OF_TABLESPOON;
        double cups = tablespoons / TABLESPOONS_OF_CUP;
        if (cups >= 0.245) {
            return family.get(2);
        }
        return tablespoons >= 0.95 ? family.get(1) : family.get(0);
    }

    private static double round(double count, KitchenUnit unit) {
        return switch (unit) {
            case CUP, US_CUP, METRIC_CUP, IMPERIAL_CUP, PINT, US_PINT, IMPERIAL_PINT, QUART, GALLON, POUND ->
                nearest(count, OF_CUPS);
            case TEASPOON, US_TEASPOON, METRIC_TEASPOON, DESSERTSPOON -> nearest(count, OF_SPOONS);
            case TABLESPOON, US_TABLESPOON, METRIC_TABLESPOON -> nearest(count, count < 1 ? OF_SPOONS : HALVES);
            case OUNCE, FLUID_OUNCE, US_FLUID_OUNCE, IMPERIAL_FLUID_OUNCE -> step(count, count < 4 ? 0.25 : 0.5);
            case KILOGRAM, LITRE -> step(count, 0.01);
            case DECILITRE, CENTILITRE -> step(count, 0.1);
            case GRAM, MILLILITRE, MILLIGRAM -> grams(count);
        };
    }

    private static double grams(double count) {
        double step = 0.1;
        for (Map.Entry<Double, Double> from : STEPS.entrySet()) {
            step = count >= from.getKey() ? from.getValue() : step;
        }
        return step(count, step);
    }

    /** Pieces: halves, under one quarters. */
    public static Said pieces(double count) {
        double rounded = count < 1 ? nearest(count, OF_SPOONS) : nearest(count, HALVES);
        return new Said(rounded, glyphs(rounded, OF_SPOONS), KitchenUnit.GRAM);
    }

    private static double step(double count, double step) {
        return Math.max(
                step,
                BigDecimal.valueOf(Math.round(count / step))
                        .multiply(BigDecimal.valueOf(step))
                        .doubleValue());
    }

    private static double nearest(double count, List<Fraction> fractions) {
        double whole = Math.floor(count);
        double best = 0;
        double min = Double.MAX_VALUE;
        for (Fraction fraction : fractions) {
            double candidate = whole + fraction.value();
            if (candidate > 0 && Math.abs(candidate - count) < min) {
                min = Math.abs(candidate - count);
                best = candidate;
            }
        }
        return best;
    }

    private static String number(double count, KitchenUnit unit) {
        return switch (unit) {
            case CUP, US_CUP, METRIC_CUP, IMPERIAL_CUP, PINT, US_PINT, IMPERIAL_PINT, QUART, GALLON, POUND ->
                glyphs(count, OF_CUPS);
            case TEASPOON, US_TEASPOON, METRIC_TEASPOON, DESSERTSPOON, TABLESPOON, US_TABLESPOON, METRIC_TABLESPOON ->
                glyphs(count, OF_SPOONS);
            default -> exactly(count);
        };
    }

    private static String glyphs(double count, List<Fraction> fractions) {
        double whole = Math.floor(count + 1e-9);
        for (Fraction fraction : fractions) {
            if (Math.abs(count - whole - fraction.value()) < 1e-6 && fraction.value() < 1) {
                return (whole == 0 && fraction.value() > 0 ? "" : String.valueOf((long) whole)) + fraction.glyph();
            }
        }
        return exactly(count);
    }

    /** A number to four digits, without needless ones. */
    public static String exactly(double count) {
        return BigDecimal.valueOf(count)
                .round(new MathContext(4))
                .stripTrailingZeros()
                .toPlainString();
    }
}
