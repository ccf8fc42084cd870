package app.gradior.web.platform;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.sql.SQLException;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.TransactionException;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.support.DefaultHandlerExceptionResolver;

/**
 * Tells a browser that has gone from a database that has. Spring takes an end of file or a broken pipe anywhere among the
 * causes for the browser's and answers nothing, with a status of 200, unless a {@code DataAccessException} is among them: a
 * commit whose connection was cut has none, and would be told as made.
 */
@Configuration
class DisconnectedClients implements WebMvcConfigurer {
    private static final int CAUSES = 20;

    @Override
    public void extendHandlerExceptionResolvers(List<HandlerExceptionResolver> resolvers) {
        resolvers.replaceAll(
                resolver -> resolver instanceof DefaultHandlerExceptionResolver ? new OfBrowsersOnly() : resolver);
    }

    private static final class OfBrowsersOnly extends DefaultHandlerExceptionResolver {
        @Override
        protected ModelAndView handleDisconnectedClientException(
                Exception ex, HttpServletRequest request, HttpServletResponse response, Object handler) {
            return isOfTheDatabase(ex) ? null : super.handleDisconnectedClientException(ex, request, response, handler);
        }

        private static boolean isOfTheDatabase(Throwable thrown) {
            Throwable cause = thrown;
            for (int i = 0; cause != null && i < CAUSES; i++) {
                if (cause instanceof SQLException || cause instanceof TransactionException) {
                    return true;
                }
                cause = cause.getCause();
            }
            return false;
        }
    }
}
