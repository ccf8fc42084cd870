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
import org.junit.jupiter.params.ParameterizedTest;
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
}
