package app.gradior.cook;

import app.gradior.plan.Caution;
import app.gradior.plan.Snapshot;
import app.gradior.quantity.Interval;
import app.gradior.quantity.MassFlow;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What is to be expected of a cook from now on.
 *
 * @param now the moment it is made for
 * @param current the sauce as it is believed to be
 * @param grams its weight, with its range
 * @param grade its grade at the stove, with its range
 * @param loss how fast it loses weight
 * @param heatingUp how long until it simmers; zero once it does
 * @param minutesLeft until the target, heating up included; empty if it will not get there as it is going
 * @param atTarget the sauce when it gets there
 * @param ahead the way there, worked out when it is looked at: most who ask when it is done draw nothing
 */
public record Forecast(
        Instant now,
        Snapshot current,
        Interval grams,
        Interval grade,
        MassFlow loss,
        Duration heatingUp,
        Optional<Interval> minutesLeft,
        Optional<Snapshot> atTarget,
        Path ahead) {

    /**
     * The sauce at a moment ahead.
     *
     * @param minutes from now
     * @param grams its weight, with its range
     * @param grade how thick it is at the stove
     */
    public record PathPoint(double minutes, Interval grams, double grade) {}

    /** The weight on the way to a little past the target. */
    public static final class Path {
        private final Supplier<List<PathPoint>> walk;
        private volatile List<PathPoint> points;

        Path(Supplier<List<PathPoint>> walk) {
            this.walk = walk;
        }

        private List<PathPoint> points() {
            // Two at once work out the same.
            List<PathPoint> known = points;
            if (known == null) {
                known = List.copyOf(walk.get());
                points = known;
            }
            return known;
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Path path && path.points().equals(points());
        }

        @Override
        public int hashCode() {
            return points().hashCode();
        }

        @Override
        public String toString() {
            return points().toString();
        }
    }

    /** The weight in minutes from now, with its range, to a little past the target. */
    public List<PathPoint> path() {
        return ahead.points();
    }

    /** Whether the target is reached. */
    public boolean reached() {
        return minutesLeft.filter(left -> left.middle() == 0).isPresent();
    }

    /** How often it wants stirring: the oftener the thicker it is. */
    public int stirEveryMinutes() {
        return Caution.stirEveryMinutes(current);
    }
}
