package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.learning.EvaporationKnowledge;
import app.gradior.pot.Activity;
import app.gradior.web.device.Device;
import app.gradior.web.device.Devices;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.PotMapper;
import app.gradior.web.equipment.RingMapper;
import app.gradior.web.kitchen.Accounts;
import app.gradior.web.learning.PotLearning;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Pots, rings, boil-off tests, devices and people: what is kept of them, and for whom. */
@ExtendWith(RunningApplication.class)
class EquipmentTest {
    private MockMvcTester mvc;
    private PotMapper pots;
    private RingMapper rings;
    private BoilOffMapper tests;
    private PotLearning learning;
    private Devices devices;
    private Accounts accounts;
    private UUID kitchen;
    private UserDetails cook;
    private UserDetails other;
    private KitchenPot pot;
    private KitchenRing ring;

    @BeforeEach
    void furnish(
            Accounts accounts,
            PotMapper pots,
            RingMapper rings,
            BoilOffMapper tests,
            PotLearning learning,
            Devices devices) {
        this.mvc = TestKitchen.mvc();
        this.accounts = accounts;
        this.pots = pots;
        this.rings = rings;
        this.tests = tests;
        this.learning = learning;
        this.devices = devices;
        TestKitchen own = TestKitchen.of("tinker");
        kitchen = own.id();
        TestKitchen foreign = TestKitchen.of("other");
        cook = own.cook();
        other = foreign.cook();
        pot = own.casserole();
        ring = rings.all(kitchen).get(0);
    }

