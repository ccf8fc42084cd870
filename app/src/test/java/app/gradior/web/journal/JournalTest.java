package app.gradior.web.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.cook.CookEvent;
import app.gradior.plan.Use;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.batch.Verdicts;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.learning.SauceLearning;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** The journal: found again, judged, told as a story, and learnt from at once. */
@ExtendWith(RunningApplication.class)
class JournalTest {
    private MockMvcTester mvc;
    private BatchService cooks;
    private BatchSummaries summaries;
    private Verdicts verdicts;
    private SauceLearning learning;
    private SauceService sauces;
    private UserDetails cook;
    private UserDetails stranger;
    private UUID kitchen;
    private KitchenPot pot;
    private Sauce plum;

    @BeforeEach
    void furnish(
            BatchService cooks,
            BatchSummaries summaries,
            Verdicts verdicts,
            SauceLearning learning,
            SauceService sauces) {
        this.mvc = TestKitchen.mvc();
        this.cooks = cooks;
        this.summaries = summaries;
        this.verdicts = verdicts;
        this.learning = learning;
        this.sauces = sauces;
        TestKitchen own = TestKitchen.of("cook");
        kitchen = own.id();
        cook = own.cook();
        stranger = TestKitchen.of("other").cook();
        pot = own.casserole();
        plum = sauces.add(kitchen, "Plum dip", "800 g plums\n150 ml water\n60 g caster sugar");
    }

