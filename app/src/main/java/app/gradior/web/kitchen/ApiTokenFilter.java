package app.gradior.web.kitchen;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets a program in that brings a person's token: for one request, and for what the token is good for. */
class ApiTokenFilter extends OncePerRequestFilter {
    private static final String BEARER = "Bearer ";

    private final ApiTokens tokens;
    private final Accounts accounts;
    private final Throttle throttle;

    ApiTokenFilter(ApiTokens tokens, Accounts accounts, Throttle throttle) {
        this.tokens = tokens;
        this.accounts = accounts;
        this.throttle = throttle;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String said = Optional.ofNullable(request.getHeader(HttpHeaders.AUTHORIZATION))
                .orElse("");
        if (!said.startsWith(BEARER)) {
            chain.doFilter(request, response);
            return;
        }
        Optional<ApiTokens.Proved> proved =
                tokens.proved(said.substring(BEARER.length()).strip());
        if (proved.isEmpty()) {
            refuse(request, response);
            return;
        }
        KitchenUser user = accounts.loadUserByUsername(proved.get().person());
        user.eraseCredentials();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                user,
                null,
                List.of(new SimpleGrantedAuthority(proved.get().scope().authority()))));
        SecurityContextHolder.setContext(context);
        chain.doFilter(request, response);
    }

    /** A right token is never made to wait: only whoever guesses. */
    private void refuse(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Optional<Duration> wait = throttle.tried(Throttle.Kind.TOKEN, Throttle.address(request.getRemoteAddr()));
        wait.ifPresent(time -> response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(time.toSeconds())));
        say(
                response,
                wait.isPresent() ? HttpStatus.TOO_MANY_REQUESTS : HttpStatus.UNAUTHORIZED,
                wait.map(time -> KitchenText.tooManyTries(Throttle.minutes(time)))
                        .orElse(KitchenText.NO_SUCH_TOKEN));
    }

    static void say(HttpServletResponse response, HttpStatus status, String words) throws IOException {
        response.setStatus(status.value());
        if (status == HttpStatus.UNAUTHORIZED) {
            response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Bearer");
        }
        response.setContentType(MediaType.TEXT_PLAIN_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter().println(words);
    }
}
