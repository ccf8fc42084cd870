package app.gradior.evening;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is to be scheduled. Times are in ticks of half a minute from a moment that is the caller's to choose.
 *
 * @param earliest nothing that has not begun begins before this
 * @param courses when each is to be served, in rising order
 * @param people who can lend hands
 * @param rings how many there are
 * @param shelves of the one oven
 * @param begun what has begun, and when
 * @param pinned what is to begin at a time the cook chose
 * @param before the schedule that people have seen; a new one moves as little of it as it can
 */
public record Evening(
        int earliest,
        List<Integer> courses,
        List<Job> jobs,
        List<Person> people,
        int rings,
        int shelves,
        Map<Ref, Integer> begun,
        Map<Ref, Integer> pinned,
        Optional<Schedule> before) {
    /** Ticks a minute. */
    public static final int TICKS = 2;

    /** A pot is washed between two jobs in so many minutes of somebody's hands. */
    static final int WASHING = 3 * TICKS;

    /** More at once is no household's evening. */
    public static final int MAX_JOBS = 16;

    public static final int MAX_PEOPLE = 8;

    /** A task of a job, by their places in their lists. */
    public record Ref(int job, int task) {}

    /**
     * Somebody who cooks.
     *
     * @param away when they are not there
     */
    public record Person(String name, List<Window> away) {
        public Person {
            away = List.copyOf(away);
        }
    }

    /** From one tick to another, without it. */
    public record Window(int from, int to) {
        /** @throws IllegalArgumentException if it ends before it begins */
        public Window {
            if (to < from) {
                throw new IllegalArgumentException("from " + from + " to " + to);
            }
        }
    }

    /** @throws IllegalArgumentException if there is no course or nobody, or too many of something */
    public Evening {
        if (courses.isEmpty() || people.isEmpty() || people.size() > MAX_PEOPLE || jobs.size() > MAX_JOBS) {
            throw new IllegalArgumentException(courses.size() + " courses, " + people.size() + " people, " + jobs.size()
                    + " jobs; 1 course, 1 to " + MAX_PEOPLE + " people, up to " + MAX_JOBS + " jobs");
        }
        for (Job job : jobs) {
            if (job.course() < 0 || job.course() >= courses.size()) {
                throw new IllegalArgumentException("course " + job.course() + " of " + courses.size());
            }
        }
        courses = List.copyOf(courses);
        jobs = List.copyOf(jobs);
        people = List.copyOf(people);
        begun = Map.copyOf(begun);
        pinned = Map.copyOf(pinned);
    }

    /** From scratch, with nothing begun. */
    public static Evening of(
            int earliest, List<Integer> courses, List<Job> jobs, List<Person> people, int rings, int shelves) {
        return new Evening(earliest, courses, jobs, people, rings, shelves, Map.of(), Map.of(), Optional.empty());
    }

    public Task task(Ref ref) {
        return jobs.get(ref.job()).tasks().get(ref.task());
    }

    /** The first task of a job that has not begun; its number of tasks if all have. */
    int toCome(int job) {
        int task = 0;
        while (task < jobs.get(job).tasks().size() && begun.containsKey(new Ref(job, task))) {
            task++;
        }
        return task;
    }

    public Evening with(List<Job> others) {
        return new Evening(earliest, courses, others, people, rings, shelves, begun, pinned, before);
    }

    public Evening withPeople(List<Person> others) {
        return new Evening(earliest, courses, jobs, others, rings, shelves, begun, pinned, before);
    }

    public Evening serving(List<Integer> at) {
        return new Evening(earliest, at, jobs, people, rings, shelves, begun, pinned, before);
    }

    public Evening from(int tick) {
        return new Evening(tick, courses, jobs, people, rings, shelves, begun, pinned, before);
    }

    public Evening having(int ringCount, int shelfCount) {
        return new Evening(earliest, courses, jobs, people, ringCount, shelfCount, begun, pinned, before);
    }

    public Evening begun(Map<Ref, Integer> at, Optional<Schedule> seen) {
        return new Evening(earliest, courses, jobs, people, rings, shelves, at, pinned, seen);
    }

    public Evening pinned(Map<Ref, Integer> at) {
        return new Evening(earliest, courses, jobs, people, rings, shelves, begun, at, before);
    }
}
