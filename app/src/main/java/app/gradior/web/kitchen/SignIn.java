package app.gradior.web.kitchen;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.WebAuthenticationDetailsSource;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;

/** Signs somebody in who has just been let in, in a session of a new id. */
@Component
class SignIn {
    private final Accounts accounts;
    private final SecurityContextRepository contexts;
    private final CsrfTokenRepository csrfTokens;
    private final StayingSignedIn staying;
    private final Audit audit;

    SignIn(
            Accounts accounts,
            SecurityContextRepository contexts,
            CsrfTokenRepository csrfTokens,
            StayingSignedIn staying,
            Audit audit) {
        this.accounts = accounts;
        this.contexts = contexts;
        this.csrfTokens = csrfTokens;
        this.staying = staying;
        this.audit = audit;
    }

    void as(String name, HttpServletRequest request, HttpServletResponse response) {
        KitchenUser user = accounts.loadUserByUsername(name);
        user.eraseCredentials();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        var who = UsernamePasswordAuthenticationToken.authenticated(user, null, user.getAuthorities());
        who.setDetails(new WebAuthenticationDetailsSource().buildDetails(request));
        context.setAuthentication(who);
        Optional<KitchenUser> before = KitchenUser.of(request.getUserPrincipal());
        if (before.isEmpty()) {
            staying.begin(request, true);
        } else {
            staying.goOn(request);
        }
        request.changeSessionId();
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        // What was known before somebody was let in is known no more.
        csrfTokens.saveToken(null, request, response);
        if (before.filter(person -> !person.isGuest()).isEmpty() && !user.isGuest()) {
            audit.note(Audit.What.SIGNED_IN);
        }
    }
}
