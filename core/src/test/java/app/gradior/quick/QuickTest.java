package app.gradior.quick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.Component;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.plan.Goal;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Planner;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.pot.TypicalPot;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.SpoonCoat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class QuickTest {
    private static final Goal TOSSED = Goal.of(Use.TOSS, Celsius.SERVED_WARM);

    private static Conditions in(double centimetres) {
        return new Conditions(
                Pot.ofWidth(Length.ofCentimetres(centimetres)), Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL);
    }

    private static app.gradior.food.Mixture some(Liquid liquid, double grams) {
        return liquid.of(Mass.ofGrams(grams), liquid.sugar().orElse(Share.NONE));
    }

    @ParameterizedTest
    @EnumSource(Liquid.class)
    void aLiquidIsWrittenInLinesThatAreReadAsItsFoods(Liquid liquid) {
        double grams = 0;
        for (Liquid.Line line : liquid.lines(Mass.ofGrams(1000), liquid.sugar().orElse(Share.NONE))) {
            ReadLine read = LineGrammar.shipped().read("500 g " + line.words());
            assertThat(read.foods()).singleElement().satisfies(food -> {
                assertThat(food.ingredient().key()).isEqualTo(line.food());
                assertThat(food.doubtful()).isFalse();
            });
            grams += line.mass().grams();
        }
        assertThat(grams).isCloseTo(1000, within(1e-6));
        assertThat(Liquid.ofKey(liquid.key())).contains(liquid);
    }

    @ParameterizedTest
    @EnumSource(Liquid.class)
    void everyLiquidHasAnAnswerForEveryUse(Liquid liquid) {
        for (Use use : Use.values()) {
            Reduction answer = Reduction.of(some(liquid, 1200), in(24), Goal.of(use, Celsius.SERVED_WARM));
            assertThat(answer.alone().isPresent()
                            || answer.withStarch().isPresent()
                            || answer.routes().routes().get(0).missed().isPresent())
                    .isTrue();
        }
    }

    @Test
    void moreSugarIsMoreSugarAndWeighsMore() {
        Share much = Share.of(0.5);
        double more = Liquid.VINEGAR_AND_SUGAR
                .of(Mass.ofGrams(1000), much)
                .share(Component.SUCROSE)
                .value();
        assertThat(more).isCloseTo(0.5, within(0.01));
        assertThat(Liquid.VINEGAR_AND_SUGAR.weighing(Volume.ofLitres(1), much).grams())
                .isGreaterThan(Liquid.VINEGAR_AND_SUGAR
                                .weighing(Volume.ofLitres(1), Share.NONE)
                                .grams()
                        + 100);
    }

    @Test
    void aWiderPanAndALivelierSurfaceAreQuicker() {
        Reduction answer = Reduction.of(some(Liquid.CRUSHED_TOMATOES, 1200), in(24), TOSSED);
        double minutes = answer.alone().orElseThrow().minutes().middle();
        assertThat(answer.pans())
                .extracting(p -> Math.round(p.across().centimetres()))
                .containsExactly(28L, 20L);
        assertThat(answer.pans().get(0).minutes().middle()).isLessThan(minutes);
        assertThat(answer.pans().get(1).minutes().middle()).isGreaterThan(minutes);
        assertThat(answer.harder().orElseThrow().activity()).isEqualTo(Activity.LIVELY_SIMMER);
        assertThat(answer.harder().orElseThrow().minutes().middle()).isLessThan(minutes);
        assertThat(answer.gone().orElseThrow().value()).isBetween(0.05, 0.95);
    }

    @Test
    void aPanThatDoesNotHoldItIsNotOffered() {
        Reduction answer = Reduction.of(some(Liquid.CRUSHED_TOMATOES, 3500), in(24), TOSSED);
        assertThat(answer.pans())
                .extracting(p -> Math.round(p.across().centimetres()))
                .containsExactly(28L);
    }

    @Test
    void anUnmeasuredPanMakesTheRangeWiderAndLeavesItsMiddle() {
        Planner sure = new Planner(some(Liquid.PASSATA, 1000), in(24), Knowledge.NONE);
        Planner unsure = new Planner(some(Liquid.PASSATA, 1000), in(24), Knowledge.NONE.ofUnmeasuredPot());
        var measured = ((Planner.Outcome.Reached) sure.reduceTo(TOSSED.target()))
                .plan()
                .minutes();
        var told = ((Planner.Outcome.Reached) unsure.reduceTo(TOSSED.target()))
                .plan()
                .minutes();
        assertThat(told.middle()).isEqualTo(measured.middle());
        assertThat(told.low()).isLessThan(measured.low());
        assertThat(told.high()).isGreaterThan(measured.high());
    }

    @Test
    void whatIsTooThickGetsWaterAndWhatIsTooThinStarchOrTime() {
        Adjustment thick = adjusted(Liquid.PASSATA, Adjustment.ThickenedBy.BOILING, SpoonCoat.MOUNDS);
        assertThat(thick.byStarch()).isFalse();
        assertThat(thick.powder()).isEmpty();
        assertThat(thick.water().orElseThrow().middle()).isPositive();
        assertThat(thick.water().orElseThrow().low())
                .isLessThan(thick.water().orElseThrow().high());
        Adjustment thin = adjusted(Liquid.PASSATA, Adjustment.ThickenedBy.BOILING, SpoonCoat.THIN_VEIL);
        assertThat(thin.water()).isEmpty();
        assertThat(thin.powder().orElseThrow().middle()).isPositive();
        assertThat(thin.boil().orElseThrow().middle()).isPositive();
        assertThat(thin.sauce().mass().grams()).isCloseTo(500, within(1e-6));
    }

    @Test
    void whatBoilingNeverMakesSoThickCountsAsThickenedByStarch() {
        Adjustment milk = adjusted(Liquid.WATER, Adjustment.ThickenedBy.BOILING, SpoonCoat.LINE_STAYS);
        assertThat(milk.byStarch()).isTrue();
        assertThat(milk.sauce().hasSwollenStarch()).isTrue();
    }

    @Test
    void whatIsRightNeedsNothing() {
        Adjustment right = Adjustment.of(
                some(Liquid.PASSATA, 1000),
                Mass.ofGrams(500),
                Adjustment.ThickenedBy.BOILING,
                SpoonCoat.LINE_STAYS,
                in(24),
                Goal.of(Use.TOSS, Celsius.of(90)));
        assertThat(right.water()).isEmpty();
        assertThat(right.powder()).isEmpty();
        assertThat(right.boil()).isEmpty();
    }

    private static Adjustment adjusted(Liquid liquid, Adjustment.ThickenedBy by, SpoonCoat look) {
        return Adjustment.of(some(liquid, 1000), Mass.ofGrams(500), by, look, in(24), TOSSED);
    }

    @ParameterizedTest
    @EnumSource(TypicalPot.class)
    void aTypicalPotIsAboutTheSameInBothSystems(TypicalPot pot) {
        assertThat(pot.us().capacity().litres() / pot.metric().capacity().litres())
                .isBetween(0.8, 1.3);
    }
}
