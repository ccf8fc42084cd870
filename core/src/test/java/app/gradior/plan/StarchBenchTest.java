package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.StarchKind;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class StarchBenchTest {
    private static final SlurryRatio TWICE = new SlurryRatio.ByWeight(2);

    private static StarchBench bench(double grams, double sugar, double acid) {
        return new StarchBench(
                StarchBench.liquid(Mass.ofGrams(grams), Share.ofPercent(sugar), Share.ofPercent(acid), Share.of(0.005)),
                Celsius.SERVED_WARM,
                TWICE);
    }

    @Test
    void everyStarchIsToldByWhatItTakes() {
        List<StarchBench.Row> rows = bench(500, 0, 0).forGrade(Grade.of(4.8));

        assertThat(rows).hasSize(StarchKind.values().length);
        double corn = grams(rows, StarchKind.CORN);
        assertThat(grams(rows, StarchKind.WHEAT_FLOUR)).isBetween(1.9 * corn, 2.3 * corn);
        assertThat(grams(rows, StarchKind.POTATO)).isBetween(corn / 1.5, corn / 1.3);
    }

    private static double grams(List<StarchBench.Row> rows, StarchKind kind) {
        return rows.stream()
                .filter(r -> r.kind() == kind)
                .map(r -> ((Slurry.Answer.Found) r.answer()).slurry().powder().grams())
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(StarchKind.class)
    void theReverseGivesBackTheGrade(StarchKind kind) {
        StarchBench bench = bench(400, 10, 0.5);
        double needed = grams(bench.forGrade(Grade.of(4.6)), kind);

        Slurry slurry = bench.of(kind, Mass.ofGrams(needed));

        assertThat(Thickness.grade(slurry.after(), bench.served(), ThicknessFactor.ONE)
                        .value())
                .isCloseTo(4.6, within(1e-4));
        assertThat(bench.curve(kind, Mass.ofGrams(needed), 9).get(8).grade()).isCloseTo(4.6, within(1e-4));
    }

    @Test
    void sourLiquidsWarnOfStarchesThatThin() {
        List<StarchBench.Row> rows = bench(300, 0, 1.5).forGrade(Grade.of(4.5));

        assertThat(rows)
                .filteredOn(r -> !r.suits())
                .extracting(StarchBench.Row::kind)
                .containsExactly(StarchKind.POTATO);
    }

    @Test
    void aSauceThatIsThereIsBroughtToItsGradeEitherWay() {
        StarchBench bench = bench(500, 0, 0);
        StarchBench.Adjustment thin = bench.mend(StarchKind.CORN, Mass.ofGrams(8), Grade.of(4.8));
        StarchBench.Adjustment thick = bench.mend(StarchKind.CORN, Mass.ofGrams(40), Grade.of(4.8));

        assertThat(thin.now().value()).isLessThan(4.8);
        assertThat(thin.water()).isEmpty();
        assertThat(Thickness.grade(thin.more().orElseThrow().after(), bench.served(), ThicknessFactor.ONE)
                        .value())
                .isCloseTo(4.8, within(1e-6));
        assertThat(thick.now().value()).isGreaterThan(4.8);
        assertThat(thick.more()).isEmpty();
        assertThat(Thickness.grade(thick.water().orElseThrow().after(), bench.served(), ThicknessFactor.ONE)
                        .value())
                .isCloseTo(4.8, within(1e-6));
    }

    @Test
    void whatLeavesNoWaterIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> StarchBench.liquid(Mass.ofGrams(100), Share.of(0.8), Share.of(0.05), Share.of(0.1)))
                .withMessageContaining("95 %");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new StarchBench(app.gradior.food.Mixture.EMPTY, Celsius.ROOM, TWICE));
    }
}
