package app.gradior.sauce;

import app.gradior.food.Mixture;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.LineProblem;
import app.gradior.measure.ReadLine;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Roux;
import app.gradior.pot.Conditions;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.sauce.StepClause.GoesIn;
import app.gradior.sauce.StepClause.Way;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A sauce as it was written: its lines in their order, and the stages they make.
 *
 * @param lines every line that is not blank
 * @param stages at least one
 */
public record WrittenSauce(List<SauceLine> lines, List<Stage> stages) {
    /** More operations than this are not followed: no sauce has so many. */
    private static final int MAX_OPERATIONS = 200;

    /** More than this in all is no kitchen's sauce: the lines that would go beyond are asked about. */
    private static final double MAX_KG = 2000;

    /**
     * A part of the making.
     *
     * @param title the line that opens it; none for what stands before the first step
     * @param foods what goes in, in order
     * @param operations what is done, in order
     */
    public record Stage(
            int index, Optional<String> title, List<ReadLine.Understood> foods, List<Operation> operations) {}

    /** Reads a text, line by line. */
    public static WrittenSauce read(String text, LineGrammar grammar, Habits habits) {
        StepGrammar steps = new StepGrammar(grammar, habits);
        List<SauceLine> lines = new ArrayList<>();
        List<String> typed = text.lines().toList();
        int stage = 0;
        boolean begun = false;
        double kilograms = 0;
        for (int number = 0; number < typed.size(); number++) {
            String line = typed.get(number);
            if (line.isBlank()) {
                continue;
            }
            Optional<List<StepClause>> doings = line.length() > 400 ? Optional.empty() : steps.read(line);
            ReadLine read = doings.isPresent() ? null : grammar.read(line);
            double more = kilograms(read, doings.orElse(List.of()));
            if (kilograms + more > MAX_KG) {
                doings = Optional.empty();
                read = new ReadLine.Unclear(line, LineProblem.Plain.MORE_THAN_A_SAUCE_WEIGHS, List.of(), List.of());
            } else {
                kilograms += more;
            }
            boolean opens = doings.isPresent() || read instanceof ReadLine.Heading;
            stage += opens && begun ? 1 : 0;
            begun |= opens || read != null && !read.foods().isEmpty();
            lines.add(
                    doings.isPresent()
                            ? new SauceLine.Step(number, stage, line, doings.get())
                            : new SauceLine.OfFood(number, stage, read));
        }
        List<SauceLine> judged = asked(forItsSize(seasoned(lines, grammar)), grammar);
        return new WrittenSauce(judged, stages(judged, stage));
    }

    /** A step that only says what to season with takes the usual amounts of it. */
    private static List<SauceLine> seasoned(List<SauceLine> lines, LineGrammar grammar) {
        return lines.stream()
                .map(line -> line instanceof SauceLine.Step step ? step.seasoned(lines, grammar) : line)
                .toList();
    }

    /** What is seasoned to taste follows what the rest weighs. */
    private static List<SauceLine> forItsSize(List<SauceLine> lines) {
        Mass rest = lines.stream()
                .flatMap(SauceLine::foods)
                .filter(food -> !food.followsTheSauce())
                .map(ReadLine.Understood::mass)
                .reduce(Mass.ZERO, Mass::plus);
        return lines.stream()
                .map(line -> line.withFoods(food -> food.forSauceOf(rest)))
                .toList();
    }

    /** What strikes in an amount, and in a step that names what is nowhere in the sauce. */
    private static List<SauceLine> asked(List<SauceLine> lines, LineGrammar grammar) {
        List<ReadLine.Understood> foods =
                lines.stream().flatMap(SauceLine::foods).toList();
        Plausibility plausibility = new Plausibility(foods, grammar);
        return lines.stream()
                .map(line -> line.withFoods(plausibility::judged))
                .map(line -> line instanceof SauceLine.Step step ? step.asking(lines, grammar) : line)
                .toList();
    }

    private static double kilograms(ReadLine read, List<StepClause> doings) {
        Stream<ReadLine.Understood> line = read == null ? Stream.empty() : read.foods().stream();
        Stream<ReadLine.Understood> step =
                doings.stream().filter(GoesIn.class::isInstance).flatMap(doing -> ((GoesIn) doing).named().stream());
        return Stream.concat(line, step)
                .mapToDouble(food -> food.mass().kilograms())
                .sum();
    }

