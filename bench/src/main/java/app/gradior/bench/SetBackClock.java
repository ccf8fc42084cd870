package app.gradior.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/**
 * Given to an application beside its own beans: its clock is an hour behind as long as a file is there. The machine's own is
 * left alone, which others go by.
 */
public class SetBackClock {
    /** The variable of the environment that names the file. */
    static final String FILE = "GRADIOR_SET_BACK";

    private static final Duration BACK = Duration.ofHours(1);

    @Bean
    @Primary
    Clock setBack() {
        Path file = Path.of(System.getenv(FILE));
        Clock own = Clock.tick(Clock.systemUTC(), Duration.of(1, ChronoUnit.MICROS));
        return new SetBack(own, file);
    }

    private static final class SetBack extends Clock {
        private final Clock own;
        private final Path file;

        private SetBack(Clock own, Path file) {
            this.own = own;
            this.file = file;
        }

        @Override
        public ZoneId getZone() {
            return own.getZone();
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return new SetBack(own.withZone(zone), file);
        }

        @Override
        public Instant instant() {
            return Files.exists(file) ? own.instant().minus(BACK) : own.instant();
        }
    }
}
