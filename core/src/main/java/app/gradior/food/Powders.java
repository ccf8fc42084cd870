package app.gradior.food;

import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.util.Arrays;
import java.util.Map;

/**
 * The starch powders of a mixture, kilograms by kind: how much is raw and how much swollen, what of both no longer thickens,
 * and the water that came bound in their granules. Never changed once made.
 */
final class Powders {
    /** Thickness goes with this power of what is at work: half of it is less than half of the starch. */
    private static final double STARCH_EXPONENT = 2.7;

    /** Asked for once: values() copies. */
    private static final StarchKind[] KINDS = StarchKind.values();

    static final int COUNT = KINDS.length;
    static final Powders NONE = new Powders(new double[COUNT], new double[COUNT], new double[COUNT], 0);

    private final double[] raw;
    private final double[] swollen;
    private final double[] spent;
    private final double moisture;
    private final double total;

    Powders(double[] raw, double[] swollen, double[] spent, double moisture) {
        this.raw = raw;
        this.swollen = swollen;
        this.spent = spent;
        this.moisture = moisture;
        double sum = 0;
        for (int i = 0; i < COUNT; i++) {
            sum += raw[i] + swollen[i];
        }
        this.total = sum;
    }

    Powders plus(Powders other) {
        return other.isEmpty() && other.moisture == 0
                ? this
                : new Powders(
                        Amounts.sum(raw, other.raw),
                        Amounts.sum(swollen, other.swollen),
                        Amounts.sum(spent, other.spent),
                        moisture + other.moisture);
    }

    Powders times(double factor) {
        return new Powders(
                Amounts.scaled(raw, factor),
                Amounts.scaled(swollen, factor),
                Amounts.scaled(spent, factor),
                moisture * factor);
    }

    /** With so much of their bound water left. */
    Powders dried(double left) {
        return moisture == 0 ? this : new Powders(raw, swollen, spent, moisture * left);
    }

    /** With so much of their thickening left, once they have swollen. */
    Powders browned(Share thickening) {
        double left = Math.pow(thickening.value(), 1 / STARCH_EXPONENT);
        double[] after = spent.clone();
        for (int i = 0; i < COUNT; i++) {
            after[i] = all(i) - (all(i) - spent[i]) * left;
        }
        return new Powders(raw, swollen, after, moisture);
    }

    /** After so many minutes more at the boil in a sauce so sour. */
    Powders boiledFor(double minutes, Share acid) {
        double[] after = spent.clone();
        for (int i = 0; i < COUNT; i++) {
            if (all(i) > 0) {
                double left = Math.pow(KINDS[i].leftAfterBoiling(minutes, acid), 1 / STARCH_EXPONENT);
                after[i] = all(i) - (all(i) - spent[i]) * left;
            }
        }
        return new Powders(raw, swollen, after, moisture);
    }

    /** Once they were so hot: swollen as far as the heat lets them, and it stays so. */
    Powders cookedAt(Celsius temperature) {
        if (!anyRaw()) {
            return this;
        }
        double[] rest = raw.clone();
        double[] more = swollen.clone();
        for (int i = 0; i < COUNT; i++) {
            if (all(i) > 0) {
                double part = Math.pow(KINDS[i].swollenAt(temperature), 1 / STARCH_EXPONENT);
                more[i] = Math.max(swollen[i], part * all(i));
                rest[i] = all(i) - more[i];
            }
        }
        return new Powders(rest, more, spent, moisture);
    }

    private double all(int i) {
        return raw[i] + swollen[i];
    }

    /** Powder of a kind, raw or swollen, kg. */
    double of(StarchKind kind) {
        return all(kind.ordinal());
    }

    /** Swollen powder of a kind that still thickens, kg. */
    double working(StarchKind kind) {
        int i = kind.ordinal();
        double all = all(i);
        return all == 0 ? 0 : swollen[i] * (1 - spent[i] / all);
    }

    /** All powder, kg. */
    double total() {
        return total;
    }

    /** Water bound in their granules, kg. */
    double moisture() {
        return moisture;
    }

    boolean isEmpty() {
        return total == 0;
    }

    boolean anyRaw() {
        return Amounts.any(raw);
    }

    boolean anySwollen() {
        return total > 0 && Amounts.any(swollen);
    }

    Map<StarchKind, Mass> raw() {
        return Amounts.present(KINDS, raw);
    }

    Map<StarchKind, Mass> swollen() {
        return Amounts.present(KINDS, swollen);
    }

    Map<StarchKind, Mass> spent() {
        return Amounts.present(KINDS, spent);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Powders that
                && Arrays.equals(raw, that.raw)
                && Arrays.equals(swollen, that.swollen)
                && Arrays.equals(spent, that.spent)
                && moisture == that.moisture;
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(raw) * 31 + Arrays.hashCode(swollen);
    }
}
