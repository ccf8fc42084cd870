package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.cook.CookEvent;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Mass;
import app.gradior.web.batch.BatchAim;
import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.PotMapper;
import app.gradior.web.kitchen.Accounts;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** What belongs to one kitchen stays in it, and what is stored is stored once and whole. */
@ExtendWith(RunningApplication.class)
class KitchenWallsTest {
    private MockMvcTester mvc;
    private Accounts accounts;
    private BatchService cooks;
    private SauceReader reader;
    private UserDetails owner;
    private UserDetails stranger;
    private UUID kitchen;
    private Sauce sauce;
    private KitchenPot pot;
    private UUID cook;

    @BeforeEach
    void furnish(Accounts accounts, SauceService sauces, SauceReader reader, BatchService cooks) {
        this.reader = reader;
        this.mvc = TestKitchen.mvc();
        this.accounts = accounts;
        this.cooks = cooks;
        TestKitchen own = TestKitchen.of("owner");
        kitchen = own.id();
        TestKitchen foreign = TestKitchen.of("other");
        owner = own.cook();
        stranger = foreign.cook();
        sauce = sauces.add(kitchen, "Plum sauce", "600 g plums\n200 ml water\n100 g caster sugar");
        pot = own.casserole();
        Conditions conditions = new Conditions(pot.pot(), Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL);
        cook = cooks.start(
                kitchen,
                UUID.randomUUID(),
                new BatchService.CookStart(
                        sauce,
                        reader.read(kitchen, sauce).mixture(),
                        pot,
                        null,
                        conditions,
                        Knowledge.NONE,
                        new Target.Weight(Mass.ofGrams(600)),
                        BatchAim.NONE,
                        null),
                cooks.now());
    }

