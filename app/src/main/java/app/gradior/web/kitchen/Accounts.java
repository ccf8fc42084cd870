package app.gradior.web.kitchen;

import app.gradior.web.platform.NotFound;
import java.text.Normalizer;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Opens accounts, each with a kitchen, and finds them again. A password takes a tenth of a second to hash: that is done
 * before anything is asked of the database, so that none of its few connections waits for it.
 */
@Component
public class Accounts implements UserDetailsService {
    private static final Duration GUESTS_STAY = Duration.ofDays(1);

    private final AccountMapper mapper;
    private final PasswordEncoder encoder;
    private final Clock clock;
    private final ApplicationEventPublisher opened;
    private final KitchenRemoval removal;
    private final ApiTokenMapper tokens;

    Accounts(
            AccountMapper mapper,
            PasswordEncoder encoder,
            Clock clock,
            ApplicationEventPublisher opened,
            KitchenRemoval removal,
            ApiTokenMapper tokens) {
        this.mapper = mapper;
        this.encoder = encoder;
        this.clock = clock;
        this.opened = opened;
        this.removal = removal;
        this.tokens = tokens;
    }

    @Override
    public KitchenUser loadUserByUsername(String name) {
        return mapper.find(normalised(name))
                .map(row -> new KitchenUser(
                        row.kitchenId(), row.kitchenName(), row.signInName(), row.passwordHash(), row.guest()))
                .orElseThrow(() -> new UsernameNotFoundException("no account has this name"));
    }

    /**
     * Opens an account with a kitchen of its own.
     *
     * @return the kitchen
     * @throws NameTaken if the name has an account already
     */
    @Transactional
    public UUID open(String name, String password, NewKitchen wanted) {
        String hash = encoder.encode(password);
        Instant now = now();
        UUID kitchen = newKitchen(wanted, now);
        try {
            mapper.insertAccount(UUID.randomUUID(), kitchen, normalised(name), hash, now);
        } catch (DuplicateKeyException e) {
            throw new NameTaken();
        }
        return kitchen;
    }

    private UUID newKitchen(NewKitchen wanted, Instant now) {
        UUID kitchen = UUID.randomUUID();
        mapper.insertKitchen(kitchen, wanted.name().strip(), wanted.zone().getId(), now);
        mapper.equip(kitchen, wanted);
        opened.publishEvent(new KitchenOpened(kitchen, wanted));
        return kitchen;
    }

    /**
     * Opens a kitchen that nobody has an account for; it stays until its day is over or it is made somebody's own.
     *
     * @return the name that it is signed in to with; it has no password that anybody knows
     */
    @Transactional
    public String openGuest(Guest kind, NewKitchen wanted) {
        Instant now = now();
        UUID kitchen = newKitchen(wanted, now);
        String name = "guest-" + UUID.randomUUID();
        mapper.lend(kitchen, kind, now.plus(GUESTS_STAY));
        mapper.insertAccount(UUID.randomUUID(), kitchen, name, "{noop}" + UUID.randomUUID(), now);
        if (kind == Guest.DEMO) {
            opened.publishEvent(new DemoOpened(kitchen, name));
        }
        return name;
    }

    /**
     * Makes what a guest tried out their own: from now on it stays.
     *
     * @throws NameTaken if the name has an account already; then nothing is changed
     * @throws NotFound if the guest's time was over meanwhile
     */
    @Transactional
    public void adopt(KitchenUser guest, String name, String password, NewKitchen wanted) {
        String hash = encoder.encode(password);
        if (mapper.keep(guest.kitchenId(), wanted.name().strip(), wanted.zone().getId()) == 0) {
            throw new NotFound("kitchen");
        }
        mapper.equip(guest.kitchenId(), wanted);
        try {
            mapper.rename(guest.kitchenId(), guest.getUsername(), normalised(name), hash);
        } catch (DuplicateKeyException e) {
            throw new NameTaken();
        }
        opened.publishEvent(new Renamed(guest.kitchenId(), guest.getUsername(), normalised(name)));
        opened.publishEvent(new KitchenOpened(guest.kitchenId(), wanted));
    }

