package app.gradior.web.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.cook.CookEvent;
import app.gradior.plan.Route;
import app.gradior.plan.Target;
import app.gradior.quantity.Mass;
import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The board and kept plans as the server answers for them. */
@ExtendWith(RunningApplication.class)
class PlanBoardTest {
    private MockMvcTester mvc;
    private JsonMapper json;
    private SauceService sauces;
    private BatchService cooks;
    private PlanService plans;
    private Planning planning;
    private UserDetails cook;
    private UserDetails stranger;
    private UUID kitchen;
    private Sauce plum;
    private KitchenPot pot;

    @BeforeEach
    void furnish(SauceService sauces, BatchService cooks, PlanService plans, Planning planning, JsonMapper json) {
        this.mvc = TestKitchen.mvc();
        this.json = json;
        this.sauces = sauces;
        this.cooks = cooks;
        this.plans = plans;
        this.planning = planning;
        TestKitchen own = TestKitchen.of("planner");
        kitchen = own.id();
        TestKitchen foreign = TestKitchen.of("other");
        cook = own.cook();
        stranger = foreign.cook();
        pot = own.casserole();
        plum = sauces.add(kitchen, "Plum sauce", "600 g plums\n250 ml water\n60 g caster sugar\n⅓ cup rice vinegar");
    }

    private Document board(Sauce sauce, String query) {
        return get("/sauces/" + sauce.id() + "/plan?" + query);
    }

    private Document get(String address) {
        String page = new String(
                mvc.get().uri(address).with(user(cook)).exchange().getResponse().getContentAsByteArray(),
                java.nio.charset.StandardCharsets.UTF_8);
        return Jsoup.parse(page);
    }

    private JsonNode drawing(Document page) {
        return json.readTree(page.getElementById("drawing").attr("data-drawing"));
    }

    private Planning.FeasiblePlan possible(String query) {
        Map<String, String> choices = Arrays.stream(query.split("&"))
                .map(part -> part.split("="))
                .collect(Collectors.toMap(part -> part[0], part -> part[1]));
        return planning.plan(kitchen, plum, PlanForm.of(choices)).possible().orElseThrow();
    }

    @Test
    void theCurveComesOnceWithEverythingThatIsSaidAtItsPoints() {
        JsonNode drawing = drawing(board(plum, "use=DIP&least=2&leastUnit=jars"));
        JsonNode points = drawing.get("points");

        assertThat(points.size()).isGreaterThan(80);
        for (int i = 1; i < points.size(); i++) {
            assertThat(points.get(i).get("g").asDouble())
                    .isLessThan(points.get(i - 1).get("g").asDouble());
        }
        JsonNode stop = points.get(drawing.get("stop").asInt());
        assertThat(stop.get("stop").asString()).contains(" g · ").contains("min");
        assertThat(stop.get("lift").asString()).startsWith("lift ").contains("arrowroot");
        assertThat(stop.get("water").asString()).contains("cold water");
        assertThat(stop.get("leaves").asString()).contains("jars");
        assertThat(stop.get("low").asDouble()).isLessThan(stop.get("served").asDouble());
        assertThat(stop.get("blended").asDouble())
                .isGreaterThan(stop.get("served").asDouble());
        assertThat(drawing.get("band").get("name").asString()).isEqualTo("dip 5.8–6.5");
        assertThat(drawing.get("least").get("words").asString()).startsWith("2 jars need");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            use=GLAZE&lid=on                             | lid on takes longer than off       | use=GLAZE
            use=GLAZE&activity=BARE_SIMMER               | a bare simmer takes longer         | use=GLAZE
            use=GLAZE                                    | a hood makes it quicker            | use=GLAZE&hood=on
            use=DIP                                      | a dip takes longer than a glaze    | use=GLAZE
            use=GLAZE                                    | blended it is thicker sooner       | use=GLAZE&smooth=yes
            use=GLAZE                                    | cold it is thicker sooner          | use=GLAZE&served=5
            """)
    void whatIfChangesTheMinutes(String slow, String what, String quick) {
        assertThat(minutes(slow.strip())).as(what).isGreaterThan(minutes(quick.strip()));
    }

    private double minutes(String query) {
        return possible(query)
                .routes()
                .route(Route.Kind.REDUCE)
                .outcome()
                .orElseThrow()
                .minutes()
                .middle();
    }

    @Test
    void theSlurryFollowsItsSchool() {
        double thin = water("use=GLAZE&starch=corn&school=1:2");
        double stiff = water("use=GLAZE&starch=corn&school=2:1");
        double byWeight = water("use=GLAZE&starch=corn&school=weight&water=3");

        assertThat(thin).isCloseTo(2 / 0.54, within(0.01));
        assertThat(stiff).isCloseTo(0.5 / 0.54, within(0.01));
        assertThat(byWeight).isCloseTo(3, within(0.01));
    }

    private double water(String query) {
        var slurry = possible(query)
                .routes()
                .route(Route.Kind.SLURRY)
                .outcome()
                .orElseThrow()
                .slurry()
                .orElseThrow();
        return slurry.water().grams() / slurry.powder().grams();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            aim=yield&amount=plenty         | amount   | plain number
            aim=yield&amount=0              | amount   | more than zero
            aim=part&part=120               | part     | between 0 and 100
            aim=brix&brix=99                | brix     | between 0 and 90
            aim=boils&boils=300             | boils    | between 90 and 125
            use=GRADE&grade=12              | grade    | between 0.5 and 8
            use=BATCH                       | batch    | Choose a batch
            served=-20                      | served   | between 0 and 95
            least=lots                      | least    | plain number
            least=3&leastUnit=jars&jarMl=1  | jarMl    | between 5 and 5000
            school=weight&water=90          | water    | 0.5 to 10
            altitude=9999                   | altitude | between -400 and 5000
            """)
    void whatCannotBeIsSaidBesideItsField(String query, String field, String words) {
        Document page = board(plum, query.strip());

        assertThat(page.select("#choices .wrong[data-of=" + field.strip() + "]").text())
                .contains(words.strip());
        assertThat(page.select("#start")).isEmpty();
        assertThat(page.select("#board")).isEmpty();
    }

