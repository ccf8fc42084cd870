package app.gradior.web.stove;

import app.gradior.web.batch.BatchSummary;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * What was made lately and wants looking after: to be cooled, filled, judged cold. How long it keeps is told of its jars.
 *
 * @param asks whether to ask how it is on the next day: once, until somebody says it
 */
record Shelf(BatchSummary batch, String words, String level, boolean asks) {
    Shelf(BatchSummary batch, String words, String level) {
        this(batch, words, level, false);
    }

    /** After usual guidance: cold within two hours. */
    private static final Duration COOL_WITHIN = Duration.ofHours(2);

    private static final Duration JUDGE_FROM = Duration.ofHours(12);
    private static final Duration JUDGE_TO = Duration.ofDays(3);

    static List<Shelf> of(List<BatchSummary> latest, Instant now) {
        List<Shelf> shelf = new ArrayList<>();
        for (BatchSummary batch : latest) {
            Duration age = Duration.between(batch.finishedAt(), now);
            if (age.compareTo(COOL_WITHIN) < 0) {
                long left = COOL_WITHIN.minus(age).toMinutes();
                shelf.add(new Shelf(batch, StoveText.coolIt(left), "heat"));
            } else if (age.compareTo(JUDGE_FROM) < 0) {
                shelf.add(new Shelf(batch, StoveText.IN_THE_FRIDGE, ""));
            } else if (age.compareTo(JUDGE_TO) < 0 && !batch.judgedNextDay()) {
                shelf.add(new Shelf(batch, StoveText.JUDGE_COLD, "", true));
            }
        }
        return shelf;
    }
}
