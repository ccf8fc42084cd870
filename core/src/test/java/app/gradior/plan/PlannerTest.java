package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.pot.Activity;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Altitude;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Power;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import app.gradior.thickness.SpoonCoat;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PlannerTest {
    private static final Pot CASSEROLE =
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.ENAMEL, Mass.ofGrams(2100));
    private static final Conditions SIMMER =
            new Conditions(CASSEROLE, Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL);
    private static final Mixture PLUM = Mixtures.of("plum", 600)
            .plus(Mixtures.of("water", 200))
            .plus(Mixtures.of("caster-sugar", 100))
            .plus(Mixtures.of("cider-vinegar", 30));

    private static Planner planner(Mixture sauce) {
        return new Planner(sauce, SIMMER, Knowledge.NONE);
    }

    private static Plan reached(Mixture sauce, Target target) {
        Planner.Outcome outcome = planner(sauce).reduceTo(target);
        assertThat(outcome).isInstanceOf(Planner.Outcome.Reached.class);
        return ((Planner.Outcome.Reached) outcome).plan();
    }

    private static OutOfReach missed(Mixture sauce, Target target) {
        Planner.Outcome outcome = planner(sauce).reduceTo(target);
        assertThat(outcome).isInstanceOf(Planner.Outcome.Missed.class);
        return ((Planner.Outcome.Missed) outcome).why();
    }

    @Test
    void aWeightIsMetToTheGramWithARangeOfMinutes() {
        Plan plan = reached(PLUM, new Target.Weight(Mass.ofGrams(600)));

        assertThat(plan.at().mass().grams()).isCloseTo(600, within(0.01));
        assertThat(plan.toDriveOff().grams()).isCloseTo(330, within(0.01));
        assertThat(plan.minutes().low()).isCloseTo(plan.minutes().middle() / Math.exp(0.45 * 1.28155), within(0.01));
        assertThat(plan.yieldGrams().width()).isZero();
        assertThat(plan.heatUp().orElseThrow()).isBetween(Duration.ofMinutes(2), Duration.ofMinutes(6));
        assertThat(plan.asMixed().warm()).isLessThan(plan.from().warm());
        assertThat(plan.at().depth()).isLessThan(plan.from().depth());
        assertThat(plan.at().cold()).isGreaterThan(plan.at().warm());
        assertThat(plan.at().warm()).isGreaterThan(plan.at().atStove());
    }

    @Test
    void aCalibratedPotNarrowsTheMinutes() {
        Target target = new Target.Weight(Mass.ofGrams(600));
        Plan known = ((Planner.Outcome.Reached)
                        new Planner(PLUM, SIMMER, Knowledge.NONE.calibrated(1.2)).reduceTo(target))
                .plan();

        assertThat(known.minutes().middle())
                .isCloseTo(reached(PLUM, target).minutes().middle() / 1.2, within(0.01));
        assertThat(known.minutes().high() / known.minutes().middle()).isCloseTo(Math.exp(0.15 * 1.28155), within(1e-3));
    }

    @Test
    void aVolumeIsMetAtRoomTemperature() {
        Plan plan = reached(PLUM, new Target.Yield(Volume.ofMillilitres(500)));

        assertThat(plan.at().volume().millilitres()).isCloseTo(500, within(0.01));
    }

    @ParameterizedTest
    @EnumSource(Target.Basis.class)
    void aPartIsOfWhatTheReductionBeganWith(Target.Basis basis) {
        Plan plan = reached(PLUM, new Target.Reduced(Share.of(0.5), basis));
        double kept = switch (basis) {
            case WEIGHT -> plan.at().mass().grams() / plan.from().mass().grams();
            case VOLUME -> hot(plan.at()) / hot(plan.from());
            case DEPTH -> plan.at().depth().metres() / plan.from().depth().metres();
        };

        assertThat(kept).isCloseTo(0.5, within(1e-4));
    }

    private static double hot(Snapshot at) {
        return ChoiOkos.volume(at.mixture(), at.stove()).litres();
    }

    @Test
    void aUseIsMetInTheMiddleOfItsBandWhereItIsEaten() {
        Plan plan = reached(PLUM, new Target.ForUse(Use.GLAZE, Celsius.of(60)));

        assertThat(plan.at().warm().value()).isCloseTo(5.5, within(1e-3));
        assertThat(plan.at().look()).isEqualTo(SpoonCoat.LINE_STAYS);
        assertThat(plan.yieldGrams().low()).isLessThan(plan.yieldGrams().middle());
        assertThat(plan.yieldGrams().high()).isGreaterThan(plan.yieldGrams().middle());
        Plan cold = reached(PLUM, new Target.ForUse(Use.GLAZE, Celsius.of(5)));
        assertThat(cold.at().mass()).isGreaterThan(plan.at().mass());
        assertThat(plan.minutes().high() / plan.minutes().middle()).isGreaterThan(Math.exp(0.45 * 1.28155));
    }

    @Test
    void theRangeOfAThicknessTargetIsThatOfItsDoubt() {
        Target target = new Target.ForUse(Use.GLAZE, Celsius.of(60));
        Plan plan = reached(PLUM, target);
        Plan thicker = with(Math.exp(0.5), target);
        Plan thinner = with(Math.exp(-0.5), target);
        double byThickness =
                Math.log(thinner.minutes().middle() / thicker.minutes().middle()) / 2;
        double grams = plan.at().mass().grams();

        assertThat(plan.minutes().high())
                .isCloseTo(plan.minutes().middle() * Math.exp(1.2815516 * Math.hypot(0.45, byThickness)), within(0.01));
        assertThat(plan.yieldGrams().high())
                .isCloseTo(grams + 1.2815516 * (thicker.at().mass().grams() - grams), within(0.1));
        assertThat(plan.yieldGrams().low())
                .isCloseTo(grams - 1.2815516 * (grams - thinner.at().mass().grams()), within(0.1));
    }

    private static Plan with(double thickness, Target target) {
        Knowledge sure = new Knowledge(1, 0.35, ThicknessFactor.of(thickness), 0);
        return ((Planner.Outcome.Reached) new Planner(PLUM, SIMMER, sure).reduceTo(target)).plan();
    }

    @Test
    void targetsSayWhatTheyAre() {
        assertThat(new Target.Weight(Mass.ofGrams(1)).isThickness()).isFalse();
        assertThat(new Target.AtBrix(Share.of(0.6)).isThickness()).isFalse();
        assertThat(new Target.AtGrade(Grade.of(5), Celsius.of(60)).isThickness())
                .isTrue();
        assertThat(new Target.AtStoveGrade(Grade.of(5)).isThickness()).isTrue();
        assertThat(new Target.AtGrade(Grade.of(5), Celsius.of(60)).gradeServed())
                .isPresent();
        assertThat(new Target.AtStoveGrade(Grade.of(5)).gradeServed()).isEmpty();
        assertThat(new Target.Reduced(Share.of(0.5), Target.Basis.DEPTH).timesOf(PLUM))
                .isEmpty();
        assertThat(Use.TOSS.key()).isEqualTo("toss");
        assertThat(Use.TOSS.from()).isEqualTo(Grade.of(4.4));
        assertThat(Use.TOSS.to()).isEqualTo(Grade.of(5.2));
        assertThat(SpoonCoat.LINE_FILLS.shows(Grade.of(3))).isFalse();
    }

    @Test
    void aGradeAtTheStoveThatIsPassedAlreadyIsJudgedThere() {
        Mixture paste = Mixtures.of("tomato-paste", 300);

        assertThat(missed(paste, new Target.AtStoveGrade(Grade.of(3))))
                .isInstanceOfSatisfying(OutOfReach.ThickerAlready.class, thicker -> {
                    assertThat(thicker.now())
                            .isEqualTo(Snapshot.of(
                                            paste.cookedAt(Celsius.of(99)),
                                            new Evaporation(SIMMER),
                                            ThicknessFactor.ONE)
                                    .atStove());
                    assertThat(thicker.water()).isEmpty();
                });
    }

    @Test
    void aBrixAndAGradeAtTheStoveAreMet() {
        assertThat(reached(PLUM, new Target.AtBrix(Share.of(0.4))).at().brix().value())
                .isCloseTo(0.4, within(1e-6));
        assertThat(reached(PLUM, new Target.AtStoveGrade(Grade.of(4.4)))
                        .at()
                        .atStove()
                        .value())
                .isCloseTo(4.4, within(1e-4));
    }

    @Test
    void moreThanThereIsIsSaidWithHowManyTimesWouldDo() {
        assertThat(missed(PLUM, new Target.Weight(Mass.ofGrams(1860))))
                .isInstanceOfSatisfying(OutOfReach.MoreThanThereIs.class, more -> {
                    assertThat(more.have().grams()).isCloseTo(930, within(1e-6));
                    assertThat(more.times()).isCloseTo(2, within(1e-9));
                });
        assertThat(missed(PLUM, new Target.Yield(Volume.ofLitres(2))))
                .isInstanceOfSatisfying(
                        OutOfReach.MoreThanThereIs.class,
                        more -> assertThat(more.times() * more.haveVolume().litres())
                                .isCloseTo(2, within(1e-9)));
    }

    @Test
    void thickerAlreadyIsSaidWithTheWaterThatWouldThinIt() {
        Mixture paste = Mixtures.of("tomato-paste", 300);

        assertThat(missed(paste, new Target.ForUse(Use.POUR, Celsius.of(60))))
                .isInstanceOfSatisfying(OutOfReach.ThickerAlready.class, thicker -> {
                    assertThat(thicker.now()).isGreaterThan(Use.POUR.aim());
                    Mixture thinned = paste.plus(
                            Mixtures.of("water", thicker.water().orElseThrow().grams()));
                    assertThat(Snapshot.of(thinned, new Evaporation(SIMMER), ThicknessFactor.ONE)
                                    .warm()
                                    .value())
                            .isCloseTo(Use.POUR.aim().value(), within(0.02));
                });
        assertThat(missed(Mixtures.sucrose(60, 300), new Target.AtBrix(Share.of(0.4))))
                .isInstanceOfSatisfying(
                        OutOfReach.ThickerAlready.class,
                        thicker -> assertThat(thicker.water()).isEmpty());
    }

    @Test
    void lessThanIsNotWaterIsSaidWithTheLeast() {
        assertThat(missed(PLUM, new Target.Weight(Mass.ofGrams(50))))
                .isInstanceOfSatisfying(
                        OutOfReach.LessThanIsDry.class,
                        dry -> assertThat(dry.min().grams()).isBetween(100.0, 250.0));
    }

    @Test
    void whatNeverGetsSoThickIsSaidWithHowThickItGets() {
        assertThat(missed(Mixtures.of("water", 500), new Target.ForUse(Use.DIP, Celsius.of(60))))
                .isInstanceOfSatisfying(OutOfReach.NeverSoThick.class, never -> {
                    assertThat(never.thickest().value()).isLessThan(1);
                    assertThat(never.left().grams()).isLessThan(20);
                });
    }

    @Test
    void whatTakesDaysIsSaidToBeTooSlow() {
        Conditions covered = SIMMER.with(Lid.of(0)).with(Activity.STEAMING);

        assertThat(new Planner(PLUM, covered, Knowledge.NONE).reduceTo(new Target.Weight(Mass.ofGrams(600))))
                .isEqualTo(new Planner.Outcome.Missed(new OutOfReach.TooSlow()));
    }

    @ParameterizedTest
    @CsvSource({"4000, 0.5", "0, 0.5", "0, 200"})
    void extremeButPossibleKitchensCompute(double altitude, double kilograms) {
        Mixture sauce = PLUM.times(kilograms / PLUM.mass().kilograms());
        Pot cauldron =
                Pot.straight(Length.ofCentimetres(100), Length.ofCentimetres(60), Material.STEEL, Mass.ofKilograms(20));
        Conditions high = SIMMER.with(cauldron)
                .with(Room.USUAL.at(Altitude.ofMetres(altitude)).withHood(true));

        Planner.Outcome outcome = new Planner(sauce, high, Knowledge.NONE)
                .reduceTo(new Target.Reduced(Share.of(0.5), Target.Basis.WEIGHT));

        assertThat(outcome).isInstanceOf(Planner.Outcome.Reached.class);
    }

    @Test
    void theMinutesOfThePlanAreThoseOfTheEquationStoppedThere() {
        Target target = new Target.ForUse(Use.TOSS, Celsius.of(60));
        Plan plan = reached(PLUM, target);
        BoilDown boil = new BoilDown(PLUM, new Evaporation(SIMMER), ThicknessFactor.ONE, 1);
        Mixture after = boil.after(Duration.ofMillis(Math.round(plan.minutes().middle() * 60_000)));

        assertThat(after.mass().grams()).isCloseTo(plan.at().mass().grams(), within(0.05));
        List<TradeOff.Point> curve = TradeOff.curve(
                PLUM, new Evaporation(SIMMER), Knowledge.NONE, boil.start().waterLeftAt(after.mass()), 40);
        assertThat(curve.get(39).minutes()).isCloseTo(plan.minutes().middle(), within(0.01));
        assertThat(curve.get(0).minutes()).isZero();
        assertThat(curve).extracting(TradeOff.Point::minutes).isSorted();
        assertThat(curve).extracting(p -> p.at().warm()).isSorted();
    }

    @Test
    void cautionsAreShownWhereTheyApplyAndNotElsewhere() {
        assertThat(reached(PLUM, new Target.Weight(Mass.ofGrams(600))).cautions())
                .containsExactly(Caution.KEEP_COLD);
        assertThat(reached(PLUM, new Target.ForUse(Use.DIP, Celsius.of(60))).cautions())
                .contains(Caution.CATCHES);
        assertThat(reached(Mixtures.sucrose(50, 500), new Target.AtBrix(Share.of(0.7)))
                        .cautions())
                .contains(Caution.HOT_SUGAR, Caution.CATCHES);
        assertThat(reached(Mixtures.of("dry-red-wine", 500), new Target.Weight(Mass.ofGrams(300)))
                        .cautions())
                .contains(Caution.ALCOHOL_REMAINS)
                .doesNotContain(Caution.SPIRIT_NEAR_FLAME);
        assertThat(reached(Mixtures.of("water", 4000), new Target.Weight(Mass.ofGrams(3900)))
                        .cautions())
                .contains(Caution.POT_TOO_FULL)
                .doesNotContain(Caution.POT_OVERFLOWS);
        assertThat(reached(Mixtures.of("water", 6000), new Target.Weight(Mass.ofGrams(5900)))
                        .cautions())
                .contains(Caution.POT_OVERFLOWS)
                .doesNotContain(Caution.POT_TOO_FULL);
    }

    @Test
    void spiritNearAFlameAndAcidInBareMetalAreCautioned() {
        Pot bare = Pot.straight(
                Length.ofCentimetres(24), Length.ofCentimetres(12), Material.ALUMINIUM_BARE, Mass.ofGrams(900));
        Conditions gas = new Conditions(
                bare, new Ring(Ring.Kind.GAS, Power.ofWatts(1500)), Activity.ROLLING_BOIL, Lid.OFF, Room.USUAL);
        Mixture flare = Mixtures.of("brandy", 100).plus(Mixtures.of("lemon-juice", 60));
        Plan plan = ((Planner.Outcome.Reached)
                        new Planner(flare, gas, Knowledge.NONE).reduceTo(new Target.Weight(Mass.ofGrams(80))))
                .plan();

        assertThat(plan.cautions())
                .contains(Caution.ACID_IN_BARE_METAL, Caution.SPIRIT_NEAR_FLAME, Caution.RING_TOO_WEAK);
    }

    @Test
    void thickAndSugarySaucesAreStirredMoreOften() {
        Evaporation evaporation = new Evaporation(SIMMER);

        assertThat(Caution.stirEveryMinutes(Snapshot.of(Mixtures.of("water", 500), evaporation, ThicknessFactor.ONE)))
                .isEqualTo(8);
        assertThat(Caution.stirEveryMinutes(Snapshot.of(Mixtures.puree(12, 500), evaporation, ThicknessFactor.ONE)))
                .isBetween(2, 6);
        assertThat(Caution.stirEveryMinutes(Snapshot.of(Mixtures.sucrose(72, 500), evaporation, ThicknessFactor.ONE)))
                .isEqualTo(1);
        assertThat(Caution.stirEveryMinutes(Snapshot.of(Mixtures.puree(30, 500), evaporation, ThicknessFactor.ONE)))
                .isEqualTo(1);
    }

    @Test
    void snapshotsSayWhatACookAsksFor() {
        Mixture salted = PLUM.plus(Mixtures.of("fine-salt", 10));
        Snapshot at = Snapshot.of(salted, new Evaporation(SIMMER), ThicknessFactor.ONE);

        assertThat(at.salt().percent()).isCloseTo(100 * 9.98 / 940, within(0.01));
        assertThat(at.sugar().percent()).isCloseTo(100 * salted.sugars().grams() / 940, within(1e-9));
        assertThat(at.acid()).isEqualTo(salted.acidShare());
        assertThat(at.alcohol()).isEqualTo(salted.share(Component.ETHANOL));
        assertThat(at.stove().degrees()).isBetween(98.0, 99.5);
        assertThat(at.volume().millilitres()).isBetween(870.0, 915.0);
        assertThat(at.depth().millimetres()).isBetween(19.0, 21.5);
        assertThat(at.plateSpread(ThicknessFactor.ONE).centimetres()).isBetween(8.0, 25.0);
    }

    @Test
    void theImpossibleIsRefusedByName() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> planner(Mixture.EMPTY))
                .withMessageContaining("nothing");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Target.Reduced(Share.of(0), Target.Basis.WEIGHT))
                .withMessageContaining("0.0");
        assertThatIllegalArgumentException().isThrownBy(() -> new Target.Reduced(Share.ALL, Target.Basis.WEIGHT));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Knowledge(0, 0.3, ThicknessFactor.ONE, 0.3))
                .withMessageContaining("k must be between");
        assertThatIllegalArgumentException().isThrownBy(() -> new Knowledge(1, -1, ThicknessFactor.ONE, 0.3));
        assertThatIllegalArgumentException().isThrownBy(() -> new Knowledge(1, 0.3, ThicknessFactor.ONE, 3));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> TradeOff.curve(PLUM, new Evaporation(SIMMER), Knowledge.NONE, Share.of(0.1), 1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> TradeOff.curve(PLUM, new Evaporation(SIMMER), Knowledge.NONE, Share.of(0.1), 2001));
    }
}
