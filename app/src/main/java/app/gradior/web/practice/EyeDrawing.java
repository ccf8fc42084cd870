package app.gradior.web.practice;

import app.gradior.web.learning.Eyes;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How far guesses were off, one after another.
 *
 * @param dots each guess: x, y
 * @param mean path of the mean of the last ten
 */
public record EyeDrawing(List<double[]> dots, String mean, List<ScoreDrawing.Mark> grades) {
    private static final int WIDTH = 640;

    private static final int HEIGHT = 220;
    private static final int LEFT = 40;
    private static final int BOTTOM = 24;
    private static final int TOP = 26;
    private static final double MOST = 3;
    private static final int TEN = 10;

    public int width() {
        return WIDTH;
    }

    public int height() {
        return HEIGHT;
    }

    /** Where the drawing begins, beside its numbers. */
    public int left() {
        return LEFT;
    }

    public int bottom() {
        return BOTTOM;
    }

    static EyeDrawing of(List<Eyes.Guess> guesses) {
        List<double[]> dots = new ArrayList<>();
        StringBuilder mean = new StringBuilder();
        double step = (double) (WIDTH - LEFT - 10) / Math.max(1, guesses.size() - 1);
        for (int i = 0; i < guesses.size(); i++) {
            double x = LEFT + i * step;
            dots.add(new double[] {x, y(guesses.get(i).error())});
            double last = guesses.subList(Math.max(0, i - TEN + 1), i + 1).stream()
                    .mapToDouble(Eyes.Guess::error)
                    .average()
                    .orElse(0);
            mean.append(String.format(Locale.ROOT, "%s%.1f %.1f", i == 0 ? "M" : "L", x, y(last)));
        }
        List<ScoreDrawing.Mark> grades = new ArrayList<>();
        for (int g = 0; g <= MOST; g++) {
            grades.add(new ScoreDrawing.Mark(y(g), String.valueOf(g)));
        }
        return new EyeDrawing(dots, mean.toString(), grades);
    }

    private static double y(double error) {
        return HEIGHT - BOTTOM - Math.min(MOST, error) / MOST * (HEIGHT - BOTTOM - TOP);
    }
}
