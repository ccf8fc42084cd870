package app.gradior.web.device;

import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Ring;
import app.gradior.practice.SimulatedPot;
import app.gradior.quantity.Mass;
import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Pots;
import app.gradior.web.planning.Kitchenware;
import app.gradior.web.platform.NotFound;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Stand-ins for a scale under a pot and a probe in it. They work out what a pot that loses water somewhat otherwise than the
 * model says would weigh, and send it by the same documented feed, over the network, as a real device would.
 */
@Component
public class Simulations {
    private static final Logger LOG = LoggerFactory.getLogger(Simulations.class);

    /** What simmers in a pot that no sauce is in. */
    private static final Mass LITRE = Mass.ofGrams(1000);

    private final BatchService cooks;
    private final Pots pots;
    private final Kitchenware kitchenware;
    private final Clock clock;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private final ScheduledExecutorService ticking = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "simulated-devices");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<UUID, Simulation> running = new ConcurrentHashMap<>();
    private volatile int port;

    Simulations(BatchService cooks, Pots pots, Kitchenware kitchenware, Clock clock) {
        this.cooks = cooks;
        this.pots = pots;
        this.kitchenware = kitchenware;
        this.clock = clock;
        ticking.scheduleWithFixedDelay(this::tick, 1, 1, TimeUnit.SECONDS);
    }

    /**
     * How a stand-in errs.
     *
     * @param noise standard deviation of a value, in its unit
     * @param drift how much it runs off in a minute, in its unit
     * @param dropOuts the share of values that never arrive, 0 to 1
     */
    public record Faults(double noise, double drift, double dropOuts) {}

    /**
     * What a stand-in stands under: a cook under way, or a pot with a litre of water at a simmer.
     *
     * @throws NotFound if the kitchen has neither
     */
    StandInPot under(UUID kitchen, UUID id, double k) {
        return cooks.underWay(kitchen).stream()
                .filter(kept -> kept.row().id().equals(id))
                .findFirst()
                .map(kept -> StandInPot.of(() -> cooks.find(kitchen, id).cook(), k))
                .orElseGet(() -> water(kitchen, id, k));
    }

    private StandInPot water(UUID kitchen, UUID id, double k) {
        KitchenPot pot = pots.get(kitchen, id);
        Ring ring = kitchenware
                .ring(kitchen, Optional.empty(), pot)
                .map(KitchenRing::ring)
                .orElse(Ring.USUAL);
        Conditions conditions = new Conditions(pot.pot(), ring, Activity.SIMMER, Lid.OFF, kitchenware.room(kitchen));
        return StandInPot.ofWater(LITRE, conditions, clock.instant(), k);
    }

    private record Simulation(Devices.Added device, StandInPot pot, Faults faults, Instant since, Random random) {
        double value(Instant now) {
            SimulatedPot there = pot.at(now);
            double minutes = Duration.between(since, now).toMillis() / 60_000.0;
            double truth = device.device().kind() == Device.Kind.SCALE
                    ? there.mixture()
                            .mass()
                            .plus(there.conditions().pot().tare())
                            .grams()
                    : there.temperature().degrees();
            return truth + faults.noise() * random.nextGaussian() + faults.drift() * minutes;
        }
    }

    @EventListener
    void started(WebServerInitializedEvent event) {
        port = event.getWebServer().getPort();
    }

    public void start(Devices.Added device, StandInPot pot, Faults faults) {
        running.put(
                device.device().id(),
                new Simulation(
                        device,
                        pot,
                        faults,
                        clock.instant(),
                        new Random(device.device().id().hashCode())));
    }

    public void stop(UUID device) {
        running.remove(device);
    }

    public boolean runs(UUID device) {
        return running.containsKey(device);
    }

    /** Every stand-in sends a value, or drops it. */
    void tick() {
        for (Simulation simulation : running.values()) {
            if (simulation.random().nextDouble() >= simulation.faults().dropOuts()) {
                try {
                    send(simulation, simulation.value(clock.instant()));
                } catch (NotFound gone) {
                    // Its pot or cook is not there any more, nor will it be again.
                    stop(simulation.device().device().id());
                } catch (RuntimeException e) {
                    // The cook can't be read for a while: it is silent, like a device without power. Whatever it is,
                    // the
                    // others go on.
                    LOG.debug("a simulated device is silent", e);
                }
            }
        }
    }

    private void send(Simulation simulation, double value) {
        Instant now = clock.instant();
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/feed/"
                        + simulation.device().device().id()))
                .timeout(Duration.ofSeconds(3))
                .header("Authorization", "Bearer " + simulation.device().token())
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(
                        String.format(Locale.ROOT, "{\"value\": %.2f, \"at\": \"%s\"}", value, now)))
                .build();
        try {
            int status =
                    http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
            if (status == 401) {
                // The device was taken out: nobody listens any more.
                running.remove(simulation.device().device().id());
            }
        } catch (IOException e) {
            // Like a real device out of reach, it tries again with its next value.
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @PreDestroy
    void stopAll() {
        ticking.shutdownNow();
    }
}
