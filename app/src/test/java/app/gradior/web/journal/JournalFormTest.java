package app.gradior.web.journal;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.learning.RangeKeeping;
import app.gradior.web.batch.BatchFilter;
import app.gradior.web.batch.Verdict;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class JournalFormTest {
    private static JournalForm form(String q, String verdict, String from, String to) {
        return new JournalForm(q, null, null, verdict, from, to);
    }

    @Test
    void whatIsNotSaidLetsAllThrough() {
        JournalForm form = new JournalForm(null, null, null, null, null, null);
        assertThat(form.asks()).isFalse();
        assertThat(form.query()).isEmpty();
        assertThat(form.problems()).isEmpty();
        assertThat(form.filter(ZoneOffset.UTC))
                .isEqualTo(new BatchFilter(null, null, null, null, null, null, null, null));
    }

    /** A sign of the database's own is looked for as it is typed. */
    @Test
    void signsOfThePatternAreTakenAsTheyAre() {
        assertThat(form("100 %_\\", null, null, null).filter(ZoneOffset.UTC).name())
                .isEqualTo("%100 \\%\\_\\\\%");
    }

    @Test
    void theAddressHoldsWhatIsLookedForAndNothingElse() {
        JournalForm form = form("a&b=ü", "thin", "2026-11-01", "");
        assertThat(form.query()).isEqualTo("?q=a%26b%3D%C3%BC&verdict=thin&from=2026-11-01");
        assertThat(form.filter(ZoneOffset.UTC).verdictFrom()).isEqualTo(-2);
        assertThat(form.filter(ZoneOffset.UTC).verdictTo()).isEqualTo(-1);
        assertThat(form("x", "no such", "", "").filter(ZoneOffset.UTC).verdictFrom())
                .isNull();
    }

    @Test
    void aDayIsWholeAndTheLastOneCounts() {
        BatchFilter filter = form("", "", "2026-11-01", "2026-11-02").filter(ZoneOffset.UTC);
        assertThat(filter.from()).isEqualTo(Instant.parse("2026-11-01T00:00:00Z"));
        assertThat(filter.until()).isEqualTo(Instant.parse("2026-11-03T00:00:00Z"));
        assertThat(form("", "", "1.11.2026", "").problems()).containsKey("from");
        assertThat(form("", "", "2026-11-02", "2026-11-01").problems()).containsKey("to");
        assertThat(form("", "", "x".repeat(500), "").from()).hasSize(80);
    }

    @Test
    void aVerdictIsSaidInALine() {
        Verdict verdict = new Verdict(
                UUID.randomUUID(), "me", true, 1, 1, null, -1, 0, Verdict.Again.CHANGED, "more ginger", Instant.EPOCH);
        assertThat(JournalText.said(verdict))
                .isEqualTo(
                        "a little thick on the next day, too much salt, too little sweetness, yes, with changes: “more ginger”");
    }

    @Test
    void whetherRangesHeldIsSaidWithWhatFollows() {
        assertThat(JournalText.held(RangeKeeping.NONE)).contains("None was given yet");
        assertThat(JournalText.held(new RangeKeeping(1, 2)))
                .contains("1 of 2 held")
                .contains("So few tell little yet");
        assertThat(JournalText.held(new RangeKeeping(80, 100))).contains("as it should be");
        assertThat(JournalText.held(new RangeKeeping(40, 100)))
                .contains("too few")
                .contains("% wider");
        assertThat(JournalText.held(new RangeKeeping(100, 100))).contains("% narrower");
    }

    @Test
    void whatTheLastBatchesHadInCommonIsSaidOnlyIfMostHadIt() {
        assertThat(JournalText.lately(4, 0, 5, true))
                .isEqualTo("4 of the last 5 were thicker from the fridge than you wanted");
        assertThat(JournalText.lately(0, 1, 1, false)).isEqualTo("the last one was thinner than you wanted");
        assertThat(JournalText.lately(2, 2, 5, false)).isEmpty();
    }
}
