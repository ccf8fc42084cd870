package app.gradior.evening;

import app.gradior.evening.Evening.Ref;
import java.util.Optional;

/**
 * What starts a job that may not wait: not the clock but another job's progress, since that one may be late.
 *
 * @param task the first task that waits for it
 * @param after the task of another job whose end it follows
 * @param ticks from that end to the start, at least; 0 or less where that end is early enough however late it is
 */
public record Signal(Ref task, Ref after, int ticks) {
    /** What may stand for this long or less is not begun by the clock. */
    private static final double IMPATIENT_MINUTES = 5;

    /** Tasks with no more between them than this are one stretch. */
    private static final double STRETCH_MINUTES = 10;

    /** The signal of a job in a schedule; empty if it may wait, or nothing is more uncertain than it. */
    public static Optional<Signal> of(Evening evening, Schedule schedule, int j) {
        Job job = evening.jobs().get(j);
        if (job.waiting().limit() > IMPATIENT_MINUTES) {
            return Optional.empty();
        }
        int first = job.tasks().size() - 1;
        while (first > 0 && job.tasks().get(first).maxGap() <= STRETCH_MINUTES) {
            first--;
        }
        Ref task = new Ref(j, first);
        int start = schedule.at(j, first).start();
        Schedule.Placed signal = null;
        int ready = 0;
        double uncertain = Slack.spread(job, first, Math.max(0, schedule.rings().get(j)));
        for (int other = 0; other < evening.jobs().size(); other++) {
            Job of = evening.jobs().get(other);
            double spread = Slack.spread(of, 0, Math.max(0, schedule.rings().get(other)));
            if (other == j || of.course() != job.course() || spread <= uncertain) {
                continue;
            }
            for (int t = of.tasks().size() - 1; t >= 0; t--) {
                Schedule.Placed placed = schedule.at(other, t);
                if (placed.end() <= start) {
                    signal = placed;
                    ready = schedule.done(other);
                    uncertain = spread;
                    break;
                }
            }
        }
        if (signal == null) {
            return Optional.empty();
        }
        // Both are to be ready together: what slack the other one has may be used up before this one waits for it.
        int ticks = ready - signal.end() - (schedule.done(j) - start);
        return Optional.of(new Signal(task, signal.ref(), ticks));
    }
}
