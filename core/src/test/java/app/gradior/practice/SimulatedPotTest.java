package app.gradior.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.pot.Activity;
import app.gradior.pot.BoilDown;
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
import app.gradior.quantity.Power;
import app.gradior.sauce.WrittenSauce;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The pot follows the model, and what goes wrong in it does so where its rule says, not before. */
class SimulatedPotTest {
    private static final Ring STRONG = new Ring(Ring.Kind.INDUCTION, Power.ofWatts(3000));

    private static Mixture of(String text) {
        return WrittenSauce.read(text, LineGrammar.shipped(), Habits.NONE).all();
    }

    private static SimulatedPot pot(String text, double degrees, int wallMm, Truth truth) {
        Pot pan = Pot.straight(
                Length.ofMillimetres(240), Length.ofMillimetres(wallMm), Material.STEEL, Mass.ofGrams(900));
        Mixture mixture = of(text);
        return SimulatedPot.of(new SimulatedPot.Setup(
                mixture,
                Celsius.of(degrees),
                new Conditions(pan, STRONG, Activity.SIMMER, Lid.OFF, Room.USUAL),
                truth,
                SimulatedPot.Foaming.of(mixture)));
    }

    private static SimulatedPot pot(String text) {
        return pot(text, 20, 90, Truth.AS_THOUGHT);
    }

    /** Brought to the simmer and kept there. */
    private static SimulatedPot simmering(SimulatedPot pot, int dial) {
        SimulatedPot now = pot.after(new Act.Heat(9));
        while (now.activity()
                .filter(a -> a.compareTo(SimulatedPot.activityOf(dial).orElseThrow()) >= 0)
                .isEmpty()) {
            now = now.at(now.seconds() + SimulatedPot.STEP_S);
        }
        return now.after(new Act.Heat(dial));
    }

    @ParameterizedTest
    @CsvSource({"5, SIMMER, 1", "7, LIVELY_SIMMER, 1", "9, ROLLING_BOIL, 0.7", "5, SIMMER, 1.6"})
    void itLosesWaterAsTheModelHasIt(int dial, Activity activity, double k) {
        SimulatedPot begun =
                simmering(pot("800 ml vegetable stock\n100 g sugar", 20, 120, new Truth(k, ThicknessFactor.ONE)), dial);
        // Turned up for a moment, it has come down to its own activity by now.
        SimulatedPot settled = begun.at(begun.seconds() + 240);
        Conditions conditions = begun.setup().conditions().with(activity);

        SimulatedPot then = settled.at(settled.seconds() + 900);

        Mixture model = new BoilDown(settled.mixture(), new Evaporation(conditions), ThicknessFactor.ONE, k)
                .after(Duration.ofSeconds(900));
        double lost = settled.mixture().mass().grams() - then.mixture().mass().grams();
        assertThat(lost)
                .isEqualTo(settled.mixture().mass().grams() - model.mass().grams(), within(0.01 * lost));
        assertThat(then.activity()).contains(activity);
    }

    @Test
    void theSameActsMakeTheSamePotInWhateverStepsItIsAsked() {
        SimulatedPot once =
                pot("500 g passata\n200 ml red wine").after(new Act.Heat(8)).at(1200);
        SimulatedPot often = pot("500 g passata\n200 ml red wine").after(new Act.Heat(8));
        for (int t = 0; t <= 1200; t += 7) {
            often = often.at(t);
        }
        often = often.at(1200);

        assertThat(often.mixture()).isEqualTo(once.mixture());
        assertThat(often.temperature()).isEqualTo(once.temperature());
        assertThat(often.caught()).isEqualTo(once.caught());
    }

    @Test
    void whatWasAskedOfOneMomentChangesNoEarlierOne() {
        SimulatedPot cold = pot("1 l beef stock");
        SimulatedPot hot = cold.after(new Act.Heat(9)).at(600);

        assertThat(cold.temperature().degrees()).isEqualTo(20);
        assertThat(cold.dial()).isZero();
        assertThat(hot.temperature().degrees()).isGreaterThan(95);
    }

    @Test
    void withoutHeatNothingLeavesAndWithALidLess() {
        SimulatedPot cold = pot("1 l beef stock");
        assertThat(cold.at(3600).mixture()).isEqualTo(cold.mixture());
        SimulatedPot open = simmering(cold, 5);
        SimulatedPot lidded = open.after(new Act.Cover(Lid.ON));

        double without = open.mixture().mass().grams()
                - open.at(open.seconds() + 600).mixture().mass().grams();
        double with = open.mixture().mass().grams()
                - lidded.at(open.seconds() + 600).mixture().mass().grams();

        assertThat(with).isPositive().isLessThan(0.2 * without);
        assertThat(lidded.lidOn()).isTrue();
    }

