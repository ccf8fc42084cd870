package app.gradior.web.evening;

import app.gradior.evening.Evening;
import app.gradior.evening.JobLine;
import app.gradior.web.equipment.KitchenRing;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * An evening as it can be scheduled, with what its parts are called.
 *
 * @param origin the moment that its ticks count from
 * @param jobs one for each of the evening's, in its order
 * @param missing jobs that can't be scheduled, with why
 * @param rings what the rings are, in its order
 * @param due when what has begun should be over; it lasts until somebody says that it is
 */
record EveningProblem(
        Evening evening,
        Instant origin,
        List<Part> jobs,
        List<Missing> missing,
        List<KitchenRing> rings,
        Map<Evening.Ref, Integer> due) {
    private static final long TICK_S = 60 / Evening.TICKS;

    /**
     * A job of the schedule.
     *
     * @param sauce null for another job
     * @param potId its pot; null for another job
     * @param pot the name of its pot; empty for another job
     * @param cook its cook under way or finished; null if it has none
     */
    record Part(
            EveningBody.Entry entry,
            String name,
            UUID sauce,
            UUID potId,
            String pot,
            Optional<JobLine> line,
            UUID cook) {}

    /** A job that can't be scheduled yet, and what to do about it. */
    record Missing(EveningBody.Entry entry, String name, String why) {}

    Instant at(int tick) {
        return origin.plusSeconds(tick * TICK_S);
    }

    int tick(Instant at) {
        return tick(origin, at);
    }

    static int tick(Instant origin, Instant at) {
        return (int) Math.floorDiv(Duration.between(origin, at).toSeconds(), TICK_S);
    }

    Map<Integer, Integer> places() {
        Map<Integer, Integer> places = new HashMap<>();
        for (int i = 0; i < jobs.size(); i++) {
            places.put(jobs.get(i).entry().id(), i);
        }
        return places;
    }
}
