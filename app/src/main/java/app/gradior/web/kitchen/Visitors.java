package app.gradior.web.kitchen;

import app.gradior.web.text.UnitPreference;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Lets in who has no account: with a kitchen that is theirs for a day. */
@Component
public class Visitors {
    private final Accounts accounts;
    private final Throttle throttle;
    private final SignIn signIn;

    Visitors(Accounts accounts, Throttle throttle, SignIn signIn) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.signIn = signIn;
    }

    /** Too many kitchens were opened from one address. */
    public static class TooMany extends RuntimeException {
        private static final long serialVersionUID = 1;

        private final long minutes;

        TooMany(Duration wait) {
            this.minutes = Throttle.minutes(wait);
        }

        /** How long to wait, at the most. */
        public long minutes() {
            return minutes;
        }
    }

    /**
     * The kitchen of who asks: their own, or one to try things out in, which they are then signed in to.
     *
     * @param user null for who is not signed in
     * @throws TooMany if that was done too often from where they are
     */
    public UUID kitchen(
            KitchenUser user,
            String timeZone,
            UnitPreference.Units units,
            HttpServletRequest request,
            HttpServletResponse response) {
        return user != null
                ? user.kitchenId()
                : open(Accounts.Guest.TRIAL, KitchenText.YOUR_KITCHEN, timeZone, units, request, response);
    }

    UUID open(
            Accounts.Guest kind,
            String called,
            String timeZone,
            UnitPreference.Units units,
            HttpServletRequest request,
            HttpServletResponse response) {
        Optional<Duration> wait = throttle.tried(Throttle.Kind.DEMO, Throttle.address(request.getRemoteAddr()));
        if (wait.isPresent()) {
            throw new TooMany(wait.get());
        }
        NewKitchen plain =
                NewKitchen.called(called, AccountController.zoneOf(timeZone).orElse(ZoneOffset.UTC));
        NewKitchen wanted = plain.with(units);
        String name = accounts.openGuest(kind, wanted);
        signIn.as(name, request, response);
        return accounts.loadUserByUsername(name).kitchenId();
    }
}
