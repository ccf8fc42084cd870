package app.gradior.sauce;

import app.gradior.measure.Habits;
import app.gradior.measure.MeasuredAmount;
import app.gradior.measure.Measures;
import app.gradior.measure.Quantities;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Finds the amounts and numbers of a clause that nothing was made of, so that they are asked and never dropped. */
final class UnreadAmounts {
    /** Words that say what a number in a step is of. */
    private static final Set<String> TELLS = Set.of(
            "°", "°c", "°f", "c", "f", "degrees", "%", "percent", "times", "x", "cm", "mm", "inch", "inches", "brix",
            "seconds", "second", "sec", "secs", "s", "min", "mins", "minute", "minutes", "h", "hr", "hrs", "hour",
            "hours", "batches", "watts", "w");

    private final Measures measures;

    UnreadAmounts(Measures measures) {
        this.measures = measures;
    }

    /** An amount of something that the clause names and that went nowhere: it is asked, never dropped. */
    Optional<StepClause> in(Words all, StepClause doing, boolean does) {
        if (doing instanceof StepClause.UnreadableStep) {
            return Optional.empty();
        }
        Words clause = does ? withoutTarget(all) : all;
        List<ReadLine.Understood> named = doing instanceof StepClause.GoesIn goesIn ? goesIn.named() : List.of();
        int amounts = 0;
        int first = -1;
        for (int i = 1; i < clause.size(); i++) {
            Optional<MeasuredAmount> amount = MeasuredAmount.at(clause, i, measures);
            if (amount.isPresent()
                    && (Character.isDigit(clause.get(i).charAt(0))
                            || !clause.plain(i).startsWith("a"))) {
                amounts++;
                first = first < 0 ? i : first;
                i += amount.get().words() - 1;
            }
        }
        int counted = named.stream().mapToInt(UnreadAmounts::amountsIn).sum();
        Optional<String> bare = does && named.isEmpty() ? bareNumber(clause) : Optional.empty();
        if (bare.isPresent()) {
            return Optional.of(new StepClause.UnreadableStep(all.typed(), new StepProblem.NumberOfNothing(bare.get())));
        }
        return amounts <= counted
                ? Optional.empty()
                : Optional.of(new StepClause.UnreadableStep(
                        clause.typed(),
                        new StepProblem.NotAllUnderstood(clause.from(first).typed())));
    }

    /** A number that is no time, no temperature and no share: "simmer 10". */
    private static Optional<String> bareNumber(Words clause) {
        for (int i = 1; i < clause.size(); i++) {
            Optional<Quantities.Quantity> number =
                    Character.isDigit(clause.get(i).charAt(0)) ? Quantities.at(clause, i) : Optional.empty();
            if (number.isEmpty()) {
                continue;
            }
            int next = i + number.get().words();
            Optional<StepWords.Timed> timed = StepWords.timeAt(clause, i);
            if (timed.isPresent()) {
                i = timed.get().end() - 1;
                continue;
            }
            boolean told = TELLS.contains(clause.plain(next))
                    || Set.of("mark", "grade", "no", "number", "level", "setting")
                            .contains(clause.plain(i - 1));
            if (!told) {
                return Optional.of(clause.get(i));
            }
            i = next;
        }
        return Optional.empty();
    }

    private static int amountsIn(ReadLine.Understood food) {
        Words words = Words.of(food.typed());
        int amounts = 0;
        for (int i = 0; i < words.size(); i++) {
            Optional<MeasuredAmount> amount = MeasuredAmount.at(words, i, Habits.NONE.measures());
            if (amount.isPresent()) {
                amounts++;
                i += amount.get().words() - 1;
            }
        }
        return amounts;
    }

    /** A clause up to where it says how far it is to go: "to 300 ml", "by half", "until a cup is left", "leaving 200 g". */
    static Words withoutTarget(Words clause) {
        for (int i = 1; i < clause.size(); i++) {
            boolean range = clause.plain(i).equals("to")
                    && Character.isDigit(clause.get(i - 1).charAt(0));
            if (!range
                    && Set.of("to", "by", "until", "till", "leaving", "leave", "leaves")
                            .contains(clause.plain(i))) {
                return clause.until(i);
            }
        }
        return clause;
    }
}
