package app.gradior.cook;

import app.gradior.plan.Goal;
import app.gradior.plan.Snapshot;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a cook is told at a moment, decided once for everything that shows it: how it stands, what is wrong, what comes next and
 * when.
 *
 * @param planned what was expected as the pot went on
 * @param slurryToPour whether some of the slurry it was planned with has still to go in
 * @param atTheTable its grade when eaten, as it will be at the end: with the slurry still to come, or where reducing stops
 * @param rescue what helps where something is wrong
 * @param troubles what the numbers call for, what the tongue said last, and that it is much later than planned
 * @param takeOffAt a little before its target is reached, since it goes on steaming; empty if it is not on the way there
 * @param carryOver what it loses after that
 * @param ifWeighed the range that the minutes left would have after a weighing; empty if that would not tell enough
 * @param stirDue when it wants stirring next
 * @param forgotten whether nobody has said anything of it for long after it should have been done
 * @param minutesAfterWanted from when it is wanted on the table to when it is ready, below 0 where it is ready before; empty
 *     if either is not known
 * @param twoHands the last two entries, where two hands did the same thing otherwise at once
 */
public record Guidance(
        Instant now,
        Forecast forecast,
        Forecast planned,
        Goal goal,
        boolean slurryToPour,
        Grade atTheTable,
        Rescue rescue,
        Set<Rescue.Trouble> troubles,
        Optional<Instant> takeOffAt,
        Mass carryOver,
        Optional<Interval> ifWeighed,
        int stirEveryMinutes,
        Instant stirDue,
        boolean forgotten,
        Optional<Double> minutesAfterWanted,
        Optional<TwoHands> twoHands) {
    /** Beyond its expected end by so much and unheard of for as long, a cook is asked about. */
    private static final Duration FORGOTTEN = Duration.ofHours(3);

    /** Where nothing was expected of it, a cook is thought to take so long. */
    private static final double USUAL_MINUTES = 60;

    /** A weighing is worth asking for if it narrows the time left to this part, and no reading is younger than this. */
    private static final double WORTH_ASKING = 0.75;

    private static final Duration LATELY = Duration.ofMinutes(4);

    /** A range of so few minutes needs no narrowing. */
    private static final double NARROW_MINUTES = 3;

    /** Being ready later than wanted by less is nothing to act on. */
    private static final double JUST_LATE_MINUTES = 2;

    /** Later than planned by less than this and less than this part is nothing to act on. */
    private static final double LATE_MINUTES = 10;

    private static final double LATE_SHARE = 0.35;

    /** With less left than this there is no time to save. */
    private static final double NEARLY_DONE_MINUTES = 5;

    /** Of a slurry so much may stay in the bowl. */
    private static final double POURED_SHARE = 0.97;

    private static final Duration TWO_HANDS = Duration.ofSeconds(30);
    private static final Duration TOLD_FOR = Duration.ofMinutes(3);

    private static final Map<CookEvent.Flavour, Rescue.Trouble> TOO_MUCH = Map.of(
            CookEvent.Flavour.SALT, Rescue.Trouble.TOO_SALTY,
            CookEvent.Flavour.SHARP, Rescue.Trouble.TOO_SHARP,
            CookEvent.Flavour.SWEET, Rescue.Trouble.TOO_SWEET,
            CookEvent.Flavour.HOT, Rescue.Trouble.TOO_HOT);

    /** Two hands did the same thing differently within half a minute: both stand, the later one counts. */
    public record TwoHands(CookEvent early, CookEvent late) {}

    /**
     * What a cook is to become.
     *
     * @param starch powder that its plan pours; empty if it pours none
     * @param planned its grade when eaten, as planned with the starch; empty if that is not known
     */
    public record Aim(Goal goal, Optional<Mass> starch, Optional<Grade> planned) {
        /** What its own target says, or a glaze where that says no thickness. */
        public static Aim of(Target target) {
            Goal goal = target.gradeServed()
                    .map(at -> target instanceof Target.ForUse use
                            ? Goal.of(use.use(), use.served())
                            : Goal.of(at.grade(), at.served()))
                    .orElseGet(() -> Goal.of(Use.GLAZE, Celsius.SERVED_WARM));
            return new Aim(goal, Optional.empty(), Optional.empty());
        }
    }

    /**
     * The guidance of a cook.
     *
     * @param forecast of this cook, from the moment that it is about
     * @param planned the forecast as it went on
     */
    public static Guidance of(Cook cook, Aim aim, Forecast forecast, Forecast planned) {
        return new Maker(cook, aim, forecast, planned).guidance();
    }

    /** What was said last of a flavour, unless something went in since: −2 to 2. */
    public static int tasted(Cook cook, CookEvent.Flavour flavour) {
        int level = 0;
        for (CookEvent event : cook.events()) {
            if (event instanceof CookEvent.Tasted tasted && tasted.flavour() == flavour) {
                level = tasted.level();
            } else if (event.kind() == EventKind.ADDED) {
                level = 0;
            }
        }
        return level;
    }

    private static final class Maker {
        private final Cook cook;
        private final Aim aim;
        private final Instant now;
        private final Forecast forecast;
        private final Forecast planned;
        private final ThicknessFactor thickness;
        private final boolean slurryToPour;
        private final Rescue rescue;

        Maker(Cook cook, Aim aim, Forecast forecast, Forecast planned) {
            this.cook = cook;
            this.aim = aim;
            this.now = forecast.now();
            this.forecast = forecast;
            this.planned = planned;
            this.thickness = ThicknessFactor.of(cook.thickness().middle());
            this.slurryToPour = aim.starch()
                    .filter(starch -> cook.starchPoured().grams() < POURED_SHARE * starch.grams())
                    .isPresent();
            this.rescue = new Rescue(forecast.current().mixture(), aim.goal(), thickness);
        }

        Guidance guidance() {
            Snapshot end = forecast.atTarget().orElse(forecast.current());
            Celsius served = aim.goal().served();
            Grade atTheTable = aim.planned()
                    .filter(grade -> slurryToPour)
                    .orElseGet(() -> Thickness.grade(end.mixture(), served, thickness));
            Mass carryOver = CarryOver.of(end.mixture(), end.stove(), served);
            int stirEvery = forecast.stirEveryMinutes();
            return new Guidance(
                    now,
                    forecast,
                    planned,
                    aim.goal(),
                    slurryToPour,
                    atTheTable,
                    rescue,
                    troubles(),
                    takeOffAt(carryOver),
                    carryOver,
                    ifWeighed(),
                    stirEvery,
                    cook.stirredAt().plus(Duration.ofMinutes(stirEvery)),
                    forgotten(),
                    minutesAfterWanted(),
                    twoHands());
        }

        private Set<Rescue.Trouble> troubles() {
            Optional<Activity> activity = cook.onHeat() && forecast.heatingUp().isZero()
                    ? Optional.of(cook.conditions().activity())
                    : Optional.empty();
            Set<Rescue.Trouble> troubles = new LinkedHashSet<>(rescue.called(forecast.current(), activity));
            for (CookEvent.Flavour flavour : CookEvent.Flavour.values()) {
                int level = tasted(cook, flavour);
                if (level > 0) {
                    troubles.add(TOO_MUCH.get(flavour));
                } else if (level < 0 && (flavour == CookEvent.Flavour.SALT || flavour == CookEvent.Flavour.SHARP)) {
                    troubles.add(Rescue.Trouble.FLAT);
                }
            }
            if (minutesAfterWanted().isPresent() ? tooLate() : late() && !slurryToPour) {
                troubles.add(Rescue.Trouble.TOO_THIN);
            }
            return Collections.unmodifiableSet(troubles);
        }

        /** Whether it will be ready much later than was planned as it went on: then a slurry would save the time. */
        private boolean late() {
            if (planned.minutesLeft().isEmpty() || forecast.minutesLeft().isEmpty()) {
                return false;
            }
            double took = planned.minutesLeft().get().middle();
            double left = forecast.minutesLeft().get().middle();
            double later = minutes(cook.started().at(), now) + left - took;
            return left > NEARLY_DONE_MINUTES && later > Math.max(LATE_MINUTES, LATE_SHARE * took);
        }

        /** Whether it will be ready too late for when it is wanted, and time could still be saved. */
        private boolean tooLate() {
            return minutesAfterWanted()
                            .filter(after -> after > JUST_LATE_MINUTES)
                            .isPresent()
                    && forecast.minutesLeft()
                            .filter(left -> left.middle() > JUST_LATE_MINUTES)
                            .isPresent();
        }

        private Optional<Double> minutesAfterWanted() {
            return cook.wanted()
                    .flatMap(table -> forecast.minutesLeft().map(left -> left.middle() - minutes(now, table)));
        }

        private Optional<Instant> takeOffAt(Mass carryOver) {
            if (forecast.minutesLeft().isEmpty() || forecast.loss().gramsPerMinute() <= 0) {
                return Optional.empty();
            }
            double carry = carryOver.grams() / forecast.loss().gramsPerMinute();
            double left = Math.max(0, forecast.minutesLeft().get().middle() - carry);
            return Optional.of(now.plusMillis(Math.round(left * 60_000)));
        }

        private Optional<Interval> ifWeighed() {
            Optional<Interval> left = forecast.minutesLeft();
            boolean lately = cook.events().stream()
                    .anyMatch(e -> e instanceof CookEvent.Reading
                            && Duration.between(e.at(), now).compareTo(LATELY) < 0);
            boolean wide =
                    left.filter(minutes -> minutes.width() >= NARROW_MINUTES).isPresent();
            if (lately || !wide || !forecast.heatingUp().isZero()) {
                return Optional.empty();
            }
            return cook.ifWeighed(now)
                    .filter(then -> then.width() < WORTH_ASKING * left.get().width());
        }

        private boolean forgotten() {
            double longest = planned.minutesLeft().map(Interval::high).orElse(USUAL_MINUTES);
            Instant expected = cook.started().at().plusMillis(Math.round(longest * 60_000));
            Instant since = expected.isAfter(cook.lastHeard()) ? expected : cook.lastHeard();
            return Duration.between(since, now).compareTo(FORGOTTEN) > 0;
        }

        private Optional<TwoHands> twoHands() {
            List<CookEvent> events = cook.events();
            for (int i = events.size() - 1; i > 0; i--) {
                CookEvent late = events.get(i);
                CookEvent early = events.get(i - 1);
                if (Duration.between(late.at(), now).compareTo(TOLD_FOR) >= 0) {
                    break;
                }
                boolean close = Duration.between(early.at(), late.at()).compareTo(TWO_HANDS) < 0;
                if (close && contradict(early, late)) {
                    return Optional.of(new TwoHands(early, late));
                }
            }
            return Optional.empty();
        }

        private static boolean contradict(CookEvent early, CookEvent late) {
            if (early instanceof CookEvent.LidChanged one && late instanceof CookEvent.LidChanged other) {
                return !one.lid().equals(other.lid());
            }
            return early instanceof CookEvent.HeatChanged one
                    && late instanceof CookEvent.HeatChanged other
                    && one.activity() != other.activity();
        }

        private static double minutes(Instant from, Instant to) {
            return Duration.between(from, to).toMillis() / 60_000.0;
        }
    }
}
