package app.gradior.evening;

import app.gradior.quantity.Interval;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * The slack of a job before it has to be ready. What takes longer than its middle does so by more than what is shorter
 * saves, so that the sum of the middles is too early; and of several dishes all have to be ready. So
 * {@code b = Σ(mean − middle) + z·√Σ((high − middle)/1.28)² − g}, with z such that all dishes of the course together are
 * ready in {@value #READY} of all evenings, each as likely as the others, and g the minutes after the hour that nobody minds.
 */
final class Slack {
    /** A little more than is promised: what one dish takes from another's hands is not in the formula (estimate). */
    private static final double READY = 0.995;

    private static final double GRACE = 1.7;

    /** Of the time that a job may wait, some is left for what comes between: two dishes that hardly wait, one pair of hands. */
    private static final double OF_ITS_WAITING = 0.88;

    /** What varies less than this takes no part in the risk. */
    private static final double CERTAIN = 0.8;

    /** Of half a normal deviate, the mean: √(1/2π). */
    private static final double HALF_NORMAL_MEAN = 0.39894228;

    private Slack() {}

    /** In ticks, as far as the job may wait. */
    static int ticks(Evening evening, int j, int ring) {
        Job job = evening.jobs().get(j);
        int from = evening.toCome(j);
        double late = late(job, from, ring);
        double minutes = 0;
        if (late > 0) {
            minutes = shift(job, from, ring) + deviates(evening, job.course()) * late - GRACE;
        }
        return (int) Math.floor(Math.max(
                                0,
                                Math.min(minutes, OF_ITS_WAITING * job.waiting().limit()))
                        * Evening.TICKS
                + 1e-9);
    }

    /** How many standard deviations each dish of a course gets. */
    private static double deviates(Evening evening, int course) {
        int uncertain = 0;
        for (int j = 0; j < evening.jobs().size(); j++) {
            Job job = evening.jobs().get(j);
            if (job.course() == course && spread(job, evening.toCome(j), 0) > CERTAIN) {
                uncertain++;
            }
        }
        return new NormalDistribution().inverseCumulativeProbability(Math.pow(READY, 1.0 / Math.max(1, uncertain)));
    }

    /** Standard deviation of what is still to come, in minutes. */
    static double spread(Job job, int from, int ring) {
        double variance = 0;
        for (Task task : job.tasks().subList(from, job.tasks().size())) {
            Interval minutes = task.minutes(ring);
            double sd = minutes.width() / (2 * Interval.Z_80);
            variance += sd * sd;
        }
        return Math.sqrt(variance);
    }

    /** The same, of what it may take longer. */
    private static double late(Job job, int from, int ring) {
        double variance = 0;
        for (Task task : job.tasks().subList(from, job.tasks().size())) {
            Interval minutes = task.minutes(ring);
            double sd = (minutes.high() - minutes.middle()) / Interval.Z_80;
            variance += sd * sd;
        }
        return Math.sqrt(variance);
    }

    private static double shift(Job job, int from, int ring) {
        double shift = 0;
        for (Task task : job.tasks().subList(from, job.tasks().size())) {
            Interval minutes = task.minutes(ring);
            shift += HALF_NORMAL_MEAN * (minutes.high() - 2 * minutes.middle() + minutes.low()) / Interval.Z_80;
        }
        return shift;
    }
}
