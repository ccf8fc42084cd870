package app.gradior.web.kitchen;

import java.util.ArrayList;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Says of a password that is being chosen how hard it is to guess. Nothing of it is kept. */
@RestController
class PasswordController {
    private static final int MOST_NAMES = 4;
    private static final int LONGEST_NAME = 80;

    /** @param own the names beside it in its form, which a stranger would try first */
    @PostMapping("/password/strength")
    Passwords.Strength strength(
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") List<String> own,
            @AuthenticationPrincipal KitchenUser user) {
        List<String> names = new ArrayList<>();
        if (user != null) {
            names.add(user.getUsername());
            names.add(user.getKitchenName());
        }
        own.stream()
                .limit(MOST_NAMES)
                .map(name -> name.substring(0, Math.min(LONGEST_NAME, name.length())))
                .forEach(names::add);
        return Passwords.strength(password, names);
    }
}
