package app.gradior.web.kitchen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import app.gradior.RunningApplication;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Sessions stand in the database; their use is written seldom, what they hold at once. */
@ExtendWith(RunningApplication.class)
class SessionsTest {
    private SessionRepository<Session> sessions;
    private JdbcTemplate database;
    private Session session;

    @BeforeEach
    void open(SessionRepository<Session> sessions, JdbcTemplate database) {
        this.sessions = sessions;
        this.database = database;
        session = sessions.createSession();
        session.setAttribute("spoon", "wooden");
        sessions.save(session);
    }

    private Instant writtenUse() {
        return Instant.ofEpochMilli(database.queryForObject(
                "select last_access_time from SPRING_SESSION where session_id = ?", Long.class, session.getId()));
    }

    @Test
    void useIsWrittenOnceAnHour() {
        Instant first = writtenUse();
        Session again = sessions.findById(session.getId());
        again.setLastAccessedTime(first.plus(Duration.ofMinutes(59)));
        sessions.save(again);
        assertThat(writtenUse()).isEqualTo(first);

        again.setLastAccessedTime(first.plus(Duration.ofMinutes(61)));
        sessions.save(again);
        assertThat(writtenUse()).isEqualTo(first.plus(Duration.ofMinutes(61)));
    }

    @Test
    void whatASessionHoldsIsThereForTheNextRequestAndGoneAfterSigningOut() {
        Session next = sessions.findById(session.getId());
        assertThat(next.<String>getAttribute("spoon")).isEqualTo("wooden");
        assertThat(next.getMaxInactiveInterval()).isEqualTo(Duration.ofHours(12));

        next.setAttribute("spoon", "steel");
        sessions.save(next);
        String renewed = next.changeSessionId();
        sessions.save(next);
        assertThat(sessions.findById(session.getId())).isNull();
        assertThat(sessions.findById(renewed).<String>getAttribute("spoon")).isEqualTo("steel");

        sessions.deleteById(renewed);
        assertThat(sessions.findById(renewed)).isNull();
    }

    /** A database that is away lets each look wait for two seconds. */
    private static final class Away implements SessionRepository<Session> {
        private int asked;

        @Override
        public Session createSession() {
            throw new IllegalStateException("away");
        }

        @Override
        public void save(Session session) {
            throw new IllegalStateException("away");
        }

        @Override
        public Session findById(String id) {
            asked++;
            throw new IllegalStateException("away");
        }

        @Override
        public void deleteById(String id) {
            throw new IllegalStateException("away");
        }
    }

    @Test
    void aDatabaseThatIsAwayIsWaitedForOnceARequest() {
        Away away = new Away();
        SessionRepository<?> repository = new Sessions.SeldomWritten(away);
        try {
            for (int requests = 1; requests <= 2; requests++) {
                RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(new MockHttpServletRequest()));
                for (int looks = 0; looks < 3; looks++) {
                    assertThatIllegalStateException().isThrownBy(() -> repository.findById("any"));
                }
                assertThat(away.asked).isEqualTo(requests);
            }
        } finally {
            RequestContextHolder.resetRequestAttributes();
        }
    }
}
