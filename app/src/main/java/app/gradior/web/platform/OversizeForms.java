package app.gradior.web.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;
import org.springframework.web.filter.OncePerRequestFilter;

/** A form larger than any of ours is refused before it is read, and a line says so. */
@Component
class OversizeForms extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(OversizeForms.class);

    private final DataSize max;

    OversizeForms(@Value("${server.tomcat.max-http-form-post-size}") DataSize max) {
        this.max = max;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String type = request.getContentType();
        boolean form = type != null && type.startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE);
        if (form && request.getContentLengthLong() > max.toBytes()) {
            LOG.info("a form of {} bytes to {} is too large", request.getContentLengthLong(), request.getServletPath());
            response.sendError(HttpStatus.CONTENT_TOO_LARGE.value());
            return;
        }
        chain.doFilter(request, response);
    }
}
