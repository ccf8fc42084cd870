package app.gradior.web.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.plan.Knowledge;
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
import app.gradior.web.device.Simulations.Faults;
import app.gradior.web.platform.NotFound;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Stand-ins send over the real feed what a pot that is not there would weigh. */
@ExtendWith(RunningApplication.class)
class SimulationsTest {
    private static final Pot POT =
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.STEEL, Mass.ofGrams(2000));
    private static final Conditions SIMMER = new Conditions(POT, Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL);

    private Simulations simulations;
    private Devices devices;
    private UUID kitchen;

    @BeforeEach
    void open(Simulations simulations, Devices devices) {
        this.simulations = simulations;
        this.devices = devices;
        kitchen = TestKitchen.of("simulator").id();
    }

    private Devices.Added start(Device.Kind kind, Faults faults) {
        Devices.Added added = devices.add(kitchen, "stand-in", kind);
        StandInPot pot = StandInPot.ofWater(Mass.ofGrams(1000), SIMMER, devices.now(), 1);
        simulations.start(added, pot, faults);
        return added;
    }

    private Devices.Live live() {
        return devices.live(kitchen).get(0);
    }

    @Test
    void waterGoesOnFromWhereItWasAndIsAsItWasAtAnEarlierMoment() {
        StandInPot pot = StandInPot.ofWater(Mass.ofGrams(1000), SIMMER, devices.now(), 1);
        Instant soon = devices.now().plusSeconds(600);
        Mass then = pot.at(soon).mixture().mass();
        Mass later = pot.at(soon.plusSeconds(600)).mixture().mass();

        assertThat(later).isLessThan(then);
        assertThat(pot.at(soon).mixture().mass()).isEqualTo(then);
        assertThat(pot.at(soon.plusSeconds(600)).mixture().mass()).isEqualTo(later);
    }

    @Test
    void aScaleWeighsPotAndWaterAsTheWaterGoes() {
        Devices.Added scale = start(Device.Kind.SCALE, new Faults(0, 0, 0));
        simulations.tick();
        assertThat(live().value()).isCloseTo(3000, within(0.5));

        RunningApplication.clock().pass(Duration.ofMinutes(10));
        simulations.tick();
        assertThat(live().value()).isBetween(2800.0, 2920.0);
        simulations.stop(scale.device().id());
        assertThat(simulations.runs(scale.device().id())).isFalse();
    }

    @Test
    void aProbeReadsTheSimmer() {
        Devices.Added probe = start(Device.Kind.PROBE, new Faults(0, 0, 0));
        simulations.tick();

        assertThat(live().value()).isCloseTo(98, within(1.0));
        simulations.stop(probe.device().id());
    }

    @Test
    void driftRunsOffWithTime() {
        Devices.Added scale = start(Device.Kind.SCALE, new Faults(0, 30, 0));
        RunningApplication.clock().pass(Duration.ofMinutes(10));
        simulations.tick();

        assertThat(live().value()).isGreaterThan(3100);
        simulations.stop(scale.device().id());
    }

    @Test
    void dropOutsLeaveItSilent() {
        Devices.Added scale = start(Device.Kind.SCALE, new Faults(0, 0, 1));
        for (int i = 0; i < 5; i++) {
            simulations.tick();
        }

        assertThat(live().state()).isEqualTo(Devices.State.SILENT);
        simulations.stop(scale.device().id());
    }

    @Test
    void oneThatWasTakenOutStopsByItself() {
        Devices.Added scale = start(Device.Kind.SCALE, new Faults(0, 0, 0));
        devices.remove(kitchen, scale.device().id());
        simulations.tick();

        assertThat(simulations.runs(scale.device().id())).isFalse();
    }

    @Test
    void thePotOfACookFollowsWhatHappensAndNotWhatIsRead() {
        Instant start = devices.now();
        Mixture water = IngredientTable.shipped().get("water").of(Mass.ofGrams(1000));
        List<CookEvent> told = new ArrayList<>(List.of(
                new CookEvent.Started(
                        UUID.randomUUID(),
                        start,
                        water,
                        Celsius.ROOM,
                        SIMMER,
                        new Target.Weight(Mass.ofGrams(400)),
                        Knowledge.NONE),
                new CookEvent.Simmers(UUID.randomUUID(), start)));
        StandInPot slow = StandInPot.of(() -> Cook.of(told), 0.5);
        StandInPot quick = StandInPot.of(() -> Cook.of(told), 1);
        Instant later = start.plus(Duration.ofMinutes(20));
        double lost = 1000 - slow.at(later).mixture().mass().grams();
        assertThat(1000 - quick.at(later).mixture().mass().grams()).isCloseTo(2 * lost, within(0.1 * lost));

        told.add(new CookEvent.Weighed(UUID.randomUUID(), later, Mass.ofGrams(2400), Mass.ofGrams(2000)));
        assertThat(slow.at(later).mixture().mass().grams()).isCloseTo(1000 - lost, within(0.01));
        told.add(new CookEvent.Added(
                UUID.randomUUID(), later, IngredientTable.shipped().get("water").of(Mass.ofGrams(150))));
        assertThat(slow.at(later).mixture().mass().grams()).isCloseTo(1150 - lost, within(0.01));
        told.add(new CookEvent.HeatSwitched(UUID.randomUUID(), later, false));
        assertThat(slow.at(later.plus(Duration.ofMinutes(30))).mixture().mass().grams())
                .isCloseTo(1150 - lost, within(40.0));
    }

    @Test
    void oneWhosePotIsGoneStopsAndTheOthersGoOn() {
        Devices.Added lost = devices.add(kitchen, "lost", Device.Kind.SCALE);
        Devices.Added broken = devices.add(kitchen, "broken", Device.Kind.SCALE);
        Devices.Added fine = devices.add(kitchen, "fine", Device.Kind.SCALE);
        Simulations.Faults none = new Simulations.Faults(0, 0, 0);
        simulations.start(
                lost,
                pot(() -> {
                    throw new NotFound("cook");
                }),
                none);
        simulations.start(
                broken,
                pot(() -> {
                    throw new IllegalStateException("no such moment");
                }),
                none);
        simulations.start(fine, pot(() -> IngredientTable.shipped().get("water").of(Mass.ofGrams(500))), none);

        simulations.tick();

        assertThat(simulations.runs(lost.device().id())).isFalse();
        assertThat(simulations.runs(broken.device().id())).isTrue();
        assertThat(devices.live(kitchen).stream()
                        .filter(l -> l.name().equals("fine"))
                        .findFirst())
                .hasValueSatisfying(l -> assertThat(l.state()).isEqualTo(Devices.State.FRESH));
        simulations.stop(broken.device().id());
        simulations.stop(fine.device().id());
    }

    private static StandInPot pot(Supplier<Mixture> mixture) {
        return now -> StandInPot.ofWater(Mass.ofGrams(mixture.get().mass().grams()), SIMMER, now, 1)
                .at(now);
    }

    @Test
    void aProbeInAPotThatIsPutOnColdIsAsWarmAsTheSauceThen() {
        Instant start = devices.now();
        Cook cook = Cook.of(List.of(new CookEvent.Started(
                UUID.randomUUID(),
                start,
                IngredientTable.shipped().get("water").of(Mass.ofGrams(1000)),
                Celsius.ROOM,
                SIMMER,
                new Target.Weight(Mass.ofGrams(400)),
                Knowledge.NONE)));
        StandInPot pot = StandInPot.of(() -> cook, 1);

        assertThat(pot.at(start).temperature().degrees()).isCloseTo(20, within(0.5));
        assertThat(pot.at(start.plusSeconds(120)).temperature().degrees()).isBetween(40.0, 80.0);
        assertThat(pot.at(start.plusSeconds(900)).temperature().degrees()).isCloseTo(98, within(1.0));
    }
}
