package app.gradior.web.keeping;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.kitchen.KitchenUser;
import app.gradior.web.platform.NotFound;
import app.gradior.web.platform.SiteAddress;
import app.gradior.web.text.UnitFormat;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The dates of jars for calendars: as a file, and under an address of one's own that can be taken back. */
@Controller
class CalendarController {
    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");

    private final Calendars calendars;
    private final SiteAddress site;

    CalendarController(Calendars calendars, SiteAddress site) {
        this.calendars = calendars;
        this.site = site;
    }

    @GetMapping("/shelf/calendar")
    String calendar(@InKitchen UUID kitchen, @AuthenticationPrincipal KitchenUser user, Model model) {
        model.addAttribute("addresses", calendars.addresses(kitchen, user.getUsername()));
        return "keeping/calendar";
    }

    @GetMapping("/shelf/jars.ics")
    ResponseEntity<String> file(@InKitchen UUID kitchen, UnitFormat say) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("jars.ics")
                                .build()
                                .toString())
                .body(calendars.of(kitchen, say.preference().zone()));
    }

    /** Shown once: only its hash is kept. */
    @PostMapping("/shelf/calendar")
    String address(@InKitchen UUID kitchen, @AuthenticationPrincipal KitchenUser user, RedirectAttributes said) {
        String token = calendars.newAddress(kitchen, user.getUsername());
        said.addFlashAttribute("address", site.link("/calendar/" + token + ".ics"));
        return "redirect:/shelf/calendar";
    }

    @PostMapping("/shelf/calendar/revoke")
    String revoke(@InKitchen UUID kitchen, @AuthenticationPrincipal KitchenUser user) {
        calendars.revoke(kitchen, user.getUsername());
        return "redirect:/shelf/calendar";
    }

    /** Read by a calendar, which has nothing but the address. */
    @GetMapping("/calendar/{token}.ics")
    ResponseEntity<String> read(@PathVariable String token) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(HttpHeaders.CACHE_CONTROL, "private, no-cache")
                .body(calendars.behind(token).orElseThrow(() -> new NotFound("calendar")));
    }
}
