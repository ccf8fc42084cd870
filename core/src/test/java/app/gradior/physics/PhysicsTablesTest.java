package app.gradior.physics;

import static app.gradior.PublishedTable.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import app.gradior.Mixtures;
import app.gradior.PublishedTable;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.quantity.Altitude;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Pressure;
import app.gradior.quantity.Share;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class PhysicsTablesTest {
    private static final PublishedTable STEAM = PublishedTable.read("water-saturation.csv");
    private static final PublishedTable ELEVATION = PublishedTable.read("boiling-point-elevation.csv");
    private static final PublishedTable ETHANOL = PublishedTable.read("ethanol-retention.csv");

    static Stream<CSVRecord> steam() {
        return STEAM.rows().stream();
    }

    static Stream<CSVRecord> elevation() {
        return ELEVATION.rows().stream();
    }

    static Stream<CSVRecord> brines() {
        return PublishedTable.read("salt-water-activity.csv").rows().stream();
    }

    private static Mixture brine(double saltPercent) {
        return new Mixture.Builder()
                .with(Component.SALT, Mass.ofGrams(10 * saltPercent))
                .with(Component.WATER, Mass.ofGrams(1000 - 10 * saltPercent))
                .build();
    }

    private static double boils(Mixture mixture) {
        return Solution.boilingPoint(mixture, Atmosphere.at(Altitude.SEA_LEVEL)).degrees();
    }

    @ParameterizedTest
    @MethodSource("brines")
    void brinesHoldTheirWaterAsMeasured(CSVRecord row) {
        assertThat(Solution.waterActivity(brine(number(row, "salt_percent"))).value())
                .isCloseTo(number(row, "water_activity"), within(0.005));
    }

    @Test
    void aSaturatedBrineBoilsAtAHundredAndEight() {
        assertThat(boils(brine(26.4))).isCloseTo(108, within(0.5));
        assertThat(boils(brine(40))).isCloseTo(boils(brine(26.4)), within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"5, 94.5, 95.6", "8, 92, 93.5", "30, 83, 86", "0.0001, 99.9, 100.1"})
    void wineBoilsBelowWaterWhileItsAlcoholIsThere(double ethanolPercent, double from, double to) {
        Mixture wine = new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(1000 - 10 * ethanolPercent))
                .with(Component.ETHANOL, Mass.ofGrams(10 * ethanolPercent))
                .build();

        assertThat(boils(wine)).isBetween(from, to);
    }

    @ParameterizedTest
    @CsvSource({"66, 20, 0", "70, 20, 9.9", "70, 60, 0", "80, 60, 22.5", "83, 100, 0"})
    void sugarBeyondWhatTheWaterHoldsIsCrystals(double brix, double celsius, double percent) {
        Mixture syrup = Mixtures.sucrose(brix, 100);

        assertThat(Solubility.sugarCrystals(syrup, Celsius.of(celsius)).grams()).isCloseTo(percent, within(0.2));
    }

    static Stream<CSVRecord> ethanol() {
        return ETHANOL.rows().stream();
    }

    @ParameterizedTest
    @MethodSource("steam")
    void vapourPressureAndLatentHeatMeetTheSteamTable(CSVRecord row) {
        Celsius t = Celsius.of(number(row, "temperature_c"));
        double percent = STEAM.tolerance() * 100;

        assertThat(Steam.vapourPressure(t).kilopascals())
                .isCloseTo(number(row, "vapour_pressure_kpa"), withPercentage(percent));
        assertThat(Steam.latentHeat(t).joulesPerKilogram() / 1000)
                .isCloseTo(number(row, "latent_heat_kj_per_kg"), withPercentage(percent));
    }

    @ParameterizedTest
    @MethodSource("steam")
    void saturationUndoesVapourPressure(CSVRecord row) {
        Celsius t = Celsius.of(number(row, "temperature_c"));

        assertThat(Steam.saturation(Steam.vapourPressure(t)).degrees()).isCloseTo(t.degrees(), within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("elevation")
    void sucroseSolutionsBoilAsMuchHotterAsTheTableSays(CSVRecord row) {
        double brix = number(row, "brix_percent");
        double tolerance = brix <= 60 ? ELEVATION.tolerance() : 0.6;
        Pressure air = Atmosphere.at(Altitude.SEA_LEVEL);

        double elevation =
                Solution.boilingPoint(Mixtures.sucrose(brix, 1000), air).degrees()
                        - Steam.saturation(air).degrees();

        assertThat(elevation).isCloseTo(number(row, "elevation_k"), within(tolerance));
    }

    @ParameterizedTest
    @MethodSource("ethanol")
    void alcoholLeavesAsThePublishedRetentionFactorsSay(CSVRecord row) {
        Mixture dish = new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(900))
                .with(Component.ETHANOL, Mass.ofGrams(100))
                .build();

        Mixture simmered = dish.evaporatedTo(Share.of(number(row, "water_left")));

        assertThat(simmered.mass(Component.ETHANOL).grams() / 100)
                .isCloseTo(number(row, "alcohol_left"), within(ETHANOL.tolerance()));
    }

    /** A spoon of spirit left in a candy, a spirit of hardly any water: found by lines that nobody would write. */
    @ParameterizedTest
    @CsvSource({
        "0.0001, 1, 50",
        "0, 1, 50",
        "0.01, 0.5, 0",
        "1, 99, 0",
        "0.5, 0.01, 900",
        "100, 12, 10",
        "0.0001, 0.000001, 50",
        "0.00000001, 0.0000001, 900",
        "0.000000001, 0.00000001, 5000",
    })
    void spiritOnlyLowersWhereItBoils(double water, double ethanol, double sugar) {
        Mixture dry = new Mixture.Builder()
                .with(Component.WATER, Mass.ofGrams(water))
                .with(Component.SUCROSE, Mass.ofGrams(sugar))
                .build();
        Mixture wet = dry.plus(new Mixture.Builder()
                .with(Component.ETHANOL, Mass.ofGrams(ethanol))
                .build());
        Pressure air = new Pressure(101_325);

        assertThat(Solution.boilingPoint(wet, air).degrees())
                .isLessThanOrEqualTo(
                        Solution.boilingPoint(Solution.waterActivity(wet), air).degrees())
                .isGreaterThan(75);
    }
}
