package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.Mixture;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.sauce.WrittenSauce;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RouxTest {
    private static final Mixture MILK = Mixtures.of("whole-milk", 515);
    private static final Conditions SIMMER = new Conditions(
            Pot.straight(Length.ofCentimetres(20), Length.ofCentimetres(10), Material.STEEL, Mass.ofGrams(1200)),
            Ring.USUAL,
            Activity.SIMMER,
            Lid.OFF,
            Room.USUAL);

    private static double warm(Mixture mixture) {
        return Thickness.grade(mixture, Celsius.SERVED_WARM, ThicknessFactor.ONE)
                .value();
    }

    private static Mixture thickened(Roux.Browning browning) {
        Mixture foods = Mixtures.of("wheat-flour", 30).plus(Mixtures.of("unsalted-butter", 30));
        return MILK.plus(Roux.cooked(foods, browning)).cookedAt(Mixtures.BOILING);
    }

    @Test
    void aWhiteRouxThickensAsItsFlourWould() {
        Mixture plain = MILK.plus(Mixtures.of("wheat-flour", 30))
                .plus(Mixtures.of("unsalted-butter", 30))
                .cookedAt(Mixtures.BOILING);

        assertThat(warm(thickened(Roux.Browning.WHITE))).isCloseTo(warm(plain), within(1e-9));
        assertThat(warm(plain)).isBetween(4.4, 6.0);
    }

    @ParameterizedTest
    @CsvSource({"BROWN, 0.65", "DARK, 0.4"})
    void browningTakesFromItsThickening(Roux.Browning browning, double left) {
        double water = 0.47;
        double plain = thickness(thickened(Roux.Browning.BLOND)) - water;

        assertThat((thickness(thickened(browning)) - water) / plain).isCloseTo(left, within(0.05));
    }

    private static double thickness(Mixture mixture) {
        return Thickness.of(mixture, Celsius.SERVED_WARM).apparent().millipascalSeconds();
    }

    @Test
    void itIsRawUntilItIsBoiled() {
        Mixture foods = Mixtures.of("wheat-flour", 30).plus(Mixtures.of("unsalted-butter", 30));

        assertThat(MILK.plus(Roux.cooked(foods, Roux.Browning.BLOND)).hasSwollenStarch())
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({"BLOND", "BROWN", "DARK"})
    void theRouxForAGradeReachesIt(Roux.Browning browning) {
        Roux roux = Roux.forGrade(MILK, browning, Grade.of(4.8), Celsius.SERVED_WARM, ThicknessFactor.ONE)
                .found()
                .orElseThrow();

        assertThat(roux.grade().value()).isCloseTo(4.8, within(0.01));
        assertThat(roux.butter()).isEqualTo(roux.flour());
    }

    @Test
    void theDarkerTheMoreFlour() {
        double blond = Roux.forGrade(MILK, Roux.Browning.BLOND, Grade.of(4.8), Celsius.SERVED_WARM, ThicknessFactor.ONE)
                .found()
                .orElseThrow()
                .flour()
                .grams();
        double dark = Roux.forGrade(MILK, Roux.Browning.DARK, Grade.of(4.8), Celsius.SERVED_WARM, ThicknessFactor.ONE)
                .found()
                .orElseThrow()
                .flour()
                .grams();

        assertThat(dark / blond).isBetween(1.3, 1.5);
        assertThat(Roux.forGrade(
                                thickened(Roux.Browning.BLOND),
                                Roux.Browning.BLOND,
                                Grade.of(3),
                                Celsius.SERVED_WARM,
                                ThicknessFactor.ONE)
                        .found())
                .isEmpty();
    }

    @Test
    void aSauceThatBeginsWithARouxIsThickOnceItSimmers() {
        WrittenSauce sauce = WrittenSauce.read(
                "Make a roux with 30 g butter and 30 g flour\nPour in 500 ml milk, simmer 10 min",
                LineGrammar.shipped(),
                Habits.NONE);

        assertThat(warm(sauce.make(SIMMER, Knowledge.NONE).end())).isBetween(4.4, 6.4);
    }
}
