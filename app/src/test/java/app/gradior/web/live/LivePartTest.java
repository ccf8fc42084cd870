package app.gradior.web.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.web.SignedIn;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import java.util.Queue;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What all pages of a kitchen that look at a cook fetch again. */
@ExtendWith(RunningApplication.class)
class LivePartTest {
    private final TestKitchen kitchen = TestKitchen.of("together");
    private final SignedIn one = kitchen.http();
    private final SignedIn other = kitchen.http();
    private final Map<String, String> ids = one.furnish();
    private final String cook = "/cooks/" + ids.get("cooks");

    private HttpResponse<String> live(SignedIn who) {
        return who.send(HttpRequest.newBuilder(URI.create(RunningApplication.address() + cook))
                .header("X-Fragment", "live"));
    }

    @Test
    void itIsTheSameForAllAndHoldsNobodysToken() {
        String seen = live(one).body();

        assertThat(seen).contains("data-revision").doesNotContain("_csrf");
        assertThat(live(other).body()).isEqualTo(seen);
        assertThat(one.get(cook).body()).as("a page that is opened has its own").contains("_csrf");
    }

    @Test
    void itIsAsOldAsWhatHappenedLast() {
        String before = live(other).body();

        one.post(cook + "/events", "kind=stirred&event=" + UUID.randomUUID());
        String after = live(other).body();
        assertThat(revision(after)).isEqualTo(revision(before) + 1);

        RunningApplication.clock().pass(Duration.ofSeconds(40));
        assertThat(live(other).body()).isNotEqualTo(after).contains("data-revision=\"" + revision(after) + "\"");

        String second = UUID.randomUUID().toString();
        one.post(
                "/cooks",
                "cook=" + second + "&plan=" + UUID.randomUUID() + "&sauce=" + ids.get("sauces") + "&pot="
                        + ids.get("pots") + "&aim=yield&amount=600");
        assertThat(live(other).body()).as("it names the other cooks").contains("/cooks/" + second);
    }

    /** A reading as the page itself sends it, which gets back what it shows then. */
    private void stirs(SignedIn who) {
        assertThat(stirs(who, "live")).contains("data-revision").contains("id=\"chart\"");
    }

    private String stirs(SignedIn who, String fragment) {
        HttpResponse<String> answer =
                who.send(HttpRequest.newBuilder(URI.create(RunningApplication.address() + cook + "/events"))
                        .header("X-Fragment", fragment)
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(
                                "kind=stirred&event=" + UUID.randomUUID() + "&_csrf=" + who.token())));
        assertThat(answer.statusCode()).isEqualTo(200);
        return answer.body();
    }

    @Test
    void whoListensIsAnsweredThatItIsKeptAndShownWhatItComesToLikeAllOthers() {
        int before = revision(live(one).body());
        Queue<String> own = listens(one);
        Queue<String> others = listens(other);

        for (int i = 1; i <= 5; i++) {
            assertThat(stirs(one, "kept")).isEqualTo("<p data-revision=\"" + (before + i) + "\"></p>");
        }
        says(own, "live", "data-revision=\"" + (before + 5) + "\"");
        says(others, "live", "data-revision=\"" + (before + 5) + "\"");
        assertThat(own).as("it was made for them").noneMatch(line -> line.equals("event:changed"));
        assertThat(live(one).body()).contains("data-revision=\"" + (before + 5) + "\"");
    }

    private static void says(Queue<String> stream, String event, String line) {
        await().until(() -> stream.contains("event:" + event));
        await().untilAsserted(
                        () -> assertThat(stream).anyMatch(said -> said.startsWith("data:") && said.contains(line)));
    }

    private Queue<String> listens(SignedIn who) {
        Queue<String> stream = who.listen(cook + "/stream");
        await().until(() -> stream.contains(":here"));
        return stream;
    }

    @Test
    void whoListensIsSentWhatWasMadeForAnotherAndAsksForWhatWasNot() {
        int before = revision(live(one).body());
        Queue<String> stream = listens(other);
        // However long the clock has gone on for other tests, which sessions know nothing of.
        RunningApplication.clock().pass(Duration.ofDays(40));

        stirs(one);
        says(stream, "live", "data-revision=\"" + (before + 1) + "\"");

        one.post(cook + "/events", "kind=stirred&event=" + UUID.randomUUID());
        says(stream, "changed", "data:" + (before + 2));
    }

    @Test
    void whoIsSignedOutElsewhereIsSentNothingOfTheCookAnyMore() {
        int before = revision(live(one).body());
        Queue<String> stream = listens(other);
        one.post("/account/sign-out-everywhere", "");
        one.signIn(SignedIn.PASSWORD);

        stirs(one);
        says(stream, "changed", "data:" + (before + 1));
        assertThat(stream).noneMatch(line -> line.contains("data-revision"));
    }

    @Test
    void nobodyElseGetsIt() {
        live(one);

        assertThat(live(TestKitchen.of("strangers").http()).statusCode()).isEqualTo(404);
    }

    private static int revision(String part) {
        return Integer.parseInt(part.replaceAll("(?s).*data-revision=\"(\\d+)\".*", "$1"));
    }
}
