package app.gradior.evening;

import app.gradior.quantity.Interval;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Small jobs for tests: tasks of exact or uncertain lengths. */
final class SomeJobs {
    private SomeJobs() {}

    static Task task(Interval minutes, Station station, Hands hands) {
        return new Task(TaskKind.COOK, "", List.of(minutes), station, hands, 0, 60);
    }

    /** Exactly so many minutes. */
    static Interval exactly(double minutes) {
        return new Interval(minutes, minutes, minutes);
    }

    static Task cooks(double low, double middle, double high) {
        return task(new Interval(low, middle, high), Station.RING, Hands.NONE);
    }

    static Task works(double minutes, boolean interruptible) {
        return task(exactly(minutes), Station.NONE, new Hands.Active(interruptible));
    }

    static Job job(String name, Waiting waiting, Task... tasks) {
        return new Job(
                name,
                name,
                0,
                List.of(tasks),
                waiting,
                Optional.empty(),
                IntStream.range(0, 4).boxed().toList(),
                false);
    }

    static List<Evening.Person> people(int n) {
        List<Evening.Person> people = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            people.add(new Evening.Person("cook " + i, List.of()));
        }
        return people;
    }

    /** Served two hours on. */
    static Evening evening(Job... jobs) {
        return Evening.of(0, List.of(120 * Evening.TICKS), List.of(jobs), people(1), 4, 1);
    }

    static Schedule best(Evening evening) {
        return EveningSolver.solve(evening, 20_000, s -> {}).orElseThrow();
    }
}
