package app.gradior.web.platform;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import java.io.EOFException;
import java.io.IOException;
import java.sql.SQLNonTransientConnectionException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.ModelAndView;

/** What is answered where a line was cut while a request was worked on: to the browser nothing, of the database that it is away. */
@ExtendWith(RunningApplication.class)
class DisconnectedClientsTest {
    private final HandlerExceptionResolver answers =
            RunningApplication.context().getBean("handlerExceptionResolver", HandlerExceptionResolver.class);

    private ModelAndView answer(Exception thrown) {
        return answers.resolveException(
                new MockHttpServletRequest("POST", "/cooks"), new MockHttpServletResponse(), new Object(), thrown);
    }

    private static SQLNonTransientConnectionException cut(IOException how) {
        return new SQLNonTransientConnectionException("Socket error", "08000", -1, how);
    }

    static Stream<Exception> ofTheDatabase() {
        return Stream.of(
                new TransactionSystemException("could not commit", cut(new EOFException("unexpected end of stream"))),
                new TransactionSystemException("could not commit", cut(new IOException("Broken pipe"))),
                new CannotCreateTransactionException("no connection", cut(new IOException("Connection reset by peer"))),
                new IllegalStateException(cut(new EOFException())));
    }

    @ParameterizedTest
    @MethodSource("ofTheDatabase")
    void aChangeWhoseDatabaseWentIsNotToldAsMade(Exception thrown) {
        assertThat(answer(thrown)).isNull();
    }

    @Test
    void aBrowserThatHasGoneIsAnsweredNothing() {
        assertThat(answer(new IOException("Broken pipe"))).isNotNull();
    }
}
