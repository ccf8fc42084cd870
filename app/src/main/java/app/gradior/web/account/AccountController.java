package app.gradior.web.account;

import app.gradior.web.exchange.Demo;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.server.ResponseStatusException;

/** Signing in and opening a kitchen. */
@Controller
class AccountController {
    private final Accounts accounts;
    private final Demo demo;
    private final SignIn signIn;

    AccountController(Accounts accounts, Demo demo, SignIn signIn) {
        this.accounts = accounts;
        this.demo = demo;
        this.signIn = signIn;
    }

    /** What opening a kitchen takes. */
    record SignUpForm(
            @NotBlank(message = "Choose a name to sign in with.") @Size(max = 80, message = "Use up to 80 letters.")
            String name,

            @NotBlank(message = "Choose a password.")
            @Size(min = 10, max = 72, message = "Use 10 to 72 letters: three words do well.")
            String password,

            @NotBlank(message = "Give your kitchen a name.") @Size(max = 80, message = "Use up to 80 letters.")
            String kitchen) {}

    @ModelAttribute("demo")
    boolean demo() {
        return demo.offered();
    }

    @GetMapping("/signin")
    String signIn() {
        return "account/signin";
    }

    @GetMapping("/signup")
    String signUp(Model model) {
        model.addAttribute("form", new SignUpForm("", "", ""));
        return "account/signup";
    }

    @PostMapping("/signup")
    String open(
            @Valid @ModelAttribute("form") SignUpForm form,
            BindingResult errors,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (!errors.hasErrors()) {
            try {
                accounts.open(form.name(), form.password(), form.kitchen(), 0);
                signIn.as(form.name(), request, response);
                return "redirect:/";
            } catch (Accounts.NameTaken e) {
                errors.rejectValue("name", "taken", "This name is taken: choose another.");
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
        return "account/signup";
    }

    @PostMapping("/demo")
    String tryDemo(HttpServletRequest request, HttpServletResponse response) {
        if (!demo.offered()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        signIn.as(Demo.SIGN_IN_NAME, request, response);
        return "redirect:/";
    }
}
