package app.gradior.evening;

import app.gradior.evening.Evening.Ref;
import app.gradior.evening.Evening.Window;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Settings;
import org.chocosolver.solver.constraints.nary.cumulative.Cumulative;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/**
 * An evening as a constraint model: starts, rings and paces as variables, rings by rectangles that do not overlap, hands
 * as a cumulative resource in hundredths of a person.
 */
final class EveningModel {
    /** A course is served so much later at most. */
    static final int MAX_LATE = 180 * Evening.TICKS;

    /** Found by trial over the corpus: with these every evening of it is proved. */
    private static final Cumulative.Filter[] FILTERS = {Cumulative.Filter.HEIGHTS, Cumulative.Filter.TIME};

    private static final Cumulative.Filter[] ONE_PERSON = {
        Cumulative.Filter.HEIGHTS, Cumulative.Filter.TIME, Cumulative.Filter.DISJUNCTIVE_TASK_INTERVAL
    };

    private final Evening evening;
    private final int first;
    private final int last;
    final Model model;
    final IntVar[][] starts;
    final IntVar[][] ends;
    final BoolVar[][] slow;
    final IntVar[] rings;
    final IntVar[] served;
    final IntVar late;
    final IntVar waiting;
    final IntVar span;
    final IntVar breaks;

    EveningModel(Evening evening) {
        this.evening = evening;
        this.model = new Model(Settings.init().setWarnUser(false));
        int jobs = evening.jobs().size();
        int serving =
                evening.courses().stream().mapToInt(Integer::intValue).max().orElseThrow();
        this.last = serving + MAX_LATE;
        this.first = Math.max(evening.earliest(), serving - ListScheduler.HORIZON);
        starts = new IntVar[jobs][];
        ends = new IntVar[jobs][];
        slow = new BoolVar[jobs][];
        rings = new IntVar[jobs];
        served = new IntVar[evening.courses().size()];
        for (int c = 0; c < served.length; c++) {
            int at = evening.courses().get(c);
            served[c] = model.intVar("served" + c, at, at + MAX_LATE, true);
        }
        for (int j = 0; j < jobs; j++) {
            job(j);
        }
        firsts();
        stove();
        pots();
        oven();
        hands();
        late = lateness();
        waiting = waiting();
        span = span();
        breaks = breaks();
    }

    /** From a start to an end: what the solver calls a task. */
    private static final class Span extends org.chocosolver.solver.variables.Task {
        Span(IntVar start, IntVar length, IntVar end) {
            super(start, length, end);
        }
    }

    private static int ticks(double minutes) {
        return (int) Math.min(ListScheduler.HORIZON, Math.ceil(minutes * Evening.TICKS - 1e-9));
    }

    private static int ticksWithin(double minutes) {
        return (int) Math.min(ListScheduler.HORIZON, Math.floor(minutes * Evening.TICKS + 1e-9));
    }

    private void job(int j) {
        Job job = evening.jobs().get(j);
        int n = job.tasks().size();
        starts[j] = new IntVar[n];
        ends[j] = new IntVar[n];
        slow[j] = new BoolVar[n];
        rings[j] = job.usesRing()
                ? model.intVar(
                        "ring" + j,
                        job.rings().stream().mapToInt(Integer::intValue).toArray())
                : model.intVar(-1);
        for (int t = 0; t < n; t++) {
            task(j, t);
        }
        IntVar serve = served[job.course()];
        int toCome = evening.toCome(j);
        if (toCome == n) {
            serve.ge(ends[j][n - 1]).post();
            return;
        }
        int limit = ticksWithin(job.waiting().limit());
        IntVar buffer = byRing(j, ring -> Slack.ticks(evening, j, ring));
        ends[j][n - 1].add(buffer).le(serve).post();
        ends[j][n - 1].add(limit).ge(serve).post();
    }

