package app.gradior.web.kitchen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.web.SignedIn;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** People's own programs: what their tokens open, and what they do not. */
@ExtendWith(RunningApplication.class)
class ApiTest {
    private static final Path DESCRIPTION = Path.of("..", "docs", "formats", "openapi.json");

    private final HttpClient program = HttpClient.newHttpClient();
    private final JsonMapper json = new JsonMapper();
    private SignedIn person;
    private Map<String, String> ids;

    @BeforeEach
    void furnish() {
        person = TestKitchen.of("programmer").http();
        ids = person.furnish();
    }

    private String token(String scope) {
        Document page = Jsoup.parse(person.post("/account/access/tokens", "called=Scale&scope=" + scope + "&days=30")
                .body());
        return page.select("input[aria-label=token]").attr("value");
    }

    private HttpResponse<String> ask(String method, String path, String token, String body) throws Exception {
        return program.send(
                HttpRequest.newBuilder(URI.create(RunningApplication.address() + path))
                        .header("Authorization", "Bearer " + token)
                        .header("Content-Type", "application/json")
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private int status(String method, String path, String token) throws Exception {
        return ask(method, path, token, "{\"grams\": 2700}").statusCode();
    }

    @Test
    void aProgramReadsWhatIsOnTheHeatAndWeighsIt() throws Exception {
        String token = token("COOK");
        JsonNode before =
                json.readTree(ask("GET", "/api/cooks", token, "").body()).get(0);
        assertThat(before.get("id").asString()).isEqualTo(ids.get("cooks"));
        assertThat(before.get("sauce").asString()).isEqualTo("Plum sauce");
        RunningApplication.clock().pass(Duration.ofMinutes(12));

        UUID event = UUID.randomUUID();
        String path = "/api/cooks/" + ids.get("cooks") + "/weighings";
        String weighing = "{\"event\": \"" + event + "\", \"grams\": 2840, \"emptyPotGrams\": 2000}";
        JsonNode after = json.readTree(ask("POST", path, token, weighing).body());
        assertThat(after.at("/grams/middle").asDouble()).isCloseTo(840, within(15.0));
        assertThat(after.at("/grams/low").asDouble())
                .isLessThan(after.at("/grams/high").asDouble());
        assertThat(after.get("revision").asLong()).isEqualTo(1);

        // Sent again, it is the same; something else under its id is refused with a sentence.
        assertThat(json.readTree(ask("POST", path, token, weighing).body())
                        .get("revision")
                        .asLong())
                .isEqualTo(1);
        HttpResponse<String> other = ask("POST", path, token, weighing.replace("2840", "2700"));
        assertThat(other.statusCode()).isEqualTo(422);
        assertThat(ask("POST", path, token, "{\"grams\": 9000, \"withPot\": false}")
                        .body())
                .contains("more than the 900 g that went in");
        assertThat(ask("POST", path, token, "{\"grams\": \"heavy\"}").statusCode())
                .isEqualTo(400);
        assertThat(person.get("/cooks/" + ids.get("cooks")).body()).contains("840");
    }

    @Test
    void saucesAreReadInTheFormatTheyAreDownloadedIn() throws Exception {
        String token = token("READ");
        assertThat(ask("GET", "/api/sauces", token, "").body())
                .contains("gradior-kitchen/1", "Plum sauce", "600 g plums");
        assertThat(json.readTree(ask("GET", "/api/sauces/" + ids.get("sauces"), token, "")
                                .body())
                        .at("/sauces/0/name")
                        .asString())
                .isEqualTo("Plum sauce");
        assertThat(status("GET", "/api/everything.zip", token("EXPORT"))).isEqualTo(200);
        assertThat(person.get("/account/access").body()).contains("downloaded everything", "made a token");
    }

    @ParameterizedTest
    @CsvSource({
        "READ, GET, /api/cooks, 200",
        "READ, POST, /api/cooks/COOK/weighings, 403",
        "READ, GET, /api/everything.zip, 403",
        "COOK, GET, /api/cooks/COOK, 200",
        "COOK, GET, /api/sauces, 403",
        "COOK, GET, /api/everything.zip, 403",
        "EXPORT, GET, /api/cooks, 403",
        "EXPORT, POST, /api/cooks/COOK/weighings, 403",
        "READ, GET, /api/whatever, 403"
    })
    void aTokenIsGoodForOneThing(String scope, String method, String path, int expected) throws Exception {
        assertThat(status(method, path.replace("COOK", ids.get("cooks")), token(scope)))
                .isEqualTo(expected);
    }

    @Test
    void anotherKitchensCooksAndSaucesAreNotThere() throws Exception {
        Map<String, String> theirs = TestKitchen.of("other").http().furnish();
        assertThat(status("GET", "/api/cooks/" + theirs.get("cooks"), token("READ")))
                .isEqualTo(404);
        assertThat(status("GET", "/api/sauces/" + theirs.get("sauces"), token("READ")))
                .isEqualTo(404);
        assertThat(status("POST", "/api/cooks/" + theirs.get("cooks") + "/weighings", token("COOK")))
                .isEqualTo(404);
    }

    @Test
    void neitherASessionNorAWithdrawnTokenOpensIt() throws Exception {
        assertThat(person.get("/api/cooks").statusCode()).isEqualTo(401);
        assertThat(status("GET", "/api/cooks", "nothing")).isEqualTo(401);

        String withdrawn = token("READ");
        Document page = Jsoup.parse(person.get("/account/access").body());
        person.post(page.select("form[action$=/withdraw]").attr("action"), "x=1");
        assertThat(status("GET", "/api/cooks", withdrawn)).isEqualTo(401);

        String old = token("READ");
        person.post("/account/password", "current=three+long+words&next=four+quite+other+words");
        assertThat(status("GET", "/api/cooks", old)).isEqualTo(401);

        String ended = token("READ");
        RunningApplication.clock().pass(Duration.ofDays(30).plusSeconds(1));
        assertThat(status("GET", "/api/cooks", ended)).isEqualTo(401);
        // Nor does a token open what people see.
        assertThat(status("GET", "/sauces", token("READ"))).isEqualTo(302);
    }

    @Test
    void whatATokenLacksIsSaidBesideItsField() {
        HttpResponse<String> refused = person.post("/account/access/tokens", "called=&scope=ALL&days=many");
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(Jsoup.parse(refused.body()).select(".wrong").eachText())
                .containsExactly(KitchenText.TOKEN_NAME, KitchenText.TOKEN_SCOPE, KitchenText.TOKEN_DAYS);
        for (int i = 0; i < ApiTokens.MOST; i++) {
            token("READ");
        }
        assertThat(person.post("/account/access/tokens", "called=One&scope=READ&days=3")
                        .body())
                .contains(KitchenText.TOKENS_ENOUGH);
    }

    @Test
    void whoCameInAndWhoTriedToIsKept() {
        SignedIn guessing = SignedIn.visitor(RunningApplication.address(), person.name());
        guessing.signIn("not the password");
        SignedIn second = SignedIn.visitor(RunningApplication.address(), person.name());
        second.signIn(SignedIn.PASSWORD);
        second.post("/signout", "x=1");

        List<String> kept = new ArrayList<>();
        Jsoup.parse(person.get("/account/access").body())
                .select(".came-in li")
                .forEach(li -> kept.add(li.child(1).text()));
        assertThat(kept).startsWith("signed out", "signed in", "a wrong password", "signed in");
        assertThat(TestKitchen.of("neighbour").http().get("/account/access").body())
                .doesNotContain(person.name());
    }

    /** What is published is what there is; where they differ the new one lies beside it to be looked at. */
    @Test
    void theDescriptionIsThatOfTheControllers() throws Exception {
        JsonNode now = json.readTree(program.send(
                        HttpRequest.newBuilder(URI.create(RunningApplication.address() + "/api/openapi.json"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body());
        ((tools.jackson.databind.node.ObjectNode) now).remove("servers");
        String written = json.writerWithDefaultPrettyPrinter().writeValueAsString(now) + "\n";
        if (!Files.exists(DESCRIPTION)
                || !json.readTree(Files.readString(DESCRIPTION)).equals(now)) {
            write(written);
        }
        assertThat(json.readTree(Files.readString(DESCRIPTION))).isEqualTo(now);
        assertThat(now.get("paths").propertyNames())
                .containsExactlyInAnyOrder(
                        "/api/cooks",
                        "/api/cooks/{id}",
                        "/api/cooks/{id}/weighings",
                        "/api/sauces",
                        "/api/sauces/{id}",
                        "/api/everything.zip",
                        "/feed/{id}");
    }

    private static void write(String description) throws IOException {
        Files.writeString(Path.of("target", "openapi.json"), description);
    }
}
