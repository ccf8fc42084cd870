package app.gradior.sauce;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.plan.Target;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Steps as cooks write them, each with what it does; they stand behind 800 ml of water, and nothing else is known. */
class StepCorpusTest {
    record Sample(String step, String does) {}

    static List<Sample> corpus() throws Exception {
        try (Reader reader = new InputStreamReader(
                StepCorpusTest.class.getResourceAsStream("/step-corpus.csv"), StandardCharsets.UTF_8)) {
            return CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get().parse(reader).stream()
                    .map(row -> new Sample(row.get("step"), row.get("does")))
                    .toList();
        }
    }

    private static Stream<Sample> samples() throws Exception {
        return corpus().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("samples")
    void aStepDoesWhatItSays(Sample sample) {
        SauceLine line = WrittenSauce.read("800 ml water\n" + sample.step(), LineGrammar.shipped(), Habits.NONE)
                .lines()
                .get(1);

        assertThat(line)
                .isInstanceOfSatisfying(
                        SauceLine.Step.class,
                        step -> assertThat(step.doings().stream()
                                        .map(StepCorpusTest::said)
                                        .collect(Collectors.joining("; ")))
                                .isEqualTo(sample.does()));
    }

    @Test
    void thereAreEnoughOfThem() throws Exception {
        assertThat(corpus()).hasSizeGreaterThanOrEqualTo(150);
    }

    private static String said(StepClause doing) {
        if (doing instanceof StepClause.GoesIn in) {
            String foods = in.named().stream()
                    .map(food ->
                            food.ingredient().key() + " " + number(food.mass().grams()))
                    .collect(Collectors.joining(" + "));
            return (in.way().name().toLowerCase(Locale.ROOT) + " " + foods).strip();
        }
        return doing instanceof StepClause.Does does
                ? operation(does.operation())
                : doing instanceof StepClause.Said ? "said" : "asked";
    }

    private static String operation(Operation operation) {
        if (operation instanceof Operation.SimmerFor simmer) {
            return Stream.of(
                            simmer.time().isZero()
                                    ? "heat"
                                    : "simmer " + simmer.time().toString().substring(2),
                            simmer.activity()
                                    .map(a -> a.name().toLowerCase(Locale.ROOT))
                                    .orElse(""),
                            simmer.lid()
                                    .map(lid -> "open " + number(lid.open().value()))
                                    .orElse(""))
                    .filter(part -> !part.isEmpty())
                    .collect(Collectors.joining(" "));
        }
        if (operation instanceof Operation.Reduce reduce) {
            return "reduce to " + target(reduce.target());
        }
        if (operation instanceof Operation.StrainLeaving strain) {
            return "strain leaving " + number(strain.left().grams());
        }
        if (operation instanceof Operation.Strain strain) {
            return "strain " + number(strain.solidsHeld().value());
        }
        return operation instanceof Operation.Cool cool
                ? "cool " + number(cool.to().degrees())
                : operation.getClass().getSimpleName().toLowerCase(Locale.ROOT);
    }

    private static String target(Target target) {
        if (target instanceof Target.Reduced reduced) {
            return number(100 * reduced.kept().value()) + " %";
        }
        if (target instanceof Target.Yield yield) {
            return number(yield.volume().millilitres()) + " ml";
        }
        if (target instanceof Target.Weight weight) {
            return number(weight.mass().grams()) + " g";
        }
        if (target instanceof Target.AtGrade grade) {
            return "grade " + number(grade.grade().value());
        }
        if (target instanceof Target.AtBoilingPoint at) {
            return "boiling at " + number(at.boils().degrees());
        }
        return target instanceof Target.ForUse use
                ? use.use().name().toLowerCase(Locale.ROOT)
                : "brix " + number(((Target.AtBrix) target).brix().percent());
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value).replaceAll("\\.0$", "");
    }
}
