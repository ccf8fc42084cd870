package app.gradior.evening;

import app.gradior.evening.Evening.Ref;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Where two jobs would be in each other's way if each were cooked as if it were alone.
 *
 * @param over what both want
 * @param one the job that wants it first
 * @param other the one that comes upon it
 * @param tasks of both, the ones that meet
 * @param at tick at which they meet
 */
public record Clash(Over over, int one, int other, List<Ref> tasks, int at) {
    /** What there is too little of. */
    public enum Over {
        POT,
        RINGS,
        OVEN,
        HANDS
    }

    /** In the order in which they happen, one for each two jobs and each thing; at most so many. */
    public static List<Clash> of(Evening evening, int most) {
        List<Clash> found = new ArrayList<>();
        List<Alone> jobs = new ArrayList<>();
        for (int j = 0; j < evening.jobs().size(); j++) {
            Alone.of(evening, j).ifPresent(jobs::add);
        }
        for (int a = 0; a < jobs.size(); a++) {
            for (int b = a + 1; b < jobs.size(); b++) {
                jobs.get(a).meets(jobs.get(b), found);
            }
        }
        rings(evening, jobs, found);
        Set<List<Object>> seen = new HashSet<>();
        return found.stream()
                .sorted((x, y) -> Integer.compare(x.at, y.at))
                .filter(clash -> seen.add(
                        List.of(clash.over, Math.min(clash.one, clash.other), Math.max(clash.one, clash.other))))
                .limit(most)
                .toList();
    }

    private static void rings(Evening evening, List<Alone> jobs, List<Clash> found) {
        List<Alone> byStart = jobs.stream()
                .filter(alone -> alone.job().usesRing())
                .sorted((x, y) -> Integer.compare(x.onRing(), y.onRing()))
                .toList();
        for (Alone next : byStart) {
            List<Alone> standing = byStart.stream()
                    .filter(other -> other != next
                            && other.onRing() <= next.onRing()
                            && other.offRing() > next.onRing()
                            && byStart.indexOf(other) < byStart.indexOf(next))
                    .toList();
            if (standing.size() >= evening.rings()) {
                found.add(new Clash(
                        Over.RINGS,
                        standing.get(standing.size() - 1).index(),
                        next.index(),
                        List.of(new Ref(next.index(), next.job().firstOnRing())),
                        next.onRing()));
            }
        }
    }

    /** A job as it would be cooked if it were the only one. */
    private record Alone(int index, Job job, Evening evening, Schedule schedule) {
        static Optional<Alone> of(Evening evening, int j) {
            Job job = evening.jobs().get(j);
            Evening only = Evening.of(
                    evening.earliest(),
                    evening.courses(),
                    List.of(job),
                    List.of(new Evening.Person("", List.of())),
                    evening.rings(),
                    evening.shelves());
            return EveningSolver.atOnce(only).map(schedule -> new Alone(j, job, evening, schedule));
        }

        int onRing() {
            return schedule.at(0, job.firstOnRing()).start();
        }

        int served() {
            return schedule.served().get(job.course());
        }

        int offRing() {
            return job.waiting().onRing()
                    ? served()
                    : schedule.at(0, job.lastOnRing()).end();
        }

        void meets(Alone other, List<Clash> found) {
            if (job.pot().isPresent()
                    && job.pot().equals(other.job.pot())
                    && job.usesRing()
                    && other.job.usesRing()
                    && onRing() < other.served()
                    && other.onRing() < served()) {
                boolean first = onRing() <= other.onRing();
                found.add(new Clash(
                        Over.POT,
                        first ? index : other.index,
                        first ? other.index : index,
                        List.of(new Ref(index, job.firstOnRing()), new Ref(other.index, other.job.firstOnRing())),
                        Math.max(onRing(), other.onRing())));
            }
            for (Schedule.Placed mine : schedule.tasks()) {
                for (Schedule.Placed theirs : other.schedule.tasks()) {
                    if (mine.start() < theirs.end() && theirs.start() < mine.end()) {
                        over(mine, theirs, other)
                                .ifPresent(over -> found.add(new Clash(
                                        over,
                                        mine.start() <= theirs.start() ? index : other.index,
                                        mine.start() <= theirs.start() ? other.index : index,
                                        List.of(
                                                new Ref(index, mine.ref().task()),
                                                new Ref(
                                                        other.index,
                                                        theirs.ref().task())),
                                        Math.max(mine.start(), theirs.start()))));
                    }
                }
            }
        }

        private Optional<Over> over(Schedule.Placed mine, Schedule.Placed theirs, Alone other) {
            Task one = job.tasks().get(mine.ref().task());
            Task two = other.job.tasks().get(theirs.ref().task());
            if (one.station() instanceof Station.InOven a
                    && two.station() instanceof Station.InOven b
                    && (!a.shares(b) || evening.shelves() < 2)) {
                return Optional.of(Over.OVEN);
            }
            boolean alone = evening.people().size() == 1;
            boolean both = one.hands().active() && two.hands().active();
            boolean left = keeps(one, two) || keeps(two, one);
            return alone && (both || left) ? Optional.of(Over.HANDS) : Optional.empty();
        }

        private static boolean keeps(Task task, Task stirred) {
            return stirred.hands() instanceof Hands.Attended attended && task.keepsFrom(attended, 0);
        }
    }
}
