package app.gradior.web.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** What a kitchen calls a measure is learnt from what it weighs, can be taken back, and reads its lines at once. */
@ExtendWith(RunningApplication.class)
class MeasuresTest {
    private final Foods foods;
    private final KitchenMeasures measures;
    private final TestKitchen kitchen = TestKitchen.of("weigher");

    MeasuresTest(Foods foods, KitchenMeasures measures) {
        this.foods = foods;
        this.measures = measures;
    }

    private MvcTestResult post(TestKitchen by, String path, String... fields) {
        var request = TestKitchen.mvc().post().uri(path).with(user(by.cook())).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            request = request.param(fields[i], fields[i + 1]);
        }
        return request.exchange();
    }

    private double grams(String line) {
        return foods.language(kitchen.id())
                .grammar()
                .read(line)
                .foods()
                .get(0)
                .mass()
                .grams();
    }

    private void weigh(String grams) {
        assertThat(post(
                        kitchen,
                        "/foods/measures/weighed",
                        "food",
                        "shallot",
                        "measure",
                        "shallot",
                        "grams",
                        grams,
                        "of",
                        String.valueOf(grams("2 shallots"))))
                .hasStatus(204);
    }

    @BeforeEach
    void itIsReadAsInBooks() {
        assertThat(grams("2 shallots")).isCloseTo(60, within(1e-9));
    }

    @Test
    void threeWeighingsMakeItTheKitchensOwn() {
        weigh("88");
        double once = grams("2 shallots");
        assertThat(once).isBetween(65.0, 85.0);
        weigh("88");
        weigh("88,0");
        assertThat(grams("2 shallots")).isBetween(once, 88.0);
        String page = page();
        assertThat(page).contains("of shallot, raw").contains("88 g for 2").contains("leave out");
        // The line that is about the measure of another food is read as before.
        assertThat(grams("2 onions")).isGreaterThan(150);
    }

    @Test
    void aWeighingIsLeftOutAndCountsAgainAndAllIsForgotten() {
        weigh("88");
        double known = grams("2 shallots");
        String id = measures.of(kitchen.id()).get(0).weighed().get(0).id().toString();
        post(kitchen, "/foods/measures/count", "weighing", id, "out", "true");
        assertThat(grams("2 shallots")).isCloseTo(60, within(1e-9));
        post(kitchen, "/foods/measures/count", "weighing", id, "out", "false");
        assertThat(grams("2 shallots")).isCloseTo(known, within(1e-9));
        TestKitchen neighbour = TestKitchen.of("neighbour");
        assertThat(post(neighbour, "/foods/measures/count", "weighing", id, "out", "true"))
                .hasStatus(404);
        post(neighbour, "/foods/measures/forget", "measure", "shallot", "food", "shallot");
        assertThat(grams("2 shallots")).isCloseTo(known, within(1e-9));
        post(kitchen, "/foods/measures/forget", "measure", "shallot", "food", "shallot");
        assertThat(grams("2 shallots")).isCloseTo(60, within(1e-9));
        assertThat(page()).contains("Nothing is known of yours yet");
    }

    @Test
    void whatWasSaidStandsInTheBooksPlace() {
        post(kitchen, "/foods/habits", "food", "shallot", "measure", "shallot", "grams", "20");
        assertThat(grams("2 shallots")).isCloseTo(40, within(1e-9));
        weigh("50");
        assertThat(grams("2 shallots")).isBetween(42.0, 50.0);
    }

    @ParameterizedTest
    @CsvSource({
        "shallot, shallot, 0, 60",
        "shallot, shallot, a lot, 60",
        "shallot, shallot, 5001, 60",
        "shallot, shallot, 60, 0",
        "shallot, barrel, 60, 60",
        "moon dust, shallot, 60, 60"
    })
    void whatCannotBeIsRefusedAndNothingIsKept(String food, String measure, String grams, String of) {
        assertThat(post(kitchen, "/foods/measures/weighed", "food", food, "measure", measure, "grams", grams, "of", of))
                .hasStatus(422)
                .bodyText()
                .isNotBlank();
        assertThat(measures.of(kitchen.id())).isEmpty();
    }

    private String page() {
        var answer = TestKitchen.mvc()
                .get()
                .uri("/foods/measures")
                .with(user(kitchen.cook()))
                .exchange();
        return new String(answer.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
    }
}
