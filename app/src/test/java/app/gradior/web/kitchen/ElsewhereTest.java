package app.gradior.web.kitchen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.web.SignedIn;
import java.time.Duration;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.web.authentication.WebAuthenticationDetailsSource;

/** Whoever is signed in hears that somebody else came in under their name. */
@ExtendWith(RunningApplication.class)
class ElsewhereTest {
    private TestKitchen kitchen;
    private SignedIn home;
    private Audit audit;

    @BeforeEach
    void comeIn(Audit audit) {
        this.audit = audit;
        kitchen = TestKitchen.of("watchful");
        home = kitchen.http();
    }

    private void signInFrom(String address) {
        RunningApplication.clock().pass(Duration.ofMinutes(1));
        assertThat(TestKitchen.mvc()
                        .post()
                        .uri("/signin")
                        .with(csrf())
                        .with(request -> {
                            request.setRemoteAddr(address);
                            return request;
                        })
                        .param("username", kitchen.name())
                        .param("password", SignedIn.PASSWORD)
                        .exchange())
                .hasStatus3xxRedirection()
                .redirectedUrl()
                .isEqualTo("/");
    }

    private static List<String> told(SignedIn person) {
        return Jsoup.parse(person.get("/").body()).select(".elsewhere li").eachText();
    }

    @Test
    void whoIsAloneHereIsToldNothing() {
        kitchen.http();

        assertThat(told(home)).isEmpty();
    }

    @Test
    void aFirstSignInFromAnotherAddressIsToldUntilItIsOwned() {
        signInFrom("192.0.2.7");
        signInFrom("192.0.2.7");

        Document stove = Jsoup.parse(home.get("/").body());
        assertThat(stove.select(".elsewhere li").eachText())
                .singleElement()
                .asString()
                .startsWith("signed in from 192.0.2.7");
        assertThat(told(kitchen.http()))
                .as("on another device of the same place")
                .hasSize(1);
        String until = stove.select(".elsewhere input[name=until]").val();
        assertThat(home.post("/account/access/own", "until=" + until).uri()).hasPath("/");

        assertThat(told(home)).isEmpty();
        signInFrom("198.51.100.4");
        assertThat(told(home)).singleElement().asString().contains("198.51.100.4");
    }

    /** Who came in by a stolen password may own up to it where they are. */
    @Test
    void whatIsOwnedInOnePlaceIsStillAskedInAnother() {
        signInFrom("192.0.2.7");
        KitchenUser user = (KitchenUser) kitchen.cook();
        UsernamePasswordAuthenticationToken thief =
                UsernamePasswordAuthenticationToken.authenticated(user, null, user.getAuthorities());
        MockHttpServletRequest from = new MockHttpServletRequest();
        from.setRemoteAddr("192.0.2.7");
        thief.setDetails(new WebAuthenticationDetailsSource().buildDetails(from));
        assertThat(audit.elsewhere(thief)).extracting(Audit.Entry::address).containsExactly("127.0.0.1");

        RunningApplication.clock().pass(Duration.ofMinutes(1));
        audit.own(thief, RunningApplication.clock().instant());

        assertThat(audit.elsewhere(thief)).isEmpty();
        assertThat(told(home)).hasSize(1);
    }

    @Test
    void whatCameSinceItWasShownIsAskedForFirst() {
        signInFrom("192.0.2.7");
        String until = Jsoup.parse(home.get("/").body())
                .select(".elsewhere input[name=until]")
                .val();
        signInFrom("198.51.100.4");

        home.post("/account/access/own", "until=" + until);

        assertThat(told(home)).hasSize(2);
    }

    @Test
    void anAddressThatChangesItsSecondHalfOnlyIsTheSamePlace() {
        signInFrom("2001:db8:0:7:1:2:3:4");
        signInFrom("2001:db8:0:7:9:9:9:9");

        assertThat(told(home)).singleElement().asString().contains("2001:db8:0:7:1:2:3:4");
    }

    @Test
    void aTokenMadeElsewhereIsToldAndOneMadeHereIsNot() {
        home.post("/account/access/tokens", "called=Scale&scope=READ&days=30");
        assertThat(told(home)).isEmpty();

        TestKitchen.mvc()
                .post()
                .uri("/account/access/tokens")
                .with(csrf())
                .with(org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user(
                        kitchen.cook()))
                .with(request -> {
                    request.setRemoteAddr("192.0.2.7");
                    return request;
                })
                .param("called", "Theirs")
                .param("scope", "READ")
                .param("days", "30")
                .exchange();

        assertThat(told(home)).singleElement().asString().startsWith("made a token");
    }

    @Test
    void aMomentThatIsNoneIsRefused() {
        assertThat(home.post("/account/access/own", "until=yesterday").statusCode())
                .isEqualTo(400);
    }
}
