package app.gradior.web.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.web.food.Foods;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.sauce.Workshop;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Sauces go out in open formats and come back the same; what is hostile or broken is refused with a reason. */
@ExtendWith(RunningApplication.class)
class ExchangeTest {
    private static final String STAGED = """
            # brushed on
            Serves 8
            Sweat in 15 g butter until soft
            2 shallots, finely chopped

            Pour in, reduce by half
            150 ml port
            a splash of “odd” vinegar, ½ & <b>
            Reduce to a glaze""";

    private final JsonMapper json = new JsonMapper();
    private MockMvcTester mvc;
    private SauceService sauces;
    private SauceReader reader;
    private Foods foods;
    private TestKitchen own;
    private UUID kitchen;
    private UserDetails cook;
    private UUID elsewhere;
    private UserDetails other;

    @BeforeEach
    void open(SauceService sauces, SauceReader reader, Foods foods) {
        this.mvc = TestKitchen.mvc();
        this.sauces = sauces;
        this.reader = reader;
        this.foods = foods;
        own = TestKitchen.of("trader");
        kitchen = own.id();
        TestKitchen foreign = TestKitchen.of("other");
        elsewhere = foreign.id();
        cook = own.cook();
        other = foreign.cook();
    }

    private String export(UUID sauce, String format) throws Exception {
        MvcTestResult result = mvc.get()
                .uri("/sauces/" + sauce + "/export." + format)
                .with(user(cook))
                .exchange();
        assertThat(result).hasStatusOk();
        return result.getResponse().getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
    }

    private MvcTestResult takeIn(UserDetails who, String pasted) {
        return mvc.post()
                .uri("/sauces/import")
                .with(user(who))
                .with(csrf())
                .param("pasted", pasted)
                .exchange();
    }

