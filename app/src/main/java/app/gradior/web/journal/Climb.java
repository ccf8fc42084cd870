package app.gradior.web.journal;

import app.gradior.web.batch.BatchSummary;
import java.util.Locale;
import java.util.Optional;

/**
 * A batch drawn small: how thick it was at the stove, on the table and from the fridge, against what was wanted; in
 * units of its drawing, {@value #WIDTH} by {@value #HEIGHT}.
 *
 * @param path through the three
 * @param bandTop of what was wanted; NaN if no thickness was
 */
public record Climb(String path, double stoveY, double warmY, double coldY, double bandTop, double bandHeight) {
    static final double WIDTH = 72;
    static final double HEIGHT = 40;
    private static final double THIN = 1;
    private static final double THICK = 8;

    static Optional<Climb> of(BatchSummary batch) {
        if (batch.stoveGrade() == null) {
            return Optional.empty();
        }
        double stove = y(batch.stoveGrade());
        double warm = y(batch.warmGrade());
        double cold = y(batch.coldGrade());
        String path = String.format(
                Locale.ROOT,
                "M8 %.1f C22 %.1f 22 %.1f 36 %.1f C50 %.1f 50 %.1f 64 %.1f",
                stove,
                stove,
                warm,
                warm,
                warm,
                cold,
                cold);
        boolean wanted = batch.wantedLow() != null;
        double top = wanted ? y(batch.wantedHigh()) : Double.NaN;
        return Optional.of(new Climb(path, stove, warm, cold, top, wanted ? y(batch.wantedLow()) - top : 0));
    }

    public boolean wanted() {
        return !Double.isNaN(bandTop);
    }

    private static double y(double grade) {
        double part = (Math.max(THIN, Math.min(THICK, grade)) - THIN) / (THICK - THIN);
        return Math.round(10 * (HEIGHT - 4 - part * (HEIGHT - 8))) / 10.0;
    }
}
