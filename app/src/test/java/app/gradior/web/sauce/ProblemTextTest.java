package app.gradior.web.sauce;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.food.IngredientTable;
import app.gradior.measure.LineProblem;
import app.gradior.quantity.Mass;
import app.gradior.sauce.StepProblem;
import app.gradior.web.text.UnitFormat;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every problem of a line and of a step is said in a sentence that names what it is about. */
class ProblemTextTest {
    private final ProblemText text = new ProblemText(UnitFormat.METRIC);

    @Test
    void everyProblemIsASentenceOfItsOwn() {
        List<String> said = Stream.concat(
                        Arrays.stream(LineProblem.Plain.values()).map(text::of),
                        Arrays.stream(StepProblem.Plain.values()).map(text::of))
                .toList();

        assertThat(said).doesNotHaveDuplicates().allMatch(sentence -> sentence.matches("[A-Z].* .*\\."));
    }

    @Test
    void aProblemNamesWhatItIsAbout() {
        var stock = IngredientTable.shipped().get("chicken-stock");

        assertThat(text.of(new LineProblem.UnknownFood("moonbeams"))).contains("“moonbeams”");
        assertThat(text.of(new LineProblem.HowMuch(stock))).startsWith("How much chicken stock?");
        assertThat(text.of(new LineProblem.NotInPieces(stock)))
                .contains("Chicken stock")
                .contains("give grams");
        assertThat(text.of(new LineProblem.NotAccountedFor("2 carrots"))).contains("“2 carrots”");
        assertThat(text.of(new LineProblem.AmountsDiffer(Mass.ofGrams(30), Mass.ofGrams(42))))
                .contains("30 g")
                .contains("42 g");
        assertThat(text.of(new StepProblem.NumberOfNothing("10"))).contains("“10”");
        assertThat(text.of(new StepProblem.NotAllUnderstood("2 blorps"))).contains("“2 blorps”");
        assertThat(text.of(new StepProblem.NothingGoesIn("butter"))).contains("butter");
    }
}
