package app.gradior.web.kitchen;

import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.Optional;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.stereotype.Component;

/** The sessions of a person on all devices. */
@Component
public class OpenSessions {
    private static final String DOWNLOADED = "gradior.downloaded";

    private final JdbcIndexedSessionRepository database;

    OpenSessions(JdbcIndexedSessionRepository database) {
        this.database = database;
    }

    /** Ends every session of a name but one. */
    void endAllBut(String name, String session) {
        database.findByPrincipalName(name).keySet().stream()
                .filter(id -> !id.equals(session))
                .forEach(database::deleteById);
    }

    /** Notes in a session that everything was downloaded. */
    public static void downloaded(HttpSession session, Instant at) {
        session.setAttribute(DOWNLOADED, at.toString());
    }

    static Optional<Instant> downloadedAt(HttpSession session) {
        return Optional.ofNullable((String) session.getAttribute(DOWNLOADED)).map(Instant::parse);
    }
}
