package app.gradior.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.learning.HouseholdMeasure.Manner;
import app.gradior.learning.HouseholdMeasure.Weighing;
import app.gradior.learning.PaceEvidence.Said;
import app.gradior.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Ranges that hold, what thickens, measures of a kitchen, and what one batch's weights say. */
class SmallLearningTest {
    /** κ = 1.2816/Φ⁻¹((1+p)/2), p = (16+held)/(20+n): 1 where 80 of 100 held. */
    @Test
    void rangesAreMadeWiderWhereFewHeldAndNarrowerWhereAllDid() {
        assertThat(RangeKeeping.NONE.widening()).isCloseTo(1, within(1e-6));
        assertThat(new RangeKeeping(80, 100).widening()).isCloseTo(1, within(1e-6));
        // p = 66/120 = 0.55; Φ⁻¹(0.775) = 0.75542.
        assertThat(new RangeKeeping(50, 100).widening()).isCloseTo(1.28155 / .75542, within(1e-4));
        assertThat(new RangeKeeping(100, 100).widening()).isLessThan(.65);
        assertThat(RangeKeeping.of(.1, -1.2, 1.3, -4, 1.28)).isEqualTo(new RangeKeeping(3, 5));
        assertThatIllegalArgumentException().isThrownBy(() -> new RangeKeeping(3, 2));
    }

    @Test
    void versionsThatAreThickenedAlikeAreNearAndOthersFar() {
        Thickeners corn = new Thickeners(Map.of("CORN", 60.0, "BODY", 40.0));
        assertThat(corn.distance(corn)).isZero();
        // Half of it is another starch: Σ|p − p′| = 1.2, half of that 0.6; the total is the same.
        assertThat(corn.distance(new Thickeners(Map.of("POTATO", 60.0, "BODY", 40.0))))
                .isCloseTo(.6, within(1e-9));
        // Twice as much of the same: ½ ln 2.
        assertThat(corn.distance(new Thickeners(Map.of("CORN", 120.0, "BODY", 80.0))))
                .isCloseTo(.5 * Math.log(2), within(1e-9));
        assertThat(corn.distance(new Thickeners(Map.of("GELATIN", 1.0)))).isEqualTo(1);
        assertThat(corn.distance(new Thickeners(Map.of()))).isEqualTo(1);
        assertThat(new Thickeners(Map.of()).distance(new Thickeners(Map.of()))).isZero();
    }

    @Test
    void whatThickensIsCountedByKilogramOfSauce() {
        Mixture sauce = new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(900))
                .with(Component.SUCROSE, Mass.ofGrams(100))
                .build();
        assertThat(Thickeners.of(sauce, false).perKilogram()).containsOnlyKeys("SUGAR");
        assertThat(Thickeners.of(sauce, false).perKilogram().get("SUGAR")).isCloseTo(20, within(1e-6));
        assertThat(Thickeners.of(Mixture.EMPTY, true).perKilogram()).isEmpty();
        Mixture thickened = Mixtures.of("water", 980).plus(Mixtures.of("corn-starch", 20));
        double powder = thickened.powder(StarchKind.CORN).grams();
        assertThat(Thickeners.of(thickened, false).perKilogram().get("CORN"))
                .isCloseTo(5 * StarchKind.CORN.potency() * powder, within(1e-6));
    }

    /** One weighing of a medium onion of book 150 g at 190 g: P = 1/.22² + 1/.25², θ by precision. */
    @Test
    void aMeasureMovesFromTheBookToWhatIsWeighed() {
        double prior = 1 / (.22 * .22);
        double weighed = 1 / (.25 * .25);
        HouseholdMeasure once = HouseholdMeasure.of(150, Manner.GROWN, List.of(new Weighing(190, 1)));
        double theta = (prior * Math.log(150) + weighed * Math.log(190)) / (prior + weighed);
        assertThat(once.usual()).isCloseTo(Math.exp(theta), within(1e-6));
        assertThat(once.next().high() / once.next().middle())
                .isCloseTo(Math.exp(1.2815515655446 * Math.sqrt(1 / (prior + weighed) + .25 * .25)), within(1e-6));

        HouseholdMeasure three = HouseholdMeasure.of(150, Manner.GROWN, List.of(new Weighing(570, 3)));
        assertThat(three.usual()).isGreaterThan(once.usual()).isLessThan(190);
        assertThat(HouseholdMeasure.of(150, Manner.GROWN, List.of()).usual()).isCloseTo(150, within(1e-9));
    }

    @Test
    void aSlipByTenHardlyMovesAMeasure() {
        List<Weighing> weighings = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            weighings.add(new Weighing(.9, 1));
        }
        double without = HouseholdMeasure.of(.6, Manner.BY_HAND, weighings).usual();
        weighings.add(new Weighing(9, 1));
        assertThat(HouseholdMeasure.of(.6, Manner.BY_HAND, weighings).usual()).isBetween(without, 1.25 * without);
        assertThatIllegalArgumentException().isThrownBy(() -> new Weighing(0, 1));
    }

    @Test
    void oneGrossWeightOfABatchIsWeightedDown() {
        List<Said> said = new ArrayList<>(List.of(new Said(.10, .002), new Said(.14, .002), new Said(.12, .002)));
        PaceEvidence without = PaceEvidence.of(said, 0).orElseThrow();
        assertThat(without.lnK()).isCloseTo(.12, within(.005));
        said.add(new Said(-1.4, .002));
        PaceEvidence with = PaceEvidence.of(said, 0).orElseThrow();
        assertThat(with.lnK()).isBetween(.07, .12);
        assertThat(with.variance()).isGreaterThan(without.variance());
        assertThat(PaceEvidence.of(List.of(), 0)).isEmpty();
        assertThat(PaceEvidence.of(said, .01).orElseThrow().variance()).isCloseTo(with.variance() + .01, within(1e-12));
    }
}