    @Test
    void aRingTurnedDownLetsItCoolToWhatItKeeps() {
        SimulatedPot boiling = simmering(pot("1 l beef stock"), 9);
        SimulatedPot low = boiling.after(new Act.Heat(2));
        assertThat(low.activity().orElseThrow()).isLessThanOrEqualTo(Activity.STEAMING);

        SimulatedPot later = low.at(low.seconds() + 3000);

        assertThat(later.temperature().degrees()).isBetween(60.0, 90.0);
        assertThat(low.after(new Act.Heat(0))
                        .at(low.seconds() + 20_000)
                        .temperature()
                        .degrees())
                .isBetween(20.0, 30.0);
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 10})
    void theRingHasNoOtherSteps(int dial) {
        assertThatIllegalArgumentException().isThrownBy(() -> new Act.Heat(dial));
    }

    @Test
    void itBeginsToCatchWhenItsTimeIsOverAndStirringTakesATenthIntoItsColour() {
        SimulatedPot thick =
                simmering(pot("700 g passata\n150 g tomato paste"), 5).after(new Act.Stir());
        double every = thick.stirEvery();
        double from = thick.seconds();

        assertThat(thick.at(from + 0.9 * every).caught()).isZero();
        SimulatedPot caught = thick.at(from + 1.7 * every);
        assertThat(caught.caught()).isBetween(0.5, 1.0);
        SimulatedPot stirred = caught.after(new Act.Stir());
        assertThat(stirred.caught()).isZero();
        assertThat(stirred.browning()).isEqualTo(0.1 * caught.caught(), within(1e-9));
        assertThat(stirred.wrong(Mishap.CAUGHT)).isEqualTo(caught.caught(), within(1e-9));
    }

    @Test
    void thinStockAndWhatOnlySteamsNeverCatch() {
        SimulatedPot stock = simmering(pot("1 l beef stock"), 9);
        assertThat(stock.at(stock.seconds() + 1500).wrong(Mishap.CAUGHT)).isZero();
        SimulatedPot low = simmering(pot("800 g passata"), 2);
        assertThat(low.at(low.seconds() + 3000).wrong(Mishap.CAUGHT)).isZero();
    }

    @Test
    void theHotterTheSoonerItCatches() {
        assertThat(simmering(pot("800 g passata"), 9).stirEvery())
                .isLessThan(0.3 * simmering(pot("800 g passata"), 5).stirEvery());
    }

    @Test
    void creamRisesOverALowRimAtARollingBoilAndNotAtASimmer() {
        String cream = "900 ml cream\n600 ml whole milk";
        SimulatedPot low = simmering(pot(cream, 20, 48, Truth.AS_THOUGHT), 9);
        assertThat(low.at(low.seconds() + 120).wrong(Mishap.BOILED_OVER)).isPositive();
        assertThat(low.at(low.seconds() + 120).mixture().mass().grams())
                .isLessThan(0.95 * low.mixture().mass().grams());
        SimulatedPot gentle = simmering(pot(cream, 20, 48, Truth.AS_THOUGHT), 4);
        assertThat(gentle.at(gentle.seconds() + 120).wrong(Mishap.BOILED_OVER))
                .isEqualTo(gentle.wrong(Mishap.BOILED_OVER));
    }

    @Test
    void slurryThatIsStirredInAtOnceHasNoLumpsAndThickensMore() {
        SimulatedPot hot = simmering(pot("800 ml chicken stock"), 5);
        Act slurry = new Act.Slurry(StarchKind.CORN, Mass.ofGrams(20));
        double at = hot.seconds();

        SimulatedPot good = hot.after(slurry).at(at + 8).after(new Act.Stir()).at(at + 120);
        SimulatedPot late = hot.after(slurry).at(at + 48).after(new Act.Stir()).at(at + 120);
        SimulatedPot never = hot.after(slurry).at(at + 120);

        assertThat(good.wrong(Mishap.LUMPS)).isZero();
        assertThat(late.wrong(Mishap.LUMPS)).isEqualTo(1);
        assertThat(never.wrong(Mishap.LUMPS)).isEqualTo(1);
        assertThat(good.grade()).isGreaterThan(late.grade() + 0.5);
        assertThat(good.grade()).isGreaterThan(hot.grade() + 1);
        assertThat(late.after(new Act.Blend()).wrong(Mishap.LUMPS)).isZero();
        assertThat(hot.after(slurry).grade()).isEqualTo(hot.grade(), within(0.1));
    }

    @Test
    void coldSlurryInAColdPotMakesNoLumps() {
        SimulatedPot cold = pot("800 ml chicken stock");
        assertThat(cold.after(new Act.Slurry(StarchKind.CORN, Mass.ofGrams(20)))
                        .at(300)
                        .after(new Act.Stir())
                        .wrong(Mishap.LUMPS))
                .isZero();
    }

    @Test
    void flourTastesRawUntilItBoiledForItsTime() {
        SimulatedPot hot = simmering(pot("800 ml chicken stock"), 5);
        SimulatedPot with = hot.after(new Act.Slurry(StarchKind.WHEAT_FLOUR, Mass.ofGrams(40)))
                .after(new Act.Stir());
        double minutes = StarchKind.WHEAT_FLOUR.cookOutMinutes();

        assertThat(hot.wrong(Mishap.RAW_STARCH)).isZero();
        assertThat(with.at(with.seconds() + 60 * minutes - 30).wrong(Mishap.RAW_STARCH))
                .isEqualTo(1);
        assertThat(with.at(with.seconds() + 60 * minutes + 10).wrong(Mishap.RAW_STARCH))
                .isZero();
    }

    @Test
    void potatoStarchThinsAgainWhenItIsBoiledLong() {
        SimulatedPot hot = simmering(pot("800 ml chicken stock"), 5).after(new Act.Cover(Lid.ON));
        SimulatedPot with =
                hot.after(new Act.Slurry(StarchKind.POTATO, Mass.ofGrams(25))).after(new Act.Stir());
        double thick = with.at(with.seconds() + 60).grade();
        assertThat(with.at(with.seconds() + 1500).grade()).isLessThan(thick - 0.3);
    }

    @Test
    void sourMilkWithLittleFatCurdlesAtMoreThanASimmerOnly() {
        String sour = "500 ml whole milk\n60 g lemon juice";
        SimulatedPot rough = simmering(pot(sour, 20, 140, Truth.AS_THOUGHT), 7);
        assertThat(rough.at(rough.seconds() + 40).wrong(Mishap.SPLIT)).isZero();
        assertThat(rough.at(rough.seconds() + 120).wrong(Mishap.SPLIT)).isEqualTo(1);
        SimulatedPot gentle = simmering(pot(sour, 20, 140, Truth.AS_THOUGHT), 4);
        assertThat(gentle.at(gentle.seconds() + 600).wrong(Mishap.SPLIT)).isZero();
        SimulatedPot rich = simmering(pot("500 ml cream\n60 g lemon juice", 20, 140, Truth.AS_THOUGHT), 7);
        assertThat(rich.at(rich.seconds() + 120).wrong(Mishap.SPLIT)).isZero();
    }

    @Test
    void yolkCurdlesAboveEightyFiveDegrees() {
        String custard = "500 ml whole milk\n100 g egg yolk";
        assertThat(pot(custard, 80, 140, Truth.AS_THOUGHT).at(60).wrong(Mishap.SPLIT))
                .isZero();
        assertThat(pot(custard, 88, 140, Truth.AS_THOUGHT).at(60).wrong(Mishap.SPLIT))
                .isEqualTo(1);
    }

    @Test
    void fatThatCameOutIsTakenUpByBlendingOnceThereIsWaterForIt() {
        SimulatedPot butter =
                pot("200 g butter\n20 ml white wine", 60, 90, Truth.AS_THOUGHT).at(20);
        assertThat(butter.wrong(Mishap.SPLIT)).isEqualTo(1);
        assertThat(butter.after(new Act.Blend()).wrong(Mishap.SPLIT)).isEqualTo(1);
        assertThat(butter.after(new Act.Water(Mass.ofGrams(120)))
                        .after(new Act.Blend())
                        .wrong(Mishap.SPLIT))
                .isZero();
    }

    @Test
    void waterThinsAndCoolsAndLeavesTheRingWhereItWas() {
        SimulatedPot hot = simmering(pot("800 g passata"), 5);
        SimulatedPot thinner = hot.after(new Act.Water(Mass.ofGrams(100)));
        assertThat(thinner.grade()).isLessThan(hot.grade());
        assertThat(thinner.temperature().degrees()).isLessThan(hot.temperature().degrees() - 5);
        assertThat(thinner.mixture().mass().grams())
                .isEqualTo(hot.mixture().mass().grams() + 100, within(1e-6));
        SimulatedPot down = hot.at(hot.seconds() + 900);
        assertThat(down.ringMillimetres()).isGreaterThan(down.levelMillimetres() + 2);
    }

    @Test
    void aPotThatIsOffIsLeftAlone() {
        SimulatedPot off = simmering(pot("800 g passata"), 5).after(new Act.Off());
        assertThat(off.after(new Act.Heat(9)).dial()).isZero();
        assertThat(off.after(new Act.Water(Mass.ofGrams(500))).mixture()).isEqualTo(off.mixture());
        assertThat(off.at(off.seconds() + 60).mixture()).isEqualTo(off.mixture());
        assertThat(off.isOff()).isTrue();
    }

    @Test
    void boiledDryItScorchesAndNothingBreaks() {
        SimulatedPot dry = simmering(pot("100 ml water\n30 g sugar"), 9).at(9000);
        assertThat(dry.wrong(Mishap.CAUGHT)).isEqualTo(1);
        assertThat(dry.mixture().mass(Component.WATER).kilograms()).isPositive();
        assertThat(dry.levelMillimetres()).isPositive();
        assertThat(dry.flux()).isNotNegative();
    }
}