    private void task(int j, int t) {
        Task task = evening.jobs().get(j).tasks().get(t);
        Ref ref = new Ref(j, t);
        Integer begun = evening.begun().get(ref);
        Integer pinned = evening.pinned().get(ref);
        slow[j][t] = task.maySlow() && begun == null ? model.boolVar("slow" + j + "." + t) : model.boolVar(false);
        if (begun != null) {
            starts[j][t] = model.intVar(begun);
            IntVar length = byRing(j, task::ticks);
            ends[j][t] = model.intVar(begun + length.getLB(), begun + length.getUB(), true);
            starts[j][t].add(length).eq(ends[j][t]).post();
            return;
        }
        starts[j][t] = pinned == null
                ? model.intVar("s" + j + "." + t, first, last, true)
                : model.intVar(Math.max(first, pinned));
        ends[j][t] = model.intVar("e" + j + "." + t, first, last, true);
        IntVar length = byRing(j, task::ticks);
        if (task.maySlow()) {
            IntVar slowly = byRing(j, task::slowTicks);
            IntVar taken = model.intVar(length.getLB(), slowly.getUB(), true);
            model.element(taken, new IntVar[] {length, slowly}, slow[j][t], 0).post();
            length = taken;
        }
        model.arithm(starts[j][t], "+", length, "=", ends[j][t]).post();
        if (t > 0) {
            boolean after = evening.begun().containsKey(new Ref(j, t - 1));
            starts[j][t].ge(ends[j][t - 1].add(ticks(task.minGap()))).post();
            if (!after) {
                starts[j][t].le(ends[j][t - 1].add(ticksWithin(task.maxGap()))).post();
            }
        }
    }

    private interface ByRing {
        int of(int ring);
    }

    /** A figure that may hang on the ring. */
    private IntVar byRing(int j, ByRing figure) {
        if (!evening.jobs().get(j).usesRing()) {
            return model.intVar(figure.of(0));
        }
        int[] table = new int[evening.rings()];
        int low = Integer.MAX_VALUE;
        int high = 0;
        for (int ring : evening.jobs().get(j).rings()) {
            table[ring] = figure.of(ring);
            low = Math.min(low, table[ring]);
            high = Math.max(high, table[ring]);
        }
        if (low == high) {
            return model.intVar(low);
        }
        IntVar found = model.intVar(low, high, true);
        model.element(found, table, rings[j]).post();
        return found;
    }

    /** From when to when a job holds its ring, or its pot. */
    private Span holds(int j, boolean pot) {
        Job job = evening.jobs().get(j);
        IntVar from = starts[j][job.firstOnRing()];
        IntVar to = pot || job.waiting().onRing() ? served[job.course()] : ends[j][job.lastOnRing()];
        IntVar length = model.intVar(0, Math.max(0, to.getUB() - from.getLB()), true);
        return new Span(from, length, to);
    }

    private void firsts() {
        for (int j = 0; j < starts.length; j++) {
            for (int other = 0; evening.jobs().get(j).first() && other < starts.length; other++) {
                if (!evening.jobs().get(other).first() && evening.toCome(other) == 0 && evening.toCome(j) == 0) {
                    starts[j][0].le(starts[other][0]).post();
                }
            }
        }
    }

    private void stove() {
        List<Span> on = new ArrayList<>();
        List<IntVar> which = new ArrayList<>();
        for (int j = 0; j < rings.length; j++) {
            if (evening.jobs().get(j).usesRing()) {
                on.add(holds(j, false));
                which.add(rings[j]);
            }
        }
        if (on.size() < 2) {
            return;
        }
        IntVar[] ones = fill(on.size(), 1);
        model.diffN(
                        on.stream().map(t -> t.getStart()).toArray(IntVar[]::new),
                        which.toArray(IntVar[]::new),
                        on.stream().map(t -> t.getDuration()).toArray(IntVar[]::new),
                        ones,
                        true)
                .post();
        model.cumulative(on.toArray(Span[]::new), ones, model.intVar(evening.rings()))
                .post();
    }

    private IntVar[] fill(int n, int value) {
        IntVar[] all = new IntVar[n];
        for (int i = 0; i < n; i++) {
            all[i] = model.intVar(value);
        }
        return all;
    }