    /**
     * Removes a guest's kitchen whose time is over.
     *
     * @return who cooked in it; empty if there is none to remove
     */
    @Transactional
    public Optional<String> removeOneThatIsOver() {
        return mapper.over(now()).map(row -> {
            removal.remove(row.kitchenId());
            return row.signInName();
        });
    }

    /** Who cooks in a kitchen, by their names. */
    public List<String> people(UUID kitchen) {
        return mapper.members(kitchen).stream()
                .map(AccountMapper.MemberRow::signInName)
                .toList();
    }

    /** Whether this is the password of an account. */
    boolean proves(KitchenUser user, String password) {
        return mapper.find(user.getUsername())
                .filter(row -> row.kitchenId().equals(user.kitchenId()))
                .filter(row -> Passwords.encodable(password) && encoder.matches(password, row.passwordHash()))
                .isPresent();
    }

    /** Whether nobody else is in their kitchen. */
    boolean isAlone(KitchenUser user) {
        return mapper.members(user.kitchenId()).size() < 2;
    }

    /** With a new password no program that was let in before is let in any more. */
    @Transactional
    void changePassword(KitchenUser user, String password) {
        String hash = encoder.encode(password);
        tokens.withdrawAll(user.kitchenId(), user.getUsername());
        if (mapper.changePassword(user.kitchenId(), user.getUsername(), hash) == 0) {
            throw new NotFound("account");
        }
    }

    /**
     * Moves a person out of a kitchen that others stay in, to a new one of their own.
     *
     * @return whether others stay; nothing is done if not
     */
    @Transactional
    boolean leave(KitchenUser user) {
        mapper.hold(user.kitchenId());
        if (isAlone(user)) {
            return false;
        }
        tokens.withdrawAll(user.kitchenId(), user.getUsername());
        ZoneId zone =
                mapper.kitchen(user.kitchenId()).orElseThrow().preference().zone();
        UUID own = newKitchen(NewKitchen.called(KitchenText.kitchenOf(user.getUsername()), zone), now());
        return mapper.move(user.kitchenId(), user.getUsername(), own) == 1;
    }

    /** Deletes an account, and with the last one of a kitchen everything in it. */
    @Transactional
    void delete(KitchenUser user) {
        mapper.hold(user.kitchenId());
        boolean last = isAlone(user);
        tokens.withdrawAll(user.kitchenId(), user.getUsername());
        if (mapper.delete(user.kitchenId(), user.getUsername()) == 0) {
            throw new NotFound("account");
        }
        if (last) {
            removal.remove(user.kitchenId());
        }
    }

    private Instant now() {
        return clock.instant();
    }

    /**
     * Opens an account in the kitchen of an invitation, which is used up by it.
     *
     * @throws NameTaken if the name has an account already; the invitation then still holds
     * @throws NotFound if the invitation has been used or has run out meanwhile
     */
    @Transactional
    public void join(AccountMapper.InvitedRow invited, String name, String password) {
        String hash = encoder.encode(password);
        Instant now = now();
        if (mapper.use(invited.kitchenId(), invited.id(), now) == 0) {
            throw new NotFound("invitation");
        }
        try {
            mapper.insertAccount(UUID.randomUUID(), invited.kitchenId(), normalised(name), hash, now);
        } catch (DuplicateKeyException e) {
            throw new NameTaken();
        }
    }

    static String normalised(String name) {
        return Normalizer.normalize(name.strip(), Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
    }

    /**
     * A kitchen is new, or a guest's became somebody's own: whoever furnishes kitchens does so in the same transaction.
     *
     * @param wanted what it is to be like
     */
    public record KitchenOpened(UUID kitchen, NewKitchen wanted) {}

    /** A person of a kitchen has another name from now on: whoever keeps it beside something takes the new one. */
    public record Renamed(UUID kitchen, String from, String to) {}

    /**
     * A kitchen is to be filled with what the demo shows.
     *
     * @param person who is to have said what is said in it
     */
    public record DemoOpened(UUID kitchen, String person) {}

    /** Why somebody has a kitchen without an account. */
    public enum Guest {
        /** To try out something of their own. */
        TRIAL,
        /** To look at the demo. */
        DEMO
    }

    /** Another account has this name. */
    public static class NameTaken extends RuntimeException {
        private static final long serialVersionUID = 1;
    }
}
