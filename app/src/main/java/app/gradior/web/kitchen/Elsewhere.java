package app.gradior.web.kitchen;

import java.util.List;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.thymeleaf.context.LazyContextVariable;

/** Asks somebody whether what was done under their name from elsewhere was they: on the page that shows it, and only there. */
@ControllerAdvice
class Elsewhere {
    private final Audit audit;

    Elsewhere(Audit audit) {
        this.audit = audit;
    }

    /** Worked out once a template names it. */
    @ModelAttribute("elsewhere")
    LazyContextVariable<List<Audit.Entry>> elsewhere(Authentication who) {
        return new LazyContextVariable<>() {
            @Override
            protected List<Audit.Entry> loadValue() {
                return audit.elsewhere(who);
            }
        };
    }
}
