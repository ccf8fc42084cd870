package app.gradior.cook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Percentage.withPercentage;

import app.gradior.plan.Target;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ReadingFilterTest {
    private static final Target HALF = new Target.Weight(Mass.ofGrams(390));

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void fiveWeighingsFindTheEvaporationOfThePot(int seed) {
        Random random = new Random(seed * 7919L);
        double k = 0.5 * Math.pow(4, random.nextDouble());
        SimulatedCook simulated = new SimulatedCook(k, random, HALF);
        for (int i = 1; i <= 5; i++) {
            simulated.weighAt(i * 5 / k);
        }

        assertThat(simulated.cook().k().middle()).as("seed %d", seed).isCloseTo(k, withPercentage(10));
    }

    /** Cooks of an unknown pot: after one weighing at five minutes the range of the time left is within a fifth. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void oneWeighingAfterFiveMinutesNarrowsTheTimeLeftToAFifth(long seed) {
        Random random = new Random(seed);
        double k = Math.exp(0.45 * random.nextGaussian());
        SimulatedCook simulated = new SimulatedCook(k, random, HALF);
        Interval before =
                simulated.cook().forecast(simulated.minute(5)).minutesLeft().orElseThrow();
        Interval left = simulated
                .weighAt(5)
                .cook()
                .forecast(simulated.minute(5))
                .minutesLeft()
                .orElseThrow();

        assertThat(left.width() / 2 / left.middle()).isLessThanOrEqualTo(0.2);
        assertThat(left.width() / left.middle()).isLessThan(before.width() / before.middle() / 2);
    }

    /** A cook whose filling is off by as much as measured ingredients are. */
    private static SimulatedCook misfilled(double k, Random random) {
        return new SimulatedCook(SimulatedCook.SAUCE, k, 0.015 * random.nextGaussian(), random, HALF);
    }

    @Test
    void theRangeOfTheEvaporationHoldsTheTruthFourTimesOutOfFive() {
        long seed = 20261124;
        Random random = new Random(seed);
        int held = 0;
        int runs = 500;
        for (int run = 0; run < runs; run++) {
            double k = Math.exp(0.45 * random.nextGaussian());
            SimulatedCook simulated = misfilled(k, random);
            for (int i = 1; i <= 5; i++) {
                simulated.weighAt(i * 5);
            }
            held += simulated.cook().k().contains(k) ? 1 : 0;
        }

        assertThat(held / (double) runs).as("seed %d", seed).isBetween(0.70, 0.90);
    }

    @Test
    void theRangeOfTheTimeLeftHoldsTheTruthFourTimesOutOfFive() {
        long seed = 77;
        Random random = new Random(seed);
        int held = 0;
        int runs = 500;
        for (int run = 0; run < runs; run++) {
            double k = Math.exp(0.45 * random.nextGaussian());
            SimulatedCook simulated = misfilled(k, random);
            for (int i = 1; i <= 3; i++) {
                simulated.weighAt(i * 4 / k);
            }
            double left = simulated
                                    .truth()
                                    .until(m -> m.mass().grams() - 390)
                                    .orElseThrow()
                                    .after()
                                    .toMillis()
                            / 60_000.0
                    - 12 / k;
            held += simulated
                            .cook()
                            .forecast(simulated.minute(12 / k))
                            .minutesLeft()
                            .orElseThrow()
                            .contains(left)
                    ? 1
                    : 0;
        }

        assertThat(held / (double) runs).as("seed %d", seed).isBetween(0.70, 0.90);
    }
}
