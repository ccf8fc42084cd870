package app.gradior.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.learning.EvaporationKnowledge.PotRingActivity;
import app.gradior.learning.EvaporationKnowledge.Source;
import app.gradior.pot.Activity;
import app.gradior.pot.Evaporation;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class EvaporationKnowledgeTest {
    private static final PotRingActivity HERE = new PotRingActivity("casserole", "front", Activity.SIMMER);
    private static final PotRingActivity OTHER_ACTIVITY =
            new PotRingActivity("casserole", "front", Activity.ROLLING_BOIL);
    private static final PotRingActivity OTHER_POT = new PotRingActivity("pan", "front", Activity.SIMMER);
    private static final PotRingActivity ELSEWHERE = new PotRingActivity("pan", "back", Activity.ROLLING_BOIL);

    private static final double SHAPE_SD = 0.03;

    private static Source test(PotRingActivity place, double k) {
        return new Source(place + " " + k, place, null, Math.log(k), Evaporation.CALIBRATED_LOG_SD);
    }

    @Test
    void knowsNothingButTheModelAtFirst() {
        EvaporationKnowledge.Known known = new EvaporationKnowledge(List.of()).about(HERE);

        assertThat(known.k().middle()).isEqualTo(1);
        assertThat(known.logSd()).isCloseTo(Evaporation.PRIOR_LOG_SD, within(0.01));
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
        assertThat(samePot).isLessThan(here).isGreaterThan(sameActivity);
        assertThat(sameActivity).isGreaterThan(elsewhere);
        assertThat(elsewhere).isGreaterThan(1);
        assertThat(knowledge.about(HERE).logSd())
                .isLessThan(knowledge.about(OTHER_POT).logSd());
        assertThat(knowledge.about(ELSEWHERE).logSd()).isLessThan(Evaporation.PRIOR_LOG_SD);
    }

    @Test
    void moreTestsMakeItSurer() {
        Random random = new Random(3);
        List<Source> sources = new ArrayList<>();
        List<PotRingActivity> places = List.of(HERE, OTHER_ACTIVITY, OTHER_POT, ELSEWHERE);
        double before = new EvaporationKnowledge(sources).about(HERE).logSd();
        for (int i = 0; i < 40; i++) {
            PotRingActivity place = places.get(random.nextInt(places.size()));
            sources.add(new Source(i, place, null, 0.12 * random.nextGaussian(), 0.03 + 0.05 * random.nextDouble()));
            double now = new EvaporationKnowledge(sources).about(HERE).logSd();
            // Up to the fourth, days are as they are supposed to be.
            if (i < 4) {
                assertThat(now).isLessThanOrEqualTo(before + 1e-12);
                before = now;
            }
        }
        assertThat(new EvaporationKnowledge(sources).about(HERE).logSd()).isLessThan(0.2);
    }

    @Test
    void daysThatDifferMoreMakeRangesWider() {
        List<Source> alike = new ArrayList<>();
        List<Source> apart = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            alike.add(new Source(i, HERE, null, i % 2 == 0 ? 0.02 : -0.02, 0.05));
            apart.add(new Source(i, HERE, null, i % 2 == 0 ? 0.4 : -0.4, 0.05));
        }
        assertThat(new EvaporationKnowledge(alike).dayLogSd()).isLessThan(0.09);
        assertThat(new EvaporationKnowledge(apart).dayLogSd()).isBetween(0.2, 0.45);
        assertThat(new EvaporationKnowledge(apart).about(HERE).k().width())
                .isGreaterThan(
                        2 * new EvaporationKnowledge(alike).about(HERE).k().width());
    }

    @Test
    void aPotThatWasNeverMeasuredIsLessSureUntilItIsWeighed() {
        Source source = test(HERE, 1.2);
        Knowing of = sources -> new EvaporationKnowledge(sources, pot -> false, RangeKeeping.NONE);
        assertThat(of.know(List.of()).about(HERE).logSd())
                .isCloseTo(
                        Math.hypot(
                                new EvaporationKnowledge(List.of()).about(HERE).logSd(), 0.1),
                        within(1e-9));
        assertThat(of.know(List.of(source)).about(HERE).lnK())
                .isGreaterThan(
                        new EvaporationKnowledge(List.of(source)).about(HERE).lnK());
    }

    private interface Knowing {
        EvaporationKnowledge know(List<Source> sources);
    }

    @Test
    void aPotIsCalledFastOnlyOnceItIsToldApartFromItsRingAndKitchen() {
        List<Source> sources = new ArrayList<>(List.of(test(HERE, 1.6), test(OTHER_ACTIVITY, 1.6)));
        assertThat(new EvaporationKnowledge(sources).paceOfPot("casserole"))
                .isEqualTo(EvaporationKnowledge.Pace.NOT_SURE);
        for (String ring : List.of("front", "back", "left")) {
            for (int i = 0; i < 3; i++) {
                sources.add(test(new PotRingActivity("casserole", ring, Activity.SIMMER), 1.6));
                sources.add(test(new PotRingActivity("pan", ring, Activity.SIMMER), 0.95));
                sources.add(test(new PotRingActivity("wok", ring, Activity.SIMMER), 0.9));
            }
        }
        EvaporationKnowledge knowledge = new EvaporationKnowledge(sources);
        assertThat(knowledge.paceOfPot("casserole")).isEqualTo(EvaporationKnowledge.Pace.FASTER);
        assertThat(knowledge.paceOfRing("left")).isEqualTo(EvaporationKnowledge.Pace.NOT_SURE);
        assertThat(knowledge.paceOfPot("nobody's")).isEqualTo(EvaporationKnowledge.Pace.NOT_SURE);
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
        assertThat(Source.ofPosterior("b", HERE, null, 0.1, 0.3499, 0, 0.35)).isEmpty();
        Source source = Source.ofPosterior("b", HERE, null, 0.2, 0.1, 0, 0.35).orElseThrow();

        // Put together with the prior again, without what any reading may be off in shape, it is the posterior it came
        // from.
        double own = 1 / (source.logSd() * source.logSd() - SHAPE_SD * SHAPE_SD);
        double precision = 1 / (0.35 * 0.35) + own;
        assertThat(Math.sqrt(1 / precision)).isCloseTo(0.1, within(1e-9));
        assertThat(source.lnK() * own / precision).isCloseTo(0.2, within(1e-9));
    }

    @Test
    void refusesSourcesThatSayNothing() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Source("x", HERE, null, 0, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Source("x", HERE, null, Double.NaN, 0.1));
    }

    /** Two normal distributions multiplied: precisions add up, and so do the means weighted by them. */
    @Test
    void aBatchThatBeganElsewhereThanAtTheModelAddsOnlyItsOwn() {
        double learnt = -0.12;
        double sd = 0.08;
        double prior = 1 / (0.3 * 0.3);
        double both = prior + 1 / (sd * sd);
        double posterior = (0.25 * prior + learnt / (sd * sd)) / both;

        Source plain = Source.ofPosterior("b", HERE, null, posterior, Math.sqrt(1 / both), 0.25, 0.3)
                .orElseThrow();
        assertThat(plain.lnK()).isCloseTo(learnt, within(1e-9));
        assertThat(plain.logSd()).isCloseTo(Math.hypot(sd, SHAPE_SD), within(1e-9));
    }

    @Test
    void oneMoreTestAddsItsPrecision() {
        EvaporationKnowledge knowledge = new EvaporationKnowledge(List.of(test(HERE, 1.2)));
        double day = knowledge.dayLogSd() * knowledge.dayLogSd();
        double now = knowledge.about(HERE).logSd() * knowledge.about(HERE).logSd() - day;
        double test = Evaporation.CALIBRATED_LOG_SD * Evaporation.CALIBRATED_LOG_SD + day;

        assertThat(knowledge.afterTest(HERE).logSd())
                .isCloseTo(Math.sqrt(1 / (1 / now + 1 / test) + day), within(1e-9));
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
