package app.gradior.web.kitchen;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;

/** Signs somebody in who has just been let in, in a session of a new id. */
@Component
class SignIn {
    private final Accounts accounts;
    private final SecurityContextRepository contexts;
    private final CsrfTokenRepository csrfTokens;

    SignIn(Accounts accounts, SecurityContextRepository contexts, CsrfTokenRepository csrfTokens) {
        this.accounts = accounts;
        this.contexts = contexts;
        this.csrfTokens = csrfTokens;
    }

    void as(String name, HttpServletRequest request, HttpServletResponse response) {
        KitchenUser user = accounts.loadUserByUsername(name);
        user.eraseCredentials();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(user, null, user.getAuthorities()));
        request.getSession();
        request.changeSessionId();
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        // What was known before somebody was let in is known no more.
        csrfTokens.saveToken(null, request, response);
    }
}
