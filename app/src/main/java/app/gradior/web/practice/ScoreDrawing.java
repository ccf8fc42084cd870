package app.gradior.web.practice;

import app.gradior.practice.Attempt;
import app.gradior.practice.BestWalk;
import app.gradior.practice.SimulatedPot;
import app.gradior.practice.Task;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/**
 * How a pot went beside how it could have gone: thickness in the pot over time.
 *
 * @param own path of the one who practised
 * @param best path of one who knows the truth
 * @param words the same in words
 */
public record ScoreDrawing(
        String name,
        String own,
        String best,
        List<Mark> hours,
        List<Mark> grades,
        List<Mark> looks,
        double ownX,
        double ownY,
        double bestX,
        double bestY,
        String words) {
    private static final int WIDTH = 640;

    private static final int HEIGHT = 260;
    private static final int LEFT = 46;
    private static final int BOTTOM = 34;
    private static final int TOP = 26;
    private static final int RIGHT = 14;
    private static final int POINTS = 120;
    private static final int MOST_MARKS = 8;

    /** Something on the edge. */
    public record Mark(double at, String label) {}

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

    static ScoreDrawing of(Attempt attempt, int pot, BestWalk walk) {
        double end = attempt.ended(pot).orElse(0);
        double last = Math.max(60, Math.max(end, walk.end().seconds()));
        Attempt best = new Attempt(attempt.exercise(), pans(attempt, pot, walk), attempt.seed(), walk.steps());
        List<double[]> own = line(attempt, pot, end);
        List<double[]> known = line(best, pot, walk.end().seconds());
        double low = Math.min(lowest(own), lowest(known));
        double high = Math.max(highest(own), highest(known));
        double bottom = Math.floor(low);
        double top = Math.max(bottom + 2, Math.ceil(high + 0.2));
        Scale scale = new Scale(last, bottom, top);
        List<Mark> hours = new ArrayList<>();
        double each = step(last / 60);
        for (double m = 0; m * 60 <= last; m += each) {
            hours.add(new Mark(scale.x(m * 60), Math.round(m) + ""));
        }
        List<Mark> grades = new ArrayList<>();
        for (double g = bottom; g <= top; g++) {
            grades.add(new Mark(scale.y(g), Math.round(g) + ""));
        }
        List<Mark> looks = attempt.steps().stream()
                .filter(s -> s.pot() == pot && s.deed() instanceof Attempt.Deed.Looked)
                .map(s -> new Mark(scale.x(s.seconds()), ""))
                .toList();
        double[] mine = own.get(own.size() - 1);
        double[] theirs = known.get(known.size() - 1);
        Task task = attempt.exercise().pots().get(pot).task();
        return new ScoreDrawing(
                attempt.exercise().pots().get(pot).name(),
                scale.path(own),
                scale.path(known),
                hours,
                grades,
                looks,
                scale.x(mine[0]),
                scale.y(mine[1]),
                scale.x(theirs[0]),
                scale.y(theirs[1]),
                PracticeText.walk(
                        end, task, task.off(attempt.pot(pot, end)), walk.end().seconds()));
    }

    private static List<Integer> pans(Attempt attempt, int pot, BestWalk walk) {
        List<Integer> pans = new ArrayList<>(attempt.pan());
        pans.set(pot, walk.pan());
        return pans;
    }

    private static List<double[]> line(Attempt attempt, int pot, double end) {
        List<Double> moments =
                IntStream.rangeClosed(0, POINTS).mapToObj(i -> end * i / POINTS).toList();
        List<SimulatedPot> pots = attempt.walk(pot, moments);
        return IntStream.rangeClosed(0, POINTS)
                .mapToObj(i -> new double[] {moments.get(i), pots.get(i).grade()})
                .toList();
    }

    private static double lowest(List<double[]> line) {
        return line.stream().mapToDouble(p -> p[1]).min().orElse(0);
    }

    private static double highest(List<double[]> line) {
        return line.stream().mapToDouble(p -> p[1]).max().orElse(0);
    }

    private static double step(double minutes) {
        for (double each : new double[] {1, 2, 5, 10, 15, 30, 60}) {
            if (minutes / each <= MOST_MARKS) {
                return each;
            }
        }
        return 60;
    }

    private record Scale(double last, double bottom, double top) {
        double x(double seconds) {
            return LEFT + seconds / last * (WIDTH - LEFT - RIGHT);
        }

        double y(double grade) {
            return HEIGHT - BOTTOM - (grade - bottom) / (top - bottom) * (HEIGHT - BOTTOM - TOP);
        }

        String path(List<double[]> line) {
            StringBuilder path = new StringBuilder();
            for (double[] p : line) {
                path.append(String.format(Locale.ROOT, "%s%.1f %.1f", path.isEmpty() ? "M" : "L", x(p[0]), y(p[1])));
            }
            return path.toString();
        }
    }
}
