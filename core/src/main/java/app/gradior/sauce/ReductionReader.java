package app.gradior.sauce;

import app.gradior.measure.MeasuredAmount;
import app.gradior.measure.Measures;
import app.gradior.measure.Quantities;
import app.gradior.measure.Words;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Density;
import app.gradior.quantity.Share;
import app.gradior.thickness.Grade;
import java.time.Duration;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Reads how far and how hard a clause has a sauce boiled: to a target, for a time, under which lid. */
final class ReductionReader {
    /** What a step may leave: as much as a line may bring. */
    static final double MAX_GRAMS = 300_000;

    private static final double HOTTER_THAN_WATER_C = 100.2;

    private static final double MAX_BOILING_C = 150;

    private final Measures measures;

    ReductionReader(Measures measures) {
        this.measures = measures;
    }

    StepClause simmers(Words clause) {
        Optional<Duration> time = StepWords.time(clause, 1, clause.size());
        Optional<StepClause> until = until(clause).or(() -> time.isPresent() ? Optional.empty() : boilsTo(clause));
        if (until.isPresent()) {
            return until.get();
        }
        boolean open = time.isEmpty() && (StepWords.mentions(clause, "until") || StepWords.mentions(clause, "till"));
        return open
                ? new StepClause.UnreadableStep(clause.typed(), StepProblem.Plain.FOR_HOW_LONG)
                : boils(clause, time.orElse(Duration.ZERO));
    }

    static StepClause boils(Words clause, Duration time) {
        Optional<Activity> activity = activity(clause);
        Optional<Lid> lid = lidOf(clause);
        return new StepClause.Does(new Operation.SimmerFor(time, time.isZero() ? Optional.empty() : activity, lid));
    }

    static Optional<Activity> activity(Words clause) {
        if (StepWords.mentionsAny(clause, "bare", "barely", "gently", "gentle", "low", "lowest", "slowly", "slow")) {
            return Optional.of(Activity.BARE_SIMMER);
        }
        if (StepWords.mentionsAny(clause, "lively", "brisk", "briskly", "strong")) {
            return Optional.of(Activity.LIVELY_SIMMER);
        }
        if (StepWords.mentionsAny(
                clause, "hard", "rolling", "rapid", "rapidly", "vigorously", "vigorous", "fast", "boil")) {
            return Optional.of(Activity.ROLLING_BOIL);
        }
        return StepWords.mentionsAny(clause, "simmer", "bubble") ? Optional.of(Activity.SIMMER) : Optional.empty();
    }

    /** "Until about a cup is left", "until syrupy", "until thick as cream". */
    Optional<StepClause> until(Words clause) {
        for (int i = 0; i < clause.size(); i++) {
            if (Set.of("until", "till").contains(clause.plain(i))
                    || i == 0 && Set.of("once", "when").contains(clause.plain(i))) {
                for (int k = i + 1; k < clause.size(); k++) {
                    Optional<MeasuredAmount> amount = amount(clause, k);
                    boolean left = StepWords.mentionsAny(clause, "left", "remains", "remain", "remaining")
                            || clause.plain(k - 1).equals("have");
                    if (amount.isPresent() && left) {
                        return reducesTo(clause, k);
                    }
                    OptionalDouble part = left && amount.isEmpty() ? StepWords.part(clause, k) : OptionalDouble.empty();
                    if (part.isPresent()) {
                        return Optional.of(fraction(clause, part.getAsDouble()));
                    }
                }
                if (StepWords.mentionsAny(clause, "halved", "halves")) {
                    return Optional.of(fraction(clause, 0.5));
                }
                for (int k = i + 1; k < clause.size(); k++) {
                    if (Set.of("reduced", "reduce", "reduces", "down", "boiled", "evaporated", "volume")
                            .contains(clause.plain(k))) {
                        int at = Set.of("by", "to").contains(clause.plain(k + 2))
                                        && clause.plain(k + 1).equals("down")
                                ? k + 2
                                : k + 1;
                        Optional<StepClause> reduced = clause.plain(at).equals("by")
                                ? reducesBy(clause, at + 1)
                                : clause.plain(at).equals("to") ? reducesTo(clause, at + 1) : Optional.empty();
                        if (reduced.isPresent()) {
                            return reduced;
                        }
                    }
                }
                return StepWords.use(clause, i)
                        .map(use -> reduce(new Target.ForUse(use, Celsius.SERVED_WARM)))
                        .or(() -> StepWords.thickAs(clause)
                                .map(grade -> reduce(new Target.AtGrade(grade, Celsius.SERVED_WARM))));
            }
        }
        return Optional.empty();
    }

    /** "Boil to 105 °C": above where water boils it is the sugar that makes it so hot. */
    static Optional<StepClause> boilsTo(Words clause) {
        for (int i = 1; i < clause.size(); i++) {
            Optional<Quantities.Quantity> number =
                    clause.plain(i - 1).matches("to|at|reaches") ? Quantities.at(clause, i) : Optional.empty();
            if (number.isEmpty()) {
                continue;
            }
            int unit = i + number.get().words();
            String scale = clause.plain(unit).replace("°", "").replace("degrees", "");
            String named = scale.isEmpty() ? clause.plain(unit + 1) : scale;
            boolean degrees = clause.plain(unit).startsWith("°")
                    || clause.plain(unit).equals("degrees")
                    || Set.of("c", "f").contains(scale);
            double celsius = named.startsWith("f")
                    ? (number.get().middle() - 32) / 1.8
                    : number.get().middle();
            if (degrees && celsius > HOTTER_THAN_WATER_C && celsius < MAX_BOILING_C) {
                return Optional.of(reduce(new Target.AtBoilingPoint(Celsius.of(celsius))));
            }
        }
        return Optional.empty();
    }

