package app.gradior.web.journal;

import app.gradior.web.batch.BatchService;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.platform.Picture;
import java.io.IOException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.multipart.MultipartFile;

/** A picture of a finished batch: from the stove as it came off, or from the journal later. */
@Controller
@RequestMapping("/journal/{id}/photo")
class BatchPhotoController {
    private final BatchService cooks;
    private final BatchPhotoMapper photos;

    BatchPhotoController(BatchService cooks, BatchPhotoMapper photos) {
        this.cooks = cooks;
        this.photos = photos;
    }

    @GetMapping
    ResponseEntity<byte[]> photo(@InKitchen UUID kitchen, @PathVariable UUID id) {
        return Picture.answer(photos.photo(kitchen, id)
                .orElseThrow(() -> new NotFound("photo"))
                .jpeg());
    }

    @PostMapping
    String keep(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam("photo") MultipartFile file)
            throws IOException {
        return "redirect:/journal/" + id + (kept(kitchen, id, file) ? "" : "?photo=wrong");
    }

    /** The same for a page that keeps the picture until it is taken, and has no use for another page as its answer. */
    @PostMapping(headers = "X-Fragment")
    @ResponseBody
    ResponseEntity<String> take(
            @InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam("photo") MultipartFile file)
            throws IOException {
        return kept(kitchen, id, file)
                ? ResponseEntity.noContent().build()
                : ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                        .contentType(MediaType.TEXT_HTML)
                        .body("<p id=\"refused\" data-field=\"photo\">" + Picture.UNREADABLE + "</p>");
    }

    private boolean kept(UUID kitchen, UUID id, MultipartFile file) throws IOException {
        finished(kitchen, id);
        Optional<byte[]> jpeg = Picture.rewritten(file);
        jpeg.ifPresent(bytes -> photos.keep(kitchen, id, bytes, cooks.now()));
        return jpeg.isPresent();
    }

    @PostMapping("/remove")
    String remove(@InKitchen UUID kitchen, @PathVariable UUID id) {
        finished(kitchen, id);
        photos.remove(kitchen, id);
        return "redirect:/journal/" + id;
    }

    private void finished(UUID kitchen, UUID id) {
        if (cooks.row(kitchen, id).finishedAt() == null) {
            throw new NotFound("batch");
        }
    }
}
