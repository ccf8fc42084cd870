package app.gradior.web.kitchen;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.web.SignedIn;
import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.MeterRegistry;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** Who gets in, how often they may try, and how they go: over real HTTP, with sessions in the database. */
@ExtendWith(RunningApplication.class)
class WayInTest {
    @Test
    void aNameThatWasTriedTooOftenWaitsOnEveryNodeEvenWithTheRightPassword(MeterRegistry figures) {
        Counter refused = figures.counter("gradior.refused", "kind", Throttle.Kind.SIGN_IN_NAME.name());
        double before = refused.count();
        String name = TestKitchen.of("careful").name();
        SignedIn guesser = SignedIn.visitor(RunningApplication.address(), name);
        for (int i = 0; i < 10; i++) {
            assertThat(guesser.signIn("wrong words " + i).uri()).hasQuery("wrong");
        }

        HttpResponse<String> right = guesser.signIn(SignedIn.PASSWORD);

        assertThat(right.uri()).hasQuery("later=15");
        assertThat(refused.count()).as("for whoever is to be alerted").isEqualTo(before + 1);
        assertThat(right.body()).contains("Too many tries. Please wait 15 min");
        try (ConfigurableApplicationContext other = RunningApplication.node()) {
            SignedIn elsewhere = SignedIn.visitor(RunningApplication.address(other), name);
            assertThat(elsewhere.signIn(SignedIn.PASSWORD).uri()).hasQuery("later=15");
        }
        RunningApplication.clock().pass(Duration.ofMinutes(16));
        assertThat(guesser.signIn(SignedIn.PASSWORD).uri()).hasPath("/").hasNoQuery();
    }

    @Test
    void whoSignsInBeginsToCountAnew() {
        String name = TestKitchen.of("forgetful").name();
        SignedIn person = SignedIn.visitor(RunningApplication.address(), name);
        for (int round = 0; round < 3; round++) {
            for (int i = 0; i < 6; i++) {
                person.signIn("wrong words");
            }
            assertThat(person.signIn(SignedIn.PASSWORD).uri()).hasPath("/").hasNoQuery();
        }
    }

    @Test
    void oneAddressOpensSoManyAccountsAnHourAndTriesSoManyNames() {
        try (ConfigurableApplicationContext strict = RunningApplication.node(
                "--gradior.throttle.sign-ups-from-address=3", "--gradior.throttle.sign-ins-from-address=4")) {
            RunningApplication.clock().pass(Duration.ofHours(2));
            String address = RunningApplication.address(strict);
            for (int i = 0; i < 3; i++) {
                assertThat(signUp(SignedIn.visitor(address, "many-" + UUID.randomUUID()), SignedIn.PASSWORD)
                                .statusCode())
                        .isEqualTo(200);
            }
            HttpResponse<String> fourth = signUp(SignedIn.visitor(address, "one-more"), SignedIn.PASSWORD);
            assertThat(fourth.statusCode()).isEqualTo(429);
            assertThat(fourth.body()).contains("try again in 60 minutes");
            for (int i = 0; i < 4; i++) {
                assertThat(SignedIn.visitor(address, "nobody-" + i)
                                .signIn("wrong words")
                                .uri())
                        .hasQuery("wrong");
            }
            assertThat(SignedIn.visitor(address, "nobody-5")
                            .signIn("wrong words")
                            .uri())
                    .hasQuery("later=15");
            RunningApplication.clock().pass(Duration.ofHours(2));
        }
    }

    private static HttpResponse<String> signUp(SignedIn visitor, String password) {
        return visitor.post("/signup", "kitchen=K&timeZone=UTC&name=" + visitor.name() + "&password=" + password);
    }

    @ParameterizedTest
    @CsvSource({
        "aaaaaaaaaa, first a stranger would try",
        "1234567890, first a stranger would try",
        "password123, first a stranger would try",
        "qwertyuiop, first a stranger would try",
        "marguerite-bell, little more than your name",
        "Marguerite-Bell1, little more than your name",
        "short, 10 letters or more",
        "ééééééééééééééééééééééééééééééééééééé, too long to be kept safely",
    })
    void weakPasswordsAreRefusedWithWhatToDo(String password, String words) {
        SignedIn visitor = SignedIn.visitor(RunningApplication.address(), "marguerite-bell");

        HttpResponse<String> refused = visitor.post(
                "/signup",
                "kitchen=K&timeZone=UTC&name=marguerite-bell&password="
                        + java.net.URLEncoder.encode(password, java.nio.charset.StandardCharsets.UTF_8));

        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains(words);
    }

