package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Mixtures;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
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
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Gel;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** What a cook of some experience expects of ten common reductions. Bands from general kitchen knowledge. */
class CooksEyeTest {
    private static Conditions pan(double centimetres, Activity activity, Lid lid) {
        Pot pot = Pot.straight(
                Length.ofCentimetres(centimetres), Length.ofCentimetres(12), Material.STEEL, Mass.ofGrams(1500));
        return new Conditions(pot, Ring.USUAL, activity, lid, Room.USUAL);
    }

    private static Plan plan(Mixture sauce, Conditions conditions, Target target) {
        Planner.Outcome outcome = new Planner(sauce, conditions, Knowledge.NONE).reduceTo(target);
        return ((Planner.Outcome.Reached) outcome).plan();
    }

    private static double minutes(Mixture sauce, double pan, Activity activity, Target target) {
        return plan(sauce, pan(pan, activity, Lid.OFF), target).minutes().middle();
    }

    private static double warm(Mixture mixture) {
        return Thickness.grade(mixture, Celsius.SERVED_WARM, ThicknessFactor.ONE)
                .value();
    }

    @Test
    void halfALitreOfStockToAQuarterTakesTwentyToThirtyMinutes() {
        assertThat(minutes(
                        Mixtures.of("chicken-stock-unsalted", 500),
                        24,
                        Activity.SIMMER,
                        new Target.Yield(Volume.ofMillilitres(125))))
                .isBetween(20.0, 30.0);
    }

    @Test
    void aGastriqueCoatsAfterTenToSixteenMinutes() {
        Mixture gastrique = Mixtures.of("cider-vinegar", 243).plus(Mixtures.of("white-sugar", 200));

        assertThat(minutes(gastrique, 20, Activity.SIMMER, new Target.ForUse(Use.SYRUP, Celsius.SERVED_WARM)))
                .isBetween(10.0, 16.0);
    }

    @Test
    void creamIsHalvedInSevenToTwelveMinutes() {
        assertThat(minutes(
                        Mixtures.of("heavy-cream", 297),
                        26,
                        Activity.LIVELY_SIMMER,
                        new Target.Reduced(Share.of(0.5), Target.Basis.VOLUME)))
                .isBetween(7.0, 12.0);
    }

    @Test
    void crushedTomatoesAreAPizzaSauceInHalfAnHour() {
        assertThat(minutes(
                        Mixtures.of("canned-chopped-tomatoes", 800).blended(),
                        26,
                        Activity.SIMMER,
                        new Target.ForUse(Use.DIP, Celsius.SERVED_WARM)))
                .isBetween(20.0, 45.0);
    }

    @Test
    void cranberriesWithSugarSetColdToAJellyThatStands() {
        Mixture cranberries = Mixtures.of("cranberries", 340)
                .plus(Mixtures.of("white-sugar", 200))
                .plus(Mixtures.of("water", 240));
        Plan plan = plan(cranberries, pan(24, Activity.SIMMER, Lid.OFF), new Target.Weight(Mass.ofGrams(420)));

        assertThat(plan.minutes().middle()).isBetween(15.0, 35.0);
        assertThat(plan.at().tomorrow()).isGreaterThanOrEqualTo(Gel.Set.LIKE_JELLY);
        assertThat(plan.cautions()).contains(Caution.SETS_LIKE_JELLY);
    }

    @Test
    void aGlassOfWineIsHalvedInAFewMinutes() {
        assertThat(minutes(
                        Mixtures.of("dry-red-wine", 150),
                        24,
                        Activity.LIVELY_SIMMER,
                        new Target.Reduced(Share.of(0.5), Target.Basis.VOLUME)))
                .isBetween(2.0, 5.0);
    }

    @Test
    void aSimpleSyrupOfEqualPartsIsThinUntilItIsReduced() {
        Mixture syrup = Mixtures.sucrose(50, 400);

        assertThat(warm(syrup)).isBetween(1.0, 2.2);
        assertThat(minutes(syrup, 20, Activity.SIMMER, new Target.ForUse(Use.SYRUP, Celsius.SERVED_WARM)))
                .isBetween(6.0, 14.0);
    }

    @Test
    void butterWhiskedIntoAThinStarchSauceMakesItThicker() {
        Mixture sauce = Mixtures.of("chicken-stock", 240)
                .plus(Mixtures.of("corn-starch", 6))
                .cookedAt(Mixtures.BOILING);

        assertThat(warm(sauce.plus(Mixtures.of("unsalted-butter", 60)))).isGreaterThan(warm(sauce) + 0.1);
    }

    @Test
    void aGravyStillThickensAtABareSimmerInTheMountains() {
        Mixture gravy = Mixtures.of("chicken-stock", 240).plus(Mixtures.of("corn-starch", 8));
        double bare = warm(gravy.cookedAt(Celsius.of(83)));

        assertThat(bare)
                .isBetween(warm(gravy.cookedAt(Mixtures.BOILING)) - 0.5, warm(gravy.cookedAt(Mixtures.BOILING)));
        assertThat(bare).isGreaterThan(4);
    }

    @Test
    void alcoholUnderALidFallsWithTimeAndNeverExceedsWhatWentIn() {
        Mixture stew = Mixtures.of("dry-red-wine", 750).plus(Mixtures.of("beef-stock", 500));
        BoilDown boil = new BoilDown(stew, new Evaporation(pan(24, Activity.SIMMER, Lid.ON)), ThicknessFactor.ONE, 1);
        double before = stew.mass(Component.ETHANOL).grams();
        double[] tables = {0.40, 0.35, 0.25, 0.20, 0.10, 0.05};
        double[] minutes = {15, 30, 60, 90, 120, 150};
        double last = before;
        for (int i = 0; i < tables.length; i++) {
            double left = boil.after(Duration.ofMinutes((long) minutes[i]))
                    .mass(Component.ETHANOL)
                    .grams();
            assertThat(left).as("%s min", minutes[i]).isLessThan(last).isLessThanOrEqualTo(tables[i] * before + 1e-9);
            last = left;
        }
    }
}
