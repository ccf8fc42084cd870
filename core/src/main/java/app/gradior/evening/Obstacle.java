package app.gradior.evening;

import app.gradior.evening.Evening.Person;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** What stands in the way of an evening that can't be on time: the one thing more that would make it possible. */
public sealed interface Obstacle {
    /** No ring takes a job's pot. */
    record NoRing(int job) implements Obstacle {}

    /** One ring more. */
    record Rings() implements Obstacle {}

    /** One person more. */
    record People() implements Obstacle {}

    /** One shelf more, or a second oven where two want it at different heats. */
    record Oven() implements Obstacle {}

    /** Two want one pot. */
    record Pot(String pot) implements Obstacle {}

    /** A dish that would have to stand for so many minutes. */
    record Waits(int job, double minutes) implements Obstacle {}

    /** It is too late for it: so many minutes would have to be added to the hour. */
    record Hour(double minutes) implements Obstacle {}

    /** A dish may wait so much longer, for trying. */
    double LONGER = 60;

    /**
     * Each single thing that would do, the smallest first; empty if no single one does.
     *
     * @param millis for each of them
     */
    static List<Obstacle> of(Evening evening, Optional<Schedule> best, long millis) {
        List<Obstacle> found = new ArrayList<>();
        for (int j = 0; j < evening.jobs().size(); j++) {
            if (evening.jobs().get(j).usesRing()
                    && evening.jobs().get(j).rings().isEmpty()) {
                return List.of(new NoRing(j));
            }
        }
        evening.jobs().stream().flatMap(job -> job.pot().stream()).distinct().forEach(pot -> {
            if (onTime(
                    evening.with(evening.jobs().stream()
                            .map(job -> job.pot().filter(pot::equals).isPresent()
                                    ? job.in(Optional.empty(), job.rings())
                                    : job)
                            .toList()),
                    millis)) {
                found.add(new Pot(pot));
            }
        });
        for (int j = 0; j < evening.jobs().size(); j++) {
            waits(evening, j, millis).ifPresent(found::add);
        }
        if (onTime(moreRings(evening), millis)) {
            found.add(new Rings());
        }
        if (onTime(evening.having(evening.rings(), evening.shelves() + 1), millis)
                || onTime(twoOvens(evening), millis)) {
            found.add(new Oven());
        }
        List<Person> people = new ArrayList<>(evening.people());
        people.add(new Person("", List.of()));
        if (people.size() <= Evening.MAX_PEOPLE && onTime(evening.withPeople(people), millis)) {
            found.add(new People());
        }
        best.filter(s -> s.cost().late() > 0)
                .ifPresent(s -> found.add(new Hour(IntStream.range(0, s.served().size())
                                .map(c -> s.served().get(c) - evening.courses().get(c))
                                .max()
                                .orElse(0)
                        / (double) Evening.TICKS)));
        return found;
    }

    private static boolean onTime(Evening evening, long millis) {
        return EveningSolver.onTime(evening, millis).isPresent();
    }

    private static Evening moreRings(Evening evening) {
        int more = evening.rings();
        return evening.having(more + 1, evening.shelves())
                .with(evening.jobs().stream()
                        .map(job -> {
                            List<Integer> rings = new ArrayList<>(job.rings());
                            // As the one that it has already: what it takes there is known.
                            if (job.usesRing()
                                    && job.tasks().stream()
                                            .allMatch(t -> t.minutes().size() == 1)) {
                                rings.add(more);
                            }
                            return job.in(job.pot(), rings);
                        })
                        .toList());
    }

    private static Evening twoOvens(Evening evening) {
        int[] first = {-1};
        List<Job> jobs = new ArrayList<>();
        for (int j = 0; j < evening.jobs().size(); j++) {
            Job job = evening.jobs().get(j);
            boolean bakes = job.tasks().stream().anyMatch(t -> t.station() instanceof Station.InOven);
            if (bakes && first[0] < 0) {
                first[0] = j;
                jobs.add(job.with(job.tasks().stream()
                        .map(t -> t.station() instanceof Station.InOven
                                ? new Task(
                                        t.kind(),
                                        t.words(),
                                        t.minutes(),
                                        Station.NONE,
                                        t.hands(),
                                        t.minGap(),
                                        t.maxGap())
                                : t)
                        .toList()));
            } else {
                jobs.add(job);
            }
        }
        return evening.with(jobs);
    }

    private static Optional<Waits> waits(Evening evening, int j, long millis) {
        Job job = evening.jobs().get(j);
        List<Job> jobs = new ArrayList<>(evening.jobs());
        jobs.set(j, job.waiting(job.waiting().upTo(job.waiting().limit() + LONGER)));
        Evening patient = evening.with(jobs);
        return EveningSolver.onTime(patient, millis)
                .map(s -> new Waits(j, (s.served().get(job.course()) - s.done(j)) / (double) Evening.TICKS));
    }
}