    StepClause reduces(Words clause) {
        if (StepWords.mentionsAny(clause, "heat", "flame", "temperature") && !StepWords.mentions(clause, "over")) {
            return new StepClause.Said(clause.typed());
        }
        Optional<Duration> time = StepWords.time(clause, 1, clause.size());
        Optional<StepClause> byOrTo = byOrTo(clause);
        if (byOrTo.isPresent()) {
            return byOrTo.get();
        }
        Optional<StepClause> until = until(clause);
        if (until.isPresent()) {
            return until.get();
        }
        Optional<Use> use = StepWords.use(clause, 1);
        if (use.isPresent()) {
            return reduce(new Target.ForUse(use.get(), Celsius.SERVED_WARM));
        }
        return time.isPresent()
                ? boils(clause, time.get())
                : new StepClause.UnreadableStep(clause.typed(), StepProblem.Plain.HOW_FAR);
    }

    /** "By half", "to 300 ml", "to a syrup", wherever in the clause it stands. */
    Optional<StepClause> byOrTo(Words clause) {
        for (int i = 1; i < clause.size(); i++) {
            boolean by = clause.plain(i).equals("by");
            if (by || clause.plain(i).equals("to")) {
                Optional<StepClause> doing = by ? reducesBy(clause, i + 1) : reducesTo(clause, i + 1);
                if (doing.isPresent()) {
                    return doing;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<StepClause> reducesBy(Words clause, int at) {
        if (amount(clause, at).isPresent()) {
            return Optional.of(new StepClause.UnreadableStep(clause.typed(), StepProblem.Plain.WHAT_IS_TO_BE_LEFT));
        }
        return StepWords.part(clause, at).stream()
                .mapToObj(part -> fraction(clause, 1 - part))
                .findFirst();
    }

    private Optional<StepClause> reducesTo(Words clause, int at) {
        Optional<MeasuredAmount> amount = amount(clause, at);
        if (amount.isPresent()) {
            double count = amount.get().count();
            double grams = amount.get().unit().grams(count, Density.ofGramsPerMillilitre(1));
            if (!(grams > 0) || grams > MAX_GRAMS) {
                return Optional.of(
                        new StepClause.UnreadableStep(clause.typed(), StepProblem.Plain.MORE_THAN_A_POT_HOLDS));
            }
            return Optional.of(reduce(
                    amount.get().unit().isVolume()
                            ? new Target.Yield(amount.get().unit().volume(count))
                            : new Target.Weight(amount.get().unit().mass(count, Density.ofGramsPerMillilitre(1)))));
        }
        int next = Set.of("a", "an", "the").contains(clause.plain(at)) ? at + 1 : at;
        Optional<Quantities.Quantity> number =
                Quantities.at(clause, clause.plain(at).equals("grade") ? at + 1 : at);
        if (clause.plain(at).equals("grade") && number.isPresent()) {
            double grade = number.get().middle();
            return Optional.of(
                    grade >= 0 && grade <= 9
                            ? reduce(new Target.AtGrade(Grade.of(grade), Celsius.SERVED_WARM))
                            : new StepClause.UnreadableStep(clause.typed(), StepProblem.Plain.NO_SUCH_GRADE));
        }
        if (number.isPresent()
                && StepWords.mentions(clause, "brix")
                && number.get().middle() > 0
                && number.get().middle() < 95) {
            return Optional.of(
                    reduce(new Target.AtBrix(Share.ofPercent(number.get().middle()))));
        }
        OptionalDouble part = StepWords.part(clause, at);
        if (part.isPresent()) {
            return Optional.of(fraction(clause, part.getAsDouble()));
        }
        return StepWords.use(clause, next).map(use -> reduce(new Target.ForUse(use, Celsius.SERVED_WARM)));
    }

    private static StepClause fraction(Words clause, double kept) {
        if (!(kept > 0 && kept < 1)) {
            return new StepClause.UnreadableStep(clause.typed(), StepProblem.Plain.NO_SUCH_PART);
        }
        Target.Basis basis = StepWords.mentions(clause, "volume")
                ? Target.Basis.VOLUME
                : StepWords.mentions(clause, "depth") ? Target.Basis.DEPTH : Target.Basis.WEIGHT;
        return reduce(new Target.Reduced(Share.of(kept), basis));
    }

    private static StepClause reduce(Target target) {
        return new StepClause.Does(new Operation.Reduce(target));
    }

    private Optional<MeasuredAmount> amount(Words words, int at) {
        int from = Set.of("about", "around", "roughly", "~").contains(words.plain(at)) ? at + 1 : at;
        return MeasuredAmount.at(words, from, measures);
    }

    /** How covered it is, if the clause says so. */
    static Optional<Lid> lidOf(Words clause) {
        boolean cover = StepWords.mentionsAny(clause, "covered", "cover", "lid");
        boolean partly = StepWords.mentionsAny(
                clause, "ajar", "partially", "partly", "half", "half-covered", "askew", "vented", "cracked", "tilted");
        if (partly && (cover || StepWords.mentionsAny(clause, "ajar", "vented", "askew"))) {
            return Optional.of(Lid.AJAR);
        }
        if (StepWords.mentionsAny(clause, "screen", "splatter")) {
            return Optional.of(Lid.SPLATTER_SCREEN);
        }
        boolean off = StepWords.mentionsAny(clause, "uncovered", "uncover", "lidless")
                || cover && StepWords.mentionsAny(clause, "off", "remove", "without", "no", "take", "lift");
        return off ? Optional.of(Lid.OFF) : cover ? Optional.of(Lid.ON) : Optional.empty();
    }
}
