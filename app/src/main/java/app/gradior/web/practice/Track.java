package app.gradior.web.practice;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.pot.Activity;
import app.gradior.practice.Mishap;
import app.gradior.practice.SimulatedPot;
import app.gradior.thickness.Rheology;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;

/**
 * How a pot goes on by itself, for the drawing: numbers of the model at equal steps of the pot's own time.
 *
 * @param from the first second
 * @param every seconds between two rows
 * @param rows one for each moment, its numbers in the order of {@link #NAMES}
 */
record Track(double from, double every, List<double[]> rows) {
    /** What the numbers of a row are, in the order in which they come. */
    static final List<String> NAMES = List.of(
            "eta",
            "mu",
            "tauY",
            "activity",
            "flux",
            "level",
            "ring",
            "foam",
            "caught",
            "sinceStir",
            "still",
            "degrees",
            "grade",
            "gel",
            "fat",
            "browning",
            "split",
            "lumps");

    private static final double STEP_S = 8;
    private static final int ROWS = 190;
    private static final MathContext SHORT = new MathContext(4);

    /** From a moment on, for some twenty-five minutes. */
    static Track of(SimulatedPot pot) {
        List<double[]> rows = new ArrayList<>();
        SimulatedPot now = pot;
        for (int i = 0; i < ROWS; i++) {
            rows.add(row(now));
            now = now.at(pot.seconds() + STEP_S * (i + 1));
        }
        return new Track(pot.seconds(), STEP_S, rows);
    }

    private static double[] row(SimulatedPot pot) {
        Rheology flow = pot.flow();
        Mixture mixture = pot.mixture();
        double[] row = {
            flow.apparent().pascalSeconds(),
            flow.serum().pascalSeconds(),
            flow.yieldStress(),
            pot.activity().map(Activity::ordinal).orElse(-1) + 1.0,
            pot.flux(),
            pot.levelMillimetres(),
            pot.ringMillimetres(),
            pot.foamMillimetres(),
            pot.caught(),
            pot.sinceStirred(),
            pot.still(),
            pot.temperature().degrees(),
            pot.grade(),
            Math.min(
                    1,
                    mixture.sugarShare().value() * 1.2
                            + mixture.share(Component.STARCH).value() * 12),
            mixture.share(Component.FAT).value(),
            pot.browning(),
            pot.wrong(Mishap.SPLIT),
            pot.wrong(Mishap.LUMPS)
        };
        for (int i = 0; i < row.length; i++) {
            row[i] = BigDecimal.valueOf(row[i]).round(SHORT).doubleValue();
        }
        return row;
    }
}