    /** On a node of its own: elsewhere other tests put a repository of tokens of theirs in place. */
    @ParameterizedTest
    @CsvSource({
        "'', Robin, 0, Use 10 letters",
        "password1234, Robin, 1, one of the first a stranger would try",
        "robin-robin-1, Robin, 1, little more than your name",
        "mangocopper, Robin, 2, One more word",
        "copper mango, Robin, 3, Hard to guess",
        "beetle copper umbrella ninth, Robin, 4, Very hard to guess"
    })
    void whoChoosesAPasswordIsToldHowHardItIsToGuess(String password, String name, int level, String words) {
        SignedIn visitor = SignedIn.visitor(RunningApplication.address(), "nobody");

        String said = visitor.post(
                        "/password/strength", "password=" + password.replace(" ", "+") + "&own=Our+kitchen&own=" + name)
                .body();

        assertThat(said).contains("\"level\":" + level).contains(words);
    }

    @Test
    void aPasswordLongerThanCanBeKeptIsNotMeasured() {
        SignedIn visitor = SignedIn.visitor(RunningApplication.address(), "nobody");
        HttpResponse<String> said = visitor.post("/password/strength", "password=" + "longest".repeat(10_000));
        assertThat(said.body()).contains("\"level\":1").contains("too long to be kept safely");
    }

    @Test
    void aVisitWithoutSignInLeavesNoSession(JdbcTemplate database) {
        try (ConfigurableApplicationContext fresh = RunningApplication.node()) {
            long before = sessions(database);
            SignedIn visitor = SignedIn.visitor(RunningApplication.address(fresh), "passer-by");
            for (String page : List.of("/", "/signin", "/signup", "/sauces", "/css/gradior.css", "/nothing-here")) {
                visitor.get(page);
            }
            visitor.signIn("wrong words");

            assertThat(sessions(database)).isEqualTo(before);
            // And yet it is remembered where they wanted to go.
            SignedIn back = SignedIn.visitor(
                    RunningApplication.address(fresh),
                    TestKitchen.of("came-by-link").name());
            back.get("/pots?from=link");
            assertThat(back.signIn(SignedIn.PASSWORD).uri()).hasPath("/pots");
        }
    }

    private static long sessions(JdbcTemplate database) {
        return database.queryForObject("select count(*) from SPRING_SESSION where PRINCIPAL_NAME is null", Long.class);
    }

    @Test
    void aNewPasswordEndsAllOtherSessions() {
        SignedIn here = TestKitchen.of("changer").http();
        SignedIn there = SignedIn.visitor(RunningApplication.address(), here.name());
        there.signIn(SignedIn.PASSWORD);
        assertThat(there.get("/sauces").uri()).hasPath("/sauces");

        assertThat(here.post("/account/password", "current=not+it&next=four+other+odd+words")
                        .body())
                .contains("That is not your password.");
        assertThat(here.post("/account/password", "current=three+long+words&next=aaaaaaaaaaa")
                        .statusCode())
                .isEqualTo(422);
        HttpResponse<String> changed =
                here.post("/account/password", "current=three+long+words&next=four+other+odd+words");

        assertThat(changed.body()).contains("Your password is changed");
        assertThat(here.get("/sauces").uri()).hasPath("/sauces");
        assertThat(there.get("/sauces").uri()).hasPath("/signin");
        assertThat(there.signIn(SignedIn.PASSWORD).uri()).hasQuery("wrong");
        assertThat(there.signIn("four other odd words").uri()).hasPath("/sauces");
    }

    @Test
    void signingOutEverywhereEndsEverySession() {
        SignedIn here = TestKitchen.of("lost-phone").http();
        SignedIn phone = SignedIn.visitor(RunningApplication.address(), here.name());
        phone.signIn(SignedIn.PASSWORD);

        assertThat(here.post("/account/sign-out-everywhere", "").uri()).hasPath("/signin");

        assertThat(here.get("/sauces").uri()).hasPath("/signin");
        assertThat(phone.get("/sauces").uri()).hasPath("/signin");
    }

    @Test
    void whoLeavesAKitchenGetsOneOfTheirOwnAndTheLastStays() {
        SignedIn owner = TestKitchen.of("host").http();
        owner.furnish();
        assertThat(owner.post("/account/leave", "").body()).contains("You are the last one in this kitchen");
        SignedIn guest = join(owner);
        assertThat(guest.get("/sauces").body()).contains("Plum sauce");

        assertThat(guest.post("/account/leave", "").statusCode()).isEqualTo(200);

        assertThat(guest.get("/sauces").body()).doesNotContain("Plum sauce");
        assertThat(owner.get("/sauces").body()).contains("Plum sauce");
    }

