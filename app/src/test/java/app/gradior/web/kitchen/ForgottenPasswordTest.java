package app.gradior.web.kitchen;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.web.SignedIn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What the launcher does for somebody who forgot their password. */
@ExtendWith(RunningApplication.class)
class ForgottenPasswordTest {
    @Test
    void aNewPasswordLetsInAndTheOldOneAndOpenPagesNoMore(
            Accounts accounts, OpenSessions sessions, Throttle throttle, Audit audit) {
        TestKitchen kitchen = TestKitchen.of("absent-minded");
        SignedIn before = kitchen.http();
        assertThat(before.get("/account").statusCode()).isEqualTo(200);
        SignedIn person = SignedIn.visitor(RunningApplication.address(), kitchen.name());
        for (int i = 0; i < 11; i++) {
            person.signIn("what was it " + i);
        }

        String fresh = new ForgottenPassword(accounts, sessions, throttle, audit, kitchen.name())
                .renew()
                .orElseThrow();

        assertThat(person.signIn(SignedIn.PASSWORD).uri()).hasQuery("wrong");
        assertThat(person.signIn(fresh).uri()).hasPath("/").hasNoQuery();
        assertThat(before.get("/account").uri()).hasPath("/signin");
        assertThat(person.get("/account/access").body()).contains("changed the password");
    }

    @Test
    void nobodyGetsOneWhoHasNoAccountOfTheirOwn(
            Accounts accounts, OpenSessions sessions, Throttle throttle, Audit audit) {
        assertThat(new ForgottenPassword(accounts, sessions, throttle, audit, "nobody-at-all").renew())
                .isEmpty();
    }
}
