package app.gradior.web.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.pot.Material;
import app.gradior.quantity.Mass;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.PotMapper;
import app.gradior.web.kitchen.AccountMapper;
import app.gradior.web.kitchen.KitchenUser;
import app.gradior.web.learning.PotLearning;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Everything a cook page can send: taken as it is meant, or refused with what to do and nothing stored. */
@ExtendWith(RunningApplication.class)
class CookEventsTest {
    private MockMvcTester mvc;
    private BatchService cooks;
    private UserDetails cook;
    private UserDetails stranger;
    private UUID kitchen;
    private UUID id;
    private KitchenPot wide;
    private PotMapper pots;
    private SauceService sauces;

    @BeforeEach
    void putOn(SauceService sauces, PotMapper pots, BatchService cooks) {
        this.pots = pots;
        this.sauces = sauces;
        this.mvc = TestKitchen.mvc();
        this.cooks = cooks;
        TestKitchen own = TestKitchen.of("cook");
        kitchen = own.id();
        TestKitchen foreign = TestKitchen.of("other");
        cook = own.cook();
        stranger = foreign.cook();
        KitchenPot pot = own.casserole();
        wide = own.pot("Pan", 300, 80, 1500);
        Sauce plum = sauces.add(kitchen, "Plum", "600 g plums\n250 ml water\n60 g caster sugar");
        id = UUID.randomUUID();
        post(
                "/cooks",
                "cook=" + id + "&plan=" + UUID.randomUUID() + "&sauce=" + plum.id() + "&pot=" + pot.id() + "&use=GLAZE",
                cook);
        RunningApplication.clock().pass(Duration.ofMinutes(10));
    }

    private MvcTestResult post(String path, String fields, UserDetails who) {
        var request = mvc.post().uri(path).with(user(who)).with(csrf());
        for (String field : fields.split("&")) {
            request = request.param(field.substring(0, field.indexOf('=')), field.substring(field.indexOf('=') + 1));
        }
        return request.exchange();
    }

    private MvcTestResult send(String fields) {
        return post("/cooks/" + id + "/events", fields, cook);
    }

