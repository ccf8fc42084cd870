package app.gradior.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.Mixture;
import app.gradior.quantity.Altitude;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Power;
import app.gradior.quantity.Volume;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EvaporationTest {
    static final Pot CASSEROLE =
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.ENAMEL, Mass.ofGrams(2100));
    static final Conditions SIMMER = new Conditions(CASSEROLE, Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL);

    private static double gramsPerMinute(Conditions conditions, Mixture mixture) {
        return new Evaporation(conditions)
                .waterLoss(mixture, ThicknessFactor.ONE)
                .gramsPerMinute();
    }

    @ParameterizedTest
    @CsvSource({"BARE_SIMMER, 8.5, 9.9", "SIMMER, 16, 18", "LIVELY_SIMMER, 25.5, 28.5", "ROLLING_BOIL, 36.5, 39"})
    void aWideCasseroleOfWaterLosesWhatCooksMeasure(Activity activity, double low, double high) {
        assertThat(gramsPerMinute(SIMMER.with(activity), Mixtures.of("water", 1000)))
                .isBetween(low, high);
    }

    @Test
    void aLidLetsOutItsShare() {
        Mixture water = Mixtures.of("water", 1000);

        assertThat(gramsPerMinute(SIMMER.with(Lid.AJAR), water))
                .isCloseTo(0.45 * gramsPerMinute(SIMMER, water), within(1e-9));
    }

    @Test
    void aRunningHoodDriesTheSurfaceFaster() {
        Mixture water = Mixtures.of("water", 1000);

        assertThat(gramsPerMinute(SIMMER.with(Room.USUAL.withHood(true)), water))
                .isGreaterThan(1.05 * gramsPerMinute(SIMMER, water));
    }

    @Test
    void aThickSauceLosesLessThanAThinOne() {
        assertThat(gramsPerMinute(SIMMER, Mixtures.puree(25, 1000)))
                .isLessThan(0.9 * gramsPerMinute(SIMMER, Mixtures.of("water", 1000)));
    }

    @Test
    void theLossAnswersToThicknessAsItsDerivativeSays() {
        Evaporation evaporation = new Evaporation(SIMMER);
        Mixture paste = Mixtures.puree(25, 1000);
        double step = 1e-4;
        double thicker = Math.log(
                evaporation.waterLoss(paste, ThicknessFactor.of(Math.exp(step))).kilogramsPerSecond());
        double thinner = Math.log(evaporation
                .waterLoss(paste, ThicknessFactor.of(Math.exp(-step)))
                .kilogramsPerSecond());

        assertThat(evaporation.pace(paste, ThicknessFactor.ONE).perLnThickness())
                .isCloseTo((thicker - thinner) / 2 / step, within(1e-6));
        assertThat(evaporation
                        .pace(Mixtures.of("water", 100), ThicknessFactor.ONE)
                        .perLnThickness())
                .isZero();
    }

    @Test
    void aWeakRingCapsWhatCanEvaporateAndSaysSo() {
        Conditions camping = new Conditions(
                CASSEROLE, new Ring(Ring.Kind.GAS, Power.ofWatts(1000)), Activity.ROLLING_BOIL, Lid.OFF, Room.USUAL);
        Mixture water = Mixtures.of("water", 1000);

        assertThat(new Evaporation(camping).pace(water, ThicknessFactor.ONE).limitedByPower())
                .isTrue();
        assertThat(gramsPerMinute(camping, water)).isCloseTo(400 / 2_256_500.0 * 60_000, within(0.05));
        assertThat(new Evaporation(SIMMER).pace(water, ThicknessFactor.ONE).limitedByPower())
                .isFalse();
    }

    @Test
    void aLitreOfWaterComesToTheSimmerInFiveToEightMinutesOnAUsualRing() {
        Duration time = new Evaporation(SIMMER)
                .heatUp(Mixtures.of("water", 1000), Celsius.of(20))
                .orElseThrow();

        assertThat(time).isBetween(Duration.ofMinutes(4), Duration.ofMinutes(6));
    }

    @Test
    void aRingTooWeakToHeatThePotSaysSoInsteadOfWaitingForEver() {
        Conditions candle = new Conditions(
                CASSEROLE, new Ring(Ring.Kind.GAS, Power.ofWatts(40)), Activity.SIMMER, Lid.OFF, Room.USUAL);

        assertThat(new Evaporation(candle).heatUp(Mixtures.of("water", 1000), Celsius.of(20)))
                .isEmpty();
    }

    @Test
    void waterBoilsCoolerInTheMountains() {
        Room high = Room.USUAL.at(Altitude.ofMetres(2000));

        assertThat(new Evaporation(SIMMER.with(high).with(Activity.LIVELY_SIMMER))
                        .stoveTemperature(Mixtures.of("water", 1000))
                        .degrees())
                .isCloseTo(93.3, within(0.2));
    }

    @Test
    void aSyrupHalvedIsSixtyBrixAndBoilsNearHundredAndThree() {
        Mixture syrup = Mixtures.sucrose(30, 1000).evaporatedTo(Mass.ofGrams(500));

        assertThat(syrup.brix().percent()).isCloseTo(60, within(1e-9));
        assertThat(new Evaporation(SIMMER.with(Activity.LIVELY_SIMMER))
                        .stoveTemperature(syrup)
                        .degrees())
                .isCloseTo(103, within(0.5));
    }

    @Test
    void aFlaredPotLosesLessAsTheLevelFalls() {
        Pot flared = new Pot(
                Length.ofCentimetres(14),
                Length.ofCentimetres(26),
                Length.ofCentimetres(9),
                Material.STEEL,
                Mass.ofGrams(900));

        assertThat(gramsPerMinute(SIMMER.with(flared), Mixtures.of("water", 300)))
                .isLessThan(0.8 * gramsPerMinute(SIMMER.with(flared), Mixtures.of("water", 1800)));
    }

    @Test
    void boilingDownTakesAsLongAsTheRateSays() {
        BoilDown boil = new BoilDown(Mixtures.of("water", 1000), new Evaporation(SIMMER), ThicknessFactor.ONE, 1);

        BoilDown.Moment half = boil.until(m -> m.mass().grams() - 500).orElseThrow();

        assertThat(half.mixture().mass().grams()).isCloseTo(500, within(0.001));
        assertThat(half.after().toSeconds() / 60.0).isCloseTo(500 / gramsPerMinute(SIMMER, boil.start()), within(0.1));
        assertThat(boil.after(half.after()).mass().grams()).isCloseTo(500, within(0.01));
    }

    @Test
    void twiceTheEvaporationTakesHalfTheTime() {
        Mixture sauce = Mixtures.sucrose(20, 800);
        Duration once = new BoilDown(sauce, new Evaporation(SIMMER), ThicknessFactor.ONE, 1)
                .until(m -> m.mass().grams() - 400)
                .orElseThrow()
                .after();
        Duration twice = new BoilDown(sauce, new Evaporation(SIMMER), ThicknessFactor.ONE, 2)
                .until(m -> m.mass().grams() - 400)
                .orElseThrow()
                .after();

        assertThat(once.toMillis() / (double) twice.toMillis()).isCloseTo(2, within(1e-4));
    }

    @Test
    void whatNeverComesIsSaidToNeverCome() {
        BoilDown underALid = new BoilDown(
                Mixtures.of("water", 200_000), new Evaporation(SIMMER.with(Lid.ON)), ThicknessFactor.ONE, 1);

        assertThat(underALid.until(m -> m.mass().grams() - 100)).isEmpty();
        assertThat(underALid.until(m -> 1)).isEmpty();
    }

    @Test
    void aDepthThatIsFilledReadsBackAsItsVolume() {
        assertThat(CASSEROLE
                        .volumeTo(CASSEROLE.depthOf(Volume.ofMillilitres(900)))
                        .millilitres())
                .isCloseTo(900, within(1e-6));
    }
}
