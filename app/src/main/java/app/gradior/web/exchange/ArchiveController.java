package app.gradior.web.exchange;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.kitchen.KitchenUser;
import app.gradior.web.kitchen.OpenSessions;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
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

    private final KitchenArchive archive;
    private final KitchenIntake intake;
    private final OpenSessions sessions;

    ArchiveController(KitchenArchive archive, KitchenIntake intake, OpenSessions sessions) {
        this.archive = archive;
        this.intake = intake;
        this.sessions = sessions;
    }

    @GetMapping("/kitchen/everything.zip")
    void everything(@InKitchen UUID kitchen, HttpSession session, HttpServletResponse response) throws IOException {
        Path file = archive.write(kitchen);
        try {
            sessions.downloaded(session);
            response.setContentType("application/zip");
            response.setContentLengthLong(Files.size(file));
            response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"gradior-kitchen.zip\"");
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.deleteIfExists(file);
        }
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
