package app.gradior.web.sauce;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.platform.Picture;
import java.io.IOException;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A picture of a sauce. */
@Controller
@RequestMapping("/sauces/{id}/photo")
class PhotoController {
    private final SauceService book;
    private final SauceMapper mapper;
    private final Clock clock;

    PhotoController(SauceService book, SauceMapper mapper, Clock clock) {
        this.book = book;
        this.mapper = mapper;
        this.clock = clock;
    }

    @GetMapping
    ResponseEntity<byte[]> photo(@InKitchen UUID kitchen, @PathVariable UUID id) {
        return Picture.answer(mapper.photo(kitchen, id)
                .orElseThrow(() -> new NotFound("photo"))
                .jpeg());
    }

    @PostMapping
    String keep(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam("photo") MultipartFile file,
            RedirectAttributes said)
            throws IOException {
        book.find(kitchen, id).orElseThrow(() -> new NotFound("sauce"));
        Optional<byte[]> jpeg = Picture.rewritten(file);
        if (jpeg.isPresent()) {
            mapper.keepPhoto(kitchen, id, jpeg.get(), clock.instant());
        } else {
            said.addFlashAttribute("photoWrong", Picture.UNREADABLE);
        }
        return "redirect:/sauces/" + id;
    }

    @PostMapping("/remove")
    String remove(@InKitchen UUID kitchen, @PathVariable UUID id) {
        book.find(kitchen, id).orElseThrow(() -> new NotFound("sauce"));
        mapper.removePhoto(kitchen, id);
        return "redirect:/sauces/" + id;
    }
}
