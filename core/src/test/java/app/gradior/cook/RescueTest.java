package app.gradior.cook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.cook.CookEvent.Flavour;
import app.gradior.cook.Rescue.Trouble;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.plan.Goal;
import app.gradior.plan.Snapshot;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RescueTest {
    private static final Target TO_400 = new Target.Weight(Mass.ofGrams(400));
    private static final Goal POUR = Goal.of(Use.POUR, Celsius.SERVED_WARM);
    private static final Goal GLAZE = Goal.of(Use.GLAZE, Celsius.SERVED_WARM);
    private static final Pot PAN =
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.STEEL, Mass.ofGrams(2000));
    private static final Mixture PLUM = Mixtures.of("plum", 500)
            .plus(Mixtures.of("water", 200))
            .plus(Mixtures.of("fine-salt", 6))
            .cookedAt(Mixtures.BOILING);

    private static Rescue rescue(Mixture mixture, Goal goal) {
        return new Rescue(mixture, goal, ThicknessFactor.ONE);
    }

    @Test
    void tooThinIsBroughtToTheGoalByStarch() {
        var slurry = rescue(PLUM, GLAZE).slurry().orElseThrow();

        assertThat(Thickness.grade(slurry.after(), GLAZE.served(), ThicknessFactor.ONE)
                        .value())
                .isCloseTo(GLAZE.aim().value(), within(1e-6));
        assertThat(rescue(Mixtures.puree(14, 400), POUR).slurry()).isEmpty();
    }

    @Test
    void tooThickIsThinnedBackByAnyOfSeveralLiquids() {
        var remedies = rescue(Mixtures.puree(12, 400), POUR).thinner();

        assertThat(remedies).hasSize(3).allSatisfy(remedy -> {
            assertThat(remedy.served().value()).isCloseTo(POUR.aim().value(), within(1e-6));
            assertThat(remedy.after().mass().grams())
                    .isCloseTo(400 + remedy.mass().grams(), within(1e-6));
        });
        assertThat(rescue(PLUM, GLAZE).thinner()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "SALT, 1, 0.85",
        "SALT, 2, 0.70",
        "SALT, -1, 1.15",
        "SHARP, 1, 0.85",
        "SHARP, -2, 1.30",
        "SWEET, 2, 0.70"
    })
    void aTasteIsBroughtAStepNearer(Flavour flavour, int level, double times) {
        var remedies = rescue(PLUM, GLAZE).taste(flavour, level);

        assertThat(remedies).isNotEmpty().allSatisfy(remedy -> {
            double now = share(PLUM, flavour);
            assertThat(share(remedy.after(), flavour)).isCloseTo(now * times, within(1e-9));
            assertThat(remedy.after().mass().grams()).isGreaterThan(PLUM.mass().grams());
        });
    }

    private static double share(Mixture mixture, Flavour flavour) {
        return switch (flavour) {
            case SALT -> mixture.share(Component.SALT).value();
            case SHARP -> mixture.acidShare().value();
            default -> mixture.sugarShare().value();
        };
    }

    @Test
    void whatHasNoSaltYetGetsSomeThatCanBeTasted() {
        var remedy =
                rescue(Mixtures.of("water", 500), POUR).taste(Flavour.SALT, -1).get(0);

        assertThat(remedy.after().share(Component.SALT).value()).isCloseTo(0.003, within(1e-9));
        assertThat(rescue(PLUM, POUR).taste(Flavour.SALT, 0)).isEmpty();
        assertThat(rescue(PLUM, POUR).taste(Flavour.HOT, 2)).isEmpty();
    }

    @Test
    void theNumbersCallForHelpThemselves() {
        Mixture paste = Mixtures.puree(24, 400).plus(Mixtures.of("fine-salt", 9));
        Evaporation evaporation =
                new Evaporation(new Conditions(PAN, Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL));
        Snapshot now = Snapshot.of(paste, evaporation, ThicknessFactor.ONE);

        assertThat(rescue(paste, POUR).called(now, Optional.of(Activity.SIMMER)))
                .containsExactly(Trouble.TOO_THICK, Trouble.CATCHING, Trouble.TOO_SALTY);
        assertThat(rescue(paste, POUR).called(now, Optional.empty()))
                .containsExactly(Trouble.TOO_THICK, Trouble.TOO_SALTY);
        Snapshot fine = Snapshot.of(PLUM, evaporation, ThicknessFactor.ONE);
        assertThat(rescue(PLUM, GLAZE).called(fine, Optional.of(Activity.SIMMER)))
                .isEmpty();
    }

    @Test
    void aSlurryPouredInThirdsThickensEachTimeAndIsRemembered() {
        SimulatedCook simulated = new SimulatedCook(PLUM, 1, 0, new Random(1), TO_400);
        double before = grade(simulated);
        for (int third = 1; third <= 3; third++) {
            simulated.events.add(new CookEvent.SlurryPoured(
                    UUID.randomUUID(),
                    simulated.minute(10).plusSeconds(third),
                    StarchKind.CORN,
                    Mass.ofGrams(4),
                    Mass.ofGrams(8)));
            assertThat(grade(simulated)).isGreaterThan(before + 0.1);
            before = grade(simulated);
        }
        assertThat(simulated.cook().starchPoured().grams()).isCloseTo(12, within(1e-9));
        assertThat(simulated.cook().maxPossible(simulated.minute(20)).grams())
                .isGreaterThan(PLUM.mass().grams() + 36);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new CookEvent.SlurryPoured(
                        UUID.randomUUID(), simulated.minute(1), StarchKind.CORN, Mass.ZERO, Mass.ofGrams(8)))
                .withMessageContaining("needs starch");
    }

    private static double grade(SimulatedCook simulated) {
        return simulated.cook().forecast(simulated.minute(11)).current().warm().value();
    }

    @Test
    void anotherPotHasAnotherSurface() {
        SimulatedCook narrow = new SimulatedCook(PLUM, 1, 0, new Random(1), TO_400);
        SimulatedCook wide = new SimulatedCook(PLUM, 1, 0, new Random(1), TO_400);
        wide.events.add(new CookEvent.PotChanged(
                UUID.randomUUID(),
                wide.minute(5),
                Pot.straight(Length.ofCentimetres(32), Length.ofCentimetres(8), Material.STEEL, Mass.ofGrams(1500))));

        assertThat(minutesLeft(wide)).isLessThan(minutesLeft(narrow));
    }

    private static double minutesLeft(SimulatedCook simulated) {
        return simulated
                .cook()
                .forecast(simulated.minute(6))
                .minutesLeft()
                .orElseThrow()
                .middle();
    }

    @Test
    void timersStepsAndStirringAreToldByTheLatestWord() {
        SimulatedCook simulated = new SimulatedCook(PLUM, 1, 0, new Random(1), TO_400);
        UUID late = UUID.randomUUID();
        UUID soon = UUID.randomUUID();
        simulated.events.add(new CookEvent.TimerStarted(late, simulated.minute(1), "sieve", Duration.ofMinutes(9)));
        simulated.events.add(new CookEvent.TimerStarted(soon, simulated.minute(2), "stir", Duration.ofMinutes(3)));
        assertThat(simulated.cook().timers())
                .extracting(CookEvent.TimerStarted::id)
                .containsExactly(soon, late);
        simulated.events.add(new CookEvent.TimerStopped(UUID.randomUUID(), simulated.minute(6), soon));
        assertThat(simulated.cook().timers())
                .extracting(CookEvent.TimerStarted::id)
                .containsExactly(late);

        assertThat(simulated.cook().ticked("blend")).isEmpty();
        simulated.events.add(new CookEvent.Ticked(UUID.randomUUID(), simulated.minute(3), "blend", true));
        assertThat(simulated.cook().ticked("blend")).contains(true);
        simulated.events.add(new CookEvent.Ticked(UUID.randomUUID(), simulated.minute(4), "blend", false));
        assertThat(simulated.cook().ticked("blend")).contains(false);

        assertThat(simulated.cook().stirredAt()).isEqualTo(simulated.cook().simmersFrom());
        simulated.events.add(new CookEvent.Stirred(UUID.randomUUID(), simulated.minute(7)));
        assertThat(simulated.cook().stirredAt()).isEqualTo(simulated.minute(7));
        assertThat(simulated.cook().lastHeard()).isEqualTo(simulated.minute(7));
    }

    @Test
    void aReadingIsWorthMoreBeforeThereWasOne() {
        SimulatedCook simulated = new SimulatedCook(PLUM, 1, 0, new Random(1), TO_400);
        Interval as =
                simulated.cook().forecast(simulated.minute(10)).minutesLeft().orElseThrow();
        Interval weighed = simulated.cook().ifWeighed(simulated.minute(10)).orElseThrow();

        assertThat(weighed.width()).isLessThan(0.7 * as.width());
        simulated.events.add(new CookEvent.Weighed(
                UUID.randomUUID(),
                simulated.minute(10),
                simulated.cook().forecast(simulated.minute(10)).current().mass(),
                Mass.ZERO));
        Interval after =
                simulated.cook().forecast(simulated.minute(11)).minutesLeft().orElseThrow();
        Interval again = simulated.cook().ifWeighed(simulated.minute(11)).orElseThrow();
        assertThat(again.width()).isGreaterThan(0.8 * after.width());
    }

    @Test
    void steamGoesOnLeavingAsItCools() {
        double grams = CarryOver.of(PLUM, Celsius.of(98), Celsius.SERVED_WARM).grams();

        // Half of 0.7 kg times 3.8 kJ/(kg·K) times 38 K, over 2.3 MJ/kg.
        assertThat(grams).isBetween(15.0, 30.0);
        assertThat(CarryOver.of(PLUM, Celsius.of(98), Celsius.FRIDGE).grams()).isGreaterThan(grams);
        assertThat(CarryOver.of(PLUM, Celsius.of(50), Celsius.SERVED_WARM)).isEqualTo(Mass.ZERO);
        Mixture oil = Mixtures.of("olive-oil", 300);
        assertThat(CarryOver.of(oil, Celsius.of(98), Celsius.FRIDGE).grams()).isLessThan(1);
    }

    @ParameterizedTest
    @EnumSource(Flavour.class)
    void tastesHaveFiveSteps(Flavour flavour) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new CookEvent.Tasted(UUID.randomUUID(), SimulatedCook.START, flavour, 3))
                .withMessageContaining("-2 to 2");
        assertThatIllegalArgumentException()
                .isThrownBy(
                        () -> new CookEvent.TimerStarted(UUID.randomUUID(), SimulatedCook.START, "", Duration.ZERO));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new CookEvent.Jarred(
                        UUID.randomUUID(),
                        SimulatedCook.START,
                        Volume.ofMillilitres(250),
                        0,
                        Length.ofMillimetres(10),
                        Volume.ZERO));
    }
}
