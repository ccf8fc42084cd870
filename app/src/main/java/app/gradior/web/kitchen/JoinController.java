package app.gradior.web.kitchen;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Joins a kitchen by an invitation. */
@Controller
@RequestMapping("/join/{token}")
class JoinController {
    private final Invitations invitations;
    private final Accounts accounts;
    private final SignIn signIn;
    private final Throttle throttle;
    private final Audit audit;

    JoinController(Invitations invitations, Accounts accounts, SignIn signIn, Throttle throttle, Audit audit) {
        this.invitations = invitations;
        this.accounts = accounts;
        this.signIn = signIn;
        this.throttle = throttle;
        this.audit = audit;
    }

    /** Who joins. */
    record JoinForm(
            @NotBlank(message = KitchenText.NAME) @Size(max = 80, message = KitchenText.NAME_TOO_LONG)
            String name,

            @NotBlank(message = KitchenText.PASSWORD) String password) {}

    @GetMapping
    String asked(@PathVariable String token, Model model) {
        model.addAttribute("kitchen", invitations.invited(token).kitchenName());
        model.addAttribute("form", new JoinForm("", ""));
        return "account/join";
    }

    @PostMapping
    String join(
            @PathVariable String token,
            @Valid @ModelAttribute("form") JoinForm form,
            BindingResult errors,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        AccountMapper.InvitedRow invited = invitations.invited(token);
        if (!errors.hasErrors()) {
            Passwords.problem(form.password(), List.of(form.name(), invited.kitchenName()))
                    .ifPresent(problem -> errors.rejectValue("password", "weak", problem));
        }
        model.addAttribute("kitchen", invited.kitchenName());
        if (!errors.hasErrors() && AccountController.waits(throttle, request, response, errors)) {
            return "account/join";
        }
        if (!errors.hasErrors()) {
            try {
                accounts.join(invited, form.name(), form.password());
                signIn.as(form.name(), request, response);
                audit.note(Audit.What.JOINED);
                return "redirect:/";
            } catch (Accounts.NameTaken e) {
                errors.rejectValue("name", "taken", KitchenText.NAME_TAKEN);
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return "account/join";
    }
}