    private static List<Stage> stages(List<SauceLine> lines, int last) {
        List<Stage> stages = new ArrayList<>();
        for (int index = 0; index <= last; index++) {
            Optional<String> title = Optional.empty();
            List<StepClause> doings = List.of();
            List<ReadLine.Understood> foods = new ArrayList<>();
            for (SauceLine line : lines) {
                if (line.stage() != index) {
                    continue;
                }
                if (line instanceof SauceLine.Step step) {
                    title = Optional.of(step.typed().strip());
                    doings = step.doings();
                } else if (line instanceof SauceLine.OfFood food) {
                    if (food.read() instanceof ReadLine.Heading heading) {
                        title = Optional.of(heading.words());
                        doings = List.of(new GoesIn(wayOf(heading.words()), List.of()));
                    } else {
                        foods.addAll(food.read().foods());
                    }
                }
            }
            stages.add(new Stage(index, title, List.copyOf(foods), operations(doings, foods)));
        }
        return List.copyOf(stages);
    }

    private static Way wayOf(String heading) {
        String words = heading.toLowerCase(Locale.ROOT);
        if (words.contains("roux")) {
            return Way.ROUX;
        }
        if (words.contains("slurry") || words.contains("thicken")) {
            return Way.SLURRY;
        }
        if (words.contains("finish") || words.contains("off the heat")) {
            return Way.FINISH;
        }
        return words.contains("season") ? Way.SEASON : Way.ADD;
    }

    /** The foods listed go in where the step says that something goes in; where it does not, before all it does. */
    private static List<Operation> operations(List<StepClause> doings, List<ReadLine.Understood> foods) {
        int place = 0;
        boolean found = false;
        for (int i = doings.size() - 1; i >= 0; i--) {
            if (doings.get(i) instanceof GoesIn goesIn
                    && (!found || goesIn.named().isEmpty())) {
                place = i;
                found = true;
            }
        }
        List<Operation> operations = new ArrayList<>();
        if (!found && !foods.isEmpty()) {
            operations.add(new Operation.Add(mixtureOf(foods.stream())));
        }
        for (int i = 0; i < doings.size(); i++) {
            StepClause doing = doings.get(i);
            if (doing instanceof GoesIn goesIn) {
                Stream<ReadLine.Understood> listed = i == place ? foods.stream() : Stream.empty();
                Mixture mixture = mixtureOf(Stream.concat(goesIn.named().stream(), listed));
                if (!mixture.isEmpty()) {
                    operations.add(operation(goesIn.way(), mixture));
                }
            } else if (doing instanceof StepClause.Does does) {
                operations.add(does.operation());
            }
        }
        return List.copyOf(operations);
    }

    private static Operation operation(Way way, Mixture mixture) {
        return switch (way) {
            case ADD -> new Operation.Add(mixture);
            case DEGLAZE -> new Operation.Deglaze(mixture);
            case SLURRY -> new Operation.PourSlurry(mixture);
            case ROUX -> new Operation.Thicken(mixture, Roux.Browning.BLOND);
            case BROWN_ROUX -> new Operation.Thicken(mixture, Roux.Browning.BROWN);
            case DARK_ROUX -> new Operation.Thicken(mixture, Roux.Browning.DARK);
            case KNEADED -> new Operation.Thicken(mixture, Roux.Browning.RAW);
            case SEASON -> new Operation.Season(mixture);
            case FINISH -> new Operation.FinishOffHeat(mixture);
        };
    }

    private static Mixture mixtureOf(Stream<ReadLine.Understood> foods) {
        return foods.map(food -> food.ingredient().of(food.mass())).reduce(Mixture.EMPTY, Mixture::plus);
    }

    /** Everything that goes in anywhere, uncooked. */
    public Mixture all() {
        return stages.stream()
                .flatMap(stage -> stage.operations().stream())
                .map(WrittenSauce::goesIn)
                .reduce(Mixture.EMPTY, Mixture::plus);
    }

    private static Mixture goesIn(Operation operation) {
        if (operation instanceof Operation.Add add) {
            return add.mixture();
        }
        if (operation instanceof Operation.Deglaze deglaze) {
            return deglaze.liquid();
        }
        if (operation instanceof Operation.PourSlurry slurry) {
            return slurry.slurry();
        }
        if (operation instanceof Operation.Season season) {
            return season.mixture();
        }
        if (operation instanceof Operation.Thicken thicken) {
            return Roux.cooked(thicken.foods(), thicken.browning());
        }
        return operation instanceof Operation.FinishOffHeat finish ? finish.mixture() : Mixture.EMPTY;
    }

    /** The foods of all lines. */
    public Stream<ReadLine.Understood> foods() {
        return lines.stream().filter(SauceLine.OfFood.class::isInstance).flatMap(SauceLine::foods);
    }

