package app.gradior.web.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLRecoverableException;
import java.sql.SQLTimeoutException;
import java.sql.SQLTransientConnectionException;
import java.util.Set;
import java.util.function.Predicate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says that the database is away, with a page that needs none: the usual one looks for who is signed in. First of all
 * filters, since sessions are in the database too. How long is waited for it is set in {@code application.yaml}.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DatabaseAway extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseAway.class);
    private static final long SAID_EVERY_MS = 10_000;
    private static final int CAUSES = 20;

    /** States of SQL that are about the connection. */
    private static final String CONNECTION = "08";

    /** What MariaDB says where its disk is full: writing a file, making one, extending a table. */
    private static final Set<Integer> NO_ROOM = Set.of(3, 1021, 1114, 1598);

    private static final String NO_SPACE = "No space left";

    private static final String PAGE = """
            <!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
            <title>Back in a moment · Gradior</title><link rel="stylesheet" href="/css/gradior.css"></head>
            <body><main class="narrow"><h1>Back in a moment</h1>
            <p>%s Nothing is lost: what was entered at the stove waits on the device
            and is sent by itself.</p><p><a href="">Try again</a></p></main></body></html>
            """;

    private volatile long said;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException e) {
            boolean full = isAny(e, DatabaseAway::isFull);
            if (!full && !isAny(e, DatabaseAway::isAway) || response.isCommitted()) {
                throw e;
            }
            long now = System.currentTimeMillis();
            if (now - said > SAID_EVERY_MS) {
                said = now;
                LOG.warn(full ? "the disk of the database is full" : "the database is out of reach");
            }
            response.reset();
            response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
            response.setHeader(HttpHeaders.RETRY_AFTER, "3");
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
            response.setHeader("Content-Security-Policy", "default-src 'none'; style-src 'self'; font-src 'self'");
            response.setContentType(MediaType.TEXT_HTML_VALUE);
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.getOutputStream()
                    .write(PAGE.formatted(full ? AwayText.FULL : AwayText.OUT_OF_REACH)
                            .getBytes(StandardCharsets.UTF_8));
        }
    }

    private static boolean isAny(Throwable thrown, Predicate<Throwable> what) {
        Throwable cause = thrown;
        for (int i = 0; cause != null && i < CAUSES; i++) {
            if (what.test(cause)) {
                return true;
            }
            cause = cause.getCause();
        }
        return false;
    }

    private static boolean isFull(Throwable cause) {
        return cause instanceof SQLException failed
                && (NO_ROOM.contains(failed.getErrorCode())
                        || String.valueOf(failed.getMessage()).contains(NO_SPACE));
    }

    private static boolean isAway(Throwable cause) {
        // Lost between a change and its end, nobody knows here whether it was made: the same sent again makes it once.
        boolean lost = cause instanceof TransactionSystemException;
        boolean gone = cause instanceof SQLException failed
                && failed.getSQLState() != null
                && failed.getSQLState().startsWith(CONNECTION);
        return lost
                || gone
                || cause instanceof SQLTransientConnectionException
                || cause instanceof SQLNonTransientConnectionException
                || cause instanceof SQLRecoverableException
                || cause instanceof SQLTimeoutException;
    }
}
