package app.gradior.web.device;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.Forecast;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.plan.Knowledge;
import app.gradior.pot.Activity;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.pot.Lid;
import app.gradior.pot.Ring;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.thickness.ThicknessFactor;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
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
    SimulatedPot under(UUID kitchen, UUID id, double k) {
        return cooks.underWay(kitchen).stream()
                .filter(kept -> kept.row().id().equals(id))
                .findFirst()
                .map(kept -> SimulatedPot.of(() -> cooks.find(kitchen, id).cook(), k))
                .orElseGet(() -> water(kitchen, id, k));
    }

    private SimulatedPot water(UUID kitchen, UUID id, double k) {
        KitchenPot pot = pots.get(kitchen, id);
        Ring ring = kitchenware
                .ring(kitchen, Optional.empty(), pot)
                .map(KitchenRing::ring)
                .orElse(Ring.USUAL);
        Conditions conditions = new Conditions(pot.pot(), ring, Activity.SIMMER, Lid.OFF, kitchenware.room(kitchen));
        return SimulatedPot.ofWater(LITRE, conditions, clock.instant(), k);
    }

    /** A pot that is not there: what is in it at a moment, and how it stands then. */
    public interface SimulatedPot {
        Mixture mixture(Instant now);

        Conditions conditions(Instant now);

        /** Whether it boils by then. */
        boolean boils(Instant now);

        /**
         * The pot of a cook: what happens to the cook happens to it, at its own pace, whatever anybody reads.
         *
         * @param told the cook as it is told so far
         * @param k how fast it loses water against the model
         */
        static SimulatedPot of(Supplier<Cook> told, double k) {
            return new PotOfCook(told, k);
        }

        /** Water in a pot, as for a boil-off test. */
        static SimulatedPot ofWater(Mass water, Conditions conditions, Instant start, double k) {
            return new PotOfWater(IngredientTable.shipped().get("water").of(water), conditions, start, k);
        }
    }

    private record PotOfWater(Mixture water, Conditions conditions, Instant start, double k) implements SimulatedPot {
        @Override
        public Mixture mixture(Instant now) {
            Duration since = Duration.between(start, now);
            Duration bounded = since.isNegative()
                    ? Duration.ZERO
                    : since.compareTo(BoilDown.HORIZON) > 0 ? BoilDown.HORIZON : since;
            return new BoilDown(water, new Evaporation(conditions), ThicknessFactor.ONE, k).after(bounded);
        }

        @Override
        public Conditions conditions(Instant now) {
            return conditions;
        }

        @Override
        public boolean boils(Instant now) {
            return !now.isBefore(start);
        }
    }

    private record PotOfCook(Supplier<Cook> told, double k) implements SimulatedPot {
        /** The cook as it truly is: begun with its true pace, heard without anybody's readings. */
        private Cook truth() {
            Cook cook = told.get();
            CookEvent.Started start = cook.started();
            List<CookEvent> happened = new ArrayList<>();
            happened.add(new CookEvent.Started(
                    start.id(),
                    start.at(),
                    start.mixture(),
                    start.temperature(),
                    start.conditions(),
                    start.target(),
                    new Knowledge(k, 0, ThicknessFactor.ONE, 0)));
            cook.events().stream()
                    .filter(e -> !(e instanceof CookEvent.Reading))
                    .forEach(happened::add);
            return Cook.of(happened);
        }

        private Forecast at(Instant now) {
            Cook truth = truth();
            return truth.forecast(
                    truth.finished().map(CookEvent::at).filter(now::isAfter).orElse(now));
        }

        @Override
        public Mixture mixture(Instant now) {
            return at(now).current().mixture();
        }

        @Override
        public Conditions conditions(Instant now) {
            return truth().conditions();
        }

        @Override
        public boolean boils(Instant now) {
            return at(now).heatingUp().isZero();
        }
    }

    private record Simulation(Devices.Added device, SimulatedPot pot, Faults faults, Instant since, Random random) {
        double value(Instant now) {
            Mixture mixture = pot.mixture(now);
            Conditions conditions = pot.conditions(now);
            double minutes = Duration.between(since, now).toMillis() / 60_000.0;
            double truth = device.device().kind() == Device.Kind.SCALE
                    ? mixture.mass().grams() + conditions.pot().tare().grams()
                    : pot.boils(now)
                            ? new Evaporation(conditions)
                                    .stoveTemperature(mixture)
                                    .degrees()
                            : Celsius.ROOM.degrees();
            return truth + faults.noise() * random.nextGaussian() + faults.drift() * minutes;
        }
    }

    @EventListener
    void started(WebServerInitializedEvent event) {
        port = event.getWebServer().getPort();
    }

    public void start(Devices.Added device, SimulatedPot pot, Faults faults) {
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
