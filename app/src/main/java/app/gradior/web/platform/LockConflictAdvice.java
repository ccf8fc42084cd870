package app.gradior.web.platform;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;

/** Two changes that wait for each other: the database gives one up whole, and it can be sent again. */
@ControllerAdvice
class LockConflictAdvice {
    @ExceptionHandler(PessimisticLockingFailureException.class)
    void met(HttpServletResponse response) throws IOException {
        response.sendError(HttpStatus.SERVICE_UNAVAILABLE.value());
    }

    /** An id made by a page that something else has already, of this kitchen or of another: which is not said. */
    @ExceptionHandler(DuplicateKeyException.class)
    void taken(HttpServletResponse response) throws IOException {
        response.sendError(HttpStatus.CONFLICT.value());
    }
}
