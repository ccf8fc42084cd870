package app.gradior.web.kitchen;

import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.MeterRegistry;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.stereotype.Component;

/** Counts what strangers try, in the database, so that all nodes count alike; past a limit they have to wait. */
@Component
public class Throttle {
    /** Of a thousand tries one sweeps what is over. */
    private static final long SWEEP_EVERY = 1000;

    private static final Logger LOG = LoggerFactory.getLogger(Throttle.class);

    private final AttemptMapper mapper;
    private final Limits limits;
    private final Clock clock;
    private final MeterRegistry figures;
    private long tries;

    Throttle(AttemptMapper mapper, Limits limits, Clock clock, MeterRegistry figures) {
        this.mapper = mapper;
        this.limits = limits;
        this.clock = clock;
        this.figures = figures;
        for (Kind kind : Kind.values()) {
            refused(kind);
        }
    }

    private Counter refused(Kind kind) {
        return figures.counter("gradior.refused", "kind", kind.name());
    }

    /** How many tries each kind has within its window. */
    @ConfigurationProperties("gradior.throttle")
    public record Limits(
            @DefaultValue("10") int signInsOfName,
            @DefaultValue("60") int signInsFromAddress,
            @DefaultValue("10") int signUpsFromAddress,
            @DefaultValue("60") int demosFromAddress,
            @DefaultValue("20") int wrongTokensFromAddress) {
        private int of(Kind kind) {
            return Map.of(
                            Kind.SIGN_IN_NAME, signInsOfName,
                            Kind.SIGN_IN_ADDRESS, signInsFromAddress,
                            Kind.SIGN_UP, signUpsFromAddress,
                            Kind.DEMO, demosFromAddress,
                            Kind.TOKEN, wrongTokensFromAddress)
                    .get(kind);
        }
    }

    /** What is tried, and within which time its tries are counted. */
    public enum Kind {
        SIGN_IN_NAME(15),
        SIGN_IN_ADDRESS(15),
        SIGN_UP(60),
        DEMO(60),
        TOKEN(10);

        private final Duration window;

        Kind(long minutes) {
            this.window = Duration.ofMinutes(minutes);
        }
    }

    /**
     * Counts a try before it is judged, so that many at once are counted too.
     *
     * @param who whose try it is; only a hash is kept
     * @return how long to wait; empty if it is within its limit
     */
    public Optional<Duration> tried(Kind kind, String who) {
        Instant now = clock.instant();
        String key = key(kind, who);
        mapper.count(key, now, now.plus(kind.window));
        if (++tries % SWEEP_EVERY == 0) {
            mapper.sweep(now);
        }
        return mapper.find(key)
                .filter(attempt -> attempt.tries() > limits.of(kind))
                .map(attempt -> {
                    refused(kind).increment();
                    if (attempt.tries() == limits.of(kind) + 1) {
                        // Not whose: what is typed for a name may be a password.
                        LOG.warn("{}: too many tries, more are refused until {}", kind, attempt.windowEndsAt());
                    }
                    return Duration.between(now, attempt.windowEndsAt());
                });
    }

    /** Forgets the tries of somebody who has proved to be right. */
    public void forget(Kind kind, String who) {
        mapper.forget(key(kind, who));
    }

    private static String key(Kind kind, String who) {
        return Secrets.hash(kind.name() + ' ' + who);
    }

    /** A waiting time in words, in whole minutes. */
    public static long minutes(Duration wait) {
        return Math.max(1, (wait.toSeconds() + 59) / 60);
    }

    /** Where a request comes from: of an IPv6 address its first half, since the other half is anybody's choice. */
    public static String address(String remote) {
        if (remote == null || !remote.contains(":")) {
            return String.valueOf(remote);
        }
        String[] groups = remote.split(":", -1);
        return String.join(":", java.util.Arrays.copyOf(groups, Math.min(4, groups.length)));
    }
}