    private MvcTestResult post(String path, UserDetails who, String... fields) {
        var request = mvc.post().uri(path).with(user(who)).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            request = request.param(fields[i], fields[i + 1]);
        }
        return request.exchange();
    }

    private String page(String path) {
        MvcTestResult result = mvc.get().uri(path).with(user(cook)).exchange();
        assertThat(result).hasStatusOk();
        return result.getResponse().getContentAsByteArray().length == 0
                ? ""
                : new String(result.getResponse().getContentAsByteArray(), java.nio.charset.StandardCharsets.UTF_8);
    }

    /** A batch that is put on by its plan, looked at, spread on a plate if it is said how far, and taken off. */
    private UUID batch(Sauce sauce, Use use, Double plateCm) {
        UUID id = UUID.randomUUID();
        assertThat(post(
                        "/cooks",
                        cook,
                        "cook",
                        id.toString(),
                        "plan",
                        UUID.randomUUID().toString(),
                        "sauce",
                        sauce.id().toString(),
                        "pot",
                        pot.id().toString(),
                        "aim",
                        "thick",
                        "use",
                        use.name()))
                .hasStatus3xxRedirection();
        Instant start = cooks.now();
        RunningApplication.clock().pass(Duration.ofMinutes(30));
        cooks.append(kitchen, id, new CookEvent.Simmers(UUID.randomUUID(), start.plusSeconds(400)));
        if (plateCm != null) {
            cooks.append(
                    kitchen,
                    id,
                    new CookEvent.PlateSpreadRead(
                            UUID.randomUUID(), cooks.now(), Length.ofCentimetres(plateCm), Celsius.SERVED_WARM));
        }
        Mass left =
                cooks.find(kitchen, id).cook().forecast(cooks.now()).current().mass();
        cooks.append(
                kitchen,
                id,
                new CookEvent.Finished(
                        UUID.randomUUID(), cooks.now(), Optional.of(left), Optional.of(SpoonCoat.LINE_STAYS)));
        return id;
    }

    private Optional<BatchSummary> summary(UUID id) {
        return summaries.latest(kitchen, 20).stream()
                .filter(b -> b.id().equals(id))
                .findFirst();
    }

    @Test
    void aBatchIsFoundByItsSauceByWhatWasSaidOfItAndByItsVerdict() {
        Sauce gravy = sauces.add(kitchen, "Onion gravy 100 %", plum.text());
        UUID first = batch(plum, Use.DIP, null);
        batch(gravy, Use.DIP, null);
        post("/journal/" + first + "/verdict", cook, "thickness", "1", "words", "set hard by the window");

        assertThat(page("/journal")).contains("Plum dip").contains("Onion gravy");
        assertThat(page("/journal?q=plum")).contains("/journal/" + first).doesNotContain("Onion gravy");
        assertThat(page("/journal?q=window")).contains("/journal/" + first).doesNotContain("Onion gravy");
        assertThat(page("/journal?q=100 %")).contains("Onion gravy").doesNotContain("Plum dip");
        assertThat(page("/journal?q=_")).contains("No batch is like that");
        assertThat(page("/journal?verdict=thick")).contains("Plum dip").doesNotContain("Onion gravy");
        assertThat(page("/journal?verdict=thin")).contains("No batch is like that");
        assertThat(page("/journal?pot=" + pot.id())).contains("Plum dip").contains("Onion gravy");
        assertThat(page("/journal?pot=none")).contains("No batch is like that");
        assertThat(page("/journal?from=2099-01-01")).contains("No batch is like that");
        assertThat(page("/journal?from=2020-01-01&to=2099-01-01")).contains("Plum dip");
        assertThat(page("/journal?by=" + cook.getUsername())).contains("Plum dip");
        assertThat(page("/journal?from=yesterday")).contains("Give a day such as 2026-11-24.");
        assertThat(page("/journal?from=2026-02-01&to=2026-01-01")).contains("The last day is before the first");
    }

    @Test
    void theJournalGoesOutAsItWasSearched() {
        Sauce odd = sauces.add(kitchen, "=SUM(A1)", plum.text());
        batch(plum, Use.DIP, null);
        batch(odd, Use.DIP, null);

        assertThat(page("/journal/export.csv").lines()).hasSize(3);
        assertThat(page("/journal/export.csv")).contains("'=SUM(A1)").contains("Plum dip");
        assertThat(page("/journal/export.csv?q=plum").lines()).hasSize(2);
        assertThat(page("/journal/export.json?q=plum"))
                .contains("gradior-journal/1")
                .contains("\"sauce\":\"Plum dip\"")
                .doesNotContain("SUM");
        assertThat(page("/journal/export.csv?q=nothing").lines()).hasSize(1);
    }

    @Test
    void aVerdictIsKeptInTwoPressesAndOnceMoreTheNextDay() {
        UUID id = batch(plum, Use.DIP, null);

        assertThat(post("/journal/" + id + "/verdict", cook, "again", "NO")).hasStatus3xxRedirection();
        assertThat(verdicts.of(kitchen, id)).isEmpty();
        post("/journal/" + id + "/verdict", cook, "thickness", "1");
        post("/journal/" + id + "/verdict", cook, "again", "CHANGED");
        assertThat(verdicts.of(kitchen, id)).singleElement().satisfies(v -> {
            assertThat(v.thickness()).isEqualTo(1);
            assertThat(v.again()).hasToString("CHANGED");
            assertThat(v.nextDay()).isFalse();
        });
        post("/journal/" + id + "/verdict", cook, "salt", "1", "words", "  <b>sharp</b>  ");
        assertThat(page("/journal/" + id)).contains("&lt;b&gt;sharp&lt;/b&gt;").doesNotContain("<b>sharp");
        assertThat(summary(id).orElseThrow().judgedNextDay()).isFalse();

        RunningApplication.clock().pass(Duration.ofHours(14));
        assertThat(page("/")).contains("How is it today?");
        post("/journal/" + id + "/verdict", cook, "thickness", "2");
        assertThat(verdicts.of(kitchen, id)).hasSize(2);
        assertThat(summary(id).orElseThrow().verdict()).isEqualTo(2);
        assertThat(page("/")).doesNotContain("How is it today?");
        post("/journal/" + id + "/verdict/remove", cook, "nextDay", "true");
        assertThat(summary(id).orElseThrow().verdict()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({
        "/journal/BATCH/verdict, thickness, 1",
        "/journal/BATCH/verdict/remove, nextDay, false",
        "/journal/sauces/SAUCE/next, own, more",
        "/journal/sauces/SAUCE/afresh, own, x",
        "/journal/sauces/SAUCE/book, use, DIP",
        "/pots/POT/another, other, true"
    })
    void nothingOfThisReachesAnotherKitchen(String pattern, String field, String value) {
        UUID id = batch(plum, Use.DIP, null);
        String path = pattern.replace("BATCH", id.toString())
                .replace("SAUCE", plum.id().toString())
                .replace("POT", pot.id().toString());
        assertThat(post(path, stranger, field, value)).hasStatus(404);
        assertThat(verdicts.of(kitchen, id)).isEmpty();
        assertThat(mvc.get()
                        .uri("/journal/sauces/" + plum.id())
                        .with(user(stranger))
                        .exchange())
                .hasStatus(404);
        assertThat(mvc.get().uri("/journal/compare?b=" + id + "&b=" + id).with(user(stranger)))
                .hasStatusOk()
                .bodyText()
                .contains("Tick two batches or more");
    }

    /** Plates that spread little say that it is thicker than its lines; its next plan and cook begin with that. */
    @Test
    void whatPlatesSayOfASauceIsInItsNextPlanAtOnceAndCanBeLeftOut() {
        String before = page("/sauces/" + plum.id() + "/plan?aim=thick&use=DIP");
        assertThat(before).doesNotContain("than its lines say");
        UUID first = batch(plum, Use.DIP, 4.5);
        UUID second = batch(plum, Use.DIP, 4.5);

        double learnt = learning.knowledge(kitchen).knowledge().of(plum.id(), 1).mean();
        assertThat(learnt).isGreaterThan(.2);
        assertThat(page("/sauces/" + plum.id() + "/plan?aim=thick&use=DIP"))
                .contains("thicker than its lines say: from 2 batches");
        UUID third = batch(plum, Use.DIP, null);
        assertThat(Math.log(cooks.find(kitchen, third)
                        .cook()
                        .started()
                        .knowledge()
                        .thickness()
                        .value()))
                .isCloseTo(learnt * Math.log(10) / 2, within(1e-9));

        post("/journal/sauces/" + plum.id() + "/count", cook, "batch", first + " true");
        post("/journal/sauces/" + plum.id() + "/count", cook, "batch", second + " true");
        assertThat(learning.knowledge(kitchen).knowledge().of(plum.id(), 1).mean())
                .isLessThan(learnt);
        post("/journal/sauces/" + plum.id() + "/count", cook, "batch", first + " false");
        RunningApplication.clock().pass(Duration.ofMinutes(1));
        post("/journal/sauces/" + plum.id() + "/afresh", cook);
        assertThat(learning.knowledge(kitchen).telling(plum.id())).isZero();
    }

    @Test
    void aVersionWithAnotherThickenerIsLessSureThanOneThatIsAlike() {
        batch(plum, Use.DIP, 4.5);
        Sauce alike = sauces.save(kitchen, plum, plum.name(), plum.text() + "\n1 star anise");
        Sauce other = sauces.save(kitchen, alike, plum.name(), "600 ml water\n60 g caster sugar\n40 g corn starch");
        String sure = page("/sauces/" + plum.id() + "/plan?aim=thick&use=DIP");
        assertThat(sure).contains("than its lines say");
        assertThat(learning.knowledge(kitchen).knowledge().versions(plum.id())).containsExactly(1);
        assertThat(other.version()).isEqualTo(3);
    }

    @Test
    void whatAPersonCallsThickEnoughMovesTheirBandAndGoesBackToTheBook() {
        for (int i = 0; i < 3; i++) {
            UUID id = batch(plum, Use.DIP, 6.5);
            post("/journal/" + id + "/verdict", cook, "thickness", "2");
        }
        double wish = learning.knowledge(kitchen).wish(cook.getUsername(), Use.DIP);
        assertThat(wish).isLessThan(-.1);
        assertThat(page("/sauces/" + plum.id() + "/plan?aim=thick&use=DIP"))
                .contains("You like it a little thinner than usual");
        assertThat(page("/journal/sauces/" + plum.id())).contains("thinner than usual");

        RunningApplication.clock().pass(Duration.ofMinutes(1));
        post("/journal/sauces/" + plum.id() + "/book", cook, "use", "DIP");
        assertThat(learning.knowledge(kitchen).wish(cook.getUsername(), Use.DIP))
                .isZero();
    }

    @Test
    void aStoryTellsWhatToDoOtherwiseAndItsNextVersionNotesIt() {
        UUID first = batch(plum, Use.DIP, null);
        UUID second = batch(plum, Use.DIP, null);
        post("/journal/" + second + "/verdict", cook, "thickness", "2", "words", "a brick");
        String story = page("/journal/sauces/" + plum.id());
        assertThat(story).contains("Stop at").contains("a brick").contains("Make version 2 with it");
        assertThat(story.indexOf(first.toString())).isLessThan(story.indexOf(second.toString()));

        assertThat(post(
                        "/journal/sauces/" + plum.id() + "/next",
                        cook,
                        "note",
                        "Stop at 400 g next time.",
                        "own",
                        "less sugar\n\nriper plums"))
                .hasStatus3xxRedirection();
        Sauce next = sauces.find(kitchen, plum.id()).orElseThrow();
        assertThat(next.version()).isEqualTo(2);
        assertThat(next.text())
                .startsWith("# Stop at 400 g next time.\n# less sugar\n# riper plums\n")
                .endsWith(plum.text());
        assertThat(page("/journal/compare?b=" + first + "&b=" + second))
                .contains("kWh")
                .contains("No line differs");
        assertThat(page("/journal/compare?b=" + first)).contains("Tick two batches or more");
        assertThat(page("/journal/forecasts")).contains("Four of five");
    }

    @Test
    void aSauceThatIsDeletedKeepsItsStory() {
        batch(plum, Use.DIP, null);
        sauces.delete(kitchen, plum.id());

        assertThat(page("/journal/sauces/" + plum.id()))
                .contains("this sauce is deleted")
                .contains("Plum dip")
                .doesNotContain("Make version");
        assertThat(post("/journal/sauces/" + plum.id() + "/next", cook, "own", "more"))
                .hasStatus(404);
        assertThat(page("/journal")).contains("Plum dip");
    }

    @Test
    void whatIsCorrectedAWeekLaterIsInSummaryLearningAndStoryOnBothNodes() {
        UUID id = batch(plum, Use.DIP, null);
        Instant end = cooks.row(kitchen, id).finishedAt();
        RunningApplication.clock().pass(Duration.ofDays(7));
        try (ConfigurableApplicationContext other = RunningApplication.node()) {
            SauceLearning there = other.getBean(SauceLearning.class);
            double before =
                    there.knowledge(kitchen).knowledge().of(plum.id(), 1).mean();
            double grade = summary(id).orElseThrow().warmGrade();
            cooks.append(
                    kitchen,
                    id,
                    new CookEvent.PlateSpreadRead(
                            UUID.randomUUID(), end.minusSeconds(60), Length.ofCentimetres(4.5), Celsius.SERVED_WARM));
            assertThat(summary(id).orElseThrow().warmGrade()).isNotEqualTo(grade);
            assertThat(there.knowledge(kitchen).knowledge().of(plum.id(), 1).mean())
                    .isNotEqualTo(before)
                    .isEqualTo(learning.knowledge(kitchen)
                            .knowledge()
                            .of(plum.id(), 1)
                            .mean());
        }
    }
}
