package app.gradior.sauce;

import app.gradior.measure.Measures;
import app.gradior.measure.Words;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import java.time.Duration;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What one clause says of how far, how long, how hard and how covered a sauce is cooked: the same for a step of a sauce that
 * was written here and for a sentence of a recipe that was published elsewhere.
 */
public final class ClauseReader {
    private static final Pattern RANGE =
            Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*(?:-|–|—|to|or)\\s*(\\d+(?:\\.\\d+)?)\\s*(min|hour|hr|sec)");

    /** What softening and browning do to what is in the pot. */
    public static final Operation SWEAT = new Operation.Sweat(StepGrammar.SWEATED);

    public static final Operation FRY = new Operation.Fry(StepGrammar.BROWNED);

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

    /** The minutes that a clause gives beside what it stops at: "about 8–10 minutes". */
    public static Optional<Interval> claim(String clause) {
        Matcher range = RANGE.matcher(clause.toLowerCase(Locale.ROOT));
        if (range.find()) {
            double each = range.group(3).startsWith("h") ? 60 : range.group(3).equals("sec") ? 1 / 60.0 : 1;
            double low = Double.parseDouble(range.group(1)) * each;
            double high = Double.parseDouble(range.group(2)) * each;
            return low <= high ? Optional.of(new Interval(low, (low + high) / 2, high)) : Optional.empty();
        }
        return time(clause).filter(time -> !time.isZero()).map(time -> {
            double minutes = time.toSeconds() / 60.0;
            return new Interval(minutes, minutes, minutes);
        });
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
