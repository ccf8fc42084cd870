package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.physics.ChoiOkos;
import app.gradior.physics.Steam;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.thickness.Grade;
import app.gradior.thickness.ThicknessFactor;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where a sauce is too much of something, what to mind then, and what it costs. */
class LimitsTest {
    private static final Conditions SIMMER = in(Material.STEEL, 12, Activity.SIMMER);

    private static Conditions in(Material material, double wallCm, Activity activity) {
        Pot pot = Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(wallCm), material, Mass.ofGrams(2000));
        return new Conditions(pot, Ring.USUAL, activity, Lid.OFF, Room.USUAL);
    }

    private static Mixture with(Component component, double percent) {
        return new Mixture.Builder()
                .with(component, Mass.ofGrams(10 * percent))
                .with(Component.WATER, Mass.ofGrams(1000 - 10 * percent))
                .build();
    }

    private static Snapshot at(Mixture mixture) {
        return Snapshot.of(mixture, new Evaporation(SIMMER), ThicknessFactor.ONE);
    }

    @ParameterizedTest
    @CsvSource({
        "SALT, SALT, 1.4, 1.6",
        "SUGAR, SUCROSE, 49, 51",
        "ACID, OTHER_ACIDS, 2.9, 3.1",
        "ALCOHOL, ETHANOL, 0.6, 0.4",
        "SETS_HARD, SUCROSE, 75, 77",
        "CANDY, SUCROSE, 79, 81",
    })
    void aLimitIsPassedAtItsShare(Limit limit, Component component, double before, double beyond) {
        assertThat(limit.passed(at(with(component, before)))).isFalse();
        assertThat(limit.passed(at(with(component, beyond)))).isTrue();
        assertThat(limit.share()).isBetween(Math.min(before, beyond) / 100, Math.max(before, beyond) / 100);
        assertThat(limit.rising()).isEqualTo(limit != Limit.ALCOHOL);
    }

    @Test
    void brineIsNoSyrup() {
        assertThat(at(with(Component.SALT, 20)).syrup().value()).isZero();
        assertThat(at(with(Component.SUCROSE, 20)).syrup().value()).isCloseTo(0.2, within(1e-9));
        assertThat(at(Mixtures.puree(9, 500)).bubbles()).isNotNull();
    }

    private static Set<Caution> cautions(Mixture mixture, Conditions conditions) {
        Snapshot snapshot = Snapshot.of(mixture, new Evaporation(conditions), ThicknessFactor.ONE);
        return Caution.of(snapshot, snapshot, conditions, false);
    }

    @Test
    void whatCanSplitSaysSo() {
        assertThat(cautions(with(Component.FAT, 55), SIMMER)).doesNotContain(Caution.MAY_SPLIT, Caution.WILL_SPLIT);
        assertThat(cautions(with(Component.FAT, 62), SIMMER))
                .contains(Caution.MAY_SPLIT)
                .doesNotContain(Caution.WILL_SPLIT);
        assertThat(cautions(with(Component.FAT, 70), SIMMER))
                .contains(Caution.WILL_SPLIT)
                .doesNotContain(Caution.MAY_SPLIT);
    }

    @Test
    void whatIsSourInBareMetalSaysSo() {
        Conditions copper = in(Material.COPPER_BARE, 12, Activity.SIMMER);

        assertThat(copper.pot().material().reactsWithAcid()).isTrue();
        assertThat(cautions(with(Component.OTHER_ACIDS, 0.5), copper)).contains(Caution.ACID_IN_BARE_METAL);
        assertThat(cautions(with(Component.OTHER_ACIDS, 0.3), copper)).doesNotContain(Caution.ACID_IN_BARE_METAL);
        assertThat(cautions(with(Component.OTHER_ACIDS, 0.5), SIMMER)).doesNotContain(Caution.ACID_IN_BARE_METAL);
    }

    @Test
    void sugarGrainsWhereMoreThanAFewPerCentIsBeyondWhatWaterHolds() {
        assertThat(cautions(with(Component.SUCROSE, 66), SIMMER)).doesNotContain(Caution.WILL_GRAIN);
        assertThat(cautions(with(Component.SUCROSE, 67.3), SIMMER)).doesNotContain(Caution.WILL_GRAIN);
        assertThat(cautions(with(Component.SUCROSE, 72), SIMMER)).contains(Caution.WILL_GRAIN, Caution.HOT_SUGAR);
        assertThat(cautions(with(Component.SALT, 28), SIMMER)).contains(Caution.WILL_GRAIN);
        assertThat(cautions(with(Component.SALT, 25), SIMMER)).doesNotContain(Caution.WILL_GRAIN);
    }

    @Test
    void whatIsThickOrSweetCatchesAtASimmerButNotBelow() {
        assertThat(Caution.catches(at(with(Component.SUCROSE, 65)), Activity.SIMMER))
                .isTrue();
        assertThat(Caution.catches(at(with(Component.SUCROSE, 55)), Activity.SIMMER))
                .isFalse();
        assertThat(Caution.catches(at(Mixtures.puree(17, 500)), Activity.SIMMER))
                .isTrue();
        assertThat(Caution.catches(at(Mixtures.puree(17, 500)), Activity.BARE_SIMMER))
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({"10, 8", "35, 8", "40, 7", "50, 5", "60, 3", "70, 1", "80, 1"})
    void theSweeterTheOftenerItIsStirred(double brix, int minutes) {
        assertThat(Caution.stirEveryMinutes(at(with(Component.SUCROSE, brix)))).isEqualTo(minutes);
    }

    @Test
    void theThickerTheOftenerItIsStirred() {
        Snapshot thick = at(Mixtures.puree(13, 500));
        double every = 8 - 7 * (thick.atStove().value() - 3) / 2.5;

        assertThat(every).isBetween(1.0, 7.0);
        assertThat(Caution.stirEveryMinutes(thick)).isEqualTo((int) Math.round(every));
    }

    @Test
    void aPotThatIsTooSmallIsSaidToBe() {
        Mixture litres = Mixtures.of("water", 3200);

        assertThat(cautions(litres, SIMMER)).doesNotContain(Caution.POT_TOO_FULL, Caution.POT_OVERFLOWS);
        assertThat(cautions(litres, in(Material.STEEL, 9, Activity.SIMMER))).contains(Caution.POT_TOO_FULL);
        assertThat(cautions(litres, in(Material.STEEL, 6, Activity.SIMMER)))
                .contains(Caution.POT_OVERFLOWS)
                .doesNotContain(Caution.POT_TOO_FULL);
    }

    /** m·c·ΔT and Δm·λ over the efficiency of the ring. */
    @Test
    void theStoveWarmsItAndEvaporatesWhatLeaves() {
        Mixture from = Mixtures.of("water", 1000);
        Mixture to = Mixtures.of("water", 600);
        Evaporation evaporation = new Evaporation(SIMMER);
        Celsius hot = evaporation.stoveTemperature(from);
        Celsius halfWay = Celsius.of((20 + hot.degrees()) / 2);
        double joules = ChoiOkos.specificHeat(from, halfWay).joulesPerKilogramKelvin() * (hot.degrees() - 20)
                + 0.4 * Steam.latentHeat(hot).joulesPerKilogram();

        assertThat(Celsius.ROOM.degrees()).isEqualTo(20);
        assertThat(StoveWork.of(from, to, evaporation).joules())
                .isCloseTo(joules / SIMMER.ring().kind().efficiency(), within(1e-3));
    }

    @ParameterizedTest
    @CsvSource({"WHITE", "DARK"})
    void aRouxSaysWhatIsNeededAndWhatItCanNot(Roux.Browning browning) {
        Mixture milk = Mixtures.of("whole-milk", 500);
        Roux.Answer most = Roux.forGrade(milk, browning, Grade.of(9.9), Celsius.SERVED_WARM, ThicknessFactor.ONE);
        assertThat(most).isInstanceOf(Roux.Answer.NotEnough.class);
        assertThat(((Roux.Answer.NotEnough) most).reached().value()).isBetween(4.0, 9.9);
        assertThat(Roux.forGrade(
                        Mixtures.puree(13, 500), browning, Grade.of(2), Celsius.SERVED_WARM, ThicknessFactor.ONE))
                .isInstanceOf(Roux.Answer.NoneNeeded.class);

        Roux roux = Roux.forGrade(milk, browning, Grade.of(4.5), Celsius.SERVED_WARM, ThicknessFactor.ONE)
                .found()
                .orElseThrow();
        assertThat(roux.levelTeaspoons())
                .isCloseTo(roux.flour().grams() / StarchKind.WHEAT_FLOUR.gramsPerMillilitre() / 5, within(1e-9))
                .isGreaterThan(1);
    }
}
