package app.gradior.web.account;

import app.gradior.web.NotFound;
import java.text.Normalizer;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
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

    Accounts(AccountMapper mapper, PasswordEncoder encoder, Clock clock, ApplicationEventPublisher opened) {
        this.mapper = mapper;
        this.encoder = encoder;
        this.clock = clock;
        this.opened = opened;
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
    public UUID open(String name, String password, String kitchenName, int altitudeMetres) {
        UUID kitchen = UUID.randomUUID();
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        mapper.insertKitchen(kitchen, kitchenName.strip(), altitudeMetres, now);
        try {
            mapper.insertAccount(UUID.randomUUID(), kitchen, normalised(name), encoder.encode(password), now);
        } catch (DuplicateKeyException e) {
            throw new NameTaken();
        }
        opened.publishEvent(new KitchenOpened(kitchen));
        return kitchen;
    }

    /**
     * Opens an account in the kitchen of an invitation, which is used up by it.
     *
     * @throws NameTaken if the name has an account already; the invitation then still holds
     * @throws NotFound if the invitation has been used or has run out meanwhile
     */
    @Transactional
    public void join(AccountMapper.InvitedRow invited, String name, String password) {
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
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

    private static String normalised(String name) {
        return Normalizer.normalize(name.strip(), Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
    }

    /** A kitchen is new: whoever furnishes kitchens does so in the same transaction. */
    public record KitchenOpened(UUID kitchen) {}

    /** Another account has this name. */
    public static class NameTaken extends RuntimeException {
        private static final long serialVersionUID = 1;
    }
}