    private MvcTestResult send(String path, UserDetails who, String... fields) {
        var request = mvc.post().uri(path).with(user(who)).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            request = request.param(fields[i], fields[i + 1]);
        }
        return request.exchange();
    }

    private String page(String path, UserDetails who) throws Exception {
        MvcTestResult result = mvc.get().uri(path).with(user(who)).exchange();
        assertThat(result).hasStatusOk();
        return result.getResponse().getContentAsString();
    }

    private UUID tested(String activity, String after) {
        UUID test = UUID.randomUUID();
        assertThat(send(
                        "/pots/" + pot.id() + "/boil-off",
                        cook,
                        "test",
                        test.toString(),
                        "ring",
                        ring.id().toString(),
                        "activity",
                        activity,
                        "mark",
                        "4",
                        "weight",
                        "3000"))
                .hasStatus3xxRedirection();
        assertThat(send("/boil-offs/" + test + "/start", cook)).hasStatus3xxRedirection();
        RunningApplication.clock().pass(Duration.ofMinutes(10));
        assertThat(send("/boil-offs/" + test + "/end", cook)).hasStatus3xxRedirection();
        RunningApplication.clock().pass(Duration.ofMinutes(1));
        assertThat(send("/boil-offs/" + test + "/weigh", cook, "weight", after)).hasStatus3xxRedirection();
        return test;
    }

    @Test
    void aBoilOffTestIsLearntFromAndCanBeStruckOut() throws Exception {
        UUID test = tested("SIMMER", "2780");

        BoilOffMapper.Test kept = tests.find(kitchen, test).orElseThrow();
        assertThat(kept.minutes()).isEqualTo(10);
        assertThat(kept.beforeG()).isEqualTo(1000);
        EvaporationKnowledge.PotRingActivity place =
                EvaporationKnowledge.PotRingActivity.of(pot.id(), ring.id(), Activity.SIMMER);
        EvaporationKnowledge.Known known = learning.knowledge(kitchen).about(place);
        assertThat(known.logSd()).isLessThan(0.23);
        assertThat(known.k().middle()).isGreaterThan(1.05);
        assertThat(page("/boil-offs/" + test, cook)).contains("22 g a minute");
        assertThat(page("/pots/" + pot.id(), cook)).contains("boil-off, simmer, mark 4");
        assertThat(page("/pots", cook)).contains("known from 1 test").contains("4 gives a simmer");

        assertThat(send("/boil-offs/" + test + "/strike", cook, "out", "true")).hasStatus3xxRedirection();
        assertThat(learning.knowledge(kitchen).about(place).k().middle()).isEqualTo(1);
        assertThat(send("/boil-offs/" + test + "/strike", cook, "out", "false")).hasStatus3xxRedirection();
        assertThat(learning.knowledge(kitchen).about(place)).isEqualTo(known);
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource({"weight, many, plain number", "weight, 2100, at least 300 g", "weight, 9000, too full"})
    void aTestThatCannotBeIsRefusedBesideItsField(String field, String value, String words) {
        MvcTestResult refused =
                send("/pots/" + pot.id() + "/boil-off", cook, "ring", ring.id().toString(), field, value);

        assertThat(refused).hasStatus(422).bodyText().contains(words);
        assertThat(tests.all(kitchen)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "3100, not less than the 1000 g",
        "1900, less than the empty pot",
        "x, plain number",
        "2005, No pot loses"
    })
    void aSecondWeightThatCannotBeIsRefusedAndTheTestGoesOn(String weight, String words) {
        UUID test = UUID.randomUUID();
        send(
                "/pots/" + pot.id() + "/boil-off",
                cook,
                "test",
                test.toString(),
                "ring",
                ring.id().toString(),
                "weight",
                "3000");
        send("/boil-offs/" + test + "/start", cook);
        RunningApplication.clock().pass(Duration.ofMinutes(2));
        send("/boil-offs/" + test + "/end", cook);

        assertThat(send("/boil-offs/" + test + "/weigh", cook, "weight", weight))
                .hasStatus(422)
                .bodyText()
                .contains(words);
        assertThat(tests.find(kitchen, test).orElseThrow().done()).isFalse();
        assertThat(send("/boil-offs/" + test + "/give-up", cook)).hasStatus3xxRedirection();
        assertThat(tests.find(kitchen, test)).isEmpty();
    }

    @Test
    void aPotIsPutRightByALitreOfWater() {
        assertThat(send("/pots/" + pot.id() + "/check", cook, "ml", "1000", "mm", "20.5"))
                .hasStatus3xxRedirection();
        assertThat(pots.find(kitchen, pot.id()).orElseThrow().baseMm()).isBetween(248.0, 250.5);

        assertThat(send("/pots/" + pot.id() + "/check", cook, "ml", "1000", "mm", "60"))
                .hasStatus(422)
                .bodyText()
                .contains("smaller than measured");
    }

    @Test
    void aPotOfKnownCapacityNeedsNoWall() {
        assertThat(send(
                        "/pots/new",
                        cook,
                        "name",
                        "Three litres",
                        "baseCm",
                        "18",
                        "litres",
                        "3",
                        "material",
                        "STEEL",
                        "tareG",
                        "900"))
                .hasStatus3xxRedirection();
        KitchenPot kept = pots.all(kitchen).stream()
                .filter(p -> p.name().equals("Three litres"))
                .findFirst()
                .orElseThrow();
        assertThat(kept.pot().capacity().litres()).isBetween(2.99, 3.01);
        assertThat(kept.rimMm()).isEqualTo(180);

        assertThat(send("/pots/new", cook, "name", "No height", "baseCm", "18", "material", "STEEL", "tareG", "900"))
                .hasStatus(422)
                .bodyText()
                .contains("or say what it holds");
    }

    @Test
    void ringsAreChangedMovedAndTakenOff() {
        assertThat(rings.all(kitchen)).hasSize(4);
        assertThat(send(
                        "/rings/" + ring.id(),
                        cook,
                        "name",
                        "wok",
                        "kind",
                        "GAS",
                        "watts",
                        "4000",
                        "sizeCm",
                        "12",
                        "dial",
                        "low, medium, high"))
                .hasStatus3xxRedirection();
        KitchenRing changed = rings.find(kitchen, ring.id()).orElseThrow();
        assertThat(changed.ring().useful().watts()).isEqualTo(1600);
        assertThat(changed.marks()).containsExactly("low", "medium", "high");
        assertThat(new KitchenRing(ring.id(), "r", changed.kind(), 1000, 180, 0, 0, "1–9").marks())
                .hasSize(9);

        assertThat(send("/rings/" + ring.id() + "/place", cook, "x", "-50", "y", "9999"))
                .hasStatus(204);
        assertThat(rings.find(kitchen, ring.id()).orElseThrow().xMm()).isEqualTo(60);
        assertThat(rings.find(kitchen, ring.id()).orElseThrow().yMm()).isEqualTo(315);

        assertThat(send(
                        "/rings/" + ring.id(),
                        cook,
                        "name",
                        "wok",
                        "kind",
                        "GAS",
                        "watts",
                        "4",
                        "sizeCm",
                        "12",
                        "dial",
                        ", ,"))
                .hasStatus(422)
                .bodyText()
                .contains("is it in watts");
        assertThat(send("/rings/" + ring.id() + "/remove", cook)).hasStatus3xxRedirection();
        assertThat(rings.all(kitchen)).hasSize(3);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/rings/RING",
                "/rings/RING/place",
                "/rings/RING/remove",
                "/pots/POT/check",
                "/pots/POT/boil-off",
                "/boil-offs/TEST/strike",
                "/boil-offs/TEST/start",
                "/devices/DEVICE/remove"
            })
    void nothingOfAnotherKitchenIsChanged(String pattern) {
        UUID test = tested("SIMMER", "2890");
        Devices.Added device = devices.add(kitchen, "scale", Device.Kind.SCALE);
        String path = pattern.replace("RING", ring.id().toString())
                .replace("POT", pot.id().toString())
                .replace("TEST", test.toString())
                .replace("DEVICE", device.device().id().toString());

        assertThat(send(
                        path,
                        other,
                        "name",
                        "x",
                        "kind",
                        "GAS",
                        "watts",
                        "1000",
                        "sizeCm",
                        "20",
                        "dial",
                        "1-9",
                        "x",
                        "1",
                        "y",
                        "1",
                        "ml",
                        "1000",
                        "mm",
                        "20",
                        "weight",
                        "3000",
                        "out",
                        "true",
                        "ring",
                        ring.id().toString()))
                .hasStatus(404);
        assertThat(rings.all(kitchen)).hasSize(4);
        assertThat(devices.all(kitchen)).hasSize(1);
        assertThat(tests.find(kitchen, test).orElseThrow().excluded()).isFalse();
    }

    @Test
    void anInvitationLetsOnePersonInOnceAndRunsOut() throws Exception {
        String token = invited();
        assertThat(page("/join/" + token, other)).contains("Join Kitchen");
        String name = "guest-" + UUID.randomUUID();
        assertThat(mvc.post()
                        .uri("/join/" + token)
                        .with(csrf())
                        .param("name", name)
                        .param("password", "short"))
                .hasStatus(422);
        assertThat(mvc.post()
                        .uri("/join/" + token)
                        .with(csrf())
                        .param("name", cook.getUsername())
                        .param("password", "three long words"))
                .hasStatus(422)
                .bodyText()
                .contains("taken");
        assertThat(mvc.post()
                        .uri("/join/" + token)
                        .with(csrf())
                        .param("name", name)
                        .param("password", "three long words"))
                .hasStatus3xxRedirection();
        assertThat(accounts.loadUserByUsername(name).kitchenId()).isEqualTo(kitchen);
        assertThat(mvc.get().uri("/join/" + token)).hasStatus(404);

        String late = invited();
        RunningApplication.clock().pass(Duration.ofDays(7).plusSeconds(1));
        assertThat(mvc.get().uri("/join/" + late)).hasStatus(404);
        assertThat(mvc.get().uri("/join/" + UUID.randomUUID())).hasStatus(404);
    }

    private String invited() {
        MvcTestResult result = send("/kitchen/invitations", cook);
        String link = (String) result.getMvcResult().getFlashMap().get("link");
        return link.substring(link.lastIndexOf('/') + 1);
    }

    @Test
    void preferencesChangeHowThingsAreShownAndWorkedOut() throws Exception {
        assertThat(page("/pots", cook)).contains("2000 g empty");
        assertThat(send(
                        "/kitchen",
                        cook,
                        "name",
                        "High kitchen",
                        "units",
                        "US",
                        "measures",
                        "METRIC",
                        "temperature",
                        "FAHRENHEIT",
                        "altitudeM",
                        "1600",
                        "roomC",
                        "24",
                        "hood",
                        "true"))
                .hasStatus3xxRedirection();
        assertThat(page("/pots", cook))
                .contains("70.5 oz (2000 g) empty", "cups")
                .containsPattern("\\d\\.\\d in \\(\\d\\d cm\\), dial")
                .contains("name=\"gradior-units\" content=\"oz\"");
        assertThat(page("/pots/" + pot.id(), cook)).containsPattern("\\d\\.\\d\\d in \\(\\d+ mm\\) deep");
        assertThat(send(
                        "/kitchen",
                        cook,
                        "name",
                        "",
                        "units",
                        "US",
                        "measures",
                        "METRIC",
                        "temperature",
                        "CELSIUS",
                        "altitudeM",
                        "9000",
                        "roomC",
                        "24"))
                .hasStatus(422)
                .bodyText()
                .contains("lies so high");
    }

    @Test
    void whatWasTypedStandsThereStillWhereAFieldCanNotBeRead() throws Exception {
        for (String lid : new String[] {"true", null}) {
            MvcTestResult refused = lid == null
                    ? send("/pots/new", cook, "name", "Pan", "baseCm", "abc", "material", "ENAMEL", "_lid", "on")
                    : send("/pots/new", cook, "name", "Pan", "baseCm", "abc", "material", "ENAMEL", "lid", lid);

            assertThat(refused).hasStatus(422);
            Document page = Jsoup.parse(refused.getResponse().getContentAsString());
            assertThat(page.select("input[name=name]").val()).isEqualTo("Pan");
            assertThat(page.select("input[name=baseCm]").val()).isEqualTo("abc");
            assertThat(page.select("input[name=baseCm]").hasClass("is-invalid")).isTrue();
            assertThat(page.select("input[name=name]").hasClass("is-invalid")).isFalse();
            assertThat(page.select("option[selected]").val()).isEqualTo("ENAMEL");
            assertThat(page.select("input[name=lid]").hasAttr("checked")).isEqualTo(lid != null);
        }
    }

    private MvcTestResult feed(Devices.Added device, String token, String type, String body) {
        return mvc.post()
                .uri("/feed/" + device.device().id())
                .header("Authorization", "Bearer " + token)
                .contentType(type)
                .content(body)
                .exchange();
    }

    private Devices.Live live() {
        return devices.live(kitchen).get(0);
    }

    @Test
    void aDeviceIsBelievedWhileItIsFreshAndSane() {
        Devices.Added scale = devices.add(kitchen, "scale", Device.Kind.SCALE);
        assertThat(live().state()).isEqualTo(Devices.State.SILENT);

        assertThat(feed(scale, scale.token(), "application/json", "{\"value\": 2780.4}"))
                .hasStatus(204);
        assertThat(live().value()).isEqualTo(2780.4);
        assertThat(live().words()).isEqualTo("2780 g");
        RunningApplication.clock().pass(Duration.ofSeconds(30));
        assertThat(live().state()).isEqualTo(Devices.State.STALE);
        assertThat(live().value()).isNull();
        String at = RunningApplication.clock().instant().toString();
        assertThat(feed(scale, scale.token(), "text/csv", "at,value\n" + at + ",99999\n"))
                .hasStatus(204);
        assertThat(live().state()).isEqualTo(Devices.State.ABSURD);
        assertThat(live().value()).isNull();
        assertThat(live().words()).contains("not believed");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    application/json | {"value": "heavy"}                             | needs a number
                    application/json | {oops                                          | not JSON
                    application/json | {"value": 1, "at": "yesterday"}                | must be in UTC
                    application/json | {"value": 1, "at": "2020-01-01T00:00:00Z"}     | last hour
                    text/csv         | weight,when                                    |
                    text/csv         | at,value~2026-11-24T18:02:11Z,x                | columns at,value
                    """)
    void whatIsMalformedIsRefusedWithASentence(String type, String body, String words) {
        Devices.Added scale = devices.add(kitchen, "scale", Device.Kind.SCALE);

        MvcTestResult refused = feed(scale, scale.token(), type, body.replace("~", "\n"));

        if (words == null) {
            assertThat(refused).hasStatus(204);
        } else {
            assertThat(refused).hasStatus(400).bodyText().contains(words);
        }
        assertThat(live().state()).isEqualTo(Devices.State.SILENT);
    }

    @Test
    void aFeedIsBoundedAndKnowsItsDevice() {
        Devices.Added scale = devices.add(kitchen, "scale", Device.Kind.SCALE);
        Devices.Added probe = devices.add(kitchen, "probe", Device.Kind.PROBE);

        assertThat(feed(scale, probe.token(), "application/json", "{\"value\": 1}"))
                .hasStatus(401);
        assertThat(feed(scale, scale.token(), "application/json", " ".repeat(17_000)))
                .hasStatus(413);
        assertThat(feed(
                        scale,
                        scale.token(),
                        "application/json",
                        "[" + "{\"value\":1},".repeat(100) + "{\"value\":1}]"))
                .hasStatus(400)
                .bodyText()
                .contains("100");
        // Any of them: a little is handed out again all the time, so the last one may just have had luck.
        boolean refused = false;
        for (int i = 0; i < 80; i++) {
            refused |= feed(scale, scale.token(), "application/json", "{\"value\": 1}")
                            .getResponse()
                            .getStatus()
                    == 429;
        }
        assertThat(refused).isTrue();
        assertThat(feed(probe, probe.token(), "application/json", "{\"value\": 99.5}"))
                .hasStatus(204);
        devices.remove(kitchen, probe.device().id());
        assertThat(feed(probe, probe.token(), "application/json", "{\"value\": 99.5}"))
                .hasStatus(401);
    }

    @Test
    void whoGuessesTokensIsMadeToWaitAndTheDeviceIsNot() {
        RunningApplication.clock().pass(Duration.ofMinutes(11));
        Devices.Added scale = devices.add(kitchen, "scale", Device.Kind.SCALE);
        for (int i = 0; i < 20; i++) {
            assertThat(feed(scale, "guess" + i, "application/json", "{\"value\": 1}"))
                    .hasStatus(401);
        }

        assertThat(feed(scale, "guess", "application/json", "{\"value\": 1}"))
                .hasStatus(429)
                .bodyText()
                .contains("Too many wrong tokens");
        assertThat(feed(scale, scale.token(), "application/json", "{\"value\": 1}"))
                .hasStatus(204);
        RunningApplication.clock().pass(Duration.ofMinutes(11));
    }

    @Test
    void theRingsOfANewStoveLieBesideEachOtherOnIt() {
        List<KitchenRing> all = rings.all(TestKitchen.of("new-stove").id());
        assertThat(all).hasSize(4);
        for (KitchenRing ring : all) {
            double r = ring.sizeMm() / 2.0;
            assertThat(ring.xMm()).isBetween((int) r, (int) (600 - r));
            assertThat(ring.yMm() - r).isNotNegative();
            assertThat(ring.yMm() + r).isLessThanOrEqualTo(375);
            all.stream()
                    .filter(other -> !other.equals(ring))
                    .forEach(other -> assertThat(Math.hypot(ring.xMm() - other.xMm(), ring.yMm() - other.yMm()))
                            .as(ring.name() + " and " + other.name())
                            .isGreaterThan(r + other.sizeMm() / 2.0));
        }
    }
}
