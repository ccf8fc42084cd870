package app.gradior.web.kitchen;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.RememberMeServices;
import org.springframework.session.security.web.authentication.SpringSessionRememberMeServices;
import org.springframework.stereotype.Component;

/**
 * How long somebody stays signed in: on a device of their own for thirty days after its last use, whether its browser is
 * closed meanwhile or not; on any other until the browser closes, and twelve hours after its last use at most.
 * (Spring Session's own services would leave a guest's long session long for whoever signs in in it without asking.)
 */
@Component
class StayingSignedIn implements RememberMeServices {
    /** The box of the form. */
    private static final String ASKED = "stay";

    /** Where a request says that the cookie of its session outlasts the browser; Spring's cookies look for it here. */
    private static final String LASTING = SpringSessionRememberMeServices.REMEMBER_ME_LOGIN_ATTR;

    /** More than the hour after which the use of a session is written. */
    static final int ELSEWHERE_S = 12 * 60 * 60;

    private static final int OWN_DEVICE_S = 30 * 24 * 60 * 60;

    /** The session itself is what is kept: nobody comes in by anything else. */
    @Override
    public Authentication autoLogin(HttpServletRequest request, HttpServletResponse response) {
        return null;
    }

    @Override
    public void loginFail(HttpServletRequest request, HttpServletResponse response) {
        // Whoever was signed in before still is, for as long as before.
    }

    @Override
    public void loginSuccess(HttpServletRequest request, HttpServletResponse response, Authentication who) {
        begin(request, request.getParameter(ASKED) != null);
    }

    void begin(HttpServletRequest request, boolean ownDevice) {
        request.getSession().setMaxInactiveInterval(ownDevice ? OWN_DEVICE_S : ELSEWHERE_S);
        goOn(request);
    }

    /** A session that gets another id lasts as long as it did. */
    void goOn(HttpServletRequest request) {
        HttpSession session = request.getSession();
        request.setAttribute(LASTING, session.getMaxInactiveInterval() == OWN_DEVICE_S ? true : null);
    }
}
