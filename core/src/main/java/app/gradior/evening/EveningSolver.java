package app.gradior.evening;

import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.chocosolver.solver.Solver;
import org.chocosolver.solver.search.limits.FailCounter;
import org.chocosolver.solver.search.limits.TimeCounter;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.search.strategy.selectors.values.IntDomainMax;
import org.chocosolver.solver.search.strategy.selectors.values.IntDomainMin;
import org.chocosolver.solver.search.strategy.selectors.values.IntValueSelector;
import org.chocosolver.solver.search.strategy.selectors.variables.DomOverWDegRef;
import org.chocosolver.solver.variables.IntVar;

/**
 * Finds the best schedule of an evening, or the best that time allows: on time first, then with the least waiting of what
 * suffers and the least time in the kitchen, then with the fewest breaks. Each is a search of its own in which those
 * before it hold.
 */
public final class EveningSolver {
    /** Failures before the first restart, and how many restarts there are, by Luby's series. */
    private static final int RESTART_AFTER = 500;

    private static final int MAX_RESTARTS = 5000;

    private final Evening evening;
    private final Consumer<Schedule> better;
    private final long until;
    private final BooleanSupplier over;

    private EveningSolver(Evening evening, long millis, Consumer<Schedule> better, BooleanSupplier over) {
        this.over = over;
        this.evening = evening;
        this.better = better;
        this.until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(millis);
    }

    /** The plain schedule: at once, and not the best. */
    public static Optional<Schedule> atOnce(Evening evening) {
        return new ListScheduler(evening).schedule();
    }

    /**
     * @param millis how long it may take, on one core
     * @param better told of each better one on the way, the first at once
     * @return empty if there is none within three hours after the hour
     */
    public static Optional<Schedule> solve(Evening evening, long millis, Consumer<Schedule> better) {
        return solve(evening, millis, better, () -> false);
    }

    /**
     * The same for one who may lose interest.
     *
     * @param over asked now and then: whether it may stop where it is
     */
    public static Optional<Schedule> solve(
            Evening evening, long millis, Consumer<Schedule> better, BooleanSupplier over) {
        return new EveningSolver(evening, millis, better, over).solve();
    }

    /** Some schedule that is on time; empty if there is none, or none was found in the time given. */
    static Optional<Schedule> onTime(Evening evening, long millis) {
        Optional<Schedule> first = atOnce(evening);
        return new EveningSolver(evening, 2 * millis, s -> {}, () -> false)
                .onTime(first)
                .best
                .filter(s -> s.cost().late() == 0);
    }

    private Optional<Schedule> solve() {
        if (evening.jobs().stream()
                .anyMatch(job -> job.usesRing() && job.rings().isEmpty())) {
            return Optional.empty();
        }
        Optional<Schedule> first = atOnce(evening);
        first.ifPresent(better);
        if (evening.jobs().isEmpty()) {
            return first.map(Schedule::asProved);
        }
        Found found = onTime(first);
        if (found.best.isEmpty()) {
            return Optional.empty();
        }
        found = leastWaiting(found);
        found = leastTime(found);
        return fewestBreaks(found).best;
    }

    /** The best so far, and whether it is proved to be as good as it can by what was searched for. */
    private record Found(Optional<Schedule> best, boolean proved) {}

    private long left() {
        return Math.max(1, TimeUnit.NANOSECONDS.toMillis(until - System.nanoTime()));
    }

    /** Whether on time is possible at all is asked first; if it is not, by halves how late it has to be. */
    private Found onTime(Optional<Schedule> first) {
        Optional<Schedule> best = first;
        long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(left() / 2);
        int possible = first.map(s -> s.cost().late())
                .orElse(EveningModel.MAX_LATE * evening.courses().size() + 1);
        int impossible = -1;
        while (impossible + 1 < possible) {
            int asked = impossible < 0 ? 0 : best.isEmpty() ? possible - 1 : (impossible + possible) / 2;
            EveningModel model = new EveningModel(evening);
            model.late.le(asked).post();
            long millis = Math.max(1, TimeUnit.NANOSECONDS.toMillis(until - System.nanoTime()));
            Solver solver = prepared(model, millis);
            if (solver.solve()) {
                best = Optional.of(model.read(false));
                better.accept(best.get());
                possible = best.get().cost().late();
            } else if (solver.isStopCriterionMet()) {
                return new Found(best, false);
            } else {
                impossible = asked;
            }
        }
        return new Found(best, true);
    }

    private Found leastWaiting(Found before) {
        Cost known = before.best.orElseThrow().cost();
        EveningModel model = new EveningModel(evening);
        model.late.eq(known.late()).post();
        model.waiting.lt(known.waiting()).post();
        Found found = search(model, model.waiting, before.best, left());
        return new Found(found.best, found.proved && before.proved);
    }

    private Found leastTime(Found before) {
        Cost known = before.best.orElseThrow().cost();
        EveningModel model = new EveningModel(evening);
        model.late.eq(known.late()).post();
        model.waiting.le(known.waiting()).post();
        model.span.lt(known.span()).post();
        Found found = search(model, model.span, before.best, left());
        return new Found(found.best, found.proved && before.proved);
    }

    private Found fewestBreaks(Found before) {
        Schedule best = before.best.orElseThrow();
        Cost known = best.cost();
        if (known.breaks() == 0 || !before.proved) {
            return new Found(Optional.of(before.proved ? best.asProved() : best), before.proved);
        }
        EveningModel model = new EveningModel(evening);
        model.late.eq(known.late()).post();
        model.waiting.eq(known.waiting()).post();
        model.span.eq(known.span()).post();
        model.breaks.lt(known.breaks()).post();
        Found found = search(model, model.breaks, before.best, left());
        return new Found(found.proved ? found.best.map(Schedule::asProved) : found.best, found.proved);
    }

    private Solver prepared(EveningModel model, long millis) {
        Solver solver = model.model.getSolver();
        IntVar[] choices = model.choices();
        IntVar[] all = concat(choices, model.decisions());
        solver.setSearch(
                Search.lastConflict(Search.intVarSearch(new DomOverWDegRef<>(all, 0L), new LateStarts(choices), all)));
        solver.setLubyRestart(RESTART_AFTER, new FailCounter(model.model, 0), MAX_RESTARTS);
        solver.addStopCriterion(new TimeCounter(model.model, TimeUnit.MILLISECONDS.toNanos(millis)));
        solver.addStopCriterion(over::getAsBoolean);
        return solver;
    }

    private Found search(EveningModel model, IntVar objective, Optional<Schedule> before, long millis) {
        model.model.setObjective(false, objective);
        Solver solver = prepared(model, millis);
        Optional<Schedule> best = before;
        while (solver.solve()) {
            best = Optional.of(model.read(false));
            better.accept(best.get());
        }
        return new Found(best, !solver.isStopCriterionMet());
    }

    private static IntVar[] concat(IntVar[] a, IntVar[] b) {
        IntVar[] all = Arrays.copyOf(a, a.length + b.length);
        System.arraycopy(b, 0, all, a.length, b.length);
        return all;
    }

    /** Starts as late as they can be; of choices the first. */
    private static final class LateStarts implements IntValueSelector {
        private final IntDomainMax late = new IntDomainMax();
        private final IntDomainMin first = new IntDomainMin();
        private final Set<IntVar> choices;

        LateStarts(IntVar[] choices) {
            this.choices = Set.of(choices);
        }

        @Override
        public int selectValue(IntVar variable) {
            return choices.contains(variable) || variable.getName().startsWith("served")
                    ? first.selectValue(variable)
                    : late.selectValue(variable);
        }
    }
}