    /** How many it is for, if a line says so. */
    public Optional<ReadLine.Serves> serves() {
        return lines.stream()
                .filter(SauceLine.OfFood.class::isInstance)
                .map(line -> ((SauceLine.OfFood) line).read())
                .filter(ReadLine.Serves.class::isInstance)
                .map(ReadLine.Serves.class::cast)
                .findFirst();
    }

    /**
     * What came of a stage.
     *
     * @param before what was in the pot
     * @param after what is then
     * @param minutes how long it took; zero where it takes no time of its own
     * @param results what came of each of its operations
     */
    public record Outcome(
            Stage stage,
            Mixture before,
            Mixture after,
            Celsius temperature,
            Interval minutes,
            List<StagedSauce.Result> results) {}

    /**
     * A sauce made from its first stage to its last.
     *
     * @param outcomes one for each stage
     */
    public record Made(List<Outcome> outcomes) {
        public Mixture end() {
            return outcomes.get(outcomes.size() - 1).after();
        }

        /** The reduction that decides how thick the sauce becomes: the last one, if nothing is boiled or added after it. */
        public Optional<FinalReduction> finalReduction() {
            Mixture before = Mixture.EMPTY;
            FinalReduction last = null;
            for (Outcome outcome : outcomes) {
                for (StagedSauce.Result result : outcome.results()) {
                    Operation operation = result.operation();
                    if (operation instanceof Operation.Reduce reduce) {
                        last = new FinalReduction(
                                before, reduce, outcome.stage().index());
                    } else if (!isFinish(operation)) {
                        last = null;
                    }
                    before = result.after();
                }
            }
            return Optional.ofNullable(last).filter(l -> !l.from().isEmpty());
        }

        private static boolean isFinish(Operation operation) {
            return operation instanceof Operation.Blend
                    || operation instanceof Operation.Strain
                    || operation instanceof Operation.StrainLeaving
                    || operation instanceof Operation.Season
                    || operation instanceof Operation.FinishOffHeat
                    || operation instanceof Operation.PourSlurry
                    || operation instanceof Operation.Thicken
                    || operation instanceof Operation.Cool;
        }

        /** What the planned reduction begins with: the sauce before its final reduction, or as it is at its end. */
        public Mixture toPlan() {
            return finalReduction().map(FinalReduction::from).orElseGet(this::end);
        }
    }

    /**
     * The last reduction of a sauce.
     *
     * @param from what is in the pot when it begins
     * @param reduce how and how far
     */
    public record FinalReduction(Mixture from, Operation.Reduce reduce, int stage) {}

    /** The sauce as if none of its steps did anything but put in what goes in: where it can't be made. */
    public Made unmade() {
        List<Outcome> outcomes = new ArrayList<>();
        Mixture before = Mixture.EMPTY;
        for (Stage stage : stages) {
            Mixture after =
                    stage.operations().stream().map(WrittenSauce::goesIn).reduce(before, Mixture::plus);
            outcomes.add(new Outcome(stage, before, after, Celsius.ROOM, new Interval(0, 0, 0), List.of()));
            before = after;
        }
        return new Made(List.copyOf(outcomes));
    }

    /** Makes the sauce in a pot: what is in it after each stage. */
    public Made make(Conditions conditions, Knowledge knowledge) {
        List<Operation> all = stages.stream()
                .flatMap(s -> s.operations().stream())
                .limit(MAX_OPERATIONS)
                .toList();
        List<StagedSauce.Result> results = all.isEmpty() ? List.of() : new StagedSauce(all).run(conditions, knowledge);
        List<Outcome> outcomes = new ArrayList<>();
        Mixture before = Mixture.EMPTY;
        Celsius temperature = Celsius.ROOM;
        int at = 0;
        for (Stage stage : stages) {
            int end = Math.min(results.size(), at + stage.operations().size());
            List<StagedSauce.Result> own = results.subList(at, end);
            Mixture after = own.isEmpty() ? before : own.get(own.size() - 1).after();
            temperature = own.isEmpty() ? temperature : own.get(own.size() - 1).temperature();
            outcomes.add(new Outcome(stage, before, after, temperature, minutes(own), List.copyOf(own)));
            before = after;
            at = end;
        }
        return new Made(List.copyOf(outcomes));
    }

    /** What is unsure of one is unsure of all in the same way: the ends add up. */
    private static Interval minutes(List<StagedSauce.Result> results) {
        double low = 0;
        double middle = 0;
        double high = 0;
        for (StagedSauce.Result result : results) {
            low += result.minutes().low();
            middle += result.minutes().middle();
            high += result.minutes().high();
        }
        return new Interval(low, middle, high);
    }
}
