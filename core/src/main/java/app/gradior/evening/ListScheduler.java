package app.gradior.evening;

import app.gradior.evening.Evening.Ref;
import app.gradior.evening.Evening.Window;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The plain way to a schedule: backwards from serving, what is hardest to place first, each as late as it can be. It is a
 * first answer, and the one that stands where no better is found in time.
 */
final class ListScheduler {
    /** What is done long before it is eaten: nobody begins so early. */
    static final int HORIZON = 12 * 60 * Evening.TICKS;

    private static final int LATER_BY = 5 * Evening.TICKS;

    private final Evening evening;

    ListScheduler(Evening evening) {
        this.evening = evening;
    }

    /** @return empty if even serving hours later leads nowhere */
    Optional<Schedule> schedule() {
        for (int late = 0; late <= EveningModel.MAX_LATE; late += LATER_BY) {
            for (Comparator<Integer> order : orders()) {
                Optional<Schedule> found = new Attempt(late, order).run();
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    private List<Comparator<Integer>> orders() {
        Comparator<Integer> begunFirst = Comparator.<Integer>comparingInt(j -> evening.toCome(j) == 0 ? 1 : 0)
                .thenComparing(j -> evening.jobs().get(j).first());
        Comparator<Integer> longest =
                Comparator.comparingInt(j -> -length(evening.jobs().get(j)));
        Comparator<Integer> tightest =
                Comparator.comparingDouble(j -> evening.jobs().get(j).waiting().limit());
        return List.of(
                begunFirst.thenComparing(tightest).thenComparing(longest).thenComparing(Comparator.naturalOrder()),
                begunFirst.thenComparing(longest).thenComparing(Comparator.naturalOrder()));
    }

    private static int length(Job job) {
        return job.tasks().stream().mapToInt(task -> task.ticks(0)).sum();
    }

    private final class Attempt {
        private final List<Integer> served = new ArrayList<>();
        private final Comparator<Integer> order;
        private final Bookings bookings;
        private final Schedule.Placed[][] placed;
        private final Integer[] rings;

        Attempt(int late, Comparator<Integer> order) {
            this.order = order;
            for (int at : evening.courses()) {
                served.add(at + late);
            }
            int last = served.stream().mapToInt(Integer::intValue).max().orElseThrow();
            int first = Math.min(
                    evening.earliest(),
                    evening.begun().values().stream()
                            .mapToInt(Integer::intValue)
                            .min()
                            .orElse(evening.earliest()));
            bookings = new Bookings(evening, Math.max(first, last - HORIZON), last + 1);
            placed = new Schedule.Placed[evening.jobs().size()][];
            rings = new Integer[evening.jobs().size()];
        }

        Optional<Schedule> run() {
            List<Integer> jobs = new ArrayList<>();
            for (int j = 0; j < evening.jobs().size(); j++) {
                jobs.add(j);
            }
            jobs.sort(order);
            for (int job : jobs) {
                if (!place(job)) {
                    return Optional.empty();
                }
            }
            List<Schedule.Placed> all = new ArrayList<>();
            for (Schedule.Placed[] of : placed) {
                all.addAll(List.of(of));
            }
            return Optional.of(Schedule.of(evening, all, List.of(rings), served, false));
        }

        private boolean place(int j) {
            Job job = evening.jobs().get(j);
            List<Integer> possible = job.usesRing() ? job.rings() : List.of(-1);
            int serve = served.get(job.course());
            for (int ring : possible) {
                int buffer = Slack.ticks(evening, j, Math.max(0, ring));
                int limit = (int) (job.waiting().limit() * Evening.TICKS);
                placed[j] = new Schedule.Placed[job.tasks().size()];
                boolean done = evening.toCome(j) == job.tasks().size();
                for (int end = serve - buffer; done || end >= serve - limit; end--) {
                    int mark = bookings.mark();
                    if (chain(j, job, ring, job.tasks().size() - 1, end, done ? Integer.MIN_VALUE / 2 : end - 1)
                            && (!job.first() || isFirst(j))
                            && takesThings(j, job, ring, serve)) {
                        rings[j] = ring;
                        return true;
                    }
                    bookings.giveBack(mark);
                    if (done) {
                        break;
                    }
                }
            }
            return false;
        }

        /** Places a task so that it ends by one tick and after another, as late as it can be, and those before it. */
        private boolean chain(int j, Job job, int ring, int t, int by, int after) {
            Task task = job.tasks().get(t);
            Ref ref = new Ref(j, t);
            Integer begun = evening.begun().get(ref);
            if (begun != null) {
                int end = begun + task.ticks(Math.max(0, ring));
                Window window = new Window(begun, Math.max(begun + 1, end));
                // It is under way, whatever else is: nothing is asked.
                bookings.book(task, ring, window, true);
                placed[j][t] = new Schedule.Placed(ref, window.from(), window.to(), false);
                return end <= by && (t == 0 || chain(j, job, ring, t - 1, begun, Integer.MIN_VALUE / 2));
            }
            boolean free = t > 0 && evening.begun().containsKey(new Ref(j, t - 1));
            for (boolean slow : task.maySlow() ? new boolean[] {false, true} : new boolean[] {false}) {
                int length = slow ? task.slowTicks(Math.max(0, ring)) : task.ticks(Math.max(0, ring));
                Integer pin = evening.pinned().get(ref);
                for (int end = by; end > after; end--) {
                    int start = end - length;
                    if (start < evening.earliest()) {
                        break;
                    }
                    Window window = new Window(start, end);
                    if (pin != null && pin != start || !bookings.takes(task, Math.max(0, ring), window, slow)) {
                        continue;
                    }
                    int mark = bookings.mark();
                    bookings.book(task, ring, window, slow);
                    placed[j][t] = new Schedule.Placed(ref, start, end, slow);
                    int minGap = (int) Math.ceil(task.minGap() * Evening.TICKS);
                    int maxGap = (int) Math.min(HORIZON, task.maxGap() * Evening.TICKS);
                    if (t == 0
                            || chain(
                                    j,
                                    job,
                                    ring,
                                    t - 1,
                                    start - minGap,
                                    free ? Integer.MIN_VALUE / 2 : start - maxGap - 1)) {
                        return true;
                    }
                    bookings.giveBack(mark);
                    // What is before it does not fit whole: the last task moves, not each in turn.
                    break;
                }
            }
            return false;
        }

        /** Asked of those that are placed last. */
        private boolean isFirst(int j) {
            for (int other = 0; other < placed.length; other++) {
                boolean earlier = placed[other] != null
                        && !evening.jobs().get(other).first()
                        && placed[other][0].start() < placed[j][0].start();
                if (earlier) {
                    return false;
                }
            }
            return true;
        }

        private boolean takesThings(int j, Job job, int ring, int serve) {
            if (!job.usesRing()) {
                return true;
            }
            int from = placed[j][job.firstOnRing()].start();
            int offRing = job.waiting().onRing() ? serve : placed[j][job.lastOnRing()].end();
            Window onRing = new Window(from, Math.max(from, offRing));
            Window inPot = new Window(from, Math.max(from, serve));
            if (!bookings.ringIsFree(ring, onRing)
                    || job.pot().filter(pot -> !bookings.potIsFree(pot, inPot)).isPresent()) {
                return false;
            }
            bookings.bookRing(ring, onRing);
            job.pot().ifPresent(pot -> bookings.bookPot(pot, inPot));
            return true;
        }
    }
}
