package app.gradior.web.kitchen;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Sessions in the database, for as long as {@link StayingSignedIn} says after they were used last. When that was is written
 * once an hour and not with every request, which would make each page wait for the disk.
 */
@Configuration
@EnableJdbcHttpSession(maxInactiveIntervalInSeconds = StayingSignedIn.ELSEWHERE_S)
class Sessions {
    private static final Duration SELDOM = Duration.ofHours(1);

    /** Each of its statements stands for itself: a session that lost its attributes is one that is not signed in. */
    @Bean(defaultCandidate = false)
    @Qualifier("springSessionTransactionOperations")
    TransactionOperations springSessionTransactionOperations() {
        return TransactionOperations.withoutTransaction();
    }

    @Bean
    @Primary
    @SuppressWarnings("unchecked")
    SessionRepository<SeldomTouched> seldomWritten(JdbcIndexedSessionRepository database) {
        return new SeldomWritten((SessionRepository<Session>) (SessionRepository<?>) database);
    }

    record SeldomWritten(SessionRepository<Session> database) implements SessionRepository<SeldomTouched> {
        /** As an answer goes out it is asked once more whether its session was there: within a request one look is enough. */
        private static final String SEEN = "gradior.session";

        /** A page whose session could not be looked up is given up, and asks after it on the way: nobody waits for that twice. */
        private static final String AWAY = "gradior.session-away";

        @Override
        public SeldomTouched createSession() {
            return new SeldomTouched(database.createSession());
        }

        @Override
        public void save(SeldomTouched session) {
            database.save(session.kept());
            request().ifPresent(request -> request.setAttribute(SEEN, session));
        }

        @Override
        public SeldomTouched findById(String id) {
            Optional<SeldomTouched> seen = request()
                    .map(request -> (SeldomTouched) request.getAttribute(SEEN))
                    .filter(session -> session.getId().equals(id));
            if (seen.isPresent()) {
                return seen.get();
            }
            Optional<RuntimeException> away = request().map(request -> (RuntimeException) request.getAttribute(AWAY));
            if (away.isPresent()) {
                throw away.get();
            }
            try {
                Session kept = database.findById(id);
                return kept == null ? null : new SeldomTouched(kept);
            } catch (RuntimeException e) {
                request().ifPresent(request -> request.setAttribute(AWAY, e));
                throw e;
            }
        }

        @Override
        public void deleteById(String id) {
            database.deleteById(id);
            request().ifPresent(request -> request.removeAttribute(SEEN));
        }

        private static Optional<HttpServletRequest> request() {
            return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes now
                    ? Optional.of(now.getRequest())
                    : Optional.empty();
        }
    }

    /** A session that is told of its use only if it has not been for long. */
    record SeldomTouched(Session kept) implements Session {
        @Override
        public void setLastAccessedTime(Instant at) {
            if (Duration.between(kept.getLastAccessedTime(), at).compareTo(SELDOM) >= 0) {
                kept.setLastAccessedTime(at);
            }
        }

        @Override
        public String getId() {
            return kept.getId();
        }

        @Override
        public String changeSessionId() {
            return kept.changeSessionId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return kept.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return kept.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            kept.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            kept.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return kept.getCreationTime();
        }

        @Override
        public Instant getLastAccessedTime() {
            return kept.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            kept.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return kept.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return kept.isExpired();
        }
    }
}
