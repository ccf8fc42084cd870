package app.gradior.sauce;

import app.gradior.measure.LineGrammar;
import app.gradior.measure.NamedFood;
import app.gradior.measure.ReadLine;
import app.gradior.measure.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A line of a written sauce that is not blank. */
public sealed interface SauceLine {
    /** Where it stands in the text, from 0. */
    int number();

    String typed();

    /** The stage it belongs to, from 0. */
    int stage();

    /** Every food that it names with an amount. */
    Stream<ReadLine.Understood> foods();

    /** This line with each of its foods changed. */
    SauceLine withFoods(UnaryOperator<ReadLine.Understood> change);

    /** A food, a heading, a remark: a line that does nothing. */
    record OfFood(int number, int stage, ReadLine read) implements SauceLine {
        @Override
        public String typed() {
            return read.typed();
        }

        @Override
        public Stream<ReadLine.Understood> foods() {
            return read.foods().stream();
        }

        @Override
        public SauceLine withFoods(UnaryOperator<ReadLine.Understood> change) {
            if (read instanceof ReadLine.Understood understood) {
                return new OfFood(number, stage, change.apply(understood));
            }
            return read instanceof ReadLine.Several several
                    ? new OfFood(
                            number,
                            stage,
                            new ReadLine.Several(
                                    several.typed(),
                                    several.foods().stream().map(change).toList(),
                                    several.parts()))
                    : this;
        }
    }

    /** A line that says what to do. */
    record Step(int number, int stage, String typed, List<StepClause> doings) implements SauceLine {
        public Step {
            doings = List.copyOf(doings);
        }

        @Override
        public Stream<ReadLine.Understood> foods() {
            return doings.stream()
                    .filter(StepClause.GoesIn.class::isInstance)
                    .flatMap(doing -> ((StepClause.GoesIn) doing).named().stream());
        }

        @Override
        public SauceLine withFoods(UnaryOperator<ReadLine.Understood> change) {
            return new Step(
                    number,
                    stage,
                    typed,
                    doings.stream()
                            .map(doing -> doing instanceof StepClause.GoesIn in
                                    ? new StepClause.GoesIn(
                                            in.way(),
                                            in.named().stream().map(change).toList())
                                    : doing)
                            .toList());
        }

        /** Whether something in it is not understood. */
        public boolean isUnread() {
            return doings.stream().anyMatch(StepClause.UnreadableStep.class::isInstance);
        }

        /** Whether something is to go in here that neither the step nor a line under it says. */
        private boolean lacksFood(List<SauceLine> all) {
            boolean putsIn = doings.stream().anyMatch(Step::worksOnFood);
            boolean listed = all.stream()
                    .anyMatch(line -> line instanceof OfFood
                            && line.stage() == stage
                            && line.foods().findAny().isPresent());
            return putsIn && !listed && !isUnread();
        }

        private static boolean worksOnFood(StepClause doing) {
            return doing instanceof StepClause.GoesIn
                    || doing instanceof StepClause.Does does
                            && (does.operation() instanceof Operation.Fry
                                    || does.operation() instanceof Operation.Sweat
                                    || does.operation() instanceof Operation.Reduce
                                    || does.operation() instanceof Operation.SimmerFor);
        }

        /** The foods that the step names and that no line of the sauce brings. */
        private List<String> missing(List<SauceLine> all, LineGrammar grammar) {
            Set<String> known = all.stream()
                    .flatMap(SauceLine::foods)
                    .map(food -> food.ingredient().key())
                    .collect(Collectors.toSet());
            return NamedFood.in(StepGrammar.beforeTarget(typed), grammar).stream()
                    .filter(named -> named.keys().stream().noneMatch(known::contains))
                    .filter(named ->
                            foods().noneMatch(food -> Words.of(food.typed()).containsAll(Words.of(named.words()))))
                    .map(NamedFood::words)
                    .toList();
        }

        /** This step with the usual amounts of what it seasons with, where nothing says how much of it goes in. */
        Step seasoned(List<SauceLine> all, LineGrammar grammar) {
            if (!lacksFood(all) || foods().findAny().isPresent()) {
                return this;
            }
            List<ReadLine.Understood> usual = missing(all, grammar).stream()
                    .flatMap(words -> grammar.read(words).foods().stream())
                    .toList();
            boolean seasons = !usual.isEmpty() && usual.stream().allMatch(ReadLine.Understood::followsTheSauce);
            return seasons
                    ? new Step(
                            number,
                            stage,
                            typed,
                            doings.stream()
                                    .map(doing -> doing instanceof StepClause.GoesIn in
                                            ? new StepClause.GoesIn(in.way(), usual)
                                            : doing)
                                    .toList())
                    : this;
        }

        /** This step with a question, where it names what nothing in the sauce brings. */
        Step asking(List<SauceLine> all, LineGrammar grammar) {
            List<String> missing = lacksFood(all) ? missing(all, grammar) : List.of();
            if (missing.isEmpty()) {
                return this;
            }
            List<StepClause> asked = new ArrayList<>(doings);
            asked.add(new StepClause.UnreadableStep(typed, new StepProblem.NothingGoesIn(missing.get(0))));
            return new Step(number, stage, typed, asked);
        }
    }
}
