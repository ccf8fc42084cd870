package app.gradior.web.kitchen;

import java.time.Clock;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** Tells a page that has been open for long who is signed in now, what sending needs, and what time it is. */
@Controller
class SessionController {
    private final Clock clock;

    SessionController(Clock clock) {
        this.clock = clock;
    }

    /**
     * @param who the mark of whoever is signed in
     * @param now ms since 1970, by the server's clock
     */
    record Now(String who, String token, long now) {}

    @GetMapping("/session")
    @ResponseBody
    ResponseEntity<Now> session(@AuthenticationPrincipal KitchenUser user, CsrfToken token) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(new Now(user.getMark(), token.getToken(), clock.instant().toEpochMilli()));
    }
}
