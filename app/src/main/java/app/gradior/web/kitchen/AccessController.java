package app.gradior.web.kitchen;

import app.gradior.measure.NumberInput;
import app.gradior.web.platform.FieldErrors;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Who comes in to a kitchen: its people lately, and a person's own programs. */
@Controller
@RequestMapping("/account/access")
class AccessController {
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_DAYS = 366;

    private final ApiTokens tokens;
    private final Audit audit;

    AccessController(ApiTokens tokens, Audit audit) {
        this.tokens = tokens;
        this.audit = audit;
    }

    @GetMapping
    String access(@AuthenticationPrincipal KitchenUser user, Model model) {
        model.addAttribute("tokens", tokens.all(user));
        model.addAttribute("scopes", ApiTokens.Scope.values());
        model.addAttribute("entries", audit.latest(user.kitchenId()));
        model.addAttribute("guest", user.isGuest());
        return "account/access";
    }

    /** What was done from elsewhere was done by whoever asks. */
    @PostMapping("/own")
    String own(Authentication who, @RequestParam Instant until) {
        audit.own(who, until);
        return "redirect:/";
    }

    @PostMapping("/tokens")
    String make(
            @AuthenticationPrincipal KitchenUser user,
            @RequestParam(defaultValue = "") String called,
            @RequestParam(defaultValue = "") String scope,
            @RequestParam(defaultValue = "") String days,
            RedirectAttributes said,
            Model model,
            HttpServletResponse response) {
        if (user.isGuest()) {
            throw new ResponseStatusException(HttpStatus.FORBIDDEN);
        }
        FieldErrors wrong = new FieldErrors();
        String name = called.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            wrong.say("called", KitchenText.TOKEN_NAME);
        }
        Optional<ApiTokens.Scope> good = Arrays.stream(ApiTokens.Scope.values())
                .filter(s -> s.name().equals(scope))
                .findFirst();
        if (good.isEmpty()) {
            wrong.say("scope", KitchenText.TOKEN_SCOPE);
        }
        var lasts = NumberInput.read(days, 1, LONGEST_DAYS);
        if (lasts.isEmpty()) {
            wrong.say("days", KitchenText.TOKEN_DAYS);
        }
        if (tokens.all(user).size() >= ApiTokens.MOST) {
            wrong.say("called", KitchenText.TOKENS_ENOUGH);
        }
        if (wrong.any()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("wrong", wrong);
            model.addAttribute("called", called);
            model.addAttribute("days", days);
            model.addAttribute("scope", scope);
            return access(user, model);
        }
        ApiTokens.Made made = tokens.make(user, name, good.get(), (int) lasts.getAsDouble());
        audit.note(Audit.What.TOKEN_MADE);
        said.addFlashAttribute("madeName", made.token().name());
        said.addFlashAttribute("madeSecret", made.secret());
        return "redirect:/account/access";
    }

    @PostMapping("/tokens/{id}/withdraw")
    String withdraw(@AuthenticationPrincipal KitchenUser user, @PathVariable UUID id) {
        tokens.withdraw(user, id);
        return "redirect:/account/access";
    }
}
