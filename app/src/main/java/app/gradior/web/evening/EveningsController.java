package app.gradior.web.evening;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.kitchen.KitchenUser;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.text.UnitFormat;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The evenings there are, a new one, and one like another. */
@Controller
@RequestMapping("/evenings")
class EveningsController {
    private static final String VIEW = "evening/evenings";
    private static final String DINNER = "19:00";
    private static final int LATE_IN_THE_DAY = 18;

    private final Evenings evenings;

    EveningsController(Evenings evenings) {
        this.evenings = evenings;
    }

    /** The next dinner time is proposed: today's, or tomorrow's in the evening. */
    @GetMapping
    String list(@InKitchen UUID kitchen, UnitFormat say, Model model) {
        ZonedDateTime now = evenings.now().atZone(say.preference().zone());
        String day = now.toLocalDate()
                .plusDays(now.getHour() < LATE_IN_THE_DAY ? 0 : 1)
                .toString();
        return list(kitchen, new EveningForm("", day, DINNER, "", ""), new FieldErrors(), model);
    }

    private String list(UUID kitchen, EveningForm form, FieldErrors wrong, Model model) {
        model.addAttribute("coming", evenings.coming(kitchen));
        model.addAttribute("past", evenings.past(kitchen));
        model.addAttribute("form", form);
        model.addAttribute("wrong", wrong);
        return VIEW;
    }

    /**
     * Makes a new one.
     *
     * @param form the id it is sent under
     */
    @PostMapping
    String add(
            @AuthenticationPrincipal KitchenUser user,
            @RequestParam UUID form,
            EveningForm fields,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        FieldErrors wrong = new FieldErrors();
        String name = fields.name(wrong);
        Optional<Instant> served =
                fields.served(evenings.now(), say.preference().zone(), wrong);
        if (wrong.any() || served.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return list(user.kitchenId(), fields, wrong, model);
        }
        EveningBody body = EveningBody.at(served.get(), user.isGuest() ? EveningText.COOK : user.getUsername());
        return "redirect:/evenings/" + evenings.add(user.kitchenId(), form, name, body);
    }

    /** One as another was, at the same hour of today; tomorrow if that is over. */
    @PostMapping("/{id}/again")
    String again(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam UUID form) {
        Evenings.Kept kept = evenings.get(kitchen, id);
        Instant served = kept.body().lastServed();
        long days = Math.floorDiv(
                Duration.between(served, evenings.now()).toSeconds(),
                Duration.ofDays(1).toSeconds());
        Duration on = Duration.ofDays(days + 1);
        List<EveningBody.Course> courses = new ArrayList<>();
        kept.body().courses().forEach(c -> courses.add(new EveningBody.Course(c.name(), c.at().plus(on))));
        EveningBody like = new EveningBody(
                kept.body().next(),
                courses,
                kept.body().cooks().stream()
                        .map(cook -> new EveningBody.Cook(cook.name(), null, null))
                        .toList(),
                kept.body().shelves(),
                kept.body().jobs(),
                List.of());
        return "redirect:/evenings/" + evenings.add(kitchen, form, kept.name(), like);
    }
}
