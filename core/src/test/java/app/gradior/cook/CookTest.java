package app.gradior.cook;

import static app.gradior.cook.SimulatedCook.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.physics.Steam;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.SpoonCoat;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class CookTest {
    private static final Target TO_400 = new Target.Weight(Mass.ofGrams(400));

    private final SimulatedCook simulated = new SimulatedCook(1, new Random(5), TO_400);

    private double left(double minute) {
        return simulated
                .cook()
                .forecast(simulated.minute(minute))
                .minutesLeft()
                .orElseThrow()
                .middle();
    }

    @Test
    void withoutReadingsItFollowsThePlan() {
        Cook cook = simulated.cook();
        Forecast first = cook.forecast(SimulatedCook.START);

        assertThat(first.heatingUp()).isEqualTo(Duration.ofMinutes(6));
        assertThat(first.loss().gramsPerMinute()).isZero();
        assertThat(first.grams().middle()).isCloseTo(775, within(1e-6));
        double ahead = first.minutesLeft().orElseThrow().middle();
        assertThat(cook.forecast(simulated.minute(4))
                        .minutesLeft()
                        .orElseThrow()
                        .middle())
                .isCloseTo(ahead - 10, within(0.05));
        assertThat(cook.forecast(simulated.minute(10)).grams().middle())
                .isCloseTo(simulated.trueGrams(10), within(0.1));
        assertThat(cook.forecast(simulated.minute(10)).loss().gramsPerMinute()).isBetween(12.0, 16.0);
    }

    @Test
    void everyWeighingNarrowsTheForecast() {
        double before = simulated
                .cook()
                .forecast(simulated.minute(20))
                .minutesLeft()
                .orElseThrow()
                .width();
        for (double minute : new double[] {5, 10, 15}) {
            simulated.weighAt(minute);
            double after = simulated
                    .cook()
                    .forecast(simulated.minute(20))
                    .minutesLeft()
                    .orElseThrow()
                    .width();
            assertThat(after).isLessThan(before);
            before = after;
        }
        assertThat(simulated.cook().k().contains(1)).isTrue();
    }

    @Test
    void theOrderInWhichEventsArriveDoesNotMatter() {
        simulated.weighAt(5).weighAt(9).weighAt(16);
        Forecast inOrder = simulated.cook().forecast(simulated.minute(20));
        Collections.shuffle(simulated.events, new Random(3));

        assertThat(simulated.cook().forecast(simulated.minute(20)))
                .usingRecursiveComparison()
                .isEqualTo(inOrder);
    }

    @Test
    void whatIsUndoneNeverWas() {
        simulated.weighAt(5);
        Interval before = simulated.cook().k();
        simulated.showing(9, 500);
        UUID wrong = simulated.events.get(simulated.events.size() - 1).id();
        simulated.events.add(new CookEvent.Undone(id(), simulated.minute(9.5), wrong));

        assertThat(simulated.cook().k()).isEqualTo(before);
        assertThat(simulated.cook().results()).hasSize(1);
    }

    @Test
    void aReadingFarOffIsQuestionedUntilItIsConfirmed() {
        simulated.weighAt(5).weighAt(10);
        Interval before = simulated.cook().k();
        simulated.showing(12, 300);
        CookEvent odd = simulated.events.get(simulated.events.size() - 1);

        assertThat(simulated.cook().results().get(2).questioned()).isTrue();
        assertThat(simulated.cook().results().get(2).measured()).isCloseTo(0.3, within(1e-9));
        assertThat(simulated.cook().results().get(2).expected())
                .isCloseTo(simulated.trueGrams(12) / 1000, within(0.02));
        assertThat(simulated.cook().k().middle()).isEqualTo(before.middle());

        simulated.events.add(new CookEvent.Confirmed(id(), simulated.minute(12.5), odd.id()));
        assertThat(simulated.cook().results().get(2).questioned()).isFalse();
        assertThat(simulated.cook().results().get(2).expected())
                .isCloseTo(simulated.trueGrams(12) / 1000, within(0.02));
        Interval there = simulated.cook().forecast(simulated.minute(12)).grams();
        assertThat(there.middle()).isCloseTo(300, within(3.0));
        assertThat(there.width()).isLessThan(15);
    }

    @Test
    void twoOddReadingsThatAgreeAreBelieved() {
        simulated.weighAt(5).weighAt(10);
        simulated.showing(15, simulated.trueGrams(15) - 90);
        assertThat(simulated.cook().results().get(2).questioned()).isTrue();
        simulated.showing(18, simulated.trueGrams(18) - 100);

        assertThat(simulated.cook().results().get(3).questioned()).isFalse();
        assertThat(simulated.cook().forecast(simulated.minute(18)).grams().middle())
                .isCloseTo(simulated.trueGrams(18) - 100, within(15.0));
    }

    @Test
    void twoOddReadingsThatDisagreeAreBothQuestioned() {
        simulated.weighAt(5).weighAt(10);
        simulated.showing(15, simulated.trueGrams(15) - 90).showing(18, simulated.trueGrams(18) + 90);

        assertThat(simulated.cook().results())
                .extracting(Cook.ReadingResult::questioned)
                .containsExactly(false, false, true, true);
    }

    @Test
    void lessHeatAndALidTakeLonger() {
        double open = left(10);
        simulated.events.add(new CookEvent.LidChanged(id(), simulated.minute(9), Lid.AJAR));
        double ajar = left(10);
        simulated.events.add(new CookEvent.HeatChanged(id(), simulated.minute(9.5), Activity.ROLLING_BOIL));

        assertThat(ajar).isCloseTo(open / 0.45, within(open * 0.1));
        assertThat(left(10)).isLessThan(ajar * 0.6);
        assertThat(simulated.cook().conditions().lid()).isEqualTo(Lid.AJAR);
    }

    @Test
    void offTheHeatNothingIsLostAndNothingIsReached() {
        simulated.events.add(new CookEvent.HeatSwitched(id(), simulated.minute(10), false));
        Cook off = simulated.cook();

        assertThat(off.onHeat()).isFalse();
        assertThat(off.forecast(simulated.minute(40)).grams().middle()).isCloseTo(simulated.trueGrams(10), within(0.1));
        assertThat(off.forecast(simulated.minute(40)).minutesLeft()).isEmpty();
        simulated.events.add(new CookEvent.HeatSwitched(id(), simulated.minute(40), true));
        assertThat(simulated.cook().forecast(simulated.minute(40)).minutesLeft())
                .isPresent();
    }

    @Test
    void whatGoesInIsInAndIsCookedWithTheRest() {
        Mixture slurry = Mixtures.of("corn-starch", 12).plus(Mixtures.of("water", 24));
        double before =
                simulated.cook().forecast(simulated.minute(10)).current().warm().value();
        simulated.events.add(new CookEvent.Added(id(), simulated.minute(10), slurry));
        Forecast after = simulated.cook().forecast(simulated.minute(10));

        assertThat(after.grams().middle()).isCloseTo(simulated.trueGrams(10) + 36, within(0.1));
        assertThat(after.current().warm().value()).isGreaterThan(before + 0.7);
        assertThat(after.current().mixture().hasRawStarch()).isFalse();
        assertThat(simulated.cook().maxPossible(simulated.minute(11)).grams())
                .isCloseTo((775 + 36) * 1.06 + 20, within(0.5));
        assertThat(simulated.cook().maxPossible(simulated.minute(9)).grams()).isCloseTo(775 * 1.06 + 20, within(0.5));
    }

    @Test
    void blendingThickensAndSievingTakesAway() {
        double chunky =
                simulated.cook().forecast(simulated.minute(10)).current().warm().value();
        simulated.events.add(new CookEvent.Blended(id(), simulated.minute(10)));
        double smooth =
                simulated.cook().forecast(simulated.minute(10)).current().warm().value();
        double grams = simulated.cook().forecast(simulated.minute(10)).grams().middle();
        simulated.events.add(new CookEvent.Strained(id(), simulated.minute(10), Share.of(0.6), Share.of(0.05)));
        Forecast sieved = simulated.cook().forecast(simulated.minute(10));

        assertThat(smooth).isGreaterThan(chunky + 0.2);
        assertThat(sieved.current().warm().value()).isLessThan(smooth);
        assertThat(sieved.grams().middle()).isBetween(0.90 * grams, 0.96 * grams);
    }

    @Test
    void everyKindOfReadingCorrectsWhatItMeasures() {
        SimulatedCook fast = new SimulatedCook(1.6, new Random(5), TO_400);
        double expected = fast.cook().forecast(fast.minute(15)).grams().middle();
        Mixture truth = fast.truth().after(Duration.ofMinutes(15));
        Volume hot = ChoiOkos.volume(truth, Celsius.of(98.5));
        fast.events.add(new CookEvent.Dipped(id(), fast.minute(15), SimulatedCook.CASSEROLE.depthOf(hot)));
        double dipped = fast.cook().forecast(fast.minute(15)).grams().middle();
        fast.events.add(new CookEvent.Jugged(id(), fast.minute(15), hot));
        double jugged = fast.cook().forecast(fast.minute(15)).grams().middle();

        assertThat(dipped).isLessThan(expected - 20);
        assertThat(Math.abs(jugged - truth.mass().grams()))
                .isLessThan(Math.abs(dipped - truth.mass().grams()));
    }

    @Test
    void aSpoonAndAPlateTellTheThicknessOfThisSauce() {
        double warm = Thickness.grade(
                        simulated.truth().after(Duration.ofMinutes(15)), Celsius.of(60), ThicknessFactor.ONE)
                .value();
        SpoonCoat thicker = SpoonCoat.of(app.gradior.thickness.Grade.of(warm + 1));
        simulated.events.add(
                new CookEvent.SpoonLooked(id(), simulated.minute(15), thicker, Optional.of(Celsius.of(60))));
        Interval spoon = simulated.cook().thickness();
        simulated.events.add(
                new CookEvent.PlateSpreadRead(id(), simulated.minute(15), Length.ofCentimetres(7), Celsius.of(40)));
        Interval plate = simulated.cook().thickness();

        assertThat(spoon.middle()).isGreaterThan(1.15);
        assertThat(plate.middle()).isNotEqualTo(spoon.middle());
        assertThat(plate.width() / plate.middle()).isLessThan(spoon.width() / spoon.middle());
    }

    /** The same look, by a poor eye and by a trained one. */
    @Test
    void whatAPoorEyeReadsMovesLessThanWhatAGoodOneReads() {
        Celsius warm = Celsius.of(60);
        double grade = Thickness.grade(simulated.truth().after(Duration.ofMinutes(15)), warm, ThicknessFactor.ONE)
                .value();
        SpoonCoat thicker = SpoonCoat.of(app.gradior.thickness.Grade.of(grade + 1));
        List<CookEvent> before = List.copyOf(simulated.events);
        List<Interval> believed = new ArrayList<>();
        for (Optional<Double> sd : List.of(Optional.of(0.9), Optional.<Double>empty(), Optional.of(0.25))) {
            List<CookEvent> with = new ArrayList<>(before);
            with.add(new CookEvent.SpoonLooked(id(), simulated.minute(15), thicker, Optional.of(warm), sd));
            believed.add(Cook.of(with).thickness());
        }

        assertThat(believed.get(0).middle())
                .isGreaterThan(1)
                .isLessThan(believed.get(1).middle());
        assertThat(believed.get(1).middle()).isLessThan(believed.get(2).middle());
        assertThat(believed.get(0).width() / believed.get(0).middle())
                .isGreaterThan(believed.get(2).width() / believed.get(2).middle());
    }

    @Test
    void aLookWithoutAFarEndTellsNothingWhereItIsExpected() {
        SimulatedCook thin = new SimulatedCook(Mixtures.of("chicken-stock", 800), 1, 0, new Random(1), TO_400);
        thin.events.add(new CookEvent.SpoonLooked(id(), thin.minute(5), SpoonCoat.RUNS_CLEAR, Optional.empty()));

        assertThat(thin.cook().thickness().middle()).isCloseTo(1, within(1e-9));
        assertThat(thin.cook().results()).isEmpty();
    }

    @Test
    void aPasteThatMoundsAsExpectedTellsNothingAndAThinOneThatMoundsDoes() {
        SimulatedCook paste = new SimulatedCook(Mixtures.of("tomato-paste", 800), 1, 0, new Random(1), TO_400);
        paste.events.add(
                new CookEvent.SpoonLooked(id(), paste.minute(18), SpoonCoat.MOUNDS, Optional.of(Celsius.of(20))));
        assertThat(paste.cook().results()).isEmpty();

        simulated.events.add(new CookEvent.Finished(
                id(), simulated.minute(20), Optional.empty(), Optional.of(SpoonCoat.LINE_STAYS)));
        assertThat(simulated.cook().thickness().middle()).isGreaterThan(1.1);
    }

    @Test
    void whatIsBelievedAtTheStartIsWhatWasKnown() {
        Cook cook = simulated.cook();

        assertThat(cook.k()).isEqualTo(Interval.logNormal(1, 0.45));
        assertThat(cook.thickness()).isEqualTo(Interval.logNormal(1, 0.5));
        assertThat(cook.started()).isEqualTo(simulated.events.get(0));
        assertThat(cook.events()).containsExactly(simulated.events.get(1));
        assertThat(cook.onHeat()).isTrue();
        assertThat(cook.simmerSeen()).isTrue();
        Interval grams = cook.forecast(SimulatedCook.START).grams();
        double perWater = SimulatedCook.SAUCE.lossPerWater();
        assertThat(grams.width()).isCloseTo(2 * 1.2815516 * 0.015 * 775 * perWater, within(0.01));
    }

    @Test
    void theTimeLeftIsAsDoubtfulAsTheFillingAndThePaceMakeIt() {
        Forecast forecast = simulated.cook().forecast(simulated.minute(0));
        Interval left = forecast.minutesLeft().orElseThrow();
        double lost = forecast.grams().middle() - 400;
        // ln t = ln(water to go) − ln k, with 1.5 % of 775 g and a walk of ln k on the way.
        double expected =
                Math.sqrt(0.45 * 0.45 + Math.pow(0.015 * 775 / lost, 2) + 0.008 * 0.008 / 600 * left.middle() * 60 / 3);

        assertThat(Math.log(left.high() / left.middle()) / 1.2815516).isCloseTo(expected, within(0.01));
    }

    @Test
    void thePathWidensAsThePaceIsDoubted() {
        Forecast forecast = simulated.cook().forecast(simulated.minute(0));
        Forecast.PathPoint end = forecast.path().get(24);
        BoilDown truth = simulated.truth();
        double pace = truth.samples(Duration.ofSeconds(Math.round(end.minutes() * 60)), 1)
                .get(1)
                .loss()
                .gramsPerMinute();

        assertThat(end.minutes()).isCloseTo(forecast.minutesLeft().orElseThrow().middle() * 1.2 + 1, within(0.01));
        double sd = Math.hypot(0.015 * 775, 0.45 * pace * end.minutes());
        assertThat(end.grams().width() / 2 / 1.2815516).isCloseTo(sd, within(0.05 * sd));
    }

    @Test
    void theGradeIsAsDoubtfulAsTheThicknessOfTheSauce() {
        Forecast forecast = simulated.cook().forecast(simulated.minute(0));
        double half = forecast.grade().width() / 2 / 1.2815516;

        // Nearly all its thickness is body: its spread of 0.5 is 2·log10(e^0.5) of a grade, and 1.5 % of the filling
        // adds
        // little.
        assertThat(half).isBetween(0.2, 0.5);
    }

    @Test
    void whatGoesInAddsItsOwnDoubt() {
        simulated.weighAt(5).weighAt(6).weighAt(7);
        double before = simulated.cook().forecast(simulated.minute(8)).grams().width();
        simulated.events.add(new CookEvent.Added(id(), simulated.minute(8), Mixtures.of("water", 500)));
        double after = simulated.cook().forecast(simulated.minute(8)).grams().width();

        assertThat(Math.pow(after / 2 / 1.2815516, 2))
                .isCloseTo(Math.pow(before / 2 / 1.2815516, 2) + Math.pow(0.015 * 500, 2), within(12.0));
    }

    @Test
    void aThermometerTellsTheBrixOnlyWhileItBoilsFreely() {
        Mixture syrup = Mixtures.sucrose(40, 800);
        SimulatedCook sweet = new SimulatedCook(syrup, 1, 0, new Random(1), TO_400);
        sweet.events.add(new CookEvent.TemperatureRead(id(), sweet.minute(8), Celsius.of(104)));
        assertThat(sweet.cook().results()).isEmpty();

        sweet.events.add(new CookEvent.HeatChanged(id(), sweet.minute(1), Activity.LIVELY_SIMMER));
        double expected = sweet.cook().results().get(0).expected();
        sweet.events.remove(2);
        sweet.events.add(new CookEvent.TemperatureRead(id(), sweet.minute(8), Celsius.of(expected + 1)));
        double without = SimulatedCookForecast.grams(sweet, 7.99);
        assertThat(sweet.cook().forecast(sweet.minute(8)).grams().middle()).isLessThan(without);
    }

    /** The weight expected just before a moment. */
    private static final class SimulatedCookForecast {
        static double grams(SimulatedCook cook, double minute) {
            List<CookEvent> before = cook.events.stream()
                    .filter(e -> !e.at().isAfter(cook.minute(minute)))
                    .toList();
            return Cook.of(before).forecast(cook.minute(minute)).grams().middle();
        }
    }

    @Test
    void beforeAnybodySaysThatItSimmersTheTimeOfHeatingUpIsAnEstimate() {
        simulated.events.removeIf(e -> e instanceof CookEvent.Simmers);
        Cook cook = simulated.cook();

        assertThat(cook.simmerSeen()).isFalse();
        assertThat(Duration.between(SimulatedCook.START, cook.simmersFrom()))
                .isBetween(Duration.ofMinutes(2), Duration.ofMinutes(5));
        double heatUp =
                Duration.between(SimulatedCook.START, cook.simmersFrom()).toSeconds() / 60.0;
        Interval soon = cook.forecast(cook.simmersFrom().plusSeconds(1)).grams();
        double lost = 0.4
                * heatUp
                * simulated.cook().forecast(simulated.minute(0)).loss().gramsPerMinute();
        assertThat(soon.width() / 2 / 1.2815516).isCloseTo(Math.hypot(0.015 * 775, lost), within(0.3));
    }

    @Test
    void aTargetReachedIsSaidToBeReached() {
        Forecast late = simulated.cook().forecast(simulated.minute(60));

        assertThat(late.reached()).isTrue();
        assertThat(late.minutesLeft().orElseThrow().middle()).isZero();
        assertThat(simulated.cook().forecast(simulated.minute(5)).reached()).isFalse();
    }

    @Test
    void aThicknessTargetIsForecastWithTheDoubtAboutTheThickness() {
        SimulatedCook glaze = new SimulatedCook(1, new Random(5), new Target.ForUse(Use.GLAZE, Celsius.of(60)));
        Forecast first = glaze.cook().forecast(glaze.minute(1));
        double logWidth = Math.log(first.minutesLeft().orElseThrow().high()
                / first.minutesLeft().orElseThrow().middle());

        assertThat(first.atTarget().orElseThrow().warm().value()).isCloseTo(5.5, within(0.01));
        assertThat(logWidth).isGreaterThan(0.35 * 1.28 * 1.01);
        assertThat(first.grade().width()).isPositive();
    }

    @Test
    void thePathAheadStartsNowAndPassesTheTarget() {
        simulated.weighAt(5).weighAt(10);
        Forecast forecast = simulated.cook().forecast(simulated.minute(12));
        List<Forecast.PathPoint> path = forecast.path();

        assertThat(path.get(0).minutes()).isZero();
        assertThat(path.get(0).grams().middle()).isCloseTo(forecast.grams().middle(), within(0.01));
        assertThat(path.get(path.size() - 1).grams().middle()).isLessThan(400);
        assertThat(path).extracting(p -> p.grams().middle()).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        assertThat(path.get(path.size() - 1).grams().width())
                .isGreaterThan(path.get(0).grams().width());
    }

    @Test
    void comingOffTheHeatWithAYieldEndsIt() {
        simulated.weighAt(10);
        simulated.events.add(new CookEvent.Finished(
                id(), simulated.minute(20), Optional.of(Mass.ofGrams(520)), Optional.of(SpoonCoat.LINE_STAYS)));
        Cook cook = simulated.cook();

        assertThat(cook.finished()).isPresent();
        assertThat(cook.onHeat()).isFalse();
        assertThat(cook.forecast(simulated.minute(90)).grams().middle()).isCloseTo(520, within(8.0));
    }

    @Test
    void aYieldThatNoEvaporationExplainsIsTakenButTeachesNothing() {
        simulated.weighAt(10);
        Interval learnt = simulated.cook().k();
        simulated.events.add(
                new CookEvent.Finished(id(), simulated.minute(12), Optional.of(Mass.ofGrams(240)), Optional.empty()));
        Cook cook = simulated.cook();

        assertThat(cook.yieldExplained()).isFalse();
        assertThat(cook.forecast(simulated.minute(12)).grams().middle()).isCloseTo(240, within(4.0));
        assertThat(cook.k().middle()).isCloseTo(learnt.middle(), within(0.01));
        assertThat(cook.k().width()).isGreaterThan(0.9 * learnt.width());
    }

    @Test
    void aYieldThatFitsTeachesAsAnyWeighing() {
        simulated.weighAt(10);
        Interval learnt = simulated.cook().k();
        simulated.events.add(new CookEvent.Finished(
                id(), simulated.minute(25), Optional.of(Mass.ofGrams(simulated.trueGrams(25))), Optional.empty()));
        Cook cook = simulated.cook();

        assertThat(cook.yieldExplained()).isTrue();
        assertThat(cook.k().width()).isLessThan(0.9 * learnt.width());
    }

    @Test
    void aCookHasOneStart() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Cook.of(List.of()))
                .withMessageContaining("0");
        simulated.events.add(simulated.events.get(0));
        assertThatIllegalArgumentException().isThrownBy(simulated::cook).withMessageContaining("2");
    }

    @Test
    void aPotThatIsLighterThanItsTareIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(
                        () -> new CookEvent.Weighed(id(), SimulatedCook.START, Mass.ofGrams(500), Mass.ofGrams(2100)))
                .withMessageContaining("500");
    }

    @Test
    void whatIsCarriedOnEventByEventIsTheSameAsWhatIsFoldedAnew() {
        simulated.weighAt(3).weighAt(6);
        Instant later = simulated.minute(7);
        List<CookEvent> all = new ArrayList<>(simulated.events);
        List<CookEvent> more = List.of(
                new CookEvent.HeatChanged(id(), later, Activity.LIVELY_SIMMER),
                new CookEvent.LidChanged(id(), later.plusSeconds(30), Lid.AJAR),
                new CookEvent.SpoonLooked(id(), later.plusSeconds(60), SpoonCoat.THIN_VEIL, Optional.empty()),
                new CookEvent.Added(
                        id(),
                        later.plusSeconds(90),
                        IngredientTable.shipped().get("honey").of(Mass.ofGrams(20))),
                new CookEvent.Weighed(id(), later.plusSeconds(120), Mass.ofGrams(5000), Mass.ofGrams(2100)),
                new CookEvent.Stirred(id(), later.plusSeconds(150)),
                new CookEvent.Blended(id(), later.plusSeconds(180)),
                new CookEvent.HeatSwitched(id(), later.plusSeconds(240), false),
                new CookEvent.HeatSwitched(id(), later.plusSeconds(300), true),
                new CookEvent.Dipped(id(), later.plusSeconds(360), Length.ofMillimetres(12)),
                new CookEvent.Finished(id(), later.plusSeconds(600), Optional.of(Mass.ofGrams(500)), Optional.empty()));
        Cook carriedOn = Cook.of(all);
        for (CookEvent event : more) {
            all.add(event);
            carriedOn = carriedOn.plus(event).orElseThrow();

            Cook anew = Cook.of(all);
            assertThat(carriedOn.forecast(event.at().plusSeconds(60)))
                    .usingRecursiveComparison()
                    .isEqualTo(anew.forecast(event.at().plusSeconds(60)));
            assertThat(carriedOn.events()).isEqualTo(anew.events());
            assertThat(carriedOn.results()).isEqualTo(anew.results());
            assertThat(carriedOn.finished()).isEqualTo(anew.finished());
            assertThat(carriedOn.k()).isEqualTo(anew.k());
        }
    }

    @Test
    void whatChangesTheEarlierCannotBeCarriedOn() {
        simulated.weighAt(5);
        Cook cook = simulated.cook();
        UUID reading = simulated.events.get(simulated.events.size() - 1).id();

        assertThat(cook.plus(new CookEvent.Undone(id(), simulated.minute(6), reading)))
                .isEmpty();
        assertThat(cook.plus(new CookEvent.Confirmed(id(), simulated.minute(6), reading)))
                .isEmpty();
        assertThat(cook.plus(new CookEvent.Simmers(id(), simulated.minute(6)))).isEmpty();
        assertThat(cook.plus(new CookEvent.Stirred(id(), simulated.minute(4)))).isEmpty();
        assertThat(cook.plus(new CookEvent.Stirred(id(), simulated.minute(6)))).isPresent();
    }

    @Test
    void whatIsSaidLastIsWhatHolds() {
        simulated.events.add(new CookEvent.Wanted(id(), simulated.minute(1), simulated.minute(30)));
        simulated.events.add(new CookEvent.Wanted(id(), simulated.minute(2), simulated.minute(40)));
        simulated.events.add(new CookEvent.Stirred(id(), simulated.minute(3)));
        simulated.events.add(new CookEvent.Stirred(id(), simulated.minute(5)));

        assertThat(simulated.cook().wanted()).contains(simulated.minute(40));
        assertThat(simulated.cook().stirredAt()).isEqualTo(simulated.minute(5));
        assertThat(simulated.cook().target()).isEqualTo(TO_400);
    }

    @Test
    void whatWasExpectedBeforeTheLatestReadingIsKept() {
        simulated.weighAt(5);
        Instant later = simulated.minute(12);
        Interval before = simulated.cook().forecast(later).minutesLeft().orElseThrow();
        simulated.showing(10, simulated.trueGrams(10) - 12);

        assertThat(simulated
                        .cook()
                        .forecastBeforeLastResult(later)
                        .orElseThrow()
                        .minutesLeft()
                        .orElseThrow()
                        .middle())
                .isCloseTo(before.middle(), within(0.02));
        assertThat(simulated.cook().forecast(later).minutesLeft().orElseThrow().middle())
                .isLessThan(before.middle() - 0.1);
    }

    /** Half of the heat that leaves goes as steam: s·m·c·ΔT/λ, but never more than half of the water. */
    @Test
    void itGoesOnLosingAsItCools() {
        Mixture water = Mixtures.of("water", 800);
        Celsius half = Celsius.of(78);
        double grams = 0.5
                * 800
                * ChoiOkos.specificHeat(water, half).joulesPerKilogramKelvin()
                * 36
                / Steam.latentHeat(half).joulesPerKilogram();

        assertThat(CarryOver.of(water, Celsius.of(96), Celsius.of(60)).grams()).isCloseTo(grams, within(1e-9));
        assertThat(CarryOver.of(water, Celsius.of(50), Celsius.of(60))).isEqualTo(Mass.ZERO);
        Mixture dry = Mixtures.of("fine-salt", 800).plus(Mixtures.of("water", 4));
        assertThat(CarryOver.of(dry, Celsius.of(96), Celsius.of(20)).grams()).isBetween(1.9, 3.0);
    }
}
