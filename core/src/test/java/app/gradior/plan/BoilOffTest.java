package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.IngredientTable;
import app.gradior.pot.Activity;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BoilOffTest {
    private static final Pot POT =
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.ENAMEL, Mass.ofGrams(2100));
    private static final Conditions SIMMER = new Conditions(POT, Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL);

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 0.8, 1, 1.3, 2})
    void findsThePaceThatTheWaterWasLostAt(double k) {
        Mass litre = Mass.ofGrams(1000);
        Mass after = new BoilDown(
                        IngredientTable.shipped().get("water").of(litre),
                        new Evaporation(SIMMER),
                        ThicknessFactor.ONE,
                        k)
                .after(Duration.ofMinutes(10))
                .mass();

        BoilOff found = BoilOff.of(SIMMER, litre, after, Duration.ofMinutes(10)).orElseThrow();

        assertThat(found.k()).isCloseTo(k, within(0.002 * k));
        assertThat(found.logSd()).isBetween(0.12, 0.18);
    }

    @Test
    void isLessSureTheLessWasLost() {
        double tenMinutes = BoilOff.of(SIMMER, Mass.ofGrams(1000), Mass.ofGrams(890), Duration.ofMinutes(10))
                .orElseThrow()
                .logSd();
        double oneMinute = BoilOff.of(SIMMER, Mass.ofGrams(1000), Mass.ofGrams(989), Duration.ofMinutes(1))
                .orElseThrow()
                .logSd();

        assertThat(oneMinute).isGreaterThan(1.5 * tenMinutes);
    }

    @ParameterizedTest
    @CsvSource({"1000, 1000, 600", "1000, 1010, 600", "1000, 0, 600", "1000, 900, 0", "1000, 5, 1"})
    void saysSoWhereNoPotLosesWaterLikeThat(double before, double after, long seconds) {
        assertThat(BoilOff.of(SIMMER, Mass.ofGrams(before), Mass.ofGrams(after), Duration.ofSeconds(seconds)))
                .isEmpty();
    }

    @Test
    void aLitreOfWaterPutsThePotRight() {
        Pot wider =
                Pot.straight(Length.ofCentimetres(25), Length.ofCentimetres(12), Material.ENAMEL, Mass.ofGrams(2100));
        Volume litre = Volume.ofLitres(1);

        Pot right = POT.checkedBy(litre, wider.depthOf(litre));

        assertThat(right.base().centimetres()).isCloseTo(25, within(0.01));
        assertThat(right.depthOf(litre).millimetres())
                .isCloseTo(wider.depthOf(litre).millimetres(), within(0.01));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> POT.checkedBy(litre, Length.ofMillimetres(60)))
                .withMessageContaining("% smaller");
        assertThatIllegalArgumentException().isThrownBy(() -> POT.checkedBy(litre, Length.ofMillimetres(0)));
        assertThatIllegalArgumentException().isThrownBy(() -> POT.checkedBy(litre, Length.ofMillimetres(121)));
    }

    @Test
    void aKnownCapacityGivesTheWall() {
        Pot flared = Pot.ofCapacity(
                Volume.ofLitres(3),
                Length.ofCentimetres(18),
                Length.ofCentimetres(22),
                Material.STEEL,
                Mass.ofGrams(900));

        assertThat(flared.capacity().litres()).isCloseTo(3, within(1e-9));
        assertThat(flared.wall().centimetres()).isCloseTo(9.51, within(0.02));
    }
}
