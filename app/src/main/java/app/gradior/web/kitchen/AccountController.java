package app.gradior.web.kitchen;

import app.gradior.measure.TypedLength;
import app.gradior.pot.Ring;
import app.gradior.pot.TypicalPot;
import app.gradior.quantity.Altitude;
import app.gradior.web.text.UnitFormat;
import app.gradior.web.text.UnitPreference;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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
    private final Visitors visitors;

    AccountController(Accounts accounts, Throttle throttle, DemoKitchen demo, SignIn signIn, Visitors visitors) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.demo = demo;
        this.signIn = signIn;
        this.visitors = visitors;
    }

    /**
     * What opening a kitchen takes.
     *
     * @param timeZone as the browser names it
     */
    record SignUpForm(
            @NotBlank(message = KitchenText.NAME) @Size(max = 80, message = KitchenText.NAME_TOO_LONG)
            String name,

            @NotBlank(message = KitchenText.PASSWORD) String password,

            @NotBlank(message = KitchenText.KITCHEN_NAME) @Size(max = 80, message = KitchenText.NAME_TOO_LONG)
            String kitchen,

            String timeZone,
            String units,
            String height,
            String stove,
            List<String> pots) {
        /** Until it is filled: grams, by the coast, electric rings. */
        static final SignUpForm EMPTY = new SignUpForm("", "", "", "", "", "", "", List.of());

        SignUpForm {
            pots = pots == null ? List.of() : pots;
        }

        /** What is none of the units offered stands for the first, as of the stoves and the pots. */
        public boolean us() {
            return UnitPreference.Units.US.name().equals(units);
        }

        public Ring.Kind kind() {
            return Arrays.stream(Ring.Kind.values())
                    .filter(k -> k.name().equals(stove))
                    .findFirst()
                    .orElse(Ring.Kind.CERAMIC);
        }

        private Set<TypicalPot> typical() {
            return Arrays.stream(TypicalPot.values())
                    .filter(p -> pots.contains(p.name()))
                    .collect(Collectors.toSet());
        }

        /** How high the kitchen lies; by the sea if that is left open, empty if it can't be read. */
        Optional<Altitude> altitude() {
            return height == null || height.isBlank()
                    ? Optional.of(Altitude.SEA_LEVEL)
                    : TypedLength.altitude(height, us());
        }

        NewKitchen kitchen(Altitude altitude) {
            return new NewKitchen(
                    kitchen,
                    zoneOf(timeZone).orElse(ZoneOffset.UTC),
                    us() ? UnitPreference.Units.US : UnitPreference.Units.METRIC,
                    (int) Math.round(altitude.metres()),
                    kind(),
                    typical());
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

    @ModelAttribute
    void offers(Model model) {
        model.addAttribute("demo", demo.offered());
        model.addAttribute("kinds", Ring.Kind.values());
        model.addAttribute("typical", TypicalPot.values());
    }

    /** @param later minutes to wait, after too many tries */
    @GetMapping("/signin")
    String signIn(@RequestParam Optional<String> later, Model model) {
        later.filter(minutes -> minutes.matches("\\d{1,3}")).ifPresent(minutes -> model.addAttribute("wait", minutes));
        return "account/signin";
    }

    @GetMapping("/signup")
    String signUp(@AuthenticationPrincipal KitchenUser guest, Model model) {
        model.addAttribute("keeps", tried(guest));
        model.addAttribute("form", SignUpForm.EMPTY);
        return "account/signup";
    }

    @PostMapping("/signup")
    String open(
            @Valid @ModelAttribute("form") SignUpForm form,
            BindingResult errors,
            @AuthenticationPrincipal KitchenUser guest,
            HttpServletRequest request,
            HttpServletResponse response) {
        Optional<Altitude> altitude = form.altitude();
        if (altitude.isEmpty()) {
            errors.rejectValue("height", "height", KitchenText.HEIGHT);
        }
        if (!errors.hasFieldErrors("password")) {
            Passwords.problem(form.password(), List.of(text(form.name()), text(form.kitchen())))
                    .ifPresent(problem -> errors.rejectValue("password", "weak", problem));
        }
        if (!errors.hasErrors() && !waits(throttle, request, response, errors)) {
            try {
                NewKitchen wanted = form.kitchen(altitude.get());
                if (tried(guest)) {
                    accounts.adopt(guest, form.name(), form.password(), wanted);
                } else {
                    accounts.open(form.name(), form.password(), wanted);
                }
                signIn.as(form.name(), request, response);
                return tried(guest) ? "redirect:/" : "redirect:/sauces/starters";
            } catch (Accounts.NameTaken e) {
                errors.rejectValue("name", "taken", KitchenText.NAME_TAKEN);
            }
        }
        if (response.getStatus() == HttpStatus.OK.value()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        return "account/signup";
    }

    /** Whether somebody made something of their own before they had an account. */
    private static boolean tried(KitchenUser user) {
        return user != null && user.guest().filter(Accounts.Guest.TRIAL::equals).isPresent();
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
            errors.rejectValue("name", "wait", KitchenText.manyAccounts(Throttle.minutes(time)));
        });
        return wait.isPresent();
    }

    @PostMapping("/demo")
    String tryDemo(
            @RequestParam(defaultValue = "") String timeZone,
            UnitFormat say,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (!demo.offered()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        try {
            visitors.open(
                    Accounts.Guest.DEMO,
                    KitchenText.DEMO_KITCHEN,
                    timeZone,
                    say.preference().units(),
                    request,
                    response);
        } catch (Visitors.TooMany e) {
            return "redirect:/signin?later=" + e.minutes();
        }
        return "redirect:/";
    }
}