    /** Somebody who follows an invitation, which is built from the configured address and not from what a request says. */
    private static SignedIn join(SignedIn owner) {
        HttpResponse<String> invited = owner.send(java.net.http.HttpRequest.newBuilder(
                        java.net.URI.create(RunningApplication.address() + "/kitchen/invitations"))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("X-Forwarded-Host", "evil.example")
                .POST(java.net.http.HttpRequest.BodyPublishers.ofString("_csrf="
                        + java.net.URLEncoder.encode(owner.token(), java.nio.charset.StandardCharsets.UTF_8))));
        String link = Jsoup.parse(invited.body()).select("#link").val();
        assertThat(link).startsWith(RunningApplication.address() + "/join/");
        SignedIn guest = SignedIn.visitor(RunningApplication.address(), "guest-" + UUID.randomUUID());
        guest.post(
                link.substring(RunningApplication.address().length()),
                "name=" + guest.name() + "&password=three+long+words");
        return guest;
    }

    @Test
    void anAccountIsDeletedWithItsKitchenOnceEverythingIsDownloaded(JdbcTemplate database) {
        SignedIn owner = TestKitchen.of("leaver").http();
        owner.furnish();
        String kitchen = database.queryForObject(
                "select kitchen_id from account where sign_in_name = ?", String.class, owner.name());

        assertThat(owner.post("/account/delete", "password=three+long+words").body())
                .contains("Download everything first");
        HttpResponse<String> zip = owner.get("/kitchen/everything.zip");
        assertThat(zip.headers().firstValue("Content-Type")).hasValue("application/zip");
        assertThat(owner.post("/account/delete", "password=wrong+words").body()).contains("That is not your password.");
        assertThat(owner.post("/account/delete", "password=three+long+words").uri())
                .hasPath("/signin")
                .hasQuery("gone");

        assertThat(owner.get("/sauces").uri()).hasPath("/signin");
        assertThat(owner.signIn(SignedIn.PASSWORD).uri()).hasQuery("wrong");
        List<String> tables = database.queryForList(
                "select table_name from information_schema.columns where table_schema = database() "
                        + "and column_name = 'kitchen_id'",
                String.class);
        assertThat(tables).contains("cook_event", "sauce_version", "kitchen_change");
        for (String table : tables) {
            assertThat(database.queryForObject(
                            "select count(*) from " + table + " where kitchen_id = ?", Long.class, kitchen))
                    .as(table)
                    .isZero();
        }
        assertThat(database.queryForObject("select count(*) from kitchen where id = ?", Long.class, kitchen))
                .isZero();
    }

    @Test
    void everybodyWhoTriesTheDemoHasOneOfTheirOwnForADay() {
        SignedIn one = SignedIn.visitor(RunningApplication.address(), "one");
        SignedIn other = SignedIn.visitor(RunningApplication.address(), "other");
        one.post("/demo", "");
        other.post("/demo", "");
        one.post("/sauces/new", "name=Only+one+has+this&text=400+g+plums");

        assertThat(one.get("/sauces").body()).contains("Only one has this").contains("Plum and star anise dip");
        assertThat(other.get("/sauces").body())
                .contains("Plum and star anise dip")
                .doesNotContain("Only one has this");
        assertThat(one.get("/account").body()).contains("deleted after a day");
        assertThat(one.post("/account/delete", "password=x").statusCode()).isEqualTo(403);
        assertThat(one.post("/account/sign-out-everywhere", "").statusCode()).isEqualTo(403);
        assertThat(one.post("/kitchen/invitations", "").statusCode()).isEqualTo(403);

        RunningApplication.clock().pass(Duration.ofDays(1).plusMinutes(1));
        RunningApplication.context().getBean(GuestRemoval.class).removeThoseThatAreOver();
        assertThat(one.get("/sauces").uri().getPath()).isEqualTo("/signin");
        assertThat(RunningApplication.context()
                        .getBean(JdbcTemplate.class)
                        .queryForObject("select count(*) from kitchen where guest is not null", Long.class))
                .isZero();
    }

