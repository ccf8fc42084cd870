package app.gradior.evening;

import static app.gradior.evening.SomeJobs.best;
import static app.gradior.evening.SomeJobs.cooks;
import static app.gradior.evening.SomeJobs.evening;
import static app.gradior.evening.SomeJobs.exactly;
import static app.gradior.evening.SomeJobs.job;
import static app.gradior.evening.SomeJobs.people;
import static app.gradior.evening.SomeJobs.task;
import static app.gradior.evening.SomeJobs.works;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.quantity.Interval;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** An evening carried out with durations drawn from their ranges: what can't be at once is not, what is late is late. */
class ExecutionTest {
    private static final int RUNS = 400;

    private static double onTime(Evening evening) {
        return Execution.onTime(evening, best(evening), RUNS, 3);
    }

    @Test
    void whatIsCertainIsAlwaysOnTime() {
        assertThat(onTime(evening(
                        job("stew", Waiting.REDUCED, works(10, true), cooks(40, 40, 40)),
                        job("salad", Waiting.ANY_TIME, works(12, true)))))
                .isEqualTo(1);
    }

    @Test
    void theSameSeedIsTheSameEvenings() {
        Evening evening = evening(job("glaze", Waiting.REDUCED, cooks(20, 30, 50)));
        Schedule schedule = best(evening);
        assertThat(Execution.onTime(evening, schedule, RUNS, 5))
                .isEqualTo(Execution.onTime(evening, schedule, RUNS, 5));
    }

    /** A plan that leaves no time for what is uncertain is late in half of its evenings. */
    @Test
    void withoutSlackItIsLateAboutAsOftenAsNot() {
        Evening uncertain = evening(job("glaze", Waiting.REDUCED, cooks(22, 30, 46)));
        Evening hoped = evening(job("glaze", Waiting.REDUCED, cooks(30, 30, 30)));
        double hopeful = Execution.onTime(uncertain, best(hoped), RUNS, 7);
        assertThat(hopeful).isBetween(0.4, 0.8);
        assertThat(onTime(uncertain)).isGreaterThan(0.93);
    }

    @Test
    void whatMayNotWaitIsSpoiltByWhatIsLate() {
        Job late = job("glaze", Waiting.REDUCED, cooks(20, 30, 70));
        Job pasta = job("pasta", new Waiting(1, 10, false), cooks(11, 11, 11));
        Evening hoped = evening(job("glaze", Waiting.REDUCED, cooks(30, 30, 30)), pasta);
        Evening is = evening(late, job("pasta", new Waiting(1, 10, false), cooks(11, 11, 11)));
        assertThat(Execution.onTime(is, best(hoped), RUNS, 9)).isLessThan(0.9);
    }

    @Test
    void drawsLieAsTheirRangeSays() {
        Random random = new Random(4);
        Interval range = new Interval(20, 30, 50);
        List<Double> drawn = new ArrayList<>();
        for (int i = 0; i < 4000; i++) {
            drawn.add(Execution.draw(range, random));
        }
        assertThat(drawn.stream().filter(d -> d < 20).count() / 4000.0).isEqualTo(0.1, within(0.02));
        assertThat(drawn.stream().filter(d -> d > 50).count() / 4000.0).isEqualTo(0.1, within(0.02));
        assertThat(drawn.stream().filter(d -> d < 30).count() / 4000.0).isEqualTo(0.5, within(0.03));
        assertThat(Execution.draw(exactly(0), random)).isZero();
        assertThat(Execution.draw(exactly(7), random)).isEqualTo(7, within(1e-9));
    }

    /** One pair of hands: both jobs' handwork runs over, and the second waits for the first. */
    @Test
    void handsThatAreBusyMakeTheNextOneLate() {
        Task slow = task(new Interval(10, 20, 60), Station.NONE, new Hands.Active(false));
        Evening alone = evening(job("a", Waiting.ANY_TIME, slow), job("b", Waiting.ANY_TIME, slow));
        Evening together = Evening.of(0, alone.courses(), alone.jobs(), people(2), 4, 1);
        Schedule tight = best(
                evening(job("a", Waiting.ANY_TIME, works(20, false)), job("b", Waiting.ANY_TIME, works(20, false))));
        assertThat(Execution.onTime(together, tight, RUNS, 2)).isGreaterThan(Execution.onTime(alone, tight, RUNS, 2));
    }

    @Test
    void twoThatShareARingWaitForEachOther() {
        Job first = new Job(
                "a", "a", 0, List.of(cooks(20, 30, 60)), Waiting.COVERED.upTo(60), Optional.empty(), List.of(0), false);
        Job second =
                new Job("b", "b", 0, List.of(cooks(10, 10, 10)), Waiting.COVERED, Optional.empty(), List.of(0), false);
        Job elsewhere = second.in(Optional.empty(), List.of(1));
        Evening one = evening(first, second);
        Evening two = evening(first, elsewhere);
        assertThat(onTime(one)).isLessThanOrEqualTo(onTime(two) + 0.02);
        Schedule shared = best(one);
        assertThat(shared.rings()).containsExactly(0, 0);
    }

    @Test
    void anOvenThatIsSetOtherwiseIsWaitedFor() {
        Task hot = task(exactly(30), new Station.InOven(220), Hands.NONE);
        Task mild = task(exactly(30), new Station.InOven(150), Hands.NONE);
        Evening evening = evening(job("roast", Waiting.RESTED.upTo(60), hot), job("custard", Waiting.ANY_TIME, mild));
        Schedule best = best(evening);
        int roast = best.at(0, 0).start();
        int custard = best.at(1, 0).start();
        assertThat(Math.abs(roast - custard)).isGreaterThanOrEqualTo(30 * Evening.TICKS);
        assertThat(Execution.onTime(evening, best, RUNS, 1)).isEqualTo(1);
    }
}