    private void pots() {
        for (int a = 0; a < rings.length; a++) {
            for (int b = a + 1; b < rings.length; b++) {
                Optional<String> pot = evening.jobs().get(a).pot();
                if (pot.isPresent()
                        && pot.equals(evening.jobs().get(b).pot())
                        && evening.jobs().get(a).usesRing()
                        && evening.jobs().get(b).usesRing()) {
                    Span one = holds(a, true);
                    Span other = holds(b, true);
                    one.getEnd()
                            .add(Evening.WASHING)
                            .le(other.getStart())
                            .or(other.getEnd().add(Evening.WASHING).le(one.getStart()))
                            .post();
                }
            }
        }
    }

    private Span asTask(int j, int t) {
        IntVar length = model.intVar(0, Math.max(0, ends[j][t].getUB() - starts[j][t].getLB()), true);
        return new Span(starts[j][t], length, ends[j][t]);
    }

    private void oven() {
        List<Ref> baked = refs(task -> task.station() instanceof Station.InOven);
        baked.removeIf(this::isOver);
        if (baked.size() > evening.shelves()) {
            model.cumulative(
                            baked.stream()
                                    .map(ref -> asTask(ref.job(), ref.task()))
                                    .toArray(Span[]::new),
                            fill(baked.size(), 1),
                            model.intVar(evening.shelves()))
                    .post();
        }
        for (int a = 0; a < baked.size(); a++) {
            for (int b = a + 1; b < baked.size(); b++) {
                Station.InOven one = (Station.InOven) evening.task(baked.get(a)).station();
                Station.InOven other =
                        (Station.InOven) evening.task(baked.get(b)).station();
                if (!one.shares(other)) {
                    apart(baked.get(a), baked.get(b));
                }
            }
        }
    }

    private void apart(Ref a, Ref b) {
        if (a.job() == b.job()) {
            return;
        }
        if (evening.begun().containsKey(a) && evening.begun().containsKey(b)) {
            return;
        }
        ends[a.job()][a.task()]
                .le(starts[b.job()][b.task()])
                .or(ends[b.job()][b.task()].le(starts[a.job()][a.task()]))
                .post();
    }

    private List<Ref> refs(Predicate<Task> of) {
        List<Ref> refs = new ArrayList<>();
        for (int j = 0; j < starts.length; j++) {
            for (int t = 0; t < starts[j].length; t++) {
                if (of.test(evening.jobs().get(j).tasks().get(t))) {
                    refs.add(new Ref(j, t));
                }
            }
        }
        return refs;
    }

    /** What is over takes nothing any more. */
    private boolean isOver(Ref ref) {
        return evening.begun().containsKey(ref) && ends[ref.job()][ref.task()].getUB() <= evening.earliest();
    }

    private void hands() {
        int people = evening.people().size();
        List<Ref> active = refs(task -> task.hands().active());
        List<Ref> attended = refs(task -> task.hands() instanceof Hands.Attended);
        active.removeIf(this::isOver);
        attended.removeIf(this::isOver);
        leaveOutWhatIsTooMuch(active, attended);
        List<Span> work = new ArrayList<>();
        List<IntVar> shares = new ArrayList<>();
        for (Ref ref : active) {
            work.add(asTask(ref.job(), ref.task()));
            BoolVar slowly = slow[ref.job()][ref.task()];
            if (evening.task(ref).maySlow() && !slowly.isInstantiated()) {
                IntVar share = model.intVar(new int[] {Bookings.share(evening.task(ref), true), Hands.WHOLE});
                model.arithm(
                                share,
                                "+",
                                slowly.mul(Hands.WHOLE - Bookings.share(evening.task(ref), true))
                                        .intVar(),
                                "=",
                                Hands.WHOLE)
                        .post();
                shares.add(share);
            } else {
                // Who is at it already copes with what else there is.
                shares.add(model.intVar(
                        Bookings.share(evening.task(ref), evening.begun().containsKey(ref))));
            }
        }
        int workers = work.size();
        for (Ref ref : attended) {
            work.add(asTask(ref.job(), ref.task()));
            shares.add(model.intVar(((Hands.Attended) evening.task(ref).hands()).share()));
        }
        List<Span> whole = new ArrayList<>(work.subList(0, workers));
        for (Evening.Person person : evening.people()) {
            for (Window away : person.away()) {
                Span gone = new Span(
                        model.intVar(away.from()), model.intVar(away.to() - away.from()), model.intVar(away.to()));
                whole.add(gone);
                work.add(gone);
                shares.add(model.intVar(Hands.WHOLE));
            }
        }
        if (whole.size() > people) {
            model.cumulative(
                            whole.toArray(Span[]::new),
                            fill(whole.size(), 1),
                            model.intVar(people),
                            false,
                            people == 1 ? ONE_PERSON : FILTERS)
                    .post();
        }
        if (!work.isEmpty()) {
            model.cumulative(
                            work.toArray(Span[]::new),
                            shares.toArray(IntVar[]::new),
                            model.intVar(Hands.WHOLE * people),
                            false,
                            FILTERS)
                    .post();
        }
        for (Ref stirred : attended) {
            stirring(stirred, active, people);
        }
    }

