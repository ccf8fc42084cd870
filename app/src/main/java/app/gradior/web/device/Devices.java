package app.gradior.web.device;

import app.gradior.web.kitchen.Secrets;
import app.gradior.web.platform.NotFound;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The devices of a kitchen and what they say now. */
@Component
public class Devices {
    /** A value older than this may be of another pot by now. */
    private static final Duration FRESH = Duration.ofSeconds(6);

    private static final Duration KEPT = Duration.ofMinutes(30);

    private final DeviceMapper mapper;
    private final Clock clock;

    Devices(DeviceMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** A device just added, with its token: shown this once. */
    public record Added(Device device, String token) {}

    /** Whether what a device says can be used. */
    public enum State {
        FRESH,
        STALE,
        ABSURD,
        SILENT
    }

    /**
     * What a device says now.
     *
     * @param words the value or why there is none, to be read
     * @param value null unless it can be used
     */
    public record Live(UUID id, String name, String kind, State state, Double value, String words) {}

    /** A value with its moment. */
    record Measured(double value, Instant at) {}

    public List<Device> all(UUID kitchen) {
        return mapper.all(kitchen);
    }

    public Added add(UUID kitchen, String name, Device.Kind kind) {
        String token = Secrets.newToken();
        Device device = new Device(UUID.randomUUID(), kitchen, name, kind, Secrets.hash(token));
        mapper.insert(device, now());
        return new Added(device, token);
    }

    public void remove(UUID kitchen, UUID id) {
        if (mapper.remove(kitchen, id, now()) == 0) {
            throw new NotFound("device");
        }
    }

    /** The device of this id, if the token is its own. */
    Optional<Device> proved(UUID id, String token) {
        byte[] hash = Secrets.hash(token).getBytes(StandardCharsets.US_ASCII);
        return mapper.anywhere(id)
                .filter(d -> MessageDigest.isEqual(hash, d.tokenHash().getBytes(StandardCharsets.US_ASCII)));
    }

    @Transactional
    void keep(Device device, List<Measured> values) {
        Instant now = now();
        for (Measured value : values) {
            mapper.keep(device, value.value(), value.at(), now);
        }
        mapper.forget(device.kitchenId(), device.id(), now.minus(KEPT));
    }

    public List<Live> live(UUID kitchen) {
        return mapper.all(kitchen).stream().map(this::live).toList();
    }

    private Live live(Device device) {
        Optional<DeviceMapper.ValueRow> latest = mapper.latest(device.kitchenId(), device.id());
        if (latest.isEmpty()) {
            return new Live(
                    device.id(),
                    device.name(),
                    device.kind().name(),
                    State.SILENT,
                    null,
                    DeviceText.nothingYet(device.name()));
        }
        double value = latest.get().value();
        String said = String.format(Locale.ROOT, device.kind() == Device.Kind.SCALE ? "%.0f" : "%.1f", value) + " "
                + device.kind().unit();
        long age = Duration.between(latest.get().at(), now()).toSeconds();
        if (!device.kind().believes(value)) {
            return new Live(
                    device.id(),
                    device.name(),
                    device.kind().name(),
                    State.ABSURD,
                    null,
                    DeviceText.notBelieved(device.name(), said));
        }
        if (age > FRESH.toSeconds()) {
            String since = age < 120 ? age + " s" : age / 60 + " min";
            return new Live(
                    device.id(),
                    device.name(),
                    device.kind().name(),
                    State.STALE,
                    null,
                    DeviceText.silent(device.name(), since));
        }
        return new Live(device.id(), device.name(), device.kind().name(), State.FRESH, value, said);
    }

    Instant now() {
        return clock.instant();
    }
}
