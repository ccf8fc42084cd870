package app.gradior.web.kitchen;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** Signing in and opening a kitchen. */
@Controller
class AccountController {
    private final Accounts accounts;
    private final Throttle throttle;
    private final DemoKitchen demo;
    private final SignIn signIn;

    AccountController(Accounts accounts, Throttle throttle, DemoKitchen demo, SignIn signIn) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.demo = demo;
        this.signIn = signIn;
    }

    /**
     * What opening a kitchen takes.
     *
     * @param timeZone as the browser names it
     */
    record SignUpForm(
            @NotBlank(message = "Choose a name to sign in with.") @Size(max = 80, message = "Use up to 80 letters.")
            String name,

            @NotBlank(message = "Choose a password.") String password,

            @NotBlank(message = "Give your kitchen a name.") @Size(max = 80, message = "Use up to 80 letters.")
            String kitchen,

            String timeZone) {
        ZoneId zone() {
            return zoneOf(timeZone).orElse(ZoneOffset.UTC);
        }
    }

    /** The time zone of a name; empty if there is none such. */
    static Optional<ZoneId> zoneOf(String name) {
        try {
            return name == null || name.isBlank() || name.length() > 64
                    ? Optional.empty()
                    : Optional.of(ZoneId.of(name.strip()));
        } catch (DateTimeException unknown) {
            return Optional.empty();
        }
    }

    @ModelAttribute("demo")
    boolean demo() {
        return demo.offered();
    }

    /** @param later minutes to wait, after too many tries */
    @GetMapping("/signin")
    String signIn(@RequestParam Optional<String> later, Model model) {
        later.filter(minutes -> minutes.matches("\\d{1,3}")).ifPresent(minutes -> model.addAttribute("wait", minutes));
        return "account/signin";
    }

    @GetMapping("/signup")
    String signUp(Model model) {
        model.addAttribute("form", new SignUpForm("", "", "", ""));
        return "account/signup";
    }

    @PostMapping("/signup")
    String open(
            @Valid @ModelAttribute("form") SignUpForm form,
            BindingResult errors,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (!errors.hasFieldErrors("password")) {
            Passwords.problem(form.password(), List.of(text(form.name()), text(form.kitchen())))
                    .ifPresent(problem -> errors.rejectValue("password", "weak", problem));
        }
        if (!errors.hasErrors() && !waits(throttle, request, response, errors)) {
            try {
                accounts.open(form.name(), form.password(), form.kitchen(), form.zone());
                signIn.as(form.name(), request, response);
                return "redirect:/";
            } catch (Accounts.NameTaken e) {
                errors.rejectValue("name", "taken", "This name is taken: choose another.");
            }
        }
        if (response.getStatus() == HttpStatus.OK.value()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        return "account/signup";
    }

    private static String text(String typed) {
        return typed == null ? "" : typed;
    }

    /** Whether too many accounts were opened from one address; then it is said beside the name. */
    static boolean waits(
            Throttle throttle, HttpServletRequest request, HttpServletResponse response, BindingResult errors) {
        Optional<Duration> wait = throttle.tried(Throttle.Kind.SIGN_UP, Throttle.address(request.getRemoteAddr()));
        wait.ifPresent(time -> {
            response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
            response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(time.toSeconds()));
            errors.rejectValue(
                    "name",
                    "wait",
                    "Many accounts were made from here in the last hour: try again in " + Throttle.minutes(time)
                            + " minutes.");
        });
        return wait.isPresent();
    }

    @PostMapping("/demo")
    String tryDemo(HttpServletRequest request, HttpServletResponse response) {
        if (!demo.offered()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        Optional<Duration> wait = throttle.tried(Throttle.Kind.DEMO, Throttle.address(request.getRemoteAddr()));
        if (wait.isPresent()) {
            return "redirect:/signin?later=" + Throttle.minutes(wait.get());
        }
        signIn.as(DemoKitchen.SIGN_IN_NAME, request, response);
        return "redirect:/";
    }
}
