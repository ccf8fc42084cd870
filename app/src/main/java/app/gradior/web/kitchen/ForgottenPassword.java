package app.gradior.web.kitchen;

import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.stereotype.Component;

/**
 * Gives somebody who forgot theirs a new password: {@code ./gradior password NAME} starts the application for it and nothing
 * else. Whoever can do that at the machine has all of its data in their hands anyway.
 */
@Component
@ConditionalOnProperty("gradior.forgotten")
class ForgottenPassword {
    private final Accounts accounts;
    private final OpenSessions sessions;
    private final Throttle throttle;
    private final Audit audit;
    private final String name;

    ForgottenPassword(
            Accounts accounts,
            OpenSessions sessions,
            Throttle throttle,
            Audit audit,
            @Value("${gradior.forgotten}") String name) {
        this.accounts = accounts;
        this.sessions = sessions;
        this.throttle = throttle;
        this.audit = audit;
        this.name = name;
    }

    @EventListener
    void atStart(ApplicationReadyEvent ready) {
        Optional<String> password = renew();
        System.out.println(password.map(KitchenText::newPassword).orElse(KitchenText.NOBODY_OF_THIS_NAME));
        System.exit(SpringApplication.exit(ready.getApplicationContext(), () -> password.isPresent() ? 0 : 1));
    }

    /**
     * Wherever they were signed in they are no more, and no program of theirs is let in.
     *
     * @return the password; empty if nobody has this name
     */
    Optional<String> renew() {
        try {
            KitchenUser user = accounts.loadUserByUsername(name);
            if (user.isGuest()) {
                return Optional.empty();
            }
            String password = Secrets.newToken();
            accounts.changePassword(user, password);
            sessions.endAllBut(user.getUsername(), "");
            throttle.forget(Throttle.Kind.SIGN_IN_NAME, user.getUsername());
            audit.renewed(user);
            return Optional.of(password);
        } catch (UsernameNotFoundException nobody) {
            return Optional.empty();
        }
    }
}
