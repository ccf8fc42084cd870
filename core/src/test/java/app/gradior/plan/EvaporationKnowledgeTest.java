package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.plan.EvaporationKnowledge.PotRingActivity;
import app.gradior.plan.EvaporationKnowledge.Source;
import app.gradior.pot.Activity;
import app.gradior.pot.Evaporation;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EvaporationKnowledgeTest {
    private static final PotRingActivity HERE = new PotRingActivity("casserole", "front", Activity.SIMMER);
    private static final PotRingActivity OTHER_ACTIVITY =
            new PotRingActivity("casserole", "front", Activity.ROLLING_BOIL);
    private static final PotRingActivity OTHER_POT = new PotRingActivity("pan", "front", Activity.SIMMER);
    private static final PotRingActivity ELSEWHERE = new PotRingActivity("pan", "back", Activity.ROLLING_BOIL);

    private static Source test(PotRingActivity place, double k) {
        return new Source(place + " " + k, place, Math.log(k), Evaporation.CALIBRATED_LOG_SD);
    }

    @Test
    void knowsNothingButTheModelAtFirst() {
        EvaporationKnowledge.Known known = new EvaporationKnowledge(List.of()).about(HERE);

        assertThat(known.k().middle()).isEqualTo(1);
        assertThat(known.logSd()).isCloseTo(Evaporation.PRIOR_LOG_SD, within(0.005));
        assertThat(known.knowledge().k()).isEqualTo(1);
    }

    @Test
    void aTestTellsMostOfItsPlaceAndSomeOfOthers() {
        EvaporationKnowledge knowledge = new EvaporationKnowledge(List.of(test(HERE, 1.4)));

        double here = knowledge.about(HERE).k().middle();
        double sameActivity = knowledge.about(OTHER_POT).k().middle();
        double samePot = knowledge.about(OTHER_ACTIVITY).k().middle();
        double elsewhere = knowledge.about(ELSEWHERE).k().middle();
        assertThat(here).isBetween(1.28, 1.4);
        assertThat(sameActivity).isLessThan(here).isGreaterThan(samePot);
        assertThat(samePot).isGreaterThan(elsewhere);
        assertThat(elsewhere).isGreaterThan(1);
        assertThat(knowledge.about(HERE).logSd())
                .isLessThan(knowledge.about(OTHER_POT).logSd());
        assertThat(knowledge.about(ELSEWHERE).logSd()).isLessThan(Evaporation.PRIOR_LOG_SD);
    }

    @Test
    void moreTestsNeverMakeItLessSure() {
        Random random = new Random(3);
        List<Source> sources = new ArrayList<>();
        List<PotRingActivity> places = List.of(HERE, OTHER_ACTIVITY, OTHER_POT, ELSEWHERE);
        double before = new EvaporationKnowledge(sources).about(HERE).logSd();
        for (int i = 0; i < 40; i++) {
            PotRingActivity place = places.get(random.nextInt(places.size()));
            sources.add(new Source(i, place, 0.2 * random.nextGaussian(), 0.1 + 0.2 * random.nextDouble()));
            double now = new EvaporationKnowledge(sources).about(HERE).logSd();
            assertThat(now).isLessThanOrEqualTo(before + 1e-12);
            before = now;
        }
        assertThat(before).isLessThan(0.12);
    }

    @ParameterizedTest
    @CsvSource({"0.05, 0.1", "0.2, 0.2", "0.8, 0.45"})
    void fiveBatchesTellHowFarAnUnknownPotMayBeOff(double spread, double sd) {
        List<Source> sources = new ArrayList<>();
        double[] off = {-1.264911, -0.632456, 0, 0.632456, 1.264911};
        for (int i = 0; i < 4; i++) {
            sources.add(new Source(i, HERE, spread * off[i], 0.1));
        }
        assertThat(new EvaporationKnowledge(sources).about(ELSEWHERE).logSd()).isLessThan(Evaporation.PRIOR_LOG_SD);
        sources.add(new Source(4, HERE, spread * off[4], 0.1));

        assertThat(new EvaporationKnowledge(sources).about(ELSEWHERE).logSd()).isCloseTo(sd, within(0.005));
        assertThat(new EvaporationKnowledge(sources).about(HERE).logSd()).isLessThan(0.2);
    }

    @Test
    void saysWhatATestWouldAdd() {
        EvaporationKnowledge knowledge = new EvaporationKnowledge(List.of(test(OTHER_POT, 1.2)));

        assertThat(knowledge.afterTest(HERE).logSd())
                .isLessThan(knowledge.about(HERE).logSd() / 1.5);
        assertThat(knowledge.afterTest(HERE).lnK())
                .isCloseTo(knowledge.about(HERE).lnK(), within(1e-9));
    }

    @Test
    void takesFromABatchOnlyWhatItAdded() {
        assertThat(Source.ofPosterior("b", HERE, 0.1, 0.3499, 0, 0.35, 0.1)).isEmpty();
        Source source = Source.ofPosterior("b", HERE, 0.2, 0.1, 0, 0.35, 0).orElseThrow();

        // Put together with the prior again it is the posterior it came from.
        double precision = 1 / (0.35 * 0.35) + 1 / (source.logSd() * source.logSd());
        assertThat(Math.sqrt(1 / precision)).isCloseTo(0.1, within(1e-9));
        assertThat(source.lnK() / (source.logSd() * source.logSd()) / precision).isCloseTo(0.2, within(1e-9));
    }

    @Test
    void refusesSourcesThatSayNothing() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Source("x", HERE, 0, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Source("x", HERE, Double.NaN, 0.1));
    }

    /** Two normal distributions multiplied: precisions add up, and so do the means weighted by them. */
    @Test
    void aBatchThatBeganElsewhereThanAtTheModelAddsOnlyItsOwn() {
        double learnt = -0.12;
        double sd = 0.08;
        double prior = 1 / (0.3 * 0.3);
        double both = prior + 1 / (sd * sd);
        double posterior = (0.25 * prior + learnt / (sd * sd)) / both;

        Source plain = Source.ofPosterior("b", HERE, posterior, Math.sqrt(1 / both), 0.25, 0.3, 0)
                .orElseThrow();
        assertThat(plain.lnK()).isCloseTo(learnt, within(1e-9));
        assertThat(plain.logSd()).isCloseTo(sd, within(1e-9));
        assertThat(Source.ofPosterior("b", HERE, posterior, Math.sqrt(1 / both), 0.25, 0.3, 0.06)
                        .orElseThrow()
                        .logSd())
                .isCloseTo(0.1, within(1e-9));
    }

    @Test
    void oneMoreTestAddsItsPrecision() {
        EvaporationKnowledge knowledge = new EvaporationKnowledge(List.of(test(HERE, 1.2)));
        double now = knowledge.about(HERE).logSd();
        double test = Evaporation.CALIBRATED_LOG_SD;

        assertThat(knowledge.afterTest(HERE).logSd())
                .isCloseTo(1 / Math.sqrt(1 / (now * now) + 1 / (test * test)), within(1e-9));
    }

    @Test
    void theSpreadOfAKitchenIsAboutItsOwnMean() {
        List<Source> sources = new ArrayList<>();
        double[] off = {-1.264911, -0.632456, 0, 0.632456, 1.264911};
        for (int i = 0; i < 5; i++) {
            sources.add(new Source(i, HERE, 0.3 + 0.2 * off[i], 0.1));
        }

        assertThat(new EvaporationKnowledge(sources).about(ELSEWHERE).logSd()).isCloseTo(0.2, within(1e-6));
    }

    @Test
    void aRingThatWasNotSaidIsOnePlace() {
        UUID pot = new UUID(1, 1);
        UUID ring = new UUID(2, 2);

        assertThat(PotRingActivity.of(pot, null, Activity.SIMMER))
                .isEqualTo(PotRingActivity.of(pot, null, Activity.SIMMER))
                .isNotEqualTo(PotRingActivity.of(pot, ring, Activity.SIMMER));
        assertThat(PotRingActivity.of(pot, ring, Activity.SIMMER).ring()).isEqualTo(ring);
    }
}
