package app.gradior.evening;

import static app.gradior.evening.SomeJobs.best;
import static app.gradior.evening.SomeJobs.cooks;
import static app.gradior.evening.SomeJobs.evening;
import static app.gradior.evening.SomeJobs.job;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Time is kept free where something is uncertain, as much as it is uncertain, and no more than the dish may stand. */
class SlackTest {
    private static int slack(Job job, Job... others) {
        Job[] all = new Job[others.length + 1];
        all[0] = job;
        System.arraycopy(others, 0, all, 1, others.length);
        return Slack.ticks(evening(all), 0, 0);
    }

    @Test
    void whatIsCertainNeedsNone() {
        assertThat(slack(job("rice", Waiting.REDUCED, cooks(20, 20, 20)))).isZero();
    }

    @Test
    void theWiderTheRangeTheMore() {
        int last = 0;
        for (double wide : new double[] {4, 8, 16, 24}) {
            int slack = slack(job("glaze", Waiting.REDUCED, cooks(30 - wide / 2, 30, 30 + wide)));
            assertThat(slack).isGreaterThan(last);
            last = slack;
        }
    }

    /** What is as likely to be short as long pulls the middle nowhere; what runs long does. */
    @Test
    void aRangeThatRunsLongNeedsMoreThanOneThatRunsShort() {
        assertThat(slack(job("long", Waiting.REDUCED, cooks(28, 30, 42))))
                .isGreaterThan(slack(job("short", Waiting.REDUCED, cooks(18, 30, 32))));
    }

    @Test
    void twoUncertainTasksAreLessUncertainThanTheirSum() {
        int one = slack(job("a", Waiting.REDUCED, cooks(10, 20, 30)));
        int two = slack(job("b", Waiting.REDUCED, cooks(10, 20, 30), cooks(10, 20, 30)));
        assertThat(two).isGreaterThan(one).isLessThan(2 * one);
    }

    /** All of them have to be ready: each gets more the more there are. */
    @Test
    void theMoreDishesTheMoreEachOne() {
        Job glaze = job("glaze", Waiting.REDUCED, cooks(20, 30, 40));
        Job other = job("other", Waiting.REDUCED, cooks(20, 30, 40));
        assertThat(slack(glaze, other, other, other)).isGreaterThan(slack(glaze));
        // Those that are certain take no part.
        Job certain = job("certain", Waiting.REDUCED, cooks(10, 10, 10));
        assertThat(slack(glaze, certain, certain)).isEqualTo(slack(glaze));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 2, 5, 10})
    void neverMoreThanMostOfWhatItMayStand(double limit) {
        int slack = slack(job("cream", new Waiting(limit, 5, true), cooks(10, 30, 60)));
        assertThat(slack).isLessThanOrEqualTo((int) (0.9 * limit * Evening.TICKS));
        assertThat(slack > 0).isEqualTo(limit > 0);
    }

    @Test
    void whatHasBegunIsNoRiskAnyMore() {
        Job glaze = job("glaze", Waiting.REDUCED, cooks(10, 30, 50), cooks(2, 3, 4));
        Evening before = evening(glaze);
        Evening under = before.begun(Map.of(new Evening.Ref(0, 0), 100), Optional.of(best(before)));
        assertThat(Slack.ticks(under, 0, 0)).isLessThan(Slack.ticks(before, 0, 0));
        assertThat(Slack.spread(glaze, 1, 0)).isLessThan(Slack.spread(glaze, 0, 0));
        assertThat(Slack.spread(glaze, 2, 0)).isZero();
    }

    @Test
    void theScheduleKeepsItFree() {
        Evening evening = evening(job("glaze", Waiting.REDUCED, cooks(20, 30, 44)));
        Schedule best = best(evening);
        int slack = Slack.ticks(evening, 0, best.rings().get(0));
        assertThat(slack).isPositive();
        assertThat(best.served().get(0) - best.done(0)).isGreaterThanOrEqualTo(slack);
        assertThat(best.slackUntil(evening, 0)).isEqualTo(best.done(0) + slack);
    }

    @Test
    void itIsTheRingsOwn() {
        Task task = new Task(
                TaskKind.REDUCE,
                "",
                List.of(
                        new app.gradior.quantity.Interval(20, 21, 22),
                        new app.gradior.quantity.Interval(20, 30, 50),
                        new app.gradior.quantity.Interval(20, 30, 50),
                        new app.gradior.quantity.Interval(20, 30, 50)),
                Station.RING,
                Hands.NONE,
                0,
                60);
        Evening evening = evening(job("glaze", Waiting.REDUCED, task));
        assertThat(Slack.ticks(evening, 0, 1)).isGreaterThan(Slack.ticks(evening, 0, 0));
    }
}
