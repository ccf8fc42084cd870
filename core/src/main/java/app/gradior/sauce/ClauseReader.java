package app.gradior.sauce;

import app.gradior.measure.Measures;
import app.gradior.measure.Words;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import java.time.Duration;
import java.util.Optional;

/**
 * What one clause says of how far, how long, how hard and how covered a sauce is cooked: the same for a step of a sauce that
 * was written here and for a sentence of a recipe that was published elsewhere.
 */
public final class ClauseReader {
    private final ReductionReader reductions;

    public ClauseReader(Measures measures) {
        this.reductions = new ReductionReader(measures);
    }

    /** Where it stops, if it says "until": by half, syrupy, thick as cream, about a cup left, 104 °C. */
    public Optional<Target> until(String clause) {
        Words words = Words.of(clause);
        return reduced(reductions.until(words)).or(() -> reduced(ReductionReader.boilsTo(words)));
    }

    /** Where something that is reduced stops: "by half", "to 300 ml", "until syrupy". */
    public Optional<Target> target(String clause) {
        return until(clause).or(() -> reduced(reductions.byOrTo(Words.of(clause))));
    }

    private static Optional<Target> reduced(Optional<StepClause> read) {
        return read.filter(StepClause.Does.class::isInstance)
                .map(does -> ((StepClause.Does) does).operation())
                .filter(Operation.Reduce.class::isInstance)
                .map(reduce -> ((Operation.Reduce) reduce).target());
    }

    /** How long it is to take, the middle of a range. */
    public static Optional<Duration> time(String clause) {
        Words words = Words.of(clause);
        return StepWords.time(words, 0, words.size());
    }

    public static Optional<Activity> activity(String clause) {
        return ReductionReader.activity(Words.of(clause));
    }

    public static Optional<Lid> lid(String clause) {
        return ReductionReader.lidOf(Words.of(clause));
    }

    /** What a sieve that the clause names holds back. */
    public static Operation strain(String clause) {
        return StepGrammar.strains(Words.of(clause));
    }

    public static Celsius coolTo(String clause) {
        return StepWords.coolTo(Words.of(clause));
    }
}
