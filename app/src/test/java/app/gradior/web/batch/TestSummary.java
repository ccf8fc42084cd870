package app.gradior.web.batch;

import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import java.time.Instant;
import java.util.UUID;

/** A finished batch for tests of what is drawn and said of one; what a test does not say is as of any plum dip. */
public final class TestSummary {
    public static final Instant DAY = Instant.parse("2026-11-24T18:00:00Z");

    private Instant finishedAt = DAY;
    private boolean excluded;
    private Double stove;
    private Double warm;
    private Double cold;
    private Double low;
    private Double high;
    private boolean servedCold;
    private Double lnK;
    private Double logSd;

    public TestSummary finishedAt(Instant at) {
        this.finishedAt = at;
        return this;
    }

    public TestSummary thick(double atStove, double onTheTable, double fromTheFridge) {
        this.stove = atStove;
        this.warm = onTheTable;
        this.cold = fromTheFridge;
        return this;
    }

    public TestSummary wanted(Double from, Double to, boolean fromTheFridge) {
        this.low = from;
        this.high = to;
        this.servedCold = fromTheFridge;
        return this;
    }

    public TestSummary tells(double ln, double sd, boolean leftOut) {
        this.lnK = ln;
        this.logSd = sd;
        this.excluded = leftOut;
        return this;
    }

    public BatchSummary summary() {
        return new BatchSummary(
                UUID.randomUUID(),
                UUID.randomUUID(),
                1,
                UUID.randomUUID(),
                null,
                "Plum dip",
                "pan",
                excluded ? finishedAt : null,
                finishedAt,
                Activity.SIMMER,
                10.0,
                20.0,
                40.0,
                24,
                400.0,
                390.0,
                null,
                low == null ? null : Use.DIP,
                stove,
                warm,
                cold,
                low,
                high,
                servedCold,
                lnK,
                logSd,
                null,
                null,
                null,
                null,
                null,
                null,
                false);
    }
}