    private Cook now() {
        return cooks.find(kitchen, id).cook();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            kind=dipped&value=500            | Give the depth in mm, from 0
            kind=dipped&value=deep           | Give the depth in mm
            kind=jugged&value=0              | volume in ml
            kind=temperature&value=400       | between -5 and 160
            kind=spoon&choice=SHINY          | Choose one of those shown
            kind=plate&value=99              | between 2 and 40
            kind=tasted&choice=SALT&value=7  | five steps
            kind=tasted&choice=UMAMI&value=1 | Choose one of those shown
            kind=added&value=                | Write what went in
            kind=added&value=a whatnot       | is not understood
            kind=slurry&choice=sand&value=3&second=6 | Choose the starch
            kind=slurry&choice=corn&value=0&second=6 | grams of starch
            kind=strained&value=5000         | stayed in the sieve
            kind=pot&choice=nowhere          | Choose the pot
            kind=timer&value=0               | from 0.1 to 1440
            kind=undone&choice=nothing       | not part of this cook
            kind=timer-stopped&choice=x      | not there any more
            kind=finished&value=600&second=lots | 2 × 250
            kind=finished&value=600&second=2 x 250&third=much | left over
            kind=weighed&value=700&amends=11111111-1111-4111-8111-111111111111 | not part of this cook
            kind=weighed&value=700&late=99999999999 | too long ago
            kind=finished&value=600&second=2 x 250&headspace=900 | free under the rim
            kind=finished&value=600&label=LONG | A label holds 300 letters
            kind=wanted&value=0              | minutes until then
            kind=magic                       | does not know that
            """)
    void whatCannotBeIsRefusedAndNothingIsStored(String fields, String words) {
        assertThat(send(fields.strip().replace("LONG", "x".repeat(301))))
                .hasStatus(422)
                .bodyText()
                .contains(words.strip());
        assertThat(now().events()).isEmpty();
        assertThat(now().finished()).isEmpty();
    }

    @Test
    void everythingThatHappensIsTakenAsItIsMeant() {
        send("kind=simmers");
        send("kind=dipped&value=17,5");
        send("kind=spoon&choice=THIN_VEIL&second=");
        send("kind=added&value=2 tbsp honey&ago=3");
        send("kind=slurry&choice=arrowroot&value=3&second=6");
        send("kind=blended");
        send("kind=strained&value=40");
        send("kind=pot&choice=" + wide.id());
        send("kind=on-heat&choice=off");
        send("kind=on-heat&choice=on");
        send("kind=ticked&choice=slurry&value=yes");
        send("kind=timer&choice=taste it&value=2,5");
        Cook cook = now();

        assertThat(cook.events()).hasSize(12);
        CookEvent.Added honey = (CookEvent.Added) cook.events().get(0);
        assertThat(honey.typed()).isEqualTo("2 tbsp honey");
        assertThat(Duration.between(honey.at(), cooks.now())).isEqualTo(Duration.ofMinutes(3));
        assertThat(cook.starchPoured().grams()).isCloseTo(3, within(1e-9));
        assertThat(cook.conditions().pot().rim().millimetres()).isCloseTo(300, within(1e-9));
        assertThat(cook.ticked("slurry")).contains(true);
        assertThat(cook.timers()).hasSize(1);
        CookEvent.Strained sieve = (CookEvent.Strained) cook.events().stream()
                .filter(CookEvent.Strained.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(sieve.solidsHeld().value()).isGreaterThan(sieve.liquidHeld().value());
    }

    @Test
    void anAmendmentStandsAtTheTimeOfWhatItAmends() {
        UUID dip = UUID.randomUUID();
        send("kind=dipped&value=12&event=" + dip);
        RunningApplication.clock().pass(Duration.ofMinutes(2));
        UUID better = UUID.randomUUID();
        for (int i = 0; i < 2; i++) {
            send("kind=dipped&value=18&amends=" + dip + "&event=" + better);
        }

        assertThat(now().events())
                .filteredOn(CookEvent.Dipped.class::isInstance)
                .singleElement()
                .satisfies(event -> {
                    assertThat(event.id()).isEqualTo(better);
                    assertThat(((CookEvent.Dipped) event).depth().millimetres()).isCloseTo(18, within(1e-9));
                    assertThat(Duration.between(event.at(), cooks.now())).isEqualTo(Duration.ofMinutes(2));
                });
    }

    @Test
    void aSlowWayAtTheVeryStartIsNotBeforeIt() {
        assertThat(send("kind=spoon&choice=THIN_VEIL&late=660000")).hasStatus3xxRedirection();
        assertThat(send("kind=spoon&choice=THIN_VEIL&ago=11")).hasStatus(422);

        Cook cook = now();
        assertThat(cook.events())
                .singleElement()
                .satisfies(
                        event -> assertThat(event.at()).isEqualTo(cook.started().at()));
    }

    @Test
    void whatPlansAreMadeWithChangesAsACookEndsAndNotBefore(AccountMapper accounts) {
        long before = accounts.changes(kitchen);
        send("kind=simmers");
        send("kind=weighed&value=2800&pot=true");
        assertThat(accounts.changes(kitchen)).isEqualTo(before);

        RunningApplication.clock().pass(Duration.ofMinutes(5));
        send("kind=finished&value=600");
        long ended = accounts.changes(kitchen);
        assertThat(ended).isGreaterThan(before);
        assertThat(send("kind=spoon&choice=THIN_VEIL&late=180000")).hasStatus3xxRedirection();
        assertThat(accounts.changes(kitchen)).isGreaterThan(ended);
    }

    @Test
    void whenItBeganToSimmerCanBePutRight() {
        UUID late = UUID.randomUUID();
        send("kind=simmers&event=" + late);
        double before = now().forecast(cooks.now()).current().mass().grams();
        assertThat(send("kind=simmers&amends=" + late + "&ago=long")).hasStatus(422);
        assertThat(send("kind=simmers&amends=" + late + "&ago=6,5")).hasStatus3xxRedirection();

        assertThat(now().events())
                .filteredOn(CookEvent.Simmers.class::isInstance)
                .singleElement()
                .satisfies(event ->
                        assertThat(Duration.between(event.at(), cooks.now())).isEqualTo(Duration.ofSeconds(390)));
        assertThat(now().forecast(cooks.now()).current().mass().grams()).isLessThan(before - 30);
    }

    @Test
    void whatWaitedInABrowserCountsWhenItHappenedEvenAfterTheCookIsDone() {
        RunningApplication.clock().pass(Duration.ofMinutes(5));
        send("kind=finished&value=600&second=2 x 250&third=30");
        RunningApplication.clock().pass(Duration.ofMinutes(1));

        assertThat(send("kind=spoon&choice=THIN_VEIL&late=180000")).hasStatus3xxRedirection();
        assertThat(send("kind=spoon&choice=THIN_VEIL")).hasStatus(422);
        assertThat(send("kind=finished&value=580&late=200000")).hasStatus(422);
        assertThat(now().events())
                .filteredOn(CookEvent.SpoonLooked.class::isInstance)
                .hasSize(1);
        assertThat(now().events())
                .filteredOn(CookEvent.Jarred.class::isInstance)
                .hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "TOO_THIN",
                "TOO_THICK",
                "TOO_SALTY",
                "TOO_SHARP",
                "TOO_SWEET",
                "TOO_HOT",
                "FLAT",
                "LUMPY",
                "CATCHING",
                "SPLIT",
                "BOILED_OVER",
                "STARCH_RAW"
            })
    void everyTroubleHasThreeLines(String trouble) {
        String page = "/cooks/" + id + "/rescue?trouble=" + trouble;

        String body = new String(
                mvc.get().uri(page).with(user(cook)).exchange().getResponse().getContentAsByteArray(),
                java.nio.charset.StandardCharsets.UTF_8);
        assertThat(org.jsoup.Jsoup.parse(body).select(".three li")).hasSize(3);
        assertThat(mvc.get().uri(page).with(user(stranger))).hasStatus(404);
    }

    @Test
    void aClockThatWasSetBackLosesNoEntryAndKeepsTheirOrder() {
        send("kind=weighed&pot=true&value=2850");
        RunningApplication.clock().pass(Duration.ofHours(-1));
        try {
            assertThat(send("kind=weighed&pot=true&value=2840")).hasStatus3xxRedirection();
            assertThat(mvc.get().uri("/cooks/" + id).with(user(cook))).hasStatusOk();
            assertThat(now().events()).hasSize(2);
        } finally {
            RunningApplication.clock().pass(Duration.ofHours(1));
        }
        send("kind=weighed&pot=true&value=2830");
        assertThat(now().events()).hasSize(3);
        assertThat(now().results()).hasSize(3);
    }

    @Test
    void aTasteCallsForItsRemedyUntilSomethingWentIn() {
        send("kind=tasted&choice=SHARP&value=2");
        assertThat(mvc.get().uri("/cooks/" + id).with(user(cook))).bodyText().contains("data-rescue=\"TOO_SHARP\"");
        send("kind=added&value=100 ml water");
        assertThat(mvc.get().uri("/cooks/" + id).with(user(cook)))
                .bodyText()
                .doesNotContain("data-rescue=\"TOO_SHARP\"");
        assertThat(mvc.get().uri("/cooks/" + id + "/stream").with(user(stranger)))
                .hasStatus(404);
    }

    @Test
    void whatWouldBeReadyAfterItIsWantedCallsForASlurry() {
        send("kind=simmers");
        send("kind=wanted&value=200");
        assertThat(mvc.get().uri("/cooks/" + id).with(user(cook)))
                .bodyText()
                .contains("Wanted ", "on the table", " before.")
                .doesNotContain("data-rescue=\"TOO_THIN\"");

        send("kind=wanted&value=5");
        assertThat(now().wanted()).contains(cooks.now().plus(Duration.ofMinutes(5)));
        assertThat(mvc.get().uri("/cooks/" + id).with(user(cook)))
                .bodyText()
                .contains("data-rescue=\"TOO_THIN\"", "after it is wanted: a slurry would save the time", " after.");

        RunningApplication.clock().pass(Duration.ofMinutes(90));
        assertThat(now().forecast(cooks.now()).reached()).isTrue();
        assertThat(mvc.get().uri("/cooks/" + id).with(user(cook)))
                .bodyText()
                .doesNotContain("a slurry would save the time");
    }

    @Test
    void whatIsWrittenOnTheJarsStandsInTheJournal() {
        send("kind=finished&value=600&second=1 x 500&headspace=10&label=<b>Plum</b>, keep cold");

        assertThat(mvc.get().uri("/journal/" + id).with(user(cook)))
                .bodyText()
                .contains("&lt;b&gt;Plum&lt;/b&gt;, keep cold", "1 jar of 500 ml, 10 mm free");
    }

    private MvcTestResult picture(UserDetails who, byte[] bytes) {
        return mvc.post()
                .uri("/journal/" + id + "/photo")
                .multipart()
                .file(new MockMultipartFile("photo", "batch.png", "image/png", bytes))
                .header("X-Fragment", "live")
                .with(user(who))
                .with(csrf())
                .exchange();
    }

    @Test
    void aPictureBelongsToAFinishedBatchOfItsKitchen() throws Exception {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(1800, 900, BufferedImage.TYPE_INT_RGB), "png", png);
        assertThat(picture(cook, png.toByteArray())).hasStatus(404);
        send("kind=finished&value=600");

        assertThat(picture(stranger, png.toByteArray())).hasStatus(404);
        assertThat(picture(cook, new byte[] {1, 2, 3})).hasStatus(422);
        assertThat(mvc.get().uri("/journal/" + id + "/photo").with(user(cook))).hasStatus(404);
        assertThat(picture(cook, png.toByteArray())).hasStatus(204);
        byte[] kept = mvc.get()
                .uri("/journal/" + id + "/photo")
                .with(user(cook))
                .exchange()
                .getResponse()
                .getContentAsByteArray();
        assertThat(ImageIO.read(new ByteArrayInputStream(kept)).getWidth()).isEqualTo(1200);
        assertThat(mvc.get().uri("/journal/" + id + "/photo").with(user(stranger)))
                .hasStatus(404);
        assertThat(post("/journal/" + id + "/photo/remove", "x=1", stranger)).hasStatus(404);
        assertThat(post("/journal/" + id + "/photo/remove", "x=1", cook)).hasStatus3xxRedirection();
        assertThat(mvc.get().uri("/journal/" + id + "/photo").with(user(cook))).hasStatus(404);
        assertThat(mvc.get().uri("/journal/" + id).param("photo", "wrong").with(user(cook)))
                .bodyText()
                .contains("no picture this can read");
    }

    @Test
    void takingItOffIsUndoneAndDoneAgain() {
        UUID off = UUID.randomUUID();
        send("kind=finished&value=640&event=" + off);
        assertThat(mvc.get().uri("/journal/" + id).with(user(cook))).hasStatusOk();

        UUID undo = UUID.randomUUID();
        assertThat(send("kind=undone&choice=" + off + "&event=" + undo)).hasRedirectedUrl("/cooks/" + id);
        assertThat(now().finished()).isEmpty();
        assertThat(cooks.underWay(kitchen)).hasSize(1);
        assertThat(mvc.get().uri("/journal/" + id).with(user(cook))).hasStatus(404);
        assertThat(mvc.get().uri("/").with(user(cook))).hasStatusOk();
        assertThat(send("kind=weighed&value=630")).hasStatus3xxRedirection();

        assertThat(send("kind=undone&choice=" + undo)).hasRedirectedUrl("/journal/" + id);
        assertThat(now().finished()).isPresent();
        assertThat(cooks.underWay(kitchen)).isEmpty();
        assertThat(mvc.get().uri("/journal/" + id).with(user(cook))).hasStatusOk();
        assertThat(mvc.get().uri("/journal").with(user(cook))).hasStatusOk();
    }

    @Test
    void anEndThatWasUndoneAndMadeAnewIsNotDoneTwice() {
        UUID off = UUID.randomUUID();
        UUID undo = UUID.randomUUID();
        send("kind=finished&value=640&event=" + off);
        send("kind=undone&choice=" + off + "&event=" + undo);
        send("kind=finished&value=620");

        MvcTestResult again = send("kind=undone&choice=" + undo);

        assertThat(again).hasStatus(422).bodyText().contains("taken off again since");
    }

    @Test
    void everyUndoCanBeUndone() {
        UUID reading = UUID.randomUUID();
        UUID undo = UUID.randomUUID();
        send("kind=weighed&value=800&event=" + reading);
        send("kind=undone&choice=" + reading + "&event=" + undo);
        assertThat(now().results()).isEmpty();
        assertThat(mvc.get().uri("/cooks/" + id).with(user(cook)))
                .bodyText()
                .contains("undone: 800 g weighed")
                .contains(undo.toString());

        send("kind=undone&choice=" + undo);

        assertThat(now().results()).hasSize(1);
    }

    @Test
    void theSameIdWithSomethingElseIsRefusedAndWithTheSameIsAResend() {
        UUID event = UUID.randomUUID();
        send("kind=weighed&value=800&event=" + event);

        assertThat(send("kind=weighed&value=800&late=9000&event=" + event)).hasStatus3xxRedirection();
        assertThat(send("kind=weighed&value=700&event=" + event))
                .hasStatus(422)
                .bodyText()
                .contains("Something else was sent under the same number");
        assertThat(now().events()).hasSize(1);
    }

    /** What others have committed can be read before it is on the disk. */
    @Test
    void whatIsSentAgainIsAnsweredBehindAChangeThatFollowsItToTheDisk() {
        UUID event = UUID.randomUUID();
        send("kind=weighed&value=800&event=" + event);
        long revision = cooks.find(kitchen, id).row().revision();
        long writes = TestKitchen.writes(kitchen);

        send("kind=weighed&value=800&event=" + event);

        assertThat(TestKitchen.writes(kitchen)).isGreaterThan(writes);
        assertThat(cooks.find(kitchen, id).row().revision()).isEqualTo(revision);
        assertThat(now().events()).hasSize(1);
    }

    @Test
    void whatWasReadAndThenWentWithTheDatabaseIsKeptWhenItIsSentAgain() {
        JdbcTemplate database = RunningApplication.context().getBean(JdbcTemplate.class);
        UUID event = UUID.randomUUID();
        send("kind=weighed&value=800&event=" + event);
        database.update("delete from cook_event where id = ?", event.toString());

        assertThat(send("kind=weighed&value=800&event=" + event)).hasStatus3xxRedirection();

        assertThat(database.queryForObject(
                        "select count(*) from cook_event where id = ?", Integer.class, event.toString()))
                .isEqualTo(1);
        assertThat(now().results()).hasSize(1);
    }

    @Test
    void anAmendSentTwiceChangesOnce() {
        UUID reading = UUID.randomUUID();
        UUID better = UUID.randomUUID();
        send("kind=weighed&value=800&event=" + reading);
        String amend = "kind=weighed&value=790&amends=" + reading + "&event=" + better;

        assertThat(send(amend)).hasStatus3xxRedirection();
        assertThat(send(amend)).hasStatus3xxRedirection();

        assertThat(now().results()).hasSize(1);
        assertThat(now().results().get(0).measured()).isEqualTo(0.79);
    }

    @Test
    void aCookThatIsFullCanStillBeAmendedUndoneAndEnded() {
        UUID first = UUID.randomUUID();
        send("kind=weighed&value=850&event=" + first);
        List<CookEvent> stirs = new ArrayList<>();
        for (int i = stored(); i < 2000; i++) {
            stirs.add(new CookEvent.Stirred(UUID.randomUUID(), cooks.now()));
        }
        cooks.append(kitchen, id, stirs.get(stirs.size() - 1).id(), "stirs", (row, cook) -> stirs);
        assertThat(send("kind=stirred")).hasStatus(422).bodyText().contains("as many entries as it can hold");

        assertThat(send("kind=weighed&value=840&amends=" + first)).hasStatus3xxRedirection();
        assertThat(send("kind=undone&choice=" + stirs.get(0).id())).hasStatus3xxRedirection();
        MvcTestResult page = mvc.get().uri("/cooks/" + id).with(user(cook)).exchange();
        assertThat(page).hasStatusOk().bodyText().contains("all 1999 entries").hasSizeLessThan(150_000);
        assertThat(mvc.get().uri("/cooks/" + id + "/entries?page=19").with(user(cook)))
                .bodyText()
                .contains("page 20 of 20");
        assertThat(send("kind=finished&value=640")).hasRedirectedUrl("/journal/" + id);
    }

    private int stored() {
        return cooks.find(kitchen, id).cook().events().size() + 1;
    }

    @Test
    void theSameCookSentEightTimesAtOnceIsStartedOnce() throws Exception {
        String start = "cook=" + UUID.randomUUID() + "&plan=" + UUID.randomUUID() + "&sauce="
                + cooks.find(kitchen, id).row().sauceId() + "&pot=" + wide.id() + "&use=GLAZE";
        ExecutorService eight = Executors.newFixedThreadPool(8);
        try {
            for (Future<MvcTestResult> sent : eight.invokeAll(
                    Collections.nCopies(8, (Callable<MvcTestResult>) () -> post("/cooks", start, cook)))) {
                assertThat(sent.get()).hasStatus3xxRedirection();
            }
        } finally {
            eight.shutdown();
        }
        assertThat(cooks.underWay(kitchen)).hasSize(2);
    }

    @Test
    void anIdThatAnotherKitchenHasIsRefusedAndTellsNothing() {
        UUID sauce = cooks.find(kitchen, id).row().sauceId();
        String start = "cook=" + id + "&plan=" + UUID.randomUUID();
        assertThat(post("/cooks", start + "&sauce=" + sauce + "&pot=" + wide.id(), stranger))
                .hasStatus(404);
        UUID elsewhere = ((KitchenUser) stranger).kitchenId();
        pots.insert(
                elsewhere,
                new KitchenPot(UUID.randomUUID(), "Pan", 300, 300, 80, Material.STEEL, 1500, true, true),
                cooks.now());
        UUID own = sauces.add(elsewhere, "Plum", "600 g plums\n250 ml water").id();

        assertThat(post("/cooks", start + "&sauce=" + own + "&use=POUR", stranger))
                .hasStatus(409);
        assertThat(cooks.underWay(elsewhere)).isEmpty();
    }

    @Test
    void aFinishedBatchHasItsSummaryAndLosesItWhenItGoesBackToTheStove() {
        BatchSummaries summaries = RunningApplication.context().getBean(BatchSummaries.class);
        send("kind=simmers&ago=8");
        assertThat(summaries.latest(kitchen, 5)).isEmpty();
        UUID end = UUID.randomUUID();
        cooks.append(
                kitchen,
                id,
                new CookEvent.Finished(end, cooks.now(), Optional.of(Mass.ofGrams(640)), Optional.empty()));

        assertThat(summaries.latest(kitchen, 5)).singleElement().satisfies(batch -> {
            assertThat(batch.id()).isEqualTo(id);
            assertThat(batch.yieldGrams()).isEqualTo(640.0);
            assertThat(batch.forecast()).isPresent();
            assertThat(batch.finishedAt())
                    .isEqualTo(cooks.find(kitchen, id).row().finishedAt());
        });
        send("kind=undone&choice=" + end);
        assertThat(summaries.latest(kitchen, 5)).isEmpty();
    }

    @Test
    void summariesOfAnotherModelAreMadeAnew() {
        BatchSummaries summaries = RunningApplication.context().getBean(BatchSummaries.class);
        send("kind=simmers&ago=8");
        send("kind=finished&value=640");
        BatchSummary before = summaries.latest(kitchen, 1).get(0);
        RunningApplication.context().getBean(BatchSummaryMapper.class).outdate();

        assertThat(summaries.rebuildStale()).isPositive();
        assertThat(summaries.latest(kitchen, 1)).containsExactly(before);
        assertThat(summaries.rebuildStale()).isZero();
    }

    @Test
    void whatComesLateIsLearntAtOnceOnEveryNode() {
        send("kind=simmers&ago=8");
        send("kind=finished&value=640");
        Instant end = cooks.find(kitchen, id).row().finishedAt();
        try (ConfigurableApplicationContext other = RunningApplication.node()) {
            PotLearning there = other.getBean(PotLearning.class);
            PotLearning here = RunningApplication.context().getBean(PotLearning.class);
            BatchService elsewhere = other.getBean(BatchService.class);
            assertThat(elsewhere.find(kitchen, id).folded().stored())
                    .isEqualTo(cooks.find(kitchen, id).folded().stored());
            Double before = here.batches(kitchen).get(0).learntLnK();
            assertThat(there.batches(kitchen).get(0).learntLnK()).isEqualTo(before);

            UUID late = UUID.randomUUID();
            cooks.append(
                    kitchen,
                    id,
                    new CookEvent.Weighed(late, end.minusSeconds(120), Mass.ofGrams(2660), Mass.ofGrams(2000)));

            Double after = here.batches(kitchen).get(0).learntLnK();
            assertThat(after).isNotEqualTo(before);
            assertThat(there.batches(kitchen).get(0).learntLnK()).isEqualTo(after);
            // Of a cook that it knew it has read what was added.
            assertThat(elsewhere.find(kitchen, id).folded().stored())
                    .isEqualTo(cooks.find(kitchen, id).folded().stored());
            assertThat(elsewhere
                            .find(kitchen, id)
                            .cook()
                            .forecast(end)
                            .current()
                            .mass())
                    .isEqualTo(cooks.find(kitchen, id)
                            .cook()
                            .forecast(end)
                            .current()
                            .mass());
            send("kind=undone&choice=" + late);
            assertThat(there.batches(kitchen).get(0).learntLnK()).isEqualTo(before);
        }
    }

    @Test
    void whatIsSentForSomebodyElseIsNotTakenAsTheirs() {
        var request = mvc.post()
                .uri("/cooks/" + id + "/events")
                .with(user(cook))
                .with(csrf())
                .header("X-Gradior-Who", ((KitchenUser) stranger).getMark())
                .param("kind", "stirred");

        assertThat(request).hasStatus(409).containsHeader("X-Gradior-Somebody-Else");
        assertThat(now().events()).isEmpty();
        assertThat(request.header("X-Gradior-Who", "")).hasStatus(409);
    }
}
