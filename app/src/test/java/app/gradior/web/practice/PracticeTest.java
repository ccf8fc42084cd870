package app.gradior.web.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.cook.CookEvent;
import app.gradior.practice.Lesson;
import app.gradior.practice.SimulatedPot;
import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.learning.Eyes;
import app.gradior.web.sauce.Sauce;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Practice: a lesson is begun, cooked and scored; what is thought is measured; nothing of it is a batch. */
@ExtendWith(RunningApplication.class)
class PracticeTest {
    private final BatchService cooks;
    private final Eyes eyes;
    private final Runs runs;
    private final TestKitchen own = TestKitchen.of("learner");
    private final TestKitchen other = TestKitchen.of("guest");

    PracticeTest(BatchService cooks, Eyes eyes, Runs runs) {
        this.cooks = cooks;
        this.eyes = eyes;
        this.runs = runs;
    }

    private static MvcTestResult post(TestKitchen by, String path, String... fields) {
        var request = TestKitchen.mvc().post().uri(path).with(user(by.cook())).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            request = request.param(fields[i], fields[i + 1]);
        }
        return request.exchange();
    }

    private static MvcTestResult get(TestKitchen by, String path) {
        return TestKitchen.mvc().get().uri(path).with(user(by.cook())).exchange();
    }

    private static Document page(TestKitchen by, String path) {
        MvcTestResult answer = get(by, path);
        assertThat(answer).hasStatusOk();
        return Jsoup.parse(new String(answer.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8));
    }

    private static JsonNode json(MvcTestResult answer) {
        return new JsonMapper().readTree(answer.getResponse().getContentAsByteArray());
    }

    private UUID begin(Lesson lesson, String seed) {
        UUID run = UUID.randomUUID();
        assertThat(post(own, "/practice/lessons/" + lesson.key(), "form", run.toString(), "seed", seed))
                .hasRedirectedUrl("/practice/runs/" + run);
        return run;
    }

    private MvcTestResult step(UUID run, int number, double seconds, String kind, double value) {
        return post(
                own,
                "/practice/runs/" + run + "/steps",
                "number",
                String.valueOf(number),
                "seconds",
                String.valueOf(seconds),
                "pot",
                "0",
                "kind",
                kind,
                "value",
                String.valueOf(value));
    }

    /** When a pot of a run has come to something, if nobody does more to it. */
    private double when(UUID run, java.util.function.Predicate<SimulatedPot> there) {
        Runs.Kept kept = asOwn(() -> runs.get(own.id(), run));
        double at = kept.clock();
        while (!there.test(kept.attempt().pot(0, at))) {
            at += 4;
        }
        return at;
    }

    private <T> T asOwn(java.util.function.Supplier<T> what) {
        return own.asCook(what);
    }

    @Test
    void aLessonIsCookedToItsScoreAndTheBestOneIsKept() {
        UUID run = begin(Lesson.BY_HALF, "12");
        assertThat(page(own, "/practice/runs/" + run).select("[data-act]").eachAttr("data-act"))
                .contains("stir", "lid", "water", "blend", "off")
                .doesNotContain("spoon", "scale", "slurry");
        JsonNode begun = json(step(run, 0, 0, "heat", 8));
        assertThat(begun.path("number").asInt()).isEqualTo(1);
        assertThat(begun.path("pots").get(0).path("dial").asInt()).isEqualTo(8);
        assertThat(begun.path("pots").get(0).path("track").path("rows").size()).isGreaterThan(100);
        assertThat(begun.path("pots").get(0).path("track").path("rows").get(0).size())
                .isEqualTo(begun.path("names").size());
        double half = when(
                run,
                pot -> pot.mixture().mass().grams()
                        <= 0.5 * pot.setup().mixture().mass().grams());

        JsonNode done = json(step(run, 1, half, "off", 0));

        assertThat(done.path("over").asBoolean()).isTrue();
        Document result = page(own, "/practice/runs/" + run);
        long points = Long.parseLong(result.select(".points b").text());
        assertThat(points).isGreaterThanOrEqualTo(90);
        assertThat(result.text()).contains("just as it was wanted").contains("This pot boiled off");
        assertThat(result.select("svg.walk path")).hasSize(2);
        assertThat(result.select("#challenge").val()).endsWith("/practice/lessons/by-half?pot=12");
        assertThat(page(own, "/practice").select(".lessons li.passed .best").text())
                .isEqualTo(points + " ✓");
        assertThat(page(other, "/practice").select(".lessons li.passed")).isEmpty();
        // A worse run after it leaves the best where it is.
        UUID worse = begin(Lesson.BY_HALF, "12");
        step(worse, 0, 0, "off", 0);
        assertThat(page(own, "/practice/runs/" + worse).select(".better").text())
                .contains("You stopped early.");
        assertThat(page(own, "/practice").select(".lessons li.passed .best").text())
                .isEqualTo(points + " ✓");
        // Nothing of it is a batch.
        assertThat(page(own, "/journal").text()).doesNotContain("Wine and stock");
        assertThat(page(own, "/").text()).doesNotContain("Wine and stock");
        assertThat(cooks.count(own.id())).isZero();
    }

    @Test
    void theSamePotIsTheSameForEverybody() {
        UUID mine = begin(Lesson.ALONE, "318");
        UUID theirs = UUID.randomUUID();
        post(other, "/practice/lessons/alone", "form", theirs.toString(), "seed", "318");
        JsonNode here = json(get(own, "/practice/runs/" + mine + "/ahead"));
        JsonNode there = json(get(other, "/practice/runs/" + theirs + "/ahead"));
        assertThat(here.path("pots").toString()).isEqualTo(there.path("pots").toString());
    }

    @Test
    void aStepThatIsSentAgainIsTakenOnceAndWhatCannotBeIsRefused() {
        UUID run = begin(Lesson.TAKE_IT_OFF, "5");
        step(run, 0, 10, "heat", 7);
        long writes = TestKitchen.writes(own.id());
        assertThat(json(step(run, 0, 10, "heat", 7)).path("number").asInt()).isEqualTo(1);
        assertThat(TestKitchen.writes(own.id())).isGreaterThan(writes);
        for (Object[] bad : new Object[][] {
            {1, 5.0, "stir", 0.0},
            {2, 20.0, "stir", 0.0},
            {1, 20.0, "dance", 0.0},
            {1, 20.0, "heat", 12.0},
            {1, 20.0, "water", -3.0},
            {1, 20.0, "slurry", 5.0},
            {1, 1e9, "stir", 0.0},
            {1, 20.0, "guess", 40.0}
        }) {
            MvcTestResult answer = step(run, (int) bad[0], (double) bad[1], (String) bad[2], (double) bad[3]);
            assertThat(answer).as("%s", bad[2]).hasStatus(422);
            assertThat(json(answer).path("wrong").asString()).startsWith("That can't be done here.");
        }
        assertThat(asOwn(() -> runs.get(own.id(), run)).steps()).hasSize(1);
    }

    @Test
    void whoComesBackGoesOnFromWhereTheClockWas() {
        UUID run = begin(Lesson.TAKE_IT_OFF, "5");
        step(run, 0, 10, "heat", 7);
        step(run, 1, 200, "spoon", 0);
        assertThat(post(own, "/practice/runs/" + run + "/clock", "seconds", "260.5"))
                .hasStatus(204);
        assertThat(post(own, "/practice/runs/" + run + "/clock", "seconds", "30"))
                .hasStatus(204);
        JsonNode again = json(get(own, "/practice/runs/" + run + "/ahead"));
        assertThat(again.path("clock").asDouble()).isEqualTo(260.5);
        assertThat(again.path("seen").size()).isEqualTo(1);
        assertThat(again.path("seen").get(0).path("said").asString()).isNotBlank();
    }

    @Test
    void hintsGoSilentAndTheLookIsStillThereForWhoCannotSee() {
        UUID early = begin(Lesson.TAKE_IT_OFF, "5");
        JsonNode told = json(step(early, 0, 100, "spoon", 0));
        assertThat(told.path("said").asString()).isEqualTo(told.path("look").asString());
        UUID late = begin(Lesson.ALONE, "5");
        JsonNode silent = json(step(late, 0, 100, "spoon", 0));
        assertThat(silent.path("said").asString()).isEmpty();
        assertThat(silent.path("look").asString()).isNotBlank();
        assertThat(json(step(late, 1, 110, "plate", 0)).path("said").asString()).endsWith("cm");
        assertThat(page(own, "/practice/runs/" + late).select("#say").hasClass("visually-hidden"))
                .isTrue();
    }

    @Test
    void inTheFirstLessonOneIsAskedSixTimesAndTheEyeIsMeasured() {
        UUID run = begin(Lesson.READ_THE_SPOON, "9");
        JsonNode state = json(get(own, "/practice/runs/" + run + "/ahead"));
        int number = state.path("number").asInt();
        assertThat(state.path("pots").get(0).path("dial").asInt()).isEqualTo(7);
        for (int i = 0; i < 6; i++) {
            double at = state.path("askAt").asDouble();
            assertThat(at).isPositive();
            double truth =
                    asOwn(() -> runs.get(own.id(), run)).attempt().pot(0, at).grade();
            state = json(step(run, number++, at, "guess", truth + 0.3));
            assertThat(state.path("asked").asInt()).isEqualTo(i + 1);
            assertThat(state.path("said").asString()).startsWith("grade ");
        }
        assertThat(state.path("askAt").asDouble()).isNegative();
        step(run, number, state.path("clock").asDouble(), "off", 0);

        assertThat(page(own, "/practice/runs/" + run).select("table tbody tr").size())
                .isGreaterThanOrEqualTo(6);
        Document eye = page(own, "/practice/eye");
        assertThat(eye.select(".better").text()).startsWith("Your last 6 guesses were off by 0.3 grades");
        assertThat(eye.select("svg.walk circle.dot")).hasSize(6);
        assertThat(eye.select("tbody td").eachText()).contains("thicker");
        assertThat(eye.select("main form")).isEmpty();
        assertThat(page(other, "/practice/eye").text()).contains("You have not said yet");
    }

    /** A spoon that a poor eye reads moves a real cook less, and only where that is wished. */
    @Test
    void aRealSpoonIsWeighedByTheEyeOfWhoWishesIt() {
        UUID run = begin(Lesson.TAKE_IT_OFF, "5");
        double truth = asOwn(() -> runs.get(own.id(), run)).attempt().pot(0, 60).grade();
        for (int i = 0; i < 14; i++) {
            step(run, i, 60, "guess", truth + (i % 2 == 0 ? 0.7 : -0.7));
        }
        assertThat(asOwn(() -> eyes.weighing(own.id()))).isEmpty();
        assertThat(page(own, "/practice/eye").select("form p b").text()).isEqualTo("0.7");

        post(own, "/practice/eye", "weighs", "true");

        assertThat(asOwn(() -> eyes.weighing(own.id())).orElseThrow()).isBetween(0.69, 0.71);
        UUID cook = UUID.randomUUID();
        post(
                own,
                "/cooks",
                "cook",
                cook.toString(),
                "plan",
                UUID.randomUUID().toString(),
                "sauce",
                own.sauce("Tomato", "600 g passata\n300 ml water").id().toString(),
                "pot",
                own.casserole().id().toString());
        post(
                own,
                "/cooks/" + cook + "/events",
                "event",
                UUID.randomUUID().toString(),
                "kind",
                "spoon",
                "choice",
                "LINE_FILLS");
        assertThat(cooks.find(own.id(), cook).cook().events())
                .filteredOn(event -> event instanceof CookEvent.SpoonLooked)
                .singleElement()
                .satisfies(
                        event -> assertThat(((CookEvent.SpoonLooked) event).sd().orElseThrow())
                                .isBetween(0.69, 0.71));
        post(own, "/practice/eye");
        assertThat(asOwn(() -> eyes.weighing(own.id()))).isEmpty();
    }

    @Test
    void onesOwnSauceInOnesOwnPotIsPractised() {
        Sauce sauce = own.sauce("Plum sauce", "600 g plums\n300 ml water\n80 g sugar");
        KitchenPot pot = own.casserole();
        UUID run = UUID.randomUUID();
        assertThat(post(
                        own,
                        "/practice/own",
                        "form",
                        run.toString(),
                        "sauce",
                        sauce.id().toString(),
                        "pot",
                        pot.id().toString(),
                        "use",
                        "GLAZE"))
                .hasRedirectedUrl("/practice/runs/" + run);
        assertThat(page(own, "/practice/runs/" + run).select("h1").text()).isEqualTo("Plum sauce");
        // A later version changes nothing of what is begun.
        step(run, 0, 0, "heat", 7);
        step(run, 1, 1800, "off", 0);
        assertThat(page(own, "/practice/runs/" + run).select(".points").text()).contains("of 100");
        assertThat(page(own, "/practice").select(".lessons li.passed")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"100 g salt | There is no water", "60 l water | It does not go into that pot.", "something | "})
    void aSauceThatCannotBeBoiledDownIsSaidBesideItsField(String text, String words) {
        Sauce sauce = own.sauce("Odd", text);
        MvcTestResult answer = post(
                own,
                "/practice/own",
                "form",
                UUID.randomUUID().toString(),
                "sauce",
                sauce.id().toString(),
                "pot",
                own.casserole().id().toString());
        assertThat(answer).hasStatus(422);
        Document page = Jsoup.parse(new String(answer.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8));
        assertThat(page.select("#w-sauce").text())
                .contains(words == null ? "" : words)
                .isNotBlank();
        assertThat(page.select("#sauce option[selected]").text()).isEqualTo("Odd");
    }

    @Test
    void whatIsMissingOrOfAnotherKitchenIsSaid() {
        assertThat(page(own, "/practice").text()).contains("Write a sauce in the workshop first");
        own.sauce("Plum sauce", "600 g plums");
        Document page = Jsoup.parse(new String(
                post(own, "/practice/own", "form", UUID.randomUUID().toString())
                        .getResponse()
                        .getContentAsByteArray(),
                StandardCharsets.UTF_8));
        assertThat(page.select(".wrong").text())
                .contains("Choose one of your sauces.")
                .contains("Choose one of your pots.");
        assertThat(post(
                        own,
                        "/practice/lessons/pan-and-time",
                        "form",
                        UUID.randomUUID().toString(),
                        "seed",
                        "three",
                        "pan",
                        "7"))
                .hasStatus(422)
                .bodyText()
                .contains("whole number")
                .contains("Choose one of the pans.");
        assertThat(get(own, "/practice/lessons/none")).hasStatus(404);
        UUID run = begin(Lesson.CREAM, "4");
        assertThat(get(other, "/practice/runs/" + run)).hasStatus(404);
        assertThat(get(other, "/practice/runs/" + run + "/ahead")).hasStatus(404);
        assertThat(post(other, "/practice/runs/" + run + "/clock", "seconds", "5"))
                .hasStatus(404);
        assertThat(post(
                        other,
                        "/practice/runs/" + run + "/steps",
                        "number",
                        "0",
                        "seconds",
                        "1",
                        "pot",
                        "0",
                        "kind",
                        "stir"))
                .hasStatus(404);
    }

    @ParameterizedTest
    @EnumSource
    void everyLessonSaysItsTaskItsAdviceAndBegins(Lesson lesson) {
        Document page = page(own, "/practice/lessons/" + lesson.key() + "?pot=77");
        assertThat(page.select(".task").text()).endsWith(".");
        assertThat(page.select("ul").first().select("li")).hasSize(3);
        assertThat(page.select("#seed").val()).isEqualTo("77");
        UUID run = begin(lesson, "77");
        assertThat(json(get(own, "/practice/runs/" + run + "/ahead"))
                        .path("pots")
                        .size())
                .isEqualTo(lesson.exercise().pots().size());
        assertThat(page(own, "/practice/runs/" + run).select(".bar button").size())
                .isGreaterThanOrEqualTo(5);
    }

    @Test
    void thePotOfTheDayIsTheSameAllDay() {
        String today =
                page(own, "/practice").select("form[action$=alone] [name=seed]").val();
        assertThat(today).matches("\\d{5}");
        assertThat(page(other, "/practice")
                        .select("form[action$=alone] [name=seed]")
                        .val())
                .isEqualTo(today);
        assertThat(begin(Lesson.ALONE, today)).isNotNull();
    }
}
