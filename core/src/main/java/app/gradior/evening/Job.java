package app.gradior.evening;

import java.util.List;
import java.util.Optional;

/**
 * Something that is to be on the table: tasks one after another.
 *
 * @param id names it within the evening
 * @param course which of the evening's courses it belongs to, from 0
 * @param tasks 1 to {@value #MAX_TASKS}
 * @param pot the pot that it wants, as the kitchen names its pots; empty for one there are enough of
 * @param rings which of the evening's rings will do
 * @param first whether it is begun before every other job
 */
public record Job(
        String id,
        String name,
        int course,
        List<Task> tasks,
        Waiting waiting,
        Optional<String> pot,
        List<Integer> rings,
        boolean first) {
    static final int MAX_TASKS = 30;

    /** @throws IllegalArgumentException if it has no task or too many */
    public Job {
        if (tasks.isEmpty() || tasks.size() > MAX_TASKS) {
            throw new IllegalArgumentException("a job has 1 to " + MAX_TASKS + " tasks but this has " + tasks.size());
        }
        tasks = List.copyOf(tasks);
        rings = List.copyOf(rings);
    }

    public boolean usesRing() {
        return tasks.stream().anyMatch(task -> task.station().onRing());
    }

    int firstOnRing() {
        for (int i = 0; i < tasks.size(); i++) {
            if (tasks.get(i).station().onRing()) {
                return i;
            }
        }
        return -1;
    }

    int lastOnRing() {
        for (int i = tasks.size() - 1; i >= 0; i--) {
            if (tasks.get(i).station().onRing()) {
                return i;
            }
        }
        return -1;
    }

    /** The job on other rings, or in another pot. */
    public Job in(Optional<String> other, List<Integer> onRings) {
        return new Job(id, name, course, tasks, waiting, other, onRings, first);
    }

    public Job waiting(Waiting other) {
        return new Job(id, name, course, tasks, other, pot, rings, first);
    }

    public Job with(List<Task> others) {
        return new Job(id, name, course, others, waiting, pot, rings, first);
    }
}
