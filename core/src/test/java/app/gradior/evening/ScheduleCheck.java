package app.gradior.evening;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.evening.Evening.Ref;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Looks at a schedule half minute by half minute, knowing nothing of how it was made. */
final class ScheduleCheck {
    private final Evening evening;
    private final Schedule schedule;
    private final List<String> faults = new ArrayList<>();

    private ScheduleCheck(Evening evening, Schedule schedule) {
        this.evening = evening;
        this.schedule = schedule;
    }

    static void holds(Evening evening, Schedule schedule) {
        assertThat(faults(evening, schedule)).isEmpty();
    }

    static List<String> faults(Evening evening, Schedule schedule) {
        ScheduleCheck check = new ScheduleCheck(evening, schedule);
        check.everyTaskOnce();
        check.orderAndGaps();
        check.courses();
        int from =
                schedule.tasks().stream().mapToInt(Schedule.Placed::start).min().orElse(0);
        int to = schedule.served().stream().mapToInt(Integer::intValue).max().orElse(0);
        for (int tick = from; tick < to; tick++) {
            check.at(tick);
        }
        check.stirring();
        return check.faults;
    }

    private void fault(String what) {
        faults.add(what);
    }

    private void everyTaskOnce() {
        Set<Ref> seen = new HashSet<>();
        for (Schedule.Placed placed : schedule.tasks()) {
            if (!seen.add(placed.ref())) {
                fault("twice: " + placed.ref());
            }
            int ring = schedule.rings().get(placed.ref().job());
            double minutes =
                    evening.task(placed.ref()).minutes(Math.max(0, ring)).middle();
            double length = (placed.end() - placed.start()) / 2.0;
            double least = placed.slow() ? minutes / 0.7 : minutes;
            // Rounded to a minute; what is done slowly is that rounded time, longer, and rounded up to half a minute.
            double rounding = placed.slow() ? 0.5 / 0.7 + 0.51 : 0.76;
            if (Math.abs(length - least) > rounding && !evening.begun().containsKey(placed.ref())) {
                fault(placed.ref() + " lasts " + length + " instead of " + least);
            }
            if (placed.slow() && !(evening.task(placed.ref()).hands() instanceof Hands.Active a && a.interruptible())) {
                fault(placed.ref() + " can't be done slowly");
            }
            if (placed.start() < evening.earliest() && !evening.begun().containsKey(placed.ref())) {
                fault(placed.ref() + " begins too early");
            }
        }
        int wanted = evening.jobs().stream().mapToInt(job -> job.tasks().size()).sum();
        if (seen.size() != wanted) {
            fault(seen.size() + " tasks of " + wanted);
        }
        for (int j = 0; j < evening.jobs().size(); j++) {
            Job job = evening.jobs().get(j);
            if (job.usesRing() && !job.rings().contains(schedule.rings().get(j))) {
                fault(job.name() + " is on ring " + schedule.rings().get(j));
            }
        }
    }

    private void orderAndGaps() {
        for (int j = 0; j < evening.jobs().size(); j++) {
            Job job = evening.jobs().get(j);
            for (int t = 1; t < job.tasks().size(); t++) {
                double gap = (schedule.at(j, t).start() - schedule.at(j, t - 1).end()) / 2.0;
                if (gap < job.tasks().get(t).minGap() - 1e-9
                        || gap > job.tasks().get(t).maxGap() + 1e-9
                                && !evening.begun().containsKey(new Ref(j, t - 1))) {
                    fault(job.name() + " has a gap of " + gap + " min before task " + t);
                }
            }
        }
    }

    private void courses() {
        for (int c = 0; c < evening.courses().size(); c++) {
            if (schedule.served().get(c) < evening.courses().get(c)) {
                fault("course " + c + " is served early");
            }
        }
        for (int j = 0; j < evening.jobs().size(); j++) {
            Job job = evening.jobs().get(j);
            double waits = (schedule.served().get(job.course()) - schedule.done(j)) / 2.0;
            boolean over = evening.begun().containsKey(new Ref(j, job.tasks().size() - 1));
            if (waits < 0 || waits > job.waiting().limit() + 1e-9 && !over) {
                fault(job.name() + " waits " + waits + " min");
            }
        }
    }

    private boolean holds(Schedule.Placed placed, int tick) {
        return placed.start() <= tick && tick < placed.end();
    }

    private void at(int tick) {
        int people = 0;
        for (Evening.Person person : evening.people()) {
            boolean away = person.away().stream().anyMatch(w -> w.from() <= tick && tick < w.to());
            people += away ? 0 : 1;
        }
        int atWork = 0;
        int share = 0;
        List<Double> oven = new ArrayList<>();
        for (Schedule.Placed placed : schedule.tasks()) {
            if (!holds(placed, tick)) {
                continue;
            }
            Task task = evening.task(placed.ref());
            if (task.hands() instanceof Hands.Active active) {
                atWork++;
                boolean begun = evening.begun().containsKey(placed.ref());
                share += placed.slow() || begun || !active.interruptible() ? 70 : 100;
            } else if (task.hands() instanceof Hands.Attended attended) {
                share += attended.share();
            }
            if (task.station() instanceof Station.InOven in) {
                oven.add(in.celsius());
            }
        }
        if (atWork > people || share > 100 * people) {
            fault(atWork + " at work, " + share + " % of " + people + " people at " + tick);
        }
        if (oven.size() > evening.shelves()
                || !oven.isEmpty()
                        && oven.stream().mapToDouble(d -> d).max().orElse(0)
                                        - oven.stream()
                                                .mapToDouble(d -> d)
                                                .min()
                                                .orElse(0)
                                > 10) {
            fault("the oven has " + oven + " at " + tick);
        }
        Set<Integer> rings = new HashSet<>();
        Set<String> pots = new HashSet<>();
        for (int j = 0; j < evening.jobs().size(); j++) {
            Job job = evening.jobs().get(j);
            if (!job.usesRing()) {
                continue;
            }
            int from = schedule.at(j, job.firstOnRing()).start();
            int served = schedule.served().get(job.course());
            int off = job.waiting().onRing()
                    ? served
                    : schedule.at(j, job.lastOnRing()).end();
            if (from <= tick && tick < off && !rings.add(schedule.rings().get(j))) {
                fault("two pots on ring " + schedule.rings().get(j) + " at " + tick);
            }
            if (job.pot().isPresent()
                    && from <= tick
                    && tick < served + 6
                    && !pots.add(job.pot().get())) {
                fault("two sauces in " + job.pot().get() + " at " + tick);
            }
        }
    }

    /** While a pot wants stirring somebody can always be called in time. */
    private void stirring() {
        for (Schedule.Placed stirred : schedule.tasks()) {
            if (!(evening.task(stirred.ref()).hands() instanceof Hands.Attended attended)) {
                continue;
            }
            double mayBeLeft = 1.5 * attended.every() - attended.each();
            for (int tick = Math.max(stirred.start(), evening.earliest()); tick < stirred.end(); tick++) {
                int held = 0;
                for (Schedule.Placed other : schedule.tasks()) {
                    boolean whole =
                            evening.task(other.ref()).hands() instanceof Hands.Active active && !active.interruptible();
                    if (whole && holds(other, tick) && (other.end() - other.start()) / 2.0 > mayBeLeft) {
                        held++;
                    }
                }
                if (held > evening.people().size() - 1) {
                    fault(stirred.ref() + " is left alone at " + tick);
                    break;
                }
            }
        }
    }
}
