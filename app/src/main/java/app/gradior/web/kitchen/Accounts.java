package app.gradior.web.kitchen;

import app.gradior.web.platform.NotFound;
import java.text.Normalizer;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Locale;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Opens accounts, each with a kitchen, and finds them again. */
@Component
public class Accounts implements UserDetailsService {
    private final AccountMapper mapper;
    private final PasswordEncoder encoder;
    private final Clock clock;
    private final ApplicationEventPublisher opened;
    private final KitchenRemoval removal;

    Accounts(
            AccountMapper mapper,
            PasswordEncoder encoder,
            Clock clock,
            ApplicationEventPublisher opened,
            KitchenRemoval removal) {
        this.mapper = mapper;
        this.encoder = encoder;
        this.clock = clock;
        this.opened = opened;
        this.removal = removal;
    }

    @Override
    public KitchenUser loadUserByUsername(String name) {
        return mapper.find(normalised(name))
                .map(row -> new KitchenUser(row.kitchenId(), row.kitchenName(), row.signInName(), row.passwordHash()))
                .orElseThrow(() -> new UsernameNotFoundException("no account has this name"));
    }

    /**
     * Opens an account with a kitchen of its own.
     *
     * @return the kitchen
     * @throws NameTaken if the name has an account already
     */
    @Transactional
    public UUID open(String name, String password, String kitchenName, ZoneId zone) {
        Instant now = now();
        UUID kitchen = newKitchen(kitchenName, zone, now);
        try {
            mapper.insertAccount(UUID.randomUUID(), kitchen, normalised(name), encoder.encode(password), now);
        } catch (DuplicateKeyException e) {
            throw new NameTaken();
        }
        return kitchen;
    }

    private UUID newKitchen(String name, ZoneId zone, Instant now) {
        UUID kitchen = UUID.randomUUID();
        mapper.insertKitchen(kitchen, name.strip(), zone.getId(), now);
        opened.publishEvent(new KitchenOpened(kitchen));
        return kitchen;
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

    void changePassword(KitchenUser user, String password) {
        if (mapper.changePassword(user.kitchenId(), user.getUsername(), encoder.encode(password)) == 0) {
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
        if (mapper.lockMembers(user.kitchenId()).size() < 2) {
            return false;
        }
        ZoneId zone = mapper.kitchen(user.kitchenId()).orElseThrow().zone();
        UUID own = newKitchen("Kitchen of " + user.getUsername(), zone, now());
        return mapper.move(user.kitchenId(), user.getUsername(), own) == 1;
    }

    /** Deletes an account, and with the last one of a kitchen everything in it. */
    @Transactional
    void delete(KitchenUser user) {
        boolean last = mapper.lockMembers(user.kitchenId()).size() < 2;
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
        Instant now = now();
        if (mapper.use(invited.kitchenId(), invited.id(), now) == 0) {
            throw new NotFound("invitation");
        }
        try {
            mapper.insertAccount(
                    UUID.randomUUID(), invited.kitchenId(), normalised(name), encoder.encode(password), now);
        } catch (DuplicateKeyException e) {
            throw new NameTaken();
        }
    }

    static String normalised(String name) {
        return Normalizer.normalize(name.strip(), Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
    }

    /** A kitchen is new: whoever furnishes kitchens does so in the same transaction. */
    public record KitchenOpened(UUID kitchen) {}

    /** Another account has this name. */
    public static class NameTaken extends RuntimeException {
        private static final long serialVersionUID = 1;
    }
}