    private void habit(String... fields) {
        var request = mvc.post().uri("/foods/habits").with(user(cook)).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            request = request.param(fields[i], fields[i + 1]);
        }
        assertThat(request).hasStatus(204);
    }

    @Test
    void aKitchenFileIsLosslessWithVersionsFoodsAndHabits() throws Exception {
        Sauce first = sauces.add(kitchen, "Glaze", STAGED);
        Sauce second = sauces.save(kitchen, first, "Glaze, sharper", STAGED + "\n  trailing blanks  \n\n");
        sauces.archive(kitchen, second.id(), true);
        habit("food", "cider-vinegar", "measure", "splash", "grams", "8.5");
        habit("food", "vegetable-stock", "words", "stock");
        assertThat(mvc.post()
                        .uri("/foods/new")
                        .with(user(cook))
                        .with(csrf())
                        .param("name", "Harissa")
                        .param("carbohydrate", "9")
                        .param("sugars", "5")
                        .param("fibre", "3")
                        .param("saltUnit", "mg")
                        .param("salt", "960"))
                .hasStatus3xxRedirection();

        String written = export(second.id(), "json");
        assertThat(takeIn(other, written)).hasStatus3xxRedirection().hasRedirectedUrl("/sauces");

        List<Sauce> there = sauces.archived(elsewhere);
        assertThat(there).hasSize(1);
        assertThat(sauces.versions(elsewhere, there.get(0).id()))
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("id")
                .containsExactlyElementsOf(sauces.versions(kitchen, second.id()));
        assertThat(foods.own(elsewhere)).isEqualTo(foods.own(kitchen));
        assertThat(foods.own(elsewhere).get(0).label().salt()).isEqualTo(2.4);
        assertThat(foods.language(elsewhere).habits())
                .isEqualTo(foods.language(kitchen).habits());
        JsonNode again = json.readTree(mvc.get()
                .uri("/sauces/export.json")
                .with(user(other))
                .exchange()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8));
        assertThat(again).isEqualTo(json.readTree(written));
    }

    @Test
    void whatGoesOutMeetsThePublishedSchemaAndSoDoesTheDemo() throws Exception {
        Sauce sauce = sauces.add(kitchen, "Glaze", STAGED);
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/gradior-kitchen-1.schema.json")));

        assertThat(schema.validate(json.readTree(export(sauce.id(), "json")))).isEmpty();
        assertThat(schema.validate(json.readTree(Path.of("../demo/kitchen.json"))))
                .isEmpty();
        assertThat(schema.validate(json.readTree("{\"format\":\"gradior-kitchen/1\",\"sauces\":[{}]}")))
                .isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"md", "txt"})
    void openFormatsBringTheLinesBack(String format) throws Exception {
        Sauce sauce = sauces.add(kitchen, "Glaze & <dip>", STAGED);

        MvcTestResult back = takeIn(cook, export(sauce.id(), format));

        assertThat(back).hasStatusOk().hasViewName("sauce/workshop");
        assertThat(draft(back).name()).isEqualTo("Glaze & <dip>");
        String text = draft(back).text();
        assertThat(text.lines().filter(l -> !l.isBlank()))
                .containsExactlyInAnyOrderElementsOf(
                        STAGED.lines().filter(l -> !l.isBlank()).toList());
        assertThat(reader.read(kitchen, text).all())
                .isEqualTo(reader.read(kitchen, STAGED).all());
        assertThat(sauces.all(kitchen)).hasSize(1);
    }

    @Test
    void recipeDataBringsTheSameSauceBack() throws Exception {
        Sauce sauce = sauces.add(kitchen, "Glaze & <dip>", STAGED);

        MvcTestResult back = takeIn(cook, export(sauce.id(), "jsonld"));

        assertThat(back).hasStatusOk().hasViewName("sauce/workshop");
        assertThat(draft(back).name()).isEqualTo("Glaze & <dip>");
        assertThat(reader.read(kitchen, draft(back).text()).made().end().mass().grams())
                .isCloseTo(reader.read(kitchen, STAGED).made().end().mass().grams(), within(1.0));
    }

    private static Workshop.SauceForm draft(MvcTestResult answer) {
        return (Workshop.SauceForm)
                answer.getMvcResult().getModelAndView().getModel().get("form");
    }

    private static final String PLUM_DIP = """
            {"@context":"https://schema.org","@type":"Recipe","name":"Plum dip","recipeYield":["6","6 servings"],
             "url":"https://recipes.example/plum-dip",
             "recipeIngredient":["500 g plums","1&frac12; cups <i>water</i>","1 tbsp zorbleaf","4 chicken thighs"],
             "recipeInstructions":[{"@type":"HowToStep","text":"Grill the chicken."},
               {"@type":"HowToStep","text":"Simmer the plums in the water for 10 minutes. Boil until reduced by half, 8-10 minutes."}]}""";

    @Test
    void aRecipeFromElsewhereBecomesAStagedSauceBesideItsMethod() {
        MvcTestResult back = takeIn(cook, PLUM_DIP);

        assertThat(draft(back).text()).isEqualTo("""
                        Serves 6 servings
                        Add, simmer 10 min, reduce by half at a boil, about 8–10 min
                        500 g plums
                        1½ cups water
                        1 tbsp zorbleaf
                        # 4 chicken thighs""");
        Proposal proposal =
                (Proposal) back.getMvcResult().getModelAndView().getModel().get("proposal");
        assertThat(proposal.sentences()).extracting(Proposal.Told::kind).containsExactly("aside", "does", "does");
        assertThat(proposal.sentences().get(2).lines()).contains("0|500 g plums");
        assertThat(proposal.questions()).extracting(Proposal.Asked::about).containsExactly("1 tbsp zorbleaf");
        assertThat(proposal.questions().get(0).fixes())
                .contains(new Proposal.Fix("Skip it", "1 tbsp zorbleaf", "# 1 tbsp zorbleaf"));
    }

    @Test
    void thePublishedRecipeStaysWithTheSauceAndGoesOutWithIt() throws Exception {
        own.casserole();
        Proposal proposal = (Proposal) takeIn(cook, PLUM_DIP)
                .getMvcResult()
                .getModelAndView()
                .getModel()
                .get("proposal");
        assertThat(mvc.post()
                        .uri("/sauces/new")
                        .with(user(cook))
                        .with(csrf())
                        .param("name", "Plum dip")
                        .param("text", proposal.text())
                        .param("source", proposal.source())
                        .param("published", proposal.published())
                        .param("plan", "true"))
                .hasStatus3xxRedirection()
                .redirectedUrl()
                .endsWith("/plan");
        Sauce kept = sauces.all(kitchen).get(0);

        assertThat(mvc.get().uri("/sauces/" + kept.id()).with(user(cook)))
                .hasStatusOk()
                .bodyText()
                .contains("https://recipes.example/plum-dip")
                .contains("Grill the chicken.");
        assertThat(mvc.get().uri("/sauces/" + kept.id() + "/plan").with(user(cook)))
                .hasStatusOk()
                .bodyText()
                .contains("The recipe says 8–10 min.");
        assertThat(takeIn(other, export(kept.id(), "json"))).hasStatus3xxRedirection();
        Sauce there = sauces.all(elsewhere).get(0);
        assertThat(sauces.origin(elsewhere, there.id())).isEqualTo(sauces.origin(kitchen, kept.id()));
        assertThat(sauces.origin(elsewhere, kept.id())).isEmpty();
        assertThat(export(kept.id(), "jsonld")).contains("https://recipes.example/plum-dip");
    }

    @Test
    void ofSeveralRecipesTheCookChooses() {
        String two = "[{\"@type\":\"Recipe\",\"name\":\"A\",\"recipeIngredient\":[\"1 cup stock\"],"
                + "\"recipeInstructions\":\"Boil the stock.\"},"
                + "{\"@type\":\"Recipe\",\"name\":\"B\",\"recipeIngredient\":[\"1 cup milk\"],"
                + "\"recipeInstructions\":\"Boil the milk.\"}]";

        assertThat(takeIn(cook, two))
                .hasStatusOk()
                .hasViewName("sauce/import")
                .bodyText()
                .contains("2 recipes");
        MvcTestResult second = mvc.post()
                .uri("/sauces/import")
                .with(user(cook))
                .with(csrf())
                .param("pasted", two)
                .param("which", "1")
                .exchange();
        assertThat(draft(second).name()).isEqualTo("B");
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
                    {"a":                                                 | breaks off
                    {"@type":"Person","name":"x"}                         | There is no recipe in this data
                    <html><p>hello</p></html>                             | carries no recipe data
                    <script type="application/ld+json">{oops</script>     | breaks off
                    {"format":"gradior-kitchen/2"}                        | not a gradior-kitchen/1 file
                    {"format":"gradior-kitchen/1","sauces":[{"name":""}]} | at /sauces/0
                    {"format":"gradior-kitchen/1","foods":[{"key":"x","name":"x","gramsPerMl":1,"mix":"5 g moon"}]} | moon
                    """)
    void whatCannotBeReadIsRefusedWithAReason(String pasted, String reason) {
        MvcTestResult refused = takeIn(cook, pasted);

        assertThat(refused).hasStatus(422);
        assertThat(refused).bodyText().contains(reason);
        assertThat(sauces.all(kitchen)).isEmpty();
        assertThat(foods.own(kitchen)).isEmpty();
    }

    @Test
    void nestingWithoutEndIsRefused() {
        assertThat(takeIn(cook, "[".repeat(60_000))).hasStatus(422);
        assertThat(takeIn(cook, "[".repeat(400) + "]".repeat(400))).hasStatus(422);
        assertThat(takeIn(cook, "<div>".repeat(20_000))).hasStatus(422);
    }

    @Test
    void aFileThatIsNoTextOrTooLargeIsRefused() {
        assertThat(file(new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1}))
                .hasStatus(422)
                .bodyText()
                .contains("no recipe in this text");
        assertThat(file(new byte[3 * 1024 * 1024])).hasStatus(422).bodyText().contains("2 MB");
    }

    @Test
    void aFileInAnOldCodePageIsRead() {
        MvcTestResult read =
                file("Dip\n\n200 ml crème fraîche\n½ tsp salt\n\nMethod\nSimmer the crème fraîche for 3 minutes."
                        .getBytes(java.nio.charset.Charset.forName("windows-1252")));

        assertThat(draft(read).text()).contains("200 ml crème fraîche");
    }

    private MvcTestResult file(byte[] bytes) {
        return mvc.post()
                .uri("/sauces/import")
                .multipart()
                .file(new MockMultipartFile("file", "x.json", "application/json", bytes))
                .with(user(cook))
                .with(csrf())
                .exchange();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"/sauces/SAUCE/export.json", "/sauces/SAUCE/versions", "/sauces/SAUCE/photo", "/foods/own-x"})
    void nothingOfAnotherKitchenGoesOut(String path) {
        Sauce sauce = sauces.add(kitchen, "Glaze", STAGED);

        assertThat(mvc.get().uri(path.replace("SAUCE", sauce.id().toString())).with(user(other)))
                .hasStatus(404);
    }

    @ParameterizedTest
    @ValueSource(strings = {"delete", "archive", "duplicate", "undelete", "photo/remove", "versions/1/restore"})
    void nothingOfAnotherKitchenIsChanged(String what) {
        Sauce sauce = sauces.add(kitchen, "Glaze", STAGED);

        assertThat(mvc.post()
                        .uri("/sauces/" + sauce.id() + "/" + what)
                        .param("away", "true")
                        .with(user(other))
                        .with(csrf()))
                .hasStatus(404);
        assertThat(sauces.all(kitchen))
                .containsExactly(sauces.find(kitchen, sauce.id()).orElseThrow());
    }

    @Test
    void aCorrectedFoodCountsInThisKitchenOnly() {
        assertThat(mvc.post()
                        .uri("/foods/corn-starch")
                        .with(user(cook))
                        .with(csrf())
                        .param("name", "Corn starch")
                        .param("carbohydrate", "70")
                        .param("gramsPerMl", "0.6"))
                .hasStatus3xxRedirection();

        assertThat(reader.read(kitchen, "10 ml cornflour").all().mass().grams()).isEqualTo(6);
        assertThat(reader.read(kitchen, "10 g cornflour").all().hasRawStarch()).isTrue();
        assertThat(reader.read(elsewhere, "10 ml cornflour").all().mass().grams())
                .isNotEqualTo(6);
        assertThat(mvc.post().uri("/foods/corn-starch/remove").with(user(cook)).with(csrf()))
                .hasStatus3xxRedirection();
        assertThat(foods.own(kitchen)).isEmpty();
    }

    @Test
    void aNameGivenLaterLeavesAMixReadable() {
        assertThat(mvc.post()
                        .uri("/foods/new")
                        .with(user(cook))
                        .with(csrf())
                        .param("name", "Plum base")
                        .param("kind", "mix")
                        .param("mix", "2 plums"))
                .hasStatus3xxRedirection();
        habit("food", "water", "words", "plum");

        assertThat(mvc.get().uri("/sauces").with(user(cook))).hasStatusOk();
        assertThat(reader.read(kitchen, "10 g plum base").all().mass().grams()).isEqualTo(10);
    }
}