    @Test
    void whatIsPutOnWithoutAnAccountComesAlongAtSignUp() {
        SignedIn visitor = SignedIn.visitor(RunningApplication.address(), "taster");
        UUID cook = UUID.randomUUID();
        String form = "ask=reduce&amount=1+l&of=passata&pan=24+cm&use=toss&cook=" + cook;
        HttpResponse<String> on = visitor.post("/quick", form);
        assertThat(on.uri().getPath()).isEqualTo("/cooks/" + cook);
        assertThat(visitor.post("/quick", form).uri().getPath()).isEqualTo("/cooks/" + cook);
        assertThat(visitor.get("/sauces").body()).containsOnlyOnce(">Passata<");
        assertThat(visitor.get("/cooks/" + cook).body()).contains("size not measured");

        String name = "taster-" + UUID.randomUUID();
        String account = "kitchen=Ours&password=three+long+words&units=US&height=5280+ft&stove=GAS&pots=WOK&name=";
        visitor.post("/signup", account + name);
        assertThat(visitor.get("/cooks/" + cook).body()).contains("Passata");
        assertThat(visitor.get("/pots").body()).contains("Wok, 14 in").contains("typical size");
        RunningApplication.clock().pass(Duration.ofDays(2));
        RunningApplication.context().getBean(GuestRemoval.class).removeThoseThatAreOver();
        SignedIn again = SignedIn.visitor(RunningApplication.address(), name);
        again.signIn(SignedIn.PASSWORD);
        assertThat(again.get("/cooks/" + cook).body()).contains("Passata");
        assertThat(again.get("/kitchen").body()).contains("value=\"1609\"");
    }

    @Test
    void aTakenNameLeavesWhatWasPutOnWhereItIs() {
        TestKitchen taken = TestKitchen.of("first");
        SignedIn visitor = SignedIn.visitor(RunningApplication.address(), "second");
        UUID cook = UUID.randomUUID();
        visitor.post("/quick", "amount=1+l&of=passata&pan=24+cm&use=toss&cook=" + cook);
        HttpResponse<String> answer =
                visitor.post("/signup", "kitchen=Ours&password=three+long+words&name=" + taken.name());
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("This name is taken");
        assertThat(visitor.get("/cooks/" + cook).body()).contains("Passata");
    }

    @Test
    void behindTlsCookiesAreSecureAndLinksAreTheConfiguredOnes() {
        try (ConfigurableApplicationContext secure =
                RunningApplication.node("--gradior.address=https://sauces.example/")) {
            SignedIn visitor = SignedIn.visitor(RunningApplication.address(secure), "x");
            HttpResponse<String> page = visitor.send(java.net.http.HttpRequest.newBuilder(
                            java.net.URI.create(RunningApplication.address(secure) + "/signin"))
                    .header("X-Forwarded-Proto", "https"));

            assertThat(page.headers().firstValue("Strict-Transport-Security"))
                    .hasValueSatisfying(value -> assertThat(value).contains("max-age=31536000"));
            assertThat(page.headers().allValues("Set-Cookie"))
                    .isNotEmpty()
                    .allSatisfy(cookie -> assertThat(cookie).contains("Secure"));
            assertThat(secure.getBean(app.gradior.web.platform.SiteAddress.class)
                            .link("/join/x"))
                    .isEqualTo("https://sauces.example/join/x");
        }
        HttpResponse<String> plain =
                SignedIn.visitor(RunningApplication.address(), "x").get("/signin");
        assertThat(plain.headers().firstValue("Strict-Transport-Security")).isEmpty();
    }

    /** Without what a proxy would say, over plain HTTP: the session is secure all the same, and the way back names no host. */
    @Test
    void aSessionBehindTlsIsSecureWhateverTheProxySays() throws Exception {
        try (ConfigurableApplicationContext secure =
                RunningApplication.node("--gradior.address=https://sauces.example/")) {
            String address = RunningApplication.address(secure);
            HttpClient http = HttpClient.newHttpClient();
            HttpResponse<String> page = http.send(
                    HttpRequest.newBuilder(URI.create(address + "/signup")).build(),
                    HttpResponse.BodyHandlers.ofString());
            String cookie =
                    page.headers().firstValue("Set-Cookie").orElseThrow().replaceAll(";.*", "");
            String token = Jsoup.parse(page.body()).select("input[name=_csrf]").val();
            HttpResponse<String> in = http.send(
                    HttpRequest.newBuilder(URI.create(address + "/signup"))
                            .header("Cookie", cookie)
                            .header("Content-Type", "application/x-www-form-urlencoded")
                            .POST(HttpRequest.BodyPublishers.ofString("kitchen=K&timeZone=UTC&name=tls-"
                                    + UUID.randomUUID() + "&password=three+long+words&_csrf=" + token))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());

            assertThat(in.headers().firstValue("Location")).hasValue("/sauces/starters");
            assertThat(in.headers().allValues("Set-Cookie"))
                    .anySatisfy(c -> assertThat(c).startsWith("__Host-gradior=").contains("Secure", "HttpOnly"));
        }
    }
}
