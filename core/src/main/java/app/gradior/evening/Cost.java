package app.gradior.evening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How good a schedule is; what comes first counts before all that follows.
 *
 * @param late ticks that courses are served after their hour, together
 * @param waiting what waiting costs, in fifths of a minute's cost and ticks, with what moved against the schedule seen before
 * @param span ticks from the first handwork to the last course
 * @param breaks how often a job's handwork is left for something else
 */
public record Cost(int late, int waiting, int span, int breaks) implements Comparable<Cost> {
    /** A minute's cost of 0.2 is one. */
    static final int WAITING_STEPS = 5;

    /** What moves costs a fifth of a minute's waiting for each minute, in these. */
    static final int SHIFT = 1;

    private static final Comparator<Cost> ORDER = Comparator.comparingInt(Cost::late)
            .thenComparingInt(Cost::waiting)
            .thenComparingInt(Cost::span)
            .thenComparingInt(Cost::breaks);

    @Override
    public int compareTo(Cost other) {
        return ORDER.compare(this, other);
    }

    static int weight(Waiting waiting) {
        return (int) Math.round(waiting.cost() * WAITING_STEPS);
    }

    /** Of a schedule as it stands. */
    static Cost of(Evening evening, List<Schedule.Placed> tasks, List<Integer> rings, List<Integer> served) {
        Map<Evening.Ref, Schedule.Placed> at = new HashMap<>();
        tasks.forEach(placed -> at.put(placed.ref(), placed));
        int late = 0;
        for (int c = 0; c < served.size(); c++) {
            late += served.get(c) - evening.courses().get(c);
        }
        int waiting = 0;
        int breaks = 0;
        int first = Integer.MAX_VALUE;
        for (int j = 0; j < evening.jobs().size(); j++) {
            Job job = evening.jobs().get(j);
            int ring = rings.get(j);
            int end = at.get(new Evening.Ref(j, job.tasks().size() - 1)).end();
            int buffer = Slack.ticks(evening, j, Math.max(0, ring));
            waiting += weight(job.waiting()) * Math.max(0, served.get(job.course()) - end - buffer);
            List<Schedule.Placed> active = new ArrayList<>();
            for (int t = 0; t < job.tasks().size(); t++) {
                if (job.tasks().get(t).hands().active()) {
                    active.add(at.get(new Evening.Ref(j, t)));
                }
            }
            for (int i = 0; i < active.size(); i++) {
                first = Math.min(first, active.get(i).start());
                if (i > 0 && active.get(i).start() > active.get(i - 1).end()) {
                    breaks++;
                }
            }
        }
        if (evening.before().isPresent()) {
            for (Schedule.Placed placed : tasks) {
                waiting += SHIFT
                        * evening.before()
                                .get()
                                .find(placed.ref())
                                .map(seen -> Math.abs(seen.start() - placed.start()))
                                .orElse(0);
            }
        }
        int last = served.stream().mapToInt(Integer::intValue).max().orElse(0);
        return new Cost(late, waiting, first == Integer.MAX_VALUE ? 0 : last - first, breaks);
    }
}
