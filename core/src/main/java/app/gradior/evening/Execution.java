package app.gradior.evening;

import app.gradior.evening.Evening.Ref;
import app.gradior.evening.Evening.Window;
import app.gradior.quantity.Interval;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * A schedule carried out once, with durations drawn from their ranges: a task starts at its planned time or when all it
 * needs is free, whichever is later; what was planned first goes first.
 */
public final class Execution {
    /** What counts as on time, in minutes. */
    private static final double ON_TIME = 5;

    /** What is not known yet: for a ring that a pot still stands on. */
    private static final double NEVER = 1e9;

    private final Evening evening;
    private final Schedule schedule;
    private final Map<Ref, Double> lengths = new HashMap<>();
    private final Map<Ref, Double> starts = new HashMap<>();
    private final Map<Ref, Double> ends = new HashMap<>();
    private final Map<Ref, Signal> signals = new HashMap<>();
    private final double[] free;

    private Execution(Evening evening, Schedule schedule, Random random) {
        this.evening = evening;
        this.schedule = schedule;
        this.free = new double[evening.people().size()];
        for (Schedule.Placed placed : schedule.tasks()) {
            int ring = Math.max(0, schedule.rings().get(placed.ref().job()));
            double minutes = draw(evening.task(placed.ref()).minutes(ring), random);
            lengths.put(placed.ref(), minutes * Evening.TICKS / (placed.slow() ? Hands.PACE_BESIDE_STIRRING : 1));
        }
        for (int j = 0; j < evening.jobs().size(); j++) {
            Signal.of(evening, schedule, j).ifPresent(signal -> signals.put(signal.task(), signal));
        }
    }

    /** Of a range whose logarithm is normal on either side of its middle. */
    static double draw(Interval range, Random random) {
        double z = random.nextGaussian();
        double bound = z < 0 ? range.low() : range.high();
        return bound <= 0 || range.middle() <= 0
                ? range.middle()
                : range.middle() * Math.pow(bound / range.middle(), Math.abs(z) / Interval.Z_80);
    }

    /** How many of some evenings are on the table within five minutes of the hour, each dish within its waiting time. */
    public static double onTime(Evening evening, Schedule schedule, int runs, long seed) {
        Random random = new Random(seed);
        int good = 0;
        for (int run = 0; run < runs; run++) {
            if (new Execution(evening, schedule, random).isOnTime()) {
                good++;
            }
        }
        return (double) good / runs;
    }

    private boolean isOnTime() {
        run();
        for (int c = 0; c < evening.courses().size(); c++) {
            double served = served(c);
            if (served - schedule.served().get(c) > ON_TIME * Evening.TICKS) {
                return false;
            }
            for (int j = 0; j < evening.jobs().size(); j++) {
                Job job = evening.jobs().get(j);
                double waits = served - done(j);
                if (job.course() == c && waits > (job.waiting().limit() + ON_TIME) * Evening.TICKS) {
                    return false;
                }
            }
        }
        return true;
    }

    private void run() {
        List<Schedule.Placed> toDo = new ArrayList<>(schedule.tasks());
        while (!toDo.isEmpty()) {
            Schedule.Placed next = toDo.get(0);
            double at = possible(next);
            for (Schedule.Placed other : toDo) {
                double possible = possible(other);
                if (possible < at) {
                    next = other;
                    at = possible;
                }
            }
            start(next, at);
            toDo.remove(next);
        }
    }

    private void start(Schedule.Placed placed, double at) {
        starts.put(placed.ref(), at);
        ends.put(placed.ref(), at + lengths.get(placed.ref()));
        if (evening.task(placed.ref()).hands().active()) {
            int who = 0;
            for (int i = 1; i < free.length; i++) {
                if (free[i] < free[who]) {
                    who = i;
                }
            }
            free[who] = ends.get(placed.ref());
        }
    }

    private double possible(Schedule.Placed placed) {
        Ref ref = placed.ref();
        Job job = evening.jobs().get(ref.job());
        Task task = evening.task(ref);
        double at = placed.start();
        if (ref.task() > 0) {
            Double before = ends.get(new Ref(ref.job(), ref.task() - 1));
            if (before == null) {
                return NEVER;
            }
            at = Math.max(at, before + task.minGap() * Evening.TICKS);
        }
        Signal signal = signals.get(ref);
        if (signal != null) {
            Double after = ends.get(signal.after());
            at = Math.max(at, after == null ? NEVER : after + signal.ticks());
        }
        if (ref.task() == job.firstOnRing()) {
            at = Math.max(at, stoveIsFree(ref.job(), placed));
        }
        if (task.station() instanceof Station.InOven oven) {
            at = Math.max(at, ovenIsFree(oven, ref, at));
        }
        return task.hands().active() ? Math.max(at, handsAreFree(at, lengths.get(ref))) : at;
    }

    private double handsAreFree(double from, double length) {
        double at = NEVER;
        for (int i = 0; i < free.length; i++) {
            double can = Math.max(from, free[i]);
            for (Window away : evening.people().get(i).away()) {
                if (can < away.to() && can + length > away.from()) {
                    can = away.to();
                }
            }
            at = Math.min(at, can);
        }
        return at;
    }

    /** When the pots that stood on its ring, or in its pot, before it are off. */
    private double stoveIsFree(int j, Schedule.Placed first) {
        double at = 0;
        Job job = evening.jobs().get(j);
        for (int other = 0; other < evening.jobs().size(); other++) {
            Job of = evening.jobs().get(other);
            if (other == j
                    || !of.usesRing()
                    || schedule.at(other, of.firstOnRing()).start() >= first.start()) {
                continue;
            }
            if (schedule.rings().get(other).equals(schedule.rings().get(j))) {
                at = Math.max(at, of.waiting().onRing() ? served(of.course()) : end(other, of.lastOnRing()));
            }
            if (job.pot().isPresent() && job.pot().equals(of.pot())) {
                at = Math.max(at, served(of.course()) + Evening.WASHING);
            }
        }
        return at;
    }

    private double ovenIsFree(Station.InOven wanted, Ref ref, double from) {
        double at = from;
        List<Double> shelves = new ArrayList<>();
        for (Map.Entry<Ref, Double> begun : starts.entrySet()) {
            if (evening.task(begun.getKey()).station() instanceof Station.InOven other
                    && !begun.getKey().equals(ref)
                    && ends.get(begun.getKey()) > at) {
                shelves.add(ends.get(begun.getKey()));
                if (!wanted.shares(other)) {
                    at = ends.get(begun.getKey());
                }
            }
        }
        shelves.sort(null);
        int tooMany = shelves.size() - evening.shelves();
        return tooMany >= 0 ? Math.max(at, shelves.get(tooMany)) : at;
    }

    private double end(int job, int task) {
        return ends.getOrDefault(new Ref(job, task), NEVER);
    }

    private double done(int j) {
        return end(j, evening.jobs().get(j).tasks().size() - 1);
    }

    private double served(int course) {
        double at = schedule.served().get(course);
        for (int j = 0; j < evening.jobs().size(); j++) {
            if (evening.jobs().get(j).course() == course) {
                at = Math.max(at, done(j));
            }
        }
        return at;
    }
}
