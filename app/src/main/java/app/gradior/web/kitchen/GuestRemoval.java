package app.gradior.web.kitchen;

import java.util.Optional;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Removes the kitchens of guests whose day is over, with what they were signed in by. */
@Component
@EnableScheduling
public class GuestRemoval {
    private static final int MAX_AT_ONCE = 200;

    private final Accounts accounts;
    private final OpenSessions sessions;

    GuestRemoval(Accounts accounts, OpenSessions sessions) {
        this.accounts = accounts;
        this.sessions = sessions;
    }

    /** One after the other, so that no lock is held for long. */
    @Scheduled(fixedDelayString = "PT10M", initialDelayString = "PT1M")
    public void removeThoseThatAreOver() {
        for (int i = 0; i < MAX_AT_ONCE; i++) {
            Optional<String> who = accounts.removeOneThatIsOver();
            if (who.isEmpty()) {
                return;
            }
            sessions.endAllBut(who.get(), "");
        }
    }
}
