package app.gradior.thickness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.food.Texture;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Density;
import app.gradior.quantity.Mass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stands, lies in the way, or is no sauce at all: the stated figures worked out by hand. */
class StructureTest {
    @Test
    void aPasteSpreadsUntilItsYieldStressHoldsIt() {
        Rheology paste = new Rheology(new Viscosity(0.002), Grade.of(7).viscosity());
        double held =
                Math.pow(225 * 1050 * 9.81 * 15e-6 * 15e-6 / (128 * Math.PI * Math.PI * paste.yieldStress()), 1 / 5.0);

        assertThat(PlateSpread.diameter(paste, new Density(1050)).metres()).isCloseTo(2 * held, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"4.5", "5.5", "7", "8.5"})
    void aPlateTellsTheGradeThatItsSpreadComesOf(double grade) {
        Viscosity serum = new Viscosity(0.003);
        Density density = new Density(1040);
        Rheology flow = new Rheology(serum, Grade.of(grade).viscosity());

        assertThat(PlateSpread.grade(PlateSpread.diameter(flow, density), serum, density)
                        .orElseThrow()
                        .value())
                .isCloseTo(grade, within(1e-4));
    }

    @Test
    void aSyrupThatHasNoStructureSpreadsAsHuppertSays() {
        Rheology syrup = new Rheology(new Viscosity(0.5), new Viscosity(0.5));
        double radius = 0.894 * Math.pow(1300 * 9.81 * Math.pow(15e-6, 3) * 30 / (3 * 0.5), 1 / 8.0);

        assertThat(syrup.yieldStress()).isZero();
        assertThat(PlateSpread.diameter(syrup, new Density(1300)).metres()).isCloseTo(2 * radius, within(1e-9));
    }

    @Test
    void crystalsLieInTheWayOfWhatIsBetweenThem() {
        double salt = 50 * 0.264 / (1 - 0.264) + 20;
        Mixture brine = new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(50))
                .with(Component.SALT, Mass.ofGrams(salt))
                .with(Component.FAT, Mass.ofGrams(30))
                .build();
        double room = (20 / 2165.0) / ((50 + salt) / 1200);
        assertThat(Filler.factor(brine, Celsius.of(20))).isCloseTo(Math.pow(1 - room / 0.65, -1.6), within(1e-9));

        double sugar = 50 * 66.7 / (100 - 66.7) + 25;
        Mixture fondant = new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(50))
                .with(Component.SUCROSE, Mass.ofGrams(sugar))
                .build();
        double taken = (25 / 1590.0) / ((50 + sugar) / 1200);
        assertThat(Filler.factor(fondant, Celsius.of(20))).isCloseTo(Math.pow(1 - taken / 0.65, -1.6), within(1e-9));
        assertThat(Filler.factor(Mixtures.of("water", 100), Celsius.of(20))).isEqualTo(1);
    }

    @Test
    void piecesFillAFifthOfTheRoomAtMost() {
        Mixture chunks = new Mixture.Builder()
                .with(Component.FIBRE, Mass.ofGrams(50))
                .with(Component.WATER, Mass.ofGrams(950))
                .withBody(Texture.CHUNKY, Mass.ofGrams(50))
                .build();
        double room = 0.20 * (1 - Math.exp(-100 * chunks.bodyInPieces() / 5));

        assertThat(chunks.bodyInPieces()).isPositive();
        assertThat(Filler.factor(chunks, Celsius.of(20))).isCloseTo(Math.pow(1 - room / 0.65, -1.6), within(1e-9));
    }

    private static Mixture of(double water, double ethanol, double fat, double starch) {
        return new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(water))
                .with(Component.ETHANOL, Mass.ofGrams(ethanol))
                .with(Component.FAT, Mass.ofGrams(fat))
                .with(Component.STARCH, Mass.ofGrams(starch))
                .build();
    }

    @Test
    void whatIsTooDryOrTooOilyIsOutsideWhatCanBeTold() {
        assertThat(Outside.of(of(0, 0, 0, 0))).contains(Outside.EMPTY);
        assertThat(Outside.of(of(20, 0, 0, 80))).isEmpty();
        assertThat(Outside.of(of(14, 0, 0, 86))).contains(Outside.TOO_DRY);
        assertThat(Outside.of(of(7, 7, 0, 86))).contains(Outside.TOO_DRY);
        assertThat(Outside.of(of(10, 10, 0, 80))).isEmpty();
        // Its fat apart it is wet enough.
        assertThat(Outside.of(of(20, 0, 60, 80))).isEmpty();
        assertThat(Outside.of(of(20, 0, 80, 0))).isEmpty();
        assertThat(Outside.of(of(10, 0, 90, 0))).contains(Outside.OILY);
    }

    @ParameterizedTest
    @CsvSource({
        "0, SMALL_AND_QUICK",
        "2.9, SMALL_AND_QUICK",
        "3, LARGER",
        "4.1, LARGER",
        "4.2, CRATERS",
        "5.1, CRATERS",
        "5.2, PLOPPING",
        "9, PLOPPING",
    })
    void bubblesGrowWithTheGrade(double grade, Bubbles bubbles) {
        assertThat(Bubbles.of(Grade.of(grade))).isEqualTo(bubbles);
    }
}
