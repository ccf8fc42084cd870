package app.gradior.evening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The same evening with one thing other.
 *
 * @param what the thing, as the caller names it
 */
public record Alternative<T>(T what, Evening evening) {
    /**
     * What an alternative comes to.
     *
     * @param late minutes that a course is served after the hour that it has now
     * @param begins minutes by which one begins later than now; below 0 sooner
     * @param waits minutes' worth of waiting more than now; below 0 less
     */
    public record Effect<T>(T what, Schedule schedule, double late, double begins, double waits) {}

    /**
     * The best of some alternatives, the best first.
     *
     * @param now what they are measured against; empty if there is no schedule at all
     * @param millis for each of them
     * @param most how many are wanted
     */
    public static <T> List<Effect<T>> best(
            Evening evening, Optional<Schedule> now, List<Alternative<T>> alternatives, long millis, int most) {
        List<Effect<T>> effects = new ArrayList<>();
        for (Alternative<T> alternative : alternatives) {
            EveningSolver.solve(alternative.evening, millis, s -> {}).ifPresent(schedule -> {
                double begins = now.map(s -> schedule.begins(alternative.evening) - s.begins(evening))
                                .orElse(0)
                        / (double) Evening.TICKS;
                double waits = now.map(s -> schedule.cost().waiting() - s.cost().waiting())
                                .orElse(0)
                        / (double) (Cost.WAITING_STEPS * Evening.TICKS);
                int late = 0;
                for (int c = 0; c < schedule.served().size(); c++) {
                    late = Math.max(
                            late, schedule.served().get(c) - evening.courses().get(c));
                }
                effects.add(new Effect<>(alternative.what, schedule, late / (double) Evening.TICKS, begins, waits));
            });
        }
        return effects.stream()
                .sorted(Comparator.comparing((Effect<T> effect) -> effect.late)
                        .thenComparing(effect -> effect.waits - effect.begins))
                .limit(most)
                .toList();
    }
}