    @Test
    void saucesAtTheEdgeHaveABoardOrASentence() {
        for (String odd : new String[] {
            "300 g honey", "200 g corn starch\n10 g water", "5 g water", "3 kg water", "200 g caster sugar\n1 g water"
        }) {
            assertThat(board(sauces.add(kitchen, odd, odd), "use=DIP").select("#board, .wrong li"))
                    .as(odd)
                    .isNotEmpty();
        }
        Sauce oil = sauces.add(kitchen, "Oil", "300 g olive oil");
        assertThat(board(oil, "use=DIP").select(".wrong").text()).contains("no water in this sauce");
    }

    @Test
    void whatTheCookChoseWinsOverTheTextAndTheBoardSaysSo() {
        Sauce jam = sauces.add(kitchen, "Jam", "600 g plums\n200 ml water\nBoil rapidly, lid ajar, until syrupy");

        Document asWritten = board(jam, "");
        Document chosen = board(jam, "activity=SIMMER&lid=off");

        assertThat(asWritten.select("#said-otherwise")).isEmpty();
        assertThat(asWritten.select("#activity option[selected]").attr("value")).isEqualTo("ROLLING_BOIL");
        assertThat(asWritten.select("input[name=lid][checked]").attr("value")).isEqualTo("ajar");
        assertThat(chosen.select("#said-otherwise").text())
                .contains("rolling boil, lid ajar")
                .contains("This plan: simmer, lid off");
        assertThat(chosen.select("#activity option[selected]").attr("value")).isEqualTo("SIMMER");
    }

    @Test
    void aStepThatIsNotUnderstoodIsSeenOnThePlanAndTheSheet() {
        Sauce odd = sauces.add(kitchen, "Odd", "600 g plums\n200 ml water\nSimmer 10\n5 g moonbeams");
        Document page = board(odd, "use=DIP");
        UUID id = UUID.randomUUID();
        post("/plans", "plan=" + id + "&sauce=" + odd.id() + "&pot=" + pot.id() + "&use=DIP");

        assertThat(page.select(".say.mind").text())
                .contains("2 lines are not understood")
                .contains("Simmer 10");
        assertThat(get("/plans/" + id).select(".sheet-lines .mind")).hasSize(2);
    }

    @Test
    void aConflictIsSaidWithWhatComesNearest() {
        Document page = board(plum, "use=DIP&least=700");

        assertThat(page.select("#says").text()).startsWith("Reduce to ").contains("less than you want");
        assertThat(page.select(".say.mind").text())
                .contains("By reducing alone")
                .contains("A slurry gives both");
        assertThat(board(plum, "use=DIP&least=9000").select(".say.past").text()).contains("times the sauce");
    }

