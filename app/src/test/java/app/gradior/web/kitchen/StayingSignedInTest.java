package app.gradior.web.kitchen;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.web.SignedIn;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** A phone of one's own stays signed in when its browser is closed; somebody else's does not. */
@ExtendWith(RunningApplication.class)
class StayingSignedInTest {
    private JdbcTemplate database;

    @BeforeEach
    void meet(JdbcTemplate database) {
        this.database = database;
    }

    @ParameterizedTest
    @CsvSource({"&stay=yes, PT720H, true", "'', PT12H, false"})
    void itIsChosenAtTheSignInAndKeptWithANewPassword(String stay, Duration lasts, boolean outlasts) {
        SignedIn person = SignedIn.visitor(
                RunningApplication.address(), TestKitchen.of("cook").name());

        person.post("/signin", "username=" + person.name() + "&password=three+long+words" + stay);
        assertThat(sessions(person)).containsExactly(lasts);
        assertThat(outlastsTheBrowser(person)).isEqualTo(outlasts);
        person.post("/account/password", "current=three+long+words&next=four+other+odd+words");

        assertThat(person.get("/account").uri()).hasPath("/account");
        assertThat(sessions(person)).containsExactly(lasts);
        assertThat(outlastsTheBrowser(person)).isEqualTo(outlasts);
    }

    @Test
    void whoTriedTheDemoAndThenSignsInHasChosenAnew() {
        SignedIn person = SignedIn.visitor(
                RunningApplication.address(), TestKitchen.of("guest").name());
        person.post("/demo", "");
        assertThat(outlastsTheBrowser(person)).isTrue();

        person.signIn(SignedIn.PASSWORD);

        assertThat(sessions(person)).containsExactly(Duration.ofHours(12));
        assertThat(outlastsTheBrowser(person)).isFalse();
    }

    @Test
    void whoOpensAnAccountIsOnADeviceOfTheirOwn() {
        SignedIn person = SignedIn.visitor(RunningApplication.address(), "new-" + UUID.randomUUID());

        person.post("/signup", "kitchen=Ours&timeZone=UTC&password=three+long+words&name=" + person.name());

        assertThat(sessions(person)).containsExactly(Duration.ofDays(30));
        assertThat(outlastsTheBrowser(person)).isTrue();
        assertThat(person.get("/account/access").body()).contains("signed in");
    }

    private List<Duration> sessions(SignedIn person) {
        return database
                .queryForList(
                        "select MAX_INACTIVE_INTERVAL from SPRING_SESSION where PRINCIPAL_NAME = ?",
                        Long.class,
                        person.name())
                .stream()
                .map(Duration::ofSeconds)
                .toList();
    }

    /** Whether the cookie of the session has a time to end. */
    private static boolean outlastsTheBrowser(SignedIn person) {
        return person.kept("gradior").orElseThrow().getMaxAge() > 0;
    }
}
