package app.gradior.evening;

import java.util.List;

/**
 * How long handwork takes in a kitchen against the usual.
 *
 * @param factor 1 as usual, 1.5 half as long again; {@value #FASTEST} to {@value #SLOWEST}
 * @param told by how many tasks it was told
 */
public record Pace(double factor, int told) {
    /** Where nothing is known. */
    public static final Pace USUAL = new Pace(1, 0);

    static final double FASTEST = 0.5;
    static final double SLOWEST = 2;

    /** The usual counts as much as so many tasks (estimate). */
    private static final double PRIOR = 4;

    /** What takes less than this is over before anybody presses twice; minutes. */
    private static final double SHORTEST = 2;

    /** Beyond this something else was done meanwhile, or a press was forgotten. */
    private static final double NOT_WORK = 4;

    /** It changes in steps, so that a schedule is not looked for anew for nothing. */
    private static final double STEP = 0.05;

    /**
     * Handwork that was begun and done.
     *
     * @param took minutes
     * @param usual minutes that it takes at the usual pace
     */
    public record Timed(double took, double usual) {
        boolean tells() {
            return usual >= SHORTEST && took > 0 && took <= NOT_WORK * usual && took * NOT_WORK >= usual;
        }
    }

    /** The mean of the logarithms, drawn to the usual where little is known. */
    public static Pace of(List<Timed> tasks) {
        List<Timed> telling = tasks.stream().filter(Timed::tells).toList();
        double sum = telling.stream()
                .mapToDouble(task -> Math.log(task.took / task.usual))
                .sum();
        double factor = Math.exp(sum / (telling.size() + PRIOR));
        double rounded = Math.round(factor / STEP) * STEP;
        return new Pace(Math.max(FASTEST, Math.min(SLOWEST, rounded)), telling.size());
    }
}
