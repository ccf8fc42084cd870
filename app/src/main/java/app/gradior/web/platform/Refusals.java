package app.gradior.web.platform;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** Requests that no page of ours sends: refused as theirs and not as a fault of the server. */
@ControllerAdvice
class Refusals {
    private static final Logger LOG = LoggerFactory.getLogger(Refusals.class);

    @ExceptionHandler(MultipartException.class)
    void notMultipart(MultipartException e, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        boolean large = e instanceof MaxUploadSizeExceededException;
        LOG.info("{} to {}", large ? "too large a file" : "a malformed upload", request.getServletPath());
        response.sendError((large ? HttpStatus.CONTENT_TOO_LARGE : HttpStatus.BAD_REQUEST).value());
    }
}
