package app.gradior.evening;

import static app.gradior.evening.SomeJobs.best;
import static app.gradior.evening.SomeJobs.cooks;
import static app.gradior.evening.SomeJobs.evening;
import static app.gradior.evening.SomeJobs.exactly;
import static app.gradior.evening.SomeJobs.job;
import static app.gradior.evening.SomeJobs.people;
import static app.gradior.evening.SomeJobs.works;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import app.gradior.measure.Words;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Values that no kitchen has are refused where they are made; what is tried otherwise is told with what it comes to. */
class EveningValuesTest {
    private static final Job STEW = job("stew", Waiting.REDUCED, cooks(40, 40, 40));

    @Test
    void anEveningHasAnHourSomebodyAndNotTooMuchOfAnything() {
        List<Integer> hour = List.of(240);
        assertThatIllegalArgumentException().isThrownBy(() -> Evening.of(0, List.of(), List.of(STEW), people(1), 4, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> Evening.of(0, hour, List.of(STEW), people(0), 4, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> Evening.of(0, hour, List.of(STEW), people(9), 4, 1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Evening.of(0, hour, Collections.nCopies(17, STEW), people(1), 4, 1));
        Job second =
                new Job("b", "b", 1, List.of(cooks(5, 5, 5)), Waiting.COVERED, Optional.empty(), List.of(0), false);
        assertThatIllegalArgumentException().isThrownBy(() -> Evening.of(0, hour, List.of(second), people(1), 4, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Evening.Window(10, 9));
    }

    @Test
    void aJobHasTasksAndATaskATime() {
        assertThatIllegalArgumentException().isThrownBy(() -> job("nothing", Waiting.COVERED));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> job(
                        "all night",
                        Waiting.COVERED,
                        Collections.nCopies(31, works(1, true)).toArray(new Task[0])));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Task(TaskKind.COOK, "", List.of(), Station.RING, Hands.NONE, 0, 1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Task(TaskKind.COOK, "", List.of(exactly(9)), Station.RING, Hands.NONE, 5, 1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Task(TaskKind.COOK, "", List.of(exactly(5000)), Station.RING, Hands.NONE, 0, 1));
    }

    @ParameterizedTest
    @ValueSource(doubles = {29, 321, Double.NaN})
    void noOvenIsSoHotOrSoCold(double celsius) {
        assertThatIllegalArgumentException().isThrownBy(() -> new Station.InOven(celsius));
    }

    @Test
    void ovensAreSharedBetweenTenDegrees() {
        assertThat(new Station.InOven(200).shares(new Station.InOven(210))).isTrue();
        assertThat(new Station.InOven(200).shares(new Station.InOven(211))).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"0.4, 8, 5", "0.4, 1, 40", "1, 1, 100", "0.4, 2, 20"})
    void aStirIsAShareOfAPersonRoundedUp(double each, double every, int share) {
        assertThat(new Hands.Attended(each, every).share()).isEqualTo(share);
    }

    @Test
    void nobodyLooksAfterSomethingLongerThanThereIs() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Hands.Attended(2, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Hands.Attended(0, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Waiting(-1, 1, false));
        assertThat(new Hands.Attended(1, 1).mayBeLeft()).isEqualTo(0.5);
    }

    @ParameterizedTest
    @CsvSource({
        "1 h 20, 80, 80",
        "1h20, 80, 80",
        "80 min, 80, 80",
        "11, 11, 11",
        "11-13, 11, 13",
        "half an hour, 30, 30",
        "90 s, 1.5, 1.5",
        "about 2 hours, 120, 120",
        "1 hour and 5 minutes, 65, 65",
        "1 h and a half, 90, 90"
    })
    void aTimeIsReadAsPeopleTypeIt(String typed, double low, double high) {
        Words words = Words.of(typed);
        int all = words.size();
        assertThat(JobTime.end(words, 0, all)).isEqualTo(all);
        assertThat(JobTime.minutes(words, 0, all)).containsExactly(low, high);
    }

    @ParameterizedTest
    @ValueSource(strings = {"a", "ring", "some time", "oven"})
    void whatIsNoTimeIsNone(String typed) {
        Words words = Words.of(typed);
        assertThat(JobTime.end(words, 0, words.size())).isZero();
    }

    @Test
    void whatIsTriedIsToldWithWhatItComesTo() {
        Job long1 = job("long", Waiting.REDUCED, cooks(150, 150, 150));
        Evening late = evening(long1, STEW);
        Evening shorter = evening(job("long", Waiting.REDUCED, cooks(90, 90, 90)), STEW);
        Evening hopeless = evening(job("long", Waiting.REDUCED, cooks(200, 200, 200)), STEW);
        Schedule now = best(late);

        List<Alternative.Effect<String>> effects = Alternative.best(
                late,
                Optional.of(now),
                List.of(
                        new Alternative<>("hopeless", hopeless),
                        new Alternative<>("shorter", shorter),
                        new Alternative<>("same", late)),
                2000,
                2);

        assertThat(now.cost().late()).isPositive();
        assertThat(effects).extracting(Alternative.Effect::what).containsExactly("shorter", "same");
        assertThat(effects.get(0).late()).isZero();
        assertThat(effects.get(0).begins()).isGreaterThanOrEqualTo(0);
        assertThat(effects.get(1).late()).isGreaterThan(20);
    }

    @Test
    void whatMayNotWaitBeginsByASignalAndNotByTheClock() {
        Job glaze = job("glaze", Waiting.REDUCED, cooks(20, 30, 60), cooks(2, 3, 5));
        Job pasta = job("pasta", Waiting.AT_ONCE, cooks(11, 11, 11));
        Evening evening = evening(glaze, pasta);
        Schedule best = best(evening);
        assertThat(Signal.of(evening, best, 0)).isEmpty();
        assertThat(Signal.of(evening, best, 1)).hasValueSatisfying(signal -> {
            assertThat(signal.task().job()).isEqualTo(1);
            assertThat(signal.after().job()).isZero();
        });
        // Where nothing is more uncertain than it, the clock will do.
        Evening sure = evening(job("glaze", Waiting.REDUCED, cooks(30, 30, 30)), pasta);
        assertThat(Signal.of(sure, best(sure), 1)).isEmpty();
    }
}
