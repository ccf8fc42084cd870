package app.gradior.web.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.servlet.FilterChain;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.transaction.TransactionSystemException;

/** What a page says that the database could not be had for. */
class DatabaseAwayTest {
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    private void answer(RuntimeException thrown) throws Exception {
        FilterChain page = (request, unused) -> {
            throw thrown;
        };
        new DatabaseAway().doFilter(new MockHttpServletRequest("GET", "/"), response, page);
    }

    private static RuntimeException told(String words, String state, int code) {
        return new IllegalStateException(
                new UncategorizedSQLException("insert", "insert into x", new SQLException(words, state, code)));
    }

    @ParameterizedTest
    @CsvSource({
        "The table 'cook_event' is full, HY000, 1114",
        "Disk full (/tmp/x), HY000, 1021",
        "'Got error 28 \"No space left on device\" from storage engine', HY000, 1030"
    })
    void aFullDiskIsSaidAndWhatWaitsGoesOutLater(String words, String state, int code) throws Exception {
        answer(told(words, state, code));

        assertThat(response.getStatus()).isEqualTo(503);
        assertThat(response.getContentAsString()).contains("is full").contains("Nothing is lost");
    }

    @Test
    void aDatabaseThatIsGoneIsSaid() throws Exception {
        answer(told("WSREP has not yet prepared node for application use", "08S01", 1047));

        assertThat(response.getStatus()).isEqualTo(503);
        assertThat(response.getContentAsString()).contains("can't reach its database");
    }

    @Test
    void oneThatWentBeforeItsEndIsSaid() throws Exception {
        answer(new TransactionSystemException("could not commit"));

        assertThat(response.getStatus()).isEqualTo(503);
    }

    @Test
    void anythingElseIsNotItsAffair() {
        RuntimeException other = told("Unknown column", "42S22", 1054);

        assertThatThrownBy(() -> answer(other)).isSameAs(other);
    }
}
