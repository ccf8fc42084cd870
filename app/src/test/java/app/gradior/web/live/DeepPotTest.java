package app.gradior.web.live;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DeepPotTest {
    private static Pot pot(double baseMm, double rimMm, double wallMm) {
        return new Pot(
                Length.ofMillimetres(baseMm),
                Length.ofMillimetres(rimMm),
                Length.ofMillimetres(wallMm),
                Material.STEEL,
                Mass.ofGrams(1500));
    }

    @Test
    void aShallowSauceIsDrawnDeeperAndItsMarksStayInOrder() {
        DeepPot drawn = DeepPot.of(pot(240, 240, 120), 9, 20, 6.0);
        assertThat(drawn.times()).isEqualTo(4);
        assertThat(drawn.stop()).isGreaterThan(drawn.now());
        assertThat(drawn.now()).isGreaterThan(drawn.from());
        assertThat(drawn.from()).isGreaterThan(drawn.top());
        assertThat(drawn.half()).isEqualTo(120);
    }

    @Test
    void aFullPotIsDrawnAsItIsAndToItsRim() {
        DeepPot drawn = DeepPot.of(pot(200, 200, 200), 180, 190, null);
        assertThat(drawn.times()).isEqualTo(1);
        assertThat(drawn.top()).isEqualTo(-200);
        assertThat(drawn.stop()).isNull();
    }

    @ParameterizedTest
    @CsvSource({"130, 320, 90, 30, 40", "240, 240, 120, 5, 5", "240, 200, 100, 40, 10", "100, 100, 50, 0, 0"})
    void whateverThePotNothingIsDrawnBesideIt(double base, double rim, double wall, double now, double from) {
        DeepPot drawn = DeepPot.of(pot(base, rim, wall), now, from, now / 2);
        assertThat(drawn.top()).isLessThanOrEqualTo(-from * drawn.times() + 0.1);
        assertThat(drawn.half()).isLessThanOrEqualTo(Math.max(base, rim) / 2 + 0.1);
        assertThat(drawn.wall() + drawn.sauce() + drawn.box()).doesNotContain("NaN", "Infinity");
    }
}
