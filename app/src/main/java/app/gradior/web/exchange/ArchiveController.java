package app.gradior.web.exchange;

import app.gradior.web.kitchen.Audit;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.kitchen.KitchenUser;
import app.gradior.web.kitchen.OpenSessions;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** All that a kitchen has goes out as one file, and comes in again. */
@Controller
class ArchiveController {
    private static final String VIEW = "account/archive";

    private final ArchiveDownload download;
    private final KitchenIntake intake;
    private final OpenSessions sessions;
    private final Audit audit;

    ArchiveController(ArchiveDownload download, KitchenIntake intake, OpenSessions sessions, Audit audit) {
        this.download = download;
        this.intake = intake;
        this.sessions = sessions;
        this.audit = audit;
    }

    @GetMapping("/kitchen/everything.zip")
    void everything(@InKitchen UUID kitchen, HttpSession session, HttpServletResponse response) throws IOException {
        sessions.downloaded(session);
        download.send(kitchen, response);
    }

    @GetMapping("/kitchen/archive")
    String ask() {
        return VIEW;
    }

    @PostMapping("/kitchen/archive")
    String takeIn(
            @AuthenticationPrincipal KitchenUser user,
            @RequestParam(required = false) MultipartFile archive,
            RedirectAttributes said,
            Model model,
            HttpServletResponse response)
            throws IOException {
        if (user.isGuest()) {
            throw new ResponseStatusException(HttpStatus.FORBIDDEN);
        }
        Path file = Files.createTempFile("gradior-archive", ".zip");
        try {
            if (archive == null || archive.isEmpty()) {
                throw new Unreadable(ExchangeText.CHOOSE_AN_ARCHIVE);
            }
            archive.transferTo(file);
            said.addFlashAttribute("said", ExchangeText.takenIn(intake.takeIn(user.kitchenId(), file)));
            audit.note(Audit.What.TAKEN_IN);
            return "redirect:/kitchen/archive";
        } catch (Unreadable wrong) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("wrong", wrong.getMessage());
            return VIEW;
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
