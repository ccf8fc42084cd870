package app.gradior.web.kitchen;

import app.gradior.web.platform.NotFound;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What a person's own programs prove themselves with: each does one thing, for a while, and can be withdrawn. */
@Component
public class ApiTokens {
    /** Tokens that a person keeps at once. */
    static final int MOST = 20;

    /** When one was used last is written no oftener. */
    private static final Duration SELDOM = Duration.ofMinutes(10);

    private final ApiTokenMapper mapper;
    private final Clock clock;

    ApiTokens(ApiTokenMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** What a token is good for; each for itself. */
    public enum Scope {
        /** Sauces and cooks can be read. */
        READ,
        /** What is on the heat can be read, and weighings entered. */
        COOK,
        /** The whole kitchen can be fetched, as for a backup. */
        EXPORT;

        /** As Spring names it. */
        public String authority() {
            return "SCOPE_" + name();
        }
    }

    /** @param usedAt when it was used last, to ten minutes; null if never */
    public record Token(UUID id, String name, Scope scope, Instant createdAt, Instant endsAt, Instant usedAt) {}

    /** A token that was just made; its secret is shown this once. */
    record Made(Token token, String secret) {}

    /** Whose program it is, and what it may do. */
    record Proved(String person, Scope scope) {}

    List<Token> all(KitchenUser user) {
        return mapper.all(user.kitchenId(), user.getUsername());
    }

    Made make(KitchenUser user, String name, Scope scope, int days) {
        Instant now = clock.instant();
        Token token = new Token(UUID.randomUUID(), name, scope, now, now.plus(Duration.ofDays(days)), null);
        String secret = Secrets.newToken();
        mapper.insert(user.kitchenId(), user.getUsername(), token, Secrets.hash(secret));
        return new Made(token, secret);
    }

    void withdraw(KitchenUser user, UUID id) {
        if (mapper.withdraw(user.kitchenId(), user.getUsername(), id) == 0) {
            throw new NotFound("token");
        }
    }

    /** Whose token a secret is; empty if it is nobody's, or its time is over. */
    Optional<Proved> proved(String secret) {
        Instant now = clock.instant();
        Optional<ApiTokenMapper.ProvedRow> row = mapper.proved(Secrets.hash(secret), now);
        row.filter(r -> r.usedAt() == null || r.usedAt().isBefore(now.minus(SELDOM)))
                .ifPresent(r -> mapper.used(r.kitchenId(), r.id(), now));
        return row.map(r -> new Proved(r.person(), r.scope()));
    }
}
