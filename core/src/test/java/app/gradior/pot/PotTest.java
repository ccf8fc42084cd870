package app.gradior.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.RandomMixtures;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Power;
import app.gradior.quantity.Volume;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PotTest {
    static LongStream seeds() {
        return RandomMixtures.seeds(300);
    }

    private static Pot random(Random random) {
        return new Pot(
                Length.ofCentimetres(4 + 60 * random.nextDouble()),
                Length.ofCentimetres(4 + 60 * random.nextDouble()),
                Length.ofCentimetres(1 + 40 * random.nextDouble()),
                Material.STEEL,
                Mass.ofGrams(1000));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void depthAndVolumeRoundTrip(long seed) {
        Random random = new Random(seed);
        Pot pot = random(random);
        Volume volume = pot.capacity().times(random.nextDouble());

        assertThat(pot.volumeTo(pot.depthOf(volume)).millilitres())
                .as("seed %d, %s", seed, pot)
                .isCloseTo(volume.millilitres(), within(1e-6 * pot.capacity().millilitres()));
        assertThat(pot.surfaceOf(volume))
                .isBetween(
                        Math.PI
                                / 4
                                * Math.pow(
                                        Math.min(pot.base().metres(), pot.rim().metres()), 2)
                                * 0.999,
                        Math.PI
                                / 4
                                * Math.pow(
                                        Math.max(pot.base().metres(), pot.rim().metres()), 2)
                                * 1.001);
    }

    @Test
    void anUprightPotHoldsACylinder() {
        Pot pot = Pot.straight(Length.ofCentimetres(20), Length.ofCentimetres(10), Material.STEEL, Mass.ofGrams(900));

        assertThat(pot.capacity().millilitres()).isCloseTo(Math.PI * 100 * 10, within(1e-6));
        assertThat(pot.workingCapacity().millilitres()).isCloseTo(Math.PI * 1000 * 2 / 3, within(1e-6));
        assertThat(pot.depthOf(Volume.ofMillilitres(Math.PI * 500)).centimetres())
                .isCloseTo(5, within(1e-9));
        assertThat(pot.holds(Volume.ofMillilitres(2000))).isTrue();
        assertThat(pot.holds(Volume.ofMillilitres(2200))).isFalse();
        assertThat(pot.overflowsWith(Volume.ofMillilitres(3000))).isFalse();
        assertThat(pot.overflowsWith(Volume.ofMillilitres(3200))).isTrue();
        assertThat(pot.depthOf(Volume.ofLitres(9)).centimetres()).isCloseTo(10, within(1e-9));
    }

    @Test
    void aFrustumHoldsWhatItsFormulaSays() {
        Pot pot = new Pot(
                Length.ofCentimetres(10),
                Length.ofCentimetres(20),
                Length.ofCentimetres(12),
                Material.STEEL,
                Mass.ZERO);

        assertThat(pot.capacity().millilitres()).isCloseTo(Math.PI * 12 / 3 * (25 + 50 + 100), within(1e-6));
    }

    @Test
    void aKnownCapacityGivesTheWall() {
        Pot pot = Pot.ofCapacity(
                Volume.ofLitres(3),
                Length.ofCentimetres(20),
                Length.ofCentimetres(20),
                Material.STEEL,
                Mass.ofGrams(900));

        assertThat(pot.capacity().litres()).isCloseTo(3, within(1e-9));
        assertThat(pot.wall().centimetres()).isCloseTo(9.549, within(0.001));
    }

    @Test
    void bareMetalsReactWithAcid() {
        assertThat(java.util.Arrays.stream(Material.values()).filter(Material::reactsWithAcid))
                .containsExactly(Material.COPPER_BARE, Material.ALUMINIUM_BARE, Material.IRON_BARE);
    }

    @Test
    void aRingGivesItsShareToThePot() {
        assertThat(new Ring(Ring.Kind.INDUCTION, Power.ofWatts(2000)).useful().watts())
                .isCloseTo(1700, within(1e-9));
    }

    @Test
    void theImpossibleIsRefused() {
        Length ten = Length.ofCentimetres(10);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Pot.straight(Length.ofCentimetres(3), ten, Material.STEEL, Mass.ZERO))
                .withMessageContaining("base");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Pot.straight(ten, Length.ofCentimetres(0.5), Material.STEEL, Mass.ZERO))
                .withMessageContaining("wall");
        assertThatIllegalArgumentException()
                .isThrownBy(
                        () -> Pot.straight(ten, ten, Material.STEEL, Mass.ZERO).volumeTo(Length.ofCentimetres(11)))
                .withMessageContaining("depth");
    }
}
