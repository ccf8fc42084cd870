package app.gradior.web.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.RunningApplication;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.web.account.Accounts;
import app.gradior.web.device.Simulations.Faults;
import app.gradior.web.device.Simulations.SimulatedPot;
import java.time.Duration;
import java.util.UUID;
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
    void open(Simulations simulations, Devices devices, Accounts accounts) {
        this.simulations = simulations;
        this.devices = devices;
        kitchen = accounts.open("simulator-" + UUID.randomUUID(), "three long words", "Kitchen", 0);
    }

    private Devices.Added start(Device.Kind kind, Faults faults) {
        Devices.Added added = devices.add(kitchen, "stand-in", kind);
        SimulatedPot pot = SimulatedPot.ofWater(Mass.ofGrams(1000), SIMMER, devices.now(), 1);
        simulations.start(added, pot, faults);
        return added;
    }

    private Devices.Live live() {
        return devices.live(kitchen).get(0);
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
}
