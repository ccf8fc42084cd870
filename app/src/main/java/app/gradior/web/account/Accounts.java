package app.gradior.web.account;

import java.text.Normalizer;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.UUID;
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

    Accounts(AccountMapper mapper, PasswordEncoder encoder, Clock clock) {
        this.mapper = mapper;
        this.encoder = encoder;
        this.clock = clock;
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
        return kitchen;
    }

    private static String normalised(String name) {
        return Normalizer.normalize(name.strip(), Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
    }

    /** Another account has this name. */
    public static class NameTaken extends RuntimeException {
        private static final long serialVersionUID = 1;
    }
}