    @Test
    void aPlanIsKeptOnceAndItsCookPointsAtIt() {
        UUID id = UUID.randomUUID();
        String choices = "use=GLAZE&least=600&starch=arrowroot&route=reduce-then-slurry";
        post("/plans", "plan=" + id + "&sauce=" + plum.id() + "&pot=" + pot.id() + "&" + choices);
        long writes = TestKitchen.writes(kitchen);
        post("/plans", "plan=" + id + "&sauce=" + plum.id() + "&pot=" + pot.id() + "&use=POUR");
        assertThat(TestKitchen.writes(kitchen)).isGreaterThan(writes);
        KeptPlan kept = plans.find(kitchen, id).orElseThrow();

        assertThat(plans.ofSauce(kitchen, plum.id())).hasSize(1);
        assertThat(kept.route()).isEqualTo(Route.Kind.REDUCE_THEN_SLURRY);
        assertThat(kept.result().yieldGrams().middle()).isBetween(600.0, 615.0);
        sauces.save(kitchen, plum, "Plum sauce", "900 g plums");

        UUID batch = UUID.randomUUID();
        post("/cooks", "cook=" + batch + "&plan=" + id + "&sauce=" + plum.id());
        writes = TestKitchen.writes(kitchen);
        post("/cooks", "cook=" + batch + "&plan=" + id + "&sauce=" + plum.id());
        assertThat(TestKitchen.writes(kitchen)).isGreaterThan(writes);
        BatchService.StoredCook started = cooks.find(kitchen, batch);
        assertThat(started.row().planId()).isEqualTo(id);
        assertThat(started.row().sauceVersion()).isEqualTo(1);
        assertThat(((Target.Weight) started.cook().target()).mass().grams())
                .isCloseTo(kept.result().stopGrams(), within(0.5));
        cooks.append(
                kitchen,
                batch,
                new CookEvent.Finished(
                        UUID.randomUUID(), cooks.now(), Optional.of(Mass.ofGrams(606)), Optional.empty()));
        assertThat(mvc.get().uri("/journal/" + batch).with(user(cook)))
                .hasStatusOk()
                .bodyText()
                .contains("/plans/" + id);
        assertThat(board(plum, "use=BATCH&batch=" + batch).select("#says").text())
                .isNotEmpty();
    }

    @Test
    void theSheetSaysWhatACookGoesByOnScreenAndOnPaper() throws Exception {
        UUID id = UUID.randomUUID();
        post("/plans", "plan=" + id + "&sauce=" + plum.id() + "&pot=" + pot.id() + "&use=GLAZE&least=600");
        KeptPlan kept = plans.find(kitchen, id).orElseThrow();
        long onScale = Math.round(kept.result().stopGrams() + 2000);

        assertThat(mvc.get().uri("/plans/" + id).with(user(cook)))
                .hasStatusOk()
                .bodyText()
                .contains("600 g plums", onScale + " g", "after 3 of 3");
        byte[] pdf = mvc.get()
                .uri("/plans/" + id + "/sheet.pdf")
                .with(user(cook))
                .exchange()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Plum sauce", "600 g plums", "⅓ cup rice vinegar", onScale + " g", "after 3 of 3");
            assertThat(document.getNumberOfPages()).isLessThanOrEqualTo(2);
        }
        sauces.save(kitchen, plum, "Сливовый соус", "600 g plums\n250 ml water\n10 g κύμινο");
        UUID other = UUID.randomUUID();
        post("/plans", "plan=" + other + "&sauce=" + plum.id() + "&pot=" + pot.id() + "&use=GLAZE");
        try (PDDocument document = Loader.loadPDF(mvc.get()
                .uri("/plans/" + other + "/sheet.pdf")
                .with(user(cook))
                .exchange()
                .getResponse()
                .getContentAsByteArray())) {
            assertThat(new PDFTextStripper().getText(document)).contains("Сливовый соус", "κύμινο");
        }
        for (String path : new String[] {"/plans/" + id, "/plans/" + id + "/sheet.pdf"}) {
            assertThat(mvc.get().uri(path).with(user(stranger))).hasStatus(404);
        }
    }

    private void post(String path, String fields) {
        assertThat(mvc.post()
                        .uri(path)
                        .with(csrf())
                        .with(user(cook))
                        .contentType("application/x-www-form-urlencoded")
                        .content(fields))
                .hasStatus3xxRedirection();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            amount=500 ml&of=water&use=toss                    | corn starch       | 19 g
            amount=500 ml&of=water&use=toss&there=40           | too thick         | Too thick
            amount=500 ml&of=water&use=toss&there=5            | too thin          | stir in
            amount=500 ml&of=other&food=nonsense               | what is no liquid | is not understood
            amount=500 ml&of=water&dissolved=60&acid=40        | too much          | more than 85 %
            amount=500 ml&of=water&use=grade&grade=99          | no grade          | between 0.5 and 8
            amount=500 ml&of=water&there=400                   | glue              | quarter of the liquid
            amount=300 g&of=water&acid=3                       | sour              | thins in this much acid
            amount=some&of=water                               | no amount         | amount with its unit
            """)
    void quickTellsWhatStarchesTake(String query, String what, String words) {
        var request = mvc.get().uri("/quick").param("ask", "thicken").with(user(cook));
        for (String field : query.strip().split("&")) {
            request = request.param(field.split("=")[0], field.split("=")[1]);
        }
        assertThat(request).as(what).hasStatusOk().bodyText().contains(words.strip());
    }
}
