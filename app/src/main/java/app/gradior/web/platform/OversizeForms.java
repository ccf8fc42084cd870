package app.gradior.web.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;
import org.springframework.web.filter.OncePerRequestFilter;

/** A form larger than any of ours is refused before anything of it is read, and a line says so. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class OversizeForms extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(OversizeForms.class);

    /** Where a whole kitchen comes in: as much as the servlet takes. */
    private static final String ARCHIVES = "/kitchen/archive";

    private final DataSize form;
    private final DataSize upload;

    OversizeForms(
            @Value("${server.tomcat.max-http-form-post-size}") DataSize form,
            @Value("${gradior.upload}") DataSize upload) {
        this.form = form;
        this.upload = upload;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String type = request.getContentType();
        long length = request.getContentLengthLong();
        if (type != null && length > most(type, request.getServletPath())) {
            LOG.info("a form of {} bytes to {} is too large", length, request.getServletPath());
            response.sendError(HttpStatus.CONTENT_TOO_LARGE.value());
            return;
        }
        if (type != null && length < 0 && type.startsWith(MediaType.MULTIPART_FORM_DATA_VALUE)) {
            // Every browser says how much it sends; what does not could send without end.
            response.sendError(HttpStatus.LENGTH_REQUIRED.value());
            return;
        }
        chain.doFilter(request, response);
    }

    private long most(String type, String path) {
        if (type.startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE)) {
            return form.toBytes();
        }
        boolean bounded = type.startsWith(MediaType.MULTIPART_FORM_DATA_VALUE) && !path.equals(ARCHIVES);
        return bounded ? upload.toBytes() : Long.MAX_VALUE;
    }
}
