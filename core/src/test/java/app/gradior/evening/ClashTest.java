package app.gradior.evening;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What would be in the way of what, what helps, and what is missing where nothing does. */
class ClashTest {
    private static final long AMPLE = 20_000;

    private static final Map<String, Evening> CORPUS = EveningCorpus.all();

    @Test
    void twoSaucesInOnePotAreNamedWithTheSmallestReason() {
        Evening evening = CORPUS.get("one big pot for two");

        assertThat(Clash.of(evening, 5)).anySatisfy(clash -> {
            assertThat(clash.over()).isEqualTo(Clash.Over.POT);
            assertThat(List.of(clash.one(), clash.other())).containsExactlyInAnyOrder(0, 1);
        });
        assertThat(Obstacle.of(evening, Optional.empty(), AMPLE).get(0)).isEqualTo(new Obstacle.Pot("big"));
    }

    @Test
    void aPotTooWideForEveryRingIsSaidAtOnce() {
        Evening evening = CORPUS.get("one job");
        Evening none = evening.with(List.of(evening.jobs().get(0).in(Optional.of("cauldron"), List.of())));

        assertThat(EveningSolver.solve(none, AMPLE, s -> {})).isEmpty();
        assertThat(Obstacle.of(none, Optional.empty(), AMPLE)).containsExactly(new Obstacle.NoRing(0));
    }

    @Test
    void tooFewRingsAreTheReasonWhereEverythingStandsWarm() {
        Evening evening = CORPUS.get("only sauces");
        Evening two = evening.having(2, 1)
                .with(evening.jobs().stream()
                        .limit(3)
                        .map(job -> job.in(job.pot(), List.of(0, 1)))
                        .toList());

        Optional<Schedule> best = EveningSolver.solve(two, AMPLE, s -> {});

        assertThat(best.filter(s -> s.cost().late() == 0)).isEmpty();
        assertThat(Obstacle.of(two, best, AMPLE)).contains(new Obstacle.Rings());
        assertThat(Clash.of(two, 9))
                .anySatisfy(clash -> assertThat(clash.over()).isEqualTo(Clash.Over.RINGS));
    }

    @Test
    void anHourThatIsTooSoonIsToldByHowMuch() {
        Evening evening = CORPUS.get("a glaze and a roast");
        Evening soon = evening.from(EveningCorpus.SERVED - 60 * Evening.TICKS);

        Schedule best = EveningSolver.solve(soon, AMPLE, s -> {}).orElseThrow();

        ScheduleCheck.holds(soon, best);
        List<Obstacle> why = Obstacle.of(soon, Optional.of(best), AMPLE);
        assertThat(why).hasOnlyElementsOfType(Obstacle.Hour.class).hasSize(1);
        assertThat(((Obstacle.Hour) why.get(0)).minutes()).isBetween(40.0, 60.0);
    }

    @Test
    void twoHeatsOfOneOvenClashAndAreCookedOneAfterTheOther() {
        Evening evening = CORPUS.get("two ovens' worth");

        assertThat(Clash.of(evening, 9))
                .noneSatisfy(clash -> assertThat(clash.over()).isEqualTo(Clash.Over.POT));
        Evening together = evening.with(List.of(
                JobLine.read("gratin 40 oven 180, last").job("0", 0, List.of()),
                JobLine.read("bread 8 oven 220, last").job("1", 0, List.of())));
        assertThat(Clash.of(together, 9))
                .anySatisfy(clash -> assertThat(clash.over()).isEqualTo(Clash.Over.OVEN));
        assertThat(Obstacle.of(together, EveningSolver.solve(together, AMPLE, s -> {}), AMPLE))
                .contains(new Obstacle.Oven());
    }

    @Test
    void anotherCookIsWorthWhatItSaves() {
        Evening evening = CORPUS.get("Sunday roast");
        Optional<Schedule> now = EveningSolver.solve(evening, AMPLE, s -> {});
        Evening two =
                evening.withPeople(List.of(new Evening.Person("one", List.of()), new Evening.Person("two", List.of())));
        Evening later = evening.serving(List.of(EveningCorpus.SERVED + 30));

        List<Alternative.Effect<String>> best = Alternative.best(
                evening,
                now,
                List.of(new Alternative<>("two cooks", two), new Alternative<>("later", later)),
                AMPLE,
                3);

        assertThat(best).hasSize(2);
        assertThat(best.get(0).what()).isEqualTo("two cooks");
        assertThat(best.get(0).waits()).isNegative();
        assertThat(best.get(1).begins()).isEqualTo(15);
        assertThat(Clash.of(evening, 9))
                .anySatisfy(clash -> assertThat(clash.over()).isEqualTo(Clash.Over.HANDS));
    }
}
