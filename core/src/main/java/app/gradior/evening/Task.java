package app.gradior.evening;

import app.gradior.quantity.Interval;
import java.util.List;

/**
 * A part of a job that is done in one go.
 *
 * @param words the cook's own words for it; empty where its kind says it
 * @param minutes how long it takes: one range, or one for each ring of the evening
 * @param minGap minutes from the end of the task before it, at least
 * @param maxGap and at most
 */
public record Task(
        TaskKind kind,
        String words,
        List<Interval> minutes,
        Station station,
        Hands hands,
        double minGap,
        double maxGap) {
    /** No task takes longer than a day's cooking. */
    private static final double MAX_MINUTES = 24 * 60;

    /** What takes less than this is scheduled to the half minute. */
    private static final double SHORT_MINUTES = 3;

    /** @throws IllegalArgumentException if it takes no time or more than a day, or its gaps are reversed */
    public Task {
        if (minutes.isEmpty() || minutes.stream().anyMatch(m -> !(m.low() >= 0 && m.high() <= MAX_MINUTES))) {
            throw new IllegalArgumentException("a task takes 0 to " + MAX_MINUTES + " min but was " + minutes);
        }
        if (!(minGap >= 0 && maxGap >= minGap)) {
            throw new IllegalArgumentException("a gap of " + minGap + " to " + maxGap + " min");
        }
        minutes = List.copyOf(minutes);
    }

    /** How long it takes on a ring. */
    public Interval minutes(int ring) {
        return minutes.get(minutes.size() == 1 ? 0 : ring);
    }

    /** Its place in the schedule: half minutes if it is short, else whole ones; at least one. */
    int ticks(int ring) {
        double middle = minutes(ring).middle();
        return middle < SHORT_MINUTES
                ? Math.max(1, (int) Math.round(middle * Evening.TICKS))
                : Evening.TICKS * (int) Math.round(middle);
    }

    /** How long it takes of somebody who stirs beside it. */
    int slowTicks(int ring) {
        return (int) Math.ceil(ticks(ring) / Hands.PACE_BESIDE_STIRRING - 1e-9);
    }

    /** Whether it may be done slowly, beside a stirring. */
    boolean maySlow() {
        return hands instanceof Hands.Active active && active.interruptible();
    }

    /** Whether it holds a person so long that a pot can't be left for it. */
    boolean keepsFrom(Hands.Attended stirring, int ring) {
        return hands instanceof Hands.Active active
                && !active.interruptible()
                && (double) ticks(ring) / Evening.TICKS > stirring.mayBeLeft();
    }

    public Task lasting(Interval now) {
        return new Task(kind, words, List.of(now), station, hands, minGap, maxGap);
    }
}