    /** What is under way may be more than the hands there are: it happens all the same, and asks no more of the schedule. */
    private void leaveOutWhatIsTooMuch(List<Ref> active, List<Ref> attended) {
        int[] free = {evening.people().size()};
        active.removeIf(ref -> evening.begun().containsKey(ref) && --free[0] < 0);
        int[] share = {Hands.WHOLE * evening.people().size()};
        active.forEach(
                ref -> share[0] -= evening.begun().containsKey(ref) ? Bookings.share(evening.task(ref), true) : 0);
        attended.removeIf(ref -> {
            if (!evening.begun().containsKey(ref)) {
                return false;
            }
            share[0] -= ((Hands.Attended) evening.task(ref).hands()).share();
            return share[0] < 0;
        });
    }

    /** While a pot wants stirring, somebody is left who can be called away in time. */
    private void stirring(Ref stirred, List<Ref> active, int people) {
        Hands.Attended hands = (Hands.Attended) evening.task(stirred).hands();
        List<Ref> keeping = active.stream()
                .filter(ref -> ref.job() != stirred.job())
                .filter(ref -> {
                    Job job = evening.jobs().get(ref.job());
                    return (job.usesRing() ? job.rings() : List.of(0))
                            .stream().anyMatch(ring -> evening.task(ref).keepsFrom(hands, ring));
                })
                .toList();
        if (people == 1) {
            keeping.forEach(ref -> apart(stirred, ref));
        } else if (keeping.size() >= people) {
            List<Span> together = new ArrayList<>();
            together.add(asTask(stirred.job(), stirred.task()));
            keeping.forEach(ref -> together.add(asTask(ref.job(), ref.task())));
            model.cumulative(together.toArray(Span[]::new), fill(together.size(), 1), model.intVar(people))
                    .post();
        }
    }

    private IntVar lateness() {
        int all = evening.courses().stream().mapToInt(Integer::intValue).sum();
        IntVar sum = model.intVar("late", 0, MAX_LATE * served.length, true);
        model.sum(served, "=", sum.add(all).intVar()).post();
        return sum;
    }

