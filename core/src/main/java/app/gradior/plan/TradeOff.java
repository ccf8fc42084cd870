package app.gradior.plan;

import app.gradior.food.Mixture;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Share;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;

/**
 * The curve a sauce walks as it is reduced: yield against grade, with the minutes along it. Time is the integral of
 * dW/loss(W) by Gauss–Legendre between neighbouring points, the same equation that {@link BoilDown} integrates forward.
 */
public final class TradeOff {
    private static final GaussIntegrator GAUSS = new GaussIntegratorFactory().legendre(2, -1, 1);

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
        List<Point> points = new ArrayList<>(count);
        double minutes = 0;
        double previous = 1;
        for (int i = 0; i < count; i++) {
            double left = 1 - (1 - min.value()) * i / (count - 1);
            if (i > 0) {
                minutes += minutesBetween(boil, previous, left);
            }
            Snapshot at = Snapshot.of(boil.at(Share.of(left), minutes), evaporation, knowledge.thickness());
            points.add(new Point(Share.of(left), minutes, at));
            previous = left;
        }
        return points;
    }

    private static double minutesBetween(BoilDown boil, double from, double to) {
        double half = (from - to) / 2;
        double middle = (from + to) / 2;
        return half * GAUSS.integrate(u -> boil.minutesPerShareAt(Share.of(middle + half * u)));
    }
}
