package app.gradior.web.stove;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.web.batch.BatchSummary;
import app.gradior.web.batch.TestSummary;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShelfTest {
    private static final Instant NOW = Instant.parse("2026-11-24T18:00:00Z");

    private static List<Shelf> made(Duration ago) {
        BatchSummary batch = new TestSummary().finishedAt(NOW.minus(ago)).summary();
        return Shelf.of(List.of(batch), NOW);
    }

    @ParameterizedTest(name = "{0} h")
    @CsvSource({
        "0.5, cool it: 90 min left",
        "5,   Fill jars",
        "20,  judge it cold",
    })
    void saysWhatABatchWants(double hours, String words) {
        assertThat(made(Duration.ofMinutes(Math.round(hours * 60))))
                .singleElement()
                .satisfies(s -> assertThat(s.words()).contains(words));
    }

    @Test
    void forgetsWhatIsLongGone() {
        assertThat(made(Duration.ofDays(4))).isEmpty();
    }
}
