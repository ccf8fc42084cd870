package app.gradior.evening;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * When each task begins and ends.
 *
 * @param tasks in the order in which they begin
 * @param rings the ring of each job, by its place; −1 for a job that needs none
 * @param served when each course is served
 * @param proved whether nothing better is possible
 */
public record Schedule(List<Placed> tasks, List<Integer> rings, List<Integer> served, Cost cost, boolean proved) {
    /**
     * A task in its place.
     *
     * @param slow whether it is done beside a stirring, and takes longer for it
     */
    public record Placed(Evening.Ref ref, int start, int end, boolean slow) {}

    static final Comparator<Placed> IN_ORDER = Comparator.comparingInt(Placed::start)
            .thenComparingInt(Placed::end)
            .thenComparingInt(placed -> placed.ref().job())
            .thenComparingInt(placed -> placed.ref().task());

    public Schedule {
        tasks = tasks.stream().sorted(IN_ORDER).toList();
        rings = List.copyOf(rings);
        served = List.copyOf(served);
    }

    static Schedule of(Evening evening, List<Placed> tasks, List<Integer> rings, List<Integer> served, boolean proved) {
        return new Schedule(tasks, rings, served, Cost.of(evening, tasks, rings, served), proved);
    }

    public Optional<Placed> find(Evening.Ref ref) {
        return tasks.stream().filter(placed -> placed.ref().equals(ref)).findFirst();
    }

    public Placed at(int job, int task) {
        return find(new Evening.Ref(job, task)).orElseThrow();
    }

    /** When a job's last task ends. */
    public int done(int job) {
        return tasks.stream()
                .filter(placed -> placed.ref().job() == job)
                .mapToInt(Placed::end)
                .max()
                .orElse(0);
    }

    /** When the slack of a job is used up: from the end of its last task on, as far as its course. */
    public int slackUntil(Evening evening, int job) {
        int slack = Slack.ticks(evening, job, Math.max(0, rings.get(job)));
        return Math.min(done(job) + slack, served.get(evening.jobs().get(job).course()));
    }

    /** When the first hands are wanted. */
    public int begins(Evening evening) {
        return tasks.stream()
                .filter(placed -> !evening.begun().containsKey(placed.ref()))
                .mapToInt(Placed::start)
                .min()
                .orElse(evening.earliest());
    }

    Schedule asProved() {
        return new Schedule(tasks, rings, served, cost, true);
    }
}
