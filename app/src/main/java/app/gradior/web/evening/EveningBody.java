package app.gradior.web.evening;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * An evening as it was put together.
 *
 * @param next the number that the next job gets: none is given twice
 * @param courses in the order in which they are served, at least one
 * @param cooks who cook, at least one
 * @param shelves of the oven
 */
record EveningBody(int next, List<Course> courses, List<Cook> cooks, int shelves, List<Entry> jobs, List<Pin> pins) {
    static final int MAX_JOBS = 12;
    static final int MAX_COURSES = 4;
    static final int MAX_COOKS = 4;

    /** @param name empty for the only one */
    record Course(String name, Instant at) {}

    /** Somebody who cooks; away from one moment to another, if both are there. */
    record Cook(String name, Instant awayFrom, Instant awayTo) {}

    /**
     * Something that is to be ready: a sauce with the choices of its plan, or another job as its line.
     *
     * @param sauce null for another job
     * @param plan the fields of its plan's page
     * @param ahead whether the sauce is made before and only warmed
     * @param line empty for a sauce
     * @param share how much of a sauce's amounts; 0 is all, as it was before there were shares
     */
    record Entry(int id, UUID sauce, Map<String, String> plan, boolean ahead, String line, int course, double share) {
        Entry(int id, UUID sauce, Map<String, String> plan, boolean ahead, String line, int course) {
            this(id, sauce, plan, ahead, line, course, 1);
        }

        Entry {
            share = share > 0 && share < 1 ? share : 1;
            plan = plan == null ? Map.of() : Map.copyOf(plan);
            line = line == null ? "" : line;
        }

        Optional<UUID> ofSauce() {
            return Optional.ofNullable(sauce);
        }

        Entry planned(Map<String, String> other) {
            return new Entry(id, sauce, other, ahead, line, course, share);
        }

        Entry ahead(boolean made) {
            return new Entry(id, sauce, plan, made, line, course, share);
        }

        Entry typed(String other) {
            return new Entry(id, sauce, plan, ahead, other, course, share);
        }

        Entry at(int other) {
            return new Entry(id, sauce, plan, ahead, line, other, share);
        }

        Entry part(double of) {
            return new Entry(id, sauce, plan, ahead, line, course, of);
        }
    }

    /** A task that somebody put at a time: the job's number, the task's place in it. */
    record Pin(int job, int task, Instant at) {}

    EveningBody {
        courses = List.copyOf(courses);
        cooks = List.copyOf(cooks);
        jobs = List.copyOf(jobs);
        pins = pins == null ? List.of() : List.copyOf(pins);
    }

    static EveningBody at(Instant served, String cook) {
        return new EveningBody(
                1, List.of(new Course("", served)), List.of(new Cook(cook, null, null)), 2, List.of(), List.of());
    }

    public Instant lastServed() {
        return courses.stream().map(Course::at).max(Instant::compareTo).orElseThrow();
    }

    EveningBody plus(Entry entry) {
        List<Entry> more = new ArrayList<>(jobs);
        more.add(new Entry(
                next, entry.sauce(), entry.plan(), entry.ahead(), entry.line(), entry.course(), entry.share()));
        return new EveningBody(next + 1, courses, cooks, shelves, more, pins);
    }

    EveningBody with(Entry changed) {
        return new EveningBody(
                next,
                courses,
                cooks,
                shelves,
                jobs.stream().map(e -> e.id() == changed.id() ? changed : e).toList(),
                // What is in it may have other tasks now.
                pins.stream().filter(pin -> pin.job() != changed.id()).toList());
    }

    EveningBody without(int job) {
        return new EveningBody(
                next,
                courses,
                cooks,
                shelves,
                jobs.stream().filter(e -> e.id() != job).toList(),
                pins.stream().filter(pin -> pin.job() != job).toList());
    }

    /** With other hours and names of as many courses. */
    EveningBody courses(List<Course> others) {
        return new EveningBody(next, others, cooks, shelves, jobs, pins);
    }

    /** With one course more, where its hour puts it; every job stays in its own. */
    EveningBody plus(Course course) {
        int at = 0;
        while (at < courses.size() && !courses.get(at).at().isAfter(course.at())) {
            at++;
        }
        List<Course> more = new ArrayList<>(courses);
        more.add(at, course);
        int place = at;
        return new EveningBody(
                next,
                more,
                cooks,
                shelves,
                jobs.stream()
                        .map(e -> e.course() < place ? e : e.at(e.course() + 1))
                        .toList(),
                pins);
    }

    /** Without a course; its jobs go to the one before it, or to the first. */
    EveningBody withoutCourse(int place) {
        List<Course> fewer = new ArrayList<>(courses);
        fewer.remove(place);
        return new EveningBody(
                next,
                fewer,
                cooks,
                shelves,
                jobs.stream()
                        .map(e -> e.course() < place ? e : e.at(Math.max(0, e.course() - 1)))
                        .toList(),
                pins);
    }

    EveningBody cooks(List<Cook> others, int shelfCount) {
        return new EveningBody(next, courses, others, shelfCount, jobs, pins);
    }

    /** With a task put at a time, or given back to the schedule (null). */
    EveningBody pinned(int job, int task, Instant at) {
        List<Pin> others = new ArrayList<>(pins.stream()
                .filter(pin -> pin.job() != job || pin.task() != task)
                .toList());
        if (at != null) {
            others.add(new Pin(job, task, at));
        }
        return new EveningBody(next, courses, cooks, shelves, jobs, others);
    }

    /** With every task where the schedule puts it. */
    EveningBody unpinned() {
        return new EveningBody(next, courses, cooks, shelves, jobs, List.of());
    }

    Optional<Entry> job(int id) {
        return jobs.stream().filter(e -> e.id() == id).findFirst();
    }
}