    private String path(String pattern) {
        return pattern.replace("SAUCE", sauce.id().toString())
                .replace("POT", pot.id().toString())
                .replace("COOK", cook.toString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/sauces/SAUCE", "/sauces/SAUCE/plan", "/pots/POT", "/cooks/COOK"})
    void anotherKitchensPagesAreNotThere(String pattern) {
        assertThat(mvc.get().uri(path(pattern)).with(user(owner))).hasStatusOk();
        assertThat(mvc.get().uri(path(pattern)).with(user(stranger))).hasStatus(404);
    }

    @Test
    void anotherKitchensBatchIsNotThere() {
        cooks.append(
                kitchen,
                cook,
                new CookEvent.Finished(
                        UUID.randomUUID(), cooks.now(), Optional.of(Mass.ofGrams(700)), Optional.empty()));

        assertThat(mvc.get().uri("/journal/" + cook).with(user(owner))).hasStatusOk();
        assertThat(mvc.get().uri("/journal/" + cook).with(user(stranger))).hasStatus(404);
        assertThat(mvc.get().uri("/journal").with(user(stranger)))
                .hasStatusOk()
                .bodyText()
                .contains("No batch yet");
    }

    @ParameterizedTest
    @CsvSource({
        "/sauces/SAUCE, name=Mine&text=1 g water&version=1",
        "/pots/POT, name=Mine&baseCm=20&rimCm=20&wallCm=10&material=STEEL&tareG=900",
        "/cooks/COOK/events, kind=weighed&value=700",
        "/cooks, cook=11111111-1111-4111-8111-111111111111"
                + "&plan=11111111-1111-4111-8111-111111111112&sauce=SAUCE&pot=POT&aim=yield&amount=600",
        "/plans, plan=11111111-1111-4111-8111-111111111113&sauce=SAUCE&pot=POT&aim=yield&amount=600"
    })
    void anotherKitchensThingsCannotBeChanged(String pattern, String fields) {
        assertThat(send(path(pattern), path(fields), stranger)).hasStatus(404);

        assertThat(cooks.find(kitchen, cook).cook().events()).isEmpty();
    }

    private MvcTestResult send(String path, String fields, UserDetails who) {
        var request = mvc.post().uri(path).with(user(who)).with(csrf());
        for (String field : fields.split("&")) {
            request = request.param(field.substring(0, field.indexOf('=')), field.substring(field.indexOf('=') + 1));
        }
        return request.exchange();
    }

    @Test
    void aSessionKeepsNoPasswordHash() {
        MvcTestResult signedIn = mvc.post()
                .uri("/signin")
                .with(csrf())
                .param("username", owner.getUsername())
                .param("password", "three long words")
                .exchange();

        assertThat(signedIn).hasStatus3xxRedirection().hasRedirectedUrl("/");
        var context = (org.springframework.security.core.context.SecurityContext)
                signedIn.getRequest().getSession().getAttribute("SPRING_SECURITY_CONTEXT");
        assertThat(((UserDetails) context.getAuthentication().getPrincipal()).getPassword())
                .isEmpty();
    }

    @Test
    void nobodySeesAnythingUnlessSignedIn() {
        assertThat(mvc.get().uri("/sauces")).hasStatus3xxRedirection();
        assertThat(mvc.post().uri("/cooks/" + cook + "/events").with(csrf())).hasStatus3xxRedirection();
    }

    @Test
    void nothingIsTakenWithoutItsToken() {
        assertThat(mvc.post()
                        .uri("/cooks/" + cook + "/events")
                        .with(user(owner))
                        .param("kind", "weighed")
                        .param("value", "700"))
                .hasStatus(403);
        assertThat(cooks.find(kitchen, cook).cook().events()).isEmpty();
    }

    @Test
    void pagesLetNothingRunThatDidNotShip() {
        assertThat(mvc.get().uri("/signin"))
                .hasHeader(
                        "Content-Security-Policy",
                        "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; "
                                + "font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; "
                                + "frame-ancestors 'none'; manifest-src 'self'; worker-src 'self'");
    }

    @Test
    void sendingAReadingTwiceStoresItOnce() {
        String fields = "event=" + UUID.randomUUID() + "&kind=weighed&pot=true&value=2870";

        assertThat(send("/cooks/" + cook + "/events", fields, owner)).hasStatus3xxRedirection();
        assertThat(send("/cooks/" + cook + "/events", fields, owner)).hasStatus3xxRedirection();

        assertThat(cooks.find(kitchen, cook).cook().events()).hasSize(1);
    }

    @Test
    void readingsThatCrowdInAtOnceAreAllKept() throws Exception {
        ExecutorService crowd = Executors.newFixedThreadPool(8);
        try {
            crowd.invokeAll(IntStream.range(0, 40)
                            .<Callable<Object>>mapToObj(i -> () -> cooks.append(
                                    kitchen,
                                    cook,
                                    new CookEvent.Weighed(
                                            UUID.randomUUID(), cooks.now(), Mass.ofGrams(2880), Mass.ofGrams(2000))))
                            .toList())
                    .forEach(done -> assertThat(done).succeedsWithin(java.time.Duration.ofSeconds(20)));
        } finally {
            crowd.shutdown();
        }

        assertThat(cooks.find(kitchen, cook).cook().events()).hasSize(40);
    }

    @Test
    void aFinishedCookTakesNothingMore() {
        assertThat(send("/cooks/" + cook + "/events", "kind=finished&value=700", owner))
                .hasStatus3xxRedirection();

        MvcTestResult late = send("/cooks/" + cook + "/events", "kind=weighed&value=690", owner);

        assertThat(late).hasStatus(422);
        assertThat(late).bodyText().contains("find it in the journal");
    }

    @Test
    void theSecondToSaveASauceIsShownBothAndLosesNothing() {
        send("/sauces/" + sauce.id(), "name=Plum sauce&text=600 g plums&version=1", owner);

        MvcTestResult second = send("/sauces/" + sauce.id(), "name=Plum sauce&text=500 g plums&version=1", owner);

        assertThat(second).hasStatus(409);
        assertThat(second).bodyText().contains("600 g plums").contains("500 g plums");
        send("/sauces/" + sauce.id(), "name=Plum sauce&text=500 g plums&version=2", owner);
        assertThat(mvc.get().uri("/sauces/" + sauce.id()).with(user(owner)))
                .bodyText()
                .contains("version 3")
                .contains("500 g plums");
    }

    @ParameterizedTest
    @CsvSource({
        "baseCm, 0, is it in centimetres",
        "wallCm, 5000, is it in centimetres",
        "tareG, -5, is it in grams",
        "rimCm, wide, plain number",
        "name, '', Give the pot a name"
    })
    void aPotThatCannotBeIsRefusedBesideItsField(String field, String value, String hint) {
        String fields = "name=Pot&baseCm=20&rimCm=20&wallCm=10&material=STEEL&tareG=900"
                .replaceFirst(field + "=[^&]*", field + "=" + value);

        MvcTestResult refused = send("/pots/new", fields, owner);

        assertThat(refused).hasStatus(422);
        assertThat(refused).bodyText().contains(hint);
    }

    @Test
    void aPotTooSmallForTheSauceIsRefusedBesideItAndStartsNoCook(PotMapper pots) {
        KitchenPot tiny = new KitchenPot(UUID.randomUUID(), "Tiny", 100, 100, 60, Material.STEEL, 300, true, true);
        pots.insert(kitchen, tiny, cooks.now());

        assertThat(mvc.get()
                        .uri("/sauces/" + sauce.id() + "/plan?pot=" + tiny.id())
                        .with(user(owner)))
                .hasStatusOk()
                .bodyText()
                .contains("This pot holds 471 ml and the sauce is")
                .doesNotContain("Put it on and start");
        send(
                "/cooks",
                "cook=" + UUID.randomUUID() + "&plan=" + UUID.randomUUID() + "&sauce=" + sauce.id() + "&pot="
                        + tiny.id() + "&aim=yield&amount=600",
                owner);
        assertThat(cooks.underWay(kitchen)).hasSize(1);
    }

    @Test
    void namesAreTakenOnceWhateverTheirLetters() {
        MvcTestResult taken = send(
                "/signup", "name=" + owner.getUsername().toUpperCase() + "&password=three long words&kitchen=K", owner);

        assertThat(taken).hasStatus(422);
        assertThat(taken).bodyText().contains("This name is taken");
        assertThat(send("/signup", "name=x&password=short&kitchen=K", owner)).hasStatus(422);
    }

    @Test
    void aCookReadsBackAsItWasStored() {
        BatchService.StoredCook kept = cooks.find(kitchen, cook);

        assertThat(kept.cook().started().mixture())
                .isEqualTo(reader.read(kitchen, sauce).mixture());
        assertThat(kept.cook().started().conditions().pot()).isEqualTo(pot.pot());
        assertThat(kept.cook().target()).isEqualTo(new Target.Weight(Mass.ofGrams(600)));
    }

    @Test
    void everyKindOfEventReadsBackAsItWasStored() {
        for (CookEvent event : EveryEvent.at(cooks.now())) {
            cooks.append(kitchen, cook, event);
        }

        assertThat(cooks.find(kitchen, cook).cook().events()).containsExactlyElementsOf(EveryEvent.at(cooks.now()));
    }
}
