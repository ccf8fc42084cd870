package app.gradior.web.kitchen;

import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.stereotype.Component;

/** The sessions of a person on all devices. */
@Component
public class OpenSessions {
    private static final String DOWNLOADED = "gradior.downloaded";

    /** A kitchen is deleted only by somebody who has taken everything along so lately. */
    private static final Duration DOWNLOAD_COUNTS_FOR = Duration.ofHours(1);

    private final JdbcIndexedSessionRepository database;
    private final SessionMapper mapper;
    private final Clock clock;

    OpenSessions(JdbcIndexedSessionRepository database, SessionMapper mapper, Clock clock) {
        this.database = database;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Those of some that have not ended by now, on whatever node. */
    public Set<String> of(Set<String> ids) {
        return ids.isEmpty() ? Set.of() : mapper.open(ids);
    }

    /** Ends every session of a name but one. */
    void endAllBut(String name, String session) {
        database.findByPrincipalName(name).keySet().stream()
                .filter(id -> !id.equals(session))
                .forEach(database::deleteById);
    }

    /** Notes in a session that everything was downloaded. */
    public void downloaded(HttpSession session) {
        session.setAttribute(DOWNLOADED, clock.instant().toString());
    }

    boolean downloadedLately(HttpSession session) {
        return Optional.ofNullable((String) session.getAttribute(DOWNLOADED))
                .map(Instant::parse)
                .filter(at -> at.isAfter(clock.instant().minus(DOWNLOAD_COUNTS_FOR)))
                .isPresent();
    }
}
