package app.gradior.web.kitchen;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.event.AbstractAuthenticationFailureEvent;
import org.springframework.security.authentication.event.AuthenticationSuccessEvent;
import org.springframework.security.authentication.event.LogoutSuccessEvent;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Keeps who came in to a kitchen and what was taken out of it, for its people to look at and in the log. */
@Component
public class Audit {
    private static final Logger LOG = LoggerFactory.getLogger(Audit.class);
    private static final Duration KEPT = Duration.ofDays(90);
    private static final int SHOWN = 30;
    private static final int READ_THROUGH = 200;
    private static final int TOLD = 3;

    private final AuditMapper mapper;
    private final AccountMapper accounts;
    private final Clock clock;

    Audit(AuditMapper mapper, AccountMapper accounts, Clock clock) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** What is kept. */
    public enum What {
        SIGNED_IN,
        WRONG_PASSWORD,
        SIGNED_OUT,
        PASSWORD_CHANGED,
        JOINED,
        INVITED,
        TOKEN_MADE,
        OWNED,
        DOWNLOADED,
        TAKEN_IN
    }

    /** @param address where it was done from, as far as the proxy told */
    public record Entry(Instant at, String person, What what, String address) {}

    /** Keeps what a person does who is signed in, within their request. */
    public void note(What what) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who != null && who.getPrincipal() instanceof KitchenUser user) {
            note(user.kitchenId(), user.getUsername(), what, address());
        }
    }

    /** Keeps that somebody was given a password at the machine itself. */
    void renewed(KitchenUser user) {
        note(user.kitchenId(), user.getUsername(), What.PASSWORD_CHANGED, address());
    }

    private void note(UUID kitchen, String person, What what, String address) {
        Instant now = clock.instant();
        mapper.forget(kitchen, now.minus(KEPT));
        mapper.insert(kitchen, UUID.randomUUID(), now, person, what, address);
        // A name is what somebody chose: it begins no line of its own.
        LOG.info("{} {} from {}", what, person.replaceAll("\\p{Cntrl}", "?"), address);
    }

    /** The latest first. */
    List<Entry> latest(UUID kitchen) {
        return mapper.latest(kitchen, SHOWN);
    }

    /**
     * What was done under a person's name from another place than those of their session, the latest first: a first sign-in
     * from there, a new password, a new token. It stands until it is owned where it is shown: another place's word does not
     * count here.
     *
     * @param who null where nobody is signed in
     */
    List<Entry> elsewhere(Authentication who) {
        return KitchenUser.of(who)
                .filter(user -> !user.isGuest())
                .map(user -> elsewhere(user, address(who)))
                .orElse(List.of());
    }

    private List<Entry> elsewhere(KitchenUser user, String signedInFrom) {
        List<Entry> done = mapper.done(user.kitchenId(), user.getUsername(), READ_THROUGH);
        String here = Throttle.address(signedInFrom);
        List<String> own = List.of(here, Throttle.address(address()));
        Instant since = done.stream()
                .filter(entry -> entry.what() == What.OWNED && here.equals(network(entry)))
                .map(Entry::at)
                .findFirst()
                .orElse(Instant.EPOCH);
        return IntStream.range(0, done.size())
                .filter(i -> done.get(i).at().isAfter(since) && !own.contains(network(done.get(i))))
                .filter(i -> done.get(i).what() != What.OWNED)
                .filter(i -> done.get(i).what() != What.SIGNED_IN || isFirstFromThere(done.subList(i, done.size())))
                .mapToObj(done::get)
                .limit(TOLD)
                .toList();
    }

    /**
     * It was they who did what was shown to them.
     *
     * @param until the latest of it; something that came since is asked for first
     */
    void own(Authentication who, Instant until) {
        List<Entry> shown = elsewhere(who);
        if (!shown.isEmpty() && !shown.get(0).at().isAfter(until)) {
            note(who, What.OWNED);
        }
    }

    private static boolean isFirstFromThere(List<Entry> itAndBefore) {
        String there = network(itAndBefore.get(0));
        return itAndBefore.stream()
                .skip(1)
                .noneMatch(entry -> entry.what() == What.SIGNED_IN && there.equals(network(entry)));
    }

    private static String network(Entry entry) {
        return Throttle.address(entry.address());
    }

    @EventListener
    void signedIn(AuthenticationSuccessEvent event) {
        note(event.getAuthentication(), What.SIGNED_IN);
    }

    @EventListener
    void signedOut(LogoutSuccessEvent event) {
        note(event.getAuthentication(), What.SIGNED_OUT);
    }

    private void note(Authentication who, What what) {
        if (who != null && who.getPrincipal() instanceof KitchenUser user && !user.isGuest()) {
            note(user.kitchenId(), user.getUsername(), what, address(who));
        }
    }

    /** Kept where the name is somebody's; who tries names that are nobody's is the throttle's. */
    @EventListener
    void refused(AbstractAuthenticationFailureEvent event) {
        accounts.find(Accounts.normalised(event.getAuthentication().getName()))
                .ifPresent(account -> note(
                        account.kitchenId(),
                        account.signInName(),
                        What.WRONG_PASSWORD,
                        address(event.getAuthentication())));
    }

    private static String address(Authentication who) {
        return who.getDetails() instanceof WebAuthenticationDetails details ? details.getRemoteAddress() : address();
    }

    private static String address() {
        return Optional.ofNullable(RequestContextHolder.getRequestAttributes())
                .map(request ->
                        ((ServletRequestAttributes) request).getRequest().getRemoteAddr())
                .orElse("here");
    }
}
