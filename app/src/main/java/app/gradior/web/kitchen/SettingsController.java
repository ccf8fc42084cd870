package app.gradior.web.kitchen;

import app.gradior.web.platform.FieldErrors;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.authentication.logout.SecurityContextLogoutHandler;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A person's own account: its password, its other devices, leaving a kitchen, going for good. */
@Controller
@RequestMapping("/account")
class SettingsController {
    private final Accounts accounts;
    private final OpenSessions sessions;
    private final Throttle throttle;
    private final SignIn signIn;
    private final Audit audit;

    SettingsController(Accounts accounts, OpenSessions sessions, Throttle throttle, SignIn signIn, Audit audit) {
        this.accounts = accounts;
        this.sessions = sessions;
        this.throttle = throttle;
        this.signIn = signIn;
        this.audit = audit;
    }

    @GetMapping
    String account(@AuthenticationPrincipal KitchenUser user, Model model) {
        model.addAttribute("name", user.getUsername());
        model.addAttribute("alone", accounts.isAlone(user));
        model.addAttribute("guest", user.isGuest());
        return "account/account";
    }

    /** A guest has no password to change; what is theirs goes by itself. */
    private static void refuseGuests(KitchenUser user) {
        if (user.isGuest()) {
            throw new ResponseStatusException(HttpStatus.FORBIDDEN);
        }
    }

    @PostMapping("/password")
    String changePassword(
            @AuthenticationPrincipal KitchenUser user,
            @RequestParam(defaultValue = "") String current,
            @RequestParam(defaultValue = "") String next,
            Model model,
            RedirectAttributes said,
            HttpServletRequest request,
            HttpServletResponse response) {
        refuseGuests(user);
        Optional<String> wrong = notProved(user, current);
        if (wrong.isPresent()) {
            return refused(user, "current", wrong.get(), model, response);
        }
        Optional<String> weak = Passwords.problem(next, List.of(user.getUsername(), user.getKitchenName()));
        if (weak.isPresent()) {
            return refused(user, "next", weak.get(), model, response);
        }
        accounts.changePassword(user, next);
        audit.note(Audit.What.PASSWORD_CHANGED);
        // Before this session gets a new id, which the database does not know until the request is over.
        sessions.endAllBut(user.getUsername(), request.getSession().getId());
        signIn.as(user.getUsername(), request, response);
        said.addFlashAttribute("said", KitchenText.PASSWORD_CHANGED);
        return "redirect:/account";
    }

    /** Why a password typed here does not prove who it is; counted like a try to sign in. */
    private Optional<String> notProved(KitchenUser user, String password) {
        Optional<Duration> wait = throttle.tried(Throttle.Kind.SIGN_IN_NAME, user.getUsername());
        if (wait.isPresent()) {
            return Optional.of(KitchenText.tooManyTries(Throttle.minutes(wait.get())));
        }
        if (!accounts.proves(user, password)) {
            return Optional.of(KitchenText.WRONG_PASSWORD);
        }
        throttle.forget(Throttle.Kind.SIGN_IN_NAME, user.getUsername());
        return Optional.empty();
    }

    private String refused(KitchenUser user, String field, String why, Model model, HttpServletResponse response) {
        FieldErrors wrong = new FieldErrors();
        wrong.say(field, why);
        model.addAttribute("wrong", wrong);
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return account(user, model);
    }

    @PostMapping("/sign-out-everywhere")
    String signOutEverywhere(
            @AuthenticationPrincipal KitchenUser user, HttpServletRequest request, HttpServletResponse response) {
        refuseGuests(user);
        sessions.endAllBut(user.getUsername(), request.getSession().getId());
        new SecurityContextLogoutHandler().logout(request, response, null);
        return "redirect:/signin?ended";
    }

    @PostMapping("/leave")
    String leave(
            @AuthenticationPrincipal KitchenUser user,
            RedirectAttributes said,
            HttpServletRequest request,
            HttpServletResponse response) {
        refuseGuests(user);
        if (!accounts.leave(user)) {
            said.addFlashAttribute("said", KitchenText.LAST_ONE);
            return "redirect:/account";
        }
        sessions.endAllBut(user.getUsername(), request.getSession().getId());
        signIn.as(user.getUsername(), request, response);
        return "redirect:/";
    }

    @PostMapping("/delete")
    String delete(
            @AuthenticationPrincipal KitchenUser user,
            @RequestParam(defaultValue = "") String password,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        refuseGuests(user);
        if (accounts.isAlone(user) && !sessions.downloadedLately(request.getSession())) {
            return refused(user, "password", KitchenText.DOWNLOAD_FIRST, model, response);
        }
        Optional<String> wrong = notProved(user, password);
        if (wrong.isPresent()) {
            return refused(user, "password", wrong.get(), model, response);
        }
        accounts.delete(user);
        sessions.endAllBut(user.getUsername(), request.getSession().getId());
        new SecurityContextLogoutHandler().logout(request, response, null);
        return "redirect:/signin?gone";
    }
}
