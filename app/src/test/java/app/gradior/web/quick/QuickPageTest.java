package app.gradior.web.quick;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.pot.Activity;
import app.gradior.quick.Liquid;
import app.gradior.web.SignedIn;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

@ExtendWith(RunningApplication.class)
class QuickPageTest {
    private static Document asked(String question) {
        return Jsoup.parse(SignedIn.visitor(RunningApplication.address(), "nobody")
                .get("/quick?" + question.strip().replace(" ", "+"))
                .body());
    }

    @Test
    void theFrontDoorOfWhoIsNotSignedInIsAnAnswer() {
        SignedIn visitor = SignedIn.visitor(RunningApplication.address(), "nobody");
        assertThat(visitor.get("/").uri().getPath()).isEqualTo("/quick");
        Document page = Jsoup.parse(visitor.get("/").body());
        assertThat(page.select("#minutes").text()).matches("\\d+ min");
        assertThat(page.select(".quick-answer .cap").get(0).text()).startsWith("between ");
        assertThat(page.select("header a[href=/signin]")).hasSize(1);
        assertThat(page.select("header form[action=/demo]")).hasSize(1);
        assertThat(visitor.get("/sauces").uri().getPath()).isEqualTo("/signin");
    }

    @ParameterizedTest
    @EnumSource(Liquid.class)
    void everyLiquidIsAnsweredInEveryQuestion(Liquid liquid) {
        for (QuickForm.Ask ask : QuickForm.Ask.values()) {
            Document page = asked("ask=" + ask.key() + "&of=" + liquid.key());
            assertThat(page.select(".quick-answer .wrong")).isEmpty();
            assertThat(page.select(".quick-answer").text()).isNotBlank();
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            amount=1.2 l&of=passata                     | left, enough
            amount=1200&of=passata                      | left, enough
            amount=42 oz&of=passata                     | left, enough
            amount=2 pounds&of=passata                  | left, enough
            units=us&amount=5 cups&pan=9.5              | in (
            units=us                                    | fl oz
            pan=11 in                                   | Another pan: 32 cm
            amount=lots                                 | Give an amount with its unit
            amount=0 l                                  | Give
            amount=-1 l                                 | Give
            amount=0.2 g                                | between 1 g and 100 kg
            amount=10 l&pan=16 cm                       | does not fit
            pan=2 cm                                    | how wide the pan is
            pan=wide                                    | how wide the pan is
            of=other                                    | Write what it is
            of=other&food=mango juice                   | left, enough
            of=other&food=gravel                        | is not understood
            of=vinegar-and-sugar&sugar=50               | left, enough
            of=vinegar-and-sugar&sugar=99               | 0 to 85
            served=200                                  | between 0 and 95
            use=grade&grade=6                           | left, enough
            use=grade&grade=nine                        | Give a grade between 0.5 and 8
            ask=adjust&look=runs-clear                  | Too thin
            ask=adjust&look=mounds                      | Too thick
            ask=adjust&of=water&by=boiling              | Boiling alone never makes this so thick
            ask=nonsense&heat=fire&lid=none&use=eating  | left, enough
            """)
    void whateverIsTypedIsAnsweredOrMarked(String question, String words) {
        assertThat(asked(question).select("main").text()).contains(words.strip());
    }

    @ParameterizedTest
    @EnumSource(Activity.class)
    void anAnswerIsTheSameForWhoIsSignedIn(Activity heat) {
        String question = "amount=900 ml&of=red-wine&heat=" + heat.key();
        Document own = Jsoup.parse(TestKitchen.of("asker")
                .http()
                .get("/quick?" + question.replace(" ", "+"))
                .body());
        assertThat(own.select(".quick-answer .big").eachText())
                .isEqualTo(asked(question).select(".quick-answer .big").eachText());
    }

    @Test
    void whatIsTypedIsShownAsTypedAndNeverRunsAsScript() {
        String evil = "<script>alert(1)</script>\"'";
        Document page = asked("of=other&food=" + URLEncoder.encode(evil, StandardCharsets.UTF_8));
        assertThat(page.select("#food").val()).isEqualTo(evil);
        assertThat(page.select("script:not([src])")).isEmpty();
    }

    /** The token that forms carry stays out of an address that may be sent on. */
    @Test
    void withoutScriptsTheFormLeadsToTheAddressOfItsQuestion() {
        SignedIn visitor = SignedIn.visitor(RunningApplication.address(), "scriptless");
        var answer = visitor.post(
                "/quick",
                "ask=adjust&amount=2+l&of=passata&pan=28+cm&look=mounds&by=boiling&then=ask&cook=" + UUID.randomUUID());
        assertThat(answer.uri().getPath()).isEqualTo("/quick");
        assertThat(answer.uri().getQuery())
                .contains("ask=adjust", "amount=2", "look=mounds", "by=boiling")
                .doesNotContain("csrf", "cook=");
        assertThat(Jsoup.parse(answer.body()).select("#needs").text()).contains("Too thick");
    }

    @Test
    void theWholeSauceIsWrittenOn() {
        SignedIn cook = TestKitchen.of("writer").http();
        UUID sent = UUID.randomUUID();
        String form = "amount=1+l&of=vinegar-and-sugar&then=sauce&cook=" + sent;
        Document workshop = Jsoup.parse(cook.post("/quick", form).body());
        assertThat(workshop.select("#text").val()).matches("\\d+ g cider vinegar\n\\d+ g sugar");
        cook.post("/quick", form);
        assertThat(Jsoup.parse(cook.get("/sauces").body()).select(".sauces a.name"))
                .hasSize(1);
    }

    @Test
    void whatCantBeReadIsNotPutOnAndNothingIsKept() {
        SignedIn cook = TestKitchen.of("hasty").http();
        var answer = cook.post("/quick", "amount=lots&cook=" + UUID.randomUUID());
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(Jsoup.parse(answer.body()).select("#amount-wrong").text()).contains("Give an amount");
        assertThat(Jsoup.parse(cook.get("/sauces").body()).select(".sauces a.name"))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            800 g passata      | 24 cm | true
            4 kg passata       | 28 cm | true
            90 kg passata      | 60 cm | false
            what nobody knows  | 24 cm | false
            100 g olive oil    | 24 cm | false
            """)
    void noPlanIsRefusedForWantOfAPot(String text, String width, boolean possible) {
        TestKitchen kitchen = TestKitchen.of("potless");
        SignedIn cook = kitchen.http();
        String plan = "/sauces/" + kitchen.sauce("Some sauce", text.strip()).id() + "/plan";
        Document page = Jsoup.parse(cook.get(plan).body());
        assertThat(page.select("#pot option[selected]").text()).isEqualTo("another size");
        assertThat(page.select("#width").val()).isEqualTo(width.strip());
        assertThat(page.select("#board").isEmpty()).isNotEqualTo(possible);
        // Looking at a board adds no pot.
        assertThat(Jsoup.parse(cook.get("/pots").body()).select(".pots li")).isEmpty();
        Document wrong = Jsoup.parse(cook.get(plan + "?pot=other&width=wide").body());
        assertThat(wrong.select("#width-wrong").text()).contains("8 to 60 cm");
    }

    @Test
    void eachStarterIsUnderstoodWholeAndTakenOnce() {
        for (String units : new String[] {"METRIC", "US"}) {
            TestKitchen kitchen = TestKitchen.of("starter-" + units);
            SignedIn cook = kitchen.http();
            if (units.equals("US")) {
                cook.post(
                        "/kitchen",
                        "name=Ours&units=US&measures=US&temperature=FAHRENHEIT&altitudeM=0&roomC=20&timeZone=UTC");
            }
            Document page = Jsoup.parse(cook.get("/sauces/starters").body());
            assertThat(page.select(".starters > li")).hasSize(6);
            page.select("input[name=key]").eachAttr("value").forEach(key -> {
                Document plan = Jsoup.parse(
                        cook.post("/sauces/starters", "plan=true&key=" + key).body());
                assertThat(plan.select(".board .mind, .board .wrong, .board .past")
                                .eachText())
                        .as(units + " " + key)
                        .noneMatch(words -> words.contains("not understood"));
                assertThat(plan.select("#board")).as(units + " " + key).isNotEmpty();
                cook.post("/sauces/starters", "key=" + key);
            });
            Document sauces = Jsoup.parse(cook.get("/sauces").body());
            assertThat(sauces.select(".sauces a.name")).hasSize(6);
            assertThat(sauces.select(".sauces").text()).doesNotContain("not understood");
        }
    }
}
