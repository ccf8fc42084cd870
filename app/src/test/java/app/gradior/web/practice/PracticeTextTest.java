package app.gradior.web.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.food.StarchKind;
import app.gradior.plan.Goal;
import app.gradior.practice.Act;
import app.gradior.practice.Attempt.Deed;
import app.gradior.practice.Instrument;
import app.gradior.practice.Lesson;
import app.gradior.practice.Mishap;
import app.gradior.practice.Score;
import app.gradior.practice.Task;
import app.gradior.practice.Truth;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Share;
import app.gradior.thickness.Grade;
import app.gradior.thickness.ThicknessFactor;
import app.gradior.web.text.UnitFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is said of a run: how far it was off, what was true, one sentence to do better; and what a step that is sent means. */
class PracticeTextTest {
    private static final Task THICK = new Task.Thick(Goal.of(Grade.of(4.6), Celsius.SERVED_WARM));

    private static Score score(double target, double looks, double off, Map<Mishap, Double> wrong) {
        return new Score(target, 10, 10, looks, 15, List.of(off), wrong);
    }

    private static String better(Score score) {
        return PracticeText.better(score, List.of(THICK), false);
    }

    @Test
    void howFarItWasOffIsSaidInItsOwnUnit() {
        assertThat(PracticeText.off(THICK, 0.05)).isEqualTo("just as it was wanted");
        assertThat(PracticeText.off(THICK, -0.52)).isEqualTo("0.5 grades too thin");
        assertThat(PracticeText.off(THICK, 1.04)).isEqualTo("1.0 grades too thick");
        assertThat(PracticeText.off(new Task.Part(Share.of(0.5)), -0.12)).isEqualTo("12 % too much left");
        assertThat(PracticeText.off(new Task.Part(Share.of(0.5)), 0.2)).isEqualTo("20 % too little left");
        assertThat(PracticeText.off(new Task.Sweet(Share.ofPercent(65)), 4)).isEqualTo("4 % too much sugar");
    }

    @ParameterizedTest
    @CsvSource({
        "1.5, 1, fast: 1.5 times, as thick as such sauces",
        "0.6, 1.4, slowly: 0.6 times, thicker than such sauces",
        "1, 0.7, about as fast as usual, thinner than such sauces"
    })
    void theTruthIsTold(double k, double thickness, String pace, String thick) {
        assertThat(PracticeText.truth(new Truth(k, ThicknessFactor.of(thickness))))
                .contains(pace, thick);
    }

    @Test
    void whatCostMostIsSaidFirst() {
        assertThat(better(score(55, 10, 0.01, Map.of()))).startsWith("Nothing to add.");
        assertThat(better(score(40, 10, -0.3, Map.of()))).startsWith("You stopped early.");
        assertThat(better(score(40, 10, 0.3, Map.of()))).startsWith("You stopped late.");
        assertThat(better(score(50, 0, 0.05, Map.of()))).startsWith("You had it. Look less often");
        assertThat(better(new Score(50, 0, 0, 10, 15, List.of(0.05), Map.of()))).contains("more heat");
        for (Mishap mishap : Mishap.values()) {
            assertThat(better(score(30, 5, 0.4, Map.of(mishap, 0.9))))
                    .contains(": ")
                    .endsWith(".");
        }
    }

    @Test
    void anEyeThatLeansIsToldWhereTo() {
        assertThat(PracticeText.better(new Score(20, 4, 4, 4, 5, List.of(0.8, 0.6), Map.of()), List.of(), true))
                .startsWith("You take it for thicker");
        assertThat(PracticeText.better(new Score(20, 4, 4, 4, 5, List.of(-0.8, -0.6), Map.of()), List.of(), true))
                .startsWith("You take it for thinner");
        assertThat(PracticeText.better(new Score(20, 4, 4, 4, 5, List.of(-0.8, 0.8), Map.of()), List.of(), true))
                .startsWith("You are not off to one side");
    }

    @ParameterizedTest
    @EnumSource
    void everyLessonHasItsWords(Lesson lesson) {
        assertThat(PracticeText.title(lesson)).isNotBlank().doesNotEndWith(".");
        assertThat(PracticeText.task(lesson)).endsWith(".");
        assertThat(PracticeText.lookFor(lesson)).matches(".*[.?]");
        assertThat(PracticeText.advice(lesson, UnitFormat.METRIC))
                .hasSize(3)
                .allMatch(sentence -> sentence.endsWith("."));
    }

    @ParameterizedTest
    @CsvSource({
        "heat, 7, true",
        "heat, 10, false",
        "heat, -1, false",
        "lid, 1, true",
        "lid, 0, true",
        "stir, 0, true",
        "blend, 0, true",
        "off, 0, true",
        "water, 30, true",
        "water, 0, false",
        "water, 501, false",
        "slurry, 6, true",
        "slurry, NaN, false",
        "guess, 4.2, true",
        "guess, 9.1, false",
        "spoon, 0, true",
        "plate, 0, true",
        "scale, 0, true",
        "probe, 0, true",
        "'', 0, false",
        "HEAT, 3, false"
    })
    void aStepMeansSomethingOrNothing(String kind, double value, boolean means) {
        assertThat(new StoredStep(10, 0, kind, value)
                        .read(Optional.of(StarchKind.CORN))
                        .isPresent())
                .isEqualTo(means);
    }

    @Test
    void withoutStarchThereIsNoSlurryAndWithoutAKindNothing() {
        assertThat(new StoredStep(10, 0, "slurry", 6).read(Optional.empty())).isEmpty();
        assertThat(new StoredStep(10, 0, null, 6).read(Optional.empty())).isEmpty();
        assertThat(new StoredStep(10, 1, "spoon", 0).read(Optional.empty())).hasValueSatisfying(step -> {
            assertThat(step.pot()).isEqualTo(1);
            assertThat(step.deed()).isEqualTo(new Deed.Looked(Instrument.SPOON));
        });
        assertThat(new StoredStep(10, 0, "stir", 0)
                        .read(Optional.empty())
                        .orElseThrow()
                        .deed())
                .isEqualTo(new Deed.Did(new Act.Stir()));
    }
}
