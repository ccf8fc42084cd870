package app.gradior.sauce;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.food.Component;
import app.gradior.plan.Knowledge;
import app.gradior.plan.OutOfReach;
import app.gradior.plan.Target;
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
import app.gradior.quantity.Share;
import app.gradior.thickness.Thickness;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;

class StagedSauceTest {
    private static final Conditions SIMMER = new Conditions(
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.ENAMEL, Mass.ofGrams(2100)),
            Ring.USUAL,
            Activity.SIMMER,
            Lid.OFF,
            Room.USUAL);

    private static List<StagedSauce.Result> run(Operation... operations) {
        return new StagedSauce(List.of(operations)).run(SIMMER, Knowledge.NONE);
    }

    private static double grams(StagedSauce.Result result) {
        return result.after().mass().grams();
    }

    @Test
    void aGlazeIsBuiltStageByStage() {
        List<StagedSauce.Result> glaze = run(
                new Operation.Add(Mixtures.of("shallot", 60).plus(Mixtures.of("unsalted-butter", 15))),
                new Operation.Sweat(Share.of(0.2)),
                new Operation.Deglaze(Mixtures.of("port-style-wine", 153)),
                new Operation.Reduce(new Target.Reduced(Share.of(0.5), Target.Basis.WEIGHT)),
                new Operation.Add(Mixtures.of("blackcurrants", 400).plus(Mixtures.of("chicken-stock", 296))),
                new Operation.SimmerFor(Duration.ofMinutes(10)),
                new Operation.Blend(),
                new Operation.Strain(Share.of(0.5), Share.of(0.05)),
                new Operation.Reduce(new Target.Weight(Mass.ofGrams(400))),
                new Operation.PourSlurry(Mixtures.of("arrowroot", 6).plus(Mixtures.of("water", 12))),
                new Operation.Season(Mixtures.of("fine-salt", 2)),
                new Operation.FinishOffHeat(Mixtures.of("unsalted-butter", 20)),
                new Operation.Cool(Celsius.of(20)));

        assertThat(glaze).allSatisfy(r -> assertThat(r.missed()).isEmpty());
        double water = glaze.get(0).after().mass(Component.WATER).grams();
        assertThat(glaze.get(1).after().mass(Component.WATER).grams()).isCloseTo(0.8 * water, within(1e-6));
        assertThat(glaze.get(1).minutes().middle()).isPositive();
        assertThat(grams(glaze.get(2))).isCloseTo(grams(glaze.get(1)) + 153, within(1e-6));
        assertThat(grams(glaze.get(3))).isCloseTo(grams(glaze.get(2)) / 2, within(0.01));
        assertThat(glaze.get(3).after().mass(Component.ETHANOL).grams())
                .isLessThan(0.2 * glaze.get(2).after().mass(Component.ETHANOL).grams());
        assertThat(grams(glaze.get(5))).isLessThan(grams(glaze.get(4)) - 80);
        assertThat(glaze.get(5).minutes().width()).isZero();
        assertThat(warm(glaze.get(6))).isGreaterThan(warm(glaze.get(5)));
        assertThat(warm(glaze.get(7))).isLessThan(warm(glaze.get(6)));
        assertThat(grams(glaze.get(8))).isCloseTo(400, within(0.01));
        assertThat(grams(glaze.get(9))).isCloseTo(418, within(0.01));
        assertThat(glaze.get(9).after().hasRawStarch()).isFalse();
        assertThat(glaze.get(11).temperature()).isLessThan(glaze.get(10).temperature());
        assertThat(glaze.get(12).temperature()).isEqualTo(Celsius.of(20));
        assertThat(grams(glaze.get(12))).isCloseTo(440, within(0.01));
    }

    private static double warm(StagedSauce.Result result) {
        return Thickness.of(result.after(), Celsius.of(60)).grade().value();
    }

    @Test
    void starchPouredIntoAColdPotStaysRawUntilItBoils() {
        List<StagedSauce.Result> gravy = run(
                new Operation.Add(Mixtures.of("mushroom-stock", 500)),
                new Operation.PourSlurry(Mixtures.of("corn-starch", 18).plus(Mixtures.of("water", 36))),
                new Operation.SimmerFor(Duration.ofMinutes(2)));

        assertThat(gravy.get(1).after().hasRawStarch()).isTrue();
        assertThat(gravy.get(2).after().hasRawStarch()).isFalse();
        assertThat(warm(gravy.get(2))).isGreaterThan(warm(gravy.get(1)) + 3);
    }

    @Test
    void byAThirdAndToAThirdAreNotTheSame() {
        double by = grams(run(
                        new Operation.Add(Mixtures.of("water", 900)),
                        new Operation.Reduce(new Target.Reduced(Share.of(2 / 3.0), Target.Basis.WEIGHT)))
                .get(1));
        double to = grams(run(
                        new Operation.Add(Mixtures.of("water", 900)),
                        new Operation.Reduce(new Target.Reduced(Share.of(1 / 3.0), Target.Basis.WEIGHT)))
                .get(1));

        assertThat(by).isCloseTo(600, within(0.01));
        assertThat(to).isCloseTo(300, within(0.01));
    }

    @Test
    void fryingIsFasterThanSweating() {
        Operation.Add onion = new Operation.Add(Mixtures.of("yellow-onion", 300));

        assertThat(run(onion, new Operation.Fry(Share.of(0.4))).get(1).minutes().middle())
                .isLessThan(run(onion, new Operation.Sweat(Share.of(0.4)))
                        .get(1)
                        .minutes()
                        .middle());
    }

    @Test
    void aStageThatCannotBeLeavesTheSauceAsItWasAndSaysWhy() {
        List<StagedSauce.Result> run = run(
                new Operation.Add(Mixtures.of("water", 300)),
                new Operation.Reduce(new Target.Weight(Mass.ofGrams(500))),
                new Operation.Season(Mixtures.of("fine-salt", 3)));

        assertThat(run.get(1).missed()).containsInstanceOf(OutOfReach.MoreThanThereIs.class);
        assertThat(grams(run.get(1))).isCloseTo(300, within(1e-9));
        assertThat(grams(run.get(2))).isCloseTo(303, within(1e-9));
    }

    @Test
    void nothingComesOfCookingAnEmptyPotAndCoolingNeverWarms() {
        List<StagedSauce.Result> run = run(
                new Operation.Sweat(Share.of(0.2)),
                new Operation.Reduce(new Target.Weight(Mass.ofGrams(10))),
                new Operation.SimmerFor(Duration.ofMinutes(5)),
                new Operation.Cool(Celsius.of(50)));

        assertThat(run).allSatisfy(r -> assertThat(r.after().isEmpty()).isTrue());
        assertThat(run.get(3).temperature()).isEqualTo(Celsius.ROOM);
    }

    @Test
    void theImpossibleIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new StagedSauce(List.of()));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new StagedSauce(java.util.Collections.nCopies(201, new Operation.Blend())));
        assertThatIllegalArgumentException().isThrownBy(() -> new Operation.SimmerFor(Duration.ofMinutes(-1)));
        assertThatIllegalArgumentException().isThrownBy(() -> new Operation.SimmerFor(Duration.ofDays(3)));
    }
}
