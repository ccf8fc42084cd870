package app.gradior.web.kitchen;

import app.gradior.measure.Measures;
import app.gradior.web.text.UnitPreference;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A kitchen's preferences and its people. */
@Controller
class KitchenController {
    /** By region and place, as people know them. */
    private static final List<String> ZONES = Stream.concat(
                    Stream.of("UTC"),
                    ZoneId.getAvailableZoneIds().stream()
                            .filter(id -> id.matches(
                                    "(Africa|America|Antarctica|Asia|Atlantic|Australia|Europe|Indian|Pacific)/.+"))
                            .sorted())
            .toList();

    private final AccountMapper mapper;
    private final Invitations invitations;
    private final SignIn signIn;
    private final Audit audit;

    KitchenController(AccountMapper mapper, Invitations invitations, SignIn signIn, Audit audit) {
        this.mapper = mapper;
        this.invitations = invitations;
        this.signIn = signIn;
        this.audit = audit;
    }

    /** What a kitchen prefers. */
    record PreferencesForm(
            @NotBlank(message = KitchenText.KITCHEN_NAME) @Size(max = 80, message = KitchenText.NAME_TOO_LONG)
            String name,

            @NotNull(message = KitchenText.WEIGHTS) UnitPreference.Units units,

            @NotNull(message = KitchenText.CUPS) Measures measures,

            @NotNull(message = KitchenText.TEMPERATURES) UnitPreference.TemperatureScale temperature,

            @NotNull(message = KitchenText.METRES)
            @Min(value = -400, message = KitchenText.TOO_LOW)
            @Max(value = 5500, message = KitchenText.TOO_HIGH)
            Integer altitudeM,

            @NotNull(message = KitchenText.ROOM)
            @DecimalMin(value = "0", message = KitchenText.ROOM_BOUNDS)
            @DecimalMax(value = "45", message = KitchenText.ROOM_BOUNDS)
            Double roomC,

            Boolean hood,
            String timeZone) {
        PreferencesForm {
            hood = Boolean.TRUE.equals(hood);
        }
    }

    @GetMapping("/kitchen")
    String kitchen(@InKitchen UUID kitchen, Model model) {
        AccountMapper.KitchenRow row = mapper.get(kitchen);
        model.addAttribute(
                "form",
                new PreferencesForm(
                        row.name(),
                        row.units(),
                        row.measures(),
                        row.temperature(),
                        row.altitudeM(),
                        row.roomC(),
                        row.hood(),
                        row.timeZone()));
        return page(kitchen, model);
    }

    private String page(UUID kitchen, Model model) {
        model.addAttribute("members", mapper.members(kitchen));
        model.addAttribute("invitations", invitations.open(kitchen));
        model.addAttribute("measures", Measures.values());
        model.addAttribute("zones", ZONES);
        return "account/kitchen";
    }

    @PostMapping("/kitchen")
    String prefer(
            @InKitchen UUID kitchen,
            @Valid @ModelAttribute("form") PreferencesForm form,
            BindingResult errors,
            RedirectAttributes said,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        // A form of which a field can't be read is none: its fields and faults stand in the errors.
        Optional<ZoneId> zone = errors.getTarget() == null
                ? Optional.empty()
                : AccountController.zoneOf(
                        form.timeZone() == null ? mapper.get(kitchen).timeZone() : form.timeZone());
        if (errors.getTarget() != null && zone.isEmpty()) {
            errors.rejectValue("timeZone", "zone", KitchenText.TIME_ZONE);
        }
        if (errors.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(kitchen, model);
        }
        mapper.prefer(new AccountMapper.KitchenRow(
                kitchen,
                form.name().strip(),
                form.altitudeM(),
                form.measures(),
                form.units(),
                form.temperature(),
                form.hood(),
                form.roomC(),
                zone.get().getId(),
                null,
                null,
                0));
        // The name of the kitchen stands in the session too.
        signIn.as(request.getUserPrincipal().getName(), request, response);
        said.addFlashAttribute("said", "Saved.");
        return "redirect:/kitchen";
    }

    /** Makes a link by which one more person joins; it is shown this once. */
    @PostMapping("/kitchen/invitations")
    String invite(@AuthenticationPrincipal KitchenUser user, RedirectAttributes said) {
        if (user.isGuest()) {
            throw new ResponseStatusException(HttpStatus.FORBIDDEN);
        }
        audit.note(Audit.What.INVITED);
        said.addFlashAttribute("link", invitations.invite(user.kitchenId()));
        return "redirect:/kitchen#people";
    }

    @PostMapping("/kitchen/invitations/{id}/withdraw")
    String withdraw(@InKitchen UUID kitchen, @PathVariable UUID id) {
        invitations.withdraw(kitchen, id);
        return "redirect:/kitchen#people";
    }
}
