package app.gradior.web.kitchen;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.event.AuthenticationSuccessEvent;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets a name, and an address, try so many passwords and no more; past that even the right one waits. */
class SignInThrottle extends OncePerRequestFilter {
    private final Throttle throttle;

    SignInThrottle(Throttle throttle) {
        this.throttle = throttle;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !(request.getMethod().equals("POST") && request.getServletPath().equals("/signin"));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String name = request.getParameter("username");
        Optional<Duration> ofName =
                throttle.tried(Throttle.Kind.SIGN_IN_NAME, Accounts.normalised(name == null ? "" : name));
        Optional<Duration> fromAddress =
                throttle.tried(Throttle.Kind.SIGN_IN_ADDRESS, Throttle.address(request.getRemoteAddr()));
        Optional<Duration> wait = ofName.or(() -> fromAddress);
        if (wait.isEmpty()) {
            chain.doFilter(request, response);
            return;
        }
        response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(wait.get().toSeconds()));
        response.sendRedirect(request.getContextPath() + "/signin?later=" + Throttle.minutes(wait.get()));
    }

    /** Whoever was right begins anew. */
    @EventListener
    void signedIn(AuthenticationSuccessEvent event) {
        throttle.forget(Throttle.Kind.SIGN_IN_NAME, event.getAuthentication().getName());
    }
}
