package app.gradior.plan;

import app.gradior.food.Mixture;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Share;
import java.util.ArrayList;
import java.util.List;

/**
 * The curve a sauce walks as it is reduced: yield against grade, with the minutes along it. Time is the integral of
 * dW/loss(W) by the cubic through neighbouring points, the same equation that {@link BoilDown} integrates forward.
 */
public final class TradeOff {
    private TradeOff() {}

    /**
     * A point of the walk.
     *
     * @param minutes since the simmer began, infinite where it has stopped losing water
     */
    public record Point(Share waterLeft, double minutes, Snapshot at) {}

    /**
     * The curve in steps of equal weight.
     *
     * @param min the share of the water at which the curve ends, over 0
     * @param count how many points, 2 to 2000
     */
    public static List<Point> curve(Mixture sauce, Evaporation evaporation, Knowledge knowledge, Share min, int count) {
        if (count < 2 || count > 2000) {
            throw new IllegalArgumentException("a curve takes 2 to 2000 points but was asked for " + count);
        }
        BoilDown boil = new BoilDown(sauce, evaporation, knowledge.thickness(), knowledge.k());
        double step = (1 - min.value()) / (count - 1);
        Mixture[] mixtures = new Mixture[count];
        Evaporation.Pace[] paces = new Evaporation.Pace[count];
        double[] slowness = new double[count];
        for (int i = 0; i < count; i++) {
            mixtures[i] = boil.at(Share.of(1 - step * i));
            paces[i] = evaporation.pace(mixtures[i], knowledge.thickness());
            slowness[i] = boil.minutesPerShare(paces[i]);
        }
        List<Point> points = new ArrayList<>(count);
        double minutes = 0;
        for (int i = 0; i < count; i++) {
            if (i > 0) {
                minutes += step * mean(slowness, i - 1);
            }
            Share left = Share.of(1 - step * i);
            Mixture worn = boil.worn(mixtures[i], minutes);
            // Where time took nothing but water, what the pace was of is what there is.
            Snapshot at = worn == mixtures[i]
                    ? Snapshot.of(worn, paces[i], evaporation, knowledge.thickness())
                    : Snapshot.of(worn, evaporation, knowledge.thickness());
            points.add(new Point(left, minutes, at));
        }
        return points;
    }

    /**
     * The mean between one value and the next, by the cubic through them and their neighbours, or the parabola at an end: of
     * fourth and third order from values that are needed anyway. Where that is no bound between, as next to a bend or where
     * nothing evaporates any more, the mean of the two.
     */
    private static double mean(double[] f, int i) {
        double plain = (f[i] + f[i + 1]) / 2;
        boolean first = i == 0;
        boolean last = i + 2 == f.length;
        if (first && last) {
            return plain;
        }
        double smooth = first
                ? (5 * f[i] + 8 * f[i + 1] - f[i + 2]) / 12
                : last
                        ? (5 * f[i + 1] + 8 * f[i] - f[i - 1]) / 12
                        : (13 * (f[i] + f[i + 1]) - f[i - 1] - f[i + 2]) / 24;
        boolean between = smooth >= Math.min(f[i], f[i + 1]) && smooth <= Math.max(f[i], f[i + 1]);
        return between ? smooth : plain;
    }
}