    private IntVar waiting() {
        List<IntVar> terms = new ArrayList<>();
        List<Integer> weights = new ArrayList<>();
        long max = 0;
        for (int j = 0; j < starts.length; j++) {
            Job job = evening.jobs().get(j);
            int weight = Cost.weight(job.waiting());
            int toCome = evening.toCome(j);
            IntVar end = ends[j][job.tasks().size() - 1];
            IntVar serve = served[job.course()];
            if (weight == 0) {
                continue;
            }
            int which = j;
            IntVar buffer = byRing(j, ring -> Slack.ticks(evening, which, ring));
            IntVar wait = model.intVar(0, Math.max(0, serve.getUB() - end.getLB()), true);
            if (toCome == job.tasks().size()) {
                model.max(wait, new IntVar[] {serve.sub(end).sub(buffer).intVar(), model.intVar(0)})
                        .post();
            } else {
                wait.add(end).add(buffer).eq(serve).post();
            }
            terms.add(wait);
            weights.add(weight);
            max += (long) weight * wait.getUB();
        }
        if (evening.before().isPresent()) {
            for (Schedule.Placed seen : evening.before().get().tasks()) {
                Ref ref = seen.ref();
                if (ref.job() < starts.length
                        && ref.task() < starts[ref.job()].length
                        && !evening.begun().containsKey(ref)) {
                    IntVar moved =
                            starts[ref.job()][ref.task()].dist(seen.start()).intVar();
                    terms.add(moved);
                    weights.add(Cost.SHIFT);
                    max += moved.getUB();
                }
            }
        }
        IntVar sum = model.intVar("waiting", 0, (int) Math.min(max, IntVar.MAX_INT_BOUND / 2), true);
        if (terms.isEmpty()) {
            sum.eq(0).post();
        } else {
            model.scalar(
                            terms.toArray(IntVar[]::new),
                            weights.stream().mapToInt(Integer::intValue).toArray(),
                            "=",
                            sum)
                    .post();
        }
        return sum;
    }

    private IntVar span() {
        List<IntVar> firsts = new ArrayList<>();
        for (Ref ref : refs(task -> task.hands().active())) {
            firsts.add(starts[ref.job()][ref.task()]);
        }
        if (firsts.isEmpty()) {
            return model.intVar(0);
        }
        IntVar begins = model.intVar(
                firsts.stream().mapToInt(IntVar::getLB).min().orElseThrow(),
                firsts.stream().mapToInt(IntVar::getUB).min().orElseThrow(),
                true);
        model.min(begins, firsts.toArray(IntVar[]::new)).post();
        IntVar end = model.intVar(
                served[0].getLB(),
                Arrays.stream(served).mapToInt(IntVar::getUB).max().orElseThrow(),
                true);
        model.max(end, served).post();
        IntVar length = model.intVar("span", 0, end.getUB() - begins.getLB(), true);
        model.arithm(begins, "+", length, "=", end).post();
        return length;
    }

    private IntVar breaks() {
        List<BoolVar> left = new ArrayList<>();
        for (int j = 0; j < starts.length; j++) {
            int before = -1;
            for (int t = 0; t < starts[j].length; t++) {
                if (!evening.jobs().get(j).tasks().get(t).hands().active()) {
                    continue;
                }
                if (before >= 0) {
                    left.add(starts[j][t].gt(ends[j][before]).boolVar());
                }
                before = t;
            }
        }
        IntVar sum = model.intVar("breaks", 0, left.size(), true);
        if (left.isEmpty()) {
            return sum;
        }
        model.sum(left.toArray(BoolVar[]::new), "=", sum).post();
        return sum;
    }

    /** The variables of the last solution found, as a schedule. */
    Schedule read(boolean proved) {
        List<Schedule.Placed> tasks = new ArrayList<>();
        List<Integer> on = new ArrayList<>();
        List<Integer> at = new ArrayList<>();
        for (int j = 0; j < starts.length; j++) {
            on.add(rings[j].getValue());
            for (int t = 0; t < starts[j].length; t++) {
                tasks.add(new Schedule.Placed(
                        new Ref(j, t), starts[j][t].getValue(), ends[j][t].getValue(), slow[j][t].getValue() == 1));
            }
        }
        for (IntVar one : served) {
            at.add(one.getValue());
        }
        return Schedule.of(evening, tasks, on, at, proved);
    }

    /** What is decided, most important first. */
    IntVar[] decisions() {
        List<IntVar> all = new ArrayList<>(List.of(served));
        for (int j = starts.length - 1; j >= 0; j--) {
            for (int t = starts[j].length - 1; t >= 0; t--) {
                all.add(starts[j][t]);
            }
        }
        return all.stream().filter(v -> !v.isInstantiated()).toArray(IntVar[]::new);
    }

    IntVar[] choices() {
        List<IntVar> all = new ArrayList<>(List.of(rings));
        for (BoolVar[] of : slow) {
            all.addAll(List.of(of));
        }
        return all.stream().filter(v -> !v.isInstantiated()).toArray(IntVar[]::new);
    }
}
